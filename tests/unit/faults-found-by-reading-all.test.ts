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

neverDrafts({
  "of phrases that were torn": {
    "insects no longer than a grain": [
      "# Termites\n\nTowers of earth are built by termites, insects no longer than a grain of rice. Termites cannot digest wood.",
      /no longer than a grain of rice\?/,
    ],
    "copies about a microscope": ["# Ida\n\nIda Marrow printed 250 copies of a book about the microscope at her own cost.", /print about the microscope/],
    "places that are hard": [
      "# Drones\n\nDrones take pictures of places that are hard to reach. Inspectors tap the concrete with a hammer because healthy concrete rings.",
      /What are drones|pictures of places that are hard\?/,
    ],
    "a floor and what it is instead": [
      "# Lockers\n\nI think that the school should bring back the lockers. The lockers could stand on each floor instead of in one row by the entrance.",
      /What could the lockers stand on\?/,
    ],
    "who taught at": ["# Mary\n\nMary Ward was born in 1827. Mary Ward was taught at home by a governess.", /taught at Mary/],
    "a date and another without a comma": [
      "# Bounty\n\nOn 28 April 1789, three weeks after the ship had left the island, Fletcher Christian took command.",
      /1789 three weeks/,
    ],
  },
  "of what is left open": {
    "times as many as what": [
      "# Skating\n\nFootball causes four times as many broken bones. The council built a park in 2015 because the street was dangerous.",
      /four times as many/,
    ],
    "as much as a litre, of what": [
      "# Fish\n\nA litre of air contains about thirty times as much as a litre of cold water. A fish breathes through gills because it has no lungs.",
      /thirty times as much/,
    ],
    "the ropes of the largest": [
      "# Bridges\n\nVillages nearby had to replace the ropes of the largest every year. Rope makers twisted the ropes from grass because grass was cheap.",
      /the largest/,
    ],
    "two prohibitions, each as right": [
      "# A jury\n\nJurors must not discuss the case with anyone outside the jury, and they must not look for information on the internet.",
      /What must jurors not do/,
    ],
  },
});

describe("what somebody may not do", () => {
  finds({
    "by a rule": ["Pupils may not bring phones to school.", "What may pupils not do?", "bring phones to school"],
    "by what was not allowed": ["Women were not allowed to vote in elections.", "What were women not allowed to do?", "vote in elections"],
    "by an office": [
      "A council may not decide on anything that is not on the agenda.",
      "What may a council not do?",
      "decide on anything that is not on the agenda",
    ],
  });
});

describe("what somebody can do", () => {
  finds({
    "on a condition": ["If you are in a hurry, you can press flowers with an iron.", "What can you do if you are in a hurry?", "press flowers with an iron"],
  });
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
