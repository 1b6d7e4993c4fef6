import type { Clause } from "../../language/clause";
import type { Node } from "../../language/tree";
import { literally } from "../../lib/literally";

/** A statement that the source denies: what was changed in it, and into what. */
export type Falsehood = {
  text: string;
  how: "number" | "year" | "antonym" | "order" | "comparison" | "denial" | "doer" | "exchange" | "bound" | "contrast";
  from: string;
  to: string;
};

/** Replaces a word that stands there exactly once. */
export function swap(text: string, from: string, to: string, how: Falsehood["how"]): Falsehood[] {
  const pattern = new RegExp(`(?<![\\w-])${literally(from)}(?![\\w-])`, "g");
  return text.match(pattern)?.length === 1 ? [{ text: text.replace(pattern, to), how, from, to }] : [];
}

/** What is said behind the verb, without clauses of time, reason or condition. */
export function partsOf(clause: Clause): Node[] {
  return [...clause.complements.map((part) => part.node), ...clause.adjuncts.filter((part) => !part.node.cat.includes("sb")).map((part) => part.node)];
}
