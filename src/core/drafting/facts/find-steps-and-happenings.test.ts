import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

/** Steps under a title, so that the text is read as what it is. */
function steps(...lines: string[]): string {
  return `# How to Mend a Puncture\n\nA flat tyre can be mended at home.\n\n${lines.map((line, index) => `${index + 1}. ${line}`).join("\n")}\n`;
}

const OTHERS = ["Turn the bicycle upside down.", "Take out the wheel.", "Pump some air into the tube."];

describe("details of steps", () => {
  finds({
    "with what": [steps("Mark the hole with a cross of chalk.", ...OTHERS), "What should you mark the hole with?", "a cross of chalk"],
    where: [steps("Push one lever under the edge of the tyre.", ...OTHERS), "Where should you push one lever?", "under the edge of the tyre"],
    "how long": [steps("Press the patch down for one minute.", ...OTHERS), "How long should you press the patch down?", "one minute"],
    "into what it is made": [steps("Tear the newspaper into strips.", ...OTHERS), "What should you tear the newspaper into?", "strips"],
    "in what it lies": [steps("Soak the beans overnight in water.", ...OTHERS), "What should you soak the beans overnight in?", "water"],
    "how long one lets it dry": [steps("Let the first layer dry overnight.", ...OTHERS), "How long should you let the first layer dry?", "overnight"],
    "for how long one lets it stand": [steps("Let the water cool for ten minutes.", ...OTHERS), "How long should you let the water cool?", "for ten minutes"],
    "on what day": [steps("Pick the flowers on a dry day.", ...OTHERS), "When should you pick the flowers?", "on a dry day"],
    "with what one covers what was turned over": [
      steps("Turn the mixing bowl upside down and cover it with plastic wrap.", ...OTHERS),
      "What should you cover the mixing bowl with?",
      "plastic wrap",
    ],
    "with which of the things that are needed": [
      `# Draw a plan\n\nYou will need:\n\n- a card\n- a compass\n\n${["Draw a circle on the card with a compass.", ...OTHERS].map((line, index) => `${index + 1}. ${line}`).join("\n")}\n`,
      "What should you draw a circle on the card with?",
      "a compass",
    ],
    "to what it is fastened": [steps("Hook the lever to a spoke.", ...OTHERS), "What should you hook the lever to?", "a spoke"],
  });
  neverAsks({
    "whose end": [steps("Push one lever under the tyre and hook its other end to a spoke.", ...OTHERS), /hook its/],
    "what is wrapped first": [steps("Wrap the galls in the cloth first, or the pieces will fly about.", ...OTHERS), /first in/],
    "a place for pieces": [steps("Cut the potatoes into small pieces.", ...OTHERS), /^Where should you cut/],
    "how long one takes off a lid": [steps("Take off the lid for a few hours.", ...OTHERS), /^How long should you take off/],
    "on top of what": [steps("Add the gravel on top.", ...OTHERS), /on top/],
    "what is done twice": [steps("Hold the tube under water.", "Hold the tube under the lamp.", ...OTHERS), /^Where should you hold the tube/],
    "a slit cut into something": [steps("Cut a slit into each end of the straw.", ...OTHERS), /^What should you cut a slit into/],
    "a preposition behind a clause": [steps("Decorate the stick when you like the sound with paint.", ...OTHERS), /sound with\?/],
  });
});

describe("what is needed", () => {
  const title = "# How to Make a Barometer\n\n";
  finds({
    "every thing of the list": [
      `${title}You need a wide glass jar, a balloon, a rubber band and a pen.`,
      "Which four things do you need to make a barometer?",
      "a wide glass jar, a balloon, a rubber band and a pen",
    ],
    "under the heading that is nearest and says what for": [
      "# How to Make a Kite\n\nA kite needs wind.\n\n# How to Make a Drum\n\n## What you need\n\nYou need a tin, a balloon and a stick.",
      "Which three things do you need to make a drum?",
      "a tin, a balloon and a stick",
    ],
    "under a title that commands": [
      "# Build a Bird Box\n\nYou will need a saw, a plank and twelve nails.",
      "Which three things do you need to build a bird box?",
      "a saw, a plank and twelve nails",
    ],
  });
  neverAsks({
    "under a title that teaches nothing": ["# The lighthouse\n\nYou need a saw, a plank and twelve nails.", /do you need to/],
    patience: [`${title}You need flowers, a heavy book and some patience.`, /do you need to/],
    "a number read over a whole list": [
      "# How to Keep a Worm Farm\n\nYou need two plastic boxes of the same size, one lid, old newspaper and about five hundred red worms.",
      /^How many plastic boxes/,
    ],
  });
});

