import type { BinaryRule, Grammar, UnaryRule } from "./grammar/rule-writer";
import type { TaggedWord } from "./tag-candidates";
import { headTerminal, type Node } from "./tree";

export type Parser = {
  parse(words: readonly TaggedWord[]): Node | undefined;
  /** The cheapest whole clause, none joined of two, from each word on, by its end, none longer than `longest` words. */
  clauses(words: readonly TaggedWord[], longest: number): Map<number, Node>[];
};

const LONGEST_SENTENCE = 48;
const BEAM = 7;
/** Good sentences cost under 0.7 a word (with six words to spare); "A lamps burned" costs 0.9. */
const DEAREST_WORD = 0.75;
const NODES_PER_CELL = 44;

/**
 * A chart parser (CKY, Younger 1967) that keeps the cheapest node for each category and feature set
 * in every cell. A sentence is accepted only as a whole; undefined is an abstention, not an error.
 */
export function createParser(grammar: Grammar): Parser {
  const catIds = new Map<string, number>();
  const idOf = (cat: string) => {
    const known = catIds.get(cat);
    if (known !== undefined) return known;
    catIds.set(cat, catIds.size);
    return catIds.size - 1;
  };
  const binary: (BinaryRule[] | undefined)[][] = [];
  for (const rule of grammar.binary) {
    const row = (binary[idOf(rule.left)] ??= []);
    (row[idOf(rule.right)] ??= []).push(rule);
  }
  const unary = new Map<string, UnaryRule[]>();
  for (const rule of grammar.unary) unary.set(rule.from, [...(unary.get(rule.from) ?? []), rule]);

  type Entry = { node: Node; cat: number };
  const fill = (words: readonly TaggedWord[], longest: number): Entry[][] => {
    const n = words.length;
    const chart: Entry[][] = new Array((n + 1) * (n + 1));
    const build = (start: number, end: number) => {
      const cell = new Map<string, Node>();
      let best = Number.POSITIVE_INFINITY;
      const add = (node: Node) => {
        if (node.cost > best + BEAM + (end - start === 1 ? 4 : 0)) return;
        const key = keyOf(node);
        const old = cell.get(key);
        if (old && old.cost <= node.cost) return;
        cell.set(key, node);
        if (node.cost < best) best = node.cost;
        for (const rule of unary.get(node.cat) ?? []) {
          const made = rule.make(node);
          if (made) add({ cat: rule.to, f: made.f, cost: node.cost + made.cost, start, end, kids: [node], head: 0, role: rule.role });
        }
      };
      if (end - start === 1) for (const node of words[start]!.candidates) add({ ...node, start, end });
      for (let middle = start + 1; middle < end; middle++) {
        const lefts = chart[start * (n + 1) + middle]!;
        const rights = chart[middle * (n + 1) + end]!;
        for (const left of lefts) {
          const row = binary[left.cat];
          if (!row) continue;
          for (const right of rights) {
            const rules = row[right.cat];
            if (!rules) continue;
            for (const rule of rules) {
              const made = rule.make(left.node, right.node);
              if (made)
                add({
                  cat: rule.to,
                  f: made.f,
                  cost: left.node.cost + right.node.cost + made.cost,
                  start,
                  end,
                  kids: [left.node, right.node],
                  head: rule.head,
                  role: rule.role,
                });
            }
          }
        }
      }
      const kept = [...cell.values()].filter((node) => node.cost <= best + BEAM + (end - start === 1 ? 4 : 0));
      if (kept.length > NODES_PER_CELL) kept.sort((a, b) => a.cost - b.cost).length = NODES_PER_CELL;
      chart[start * (n + 1) + end] = kept.map((node) => ({ node, cat: idOf(node.cat) }));
    };
    for (let length = 1; length <= Math.min(n, longest); length++) for (let start = 0; start + length <= n; start++) build(start, start + length);
    return chart;
  };
  const parse = (words: readonly TaggedWord[]): Node | undefined => {
    const n = words.length;
    if (n === 0 || n > LONGEST_SENTENCE) return undefined;
    const chart = fill(words, n);
    let found: Node | undefined;
    for (const { node } of chart[n]!) if (node.cat === "root" && (!found || node.cost < found.cost)) found = node;
    return found && found.cost <= DEAREST_WORD * (n + 6) ? found : undefined;
  };
  const clauses = (words: readonly TaggedWord[], longest: number): Map<number, Node>[] => {
    const n = words.length;
    const chart = fill(words, longest);
    return Array.from({ length: n }, (_, start) => {
      const byEnd = new Map<number, Node>();
      for (let end = start + 1; end <= Math.min(n, start + longest); end++) {
        for (const { node } of chart[start * (n + 1) + end] ?? []) {
          const known = byEnd.get(end);
          if (
            node.cat === "s" &&
            node.role !== "conjunct" &&
            !node.f.gap &&
            (node.f.form === "fin" || node.f.form === "base") &&
            (!known || node.cost < known.cost)
          )
            byEnd.set(end, node);
        }
      }
      return byEnd;
    });
  };
  return { parse, clauses };
}

/** "do not" is a base form or a present: the word decides, so it is part of the key. */
const AUXILIARIES = new Set(["be", "have", "do"]);

function keyOf(node: Node): string {
  const f = node.f;
  return `${node.cat}|${f.num ?? ""}${f.kase ?? ""}|${f.det ?? ""}|${f.form ?? ""}${f.agr ?? ""}${f.gap ? "g" : ""}${f.passive ? "p" : ""}|${f.sub ?? ""}${f.time ? "t" : ""}${AUXILIARIES.has(node.cat) ? headTerminal(node).flags?.[0] : ""}${node.kids.length === 0 ? (node.flags?.join() ?? "") + (node.lemma ?? "") : ""}`;
}
