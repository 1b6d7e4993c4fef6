import { describe, expect, it } from "vitest";
import { asked, finds } from "../support/fact-tester";
import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly, found by reading candidates of every passage, wanted or not. */
neverDrafts({
  "of times and places": {
    "a day told twice": [
      "# Syrup\n\nOn 15 January 1919, an unusually warm winter day, the people of Boston heard a deep rumble. A tank had burst.",
      /rumble an unusually/,
    ],
    "a feast for a place": ["# Louis\n\nOn New Year's Eve in 1912 Louis Armstrong fired a pistol into the air. A band played.", /^Where did Louis/],
    "several places and what was there": [
      "# Pompeii\n\nWhen workers began to dig in 1748, they found loaves of bread in the ovens, election slogans on the walls and eggs on the tables.",
      /^Where did workers find loaves/,
    ],
    "a day that somebody waits for": [
      "# Bees\n\nTrembling fills the bodies of bees with waste. Bees wait for a mild day, sometimes for six weeks, and fly out together.",
      /^How long do bees wait/,
    ],
    "how long, in two parts": [
      "# Spyros\n\nLouis ran into the stadium, covered with dust. Louis had needed two hours, fifty-eight minutes and fifty seconds.",
      /How many (?:minutes|seconds|hours)|Which three things/,
    ],
  },
  "of lists and likenesses": {
    "deeds for things": [
      "# Wind\n\nPeople have used the wind for thousands of years. The wind pushed the sails of ships, ground grain and pumped water.",
      /What did the wind push\?/,
    ],
    "a likeness for what happens": ["# Bridges\n\nSome bridges are high. However, ships can only be as tall as the towers allow.", /What happens as/],
    "some for all": [
      "# Sleep\n\nLight keeps us awake. People who sleep in bright rooms make less melatonin, so they sleep badly.",
      /^Why do people sleep badly/,
    ],
  },
});

describe("a reason", () => {
  finds({
    "that says as much as": [
      "A ship floats because it pushes aside water that weighs as much as the ship itself.",
      "Why does a ship float?",
      "because it pushes aside water that weighs as much as the ship itself",
    ],
    "that says the same of each": [
      "A pendulum works because each swing takes the same time.",
      "Why does a pendulum work?",
      "because each swing takes the same time",
    ],
    "for what is done too": [
      "The boys of Sparta trained hard. Girls trained, too, because the Spartans believed that strong women would have strong children.",
      "Why did girls train?",
      "because the Spartans believed that strong women would have strong children",
    ],
  });
  it("is never the same as something that another sentence told", () => {
    expect(asked("The crab swims. The lobster is slow because the shell has the same weight.").filter(([stem]) => /^Why/.test(stem))).toEqual([]);
  });
});
