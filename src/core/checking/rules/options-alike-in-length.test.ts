import { choice, testRule } from "../../../../tests/support/rule-tester";
import { optionsAlikeInLength } from "./options-alike-in-length";

testRule(optionsAlikeInLength, {
  passes: { "options of like length": choice("How often?", ["every four hours", "every six hours", "once a day"]) },
  flags: {
    "the longest key": [
      choice("Why?", ["because mercury is heavy and floats the whole lens", "it is hot", "it is blue"]),
      "The key has 9 words, the others 3. Length is a clue.",
    ],
    "the shortest key": [
      choice("Why?", ["heavy", "it is much too hot to touch", "it is far too cold to hold"]),
      "The key has only 1 words, the others 7. Length is a clue.",
    ],
  },
});
