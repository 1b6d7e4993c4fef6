import { choice, testRule } from "../../../../tests/support/rule-tester";
import { ideaInTheStem } from "./idea-in-the-stem";

testRule(ideaInTheStem, {
  passes: {
    "a stem that asks": choice("Why does the lens float on mercury?", ["It is heavy.", "It is hot.", "It is wet."]),
    "a quotation to read": choice("Read: “The lens floats.” Which is right?", ["a", "b", "c"]),
  },
  flags: {
    "an empty stem": [
      choice("Which of these statements is true?", ["The lens floats.", "The lens sinks.", "The lens burns."]),
      "The stem does not say what is asked about. Name it there.",
    ],
    "window dressing": [
      choice("Many people like to visit old lighthouses on summer days, and the one on the rock is the most famous of all. What does the lens float on?", [
        "mercury",
        "oil",
        "water",
      ]),
      "The stem has 22 words before it asks. Cut what is not needed to answer.",
    ],
  },
});
