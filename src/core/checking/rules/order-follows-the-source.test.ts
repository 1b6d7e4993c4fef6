import { order, testRule } from "../../../../tests/support/rule-tester";
import { orderFollowsTheSource } from "./order-follows-the-source";

testRule(orderFollowsTheSource, {
  passes: {
    "the order of the text": order("Put these in order.", [
      "The keepers wound the clockwork.",
      "The lens floats on a ring of mercury.",
      "Wet rope is harder to untie.",
    ]),
    "what the text does not tell": order("Put these in order.", ["The tower burned.", "The ship sank.", "The keepers wound the clockwork."]),
  },
  flags: {
    "another order than the text's": [
      order("Put these in order.", ["Wet rope is harder to untie.", "The keepers wound the clockwork.", "The light does not turn by day."]),
      "The source tells “Wet rope is harder to untie.” after “The keepers wound the clockwork.”.",
    ],
  },
});
