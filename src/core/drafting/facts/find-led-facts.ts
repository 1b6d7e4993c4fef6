import { mayBe } from "../../language/agrees-with";
import { type Analysis, narratorOf, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeText } from "../../language/node-text";
import { isThingsDeed, mayDo } from "../../language/pronoun-rivals";
import { isExpletive, isWeather, ownerPronounOf, pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import { definiteIsClear } from "../phrasing/definite-is-clear";
import { isGone } from "../phrasing/is-gone";
import { isObjectOfLead } from "../phrasing/object-of-lead";
import { hasPronounSubject, opensClearly, speaksOfItself } from "../phrasing/opens-clearly";
import { isNamedIn, takesUpByNoun, takesUpWhole } from "../phrasing/taken-up";
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
  if (before && sentence.tree && isNamedQuestion(before, sentence)) return nameOfQuestion(before, sentence, analysis);
  if (!before?.tree || !sentence.tree || analysis.sort === "story") return [];
  const pointers = pointersIn(sentence, before, analysis);
  const leads = pointers.length > 0 ? leadsOf(sentence, analysis) : [];
  if (leads.length === 0) return [];
  const quoted = leads.length > 1 ? leads.map(({ text }) => text.trim()).join(" ") : quotedText(leads[0]!, analysis);
  return findFacts(sentence, { ...analysis, led: sentence })
    .filter((fact) => takesUp(fact, pointers) && !(fact.type !== "condition" && isNamedAhead(fact.sentence, pointers, analysis)))
    .map((fact) => (isNamedByCondition(fact, pointers, analysis) ? fact : { ...fact, stem: `Read: “${quoted}” ${fact.stem}`, support: leads }))
    .filter(({ stem }) => stem.split(" ").length <= LONGEST_STEM);
}

