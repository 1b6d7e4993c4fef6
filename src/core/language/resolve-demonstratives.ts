import type { Antecedent, Sentence } from "./analysis";
import type { Clause } from "./clause";
import { THIN_NOUNS } from "./data/noun-classes";
import { midSentence, nodeText } from "./node-text";
import { headTerminal, type Node, walkTree } from "./tree";

const MOST_WORDS = 6;

/**
 * "… a row of *tiny stiff hairs*. *These hairs* break the air": the same noun in the sentence just before,
 * where it stands once. Another noun ("this copper mould") may take up anything, and stays open.
 */
export function resolveDemonstrative({ subject, sentence }: Clause, before: Sentence | undefined): Antecedent | undefined {
  if (
    subject.f.det !== "dem" ||
    !/^(?:this|these)$/.test(subject.kids[0]?.lemma ?? "") ||
    !before?.tree ||
    before.block !== sentence.block ||
    subject.end - subject.start !== 2
  )
    return undefined;
  const head = headTerminal(subject);
  const lemma = (head.lemma ?? "").toLowerCase();
  if (head.cat !== "n" || THIN_NOUNS.has(lemma)) return undefined;
  const all = walkTree(before.tree).filter((node) => node.cat === "np" && (headTerminal(node).lemma ?? "").toLowerCase() === lemma);
  const [named, ...more] = all.filter((node) => !all.some((around) => around !== node && around.start <= node.start && around.end >= node.end));
  if (!named || more.length > 0 || (named.f.num !== undefined && subject.f.num !== undefined && !sameNumber(named, subject))) return undefined;
  const node = told(named);
  const plain = node && definite(node, before);
  const text = plain && withPlace(plain, named, before);
  return node && text ? { text, node: { ...node, f: { ...node.f, det: "def" } }, sentence: before } : undefined;
}

const PLACES = /^(?:in|on|at|under|between|inside|near|behind)$/;
const MOST_OF_PLACE = 8;

/** "comes from a group of cells *in the wall of the heart*. These cells …": which ones, what ends the sentence says. */
function withPlace(text: string, { end }: Node, { tree, words }: Sentence): string {
  const place = walkTree(tree!).find((node) => node.cat === "pp" && node.start === end && PLACES.test(node.f.sub ?? "") && !node.f.time);
  const isLast = place && words.slice(place.end).every(({ text: word }) => /^[.!?]$/.test(word));
  if (!place || !isLast || place.end - place.start > MOST_OF_PLACE) return text;
  const isClear = walkTree(place).every((node) => !/^(?:poss|pro|rc|s|num)$/.test(node.cat) && !node.flags?.includes("dem"));
  return isClear
    ? `${text} ${words
        .slice(place.start, place.end)
        .map(({ text: word }) => word)
        .join(" ")}`
    : text;
}

function sameNumber(a: Node, b: Node): boolean {
  return a.f.num === b.f.num || a.f.num === "any" || b.f.num === "any";
}

/** The noun with what stands before it, and an *of*-phrase behind it; what else says which one ("a temperature at which …") would be lost. */
function told(np: Node): Node | undefined {
  const [inner, behind] = np.kids;
  if (np.role === "coordination") return undefined;
  if (!["apposition", "relative", "reduced", "postmodifier"].includes(np.role) || inner?.cat !== "np") return np;
  if (np.role === "postmodifier" && behind!.f.sub === "of") return np;
  return behind!.cat.startsWith("c-") ? told(inner) : undefined;
}

function definite(np: Node, sentence: Sentence): string | undefined {
  const isClear = !walkTree(np).some((node) => /^(?:poss|pro|rc|s)$/.test(node.cat) || node.flags?.includes("dem") || node.flags?.includes("neg"));
  if (!isClear || np.end - np.start > MOST_WORDS || /^(?:quant|proper|dem)$/.test(np.f.det ?? "")) return undefined;
  const text = midSentence(sentence, np, nodeText(sentence, np));
  return /^the /i.test(text) ? text : `the ${text.replace(/^(?:an?|some) /i, "")}`;
}
