import type { ExplainedSentence } from "@/core/drafting/explain-source";
import type { TextSort } from "@/core/language/analysis";
import type { LoadedSet } from "../sets/load-set";
import { draftableSource } from "./check-set";
import { askEngine } from "./engine";

/** How the engine saw each sentence of a set's sources. */
export async function explainSet(set: LoadedSet): Promise<{ sentences: ExplainedSentence[]; sort: TextSort }> {
  const event = await askEngine("drafting", { type: "explain", source: draftableSource(set), seed: set.lastRun?.seed ?? 1 }, "explained");
  if (event.type !== "explained") throw new Error(`Unexpected answer ${event.type}`);
  return event;
}
