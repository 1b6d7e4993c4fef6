import type { Features } from "../../src/core/drafting/ranking/features";
import { type Model, predict } from "../../src/core/drafting/ranking/model";

export type Example = { features: Features; label: boolean; group: string };

const STEPS = 400;
const RATE = 0.5;

/** Features by number instead of by name: the same sums, many times faster. */
type Row = { at: readonly number[]; values: readonly number[]; label: number };

/**
 * Logistic regression by gradient descent with a ridge penalty; starts at zero, so that the same
 * examples give the same numbers. Features seen fewer than `LEAST` times are left out.
 */
export function fitModel(examples: readonly Example[], ridge: number, steps = STEPS): Model {
  const names = featureNames(examples);
  const rows = numbered(examples, names);
  const weights = new Float64Array(names.length);
  let bias = 0;
  for (let step = 0; step < steps; step++) {
    const slope = new Float64Array(names.length);
    let slopeOfBias = 0;
    for (const { at, values, label } of rows) {
      let sum = bias;
      for (let i = 0; i < at.length; i++) sum += weights[at[i]!]! * values[i]!;
      const error = 1 / (1 + Math.exp(-sum)) - label;
      slopeOfBias += error;
      for (let i = 0; i < at.length; i++) slope[at[i]!] = slope[at[i]!]! + error * values[i]!;
    }
    bias -= (RATE * slopeOfBias) / examples.length;
    for (let i = 0; i < weights.length; i++) weights[i] = weights[i]! - (RATE * (slope[i]! + ridge * weights[i]!)) / examples.length;
  }
  return { bias: round(bias), weights: Object.fromEntries(names.map((name, index) => [name, round(weights[index]!)])) };
}

function numbered(examples: readonly Example[], names: readonly string[]): Row[] {
  const places = new Map(names.map((name, index) => [name, index]));
  return examples.map(({ features, label }) => {
    const known = Object.entries(features).filter(([name, value]) => value !== 0 && places.has(name));
    return { at: known.map(([name]) => places.get(name)!), values: known.map(([, value]) => value), label: label ? 1 : 0 };
  });
}

const LEAST = 4;

function featureNames(examples: readonly Example[]): string[] {
  const counts = new Map<string, number>();
  for (const { features } of examples) for (const [name, value] of Object.entries(features)) if (value !== 0) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts]
    .filter(([, count]) => count >= LEAST)
    .map(([name]) => name)
    .sort();
}

function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}

/** Predictions for every example by a model that has seen no other draft of its passage. */
export function crossValidate(examples: readonly Example[], ridge: number, steps = STEPS, folds = 8): number[] {
  const groups = [...new Set(examples.map((example) => example.group))].sort();
  const predictions = new Array<number>(examples.length);
  for (let fold = 0; fold < folds; fold++) {
    const held = new Set(groups.filter((_, index) => index % folds === fold));
    const model = fitModel(
      examples.filter((example) => !held.has(example.group)),
      ridge,
      steps,
    );
    examples.forEach((example, index) => {
      if (held.has(example.group)) predictions[index] = predict(model, example.features);
    });
  }
  return predictions;
}

/** Share of pairs, one good and one bad, that are put in the right order (area under the ROC curve). */
export function pairsInOrder(examples: readonly Example[], scores: readonly number[]): number {
  let right = 0;
  let pairs = 0;
  examples.forEach((good, i) => {
    if (!good.label) return;
    examples.forEach((bad, j) => {
      if (bad.label) return;
      pairs++;
      right += scores[i]! > scores[j]! ? 1 : scores[i] === scores[j] ? 0.5 : 0;
    });
  });
  return pairs === 0 ? 0 : right / pairs;
}
