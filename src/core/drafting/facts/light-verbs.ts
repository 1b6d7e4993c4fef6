import type { Clause } from "../../language/clause";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";

/** Verbs that say too little for a question about their object or doer. */
export const LIGHT_VERBS = new Set(
  "include contain comprise manage appear seem fall cost last weigh have do get take make go come see look begin start become seem let keep put want need try like feel find think know use give hold set say call name leave reach throw show turn live".split(
    " ",
  ),
);

/** "keeps the bones from rubbing", "makes the picture blurred": with what stands behind it a light verb says enough. */
export function saysEnough(clause: Clause): boolean {
  return keepsFrom(clause) || makesSo(clause) || doesMost(clause) || turnsThing(clause);
}

/** "A clockwork machine *turned the lens*", and did not turn into anything */
function turnsThing({ verb, complements, adjuncts }: Clause): boolean {
  const [object, ...more] = complements;
  return (
    verb.lemma === "turn" && object?.role === "object" && more.length === 0 && !adjuncts.some(({ node }) => /^(?:into|to|on|off|over)$/.test(node.f.sub ?? ""))
  );
}

/** "keeps the bones *from rubbing against each other*" */
function keepsFrom(clause: Clause): boolean {
  const isKept = ({ cat, f, kids, lemma }: Node) =>
    (cat === "pp" && f.form === "ing" && kids[0]?.lemma === "from") || /^(?:out|away|in|off)$/.test(lemma ?? "");
  return clause.verb.lemma === "keep" && [...clause.adjuncts, ...clause.complements].some(({ node }) => isKept(node) || isKept(headTerminal(node)));
}

/** "A large hole *makes the picture blurred*" */
function makesSo(clause: Clause): boolean {
  return clause.verb.lemma === "make" && clause.complements.some(({ role, node }) => role === "predicate" && node.cat === "ap");
}

/** "Leaves with deep cuts make *the prettiest prints*" */
function doesMost({ complements, sentence }: Clause): boolean {
  return complements.some(({ role, node }) => role === "object" && /^the (?:most \p{L}+|\p{L}+est|best|worst) \p{L}/iu.test(nodeText(sentence, node)));
}

/** "Frogs eat *insects*", "Lettuce seeds need *light*": with verbs of living the verb says enough, but not of one thing in a row. */
export function isNeeded(object: Node, { verb, sentence }: Clause): boolean {
  if (object.f.det === "def" || TIME_NOUNS.has(headTerminal(object).lemma ?? "")) return false;
  const isOneOfSeveral = /^(?:first|second|third|fourth|finally|next|then)\b|\balso\b/i.test(sentence.text);
  return /^(?:eat|drink|need|hunt|breathe|produce|absorb|attract|avoid|destroy)$/.test(verb.lemma ?? "") && !isOneOfSeveral;
}
