import { isAnimalNoun, isPersonNoun } from "../find-persons";
import type { Lexicon } from "../lexicon";
import { type Features, headTerminal, type Node } from "../tree";

/** The new node's features and cost, or undefined where the rule does not hold. */
export type Made = { f: Features; cost: number } | undefined;
export type BinaryRule = { to: string; left: string; right: string; head: 0 | 1; role: string; make(left: Node, right: Node): Made };
export type UnaryRule = { to: string; from: string; role: string; make(node: Node): Made };
export type Grammar = { binary: BinaryRule[]; unary: UnaryRule[] };

/** What a file of rules is written with. */
export type RuleWriter = {
  /** rule("np", "det nb", head index, role of the other kid, cost, features) */
  rule(to: string, parts: string, head: 0 | 1, role: string, cost: number, make?: (l: Node, r: Node) => Made | Features): void;
  /** A node of one category taken as another. */
  lift(to: string, from: string, role: string, make: (node: Node) => Made): void;
  /** Does the verb take it: I nothing, T an object, D two, L an adjective, C a clause, V a verb phrase? */
  has(verb: Node, frame: string): boolean;
  /** Is it a name known as a place's? */
  isPlaceName(np: Node): boolean;
  /** Is the noun's form a verb's as well, so many times as often: "needs", "sticks"? */
  isVerbToo(noun: Node, times: number): boolean;
  /** Does the noun name animals: "spider"? */
  isAnimal(noun: Node): boolean;
  /** Does the noun name persons: "explorer"? */
  isPerson(noun: Node): boolean;
};

export function createRuleWriter(lexicon: Lexicon): RuleWriter & Grammar {
  const binary: BinaryRule[] = [];
  const unary: UnaryRule[] = [];
  const rule: RuleWriter["rule"] = (to, parts, head, role, cost, make) => {
    const [left, right] = parts.split(" ") as [string, string];
    binary.push({
      to,
      left,
      right,
      head,
      role,
      make(l, r) {
        if (!make) return { f: (head === 0 ? l : r).f, cost };
        const made = make(l, r);
        if (!made) return undefined;
        return "cost" in made && "f" in made ? { f: made.f as Features, cost: cost + (made.cost as number) } : { f: made as Features, cost };
      },
    });
  };
  const lift: RuleWriter["lift"] = (to, from, role, make) => {
    unary.push({ to, from, role, make });
  };
  // "was fined *two hundred dollars*", "means *that they pay*": what the dictionary does not know.
  const has = (verb: Node, frame: string) =>
    (frame === "D" && verb.lemma === "fine") ||
    (frame === "C" && verb.lemma === "mean") ||
    (lexicon.findWord(verb.lemma ?? "")?.frames || "IT").includes(frame);
  const isVerbToo = (noun: Node, times: number) => {
    const { noun: asNoun = 0, verb = 0 } = lexicon.findWord(noun.lemma ?? "") ?? {};
    return noun.cat === "n" && verb >= asNoun * times;
  };
  const isPerson = (noun: Node) => isPersonNoun(noun.lemma ?? "", lexicon);
  const isAnimal = (noun: Node) => isAnimalNoun(noun.lemma ?? "", lexicon);
  const isPlaceName = (np: Node) => np.f.det === "proper" && lexicon.nameKind(headTerminal(np).lemma ?? "") === "place";
  return { binary, unary, rule, lift, has, isAnimal, isPerson, isPlaceName, isVerbToo };
}

export function agreeNumbers(a: string, b: string): "sg" | "pl" | "any" | undefined {
  if (a === "any") return b as "sg";
  return b === "any" || a === b ? (a as "sg") : undefined;
}
