import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { clausesWithVerb } from "./clauses-by-verb";
import { isToldElsewhere } from "./told-elsewhere";

const firstClause = (text: string) => analyse(text, "markdown").sentences.flatMap(({ clauses }) => clauses)[0]!;

describe("what only another sentence tells", () => {
  it.each([
    ["a deed taken up by do so", "Small boats did so in the harbour.", true],
    ["weeks to follow", "The keeper mended the lamp over the next two weeks.", true],
    ["both kinds", "The keeper used both kinds in the tower.", true],
    ["kinds that are named", "The keeper used both kinds of oil in the tower.", true],
    ["two kinds of something", "The keeper used two kinds of oil in the tower.", false],
    ["an own deed", "The keeper mended the lamp in two weeks.", false],
  ])("%s", (_, text, wanted) => {
    expect(isToldElsewhere(firstClause(text))).toBe(wanted);
  });
});

describe("the clauses of a source by their verb", () => {
  const { sentences } = analyse("The keepers lit the lamp.\n\nThe lamp burned all night, and the boats lit their own lanterns.", "markdown");

  it("come in their order, from every sentence", () => {
    const starts = clausesWithVerb("light", sentences).map(({ sentence, subject }) => [sentence.index, subject.start]);
    expect(starts.map(([index]) => index)).toEqual([0, 1]);
    expect(clausesWithVerb("burn", sentences)).toHaveLength(1);
  });

  it("are none for a verb that the source has not", () => {
    expect(clausesWithVerb("sink", sentences)).toEqual([]);
    expect(clausesWithVerb(undefined, sentences)).toEqual([]);
  });
});
