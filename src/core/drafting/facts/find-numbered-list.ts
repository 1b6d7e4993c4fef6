import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf } from "../phrasing/conjuncts";
import { numberWords } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "You need *two things* to see a rainbow: *sunshine and rain*": which two things? "The keeper has *three tasks: to clean the lens, …*" */
export function findNumberedList(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const list = sentence.tree && walkTree(sentence.tree).find(({ cat }) => cat === "colon-np" || cat === "colon-vp");
  const told = clause.complements.find(({ role, node }) => node.cat === "np" && (role === "object" || role === "predicate"))?.node;
  if (!list || !told || clause.rank !== "main" || clause.negated || clause.shared || clause.end > list.start) return [];
  if (sentence.clauses.some(({ rank, start }) => rank === "main" && start >= list.end)) return [];
  const items = conjunctsOf(list.kids[1]!);
  const count = countOf(told, sentence.words[told.start]?.lower ?? "", sentence.words[told.start + 1]?.lower ?? "");
  if (count !== numberWords(items.length) || items.length < 2 || items.some((item) => findUnclear(item, sentence, analysis, phrasing.binder))) return [];
  const answer = nodeText(sentence, list.kids[1]!);
  const reasons = reasonsOf(clause);
  const exists = clause.subject.cat === "there";
  const things = nodeText(sentence, told);
  // "the three smallest bones *in the body*"
  const own = told.f.det === "def" ? clause.adjuncts.filter(({ node }) => node.start >= told.end && node.cat === "pp" && !reasons.includes(node)) : [];
  const rest = phraseRest(phrasing, analysis, [told, ...own.map(({ node }) => node), ...reasons]);
  if (isUnclear(rest) || findUnclear(told, sentence, analysis, phrasing.binder)) return [];
  const whole = [things, ...own.map(({ node }) => nodeText(sentence, node))].join(" ");
  const stem =
    told.f.det === "def" ? `What are ${whole}?` : exists ? `Which ${things} are there${rest ? ` ${rest}` : ""}?` : askClause(phrasing, `Which ${things}`, rest);
  if (told.f.det === "def" && whole.split(" ").length < 5) return [];
  return [
    factOf(phrasing, list.start, {
      type: "list",
      stem: stem.replace(/^Which (?:only|just|about) /, "Which "),
      answer,
      accepted: [items.map((item) => nodeText(sentence, item).replace(/^(?:the|an?) /, "")).join(", ")],
      depth: "recall",
      worth: 2.7,
      pattern: "which-things",
    }),
  ];
}

/** "two things" → two, "the three smallest bones" → three */
function countOf(np: Node, first: string, second: string): string | undefined {
  if (np.f.det === "def") return first === "the" ? second : undefined;
  return np.role === "quantity" || np.role === "postmodifier" || np.role === "relative" ? first : undefined;
}
