import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import type { Statement } from "../source-stock";
import type { Falsehood } from "./falsehood";

/** "A fan uses electricity to make wind, whereas a turbine …" → "A turbine uses electricity to make wind": told of the one that the sentence sets against it. */
export function byContrast({ sentence, phrasing: { clause, subject }, text }: Statement): Falsehood[] {
  if (clause.negated || clause.rank !== "main" || !text.startsWith(subject) || !isPlainSubject(clause.subject)) return [];
  return sentence.clauses.flatMap((other) => {
    if (other === clause || !isSetAgainst(clause, other) || !isPlainSubject(other.subject)) return [];
    const behind = text.slice(subject.length);
    const name = midSentence(sentence, other.subject, nodeText(sentence, other.subject));
    if (isSameHead(clause.subject, other.subject) && name.toLowerCase() === subject.toLowerCase()) return [];
    const named = new RegExp(`\\b${literally(headTerminal(other.subject).lemma ?? name)}`, "i");
    if (!agrees(clause.subject, other.subject) || named.test(behind) || /\b(?:both|too|also|each|other|as well)\b|\b(?:its?|they|their)\b/i.test(behind))
      return [];
    return [{ text: `${name}${behind}`, how: "contrast" as const, from: subject, to: name }];
  });
}

/** Joined by whereas, while or but, and saying a like thing of each. */
function isSetAgainst(clause: Clause, other: Clause): boolean {
  const { words } = clause.sentence;
  const [first, second] = clause.start <= other.start ? [clause, other] : [other, clause];
  const before = words.slice(Math.max(first.verb.end, second.subject.start - 2), second.subject.start).map(({ lower }) => lower);
  const isAlike = clause.verb.lemma === other.verb.lemma && clause.verb.cat === other.verb.cat && clause.passive === other.passive;
  const isDenied = other.negated && other.complements.every(({ role }) => role === "ellipsis");
  if (other.negated !== clause.negated && !isDenied) return false;
  return before.includes("whereas") || ((before.includes("while") || before.includes("but")) && (isAlike || isDenied));
}

function isPlainSubject(subject: Node): boolean {
  return (
    subject.cat === "np" &&
    subject.role !== "coordination" &&
    subject.end - subject.start <= 5 &&
    !/^(?:pron|quant|num|dem|clause)$/.test(subject.f.det ?? "") &&
    walkTree(subject).every(({ cat }) => !/^(?:poss|rc|pron|num)$/.test(cat))
  );
}

function agrees(one: Node, other: Node): boolean {
  return one.f.num === other.f.num;
}

function isSameHead(one: Node, other: Node): boolean {
  return headTerminal(one).lemma === headTerminal(other).lemma;
}

/** Parts, sorts and sexes that a text tells apart. */
const COUNTERPARTS: readonly (readonly [string, string])[] = [
  ["inner", "outer"],
  ["upper", "lower"],
  ["male", "female"],
  ["males", "females"],
  ["left", "right"],
  ["northern", "southern"],
  ["eastern", "western"],
  ["hot", "cold"],
  ["warm", "cold"],
  ["top", "bottom"],
  ["front", "back"],
  ["positive", "negative"],
  ["large", "small"],
  ["big", "small"],
  ["thick", "thin"],
  ["wet", "dry"],
  ["public", "private"],
  ["workers", "drones"],
  ["worker", "drone"],
  ["young", "old"],
];

/** What both do, whichever the text says it of. */
const SHARED_BY_ALL = /^(?:die|live|eat|come|go|arrive|leave|return|grow|start|begin|end|stop|take|see|hear|know|need|want)$/;

const SAID_OF_MORE = /\b(?:both|also|too|each|other|as well|like|than|again|still|more|less)\b/i;

/** "The inner hull is made of thick steel" → "the outer hull": where the text tells of both, and of the other something else. */
export function byCounterpart({ phrasing, text, sentence }: Statement, { sentences }: Analysis): Falsehood[] {
  const { clause, subject } = phrasing;
  if (clause.negated || SHARED_BY_ALL.test(clause.verb.lemma ?? "") || !text.startsWith(subject) || !isPlainSubject(clause.subject)) return [];
  const behind = text.slice(subject.length);
  if (behind.split(" ").length < 4 || SAID_OF_MORE.test(sentence.text)) return [];
  return COUNTERPARTS.flatMap(([one, two]) => [[one, two] as const, [two, one] as const]).flatMap(([own, other]) => {
    const name = exchanged(subject, own, other);
    if (!name || new RegExp(`\\b${other}\\b`, "i").test(behind)) return [];
    const near = sentences.slice(Math.max(0, sentence.index - NEAR), sentence.index + NEAR + 1);
    const theirs = near.flatMap(({ clauses }) => clauses).filter((one) => nodeText(one.sentence, one.subject).toLowerCase() === name.toLowerCase());
    const isSetApart = theirs.length > 0 && theirs.every((one) => !saysTheSame(one, clause));
    return isSetApart ? [{ text: `${name}${behind}`, how: "contrast" as const, from: subject, to: name }] : [];
  });
}

const NEAR = 4;

/** "the inner hull" → "the outer hull"; undefined where the word is not there. */
function exchanged(subject: string, own: string, other: string): string | undefined {
  const found = new RegExp(`(^|\\s)${own}(?=\\s|$)`, "i");
  return found.test(subject) ? subject.replace(found, (_, space: string) => `${space}${other}`) : undefined;
}

/** The same verb: perhaps the same thing in other words. */
function saysTheSame(a: Clause, b: Clause): boolean {
  if (a.verb.lemma !== b.verb.lemma || a.verb.cat !== b.verb.cat) return false;
  return a.verb.cat === "v" && headOf(a) === headOf(b);
}

function headOf({ complements }: Clause): string {
  const object = complements[0]?.node;
  return object ? (headTerminal(object).lemma ?? "") : "";
}
