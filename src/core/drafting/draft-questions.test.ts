import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import type { Question, QuestionKind } from "../questions/question";
import { type Draft, type DraftReport, draftQuestions, type Existing } from "./draft-questions";

type Run = { drafts: Draft[]; report: DraftReport };

function run(text: string, kinds: Partial<Record<QuestionKind, number>>, options: { seed?: number; existing?: Existing; optionCount?: number } = {}): Run {
  const rows = Object.entries(kinds).map(([kind, count]) => ({
    kind: kind as QuestionKind,
    count,
    depth: "any" as const,
    points: 1,
    ...(kind === "multiple-choice" ? { optionCount: options.optionCount ?? 4 } : {}),
  }));
  const drafts: Draft[] = [];
  const generator = draftQuestions({
    analysis: analyse(text, "markdown"),
    plan: { grade: 5, rows },
    seed: options.seed ?? 1,
    newId: (index) => `q${index + 1}`,
    ...(options.existing ? { existing: options.existing } : {}),
  });
  for (let step = generator.next(); ; step = generator.next()) {
    if (step.done) return { drafts, report: step.value };
    drafts.push(step.value);
  }
}

const questions = (text: string, kinds: Partial<Record<QuestionKind, number>>): Question[] => run(text, kinds).drafts.map((draft) => draft.question);
const stems = (text: string, kinds: Partial<Record<QuestionKind, number>>) => questions(text, kinds).map((question) => question.stem);

const LENS = `# The lens of Skerry Bay

Many ships struck the rocks because their crews saw the fire too late. A prism is a block of glass that bends the light in a new direction. In 1822 a French engineer, Augustin Fresnel, designed a new lens.

The lens of Skerry Bay held 1,016 prisms. The keepers wound the clockwork every four hours. Keepers wore linen aprons because the buttons of a coat could scratch the glass. The lens weighed more than three tonnes.

An electric motor replaced the clockwork in 1954. The keepers left the tower in 1987, because the light switches itself on at dusk. A rescue team uses the tower to watch the bay. The slow rise and fall of the sea is called the tide. The council meets twice a year in the tower. A beam of light leaves the tower every night.`;

describe("short answers", () => {
  const found = questions(LENS, { "short-answer": 20 });
  const keyOf = (stem: string) => found.find((question) => question.stem === stem)?.key;
  it("asks why, with the whole reason as the key", () => {
    expect(keyOf("Why did keepers wear linen aprons?")).toBe("Because the buttons of a coat could scratch the glass");
  });
  it("asks what a term means", () => {
    const prism = found.find((question) => question.stem.includes("prism?") || question.key === "A prism");
    const [stem, key] = prism!.stem.startsWith("What is")
      ? ["What is a prism?", "A block of glass that bends the light in a new direction"]
      : ["What do we call a block of glass that bends the light in a new direction?", "A prism"];
    expect(prism).toMatchObject({ stem, key });
  });
  it("asks what a thing is called, and takes the term without its article too", () => {
    const naming = found.find((question) => question.stem === "What is the slow rise and fall of the sea called?");
    expect(naming).toMatchObject({ key: "The tide", accepted: ["tide"] });
  });
  it("asks what for", () => {
    expect(keyOf("Why does a rescue team use the tower?")).toBe("To watch the bay");
  });
  it("accepts a number in digits and in words, with and without its noun", () => {
    const prisms = found.find((question) => question.stem === "How many prisms did the lens of Skerry Bay hold?");
    expect(prisms).toMatchObject({ key: "1,016", accepted: expect.arrayContaining(["1016", "one thousand and sixteen", "1016 prisms"]) });
  });
});

describe("one answer", () => {
  it("is asked for twice at the most", () => {
    const text =
      "# The drum\n\nA sailor rolled the old drum across the square. A farmer painted the old drum with bright stars. A painter carried the old drum to the harbour. A carpenter repaired the old drum with thin strings.";
    const keys = questions(text, { "short-answer": 12 }).map(({ key }) => JSON.stringify(key));
    expect(keys.filter((key) => /old drum/i.test(key)).length).toBe(2);
  });
});

