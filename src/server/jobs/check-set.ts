import type { LoadedSet } from "../sets/load-set";
import { askEngine } from "./engine";
import type { Checked, WorkSource } from "./engine-message";

export type CheckedById = Record<string, Checked>;

export function workSource(set: LoadedSet): WorkSource {
  return { key: `${set.source.id}:${set.source.updatedAt}`, blocks: set.source.blocks };
}

/** Checks all questions of a set that are not set aside, or only some of them against all. */
export async function checkSet(set: LoadedSet, only: string[] | null = null): Promise<CheckedById> {
  const questions = set.state.slips.filter((slip) => slip.status !== "aside" || only?.includes(slip.question.id)).map((slip) => slip.question);
  const event = await askEngine("checking", { type: "check", source: workSource(set), questions, only, grade: set.state.plan.grade }, "checked");
  return event.type === "checked" ? event.checked : {};
}
