import { describe, expect, it } from "vitest";
import { blocksOf, tools } from "../../../tests/support/language-tools";
import { choice, short, statement } from "../../../tests/support/rule-tester";
import type { Question } from "../questions/question";
import { createSpan } from "../source/create-span";
import { checkQuestion } from "./check-question";

const SOURCE = blocksOf(
  "The lens floats on a ring of mercury. The keepers polished the brass with chalk. A gull stole the oil can. The visitors brought a warm lamp.\n\nIn 1871 the lens arrived in forty-one crates. A storm broke the window in 1902. The pilot wore a leather coat, and the boy carried a small basket. Ida drew a map.",
);

const on = (quote: string) => {
  const block = SOURCE.find((other) => other.text.includes(quote))!;
  return [createSpan(block, block.text.indexOf(quote), block.text.indexOf(quote) + quote.length)];
};
const mendsOf = (question: Question, rule: string) =>
  checkQuestion(question, { blocks: SOURCE, others: [], grade: 6, lexicon: tools().lexicon })
    .findings.filter((finding) => finding.rule === rule)
    .map(({ mend }) => mend);
const changed = (question: Question, rule: string) => mendsOf(question, rule).flatMap((mend) => mend?.edits ?? []);

describe("an option that will not do is swapped for another of the key's kind", () => {
  const wore = on("The pilot wore a leather coat");
  it("from the source, with the key's article and number, and neither in the evidence nor among the options", () => {
    const question = choice("What did the pilot wear?", ["a leather coat", "all of the above", "a warm lamp"], 0, { evidence: wore });
    const [edit] = changed(question, "no-all-or-none");
    expect(edit).toMatchObject({ type: "set-option", optionId: "o2", from: "all of the above" });
    const to = edit?.type === "set-option" ? edit.to : "";
    expect(to).toMatch(/^an? /);
    expect(SOURCE.some((block) => block.text.toLowerCase().includes(to))).toBe(true);
    expect(["a leather coat", "a warm lamp"]).not.toContain(to);
    expect(wore[0]!.quote).not.toContain(to);
  });
  it("by a year near the key's, where the key is a year", () => {
    const question = choice("In what year did the lens arrive?", ["1871", "1871", "1902"], 0, {
      evidence: on("In 1871 the lens arrived in forty-one crates."),
    });
    const [edit] = changed(question, "one-right-option");
    expect(edit?.type === "set-option" && edit.to).toMatch(/^1[89]\d\d$/);
    expect(edit?.type === "set-option" && ["1871", "1902"].includes(edit.to)).toBe(false);
  });
  it("and an empty one is filled", () => {
    const question = choice("What did the pilot wear?", ["a leather coat", "", "a warm lamp"], 0, { evidence: wore });
    expect(mendsOf(question, "question-complete")[0]?.label).toMatch(/^Write “an? .+”$/);
  });
  it("but the key itself never, nor an option beside a key that is a whole sentence", () => {
    const key = choice("What did the pilot wear?", ["all of the above", "a warm lamp", "a map"], 0, { evidence: wore });
    expect(mendsOf(key, "no-all-or-none")).toEqual([undefined]);
    const long = choice("Why did it float?", ["The lens floats on a ring of mercury by night.", "all of the above", "It is light."], 0, { evidence: wore });
    expect(mendsOf(long, "no-all-or-none")).toEqual([undefined]);
  });
});

describe("a key that is too long is shortened at a joint", () => {
  const evidence = on("The lens floats on a ring of mercury.");
  const length = (key: string) =>
    changed(choice("What does the lens float on?", [key, "a bed of sand", "a layer of oil"], 0, { evidence }), "options-alike-in-length");
  it("where something was only added", () => {
    expect(length("a ring of mercury, which is much heavier than the glass of the lens")).toMatchObject([{ optionId: "o1", to: "a ring of mercury" }]);
  });
  it("and else left to the teacher", () => {
    expect(length("a very broad and very heavy ring of liquid mercury")).toEqual([]);
  });
});

describe("a pronoun gives way to its noun", () => {
  it.each([
    [
      "the one that agrees in the evidence",
      short("What did they polish with chalk?", "the brass", { evidence: on("The keepers polished the brass with chalk.") }),
      "What did the keepers polish with chalk?",
    ],
    [
      "a thing named with a before",
      short("What did it break in 1902?", "the window", { evidence: on("A storm broke the window in 1902.") }),
      "What did the storm break in 1902?",
    ],
    [
      "an owner",
      statement("Their brass was polished with chalk.", true, { evidence: on("The keepers polished the brass with chalk.") }),
      "The keepers’ brass was polished with chalk.",
    ],
  ])("%s", (_, question, wanted) => {
    expect(changed(question, "pronouns-have-nouns")).toMatchObject([{ type: "set-stem", to: wanted }]);
  });
  it("unless it is what is asked for, or nothing agrees", () => {
    expect(
      changed(
        short("Who polished it with chalk? They did.", "the keepers", { evidence: on("The keepers polished the brass with chalk.") }),
        "pronouns-have-nouns",
      ),
    ).not.toContainEqual(expect.objectContaining({ to: expect.stringContaining("the keepers") }));
    expect(changed(short("What did they draw?", "a map", { evidence: on("Ida drew a map.") }), "pronouns-have-nouns")).toEqual([]);
  });
});
