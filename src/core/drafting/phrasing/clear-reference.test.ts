import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { binderOf, findUnclear } from "./clear-reference";

/** Why the subject of the last sentence cannot stand alone. */
function unclearSubject(text: string) {
  const analysis = analyse(text, "markdown");
  const sentence = analysis.sentences.at(-1)!;
  const [clause] = sentence.clauses;
  if (!clause) throw new Error(`Not understood: ${text}`);
  return findUnclear(clause.subject, sentence, analysis);
}
/** Why what follows the verb cannot stand beside the subject. */
function unclearRest(text: string) {
  const analysis = analyse(text, "markdown");
  const sentence = analysis.sentences.at(-1)!;
  const [clause] = sentence.clauses;
  if (!clause) throw new Error(`Not understood: ${text}`);
  const binder = binderOf(clause.subject, "", analysis);
  return [...clause.complements, ...clause.adjuncts].map(({ node }) => findUnclear(node, sentence, analysis, binder, !node.cat.includes("sb"))).find(Boolean);
}

describe("a subject by itself", () => {
  it.each([
    ["a new thing", "A storm broke the window.", undefined],
    ["a kind of things", "Limpets hold on to rocks.", undefined],
    ["a name", "Ida Marrow kept the light.", undefined],
    ["what there is only one of", "The moon pulls the sea.", undefined],
    ["the word of the title", "# The lens\n\nThe lens was heavy.", undefined],
    ["what is said of it fixes it", "The captain of the mail ship wrote a letter.", undefined],
    ["a word that the source keeps using", "The pilot knows the water. The pilot climbed the ladder.", undefined],
    ["a pronoun", "It was heavy.", "pronoun"],
    ["this and that", "This machine turned the lamp.", "demonstrative"],
    ["another", "Another boat came in.", "demonstrative"],
    ["a thing not spoken of", "The voyage took a week.", "definite-without-antecedent"],
    ["the writer", "We believe that the horn should stay.", "first-person"],
    ["somebody's", "Their engine failed at night.", "pronoun"],
  ])("%s", (_, text, wanted) => {
    expect(unclearSubject(text)).toBe(wanted);
  });
});

describe("beside its subject", () => {
  it.each([
    ["its own", "Limpets close their shells.", undefined],
    ["a pronoun that can only mean another", "The keepers polished it.", "pronoun"],
    ["one that means the subject in a clause of its own", "Many ships sank because they were old.", undefined],
    ["what the source itself takes as known", "Limpets clamp to the rock.", undefined],
    ["more, without than", "The sea rises higher.", "comparison-left-open"],
    ["more, with than", "Steel rope is stronger than hemp rope.", undefined],
    ["here and there", "The boats stay there.", "points-elsewhere"],
    ["too, as a degree", "The channel is too shallow for ships.", undefined],
    ["the same, of two", "The sun and the moon pull in the same line.", undefined],
    ["them, beside those who use them", "Ida Marrow thinks that cafés should stop using them.", "pronoun"],
    ["the best of all of them", "The fox is the smallest of all foxes.", undefined],
    ["so much of it", "A worker ate a kilogram of it.", "pronoun"],
    ["some ones", "The girl carried eleven living ones.", "demonstrative"],
    ["one that is said to be so", "The printer invented one that was based on oil.", "demonstrative"],
    ["the second of something", "The captain checked the pump on the second.", "demonstrative"],
  ])("%s", (_, text, wanted) => {
    expect(unclearRest(text)).toBe(wanted);
  });
});
