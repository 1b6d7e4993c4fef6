import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what something has", () => {
  finds({
    "of a part that is told exactly": [
      "The front edge of an owl's wing has a row of tiny stiff hairs, like the teeth of a comb.",
      "What does the front edge of an owl's wing have?",
      "a row of tiny stiff hairs",
    ],
  });
  neverAsks({
    "of what has more than one thing": ["The wing of an owl has a row of stiff hairs. The wing of an owl has a soft brown edge.", /What does the wing/],
    "where it is nothing one can see": ["The men of the town have a difficult job.", /difficult job/],
    "of a short name": ["The owl has a row of tiny stiff hairs.", /What does the owl have/],
  });
});

describe("what was once believed", () => {
  finds({
    "with that": ["People used to think that the brain switched off at night.", "What did people use to think?", "that the brain switched off at night"],
    "without that": ["Sailors used to believe the sea had an edge.", "What did sailors use to believe?", "that the sea had an edge"],
  });
  neverAsks({
    "of two beliefs": ["People used to think that fish sleep. Sailors used to believe that the sea had an edge.", /use to/],
    "of what somebody else believed": ["Ida used to believe this.", /use to/],
  });
});

describe("reasons", () => {
  finds({
    "with for behind a comma": ["Ordinary ink was useless, for it ran off the metal.", "Why was ordinary ink useless?", "because it ran off the metal"],
    "between subject and verb": [
      "Ida Marrow, because she was a stranger, was largely ignored.",
      "Why was Ida Marrow largely ignored?",
      "because she was a stranger",
    ],
    "of two verbs": [
      "Fish was kept in salt because bacteria need water, and salt draws water out.",
      "Why was fish kept in salt?",
      "because bacteria need water, and salt draws water out",
    ],
    "for a command behind so": [
      "Worms dislike light, so keep the box in a dark corner.",
      "Why should you keep the box in a dark corner?",
      "because worms dislike light",
    ],
    "for what one should not do": [
      "Do not eat the crystals, because the thread may be dirty.",
      "Why should you not eat the crystals?",
      "because the thread may be dirty",
    ],
  });
});

describe("purposes", () => {
  finds({ "of what somebody does": ["The crew dug a ditch to keep the water out.", "Why did the crew dig a ditch?", "to keep the water out"] });
  neverAsks({
    "where it only turned out so": ["Ida Marrow turned out to have a gift for the work.", /^Why/],
    "where somebody only found it so": ["After two years Ida Marrow came back to find the house empty.", /^Why/],
    "where it only happened": ["Ida Marrow grew up to become a keeper of the light.", /^Why/],
  });
});

describe("reasons that a writer counts", () => {
  const heading = "# The light should stay\n\nI believe that the light should stay. ";
  finds({
    "as reasons": [`${heading}The first reason is money. The second reason is time.`, "What is the second reason that the writer gives?", "Time"],
  });
  neverAsks({
    "where they are called something else": [
      `${heading}Parliament should pass a law with three demands. First, every boat must be open. Second, spare parts must be sold to anyone. Third, manuals must be free.`,
      /reason/,
    ],
  });
});

describe("what belongs to a verb", () => {
  finds({
    "behind its particle": ["Ash breaks down into rich soil.", "What does ash break down into?", "rich soil"],
    "behind its adverb": ["The island consists largely of two ridges.", "What does the island consist largely of?", "two ridges"],
  });
  neverAsks({
    "where it is the same as another's": ["Toothed whales discovered the same trick independently.", /same trick/],
    "where something is sent for something": ["Ida Marrow sent sheets for signatures to every part of the country.", /^What did/],
  });
});

describe("numbers", () => {
  finds({
    "from one to another": [
      "Children between six and twelve should sleep nine to twelve hours.",
      "How many hours should children between six and twelve sleep?",
      "nine to twelve",
    ],
  });
  neverAsks({
    "of a share": ["In Iceland hot water heats nine houses out of ten.", /How many/],
    "where what stands beside it is read as a deed": ["The lane would cost 12,000 euros, less than one small crossing with lights.", /crossing/],
    "of every sentence with a gap in it": ["Brazil issued stamps in 1843, the United States in 1847.", /18/],
  });
});

