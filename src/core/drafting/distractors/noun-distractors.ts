import { MASS_NOUNS } from "../../language/data/irregular-nouns";
import { THIN_NOUNS, TIME_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { headTerminal, type Node } from "../../language/tree";
import { createRandom, type Random, seedFrom } from "../../lib/random";
import type { Fact } from "../facts/fact";
import { isSameSort } from "../facts/term-sort";
import { articleFor } from "../phrasing/restate";
import { near, type SourceStock } from "../source-stock";
import { overlaps, wuPalmer } from "./noun-kind";

/** Sorts of people that hold most others. */
const OPEN_SORTS = /^(?:child|man|woman|people|person|human|boy|girl|worker|family|adult|student|pupil|citizen|visitor|resident|helper|member)$/;
/** "no teacher", "each pupil", "some rabbits": an amount of them, and no answer. */
const QUANTIFIED = /^(?:no|each|every|some|any|many|most|few|several|all|both|another|such)\b/i;
const CALLED = /\b(?:this|the|such an?) (\p{L}+) called\?$/iu;
/** "What is a *vehicle* that rides on air called?", "What do we call the *instrument* in the cabin?" */
const OF_SORT =
  /^What (?:is|are|do we call) (?:(?:the|an?) )?(?:\p{L}+ )*?(\p{L}+)(?:,| (?:that|who|whose|which|of|in|with|for|on|at|from|to|where|made|used|called)\b|\?)/iu;
/** WordNet files of what can be seen and held: animal, artifact, body, food, object, person, plant, substance. */
const CONCRETE = new Set<number>([5, 6, 8, 13, 17, 18, 20, 27]);

/** Nouns of the source, of the answer's kind and number and with its article. Nouns from outside it are guessed away at once. */
export function nounDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const { lexicon, persons } = stock.analysis;
  const node = fact.answerNode!;
  const head = headTerminal(node);
  // "What do we call the number of members …?": no meeting and no jury is a number.
  if (head.cat !== "n" || /^What do we call (?:the|an?) (?:number|amount|rate|level|share|speed|distance)\b/.test(fact.stem)) return [];
  const lemma = (head.lemma ?? "").toLowerCase();
  // "Who worked in the mills?" – "Children": the boys and the workers did too.
  const isDoer = fact.type === "person" || /^Whom?\b/.test(fact.stem);
  if (isDoer && OPEN_SORTS.test(lemma)) return [];
  const plural = head.flags?.[0] === "pl";
  const file = nounFile(lemma, stock);
  const taken: string[] = [lemma];
  const chosen: string[] = [];
  // "What is this *water* called?": no door is water.
  // "What do we call the *instrument* in the cabin?": an instrument, or another term of the text.
  const called = CALLED.exec(fact.stem)?.[1];
  const asked = called ?? (fact.type === "naming" ? OF_SORT.exec(fact.stem)?.[1] : undefined);
  const sort = asked === undefined ? undefined : nounFile(asked.toLowerCase(), stock);
  const take = (text: string, noun: string, isTerm = false) => {
    if (sort !== undefined && CONCRETE.has(sort) && nounFile(noun, stock) !== sort && (called || !isTerm)) return;
    if (chosen.length >= count || taken.some((other) => overlaps(other, noun, lexicon)) || alsoTrue(fact, noun, stock)) return;
    taken.push(noun);
    chosen.push(text);
  };
  const random = createRandom(seedFrom(fact.id, seed));
  const words = fact.answer.split(" ").length;
  const terms = near(stock.facts, fact.sentence).filter(
    (other) =>
      other.type === "naming" &&
      other.term !== fact.term &&
      other.answerNode &&
      headTerminal(other.answerNode).flags?.[0] === head.flags?.[0] &&
      isSameSort(fact, other, lexicon),
  );
  if (fact.type === "naming") {
    for (const other of random.shuffle(terms)) take(dressed(bare(other.answer), node), headTerminal(other.answerNode!).lemma ?? "", true);
    for (const phrase of topicalPhrases(fact, stock, plural, random)) {
      if (nounFile(phrase.noun, stock) !== file) continue;
      if (!fact.stem.toLowerCase().includes(phrase.noun) && !(node.f.det === "indef" && MASS_NOUNS.has(phrase.noun)))
        take(dressed(phrase.text, node), phrase.noun);
    }
  }
  const similar = random
    .shuffle(near(stock.nounPhrases, fact.sentence))
    .filter((phrase) => {
      const other = headTerminal(phrase.node);
      return (
        other.cat === "n" &&
        (other.flags?.[0] === "pl") === plural &&
        sameArticle(phrase.node, node) &&
        nounFile(other.lemma ?? "", stock) === file &&
        Math.abs(phrase.text.split(" ").length - words) <= 2 &&
        !persons.has(phrase.text) &&
        !QUANTIFIED.test(phrase.text) &&
        !(isDoer && (OPEN_SORTS.test(other.lemma ?? "") || isNamedByDeed(other.lemma ?? "", fact))) &&
        !fact.stem.toLowerCase().includes(other.lemma ?? "")
      );
    })
    .map((phrase) => ({ phrase, near: wuPalmer(lemma, headTerminal(phrase.node).lemma ?? "", lexicon) }))
    .filter(({ near }) => near >= 0.5)
    .sort((a, b) => b.near - a.near);
  for (const { phrase } of similar) take(phrase.text, headTerminal(phrase.node).lemma ?? "");
  return chosen;
}

