import { choice, essay, short, testRule } from "../../../../tests/support/rule-tester";
import { pointsFitTheWork } from "./points-fit-the-work";

testRule(pointsFitTheWork, {
  passes: {
    "an essay for eight": essay("Explain.", [{ side: "", text: "x" }], ["x"], { points: 8 }),
    "a choice for one": choice("What?", ["a", "b", "c"]),
  },
  flags: {
    "an essay for one": [essay("Explain.", [{ side: "", text: "x" }], ["x"]), "1 point for this kind is little: 4 or more would fit."],
    "a choice for ten": [choice("What?", ["a", "b", "c"], 0, { points: 10 }), "10 points for this kind is much: 4 or fewer would fit."],
    "an answer for twelve": [short("What?", "x", { points: 12 }), "12 points for this kind is much: 6 or fewer would fit."],
  },
});
