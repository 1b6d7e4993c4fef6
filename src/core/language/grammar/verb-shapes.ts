/** What verb phrases look like, for the rules that build them. */
import { TIME_NOUNS } from "../data/noun-classes";
import { type Features, headTerminal, type Node } from "../tree";
import { NAMES_WITH_ING } from "./verb-sorts";

/** The form of a verb or an auxiliary, and what it agrees with: "walks", "were not", "am". */
export function formOf(verb: Node): Features | undefined {
  switch (headTerminal(verb).flags?.[0]) {
    case "third":
      return { form: "fin", agr: "sg" };
    case "plain":
      return { form: "fin", agr: "pl" };
    case "first":
      return { form: "fin", agr: "first" };
    case "past":
      return { form: "fin", agr: "any" };
    case "base":
      return { form: "base" };
    case "participle":
      return { form: "participle" };
    case "ing":
      return { form: "ing" };
    default:
      return undefined;
  }
}

/** The verb of a phrase that is no auxiliary's. */
export function firstVerb(vp: Node): string | undefined {
  const head = headTerminal(vp);
  return head.cat === "v" ? head.lemma : undefined;
}

/** "Choose a hard cover, so that you can write *standing up*": what follows a clause behind a comma belongs into it. */
export function behindClause(vp: Node): number {
  return vp.role === "adjunct" && vp.kids[1]?.cat === "c-sb" ? 1.5 : 0;
}

/** "for *a night*", with what happened in it behind. */
export function isOneTime(part: Node | undefined): boolean {
  const np = part?.cat === "pp" ? part.kids[1] : part;
  return np?.cat === "np" && np.f.det === "indef" && np.end - np.start === 2 && TIME_NOUNS.has(headTerminal(np).lemma ?? "");
}

export function lastWord(node: Node): Node {
  return node.kids.length === 0 ? node : lastWord(node.kids.at(-1)!);
}

/** The verb that a phrase ends with: "to *monitor*". */
export function lastVerb(node: Node): Node | undefined {
  if (node.kids.length === 0) return node.cat === "v" ? node : undefined;
  return lastVerb(node.kids.at(-1)!);
}

/** Whether a to-phrase inside it ends where the whole ends. */
export function endsInTo(vp: Node): boolean {
  return vp.kids.some((kid) => kid.end === vp.end && ((kid.cat === "vp" && kid.f.form === "to") || endsInTo(kid)));
}

/** "a bead, *cut from a shell*": what was done to it, and nothing that somebody did next. */
export function isCutFrom(vp: Node): boolean {
  const verb = headTerminal(vp);
  const follows = (node: Node): boolean =>
    node.kids[1]?.cat === "pp" && node.kids[1].start === verb.end ? /^(?:from|of|by)$/.test(node.kids[1].kids[0]?.lemma ?? "") : node.kids.some(follows);
  return /^(?:cut|make|build|take|carve|weave|find|buy|steal)$/.test(verb.lemma ?? "") && verb.flags?.[0] === "past" && !hasObject(vp) && follows(vp);
}

/** Verbs that go, stand or change by something. */
const GOING_BY = new Set(
  "pass stop go come sit stand live walk run drive sail lie sleep wait fall rise grow change differ begin end swear abide travel fly hurry".split(" "),
);

/** A past without its object: "the reports *submitted*". */
export function mayBePassive(vp: Node): boolean {
  const verb = headTerminal(vp);
  return vp.f.form === "fin" && vp.end - vp.start === 1 && verb.flags?.[0] === "past" && !GOING_BY.has(verb.lemma ?? "");
}

export function namesDoer(pp: Node): boolean {
  return pp.kids[1]?.cat === "np" && !pp.f.time && pp.kids[1].f.det !== "num" && pp.kids[1].f.sub !== "refl";
}

/** Whether the verb phrase, or the one inside it, governs an object. */
export function hasObject(vp: Node): boolean {
  return vp.role === "object" || (vp.kids.length > 0 && vp.cat !== "np" && hasObject(vp.kids[vp.head]!));
}

/** "find out *where the echoes had gone*": what is found out, and not where. */
export function findsOutWhere(vp: Node, { f }: Node): boolean {
  return f.sub === "where" && lastWord(vp).lemma === "out";
}

/** "teaches football, *swimming and dancing*": a list of things, and no deeds. */
export function isList(phrase: Node): boolean {
  return phrase.cat === "c-vp" && phrase.end - phrase.start === 4 && phrase.kids[1]?.role === "coordination";
}

/** "a business *that takes in money*", at the end of what comes before an *and*. */
export function endsInRelative(node: Node): boolean {
  const last = node.kids.at(-1);
  return node.cat === "rc" || (last !== undefined && endsInRelative(last));
}

/** What it costs to take the first word of "alternating current" for a verb. */
export function namesWithIng(verb: Node, behind: Node): number {
  const noun = headTerminal(behind);
  return noun.start === behind.start && formOf(verb)?.form === "ing" && NAMES_WITH_ING.has(`${verb.lemma} ${noun.lemma}`) ? 3 : 0;
}

/** A verb with one phrase behind it, or one adverb of such a sort, before the clause that it governs. */
export function hasBetween({ role, head, kids: [verb, between] }: Node, adverbs: RegExp): boolean {
  const isPhrase = between?.cat === "c-pp-c" || (between?.cat === "pp" && between.f.sub !== "by");
  return role === "adjunct" && head === 0 && verb?.role === "verb" && (isPhrase || (between?.cat === "advp" && adverbs.test(between.f.sub ?? "")));
}
