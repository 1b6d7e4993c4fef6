import type { Analysis, Sentence } from "../../language/analysis";
import { midSentence, nodeText, wordsText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { askClause, type Phrasing, phraseClause, stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear } from "./find-cause";

const POINTS_BACK = /^(?:for this reason|as a result|therefore|because of this|for that reason|consequently|hence|thus|as a consequence)\b,?/i;

/** "*In return*, the polyps give them shelter. That is why …": with what stands before it, and not by itself. */
const GOES_ON = /^(?:in return|also|in addition|besides|similarly|moreover|and|but|then|next|second|third|finally|another)\b/i;

/** Why it is so: for the reason that a clause before it states. */
function whyOf(asked: Phrasing, at: number, rest: string, statement: string, parts: Pick<Fact, "worth" | "support">): Fact {
  return factOf(asked, at, {
    type: "cause",
    stem: askClause(asked, "Why", rest),
    answer: `because ${statement}`,
    accepted: [statement],
    depth: "understanding",
    pattern: "why-for-this-reason",
    ...parts,
  });
}

/** "If they run out of honey, they starve. *That is why* I never take more than half." */
export function findWhyClause(sentence: Sentence, analysis: Analysis): Fact[] {
  const [main, told] = sentence.clauses;
  const before = analysis.sentences[sentence.index - 1];
  if (
    !/^(?:this is|that is|that['’]s) (?:the reason )?why\b/i.test(sentence.text) ||
    !main ||
    told?.rank !== "adverbial" ||
    before?.block !== sentence.block ||
    GOES_ON.test(before.text)
  )
    return [];
  const asked = phraseClause(told, analysis);
  const rest = typeof asked === "string" ? "pronoun" : phraseRest(asked, analysis);
  const reasons = before.clauses.filter((other) => other.rank === "main");
  const reason = reasons.length === 1 ? phraseClause(reasons[0]!, analysis) : undefined;
  if (typeof asked === "string" || isUnclear(rest) || !reason || typeof reason === "string") return [];
  const reasonRest = phraseRest(reason, analysis);
  if (isUnclear(reasonRest) || reasonRest === "") return [];
  const statement = stateClause(reason, reasonRest);
  return [whyOf(asked, told.start, rest, statement, { worth: 3.3, support: [before] })];
}

/** "When a cat grows fatter, its whiskers do not grow longer, *and that is why fat cats sometimes get stuck*." */
export function findWhyBehind(sentence: Sentence, analysis: Analysis): Fact[] {
  const [reason, link, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  const told = link && sentence.clauses.find(({ rank, start }) => rank === "adverbial" && start >= link.verb.end);
  const words = link ? sentence.words.slice(link.subject.start, link.verb.end + 1).map(({ lower }) => lower) : [];
  if (!reason || !told || more.length > 0 || !/^(?:that|this) is (?:the reason )?why$/.test(words.join(" "))) return [];
  const asked = phraseClause(told, analysis);
  const phrasing = phraseClause(reason, analysis);
  if (typeof asked === "string" || typeof phrasing === "string") return [];
  const rest = phraseRest(asked, analysis);
  const reasonRest = phraseRest(phrasing, analysis);
  // "its whiskers do not grow *longer*": than they were.
  const isGrowing = reasonRest === "comparison-left-open" && /^(?:grow|get|become)$/.test(reason.verb.lemma ?? "");
  if (isUnclear(rest) || (isUnclear(reasonRest) && !isGrowing) || reasonRest === "") return [];
  const own = wordsText(sentence, reason.start, link.start).replace(/,? and$|,$/, "");
  const growing = reason.start === 0 && sentence.tree ? midSentence(sentence, sentence.tree, own) : own;
  const statement = isGrowing ? growing : stateClause(phrasing, reasonRest);
  return [whyOf(asked, told.start, rest, statement, { worth: 3.3 })];
}

const FOR_THIS = /^,? ?(?:and )?(?:for this reason|for that reason|as a result|therefore|consequently)\b,?$/i;

/** "Rain washes iron down into it, *and for this reason* it is often red": the first half is why. */
export function findForThisReason(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [reason, own, ...more] = sentence.clauses.filter(({ rank }) => rank === "main");
  const link = clause.adjuncts.filter(({ node }) => node.start > (reason?.end ?? 0) - 1 && FOR_THIS.test(nodeText(sentence, node)));
  if (!reason || own !== clause || more.length > 0 || link.length === 0 || clause.shared) return [];
  const told = phraseClause(reason, analysis, true);
  const rest = phraseRest(
    phrasing,
    analysis,
    link.map(({ node }) => node),
  );
  if (typeof told === "string" || isUnclear(rest)) return [];
  const toldRest = phraseRest(told, analysis);
  if (isUnclear(toldRest) || toldRest === "") return [];
  const statement = stateClause(told, toldRest);
  return [whyOf(phrasing, clause.subject.start, rest, statement, { worth: 3.1 })];
}

/** "Shells slow a ship down. *For this reason* the bottoms of ships are scraped": the sentence before is the reason. */
export function findBackCause(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const before = analysis.sentences[sentence.index - 1];
  if (!POINTS_BACK.test(sentence.text) || clause.rank !== "main" || clause.shared || clause !== sentence.clauses.find((other) => other.rank === "main"))
    return [];
  if (!before || before.block !== sentence.block || GOES_ON.test(before.text)) return [];
  const main = before.clauses.filter((other) => other.rank === "main");
  const reason = main.length === 1 ? phraseClause(main[0]!, analysis) : undefined;
  if (!reason || typeof reason === "string") return [];
  const reasonRest = phraseRest(reason, analysis);
  const opening = clause.adjuncts.filter(({ node }) => node.end <= clause.subject.start && POINTS_BACK.test(nodeText(sentence, node))).map(({ node }) => node);
  const rest = phraseRest(phrasing, analysis, opening);
  if (isUnclear(rest) || isUnclear(reasonRest)) return [];
  const statement = stateClause(reason, reasonRest);
  return [whyOf(phrasing, clause.subject.start, rest, statement, { worth: 3.1, support: [before] })];
}

/** What goes on, and can be told as "it when …". */
const GOING_ON = new Set(
  "process change movement reaction tactic method practice event stage cycle system technique custom step effect phenomenon action".split(" "),
);

/** "Some of the water turns into a gas. *This change is called evaporation*": what do we call it? */
export function findNamedEvent(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  const before = analysis.sentences[sentence.index - 1];
  const term = clause?.passive && clause.verb.lemma === "call" ? clause.complements.find(({ role }) => role === "object2")?.node : undefined;
  if (!clause || !term || term.cat !== "np" || before?.block !== sentence.block || sentence.clauses.length > 1) return [];
  const head = headTerminal(clause.subject);
  const pointsBack = /^this\b/i.test(sentence.text) && (head.cat === "pro" || GOING_ON.has(head.lemma ?? ""));
  const main = before.clauses.filter((other) => other.rank === "main");
  const told = pointsBack && main.length === 1 ? phraseClause(main[0]!, analysis) : undefined;
  if (!told || typeof told === "string" || told.clause.verb.cat !== "v") return [];
  const rest = phraseRest(told, analysis);
  const statement = isUnclear(rest) ? "" : stateClause(told, rest);
  const name = nodeText(sentence, term).replace(/^["']|["']$/g, "");
  const words = statement.split(" ").length;
  if (words < 4 || words > 22 || name.split(" ").length > 3) return [];
  const noun = head.cat === "pro" ? "it when" : `the ${head.lemma} in which`;
  const bare = name.replace(/^(?:an?|the) /i, "");
  return [
    {
      type: "naming",
      id: factId("naming", sentence, term.start),
      sentence,
      support: [before],
      clause,
      phrasing: told,
      stem: `What do we call ${noun} ${statement}?`,
      answer: name,
      answerNode: term,
      accepted: bare === name ? [] : [bare],
      depth: "recall",
      worth: 3.5,
      pattern: "what-do-we-call",
    },
  ];
}
