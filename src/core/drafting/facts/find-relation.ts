import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, reasonNode } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms, isPeople } from "./find-participant";
import { takesInfinitive } from "./find-purpose";

/** Verbs with the preposition that belongs to them: what follows is what the verb is about, neither place nor time. */
const PAIRS: Record<string, readonly string[]> = {
  make: ["of", "from", "up"],
  consist: ["of"],
  compose: ["of"],
  depend: ["on"],
  rely: ["on"],
  lead: ["to"],
  result: ["in"],
  turn: ["into"],
  change: ["into"],
  grow: ["into"],
  develop: ["into"],
  break: ["into"],
  belong: ["to"],
  feed: ["on"],
  live: ["on"],
  come: ["from"],
  protect: ["from"],
  cover: ["with"],
  fill: ["with"],
  use: ["for"],
  know: ["for"],
  divide: ["into"],
  convert: ["into"],
  react: ["with"],
  contribute: ["to"],
  suffer: ["from"],
  worry: ["about"],
  descend: ["from"],
  derive: ["from"],
  originate: ["from", "in"],
  base: ["on"],
  associate: ["with"],
  suit: ["for"],
  name: ["after"],
  differ: ["from"],
  add: ["to"],
  date: ["from", "to"],
  connect: ["to"],
  link: ["to"],
  replace: ["with"],
  adapt: ["to"],
  measure: ["in"],
  begin: ["with"],
  work: ["like"],
  stand: ["on"],
  store: ["as"],
  act: ["as"],
  serve: ["as"],
  crush: ["into"],
  press: ["into"],
  grind: ["into"],
  squeeze: ["into"],
  split: ["into"],
  separate: ["into", "from"],
  transform: ["into"],
  translate: ["into"],
  dissolve: ["in"],
  die: ["of", "from"],
  recover: ["from"],
  escape: ["from"],
  benefit: ["from"],
  obtain: ["from"],
  extract: ["from"],
  ask: ["for"],
  search: ["for"],
  look: ["for"],
  pay: ["for"],
  hope: ["for"],
  call: ["for"],
  apply: ["for"],
  vote: ["for", "against"],
  fight: ["for", "against"],
  protest: ["against"],
  respond: ["to"],
  refer: ["to"],
  appeal: ["to"],
  prey: ["on"],
  focus: ["on"],
  concentrate: ["on"],
  specialise: ["in"],
  specialize: ["in"],
  believe: ["in"],
  collide: ["with"],
  deal: ["with"],
  combine: ["with"],
  compare: ["to", "with"],
  limit: ["to"],
  equip: ["with"],
  surround: ["with"],
};
/** "base on", "name after": said of what is based or named. */
const PASSIVE_ONLY = new Set(
  "use know cover fill base associate suit name add connect link replace measure store crush press grind squeeze translate obtain extract compare limit equip surround".split(
    " ",
  ),
);

const WORTH: Record<string, number> = { make: 2.1, consist: 2.1, depend: 2.2, rely: 2.1, lead: 2.4, result: 2.4, turn: 2.3, change: 2.3, come: 1.8, use: 2.3 };

/** Adjectives with the preposition that belongs to them. */
const QUALITIES: Record<string, string> = {
  afraid: "of",
  proud: "of",
  full: "of",
  tired: "of",
  famous: "for",
  responsible: "for",
  grateful: "for",
  rich: "in",
  similar: "to",
  allergic: "to",
  covered: "with",
  interested: "in",
};

