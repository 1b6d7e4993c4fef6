import { numberValue } from "../../drafting/phrasing/number-forms";
import { literally } from "../../lib/literally";
import type { Question } from "../../questions/question";
import { baseSet, contentWords, sourceBases } from "../content-words";
import { type CheckContext, defineRule, type Report } from "../define-rule";
import { synonymOf } from "../how-carried";
import { provedWords } from "../proved-words";
import { sourceSentences } from "../source-sentences";

/** A key that the evidence does not say is a key the teacher would have to take on trust. */
export const keyInEvidence = defineRule({
  id: "key-in-evidence",
  verdict: "look",
  source: "Every key is proved by the source's own words.",
  about: "The key's words stand in the evidence, or follow from it.",
  appliesTo: "all",
  example: { good: "Key: mercury. Evidence: “The lens floats on a ring of mercury.”", bad: "Key: oil. Evidence: “The lens floats on a ring of mercury.”" },
  messages: {
    missing: "The evidence does not say “{word}”, which the key needs.",
    "statement-adds": "The evidence does not say “{word}”, but the statement is keyed as true.",
    "statement-agrees": "The evidence seems to say just this, but the statement is keyed as false.",
    number: "The evidence does not say {word}, and no two of its numbers give it.",
    negation: "The evidence and the statement differ in a “not”, but the statement is keyed as true.",
  },
  check(question, context, report) {
    const evidence = question.evidence.map((span) => span.quote).join(" ");
    if (!evidence) return;
    if (question.kind === "true-false")
      return checkStatement(question.stem, question.key, evidence, `${speakersOf(question, context)} ${saidBefore(question, context)}`, context, report);
    if (question.kind === "number") return checkNumber(question.key.value, evidence, report);
    const known = baseSet(`${evidence} ${question.stem} ${NARRATORS} ${speakersOf(question, context)} ${saidBefore(question, context)}`, context.lexicon);
    // In a row of events the text says *she*, and the item names her; so do a pair and a point.
    const isNamed = (shown: string, base: string) =>
      NAMES_WHO.has(question.kind) && /^\p{Lu}/u.test(shown) && sourceBases(context.blocks, context.lexicon).has(base);
    const proved = provedWords(question);
    const missing = contentWords(proved, context.lexicon).filter(
      (word) =>
        !known.has(word.base) && !isNamed(word.shown, word.base) && !isOfName(word.shown, proved, evidence, context) && !hasSynonym(word.base, known, context),
    );
    if (missing.length > 0) report("missing", { word: missing[0]!.shown }, { part: "key" });
  },
});

const NAMES_WHO = new Set<Question["kind"]>(["order", "match", "open-response", "essay"]);

/** "Mary went on collecting" proves *Mary Anning*, whom the source names whole elsewhere. */
function isOfName(shown: string, key: string, evidence: string, { blocks }: CheckContext): boolean {
  const names = key.match(/\p{Lu}[\p{L}’'-]+(?: \p{Lu}[\p{L}’'-]+)+/gu) ?? [];
  return names.some(
    (name) =>
      name.split(" ").some((part) => part.toLowerCase() === shown.toLowerCase()) &&
      name.split(" ").some((part) => new RegExp(`\\b${literally(part)}\\b`).test(evidence)) &&
      blocks.some((block) => block.text.includes(name)),
  );
}

/** What *I* and *my* of the evidence become. */
const NARRATORS = "speaker writer narrator";

/** Who says the evidence, where the paragraph opens with a name or the captions give one. */
function speakersOf(question: Question, { blocks }: CheckContext): string {
  const said = new Set(question.evidence.map((span) => span.blockId));
  return blocks.flatMap((block) => (said.has(block.id) ? [block.speaker ?? /^([^:]{2,40}):\s/.exec(block.text)?.[1] ?? ""] : [])).join(" ");
}

const POINTS_BACK = /\b(?:it|they|them|he|him|she|her|his|its|their|this|these|those|such)\b/i;

/** Where the evidence holds a pronoun, the sentence before may say what is meant. */
function saidBefore(question: Question, { blocks, lexicon }: CheckContext): string {
  const all = sourceSentences(blocks, lexicon);
  return question.evidence
    .filter(({ quote }) => POINTS_BACK.test(quote))
    .map((span) => {
      const at = all.findIndex((sentence) => sentence.blockId === span.blockId && sentence.start <= span.start && sentence.end > span.start);
      const before = all[at - 1];
      return before?.blockId === span.blockId ? before.text : "";
    })
    .join(" ");
}

/** The number itself, or what two numbers of the evidence differ by or add up to. */
function checkNumber(value: number, evidence: string, report: Report): void {
  const said = numbersIn(evidence);
  const follows = said.includes(value) || said.some((a) => said.some((b) => a - b === value || (a + b === value && a !== b)));
  if (!follows) report("number", { word: value }, { part: "key" });
}

