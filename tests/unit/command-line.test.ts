import { spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { importedJsonSchema } from "@/cli/imported-json";
import { draftedSchema } from "@/core/drafting/drafted-json";
import { root } from "../support/language-tools";

const lens = path.join(root, "demo/passages/the-lens-that-saved-ships.md");
const vumo = (...args: string[]) => {
  const run = spawnSync(process.execPath, [path.join(root, "node_modules/tsx/dist/cli.mjs"), path.join(root, "src/cli/vumo.ts"), ...args], {
    encoding: "utf8",
    cwd: root,
  });
  return { status: run.status, out: run.stdout, err: run.stderr };
};

describe("vumo import --json", () => {
  it("prints the blocks of any format in the documented shape, with what was left out and why", () => {
    const { status, out } = vumo("import", path.join(root, "tests/files/harbour-leaflet.pdf"), "--json");
    expect(status).toBe(0);
    const imported = importedJsonSchema.parse(JSON.parse(out));
    expect(imported).toMatchObject({ title: "How a harbour light works", kind: "pdf", language: "en" });
    expect(imported.blocks[0]).toMatchObject({ text: "Skerry Bay Harbour Museum", leftOut: "page furniture", locator: { type: "page", page: 1 } });
  });
  it("feeds drafting from any format", () => {
    const { status, out } = vumo("draft", path.join(root, "standins/web-site/files/harbour-light.vtt"), "--mix", "number:1,short-answer:1", "--json");
    expect(status).toBe(0);
    const { questions } = draftedSchema.parse(JSON.parse(out));
    expect(questions[0]).toMatchObject({ kind: "number", evidence: [{ locator: { type: "time" } }] });
    expect(typeof (questions[0]!.key as { value: number }).value).toBe("number");
  });
  it("refuses addresses of this machine in one line", () => {
    const { status, err } = vumo("import", "http://127.0.0.1:8089/page");
    expect([status, err.trim().split("\n").length]).toEqual([2, 1]);
    expect(err).toContain("leads to this machine or to a private network");
  });
});

describe("vumo analyse --json", () => {
  it("tells of each sentence whether it was understood, and what could be asked or was held back", () => {
    const { out } = vumo("analyse", lens, "--json");
    const { sentences } = JSON.parse(out) as {
      sentences: { text: string; understood: boolean; reason?: string; candidates: { stem: string; heldBack?: string }[] }[];
    };
    expect(sentences.filter((sentence) => sentence.understood).length).toBeGreaterThan(20);
    for (const sentence of sentences) expect(sentence.understood || sentence.reason !== undefined).toBe(true);
    expect(sentences.some((sentence) => sentence.candidates.some((candidate) => candidate.heldBack))).toBe(true);
    expect(sentences.some((sentence) => sentence.candidates.some((candidate) => !candidate.heldBack))).toBe(true);
  });
});

describe("vumo draft --json", () => {
  const { status, out } = vumo("draft", lens, "--grade", "5", "--mix", "multiple-choice:4,true-false:3,gap-fill:3,short-answer:3", "--seed", "1", "--json");
  const drafted = draftedSchema.parse(JSON.parse(out));
  it("prints the documented shape", () => {
    expect(status).toBe(0);
    expect(drafted.plan).toMatchObject({ grade: 5, seed: 1 });
    expect(drafted.questions.length).toBeGreaterThan(10);
  });
  it("proves every key: the quote is the block's own text", () => {
    for (const question of drafted.questions) {
      expect(question.evidence.length).toBeGreaterThan(0);
      for (const span of question.evidence)
        expect(drafted.source.blocks.find((block) => block.id === span.blockId)!.text.slice(span.start, span.end)).toBe(span.quote);
    }
  });
  it("keys a choice by an option's id, a statement by its truth, a gap by its words", () => {
    for (const question of drafted.questions) {
      if (question.kind === "multiple-choice") expect(question.options!.map((option) => option.id)).toContain(question.key);
      if (question.kind === "true-false") expect(typeof question.key).toBe("boolean");
      if (question.kind === "gap-fill") expect(question.stem).toContain("____");
    }
  });
  it("prints the same again", () => {
    expect(vumo("draft", lens, "--grade", "5", "--mix", "multiple-choice:4,true-false:3,gap-fill:3,short-answer:3", "--seed", "1", "--json").out).toBe(out);
  });
});

it("explains itself", () => {
  expect(vumo("--help")).toMatchObject({ status: 0, out: expect.stringContaining("--mix") });
});

const empty = path.join(mkdtempSync(path.join(tmpdir(), "vumo-")), "empty.txt");
writeFileSync(empty, " \n");

it.each([
  ["an unknown kind", ["draft", lens, "--mix", "riddle:3"], /Unknown kind "riddle"/],
  ["a missing file", ["draft", "nowhere.txt"], /there is no such file/],
  ["a bad number", ["draft", lens, "--grade", "13"], /--grade must be a whole number from 1 to 12/],
  ["a bad count", ["draft", lens, "--mix", "gap-fill:many"], /the count of gap-fill/],
  ["an empty file", ["draft", empty], /There is no text in it/],
  ["an unknown option", ["draft", lens, "--colour"], /See --help/],
])("says what is wrong with %s in one line and ends with 2", (_, args, wanted) => {
  const { status, out, err } = vumo(...args);
  expect({ status, out }).toEqual({ status: 2, out: "" });
  expect(err.trim()).toMatch(wanted);
  expect(err.trim().split("\n")).toHaveLength(1);
});

describe("vumo check --json", () => {
  const folder = mkdtempSync(path.join(tmpdir(), "vumo-check-"));
  const write = (name: string, json: unknown) => {
    const file = path.join(folder, name);
    writeFileSync(file, typeof json === "string" ? json : JSON.stringify(json));
    return file;
  };
  it("finds nothing wrong with what draft prints", () => {
    const { out } = vumo("draft", lens, "--auto", "8", "--json");
    const checked = JSON.parse(vumo("check", write("drafts.json", out), "--source", lens, "--json").out) as { questions: { verdict: string }[] };
    expect(checked.questions.length).toBeGreaterThan(5);
    expect(checked.questions.filter(({ verdict }) => verdict === "wrong")).toEqual([]);
  });
  it("says what is wrong with a question, where, and what a set gives away", () => {
    const quote = "In 1954 an electric motor replaced the clockwork.";
    const questions = [
      { id: "a", kind: "gap-fill", stem: "An electric motor replaced the ____ in 1954.", key: "lamp", evidence: quote },
      { id: "b", kind: "short-answer", stem: "What did an electric motor replace in 1954?", key: "the clockwork", evidence: [quote] },
      { id: "c", kind: "true-false", stem: "In 1954 an electric motor replaced the clockwork.", key: true, evidence: { quote } },
    ];
    const checked = JSON.parse(vumo("check", write("own.json", { questions }), "--source", lens, "--grade", "5", "--json").out) as {
      questions: { id: string; verdict: string; findings: { rule: string; place: { part: string } }[] }[];
      set: { rule: string; ids: string[] }[];
    };
    expect(checked.questions[0]).toMatchObject({ id: "a", verdict: "look" });
    expect(checked.questions[0]!.findings).toContainEqual(expect.objectContaining({ rule: "key-in-evidence", place: { part: "key" } }));
    expect(checked.set).toContainEqual(expect.objectContaining({ rule: "no-cue-from-others", ids: ["c", "b"] }));
  });
  it("says in one line what it cannot read", () => {
    expect(vumo("check", write("bad.json", "{"), "--source", lens).err).toMatch(/is no JSON/);
    expect(vumo("check", write("none.json", { drafts: 1 }), "--source", lens).err).toMatch(/holds no questions/);
    expect(vumo("check", lens).err).toMatch(/Say what to check against/);
  });
});

describe("vumo draft, steered", () => {
  it("balances a plan, explains each draft, and keeps to a focus", () => {
    const { out } = vumo("draft", lens, "--auto", "8", "--focus", "lens", "--explain", "--json");
    const drafted = JSON.parse(out) as { questions: { stem: string; why: { made: string }; evidence: { quote: string }[] }[]; heldBack: unknown[] };
    expect(drafted.questions.length).toBeGreaterThan(3);
    for (const question of drafted.questions) {
      expect(question.why.made).toMatch(/\.$/);
      expect(`${question.stem} ${question.evidence.map(({ quote }) => quote).join(" ")}`).toMatch(/lens/i);
    }
  });
  it.each([
    [["--auto", "8", "--mix", "order:1"], /Give --mix or --auto, not both/],
    [["--paragraphs", "all"], /--paragraphs must be numbers/],
    [["--language", "fr"], /--language must be en or es/],
    [["--gaps", "nouns"], /--gaps must be/],
  ])("refuses %j in a sentence", (args, sentence) => {
    expect(vumo("draft", lens, ...args).err).toMatch(sentence);
  });
});
