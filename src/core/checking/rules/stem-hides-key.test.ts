import { choice, gap, short, testRule } from "../../../../tests/support/rule-tester";
import { stemHidesKey } from "./stem-hides-key";

testRule(stemHidesKey, {
  passes: {
    "a stem without the key": short("What did the keepers wind?", "the clockwork"),
    "a key that is one of two to choose between": short("Which is harder to untie: dry rope or wet rope?", "wet rope"),
    "a number that the stem happens to hold": choice("How many cables do two towers carry?", ["two", "three", "about four"]),
    "an echo in all options": choice("Which rope is hardest to untie?", ["wet rope", "dry rope"]),
  },
  flags: {
    "a key that the stem holds": [short("How was the clockwork wound?", "the clockwork"), "The stem already holds the key's word “clockwork”."],
    "an echo in the key alone": [
      choice("What do keepers wind?", ["the keepers' clockwork", "the rope", "the lamp"]),
      "Only the key repeats the stem's word “keepers”, which is a clue.",
    ],
    "an article before the gap": [
      gap("A letter that many people sign is called a ____.", "petition"),
      "The article before the gap tells the key's first letter. Write a(n).",
    ],
  },
});
