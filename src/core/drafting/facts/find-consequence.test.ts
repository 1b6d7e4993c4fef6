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
