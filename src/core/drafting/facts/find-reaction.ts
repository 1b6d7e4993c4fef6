import type { Analysis } from "../../language/analysis";
import { sharingClauses } from "../../language/clause";
import { nounGender } from "../../language/noun-gender";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, reasonNode } from "../../language/tree";
import { type Phrasing, phraseClause, stateClause } from "../phrasing/ask-clause";
import { holdsForAll, stateShared } from "../phrasing/ask-shared";
import { phraseRest } from "../phrasing/phrase-rest";
import { type FactFinder, factId } from "./fact";
import { isUnclear } from "./find-cause";

const TURNS = new Set(["when", "after", "before", "once"]);

/** What happens to somebody is nothing that he does. */
const BEFALLING = new Set("die fall become grow feel happen remain drown live stay belong sleep dream know hope wish want".split(" "));

/** "When the wheel finally spun without wobbling, *Theo grinned*": what did Theo do when …? */
export const findReaction: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(
    ({ node }) => !node.cat.startsWith("c-sb") && reasonNode(node).cat === "sb" && TURNS.has(reasonNode(node).f.sub ?? "") && reasonNode(node).f.form !== "ing",
  );
  const past = clause.verb.flags?.[0] === "past" && clause.auxiliaries.length === 0 && clause.verb.cat === "v";
  if (!part || !past || !holdsForAll(clause, part.node) || clause !== sharingClauses(clause)[0] || clause.negated || clause.passive) return [];
  // "Families *went hungry*"
  if (BEFALLING.has(clause.verb.lemma ?? "") || (clause.verb.lemma === "go" && clause.complements.some(({ node }) => node.cat === "ap"))) return [];
  const when = reasonNode(part.node);
  // "cleaned their teeth *long before there were tubes*": how long before is read apart.
  if (/^(?:long|shortly|soon|just|right|well|immediately)$/.test(clause.sentence.words[when.start - 1]?.lower ?? "")) return [];
  const inner = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= when.start && other.end <= when.end);
  const asked = inner && phraseClause(inner, analysis);
  if (!asked || typeof asked === "string") return [];
  const pronoun = pronounOf(inner.subject);
  // "The goat shook her head when she saw it" is told of somebody, "the door opened before she could knock" is not.
  if (!phrasing.binder.human && !((pronoun === "he" || pronoun === "she") && asked.subject === phrasing.subject)) return [];
  // "What did Gandhi do when *he* reached the coast?"
  const isSame = asked.subject === phrasing.subject;
  // "When she *died*, she left four thousand acres": what she left is asked.
  if (isSame && /^(?:die|bear)$/.test(inner.verb.lemma ?? "")) return [];
  const own = pronoun ?? nounGender(headTerminal(clause.subject).lemma ?? "") ?? nounGender(asked.subject.split(" ").at(-1)!) ?? asked.binder.gender;
  if (isSame && (!own || own === "none")) return [];
  const subject = isSame ? own! : asked.subject;
  const askedRest = phraseRest(asked, analysis);
  const told = withPronoun(stateClause({ ...asked, subject }, askedRest), phrasing, analysis);
  const answer = stateShared(phrasing, analysis, [part.node]);
  // "*fewer immigrants* arrived": what those who did not come did, nobody asks.
  if (/^(?:fewer|more|less|no|few|many) /i.test(phrasing.subject) || clause.subject.f.det === "num") return [];
  if (isUnclear(askedRest) || !answer || answer.split(" ").length < 2) return [];
  // "When the boy had crossed, Linnet *stood up*": a gesture of a story.
  const isGesture = GESTURES.has(clause.verb.lemma ?? "") && clause.end - clause.verb.end <= 2 && !clause.complements.some(({ role }) => role === "object");
  if (analysis.sort === "story" && isGesture && sharingClauses(clause).length === 1) return [];
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, when.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What did ${phrasing.subject} do ${when.f.sub} ${told}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-did-when",
    },
  ];
};

const GESTURES = new Set("stand sit nod smile turn look laugh sigh bow kneel frown blink shrug stop wait grin pause".split(" "));

/** "What did Mistress Vane do when Idris came to work for *her*?": a name stands once in a question. */
function withPronoun(text: string, { subject, binder }: Phrasing, analysis: Analysis): string {
  const gender = binder.gender ?? analysis.persons.get(subject)?.gender;
  if (!gender || gender === "none" || !text.endsWith(` ${subject}`)) return text;
  return `${text.slice(0, -subject.length)}${gender === "she" ? "her" : "him"}`;
}
