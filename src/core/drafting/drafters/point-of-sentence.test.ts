import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { asPoints, evidenceOfPoints, pointOf } from "./point-of-sentence";

/** The last sentence of a text as a point. */
const point = (text: string) => {
  const analysis = analyse(`# Notes\n\n${text}`, "markdown");
  return pointOf(analysis.sentences.at(-1)!, analysis)?.text;
};

describe("a sentence as a point", () => {
  it.each([
    ["with a noun that whoever has read the text knows", "The right side receives blood that has traveled around the body."],
    ["whose pronoun has its noun ahead", "The cost of shipping a ton fell to ten dollars, and a farmer could sell his wheat."],
    ["with a deed as its subject", "Moving a ton of goods to the city cost about a hundred dollars."],
  ])("stands as it is: %s", (_, text) => {
    expect(point(text)).toBe(text);
  });
  it.each([
    ["which of two groups", "Two groups of students read the text. After a week the second group remembered half again as much."],
    ["who wrote it", "William Marbury asked for help. Marbury had a right to his commission, the judge wrote, but the court could not help him."],
    ["no sentence", "Her hardest case was easy to name. A gorilla named Kito who needed heart surgery."],
    ["what it proved", "Joanne Simpson had a theory about clouds. To prove it she needed measurements from inside a storm."],
    ["what she had instead", "Joanne Simpson had many troubles. Yet she would not have chosen anything else in the world."],
    ["one of two houses", "There are two houses. In one, the House of Representatives, states have seats according to their population."],
    ["which question", "Three questions are asked of a painting. The third question is put to the laboratory of the museum."],
    ["different from what", "The dot seems to know where you are. In fact the dot on a phone knows something quite different."],
    ["how far", "In Seattle lessons begin at nine. Some towns have gone further."],
    ["whose traces", "Whales once walked on land. Traces of their past can still be found in museums."],
    [
      "an example",
      "Suppose that a state has fifty voters. The Greens are packed into two districts. With clever packing, the Greens could win three seats of five.",
    ],
    ["of whom", "Workers dug the canal. In the swamps near Syracuse, about a thousand of them fell ill in a single summer."],
  ])("is none where it leaves open: %s", (_, text) => {
    expect(point(text)).toBeUndefined();
  });
  it.each([
    ["So the surface between the two towns had to be curved.", "The surface between the two towns had to be curved."],
    ["Ice is therefore less dense than water.", "Ice is less dense than water."],
    ["Alternatively, two thirds of the states can demand a convention.", "Two thirds of the states can demand a convention."],
    ["Bones also store calcium, a mineral that muscles and nerves need.", "Bones store calcium, a mineral that muscles and nerves need."],
    ["Historians are grateful for watermarks, too.", "Historians are grateful for watermarks."],
    ["For this reason a national manual lays down the shape of each sign.", "A national manual lays down the shape of each sign."],
  ])("is told without what it follows from: %s", (text, told) => {
    expect(point(`Water freezes in winter. ${text}`)).toBe(told);
  });
  it("is told without an also behind its noun, too", () => {
    expect(point("Platelets drift along in the blood. They also send out signals that make the blood form threads.")).toBe(
      "Platelets send out signals that make the blood form threads.",
    );
  });
  it.each(["One morning the apple of glass was gone.", "Before sunrise it is too dark to find insects."])("may open so: %s", (text) => {
    expect(point(text)).toBe(text);
  });
  it("may end on a verb of its own question", () => {
    expect(point("A librarian in Egypt worked out how big the Earth is.")).toBe("A librarian in Egypt worked out how big the Earth is.");
  });
  it("names what an object pronoun stands for, in a row of reasons too, with the sentence that names it", () => {
    const analysis = analyse("# Trays\n\nFoam trays lie in the creek. Turtles and ducks swallow them because they look like food.", "markdown");
    const [told] = asPoints(analysis.sentences.slice(-1), analysis);
    expect(told!.text).toMatch(/^Turtles and ducks swallow (?:the )?foam trays /);
    expect(evidenceOfPoints([told!])).toHaveLength(2);
  });
  it("drops where and when a paper was told of it", () => {
    expect(point("SKERRY BAY, 14 March – A grey seal pup was returned to the sea on Thursday after a long rescue.")).toBe(
      "A grey seal pup was returned to the sea on Thursday after a long rescue.",
    );
  });
});
