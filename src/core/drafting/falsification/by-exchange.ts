import type { Analysis, Sentence } from "../../language/analysis";
import type { Part } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import type { Statement } from "../source-stock";
import type { Falsehood } from "./falsehood";

/** "It moved the lamp from oil to gas" → "from gas to oil": verbs that say which way something goes or turns. */
const WAYS =
  /^(?:change|move|switch|travel|flow|fly|swim|sail|march|carry|send|bring|take|migrate|drift|fall|rise|climb|drop|grow|turn|shift|convert|transfer|spread|blow|pump)$/;
const FLOWING = /^(?:flow|blow|change|turn|convert|switch)$/;
const TURNING = /^(?:turn|change|convert|transform|make|melt)$/;
const USING = /^(?:use|burn|need|take)$/;
const MAKING = /^(?:make|produce|create|generate|get|build|grow|power|heat|cool|drive|move|turn|feed|lift|pump)$/;

/** Two things of a statement change places, so that the source says just the other way round. */
export function byExchange({ phrasing, text }: Statement, analysis: Analysis): Falsehood[] {
  const { clause } = phrasing;
  const parts = [...clause.complements, ...clause.adjuncts];
  const verb = clause.verb.lemma ?? "";
  const behind = (sub: string) => parts.find(({ node }) => isPreposition(node, sub));
  const object = clause.complements.find(({ role }) => role === "object");
  const pairs: (readonly [string, string])[] = [];
  const add = (from: Node | undefined, to: Node | undefined, write: (one: string, other: string) => [string, string]) => {
    if (!from || !to || !mayChange(from, to, clause.sentence) || isToldBothWays(from, to, clause.sentence, analysis)) return;
    const [one, other] = [nodeText(clause.sentence, from), nodeText(clause.sentence, to)];
    pairs.push(write(one, other));
  };
  const [from, to] = [behind("from"), behind("to")];
  // "Swallows fly from Europe to Africa": and back, at another time.
  const isOnce = clause.passive || /^(?:past|participle)$/.test(clause.verb.flags?.[0] ?? "") || clause.complements.length > 0 || FLOWING.test(verb);
  if (WAYS.test(verb) && isOnce && from && to && from.node.end === to.node.start)
    add(inside(from), inside(to), (one, other) => [`from ${one} to ${other}`, `from ${other} to ${one}`]);
  const into = behind("into");
  if (TURNING.test(verb) && object && into?.node.start === object.node.end)
    add(object.node, inside(into), (one, other) => [`${one} into ${other}`, `${other} into ${one}`]);
  for (const sub of ["instead", "rather"]) {
    const other = behind(sub);
    const joint = sub === "instead" ? "instead of" : "rather than";
    if (object && other?.node.start === object.node.end) add(object.node, inside(other), (one, two) => [`${one} ${joint} ${two}`, `${two} ${joint} ${one}`]);
  }
  const purpose = parts.find(({ node }) => node.cat === "vp" && node.f.form === "to");
  const made = purpose && MAKING.test(headTerminal(purpose.node).lemma ?? "") ? objectOf(purpose.node) : undefined;
  if (USING.test(verb) && object && made && purpose?.node.start === object.node.end && made.end === purpose.node.end) {
    const joint = nodeText(clause.sentence, { ...purpose.node, end: made.start });
    add(object.node, made, (one, two) => [`${one} ${joint} ${two}`, `${two} ${joint} ${one}`]);
  }
  return pairs.flatMap(([own, other]) =>
    text.split(own).length === 2 ? [{ text: text.replace(own, () => other), how: "exchange" as const, from: own, to: other }] : [],
  );
}

function isPreposition(node: Node, sub: string): boolean {
  return node.cat === "pp" && node.f.sub === sub;
}

function inside({ node }: Part): Node | undefined {
  return node.kids[1]?.cat === "np" ? node.kids[1] : undefined;
}

function objectOf(vp: Node): Node | undefined {
  const last = walkTree(vp).find((node) => node.cat === "vp" && node.role === "object");
  return last?.kids[1]?.cat === "np" ? last.kids[1] : undefined;
}

const LONGEST = 5;

/** Each can stand where the other stands: short, named by nouns of their own, no times and no amounts, and not "from place to place". */
function mayChange(one: Node, other: Node, sentence: Sentence): boolean {
  const isFit = (node: Node) =>
    node.end - node.start <= LONGEST &&
    walkTree(node).every(({ role }) => role !== "coordination") &&
    !node.f.time &&
    !/^(?:pron|num|quant|clause|dem)$/.test(node.f.det ?? "") &&
    walkTree(node).every(({ cat }) => !/^(?:poss|rc|num|pron|vp|s)$/.test(cat));
  const [a, b] = [headTerminal(one), headTerminal(other)];
  const same = nodeText(sentence, one).toLowerCase() === nodeText(sentence, other).toLowerCase();
  // "to make sunlight": what nobody could believe.
  const isAbsurd = [one, other].some((node) => /^(?:sunlight|daylight|light|sun|air|time|money)$/.test(headTerminal(node).lemma ?? ""));
  return (
    isFit(one) && isFit(other) && !isAbsurd && one.f.det === other.f.det && !same && (a.cat === "n" || a.cat === "pn") && (b.cat === "n" || b.cat === "pn")
  );
}

/** "In spring they fly back to Canada": where another sentence names both, it may tell the other way. */
function isToldBothWays(one: Node, other: Node, sentence: Sentence, { sentences }: Analysis): boolean {
  const words = [one, other].map((node) => new RegExp(`\\b${literally(headTerminal(node).lemma ?? nodeText(sentence, node))}`, "i"));
  return sentences.some((another) => another !== sentence && another.block.kind !== "heading" && words.every((word) => word.test(another.text)));
}
