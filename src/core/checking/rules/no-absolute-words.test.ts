import { choice, testRule } from "../../../../tests/support/rule-tester";
import { noAbsoluteWords } from "./no-absolute-words";

testRule(noAbsoluteWords, {
  passes: {
    "options without them": choice("When does it turn?", ["by night", "by day", "at noon"]),
    "a key with one": choice("When does it turn?", ["It never turns by day.", "It turns at noon.", "It turns at ten."]),
  },
  flags: {
    "a wrong option with never": [choice("When does it turn?", ["by night", "never", "at noon"]), "Option B says “never”, which sounds wrong by itself."],
    "a wrong option with completely": [choice("What is it?", ["hot", "completely cold", "wet"]), "Option B says “completely”, which sounds wrong by itself."],
  },
});
