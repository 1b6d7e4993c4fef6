import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { draftNextEvents } from "./draft-next-events";

const TALE =
  '# The whistle\n\nNell was nine, and she could not sit still. Nell climbed on a stool, took the whistle from its nail and rubbed it until one end shone. "What is it called?" asked Nell. Nell put on her boots and ran down to the quay. Nell opened the gate and fed the cat. Nell lay in the dark and listened to the wind. "Play it," said Nell.';
const drafts = (text: string) => draftNextEvents(stockSource(analyse(text, "markdown")));
const asked = (text: string) => drafts(text).map(({ stem, key }) => [stem, key]);

describe("what somebody in a story does next", () => {
  it("is the next deed of the same sentence", () => {
    expect(asked(TALE)).toContainEqual(["In the story, what did Nell do right after climbing on a stool?", "took the whistle from its nail"]);
    expect(asked(TALE)).toContainEqual(["In the story, what did Nell do right after putting on her boots?", "ran down to the quay"]);
  });
  it("has other deeds of the same person as wrong answers", () => {
    const choice = drafts(TALE).find(({ kind, stem }) => kind === "multiple-choice" && stem.includes("stool"));
    expect(choice?.distractors).toContain("ran down to the quay");
    expect(choice?.distractors).not.toContain("climbed on a stool");
  });
  it("is proved by the one sentence that tells both", () => {
    for (const { evidence, key } of drafts(TALE)) expect(evidence.map(({ text }) => text).join(" ")).toContain(key.charAt(0).toLowerCase() + key.slice(1));
  });
  it("is not asked behind what lasts", () => {
    expect(asked(TALE).filter(([stem]) => /lying|listening/.test(stem!))).toEqual([]);
  });
  it("is not asked where the same is done twice", () => {
    expect(asked(`${TALE} In the evening Nell climbed on a chair and slept.`).some(([stem]) => stem!.includes("gate"))).toBe(true);
    expect(asked(`${TALE} In the evening Nell opened the gate again.`).filter(([stem]) => stem!.includes("gate"))).toEqual([]);
  });
  it("is not asked of one among what was told of", () => {
    const more = `${TALE} Nell took the loaves from the oven. Nell broke one open, smelled it and sat down on the bin.`;
    expect(asked(more).filter(([stem, key]) => /\bone open\b/.test(`${stem} ${key}`))).toEqual([]);
  });
  it("is not asked of what is no story", () => {
    expect(asked("In 1871 the board sent a lens and paid the keeper. In 1872 it bought a boat and sold the old one.")).toEqual([]);
  });
});
