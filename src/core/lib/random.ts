export type Random = {
  /** A number in [0, 1). */
  next(): number;
  /** A whole number in [0, limit). */
  below(limit: number): number;
  shuffle<T>(items: readonly T[]): T[];
};

/** Mulberry32: small, fast, and the same on every machine, so a seed gives the same drafts. */
export function createRandom(seed: number): Random {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const below = (limit: number) => Math.floor(next() * limit);
  const shuffle = <T>(items: readonly T[]) => {
    const copy = [...items];
    for (let i = copy.length - 1; i > 0; i--) {
      const j = below(i + 1);
      [copy[i], copy[j]] = [copy[j] as T, copy[i] as T];
    }
    return copy;
  };
  return { next, below, shuffle };
}

/** A seed from words, for choices that must not move when others are added (FNV-1a). */
export function seedFrom(text: string, seed = 0): number {
  let hash = (0x811c9dc5 ^ seed) >>> 0;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}
