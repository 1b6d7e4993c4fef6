import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { rankedCandidates } from "../candidates";
import type { FactType } from "../facts/fact";
import { stockSource } from "../source-stock";
import { findDistractors } from "./find-distractors";

const SOURCE = `# The light of Skerry Bay

Keepers wore aprons because buttons could scratch the glass. Smoke from the oil darkened the glass every night. Keepers cleaned the lamps in the morning. Strong soap could spoil the aprons. A clockwork machine turned the lens all night. An electric motor replaced the clockwork in 1954. The lens arrived in 1871. The first lamp was lit in 1823 in France.

A petition is a letter that many people sign. A by-law is a rule that is made by a town council. A tide table is a list that shows every tide. Ida Marrow kept the light. Thomas Marrow trimmed the lamp. Augustin Fresnel designed a lens for ships. Dr. Edmund Hale read the notebooks of the keepers. Oda Brandt guided ships.

The keepers wound the clockwork every four hours. Shore crabs hide under flat stones. Builders put lamps inside stone towers. Old boats lie on the quay. Small boats carry no radio because a good radio costs a month's catch. The council closed the harbour because ice blocked the channel.`;

const stock = stockSource(analyse(SOURCE, "markdown"));
const distractors = (type: FactType, stem?: RegExp, count = 3) => {
  const fact = stock.facts.find((other) => other.type === type && (!stem || stem.test(other.stem)));
  if (!fact) throw new Error(`No ${type}`);
  return { fact, found: findDistractors(fact, stock, count, 1) };
};

describe("wrong options are of the key's own kind", () => {
  it("years for a year, the source's own first", () => {
    const { found } = distractors("time", /clockwork/);
    expect(found).toHaveLength(3);
    for (const year of found) expect(year).toMatch(/^\d{4}$/);
    expect(found).toEqual(expect.arrayContaining(["1871"]));
  });
  it("names of persons for a person, never the same family", () => {
    const { found } = distractors("person", /designed/);
    expect(found.length).toBeGreaterThanOrEqual(2);
    for (const name of found) expect(name).toMatch(/^(?:Ida Marrow|Thomas Marrow|Dr\. Edmund Hale|Oda Brandt)$/);
  });
  it("whole clauses for a reason, not those of the same sentence", () => {
    const { fact, found } = distractors("cause", /aprons/);
    expect(found).toHaveLength(3);
    for (const text of found) expect(fact.sentence.text.toLowerCase()).not.toContain(text.toLowerCase());
  });
  it("nothing else that may come of it: what goes on, or what the same thing does", () => {
    const text =
      "# Air\n\nWarm air is light. When air is warmed, its parts move apart. The parts take more room in a balloon. The air in a valley cools at night. Cold water sinks to the bottom of a lake. The land keeps the heat of the day. The parts of a machine wear out.";
    const source = stockSource(analyse(text, "markdown"));
    const happens = source.facts.find(({ pattern }) => pattern === "what-happens-when")!;
    const found = findDistractors(happens, source, 4, 1).join(" ");
    expect(found).not.toMatch(/more room|in a valley|is light/);
  });
  it("what else somebody did, and nobody's else", () => {
    const text =
      "# The voice\n\nJonas Aldrin lends dragons his voice. When Ida recorded the battle, Jonas Aldrin lost his voice for four days. Jonas Aldrin stayed at home after the battle. Jonas Aldrin hummed into a coffee can for the battle. The artists drew the mouths of the dragons in the battle. Ida recorded the quiet scenes of the battle. Jonas Aldrin drinks warm water after a battle. Jonas Aldrin pretended to be a wolf in a battle at school.";
    const source = stockSource(analyse(text, "markdown"));
    const did = source.facts.find(({ pattern }) => pattern === "what-did-when")!;
    const found = findDistractors(did, source, 4, 1);
    expect(found).toContain("Jonas Aldrin hummed into a coffee can for the battle");
    expect(found.filter((other) => !other.startsWith("Jonas Aldrin") || /drinks|lends|stayed/.test(other))).toEqual([]);
  });
  it("no other purpose of the same doer, which may be right as well", () => {
    const text =
      "# Plants\n\nPlants make their own food from light. Plants use the energy of the sun to turn water into sugar. Farmers spread manure on the fields. Gardeners use glass to keep the heat inside the house. Bakers use yeast to fill the dough with air. Machines use the energy of the wind to grind corn for bread.";
    const source = stockSource(analyse(text, "markdown"));
    const purpose = source.facts.find(({ type, stem }) => type === "purpose" && stem.includes("energy of the sun"))!;
    expect(findDistractors(purpose, source, 3, 1).join(" ")).not.toMatch(/own food/);
  });
  it("only what is on the matter: shares a word with what is asked", () => {
    const { found } = distractors("cause", /aprons/);
    for (const text of found) expect(text).toMatch(/glass|keepers|aprons|lamps/i);
  });
  it("meanings of other terms for a meaning", () => {
    const { found } = distractors("definition", /petition/);
    expect(new Set(found)).toEqual(new Set(["a rule that is made by a town council", "a list that shows every tide"]));
  });
  it("other terms for a term, with the article it needs", () => {
    const { found } = distractors("naming", /many people sign/);
    for (const term of found) expect(term).toMatch(/^an? /);
  });
  it("places with their prepositions for a place", () => {
    const { found } = distractors("place", /crabs/);
    for (const place of found) expect(place).toMatch(/^(?:inside|on|in|at) /);
  });
  it("the same step of time for how often", () => {
    const { found } = distractors("frequency");
    for (const often of found) expect(often).toMatch(/^every (?!one )[a-z-]+ hours$/);
  });
});

