"use client";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { applySourceEdit } from "@/core/source/prepare/apply-source-edit";
import { mergeSourceEdits } from "@/core/source/prepare/merge-source-edits";
import type { SourceEdit, SourceState } from "@/core/source/prepare/source-edit";
import type { SourceDescription } from "@/core/source/readability/describe-source";
import { createSaveQueue, type SaveAnswer, type SaveStatus } from "../shell/save-queue";

export type SourceStart = { sourceId: string; state: SourceState; description: SourceDescription; canUndo: boolean; canRedo: boolean };
type Answer = SaveAnswer & { description?: SourceDescription; moved?: number; lost?: number };

/** The source on screen: every change is shown at once, sent to be saved, and answered with fresh figures. */
export function useSource(start: SourceStart) {
  const { sourceId } = start;
  const [state, setState] = useState(start.state);
  const [description, setDescription] = useState(start.description);
  const [history, setHistory] = useState({ canUndo: start.canUndo, canRedo: start.canRedo });
  const [saveStatus, setSaveStatus] = useState<SaveStatus>("saved");
  const [notice, setNotice] = useState("");
  const current = useRef(state);
  current.current = state;
  const queue = useRef<ReturnType<typeof createSaveQueue<SourceEdit>> | null>(null);

  const hear = useCallback((answer: Answer) => {
    if (answer.description) setDescription(answer.description);
    setHistory((old) => ({ canUndo: answer.canUndo ?? old.canUndo, canRedo: answer.canRedo ?? old.canRedo }));
    setNotice(evidenceText(answer.moved ?? 0, answer.lost ?? 0));
  }, []);
  const show = useCallback((edits: readonly SourceEdit[]) => {
    let next = current.current;
    const done = edits.filter((edit) => {
      const applied = applySourceEdit(next, edit);
      if (applied.ok) next = applied.value;
      return applied.ok;
    });
    current.current = next;
    setState(next);
    return done;
  }, []);
  const change = useCallback(
    (...edits: (SourceEdit | undefined)[]) => {
      const done = show(edits.filter((edit) => edit !== undefined));
      if (done.length > 0) queue.current?.push(done);
    },
    [show],
  );

  useEffect(() => {
    const target = { address: `/api/sources/${sourceId}/edits`, storageKey: `vumo-unsaved-${sourceId}`, mergeEdits: mergeSourceEdits };
    const created = createSaveQueue<SourceEdit>(target, { onStatus: setSaveStatus, onAnswer: hear, onRefused: setNotice });
    queue.current = created;
    const unsaved = created.recover();
    if (unsaved.length > 0) created.push(show(unsaved));
    window.addEventListener("pagehide", created.leave);
    return () => {
      window.removeEventListener("pagehide", created.leave);
      created.leave();
    };
  }, [sourceId, show, hear]);

  const step = useCallback(
    async (direction: "undo" | "redo") => {
      await queue.current?.settled();
      const response = await fetch(`/api/sources/${sourceId}/history`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ step: direction }),
      }).catch(() => undefined);
      if (!response) return setNotice("The server does not answer. Nothing was undone.");
      const answer = await response.json();
      if (!response.ok) return setNotice(answer.problem.text);
      current.current = answer.state;
      setState(answer.state);
      hear(answer);
    },
    [sourceId, hear],
  );
  return useMemo(
    () => ({ sourceId, state, description, ...history, saveStatus, notice, change, step }),
    [sourceId, state, description, history, saveStatus, notice, change, step],
  );
}

export type SourceStore = ReturnType<typeof useSource>;

function evidenceText(moved: number, lost: number): string {
  if (lost > 0)
    return `The evidence of ${lost === 1 ? "1 question is" : `${lost} questions is`} no longer in the text; ${lost === 1 ? "its slip says" : "their slips say"} so.`;
  return moved > 0 ? `The evidence of ${moved === 1 ? "1 question" : `${moved} questions`} moved along.` : "";
}