describe("what happened to a thing", () => {
  finds({
    "at a time": [
      "In the autumn Ruben's kite had crashed into the flagpole.",
      "What had happened to Ruben's kite in the autumn?",
      "it had crashed into the flagpole",
    ],
    "known by its words": [
      "The old harbour wall collapsed in the storm of 1911.",
      "What happened to the old harbour wall?",
      "it collapsed in the storm of 1911",
    ],
  });
  neverAsks({
    "one of several": ["Two kites lost their tails, and one tore in half.", /^What (?:had )?happened to/],
    "a thing nobody can tell": ["The ship was sunk. The crew swam to the shore.", /^What happened to the ship\?/],
    "how long it went on": ["The old ropewalk at the quay burned for two days.", /^What happened to/],
    "one of two things that befell it": [
      "The old harbour wall collapsed in 1911. The old harbour wall was flooded in 1930.",
      /^What happened to the old harbour wall/,
    ],
    "a verb of two words": ["The river above the tunnel broke in five times.", /^What happened to the river/],
    "a person": ["Captain Orme drowned in the storm of 1911.", /^What happened to Captain/],
  });
});

describe("not until", () => {
  finds({
    "a thing of always": ["An onion does not sting until it is cut.", "When does an onion sting?", "not until it is cut"],
    "a thing of once": ["Villagers did not return until the river had frozen.", "When did villagers return?", "not until the river had frozen"],
  });
  neverAsks({ "something that has no sense without its not": ["The keeper did not say anything until the boat had gone.", /^When did the keeper say/] });
});

describe("which of all", () => {
  finds({
    "the only ones of their sort": [
      "British stamps are the only ones in the world that do not say where they come from.",
      "Which stamps are the only ones in the world that do not say where they come from?",
      "British stamps",
    ],
    "somebody's": [
      "# Ruben\n\nRuben flew his kite. When the judge blew the whistle, Ruben's kite was the only one still flying.",
      "Whose kite was the only one still flying when the judge blew the whistle?",
      "Ruben's kite",
    ],
    "by a what in front": ["What makes the difference is the shape of the wing.", "What makes the difference?", "the shape of the wing"],
    "by a what that can be read as a thing": [
      "What cost money was the counting of sheets and the collecting of coins at every door.",
      "What cost money?",
      "the counting of sheets and the collecting of coins at every door",
    ],
  });
  neverAsks({ "what somebody else does": ["What the boy wanted was a boat.", /^What the boy wanted\?/] });
});

describe("how a thing is weighed, called, defined", () => {
  finds({
    "as much as another": ["The biggest bell weighs as much as a small car.", "How much does the biggest bell weigh?", "as much as a small car"],
    "paid for by somebody": [
      "Before 1840 a letter in Britain was paid for by the person who received it.",
      "Who paid for a letter in Britain before 1840?",
      "the person who received it",
    ],
    "less than a time": ["The black stamp lasted for less than a year.", "How long did the black stamp last?", "less than a year"],
    "called wild": ["The Post Office called the plan wild.", "What did the Post Office call the plan?", "wild"],
    "used, and then defined": [
      "Bells hang in the tower. The stay stopped the bell. The stay is a piece of ash wood that breaks before the bell can do any harm.",
      "What is the stay?",
      "a piece of ash wood that breaks before the bell can do any harm",
    ],
    "heavier than the others of its kind": [
      "Ruben made a kite. Ruben's box kite climbed slowly at first, since it was heavier than the others.",
      "Why did Ruben's box kite climb slowly at first?",
      "because it was heavier than the others",
    ],
    "under one of two conditions": [
      "When an onion is boiled or fried, heat destroys the enzyme in its cells.",
      "What happens when an onion is boiled or fried?",
      "heat destroys the enzyme in its cells",
    ],
  });
  neverAsks({
    "a condition of which the last part may be a command": [
      "When you come to a curve, cut the bricks with a chisel, or let the gaps grow wider on the outside.",
      /, or let\?/,
    ],
  });
});
