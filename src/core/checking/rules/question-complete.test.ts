import { choice, gap, match, number, open, order, short, testRule } from "../../../../tests/support/rule-tester";
import { questionComplete } from "./question-complete";

testRule(questionComplete, {
  passes: {
    "a whole question": choice("How often did the keepers wind the clockwork?", ["every four hours", "every hour"]),
    "a number, which may be nought": number("How many keepers are left?", 0, "keepers"),
    "three steps": order("Put them in order.", ["Wind.", "Polish.", "Sleep."]),
    "one gap": gap("The keepers wound the ____.", "clockwork"),
  },
  flags: {
    "no stem": [short(" ", "four"), "The question has no text yet."],
    "an empty option": [choice("How often?", ["every hour", ""]), "Option B is empty. Write it or take it out."],
    "no key": [short("How often?", ""), "There is no key yet."],
    "no gap": [gap("The keepers wound the clockwork.", "clockwork"), "The sentence has no gap. Put ____ where the answer goes."],
    "an empty step": [order("Put them in order.", ["Wind.", "", "Sleep."]), "Part 2 is empty. Write it or take it out."],
    "two pairs": [
      match("Match them.", [
        ["a", "b"],
        ["c", "d"],
      ]),
      "There are fewer than three parts, so there is next to nothing to match.",
    ],
    "an open question that nobody can mark": [open("Tell it.", []), "Say which points a good answer holds, or nobody can mark it."],
    "two gaps": [gap("The ____ wound the ____.", "clockwork"), "There are 2 gaps, but keys for 1. Each gap needs its own."],
  },
});
