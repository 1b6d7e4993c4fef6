import type { Analysis, Sentence } from "../../language/analysis";
import { THIN_NOUNS, UNIQUE_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";
import { isOnlyGroup } from "./only-group";
import { isOneOfSorts } from "./several-sorts";

/** What after a noun says which one is meant. */
export const FIXING_ROLES = ["postmodifier", "relative", "reduced", "apposition"];

/** Lexicographer files of things that can be seen: animal, artifact, body, food, group, place, object, plant, substance. */
const CONCRETE_FILES = new Set([5, 6, 8, 13, 14, 15, 17, 20, 27]);

/** A thing that the source itself calls *the* when it first speaks of it; deeds, persons and ideas may take up what was told in other words. */
export function isConcrete(lemma: string, { lexicon }: Analysis): boolean {
  const sense = lexicon.findWord(lemma)?.senses[0];
  return sense !== undefined && CONCRETE_FILES.has(lexicon.nounFile(sense));
}

/**
 * A definite noun phrase needs its antecedent in the question or must be the only one of its sort in
 * the source: something after it that fixes it, a name, a word of the title, or a word that the
 * source keeps using, always for the same thing.
 */
export function definiteIsClear(np: Node, sentence: Sentence, analysis: Analysis, inside: boolean): boolean {
  if (np.f.det !== "def" || np.role === "coordination") return true;
  // "the number from each state": the number of what?
  if (np.role === "postmodifier" && /^(?:number|amount|rest|half|majority)$/.test(headTerminal(np).lemma ?? "") && np.kids[1]?.f.sub !== "of") return false;
  // "The water *that comes out*": out of what?
  if (
    np.role === "relative" &&
    / (?:that|which) (?:comes?|came|goes|went|flows?|flowed|gets?|got|leaks?|runs?|falls?) (?:out|in|off|back|away|down|up|through)$/.test(
      nodeText(sentence, np),
    )
  )
    return false;
  if (FIXING_ROLES.includes(np.role)) return true;
  const head = headTerminal(np);
  if (head.cat === "pn") return true;
  const lemma = (head.lemma ?? "").toLowerCase();
  if (np.f.time || UNIQUE_NOUNS.has(lemma) || np.kids[1]?.role === "numbered") return true;
  // "*The inside* is red": of what?
  if (/^(?:inside|outside|underside|tip|rim|edge)$/.test(lemma) && np.role === "determiner" && opensClause(np, sentence)) return false;
  // "One bell rang louder *than the rest*": of the bells.
  if (lemma === "rest" && np.role === "determiner" && sentence.words[np.start - 1]?.lower === "than") return true;
  // "*The two men* became enemies": which, another sentence says.
  if (/^the (?:two|three|four|five|six) /i.test(nodeText(sentence, np)) && np.role === "determiner" && isPersonNoun(lemma, analysis.lexicon)) return false;
  // "*The best time* is early in the morning": for what?
  if (
    np.role === "determiner" &&
    /^the (?:best|worst|easiest|simplest|cheapest|quickest|safest|hardest) (?:time|way|place|method|day|part|moment)$/i.test(nodeText(sentence, np))
  )
    return false;
  const isDeed = np.role === "gerund" && (analysis.lexicon.findWord(sentence.words[head.start]!.lower)?.noun ?? 0) < 5;
  if (isDeed) return (analysis.firstMention.get(lemma) ?? sentence.index) < sentence.index;
  // "dig a canal … Most of *the digging* was done by hand": what an earlier sentence told of as a deed.
  const deed = /ing$/.test(lemma) && np.end - np.start === 2 && sentence.words[head.start]?.candidates.find(({ cat }) => cat === "v")?.lemma;
  if (deed && (analysis.firstMention.get(deed) ?? sentence.index) < sentence.index) return true;
  const length = nodeText(sentence, np).split(" ").length;
  if (length === 2 && isOnlyGroup(np, analysis)) return true;
  // "the newest kind": kind of what?
  if (THIN_NOUNS.has(lemma) && (length <= 2 || (length <= 3 && /^(?:kind|sort|type|part|number|group|set|pair|side)s?$/.test(lemma)))) return false;
  // The source itself says "the rock" without having spoken of one: everyone knows which.
  if (analysis.firstMention.get(lemma) === sentence.index && (inside || isConcrete(lemma, analysis))) return true;
  const words = nodeText(sentence, np).toLowerCase().split(" ");
  const modified = words.length > 2;
  const count = analysis.lemmaCounts.get(lemma) ?? 0;
  if (!modified && isOneOfSorts(lemma, analysis)) return false;
  if (analysis.headingLemmas.has(lemma)) return true;
  if (modified) {
    // "the last fire" is one of the fires that the source speaks of; "the next" hangs on the one before.
    if (words.some((word) => /^(?:first|last|oldest|newest)$/.test(word)) && count >= 2) return true;
    return !words.some((word) => /^(?:first|second|next|last|older|newer|new|old|other|same)$/.test(word));
  }
  // "The products are substances": of what? Things and persons of a sort may be named at once.
  const senses = analysis.lexicon.findWord(lemma)?.senses ?? [];
  const isSort = senses.length === 0 || senses.some((sense) => CONCRETE_FILES.has(analysis.lexicon.nounFile(sense))) || isPersonNoun(lemma, analysis.lexicon);
  return count >= (np.f.num === "pl" && isSort ? 1 : 2);
}

function opensClause(np: Node, sentence: Sentence): boolean {
  return sentence.clauses.some(({ subject }) => subject.start === np.start && subject.end === np.end);
}
