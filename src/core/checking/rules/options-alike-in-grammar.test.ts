import { choice, testRule } from "../../../../tests/support/rule-tester";
import { optionsAlikeInGrammar } from "./options-alike-in-grammar";

testRule(optionsAlikeInGrammar, {
  passes: { "all numbers": choice("How many?", ["four", "six", "12"]), "all with to": choice("Why?", ["to float", "to turn", "to burn"]) },
  flags: {
    "a number among phrases": [choice("How often?", ["four", "every day", "every week"]), "Option A is a number, the others are phrases."],
    "a sentence among phrases": [
      choice("Why?", ["to float", "to turn", "The lens is very heavy."]),
      "Option C is a whole sentence, the others are phrases with to.",
    ],
  },
});
