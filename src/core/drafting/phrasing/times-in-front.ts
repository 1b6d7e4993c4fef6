import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, reasonNode } from "../../language/tree";

/** "On 15 January 1919, *a warm winter day*, the tank burst": a time told by another name. */
export function isSameTime(node: Node, { adjuncts, sentence, subject }: Clause): boolean {
  const core = node.cat.endsWith("-c") ? (node.kids[node.head] ?? node) : node;
  const isTime = /^an? /i.test(nodeText(sentence, core)) && (Boolean(node.f.time ?? core.f.time) || core.f.sub === "time");
  const isAhead = node.end <= subject.start;
  return isAhead && isTime && adjuncts.some((other) => other.node.end === node.start && Boolean(other.node.f.time ?? reasonNode(other.node).f.time));
}

/** Whether another time stands right behind: "*One day*, usually during a flood". */
export function isBeforeTime(node: Node, parts: readonly { node: Node }[]): boolean {
  return parts.some(
    (other) => other.node.start === node.end && (Boolean(other.node.f.time ?? reasonNode(other.node).f.time) || reasonNode(other.node).f.sub === "during"),
  );
}

const LATER = /^(?:later|afterwards?|earlier|soon|then|before|after)$/;

/** A time in front that counts from another sentence, before something done once. */
export function isLater(node: Node, { subject, verb, auxiliaries, negated }: Clause): boolean {
  // "died of tuberculosis *four years later*"
  const isBehind = node.start >= verb.end && node.end - node.start >= 3;
  if ((node.end > subject.start && !isBehind) || !/^advp(?:-c)?$/.test(node.cat) || !LATER.test(headTerminal(node).lemma ?? "") || negated) return false;
  const [auxiliary, ...more] = auxiliaries;
  const isOnce = auxiliary
    ? more.length === 0 && auxiliary.cat === "be" && auxiliary.flags?.includes("past") === true
    : verb.cat === "v" && verb.flags?.[0] === "past";
  return isOnce && !/^(?:know|own|contain|live|stand|lie|remain|cost|weigh|seem|look)$/.test(verb.lemma ?? "");
}

/** "*To stop such tricks* Parliament passed an act in 1679": what was done was done, whatever it was for. */
export function isPurposeOfPast(node: Node, { subject, verb, auxiliaries, negated }: Clause): boolean {
  const [finite = verb] = auxiliaries;
  const isPurpose = /^vp(?:-c)?$/.test(node.cat) && reasonNode(node).f.form === "to" && node.start === 0 && node.end <= subject.start;
  return isPurpose && !negated && finite.cat !== "modal" && finite.flags?.includes("past") === true;
}
