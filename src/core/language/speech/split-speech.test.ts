import { describe, expect, it } from "vitest";
import { analyse, tools } from "../../../../tests/support/language-tools";
import { analyseText } from "../analyse-text";

const SPOKEN =
  "okay so today the keeper turns the lens and the lens throws the light far out to sea the ships see the light at night um then the captain counts the seconds and he knows the name of the lighthouse the light never stops because a clockwork motor turns it";

describe("speech without full stops", () => {
  const { sentences, blocks } = analyse(SPOKEN);
  it("is cut where clauses parse", () => {
    const texts = sentences.map(({ text }) => text);
    expect(texts).toContain("the keeper turns the lens");
    expect(texts.length).toBeGreaterThanOrEqual(4);
  });
  it("is told with no more than belongs to it", () => {
    // "the ships see the light at night", or "at night the captain counts the seconds"
    expect(sentences.find(({ text }) => text.startsWith("the ships"))?.text).toMatch(/^the ships see the light(?: at night)?$/);
  });
  it("stays as it is in the source", () => {
    for (const { text, start, end } of sentences) expect(blocks[0]!.text.slice(start, end)).toBe(text);
  });
  it("leaves out what opens a clause and belongs to none", () => {
    for (const { text } of sentences) expect(text).not.toMatch(/^(?:okay|um|so)\b/);
  });
  it("counts its sentences in order", () => {
    expect(sentences.map(({ index }) => index)).toEqual(sentences.map((_, index) => index));
  });
  it("is left alone where it has full stops", () => {
    expect(analyse("The keeper turns the lens. The lens throws the light far out to sea.").sentences.every((sentence) => !sentence.unpunctuated)).toBe(true);
  });
});

it("long speech is cut as well where one window of words ends and the next begins", () => {
  const clauses: string[] = Array.from({ length: 60 }, (_, at) => (at % 2 === 0 ? "the keeper turns the lens" : "he cleans the old lamp"));
  const { sentences } = analyse(clauses.join(" "));
  expect(sentences.filter(({ text }) => clauses.includes(text)).length).toBeGreaterThan(50);
});

it("so many are not told without their year", () => {
  const spoken =
    "small pores on their noses pick up the weak currents that every animal makes every year fishermen kill about a hundred million sharks many of them are caught for their fins the sailors know the name of the lighthouse and the boats come home before the storm";
  const sure = analyse(spoken).sentences.filter(({ abstained }) => abstained === undefined);
  expect(sure.map(({ text }) => text)).not.toContain("fishermen kill about a hundred million sharks");
});

it("a condition is not cut off", () => {
  const spoken =
    "the keeper climbs the tower every evening if the oil is low he fills the lamp the captain knows the name of the lighthouse because he counts the seconds the boats come home before the storm and the harbour is full";
  const sure = analyse(spoken).sentences.filter(({ abstained }) => abstained === undefined);
  expect(sure.map(({ text }) => text).filter((text) => text.startsWith("he fills"))).toEqual([]);
});

it("a long sentence that somebody wrote, with its commas and its stop, stays whole", () => {
  const long =
    "After the long war of the two towns over the herring grounds, the council of Skerry Bay, which had lost most of its boats and nearly all of its money, asked the fishermen of the northern islands to lend it twelve boats, and promised them a share of every catch until the debt was paid.";
  expect(analyse(long).sentences.map(({ text }) => text)).toEqual([long]);
});

/** Captions without full stops, one line to a caption; a line's place in the text is where a caption begins. */
const captioned = (lines: string[]) => {
  const text = lines.join(" ");
  let start = 0;
  const timings = lines.map((line, index) => {
    const timing = { start, end: start + line.length, startMs: index * 4000, endMs: (index + 1) * 4000 };
    start += line.length + 1;
    return timing;
  });
  const locator = { type: "time" as const, startMs: 0, endMs: lines.length * 4000 };
  return analyseText([{ id: "b1", kind: "cue", text, timings, locator }], tools()).sentences;
};
const CRABS = [
  "there are more than forty million of them and they all set out in the same week",
  "the males leave first and dig burrows near the beach",
  "the crabs wait for the first rain of the wet season because their gills must stay moist",
  "the females release their eggs at the turn of the high tide during the last quarter of the moon",
  "the young crabs spend about a month in the ocean",
  "the rangers have built bridges and tunnels for the crabs",
];

describe("captions without full stops", () => {
  it("are cut at their lines where most lines end with a clause", () => {
    const sure = captioned(CRABS).filter(({ abstained }) => abstained === undefined);
    expect(sure.map(({ text }) => text)).toContain("the females release their eggs at the turn of the high tide during the last quarter of the moon");
  });
  it("leave out what may as well be cut elsewhere", () => {
    const words = CRABS.join(" ").split(" ");
    const tenEach = Array.from({ length: Math.ceil(words.length / 10) }, (_, index) => words.slice(index * 10, index * 10 + 10).join(" "));
    const doubtful = captioned(tenEach).filter(({ text }) => /^in the same week|^during the last quarter/.test(text));
    expect(doubtful.every(({ abstained }) => abstained === "cut-unsure")).toBe(true);
  });
  it("end no clause before the mark of an owner", () => {
    const cut = captioned([...CRABS, "the ants spray acid into the crabs' eyes and the crabs go blind"]);
    expect(cut.filter(({ text, abstained }) => abstained === undefined && /into the crabs$/.test(text))).toEqual([]);
  });
});
