import type { PaperSettings, SetState } from "../questions/edit";
import { kindOf } from "../questions/kinds";
import { gapsOf, isChoice, isKeyed, type Question, type QuestionKind } from "../questions/question";
import { anchorSpan } from "../source/anchor-span";
import { placeLabel } from "../source/locator-label";
import type { Block } from "../source/schema";
import { keptSlips, OPTION_LABELS, passageBlocks } from "./paper";
import { lineOf, wrapLines } from "./wrap-lines";

export type KeyEntry = {
  number: number;
  kind: QuestionKind;
  points: number;
  /** "B  mercury", "false", "four". */
  answer: string;
  label?: string;
  accepted: readonly string[];
  correction?: string;
  /** More than the evidence says by itself. */
  explanation?: string;
  /** Put in order and match: how the labels of the sheet belong; open response: the points to look for. */
  lines: string[];
  rubric: readonly { points: number; text: string }[];
  evidence: { quote: string; place: string; line?: string; lost: boolean }[];
};

/** How to mark the paper: answers, further right answers, and the words that prove them with their place. */
export function answerKey(state: SetState, blocks: readonly Block[], titleBySource: ReadonlyMap<string, string> = new Map()): KeyEntry[] {
  // Line numbers only where the student has them too.
  const lines = state.paper.showPassage ? wrapLines(passageBlocks(state, blocks)) : [];
  return keptSlips(state).map(({ question }, index) => {
    const label = labelsOf(question, state.paper.labels);
    return {
      number: index + 1,
      kind: question.kind,
      points: question.points,
      answer: IN_LINES.has(question.kind) || (question.kind === "gap-fill" && question.more?.length) ? "" : kindOf(question.kind).keyText(question),
      ...(label ? { label } : {}),
      lines: linesOf(question, state.paper.labels),
      rubric: question.rubric ?? [],
      accepted: kindOf(question.kind).accepted(question),
      ...(question.kind === "true-false" && question.correction ? { correction: question.correction } : {}),
      ...(question.explanation && !/^(?:The passage says|El texto dice): “/.test(question.explanation) ? { explanation: question.explanation } : {}),
      evidence: question.evidence.map((span) => {
        const anchored = anchorSpan(span, blocks);
        const block = anchored.found === "lost" ? undefined : blocks.find((other) => other.id === anchored.span.blockId);
        const line = anchored.found === "lost" ? undefined : lineOf(lines, anchored.span.blockId, anchored.span.start);
        return {
          quote: span.quote,
          place: block && anchored.found !== "lost" ? place(block, anchored.span.start, titleBySource) : "",
          ...(line ? { line: `line ${line}` } : {}),
          lost: !block,
        };
      }),
    };
  });
}

/** Where a set has several sources, the source's title stands before the place in it. */
function place(block: Block, start: number, titleBySource: ReadonlyMap<string, string>): string {
  const title = titleBySource.size > 1 && block.sourceId ? titleBySource.get(block.sourceId) : undefined;
  return title ? `${title}, ${placeLabel(block, start)}` : placeLabel(block, start);
}

/** Their key is a list, not one line. */
const IN_LINES = new Set<QuestionKind>(["order", "match", "two-part", "essay"]);

/** "B", or "A, C" where several are right. */
function labelsOf(question: Question, labels: PaperSettings["labels"]): string | undefined {
  if (!isChoice(question)) return undefined;
  const right = question.options.flatMap((option, index) => (isKeyed(question, option.id) ? [OPTION_LABELS[labels](index)] : []));
  return right.length > 0 ? right.join(", ") : undefined;
}

function linesOf(question: Question, labels: PaperSettings["labels"]): string[] {
  const label = OPTION_LABELS[labels];
  const other = OPTION_LABELS[labels === "letters" ? "numbers" : "letters"];
  switch (question.kind) {
    case "order":
      return question.key.map(
        (id, index) =>
          `${index + 1}. ${label(question.items.findIndex((item) => item.id === id))}  ${question.items.find((item) => item.id === id)?.text ?? ""}`,
      );
    case "match":
      return question.key.map(([from, to]) => {
        const [left, right] = [question.left.findIndex((item) => item.id === from), question.right.findIndex((item) => item.id === to)];
        return `${other(left)} – ${label(right)}  ${question.left[left]?.text ?? ""}: ${question.right[right]?.text ?? ""}`;
      });
    case "two-part": {
      const line = (name: string, options: readonly { id: string; text: string }[], id: string) => {
        const at = options.findIndex((option) => option.id === id);
        return `${name}: ${label(at)}  ${options[at]?.text ?? ""}`;
      };
      return [line("First part", question.options, question.key[0]), line("Second part", question.proofs, question.key[1])];
    }
    case "open-response":
      return question.key.points;
    case "essay":
      return [
        ...question.key.models.map((model) => (model.side ? `Sample answer, ${model.side.toLowerCase()}: ${model.text}` : `Sample answer: ${model.text}`)),
        ...question.key.points,
      ];
    case "gap-fill":
      return question.more?.length ? gapsOf(question).map((gap, index) => `${index + 1}. ${[gap.key, ...gap.accepted].join(" / ")}`) : [];
    default:
      return [];
  }
}
