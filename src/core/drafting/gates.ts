import { literally } from "../lib/literally";
import { isKeyOffered } from "../questions/either-or";
import { GAP } from "../questions/question";
import type { Candidate } from "./candidate";

/** Why a candidate is not shown. Each gate is for a failure that was seen. */
export type GateName =
  | "stem-too-thin"
  | "stem-too-long"
  | "key-too-long"
  | "answer-in-stem"
  | "doubled-words"
  | "vague-subject"
  | "gap-word-elsewhere"
  | "opens-badly"
  | "ends-badly"
  | "unpunctuated";

/** "What happened?" singles out nothing: fewer content words than this. */
const FEWEST_WORDS: Record<Candidate["kind"], number> = {
  "short-answer": 4,
  "multiple-choice": 4,
  "true-false": 5,
  "gap-fill": 6,
  number: 4,
  order: 5,
  match: 5,
  "two-part": 4,
  "open-response": 8,
  "select-all": 5,
  essay: 8,
  "word-in-context": 6,
  poll: 4,
};
/** Words of the longest stem of each kind; what quotes the source or sets a task may be longer. */
const LONGEST: Record<Candidate["kind"], number> = {
  "short-answer": 28,
  "multiple-choice": 34,
  "true-false": 28,
  "gap-fill": 160,
  number: 34,
  order: 34,
  match: 28,
  "two-part": 34,
  "open-response": 45,
  "select-all": 34,
  essay: 80,
  "word-in-context": 60,
  poll: 45,
};
/** Words of a key; the things of a list are counted in its question. */
const LONGEST_KEY = 20;
export const LONGEST_LIST = 34;
/** Their keys are parts or longer texts, not an answer that the stem could hold. */
const WITHOUT_ANSWER = new Set<Candidate["kind"]>(["true-false", "order", "match", "open-response", "select-all", "essay", "poll", "word-in-context"]);

