import { choice, evidence, gap, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { keyInEvidence } from "./key-in-evidence";

const rope = { evidence: evidence("Wet rope is harder to untie than dry rope.") };
const day = { evidence: evidence("The light does not turn by day.") };

testRule(keyInEvidence, {
  passes: {
    "the same words": choice("How often did the keepers wind the clockwork?", ["every four hours", "every hour"]),
    "another form of a word": short("What did the keepers do?", "They wind the clockwork"),
    "digits for words": gap("The keepers wound the clockwork every ____ hours.", "4"),
    "a statement that differs in a number and is false": statement("The keepers wound the clockwork every six hours.", false),
    "a comparison turned round": statement("Dry rope is harder to untie than wet rope.", false, rope),
    "a reworded true statement": statement("The clockwork was wound by the keepers every four hours.", true),
  },
  flags: {
    "a key that the evidence does not say": [short("What did the keepers wind?", "the motor"), "The evidence does not say “motor”, which the key needs."],
    "a wrong number": [gap("The keepers wound the clockwork every ____ hours.", "six"), "The evidence does not say “six”, which the key needs."],
    "a true statement with a word of its own": [
      statement("The keepers wound the clockwork every six hours.", true),
      "The evidence does not say “six”, but the statement is keyed as true.",
    ],
    "a false statement that the evidence says": [
      statement("The keepers wound the clockwork every four hours.", false),
      "The evidence seems to say just this, but the statement is keyed as false.",
    ],
    "a true statement that drops a not": [
      statement("The light does not turn by day.", false, day),
      "The evidence seems to say just this, but the statement is keyed as false.",
    ],
  },
});
