/** An expected failure is a value; only the interface makes words of it. */
export type Result<T, P extends { type: string }> = { ok: true; value: T } | { ok: false; problem: P };

export function ok<T>(value: T): { ok: true; value: T } {
  return { ok: true, value };
}

export function fail<P extends { type: string }>(problem: P): { ok: false; problem: P } {
  return { ok: false, problem };
}
