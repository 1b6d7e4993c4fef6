import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import type { Candidate } from "../candidate";
import { stockSource } from "../source-stock";
import { draftGapFills } from "./draft-gap-fills";
import { draftMultipleChoice } from "./draft-multiple-choice";
import { draftShortAnswers } from "./draft-short-answers";
import { draftTrueFalse } from "./draft-true-false";

const stock = (text: string) => stockSource(analyse(text, "markdown"));
const shown = (candidates: Candidate[]) => candidates.map(({ stem, key }) => [stem, key]);

describe("short answers", () => {
  it("write the key as a sentence begins, whole", () => {
    expect(shown(draftShortAnswers(stock("Keepers wore aprons because buttons could scratch the glass.")))).toContainEqual([
      "Why did keepers wear aprons?",
      "Because buttons could scratch the glass",
    ]);
  });
  it("take a reason with and without its because", () => {
    const [draft] = draftShortAnswers(stock("Keepers wore aprons because buttons could scratch the glass."));
    expect(draft!.accepted).toContain("buttons could scratch the glass");
  });
  it("leave keys alone that are too long to mark", () => {
    const long = `Keepers wore aprons because buttons could scratch the glass ${"of the lamp ".repeat(6)}.`;
    for (const { key } of draftShortAnswers(stock(long))) expect(key.split(" ").length).toBeLessThanOrEqual(18);
  });
});

describe("multiple choice", () => {
  const text = `A petition is a letter that many people sign. A by-law is a rule that is made by a town council. A tide table is a list that shows every tide.
Keepers wore aprons because buttons could scratch the glass. Strong soap could spoil the aprons. Keepers cleaned the lamps in the morning. Small boats carry no radio because a good radio costs a month's catch. The council closed the harbour because thick ice blocked the narrow channel. An electric motor replaced the clockwork in 1954.`;
  const found = draftMultipleChoice(stock(text), 1);
  it("writes reasons as sentences", () => {
    const reason = found.find((candidate) => candidate.stem.startsWith("Why did keepers"));
    for (const option of [reason!.key, ...reason!.distractors]) expect(option).toMatch(/^[A-Z].*\.$/);
  });
  it("writes phrases without capital and stop", () => {
    const meaning = found.find((candidate) => candidate.stem === "What is a petition?");
    for (const option of [meaning!.key, ...meaning!.distractors]) expect(option).toMatch(/^[a-z].*[^.]$/);
  });
  it("has two wrong options at the least", () => {
    for (const { distractors } of found) expect(distractors.length).toBeGreaterThanOrEqual(2);
  });
  it("puts years in order", () => {
    expect(found.find((candidate) => candidate.stem.startsWith("In what year"))).toMatchObject({ key: "1954", optionOrder: "numeric" });
  });
});

describe("true or false", () => {
  const of = (text: string) => shown(draftTrueFalse(stock(text), 1));
  it.each([
    ["the passive", "An electric motor replaced the clockwork.", ["The clockwork was replaced by an electric motor.", "true"]],
    [
      "the reason first",
      "Keepers wore aprons because buttons could scratch the glass.",
      ["Because buttons could scratch the glass, keepers wore aprons.", "true"],
    ],
    ["a fronted phrase moved", "In 1871 a lens arrived at Skerry Bay.", ["A lens arrived at Skerry Bay in 1871.", "true"]],
    ["a term by its meaning", "A petition is a letter that many people sign.", ["A letter that many people sign is called a petition.", "true"]],
    ["a meaning by its term", "A rule that is made by a town council is called a by-law.", ["A by-law is a rule that is made by a town council.", "true"]],
    ["a comparison turned round", "Steel rope is stronger than hemp rope.", ["Hemp rope is stronger than steel rope.", "false"]],
    [
      "another term's meaning",
      "A petition is a letter that many people sign. A by-law is a rule that is made by a town council.",
      ["A petition is a rule that is made by a town council.", "false"],
    ],
  ])("%s", (_, text, wanted) => {
    expect(of(text)).toContainEqual(wanted);
  });
  it("never states what was so only then", () => {
    expect(of("The head keeper was away, and a storm broke the window.").map(([stem]) => stem)).not.toContain("The head keeper was away.");
  });
  it("never states what the writer or the reader does", () => {
    expect(of("In summer we polish the lamp.")).toEqual([]);
  });
  it("gives the right statement with every false one", () => {
    for (const candidate of draftTrueFalse(stock("Each lens held forty prisms. Steel rope is stronger than hemp rope."), 1))
      if (candidate.key === "false") expect(candidate.correction).toMatch(/^[A-Z].*\.$/);
  });
});

describe("gap fills", () => {
  const of = (text: string) => shown(draftGapFills(stock(text), 1));
  it.each([
    ["a term by its meaning", "A petition is a letter that many people sign.", ["A letter that many people sign is called a(n) ____.", "petition"]],
    ["a number", "Keepers wound the great clockwork for six weeks.", ["Keepers wound the great clockwork for ____ weeks.", "six"]],
    ["a year", "An electric motor replaced the clockwork in 1954.", ["An electric motor replaced the clockwork in ____.", "1954"]],
    ["a name, at the end of a passive", "Augustin Fresnel designed a new lens in 1822.", ["A new lens was designed by ____ in 1822.", "Augustin Fresnel"]],
  ])("%s", (_, text, wanted) => {
    expect(of(text)).toContainEqual(wanted);
  });
  it.each(["Two women passed the threads that the weaver called out.", "I drew the horse so well that the paper called me back."])(
    "does not take for a name: %s",
    (text) => {
      expect(draftGapFills(stock(text), 1).filter(({ pattern }) => pattern === "gap-term")).toEqual([]);
    },
  );
  it("does not ask for a number that the source only bounds", () => {
    expect(of("A warship used about forty kilometres of rope in a year.").map(([, key]) => key)).not.toContain("about forty");
  });
  it("has wrong words to choose from, none of which the grammar gives away", () => {
    const found = draftGapFills(stock("Keepers wound the great clockwork for six weeks. The lens held forty prisms."), 1);
    const words = found.find(({ key }) => key === "six")!.distractors;
    expect(words.length).toBeGreaterThanOrEqual(2);
    expect(words).not.toContain("six");
    expect(words).not.toContain("one");
  });
  it("accepts a name without the given name, and a number in digits", () => {
    const found = draftGapFills(stock("Augustin Fresnel designed a new lens in 1822. Keepers wound the great clockwork for six weeks."), 1);
    expect(found.find((candidate) => candidate.key === "Augustin Fresnel")?.accepted).toContain("Fresnel");
    expect(found.find((candidate) => candidate.key === "six")?.accepted).toContain("6");
  });
});

it("the key of a reason does not stand out by how it names somebody", () => {
  const text =
    "# Oda Berg\n\nOda Berg taught in Selm. She refused to give marks, because she believed that learning could not be measured. Oda Berg climbed to the roof at night. Oda Berg read every book in the library. Oda Berg drew a map of the stars.";
  const draft = draftMultipleChoice(stock(text), 1).find(({ stem }) => /refuse/.test(stem))!;
  expect(draft.key).toMatch(/^She believed/);
  expect(draft.distractors.filter((option) => option.startsWith("Oda Berg "))).toEqual([]);
});
