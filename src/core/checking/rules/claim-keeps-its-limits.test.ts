import { evidence, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { claimKeepsItsLimits } from "./claim-keeps-its-limits";

const day = { evidence: evidence("The light does not turn by day.") };

testRule(claimKeepsItsLimits, {
  passes: {
    "a statement that keeps the not": statement("The light does not turn by day.", true, day),
    "a false statement": statement("The light turns by day.", false, day),
    "a statement without limits": statement("Wet rope is harder to untie than dry rope.", true, {
      evidence: evidence("Wet rope is harder to untie than dry rope."),
    }),
  },
  flags: {
    "a dropped not": [
      statement("The light turns by day.", true, day),
      "The evidence says “not” here: “The light does not turn by day.” The question leaves it out.",
    ],
    "a dropped not in a question": [
      short("When does the light turn?", "By day", day),
      "The evidence says “not” here: “The light does not turn by day.” The question leaves it out.",
    ],
  },
});
