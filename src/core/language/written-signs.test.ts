import { describe, expect, it } from "vitest";
import { asked } from "../../../tests/support/fact-tester";
import { analyse } from "../../../tests/support/language-tools";
import { tokenize } from "./tokenize";
import { betweenDashes, datelineLength, isDash, isOfAge, isUnitSign, unitName } from "./written-signs";

const questions = (text: string) => asked(`# The harbour\n\nThe harbour is old. ${text}`);

describe("signs of money", () => {
  it.each([
    ["The bridge cost £9,000.", "How much did the bridge cost?", "£9,000"],
    ["The bridge cost about £9 million.", "How much did the bridge cost?", "about £9 million"],
    ["The council spent €90 on the harbour.", "How much did the council spend on the harbour?", "€90"],
    ["The harbour pays $12,000 a year for the bridge.", "How much does the harbour pay a year for the bridge?", "$12,000"],
    ["The king sold the harbour to the town for $7.2 million.", "For how much did the king sell the harbour to the town?", "$7.2 million"],
    ["A ticket costs 50p.", "How many pence does a ticket cost?", "50"],
  ])("%s", (text, ...wanted) => {
    expect(questions(text)).toContainEqual(wanted);
  });
});

describe("signs of units, shares and times", () => {
  it.each([
    ["The pier is 300 m long.", "How many metres long is the pier?", "300"],
    ["The road is 12km long.", "How many kilometres long is the road?", "12"],
    ["The harbour bell weighs 30 kg.", "How many kilograms does the harbour bell weigh?", "30"],
    ["About 20% of the harbour is mud.", "What share of the harbour is mud?", "about 20%"],
    ["Two-thirds of the harbour was flooded.", "What share of the harbour was flooded?", "Two-thirds"],
    ["The number of visitors rose by a third.", "By how much did the number of visitors rise?", "by a third"],
    ["The harbour opens at 9 a.m. every day.", "When does the harbour open every day?", "at 9 a.m."],
    ["The crossing of the harbour takes 5–10 minutes.", "How many minutes does the crossing of the harbour take?", "5–10"],
    ["The tower, at 93 m, stands in Norrock.", "Where does the tower stand?", "in Norrock"],
  ])("%s", (text, first, ...wanted) => {
    expect(questions(text).map(([stem, answer]) => [stem, answer.replace(/^two/, "Two")])).toContainEqual([first, ...wanted]);
  });
  it("asks for no year where two stand beside each other", () => {
    expect(questions("The population of the harbour rose from 2,000 in 1900 to 9,000 in 1950.").filter(([stem]) => /^In what year/.test(stem))).toEqual([]);
  });
  it("keeps the points of an abbreviation", () => {
    expect(questions("The U.S. bought the harbour in 1867.")).toContainEqual(["In what year did the U.S. buy the harbour?", "1867"]);
  });
  it("knows a unit by the number before it", () => {
    const tokens = tokenize("The m is 5 m high.");
    expect(tokens.map((_, at) => isUnitSign(tokens, at))).toEqual([false, false, false, false, true, false, false]);
    expect([unitName("km"), unitName("km/h"), unitName("p"), unitName("ft"), unitName("sail")]).toEqual(["kilometres", "km/h", "pence", "feet", undefined]);
  });
});

describe("dashes", () => {
  it.each([
    "The lamp – a gift from the king – was made of brass.",
    "The lamp—a gift from the king—was made of brass.",
    "The lamp - a gift from the king - was made of brass.",
    "The lamp – it had stood there for years – was made of brass.",
  ])("%s", (text) => {
    expect(questions(text)).toContainEqual(["What was the lamp made of?", "brass"]);
  });
  it("join two sentences", () => {
    expect(questions("It was a cold winter — the harbour froze for six weeks.")).toContainEqual(["For how many weeks did the harbour freeze?", "six"]);
  });
  it("open a report behind the place where it was written, which is left out", () => {
    expect(questions("SKERRY BAY – The harbour froze for six weeks.")).toContainEqual(["For how many weeks did the harbour freeze?", "six"]);
    expect(datelineLength(tokenize("NASA – a body for space – built the rocket."))).toBe(2);
    expect(datelineLength(tokenize("The harbour – it is old – froze."))).toBe(0);
  });
  it("and commas round an age are left out as well", () => {
    expect(questions("Ida Marrow, 71, mends the harbour lamp.")).toContainEqual(["What does Ida Marrow mend?", "the harbour lamp"]);
    const tokens = tokenize("In 1950, 120 boats came.");
    expect(tokens.some((_, at) => isOfAge(tokens, at))).toBe(false);
  });
  it("are no hyphens", () => {
    const tokens = tokenize("a well-known lamp - old");
    expect(tokens.map((_, at) => isDash(tokens, at))).toEqual([false, false, false, true, false]);
    expect(betweenDashes(tokenize("one – two – three – four – five six seven"))).toBeUndefined();
  });
  it("leave no mark at the end of an answer", () => {
    const { sentences } = analyse("The lamp – a gift – was lit.", "text");
    expect(sentences[0]!.tree).toBeDefined();
  });
});
