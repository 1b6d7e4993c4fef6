import { describe, expect, it } from "vitest";
import { asked } from "../../../../tests/support/fact-tester";

const opinion = (text: string) =>
  asked(`# Plant trees on Mill Street\n\nI believe that the council should plant trees on Mill Street. ${text}\n\nTrees should be planted now.`);

describe("what the writer answers to others", () => {
  it.each([
    [
      "right behind what they fear",
      "The shopkeepers fear that trees will take away parking places. But customers who walk under trees buy more.",
      "The shopkeepers fear that trees will take away parking places. How does the writer answer?",
      "Customers who walk under trees buy more",
    ],
    [
      "behind what the writer grants",
      "Some people say that trees drop leaves. It is true that leaves fall in autumn. But sweepers clear the street in an hour.",
      "Some people say that trees drop leaves. How does the writer answer?",
      "Sweepers clear the street in an hour",
    ],
  ])("%s", (_, text, stem, answer) => {
    expect(opinion(text)).toContainEqual([stem, answer]);
  });
  it.each([
    ["where the answer points back", "The shopkeepers fear that trees will take away parking places. But they would not."],
    ["where nothing turns against it", "The shopkeepers fear that trees will take away parking places. Trees cool a street."],
  ])("is not asked %s", (_, text) => {
    expect(opinion(text).filter(([stem]) => /How does the writer answer/.test(stem))).toEqual([]);
  });
});

describe("what the writer admits", () => {
  const admitted = (text: string) => opinion(text).filter(([stem]) => stem === "What does the writer admit?");
  it("is asked where it is one thing, and told whole", () => {
    expect(admitted("I agree that children should learn to save, but a fine teaches nobody anything.")).toEqual([
      ["What does the writer admit?", "that children should learn to save"],
    ]);
    expect(admitted("It is true that a tree costs a lot to plant.")).toEqual([["What does the writer admit?", "that a tree costs a lot to plant"]]);
  });
  it.each([
    ["where it is two things", "It is true that a tree costs a lot to plant. I know that leaves fall in autumn."],
    ["where nobody knows of what", "It is true that there are doubts."],
  ])("is not asked %s", (_, text) => {
    expect(admitted(text)).toEqual([]);
  });
});
