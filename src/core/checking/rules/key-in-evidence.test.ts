import { expect, it } from "vitest";
import { runRule } from "@/core/checking/define-rule";
import { ONE_SIDE_ONLY } from "@/core/questions/one-side-only";
import { createSpan } from "@/core/source/create-span";
import { blocksOf, tools } from "../../../../tests/support/language-tools";
import { choice, essay, evidence, gap, match, number, open, order, said, short, statement, testRule } from "../../../../tests/support/rule-tester";
import { keyInEvidence } from "./key-in-evidence";

const rope = { evidence: evidence("Wet rope is harder to untie than dry rope.") };
const both = { evidence: [...evidence("The keepers wound the clockwork every four hours."), ...evidence("Wet rope is harder to untie than dry rope.")] };
const day = { evidence: evidence("The light does not turn by day.") };

testRule(keyInEvidence, {
  passes: {
    "the same words": choice("How often did the keepers wind the clockwork?", ["every four hours", "every hour"]),
    "another form of a word": short("What did the keepers do?", "They wind the clockwork"),
    "digits for words": gap("The keepers wound the clockwork every ____ hours.", "4"),
    "a statement that differs in a number and is false": statement("The keepers wound the clockwork every six hours.", false),
    "a comparison turned round": statement("Dry rope is harder to untie than wet rope.", false, rope),
    "fewer for at least": statement("The keepers wound the clockwork less than four times.", false, {
      evidence: said("The keepers wound the clockwork at least four times."),
    }),
    "below for above": statement("The lens is below the clockwork.", false, { evidence: said("The lens is above the clockwork.") }),
    "two things that change places": statement("The keepers used water instead of mercury.", false, {
      evidence: said("The keepers used mercury instead of water."),
    }),
    "a number more often than it is said": statement("A lens has three rings and three panes.", false, {
      evidence: said("A lens has six rings and three panes."),
    }),
    "a number in words": number("Every how many hours did the keepers wind the clockwork?", 4, "hours"),
    "items that the evidence says": order("Put these in order.", ["The keepers wound the clockwork.", "Wet rope is harder to untie."], both),
    "pairs that the evidence says": match(
      "Match them.",
      [
        ["keepers", "clockwork"],
        ["wet rope", "harder to untie"],
      ],
      both,
    ),
    "a model answer of the source's sentences": open("Tell what the keepers did.", ["The keepers wound the clockwork every four hours."]),
    "that the source lets nobody object": essay("Should they?", [{ side: "Agree", text: "The keepers wound the clockwork." }], [ONE_SIDE_ONLY]),
    "a reworded true statement": statement("The clockwork was wound by the keepers every four hours.", true),
  },
  flags: {
    "a key that the evidence does not say": [short("What did the keepers wind?", "the motor"), "The evidence does not say “motor”, which the key needs."],
    "a wrong number": [gap("The keepers wound the clockwork every ____ hours.", "six"), "The evidence does not say “six”, which the key needs."],
    "a number of its own": [
      number("Every how many hours did the keepers wind the clockwork?", 6, "hours"),
      "The evidence does not say 6, and no two of its numbers give it.",
    ],
    "a step that nobody took": [
      order("Put these in order.", ["The keepers wound the clockwork.", "They polished the brass."], both),
      "The evidence does not say “polished”, which the key needs.",
    ],
    "a point that is not there": [open("Tell what the keepers did.", ["They slept in hammocks."]), "The evidence does not say “slept”, which the key needs."],
    "a true statement with a word of its own": [
      statement("The keepers wound the clockwork every six hours.", true),
      "The evidence does not say “six”, but the statement is keyed as true.",
    ],
    "a false statement that the evidence says": [
      statement("The keepers wound the clockwork every four hours.", false),
      "The evidence seems to say just this, but the statement is keyed as false.",
    ],
    "a true statement that drops a not": [
      statement("The light does not turn by day.", false, day),
      "The evidence seems to say just this, but the statement is keyed as false.",
    ],
  },
});

const PROOF = "She left the light in 1871.";
/** What the rule says of a statement that names her, in a source that goes on so. */
function doubts(source: string, stem: string): string[] {
  const blocks = blocksOf(`${PROOF} ${source}`);
  const about = statement(stem, true, { evidence: [createSpan(blocks[0]!, 0, PROOF.length)] });
  return runRule(keyInEvidence, about, { blocks, others: [], grade: 5, lexicon: tools().lexicon }).map(({ reason }) => reason);
}

it.each([
  ["a name that the source has inside a sentence", "The board thanked Ida.", "Ida left the light in 1871.", []],
  [
    "a word that only opens a sentence there",
    "Lamps were dear.",
    "Lamps left the light in 1871.",
    ["The evidence does not say “Lamps”, but the statement is keyed as true."],
  ],
  ["a whole name that only opens a sentence there", "Ida Marlow was bold.", "Ida Marlow left the light in 1871.", []],
  [
    "a name with another deed",
    "The board thanked Ida.",
    "Ida sold the light in 1871.",
    ["The evidence does not say “sold”, but the statement is keyed as true."],
  ],
])("a pronoun of the evidence may be %s", (_, source, stem, wanted) => {
  expect(doubts(source, stem)).toEqual(wanted);
});

it("lets a point name whoever the evidence calls she, and nobody that the source does not know", () => {
  const blocks = blocksOf(`${PROOF} The board thanked Ida.`);
  const doubtsOf = (point: string) => {
    const task = open("Tell what happened.", [point], { evidence: [createSpan(blocks[0]!, 0, PROOF.length)] });
    return runRule(keyInEvidence, task, { blocks, others: [], grade: 5, lexicon: tools().lexicon }).map(({ reason }) => reason);
  };
  expect(doubtsOf("Ida left the light in 1871.")).toEqual([]);
  expect(doubtsOf("Mary left the light in 1871.")).toEqual(["The evidence does not say “Mary”, which the key needs."]);
});
