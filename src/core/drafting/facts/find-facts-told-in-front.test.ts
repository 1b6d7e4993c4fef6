import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("a reason", () => {
  finds({
    "of what was so for a long time": [
      "For a long time glass was as precious as jewels, because each vessel had to be shaped by hand.",
      "Why was glass as precious as jewels for a long time?",
      "because each vessel had to be shaped by hand",
    ],
    "with an *it* that stands for what follows": [
      "The legs of a bat are thin and weak, because heavy bones would make it hard to fly.",
      "Why are the legs of a bat thin and weak?",
      "because heavy bones would make it hard to fly",
    ],
    "of what one may not do again": [
      "A pilot who missed his landing was not allowed to try again, because the next plane was right behind him.",
      "Why was a pilot who missed his landing not allowed to try again?",
      "because the next plane was right behind him",
    ],
    "told in front of what somebody wants": [
      "To save weight, mail companies wanted riders who weighed less than 125 pounds.",
      "Why did mail companies want riders who weighed less than 125 pounds?",
      "to save weight",
    ],
    "to make something better": [
      "Engineers have studied owls in order to build quieter fans.",
      "Why have engineers studied owls?",
      "in order to build quieter fans",
    ],
  });
  neverAsks({
    "what the grass is for": ["# Soil\n\nWithout grass to hold it down, the dry soil simply blew away.", /^Why|grass down/],
    "the same as another thing does": ["# The moon\n\nThe moon moves around the Earth in the same direction as the Earth turns.", /^What happens as/],
  });
});

describe("what stood in front, behind what it does not belong to", () => {
  neverAsks({
    "a second time": ["# The mill\n\nTora and Elin ran the mill together. When Elin died, Tora ran the mill alone until 1931.", /until 1931 when Elin/],
    "a comparison": [
      "# Ibn Battuta\n\nIbn Battuta was a traveller. Altogether Ibn Battuta had covered about 117,000 kilometres, more than anyone before the age of steam.",
      /steam altogether/,
    ],
  });
});

describe("which is the most", () => {
  finds({
    "of all": ["The Great Barrier Reef off Australia is the largest reef of all.", "What is the largest reef of all?", "the Great Barrier Reef off Australia"],
    "and when": ["REM sleep is longest shortly before we wake.", "When is REM sleep longest?", "shortly before we wake"],
  });
});

describe("what somebody is good at, refuses, gets", () => {
  finds({
    "good at": ["Marta Selwyn was especially good at maths.", "What was Marta Selwyn especially good at?", "maths"],
    "where, as a part of what is refused": [
      "Marta Selwyn refused to perform at shows where poor people were not allowed to enter through the same gate as rich people.",
      "What did Marta Selwyn refuse to do?",
      "perform at shows where poor people were not allowed to enter through the same gate as rich people",
    ],
    "colour from": ["Carrots and egg yolks get their colour from carotenoids, too.", "What do carrots and egg yolks get their colour from?", "carotenoids"],
    "what is true at first": [
      "At first the navy refused to buy the chart, because Reyne had never served at sea.",
      "Why did the navy refuse to buy the chart at first?",
      "because Reyne had never served at sea",
    ],
    "what things of three sorts hold": [
      "Wool, feathers and foam hold tiny pockets of air that cannot move.",
      "What do wool, feathers and foam hold?",
      "tiny pockets of air that cannot move",
    ],
    "where all of it is made": ["Pumice is made in a volcano.", "Where is pumice made?", "in a volcano"],
  });
});

describe("many who have one name", () => {
  finds({
    "are *they*": [
      "The Aztecs valued cacao so highly that they used the beans as money.",
      "Why did the Aztecs use the beans as money?",
      "because they valued cacao very highly",
    ],
  });
});

describe("what something is done to", () => {
  finds({
    "where it is first told of": [
      "The crew searched the sea. A rope was found trailing in the water behind the ship.",
      "What was found trailing in the water behind the ship?",
      "a rope",
    ],
    "of all of it": ["Glass can be recycled again and again without losing quality.", "What can be recycled again and again without losing quality?", "glass"],
  });
  neverAsks({
    somebody: ["# Gull Stack\n\nA keeper was washed from the rock in the storm of 1850.", /^What was washed/],
    "too little told": ["# Gull Stack\n\nA lamp was lit on the rock.", /^What was lit/],
  });
});

describe("what goes beyond all others", () => {
  finds({
    "a country": ["Switzerland holds more referendums than any other country.", "Which country holds more referendums than any other country?", "Switzerland"],
  });
  neverAsks({
    "what is feared": ["# Fog\n\nSailors know sea fog. Sailors fear it more than any other kind.", /^Which kind/],
  });
});

describe("what must happen, what would be wrong to think", () => {
  finds({
    "if many sign": [
      "A petition is a letter that many sign. If 50,000 citizens sign a petition within a hundred days, a law must be put to a vote.",
      "According to the writer, what must happen if 50,000 citizens sign a petition within a hundred days?",
      "a law must be put to a vote",
    ],
    "a mistake": [
      "It would be wrong, however, to think that a purring cat is always a happy cat.",
      "According to the passage, what would it be wrong to think?",
      "that a purring cat is always a happy cat",
    ],
    "with two times in a reason": [
      "Because the muscles work both when a cat breathes in and when it breathes out, a cat hardly ever stops for breath.",
      "Why does a cat hardly ever stop for breath?",
      "because the muscles work both when a cat breathes in and when it breathes out",
    ],
  });
  neverAsks({
    "how soon others have to sign": [
      "# Votes\n\nA petition is a letter. If 50,000 citizens sign a petition within a hundred days, a law must be put to a vote.",
      /^How soon/,
    ],
    "how long somebody was to stay": [
      "# The ship\n\nCaptain Benjamin Briggs feared an explosion. Captain Briggs may have ordered everyone into the lifeboat until the air had cleared.",
      /^Until when/,
    ],
    "another name, in passing": ["# Votes\n\nA change must win in a majority of the cantons, as the Swiss states are known.", /as the Swiss states/],
    "a more likely explanation": ["# The ship\n\nPeople have blamed pirates. A more likely explanation lies in the barrels.", /more likely/],
  });
});
