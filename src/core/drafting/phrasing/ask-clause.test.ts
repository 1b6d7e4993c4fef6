import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { askClause, askSubject, phraseClause, stateClause } from "./ask-clause";
import { phraseRest } from "./phrase-rest";

/** The last clause of a text taken apart, or why it cannot be. */
const taken = (text: string, rank = "main") => {
  const analysis = analyse(text, "markdown");
  const clause = analysis.sentences.flatMap((sentence) => sentence.clauses.filter((one) => one.rank === rank)).at(-1);
  if (!clause) throw new Error(`Not understood: ${text}`);
  return { analysis, phrasing: phraseClause(clause, analysis) };
};
const written = (text: string) => {
  const { analysis, phrasing } = taken(text);
  if (typeof phrasing === "string") throw new Error(phrasing);
  const rest = phraseRest(phrasing, analysis);
  return { why: askClause(phrasing, "Why", rest), who: askSubject(phrasing, "Who", rest), statement: stateClause(phrasing, rest) };
};

describe("a clause as a question", () => {
  it.each([
    ["did with the base form", "The keepers polished the lens.", "Why did the keepers polish the lens?"],
    ["does for one", "The lamp burns oil.", "Why does the lamp burn oil?"],
    ["the auxiliary it has", "The lamp had burned all night.", "Why had the lamp burned all night?"],
    ["a not behind the subject", "The boats could not leave.", "Why could the boats not leave?"],
    ["an adverb before the verb", "The keepers never left the rock.", "Why did the keepers never leave the rock?"],
    ["should for a command", "Trim the wick with care.", "Why should you trim the wick with care?"],
    ["should not for what is forbidden", "Do not touch the lens.", "Why should you not touch the lens?"],
    ["the name of whoever tells", "Ida: I start both engines.\n\nTom: The lamp burns.\n\nIda: I start both engines.", "Why does Ida start both engines?"],
    ["what stood in front behind the verb", "In 1871 the board sent a lens.", "Why did the board send a lens in 1871?"],
    ["what stood between commas behind the verb", "The lamp, in 1871, was lit by two keepers.", "Why was the lamp lit by two keepers in 1871?"],
  ])("has %s", (_, text, wanted) => {
    expect(written(text).why).toBe(wanted);
  });
});

describe("a question about the subject", () => {
  it.each([
    ["is of one where many do it", "The keepers polish the lens.", "Who polishes the lens?"],
    ["keeps the past", "The keepers polished the lens.", "Who polished the lens?"],
    ["keeps its auxiliary, for one", "The keepers have polished the lens.", "Who has polished the lens?"],
    ["drops a did that only stresses", "Ida did polish the lens.", "Who polished the lens?"],
  ])("%s", (_, text, wanted) => {
    expect(written(text).who).toBe(wanted);
  });
});

describe("a clause as a statement", () => {
  it.each([
    ["names what a pronoun stands for", "The lens was heavy. It held a thousand prisms.", "the lens held a thousand prisms"],
    ["names what this was", "A row of stiff hairs stands on the wing. These hairs break the air.", "the stiff hairs break the air"],
    ["drops what only joins sentences", "The lamp was old. However, the lamp burned well.", "the lamp burned well"],
    ["drops what counts the argument", "Second, the lamp burns oil.", "the lamp burns oil"],
    ["drops what the writer thinks of it", "Strangely, the lamp burns oil.", "the lamp burns oil"],
    ["drops a yes and a no", "No, the lamp burns oil.", "the lamp burns oil"],
    ["drops a day told twice", "On 15 January 1919, a warm winter day, the tank burst.", "the tank burst on 15 January 1919"],
    ["drops what it is compared with in passing", "Ida Marrow sang for an hour, longer than a boy.", "Ida Marrow sang for an hour"],
    ["keeps alone beside what is alone", "Soda alone would spoil the glass.", "soda alone would spoil the glass"],
    ["names whom a noun calls by name", "Ida said that she was late. Ida slept. A girl named Ida polished the lens.", "Ida polished the lens"],
    ["keeps whose nail it was", "Ida Marrow took the lantern from its nail.", "Ida Marrow took the lantern from its nail"],
  ])("%s", (_, text, wanted) => {
    expect(written(text).statement).toBe(wanted);
  });
});

describe("a clause that cannot stand by itself", () => {
  it.each([
    ["pronoun", "whose subject stays open", "They burned oil."],
    ["demonstrative", "that is about such a one", "Such a lamp burns oil."],
    ["demonstrative", "that is about a fourth", "A fourth burns oil."],
    ["demonstrative", "that is about ones", "The smallest ones burn oil."],
    ["first-person", "that is said by nobody", "We burned oil."],
    ["points-elsewhere", "with a second half that has no verb", "Selm bought a lamp in 1843, the harbour in 1847."],
    ["no-subject", "about few of them", "Few boats came back."],
    ["points-elsewhere", "of two that may be", "Keepers sleep or polish the lens."],
    ["points-elsewhere", "in the case that was supposed", "If the bank raises the rate, loans cost more. Families then buy fewer houses."],
    ["points-elsewhere", "at a time that was told before", "The best season is autumn. The tree is then resting."],
  ])("is %s: one %s", (reason, _, text) => {
    expect(taken(text).phrasing).toBe(reason);
  });
});

describe("what stands behind the verb is unclear", () => {
  const rest = (text: string) => {
    const { analysis, phrasing } = taken(text);
    return typeof phrasing === "string" ? phrasing : phraseRest(phrasing, analysis);
  };
  it.each([
    ["pronoun", "with the help of another thing", "The town was small. With its help the boats were counted."],
    ["pronoun", "with a body that the subject has not", "The hard bits pass through their mouths."],
    ["points-elsewhere", "behind who says so", "Long ago, so the fishermen say, the sea came and went."],
    ["demonstrative", "on the other of two", "The hills continue on the other."],
    ["demonstrative", "with such a one", "The wind is the enemy of such a bridge."],
    ["demonstrative", "with a number of nothing", "The crew needed eight."],
    ["points-elsewhere", "denied for another time", "Ida Marrow never saw the tower again."],
    ["pronoun", "in a clause in front that may tell of what was before", "# The bill\n\nThe council is old. If it makes changes, the bill goes back."],
    ["pronoun", "in a clause in front that tells of what comes later", "If it stands under a tree, drops will spoil the water."],
  ])("is %s: %s", (reason, _, text) => {
    expect(rest(text)).toBe(reason);
  });
  it.each([
    ["what is said of a place in passing", "The company grew tea in India, where land was cheap.", "tea in India"],
    ["what belongs to the clause in front", "If it is cut only once, in September, the grass grows back.", /^(?!.*September)/],
    ["what is denied beside it", "The lamp was paid for by the town, not by the council.", /^(?!.*council)/],
  ])("leaves out %s", (_, text, wanted) => {
    expect(rest(text)).toMatch(wanted);
  });
});
