import { describe, expect, it } from "vitest";
import { tools } from "../../../../tests/support/language-tools";
import { choice, evidence, short, statement } from "../../../../tests/support/rule-tester";
import { applyEdit } from "../../questions/apply-edit";
import type { Question } from "../../questions/question";
import { tellWholeSet } from "../check-whole-set";
import { besideEach } from "../define-set-rule";

const numbered = (questions: Question[]) => questions.map((question, index) => ({ ...question, id: `q${index + 1}` }));
const beside = (...questions: Question[]) => besideEach(tellWholeSet(numbered(questions), tools().lexicon));

describe("what the whole set says beside one question", () => {
  it("names the other question, in both directions", () => {
    const told = beside(
      statement("The keepers wound the clockwork every four hours.", true),
      short("How often did the keepers wind the clockwork?", "every four hours"),
    );
    expect(told.q1).toMatchObject([
      { rule: "no-cue-from-others", verdict: "look", reason: "This gives the answer of “How often did the keepers wind the clockwork?” away.", see: ["q2"] },
    ]);
    expect(told.q2).toMatchObject([{ reason: "“The keepers wound the clockwork every four hours.” gives the answer of this away.", see: ["q1"] }]);
  });
  it("stands only beside those questions on a sentence that are too many", () => {
    const told = beside(...["a lamp", "a rope", "a glass", "a knot", "a bell"].map((thing) => short(`What is ${thing} for?`, thing)));
    const spread = Object.entries(told).filter(([, findings]) => findings.some(({ rule }) => rule === "evidence-spread"));
    expect(spread.map(([id]) => id)).toEqual(["q4", "q5"]);
  });
});

describe("keys that stand in one place", () => {
  const stems = ["How often did keepers wind it?", "What is heavy?", "Which rope is harder?", "What is a petition?", "When does it turn?"];
  const places = [evidence("Wet rope is harder to untie than dry rope."), evidence("A petition is a letter that many people sign.")];
  const alike = (options: (index: number) => string[]) => stems.map((stem, index) => choice(stem, options(index), 1, { evidence: places[index % 2]! }));

  it("are moved by the mend, as many as are too many, with the option itself unchanged", () => {
    const questions = numbered(alike((index) => [`a lamp ${index}`, `a rope ${index}`, `a bell ${index}`]));
    const told = Object.entries(besideEach(tellWholeSet(questions, tools().lexicon))).flatMap(([id, findings]) =>
      findings.filter(({ rule }) => rule === "keys-spread").map((finding) => ({ id, ...finding })),
    );
    expect(told.map(({ id }) => id)).toEqual(["q4", "q5"]);
    expect(new Set(told.map(({ mend }) => mend!.label))).toEqual(new Set(["Move the key to A", "Move the key to C"]));
    const slips = questions.map((question) => ({ question, status: "draft" as const, lookAgain: false, answered: {} }));
    const paper = { title: "", directions: "", labels: "letters" as const, showPassage: false, showPoints: false };
    const moved = applyEdit({ title: "", plan: { grade: 5, rows: [] }, paper, slips }, told[0]!.mend!.edits[0]!);
    const after = moved.ok ? moved.value.slips[3]!.question : undefined;
    expect(after?.kind === "multiple-choice" && [after.key, after.options.map((option) => option.text)]).toEqual(["o2", ["a rope 3", "a lamp 3", "a bell 3"]]);
  });
  it("are left where they are among numbers in their order", () => {
    const told = beside(...alike((index) => [`${index + 1}`, `${index + 2}`, `${index + 3}`]));
    expect(
      Object.values(told)
        .flat()
        .filter(({ rule }) => rule === "keys-spread"),
    ).toEqual([]);
  });
});
