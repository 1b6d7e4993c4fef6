import type { QuestionKind } from "@/core/questions/question";
import type { LoadedSet } from "../sets/load-set";
import { workSource } from "./check-set";
import { askEngine } from "./engine";

export type Supply = { supply: Record<QuestionKind, number>; sentences: number; understood: number };

/** How many good drafts of each kind the set's source can bear. */
export async function supplyOf(set: LoadedSet): Promise<Supply> {
  const event = await askEngine("drafting", { type: "supply", source: workSource(set) }, "supply");
  if (event.type !== "supply") throw new Error(`Unexpected answer ${event.type}`);
  return event;
}
