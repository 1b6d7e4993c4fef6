import type { Analysis } from "../../language/analysis";
import { type Clause, clausesWithin, sharingClauses } from "../../language/clause";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { askBehind } from "../phrasing/ask-shared";
import { bindersIn, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type FactFinder, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { goingTo } from "./going-to";

/** With these a to-phrase after the object says what it is for. */
const USING = new Set("use build make employ add design set carry fit install".split(" "));

/** "were given money to buy salt": whoever gets it can use it. */
const GIVEN = new Set("give pay send hire bring".split(" "));

/** "asked his student Oskar Pfungst *to test the horse*": what he should do, whatever stands between. */
const BIDDING = "ask tell order warn urge beg invite advise teach forbid persuade allow enable encourage".split(" ");

/** "enable people to see": whoever is moved to something does it. */
const MOVING = new Set([
  ...BIDDING,
  ..."force cause help get lead permit require remind expect want train inspire motivate prompt tempt challenge compel oblige select elect choose instruct".split(
    " ",
  ),
]);

/** "learn *early* to swim": whatever stands between, what follows is learnt. */
const LEARNING = /^(?:learn|try|want|decide|promise|agree|refuse|hope|manage|begin|fail|prefer|choose)$/;

/** "is said to be", "are allowed to go": what follows is no purpose. */
const TOLD = new Set(
  "say believe know think expect suppose allow force tell ask order find see seem report consider require make let need permit forbid intend".split(" "),
);

const ORDINAL = /\b(?:first|second|third|last|only|\p{Ll}+th)\b/u;

/** "Harbour masters use tide tables *to plan the day*"; "… *so that they do not dry out*." */
export const findPurpose: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  const { sentence } = clause;
  // "forbade the export *in order to keep the trade*": whatever the verb takes, this is a purpose.
  const isInOrder = (node: Node) => /^(?:in order|so as) to\b/i.test(nodeText(sentence, node));
  const used = clause.complements.filter(({ role, node }) => role === "infinitive" && (USING.has(clause.verb.lemma ?? "") || isInOrder(node)));
  const part = [...used, ...clause.adjuncts].find(({ node }) => isPurpose(reasonNode(node)) && (node.start > clause.verb.start || isAhead(node, clause)));
  // "They did not build roads so that merchants could travel": what is denied is the purpose.
  if (
    !part ||
    clause.negated ||
    goingTo(clause) === part ||
    // "*Never* look into the sun to check your work": for that nobody should.
    (clause.imperative && clause.adjuncts.some(({ node }) => headTerminal(node).lemma === "never")) ||
    (clause.verb.cat === "be" && !clause.passive && reasonNode(part.node).cat === "vp") ||
    (clause.passive && ((phrasing.binder.human && !GIVEN.has(clause.verb.lemma ?? "")) || TOLD.has(clause.verb.lemma ?? "")))
  )
    return [];
  const isBehind = reasonNode(part.node).start > clause.verb.start;
  // "learn early *not to touch* it": what is learnt, and no purpose; but "*to save weight*, the company wanted light riders".
  if (
    (reasonNode(part.node).cat === "vp" && isBehind && LEARNING.test(clause.verb.lemma ?? "")) ||
    /^not to\b/i.test(nodeText(clause.sentence, reasonNode(part.node)))
  )
    return [];
  // "enables scientists *to find* genes": what they can do.
  const [moved] = clause.complements;
  const between = moved && clause.sentence.words.slice(moved.node.end, reasonNode(part.node).start).map(({ lower }) => lower);
  const isPlain = !isInOrder(reasonNode(part.node));
  if (
    isPlain &&
    isBehind &&
    MOVING.has(clause.verb.lemma ?? "") &&
    moved?.role === "object" &&
    between?.every((word) => /^(?:never|not|always|only|also)$/.test(word))
  )
    return [];
  // "forced prisoners *in a camp to make* pounds": what they had to do, wherever they were.
  const isBidding =
    BIDDING.includes(clause.verb.lemma ?? "") || /^(?:force|compel|oblige|require|permit|tempt|prompt|motivate|inspire)$/.test(clause.verb.lemma ?? "");
  if (isPlain && isBidding && reasonNode(part.node).start > clause.verb.end && moved?.role === "object") return [];
  // "charged one penny *to cross with empty hands*": what the penny is for.
  if (isPlain && isBehind && clause.verb.lemma === "charge") return [];
  // "Alternatively, you can install a program to …": a way to do it, not why one can.
  if (phrasing.subject === "you" && clause.auxiliaries.some(({ cat, lemma }) => cat === "modal" && /^(?:can|may|could|might)$/.test(lemma ?? ""))) return [];
  // A to-phrase belongs to the doer; after an object it may only say what the object is for.
  const purpose = reasonNode(part.node);
  // "since there was no money to be made from it": nobody does something in order to be made.
  if (purpose.cat === "vp" && purpose.f.passive) return [];
  if (clause.adjuncts.some(({ node }) => node.cat.includes("sb") && node.start > clause.verb.start && node.end <= purpose.start)) return [];
  // "Without grass *to hold it down*, the soil blew away": what the grass is for.
  if (!isBehind && clause.adjuncts.some(({ node }) => node.cat === "pp" && node.end === purpose.start)) return [];
  // "long *enough to go round the Earth*", "too small to see"
  if (/^enough$/.test(clause.sentence.words[purpose.start - 1]?.lower ?? "")) return [];
  // "*went on* to help plan the trip": what she did next.
  if (clause.verb.lemma === "go" && clause.sentence.words[purpose.start - 1]?.lower === "on") return [];
  // "saves *enough energy* to light a room": how much.
  if (clause.complements.some(({ role, node }) => role === "object" && node.end === purpose.start && /^enough\b/i.test(nodeText(clause.sentence, node))))
    return [];
  // "became *the thirty-sixth state* to approve it": which state it was.
  const ahead = clause.complements.find(({ node }) => node.end === purpose.start)?.node;
  if (ahead && ahead.cat === "np" && ORDINAL.test(nodeText(clause.sentence, ahead)) && /^(?:be|become|remain)$/.test(clause.verb.lemma ?? "")) return [];
  if (belongsToNoun(clause, purpose) || isOutcome(clause, purpose) || (!phrasing.binder.human && isResult(part.node, clause))) return [];
  if (!isClearPurpose(purpose, phrasing, analysis)) return [];
  // "stings *only* to defend itself": the only belongs to the purpose.
  const only = clause.adjuncts.find(({ node }) => node.end === purpose.start && /^(?:only|mainly|mostly|partly|simply)$/.test(headTerminal(node).lemma ?? ""));
  const rest = phraseRest(phrasing, analysis, [part.node, ...(only ? [only.node] : []), ...reasonsOf(clause)]);
  const stem = isSpent(clause)
    ? askClause(phrasing, "What", `${rest} to do`)
    : askBehind(phrasing, analysis, "Why", part.node, [...(only ? [only.node] : []), ...reasonsOf(clause)]);
  if (
    isUnclear(rest) ||
    !stem ||
    (rest === "" && !only && !isTelling(clause)) ||
    (purpose.cat === "vp" && sharingClauses(clause).at(-1) !== clause && !isAhead(part.node, clause))
  )
    return [];
  // "Inside the leaf, in green bodies, the plant uses …": two places in front, one of them torn.
  if (clause.adjuncts.filter(({ node }) => node.end <= clause.subject.start && reasonNode(node).cat === "pp" && !reasonNode(node).f.time).length > 1) return [];
  // "went one morning to see the goat": somebody went, but where to?
  if (
    /^(?:come|go|return|travel)$/.test(clause.verb.lemma ?? "") &&
    (/^(?:one|that|this|every|last|next) \w+$/i.test(rest) || /^(?:in \d{4}|at the age of [\w-]+|after .*|at \w+)$/.test(rest))
  )
    return [];
  const told = nodeText(clause.sentence, clause.imperative ? firstDeed(withoutReason(purpose)) : withoutReason(purpose)).replace(/^To /, "to ");
  // "through both layers *at once* so that they match": how it is done, and not what for.
  const answer = `${only ? `${headTerminal(only.node).lemma} ` : ""}${told.replace(/^(?:at once|at the same time) (?=so that\b)/, "")}`;
  // "a story *to get involved in*", "make sure *not to fall*"; but "so that the colour can soak in"
  if ((purpose.cat === "vp" && /\b(?:in|on|at|with|about|for|of|into|from)$/.test(answer)) || /^(?:sure|certain)\b/.test(rest)) return [];
  if (answer.split(" ").length < 3) return [];
  // "flows out *to fill the gap*": which gap?
  if (/^to (?:fill|close|take|solve|fix|avoid) (?:the|its|their) (?:gap|place|space|hole|problem|difference)$/i.test(answer)) return [];
  return [
    {
      type: "purpose",
      id: factId("purpose", clause.sentence, purpose.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem,
      answer,
      answerNode: purpose,
      accepted: [answer.replace(/^(?:in order )?to /, "so as to ").replace(/^so that /, "because then ")],
      depth: "understanding",
      worth: 3,
      pattern: purpose.cat === "vp" ? "why-to" : "why-so-that",
    },
  ];
};

/** "Baboons *yawn* to show their teeth": a verb that says enough by itself, of what goes on always. */
function isTelling({ verb, passive, auxiliaries }: Clause): boolean {
  const isGeneral = !passive && auxiliaries.length === 0 && /^(?:third|plain)$/.test(verb.flags?.[0] ?? "");
  return (
    isGeneral &&
    !/^(?:come|go|work|stop|wait|try|meet|move|turn|stay|run|continue|return|travel|live|happen|begin|start|use|need|help|change)$/.test(verb.lemma ?? "")
  );
}

/** "used her pay to take him to a hospital": what is spent is spent to do something. */
function isSpent(clause: Clause): boolean {
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const isAlone = clause.adjuncts.every(({ node }) => node.start > clause.verb.start);
  return clause.verb.lemma === "use" && object?.f.det === "poss" && isAlone;
}

/** "Stand them on their edges to form a square *and tie them together*": the tying may be the next thing to do. */
function firstDeed(purpose: Node): Node {
  const joined = walkTree(purpose).find(({ cat, role, end }) => cat === "vp" && role === "coordination" && end === purpose.end);
  return joined ? { ...purpose, end: joined.kids[0]!.end } : purpose;
}

/** "to defend itself, *because it dies afterward*": a second reason is no part of the first. */
export function withoutReason(purpose: Node): Node {
  const last = walkTree(purpose).find((node) => node.end === purpose.end && node.cat === "c-sb");
  return last ? { ...purpose, end: last.start } : purpose;
}

/** "the starch turns stiff, *so that the loaf keeps its shape*": what comes of it, and nobody's purpose. */
export function isResult(part: Node, { sentence, auxiliaries, verb, passive, start }: Clause): boolean {
  const result = reasonNode(part);
  // "It reflected light into space, so that the temperature *fell*": it fell, and was not only to fall.
  const goesOn = auxiliaries.length === 0 && !passive && verb.cat === "v" && /^(?:third|plain|past)$/.test(verb.flags?.[0] ?? "");
  // "Vapours can *no longer* reach the nose, so that only five tastes are left", "can *hardly* move, so that bread keeps"
  const isUnable =
    !passive &&
    auxiliaries.length === 1 &&
    /^(?:can|could)$/.test(auxiliaries[0]!.lemma ?? "") &&
    /\b(?:no longer|hardly|scarcely|barely)\b/.test(wordsText(sentence, start, part.start));
  // "The Irish *had* planted one variety, so that what killed one plant *killed* them all"
  const isDone = !passive && auxiliaries.length === 1 && auxiliaries[0]!.cat === "have";
  if (!(goesOn || isUnable || isDone) || !part.cat.startsWith("c-") || result.cat !== "sb") return false;
  const inner = clausesWithin(sentence, result)[0];
  return inner !== undefined && !inner.negated && !inner.auxiliaries.some(({ cat }) => cat === "modal");
}

/** Says by itself what it is for, or takes up what the question names: "counted *the citizens* in order to tax them". */
function isClearPurpose(purpose: Node, { clause, binder }: Phrasing, analysis: Analysis): boolean {
  const { sentence, complements } = clause;
  // "to collect it, *and cover the barrel*": the next command.
  if (clause.imperative && (purpose.role === "coordination" || walkTree(purpose).some(({ cat }) => cat === "c-j-vp"))) return false;
  const owned = purpose.cat === "vp";
  // "Wait a minute, so that *the colour* can soak in": the one that the instructions speak of.
  const unclear = findUnclear(purpose, sentence, analysis, binder, owned, { isAnswer: !owned && clause.imperative });
  // "have studied owls in order to build *quieter* fans": than those there are.
  const isBetter = owned && unclear === "comparison-left-open" && walkTree(purpose).some((node) => isMadeBetter(node));
  if (!unclear || isBetter) return true;
  const objects = complements.filter(({ role, node }) => role === "object" && node.end <= purpose.start && !TIME_NOUNS.has(headTerminal(node).lemma ?? ""));
  // "Put a barrel under the gutter to collect *it*": never the barrel.
  const named = owned && !/^(?:put|place|set|use)$/.test(clause.verb.lemma ?? "") ? objects.flatMap(({ node }) => bindersIn(node, sentence, analysis)) : [];
  // "gives *the states billions of dollars* to help pay for them": neither of the two.
  if (complements.filter(({ node }) => node.cat === "np" && node.end <= purpose.start).length > 1) return false;
  return named.length > 0 && !findUnclear(purpose, sentence, analysis, binder, owned, { beside: named });
}

/** "build *quieter fans*", "make *a better clock*" */
function isMadeBetter({ cat, role, kids: [verb, object] }: Node): boolean {
  if (cat !== "vp" || role !== "object" || !/^(?:build|make|design|develop|create|invent|produce)$/.test((verb && headTerminal(verb).lemma) ?? ""))
    return false;
  return object?.cat === "np" && walkTree(object).some(({ flags }) => flags?.includes("comparative"));
}

/** "the power *to make* by-laws", "the right to burn peat": the phrase says which power, not what for. */
const TAKING_TO = new Set(
  "power right way ability chance need permission time plan decision order freedom duty effort attempt tendency opportunity promise reason wish desire place thing something anything nothing money room space task job refusal failure inability unwillingness willingness readiness agreement offer proposal request demand pressure incentive motivation ambition intention intent determination urge temptation obligation responsibility authority capacity potential campaign struggle fight bid drive call invitation commitment resolve courage strength eagerness motion petition pledge threat vow movement mission quest crusade scheme possibility option choice honour honor privilege pleasure instruction warning move step fee toll ticket fare visa licence license".split(
    " ",
  ),
);

/** "gives councils the power *to make by-laws*": cut off, the noun says nothing. */
export function takesInfinitive(clause: Clause, np: Node): boolean {
  const parts = [...clause.adjuncts, ...clause.complements].map(({ node }) => node);
  // "the incentive *for people to move*"
  const forWhom = parts.find((node) => node.start === np.end && node.cat === "pp" && node.f.sub === "for");
  const follows = parts.some((node) => node.cat === "vp" && node.f.form === "to" && node.start === (forWhom ?? np).end);
  return follows && (forWhom !== undefined || TAKING_TO.has(headTerminal(np).lemma ?? ""));
}

/** "turned out *to have a gift*", "returned *to find the house empty*": what came of it, and not what it was for. */
function isOutcome(clause: Clause, purpose: Node): boolean {
  if (purpose.cat !== "vp") return false;
  const behind = clause.sentence.words[clause.verb.end]?.lower;
  if (clause.verb.lemma === "turn" && behind === "out") return true;
  if (/^(?:happen|prove|live|grow|wake)$/.test(clause.verb.lemma ?? "") || clause.sentence.words[purpose.start - 1]?.lower === "only") return true;
  const found = clause.sentence.words[purpose.start + 1]?.lower ?? "";
  // "rises *to become the master*"
  if (/^(?:become|be)$/.test(found) && /^(?:rise|come|go|climb|survive|return)$/.test(clause.verb.lemma ?? "")) return true;
  return /^(?:return|come|arrive|go|open)$/.test(clause.verb.lemma ?? "") && /^(?:find|discover|learn|realise|realize|believe|know|be|have)$/.test(found);
}

function belongsToNoun(clause: Clause, purpose: Node): boolean {
  if (purpose.cat !== "vp") return false;
  // "were given *money* to buy salt", but "were given *the opportunity* to tell"
  if (clause.passive && GIVEN.has(clause.verb.lemma ?? ""))
    return clause.complements.some(({ node }) =>
      /^(?:opportunity|chance|right|power|permission|order|task|job|choice|option)$/.test(headTerminal(node).lemma ?? ""),
    );
  // "warnings *to the population* to leave the town"
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const between = clause.adjuncts.filter(({ node }) => object && node.start >= object.end && node.end <= purpose.start);
  if (
    object &&
    between.length > 0 &&
    TAKING_TO.has(headTerminal(object).lemma ?? "") &&
    between.every(({ node }) => node.cat === "pp" && /^(?:to|of|from|for)$/.test(node.f.sub ?? ""))
  )
    return true;
  // "by heating sand *to make glass*": why it is heated, or why at all?
  if (clause.adjuncts.some(({ node }) => node.end === purpose.start && reasonNode(node).cat === "pp" && reasonNode(node).f.form === "ing")) return true;
  // "writing about the plan to close the pool", "the incentive for people to move"
  return [...clause.complements, ...clause.adjuncts].some(
    ({ node }) =>
      (node.cat === "np" || node.cat === "pp") &&
      node.end === purpose.start &&
      ((node.f.sub === "for" && node.start >= clause.verb.end) ||
        walkTree(node).some(
          (inner) =>
            inner.cat === "np" &&
            inner.end === purpose.start &&
            // "the only woman *to rule the island*"
            (TAKING_TO.has(headTerminal(inner).lemma ?? "") || /^the (?:\w+ )?(?:only|first|last|next|\w+est)\b/i.test(nodeText(clause.sentence, inner))),
        )),
  );
}

/** "*To keep the vote fair,* many countries have strict rules" */
function isAhead(node: Node, clause: Clause): boolean {
  return (node.cat === "vp-c" || node.cat === "vp") && node.end <= clause.subject.start && !clause.imperative;
}

function isPurpose(node: Node): boolean {
  if (node.cat === "sb") return node.f.sub === "purpose";
  return node.cat === "vp" && node.f.form === "to";
}
