import { type Analysis, positionKey } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import type { Node } from "../../language/tree";

/** "When *a worker* finds food, she leaves a trail" → A worker leaves a trail when *she* finds food. */
export function withPronounAhead(text: string, node: Node, { sentence, subject }: Clause, { antecedents }: Analysis): string {
  const named = antecedents.get(positionKey(sentence, subject.start));
  const own = sentence.words[subject.start]!.lower;
  // "When Emilie Demant was a child, *she* dreamed of it": the name is that of the one person whom the source can mean.
  if (
    named &&
    named.node.start === subject.start &&
    node.end <= subject.start &&
    /^(?:he|she)$/.test(own) &&
    /^\p{L}+ $/u.test(text.slice(0, Math.max(0, text.indexOf(named.text))))
  )
    return text.replace(named.text, own);
  if (!named || named.sentence !== sentence || node.end > subject.start || named.node.start < node.start || named.node.end > node.end) return text;
  const noun = nodeText(sentence, named.node);
  return text.replace(noun, sentence.words[subject.start]!.lower);
}
