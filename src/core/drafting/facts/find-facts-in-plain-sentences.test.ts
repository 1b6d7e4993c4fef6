import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

const LIFE = "# Ida Marrow\n\nIda Marrow kept the light at Skerry Bay. She painted birds. Ida sold her pictures in town. ";

describe("how soon", () => {
  finds({
    "something begins": ["A herring begins to spoil within a day.", "How soon does a herring begin to spoil?", "within a day"],
    "something is over": ["Fish that are carried into the lake die within minutes.", "How soon do fish that are carried into the lake die?", "within minutes"],
  });
  neverAsks({ "within the walls of a town": ["The old market of Selm lies within the walls.", /^How soon/] });
});

describe("when this goes on", () => {
  finds({
    "while something still holds": [
      "A mangrove seed begins to grow while it still hangs on the tree.",
      "When does a mangrove seed begin to grow?",
      "while it still hangs on the tree",
    ],
    "only when": ["Bees sting only when they think that the hive is in danger.", "When do bees sting?", "only when they think that the hive is in danger"],
  });
  neverAsks({ "two things beside each other": ["Some sailors drink tea while others drink coffee.", /^When/] });
});

describe("by what means", () => {
  finds({
    "by hand": ["Before 1850 every shirt was sewn by hand.", "How was every shirt sewn before 1850?", "by hand"],
    "a deed that was told of": ["Clinton wanted to dig a canal. Most of the digging was done by hand.", "How was most of the digging done?", "by hand"],
  });
  neverAsks({ "a deed that nobody told of": ["The harbour is old. Most of the digging was done by hand.", /the digging/] });
});

describe("round numbers", () => {
  finds({
    "of what is measured": [
      "The roots of a grown tree can take up hundreds of litres of water in a day.",
      "How much water can the roots of a grown tree take up in a day?",
      "hundreds of litres",
    ],
    "of what is counted": ["Squirrels bury thousands of nuts in autumn.", "How many nuts do squirrels bury in autumn?", "thousands"],
    "of who does it": ["Billions of bacteria live in the mud of a pond.", "How many bacteria live in the mud of a pond?", "billions"],
    "of what is earned": ["Irish immigrants earned less than a dollar a day.", "How much did Irish immigrants earn a day?", "less than a dollar"],
    "how often in all": ["Hetherington was jailed three times.", "How many times was Hetherington jailed?", "three"],
    "as hot as": ["Sea water can be as hot as 400 degrees Celsius.", "How hot can sea water be?", "as hot as 400 degrees Celsius"],
    "a part of a second": ["A flash lasts only about a tenth of a second.", "How long does a flash last?", "only about a tenth of a second"],
    "years of an unnamed number": ["A small bulb can survive in dry soil for years.", "How long can a small bulb survive in dry soil?", "for years"],
  });
  neverAsks({
    "times as big": ["A whale is three times as heavy as a bus. It weighs ten times more than an elephant.", /How many times/],
    "a lens that magnifies": ["The third lens of Galileo magnified twenty times.", /How many times/],
    "what is worked out ahead": ["The tables are worked out for years ahead.", /^How long/],
  });
});

describe("ages", () => {
  finds({
    "when something was done by a year": [
      `${LIFE}By 1872, when she was thirty, Ida had mended every lamp.`,
      "How old was Ida when she had mended every lamp?",
      "thirty",
    ],
    "when something was done": [`${LIFE}Ida was thirty when she entered the college.`, "How old was Ida when she entered the college?", "thirty"],
    "by which something was so": [`${LIFE}By the age of five Ida was completely blind.`, "By what age was Ida completely blind?", "five"],
    "of a death, with more behind it": [`${LIFE}Ida Marrow died at forty-one, worn out by work.`, "At what age did Ida Marrow die?", "forty-one"],
  });
});

describe("where", () => {
  finds({
    "what lives there": ["Honeybees of all kinds live together in a hive.", "Where do honeybees of all kinds live together?", "in a hive"],
    "two places": ["Fossils of Mesosaurus are found in Brazil and in South Africa.", "Where are fossils of Mesosaurus found?", "in Brazil and in South Africa"],
    "somebody is sent to": [`${LIFE}In 1840 the board sent Ida to Harvard.`, "Where did the board send Ida?", "to Harvard"],
  });
  neverAsks({
    "in groups": ["Many small fish live in groups.", /^Where/],
    "inside what is somebody else's": ["Corals are animals. Inside their skin live millions of tiny algae.", /^Where do millions/],
  });
});

