import { gap, short, testRule } from "../../../../tests/support/rule-tester";
import { acceptedAnswersComplete } from "./accepted-answers-complete";

testRule(acceptedAnswersComplete, {
  passes: {
    "digits and words": short("How many?", "forty", { accepted: ["40"] }),
    "with and without its article": short("What?", "the lens", { accepted: ["lens"] }),
    "a year": gap("It was lit in ____.", "1871"),
    "a longer answer": short("Why?", "because mercury is heavy"),
  },
  flags: {
    "digits missing": [short("How many?", "forty"), "“40” would be right too. Accept it?"],
    "the bare word missing": [short("What?", "the lens"), "“lens” would be right too. Accept it?"],
  },
});
