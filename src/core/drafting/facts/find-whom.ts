import type { Analysis } from "../../language/analysis";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText, withoutAside } from "../../language/node-text";
import { coreOf, headTerminal, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { doesSoToMore, ownPhrase } from "./belongs-to-object";
import { type Fact, factOf } from "./fact";
import { isUnclear } from "./find-cause";
import { bareForms } from "./find-participant";
import { takesInfinitive } from "./find-purpose";

/** What is done to somebody, and says by itself what was done. */
const DONE_TO = new Set(
  "marry meet invite hire punish elect appoint choose arrest kill defeat beat protect save rescue free visit pay employ teach train attract carry cure treat heal feed follow lead protect serve support warn fight attack admire help replace assist accompany imprison exile execute murder betray adopt raise dismiss recruit bury blame thank reward trick cheat rob threaten frighten scare".split(
    " ",
  ),
);
/** "people", "somebody": whoever it is, and no answer. */
const ANYBODY = /^(?:people|person|man|men|woman|women|child|children|somebody|someone|anybody|anyone|everybody|everyone|nobody|one|other|others)$/;
const MOST_WORDS = 14;

/** "In 1899 Florence Merriam married *Vernon Bailey*": whom did she marry? "Some parliaments punish *members who are absent*." */
export function findWhom(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [part, ...more] = clause.complements;
  if (part?.role !== "object" || more.length > 0 || clause.passive || clause.negated || clause.imperative || clause.verb.cat !== "v") return [];
  if (!DONE_TO.has(clause.verb.lemma ?? "") || takesInfinitive(clause, part.node) || doesSoToMore(phrasing, analysis)) return [];
  const object = part.node;
  const core = coreOf(object);
  const head = headTerminal(core);
  const name = nodeText(sentence, core);
  const isName = core.f.det === "proper" && analysis.persons.has(name);
  const isPerson = isName || (head.cat === "n" && isPersonNoun(head.lemma ?? "", analysis.lexicon));
  // "members *who are absent*", "fifty seamstresses": a bare noun by itself is hardly an answer.
  // "protects *those who are absent*"
  const isThose = /^those who \p{L}/u.test(nodeText(sentence, object));
  const saysWho = isName || isThose || object.role === "relative" || object.role === "reduced" || core.end - core.start > 1;
  if (
    !(isPerson || isThose) ||
    !saysWho ||
    (!isThose && /^(?:quant|pron|dem)$/.test(core.f.det ?? "")) ||
    (ANYBODY.test(head.lemma ?? "") && object.role !== "relative")
  )
    return [];
  if (findUnclear(object, sentence, analysis, phrasing.binder)) return [];
  // "Dr Rao, who led *the team*, said …": told in passing, and nothing that rests on it.
  if (clause.rank === "aside" && object.f.det === "def" && object.end - object.start === 2) return [];
  // "her husband": whose, the question says; "his own son" of somebody else it does not.
  if (walkTree(object).some(({ cat, lemma }) => cat === "poss" && /^(?:its|their|our|my|your)$/.test(lemma ?? ""))) return [];
  const own = ownPhrase(object, clause, analysis);
  if (own && findUnclear(own, sentence, analysis, phrasing.binder)) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...(own ? [own] : [])]);
  if (isUnclear(rest)) return [];
  const answer = own ? `${nodeText(sentence, object)} ${nodeText(sentence, own)}` : nodeText(sentence, withoutAside(object));
  // "different houses attracted *different customers*", "pays the savers *up to 5,000 dollars*": what is paid is asked for.
  if (/^(?:different|various|other)\b/i.test(name) || /\b(?:dollars|pounds|euros|crowns|coins|shillings)\b/.test(rest)) return [];
  // "The police protected the police"
  if (answer.split(" ").length > MOST_WORDS || phrasing.subject.toLowerCase().includes((head.lemma ?? "").toLowerCase())) return [];
  const person = analysis.persons.get(name);
  const surname = isName ? name.split(" ").at(-1)! : "";
  return [
    factOf(phrasing, object.start, {
      type: "person",
      stem: askClause(phrasing, "Whom", rest),
      answer: isName && person ? name : answer,
      answerNode: core,
      accepted: isName ? [surname, answer].filter((form) => form !== name) : bareForms(answer),
      depth: "recall",
      worth: 1.9,
      pattern: "whom",
    }),
  ];
}
