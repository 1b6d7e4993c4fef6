import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { analyse, root, tools } from "../../../../tests/support/language-tools";
import { gapsOf, type Question, type QuestionKind } from "../../questions/question";
import { stockOf } from "../candidates";
import { draftQuestions } from "../draft-questions";
import type { GapWords, Plan, PlanRow, Steer } from "../plan";
import { draftEssays } from "./draft-essays";
import { draftHeadings } from "./draft-headings";
import { draftMatches } from "./draft-matches";
import { draftOpenResponses } from "./draft-open-responses";
import { draftReferences } from "./draft-references";
import { draftSelectAll } from "./draft-select-all";
import { draftSpeakers } from "./draft-speakers";
import { draftOwnWords } from "./draft-word-gaps";
import { draftWordsInContext } from "./draft-words-in-context";
import { claimOf } from "./find-claim";

const passage = (name: string) => readFileSync(path.join(root, name.includes("/") ? name : `quality/passages/${name}`), "utf8");
const read = (name: string) => analyse(passage(name), "markdown");
const draft = (name: string, row: Partial<PlanRow> & { kind: QuestionKind }, steer?: Steer): Question[] => {
  const plan = { grade: 5, rows: [{ count: 3, depth: "any" as const, points: 4, ...row }], ...(steer ? { steer } : {}) };
  return [...draftQuestions({ analysis: read(name), plan, seed: 1, newId: String })].map(({ question }) => question);
};

describe("select all", () => {
  it("takes a list of the text, and nouns that it does not list there", () => {
    const [measured] = draftSelectAll(stockOf(read("demo/passages/ida-marrow-keeper.md")), 1).filter((candidate) => candidate.pattern === "all-of-a-list");
    expect(measured!.parts).toMatchObject({ right: ["the wind", "the rain", "the temperature of the sea"] });
  });
  it("puts true statements beside some that the text denies, each with its sentence", () => {
    const [question] = draft("the-salt-pans.md", { kind: "select-all" });
    if (question?.kind !== "select-all") throw new Error("none");
    expect(question.key.length).toBeGreaterThanOrEqual(2);
    expect(question.options.length - question.key.length).toBe(2);
    expect(question.evidence).toHaveLength(question.options.length);
    expect(question.explanation).toMatch(/\.$/);
  });
});

it("offers nothing twice where the page says things twice", () => {
  const page = passage("the-salt-pans.md");
  const analysis = analyse(`${page}\n\n## In short\n\n${page.replace(/^#.*$/gm, "")}`, "markdown");
  const kinds: QuestionKind[] = ["multiple-choice", "select-all", "two-part", "open-response", "essay"];
  const plan = { grade: 5, rows: kinds.map((kind) => ({ kind, count: 6, depth: "any" as const, points: 4 })) };
  const texts = [...draftQuestions({ analysis, plan, seed: 1, newId: String })].flatMap(({ question }) => [
    ...("options" in question ? [question.options.map(({ text }) => text)] : []),
    ...("proofs" in question ? [question.proofs.map(({ text }) => text)] : []),
    ...(question.kind === "essay" || question.kind === "open-response" ? [question.key.points] : []),
  ]);
  expect(texts.length).toBeGreaterThan(6);
  for (const list of texts) expect(new Set(list).size).toBe(list.length);
});

it("takes no claim that speaks of another sentence", () => {
  const text = "The town keeps 640 lamps burning. I think that they should be switched off. I believe that the council should dim every lamp at midnight.";
  expect(claimOf(stockOf(analyse(text)))?.text).toBe("I believe that the council should dim every lamp at midnight.");
  expect(claimOf(stockOf(analyse("The town keeps 640 lamps burning. I think that they should be switched off.")))).toBeUndefined();
});

