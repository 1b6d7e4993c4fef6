import type { Analysis } from "../../language/analysis";
import { type Clause, sharingClauses } from "../../language/clause";
import { nodeText, withoutAside } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { askShared, holdsForAll } from "../phrasing/ask-shared";
import { isBeforeThen } from "../phrasing/before-then";
import { binderOf, findUnclear } from "../phrasing/clear-reference";
import { belongsToClauseAhead, objectAhead, phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isLength } from "./find-duration";

/** "The shadow is *shortest* at noon": so it is then only. */
function isMost({ complements }: Clause): boolean {
  return complements.some(({ role, node }) => role === "predicate" && node.cat === "ap" && headTerminal(node).flags?.includes("superlative"));
}

/** "one Sunday", "last June": the time is told already. */
const ANOTHER_TIME =
  /\bone (?:day|night|morning|afternoon|evening|(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day)\b|\blast (?:spring|summer|autumn|winter|year|month|week|January|February|March|April|May|June|July|August|September|October|November|December)$/;

const CLOSE = new Set("long soon shortly just right well immediately only".split(" "));
const VAGUE_VERBS = new Set("go come be do have get make take begin start end stop continue happen change move appear arrive leave stay work".split(" "));
/** The present of a whole sort: "a storm gets", "bridges are closed". */
function isOfAlways({ verb, auxiliaries, passive, subject, negated }: Clause): boolean {
  const first = auxiliaries[0] ?? verb;
  const isNow = !first.flags?.includes("past") && (auxiliaries.length === 0 ? /^(?:third|plain)$/.test(verb.flags?.[0] ?? "") : passive && first.cat === "be");
  return isNow && !negated && verb.cat === "v" && /^(?:indef|bare)$/.test(subject.f.det ?? "");
}

const CLAUSES = new Set(["after", "before", "until", "once"]);
const PREPOSITIONS = new Set("around in on at during before after until since by".split(" "));

/** "*After a few weeks* it looks for a place", "stopped flashing *before the fog came*": when? */
export function findOccasion(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.imperative) return whenToDo(phrasing, analysis);
  if (clause.negated || clause !== sharingClauses(clause)[0]) return [];
  // "In the third week he took the trumpet, looked up an address and went out": three deeds of a story at one time.
  if (analysis.sort === "story" && sharingClauses(clause).length > 2) return [];
  return clause.adjuncts.flatMap(({ node }) => {
    const part = reasonNode(node);
    // "Most bites *happen when* somebody tries to catch a snake"
    // "People with diabetes *may* faint *when* the level of sugar drops"
    const isPossible =
      clause.auxiliaries.some(({ cat, lemma }) => cat === "modal" && /^(?:may|might|can|could)$/.test(lemma ?? "")) && phrasing.subject !== "you";
    const isHappening =
      (/^(?:happen|occur)$/.test(clause.verb.lemma ?? "") || isPossible) && part.f.sub === "when" && node.start >= clause.verb.end && node.cat === "sb";
    // "A storm gets a name *when a service expects it to do damage*": of what is always so, where the clause takes up its subject.
    const takesUp =
      part.f.sub === "when" &&
      node.cat === "sb" &&
      node.start >= clause.verb.end &&
      clause.sentence.words.slice(part.start, part.end).some(({ lower }) => /^(?:it|they|them|its|their)$/.test(lower));
    const isAlways = takesUp && isOfAlways(clause) && clause.complements.length > 0;
    const isClause = part.cat === "sb" && (isAlways || CLAUSES.has(part.f.sub ?? "") || isHappening) && part.f.form !== "ing";
    if ((!isClause && !isTimePhrase(part)) || !holdsForAll(clause, node)) return [];
    // "Before a bank lends money, it *wants to know* …": what it wants is worth asking, and not when.
    if (isClause && /^(?:want|wish|need|hope|like|prefer)$/.test(clause.verb.lemma ?? "")) return [];
    // "at one o'clock *in the morning*": which morning, another part says.
    const isPartOfDay = /^in the (?:morning|afternoon|evening)$/.test(nodeText(clause.sentence, part));
    // "*At four* in the morning": the hour.
    const before = clause.sentence.words.slice(Math.max(0, node.start - 2), node.start).map(({ lower }) => lower);
    if (isPartOfDay && before[0] === "at") return [];
    if (belongsToClauseAhead(node, clause)) return [];
    // "By dawn *on the third day*": one time in two phrases, asked and told together.
    const isOther = (other: Node) => other !== node && isTimePhrase(reasonNode(other)) && reasonNode(other).cat === "pp";
    if (part.cat === "pp" && clause.adjuncts.some((other) => other.node.end === node.start && isOther(other.node))) return [];
    const more = part.cat === "pp" ? clause.adjuncts.find((other) => other.node.start === node.end && isOther(other.node))?.node : undefined;
    if (isPartOfDay && clause.adjuncts.some((other) => other.node !== node && reasonNode(other.node).f.time)) return [];
    // "died in 1852, *two years* before France adopted it": the measure and the clause are one time.
    if (isClause && clause.adjuncts.some((other) => other.node.end === node.start && (isMeasure(reasonNode(other.node)) || isOther(other.node)))) return [];
    if (findUnclear(part, clause.sentence, analysis, phrasing.binder, !isClause) || opensWithPronoun(part) || objectAhead(part, clause)) return [];
    // "*By day* the sky looks yellow": while it is day, and not by then.
    if (/^by (?:day|night)$/i.test(nodeText(clause.sentence, part))) return [];
    const until = part.f.sub === "until" || part.kids[0]?.lemma === "until";
    // "may have ordered everyone into the boat *until the air had cleared*": how long they were to stay there.
    const mayHave = clause.auxiliaries[0]?.cat === "modal" && clause.auxiliaries.some(({ cat }) => cat === "have");
    if (until && (hasLength(clause) || mayHave)) return [];
    const since = part.kids[0]?.lemma === "since";
    // "*long* before you can see it": how long before belongs to the time.
    const close = clause.adjuncts.find((other) => other.node.end === node.start && CLOSE.has(headTerminal(other.node).lemma ?? ""))?.node;
    // "after sunny days and cold nights *without frost*": tells which nights.
    if (part.cat === "pp" && clause.adjuncts.some((other) => other.node.start === node.end && /^with(?:out)?$/.test(other.node.f.sub ?? ""))) return [];
    // "allow blowers on weekdays *only*": then and at no other time.
    if (clause.sentence.words[node.end]?.lower === "only") return [];
    const omit = [node, ...(more ? [more] : []), ...(close ? [close] : []), ...reasonsOf(clause)];
    const rest = phraseRest(phrasing, analysis, omit);
    const stem = askShared(phrasing, analysis, until ? "Until when" : since ? "Since when" : part.kids[0]?.lemma === "by" ? "By when" : "When", omit);
    if (!stem || isUnclear(rest) || ANOTHER_TIME.test(rest) || /\b(?:when|after|before|until|while|since)\b/.test(rest)) return [];
    // "When was Mecklenburg founded?" singles out one event by its name.
    // "Coffee reached England in the middle of the seventeenth century": then and never again.
    const isDated = /\bcentury$|\bthe Middle Ages$/.test(nodeText(clause.sentence, part)) && clause.verb.flags?.[0] === "past" && clause.verb.lemma !== "own";
    const isNamed = (/^\p{Lu}/u.test(phrasing.subject) && clause.passive) || isDate(part);
    // "The eggs hatch in spring": a verb that says enough.
    const fewest = isNamed
      ? 1
      : isDated || isHappening || (isMost(clause) && isClause)
        ? 2
        : clause.verb.cat === "v" && (!VAGUE_VERBS.has(clause.verb.lemma ?? "") || /^place\b/.test(rest)) && clause.subject.f.det === "def"
          ? 2
          : 4;
    if (`${phrasing.subject} ${rest}`.trim().split(" ").length < fewest || (clause.verb.cat === "be" && !clause.passive && !since && !isMost(clause)))
      return [];
    // "gets too hot in summer and too cold *in winter*": each half has its own time.
    if (/\bin (?:summer|winter|spring|autumn|the (?:morning|afternoon|evening))\b.* and\b/.test(rest)) return [];
    // "from a hundred *in the 1970s* to ten *in the 1990s*": two times, asked as one.
    if (clause.adjuncts.some((other) => other.node !== node && other.node !== more && isOther(other.node))) return [];
    const plain = more ? { ...withoutAsides(part), end: reasonNode(more).end } : withoutAsides(part);
    // "until the bread was out of the oven, *for* guests were hungry": why is another matter.
    if (isBeforeThen(node, clause)) return [];
    // "Before you have found a bandage, your body *has begun*": of no time that has passed.
    if (part.f.sub === "before" && clause.auxiliaries[0]?.cat === "have" && !clause.auxiliaries[0].flags?.includes("past")) return [];
    // "can catch *only three or four insects* before it dies": how many, and not when.
    if (part.f.sub === "before" && /\bonly\b/.test(rest)) return [];
    const answer = lowerFirst(nodeText(clause.sentence, close ? { ...plain, start: close.start } : plain), plain).replace(/, for \p{L}+ \p{L}+ .*$/u, "");
    // "incorporated on 4 April 1850, *five months before …*": told twice.
    if (/\b(?:1\d{3}|20\d{2})\b/.test(rest) && !more) return [];
    // "gone *in a weekend*": how long it took.
    if (/^in (?:an?|one|two|three|\d+) (?:second|minute|hour|day|night|weekend|week|month|year|century|decade)s?$/i.test(answer)) return [];
    // "in recent years" tells no time; "in a single season" how long it took; "their lowest level *since 1970*" belongs to the level.
    if (/\b(?:recent|coming|a single|one single|a matter of)\b/.test(answer) || (since && /\b(?:\p{L}+est|most|least|first|last)\b/u.test(rest))) return [];
    if (answer.split(" ").length < 2 || /\bfor (?:\w+ )?(?:about|an?|\d|two|three|four|five|six|seven|eight|nine|ten)/.test(rest) || /\beven$/.test(rest))
      return [];
    return [
      {
        type: "occasion",
        id: factId("occasion", clause.sentence, part.start),
        sentence: clause.sentence,
        clause,
        phrasing,
        stem,
        answer,
        answerNode: part,
        accepted: [answer.replace(/^(?:in|on|at|during|since|by) /, "")].filter((form) => form !== answer),
        depth: "recall",
        worth: isClause ? 2 : 1.4,
        pattern: "when",
      } satisfies Fact,
    ];
  });
}