describe("what it was or is", () => {
  finds({
    "a thing of the past with a name": [
      "The Pony Express was a mail service that carried letters across the West.",
      "What was the Pony Express?",
      "a mail service that carried letters across the West",
    ],
    "a permission": ["A variance is permission to break one of the rules.", "What is a variance?", "permission to break one of the rules"],
    "the longest": [
      "For more than a century, the longest building in Skerry Bay was a wooden shed called the ropewalk.",
      "What was the longest building in Skerry Bay for more than a century?",
      "a wooden shed called the ropewalk",
    ],
    "one of the most important": [
      "A board runs the schools. One of the board's most important tasks is the budget. The budget is made in May.",
      "What is one of the board's most important tasks?",
      "the budget",
    ],
    "who is described in passing": [
      "The council hires a superintendent, who is the head of all the schools in the district.",
      "Who is the head of all the schools in the district?",
      "a superintendent",
    ],
    "what it was hard to do": [
      "In 1800 it was hard to carry goods from the farms of the West to the coast.",
      "What was it hard to do in 1800?",
      "carry goods from the farms of the West to the coast",
    ],
  });
  neverAsks({
    "poachers, to elephants": ["Poachers remain the greatest threat to elephants.", /remain to elephants/],
    "a person of the past": [`${LIFE}Bligh was a harsh captain who punished his men.`, /^What was Bligh/],
  });
});

describe("of the one person that a life tells of", () => {
  finds({
    "when she came home": [
      `${LIFE}When she came home, two million people lined the streets of New York.`,
      "How many people lined the streets of New York when Ida Marrow came home?",
      "two million",
    ],
    "what others said of her": [`${LIFE}Doctors said she would never walk again.`, "What did doctors say?", "that Ida Marrow would never walk again"],
    "what became of hers": [`${LIFE}In 1840 a fall injured her back.`, "What injured Ida Marrow’s back in 1840?", "a fall"],
    "where she was called back": [
      `${LIFE}In 1840 the board called her back for six months.`,
      "For how many months did the board call Ida Marrow back in 1840?",
      "six",
    ],
    "what she taught": [`${LIFE}For many years she taught deaf children to swim.`, "What did Ida Marrow teach deaf children to do for many years?", "swim"],
    "what somebody forgot": [`${LIFE}In March Ida had forgotten to put out the lamp.`, "What had Ida forgotten to do in March?", "put out the lamp"],
  });
});

describe("reasons behind what they do not belong to", () => {
  finds({
    "of what may be read": [
      "Witnesses may read everything that the police have collected, because nobody can answer what is kept secret.",
      "Why may witnesses read everything that the police have collected?",
      "because nobody can answer what is kept secret",
    ],
    "twice in the same town": [
      "A name may not be used twice in the same town, because an ambulance could be sent to the wrong place.",
      "Why may a name not be used twice in the same town?",
      "because an ambulance could be sent to the wrong place",
    ],
  });
});

describe("one, and another of the same", () => {
  finds({
    "the old one, of a new one": [
      "The harbour is old. A new tower was needed because the old one was too low.",
      "Why was a new tower needed?",
      "because the old one was too low",
    ],
    "what is claimed least": ["Gloves and umbrellas are claimed least often.", "What is claimed least often?", "gloves and umbrellas"],
    "cells by what they do": [
      "A dog's nose has up to 300 million cells that detect smells.",
      "How many cells that detect smells does a dog's nose have?",
      "up to 300 million",
    ],
    "with what somebody covers something": ["Ida Marrow covered her boat with tar.", "What did Ida Marrow cover her boat with?", "tar"],
    "what happens if you put something on": [
      "# Make a bowl\n\n1. Stir the paste.\n2. Lay the strips. If you put wet layers on top of each other, the paper may grow mould.\n3. Paint the bowl.",
      "What may happen if you put wet layers on top of each other?",
      "the paper may grow mould",
    ],
  });
  neverAsks({
    "the best one, of a dance": ["The scouts dance. All the scouts join the dance for the best one.", /best one/],
    "a second one, of nobody knows what": ["The zoo is small. The zoo says that a second one would be too expensive.", /second one/],
    "a distance, as what is covered": ["With a good wind a clipper covered more than four hundred kilometres a day.", /with\? = a good wind/],
    "what a clause inside goes on to tell": [
      "The water carries hydrogen sulfide, a gas that smells of rotten eggs and is poisonous to most animals.",
      /water (?:is )?poisonous/,
    ],
  });
});

