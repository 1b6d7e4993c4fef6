import type { Sentence } from "../../language/analysis";
import { headTerminal, type Node, walkTree } from "../../language/tree";

/** Said of what is thought, which is always compared with what else one might think. */
const LIKELY = /^(?:likely|probable|plausible|convincing|sensible|accurate|reliable|exact|precise|serious)$/;

/** "brighter" without its *than*; "the *upper* chamber" is compared with nothing. */
export function isOpenComparison(ap: Node, sentence: Sentence): boolean {
  const head = headTerminal(ap);
  // "a *more likely* explanation"
  const isMore = ap.role === "modifier" && /^(?:more|less)$/.test(ap.kids[0]?.lemma ?? "") && LIKELY.test(head.lemma ?? "");
  // "are *far less perfect*"
  const isFar =
    /^(?:more|less)$/.test(sentence.words[head.start - 1]?.lower ?? "") &&
    sentence.words[head.start - 2]?.lower === "far" &&
    sentence.words[head.end]?.lower !== "than";
  if (!head.flags?.includes("comparative") && !isMore && !isFar) return false;
  // "would only *make things worse*": than they are.
  if (
    /^(?:things|matters|it|life)$/.test(sentence.words[head.start - 1]?.lower ?? "") &&
    /^mak(?:e|es|ing)$|^made$/.test(sentence.words[head.start - 2]?.lower ?? "")
  )
    return false;
  // "two *or more* atoms"
  if (head.lemma === "more" && sentence.words[head.start - 1]?.lower === "or") return false;
  // "whether a smell is *stronger* on the left or on the right": of the two.
  if (/\bwhether\b.*\bor\b/i.test(sentence.text)) return false;
  const isPosition = /^(?:upper|lower|inner|outer)$/.test(sentence.words[head.start]!.lower);
  if (isPosition && /^(?:the|its|their|his|her)$/.test(sentence.words[head.start - 1]?.lower ?? "")) return false;
  return !walkTree(ap).some((node) => node.cat === "pp" && node.f.sub === "than");
}

/** "weighs as *much* as the ship": the clause itself says how much. */
export function isAsMuchAs({ start, end, lemma }: Node, { words }: Sentence): boolean {
  return lemma === "much" && words[start - 1]?.lower === "as" && words[end]?.lower === "as" && /^(?:weigh|cost)/.test(words[start - 2]?.lower ?? "");
}

/** "*each* swing takes the *same* time", "*twice* in the *same* town": the same as every other. */
export function isSameOfEach({ start, lemma }: Node, { words, tree }: Sentence): boolean {
  const isEach = ({ lower }: { lower: string }) => /^(?:each|every|both|twice)$/.test(lower);
  if (lemma !== "same") return false;
  // "at the *same* time *every* day"
  const isDaily = /^time$/.test(words[start + 1]?.lower ?? "") && /^(?:each|every)$/.test(words[start + 2]?.lower ?? "");
  // "through the *same* gate *as* rich people"
  const isSameAs = walkTree(tree!).some(({ cat, kids }) => cat === "pp" && kids[0]?.lemma === "as" && kids[0].start > start && kids[0].start <= start + 4);
  return isDaily || isSameAs || words.slice(Math.max(0, start - 5), start).some(isEach);
}
