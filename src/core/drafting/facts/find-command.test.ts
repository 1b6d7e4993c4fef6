import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

/** Commands under a title that makes them steps. */
function steps(...lines: string[]): string {
  const all = [...lines, "Put the lid on the tin.", "Take out the paper.", "Close the window."];
  return `# How to Make a Rain Gauge\n\nA rain gauge shows how much rain has fallen.\n\n${all.map((line, index) => `${index + 1}. ${line}`).join("\n")}\n`;
}

describe("what to see to", () => {
  finds({
    "what to check first": [
      steps("Check that the bottle is empty before you shake it."),
      "What should you check before you shake it?",
      "that the bottle is empty",
    ],
    "what to ask an adult": [steps("Ask an adult to cut the top off the bottle."), "What should you ask an adult to do?", "cut the top off the bottle"],
  });
  neverAsks({
    "one of two things to ask": [
      steps("Ask an adult to cut the top off the bottle.", "Ask a friend to hold the ruler beside the bottle."),
      /^What should you ask/,
    ],
    "what to do now": [steps("Now ask a friend to hold the ruler beside the bottle."), /now ask/],
  });
});

describe("when and where to do it", () => {
  finds({
    "at the same time": [steps("Read the gauge at the same time every day."), "When should you read the gauge?", "at the same time every day"],
    "never then": [steps("Never move the gauge while it is raining."), "When should you never move the gauge?", "while it is raining"],
    "in a season": [
      steps("In winter, bring the gauge indoors when frost is forecast."),
      "When should you bring the gauge indoors in winter?",
      "when frost is forecast",
    ],
    "how far": [
      steps("Bend down until your eyes are level with the water, because looking from above gives a reading that is too high."),
      "How far should you bend down?",
      "until your eyes are level with the water",
    ],
    "how long": [steps("Stir the paint until it is smooth."), "How long should you stir the paint?", "until it is smooth"],
    "a place told twice": [
      steps("Stand your gauge in an open place, away from trees and walls."),
      "Where should you stand your gauge?",
      "in an open place, away from trees and walls",
    ],
    "a place and what it is not": [
      steps("Put the bottle in a bright spot but out of direct sunlight."),
      "Where should you put the bottle?",
      "in a bright spot but out of direct sunlight",
    ],
  });
  neverAsks({
    "how often at the same time": [steps("Read the gauge at the same time every day."), /^How often/],
    "alone, as a time": [steps("Never rely on the gauge alone when a storm is coming."), /= alone/],
  });
});

describe("what goes into what, and why", () => {
  finds({
    "what is poured": [steps("Pour the warm milk into the bowl."), "What should you pour into the bowl?", "the warm milk"],
    "a thicker one, if this one tears": [steps("If the paper tears, use a thicker sheet."), "What should you do if the paper tears?", "use a thicker sheet"],
    "a reason behind what comes first": [
      steps("Let the lamp cool down completely before you touch it, because the glass stays hot for a long time."),
      "Why should you let the lamp cool down completely before you touch it?",
      "because the glass stays hot for a long time",
    ],
  });
  neverAsks({
    "one of two things that go there": [steps("Pour the warm milk into the bowl.", "Add the sugar to the bowl."), /^What should you (?:pour|add)/],
  });
});

describe("what somebody says, and of what", () => {
  finds({
    "what is so": [
      "# Cash\n\nA shop in the town takes cards only. The company argues that cash is slow.",
      "What does the company argue about cash?",
      "that cash is slow",
    ],
    "what there is": [
      "# The harbour\n\nThe harbour is old. The mayor believes that there will be pilots for a long time yet.",
      "What does the mayor believe about pilots?",
      "that there will be pilots for a long time yet",
    ],
    "what somebody should do": [
      "# The library\n\nThe library is closed. Mr Pell thinks that the council should open the library on Sundays.",
      "What does Mr Pell think the council should do?",
      "open the library on Sundays",
    ],
    "what should be so": [
      "# The break\n\nThe break is short. Mr Pell thinks that the break should last half an hour.",
      "What does Mr Pell think about the break?",
      "that the break should last half an hour",
    ],
  });
  neverAsks({
    "one of two things that are said": [
      "# The paper\n\nThe paper is old. The editors say that paper is old-fashioned and that printing costs a lot.",
      /about paper/,
    ],
  });
});