it.each([
  [
    "what others say",
    "# A break\n\nA group of doctors, which has many members, says that breaks should never be taken away. Our school should keep its long break.",
    "Our school should keep its long break.",
  ],
  [
    "a condition of it",
    "# A pet\n\nI believe that every class should have a pet. A class should only get a pet if the teacher agrees.",
    "I believe that every class should have a pet.",
  ],
  [
    "what speaks of another sentence",
    "# Lamps\n\nThe town keeps 640 lamps. The council should switch off half of them at midnight. The town should save power.",
    "The town should save power.",
  ],
  [
    "what something takes",
    "# A kitchen\n\nTo make soup for many you must multiply. Our school should open its kitchen.",
    "Our school should open its kitchen.",
  ],
])("takes no claim from %s", (_, text, claim) => {
  expect(claimOf(stockOf(analyse(text, "markdown")))?.text).toBe(claim);
});

describe("essays", () => {
  it("explain what a text explains, at the length of the grade", () => {
    const [question] = draft("how-a-by-law-is-made.md", { kind: "essay" });
    expect(question!.stem).toBe(
      "Explain how a by-law is made, for someone who has not read the passage. Write two paragraphs. Use at least four facts from the passage, in your own words.",
    );
    expect(question!.rubric!.map((level) => level.points)).toEqual([4, 3, 2, 1]);
  });
  it("argue what the writer argues, with sample answers for both sides from the text", () => {
    const [candidate] = draftEssays(stockOf(read("every-pupil-should-swim.md")));
    expect(candidate!.stem).toContain("“The school should teach every pupil to swim.”");
    const parts = candidate!.parts;
    if (parts?.sort !== "essay") throw new Error("no essay");
    expect(parts.models.map((model) => model.side)).toEqual(["Agree", "Disagree"]);
    expect(parts.models[1]!.text).toContain("Some people say that lessons cost too much.");
  });
  it("say honestly where the text gives reasons for one side only", () => {
    const text =
      "# Keep the lamp\n\nThe council should keep the old lamp. Sailors like the lamp because its light is warm. Visitors come to the town because the lamp is famous. The lamp costs little, because the keeper works without pay.";
    const [candidate] = draftEssays(stockOf(analyse(text, "markdown")));
    const parts = candidate?.parts;
    if (parts?.sort !== "essay") throw new Error("no essay");
    expect(parts.models).toHaveLength(1);
    expect(parts.points.at(-1)).toBe("The passage gives reasons for one side only; reasons against it must be the student's own.");
  });
  const arguedOn = (title: string) => {
    const text = `# ${title}\n\nI believe in it. Sailors like the lamp because its light is warm. Visitors come to the town because the lamp is famous. It should stay.`;
    return draftEssays(stockOf(analyse(text, "markdown")))
      .find(({ pattern }) => pattern === "essay-argue")
      ?.stem.split(" [")[0];
  };
  it.each([
    ["Keep the lamp", "The title says: “Keep the lamp.” Do you agree?"],
    ["Should we keep the lamp?", "The title asks: “Should we keep the lamp?” What is your answer?"],
    ["The old lamp", undefined],
  ])("argue with the title where no sentence says what is wanted: %s", (title, wanted) => {
    expect(arguedOn(title)).toBe(wanted);
  });
  it("tell a story as one of its persons would", () => {
    const [question] = draft("demo/passages/the-night-bell.md", { kind: "essay" });
    expect(question!.stem).toMatch(/^Tell what happens in “The night bell” as Nell would tell it\./);
  });
});

describe("stories", () => {
  const gull = stockOf(read("the-gull-and-the-cormorant.md"));
  it("are asked who says what, where the text names the speaker", () => {
    expect(draftSpeakers(gull, 1).map(({ stem, key }) => [stem, key])).toContainEqual(["Who in the story says: “Why do you help me?”", "the gull"]);
  });
  it("are put in order by what happens, never by what lasts", () => {
    const [question] = draft("the-boy-who-counted-ships.md", { kind: "order" });
    if (question?.kind !== "order") throw new Error("none");
    expect(question.key.map((id) => question.items.find((item) => item.id === id)!.text)[0]).toBe("Jory climbed the hill behind his house every afternoon.");
  });
});

