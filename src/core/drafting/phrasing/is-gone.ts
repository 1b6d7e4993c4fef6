import type { Clause } from "../../language/clause";
import { wordsText } from "../../language/node-text";

/** "When oxygen *runs out*, it …", "If the tide *is out*, it …": what is no longer there does nothing, and something else is meant. */
export function isGone({ verb, sentence, start, end }: Clause): boolean {
  const isOut = verb.cat === "be" && /\b(?:is|are) (?:out|over|gone|up|down|away)\b/.test(wordsText(sentence, start, end));
  return isOut || /^(?:run|vanish|disappear|go|lack|die|end|fail)$/.test(verb.lemma ?? "");
}