describe("multiple choice", () => {
  const found = questions(LENS, { "multiple-choice": 12 });
  it("has one key among the wanted number of different options", () => {
    expect(found.length).toBeGreaterThan(3);
    for (const question of found) {
      if (question.kind !== "multiple-choice") throw new Error(question.kind);
      expect(question.options.filter((option) => option.id === question.key)).toHaveLength(1);
      expect(new Set(question.options.map((option) => option.text.toLowerCase())).size).toBe(question.options.length);
      expect(question.options).toHaveLength(4);
    }
  });
  it("puts numbers in order of size", () => {
    const prisms = found.find((question) => question.stem.startsWith("How many prisms"));
    if (prisms?.kind !== "multiple-choice") throw new Error("no such draft");
    const values = prisms.options.map((option) => Number(option.text.replace(/,/g, "")));
    expect(values).toEqual([...values].sort((a, b) => a - b));
    expect(values).toContain(1016);
  });
  it("offers no number where the source only bounds it", () => {
    expect(found.map((question) => question.stem)).not.toContain("How many tonnes did the lens weigh?");
  });
  it("takes three or five options when the plan says so", () => {
    for (const optionCount of [3, 5]) {
      const { drafts } = run(LENS, { "multiple-choice": 2 }, { optionCount });
      for (const { question } of drafts) expect(question.kind === "multiple-choice" && question.options.length).toBe(optionCount);
    }
  });
});

describe("true or false", () => {
  const found = questions(LENS, { "true-false": 20 });
  it("never copies a sentence of the source word for word", () => {
    for (const question of found) expect(LENS).not.toContain(question.stem);
  });
  it("makes false ones that the source denies, with the correction", () => {
    const wrong = found.filter((question) => question.kind === "true-false" && !question.key);
    expect(wrong.length).toBeGreaterThan(0);
    for (const question of wrong) expect(question.kind === "true-false" && question.correction).toBeTruthy();
  });
  it("changes nothing under can, must or may", () => {
    const hedged = questions("The boat can carry twelve people. At least five members must agree. The tide may rise four metres at the harbour wall.", {
      "true-false": 5,
    });
    expect(hedged.filter((question) => question.key === false)).toEqual([]);
  });
  it("has at most two true ones more than false ones, and says so", () => {
    const text =
      "Every spring the boats carry sheep to the island. Every night the gulls sleep on the roofs. Every year a baker from the town gives the crew a cake. Every week the children of the school mend old nets.";
    const { drafts, report } = run(text, { "true-false": 9 });
    expect(drafts.map(({ question }) => question.key)).toEqual([true, true]);
    expect(report.rows).toEqual([{ kind: "true-false", asked: 9, drafted: 2, reason: "only-true-left" }]);
  });
  it("has more of them where some can be false", () => {
    const keys = questions(LENS, { "true-false": 12 }).map(({ key }) => key);
    expect(keys.filter((key) => key === false).length).toBeGreaterThanOrEqual(3);
    expect(keys.filter((key) => key === true).length).toBeLessThanOrEqual(keys.filter((key) => key === false).length + 2);
  });
  it("lets the two sides of a comparison change places", () => {
    const text = "Wet rope is harder to untie than dry rope. Nylon rope is stronger than hemp rope.";
    expect(stems(text, { "true-false": 4 })).toEqual(
      expect.arrayContaining([expect.stringMatching(/^(?:Dry rope is harder to untie than wet rope|Hemp rope is stronger than nylon rope)\.$/)]),
    );
  });
});

