import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { paragraphPerson, solePerson } from "./sole-person";

/** Whom *he* or *she* of the last sentence means, by the only person in the source. */
function sole(text: string, pronoun: "he" | "she" | "it" = "she") {
  const { persons, sentences, lexicon } = analyse(text);
  const last = sentences.at(-1)!;
  return solePerson(pronoun, persons, last, sentences.at(-2), lexicon);
}

describe("the only woman, or man, of a source", () => {
  it.each([
    ["the one who is named", "Ida Marrow kept the light. She slept.", "Ida Marrow"],
    ["a woman said again to be one", "Ida Marrow was a keeper. She slept.", "Ida Marrow"],
    [
      "the one a life is told of, beside another far off",
      "Ida Marrow drew. Ida Marrow sang. Nell Hale wept. Ida Marrow slept. The sea rose. She slept.",
      undefined,
    ],
    ["nobody beside two of them", "Ida Marrow met Nell Hale. She slept.", undefined],
    ["nobody beside a woman without a name", "Ida Marrow met a girl. She slept.", undefined],
    ["nobody beside somebody with a trade", "Ida Marrow waited. The cook leaned out. She slept.", undefined],
    ["nobody before the name", "She slept.", undefined],
  ])("is %s", (_, text, wanted) => {
    expect(sole(text)).toBe(wanted);
  });
  it("owns her own mother, of whom she is not one", () => {
    const { persons, sentences, lexicon } = analyse("Ida Marrow kept the light. Her mother forbade her to swim.");
    const of = (owner: boolean) => solePerson("she", persons, sentences[1]!, sentences[0], lexicon, owner);
    expect([of(false), of(true)]).toEqual([undefined, "Ida Marrow"]);
  });
  it("is no man for she, and nobody for it", () => {
    expect(sole("Thomas Reyne kept the light. She slept.")).toBeUndefined();
    expect(sole("Thomas Reyne kept the light. He slept.", "he")).toBe("Thomas Reyne");
    expect(sole("Ida Marrow kept the light. It slept.", "it")).toBeUndefined();
  });
  it("is nobody before his first mention", () => {
    const { persons, sentences, lexicon } = analyse("The lamp burned. She slept. Ida Marrow kept the light.");
    expect(solePerson("she", persons, sentences[1]!, sentences[0], lexicon)).toBeUndefined();
  });
});

describe("the only one of a paragraph", () => {
  const inParagraph = (text: string, pronoun: "he" | "she" = "she") => {
    const { persons, sentences, lexicon } = analyse(text);
    return paragraphPerson(pronoun, persons, sentences.at(-1)!, sentences, lexicon);
  };
  const OTHER = "Nell Hale was a pilot. Nell Hale was brave.\n\n";
  it.each([
    ["whoever it names", `${OTHER}Ida Marrow lit the lamp. The sea was calm. She slept.`, "Ida Marrow"],
    ["nobody beside another of its names", `${OTHER}Ida Marrow met Oda Brandt. The sea was calm. She slept.`, undefined],
    ["nobody beside somebody without a name", `${OTHER}Ida Marrow met a nurse. The sea was calm. She slept.`, undefined],
    ["nobody where a pronoun came before the name", `${OTHER}She woke. Ida Marrow lit the lamp. The sea was calm. She slept.`, undefined],
    ["nobody where somebody speaks", `${OTHER}Ida Marrow lit the lamp. "Who is there?" The sea was calm. She slept.`, undefined],
    ["nobody where only the paragraph before names her", `Ida Marrow lit the lamp.\n\nThe sea was calm. She slept.`, undefined],
  ])("is %s", (_, text, wanted) => {
    expect(inParagraph(text)).toBe(wanted);
  });
  it("is a man with his trade before his name", () => {
    expect(inParagraph("Nell Hale was a pilot.\n\nThe engineer Joseph Holm drew a map. The sea was calm. He slept.", "he")).toBe("Joseph Holm");
  });
});
