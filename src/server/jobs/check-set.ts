import { withoutRules } from "@/core/checking/check-question";
import { draftableBlocks, draftedLanguage } from "@/core/source/join-sources";
import type { LoadedSet } from "../sets/load-set";
import { loadRulesOff } from "../settings/rules-off";
import { askEngine } from "./engine";
import type { Checked, WorkSource } from "./engine-message";

export type CheckedById = Record<string, Checked>;

/** The set's text for the worker, under a key that changes with any of its sources. */
export function workSource(set: LoadedSet): WorkSource {
  return { key: set.sources.map((source) => `${source.id}@${source.updatedAt}`).join(" "), blocks: set.blocks };
}

/** The same for drafting: without what is not in English. */
export function draftableSource(set: LoadedSet): WorkSource {
  const languages = new Map(set.sources.map((source) => [source.id, source.language]));
  const { key } = workSource(set);
  const language = draftedLanguage([...languages.values()]);
  return { key: `${key} ${[...languages.values()].join(" ")}`, blocks: draftableBlocks(set.blocks, languages), ...(language ? { language } : {}) };
}

/** Checks all questions of a set that are not set aside, or only some of them against all. */
export async function checkSet(set: LoadedSet, only: string[] | null = null): Promise<CheckedById> {
  const questions = set.state.slips.filter((slip) => slip.status !== "aside" || only?.includes(slip.question.id)).map((slip) => slip.question);
  const event = await askEngine("checking", { type: "check", source: workSource(set), questions, only, grade: set.state.plan.grade }, "checked");
  const off = new Set(loadRulesOff());
  return event.type === "checked" ? Object.fromEntries(Object.entries(event.checked).map(([id, checked]) => [id, withoutRules(checked, off)])) : {};
}
