import { anchorSpan } from "../../source/anchor-span";
import { defineRule } from "../define-rule";

/** Proof that is no longer in the source proves nothing. */
export const evidenceWordForWord = defineRule({
  id: "evidence-word-for-word",
  verdict: "look",
  source: "Every key is proved by the source's own words.",
  about: "The evidence stands in the source, word for word.",
  appliesTo: "all",
  example: { good: "“The lens floats on a ring of mercury.”", bad: "“The lens swims on a ring of mercury.”" },
  messages: {
    none: "No evidence is tied to this question. Select the words that prove the key.",
    moved: "The evidence has moved in the source.",
    lost: "The words “{quote}” are no longer in the source.",
  },
  check(question, { blocks }, report) {
    if (question.evidence.length === 0) report("none", {}, { part: "evidence" });
    for (const span of question.evidence) {
      const anchored = anchorSpan(span, blocks);
      if (anchored.found === "lost") report("lost", { quote: shorten(span.quote) }, { part: "evidence" });
      if (anchored.found === "moved") {
        const to = question.evidence.map((other) => (other === span ? anchored.span : other));
        report(
          "moved",
          {},
          { part: "evidence" },
          { label: "Tie it to its new place", edits: [{ type: "set-evidence", questionId: question.id, from: question.evidence, to }] },
        );
      }
    }
  },
});

function shorten(quote: string): string {
  return quote.length > 60 ? `${quote.slice(0, 57).trimEnd()} …` : quote;
}
