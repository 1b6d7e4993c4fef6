import { choice, evidence, selectAll, testRule, twoPart } from "../../../../tests/support/rule-tester";
import { oneRightOption } from "./one-right-option";

const mercury = { evidence: evidence("The lens floats on a ring of mercury because mercury is heavy.") };

testRule(oneRightOption, {
  passes: {
    "options that the evidence does not have": choice("What does the lens float on?", ["mercury", "water", "oil"], 0, mercury),
    "a number whose words are in another": choice("How many people lived there?", ["about a million", "about three million", "about five million"]),
    "options that are still empty": selectAll("Which of these floated? Choose all that are right.", ["The lens", "", ""], 1),
  },
  flags: {
    "a second option in the evidence": [
      choice("What does the lens float on?", ["mercury", "a ring", "oil"], 0, mercury),
      "The evidence also has the words of option B. Could it be right too?",
    ],
    "two that say the same": [choice("What does the lens float on?", ["mercury", "the oil", "oil"], 0, mercury), "Options B and C say the same."],
    "two of several that say the same": [
      selectAll("Which of these floated? Choose all that are right.", ["The lens floated.", "The rope floated.", "the lens floated"], 2),
      "Options A and C say the same.",
    ],
    "two answers that say the same, before the proofs": [
      twoPart("Why is the harbour master appointed?", ["The work is hard.", "The work is hard."], ["One.", "Two."]),
      "Options A and B say the same.",
    ],
    "a proof that stands there twice": [
      twoPart("Why is the harbour master appointed?", ["The work is hard.", "The pay is good."], ["The work is hard.", "The work is hard."]),
      "Sentences A and B are the same.",
    ],
    "one that contains the key": [choice("What does the lens float on?", ["mercury", "warm mercury", "oil"], 0, mercury), "Option B contains the key."],
  },
});
