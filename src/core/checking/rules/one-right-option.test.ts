import { choice, evidence, testRule } from "../../../../tests/support/rule-tester";
import { oneRightOption } from "./one-right-option";

const mercury = { evidence: evidence("The lens floats on a ring of mercury because mercury is heavy.") };

testRule(oneRightOption, {
  passes: { "options that the evidence does not have": choice("What does the lens float on?", ["mercury", "water", "oil"], 0, mercury) },
  flags: {
    "a second option in the evidence": [
      choice("What does the lens float on?", ["mercury", "a ring", "oil"], 0, mercury),
      "The evidence also has the words of option B. Could it be right too?",
    ],
    "two that say the same": [choice("What does the lens float on?", ["mercury", "the oil", "oil"], 0, mercury), "Options B and C say the same."],
    "one that contains the key": [choice("What does the lens float on?", ["mercury", "warm mercury", "oil"], 0, mercury), "Option B contains the key."],
  },
});
