import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { stockSource } from "./source-stock";

const stock = stockSource(
  analyse(
    "A fire burned on a hill, but rain hid the fire. Keepers wore aprons because buttons could scratch the glass. Old lamps used curved mirrors. It went out.",
  ),
);

describe("what a source offers", () => {
  it("statements of one claim each, without their reasons", () => {
    expect(stock.statements.map((statement) => statement.text)).toEqual(
      expect.arrayContaining(["a fire burned on a hill", "keepers wore aprons", "buttons could scratch the glass", "old lamps used curved mirrors"]),
    );
  });
  it("no statement about an open pronoun", () => {
    expect(stock.statements.map((statement) => statement.text).join()).not.toMatch(/\bit\b/);
  });
  it("noun phrases for the middle of a sentence", () => {
    expect(stock.nounPhrases.map((phrase) => phrase.text)).toEqual(expect.arrayContaining(["a fire", "old lamps", "curved mirrors"]));
  });
  it("the content of every sentence", () => {
    const [first] = stock.analysis.sentences;
    expect([...stock.contentBySentence.get(first!)!]).toEqual(expect.arrayContaining(["fire", "burn", "hill", "rain", "hide"]));
  });
});

describe("years that could be mistaken for each other", () => {
  it("are asked for neither way", () => {
    const two = stockSource(
      analyse(
        "A cable was laid across the channel in 1850. A stronger cable, armoured with wire, was laid in 1851 and worked for years. Canada closed the fishery in 1992.",
      ),
    );
    expect(two.facts.filter((fact) => fact.type === "time").map((fact) => fact.answer)).toEqual(["1992"]);
  });
});
