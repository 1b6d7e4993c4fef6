import type { Analysis, Sentence } from "../../language/analysis";
import { midSentence, nodeText, sentenceCase } from "../../language/node-text";
import type { Node } from "../../language/tree";
import { type Phrasing, phraseClause } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factId, factOf } from "./fact";
import { findReport } from "./find-report";

const TURNS = /^(?:(?:that is (?:true|right|so)|they are right|they do|of course), but|but|however|yet|still|even so),? /i;
/** What the writer grants before going on. */
const GRANTS = /^(?:it is true\b|that is (?:true|right|so)\b|they are right\b|of course\b|certainly\b|perhaps\b|they have a point\b)/i;
const MOST_WORDS = 26;

/** "The shopkeepers fear that places will be lost. *But customers who walk in the shade buy more.*": how does the writer answer them? */
export function findRebuttal(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (analysis.sort !== "opinion" || clause.rank !== "main" || sentence.clauses.filter(({ rank }) => rank === "main").length > 1) return [];
  const [report] = findReport(phrasing, analysis);
  const writer = analysis.narrator ?? "the writer";
  if (!report || phrasing.subject === writer || !report.answer.startsWith("that ") || clause.verb.flags?.[0] === "past") return [];
  const reply = replyTo(sentence, analysis);
  const answer = reply && whole(reply, analysis);
  if (!reply || !answer || answer.split(" ").length > MOST_WORDS) return [];
  return [
    {
      ...factOf(phrasing, clause.verb.start, {
        type: "reason",
        stem: `${sentenceCase(phrasing.subject)} ${nodeText(sentence, clause.verb)} ${report.answer}. How does ${writer} answer?`,
        answer,
        accepted: [],
        depth: "understanding",
        worth: 3.3,
        pattern: "how-answered",
      }),
      id: factId("reason", reply, 0),
      support: [sentence],
      sentence: reply,
    },
  ];
}

/** The sentence behind that turns against what was said, be it granted first. */
function replyTo({ index, block }: Sentence, { sentences }: Analysis): Sentence | undefined {
  const [next, after] = [sentences[index + 1], sentences[index + 2]];
  const isReply = (other: Sentence | undefined) => other?.block === block && other.tree !== undefined && TURNS.test(other.text);
  if (isReply(next)) return next;
  return next?.block === block && GRANTS.test(next.text) && !/\bbut\b/.test(next.text) && isReply(after) ? after : undefined;
}

/** The reply as a statement, without its *but*: all of its clauses, where each is clear. */
function whole(reply: Sentence, analysis: Analysis): string | undefined {
  const main = reply.clauses.filter(({ rank }) => rank === "main");
  const [first, ...more] = main;
  if (!first || more.some(({ subject }) => subject !== first.subject) || !reply.tree) return undefined;
  const told = phraseClause(first, analysis);
  if (typeof told === "string") return undefined;
  // "buy more", "is cheaper": in a whole sentence it says enough.
  const isPointing = (node: Node) => {
    const unclear = findUnclear(node, reply, analysis, told.binder, false, { isAnswer: true });
    return unclear !== undefined && unclear !== "comparison-left-open" && !(unclear === "demonstrative" && /\bmore$/.test(nodeText(reply, node)));
  };
  if (main.some((clause) => [...clause.complements, ...clause.adjuncts].some(({ node }) => node.start >= clause.verb.end && isPointing(node))))
    return undefined;
  const text = reply.text.replace(TURNS, "").replace(/[.!]$/, "");
  // "But it would cost …": what, the sentence before says.
  return /^(?:it|they|this|that|these|those|he|she|there)\b/i.test(text) || /\b(?:this|that one|such)\b/.test(midSentence(reply, first.subject))
    ? undefined
    : sentenceCase(text);
}