describe("words in context", () => {
  it("take the meaning from the text where it defines the word", () => {
    const defined =
      "# Words of the harbour\n\nA breakwater is a wall that protects a harbour from waves. A hawser is a thick rope that holds a ship. A tender is a small boat that carries stores to a tower. A fender is a soft cushion that keeps a boat from the quay.";
    const meanings = draftWordsInContext(stockOf(analyse(defined, "markdown")), 1).filter((candidate) => candidate.pattern === "meaning-by-source");
    expect(meanings.map(({ stem, key }) => [stem, key])).toContainEqual(["What does “hawser” mean in the passage?", "a thick rope that holds a ship"]);
    for (const candidate of meanings) expect(candidate.evidence[0]!.text).toContain(candidate.key);
  });
  it("are worth little where the whole text tells of the word", () => {
    const told =
      "# Hawsers\n\nA hawser is a thick rope that holds a ship. A tender is a small boat that carries stores to a tower. A fender is a soft cushion that keeps a boat from the quay. A breakwater is a wall that protects a harbour from waves. A hawser is wet. A hawser is heavy. A hawser is brown.";
    const worth = new Map(draftWordsInContext(stockOf(analyse(told, "markdown")), 1).map(({ stem, worth: weight }) => [stem, weight]));
    expect(worth.get("What does “hawser” mean in the passage?")).toBeLessThan(worth.get("What does “tender” mean in the passage?")!);
  });
  const inContext = (text: string) => draftWordsInContext(stockOf(analyse(text, "markdown")), 1).map(({ stem, key }) => [stem, key]);
  it("ask what taught words mean, each in its base form", () => {
    expect(inContext("# The fog\n\nThe keeper was reluctant to leave the tower. Two thick ropes vanished in the fog.")).toEqual([
      ["What does “reluctant” mean in the passage?", "not wanting to do something"],
      ["What does “to vanish” mean in the passage?", "to be seen no more"],
      ["What does “fog” mean in the passage?", "a cloud close to the ground"],
    ]);
  });
  it.each([
    ["what the passage itself explains", "Fog is a cloud that lies on the sea."],
    ["part of a longer term", "The keeper heard the fog horn."],
    ["a verb with a particle", "The keeper knocked the bell over and rinsed out the cup."],
    ["a word of two classes", "Pilots import tea. The import of tea is free."],
    ["a name", "The boat sailed past Reluctant Rock."],
    ["privacy, which no army enters", "Offices may not invade the privacy of the keeper."],
    ["an ancestor that is nobody's family", "The legs once carried its ancestor."],
    ["a sprout without a seed", "New vessels sprout in the wound."],
    ["a claw that is no nail", "The crab shut the door with its claw."],
  ])("leave alone %s", (_what, sentence) => {
    expect(inContext(`# Notes\n\n${sentence}`)).toEqual([]);
  });
  it("offer meanings that are of one sort, far from the right one and from each other", () => {
    const [word] = draftWordsInContext(stockOf(analyse("# Notes\n\nThe keeper was weary.", "markdown")), 1);
    const distractors = word?.distractors ?? [];
    expect(new Set(distractors).size).toBe(3);
    expect(distractors).not.toContain("nearly asleep");
    expect(distractors).not.toContain("easily broken");
  });
  it("quote the sentence where the source is long", () => {
    const long = `# Notes\n\nThe keeper was weary. ${"The lamp turned all night. ".repeat(70)}`;
    expect(inContext(long)[0]![0]).toBe("What does “weary” mean in this sentence? “The keeper was weary.”");
  });
  it("are matched with their meanings, words of one class and nouns of one sort", () => {
    const text =
      "# Notes\n\nThe keeper was reluctant to leave. His boat was fragile. The stairs were steep. The old chart was accurate. The fog was dense. A smuggler vanished.";
    const match = draftMatches(stockOf(analyse(text, "markdown"))).find(({ pattern }) => pattern === "match-words")!;
    expect(match.parts).toEqual({
      sort: "match",
      pairs: [
        ["fragile", "easily broken"],
        ["dense", "with its parts packed closely together"],
        ["accurate", "right in every detail"],
        ["reluctant", "not wanting to do something"],
        ["steep", "going almost straight up or down"],
      ].sort((one, other) => tools().lexicon.zipf(one[0]!) - tools().lexicon.zipf(other[0]!)),
    });
  });
  it("are asked about once where two mean the same", () => {
    const rows: Plan["rows"] = [{ kind: "word-in-context", count: 9, depth: "any", points: 1 }];
    const analysis = analyse("# Notes\n\nThe keeper was weary. Her brother was exhausted. The fog vanished.", "markdown");
    const stems = [...draftQuestions({ analysis, plan: { grade: 5, rows }, seed: 1, newId: String })].map(({ question }) => question.stem);
    expect(stems).toHaveLength(3);
    expect(stems.filter((stem) => /weary|exhausted/.test(stem))).toHaveLength(1);
  });
  it("are not asked again one by one beside a matching", () => {
    const text =
      "# Notes\n\nThe keeper was reluctant to leave. His boat was fragile. The stairs were steep. The old chart was accurate. The fog was dense. A smuggler vanished.";
    const rows: Plan["rows"] = [
      { kind: "match", count: 1, depth: "any", points: 4 },
      { kind: "word-in-context", count: 9, depth: "any", points: 1 },
    ];
    const drafts = [...draftQuestions({ analysis: analyse(text, "markdown"), plan: { grade: 5, rows }, seed: 1, newId: String })];
    expect(drafts.filter(({ question }) => question.kind === "match")).toHaveLength(1);
    expect(drafts.map(({ question }) => question.stem)).not.toContain("What does “reluctant” mean in the passage?");
    expect(drafts.map(({ question }) => question.stem)).toContain("What does “to vanish” mean in the passage?");
    const factIds = drafts.filter(({ question }) => question.kind === "match").map(({ origin }) => origin.factId);
    const later = draftQuestions({
      analysis: analyse(text, "markdown"),
      plan: { grade: 5, rows: rows.slice(1) },
      seed: 2,
      existing: { factIds, stems: [] },
      newId: String,
    });
    expect([...later].map(({ question }) => question.stem)).not.toContain("What does “reluctant” mean in the passage?");
  });
});

