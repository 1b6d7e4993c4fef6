import { runRule } from "../define-rule";
import { defineSetRule } from "../define-set-rule";
import { askedOnce } from "../rules/asked-once";

/** The pairs that the rule of the same name finds, question by question; beside a slip that rule speaks for itself. */
export const eachAskedOnce = defineSetRule({
  ...askedOnce,
  check(questions, lexicon) {
    return questions.flatMap((question, index) =>
      questions.slice(index + 1).flatMap((other) => {
        const twice = runRule(askedOnce, question, { blocks: [], others: [other], grade: 12, lexicon }).length > 0;
        return twice ? [{ rule: askedOnce.id, ids: [question.id, other.id], reason: "These two ask much the same. Keep one of them.", beside: [] }] : [];
      }),
    );
  },
});
