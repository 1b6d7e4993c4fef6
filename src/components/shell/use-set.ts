"use client";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Checked } from "@/core/checking/check-question";
import { applyEdit } from "@/core/questions/apply-edit";
import type { Edit, SetState, Slip } from "@/core/questions/edit";
import { mergeEdits } from "@/core/questions/merge-edits";
import { createSaveQueue, type SaveStatus } from "./save-queue";

export type { Checked };
export type CheckedById = Record<string, Checked>;
export type SetStart = { setId: string; state: SetState; checked: CheckedById; canUndo: boolean; canRedo: boolean };

/** The set on screen: every change is shown at once, sent to be saved, and answered with fresh verdicts. */
export function useSet(start: SetStart) {
  const { setId } = start;
  const [state, setState] = useState(start.state);
  const [checked, setChecked] = useState(start.checked);
  const [history, setHistory] = useState({ canUndo: start.canUndo, canRedo: start.canRedo });
  const [saveStatus, setSaveStatus] = useState<SaveStatus>("saved");
  const [notice, setNotice] = useState("");
  const current = useRef(state);
  current.current = state;

  const queue = useRef<ReturnType<typeof createSaveQueue<Edit>> | null>(null);
  const show = useCallback((edits: readonly Edit[]) => {
    let next = current.current;
    const done = edits.filter((edit) => {
      const applied = applyEdit(next, edit);
      if (applied.ok) next = applied.value;
      return applied.ok;
    });
    current.current = next;
    setState(next);
    return done;
  }, []);
  const change = useCallback(
    (...edits: Edit[]) => {
      const done = show(edits);
      if (done.length > 0) queue.current?.push(done);
    },
    [show],
  );

  useEffect(() => {
    const created = createSaveQueue(
      { address: `/api/sets/${setId}/edits`, storageKey: `vumo-unsaved-${setId}`, mergeEdits },
      {
        onStatus: setSaveStatus,
        onAnswer: (answer) => {
          setChecked((old) => ({ ...old, ...(answer.checked as CheckedById) }));
          setHistory((old) => ({ canUndo: answer.canUndo ?? old.canUndo, canRedo: answer.canRedo ?? old.canRedo }));
        },
        onRefused: setNotice,
      },
    );
    queue.current = created;
    const unsaved = created.recover();
    if (unsaved.length > 0) created.push(show(unsaved));
    window.addEventListener("pagehide", created.leave);
    return () => {
      window.removeEventListener("pagehide", created.leave);
      created.leave();
    };
  }, [setId, show]);

  const step = useCallback(
    async (direction: "undo" | "redo") => {
      await queue.current?.settled();
      const response = await fetch(`/api/sets/${setId}/history`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ step: direction }),
      }).catch(() => undefined);
      if (!response) return setNotice("The server does not answer. Nothing was undone.");
      const answer = await response.json();
      if (!response.ok) return setNotice(answer.problem.text);
      current.current = answer.state;
      setState(answer.state);
      setChecked(answer.checked);
      setHistory({ canUndo: answer.canUndo, canRedo: answer.canRedo });
      return answer.touched as string[];
    },
    [setId],
  );

  /** A draft that the server has already stored. */
  const receive = useCallback((slip: Slip, verdict: Checked) => {
    if (current.current.slips.some((other) => other.question.id === slip.question.id)) return;
    current.current = { ...current.current, slips: [...current.current.slips, slip] };
    setState(current.current);
    setChecked((old) => ({ ...old, [slip.question.id]: verdict }));
  }, []);

  /** The server's own view, after drafting. */
  const refresh = useCallback(async () => {
    await queue.current?.settled();
    const response = await fetch(`/api/sets/${setId}/state`).catch(() => undefined);
    if (!response?.ok) return undefined;
    const answer = await response.json();
    current.current = answer.state;
    setState(answer.state);
    setChecked(answer.checked);
    return answer as { drafting: boolean };
  }, [setId]);

  const settled = useCallback(() => queue.current?.settled() ?? Promise.resolve(), []);
  return useMemo(
    () => ({ setId, state, checked, ...history, saveStatus, notice, setNotice, change, step, receive, refresh, settled }),
    [setId, state, checked, history, saveStatus, notice, change, step, receive, refresh, settled],
  );
}

export type SetStore = ReturnType<typeof useSet>;