describe("headings and pronouns", () => {
  it("ask which heading fits, only where four sections have heads of their own", () => {
    const sections = ["Rope", "Glass", "Sails", "Lamps"].map(
      (head) => `## ${head}\n\nOld ${head.toLowerCase()} came from the town. People made ${head.toLowerCase()} by hand.`,
    );
    const found = draftHeadings(stockOf(analyse(`# Old crafts\n\n${sections.join("\n\n")}`, "markdown")), 1);
    expect(found.map((candidate) => candidate.key)).toEqual(["Rope", "Glass", "Sails", "Lamps"]);
    expect(draftHeadings(stockOf(analyse(`# Old crafts\n\n${sections.slice(0, 3).join("\n\n")}`, "markdown")), 1)).toEqual([]);
  });
  it("ask what a pronoun stands for, with the nouns beside it as options", () => {
    const text = "Keepers polished the brass in the lantern room. They cleaned the windows of the tower.";
    const [reference] = draftReferences(stockOf(analyse(text)), 1);
    expect(reference!.stem).toBe(`Read: “${text}” What does “they” stand for?`);
    expect(reference!.key).toBe("keepers");
  });
});

describe("gaps by class of word", () => {
  const gaps = (gapWords: GapWords, more: Partial<PlanRow> = {}) =>
    draft("the-storm-of-1902.md", { kind: "gap-fill", gapWords, ...more }).flatMap((question) => (question.kind === "gap-fill" ? [question] : []));
  it("give the base form of each verb, and the form of the text as key", () => {
    const [question] = gaps("past-verbs");
    const bases = [...question!.stem.matchAll(/____ \((\p{Ll}+)\)/gu)].map(([, base]) => base);
    const forms = { broke: "break", flooded: "flood", left: "leave", climbed: "climb", bought: "buy", built: "build" };
    expect(bases.length).toBeGreaterThanOrEqual(2);
    expect(bases).toEqual(gapsOf(question!).map((gap) => forms[gap.key as keyof typeof forms]));
    expect(question!.stem.split("____").length - 1).toBe(gapsOf(question!).length);
  });
  it("offer prepositions in a bank, each once", () => {
    const [question] = gaps("prepositions");
    expect([...question!.bank!].sort()).toEqual(
      gapsOf(question!)
        .map((gap) => gap.key)
        .sort(),
    );
    expect(new Set(question!.bank).size).toBe(question!.bank!.length);
  });
  it("offer articles in the line", () => {
    const [question] = gaps("articles");
    for (const gap of gapsOf(question!)) expect([...gap.choices!].sort()).toEqual(["a", "an", "the"]);
  });
  it("leave out the teacher's own words, with the others to choose from", () => {
    const questions = draft(
      "the-storm-of-1902.md",
      { kind: "gap-fill", gapWords: "my-words", gapAnswer: "bank" },
      { words: "barometer, breakwater, inquiry, lighthouse" },
    );
    const keys = questions.map((question) => (question.kind === "gap-fill" ? question.key : ""));
    expect(keys.sort()).toEqual(["barometer", "breakwater", "inquiry"]);
    for (const question of questions) expect(question.kind === "gap-fill" && question.bank).toContain(question.kind === "gap-fill" ? question.key : "");
  });
  it("leave out the teacher's own words in Spanish too, whole words only", () => {
    const text = "El farero limpia la lente del faro cada tarde con un paño. La lenteja crece en los campos del norte de la isla.";
    const [one, ...more] = draftOwnWords(stockOf(analyse(text)), ["lente", "campo"], 1);
    expect(one).toMatchObject({ key: "lente", stem: "El farero limpia la ____ del faro cada tarde con un paño." });
    expect(more).toEqual([]);
  });
  it("say that no words were given", () => {
    const run = draftQuestions({
      analysis: read("the-storm-of-1902.md"),
      plan: { grade: 5, rows: [{ kind: "gap-fill", count: 2, depth: "any", points: 1, gapWords: "my-words" }] },
      seed: 1,
      newId: String,
    });
    expect(run.next().value).toMatchObject({ rows: [{ reason: "no-words-given" }] });
  });
});

