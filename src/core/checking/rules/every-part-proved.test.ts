import { blocksOf } from "../../../../tests/support/language-tools";
import { evidence, match, order, selectAll, testRule } from "../../../../tests/support/rule-tester";
import { createSpan } from "../../source/create-span";
import type { Span } from "../../source/schema";
import { everyPartProved } from "./every-part-proved";

const [hollow, dry] = blocksOf("The rope was hollow.\n\nThe rope was dry.").map((block) => createSpan(block, 0, block.text.length)) as [Span, Span];
const TALK = blocksOf("How many nets do you own?\n\nAbout forty.");
const [asks, answers] = TALK.map((block) => createSpan(block, 0, block.text.length)) as [Span, Span];
const rope = { evidence: evidence("Wet rope is harder to untie than dry rope.") };

testRule(everyPartProved, {
  passes: {
    "pairs with their sentences": match("Match.", [["Petition", "a letter that many people sign"]], {
      evidence: evidence("A petition is a letter that many people sign."),
    }),
    "a taught word with what it means, in the sentence that has the word": match("Match.", [["hollow", "empty inside"]], {
      evidence: [hollow],
    }),
    "a question with the answer behind it": match("Match.", [["How many nets do you own?", "“About forty.”"]], {
      evidence: [asks, answers],
    }),
    "right options with their sentences": selectAll("Which?", ["Wet rope is harder to untie than dry rope.", "Oil is light."], 1, rope),
  },
  flags: {
    "a pair that no sentence has": [
      match("Match.", [["Petition", "a ring of mercury"]], { evidence: evidence("A petition is a letter that many people sign.") }),
      "No sentence of the evidence puts “Petition” and “a ring of mercury” together.",
    ],
    "a taught word with what it does not mean": [
      match("Match.", [["hollow", "easily broken"]], { evidence: [hollow] }),
      "No sentence of the evidence puts “hollow” and “easily broken” together.",
    ],
    "a taught word beside a sentence that does not have it": [
      match("Match.", [["hollow", "empty inside"]], { evidence: [dry] }),
      "No sentence of the evidence puts “hollow” and “empty inside” together.",
    ],
    "a statement with what merely stands behind it": [
      match("Match.", [["Wet rope is hard to untie", "about forty"]], {
        evidence: [...evidence("Wet rope is harder to untie than dry rope."), answers],
      }),
      "No sentence of the evidence puts “Wet rope is hard to untie” and “about forty” together.",
    ],
    "a right option without proof": [
      selectAll("Which?", ["The tower fell into the sea.", "Oil is light."], 1, rope),
      "No sentence of the evidence says “The tower fell into the sea.”.",
    ],
    "an item without proof": [
      order("Order.", ["Wet rope is harder to untie.", "The tower fell down in flames."], rope),
      "No sentence of the evidence says “The tower fell down in flames.”.",
    ],
  },
});
