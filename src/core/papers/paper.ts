import type { PaperSettings, SetState, Slip } from "../questions/edit";
import { kindOf } from "../questions/kinds";
import { GAP, type GapFill, gapsOf, isChoice, type Question, type QuestionKind } from "../questions/question";
import type { Block } from "../source/schema";

/** What a student gets. It is built from named fields only, so nothing of the key can come along. */
export type StudentPaper = {
  title: string;
  directions: string;
  points: number;
  questions: StudentQuestion[];
  passage?: { blocks: Pick<Block, "id" | "kind" | "text">[] };
};

export type StudentQuestion = {
  number: number;
  kind: QuestionKind;
  stem: string;
  points: number;
  showPoints: boolean;
  options?: { label: string; text: string }[];
  /** Put in order: items with a place to write their number. */
  items?: { label: string; text: string }[];
  /** Match: two columns. */
  columns?: { left: { label: string; text: string }[]; right: { label: string; text: string }[] };
  /** Two-part: the second choice. */
  second?: { stem: string; options: { label: string; text: string }[] };
  /** Gap fill: the words to choose from. */
  bank?: string[];
  /** Number: the unit behind the line to write on. */
  unit?: string;
  /** Lines to write on; none where the answer goes into the question. */
  answerLines: number;
};

export const OPTION_LABELS: Record<PaperSettings["labels"], (index: number) => string> = {
  letters: (index) => "ABCDEFGH"[index] ?? String(index + 1),
  numbers: (index) => String(index + 1),
};

export function createPaperSettings(title: string): PaperSettings {
  return { title, directions: "Read the passage. Then answer the questions.", labels: "letters", showPassage: true, showPoints: true };
}

/** The slips that go on the paper, in its order. */
export function keptSlips(state: SetState): Slip[] {
  return state.slips.filter((slip) => slip.status === "kept");
}

export function arrangePaper(state: SetState, blocks: readonly Block[]): StudentPaper {
  const { paper } = state;
  const kept = keptSlips(state);
  const questions = kept.map(
    ({ question }, index): StudentQuestion => ({
      number: index + 1,
      kind: question.kind,
      stem: question.kind === "gap-fill" ? gapsInPrint(question) : question.stem,
      points: question.points,
      showPoints: paper.showPoints && question.kind !== "poll",
      ...(isChoice(question) ? { options: question.options.map((option, at) => ({ label: OPTION_LABELS[paper.labels](at), text: option.text })) } : {}),
      ...partsOf(question, paper),
      answerLines: question.kind === "short-answer" ? answerLines(question.points) : question.kind === "open-response" ? 8 : question.kind === "essay" ? 22 : 0,
    }),
  );
  const points = kept.reduce((sum, slip) => sum + slip.question.points, 0);
  const passage = paper.showPassage ? { blocks: passageBlocks(state, blocks).map(({ id, kind, text }) => ({ id, kind, text })) } : undefined;
  return { title: paper.title, directions: paper.directions, points, questions, ...(passage ? { passage } : {}) };
}

/** Gaps are all of one length, and several are numbered; choices stand in the line. */
function gapsInPrint(question: GapFill): string {
  const gaps = gapsOf(question);
  let at = 0;
  return question.stem.replaceAll(GAP, () => {
    const choices = gaps[at]?.choices;
    at++;
    const number = gaps.length > 1 ? `(${at}) ` : "";
    return choices ? `${number}[ ${choices.join(" / ")} ]` : `${number}__________`;
  });
}

/** Items as they stand shuffled; letters for what is chosen from, numbers for what is answered. */
function partsOf(question: Question, { labels }: PaperSettings): Pick<StudentQuestion, "items" | "columns" | "unit" | "options" | "second" | "bank"> {
  const label = OPTION_LABELS[labels];
  const other = OPTION_LABELS[labels === "letters" ? "numbers" : "letters"];
  switch (question.kind) {
    case "order":
      return { items: question.items.map(({ text }, index) => ({ label: label(index), text })) };
    case "match":
      return {
        columns: {
          left: question.left.map(({ text }, index) => ({ label: other(index), text })),
          right: question.right.map(({ text }, index) => ({ label: label(index), text })),
        },
      };
    case "two-part": {
      const labelled = (options: readonly { text: string }[]) => options.map(({ text }, index) => ({ label: label(index), text }));
      return { options: labelled(question.options), second: { stem: question.proofStem, options: labelled(question.proofs) } };
    }
    case "number":
      return { unit: question.key.unit };
    case "gap-fill":
      return question.bank ? { bank: question.bank } : {};
    default:
      return {};
  }
}

/** Not what was left out, and not the heading that the paper's own title repeats. */
export function passageBlocks(state: SetState, blocks: readonly Block[]): Block[] {
  const shown = blocks.filter((block) => !block.leftOut);
  return shown[0]?.kind === "heading" && shown[0].text === state.paper.title ? shown.slice(1) : shown;
}

/** Room by points, not by the length of the key: the space must not tell the answer. */
function answerLines(points: number): number {
  return Math.min(8, Math.max(2, Math.ceil(points) + 1));
}

/** Expected working time of the kept questions in minutes. */
export function workingMinutes(slips: readonly Slip[], grade: number): number {
  return slips.reduce((sum, { question }) => sum + kindOf(question.kind).minutes(question, grade), 0);
}
