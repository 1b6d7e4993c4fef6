import { choice, short, testRule } from "../../../../tests/support/rule-tester";
import { negativesStandOut } from "./negatives-stand-out";

testRule(negativesStandOut, {
  passes: {
    "a NOT written large": choice("Which of these does NOT burn?", ["mercury", "oil", "wood"]),
    "a not that is asked about": choice("Why does the light not turn by day?", ["It rests.", "It is hot.", "It is wet."]),
    "a written answer": short("Which lamp does not burn?", "the old one"),
  },
  flags: {
    "a small not": [
      choice("Which of these does not burn?", ["mercury", "oil", "wood"]),
      "The “not” turns the choice round. Write it large, or ask without it.",
    ],
    "a small except": [
      choice("All of these burn except", ["mercury", "oil", "wood"]),
      "The “except” turns the choice round. Write it large, or ask without it.",
    ],
  },
});
