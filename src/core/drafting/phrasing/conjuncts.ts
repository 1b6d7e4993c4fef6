import type { Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { headTerminal, type Node, walkTree } from "../../language/tree";

/** The parts of "red gills, clear eyes and firm flesh", each whole; one part where nothing is joined. */
export function conjunctsOf(node: Node): Node[] {
  if (/^(?:c-)?(?:j-)?(?:np|nb)(?:-c)?$/.test(node.cat) && node.role === "mark") return conjunctsOf(node.kids[node.head]!);
  if ((node.cat === "np" || node.cat === "npl" || node.cat === "nb") && node.role === "coordination") return node.kids.flatMap(conjunctsOf);
  // "to clean the lens, to fill the lamp, and to write"
  if (/^(?:c-|j-|c-j-)vp$/.test(node.cat) && node.role === "mark") return conjunctsOf(node.kids[node.head]!);
  if (/^vpl?$/.test(node.cat) && node.role === "coordination" && node.f.form === "to") return node.kids.flatMap(conjunctsOf);
  // "many red, blue and green fish" joins inside a phrase; only whole phrases are parts.
  if (node.cat === "np" && node.kids.length === 1 && node.kids[0]!.role === "coordination") return conjunctsOf(node.kids[0]!);
  return [node];
}

/** "two hours, fifty-eight minutes and fifty seconds": lengths of time that add up to one. */
export function isOneTime(list: Node): boolean {
  return list.role === "coordination" && conjunctsOf(list).every((part) => TIME_NOUNS.has(headTerminal(part).lemma ?? ""));
}

/** "pushed the sails of ships, *ground* grain and *pumped* water": things that are joined, or deeds? */
export function mayBeDeeds(object: Node, { verb, sentence }: Clause): boolean {
  if (!verb.flags?.includes("past")) return false;
  return walkTree(object).some((list) => {
    const [first, ...others] = list.cat === "np" && list.role === "coordination" ? conjunctsOf(list) : [];
    return first !== undefined && !opensAsPast(first, sentence) && others.some((part) => part.f.det === "bare" && opensAsPast(part, sentence));
  });
}

function opensAsPast(part: Node, { words }: Sentence): boolean {
  return part.end - part.start > 1 && words[part.start]!.candidates.some(({ cat, flags }) => cat === "v" && flags?.includes("past"));
}

/** "yellow might stand *for* gold, white *for* silver and red *for* soldiers": each of something else, with the verb left out. */
export function isGapped(clause: Clause): boolean {
  const { adjuncts } = clause;
  if (readsNounAsVerb(clause)) return true;
  return adjuncts.some(({ node }) => {
    const [preposition, list] = node.kids;
    if (node.cat !== "pp" || !preposition || list?.role !== "coordination") return false;
    const [, ...others] = conjunctsOf(list);
    return others.some((part) => part.role === "postmodifier" && part.kids[1]?.kids[0]?.lemma === preposition.lemma);
  });
}

/** "Straw goes *into* a third, and pine *cones* for the ladybugs *into* a fourth": the verb was told before. */
function readsNounAsVerb({ sentence, verb, complements, adjuncts, linkedBy }: Clause): boolean {
  const last = adjuncts.at(-1)?.node;
  const isNoun = sentence.words[verb.start]?.candidates.some(({ cat, flags, cost }) => cat === "n" && flags?.includes("pl") && cost < 3) === true;
  if (linkedBy !== "and" || !isNoun || complements.length > 0 || adjuncts.length < 2 || last?.cat !== "pp") return false;
  const [before] = sentence.clauses;
  return before?.adjuncts.some(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === last.kids[0]?.lemma) === true;
}

/** "Do not blow on it *and close the windows*": the not is of the first alone, or of both. */
export function isOnlyJoined({ negated, auxiliaries, verb, sentence }: Clause): boolean {
  const [first] = auxiliaries;
  const inFront = first ? sentence.clauses.filter((other) => other.verb.start > first.start && other.verb.start < verb.start) : [];
  return negated && inFront.length > 0 && sentence.words.slice(inFront[0]!.verb.start, verb.start).some(({ lower }) => lower === "and");
}
