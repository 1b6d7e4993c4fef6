import { TIME_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { inflectVerb } from "../../language/inflect";
import { nodeText, sentenceCase } from "../../language/node-text";
import { coreOf, headTerminal, walkTree } from "../../language/tree";
import type { Phrasing } from "./ask-clause";
import { conjunctsOf } from "./conjuncts";
import { preverbalAdverbs } from "./phrase-rest";

export type Passive = { subject: string; verb: string; doer: string };

/** "An electric motor replaced the clockwork" → the clockwork | was replaced | by an electric motor. */
export function restateAsPassive(phrasing: Phrasing): Passive | undefined {
  const { clause } = phrasing;
  const object = clause.complements.find((part) => part.role === "object")?.node;
  if (
    !object ||
    clause.complements.length > 1 ||
    clause.auxiliaries.length > 0 ||
    clause.negated ||
    clause.verb.cat !== "v" ||
    clause.shared ||
    clause.imperative
  )
    return undefined;
  // "dominates the trade *in the north*": behind its doer the phrase would tell of that.
  if (clause.adjuncts.some(({ node }) => node.cat === "pp" && !node.f.time && node.start === object.end && /^(?:in|at|for|from|about)$/.test(node.f.sub ?? "")))
    return undefined;
  // "the storm cone, a black signal that …" has no second place to stand; "small fish" is or are?
  const tellsInPassing = walkTree(object).some(({ role, kids }) => role === "apposition" && kids[1]?.cat.startsWith("c-"));
  if (tellsInPassing || object.role === "apposition" || (object.f.num === "any" && (object.f.det === "bare" || coreOf(object).f.det === "bare")))
    return undefined;
  if (
    object.f.det === "pron" ||
    object.f.det === "clause" ||
    // "changed the doors of all *its* buses": whose, before anybody was named.
    walkTree(object).some(({ cat }) => cat === "poss") ||
    STATIVE.has(clause.verb.lemma ?? "") ||
    // "sails *only five times a day*"
    object.f.time ||
    /^(?:time|percent)$/.test(headTerminal(object).lemma ?? "") ||
    TIME_NOUNS.has(headTerminal(object).lemma ?? "") ||
    UNIT_NOUNS.has(headTerminal(object).lemma ?? "")
  )
    return undefined;
  // "one end", "a number of boats": of what, and is or are?
  if (
    /^(?:nobody|no one|nothing|everybody|one|the other|others|some|most|an? (?:\w+ )?number of|hundreds|thousands) ?/i.test(phrasing.subject) ||
    /^an? (?:\w+ )?number of /.test(nodeText(clause.sentence, object))
  )
    return undefined;
  // "called the ability echolocation", read as one noun: what it was called has no place in the passive.
  if (/^(?:call|name|term|dub)$/.test(clause.verb.lemma ?? "")) return undefined;
  // "they *all* copied it": of those who did it, and not of it.
  if (/\b(?:all|both|each)\b/.test(preverbalAdverbs(clause))) return undefined;
  const form = clause.verb.flags?.[0];
  const past = form === "past";
  if (!past && form !== "third" && form !== "plain") return undefined;
  // "bacteria and dead tissue": together several.
  const plural = object.f.num === "pl" || (conjunctsOf(object).length > 1 && / and /.test(nodeText(clause.sentence, object)));
  const be = past ? (plural ? "were" : "was") : plural ? "are" : "is";
  // "Portugal *alone* produces": of the doer.
  const [adverbs, doer] = preverbalAdverbs(clause) === "alone" ? ["", `by ${phrasing.subject} alone`] : [preverbalAdverbs(clause), `by ${phrasing.subject}`];
  const participle = inflectVerb(clause.verb.lemma ?? "", "participle");
  return { subject: nodeText(clause.sentence, object), verb: [be, adverbs, participle].filter(Boolean).join(" "), doer };
}

/** Verbs that sound wrong in the passive. */
const STATIVE = new Set(
  "put hang lay wear drop pick try marry know see hear feel follow have be become cost weigh resemble lack fit suit equal mean need want like love hate enter leave reach climb cross pass join live stand let give get take hold keep bring earn own possess receive win lose find face contain include consist include comprise store use".split(
    " ",
  ),
);

/** The verb phrase of a clause in another form: "wind the clockwork every four hours", "winding …". */
export function verbPhraseAs(phrasing: Phrasing, form: "base" | "third" | "ing", rest: string): string | undefined {
  const { clause } = phrasing;
  if (clause.negated || clause.passive || clause.verb.cat !== "v") return undefined;
  return `${inflectVerb(clause.verb.lemma ?? "", form)} ${rest}`.trim();
}

export function sentenceOf(words: string): string {
  return `${sentenceCase(words)}.`;
}

/** a or an, by sound as far as spelling tells. */
export function articleFor(noun: string): "a" | "an" {
  return /^(?:[aeio]|u(?!ni|se|ti|k)|hour|honest|heir)/i.test(noun) && !/^(?:one|eu)/i.test(noun) ? "an" : "a";
}
