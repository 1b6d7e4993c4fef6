import { type Clause, clausesWithin } from "../../language/clause";
import { nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, reasonNode } from "../../language/tree";
import { askBehind } from "../phrasing/ask-shared";
import { bindersIn, findUnclear } from "../phrasing/clear-reference";
import { speaksOfOthers } from "../phrasing/speaks-of-others";
import { type FactFinder, factId } from "./fact";

/** "Keepers wore aprons *because the buttons could scratch the glass*." */
export const findCause: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => isReasonOf(node, clause));
  if (!part) return [];
  // "did not fail because it was old": behind a not, only a comma says that the reason holds.
  if (clause.negated && !part.node.cat.startsWith("c-") && part.node.start > clause.verb.start) return [];
  const reason = reasonNode(part.node);
  // "Because growth has investors *worrying about losses*, …": the reason was cut short.
  if (reason.end <= clause.subject.start && clause.sentence.words[reason.end]?.text !== "," && !isWholeAhead(clause, reason)) return [];
  // "kills bacteria because … *they* need it": what the question names besides its subject.
  const named = [...clause.complements, ...clause.adjuncts.filter(({ node }) => node.cat === "pp" && node.end <= reason.start)].flatMap(({ node }) =>
    bindersIn(node, clause.sentence, analysis),
  );
  // "because *it was the longest talk* they had ever had": of what has just been told.
  const isOfWhole = OF_WHOLE.test(nodeText(clause.sentence, reason));
  if (!isOfWhole && findUnclear(reason, clause.sentence, analysis, phrasing.binder, false, { beside: named, isAnswer: true })) return [];
  // "Goats … And since *they* swallow the seeds, the weeds do not come back": whoever was told of before.
  if (analysis.led !== clause.sentence && reason.end <= clause.subject.start && speaksOfOthers(reason, clause.sentence, analysis, phrasing.subject)) return [];
  // "since they could all read Arabic *and all knew the same law*": a second half that was read as a clause of its own.
  const [and = "", who = ""] = clause.sentence.words.slice(reason.end, reason.end + 2).map(({ lower }) => lower);
  if (reason.start > clause.verb.start && /^(?:and|or)$/.test(and) && /^(?:all|both|each|none|neither|most|some)$/.test(who)) return [];
  // "because of differences *with the North*": what follows a mere phrase belongs to it.
  const tail = clause.adjuncts.map(({ node }) => node).filter((node) => isTailOf(node, reason));
  // "because a seedling would soon die *of thirst*": read behind the reason, its end would be torn off.
  if (
    reason.start > clause.verb.start &&
    clause.adjuncts.some(({ node }) => node.start === reason.end && node.cat === "pp" && !tail.includes(node) && node.f.sub === "of")
  )
    return [];
  // "is rich *partly* because of its hills": how far belongs to the reason.
  const partly = clause.adjuncts.find(({ node }) => node.end === part.node.start && PARTLY.test(headTerminal(node).lemma ?? ""))?.node;
  if (tail.some((node) => findUnclear(node, clause.sentence, analysis, phrasing.binder, false))) return [];
  // "can *even* help a thief", "trained, *too*, because …": the reason is no other for that.
  const beside = clause.adjuncts.map(({ node }) => node).filter((node) => /^(?:even|too)$/.test(headTerminal(node).lemma ?? ""));
  // "*Where a post once stood*, the soil is darker": than elsewhere.
  const isBeside = clause.adjuncts.some(({ node }) => reasonNode(node).f.sub === "where" && node.end <= clause.subject.start);
  const compared = isBeside ? { ...phrasing, compares: true as const } : phrasing;
  const stem = askBehind(compared, analysis, "Why", part.node, [...tail, ...(partly ? [partly] : []), ...beside]);
  // "used not only for clothes but also for wounds, because …": the reason may be of the last alone.
  if (!stem || /\bnot only\b/.test(stem)) return [];
  const answer = wordsText(clause.sentence, reason.start, tail.at(-1)?.end ?? reason.end)
    .replace(/^./, (letter) => (partly ? `${nodeText(clause.sentence, partly)} ${letter.toLowerCase()}` : letter.toLowerCase()))
    // "because wolves do not tolerate them, *and as a result foxes increased*": what came of it.
    .replace(/,? and (?:as a result|so|therefore|thus|consequently) .*$/, "")
    // "because no soil may be brought there, *and they get light from lamps*": what is said next of whoever does it.
    .replace(takesUpSubject(clause), "")
    .replace(/^for (?:example|instance),? /, "")
    .replace(/^(?:for|since|as) /, "because ");
  // "because a shark mistakes a surfer for a seal, *and it usually lets go*": what comes of it, and not why.
  if (/,? and (?:it|they|he|she) (?:usually|often|then|soon|sometimes|always|normally) /.test(answer)) return [];
  if (answer.split(" ").length < 4 || / why$/.test(answer)) return [];
  // "We *know* this because people painted it": how we know, and not why.
  const asked = clause.verb.lemma === "know" ? stem.replace(/^Why (?=do|does|did|can)/, "How ") : stem;
  return [
    {
      type: "cause",
      id: factId("cause", clause.sentence, reason.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: asked,
      answer,
      answerNode: reason,
      accepted: [answer.replace(/^(?:because of|because|since|due to|thanks to) /, "")],
      depth: "understanding",
      worth: 3.4,
      pattern: "why-because",
    },
  ];
};