const SKIPPERS =
  "# Mudskippers\n\nA mudskipper is a small fish. The mudskipper hops over the mud. A mudskipper eats worms. Every mudskipper has strong fins.\n\n";

describe("where, when and why of sorts", () => {
  finds({
    "where a sort lives": ["Mudskippers live on muddy shores in Africa and Asia.", "Where do mudskippers live?", "on muddy shores in Africa and Asia"],
    "how soon, with a when behind it": [
      "Most herring spoil within hours when the sun shines on the deck.",
      "How soon do most herring spoil when the sun shines on the deck?",
      "within hours",
    ],
    "before it does, of what the text is about": [
      `${SKIPPERS}How does a fish breathe on land? Before it leaves the sea, a mudskipper fills its gills with water.`,
      "When does a mudskipper fill its gills with water?",
      "before it leaves the sea",
    ],
    "why of the first of two deeds": [
      "# Burrows\n\nThe father guards the eggs in the mud. There is little oxygen in the mud, so the father swallows air at the surface and spits it out in the chamber.",
      "Why does the father swallow air at the surface?",
      "because there is little oxygen in the mud",
    ],
    "a slice that is cut off as well": [
      "# Grow cress\n\n1. Cut a slice off the top of the potato.\n2. Cut a thin slice off the bottom as well, so that the potato can stand by itself.\n3. Water the cress.",
      "Why should you cut a thin slice off the bottom?",
      "so that the potato can stand by itself",
    ],
  });
  neverAsks({
    "before it, of another thing": [
      `${SKIPPERS}The channel was very steep. If it was too wet, the mudskipper would sink.`,
      /if (?:a|the) mudskipper was too wet/,
    ],
    "a year, torn from what follows": ["Within a year five new papers appeared in cities outside London daily.", /a year five/],
    "when somebody wants to know": ["Before a bank lends money, it wants to know whether it will be paid back.", /^When does a bank want/],
    "a horn that nobody mended, as a thought": ["Captain Ruthven thought of the rocks. He thought of the horn that nobody had mended.", /= that nobody/],
    "around the springs, as who lived": ["# Vents\n\nAround the springs, in total darkness, lived giant clams, white crabs and long worms.", /did around/],
  });
});

describe("sorts and meanings", () => {
  finds({
    "what sort of bridge": ["Tower Bridge in London is a bascule bridge.", "What sort of bridge is Tower Bridge in London?", "a bascule bridge"],
    "a short meaning": ["An inquest is a public hearing.", "What is an inquest?", "a public hearing"],
    simply: ["A switch is simply a gap that you can open and close.", "What is a switch?", "a gap that you can open and close"],
    "a place where": [
      "A courtroom is a place where people settle a quarrel by rules instead of by force.",
      "What is a courtroom?",
      "a place where people settle a quarrel by rules instead of by force",
    ],
    "some and others": [
      "A bank is a business that takes in money from some people and lends money to others.",
      "What is a bank?",
      "a business that takes in money from some people and lends money to others",
    ],
    "those who are absent": [
      "A quorum is a rule. The council has a quorum. The quorum protects those who are absent.",
      "Whom does the quorum protect?",
      "those who are absent",
    ],
    "the only place, also": [
      "# The cinema\n\nThe cinema is also the only place in town where young people can spend a wet evening.",
      "What is the only place in town where young people can spend a wet evening?",
      "the cinema",
    ],
  });
  neverAsks({ "a judgement, as a sort": ["A ferry is a big problem. A pier is a good place.", /^What (?:sort|is a (?:ferry|pier))/] });
});

describe("whose, inside one sentence", () => {
  const story = (text: string) => `# The Lamp\n\n"Go!" said Jory. Jonna came. ${text} "Yes," said Jory, and he laughed.`;
  finds({
    "of whom the clause in front tells": [
      story("When Jonna was nine, her father became the keeper of the light."),
      "In the story, how old was Jonna when her father became the keeper of the light?",
      "nine",
    ],
    "of whom the sentence is about": [
      story("Jonna laughed so loudly that her father woke up."),
      "In the story, why did Jonna’s father wake up?",
      "because Jonna laughed very loudly",
    ],
    "what was the longest of all": [
      story("Both captains began to laugh, because it was the longest talk they had ever had."),
      "In the story, why did both captains begin to laugh?",
      "because it was the longest talk they had ever had",
    ],
  });
  neverAsks({ "where two may be meant": [story("Jonna called Mina so loudly that her father woke up."), /(?:Jonna|Mina)’s father/] });
});
