import { choice, testRule } from "../../../../tests/support/rule-tester";
import { noAllOrNone } from "./no-all-or-none";

testRule(noAllOrNone, {
  passes: {
    "options that say something": choice("What?", ["mercury", "all the oil", "water"]),
  },
  flags: {
    "all of the above": [
      choice("What?", ["mercury", "oil", "All of the above"]),
      "Option C speaks of the other options. Write one that says something itself.",
    ],
    "both A and B": [choice("What?", ["mercury", "oil", "Both A and B"]), "Option C speaks of the other options. Write one that says something itself."],
    "none of these": [choice("What?", ["mercury", "oil", "none of these"]), "Option C speaks of the other options. Write one that says something itself."],
  },
});
