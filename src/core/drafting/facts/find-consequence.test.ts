import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what happens then, in the words of the source", () => {
  finds({
    "to what the condition names": [
      "If a rule of the board breaks a law, a judge can cancel it.",
      "What happens if a rule of the board breaks a law?",
      "a judge can cancel it",
    ],
    "in two clauses": [
      "When the rock can no longer stand the strain, it breaks, and the stored energy races outward in waves.",
      "What happens when the rock can no longer stand the strain?",
      "it breaks, and the stored energy races outward in waves",
    ],
  });
  neverAsks({
    "hardly anything": ["As long as the seed is dry, hardly anything happens in it.", /^What happens as long/],
    "of something told before, when another is gone": [
      "Yeast breathes oxygen. When oxygen runs out, it switches to fermentation.",
      /^What happens when oxygen/,
    ],
    "what does not": ["When a house is sold, the buyer does not own it by paying.", /^What happens when a house/],
    "what somebody does": ["When a keeper finds a boat, he rings for the others.", /^What happens/],
    "what is pulled": ["The rope is twisted. When you pull, friction locks the strands together.", /^What happens when you pull/],
  });
});

describe("what somebody, or an animal, does then", () => {
  finds({
    "a worker of the ants": [
      "When a worker finds something to eat, she leaves a trail of smell on the ground.",
      "What does a worker do when she finds something to eat?",
      "she leaves a trail of smell on the ground",
    ],
    "two deeds, one or the other": [
      "When a dog finds someone, it barks or runs back to its handler.",
      "What does a dog do when it finds someone?",
      "it barks or runs back to its handler",
    ],
    "what members may do": [
      "If members know that the vote is lost, they may stay away on purpose.",
      "What may members do if they know that the vote is lost?",
      "they may stay away on purpose",
    ],
    "the others, of one": ["If one bulb burns out, the others go dark.", "What happens if one bulb burns out?", "the others go dark"],
  });
});

describe("both halves of what happens", () => {
  finds({
    "behind one condition in front": [
      "When a bog is drained, air reaches the peat, and the carbon escapes as a gas.",
      "What happens when a bog is drained?",
      "air reaches the peat, and the carbon escapes as a gas",
    ],
  });
});

describe("when it is so, and in what case", () => {
  finds({
    "when a thing is ready": ["The dough of a loaf is ready when it is smooth and soft.", "When is the dough of a loaf ready?", "when it is smooth and soft"],
    "when something changes": ["Weather changes when the pressure of the air changes.", "When does weather change?", "when the pressure of the air changes"],
    "in what case it is done": ["Bakers were punished if their loaves were too light.", "In what case were bakers punished?", "if their loaves were too light"],
  });
  neverAsks({ "only if": ["A flag is flown only if the water is clean.", /^In what case/] });
});
