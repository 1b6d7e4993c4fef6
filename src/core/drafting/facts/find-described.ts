import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { isPersonNoun } from "../../language/find-persons";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

const SAYS_WHO = /^(?:who|which) (is|are|was|were) (the .+)$/i;
const FEWEST_WORDS = 5;
const MOST_WORDS = 16;

/** "It hires *a superintendent*, who is the head of all the schools": who is the head of all the schools? */
export function findDescribed(sentence: Sentence, analysis: Analysis): Fact[] {
  return sentence.clauses
    .filter(({ rank, negated, imperative }) => rank === "main" && !negated && !imperative)
    .flatMap((clause) => describedIn(clause, analysis));
}

/** Of whom the clause itself tells makes no difference: the words in passing say enough. */
function describedIn(clause: Clause, analysis: Analysis): Fact[] {
  const { sentence } = clause;
  if (!sentence.tree) return [];
  const inside = (node: Node) => node.start >= clause.start && node.end <= clause.end;
  return walkTree(sentence.tree)
    .filter((node) => node.cat === "np" && node.role === "relative" && node.kids[1]?.cat.startsWith("c-") && inside(node))
    .flatMap((np) => {
      const [named, aside] = np.kids as [Node, Node];
      const [, be, what] = SAYS_WHO.exec(nodeText(sentence, aside)) ?? [];
      const head = headTerminal(named);
      const words = what?.split(" ").length ?? 0;
      if (!be || !what || words < FEWEST_WORDS || words > MOST_WORDS || head.cat !== "n" || named.end - named.start > 4) return [];
      // "who is the head of *it*": what the question would have to name.
      if (/\b(?:it|them|its|their|his|her|this|these|that|those)\b/.test(what) || findUnclear(aside, sentence, analysis)) return [];
      if (!["def", "indef"].includes(named.f.det ?? "")) return [];
      const answer = nodeText(sentence, named);
      const phrasing: Phrasing = { clause, subject: answer, binder: { num: "sg", human: false }, inverted: be, verbPhrase: "", finite: be };
      const isWho = isPersonNoun(head.lemma ?? "", analysis.lexicon);
      return [
        factOf(
          phrasing,
          named.start,
          {
            type: isWho ? "person" : "thing",
            stem: `${isWho ? "Who" : "What"} ${be} ${what}?`,
            answer,
            answerNode: named,
            accepted: [answer.replace(/^an? /i, "the "), answer.replace(/^(?:an?|the) /i, "")],
            depth: "recall",
            worth: 2.4,
            pattern: "which-one",
          },
          "thing",
        ),
      ];
    });
}
