import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockOf } from "../candidates";
import { draftTrueSteps } from "./draft-true-steps";

const STEPS = "# How to clean the lamp\n\n1. Switch off the lamp.\n2. Take off the glass cover.\n3. Put the cover on a cloth.\n";

const drafted = (more: string) => draftTrueSteps(stockOf(analyse(`${STEPS}${more}`, "markdown")), 1);
const stated = (more: string) => drafted(more).map(({ stem, key }) => `${stem} ${key}`);

describe("a step as a statement", () => {
  it("is true as told, and false with another number", () => {
    const found = drafted("4. Soak the cover in warm water for ten minutes.\n");
    const [right] = found.filter(({ key }) => key === "true");
    const [wrong] = found.filter(({ key }) => key === "false");
    expect(right?.stem).toBe("According to the instructions, you should soak the cover in warm water for ten minutes.");
    expect(wrong?.stem).toMatch(/^According to the instructions, you should soak the cover in warm water for (?!ten)\S+ minutes\.$/);
    expect(wrong?.correction).toBe("You should soak the cover in warm water for ten minutes.");
  });

  it("is false where before and after change places", () => {
    expect(stated("4. Dry the cover with a soft towel before you put it back.\n4. Dry the glass with a soft towel before you light the lamp.\n")).toContain(
      "According to the instructions, you should dry the glass with a soft towel after you light the lamp. false",
    );
  });

  it("is false where what one should not do is to be done, without its reason", () => {
    expect(stated("4. Do not pour hot water over the cold glass, because it may crack.\n")).toContain(
      "According to the instructions, you should pour hot water over the cold glass. false",
    );
  });

  it.each([
    ["nothing could be changed in it", "4. Dry the cover with the soft towel from the shelf.\n"],
    ["it is short", "4. Wait for ten minutes.\n"],
    ["it takes up another step", "4. Soak it in warm water from the tap for ten minutes.\n"],
    ["it compares", "4. Make the second mark on the glass bigger than the first mark.\n"],
  ])("is left out where %s", (_, step) => {
    expect(stated(step)).toEqual([]);
  });

  it("is not changed into what another step says", () => {
    const numbers = [...Array(20).keys()].map((number) => `${number + 5}. Stir the warm water in the pot for ${number + 1} minutes.\n`).join("");
    expect(stated(numbers).filter((line) => line.endsWith("false"))).toEqual([]);
  });

  it("is for instructions only", () => {
    expect(
      draftTrueSteps(stockOf(analyse("# Lamps\n\nA lamp burns oil. Soak the cover in warm water for ten minutes. The keeper slept.", "markdown")), 1),
    ).toEqual([]);
  });
});
