import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { type Clause, joiningWord } from "./clause";
import { nodeText } from "./node-text";

const clauses = (text: string): Clause[] => analyse(text).sentences.flatMap((sentence) => sentence.clauses);
const first = (text: string): Clause => {
  const [clause] = clauses(text);
  if (!clause) throw new Error(`Not understood: ${text}`);
  return clause;
};
const parts = (clause: Clause, of: "complements" | "adjuncts") => clause[of].map((part) => nodeText(clause.sentence, part.node));

describe("complements", () => {
  it.each([
    ["an object", "Rain hid the fire.", ["the fire"]],
    ["two objects", "The board sent Ida a silver watch.", ["Ida", "a silver watch"]],
    ["a that-clause", "The council says that ships need no horn.", ["that ships need no horn"]],
    ["a wh-clause", "A captain learns how light bends.", ["how light bends"]],
    ["a predicate", "The channel is too shallow.", ["too shallow"]],
    ["a particle and its object", "The mirrors soaked up half of the light.", ["up", "half of the light"]],
    ["an infinitive", "The sea began to rise.", ["to rise"]],
    ["a name", "Sailors call the bowline the king of knots.", ["the bowline", "the king of knots"]],
  ])("reads %s", (_, text, wanted) => {
    expect(parts(first(text), "complements")).toEqual(wanted);
  });
});

describe("adjuncts", () => {
  it.each([
    ["in front and behind", "In 1871 the lens arrived in crates.", ["In 1871", "in crates"]],
    ["between auxiliary and verb", "A ship could now see the light.", ["now"]],
    ["a reason", "It sank because it was heavy.", ["because it was heavy"]],
    ["a time without preposition", "They polished the brass each morning.", ["each morning"]],
    ["a purpose", "Workers combed the hemp so that the fibres lay straight.", ["so that the fibres lay straight"]],
  ])("reads %s", (_, text, wanted) => {
    expect(parts(first(text), "adjuncts")).toEqual(wanted);
  });
});

describe("the verb", () => {
  it.each([
    ["The lamp was lit.", { passive: true, negated: false }],
    ["The lamp was not lit.", { passive: true, negated: true }],
    ["The lamp does not burn.", { passive: false, negated: true }],
    ["The lamp has burned.", { passive: false, negated: false }],
    ["The lamp is burning.", { passive: false, negated: false }],
    ["The keepers could not have seen the rocks.", { passive: false, negated: true }],
  ])("of %j", (text, wanted) => {
    expect(first(text)).toMatchObject(wanted);
  });
  it("keeps auxiliaries in order", () => {
    expect(first("The lamp should have been lit.").auxiliaries.map((node) => node.lemma)).toEqual(["should", "have", "been"]);
  });
});

describe("several clauses", () => {
  it("are joined by and, but, so", () => {
    expect(clauses("The wind rose, but the boats stayed. The lens was heavy, so builders floated the lens.").map((clause) => clause.linkedBy)).toEqual([
      undefined,
      "but",
      undefined,
      "so",
    ]);
  });
  it("share a subject", () => {
    const shared = clauses("The keepers wound the clockwork, polished the brass and trimmed the lamps.");
    expect(shared.map((clause) => clause.verb.lemma)).toEqual(["wind", "polish", "trim"]);
    expect(new Set(shared.map((clause) => nodeText(clause.sentence, clause.subject)))).toEqual(new Set(["The keepers"]));
  });
  it("stand inside adverb clauses, apart from the main one", () => {
    expect(clauses("When the tide turns, the boats leave before the water falls.").map((clause) => [clause.rank, clause.verb.lemma])).toEqual([
      ["adverbial", "turn"],
      ["main", "leave"],
      ["adverbial", "fall"],
    ]);
  });
  it("stand after so … that", () => {
    expect(clauses("The fog was so thick that nobody saw the shore.").map((clause) => [clause.rank, clause.verb.lemma])).toEqual([
      ["main", "was"],
      ["adverbial", "see"],
    ]);
  });
  it("may be a command", () => {
    expect(first("Pull the rope until the knot is tight.")).toMatchObject({ imperative: true });
  });
});

