import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { fileOf, NounFile } from "../../language/lexicon";
import { mayDo } from "../../language/pronoun-rivals";
import { mayBe } from "../../language/resolve-pronouns";
import { isExpletive, isWeather, pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { hypernymChain } from "../distractors/noun-kind";
import { hasPronounSubject, opensClearly, speaksOfItself } from "../phrasing/opens-clearly";
import type { Fact } from "./fact";
import { findFacts } from "./find-facts";

/** Words of the sentence that is quoted, and of the whole stem. */
const LONGEST_LEAD = 28;
const LONGEST_STEM = 38;

/**
 * Facts of a sentence that takes up the one before ("A council may not decide on anything that is not on
 * the agenda. *This rule* protects citizens, because …", "The council has seven members. *They* are elected
 * for four years"): asked with that sentence quoted in front, so that a reader knows what is meant.
 */
export function findLedFacts(sentence: Sentence, analysis: Analysis): Fact[] {
  const before = analysis.sentences[sentence.index - 1];
  if (!before?.tree || !sentence.tree || analysis.sort === "story" || !takesUp(sentence, before, analysis)) return [];
  const leads = leadsOf(sentence, analysis);
  if (leads.length === 0) return [];
  const quoted = leads.map(({ text }) => text.trim()).join(" ");
  return findFacts(sentence, { ...analysis, led: sentence })
    .filter(
      (fact) =>
        !(fact.support && fact.pattern === "what-do-we-call") &&
        isPointing(fact) &&
        (TAKES_UP.test(fact.stem) || fact.type === "condition") &&
        !POINTING.test(fact.answer),
    )
    .map((fact) => ({ ...fact, stem: `Read: “${quoted}” ${fact.stem}`, support: leads }))
    .filter(({ stem }) => stem.split(" ").length <= LONGEST_STEM);
}

const POINTING = /\b(?:this|these|such)\b/i;
/** What the question itself takes up: "what happens once *a pool* is gone" is clear without the sentence before. */
const TAKES_UP = /\b(?:this|these|it|they)\b/i;
/** What is asked of an *it* or *they*: no deeds and places, which may be somebody else's. */
const FOR_PRONOUNS: ReadonlySet<Fact["type"]> = new Set(["cause", "purpose", "condition", "quantity", "naming", "definition", "manner", "function"]);

function isPointing({ clause: { subject }, type }: Fact): boolean {
  return subject.f.det === "dem" || (pronounOf(subject) ? FOR_PRONOUNS.has(type) : headTerminal(subject).lemma === "this");
}

/** The sentence before, and the one before that where it does not stand by itself; none where they are no clear words of the source. */
function leadsOf(sentence: Sentence, { sentences }: Analysis): Sentence[] {
  const [second, first] = [sentences[sentence.index - 1]!, sentences[sentence.index - 2]];
  if (!mayQuote(second, sentence)) return [];
  if (opensClearly(second)) return [second];
  if (!first || !mayQuote(first, sentence) || !opensClearly(first) || !hasPronounSubject(second)) return [];
  return `${first.text} ${second.text}`.split(" ").length <= LONGEST_LEAD ? [first, second] : [];
}

/** Whole, of the same paragraph and voice, nobody's speech within it and no task. */
function mayQuote(lead: Sentence, sentence: Sentence): boolean {
  if (lead.block !== sentence.block || lead.block.kind === "heading" || lead.unpunctuated || lead.speaker !== sentence.speaker) return false;
  if (lead.clauses.length === 0 || lead.clauses.every(({ imperative }) => imperative)) return false;
  return !speaksOfItself(lead) && !/["“”?]/.test(lead.text) && lead.text.split(" ").length <= LONGEST_LEAD;
}

/** What is done, thought, told or happens: a noun for all that a sentence says. */
const FOR_SENTENCES: ReadonlySet<number> = new Set([
  NounFile.act,
  NounFile.attribute,
  NounFile.cognition,
  NounFile.communication,
  NounFile.event,
  NounFile.phenomenon,
  NounFile.process,
  NounFile.state,
]);

/** Whether the first thing that the sentence points with is meant of the sentence before. */
function takesUp(sentence: Sentence, lead: Sentence, analysis: Analysis): boolean {
  const [subject] = sentence.clauses.filter(({ rank }) => rank === "main").map((clause) => clause.subject);
  if (!subject) return false;
  const head = headTerminal(subject);
  const pronoun = pronounOf(subject);
  if (pronoun) return !analysis.antecedents.has(positionKey(sentence, subject.start)) && isNamedFor(pronoun, sentence, lead, analysis);
  // "*This* makes the water sink": all that was just said.
  if (head.cat === "pro") return head.lemma === "this";
  if (subject.f.det !== "dem" || subject.end - subject.start > 3 || !/^th(?:is|ese)$/.test(sentence.words[subject.start]?.lower ?? "")) return false;
  const lemma = (head.lemma ?? "").toLowerCase();
  if (head.cat !== "n" || TIMES.test(lemma)) return false;
  return FOR_SENTENCES.has(fileOf(lemma, analysis.lexicon) ?? -1) || isNamedIn(lemma, lead, analysis);
}

/** Whether the lead names something that *it* or *they* can stand for, and that can have done what is told. */
function isNamedFor(pronoun: string, sentence: Sentence, lead: Sentence, { persons, lexicon }: Analysis): boolean {
  const [clause] = sentence.clauses.filter(({ rank }) => rank === "main");
  if (!clause || !/^(?:it|they)$/.test(pronoun) || isExpletive(pronoun, clause) || isWeather(clause)) return false;
  return walkTree(lead.tree!).some((np) => {
    const head = headTerminal(np);
    if (np.cat !== "np" || np.f.time || TIME_NOUNS.has(head.lemma ?? "") || head.cat === "pro" || np.f.det === "clause") return false;
    return mayBe(pronoun, np, lead, persons, lexicon) && mayDo(np, clause, lexicon);
  });
}

/** "this year", "this time", "this part": of the writer's day, or of something told long before. */
const TIMES = /^(?:time|year|day|night|morning|evening|week|month|century|season|moment|period|point|part|kind|sort|type|way|reason|case|text|article|book)$/;

/** The lead names it by the same noun, or by one that is a sort of it: "a hairpin … This pin". */
function isNamedIn(lemma: string, lead: Sentence, { lexicon }: Analysis): boolean {
  const senses = lexicon.findWord(lemma)?.senses.slice(0, 2) ?? [];
  const nouns = walkTree(lead.tree!).filter(({ cat }) => cat === "n");
  return nouns.some((noun: Node) => noun.lemma?.toLowerCase() === lemma || hypernymChain(noun.lemma ?? "", lexicon).some((sense) => senses.includes(sense)));
}