describe("what the writer wants", () => {
  const wants = (text: string) => draftOpenResponses(stockOf(analyse(text, "markdown"))).filter(({ pattern }) => pattern === "writers-reasons");
  const REASONS =
    "The horn saves lives because radios fail in thick fog. The ferry stops when the horn is silent, since its crew cannot see the pier. Fishermen like the horn because it is cheap.";
  it("is the demand and its reasons", () => {
    const [task] = wants(`# Keep the horn\n\nI think that we need it. The council should keep the horn. ${REASONS}`);
    expect(task!.evidence[0]!.text).toBe("The council should keep the horn.");
  });
  it("is not what critics say that should be done", () => {
    const told = wants(`# The horn\n\nI think that we need it. Critics say that the money should be used for the pier. ${REASONS}`);
    expect(told).toEqual([]);
  });
  const pointsOf = (title: string) => {
    const [task] = wants(`# ${title}\n\nI think that we need it. Critics say that the money should be used for the pier. ${REASONS}`);
    return task?.parts?.sort === "open" ? task.parts.points : undefined;
  };
  it("is what a title demands, where no sentence says it plainly", () => {
    expect(pointsOf("Keep the horn")?.[0]).toBe("Keep the horn.");
  });
  it("is not told by a title that asks", () => {
    expect(pointsOf("Should we keep the horn?")).toBeUndefined();
  });
});

describe("summaries", () => {
  const FACTS = [
    "The lens of the tower was made in Paris.",
    "The lens floats on a bath of mercury.",
    "The clockwork turned the lens for eighty years.",
    "An electric motor turns the lens today.",
  ];
  const wanted = (text: string) => draftOpenResponses(stockOf(analyse(`# The lens\n\n${text}`, "markdown"))).length;
  it("are asked of a text that explains, and not of an interview or of one who tells of himself", () => {
    expect(wanted(FACTS.join(" "))).toBe(1);
    expect(wanted(FACTS.map((fact) => `**Mina:** What else is there?\n\n**Abel Thorne:** ${fact}`).join("\n\n"))).toBe(0);
    expect(wanted(FACTS.map((fact) => `${fact} I like my lens.`).join(" "))).toBe(0);
  });
});