describe("a condition that is told as something missing", () => {
  finds({
    "if it were not for": [
      "# Bread and flour\n\nYeast makes a gas in the dough. The gas would simply escape into the air if it were not for the flour.",
      "What would happen if it were not for the flour?",
      "the gas would simply escape into the air",
    ],
  });
});

describe("shares, ages and what comes of a condition", () => {
  finds({
    "how many of so many": [
      "# The school\n\nThe school has a library. Last spring 64 of the 210 pupils at the school had no desk.",
      "How many of the 210 pupils at the school had no desk last spring?",
      "64",
    ],
    "at what age, in words": [
      "# Ida Marrow\n\nIda Marrow was a keeper. Ida Marrow went to sea at sixteen.",
      "At what age did Ida Marrow go to sea?",
      "sixteen",
    ],
    "its visitors, of what the condition names": [
      "# The museum\n\nThe museum is old. When the museum began to open on Sundays, the number of its visitors rose by a third.",
      "What happened when the museum began to open on Sundays?",
      "the number of its visitors rose by a third",
    ],
    "so cold that nobody could hold it": [
      "# The rope\n\nThe rope lay on the quay. The rope was so cold that Ida Marrow could hardly hold it.",
      "Why could Ida Marrow hardly hold the rope?",
      "because the rope was very cold",
    ],
    "what a deed costs": [
      "# The library\n\nThe library is closed. Opening the library on Sundays would cost about £9,000 a year.",
      "How much would opening the library on Sundays cost a year?",
      "about £9,000",
    ],
  });
  neverAsks({
    "each of so many": ["# The octopus\n\nThe octopus has eight arms. Each of the eight arms is covered with suckers.", /^How many of/],
    "an hour as an age": ["# The shop\n\nIda Marrow keeps a shop. Ida Marrow leaves the shop at nine.", /^At what age/],
  });
});

describe("what is announced and counted, and shares of what is told of", () => {
  const JOBS =
    "# The council\n\nThe council has three main jobs. First, it makes local laws. Second, it approves the budget of the town. Third, the council keeps an eye on the parks.";
  finds({
    "the first of three jobs": [JOBS, "What is the first of the three main jobs of the council?", "it makes local laws"],
    "the third of them": [JOBS, "What is the third of the three main jobs of the council?", "the council keeps an eye on the parks"],
    "a way to do something": [
      "# Why we sleep\n\nSleep helps the body. Here are two ways to sleep better. First, turn off screens an hour before bedtime. Second, keep your bedroom cool and dark.",
      "What is the second of the two ways to sleep better?",
      "keep your bedroom cool and dark",
    ],
    "the last of them, by another word": [
      JOBS.replace("Third,", "Finally,"),
      "What is the last of the three main jobs of the council?",
      "the council keeps an eye on the parks",
    ],
    "a share of an object": ["# The island\n\nForests cover about a third of the island.", "What share of the island do forests cover?", "about a third"],
    "a thing by its name": [
      "# Sleep\n\nA chemical called growth hormone is released mainly at night. It repairs muscles.",
      "What does growth hormone repair?",
      "muscles",
    ],
  });
  neverAsks({
    "the first of two where three were announced": [JOBS.replace(/ Third,.*/, ""), /^What is the (?:first|second) of/],
    "what is not noticed, with nothing noticed": ["# Germs\n\nGerms are small. Most people do not notice, because the body fights germs.", /not notice/],
    "a reason of two sentences, behind another opening": [
      "# Coral\n\nAlgae use sunlight. In return, the polyps give the algae shelter. For this reason most reefs are found in clear, shallow water.",
      /^Why are most reefs/,
    ],
    "a share of a unit": ["# Rust\n\nRust eats about a tenth of a millimetre a year.", /^What share/],
    "hours of what": ["# Sleep\n\nSleep helps. Children between 6 and 12 need 9 to 12 hours.", /9 to 12/],
    "what came of being sure, as a reason": [
      "# The barcode\n\nWoodland was an engineer. Woodland was so sure that a solution could be found that he quit his job.",
      /^Why could a solution/,
    ],
    "a reason of two sentences, by the second alone": [
      "# Coral\n\nAlgae use sunlight to make sugar. In return, the polyps give the algae shelter. That is why most reefs are found in clear, shallow water.",
      /^Why are most reefs/,
    ],
  });
});
