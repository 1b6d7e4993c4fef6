import { notFound } from "next/navigation";
import { StudentSheet } from "@/components/paper/StudentSheet";
import { arrangePaper } from "@/core/papers/paper";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

export default async function SheetPage({ params }: { params: Promise<{ setId: string }> }) {
  const set = loadSet((await params).setId);
  if (!set) notFound();
  return <StudentSheet paper={arrangePaper(set.state, set.blocks)} />;
}
