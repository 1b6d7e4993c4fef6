import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";
import { draftShortAnswers } from "./drafters/draft-short-answers";
import { isTooRisky, scoreCandidate } from "./rank";
import { stockSource } from "./source-stock";

const analysis = analyse(
  "# The lens\n\nThe lens was heavy because the lens held a thousand prisms. A boy threw a red apple over a wall. The lens floated on mercury. The lens turned all night.\n\nKeepers wore aprons because buttons could scratch the lens.",
  "markdown",
);
const scores = new Map(draftShortAnswers(stockSource(analysis)).map((candidate) => [candidate.stem, scoreCandidate(candidate, analysis)]));
const score = (stem: string) => {
  const found = scores.get(stem);
  if (found === undefined) throw new Error(`${stem} is not among ${[...scores.keys()].join(" | ")}`);
  return found;
};

describe("what is worth more", () => {
  it("a reason before a thing", () => {
    expect(score("Why did keepers wear aprons?")).toBeGreaterThan(
      Math.max(...[...scores].filter(([stem]) => stem.startsWith("What")).map(([, value]) => value), 0),
    );
  });
  it("what the source hangs on, before what it mentions once", () => {
    const candidates = draftShortAnswers(stockSource(analysis));
    const [reason] = candidates.filter((candidate) => candidate.factType === "cause");
    const central = { ...reason!, evidence: [analysis.sentences[1]!] };
    const aside = { ...reason!, evidence: [analysis.sentences[2]!] };
    expect(scoreCandidate(central, analysis)).toBeGreaterThan(scoreCandidate(aside, analysis));
  });
  it("a stem that is easy to take in, before a long one", () => {
    const candidate = draftShortAnswers(stockSource(analysis)).find(({ stem }) => stem.startsWith("What did a boy"));
    const long = { ...candidate!, stem: `${candidate!.stem.replace("?", "")} ${"on and on ".repeat(8)}?` };
    expect(scoreCandidate(candidate!, analysis)).toBeGreaterThan(scoreCandidate(long, analysis));
  });
});

describe("what is likely to need mending", () => {
  const [candidate] = draftShortAnswers(stockSource(analysis));
  it("counts less", () => {
    const doubtful = { ...candidate!, stem: candidate!.stem.replace(/^Why /, "Until when and as most ") };
    expect(scoreCandidate(doubtful, analysis)).toBeLessThan(scoreCandidate(candidate!, analysis));
  });
  it("is not shown at all where it is likelier than one in four", () => {
    const stem = `Read: “It, he, they.” Until when do all of them as such, and so, or most of them, do there what they would do?`;
    const risky = { ...candidate!, kind: "short-answer" as const, pattern: "what-to-do", factType: "aim" as const, stem };
    expect(scoreCandidate(risky, analysis)).toBe(0);
    expect([risky, candidate!].map((one) => isTooRisky(one, analysis))).toEqual([true, false]);
  });
  it("is no matter of tasks over many sentences", () => {
    const task = { ...candidate!, kind: "open-response" as const };
    expect(scoreCandidate(task, analysis)).toBeGreaterThan(0);
    expect(isTooRisky(task, analysis)).toBe(false);
  });
});
