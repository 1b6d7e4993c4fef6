import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("names told in passing", () => {
  finds({
    "of a way in": [
      "The silk is pushed out through tiny openings called spinnerets, which lie at the end of the body.",
      "What do we call the tiny openings through which the silk is pushed out?",
      "spinnerets",
    ],
    "in a clause behind": ["Doctors work in a building that is called a clinic.", "What do we call the building in which doctors work?", "a clinic"],
    "by people": ["Plants have tiny openings, which scientists call stomata.", "What do we call the tiny openings that plants have?", "stomata"],
    "of what stands further ahead": [
      "A machine punches round pieces out of the strip, which we call blanks.",
      "What do we call the round pieces that a machine punches out of the strip?",
      "blanks",
    ],
    "of those who do it": ["Scientists called volcanologists study volcanoes.", "What do we call scientists who study volcanoes?", "volcanologists"],
  });
  neverAsks({ "of a thing of which there are many": ["Plants have a layer that is called the cortex.", /the layer that plants have/] });
});

describe("meanings told in passing", () => {
  finds({
    "which is": ["Sailors use a sextant, which is an instrument that measures angles.", "What is a sextant?", "an instrument that measures angles"],
    "that is": ["Most motions need a simple majority, that is, more than half of the votes.", "What is a simple majority?", "more than half of the votes"],
    "the smallest number": [
      "A quorum is the smallest number of members who must be there before a vote can be taken.",
      "What is a quorum?",
      "the smallest number of members who must be there before a vote can be taken",
    ],
  });
  neverAsks({
    "of a thing of every day": ["The baker has an old clock, which is a present from an uncle in Spain.", /^What is an? (?:old )?clock/],
    "an amount as a thing": ["Most motions need a simple majority, that is, more than half of the votes.", /What do we call more than half/],
    "what something did at one time": ["Sailors used a sextant, which was an instrument that a smith had made.", /^What is a sextant/],
  });
});

describe("what something is called, and what it means", () => {
  finds({
    "by somebody": ["Jenner called his method vaccination, from vacca, the Latin word for cow.", "What did Jenner call his method?", "vaccination"],
    "which means": [
      "Yawning is also contagious, which means that it spreads from one person to another.",
      "What does it mean that yawning is contagious?",
      "that it spreads from one person to another",
    ],
    "something valuable": [
      "Collateral is something valuable that the bank may take and sell.",
      "What is collateral?",
      "something valuable that the bank may take and sell",
    ],
  });
  neverAsks({ "a doctor as a name": ["The keeper called a doctor from the village.", /^What did/] });
});

describe("said in passing of others", () => {
  finds({ unlike: ["Unlike insects, spiders have eight legs.", "How many legs do spiders have?", "eight"] });
});
