import { anchorSpan } from "../../source/anchor-span";
import { defineRule } from "../define-rule";
import { proposeEvidence } from "../propose-evidence";

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
    proposed: "No evidence is tied to this question. This sentence may prove it: “{quote}”",
    nowhere: "No evidence is tied to this question, and no sentence of the source seems to prove it.",
    moved: "The evidence has moved in the source.",
    lost: "The words “{quote}” are no longer in the source.",
  },
  check(question, { blocks, lexicon }, report) {
    if (question.evidence.length === 0) {
      const [best] = proposeEvidence(question, blocks, lexicon, 1);
      const isWritten = question.stem.trim() !== "" && !TASKS.has(question.kind);
      const tie = best && { type: "set-evidence" as const, questionId: question.id, from: question.evidence, to: [best.span] };
      if (best && tie) report("proposed", { quote: shorten(best.span.quote) }, { part: "evidence" }, { label: "Tie it", edits: [tie] });
      else report(isWritten && question.stem.split(" ").length > 3 ? "nowhere" : "none", {}, { part: "evidence" });
    }
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

/** Tasks over the whole source have no one sentence that proves them. */
const TASKS = new Set(["open-response", "essay", "poll", "order", "match", "word-in-context"]);

function shorten(quote: string): string {
  return quote.length > 60 ? `${quote.slice(0, 57).trimEnd()} …` : quote;
}
