"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Result } from "@/core/lib/result";
import { createSaveQueue, type SaveAnswer, type SaveStatus } from "./save-queue";

type Edited<S, E> = {
  /** The server's address of the thing edited: `…/edits` and `…/history` lie under it. */
  address: string;
  storageKey: string;
  state: S;
  canUndo: boolean;
  canRedo: boolean;
  apply: (state: S, edit: E) => Result<S, { type: string }>;
  merge: (earlier: E, later: E) => E | undefined;
};

/** Something on screen that is changed by edits: shown at once, sent to be saved, undone by the server's own history. */
export function useEdits<S, E, A extends SaveAnswer>(start: Edited<S, E>, onAnswer: (answer: A) => void) {
  const { address, storageKey, apply, merge } = start;
  const [state, setState] = useState(start.state);
  const [history, setHistory] = useState({ canUndo: start.canUndo, canRedo: start.canRedo });
  const [saveStatus, setSaveStatus] = useState<SaveStatus>("saved");
  const [notice, setNotice] = useState("");
  // Written by `replace` alone: a render that is under way may show an older state, and must not put it back.
  const current = useRef(state);
  const queue = useRef<ReturnType<typeof createSaveQueue<E>> | null>(null);

  const replace = useCallback((next: S) => {
    current.current = next;
    setState(next);
  }, []);
  const show = useCallback(
    (edits: readonly E[]) => {
      let next = current.current;
      const done = edits.filter((edit) => {
        const applied = apply(next, edit);
        if (applied.ok) next = applied.value;
        return applied.ok;
      });
      replace(next);
      return done;
    },
    [apply, replace],
  );
  const change = useCallback(
    (...edits: (E | undefined)[]) => {
      const done = show(edits.filter((edit) => edit !== undefined));
      if (done.length === 0) return;
      queue.current?.push(done);
      // Undone at once, the change is saved first: nobody has to wait for the button.
      setHistory({ canUndo: true, canRedo: false });
    },
    [show],
  );
  const hear = useCallback(
    (answer: SaveAnswer) => {
      setHistory((old) => ({ canUndo: answer.canUndo ?? old.canUndo, canRedo: answer.canRedo ?? old.canRedo }));
      onAnswer(answer as A);
    },
    [onAnswer],
  );

  useEffect(() => {
    const target = { address: `${address}/edits`, storageKey, mergeEdits: merge };
    const created = createSaveQueue<E>(target, { onStatus: setSaveStatus, onAnswer: hear, onRefused: setNotice });
    queue.current = created;
    const unsaved = created.recover();
    for (const edit of show(unsaved)) created.push([edit]);
    window.addEventListener("pagehide", created.leave);
    return () => {
      window.removeEventListener("pagehide", created.leave);
      created.leave();
    };
  }, [address, storageKey, merge, show, hear]);

  const settled = useCallback(() => queue.current?.settled() ?? Promise.resolve(), []);
  const step = useCallback(
    async (direction: "undo" | "redo"): Promise<(A & { state: S }) | undefined> => {
      await settled();
      const response = await fetch(`${address}/history`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ step: direction }),
      }).catch(() => undefined);
      const answer = await response?.json();
      if (!response?.ok) {
        setNotice(answer?.problem?.text ?? "The server does not answer. Nothing was undone.");
        return undefined;
      }
      replace(answer.state);
      hear(answer);
      return answer;
    },
    [address, settled, replace, hear],
  );
  return { state, current, ...history, saveStatus, notice, setNotice, change, step, replace, settled };
}
