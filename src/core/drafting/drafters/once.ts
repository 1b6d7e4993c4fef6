import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";

const made = new WeakMap<SourceStock, Map<string, Candidate[]>>();

/** Candidates of one kind that other kinds are made from are drafted once for a source and seed. */
export function once(stock: SourceStock, key: string, make: () => Candidate[]): Candidate[] {
  const known = made.get(stock) ?? new Map<string, Candidate[]>();
  made.set(stock, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}
