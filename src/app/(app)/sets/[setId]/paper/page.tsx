import { notFound } from "next/navigation";
import { PaperView } from "@/components/paper/PaperView";
import { db } from "@/server/db/client";
import { historyOf } from "@/server/sets/edit-set";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

export default async function PaperPage({ params }: { params: Promise<{ setId: string }> }) {
  const { setId } = await params;
  const set = loadSet(setId);
  if (!set) notFound();
  return <PaperView key={setId} start={{ setId, state: set.state, checked: {}, ...historyOf(db(), setId) }} />;
}
