import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { TIME_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { nodeText, textWithoutAsides, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { clausesWithVerb } from "../phrasing/clauses-by-verb";
import { findUnclear } from "../phrasing/clear-reference";
import { isConcrete } from "../phrasing/definite-is-clear";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isLength } from "./find-duration";
import { bareForms } from "./find-participant";

/** Where a thing is put, held or done something to. */
const PLACES = new Set("in into on onto under over inside between behind beside below above around through against across near along".split(" "));
/** What is made to hold by something else: "hook it *to a spoke*". */
const FASTENING = new Set("hook tie fasten attach glue pin nail clip fix sew tape screw stick bind connect".split(" "));
/** What the fine part of something is pressed through. */
const SIFTING = new Set("strain sift filter sieve rub squeeze press".split(" "));
/** What is made of something: "tear it *into strips*". */
const SHAPING = new Set("cut tear break bend chop slice fold divide roll twist crush grate split shape saw grind tie form".split(" "));
/** "cut *a slit* into each end": made by the cutting. */
const MADE_BY_IT = /^(?:slit|hole|window|notch|groove|slot|mark|line|pattern|circle|cut)$/;
/** What is done in something, and at no place: "soak the beans *in water*", "wrap the tube *in tape*". */
const BATHING = new Set("soak boil cook wash rinse dip simmer roll coat wrap cover dissolve fry bake steep toss".split(" "));
/** "stir the juice *into the water*" */
const MIXING = new Set("stir mix beat whisk blend knead".split(" "));
/** What goes on for a time, and not what comes of it: nobody takes off a lid for minutes. */
const GOES_ON = new Set(
  "press boil wait hold soak leave bake stir shake heat cook rub knead keep cool dry simmer beat whisk blow steam fry roast freeze chill rest stand walk swim practise squeeze".split(
    " ",
  ),
);
/** "on top", "to the side": of what? */
const VAGUE = /^(?:top|side|end|middle|bottom|front|back|row|line|place|edge)$/;

/** "*Mark the hole with a cross of chalk*", "Push one lever *under the edge of the tyre*", "Press the patch down *for one minute*": with what, where, how long should you? */
export function findStepDetail(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (analysis.sort !== "steps" || !clause.imperative || clause.negated || clause.rank !== "main") return [];
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  // "hook *its other end* to a spoke": whose?
  if (
    !object ||
    (object.f.det === "pron" && sentence.resolved?.get(object.start)?.sentence !== sentence) ||
    /^(?:its|their)\b/i.test(nodeText(sentence, object)) ||
    isDoneTwice(clause, object, analysis)
  )
    return [];
  // One phrase behind what it is done to: of two, each may belong to the other.
  const behind = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= object.end && !reasonsOf(clause).includes(node));
  const phrases = behind.filter(({ cat }) => !/^(?:advp?|sb|c-sb)$/.test(cat));
  // "Scoop out a hollow in the top *with the teaspoon*": a tool that the list of what is needed names.
  const tool = phrases.length > 1 ? phrases.find((node) => node.f.sub === "with" && isNeeded(node, analysis)) : undefined;
  const [first, ...others] = phrases;
  const phrase = tool ?? first;
  // "in an open place, *away from trees and walls*": both tell where.
  const [alsoWhere] = others;
  const isSpot =
    others.length === 1 && first && alsoWhere?.start === first.end && /^(?:, )?(?:away from|out of|but out of|far from)\b/.test(nodeText(sentence, alsoWhere));
  const more = isSpot ? [] : others;
  // "in a bright spot *but out of direct sunlight*"
  const plain = phrase?.role === "coordination" && phrase.kids[1]?.kids[0]?.lemma === "but" ? phrase.kids[0] : phrase;
  if (!phrase || (more.length > 0 && !tool) || plain?.cat !== "pp" || plain.kids[0]?.cat !== "prep") return [];
  // "all *around the log*", "right *under the lamp*": the word before it belongs to it.
  if (clause.adjuncts.some(({ node }) => node.end === phrase.start && /^(?:all|right|just|only)$/.test(headTerminal(node).lemma ?? ""))) return [];
  const [preposition, thing] = plain.kids as [Node, Node | undefined];
  if (thing?.cat !== "np" || thing.f.det === "pron" || findUnclear(phrase, sentence, analysis, phrasing.binder)) return [];
  const where = isSpot ? [phrase, alsoWhere!] : [phrase];
  const rest = phraseRest(phrasing, analysis, [...where, ...reasonsOf(clause)]);
  // "Wrap them in the cloth *first*, or …": before what, another step says.
  if (isUnclear(rest) || rest.split(" ").length < FEWEST_WORDS || /\bfirst$/.test(rest)) return [];
  const word = preposition.lemma ?? "";
  // "into *a litre of water*": into water.
  const core = coreOf(thing);
  const inside =
    core.role === "postmodifier" && core.kids[1]?.f.sub === "of" && UNIT_NOUNS.has(headTerminal(core).lemma ?? "") ? core.kids[1].kids[1] : undefined;
  const head = headTerminal(inside ?? core).lemma ?? "";
  const detail = { answerNode: thing, depth: "recall" as const, worth: 1.9 };
  if (isLength(phrase) && word === "for") {
    if (!GOES_ON.has(clause.verb.lemma ?? "")) return [];
    const answer = nodeText(sentence, thing);
    return [
      factOf(phrasing, phrase.start, {
        ...detail,
        type: "frequency",
        stem: askClause(phrasing, "How long", rest),
        answer,
        accepted: [`for ${answer}`],
        pattern: "how-long",
      }),
    ];
  }
  // "Pick the flowers *on a dry day*"
  if (phrase.f.time && word === "on" && thing.f.det === "indef" && thing.end - thing.start >= 3) {
    const answer = nodeText(sentence, phrase);
    return [
      factOf(phrasing, phrase.start, {
        ...detail,
        type: "occasion",
        stem: askClause(phrasing, "When", rest),
        answer,
        accepted: [answer.replace(/^on /, "")],
        pattern: "when-to-do",
      }),
    ];
  }
  if (phrase.f.time || !isConcrete(head, analysis)) return [];
  // "in an *open* place" is no mere place.
  const isPlainPlace = VAGUE.test(head) && !(/^(?:place|corner)$/.test(head) && thing.f.det === "indef" && thing.end - thing.start > 2);
  if (isPlainPlace && thing.role !== "postmodifier") return [];
  const verb = clause.verb.lemma ?? "";
  const isThing =
    (word === "into" && SHAPING.has(verb) && !MADE_BY_IT.test(headTerminal(object).lemma ?? "")) ||
    (/^in(?:to)?$/.test(word) && BATHING.has(verb)) ||
    (word === "into" && MIXING.has(verb)) ||
    (word === "to" && FASTENING.has(verb)) ||
    (word === "through" && SIFTING.has(verb));
  // "Spread the stone *in two layers*": how, and not where.
  if (word === "in" && thing.f.det === "num" && thing.f.num === "pl") return [];
  // "*With a baby*, lay the child along your forearm": with whom it is done so.
  if (clause.adjuncts.some(({ node }) => node.end <= clause.verb.start && node.f.sub === "with")) return [];
  // "decorate the stick *when you like the sound* with paint": the preposition would stand behind the clause.
  const hasClause = clause.adjuncts.some(({ node }) => /^(?:sb|c-sb|sb-c|vp|vp-c)$/.test(node.cat) && !reasonsOf(clause).includes(node));
  if ((isThing || word === "with") && hasClause) return [];
  if (isThing || word === "with") {
    const answer = textWithoutAsides(sentence, thing);
    return [
      factOf(phrasing, thing.start, {
        ...detail,
        type: "function",
        stem: askClause(phrasing, "What", `${rest} ${word}`),
        answer,
        accepted: bareForms(answer),
        pattern: "what-relation",
      }),
    ];
  }
  if (!PLACES.has(word)) return [];
  // "Push it into the stone *halfway up*": how far into it belongs to the place.
  // "Hang it *at least a metre* above the ground"
  const unit = rest.split(" ").at(-1)!.replace(/s$/, "");
  const isMeasured = UNIT_NOUNS.has(unit) && !TIME_NOUNS.has(unit) && !UNIT_NOUNS.has(headTerminal(object).lemma ?? "");
  if (isMeasured || /\b(?:half|part)way\b/.test(rest)) return [];
  const answer = wordsText(sentence, phrase.start, where.at(-1)!.end);
  return [
    factOf(phrasing, phrase.start, {
      ...detail,
      type: "occasion",
      stem: askClause(phrasing, "Where", rest),
      answer,
      accepted: [answer.replace(/^\S+ /, "")],
      pattern: "where-to-do",
    }),
  ];
}

/** Named among the things that are needed. */
function isNeeded(phrase: Node, { sentences }: Analysis): boolean {
  const { lemma = "" } = headTerminal(phrase.kids[1] ?? phrase);
  return sentences.some(
    ({ block, tree, words }) =>
      block.kind === "list-item" && !tree && words.some(({ candidates }) => candidates.some((tag) => tag.cat === "n" && tag.lemma === lemma)),
  );
}

/** Words of what it is done to. */
const FEWEST_WORDS = 2;

/** The same is done to the same thing in another step: both places would be right. */
function isDoneTwice({ sentence, verb }: Clause, object: Node, analysis: Analysis): boolean {
  const head = headTerminal(object).lemma;
  return clausesWithVerb(verb.lemma, analysis.sentences).some(
    (other) => other.sentence !== sentence && other.complements.some(({ role, node }) => role === "object" && headTerminal(node).lemma === head),
  );
}
