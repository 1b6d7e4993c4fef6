import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeText, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { bindersIn, findUnclear } from "../phrasing/clear-reference";
import { isConcrete } from "../phrasing/definite-is-clear";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { isOfThings, listedBehind, mayBelongBehind } from "./belongs-to-object";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { SPANS } from "./find-measure";
import { bareForms } from "./find-participant";
import { takesInfinitive } from "./find-purpose";
import { isPeople } from "./is-people";
import { PAIRS, PASSIVE_ONLY, WORTH } from "./relation-verbs";

/** Adjectives with the preposition that belongs to them. */
const QUALITIES: Readonly<Record<string, readonly string[]>> = {
  afraid: ["of"],
  proud: ["of"],
  full: ["of"],
  tired: ["of"],
  famous: ["for"],
  responsible: ["for"],
  grateful: ["for"],
  rich: ["in"],
  similar: ["to"],
  allergic: ["to"],
  covered: ["with"],
  interested: ["in"],
  good: ["for", "at"],
  bad: ["for", "at"],
  useful: ["for"],
  useless: ["for"],
  dangerous: ["for"],
  harmful: ["to"],
  vital: ["for"],
  essential: ["for"],
  ideal: ["for"],
  necessary: ["for"],
  important: ["for"],
  ready: ["for"],
  free: ["from"],
  sensitive: ["to"],
  related: ["to"],
  subject: ["to"],
  jealous: ["of"],
  fond: ["of"],
  capable: ["of"],
  aware: ["of"],
  safe: ["from"],
  dependent: ["on"],
  curved: ["like"],
};

