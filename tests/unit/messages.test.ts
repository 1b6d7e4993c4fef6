import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { explainCandidates } from "@/core/drafting/candidates";
import type { ImportWarning } from "@/core/importers/importer";
import { kindOf, QUESTION_KINDS, visibleText } from "@/core/questions/kinds";
import { locatorLabel } from "@/core/source/locator-label";
import { describeSource, readingMinutesAt } from "@/core/source/readability/describe-source";
import { shortfallText } from "@/messages/draft-reasons";
import { gradeBand } from "@/messages/grades";
import { importWarningText } from "@/messages/import-warnings";
import { ABSTAIN_TEXT, GATE_TEXT, patternText } from "@/messages/patterns";
import { type AppProblem, problemText } from "@/messages/problems";
import { DEMO_PASSAGES } from "../../demo/passages";
import { analyse, blocksOf, root } from "../support/language-tools";
import { choice } from "../support/rule-tester";

describe("problems in words", () => {
  const PROBLEMS: AppProblem[] = [
    { type: "passage-empty" },
    { type: "passage-too-long", characters: 300_001, limit: 300_000 },
    { type: "passage-not-text" },
    { type: "file-kind-unknown", name: "x.xyz" },
    { type: "file-too-large", name: "x.txt", megabytes: 9, limit: 2 },
    { type: "question-gone", questionId: "q" },
    { type: "edit-does-not-fit", edit: "set-key" },
    { type: "set-not-found" },
    { type: "source-not-found" },
    { type: "request-not-understood" },
    { type: "nothing-to-undo" },
    { type: "already-drafting" },
    { type: "plan-empty" },
    { type: "file-gone" },
    { type: "not-media", name: "x.txt" },
    { type: "last-source" },
    { type: "not-in-english", languages: ["es", "fr"] },
    { type: "block-gone", blockId: "b" },
    { type: "source-edit-does-not-fit", edit: "set-block" },
    { type: "old-word-file" },
    { type: "pdf-encrypted" },
    { type: "pdf-broken" },
    { type: "not-a-zip", format: "DOCX" },
    { type: "zip-broken", format: "ODT" },
    { type: "zip-too-large", megabytes: 250 },
    { type: "document-broken", format: "RTF" },
    { type: "html-too-deep" },
    { type: "page-without-article" },
    { type: "page-needs-scripts" },
    { type: "captions-empty" },
    { type: "media-without-captions", isVideo: true },
    { type: "picture-too-large", megapixels: 100, limit: 50 },
    { type: "picture-broken" },
    { type: "picture-without-text" },
    { type: "import-too-slow", seconds: 90 },
    { type: "import-too-hungry" },
    { type: "import-stopped" },
    { type: "link-not-understood" },
    { type: "link-not-web" },
    { type: "link-not-public", host: "localhost" },
    { type: "link-unknown-host", host: "quay.invalid" },
    { type: "link-refused", host: "quay.test" },
    { type: "link-too-slow", seconds: 15 },
    { type: "link-answered", status: 500 },
    { type: "link-answered", status: 404 },
    { type: "link-redirects", times: 5 },
    { type: "link-too-large", megabytes: 50 },
  ];
  it("a scan is asked about, not refused", () => {
    expect(problemText({ type: "pdf-of-pictures", pages: 3 })).toBe("This PDF holds pictures of 3 pages and no text. Read the text off the pictures?");
  });
  it.each(PROBLEMS.map((problem) => [problem.type, problem] as const))("%s: whole sentences, never an exclamation mark", (_, problem) => {
    expect(problemText(problem)).toMatch(/^[A-Z“].*\.$/);
    expect(problemText(problem)).not.toMatch(/!|undefined|NaN/);
  });
});

describe("what is to be known of a source that was read", () => {
  it.each<[ImportWarning, string]>([
    [{ type: "cues-repaired", count: 1 }, "1 caption had times that run backwards or below zero; they were mended."],
    [{ type: "cues-merged", count: 2 }, "2 captions repeated what stood before; the repetition was taken out."],
    [{ type: "punctuation-restored", count: 1 }, "The captions have no full stops. 1 full stop put in by Vumo at pauses is marked."],
    [{ type: "low-confidence", count: 2 }, "2 paragraphs could not be read with confidence; they are marked."],
    [{ type: "stopped-early", done: 3, total: 9 }, "Reading was stopped after 3 of 9 pages."],
  ])("%o", (warning, text) => expect(importWarningText(warning)).toBe(text));
});

