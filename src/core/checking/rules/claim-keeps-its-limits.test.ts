import { evidence, said, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { claimKeepsItsLimits } from "./claim-keeps-its-limits";

const day = { evidence: evidence("The light does not turn by day.") };

testRule(claimKeepsItsLimits, {
  passes: {
    "a statement that keeps the not": statement("The light does not turn by day.", true, day),
    "a false statement": statement("The light turns by day.", false, day),
    "an *about* that limits nothing": statement("The lens cannot slosh.", true, { evidence: said("The lens cannot slosh about.") }),
    "what a thing is used to do": short("What is the oil used for?", "To float the lens", { evidence: said("The oil is used to float the lens.") }),
    "a statement without limits": statement("Wet rope is harder to untie than dry rope.", true, {
      evidence: evidence("Wet rope is harder to untie than dry rope."),
    }),
  },
  flags: {
    "a dropped not": [
      statement("The light turns by day.", true, day),
      "The evidence says “not” here: “The light does not turn by day.” The question leaves it out.",
    ],
    "a dropped *about* before a number": [
      statement("The lens weighs four tonnes.", true, { evidence: said("The lens weighs about four tonnes.") }),
      "The evidence says “about” here: “The lens weighs about four tonnes.” The question leaves it out.",
    ],
    "a dropped not in a question": [
      short("When does the light turn?", "By day", day),
      "The evidence says “not” here: “The light does not turn by day.” The question leaves it out.",
    ],
  },
});
