import { defineSetRule } from "../define-set-rule";

const MOST_ON_ONE_SENTENCE = 3;

/** Many questions on one sentence leave others unasked. */
export const evidenceSpread = defineSetRule({
  id: "evidence-spread",
  verdict: "look",
  source: "Haladyna, Downing and Rodriguez 2002, no. 1: base each item on one kind of content; a table of specifications spreads them",
  about: "At most three questions rest on the same sentence.",
  example: { good: "Twelve questions on ten sentences", bad: "Four questions on “The lens floats on mercury.”" },
  check(questions) {
    const bySentence = new Map<string, string[]>();
    for (const question of questions) {
      for (const span of question.evidence) {
        const place = `${span.blockId} ${span.start}`;
        bySentence.set(place, [...new Set([...(bySentence.get(place) ?? []), question.id])]);
      }
    }
    return [...bySentence.values()].flatMap((ids) => {
      if (ids.length <= MOST_ON_ONE_SENTENCE) return [];
      const told = `${ids.length} questions rest on the same sentence.`;
      const beside = ids
        .slice(MOST_ON_ONE_SENTENCE)
        .map((id) => ({ id, reason: `${told} Does it need this one too?`, see: ids.slice(0, MOST_ON_ONE_SENTENCE) }));
      return [{ rule: "evidence-spread", ids, reason: `${told} Ask about others.`, beside }];
    });
  },
});
