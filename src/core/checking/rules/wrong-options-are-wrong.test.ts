import { choice, evidence, selectAll, testRule } from "../../../../tests/support/rule-tester";
import { wrongOptionsAreWrong } from "./wrong-options-are-wrong";

const mercury = { evidence: evidence("The lens floats on a ring of mercury because mercury is heavy.") };

testRule(wrongOptionsAreWrong, {
  passes: {
    "options that no sentence supports": choice("What does the lens float on?", ["mercury", "water", "oil"], 0, mercury),
    "options of a select-all that the source denies": selectAll(
      "Which of these statements are true?",
      ["The lens floats on a ring of mercury.", "The lens floats on a ring of oil."],
      1,
      mercury,
    ),
  },
  flags: {
    "an option that the same sentence makes right": [
      choice("What does the lens float on?", ["mercury", "a ring", "oil"], 0, mercury),
      "Option B may be right too: “The lens floats on a ring of mercury because mercury is heavy.”",
    ],
    "a true statement left out of the key": [
      selectAll("Which of these statements are true?", ["The lens floats on a ring of mercury.", "Wet rope is harder to untie than dry rope."], 1, mercury),
      "Option B may be right too: “Wet rope is harder to untie than dry rope.”",
    ],
  },
});
