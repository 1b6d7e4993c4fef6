import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { weightiestPoints } from "./weightiest-sentences";

const points = (text: string, count = 3) => {
  const { analysis, facts } = stockSource(analyse(`# The pump\n\n${text}`, "markdown"));
  const prose = analysis.sentences.filter(({ block }) => block.kind !== "heading");
  return weightiestPoints(prose, facts, count, analysis).map(({ text: told }) => told);
};

const PUMP =
  "The pump stood in Broad Street. Many people drank water from the pump.\n\nJohn Snow was a doctor. In 1854 he marked every death on a map of the district. He did not agree.\n\nThe council removed the handle of the pump. This ended the sickness.";

describe("the weightiest sentences of a text", () => {
  it("come from all paragraphs, in the order of the text", () => {
    const told = points(PUMP);
    expect(told).toHaveLength(3);
    expect(told.map((text) => PUMP.split("\n\n").findIndex((block) => block.includes(text.split(" ").slice(-3).join(" "))))).toEqual([0, 1, 2]);
  });
  it("name whom an opening pronoun means", () => {
    expect(points(PUMP, 5)).toContain("In 1854 John Snow marked every death on a map of the district.");
  });
  it("leave out what says nothing by itself", () => {
    for (const text of points(PUMP, 9)) expect(text).not.toMatch(/did not agree|^This/);
  });
  it("are no more than the text has", () => {
    expect(points("The pump stood in Broad Street.", 4)).toEqual(["The pump stood in Broad Street."]);
  });
});
