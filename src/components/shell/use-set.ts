"use client";
import { useCallback, useMemo, useState } from "react";
import type { Checked } from "@/core/checking/check-question";
import { applyEdit } from "@/core/questions/apply-edit";
import type { Edit, SetState, Slip } from "@/core/questions/edit";
import { mergeEdits } from "@/core/questions/merge-edits";
import type { SaveAnswer } from "./save-queue";
import { useEdits } from "./use-edits";

export type { Checked };
export type CheckedById = Record<string, Checked>;
export type SetStart = { setId: string; state: SetState; checked: CheckedById; canUndo: boolean; canRedo: boolean };
type Answer = SaveAnswer & { touched?: string[] };

/** The set on screen: every change is answered with fresh verdicts. */
export function useSet(start: SetStart) {
  const { setId } = start;
  const [checked, setChecked] = useState(start.checked);
  const hear = useCallback((answer: Answer) => setChecked((old) => ({ ...old, ...(answer.checked as CheckedById) })), []);
  const edited = { ...start, address: `/api/sets/${setId}`, storageKey: `vumo-unsaved-${setId}`, apply: applyEdit, merge: mergeEdits };
  const edits = useEdits<SetState, Edit, Answer>(edited, hear);
  const { state, current, canUndo, canRedo, saveStatus, notice, setNotice, change, replace, settled } = edits;

  const stepHistory = edits.step;
  const step = useCallback(
    async (direction: "undo" | "redo") => {
      const answer = await stepHistory(direction);
      if (answer?.checked) setChecked(answer.checked as CheckedById);
      return answer?.touched;
    },
    [stepHistory],
  );

  /** A draft that the server has already stored. */
  const receive = useCallback(
    (slip: Slip, verdict: Checked) => {
      if (current.current.slips.some((other) => other.question.id === slip.question.id)) return;
      replace({ ...current.current, slips: [...current.current.slips, slip] });
      setChecked((old) => ({ ...old, [slip.question.id]: verdict }));
    },
    [current, replace],
  );

  /** The server's own view, after drafting. */
  const refresh = useCallback(async () => {
    await settled();
    const response = await fetch(`/api/sets/${setId}/state`).catch(() => undefined);
    if (!response?.ok) return undefined;
    const answer = await response.json();
    replace(answer.state);
    setChecked(answer.checked);
    return answer as { drafting: boolean };
  }, [setId, settled, replace]);

  return useMemo(
    () => ({ setId, state, checked, canUndo, canRedo, saveStatus, notice, setNotice, change, step, receive, refresh, settled }),
    [setId, state, checked, canUndo, canRedo, saveStatus, notice, setNotice, change, step, receive, refresh, settled],
  );
}

export type SetStore = ReturnType<typeof useSet>;
