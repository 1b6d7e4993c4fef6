import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what stands in a question is whole", () => {
  finds({
    "a condition with what somebody is accused of": [
      "When a person is accused of a crime, the case is heard in a court.",
      "What happens when a person is accused of a crime?",
      "the case is heard in a court",
    ],
    "a time in two phrases": [
      "By dawn on the third day Ida Marrow had finished the lamp.",
      "By when had Ida Marrow finished the lamp?",
      "by dawn on the third day",
    ],
    "hours that come every week": [
      "Four hours every Sunday would cost 9,800 euros a year.",
      "How many euros would four hours every Sunday cost a year?",
      "9,800",
    ],
    "what time it took to work something out": [
      "Karl Frisch spent decades working out what the dances mean.",
      "How long did Karl Frisch spend working out what the dances mean?",
      "decades",
    ],
    "three things and how often": [
      "Riders crossed deserts, mountains and rivers, often in the dark.",
      "Which three things did riders cross, often in the dark?",
      "deserts, mountains and rivers",
    ],
    "who did what in a century": [
      "In the sixteenth century Spanish ships carried cacao to Europe.",
      "What did Spanish ships carry to Europe in the sixteenth century?",
      "cacao",
    ],
    "many who used one thing": [
      "After the tunnel was opened, more than 4,000 toads used the tunnel.",
      "How many toads used the tunnel after the tunnel was opened?",
      "more than 4,000",
    ],
    "what was on board": ["On board a pirate ship, the crew elected a captain.", "Who elected a captain on board a pirate ship?", "the crew"],
  });
});

describe("an answer is whole", () => {
  finds({
    "with where the things are": ["# The skeleton\n\nThe skeleton protects the organs inside.", "What does the skeleton protect?", "the organs inside"],
    "with the place of its own last word": [
      "Puzzle makers collect the names of rivers in Siberia.",
      "What do puzzle makers collect?",
      "the names of rivers in Siberia",
    ],
    "with both halves of its while": [
      "# The sound of the cat\n\nBecause muscles work while the cat breathes in and while the cat breathes out, the sound hardly stops.",
      "Why does the sound hardly stop?",
      "because muscles work while the cat breathes in and while the cat breathes out",
    ],
    "with what it is as tall as": ["Women were helped by machines as tall as a wardrobe.", "What helped women?", "machines as tall as a wardrobe"],
    "with its own alternative": [
      "If a coin is found, the museum can buy the coin or leave it.",
      "What happens if a coin is found?",
      "the museum can buy the coin or leave the coin",
    ],
    "with each thing that was to be done": [
      "Hedda Lund taught Ida Marrow to bake bread, to clean fish and to season a soup.",
      "What did Hedda Lund teach Ida Marrow to do?",
      "bake bread, clean fish and season a soup",
    ],
    "without a reason of another sort": [
      "Ida Marrow stayed at the inn until the bread was done, for forty guests were hungry.",
      "Until when did Ida Marrow stay at the inn?",
      "until the bread was done",
    ],
    "an amount, where a clause without that is thought of": [
      "Doctors recommend at least sixty minutes of active play a day.",
      "How many minutes of active play do doctors recommend a day?",
      "at least sixty",
    ],
  });
});

describe("what is never asked", () => {
  neverAsks({
    "what happens, where somebody does it on purpose": ["Engineers avoid clay when they choose a site for a well.", /happens/],
    "when, where a likeness is told": ["Some species can drop an arm, much as a lizard drops its tail.", /What happens/],
    "how many dollars something was sent in": ["Within a week the readers had sent in about 100,000 dollars.", /In how many/],
    "what is made of something so thick": ["The skin is made of copper sheets only two millimetres thick.", /made of only/],
    "who defends themselves": ["Zoos defend themselves with three arguments.", /^What defend/],
    "what people did who only went hungry": ["When the price of bread rose, Ida Marrow went hungry.", /What did Ida/],
    "a clause that only points to a noun": ["Cooking also teaches subjects that pupils often find dull.", /= that/],
    "when something can be, for so long": ["A meal can stay in the stomach for a month before it is digested.", /^When/],
    "what somebody stamped that was stamped": ["Marco Polo described how the money was made from bark and stamped with a seal.", /stamp/],
    "which one the best known is": ["The best known is Old Faithful.", /best known/],
    "which plans a gift was": ["The king of Denmark had promised a gold medal to whoever first discovered a comet.", /= that/],
  });
});