it("gives the same for the same seed", () => {
  for (const fact of stock.facts) expect(findDistractors(fact, stock, 3, 7)).toEqual(findDistractors(fact, stock, 3, 7));
});

it("never gives the answer itself, nor one option twice", () => {
  for (const fact of stock.facts) {
    const found = findDistractors(fact, stock, 4, 3).map((text) => text.toLowerCase());
    expect(new Set([...found, fact.answer.toLowerCase()]).size).toBe(found.length + 1);
  }
});

it("what others found stands first beside what somebody found, and nothing that the finder does", () => {
  const text =
    "Oda Brandt kept the log of the light. Oda Brandt discovered that strong soap could spoil the lens. Ida Marrow believed that cold oil could spoil the lamp. Oda Brandt cleaned the lens with warm water. Salt from the sea covered the lens every week. Smoke from the oil darkened the lens every night.";
  const own = stockSource(analyse(text));
  const fact = own.facts.find(({ type, stem }) => type === "report" && /Oda Brandt/.test(stem))!;
  const found = findDistractors(fact, own, 3, 1);
  expect(found[0]).toBe("that cold oil could spoil the lamp");
  for (const option of found) expect(option).not.toContain("Oda Brandt");
});

describe("wrong reasons", () => {
  const reasons = (text: string) =>
    rankedCandidates(analyse(text, "markdown"), 1).flatMap(({ candidate }) =>
      candidate.kind === "multiple-choice" && candidate.stem.startsWith("Why") ? candidate.distractors : [],
    );
  const VOTE =
    "# The vote\n\nAmericans choose the electors, and the electors choose the president. Each state has as many electors as it has members of Congress. Since every state has two senators and at least one representative, even the smallest state has three electors.\n\nCandidates spend most of their time in large states. Small states like the rule. The large states want another rule. A candidate needs more than half of the electors.";

  it("are not what the sentence beside it says of the same things: it may be why as well", () => {
    const found = reasons(VOTE);
    expect(found.length).toBeGreaterThan(1);
    expect(found.join(" ")).not.toContain("Each state has as many electors");
  });
});