export function failedGate(candidate: Candidate): GateName | undefined {
  const stem = candidate.stem;
  const words = stem.replace(LED, "Read: …").split(" ").length;
  // "What is evaporation?" asks for the whole meaning of one term: nothing about it is thin.
  // "What controls blushing?" has one answer in the source, and a whole one.
  const isWhole = candidate.factType === "definition" || (candidate.pattern === "passive-by" && candidate.key.split(" ").length >= 4);
  const fewest = isWhole ? 3 : FEWEST_WORDS[candidate.kind];
  if (words < fewest) return "stem-too-thin";
  if (words > LONGEST[candidate.kind]) return "stem-too-long";
  if (
    !WITHOUT_ANSWER.has(candidate.kind) &&
    candidate.parts?.sort !== "gaps" &&
    candidate.key.split(" ").length > (candidate.factType === "list" ? LONGEST_LIST : LONGEST_KEY)
  )
    return "key-too-long";
  if (!/^[\p{Lu}"“¿¡«]/u.test(stem) && candidate.pattern !== "own-word") return "opens-badly";
  // "Walk across the garden, *for example*": what it is an example of stands before.
  if (
    /,? for (?:example|instance)\.?$/.test(candidate.key) ||
    (candidate.kind === "true-false" && /\bfor (?:example|instance)\b|\b(?:perhaps|maybe|probably|possibly)\b/i.test(stem))
  )
    return "ends-badly";
  // "asked the judge to give him *one*", "tipped *one* back": one of what, another sentence says.
  if (
    /\b(?:give|gave|get|got|buy|bought|have|had|need|needed|want|wanted|make|made|take|took|tip|tipped|bring|brought) (?:\p{L}+ ){0,2}one(?: (?:back|up|down|out|away|too)(?: [^?.]*)?)?[.?]?$/iu.test(
      stem.replace(LED, ""),
    )
  )
    return "ends-badly";
  // "What did he ask the judge to do?" – "Give him *one*"
  if (/^(?:give|get|buy|have|make|take|bring|find|build|send|show) (?:\p{L}+ )?one$/iu.test(candidate.key)) return "ends-badly";
  // "How many pupils came to her lesson *more than to the mate's*?"
  if (/\b(?:more|less|fewer) than (?:to|for|on|at|in|from|with) [^?]*\?$/.test(stem)) return "ends-badly";
  // "a stamp, which cost a penny at first *and fourpence*?": when it cost that, was torn off.
  if (/\bat first and \p{L}+\?$/u.test(stem)) return "ends-badly";
  // "What does Aalto trust *more*?": than what?
  if (/^(?:What|Whom?) (?:do|does|did) [^?]* (?:more|less|better)\?$/.test(stem)) return "ends-badly";
  // "What do seed-eaters do?" – "*Tend to be late*": for what?
  if (candidate.pattern === "what-does-it-do" && /^tends? to be \p{Ll}+$/iu.test(candidate.key)) return "ends-badly";
  // "The council has said *which towns*": which towns do what?
  if (
    candidate.kind === "true-false" &&
    /\b(?:say|says|said|ask|asks|asked|know|knows|knew|tell|tells|told|explain|explains|explained) (?:which|what|whose)(?: \p{L}+)?\.$/u.test(stem)
  )
    return "ends-badly";
  // "The doors are locked at half past": past which hour?
  if (/\b(?:half|quarter) (?:past|to)[.?]?$/.test(stem)) return "ends-badly";
  // "*Its* provenance is the chain of owners", "is called *its* provenance": whose?
  if (candidate.kind === "true-false" && /^(?:Its|Their|His|Her) /.test(stem)) return "opens-badly";
  if (candidate.factType === "naming" && /^(?:its|their|his|her) /i.test(candidate.key)) return "opens-badly";
  // "What did The uppermost consist of?": a name was read where none is.
  if (/^[^“"]*\b(?:did|does|do|is|are|was|were) The \p{Ll}/u.test(stem)) return "opens-badly";
  // "What is the Denisovans?"
  if (/^What is the \p{Lu}\p{Ll}+[^s\W]s\?$/u.test(stem)) return "opens-badly";
  if (/^(?:One|Another|Others|Some|Those) (?:that|who|which)\b/.test(stem) || /\btime and time\b(?! again)/.test(stem)) return "opens-badly";
  // "because the muscles work while": a sentence was torn.
  if (!WITHOUT_ANSWER.has(candidate.kind) && candidate.parts === undefined && ENDS_OPEN.test(candidate.key)) return "ends-badly";
  // "is deciding *what to do with it*": with what?
  if (/^(?:what|how|where|whether|when) to \p{Ll}.* (?:it|them|him|her|this|that)$/iu.test(candidate.key)) return "ends-badly";
  // "is damaged *at eighty-five*": of what?
  if (
    / (?:at|to|below|above|over|under) (?:(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:-\w+)?|a hundred)$/i.test(candidate.key) &&
    candidate.factType === "report"
  )
    return "ends-badly";
  // "because the library has a sign on its door: a dog": what stands behind the colon was torn.
  if (candidate.factType === "cause" && candidate.parts === undefined && /:[^,]*$/.test(candidate.key) && !/:.* and /.test(candidate.key)) return "ends-badly";
  // "Dead cells are called *the tubes*": those that were told of.
  if (
    candidate.factType === "definition" &&
    (/\bare called the (?:____|\p{Ll}+s)\.?$/u.test(stem) || (/^What do we call/.test(stem) && /^the \p{Ll}+s$/iu.test(candidate.key)))
  )
    return "opens-badly";
  // "every wolf they killed, since ranchers feared …": a thing with its reason.
  if (THINGS.has(candidate.factType) && candidate.kind === "short-answer" && /, (?:since|because|although|while|whereas) /.test(candidate.key))
    return "ends-badly";
  // "What did he insist on doing as the founder had advised?" – "Using a hammer twice as heavy": as heavy as what was advised.
  if (/\bas \p{Ll}+$/u.test(candidate.key) && / as (?:the|an?|he|she|it|they|his|her|its|\p{Lu}\p{L}+) /u.test(stem)) return "ends-badly";
  // "What could they no longer pay *a year*?" – "The fees of $80": so much a year.
  if (candidate.pattern === "what-object" && /[£$€¥][\d.,]+$/.test(candidate.key) && /\b(?:a|per|each|every) (?:year|month|week|day|hour)\?$/.test(stem))
    return "ends-badly";
  // "the town council should *say yes*": to what?
  if (/^(?:say (?:yes|no)|do (?:so|it)|agree|vote (?:yes|no|for it|against it))$/i.test(candidate.key)) return "ends-badly";
  // "What can split *the rock* in two?" – "Water that freezes in the cracks of *a rock*": of the one that the answer names.
  if (/^(?:what|who)-did$/.test(candidate.pattern) && namesInKey(candidate)) return "answer-in-stem";
  // "What did Hesper do when Hesper's shop was closed?"
  if (candidate.pattern === "what-did-when" && /\b(\p{Lu}\p{Ll}+)\b.* \1[’']s\b/u.test(stem)) return "doubled-words";
  // "did not want to give up the city *either*": beside what else they did not want.
  if (/\beither$/.test(candidate.key) && /\bnot\b/.test(stem)) return "ends-badly";
  // "How many cells did it have in each of which stood one miner?"
  if (stem.endsWith("?") && /\b(?:each|all|both|most|some|one|many) of (?:which|whom)\b/.test(stem)) return "ends-badly";
  // "How many metres long and only six metres wide was it?"
  if (/^How many \p{Ll}+ \p{Ll}+ and\b/u.test(stem) && candidate.factType === "quantity") return "ends-badly";
  // "How many grams of flour and 50 grams of water should you stir?"
  if (/^How many \p{Ll}+ of [\p{Ll} ]+ and (?:\d|(?:two|three|four|five|six|seven|eight|nine|ten|twenty|fifty) \p{Ll}+ of\b)/u.test(stem)) return "ends-badly";
  if (/\bnot only but\b|\bnot only\b(?!.*\bbut\b)/.test(stem)) return "ends-badly";
  if (/\b(?!had|that|____)(\w{3,}) \1\b/i.test(stem) || /\b(?:the the|a the|of of|in in|on on|at at|to to|for for|up up|by by|off off)\b/i.test(stem))
    return "doubled-words";
  if (candidate.kind === "true-false" && /^(?:According to [^,]+, )?(?:one|two|three|four|several|some|many) things?\b/i.test(stem)) return "vague-subject";
  // "What do two things kill?", "are killed by two things": which they are stands elsewhere.
  if (/\b(?:do|does|did|can|will|by) (?:two|three|four|five|several|some|many) things\b/.test(stem)) return "vague-subject";
  // "There are two good reasons.": of what?
  if (
    candidate.kind === "true-false" &&
    /^(?:According to [^,]+, )?there (?:are|were) (?:two|three|four|five|several|many) (?:\p{Ll}+ )?\p{Ll}+s\.$/iu.test(stem)
  )
    return "vague-subject";
  if (/^(?:What|Who|Why|Where|How) \w+ (?:people|some|others|many|most|it|they|you all|a|an)\?$/i.test(stem)) return "vague-subject";
  // "According to Marek, what do you have to do?" When, and for what?
  if (/(?:^|, )what (?:do|does|did|must|should|can|may|will) (?:you|one|we|people) (?:(?:have|need|want|try) to )?do\?$/i.test(stem)) return "vague-subject";
  if (candidate.kind === "true-false" && saysAgain(candidate)) return "doubled-words";
  const quotes = candidate.pattern === "what-it-stands-for" || candidate.parts?.sort === "gaps" || isKeyOffered(stem, candidate.key);
  if (!WITHOUT_ANSWER.has(candidate.kind) && !quotes && answerInStem(candidate)) return "answer-in-stem";
  if (candidate.kind === "gap-fill" && candidate.parts === undefined && new RegExp(`\\b${literally(candidate.key)}\\b`, "i").test(stem.replace(GAP, "")))
    return "gap-word-elsewhere";

  if (NEEDS_SENTENCES.has(candidate.kind) && candidate.evidence.some((sentence) => sentence.unpunctuated)) return "unpunctuated";
  return undefined;
}

/** A sentence of the source that is quoted before it is asked about. */
/** What is read out in front of a question. */
export const LED = /^Read: “[^”]*”/;

/** They show whole sentences of the source, which speech without full stops does not have. */
const NEEDS_SENTENCES = new Set<Candidate["kind"]>(["two-part", "open-response", "essay", "word-in-context", "select-all"]);

const THINGS = new Set<Candidate["factType"]>(["thing", "person", "place", "function"]);

const ENDS_OPEN = /\s(?:while|as|and|or|but|because|although|the|an?|of|with|than|whose|which)\.?$/;

/** "When should you …?" – "*When* it is lit": says nothing yet. */
const OPENS_TIME = /^(?:when|while|until|before|after)$/;

/** Most content words of the key already stand in the stem. */
function answerInStem({ stem, key }: Candidate): boolean {
  // "a bank *run*" beside a sentence that is quoted: every word of it counts.
  const content = (key.toLowerCase().match(LED.test(stem) ? /[\p{L}\d]{3,}/gu : /[\p{L}\d]{4,}/gu) ?? []).filter((word) => !OPENS_TIME.test(word));
  if (content.length === 0) return false;
  const lower = stem.toLowerCase();
  const shared = content.filter((word) => lower.includes(word.replace(/(?:s|ed|ing)$/, ""))).length;
  return shared / content.length >= (content.length <= 2 ? 1 : 0.7);
}

/** "*the new center* feels as if *the new center* could be anywhere", of what the source said once; "a note of *his or her* own". */
function saysAgain({ stem, evidence }: Candidate): boolean {
  const told = evidence.map(({ text }) => text).join(" ");
  const again = /\b(the \p{Ll}+ \p{Ll}+)\b.* \1\b/iu.exec(stem)?.[1];
  const isTwice = again !== undefined && told.toLowerCase().split(again.toLowerCase()).length <= 2;
  return isTwice || (/\bhis or her (?:own\b|.*\bhis or her\b)/.test(stem) && !/\bhis or her\b/.test(told));
}

/** Whether the stem speaks of *the rock* where only the key tells of *a rock*. */
function namesInKey({ stem, key }: Candidate): boolean {
  return [...key.matchAll(/\ban? (\p{Ll}{3,})\b/gu)].some(([, noun]) => new RegExp(`\\bthe ${noun}\\b`).test(stem));
}