describe("what the text could not bear", () => {
  it("is said with kind, numbers and reason", () => {
    expect(shortfallText({ kind: "gap-fill", asked: 3, drafted: 1, reason: "facts-used-up" })).toBe(
      "Gap fill: 1 of 3, since every fact that can be asked well is in the set already.",
    );
  });
  it("is said of statements that are all true", () => {
    expect(shortfallText({ kind: "true-false", asked: 6, drafted: 2, reason: "only-true-left" })).toBe(
      "True or false: 2 of 6, since the text denies too little: what is left is true, and a row of true statements is guessed.",
    );
  });
  it("is not said where nothing is missing", () => {
    expect(shortfallText({ kind: "gap-fill", asked: 3, drafted: 3 })).toBeUndefined();
  });
});

it.each([
  [{ lowest: 4.6, highest: 6.7, middle: 5 }, "5 to 7"],
  [{ lowest: 4.8, highest: 5.2, middle: 5 }, "5"],
  [{ lowest: -2, highest: 30, middle: 5 }, "1 to 16"],
])("writes a band of grades: %j", (band, text) => {
  expect(gradeBand(band)).toBe(text);
});

it.each([
  [{ type: "paragraph", number: 3 }, "¶ 3"],
  [{ type: "heading", number: 1 }, "heading 1"],
  [{ type: "page", page: 2, paragraph: 4 }, "page 2, ¶ 4"],
  [{ type: "slide", slide: 7, part: "notes" }, "slide 7"],
  [{ type: "time", startMs: 125_000, endMs: 130_000 }, "2:05"],
] as const)("names a place: %j", (locator, label) => {
  expect(locatorLabel(locator)).toBe(label);
});

describe("kinds of question", () => {
  it.each(QUESTION_KINDS)("%s has a name, a blank and a working time", (kind) => {
    const definition = kindOf(kind);
    const blank = definition.createBlank("q1");
    expect(blank).toMatchObject({ kind, id: "q1", evidence: [] });
    expect(definition.name).toMatch(/^[A-Z]/);
    expect(definition.minutes(blank, 5)).toBeGreaterThan(0);
    expect(definition.minutes({ ...blank, stem: "word ".repeat(40) }, 2)).toBeGreaterThan(definition.minutes({ ...blank, stem: "word ".repeat(40) }, 9));
  });
  it("show a student stem and options, and nothing else", () => {
    expect(visibleText(choice("What floats?", ["cork", "iron"], 0))).toBe("What floats? cork iron");
  });
});

describe("the description of a source", () => {
  const description = describeSource(
    blocksOf(
      "# Lamps\n\nThe lamp burned all night in the old tower by the sea. It was lit.\n\nInnumerable meteorological considerations complicated navigational responsibilities throughout the archipelago.",
      "markdown",
    ),
  );
  it("counts the prose and not the headings", () => {
    expect(description.counts.sentences).toBe(3);
  });
  it("finds the hardest sentence first", () => {
    expect(description.hardest[0]!.text).toMatch(/^Innumerable/);
  });
  it("knows that older readers read faster", () => {
    expect(readingMinutesAt(1000, 2)).toBeGreaterThan(readingMinutesAt(1000, 9));
  });
});

describe("why a draft was made", () => {
  it("is said in words for every pattern that drafts on the demo passages carry", () => {
    const patterns = new Set<string>();
    for (const { file } of DEMO_PASSAGES) {
      const text = readFileSync(path.join(root, "demo/passages", file), "utf8");
      for (const candidate of explainCandidates(analyse(text, "markdown"), 1)) patterns.add(candidate.pattern);
    }
    expect(patterns.size).toBeGreaterThan(15);
    for (const pattern of patterns) expect(patternText(pattern), pattern).toMatch(/^(?:The|A|The writer) .*\.$/);
  });
  it("has words for every gate and every reason of not understanding", () => {
    for (const text of [...Object.values(GATE_TEXT), ...Object.values(ABSTAIN_TEXT)]) expect(text).toMatch(/^[a-z].*[^.]$/);
  });
});