describe("gap fill", () => {
  const found = questions(LENS, { "gap-fill": 10 });
  it("takes out one word or number, never at the start, and not one that stands there twice", () => {
    expect(found.length).toBeGreaterThan(2);
    for (const question of found) {
      expect(question.stem.split("____")).toHaveLength(2);
      expect(question.stem.startsWith("____")).toBe(false);
      expect(question.stem.toLowerCase()).not.toContain(` ${String(question.key).toLowerCase()} `);
    }
  });
  it("has words to choose from in every line where a row wants them", () => {
    const rows = [{ kind: "gap-fill" as const, count: 4, depth: "any" as const, points: 1, gapAnswer: "choose" as const }];
    const drafts = [...draftQuestions({ analysis: analyse(LENS, "markdown"), plan: { grade: 5, rows }, seed: 1, newId: String })];
    expect(drafts.length).toBeGreaterThan(0);
    for (const { question } of drafts) {
      const { choices = [], key } = question as { choices?: string[]; key: string };
      expect(choices.length).toBeGreaterThanOrEqual(3);
      expect(choices).toContain(key);
    }
  });
  it("shows a(n), so that the article gives no letter away", () => {
    expect(found.map((question) => question.stem)).toContain("A block of glass that bends the light in a new direction is called a(n) ____.");
  });
});

describe("every draft", () => {
  const { drafts } = run(LENS, { "multiple-choice": 5, "true-false": 5, "gap-fill": 4, "short-answer": 5 });
  it("carries evidence that stands in the source, word for word", () => {
    const { blocks } = analyse(LENS, "markdown");
    for (const { question } of drafts) {
      expect(question.evidence.length).toBeGreaterThan(0);
      for (const span of question.evidence) expect(blocks.find((block) => block.id === span.blockId)!.text.slice(span.start, span.end)).toBe(span.quote);
    }
  });
  it("asks about a fact that no other draft asks about", () => {
    expect(new Set(drafts.map((draft) => draft.origin.factId)).size).toBe(drafts.length);
  });
});

describe("plan and seed", () => {
  const kinds = { "multiple-choice": 3, "true-false": 3, "short-answer": 3 } as const;
  it("the same give the same drafts", () => {
    expect(run(LENS, kinds, { seed: 7 })).toEqual(run(LENS, kinds, { seed: 7 }));
  });
  it("another seed gives another choice", () => {
    expect(run(LENS, kinds, { seed: 7 }).drafts).not.toEqual(run(LENS, kinds, { seed: 8 }).drafts);
  });
  it("drafting again asks nothing that is there", () => {
    const first = run(LENS, kinds);
    const existing = { factIds: first.drafts.map((draft) => draft.origin.factId), stems: first.drafts.map((draft) => draft.question.stem) };
    const second = run(LENS, kinds, { seed: 2, existing });
    expect(second.drafts.length).toBeGreaterThan(0);
    for (const draft of second.drafts) {
      expect(existing.factIds).not.toContain(draft.origin.factId);
      expect(existing.stems).not.toContain(draft.question.stem);
    }
  });
});

describe("one sentence", () => {
  it.each([
    [
      "is asked about twice where it is long and has two clauses",
      "Harbour masters need a tide table for every week, and fishing crews need a licence from the harbour council.",
      ["What do harbour masters need for every week?", "What do fishing crews need from the harbour council?"],
    ],
    [
      "is asked about once where two questions have one answer",
      "The harbour lawyers of Skerry Bay must prove that the old keeper is guilty of the wreck.",
      [expect.any(String)],
    ],
    ["is asked about once where it is short", "The keepers burned whale oil, and the fishermen paid a tax.", ["What did the keepers burn?"]],
    [
      "is asked about once where it has one clause",
      "The keepers of the harbour light burned whale oil in great brass lamps on the tower.",
      [expect.any(String)],
    ],
  ])("%s", (_, text, wanted) => {
    expect(stems(text, { "short-answer": 6 })).toEqual(wanted);
  });
});

