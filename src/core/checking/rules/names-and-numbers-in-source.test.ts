import { choice, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { namesAndNumbersInSource } from "./names-and-numbers-in-source";

testRule(namesAndNumbersInSource, {
  passes: {
    "words of the source": short("How often did the keepers wind the clockwork?", "every four hours"),
    "a false statement with a number of its own": statement("The keepers wound the clockwork every 17 hours.", false),
    "a small number that says how many are wanted": short("Name 2 things that float.", "the lens"),
  },
  flags: {
    "a year that the source does not give": [short("Who wound the clockwork in 1854?", "the keepers"), "The source does not give 1854."],
    "a name that it does not have": [short("Why did Ottoline wind the clockwork?", "every four hours"), "The source does not mention “Ottoline”."],
    "a key that it does not have": [choice("How often?", ["17", "4", "6"], 0), "The source does not give 17."],
  },
});
