import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { wordsText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const ABLE = new Set(["can", "may"]);
const FEWEST_WORDS = 4;
const MOST_WORDS = 16;

/** "Grown-ups *can vote, sign contracts and go to court*": what can they do? Only where the source says so once of them. */
export function findAbility(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [modal] = clause.auxiliaries;
  const isAble = clause.rank === "main" && clause.auxiliaries.length === 1 && modal?.cat === "modal" && ABLE.has(modal.lemma ?? "");
  if (!isAble || clause.negated || clause.passive || clause.verb.cat !== "v" || clause.imperative || phrasing.subject === "you") return [];
  const shared = sentence.clauses.filter((other) => other.rank === "main" && other.subject === clause.subject);
  // Several deeds, or one that only whoever is asked about can do: one of many says too little.
  if (shared[0] !== clause || shared.length < 2 || isAbleElsewhere(clause, analysis)) return [];
  if (
    clause.adjuncts.some(({ node }) => node.end <= clause.verb.start) ||
    shared.some((other) => other.negated || other.passive || reasonsOf(other).length > 0)
  )
    return [];
  if (shared.some((other) => isUnclear(phraseRest({ ...phrasing, clause: other }, analysis)))) return [];
  const answer = wordsText(sentence, clause.verb.start, shared.at(-1)!.end);
  const words = answer.split(" ").length;
  if (words < FEWEST_WORDS || words > MOST_WORDS || /\b(?:or|but)\b/.test(answer)) return [];
  return [
    factOf(phrasing, clause.verb.start, {
      type: "function",
      stem: askClause({ ...phrasing, verbPhrase: "do" }, "What", ""),
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-can",
    }),
  ];
}

/** Whether another sentence says of the same noun what it can do. */
function isAbleElsewhere({ sentence, subject }: Clause, { sentences }: Analysis): boolean {
  const noun = headTerminal(subject).lemma;
  return sentences.some((other) =>
    other === sentence
      ? false
      : other.clauses.some((clause) => ABLE.has(clause.auxiliaries[0]?.lemma ?? "") && !clause.imperative && headTerminal(clause.subject).lemma === noun),
  );
}