/** "What if everyone wants the money back on the same day? *This is called* a bank run." */
function isNamedQuestion(before: Sentence, sentence: Sentence): boolean {
  const isWhole =
    before.abstained === "question" && /^(?:(?:But|And|So) )?what (?:if|happens (?:if|when))\b/i.test(before.text) && before.block === sentence.block;
  return isWhole && !/["“”]|\b(?:I|we|this|these|they|it)\b/i.test(before.text) && /^This is (?:called|known as) /.test(sentence.text);
}

function nameOfQuestion(before: Sentence, sentence: Sentence, analysis: Analysis): Fact[] {
  return findFacts(sentence, { ...analysis, led: sentence })
    .filter(({ pattern }) => pattern === "what-is-called")
    .map((fact) => ({ ...fact, stem: `Read: “${before.text.trim()}” ${fact.stem}`, support: [before] }));
}

const POINTING = /\b(?:this|these|such)\b/i;
/** Words of "*its long outer* feathers". */
const LONGEST_OWNED = 4;

/** Whether the question holds what points back; an answer that does ("to prevent *this*") says nothing by itself. */
function takesUp(fact: Fact, pointers: readonly string[]): boolean {
  // Told by the sentence before itself.
  if (fact.support && fact.pattern === "what-do-we-call") return false;
  // "*Until when* is it squeezed for this?"
  if (/^(?:Until|By|Since) when\b/.test(fact.stem) && pointers.includes("this")) return false;
  if (/\b(?:when|if|once) (?:this|it) happens\?$/.test(fact.stem)) return false;
  const stem = fact.stem.toLowerCase();
  const holds = (text: string, pointer: string) => new RegExp(`\\b${literally(pointer)}\\b`).test(text);
  if (POINTING.test(fact.answer)) return false;
  if (/^(?:who|what)-did$/.test(fact.pattern) && /^(?:its|their|his|her)\b/i.test(fact.answer)) return false;
  // "Who protects *it*?" – "*Its* thick fur"
  const isObject = pointers.every((pointer) => /^(?:it|them|him|her)$/.test(pointer)) && !hasPronounSubject(fact.sentence);
  if (isObject && /\b(?:it|its|they|them|their)\b/i.test(fact.answer)) return false;
  // "What makes *it* when *it* bursts out of the kernel?": the pop, and the steam.
  if (fact.pattern === "passive-by" && pointers.some((pointer) => stem.split(new RegExp(`\\b${literally(pointer)}\\b`)).length > 2)) return false;
  // "What happens when *it* rains? It …": what the answer takes up.
  return pointers.some((pointer) => holds(stem, pointer) || (fact.type === "condition" && holds(fact.answer.toLowerCase(), pointer)));
}

/** "If four coins balance *the letter*, it weighs thirty grams": the letter, whatever was told of before. */
function isNamedAhead(sentence: Sentence, pointers: readonly string[], { persons, lexicon }: Analysis): boolean {
  const pointer = pointers.find((one) => /^(?:it|they)$/.test(one));
  const main = firstMain(sentence);
  if (!pointer || !main || pronounOf(main.subject) !== pointer) return false;
  return sentence.clauses.some(
    ({ rank, start, complements }) =>
      rank === "adverbial" &&
      start < main.subject.start &&
      complements.some(({ role, node }) => role === "object" && node.f.det === "def" && mayBe(pointer, node, sentence, persons, lexicon)),
  );
}

/** "What happens if you stroke *a feather*? *It* feels like velvet": the question itself tells what the answer takes up. */
function isNamedByCondition({ type, stem, sentence }: Fact, pointers: readonly string[], { persons, lexicon }: Analysis): boolean {
  const [pointer, ...more] = pointers;
  if (type !== "condition" || !pointer || more.length > 0 || !/^(?:it|they)$/.test(pointer) || new RegExp(`\\b${pointer}\\b`, "i").test(stem)) return false;
  const main = firstMain(sentence);
  const conditions = sentence.clauses.filter(({ rank, start }) => rank === "adverbial" && start < (main?.subject.start ?? 0));
  return conditions.some((inner) => {
    const { subject, complements } = inner;
    if (isGone(inner)) return false;
    return [subject, ...complements.map(({ node }) => node)].some(
      (np) =>
        np.cat === "np" &&
        headTerminal(np).cat !== "pro" &&
        !/^no\b/i.test(nodeText(sentence, np)) &&
        mayBe(pointer, np, sentence, persons, lexicon) &&
        !(main && isThingsDeed(np, main, lexicon)),
    );
  });
}

/** The sentence before, and the one before that where it does not stand by itself and both are short; none where they are no clear words of the source. */
function leadsOf(sentence: Sentence, analysis: Analysis): Sentence[] {
  const [second, first] = [analysis.sentences[sentence.index - 1]!, analysis.sentences[sentence.index - 2]];
  if (!mayQuote(second, sentence, analysis)) return [];
  if (opensClearly(second)) return [second];
  const isBoth =
    first !== undefined &&
    mayQuote(first, sentence, analysis) &&
    opensClearly(first) &&
    hasPronounSubject(second) &&
    `${first.text} ${second.text}`.split(" ").length <= LONGEST_LEAD;
  if (isBoth) return [first, second];
  return opensWithKnown(second, analysis) ? [second] : [];
}

/** "*She* soon noticed that …": a pronoun that is known, and stands in brackets by its name where it is quoted. */
function opensWithKnown(lead: Sentence, analysis: Analysis): boolean {
  const [opening] = lead.clauses.filter(({ rank }) => rank === "main");
  const known = opening && analysis.antecedents.get(positionKey(lead, opening.subject.start));
  // "*Then* it …": leans on more than its pronoun.
  // "*It's* the same thing that …": no name stands before the rest of that word.
  if (/^\p{L}+[’']/u.test(lead.text)) return false;
  return opening?.subject.start === 0 && pronounOf(opening.subject) !== undefined && known !== undefined && known.text.split(" ").length <= MOST_OF_NAME;
}

/** As the source has it, but for its opening pronoun: "[Ida Marrick] soon noticed that …". */
function quotedText(lead: Sentence, analysis: Analysis): string {
  const text = lead.text.trim();
  if (!hasPronounSubject(lead) || !opensWithKnown(lead, analysis)) return text;
  const known = analysis.antecedents.get(positionKey(lead, 0))!;
  return text.replace(/^\p{L}+/u, `[${known.text.charAt(0).toUpperCase()}${known.text.slice(1)}]`);
}

/** Words of what stands in brackets. */
const MOST_OF_NAME = 5;

/** Whole, of the same paragraph and voice, nobody's speech within it and no task. */
function mayQuote(lead: Sentence, sentence: Sentence, analysis: Analysis): boolean {
  if (lead.block !== sentence.block || lead.block.kind === "heading" || lead.unpunctuated || lead.speaker !== sentence.speaker) return false;
  if (lead.clauses.length === 0 || lead.clauses.every(({ imperative }) => imperative)) return false;
  // "think that *we* yawn": people in general, where nobody tells the text.
  const isOfAll = analysis.sort === "expository" && !narratorOf(lead, analysis) && !/\b(?:I|my|me)\b/.test(lead.text);
  // "The plan for *this* is called the budget": for what, the one before it says.
  if (/\b(?:for|of|to|from|with|in|at) this(?:[,.;]| (?:is|was|are|were|has|had|can|could|will|would)\b)/.test(lead.text)) return false;
  // "In most countries *this* is the job of an office."
  if (/\bthis (?:is|was|can|will|means|makes|has|helps)\b/i.test(lead.text)) return false;
  return (isOfAll || !speaksOfItself(lead)) && !/["“”?]/.test(lead.text) && lead.text.split(" ").length <= LONGEST_LEAD;
}

/** What is done, thought, told or happens: a noun for all that a sentence says. */
const FOR_SENTENCES: ReadonlySet<number> = new Set([
  NounFile.act,
  NounFile.attribute,
  NounFile.cognition,
  NounFile.communication,
  NounFile.event,
  NounFile.phenomenon,
  NounFile.possession,
  NounFile.process,
  NounFile.state,
]);

/** The words by which a sentence points to what the one before told, in small letters. */
function pointersIn(sentence: Sentence, lead: Sentence, analysis: Analysis): string[] {
  const main = firstMain(sentence);
  if (!main) return [];
  const pronoun = pronounOf(main.subject);
  // "When a body falls, *this force* …": told of in the sentence itself.
  const isAhead = sentence.clauses.some(({ start, rank }) => rank !== "main" && start < main.subject.start);
  const isOpen = !analysis.antecedents.has(positionKey(sentence, main.subject.start));
  // "Rulers saw things differently. *Since potatoes grow underground*, they survive": the potatoes.
  // "When *Marsh* died, he had 186 dollars": his own, or somebody's that was told of before; a quoted sentence does not settle it.
  const isPersons =
    (pronoun === "he" || pronoun === "she") && sentence.clauses.some(({ rank, subject }) => rank !== "main" && isPerson(subject, sentence, analysis));
  const isNamedAhead =
    (isPersons || /^(?:since|because|although|though)$/i.test(sentence.words[main.start]?.text ?? "")) &&
    sentence.clauses.some(
      ({ rank, start, subject }) => rank !== "main" && start < main.subject.start && !pronounOf(subject) && (subject.f.num === "pl") === (pronoun === "they"),
    );
  const opening = pronoun && isOpen && !isNamedAhead && isNamedFor(pronoun, sentence, lead, analysis);
  // "*Their* roots reach far down"
  const owner = isAhead ? undefined : ownerPronounOf(main.subject);
  const whose = owner && isOpen && main.subject.end - main.subject.start <= LONGEST_OWNED && namedFor(owner, lead, analysis).length > 0;
  const parts = isAhead ? [] : [main.subject, ...[...main.complements, ...main.adjuncts].map(({ node }) => node)];
  const pointing = parts.flatMap(walkTree).filter((node) => node.cat === "np" && pointsBack(node, sentence, lead, analysis));
  // "*The protest* was so fierce that …", which is not clear by itself.
  const isUnclearNoun = takesUpByNoun(main.subject, sentence, analysis) && !definiteIsClear(main.subject, sentence, analysis, false);
  // "A minister must confirm *it*"
  const objects = [...main.complements, ...main.adjuncts]
    .flatMap(({ node }) => walkTree(node))
    .filter((node) => node.kids.length === 0 && !sentence.resolved?.has(node.start) && isObjectOfLead(node, sentence, analysis));
  // "*The extra amount* is called interest"
  const isNamed = main.passive && /^(?:call|know)$/.test(main.verb.lemma ?? "") && main.subject.f.det === "def" && main.subject.end - main.subject.start <= 4;
  return [
    ...(opening ? [pronoun] : []),
    ...(whose ? [nodeText(sentence, main.subject).toLowerCase()] : []),
    ...[...new Set(pointing.map((node) => nodeText(sentence, node).toLowerCase()))],
    ...objects.map(({ lemma = "" }) => lemma),
    ...(isNamed || takesUpWhole(main.subject, sentence, analysis) || isUnclearNoun ? [nodeText(sentence, main.subject).toLowerCase()] : []),
  ];
}

/** "*This* makes the water sink", "*this rule*", "*such a loan*", "at *that time*" */
function pointsBack(np: Node, sentence: Sentence, lead: Sentence, analysis: Analysis): boolean {
  const head = headTerminal(np);
  const opening = sentence.words[np.start]!.lower;
  if (head.cat === "pro") return head.lemma === "this" && np.end - np.start === 1;
  const lemma = (head.lemma ?? "").toLowerCase();
  if (head.cat !== "n" || np.end - np.start > 3 || !/^(?:this|these|that|such)$/.test(opening)) return false;
  if (TIME_NOUNS.has(lemma)) return /^(?:that|this)$/.test(opening) && lemma !== "moment" && !isOfToday(sentence) && tellsTime(lead);
  // "this method" of a text that tells steps: all of them.
  if (opening === "that" || OF_THE_TEXT.test(lemma) || (analysis.sort === "steps" && !firstMain(sentence)?.passive)) return false;
  // "Plastic gets hot. … on *such a pitch*": like one that the sentence before names; "such a vote" is what it tells.
  const senses = analysis.lexicon.findWord(lemma)?.senses ?? [];
  const isThing = lemma !== "thing" && senses.some((sense) => /^(?:6|15)$/.test(String(analysis.lexicon.nounFile(sense))));
  if (opening === "such" && isThing) return isNamedIn(lemma, lead, analysis);
  return /^(?:state|power|step)$/.test(lemma) || FOR_SENTENCES.has(fileOf(lemma, analysis.lexicon) ?? -1) || isNamedIn(lemma, lead, analysis);
}

function tellsTime({ text, words }: Sentence): boolean {
  return /\b\d{3,4}\b/.test(text) || words.some(({ lower }) => TIME_NOUNS.has(lower));
}

function isPerson(np: Node, sentence: Sentence, { persons, lexicon }: Analysis): boolean {
  const name = nodeText(sentence, np);
  const mayBeName = np.f.det === "proper" && lexicon.nameKind(name) !== "place";
  return mayBeName || persons.has(name) || isPersonNoun(headTerminal(np).lemma ?? "", lexicon);
}

function firstMain({ clauses }: Sentence): Clause | undefined {
  return clauses.find(({ rank }) => rank === "main");
}

/** "This year the council buys a horn": the writer's own. */
function isOfToday({ clauses }: Sentence): boolean {
  return clauses.some(({ rank, verb, auxiliaries }) => rank === "main" && ![verb, ...auxiliaries].some(({ flags }) => flags?.includes("past")));
}

/** Whether the lead names something that a pronoun can stand for, and that can have done what is told. */
function isNamedFor(pronoun: string, sentence: Sentence, lead: Sentence, analysis: Analysis): boolean {
  const clause = firstMain(sentence);
  if (!clause || isExpletive(pronoun, clause) || isWeather(clause)) return false;
  return namedFor(pronoun, lead, analysis).some((np) => mayDo(np, clause, analysis.lexicon));
}

/** The nouns of the lead that a pronoun, or *its*, *their*, *his* or *her*, can stand for. */
function namedFor(pronoun: string, lead: Sentence, { persons, lexicon }: Analysis): Node[] {
  return walkTree(lead.tree!).filter((np) => {
    const head = headTerminal(np);
    if (np.cat !== "np" || np.f.time || TIME_NOUNS.has(head.lemma ?? "") || head.cat === "pro" || np.f.det === "clause") return false;
    return mayBe(pronoun, np, lead, persons, lexicon);
  });
}

/** "this part", "this kind": of something told long before, or of the text itself. */
const OF_THE_TEXT = /^(?:point|part|kind|sort|type|way|reason|case|text|article|book)$/;
