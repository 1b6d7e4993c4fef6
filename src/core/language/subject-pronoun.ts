import type { Clause } from "./clause";
import { TIME_NOUNS } from "./data/noun-classes";
import { headTerminal, type Node } from "./tree";

/** The pronoun that a subject is: he, she, it or they. */
export function pronounOf(np: Node): string | undefined {
  const head = headTerminal(np);
  // "some of it" is not it.
  if (head.cat !== "pro" || np.end - np.start > 1) return undefined;
  return /^(?:he|she|it|they)$/.test(head.lemma ?? "") ? head.lemma : undefined;
}

type Pronoun = "it" | "they" | "he" | "she";

const OWNERS: Readonly<Record<string, Pronoun>> = { its: "it", their: "they", his: "he", her: "she" };

/** Whose a noun phrase is, where a pronoun opens it: "*their* wings" are of *they*. */
export function ownerPronounOf(np: Node): Pronoun | undefined {
  const [first] = np.kids;
  return np.role === "possessor" && first?.cat === "poss" ? OWNERS[first.lemma ?? ""] : undefined;
}

const WEATHER = new Set("rain snow hail thunder drizzle freeze pour".split(" "));

export function isWeather(clause: Clause): boolean {
  return !clause.passive && WEATHER.has(clause.verb.lemma ?? "") && pronounOf(clause.subject) === "it";
}

/** "it is true that …", "it is easy to …" */
function endsInClause(node: Node): boolean {
  return node.cat === "ap" && node.kids.length === 2 && ["cs", "vp"].includes(node.kids[1]!.cat);
}

/** "It was ten past eight" */
function isHour(node: Node): boolean {
  return node.cat === "np" && (node.role === "number" || (node.role === "postmodifier" && node.kids[0]?.role === "number"));
}

/** "it rains", "it is dark", "it takes three minutes", "it seems that": stands for nothing. */
export function isExpletive(pronoun: string, clause: Clause): boolean {
  if (pronoun !== "it") return false;
  const lemma = clause.verb.lemma ?? "";
  if (isWeather(clause) || lemma === "seem" || lemma === "happen") return true;
  // "it *was argued* that only owners should vote"
  if (clause.passive && clause.complements.some(({ role }) => role === "clause")) return true;
  // "it *costs* two cents to make one"
  if (clause.verb.cat !== "be" && lemma !== "take" && lemma !== "cost") return false;
  // "it took Ida three years to finish"
  if ((lemma === "take" || lemma === "cost") && clause.adjuncts.some(({ node }) => node.cat === "vp" && node.f.form === "to")) return true;
  // "It took *me* five minutes": the work, which the sentences before tell of.
  const isTaken =
    lemma === "take" &&
    clause.complements.some(({ node }) => headTerminal(node).cat === "pro") &&
    clause.adjuncts.some(({ node }) => node.f.sub === "measure" || node.f.sub === "time");
  if (isTaken) return true;
  return clause.complements.some(
    ({ role, node }) =>
      role === "infinitive" ||
      role === "clause" ||
      Boolean(node.f.time) ||
      TIME_NOUNS.has(headTerminal(node).lemma ?? "") ||
      /^(?:cs|c-cs)$/.test(node.cat) ||
      isHour(node) ||
      endsInClause(node),
  );
}
