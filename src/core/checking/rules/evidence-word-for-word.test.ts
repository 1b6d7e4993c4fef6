import { expect, it } from "vitest";
import { tools } from "../../../../tests/support/language-tools";
import { evidence, LOG, short, testRule } from "../../../../tests/support/rule-tester";
import { createDefaultPlan } from "../../drafting/plan";
import { createPaperSettings } from "../../papers/paper";
import { applyEdit } from "../../questions/apply-edit";
import { runRule } from "../define-rule";
import { evidenceWordForWord } from "./evidence-word-for-word";

const [span] = evidence("Wet rope is harder to untie than dry rope.");

testRule(evidenceWordForWord, {
  passes: { "words that stand there": short("What is hard to untie?", "wet rope", { evidence: [span!] }) },
  flags: {
    "no evidence, though a sentence proves it": [
      short("What is harder to untie?", "wet rope", { evidence: [] }),
      "No evidence is tied to this question. This sentence may prove it: “Wet rope is harder to untie than dry rope.”",
    ],
    "no evidence, and nothing that proves it": [
      short("Who painted the harbour wall?", "a sailor from Spain", { evidence: [] }),
      "No evidence is tied to this question, and no sentence of the source seems to prove it.",
    ],
    "no evidence for a question that is not written yet": [
      short("", "", { evidence: [] }),
      "No evidence is tied to this question. Select the words that prove the key.",
    ],
    "words that moved": [
      short("What is hard to untie?", "wet rope", { evidence: [{ ...span!, blockId: "b1", start: 4, end: 46 }] }),
      "The evidence has moved in the source.",
    ],
    "words that are gone": [
      short("What is hard to untie?", "wet rope", { evidence: [{ ...span!, quote: "Old rope is hard." }] }),
      "The words “Old rope is hard.” are no longer in the source.",
    ],
  },
});

it("offers to tie moved evidence to its new place, which settles it", () => {
  const question = short("What is hard to untie?", "wet rope", { evidence: [{ ...span!, blockId: "b1", start: 4, end: 46 }] });
  const context = { blocks: LOG, others: [], grade: 5, lexicon: tools().lexicon };
  const [finding] = runRule(evidenceWordForWord, question, context);
  const state = {
    title: "",
    plan: createDefaultPlan(5),
    paper: createPaperSettings(""),
    slips: [{ question, status: "draft" as const, lookAgain: false, answered: {} }],
  };
  const mended = applyEdit(state, finding!.mend!.edits[0]!);
  expect(mended.ok && runRule(evidenceWordForWord, mended.value.slips[0]!.question, context)).toEqual([]);
});
