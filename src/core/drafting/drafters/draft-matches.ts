import { sentenceCase } from "../../language/node-text";
import type { Candidate } from "../candidate";
import type { Fact } from "../facts/fact";
import { bareTerm } from "../facts/find-definition";
import { isAlikeForMatching } from "../facts/term-sort";
import type { SourceStock } from "../source-stock";

const FEWEST = 3;
const MOST = 5;

type Pair = { fact: Fact; left: string; right: string };

/** Parallel facts side by side: terms and meanings, years and events. Each left item fits one right item only. */
export function draftMatches(stock: SourceStock): Candidate[] {
  return [
    ...toCandidates("Match each term with its meaning.", terms(stock), "match-terms", "recall", 3.3),
    ...toCandidates("Match each year with what happened in it.", years(stock), "match-years", "recall", 2.4),
  ];
}

/** The largest group of terms of one sort: persons or the rest, one or many, or some would be matched without reading. */
function terms({ facts, analysis }: SourceStock): Pair[] {
  const all = facts.filter((fact) => fact.term && fact.definiens && (fact.type === "definition" || fact.type === "naming"));
  const groups = all.map((fact) => all.filter((other) => isAlikeForMatching(fact, other, analysis.lexicon)));
  const largest = groups.reduce<typeof all>((best, group) => (group.length > best.length ? group : best), []);
  return largest.map((fact) => ({ fact, left: sentenceCase(bareTerm(fact.term!)), right: fact.definiens! }));
}

function years({ facts }: SourceStock): Pair[] {
  return facts
    .filter((fact) => fact.type === "time" && fact.statement && /^\d{4}$/.test(fact.answer))
    .map((fact) => ({ fact, left: fact.answer, right: `${sentenceCase(fact.statement!)}.` }));
}

function toCandidates(stem: string, pairs: readonly Pair[], pattern: string, depth: Candidate["depth"], worth: number): Candidate[] {
  const once = (key: (pair: Pair) => string) => (pair: Pair, index: number, all: readonly Pair[]) =>
    all.findIndex((other) => key(other) === key(pair)) === index;
  const distinct = pairs
    .filter(once((pair) => pair.left.toLowerCase()))
    .filter(once((pair) => pair.right.toLowerCase()))
    .filter(once((pair) => pair.fact.id));
  // A meaning that names another of the terms would be matched by its words.
  const fair = distinct.filter((pair) => !distinct.some((other) => other !== pair && pair.right.toLowerCase().includes(other.left.toLowerCase())));
  const chosen = fair.slice(0, MOST);
  if (chosen.length < FEWEST) return [];
  return [
    {
      kind: "match",
      stem,
      key: chosen.map(({ left, right }) => `${left}: ${right}`).join(" "),
      accepted: [],
      distractors: [],
      optionOrder: "shuffled",
      evidence: [...new Set(chosen.map(({ fact }) => fact.sentence))],
      factId: `${pattern}:${chosen.map(({ fact }) => fact.id).join("-")}`,
      factType: chosen[0]!.fact.type,
      pattern,
      depth,
      worth,
      parts: { sort: "match", pairs: chosen.map(({ left, right }) => [left, right]) },
    },
  ];
}
