import type { Analysis } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, withoutAside } from "../../language/node-text";
import { coreOf } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const BEYOND_ALL = /\b(?:more|less|fewer|\p{L}{2,}er)\b.* than any other (\p{Ll}+)\b/u;

/** "*Switzerland* holds more referendums *than any other country*": which country does? */
export function findMoreThanAny(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.linkedBy || !/\bthan any other\b/.test(clause.sentence.text))
    return [];
  if (!["proper", "bare", "def", "indef"].includes(clause.subject.f.det ?? "") || clause.verb.start < clause.subject.start) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  const [, sort] = BEYOND_ALL.exec(rest) ?? [];
  // "Sailors fear *it* more than any other kind": what is feared, and not who fears.
  if (/^(?:kind|sort|type|one|thing|time)$/.test(sort ?? "") || clause.complements.some(({ role, node }) => role === "object" && node.f.det === "pron"))
    return [];
  if (isUnclear(rest) || !sort || !rest.endsWith(`than any other ${sort}`)) return [];
  const answer = midSentence(clause.sentence, withoutAside(clause.subject));
  // "A hummingbird … than any other bird": of its sort, which the question names.
  if (answer.split(" ").includes(sort)) return [];
  const isSomebody = isPersonNoun(sort, analysis.lexicon);
  return [
    factOf(phrasing, clause.subject.start, {
      type: isSomebody ? "person" : "thing",
      stem: askSubject(phrasing, `Which ${sort}`, rest),
      answer,
      answerNode: coreOf(clause.subject),
      accepted: [answer.replace(/^(?:an?|the) /, "")].filter((form) => form !== answer),
      depth: "recall",
      worth: 2.4,
      pattern: "which-one",
    }),
  ];
}
