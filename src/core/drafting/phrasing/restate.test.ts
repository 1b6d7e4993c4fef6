import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { askClause, askSubject, phraseClause, stateClause } from "./ask-clause";
import { phraseRest } from "./phrase-rest";
import { articleFor, restateAsPassive, sentenceOf, verbPhraseAs } from "./restate";

function phrase(text: string) {
  const analysis = analyse(text, "markdown");
  const [clause] = analysis.sentences.at(-1)!.clauses;
  const phrasing = phraseClause(clause!, analysis);
  if (typeof phrasing === "string") throw new Error(phrasing);
  return { phrasing, rest: phraseRest(phrasing, analysis) };
}

describe("questions", () => {
  it.each([
    ["past", "Builders put lamps inside towers.", "Why did builders put lamps inside towers?"],
    ["present, one", "A tide table lists the tides.", "Why does a tide table list the tides?"],
    ["present, several", "Whales call to each other.", "Why do whales call to each other?"],
    ["be", "A prism is heavy.", "Why is a prism heavy?"],
    ["modal", "A captain can tell the lights apart.", "Why can a captain tell the lights apart?"],
    ["modal with not", "Sailors could not see the shore.", "Why could sailors not see the shore?"],
    ["passive", "Ropes are made from hemp.", "Why are ropes made from hemp?"],
    ["perfect", "Pilots have checked every ladder.", "Why have pilots checked every ladder?"],
    ["an adverb before the verb", "Small boats often carry no radio.", "Why do small boats often carry no radio?"],
    ["what stood in front goes to the end", "In winter boats stay in the harbour.", "Why do boats stay in the harbour in winter?"],
  ])("%s", (_, text, wanted) => {
    const { phrasing, rest } = phrase(text);
    expect(askClause(phrasing, "Why", rest)).toBe(wanted);
  });
  it("about the doer make the verb singular", () => {
    const { phrasing, rest } = phrase("Harbour masters use tide tables.");
    expect(askSubject(phrasing, "Who", rest)).toBe("Who uses tide tables?");
  });
});

describe("statements", () => {
  it.each([
    ["In 1954 an electric motor replaced the clockwork.", "an electric motor replaced the clockwork in 1954"],
    ["A ship could now see the light.", "a ship could now see the light"],
    ["Boats also carry lamps.", "boats carry lamps"],
  ])("of %j", (text, wanted) => {
    const { phrasing, rest } = phrase(text);
    expect(stateClause(phrasing, rest)).toBe(wanted);
  });
});

describe("the passive", () => {
  it.each([
    ["An electric motor replaced the clockwork.", { subject: "the clockwork", verb: "was replaced", doer: "by an electric motor" }],
    ["Steel ropes replace hemp ropes.", { subject: "hemp ropes", verb: "are replaced", doer: "by steel ropes" }],
  ])("of %j", (text, wanted) => {
    expect(restateAsPassive(phrase(text).phrasing)).toEqual(wanted);
  });
  it.each([
    "A lens weighs three tonnes.",
    "A spinner walked thirty kilometres.",
    "Boats sank at night.",
    "A captain can see the light.",
    "A lens did not float.",
  ])("is not made of %j", (text) => {
    expect(restateAsPassive(phrase(text).phrasing)).toBeUndefined();
  });
});

describe("verb phrases in another form", () => {
  it("keep what belongs to the verb", () => {
    const { phrasing, rest } = phrase("Keepers wound the clockwork every four hours.");
    expect(verbPhraseAs(phrasing, "base", rest)).toBe("wind the clockwork every four hours");
    expect(verbPhraseAs(phrasing, "ing", rest)).toBe("winding the clockwork every four hours");
  });
});

it.each([
  ["echo", "an"],
  ["lamp", "a"],
  ["hour", "an"],
  ["unit", "a"],
  ["umbrella", "an"],
  ["one-way street", "a"],
])("writes the article of %s as %s", (noun, article) => {
  expect(articleFor(noun)).toBe(article);
});

it("writes a sentence with capital and stop", () => {
  expect(sentenceOf("boats carry lamps")).toBe("Boats carry lamps.");
});
