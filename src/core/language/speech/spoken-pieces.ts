import { CLOSED_WORDS } from "../data/closed-words";
import type { Parser } from "../parse-words";
import type { TaggedWord } from "../tag-candidates";
import type { Node } from "../tree";

/**
 * A clause that the grammar knows in speech without stops, or one word that stands outside all clauses
 * (no `node`), from word `start` to before word `end`; `features` are what its weight is made of.
 */
export type SpokenPiece = { start: number; end: number; node?: Node; features: readonly Feature[] };
export type Feature = readonly [name: string, value: number];

const LONGEST_CLAUSE = 22;
const SHORTEST_CLAUSE = 3;
const DEAREST_WORD = 0.6;
/** The longest of each length that is weighed as one. */
const LENGTHS = [5, 8, 12, 17, LONGEST_CLAUSE];

export function spokenPieces(words: readonly TaggedWord[], parser: Parser): SpokenPiece[] {
  const loose = words.map((word, start): SpokenPiece => ({ start, end: start + 1, features: [[`loose ${closedOrSort(word)}`, 1]] }));
  const clauses = parser.clauses(words, LONGEST_CLAUSE).flatMap((byEnd, start) =>
    [...byEnd].flatMap(([end, node]): SpokenPiece[] => {
      const length = end - start;
      // "the crabs' eyes": nothing ends before the mark of an owner.
      const isTorn = words[end]?.candidates.some((tag) => tag.cat === "gen");
      if (isTorn || length < SHORTEST_CLAUSE || node.cost > DEAREST_WORD * length + 2) return [];
      return [{ start, end, node, features: featuresOfClause(words, start, end, node) }];
    }),
  );
  return [...loose, ...clauses];
}

/** How it is built, what it costs the grammar, how it begins and ends, and what stands before and behind. */
function featuresOfClause(words: readonly TaggedWord[], start: number, end: number, node: Node): Feature[] {
  const [before, first, second] = [words[start - 1], words[start], words[start + 1]];
  const [last, behind] = [words[end - 1], words[end]];
  const length = LENGTHS.find((longest) => end - start <= longest)!;
  const top = withoutWrapping(node);
  const names = [
    "clause",
    `length ${length}`,
    `form ${node.f.form} ${length}`,
    `built ${top.kids[0]?.cat} ${top.role}`,
    `opened ${top.kids[0]?.f.det}`,
    `first ${closedOrSort(first)}`,
    `second ${closedOrSort(first)} ${sortOf(second)}`,
    `last ${closedOrSort(last)}`,
    `before ${closedOrSort(before)}`,
    `behind ${closedOrSort(behind)}`,
    `begins ${sortOf(before)} ${sortOf(first)}`,
    `begins with ${closedOrSort(before)} ${closedOrSort(first)}`,
    `ends ${sortOf(last)} ${sortOf(behind)}`,
    `ends with ${closedOrSort(last)} ${closedOrSort(behind)}`,
  ];
  return [["cost", node.cost], ["cost of a word", node.cost / (end - start)], ...names.map((name): Feature => [name, 1])];
}

function withoutWrapping(node: Node): Node {
  return node.kids.length === 1 ? withoutWrapping(node.kids[0]!) : node;
}

/** "because", "they", but of an open word only its sort: "n". */
function closedOrSort(word: TaggedWord | undefined): string {
  return word && Object.hasOwn(CLOSED_WORDS, word.lower) ? word.lower : sortOf(word);
}

function sortOf(word: TaggedWord | undefined): string {
  if (!word) return "edge";
  return word.candidates.reduce((best, tag) => (tag.cost < best.cost ? tag : best)).cat;
}
