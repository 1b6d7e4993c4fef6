import { choice, testRule } from "../../../../tests/support/rule-tester";
import { optionsInOrder } from "./options-in-order";

testRule(optionsInOrder, {
  passes: {
    "numbers that rise": choice("How many?", ["4", "6", "8"]),
    "numbers that fall": choice("How many?", ["eight", "six", "four"]),
    words: choice("What?", ["oil", "mercury", "water"]),
  },
  flags: {
    "numbers out of order": [choice("How many?", ["6", "4", "8"]), "The options are numbers, but not in order of size."],
    "years out of order": [choice("When?", ["1904", "1822", "1954"]), "The options are numbers, but not in order of size."],
  },
});