describe("times", () => {
  finds({ "by a date": ["The canal opened on 15 August 1914.", "When did the canal open?", "on 15 August 1914"] });
  neverAsks({
    "that hang on another": ["The cone of ash stood in the field by the next morning.", /next morning$/],
    "that tell how fast": ["New ideas crossed the whole continent in weeks.", /in weeks$/],
    "of which another part says which one": ["On Sunday a fire broke out in a bakery at one o'clock in the morning.", /= in the morning/],
    "torn from their measure": ["Louis Braille died in 1852, two years before France adopted his code.", /two years\? =/],
    "of what is only compared": ["In high mountains and near the poles, more snow falls each winter than the summer sun can remove.", /^How often/],
  });
});

describe("purposes behind an aside", () => {
  neverAsks({
    "never take it along": ["Ida Marrow rode out of Selm, on the north coast, to visit the old city.", /= on the north coast/],
  });
});

describe("what is said in passing of a place", () => {
  finds({
    "is no part of the question": ["The company wanted to grow tea in India, where land was cheap.", "What did the company want to do?", "grow tea in India"],
  });
});

describe("what stands behind a clause in front", () => {
  finds({
    "belongs to it": [
      "If the meadow is cut only once a year, in September, wild flowers will come back.",
      "What will happen if the meadow is cut only once a year?",
      "wild flowers will come back",
    ],
  });
});

describe("several verbs that are denied", () => {
  finds({
    "have one not": [
      "Because the laws do not change, energy cannot be created or destroyed.",
      "Why can energy not be created or destroyed?",
      "because the laws do not change",
    ],
  });
});

describe("feelings", () => {
  neverAsks({ "of people in general": ["After about an hour most people grow tired.", /feel/] });
});

describe("who and what something is", () => {
  finds({
    "of a people": [
      "The Romans were the greatest road builders of the ancient world.",
      "Who were the greatest road builders of the ancient world?",
      "the Romans",
    ],
  });
  neverAsks({
    "as one of what another sentence tells": ["Article 12 is the one that surprises many adults.", /What is Article 12/],
    "where it is said of a fourth": ["A third kind wraps prey, and a fourth protects the eggs.", /a fourth/],
    "where it is such a one": ["Such an explosion tore 400 metres off the mountain in 1980.", /such an/i],
    "of such a one": ["Wind is the greatest enemy of such a bridge.", /such a/],
    "where a kind is the newest of what": ["The newest kind delivers instructions to every cell.", /newest kind/],
    "with the help of something else": [
      "He built a machine that read holes in cards. With its help the census of 1890 was counted in less than three years.",
      /census/,
    ],
    "of what has a name beside another name": ["Ida Marrow saw the lighthouse of Alexandria, one of the seven wonders of the world.", /What is Alexandria/],
    "with her where a woman is told of": ["Ida Marrow drew a chart of the coast. A colleague dismissed her idea in 1950.", /her idea/],
    "with what went with something": ["Ida Marrow asked a hard question in the letter that went with it.", /went with it/],
    "of what does many things": [
      "Owls swallow small prey whole. Their stomachs cannot break down bones. The owl turns its head. An owl glides over a field. An owl hears a mouse. Silence helps an owl.",
      /What do owls do/,
    ],
  });
});

describe("a date in the middle of a sentence", () => {
  finds({
    "is asked for": [
      "# The petitions\n\nThe first large petition, in 1891, was signed by more than 9,000 women. The petition was long.",
      "In what year was the first large petition signed by more than 9,000 women?",
      "1891",
    ],
  });
});

describe("this and these", () => {
  finds({
    "are told by the noun before": [
      "The wing has a row of tiny stiff hairs. These hairs break the rushing air into small streams.",
      "What do the tiny stiff hairs break the rushing air into?",
      "small streams",
    ],
  });
  neverAsks({
    "and the answer never points back": ["The wing has a row of tiny stiff hairs. These hairs break the rushing air into small streams.", /= these hairs/],
  });
});
