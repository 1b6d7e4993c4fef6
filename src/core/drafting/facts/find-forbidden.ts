import type { Analysis } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

/** "Do not add meat or cheese, *which attract rats*": what is said in passing is why not. */
export function findForbidden(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const aside = object && asideOf(object);
  if (!clause.imperative || !clause.negated || !object || !aside || clause.complements.length > 1) return [];
  const [rel, vp] = aside.kids;
  const head = vp && headTerminal(vp);
  if (rel?.cat !== "rel" || rel.lemma !== "which" || vp?.cat !== "vp" || vp.f.form !== "fin" || head?.cat !== "v") return [];
  const thing = wordsText(sentence, object.start, aside.start - 1);
  if (findUnclear(vp, sentence, analysis, phrasing.binder) || /\b(?:it|them|this|these)\b/.test(thing)) return [];
  const answer = `because ${vp.f.agr === "sg" ? "it" : "they"} ${nodeText(sentence, vp)}`;
  return [
    factOf(phrasing, aside.start, {
      type: "cause",
      stem: askClause(phrasing, "Why", thing),
      answer,
      accepted: [answer.replace(/^because /, "")],
      depth: "understanding",
      worth: 3,
      pattern: "why-not-to",
    }),
  ];
}

/** The relative clause behind a comma that an object, or the last of several, ends in. */
function asideOf(np: Node): Node | undefined {
  if (np.cat !== "np") return np.kids.map(asideOf).find(Boolean);
  const last = np.kids.at(-1);
  if (np.role === "relative" && last?.cat === "c-rc") return last.kids[last.head];
  return last && np.role === "coordination" ? asideOf(last) : undefined;
}
