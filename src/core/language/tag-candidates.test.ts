import { describe, expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { tagCandidates } from "./tag-candidates";
import { tokenize } from "./tokenize";

const { lexicon } = tools();
const tags = (text: string, capitalised: string[] = [], lowerCased: string[] = []) =>
  tagCandidates(tokenize(text), lexicon, { capitalised: new Set(capitalised), lowerCased: new Set(lowerCased) }).map((word) => ({
    word: word.text,
    cats: new Set(word.candidates.map((tag) => tag.cat)),
    best: word.candidates.reduce((a, b) => (a.cost <= b.cost ? a : b)),
  }));

describe("candidates", () => {
  it("keep every part of speech that the dictionary allows", () => {
    expect(tags("the light turns")[1]!.cats).toEqual(new Set(["n", "v", "adj", "adv"]));
  });
  it("read forms back to their base", () => {
    expect(tags("they carried it")[1]!.best).toMatchObject({ cat: "v", lemma: "carry" });
    expect(tags("the prisms shone")[1]!.best).toMatchObject({ cat: "n", lemma: "prism" });
  });
  it("take what stands between the parts of a name for a part of it", () => {
    expect(tags("by Vincent van Gogh", ["Vincent", "Gogh"])[2]!.best.cat).toBe("pn");
    expect(tags("a van drove by")[1]!.best.cat).toBe("n");
  });
  it("take fixed sequences as one word, bounds only before a number", () => {
    expect(tags("because of rain").map(({ word }) => word)).toEqual(["because of", "rain"]);
    expect(tags("more than twenty miles").map(({ word }) => word)).toEqual(["more than", "twenty", "miles"]);
    expect(tags("more than rope").map(({ word }) => word)).toEqual(["more", "than", "rope"]);
  });
  it.each([
    ["at eight o'clock", ["at", "eight o'clock"]],
    ["nobody else came", ["nobody else", "came"]],
    ["slightly less than a pound", ["slightly less than", "a", "pound"]],
    ["as long as it rains", ["as long as", "it", "rains"]],
    ["is as long as a boat", ["is", "as", "long", "as", "a", "boat"]],
    ["held out for long", ["held", "out", "for long"]],
    ["ready for long journeys", ["ready", "for", "long", "journeys"]],
    ["two or more ropes", ["two", "or more", "ropes"]],
    ["stronger or more likely to hold", ["stronger", "or", "more", "likely", "to", "hold"]],
    ["and so everyone stayed", ["and so", "everyone", "stayed"]],
    ["and so tired that", ["and", "so", "tired", "that"]],
    ["much less damage", ["much less", "damage"]],
    ["much less quickly", ["much", "less", "quickly"]],
  ])("take %j apart by what stands beside it", (text, words) => {
    expect(tags(text).map(({ word }) => word)).toEqual(words);
  });
  it("take a letter and its point for a part of the name, and a king's number too", () => {
    expect(tags("Booker T. Washington taught").slice(0, 3)).toMatchObject([{ word: "Booker" }, { word: "T.", best: { cat: "pn" } }, { word: "Washington" }]);
    expect(tags("Elizabeth I ruled")[1]!.best.cat).toBe("pn");
    expect(tags("and I ruled")[1]!.best.cat).toBe("pro");
  });
  it("know numbers, years and ordinals", () => {
    expect(tags("in 1871")[1]!.best.flags).toContain("year");
    expect(tags("the 3rd lamp")[1]!.best.cat).toBe("ord");
    expect(tags("the 1700s")[1]!.best.cat).toBe("n");
  });
  it("guess a word that no dictionary has by its ending", () => {
    expect(tags("the catadioptrics")[1]!.best).toMatchObject({ cat: "n" });
    expect(tags("straw-filled crates")[0]!.best.cat).toBe("adj");
  });
});

describe("capitals", () => {
  it("inside a sentence make a name", () => {
    expect(tags("the engineer Fresnel")[2]!.best.cat).toBe("pn");
  });
  it("at its start do not, where the word is known in small letters", () => {
    expect(tags("Keepers slept")[0]!.best.cat).toBe("n");
  });
  it("at its start do, where the source writes it so elsewhere", () => {
    expect(tags("Gull waited", ["gull"])[0]!.best.cat).toBe("pn");
  });
});
