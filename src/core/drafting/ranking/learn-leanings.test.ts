import { describe, expect, it } from "vitest";
import { type Judgement, learnLeanings, shiftsOf } from "./learn-leanings";

const judged = (pattern: string, verdicts: Judgement["verdict"][], kind: Judgement["kind"] = "short-answer"): Judgement[] =>
  verdicts.map((verdict) => ({ kind, pattern, verdict }));

describe("learnLeanings", () => {
  it("learns nothing from nothing", () => {
    expect(learnLeanings([])).toEqual([]);
  });
  it("moves what is kept forward and what is set aside back, by how often", () => {
    const leanings = learnLeanings([
      ...judged("how-many", ["kept", "kept", "kept", "kept", "kept"]),
      ...judged("where", ["aside", "aside", "aside", "aside", "aside"]),
    ]);
    expect(leanings).toEqual([
      { kind: "short-answer", pattern: "how-many", kept: 5, edited: 0, aside: 0, shift: 0.5 },
      { kind: "short-answer", pattern: "where", kept: 0, edited: 0, aside: 5, shift: -0.5 },
    ]);
    const [once] = learnLeanings([...judged("how-many", ["kept", "kept", "kept", "kept"]), ...judged("where", ["aside"])]);
    expect(Math.abs(once!.shift)).toBeLessThan(0.3);
  });
  it("counts what was kept after a change as half", () => {
    const [first] = learnLeanings([...judged("how-many", ["kept", "kept"]), ...judged("where", ["edited", "edited"])]);
    expect(first!.shift).toBeCloseTo(0.14);
  });
  it("holds a key that had to be changed against it, and further accepted answers hardly at all", () => {
    const after = (pattern: string, changes: Judgement["changes"]) =>
      judged(pattern, ["edited", "edited"]).map((one) => ({ ...one, ...(changes ? { changes } : {}) }));
    const shiftAfter = (changes: Judgement["changes"]) =>
      learnLeanings([...after("where", changes), ...judged("how-many", ["kept", "kept"])]).find(({ pattern }) => pattern === "where")!.shift;
    expect(shiftAfter(["key", "wording"])).toBeLessThan(shiftAfter(["wording"]));
    expect(shiftAfter(["wording"])).toBeLessThan(shiftAfter(["answers"]));
    expect(shiftAfter(["wording"])).toBe(shiftAfter(undefined));
  });
  it("compares within a kind only: keeping no poll at all says nothing of one way to poll", () => {
    const leanings = learnLeanings([...judged("poll-claim", ["aside", "aside"], "poll"), ...judged("how-many", ["kept", "kept"])]);
    expect(leanings.map(({ shift }) => shift)).toEqual([0, 0]);
  });
  it("holds it against no draft that its matter was not taught", () => {
    const notTaught = judged("where", ["aside", "aside", "aside"]).map((one): Judgement => ({ ...one, reason: "not-taught" }));
    expect(learnLeanings([...judged("how-many", ["kept"]), ...notTaught]).map(({ pattern }) => pattern)).toEqual(["how-many"]);
  });
  it("gives its shifts by kind and pattern", () => {
    expect(shiftsOf([{ kind: "poll", pattern: "poll-claim", kept: 1, edited: 0, aside: 0, shift: 0.2 }])).toEqual({ "poll/poll-claim": 0.2 });
  });
});
