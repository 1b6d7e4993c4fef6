import { describe, expect, it } from "vitest";
import { askedLed, finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("on what condition something may be done", () => {
  finds({
    "what is forbidden unless": [
      "# Treaties\n\nIn most democracies the government cannot ratify a treaty unless parliament has approved it.",
      "On what condition can the government ratify a treaty in most democracies?",
      "only if parliament has approved it",
    ],
    "what is allowed but only then": [
      "# A law\n\nThe council can still turn the plan into a rule, but only if two thirds of the members vote for it.",
      "Under what condition can the council still turn the plan into a rule?",
      "only if two thirds of the members vote for it",
    ],
    "what may not be": [
      "# The harbour\n\nA ship may not enter the harbour unless the pilot is on board.",
      "On what condition may a ship enter the harbour?",
      "only if the pilot is on board",
    ],
  });
  neverAsks({
    "what comes of it otherwise": ["# The harbour\n\nThe ferry leaves at six unless the wind is too strong.", /On what condition/],
  });
});

describe("what a name means", () => {
  finds({
    "a name of its own": [
      "# Krakatoa\n\nA new volcano appeared. The local people call it Anak Krakatau, which means “child of Krakatoa”.",
      "What does “Anak Krakatau” mean?",
      "“child of Krakatoa”",
    ],
    "a word of another language": [
      "# Windows\n\nThe English name comes from the Norse word vindauga, which means “wind eye”.",
      "What does the Norse word “vindauga” mean?",
      "“wind eye”",
    ],
  });
  neverAsks({ "a thing that means something": ["# Bells\n\nThe keeper rang the bell, which means that the fog is thick.", /What does “/] });
});

describe("at what temperature", () => {
  finds({
    "by a sign": ["# Candles\n\nBeeswax melts at 62 °C.", "At what temperature does beeswax melt?", "62 °C"],
    "in words": [
      "# Enzymes\n\nMost enzymes work best at about 37 degrees Celsius.",
      "At what temperature do most enzymes work best?",
      "about 37 degrees Celsius",
    ],
  });
  neverAsks({ "how many of the sign": ["# Candles\n\nThe wax was heated to 70 °C.", /how many °C/] });
});

describe("what is said whole", () => {
  finds({
    "two things": [
      "# The paper\n\nThe editors say that paper is old-fashioned and that printing costs four hundred dollars a year.",
      "What do the editors say?",
      "that paper is old-fashioned and that printing costs four hundred dollars a year",
    ],
    "three things": [
      "# The paper\n\nThe editors say that paper is old-fashioned, that printing costs money, and that everybody has a screen.",
      "What do the editors say?",
      "that paper is old-fashioned, that printing costs money, and that everybody has a screen",
    ],
    "no more than that": [
      "# Treaties\n\nA signature only shows that the state means to join the treaty.",
      "What does a signature show?",
      "only that the state means to join the treaty",
    ],
    "how easily": [
      "# Skin\n\nScientists suspect that wrinkled skin is less sensitive and more easily hurt.",
      "What do scientists suspect about wrinkled skin?",
      "that wrinkled skin is less sensitive and more easily hurt",
    ],
    "those who did it, both": [
      "# Skin\n\nIn the 1930s two surgeons, Thomas Lewis and George Pickering, were treating patients with a damaged nerve.",
      "Who was treating patients with a damaged nerve in the 1930s?",
      "Thomas Lewis and George Pickering",
    ],
    mostly: [
      "# Treaties\n\nMost treaties are kept most of the time, because every state needs partners.",
      "Why are most treaties kept most of the time?",
      "because every state needs partners",
    ],
  });
});

describe("what the sentence before told, by a noun for the whole of it", () => {
  const TOLD = "# Treaties\n\nEvery new treaty is registered with the United Nations. The rule was introduced after the war to prevent secret treaties.";
  it("is asked for with that sentence in front", () => {
    expect(askedLed(TOLD)).toContainEqual([
      "Read: “Every new treaty is registered with the United Nations.” Why was the rule introduced after the war?",
      "to prevent secret treaties",
    ]);
  });
  it("is left alone where the noun was used before", () => {
    expect(askedLed(TOLD.replace("Every new", "The state made a rule. Every new")).filter(([stem]) => stem.includes("the rule"))).toEqual([]);
  });
});

describe("what hangs on another clause and yet was so", () => {
  finds({
    "a year": [
      "# Maps\n\nWhen Marie Tharp was hired by a laboratory in 1948, women were not allowed on its ships.",
      "In what year was Marie Tharp hired by a laboratory?",
      "1948",
    ],
    "how long, under because": [
      "# The library\n\nThe library was needed, because three families slept between the bookshelves for six weeks.",
      "For how many weeks did three families sleep between the bookshelves?",
      "six",
    ],
    "what else is so": ["# Glass\n\nThe cables carry light, while glass fibres have replaced the copper.", "What have glass fibres replaced?", "the copper"],
  });
  neverAsks({
    "what is supposed": ["# Maps\n\nIf Marie Tharp was hired in 1948, the ships were closed.", /In what year/],
    "what would be": ["# Maps\n\nWhen the ship sails in 1948, women would go too.", /In what year/],
    "every time": ["# Looms\n\nEach time Ida Marrow broke three threads, the loom stopped.", /How many threads/],
    "even if": ["# Looms\n\nThe loom ran even when Ida Marrow broke three threads.", /How many threads/],
  });
});

describe("what somebody had to do, and was charged with", () => {
  finds({
    "a task": [
      "# Maps\n\nMarie Tharp worked in New York. Tharp's task was to turn the numbers into maps.",
      "What was Tharp's task?",
      "to turn the numbers into maps",
    ],
    "a deed": [
      "# The court\n\nIn 1961 Clarence Gideon was charged with breaking into a pool hall and stealing some coins.",
      "What was Clarence Gideon charged with in 1961?",
      "breaking into a pool hall and stealing some coins",
    ],
    "whom something comes from": [
      "# Genes\n\nThe gene had been inherited from the Denisovans, an extinct kind of human.",
      "Who had the gene been inherited from?",
      "the Denisovans",
    ],
    "a number that has a number": ["# Help\n\nThe number 911 was introduced in 1968.", "In what year was the number 911 introduced?", "1968"],
    "one of those who cannot have one": [
      "# The court\n\nA public defender is a lawyer who works full-time for people who cannot afford one.",
      "What is a public defender?",
      "a lawyer who works full-time for people who cannot afford one",
    ],
    "below zero": ["# Ice\n\nSkating works best at minus seven degrees.", "At what temperature does skating work best?", "minus seven degrees"],
    "by a name": [
      "# The penny post\n\nIn 1837 a schoolmaster named Rowland Hill published a pamphlet on the post.",
      "Who published a pamphlet on the post in 1837?",
      "Rowland Hill",
    ],
  });
});

describe("what came of something, by its reason", () => {
  finds({
    "of the past": [
      "# Rabbits\n\nThe rabbits ate the grass down to the roots, so that sheep starved in the fields.",
      "Why did sheep starve in the fields?",
      "because the rabbits ate the grass down to the roots",
    ],
    "of always": [
      "# Fingers\n\nThe grooves lead water away from the fingertip, so that more skin touches the object.",
      "Why does more skin touch the object?",
      "because the grooves lead water away from the fingertip",
    ],
  });
  neverAsks({
    "what somebody wanted": ["# Keepers\n\nThe keepers wore aprons so that the buttons would not scratch the glass.", /Why would the buttons/],
    "what is told to do": ["# A kite\n\nTie the sticks together, so that the sail is flat.", /Why is the sail/],
  });
});

describe("how long, when, and where in a story", () => {
  finds({
    "how long somebody went without": [
      "# The wolf\n\nThat week the wolf came down from the mountains. The wolf had not eaten for four days.",
      "For how many days had the wolf not eaten?",
      "four",
    ],
    "when something may happen": [
      "# Dogs\n\nPeople with diabetes may faint when the level of sugar in their blood drops too low.",
      "When may people with diabetes faint?",
      "when the level of sugar in their blood drops too low",
    ],
    "louder than the rest": [
      "# The goat\n\nOne bell rang louder than the rest, because the goat was afraid of the wolf.",
      "Why did one bell ring louder than the rest?",
      "because the goat was afraid of the wolf",
    ],
  });
});
