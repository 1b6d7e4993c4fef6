import type { Features } from "./features";
import weights from "./weights.json";

/** A logistic regression in plain numbers: one weight for each feature, and what stands for all. */
export type Model = { bias: number; weights: Record<string, number> };
export type Weights = {
  trainedOn: { ratings: number; passages: number; raters: string[]; shownThen: number };
  acceptable: Model;
  keyFault: Model;
  /** That what is shown would have to be mended, with the share of all that had to be. */
  mended: Model & { share: number };
};

/** Learnt by `npm run train:ranker` from the ratings in quality/ratings and the drafts in quality/mended. */
export const LEARNT = weights as Weights;

/** Probability, 0 to 1. */
export function predict(model: Model, features: Features): number {
  return 1 / (1 + Math.exp(-logit(model, features)));
}

export function logit({ bias, weights: by }: Model, features: Features): number {
  let sum = bias;
  for (const [name, value] of Object.entries(features)) sum += (by[name] ?? 0) * value;
  return sum;
}
