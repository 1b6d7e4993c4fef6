import { describe, expect, it } from "vitest";
import { rankedCandidates } from "@/core/drafting/candidates";
import { asked, finds } from "../support/fact-tester";
import { neverDrafts } from "../support/fault-tester";
import { analyse } from "../support/language-tools";

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
      "# Bees\n\nTrembling makes bees thirsty and fills their bodies with waste. Because they never dirty the hive, they wait for a mild day, sometimes for six weeks. Then they all fly out at once.",
      /How long do they wait/,
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
      "# How a Fish Breathes\n\nA fish needs oxygen, but it takes it from water. Water holds far less oxygen than air does: a litre of air contains about thirty times as much as a litre of cold water. Warm water holds even less. A fish breathes through gills because it has no lungs.",
      /thirty times as much/,
    ],
    "the ropes of the largest": [
      "# Bridges\n\nVillages nearby had to replace the ropes of the largest every year. Rope makers twisted the ropes from grass because grass was cheap.",
      /the largest/,
    ],
    "two prohibitions, each as right": [
      "# What a Jury Does\n\nA jury is a group of citizens who decide whether somebody is guilty.\n\nJurors must not discuss the case with anyone, and they must not look for information on the internet.",
      /what must jurors not do/i,
    ],
  },
});

neverDrafts({
  "of what was read wrongly": {
    "each of something else, with the verb left out": [
      "# Quipus\n\nThe colour of a cord showed what was being counted: yellow might stand for gold, white for silver, and red for soldiers. Numbers were shown by knots.",
      /What might yellow stand for/,
    ],
    "only the men who were called so": [
      "# Quipus\n\nOnly specially trained men could tie and read quipus. They were called quipucamayocs, and every town had at least one.",
      /Only specially trained men were called/,
    ],
    "something that few can do": [
      "# How a Car Ferry Works\n\nA car ferry has to do something that few other ships can do: it must open its hull to let cars drive in. The opening is closed by a bow door, a huge steel flap at the front.\n\nTo turn in a narrow harbour, a ferry uses bow thrusters. A ferry uses bow thrusters to turn in a narrow harbour.",
      /What does a car ferry have to do/,
    ],
    "lawyers who accuse anybody": ["# An inquest\n\nAn inquest is a public hearing. There are no lawyers who accuse anybody.", /^There are lawyers/],
    "whose buses, before anybody is named": [
      "# A coroner\n\nA coroner wrote to a company about a door that had no sensor. The company changed the doors of all its buses.",
      /its buses were changed/,
    ],
    "a name in passing without its last comma": [
      "# The bore\n\nA wave called a bore rushes inland against the current, sometimes for more than twenty miles. Surfers wait for it.",
      /miles is called/,
    ],
    "how many years old": ["# The coroner\n\nThe office of the coroner is more than eight hundred years old.", /How many years old/],
    "nine of them, of nobody knows whom": [
      "# A quorum\n\nThe council has twenty-one members. Only nine of them came to a meeting in 2016. They wanted to vote on a new harbour fee.",
      /nine of them want|of them want/,
    ],
    "shutters that were passed": [
      "# Willett\n\nWilliam Willett was riding his horse through the woods. It was early, the sun was shining, and in all the houses he passed the shutters were closed.",
      /passed the shutters were/,
    ],
    "forward and in autumn": [
      "# The clocks\n\nA builder wrote a booklet because he loved daylight. In spring the clocks could be put forward and in autumn back again.",
      /^(?:When could|The clocks).*forward and in autumn/,
    ],
    "an idea that somebody had": ["# Willett\n\nIn 1905 William Willett was riding his horse through the woods. He had an idea.", /had an idea/],
    "one of three things that it needs": [
      "# Plants\n\nA plant needs three things to make food. First, it needs water, which its roots take up from the soil. Second, it needs air.",
      /What does it need\?/,
    ],
    "help and among them": ["# Help\n\nEleven people have already offered to help, among them two engineers and a tailor.", /among them/],
    "half of what is said": [
      "# The loom\n\n“Before you may touch the loom,” said the weaver, “you must bring me a thread.” The girl nodded. “I shall find one,” said the girl. She walked to the stream, and she cried. He was a proud man.",
      /touch the loom\./,
    ],
    "the ninth, of whom": [
      "# The hall\n\nNine apprentices had asked for thread. The ninth stood at the window. A weaver wove cloth because merchants bought it.",
      /did the ninth|the ninth stood .*= true/i,
    ],
  },
});

neverDrafts({
  "of who is meant": {
    "officials who were paid": [
      "# A strike\n\nThe workers put down their tools. The officials offered them a plate of cakes. On the third day they were paid. Workers go on strike because they want higher wages.",
      /officials were paid/,
    ],
    "a strike that is empty": [
      "# A strike\n\nMany unions have a fund. Members fill this fund with their fees. If it is empty, a strike cannot last long. Soldiers are not allowed to strike.",
      /strike cannot last long if it is empty/,
    ],
    "skates small for anyone": [
      "# The key\n\nThe lake froze every winter. In the chest the children found nothing but a pair of skates, two sizes too small for anyone.",
      /skates small/,
    ],
    "a room that was switched on": [
      "# Ultrasound\n\nThe physicist had built a machine that could pick up very high sounds. When it was switched on, the silent room was full of noise.",
      /room.* when it was switched on/,
    ],
  },
  "of claims": {
    "what a writer does and thinks": [
      "# Why I Let My Lawn Grow\n\nMy neighbour thinks that I am lazy. I do it on purpose, and I think that every garden should have a wild corner.\n\nA lawn that is cut every week is a desert. Tall grass helps the soil because long blades shade the ground.",
      /I do it on purpose/,
    ],
  },
});

describe("weather in front", () => {
  finds({
    "is no other thing": [
      "Children use the yard in every break. When it rains, nobody may play football, because wet balls break windows.",
      "Why may nobody play football when it rains?",
      "because wet balls break windows",
    ],
  });
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

describe("an option for what something is called", () => {
  const text = `# How a Car Ferry Works

A car ferry must open its hull to let cars drive in. The opening is closed by a bow door, a huge steel flap at the front. Heavy trucks go to the lowest deck.

While trucks roll on board, the ship would tilt. Pumps therefore move water between tanks on the left and the right until the ship is level again. This water is called ballast.

In 1987 a ferry left the harbour with its bow door open. Water flooded the car deck, and the ship turned over.`;
  it("is of the sort that the question names", () => {
    const called = rankedCandidates(analyse(text, "markdown"), 1).filter(({ candidate }) => /What is this water called/.test(candidate.stem));
    expect(called.map(({ candidate }) => candidate.key)).toContain("Ballast");
    expect(called.flatMap(({ candidate }) => candidate.distractors).filter((option) => /door|deck|ferry/.test(option))).toEqual([]);
  });
});

describe("a short sentence", () => {
  finds({
    "that says what is eaten": ["Snails are slow. Snails eat leaves and fruit.", "What do snails eat?", "leaves and fruit"],
    "that says what is needed": ["Plants are alive. All living things need energy.", "What do all living things need?", "energy"],
  });
  it("says too little with other verbs", () => {
    expect(asked("Bakers like flour. Keepers keep lamps.")).toEqual([]);
  });
});

describe("how old", () => {
  finds({
    "an office is": [
      "The harbour wall of Skerry Bay is more than eight hundred years old.",
      "How old is the harbour wall of Skerry Bay?",
      "more than eight hundred years",
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