describe("what the text cannot bear", () => {
  it("is said row by row, with the reason", () => {
    const { report, drafts } = run("The lamp burned all night. The keeper slept.", { "multiple-choice": 5 });
    expect(report.rows).toEqual([{ kind: "multiple-choice", asked: 5, drafted: drafts.length, reason: expect.any(String) }]);
    expect(drafts.length).toBeLessThan(5);
  });
  it("is said of gaps for which there is nothing to choose from", () => {
    const rows = [{ kind: "gap-fill" as const, count: 2, depth: "any" as const, points: 1, gapAnswer: "choose" as const }];
    const generator = draftQuestions({ analysis: analyse("A petition is a letter that many people sign."), plan: { grade: 5, rows }, seed: 1, newId: String });
    const end = generator.next();
    expect(end).toMatchObject({ done: true, value: { rows: [{ drafted: 0, reason: "no-fair-options" }] } });
  });
  it.each([
    ["a list of words", "- rope\n- tar\n- lamp"],
    ["one word a thousand times", "lamp ".repeat(1000)],
    ["capitals", "THE LAMP WAS LIT. THE KEEPER SLEPT."],
    ["speech", "“Come here,” said Nell. “No,” said the seal."],
    ["numbers", "12 14 16 m. 18 20 22 m."],
  ])("%s: no draft and no crash", (_, text) => {
    expect(run(text, { "multiple-choice": 3, "true-false": 3, "gap-fill": 3, "short-answer": 3 }).drafts).toEqual([]);
  });
});

describe("what a teacher's judgements taught", () => {
  it("moves like drafts forward and back, and changes nothing else", () => {
    const analysis = analyse(LENS, "markdown");
    const plan = { grade: 5, rows: [{ kind: "short-answer" as const, count: 1, depth: "any" as const, points: 1 }] };
    const first = (shifts?: Record<string, number>) =>
      [...draftQuestions({ analysis, plan, seed: 1, newId: String, ...(shifts ? { shifts } : {}) })].map(({ origin }) => origin.pattern);
    const [usual] = first();
    expect(first({ [`short-answer/${usual}`]: -2 })).not.toEqual([usual]);
    expect(first({ "short-answer/how-many": 5 })).toEqual(["how-many"]);
    expect(first({ "multiple-choice/how-many": 5 })).toEqual([usual]);
  });
});

describe("failures that were seen", () => {
  const all = (text: string) => stems(text, { "multiple-choice": 9, "true-false": 9, "gap-fill": 9, "short-answer": 9 }).join("\n");
  it("does not take even though for a reason", () => {
    expect(all("The old keepers polished the heavy lamp even though the cold rain never stopped. The bay was calm.")).not.toMatch(/^Why/m);
  });
  it("does not ask about a pronoun that is open", () => {
    expect(all("Nell met Ida at the harbour wall. The seal bit her because she frightened it in the dark.")).not.toMatch(/\b(?:she|her|it)\b/);
  });
  it("does not ask about this and that", () => {
    expect(all("This machine turned the great lens because that motor had failed in the storm.")).toBe("");
  });
  it("asks with the base form after did, whatever the past looks like", () => {
    expect(stems("Fishermen wound the ropes because a storm had torn the nets.", { "short-answer": 3 })).toContain("Why did fishermen wind the ropes?");
  });
  it("speaks of a story's deeds only where there is a reason", () => {
    expect(all("“Help,” she cried. Nell took the lantern from the hook. “Wait,” he said. She opened the door.")).not.toContain("What did Nell take");
  });
  it("gives a writer's reasons as the writer's", () => {
    expect(all("I believe that the horn should stay. Small boats carry no receiver because a good receiver costs a month's catch.")).toContain(
      "According to the writer, why do small boats carry no receiver?",
    );
  });
});

describe("a story full of speech", () => {
  const TALK = ["Nell", "Tom", "Ida", "Ned"]
    .flatMap((name, index) => [
      `"The rope is as old as the tower number ${index}," said ${name}.`,
      `"We must row to the other side before dark ${index}," said ${name}.`,
    ])
    .join("\n\n");
  it("is asked who says which words twice at the most", () => {
    const found = stems(`# The rope\n\nNell met Tom, Ida and Ned on the pier.\n\n${TALK}`, { "short-answer": 8 }).filter((stem) =>
      stem.startsWith("Who in the story says"),
    );
    expect(found).toHaveLength(2);
  });
});
