import { short, testRule } from "../../../../tests/support/rule-tester";
import { questionWithinGrade } from "./question-within-grade";

const long = "Why did the keepers of the lamp who lived in the tower by the sea wind the clockwork every four hours on every night of the long year?";

testRule(questionWithinGrade, {
  passes: {
    "a short plain stem": short("What did the keepers wind?", "the clockwork"),
    "a long one in grade 9": { question: short(long, "so that it turned"), grade: 9 },
  },
  flags: {
    "a long stem": [short(long, "so that it turned"), "The stem has 28 words. About 25 is enough in grade 5."],
    "a rare word": [short("What was the chiaroscuro of the lamp?", "dark"), "“chiaroscuro” is a rare word that the source does not use."],
    "hard wording": [
      { question: short("Which considerations necessitated continuous operational maintenance responsibilities in the tower?", "the clockwork"), grade: 3 },
      "The question reads at about grade 25, above the wanted 3.",
    ],
  },
});
