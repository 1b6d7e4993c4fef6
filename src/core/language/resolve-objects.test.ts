import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { nodeText } from "./node-text";

const stands = (text: string) => analyse(text).sentences.flatMap((sentence) => [...(sentence.resolved?.values() ?? [])].map((found) => found.text));

describe("an object pronoun stands for the one noun before it that agrees", () => {
  it.each([
    ["in the sentence before", "The keepers polished the lens. Then Ida cleaned it.", ["the lens"]],
    ["a thing first named with a", "Ida found a burr. She kept it.", ["the burr"]],
    ["several, with their number", "The town has 212 lamps, and all of them burn until dawn.", ["the 212 lamps"]],
    ["an animal that is told of like somebody", "The blackbird slept. Tom fed her.", ["the blackbird"]],
    ["what the same sentence has just done something to", "The lens was new. Ida took the lamp and cleaned it.", ["the lamp"]],
    ["what holds it, and stays as it is", "An essay lay on the desk. Ida wrote an article with a mistake in it.", ["it"]],
    ["the subject that the clause behind explains", "The bay was calm. The channel is deep because ships use it.", ["the channel"]],
  ])("%s", (_, text, wanted) => {
    expect(stands(text)).toEqual(wanted);
  });
});

describe("it stays open", () => {
  it.each([
    ["where the same pronoun stands before it and is open too", "They examined it in London and admitted that it was genuine."],
    ["where a quantity of it was spoken of", "Every August, volunteers find dozens of them in the street because the lamps have led them the wrong way."],
    ["where those who are told how to do it are the only ones named", "He taught Ida and Thomas how to look for them."],
    ["where the object of the same verb is the only one", "The town put a tax on it."],
    ["between two nouns", "The lens lay beside the lamp. Ida cleaned it."],
    ["where nothing more is said of it", "No boat came. Ida saw it."],
    ["where the only one near is where it happens", "The anchor was old. People watched from the quay as a crane set it down."],
    ["where a number of them was told as well", "Of twenty plants, twelve lived. The gardener sold them."],
    ["where not all of it was spoken of", "Not all rust is useless. Painters have used it."],
    ["where only enough of it was spoken of", "If you do not eat enough calcium, your body takes it from the bones."],
    ["where the only one says who tells it", "According to one story, soldiers learned it from papermakers."],
    ["where this was spoken of", "This rule was worked out by Naismith, a Scottish climber, and walkers still use it."],
    ["where it is what happened", "The dog barked. Ida did not think it was funny."],
    ["where the only one is part of a turn of phrase", "In truth they produce no light at all. They only reflect it."],
    ["where others have joined it", "The boat left the bay. Four other boats joined it, and the papers wrote of them."],
    ["where both of two are meant", "Billions of bacteria live in the worm. The worm gathers gas, and the bacteria turn it into food for both of them."],
    ["where the sentence before has another", "The lens arrived. Where the tower stands, Ida cleaned it."],
  ])("%s", (_, text) => {
    expect(stands(text)).toEqual([]);
  });
});

it("is one of the things that it stands for, and not one of things", () => {
  const [, , sentence] = analyse("Tins of veal were packed. Parry took tins of veal with him. One of them was opened.").sentences;
  const [clause] = sentence!.clauses;
  expect(nodeText(sentence!, clause!.subject)).toMatch(/^One of the tins of veal/);
});

it("is one of those that most of them were", () => {
  const [, sentence] = analyse("Most geologists laughed at Wegener. Wegener was not one of them.").sentences;
  const [clause] = sentence!.clauses;
  expect(nodeText(sentence!, clause!.complements[0]!.node)).toBe("one of the geologists");
});

it("is no tool of its own where something is done with it", () => {
  const [, sentence] = analyse("The code used six dots in two columns. Sixty-three signs can be made with them.").sentences;
  expect([...(sentence!.resolved?.values() ?? [])]).toEqual([]);
});

describe("the subject of a clause inside", () => {
  it("is told by the name of whoever the sentence does not name", () => {
    expect(stands("Ida Marrow untied the rope. The boat turned in circles until she remembered both oars.")).toContain("Ida Marrow");
  });
  it("stays a pronoun beside its own name", () => {
    expect(stands("Ida Marrow waited on the quay until she saw the boat.")).toEqual([]);
  });
});

it("is never a he for a queen, nor a she for a king", () => {
  expect(stands("The queen was old. The knife was sharp. The queen offered him the knife.")).not.toContain("the queen");
  expect(stands("The queen gave Anselm back his knife, and she offered him two hundred coins instead of one hundred.")).not.toContain("the queen");
  expect(stands("The king came to the gate. Ida saw her.")).not.toContain("the king");
});

describe("the one woman, or the one man, of the source", () => {
  const HOPPER = "Grace Hopper studied mathematics. Grace Hopper wrote a handbook. Grace Hopper gave lectures.\n\n";
  it("is whom somebody or something else does something to", () => {
    expect(stands(`${HOPPER}The navy sent her to Harvard in 1943.`)).toContain("Grace Hopper");
    expect(stands(`${HOPPER}The medal made her famous.`)).toContain("Grace Hopper");
  });
  it("is nobody where another woman does it, or may be meant", () => {
    expect(stands(`${HOPPER}She looked at her for a long time.`)).not.toContain("Grace Hopper");
    expect(stands(`${HOPPER}Her mother was old. The doctor sent her to bed.`)).not.toContain("Grace Hopper");
    expect(stands(`${HOPPER}Ida Marrow came too. The doctor sent her to bed.`)).not.toContain("Grace Hopper");
  });
});
