import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { isQuotedName, joinQuotedNames } from "./quoted-names";
import { tokenize } from "./tokenize";

const words = (text: string) => joinQuotedNames(tokenize(text)).map((token) => token.text);

describe("a short quotation is one word", () => {
  it.each([
    ["a name", "They called the boat 'The Grey Gull' for years.", "'The Grey Gull'"],
    ["a meaning that ends with the sentence's stop inside", 'A skerry means "a small rock."', '"a small rock"'],
    ["a meaning", "The word skerry means “a small rock” here.", '"a small rock"'],
  ])("%s", (_, text, wanted) => {
    expect(words(text)).toContain(wanted);
  });
  it("but a nickname, even behind a comma", () => {
    expect(words('The first driver, "Wild Bill" Shannon, set out at night.')).toContain('"Wild Bill"');
  });
  it.each([
    ["speech behind a verb of saying", 'He said "all hands on deck" and ran.'],
    ["speech behind a comma", 'She cried, "the lamp is out" and ran.'],
    ["speech in front of its speaker", '"The lamp is out" whispered Ida.'],
    ["a sentence that is nothing else", '"So was my wife."'],
    ["a sentence of its own", 'The sign "Keep out. Danger." hung there.'],
    ["a quotation that never ends", 'The "lamp was bright and warm in the tower.'],
    ["an owner's mark", "The keepers' lamp and the pilots' boat were old."],
  ])("but not %s", (_, text) => {
    expect(words(text).some((word) => isQuotedName(word))).toBe(false);
  });
});

it("lets such a sentence be read, and keeps speech apart", () => {
  const reasons = (text: string) => analyse(text).sentences.map((sentence) => sentence.abstained ?? "read");
  expect(reasons("The sailors called the rock 'the Old Tooth' for years.")).toEqual(["read"]);
  expect(reasons("“The lamp is out,” whispered Ida.")).toEqual(["speech"]);
});