describe("near adjuncts belong near", () => {
  it("inside a relative clause", () => {
    const clause = first("A fixed loop is a loop that does not get smaller when the rope is pulled.");
    expect(parts(clause, "adjuncts")).toEqual([]);
  });
  it("behind a participle", () => {
    const clause = first("The lens arrived in crates filled with straw.");
    expect(parts(clause, "adjuncts")).toEqual(["in crates filled with straw"]);
  });
});

describe("who does it and what is told of it", () => {
  const told = (text: string) =>
    clauses(text)
      .filter(({ rank }) => rank === "main")
      .map((clause) => [clause.imperative ? "(you)" : nodeText(clause.sentence, clause.subject), clause.verb.lemma]);
  it.each([
    ["behind its verb", "At the bottom lay a big round shell.", [["a big round shell", "lie"]]],
    ["behind its verb, with a phrase in front of the next one", "On top of the shell sat a crab.", [["a crab", "sit"]]],
    [
      "behind so, where a verb without a subject is a command",
      "Worms dislike light, so keep the box in a dark corner.",
      [
        ["Worms", "dislike"],
        ["(you)", "keep"],
      ],
    ],
    ["with the bound of its number", "Less than a quarter of the glass is recycled.", [["Less than a quarter of the glass", "recycle"]]],
    ["without the word that counts the argument", "Second, spare parts must be sold.", [["spare parts", "sell"]]],
    ["of which there is something", "There were printing presses in the town.", [["There", "were"]]],
    ["that lays something, and does not lie", "The men lay a line.", [["The men", "lay"]]],
  ])("reads a doer %s", (_, text, wanted) => {
    expect(told(text)).toEqual(wanted);
  });
  it.each([
    ["a time that comes back as how often", "More snow falls each winter than the sun can melt.", "each winter"],
    ["a repeated noun as how", "The layers pile up year after year.", "year after year"],
    ["a word of place behind a time with it", "Two years afterwards the town bought a lamp.", "Two years afterwards"],
  ])("reads %s", (_, text, wanted) => {
    expect(parts(first(text), "adjuncts")).toContain(wanted);
  });
  it("reads an aside to its end, and leaves alone what tells of the whole", () => {
    const ranks = (text: string) => clauses(text).map(({ rank }) => rank);
    expect(ranks("Ida joined the union, which fought against the damage.")).toContain("aside");
    expect(clauses("Ida joined the union, which fought against the damage that alcohol did to families.").find(({ rank }) => rank === "aside")).toMatchObject({
      end: 15,
    });
    expect(ranks("Ash becomes rich soil, which is why farmers return.")).not.toContain("aside");
  });
  it("does not read what is joined on into a clause of time or place", () => {
    expect(told("They return to the pond where they were born, and the story begins again.")).toContainEqual(["the story", "begin"]);
  });
});

describe("the word that joins the verbs of a subject", () => {
  it.each([
    ["and", "The keepers slept and dreamt."],
    ["or", "Parliament can change the law or stop it."],
    ["but", "The lamp smoked but gave light."],
  ] as const)("is %s", (word, text) => {
    expect(joiningWord(clauses(text).filter(({ rank }) => rank === "main"))).toBe(word);
  });
});

describe("what is said in passing of a noun", () => {
  const asides = (text: string) => clauses(text).filter(({ rank }) => rank === "aside").length;
  it.each([
    [1, "of the noun before the comma", "The company sold the ship, which sank in 1902."],
    [0, "of all that was said, as it may be", "The company sold tea in the ports, which made the tea cheap."],
    [0, "of all that was said to be unusual", "Ida went to the school, which was unusual at the time."],
    [0, "of one of two nouns", "The rules of Bartholomew Roberts, who captured many ships, were strict."],
  ])("makes %i statement: %s", (count, _, text) => {
    expect(asides(text)).toBe(count);
  });
});
