import { describe, expect, it } from "vitest";
import { createLexicon, fileOf, NounFile } from "./lexicon";

const lexicon = createLexicon({
  words: "lamp\t9:0:0:0\t4.1\t\ts1,s2\nlantern\t2:0:0:0\t3.3\t\ts1\nturn\t3:40:0:0\t5.5\tIT\ts3\n",
  forms: "lamps\t3.9\n",
  synsets: "s0\t\t3\ns1\ts0\t6\ns2\ts0\t6\ns3\t\t4\n",
  names: "Paris\tplace\nFresnel\tperson\n",
  given: "emilie\tshe\njohan\the\n",
  meanings: "lamp\tn\t6\ta thing that gives light\tlight\nlantern\tn\t6\ta lamp that is carried\t\nturn\tv\t38\t\trotate\n",
});

describe("the dictionary", () => {
  it("has words with weights, frequency, frames and senses", () => {
    expect(lexicon.findWord("turn")).toEqual({ noun: 3, verb: 40, adjective: 0, adverb: 0, zipf: 5.5, frames: "IT", senses: ["s3"] });
    expect(lexicon.findWord("boat")).toBeUndefined();
  });
  it("knows the frequency of forms", () => {
    expect([lexicon.zipf("lamp"), lexicon.zipf("lamps"), lexicon.zipf("boat")]).toEqual([4.1, 3.9, 0]);
  });
  it("knows whose a given name is", () => {
    expect([lexicon.givenName("Emilie"), lexicon.givenName("Johan"), lexicon.givenName("Robin")]).toEqual(["she", "he", undefined]);
  });
  it("says what a word means, and which words mean the same", () => {
    expect([lexicon.findMeaning("lamp", "n"), lexicon.findMeaning("turn", "v"), lexicon.findMeaning("boat", "n")]).toEqual([
      "a thing that gives light",
      undefined,
      undefined,
    ]);
    expect([lexicon.findSynonyms("turn", "v"), lexicon.findSynonyms("lantern", "n")]).toEqual([["rotate"], []]);
  });
  it("walks up the senses", () => {
    expect(lexicon.findHypernym("s1")).toBe("s0");
    expect(lexicon.findHypernym("s0")).toBeUndefined();
    expect(lexicon.nounFile("s1")).toBe(6);
  });
  it("knows what sort of thing a noun is, by its commonest sense", () => {
    expect([fileOf("lantern", lexicon), fileOf("turn", lexicon), fileOf("boat", lexicon)]).toEqual([NounFile.artifact, NounFile.act, undefined]);
  });
  it("knows names", () => {
    expect(lexicon.nameKind("Paris")).toBe("place");
    expect(lexicon.nameKind("Nell")).toBeUndefined();
  });
});
