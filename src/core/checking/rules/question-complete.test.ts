import { choice, gap, short, testRule } from "../../../../tests/support/rule-tester";
import { questionComplete } from "./question-complete";

testRule(questionComplete, {
  passes: {
    "a whole question": choice("How often did the keepers wind the clockwork?", ["every four hours", "every hour"]),
    "one gap": gap("The keepers wound the ____.", "clockwork"),
  },
  flags: {
    "no stem": [short(" ", "four"), "The question has no text yet."],
    "an empty option": [choice("How often?", ["every hour", ""]), "Option B is empty. Write it or take it out."],
    "no key": [short("How often?", ""), "There is no key yet."],
    "no gap": [gap("The keepers wound the clockwork.", "clockwork"), "The sentence has no gap. Put ____ where the answer goes."],
    "two gaps": [gap("The ____ wound the ____.", "clockwork"), "There is more than one gap, but only one key."],
  },
});