/** ", and they …", where *they* is the subject of the whole, and what stands before speaks of something else. */
function takesUpSubject({ sentence, subject }: Clause): RegExp {
  const pronoun = pronounOf(subject) ?? (subject.f.num === "pl" ? "they" : "it");
  const reason = sentence.clauses.find(({ rank, start }) => rank === "adverbial" && start > subject.end);
  const isOther = reason !== undefined && pronounOf(reason.subject) === undefined;
  return isOther ? new RegExp(`, and ${pronoun} (?!(?:would|could|might|will|can|may)\\b).*$`) : /$^/;
}

const OF_WHOLE =
  /^(?:because|for|since) it (?:is|was) the (?:first|last|only|best|worst|most|\p{L}+est)\b(?!.*\b(?:it|its|this|these|those|them|him|her|there|then|here)\b)/iu;

/** A reason in front that ends at the subject, or in a phrase that belongs to it. */
function isWholeAhead({ adjuncts, subject }: Clause, reason: Node): boolean {
  return reason.end === subject.start || adjuncts.some(({ node }) => node.start === reason.end && isTailOf(node, reason));
}

const PARTLY = /^(?:partly|mainly|mostly|largely|simply|chiefly|only|just|solely|primarily|precisely|especially|particularly)$/;

const UNCLEAR = new Set(["pronoun", "first-person", "demonstrative", "comparison-left-open", "points-elsewhere", "definite-without-antecedent"]);

export function isUnclear(rest: string): boolean {
  return UNCLEAR.has(rest);
}

function isReason(node: Node): boolean {
  const inner = reasonNode(node);
  // "Ordinary ink was useless, *for it ran off the metal*"
  if (inner.cat === "sb") return inner.f.sub === "cause" || (inner.f.sub === "for" && node.cat.startsWith("c-"));
  return inner.cat === "pp" && headOfPreposition(inner) === "because";
}

/** "…, *since* the fires could not go out" gives a reason; "has stood here *since* it was built" a time. */
function isSinceOfReason(node: Node, clause: Clause): boolean {
  const inner = reasonNode(node);
  if (inner.cat !== "sb" || inner.f.sub !== "since" || inner.f.form === "ing") return false;
  const isPerfect = clause.auxiliaries.some((auxiliary) => auxiliary.cat === "have");
  return !isPerfect && (node.cat.startsWith("c-") || node.end <= clause.subject.start);
}

/** "took food for six months, *as they believed that …*": what somebody thought or wished is why, and goes on at no moment. */
function isAsOfThought(node: Node, { sentence, verb }: Clause): boolean {
  const as = reasonNode(node);
  if (node.cat !== "c-sb" || as.f.sub !== "as" || as.f.form === "ing" || node.start < verb.start) return false;
  const inner = clausesWithin(sentence, as)[0];
  return (
    inner !== undefined &&
    inner.auxiliaries.length === 0 &&
    /^(?:believe|think|fear|hope|want|need|expect|doubt|know)$/.test(inner.verb.lemma ?? "") &&
    pronounOf(inner.subject) !== undefined
  );
}

/** "*As Spain and Britain were at war*, Selkirk hid in a tree": a state in front is why, and goes on at no moment. */
function isAsOfState(node: Node, { sentence, subject }: Clause): boolean {
  const as = reasonNode(node);
  if (node.end > subject.start || as.cat !== "sb" || as.f.sub !== "as" || as.f.form === "ing") return false;
  const inner = clausesWithin(sentence, as)[0];
  if (inner?.verb.cat !== "be" || inner.auxiliaries.length > 0) return false;
  const predicate = inner.complements.find(({ role }) => role === "predicate")?.node;
  return predicate?.cat === "ap"
    ? !/^(?:young|old|small|little|alone)$/.test(headTerminal(predicate).lemma ?? "")
    : /^(?:at war|in danger|in debt|out of work)$/.test(predicate ? nodeText(sentence, predicate) : "");
}

/** "Put on an apron, *as food colouring does not wash out*": behind a command and a comma, *as* says why. */
function isAsOfReason(node: Node, clause: Clause): boolean {
  return clause.imperative && node.cat === "c-sb" && reasonNode(node).f.sub === "as" && reasonNode(node).f.form !== "ing" && node.start > clause.verb.start;
}

function isReasonOf(node: Node, clause: Clause): boolean {
  return isReason(node) || isSinceOfReason(node, clause) || isAsOfReason(node, clause) || isAsOfThought(node, clause) || isAsOfState(node, clause);
}

function headOfPreposition(pp: Node): string | undefined {
  return pp.kids[0]?.cat === "prep" ? pp.kids[0].flags?.[0] : headTerminal(pp).flags?.[0];
}

/** Reasons of a clause: facts of their own, and left out of questions about anything else. */
export function reasonsOf(clause: Clause): Node[] {
  const parts = clause.adjuncts.map((part) => part.node);
  const reasons = parts.filter((node) => isReasonOf(node, clause) || (reasonNode(node).cat === "sb" && reasonNode(node).f.sub === "purpose"));
  // "*Because of the bad weather* with strong winds, …": what stands right behind goes with it.
  const behind = parts.filter((node) => reasons.some((reason) => isTailOf(node, reason)));
  return [...reasons, ...behind];
}

/** A phrase right behind a reason that is a phrase itself. */
function isTailOf(node: Node, reason: Node): boolean {
  const isPhrase = /^pp(?:-c)?$/.test(node.cat) && !reasonNode(node).f.time;
  // "because of the lack of equipment *to purify water*"
  const isFor = node.cat === "vp" && node.f.form === "to";
  return (isPhrase || isFor) && reasonNode(reason).cat === "pp" && reason.end === node.start;
}
