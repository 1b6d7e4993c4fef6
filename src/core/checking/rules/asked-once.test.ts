import { short, testRule } from "../../../../tests/support/rule-tester";
import { askedOnce } from "./asked-once";

const question = short("How often did the keepers wind the clockwork?", "every four hours");
const twin = { ...short("How often was the clockwork wound by the keepers?", "every four hours"), id: "q2" };
const other = { ...short("What does the lens float on?", "mercury"), id: "q3" };

testRule(askedOnce, {
  passes: { "a question of its own": { question, others: [other] }, itself: { question, others: [question] } },
  flags: {
    "the same in other words": [
      { question, others: [other, twin] },
      "Another question asks much the same: “How often was the clockwork wound by the keepers?”",
    ],
  },
});
