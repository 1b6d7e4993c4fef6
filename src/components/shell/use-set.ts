"use client";
import { useCallback, useMemo, useState } from "react";
import { type Checked, withTogether } from "@/core/checking/check-question";
import type { Finding } from "@/core/checking/define-rule";
import { applyEdit } from "@/core/questions/apply-edit";
import type { Edit, SetState, Slip } from "@/core/questions/edit";
import { mergeEdits } from "@/core/questions/merge-edits";
import type { SaveAnswer } from "./save-queue";
import { useEdits } from "./use-edits";

export type { Checked };
export type CheckedById = Record<string, Checked>;
export type Together = Record<string, Finding[]>;
export type SetStart = { setId: string; state: SetState; checked: CheckedById; together?: Together; canUndo: boolean; canRedo: boolean };
type Answer = SaveAnswer & { touched?: string[]; together?: Together };

/** The set on screen: every change is answered with fresh verdicts. */
export function useSet(start: SetStart) {
  const { setId } = start;
  const [own, setChecked] = useState(start.checked);
  const [together, setTogether] = useState(start.together ?? {});
  const checked = useMemo(() => withTogetherById(own, together), [own, together]);
  const hear = useCallback((answer: Answer) => {
    setChecked((old) => ({ ...old, ...(answer.checked as CheckedById) }));
    if (answer.together) setTogether(answer.together);
  }, []);
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
    setTogether(answer.together);
    return answer as { drafting: boolean };
  }, [setId, settled, replace]);

  return useMemo(
    () => ({ setId, state, checked, canUndo, canRedo, saveStatus, notice, setNotice, change, step, receive, refresh, settled }),
    [setId, state, checked, canUndo, canRedo, saveStatus, notice, setNotice, change, step, receive, refresh, settled],
  );
}

/** Every question's findings with those of the whole set. */
export function withTogetherById(checked: CheckedById, together: Together): CheckedById {
  return Object.fromEntries([...new Set([...Object.keys(checked), ...Object.keys(together)])].map((id) => [id, withTogether(checked[id], together[id])]));
}

export type SetStore = ReturnType<typeof useSet>;
