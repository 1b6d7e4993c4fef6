import { testRule, twoPart } from "../../../../tests/support/rule-tester";
import { proofsAreQuotations } from "./proofs-are-quotations";

const WOUND = "The keepers wound the clockwork every four hours.";
const ROPE = "Wet rope is harder to untie than dry rope.";
const stem = "How often did the keepers wind the clockwork?";

testRule(proofsAreQuotations, {
  passes: {
    "sentences of the source": twoPart(stem, ["every four hours", "every day"], [WOUND, ROPE]),
    "a proof that is still empty": twoPart(stem, ["every four hours", "every day"], [WOUND, ""]),
  },
  flags: {
    "a sentence that nobody wrote": [
      twoPart(stem, ["every four hours", "every day"], [WOUND, "The keepers slept at sea by night."]),
      "“The keepers slept at sea …” is not a sentence of the source. Take one that is.",
    ],
    "a proof that is not the evidence": [
      twoPart(stem, ["every four hours", "every day"], [ROPE, WOUND]),
      "The sentence keyed as proof is not among the evidence.",
    ],
  },
});
