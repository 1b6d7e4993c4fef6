import { choice, testRule } from "../../../../tests/support/rule-tester";
import { optionsWithoutCommonWords } from "./options-without-common-words";

testRule(optionsWithoutCommonWords, {
  passes: {
    "options that begin differently": choice("What?", ["the lens floats", "the lens burns on", "a lamp"]),
    "two common words": choice("What?", ["the lens floats", "the lens burns", "the lens sinks"]),
  },
  flags: {
    "the same beginning": [
      choice("What is true of it?", ["the lens floats on oil", "the lens floats on water", "the lens floats on mercury"]),
      "Every option begins with “the lens floats on”. Say it once, in the stem.",
    ],
  },
});
