import { choice, short, testRule } from "../../../../tests/support/rule-tester";
import { wordsAreSpelt } from "./words-are-spelt";

testRule(wordsAreSpelt, {
  passes: {
    "known words": short("Why did the keepers wind the clockwork?", "x"),
    "a word of the source": short("Who untie the rope?", "x"),
    names: short("What did Ottokarine wind?", "x"),
  },
  flags: {
    "a slip of the pen": [short("Why did the kepers wind the clockwork?", "x"), "“kepers” is in no dictionary. Is “keepers” meant?"],
    "one in an option": [choice("What does the lens float on?", ["oil", "mercurry", "water"]), "“mercurry” is in no dictionary. Is “mercury” meant?"],
    "a word that nobody knows": [short("Why is it zxqvbnmk?", "x"), "“zxqvbnmk” is in no dictionary and not in the source."],
  },
});
