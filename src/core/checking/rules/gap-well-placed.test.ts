import { gap, testRule } from "../../../../tests/support/rule-tester";
import { gapWellPlaced } from "./gap-well-placed";

testRule(gapWellPlaced, {
  passes: {
    "a gap behind its sentence": gap("The keepers wound the ____ every four hours.", "clockwork"),
    "a class of words": gap("The light turns ____ night.", "at", { choices: ["at", "in", "on"] }),
  },
  flags: {
    "a gap at the start": [
      gap("____ wound the clockwork every four hours.", "Keepers"),
      "The gap is the first word. Turn the sentence so that something stands before it.",
    ],
    "a word without meaning": [gap("The lens floats on ____ ring of mercury.", "a"), "“a” carries no meaning. Leave out a word that does."],
    "hardly anything left": [
      gap("The ____ wound the ____ every four.", "keepers", { more: [{ key: "clockwork", accepted: [] }] }),
      "2 gaps leave only 2 words to go by.",
    ],
    "gaps of different length": [
      gap("The keepers wound the ____ every ________ hours, as the log of the tower says.", "clockwork", { more: [{ key: "four", accepted: [] }] }),
      "The gaps differ in length, which tells how long the words are.",
    ],
  },
});
