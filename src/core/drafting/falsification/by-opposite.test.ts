import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { byBound } from "./by-bound";
import { byOpposite, falsifyReason } from "./by-opposite";

describe("a reason with one word turned round", () => {
  it.each([
    ["because the channel is too shallow at other times", "because the channel is too deep at other times"],
    ["because the wind is stronger high above the ground", "because the wind is weaker high above the ground"],
    ["because the river flows faster in spring", "because the river flows slower in spring"],
  ])("%s", (reason, wanted) => {
    expect(falsifyReason(reason)).toEqual([wanted]);
  });

  it.each([
    ["says what is so and what is not", "because the water is warmer and the air is colder"],
    ["compares with something", "because the wind is stronger than the current"],
    ["has no word with an opposite", "because the keeper was asleep"],
    ["denies", "because the water is not warmer in spring"],
  ])("is none where the reason %s", (_, reason) => {
    expect(falsifyReason(reason)).toEqual([]);
  });
});

const changed = (text: string) => {
  const analysis = analyse(text);
  return stockSource(analysis).statements.flatMap((statement) => [...byOpposite(statement, analysis), ...byBound(statement)].map((found) => found.text));
};

describe("an opposite, a limit or an amount", () => {
  it.each([
    ["is told elsewhere of the same", "The tide rises in the bay. Twice a day the tide falls."],
    ["is told of the other time as well", "Bats hunt moths at night. Some bats fly during the day."],
    ["is fallen into", "Last night Tom fell asleep."],
    ["goes with what it is done for", "Ida Marrow opened her mouth to shout."],
    ["goes with what follows", "The walls are too thick to be cut."],
    ["stands in one half of two", "The paper is large and smooth."],
    ["belongs to a relative clause", "A bridge that costs more than forty pounds needs a vote."],
    ["may be so and may not", "The boat can carry more than forty people."],
    ["is measured in no number", "The boat carried more than enough people."],
    ["is a share beside another thing", "Each man received an ounce of bread and a quarter of a pint."],
    ["is reported", "The council says that ships no longer need the horn."],
    ["is a number of times that nobody counts", "The keeper rang the bell more than once."],
  ])("is not turned round where it %s", (_, text) => {
    expect(changed(text)).toEqual([]);
  });
});
