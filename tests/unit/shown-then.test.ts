import { describe, expect, it } from "vitest";
import { crossValidate, type Example, fitModel, pairsInOrder } from "../../scripts/quality/fit-model";
import { readShownThen } from "../../scripts/quality/shown-then";

describe("drafts that were shown on unseen passages", () => {
  const shown = readShownThen();
  it("are thousands, some of which had to be mended", () => {
    expect(shown.length).toBeGreaterThan(4000);
    const mended = shown.filter(({ label }) => label).length;
    expect(mended).toBeGreaterThan(400);
    expect(mended).toBeLessThan(shown.length / 4);
  });
  it("have features by name, each a number", () => {
    for (const { features } of shown) {
      expect(Object.keys(features).some((name) => name.startsWith("text "))).toBe(true);
      expect(Object.keys(features).filter((name) => name.startsWith("kind "))).toEqual([]);
      for (const value of Object.values(features)) expect(Number.isFinite(value)).toBe(true);
    }
  });
  it("are of many passages, since what is learnt is tried on others", () => {
    expect(new Set(shown.map(({ group }) => group)).size).toBeGreaterThan(400);
  });
});

describe("a model that is fitted", () => {
  /** Whether it rains decides; the rest is chance that is the same each time. */
  const examples: Example[] = Array.from({ length: 200 }, (_, index) => ({
    features: { rain: index % 2, moon: (index >> 1) % 2, rare: index === 5 ? 1 : 0 },
    label: index % 2 === 1 ? index % 9 !== 0 : index % 11 === 0,
    group: `day ${index % 40}`,
  }));
  it("finds what decides, and leaves out what is too rare", () => {
    const { weights } = fitModel(examples, 1);
    expect(weights.rain).toBeGreaterThan(2);
    expect(Math.abs(weights.moon!)).toBeLessThan(0.5);
    expect(weights).not.toHaveProperty("rare");
  });
  it("is the same each time", () => {
    expect(fitModel(examples, 1)).toEqual(fitModel(examples, 1));
  });
  it("puts days it has not seen in order", () => {
    expect(pairsInOrder(examples, crossValidate(examples, 1))).toBeGreaterThan(0.8);
  });
  it("learns nothing where there is nothing to learn", () => {
    const blind = examples.map((example) => ({ ...example, features: { moon: example.features.moon! } }));
    expect(Math.abs(fitModel(blind, 1).weights.moon!)).toBeLessThan(0.2);
  });
});
