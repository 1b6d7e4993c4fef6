import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { isPersonNoun } from "./find-persons";

const isPerson = (text: string, noun: string) => isPersonNoun(noun, analyse(text).lexicon);

describe("words for persons that a text has for something else", () => {
  it("are things or animals where the text says its of them", () => {
    expect(isPerson("The strider uses its legs for different jobs.", "strider")).toBe(false);
    expect(isPerson("Striders live on ponds.", "strider")).toBe(true);
  });
  it("stay persons where its is of something else", () => {
    expect(isPerson("The keeper cleaned the lamp and its lens.", "keeper")).toBe(true);
    expect(isPerson("The teacher loves her class.", "teacher")).toBe(true);
  });
});