/** "She *was afraid of* polar bears": what was she afraid of? */
export function findQuality(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (
    clause.verb.cat !== "be" ||
    clause.negated ||
    clause.shared ||
    clause.auxiliaries.length > 0 ||
    predicate?.cat !== "ap" ||
    predicate.role !== "complement"
  )
    return [];
  const phrase = predicate.kids[1];
  const quality = headTerminal(predicate).lemma ?? "";
  const [preposition, thing] = phrase?.cat === "pp" ? phrase.kids : [];
  if (!phrase || !thing || preposition?.lemma !== QUALITIES[quality] || thing.cat !== "np" || thing.f.det === "pron") return [];
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(thing, clause.sentence, analysis, phrasing.binder)) return [];
  const answer = nodeText(clause.sentence, thing);
  return [
    factOf(phrasing, thing.start, {
      type: "thing",
      stem: `${["What", phrasing.inverted, phrasing.subject, wordsText(clause.sentence, predicate.start, phrase.start), preposition!.lemma, rest].filter(Boolean).join(" ")}?`,
      answer,
      answerNode: coreOf(thing),
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2,
      pattern: "what-relation",
    }),
  ];
}

/** "The expedition promised her *fifty dollars a month*": what was given, promised or paid to whom. */
export function findGift(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [to, what, ...more] = clause.complements;
  if (clause.verb.cat !== "v" || clause.shared || clause.negated || clause.passive || !to || !what || more.length > 0) return [];
  if (to.role !== "object" || what.role !== "object2" || !GIVING.has(clause.verb.lemma ?? "") || what.node.f.det === "pron") return [];
  if (takesInfinitive(clause, what.node)) return [];
  const rest = phraseRest(phrasing, analysis, [what.node, ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(what.node, clause.sentence, analysis, phrasing.binder)) return [];
  const answer = nodeText(clause.sentence, what.node);
  return [
    factOf(phrasing, what.node.start, {
      type: "thing",
      stem: askClause(phrasing, "What", rest),
      answer,
      answerNode: coreOf(what.node),
      accepted: bareForms(answer),
      depth: "recall",
      worth: 1.9,
      pattern: "what-object",
    }),
  ];
}

const GIVING = new Set("give promise offer pay send bring teach lend owe grant award hand show supply".split(" "));

/** "Every living thing *is made of* cells", "the number *depends on* the population", "*turn into* compost". */
export function findRelation(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const verb = clause.verb.lemma ?? "";
  const wanted = PAIRS[verb];
  if (
    !wanted ||
    (clause.shared && !standsAlone(clause)) ||
    clause.negated ||
    clause.imperative ||
    clause.verb.cat !== "v" ||
    (verb === "make" && !clause.passive)
  )
    return [];
  if (PASSIVE_ONLY.has(verb) && !clause.passive) return [];
  const part = clause.adjuncts.find(({ node }) => isPhrase(reasonNode(node), wanted));
  if (!part) return [];
  const phrase = reasonNode(part.node);
  // "used as a garnish *for drinks*": what stands between has it.
  if (clause.adjuncts.some(({ node }) => node.cat === "pp" && !node.f.time && node.start >= clause.verb.end && node.end === phrase.start)) return [];
  const [preposition, whole] = phrase.kids as [Node, Node];
  const thing = withoutAside(whole);
  const head = headTerminal(coreOf(thing));
  // "named after the city *where she was born*": which city?
  if (clause.adjuncts.some(({ node }) => node.start === phrase.end && node.cat === "sb")) return [];
  // "begin with *no leader*"
  if (/^no\b/i.test(nodeText(clause.sentence, thing))) return [];
  // "called for *the British to leave*": for what they should do.
  if (thing.role === "reduced" && thing.kids[1]?.f.form === "to") return [];
  // "lived on a cliff": there, and not of it.
  if ((verb === "live" || verb === "stand") && isPlace(head, analysis)) return [];
  // "fought for *three years*", "split into *two*": how long, and how many.
  if (thing.role === "quantity" && UNIT_NOUNS.has(head.lemma ?? "")) return [];
  // "with *something that vibrates*" tells what sort of thing.
  const isSortOf = head.lemma === "something" && whole.role === "relative";
  if ((head.cat === "pro" && !isSortOf) || THIN_NOUNS.has(head.lemma ?? "") || findUnclear(thing, clause.sentence, analysis, phrasing.binder)) return [];
  // "from the area *around Pozzuoli*": what stands right behind belongs to the answer.
  const behind = tailOf(clause, phrase);
  const tail = thing === whole ? behind : [];
  if (tail.some((node) => findUnclear(node, clause.sentence, analysis, phrasing.binder))) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...behind, ...reasonsOf(clause)]);
  // "separated from the solid *by a filter*"
  if (isUnclear(rest) || (/^by\b/.test(rest) && preposition.lemma === "from")) return [];
  // "made of copper sheets *only 2.4 millimetres thick*": how thick belongs to the sheets.
  if (/\b(?:thick|long|wide|tall|high|deep|old)$/.test(rest)) return [];
  const answer = wordsText(clause.sentence, thing.start, tail.at(-1)?.end ?? thing.end);
  const adverbs = preverbalAdverbs(clause);
  const [particle = ""] = /^(?:up|down|out|back|off|away)(?= |$)/.exec(rest) ?? [];
  const after = rest.slice(particle.length).trim();
  const word = nodeText(clause.sentence, preposition).toLowerCase();
  // "turns the vapor back into drops": what is turned stands before the preposition.
  const hasObject = clause.complements.some(({ role }) => role === "object");
  // "a letter dated 10 August from the mayor"; "asked the court to set the order aside for …": another verb's phrase.
  if (
    (/^(?:date|call|look|fight|work)$/.test(verb) && hasObject) ||
    (verb === "ask" && (hasObject || clause.complements.some(({ role }) => role === "infinitive")))
  )
    return [];
  // "issues such as *equipment aging*": read as two.
  if (/^\p{Ll}+ing\b/u.test(rest) && clause.adjuncts.some(({ node }) => node.cat === "vp" && node.start === phrase.end)) return [];
  const isSomebody = analysis.persons.has(answer) || (head.cat === "n" && isPersonNoun(head.lemma ?? "", analysis.lexicon)) || isPeople(coreOf(thing));
  // "consists *largely* of two ridges"
  const isBefore = hasObject || /^\p{L}+ly$/u.test(after);
  return [
    factOf(phrasing, thing.start, {
      type: "thing",
      stem: `${[verb === "come" && isPlace(head, analysis) ? "Where" : isSomebody ? "Who" : "What", phrasing.inverted, phrasing.subject, adverbs, phrasing.verbPhrase, particle, ...(isBefore ? [after, word] : [word, after])].filter(Boolean).join(" ").replace(/ ,/g, ",")}?`,
      answer,
      answerNode: coreOf(thing),
      accepted: bareForms(answer),
      depth: "recall",
      worth: WORTH[verb] ?? 1.9,
      pattern: "what-relation",
    }),
  ];
}

/** The phrases that follow without a gap and are neither time nor clause. */
function tailOf({ adjuncts, passive }: Clause, phrase: Node): Node[] {
  const tail: Node[] = [];
  let end = phrase.end;
  for (const { node } of adjuncts) {
    if (node.start !== end || node.cat !== "pp" || node.f.time) continue;
    // "is divided into two parts *by a wall*": the wall does it.
    if (passive && node.f.sub === "by") break;
    tail.push(node);
    end = node.end;
  }
  return tail;
}

/** WordNet files of places. */
const PLACES = new Set([15, 17]);

function isPlace(head: Node, { lexicon, persons }: Analysis): boolean {
  if (head.cat === "pn") return !persons.has(head.lemma ?? "");
  const sense = lexicon.findWord((head.lemma ?? "").toLowerCase())?.senses[0];
  return sense !== undefined && PLACES.has(lexicon.nounFile(sense));
}

function isPhrase(node: Node, wanted: readonly string[]): boolean {
  return node.cat === "pp" && !node.f.time && node.kids[0]?.cat === "prep" && wanted.includes(node.kids[0].lemma ?? "") && node.kids[1]?.cat === "np";
}
