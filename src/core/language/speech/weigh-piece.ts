import cutWeights from "./cut-weights.json";
import type { SpokenPiece } from "./spoken-pieces";

export type CutWeights = ReadonlyMap<string, number>;

/** Learnt by `npm run train:cuts` from passages whose stops were taken out. */
const LEARNT: CutWeights = new Map(Object.entries(cutWeights.weights));

/** How much speaks for a piece of a way, in nats beside the other ways. */
export function weightOf({ features }: SpokenPiece, weights: CutWeights = LEARNT): number {
  return features.reduce((sum, [name, value]) => sum + (weights.get(name) ?? 0) * value, 0);
}