/** "She *was afraid of* polar bears": what was she afraid of? */
export function findQuality(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const predicate = clause.complements.find(({ role }) => role === "predicate")?.node;
  if (clause.verb.cat !== "be" || clause.negated || clause.auxiliaries.length > 0 || predicate?.cat !== "ap") return [];
  if (clause.shared && !standsAlone(clause)) return [];
  // "is *good* [for going fast]", read as one phrase or as two
  const phrase = predicate.role === "complement" ? predicate.kids[1] : clause.adjuncts.find(({ node }) => node.start === predicate.end)?.node;
  const quality = headTerminal(predicate).lemma ?? "";
  const [preposition, thing] = phrase?.cat === "pp" ? phrase.kids : [];
  if (!phrase || !thing || !QUALITIES[quality]?.includes(preposition?.lemma ?? "") || !/^(?:np|vp)$/.test(thing.cat) || thing.f.det === "pron") return [];
  if (headTerminal(predicate.role === "complement" ? predicate.kids[0]! : predicate).flags?.includes("comparative")) return [];
  // "was *especially* good at maths"
  const degree = clause.adjuncts.find(
    ({ node }) => node.end === predicate.start && /^(?:especially|particularly|very)$/.test(headTerminal(node).lemma ?? ""),
  )?.node;
  const rest = phraseRest(phrasing, analysis, [predicate, phrase, ...(degree ? [degree] : []), ...reasonsOf(clause)]);
  // "*Surprisingly*, cities are good for bees"
  if (isUnclear(rest) || /^\p{L}+ly$/u.test(rest) || findUnclear(thing, clause.sentence, analysis, phrasing.binder)) return [];
  const answer = nodeText(clause.sentence, thing);
  return [
    factOf(phrasing, thing.start, {
      type: "thing",
      stem: `${["What", phrasing.inverted, phrasing.subject, wordsText(clause.sentence, (degree ?? predicate).start, phrase.start), preposition!.lemma, rest].filter(Boolean).join(" ")}?`,
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
  const { sentence } = clause;
  // "gives birds a safe place *to raise their young*": belongs to what is given.
  const deed = takesInfinitive(clause, what.node)
    ? [...clause.adjuncts, ...clause.complements].find(({ node }) => node.start === what.node.end && node.cat === "vp")?.node
    : undefined;
  if (
    takesInfinitive(clause, what.node) &&
    (!deed || findUnclear(deed, sentence, analysis, phrasing.binder, false, { beside: bindersIn(to.node, sentence, analysis) }))
  )
    return [];
  // "gave their clocks sloping sides, *like a flowerpot*": what they gave them.
  const isLike = (node: Node) => node.cat === "c-pp" && reasonNode(node).f.sub === "like";
  const span = deed ?? clause.adjuncts.find(({ node }) => node.start === what.node.end && (isLike(node) || SPANS.test(nodeText(sentence, node))))?.node;
  const rest = phraseRest(phrasing, analysis, [what.node, ...(span ? [span] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(what.node, sentence, analysis, phrasing.binder) || mayBelongBehind(clause, what.node, analysis)) return [];
  const given = wordsText(sentence, what.node.start, (span ?? what.node).end);
  // "offers the owners *one of three things*: a repair, …"
  const answer = isOfThings(given) ? listedBehind(sentence, what.node.end) : given;
  if (answer === undefined || answer.split(" ").length > 18) return [];
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
  // "The pudding is cut *with wires*": with what, of anything that is done.
  const isTool = PAIRS[verb] === undefined && clause.passive;
  const wanted = PAIRS[verb] ?? (isTool ? ["with"] : undefined);
  if (
    !wanted ||
    (clause.shared && !standsAlone(clause)) ||
    clause.negated ||
    clause.imperative ||
    clause.verb.cat !== "v" ||
    (verb === "make" && !clause.passive && !isMadeFrom(clause))
  )
    return [];
  // "sounds *dull* like a cardboard box"
  if (SEEMING.has(verb) && clause.complements.length > 0) return [];
  if (PASSIVE_ONLY.has(verb) && !clause.passive) return [];
  // "covers *four hundred kilometres* a day with a good wind": so far, and with nothing on it.
  if (
    COVERING.has(verb) &&
    clause.complements.some(({ role, node }) => role === "object" && (node.role === "quantity" || UNIT_NOUNS.has(headTerminal(node).lemma ?? "")))
  )
    return [];
  // "*In laboratory experiments* shells dissolved": where it was seen, and not what they dissolved in.
  const isFrame = (node: Node) => node.end <= clause.subject.start && /^(?:in|on)$/.test(reasonNode(node).f.sub ?? "");
  const part = clause.adjuncts.find(({ node }) => isPhrase(reasonNode(node), wanted) && !isFrame(node));
  if (!part) return [];
  const outer = reasonNode(part.node);
  // "comes *from Australia and from salt lakes*"
  const phrase = outer.role === "coordination" ? outer.kids[0]! : outer;
  // "comes from rock *a few kilometres* below the surface": where the rock is.
  if (clause.adjuncts.some(({ node }) => node.start === phrase.end && node.f.sub === "measure")) return [];
  // "used as a garnish *for drinks*": what stands between has it.
  if (clause.adjuncts.some(({ node }) => node.cat === "pp" && !node.f.time && node.start >= clause.verb.end && node.end === phrase.start)) return [];
  const [preposition, whole] = phrase.kids as [Node, Node];
  const thing = withoutAside(whole);
  const asked = outer === phrase ? thing : outer;
  const head = headTerminal(coreOf(thing));
  if (isOfAnother(clause, phrase, thing)) return [];
  if (isTool && (head.cat !== "n" || !isConcrete((head.lemma ?? "").toLowerCase(), analysis))) return [];
  // "lived on a cliff": there, and not of it.
  if ((verb === "live" || verb === "stand") && phrase.f.sub === "on" && isPlace(head, analysis)) return [];
  // "fought for *three years*", "split into *two*": how long, and how many.
  // "used for *an average of twelve minutes*"
  if (/^(?:average|total|maximum|minimum|period)$/.test(head.lemma ?? "") && walkTree(thing).some((node) => UNIT_NOUNS.has(node.lemma ?? ""))) return [];
  if (thing.role === "number" || (thing.role === "quantity" && UNIT_NOUNS.has(head.lemma ?? ""))) return [];
  // "with *something that vibrates*" tells what sort of thing.
  const isSortOf = head.lemma === "something" && whole.role === "relative";
  // "look for *people who are lost*": what follows says enough of them.
  const isThin = THIN_NOUNS.has(head.lemma ?? "") && !(/^(?:relative|postmodifier|reduced)$/.test(thing.role) && thing.end - thing.start >= FEWEST_OF_THIN);
  // "belonged to *those who owned land*"
  const isWhoever = thing.role === "relative" && /^(?:those|anyone|anybody|everyone|everybody) who\b/i.test(nodeText(clause.sentence, thing));
  if ((!isSortOf && !isWhoever && (head.cat === "pro" || isThin)) || findUnclear(asked, clause.sentence, analysis, phrasing.binder)) return [];
  // "from the area *around Pozzuoli*": what stands right behind belongs to the answer.
  const behind = tailOf(clause, outer);
  const tail = thing === whole ? behind : [];
  if (tail.some((node) => findUnclear(node, clause.sentence, analysis, phrasing.binder))) return [];
  // "asked for *permission to go outside*": what was asked for.
  const deed = OF_DEEDS.test(head.lemma ?? "")
    ? [...clause.complements, ...clause.adjuncts].find(({ node }) => node.start === outer.end && node.cat === "vp" && node.f.form === "to")?.node
    : undefined;
  if (deed && findUnclear(deed, clause.sentence, analysis, phrasing.binder)) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...behind, ...(deed ? [deed] : []), ...reasonsOf(clause)]);
  // "separated from the solid *by a filter*"
  if (isUnclear(rest) || (/^by\b/.test(rest) && preposition.lemma === "from")) return [];
  // "decorate eggs *without any paint* with leaves", "fill themselves with honey *to flee*": with which of the two, and what for?
  if (COVERING.has(verb) && !clause.passive && /\b(?:with|without|to|in case)\b|sel(?:f|ves)\b/.test(rest)) return [];
  // "led her groups *all the way* to Canada": where to, and how far.
  if (/\ball the way\b/.test(rest)) return [];
  // "made of copper sheets *only 2.4 millimetres thick*": how thick belongs to the sheets.
  if (/\b(?:thick|long|wide|tall|high|deep|old)$/.test(rest)) return [];
  const answer = wordsText(clause.sentence, asked.start, deed?.end ?? tail.at(-1)?.end ?? asked.end);
  // "could stand on each floor *instead of in one row*": of where, and no part of what.
  if (/\binstead of\b/.test(answer)) return [];
  const adverbs = preverbalAdverbs(clause);
  const [particle = ""] = /^(?:up|down|out|back|off|away)(?= |$)/.exec(rest) ?? [];
  // "looks *exactly* like a jellyfish"
  const after = rest
    .slice(particle.length)
    .trim()
    .replace(/^exactly\b ?/, "");
  const word = nodeText(clause.sentence, preposition).toLowerCase();
  // "turns the vapor back into drops": what is turned stands before the preposition.
  const hasObject = clause.complements.some(({ role }) => role === "object");
  // "issues such as *equipment aging*": read as two.
  if (/^\p{Ll}+ing\b/u.test(rest) && clause.adjuncts.some(({ node }) => node.cat === "vp" && node.start === phrase.end)) return [];
  // "consists of twelve pilots", "divided into four wards": parts, and what becomes of a thing.
  const isPart = word === "of" || word === "into";
  // "worry about *children falling off*": about what may happen.
  const isHappening = thing.role === "reduced" && thing.kids[1]?.f.form === "ing" && word === "about";
  const isSomebody =
    !isPart &&
    !isHappening &&
    (isWhoever || analysis.persons.has(answer) || (head.cat === "n" && isPersonNoun(head.lemma ?? "", analysis.lexicon)) || isPeople(coreOf(thing)));
  // "was built *for defence*, for six years": asked only where it was made for somebody.
  if (MADE_FOR.has(verb) && word === "for" && !isSomebody) return [];
  // "consists *largely* of two ridges"
  // "*Mostly* I look for cracks": what does he mostly look for?
  const isInFront =
    /^(?:\p{L}+ly|often|sometimes|always)$/u.test(after) &&
    clause.adjuncts.some(({ node }) => node.end <= clause.subject.start && nodeText(clause.sentence, node).toLowerCase() === after);
  // "led *the scientist* in Kazakhstan to a tree": to what did he lead her there?
  const object = hasObject ? nodeText(clause.sentence, clause.complements.find(({ role }) => role === "object")!.node) : "";
  const there = object && verb === "lead" && after.startsWith(`${object} `) ? after.slice(object.length).trim() : "";
  // "turns starch *into sugar* as soon as …": the preposition before whatever is long.
  const isLong = object !== "" && after.split(" ").length - object.split(" ").length > 3;
  const isBefore = hasObject || /^\p{L}+ly$/u.test(after);
  // "What have children made whistles *from* for hundreds of years?": behind what is made.
  const made = verb === "make" && hasObject ? nodeText(clause.sentence, clause.complements[0]!.node) : "";
  const order = () => {
    if (/^(?:in|at|on|near)\b/.test(there)) return [object, word, there];
    if (isInFront) return [word];
    if (isLong && after.startsWith(`${object} `)) return [object, word, after.slice(object.length).trim()];
    if (made && after.startsWith(made)) return [made, word, after.slice(made.length).trim()];
    return isBefore ? [after, word] : [word, after];
  };
  return [
    factOf(phrasing, thing.start, {
      type: "thing",
      stem: `${[/^(?:come|get)$/.test(verb) && isPlace(head, analysis) ? "Where" : isSomebody ? "Who" : "What", phrasing.inverted, phrasing.subject, adverbs, isInFront ? after : "", phrasing.verbPhrase, particle, ...order()].filter(Boolean).join(" ").replace(/ ,/g, ",")}?`,
      answer,
      answerNode: coreOf(thing),
      accepted: bareForms(answer),
      depth: "recall",
      worth: WORTH[verb] ?? 1.9,
      pattern: "what-relation",
    }),
  ];
}

/** "Spiders make silk *from a liquid*" */
function isMadeFrom({ complements, adjuncts }: Clause): boolean {
  const [object, ...more] = complements;
  return object?.role === "object" && more.length === 0 && adjuncts.some(({ node }) => node.start === object.node.end && node.f.sub === "from");
}

/** What one is given to do something. */
const OF_DEEDS = /^(?:permission|leave|chance|right|opportunity|time|freedom|power|license|licence)$/;

const SEEMING = new Set("taste smell sound feel".split(" "));
const MADE_FOR = new Set("invent design build write intend make".split(" "));

/** What is done to one thing with another. */
const COVERING = new Set("cover fill seal smear stuff replace coat decorate surround equip".split(" "));

/** Words of a thing or person whose own noun says little. */
const FEWEST_OF_THIN = 4;

/** Whether the phrase belongs to something else than the verb, or says less than it seems to. */
function isOfAnother({ adjuncts, complements, sentence, verb: { lemma = "", end: clauseVerbEnd } }: Clause, phrase: Node, thing: Node): boolean {
  const has = (...roles: string[]) => complements.some(({ role }) => roles.includes(role));
  // "named after the city *where she was born*": which city?
  if (adjuncts.some(({ node }) => node.start === phrase.end && node.cat === "sb")) return true;
  // "begin with *no leader*"
  if (/^no\b/i.test(nodeText(sentence, thing))) return true;
  // "called for *the British to leave*": for what they should do.
  if (thing.role === "reduced" && thing.kids[1]?.f.form === "to") return true;
  // "paid *in advance*": when.
  if (lemma === "pay" && /^(?:advance|full|part|time|return|person)$/.test(headTerminal(thing).lemma ?? "")) return true;
  // "run *out of strength* on a hill", "run the desk on Saturdays"
  if (/^(?:run|line|long|prepare|charge)$/.test(lemma) && (has("object") || phrase.start !== clauseVerbEnd)) return true;
  // "a letter dated 10 August from the mayor"; "asked the court to set the order aside for …": another verb's phrase.
  return (/^(?:date|call|look|fight|work)$/.test(lemma) && has("object")) || (lemma === "ask" && has("object", "infinitive"));
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

const PLACES = new Set<number | undefined>([NounFile.location, NounFile.object]);

function isPlace(head: Node, { lexicon, persons }: Analysis): boolean {
  if (head.cat === "pn") return !persons.has(head.lemma ?? "");
  return PLACES.has(fileOf((head.lemma ?? "").toLowerCase(), lexicon));
}

function isPhrase(node: Node, wanted: readonly string[]): boolean {
  if (node.cat === "pp" && node.role === "coordination") {
    const parts = node.kids.flatMap((kid) => (kid.cat === "j-pp" ? kid.kids : [kid])).filter(({ cat }) => cat === "pp");
    const [first] = parts;
    return parts.length === 2 && node.kids[0] === first && parts.every((part) => part.kids.length === 2 && isPhrase(part, wanted));
  }
  const isThing = node.kids[1]?.cat === "np" || (node.f.form === "ing" && node.kids[0]?.lemma === "for");
  return node.cat === "pp" && !node.f.time && node.kids[0]?.cat === "prep" && wanted.includes(node.kids[0].lemma ?? "") && isThing;
}
