import { choice, testRule } from "../../../../tests/support/rule-tester";
import { optionsDoNotOverlap } from "./options-do-not-overlap";

testRule(optionsDoNotOverlap, {
  passes: {
    "ranges side by side": choice("How many?", ["1 to 9", "10 to 19", "20 to 29"]),
    "numbers that share words": choice("How many?", ["eighty", "one hundred", "about one hundred and ten"]),
    "options with nothing in common": choice("What?", ["mercury", "water", "oil"]),
  },
  flags: {
    "ranges that overlap": [choice("How many?", ["1 to 10", "10 to 20", "21 to 30"]), "Options A and B overlap."],
    "a range and an open end": [choice("How many?", ["less than 5", "5 to 9", "more than 8"]), "Options B and C overlap."],
    "an option within another": [choice("What?", ["mercury", "oil", "warm oil"]), "Option C takes in option B."],
  },
});
