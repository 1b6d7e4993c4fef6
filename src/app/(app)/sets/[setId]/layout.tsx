import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { TopBar } from "@/components/shell/TopBar";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";
type Props = { children: ReactNode; params: Promise<{ setId: string }> };

export async function generateMetadata({ params }: Props) {
  return { title: loadSet((await params).setId)?.state.title ?? "Set" };
}

export default async function SetLayout({ children, params }: Props) {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) notFound();
  const { slips, plan, title } = set.state;
  const at = (step: string) => `/sets/${setId}/${step}`;
  const kept = slips.filter((slip) => slip.status === "kept").length;
  const steps = [
    { href: "/sources", name: "Sources" },
    { href: at("prepare"), name: "Prepare" },
    { href: at("plan"), name: "Plan", count: plan.rows.reduce((sum, row) => sum + row.count, 0) },
    { href: at("margin"), name: "Margin", count: slips.filter((slip) => slip.status !== "aside").length },
    { href: at("paper"), name: "Paper", count: kept },
    { href: at("key"), name: "Key" },
  ];
  return (
    <>
      <TopBar title={title} steps={steps} />
      <main id="main">{children}</main>
    </>
  );
}
