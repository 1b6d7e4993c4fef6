import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { draftReferences } from "./draft-references";

const options = (text: string) => draftReferences(stockSource(analyse(text)), 1).flatMap(({ key, distractors }) => [key, ...distractors]);

describe("what a pronoun stands for", () => {
  it("is asked with other nouns near it", () => {
    expect(options("The lens stood in the tower above the harbour. It held a thousand prisms.")[0]).toBe("the lens");
  });
  it("is never offered under another name of the same thing", () => {
    const found = options("A mite called Varroa came to the town on a ship. It sucks the blood of young bees.");
    expect(found).toContain("the mite");
    expect(found).not.toContain("Varroa");
  });
  it("is never what the pronoun is then called", () => {
    expect(options("Once magma has left the ground, it is called lava by the people.")).not.toContain("lava");
  });
  it("is never offered under what it is said to be", () => {
    const found = options("In summer a leaf is a small factory. It takes in light and carbon dioxide and makes sugar, which feeds the whole tree.");
    expect(found).toContain("the whole tree");
    expect(found).not.toContain("a small factory");
  });
  it("is never offered under what turned out to be it", () => {
    const found = options("The result was Big Ben, the great bell of the clock at Westminster. It was not the first bell of that name.");
    expect(found).toContain("Big Ben");
    expect(found).not.toContain("the result");
  });
  it("is never something that there is not", () => {
    expect(options("Panama was no desert. It had mountains, mud and rain in the hills.")).not.toContain("no desert");
  });
  it("is not asked beside single things where it is several: they give it away", () => {
    expect(options("The keepers saw a boat near the rock. They lit a lamp in the tower.")).toEqual([]);
    expect(options("The keepers saw boats near the rocks. They lit two lamps for the pilots.")[0]).toBe("the keepers");
  });
});
