import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { draftNextSteps } from "./draft-next-steps";
import { listsOfSteps } from "./lists-of-steps";

const STEPS =
  "# How to make a viewer\n\n1. Cut a small window in one end of the box.\n2. Tape the foil over the window. Smooth it flat.\n3. Prick one tiny hole in the foil with the pin.\n4. Glue the white paper to the other end.\n5. Cut a viewing hole in the side of the box.";

const drafts = (text: string) => draftNextSteps(stockSource(analyse(text, "markdown")));

describe("what to do next", () => {
  it("is asked behind a step of one sentence, with other steps as wrong answers", () => {
    const choice = drafts(STEPS).find(({ kind, stem }) => kind === "multiple-choice" && stem.includes("window"));
    expect(choice).toMatchObject({
      stem: "What should you do right after you cut a small window in one end of the box?",
      key: "Tape the foil over the window",
    });
    expect(choice?.distractors).toEqual([
      "Prick one tiny hole in the foil with the pin",
      "Glue the white paper to the other end",
      "Cut a viewing hole in the side of the box",
    ]);
  });
  it("is not asked behind a step of two sentences, whose second one is what comes next", () => {
    expect(drafts(STEPS).filter(({ stem }) => stem.includes("foil over"))).toEqual([]);
  });
  it("is proved by both steps", () => {
    expect(drafts(STEPS)[0]!.evidence.map(({ text }) => text)).toEqual(["Cut a small window in one end of the box.", "Tape the foil over the window."]);
  });
  it("is not asked where a step points to another", () => {
    const pointing = "1. Cut the rope.\n2. Wet it well.\n3. Hang it on the hook.\n4. Wait for an hour.";
    expect(drafts(pointing).map(({ stem }) => stem)).toEqual([]);
  });
});

describe("steps", () => {
  it.each([
    ["too few", "# Rope\n\n1. Cut the rope.\n2. Hang the rope."],
    ["advice", "# Tips for sailors\n\n1. Wear a hat.\n2. Take a map.\n3. Watch the sky."],
    ["what always holds", "# Rope\n\n1. Never cut the rope.\n2. Hang the rope.\n3. Dry the rope."],
    ["things", "# Rope\n\n- A long rope\n- A hook\n- A bucket"],
  ])("are not %s", (_, text) => {
    expect(listsOfSteps(analyse(text, "markdown"))).toEqual([]);
  });
  it("carry the heading that they stand under", () => {
    const under = "# How to coil a rope\n\n## Steps\n\n1. Hold one end.\n2. Make a loop.\n3. Wind the end.";
    expect(listsOfSteps(analyse(under, "markdown")).map(({ heading }) => heading)).toEqual(["How to coil a rope"]);
  });
});
