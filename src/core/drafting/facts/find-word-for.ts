import type { Analysis } from "../../language/analysis";
import { DEMONYMS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { type Fact, factOf } from "./fact";

const TONGUES = /^(?:latin|greek|old|middle|sanskrit|arabic|hebrew|norse)$/i;
const MOST_WORDS = 8;

/** "*Veto* is Latin for “I forbid”", "*Kayak* is the Inuit word for hunter's boat": what does the word mean? */
export function findWordFor(phrasing: Phrasing, _analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  const { sentence } = clause;
  if (clause.rank !== "main" || clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.negated || clause.complements.length !== 1) return [];
  const tongue = clause.complements[0]!.node;
  const [meaning, ...more] = clause.adjuncts.map(({ node }) => node);
  if (tongue.cat !== "np" || meaning?.cat !== "pp" || meaning.kids[0]?.lemma !== "for" || meaning.start !== tongue.end || more.length > 0) return [];
  const named = nodeText(sentence, tongue).replace(/^the (.+) (?:word|name|term)$/i, "$1");
  const isTongue = headTerminal(tongue).cat !== "pro" && named.split(" ").every((word) => TONGUES.test(word) || DEMONYMS.has(word.toLowerCase()));
  const word = subject.replace(/^the (?:word|name|term) /i, "").replace(/^["“‘]|["”’]$/g, "");
  if (!isTongue || word.split(" ").length > 3 || /^(?:it|this|that|they|the)\b/i.test(word)) return [];
  const answer = nodeText(sentence, meaning.kids[1]!)
    .replace(/^["“‘]|["”’.,]+$/g, "")
    .trim();
  if (answer === "" || answer.split(" ").length > MOST_WORDS) return [];
  return [
    factOf(phrasing, meaning.start, {
      type: "definition",
      stem: `What does the ${named} word “${word}” mean?`,
      answer: `“${answer}”`,
      accepted: [answer],
      depth: "recall",
      worth: 2.8,
      pattern: "what-word-means",
    }),
  ];
}