/** "Suspend your computer *when you are not using it*": when should you? The thing that the command names may be taken up. */
function whenToDo(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [part, ...more] = clause.adjuncts.filter(({ node }) => WHENEVER.has(reasonNode(node).f.sub ?? "") && reasonNode(node).cat === "sb");
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  // "*In winter*, bring it in when …", "*Never* fill a lamp while …": both stand in the question.
  const ahead = clause.adjuncts.filter(({ node }) => node.end <= clause.verb.start);
  const isKept = ahead.every(({ node }) => node.cat === "pp-c" || /^never$/i.test(nodeText(clause.sentence, node)));
  if (!part || more.length > 0 || clause.shared || part.node.start < clause.verb.end || !isKept) return [];
  const when = reasonNode(part.node);
  // "Cut it in the shape of a star *if you like*": whenever one likes.
  if (/^if (?:you|they) (?:like|want|wish|prefer|can)$/i.test(nodeText(clause.sentence, when))) return [];
  const forbids = clause.negated || ahead.some(({ node }) => node.cat !== "pp-c");
  if (when.f.sub === "until" && (hasLength(clause) || forbids)) return [];
  // "if the bottom is wet *but there is too little to measure*"
  if (clause.sentence.words[when.end]?.lower === "but") return [];
  // "never rely on it *alone* when you walk": no part of the time.
  if (clause.sentence.words[when.start]?.lower === "alone") return [];
  // "before the middle of February, *when tits begin to look for a home*": said in passing of that time.
  if (part.node.cat.startsWith("c-") && when.f.sub === "when" && clause.adjuncts.some(({ node }) => node.end === part.node.start && node.cat === "pp"))
    return [];
  const named = object && object.f.det !== "pron" ? binderOf(object, nodeText(clause.sentence, object), analysis) : undefined;
  if (findUnclear(when, clause.sentence, analysis, named, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...reasonsOf(clause)]);
  // "*Go on* until you reach the top": with what, the sentence before tells.
  if (/^(?:on|going)$/.test(rest) && /^(?:go|keep|carry)$/.test(clause.verb.lemma ?? "")) return [];
  // "Water the log once a week *when it does not rain*": how often, and not when.
  if (isUnclear(rest) || rest === "" || /\b(?:once|twice|every|times|daily|weekly)\b/.test(rest)) return [];
  // "before you light the lamp, *so that the wick can soak up the oil*": why, and not when.
  const why = walkTree(when).find((node) => node.cat === "c-sb" && node.end === when.end);
  // "add it *drop by drop* until it turns black": how, and not until when.
  const whole = nodeText(clause.sentence, why ? { ...when, end: why.start } : when);
  // "before you leave the room, *and never put it near paper*": another thing to do.
  const answer = whole.replace(/^(\p{L}+) by \1 /iu, "").replace(/,? and (?:never|always|do not|don['’]t) .*$/, "");
  return [
    {
      type: "occasion",
      id: factId("occasion", clause.sentence, when.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, when.f.sub !== "until" ? "When" : IS_MOVED.test(clause.verb.lemma ?? "") ? "How far" : "How long", rest),
      answer,
      answerNode: when,
      accepted: [],
      depth: "understanding",
      worth: 2.4,
      pattern: "when-to-do",
    },
  ];
}

/** What is moved until it is somewhere: how far, and not how long. */
const IS_MOVED = /^(?:fill|bend|lower|raise|push|pull|turn|lean|screw|twist|slide|lift|tighten|roll|tilt)$/;

function isMeasure(node: Node): boolean {
  return node.cat === "advp" && /^(?:time|measure)$/.test(node.f.sub ?? "") && node.end - node.start > 1;
}

/** "Wait *a few minutes* until the liquids have separated": two answers to how long. */
function hasLength({ complements, adjuncts }: Clause): boolean {
  return [...complements, ...adjuncts].some(({ node }) => isLength(node));
}

const WHENEVER = new Set(["when", "while", "once", "after", "before", "until", "if"]);

/** "in the 3rd century, *which was a time of war*": what is said in passing is no part of the time. */
function withoutAsides(part: Node): Node {
  const np = part.cat === "pp" ? part.kids[1] : undefined;
  const core = np && withoutAside(np);
  return core && core !== np ? { ...part, end: core.end } : part;
}

/** A phrase on a time that is no bare year and no length of time: years and lengths are asked for as numbers. */
function isTimePhrase(node: Node): boolean {
  if (node.cat !== "pp" || !node.f.time || node.kids[0]?.cat !== "prep" || !PREPOSITIONS.has(node.kids[0].lemma ?? "")) return false;
  const np = node.kids[1]!;
  // "crossed the continent *in weeks*" is how fast.
  if (node.kids[0].lemma === "in" && np.f.det === "bare" && np.f.num === "pl" && np.end - np.start === 1) return false;
  // "by *the next* morning": next to what, another sentence says.
  if (walkTree(np).some(({ lemma }) => /^(?:next|following|same|previous)$/.test(lemma ?? ""))) return false;
  // "in an hour" is how long, "in the evening" is when.
  if (np.f.det === "indef" && /^(?:second|minute|hour|day|week|month|year|decade|century)$/.test(headTerminal(np).lemma ?? "")) return false;
  if (np.role === "quantity" || np.f.det === "quant" || np.f.det === "dem" || np.f.det === "num") return false;
  const dated = walkTree(np)
    .filter((inner) => inner.f.sub === "era" || inner.role === "date")
    .flatMap((inner) => walkTree(inner));
  const counts = walkTree(np).filter((inner) => inner.cat === "num" && !inner.flags?.includes("year") && !dated.includes(inner));
  return counts.length === 0 && headTerminal(np).lemma !== "time" && headTerminal(np).lemma !== "moment";
}

/** "before it is dark" is clear; "after it was confirmed" is not. */
/** "on 10 January 1863" */
function isDate(part: Node): boolean {
  return part.cat === "pp" && walkTree(part).some((inner) => inner.role === "date");
}

function opensWithPronoun(node: Node): boolean {
  const subject = walkTree(node).find((inner) => inner.role === "subject")?.kids[0];
  return subject !== undefined && pronounOf(subject) !== undefined && pronounOf(subject) !== "it";
}

function lowerFirst(text: string, node: Node): string {
  return node.start === 0 ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}
