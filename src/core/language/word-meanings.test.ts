import { describe, expect, it } from "vitest";
import { loadLanguageTools } from "../../server/language/load-language-tools";
import { ADJECTIVES } from "./data/word-meanings/adjectives";
import { ADVERBS } from "./data/word-meanings/adverbs";
import { NOUNS } from "./data/word-meanings/nouns";
import { VERBS } from "./data/word-meanings/verbs";
import { findWordMeaning, readTable, type WordClass, type WordMeaning, wordsOfOtherMeaning } from "./word-meanings";

const { lexicon } = loadLanguageTools(process.cwd());
const known = (word: string, pos: WordClass): WordMeaning => {
  const found = findWordMeaning(word, pos);
  if (!found) throw new Error(`no ${word}`);
  return found;
};
const everyWord = [...readTable(NOUNS, "n"), ...readTable(VERBS, "v"), ...readTable(ADJECTIVES, "a"), ...readTable(ADVERBS, "r")];

describe("a table of meanings", () => {
  it("is read line by line, with sections and blocks", () => {
    expect(readTable("\n# of lamps\nlantern, lamp: a light to carry\n~ torch: a stick that burns\nlens: a curved glass\n", "n")).toEqual([
      { word: "lantern", pos: "n", meaning: "a light to carry", section: "of lamps", block: "n:lantern" },
      { word: "lamp", pos: "n", meaning: "a light to carry", section: "of lamps", block: "n:lantern" },
      { word: "torch", pos: "n", meaning: "a stick that burns", section: "of lamps", block: "n:lantern" },
      { word: "lens", pos: "n", meaning: "a curved glass", section: "of lamps", block: "n:lens" },
    ]);
  });
  it.each([
    ["reluctant", "a", "not wanting to do something"],
    ["evaporate", "v", "turn from a liquid into a gas"],
    ["apprentice", "n", "a young person who learns a trade from a master"],
    ["gradually", "r", "little by little"],
  ] as const)("says what %s (%s) means", (word, pos, meaning) => {
    expect(findWordMeaning(word, pos)?.meaning).toBe(meaning);
  });
  it("knows a word in its own class only", () => {
    expect(findWordMeaning("reluctant", "n")).toBeUndefined();
    expect(findWordMeaning("light", "n")).toBeUndefined();
  });
  it("offers meanings of the same sort and none that is near", () => {
    const others = wordsOfOtherMeaning(known("courageous", "a"));
    expect(others.map(({ word }) => word)).toContain("generous");
    expect(others.map(({ word }) => word)).not.toContain("fearless");
    expect(others.map(({ word }) => word)).not.toContain("cautious");
    expect(others.map(({ word }) => word)).not.toContain("brittle");
  });
  it("says nothing in words that hold the word itself", () => {
    const root = (word: string) => word.slice(0, Math.max(5, word.length - 2));
    const circular = everyWord.filter(({ word, meaning }) => meaning.split(" ").some((other) => other.startsWith(root(word))));
    expect(circular.map(({ word }) => word)).toEqual([]);
  });
  it("has each word of a class once, and in each section enough words far from each other", () => {
    const names = everyWord.map(({ word, pos }) => `${pos} ${word}`);
    expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
    expect(everyWord.filter((entry) => new Set(wordsOfOtherMeaning(entry).map(({ block }) => block)).size < 4).map(({ word }) => word)).toEqual([]);
  });
  it("explains each word by commoner ones", () => {
    const rarest = (text: string) => Math.min(...(text.match(/[a-z]{4,}/g) ?? []).map((word) => lexicon.zipf(word) || 9));
    const harder = everyWord.filter(({ word, meaning }) => lexicon.zipf(word) > 0 && rarest(meaning) < Math.min(3, lexicon.zipf(word) - 0.5));
    expect(harder.map(({ word, meaning }) => `${word}: ${meaning}`)).toEqual([]);
  });
});
