import { weighChecked, weighFindings } from "@/core/checking/check-question";
import type { Finding } from "@/core/checking/define-rule";
import { draftableBlocks, draftedLanguage } from "@/core/source/join-sources";
import type { LoadedSet } from "../sets/load-set";
import { loadRuleWeights } from "../settings/rule-weights";
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

/** Verdicts by question, and what the whole set says beside each. */
export type CheckedSet = { checked: CheckedById; together: Record<string, Finding[]> };

/** Checks all questions of a set that are not set aside, or only some of them against all; as this teacher weighs the rules. */
export async function checkSet(set: LoadedSet, only: string[] | null = null): Promise<CheckedSet> {
  const open = set.state.slips.filter((slip) => slip.status !== "aside");
  const questions = set.state.slips.filter((slip) => slip.status !== "aside" || only?.includes(slip.question.id)).map((slip) => slip.question);
  const event = await askEngine("checking", { type: "check", source: workSource(set), questions, only, grade: set.state.plan.grade }, "checked");
  if (event.type !== "checked") return { checked: {}, together: {} };
  const weights = loadRuleWeights();
  const isOpen = new Set(open.map((slip) => slip.question.id));
  return {
    checked: mapValues(event.checked, (checked) => weighChecked(checked, weights)),
    together: mapValues(event.together, (findings, id) => (isOpen.has(id) ? weighFindings(findings, weights) : [])),
  };
}

function mapValues<T, U>(record: Record<string, T>, change: (value: T, key: string) => U): Record<string, U> {
  return Object.fromEntries(Object.entries(record).map(([key, value]) => [key, change(value, key)]));
}