/** "Who *worked* …?" – "the workers" */
function isNamedByDeed(noun: string, { clause }: Fact): boolean {
  const verb = clause.verb.lemma ?? "";
  return verb.length > 2 && /(?:er|or|ers|ors)$/.test(noun) && noun.startsWith(verb.replace(/e$/, ""));
}

function bare(phrase: string): string {
  return phrase.replace(/^(?:an?|the|its|their) /i, "");
}

const UNNAMING = /^(?:two|three|four|five|several|many|some|few|whole|other|new|old|first|second|third|last|same|different|certain|own|good|great)$/i;

/** Nouns the source keeps using, with the modifier that makes a term of them: what a careless reader would pick. */
function topicalPhrases(fact: Fact, stock: SourceStock, plural: boolean, random: Random): { text: string; noun: string }[] {
  const { lemmaCounts, headingLemmas, lexicon, persons } = stock.analysis;
  const found = new Map<string, { text: string; noun: string; weight: number }>();
  for (const { text, node } of random.shuffle(near(stock.nounPhrases, fact.sentence))) {
    const head = headTerminal(node);
    const noun = (head.lemma ?? "").toLowerCase();
    const count = lemmaCounts.get(noun) ?? 0;
    const words = bare(text).split(" ");
    if (
      head.cat !== "n" ||
      (head.flags?.[0] === "pl") !== plural ||
      words.length > 2 ||
      count < 2 ||
      persons.has(text) ||
      THIN_NOUNS.has(noun) ||
      (MASS_NOUNS.has(noun) && node.f.det !== "def") ||
      isPersonNoun(noun, lexicon)
    )
      continue;
    // "the two names", "the whole house": no term of the matter.
    if (UNNAMING.test(words[0]!)) continue;
    if (TIME_NOUNS.has(noun) || UNIT_NOUNS.has(noun) || node.f.det === "quant" || node.f.det === "num" || node.f.det === "poss") continue;
    const weight = Math.min(count, 5) + (headingLemmas.has(noun) ? 2 : 0) + (words.length === 2 ? 1.5 : 0);
    const old = found.get(noun);
    if (!old || old.weight < weight) found.set(noun, { text: bare(text), noun, weight });
  }
  return [...found.values()].sort((a, b) => b.weight - a.weight);
}

function nounFile(lemma: string, stock: SourceStock): number {
  const sense = stock.analysis.lexicon.findWord(lemma.toLowerCase())?.senses[0];
  return sense ? stock.analysis.lexicon.nounFile(sense) : 0;
}

function sameArticle(a: Node, b: Node): boolean {
  const kind = (node: Node) => (/^(?:def|indef|num)$/.test(node.f.det ?? "") ? node.f.det : "bare");
  return kind(a) === kind(b);
}

function dressed(noun: string, model: Node): string {
  if (model.f.det === "def") return `the ${noun}`;
  return model.f.det === "indef" && noun !== "" ? `${articleFor(noun)} ${noun}` : noun;
}

/** Another sentence that speaks of the same deed with this noun might make it right too. */
function alsoTrue(fact: Fact, noun: string, stock: SourceStock): boolean {
  const verb = fact.clause.verb.lemma ?? "";
  const isDeed = verb.length > 2 && fact.clause.verb.cat === "v";
  return (stock.sentencesByLemma.get(noun.toLowerCase()) ?? []).some(
    (sentence) => sentence === fact.sentence || (isDeed && stock.contentBySentence.get(sentence)!.has(verb)),
  );
}
