export type SaveStatus = "saved" | "saving" | "waiting" | "unsaved";
export type SaveAnswer = { checked?: Record<string, unknown>; canUndo?: boolean; canRedo?: boolean };
/** Where edits go, what they are kept under until they have arrived, and which of them are one step. */
export type SaveTarget<E> = { address: string; storageKey: string; mergeEdits: (earlier: E, later: E) => E | undefined };
/** An edit on its way, with the step of the history that it shares with others. */
type Queued<E> = { edit: E; step: string | null };
type Handlers = { onStatus(status: SaveStatus): void; onAnswer(answer: SaveAnswer): void; onRefused(text: string): void };

const WAIT_MS = 250;
const RETRY_MS = 1500;

/**
 * Sends edits to the server in the order in which they were made. What is not yet saved also lies in
 * the browser's storage, so that neither a closed page nor a server that was killed loses a letter.
 */
export function createSaveQueue<E>({ address, storageKey, mergeEdits }: SaveTarget<E>, handlers: Handlers) {
  let pending: Queued<E>[] = [];
  let sending: Queued<E>[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  const waiters: (() => void)[] = [];

  const remember = () => {
    const all = [...sending, ...pending];
    if (all.length > 0) localStorage.setItem(storageKey, JSON.stringify(all.map(({ edit }) => edit)));
    else localStorage.removeItem(storageKey);
  };
  const bodyOf = (queued: readonly Queued<E>[]) => JSON.stringify({ edits: queued.map(({ edit }) => edit), steps: queued.map(({ step }) => step) });
  const post = (queued: readonly Queued<E>[]) => fetch(address, { method: "POST", headers: { "content-type": "application/json" }, body: bodyOf(queued) });

  const flush = async (): Promise<void> => {
    clearTimeout(timer);
    if (sending.length > 0) return;
    if (pending.length === 0) {
      handlers.onStatus("saved");
      for (const wake of waiters.splice(0)) wake();
      return;
    }
    [sending, pending] = [pending, []];
    handlers.onStatus("saving");
    try {
      const response = await post(sending);
      if (response.status >= 500) throw new TypeError("The server failed");
      const answer = await response.json();
      if (!response.ok && sending.length > 1) await sendSingly(sending);
      else if (!response.ok) handlers.onRefused(answer.problem?.text ?? "The change could not be saved.");
      else handlers.onAnswer(answer);
      sending = [];
      remember();
      return flush();
    } catch {
      pending = [...sending, ...pending];
      sending = [];
      handlers.onStatus("unsaved");
      timer = setTimeout(flush, RETRY_MS);
    }
  };
  /** One refused edit must not take the others with it. */
  const sendSingly = async (queued: readonly Queued<E>[]) => {
    for (const one of queued) {
      const response = await post([one]);
      const answer = await response.json();
      if (response.ok) handlers.onAnswer(answer);
      else handlers.onRefused(answer.problem?.text ?? "A change could not be saved.");
    }
  };
  const push = (edits: readonly E[]) => {
    // What was done with one key is taken back with one.
    const step = edits.length > 1 ? crypto.randomUUID() : null;
    for (const edit of edits) {
      const last = pending.at(-1);
      const merged = last && last.step === step ? mergeEdits(last.edit, edit) : undefined;
      if (merged) pending[pending.length - 1] = { edit: merged, step };
      else pending.push({ edit, step });
    }
    remember();
    handlers.onStatus("waiting");
    clearTimeout(timer);
    timer = setTimeout(flush, WAIT_MS);
  };
  /** Edits of an earlier page that never reached the server. */
  const recover = (): E[] => {
    try {
      return JSON.parse(localStorage.getItem(storageKey) ?? "[]") as E[];
    } catch {
      return [];
    }
  };
  /** Resolves when everything is saved. */
  const settled = () =>
    new Promise<void>((resolve) => {
      waiters.push(resolve);
      void flush();
    });
  /** The page goes away: a last try that outlives it. */
  const leave = () => {
    if (pending.length > 0) navigator.sendBeacon(address, new Blob([bodyOf(pending)], { type: "application/json" }));
  };
  return { push, recover, settled, leave };
}
