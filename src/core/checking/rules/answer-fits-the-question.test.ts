import { choice, short, testRule } from "../../../../tests/support/rule-tester";
import { answerFitsTheQuestion } from "./answer-fits-the-question";

testRule(answerFitsTheQuestion, {
  passes: {
    "a number": short("How many hours did it run?", "four hours"),
    "a number in words": choice("How many lamps were lit?", ["twenty-one", "six", "ten"]),
    "a number in words behind which a sentence ends": short("How many people does it take?", "“We are a team of twelve.”"),
    "a year": short("In what year was it lit?", "1871"),
    "other questions": short("Why did it turn?", "to warn ships"),
  },
  flags: {
    "no number": [short("How many hours did it run?", "the keepers"), "“How many” asks for a number, and the key has none."],
    "no year": [short("In what year was it lit?", "the lamp"), "“In what year” asks for a year, and the key has none."],
  },
});
