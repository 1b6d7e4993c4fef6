/** Readings under way that can be told to end with what came so far, by the name their page gave them. */
const holder = globalThis as { vumoStoppable?: Map<string, AbortController> };
const running = (holder.vumoStoppable ??= new Map());

export async function stoppable<T>(id: string | undefined, work: (signal: AbortSignal) => Promise<T>): Promise<T> {
  const stop = new AbortController();
  if (id) running.set(id, stop);
  try {
    return await work(stop.signal);
  } finally {
    if (id) running.delete(id);
  }
}

export function stopReading(id: string): boolean {
  const stop = running.get(id);
  stop?.abort();
  return stop !== undefined;
}
