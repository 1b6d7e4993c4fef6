import { defineRule } from "../define-rule";

/** A made-up sentence among the proofs asks about a passage that nobody has read. */
export const proofsAreQuotations = defineRule({
  id: "proofs-are-quotations",
  verdict: "wrong",
  source: "Every sentence that is offered as proof is the source's own.",
  about: "Each sentence offered as proof stands word for word in the source, and the right one is the evidence.",
  appliesTo: ["two-part"],
  example: { good: "A sentence that stands in the source, word for word", bad: "A sentence in other words" },
  messages: {
    "made-up": "“{words} …” is not a sentence of the source. Take one that is.",
    "not-evidence": "The sentence keyed as proof is not among the evidence.",
  },
  check(question, { blocks }, report) {
    if (question.kind !== "two-part") return;
    for (const proof of question.proofs) {
      const stands = blocks.some((block) => !block.leftOut && block.text.includes(proof.text));
      if (proof.text.trim() !== "" && !stands)
        report("made-up", { words: proof.text.split(" ").slice(0, 5).join(" ") }, { part: "option", optionId: proof.id });
    }
    const keyed = question.proofs.find((proof) => proof.id === question.key[1])?.text ?? "";
    const isEvidence = question.evidence.some((span) => span.quote.includes(keyed) || keyed.includes(span.quote));
    if (keyed !== "" && question.evidence.length > 0 && !isEvidence) report("not-evidence", {}, { part: "key" });
  },
});