/** Numbers in digits and in words, in the order of the text. */
function numbersIn(text: string): number[] {
  const found: number[] = [];
  for (const [digits] of text.matchAll(/\d[\d,]*(?:\.\d+)?/g)) found.push(Number(digits.replace(/,/g, "")));
  const words = text.toLowerCase().match(/[a-z]+(?:-[a-z]+)*/g) ?? [];
  for (let at = 0; at < words.length; at++) {
    for (let length = Math.min(5, words.length - at); length >= 1; length--) {
      const value = /^(?:a|and)$/.test(words[at]!) ? undefined : numberValue(words.slice(at, at + length).join(" "));
      if (value === undefined) continue;
      found.push(value);
      at += length - 1;
      break;
    }
  }
  return found;
}

function checkStatement(stem: string, key: boolean, evidence: string, speakers: string, context: CheckContext, report: Report): void {
  const known = baseSet(`${evidence} ${NARRATORS} ${speakers}`, context.lexicon);
  const words = contentWords(stem.replace(/^According to [^,]+, |^In the (?:story|passage|text), /, ""), context.lexicon);
  const added = words.filter((word) => !known.has(word.base) && !hasSynonym(word.base, known, context) && !NAMING.has(word.base));
  const negationDiffers = isNegated(stem) !== isNegated(evidence);
  const isName = ({ kind, shown }: (typeof added)[number]) => kind === "name" || isNameInSource(shown, stem, context);
  const unproved = added.find((word) => !isName(word));
  if (key && unproved) report("statement-adds", { word: unproved.shown });
  else if (key && isNegated(stem) && negationDiffers) report("negation");
  const isAdded = words.some((word) => word.kind === "number" && countOf(word.shown, stem) > countOf(word.shown, evidence));
  if (
    !key &&
    added.length === 0 &&
    !isAdded &&
    !negationDiffers &&
    !boundDiffers(stem, evidence) &&
    !sideDiffers(stem, evidence) &&
    !reordered(stem, evidence, context)
  )
    report("statement-agrees");
}

/**
 * "Ida left the light", proved by "She left the light": a name that opens the statement is one inside the
 * source's sentences too, or stands in front of another there ("Ida Marlow left").
 */
function isNameInSource(word: string, stem: string, { blocks }: CheckContext): boolean {
  if (!/^\p{Lu}\p{Ll}/u.test(word)) return false;
  const whole = new RegExp(`\\b${literally(word)}(?: \\p{Lu}\\p{Ll}[\\p{L}’'-]*)+`, "u").exec(stem)?.[0].replace(/['’]s$/, "");
  const inside = new RegExp(`(?<=[\\p{Ll},;] )${literally(word)}\\b`, "u");
  return blocks.some(({ text }) => inside.test(text) || (whole !== undefined && text.includes(whole)));
}

function countOf(word: string, text: string): number {
  return text.toLowerCase().match(new RegExp(`(?<![\\p{L}\\d])${literally(word.toLowerCase())}(?![\\p{L}\\d])`, "gu"))?.length ?? 0;
}

/** Words a definition may bring with it. */
const NAMING = new Set(["call", "name", "know", "define"]);

function isNegated(text: string): boolean {
  return /\b(?:not|never|no|nobody|nothing|neither|cannot)\b|n't\b/i.test(text);
}

const ABOVE = /\b(?:more than|over|at least|most|many)\b/i;
const BELOW = /\b(?:less than|fewer than|under|at most|few)\b/i;

/** "At least ten" and "fewer than ten" have their weighty words in common. */
function boundDiffers(stem: string, evidence: string): boolean {
  return (BELOW.test(stem) && !BELOW.test(evidence) && ABOVE.test(evidence)) || (ABOVE.test(stem) && !ABOVE.test(evidence) && BELOW.test(evidence));
}

const SIDES = new Set("above below before after inside outside under over with without".split(" "));

/** "Above the lighthouse" where the evidence says *below* it: small words that turn the whole round. */
function sideDiffers(stem: string, evidence: string): boolean {
  const said = evidence.toLowerCase().split(/[^a-z]+/);
  return stem
    .toLowerCase()
    .split(/[^a-z]+/)
    .some((word) => SIDES.has(word) && !said.includes(word));
}

const PUTS_IN_ORDER = /\b(?:than|instead of|before|after|from|into)\b/;

/** The same words in another order can say the opposite: "wet rope is harder … than dry rope". */
function reordered(stem: string, evidence: string, { lexicon }: CheckContext): boolean {
  const inEvidence = contentWords(evidence, lexicon).map((word) => word.base);
  const places = contentWords(stem, lexicon).map((word) => inEvidence.indexOf(word.base));
  return PUTS_IN_ORDER.test(stem) && places.some((place, index) => index > 0 && place < places[index - 1]!);
}

function hasSynonym(base: string, known: ReadonlySet<string>, { lexicon }: CheckContext): boolean {
  const words = [...known].map((other) => ({ base: other, shown: other, start: 0, kind: "word" as const }));
  return synonymOf(base, words, lexicon) !== undefined;
}
