import type { Antecedent, Sentence } from "./analysis";
import type { Clause } from "./clause";
import { midSentence } from "./node-text";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

const FEWEST_NAMINGS = 4;
const counted = new WeakMap<readonly Sentence[], ReadonlyMap<string, number>>();

/** "As *the snail* grows, it …" in a text that names the snail in a sentence out of four: it is what the text is about. */
export function isTopicOfText(np: Node, sentences: readonly Sentence[]): boolean {
  const { lemma = "", cat } = headTerminal(np);
  const namings = counted.get(sentences) ?? countNamings(sentences);
  counted.set(sentences, namings);
  const count = namings.get(lemma) ?? 0;
  return cat === "n" && count >= FEWEST_NAMINGS && count * 4 >= sentences.length;
}

/**
 * "Nobody was sure how *cats* made it. *They* have no special organ": the one sort of many that the sentence before
 * names, where the whole text is about it and nobody in particular was told of.
 */
export function topicOnly(clause: Clause, pronoun: string, sentences: readonly Sentence[]): Antecedent | undefined {
  const before = sentences[clause.sentence.index - 1];
  if (pronoun !== "they" || clause.rank !== "main" || clause.subject.start > 0 || !before?.tree || before.block !== clause.sentence.block) return undefined;
  const main = before.clauses.filter(({ rank }) => rank === "main");
  if (main.length === 0 || !main.every(({ subject }) => /^(?:nobody|no one|nothing|everybody|everyone)$/.test(headTerminal(subject).lemma ?? "")))
    return undefined;
  const many = walkTree(before.tree).filter(({ cat, f, role }) => cat === "np" && (f.num === "pl" || f.num === "any" || role === "coordination"));
  const plain = many.filter((np) => !/^(?:nobody|no one|nothing|everybody|everyone)$/.test(headTerminal(np).lemma ?? "") && headTerminal(np).lemma !== "it");
  const heads = new Set(plain.map((np) => headTerminal(np).lemma));
  const [np] = plain;
  return np && heads.size === 1 && np.f.num === "pl" && np.f.det === "bare" && isTopicOfText(np, sentences)
    ? { text: midSentence(before, coreOf(np)), node: coreOf(np), sentence: before }
    : undefined;
}

/** How many sentences hold each noun. */
function countNamings(sentences: readonly Sentence[]): ReadonlyMap<string, number> {
  const namings = new Map<string, number>();
  for (const { words } of sentences) {
    const nouns = new Set(words.flatMap(({ candidates }) => candidates.flatMap((tag) => (tag.cat === "n" && tag.lemma ? [tag.lemma] : []))));
    for (const noun of nouns) namings.set(noun, (namings.get(noun) ?? 0) + 1);
  }
  return namings;
}

/**
 * "Before *it* leaves the sea, a mudskipper …": what the whole text is about, where the sentence before tells
 * of it too, or of nothing: "The channel was steep. If *it* breaks, the water …" speaks of the channel.
 */
export function isTopicAhead({ subject, sentence }: Clause, sentences: readonly Sentence[]): boolean {
  const before = sentences[sentence.index - 1];
  const np = coreOf(subject);
  if (!isTopicOfText(np, sentences)) return false;
  if (before?.block !== sentence.block || before.abstained === "question") return true;
  const { lemma } = headTerminal(np);
  return before.clauses.some((other) => other.rank === "main" && headTerminal(coreOf(other.subject)).lemma === lemma);
}
