"use client";
import { useCallback, useMemo, useState } from "react";
import { applySourceEdit } from "@/core/source/prepare/apply-source-edit";
import { mergeSourceEdits } from "@/core/source/prepare/merge-source-edits";
import type { SourceEdit, SourceState } from "@/core/source/prepare/source-edit";
import type { SourceDescription } from "@/core/source/readability/describe-source";
import type { SaveAnswer } from "../shell/save-queue";
import { useEdits } from "../shell/use-edits";

export type SourceStart = { sourceId: string; state: SourceState; description: SourceDescription; canUndo: boolean; canRedo: boolean };
type Answer = SaveAnswer & { description?: SourceDescription; moved?: number; lost?: number };

/** The source on screen: every change is answered with fresh figures, and with what became of the evidence on it. */
export function useSource(start: SourceStart) {
  const { sourceId } = start;
  const [description, setDescription] = useState(start.description);
  const [evidence, setEvidence] = useState("");
  const hear = useCallback((answer: Answer) => {
    if (answer.description) setDescription(answer.description);
    setEvidence(evidenceText(answer.moved ?? 0, answer.lost ?? 0));
  }, []);
  const edited = { ...start, address: `/api/sources/${sourceId}`, storageKey: `vumo-unsaved-${sourceId}`, apply: applySourceEdit, merge: mergeSourceEdits };
  const { state, canUndo, canRedo, saveStatus, notice, change, step } = useEdits<SourceState, SourceEdit, Answer>(edited, hear);
  return useMemo(
    () => ({ sourceId, state, description, canUndo, canRedo, saveStatus, notice: notice || evidence, change, step }),
    [sourceId, state, description, canUndo, canRedo, saveStatus, notice, evidence, change, step],
  );
}

export type SourceStore = ReturnType<typeof useSource>;

function evidenceText(moved: number, lost: number): string {
  if (lost > 0)
    return `The evidence of ${lost === 1 ? "1 question is" : `${lost} questions is`} no longer in the text; ${lost === 1 ? "its slip says" : "their slips say"} so.`;
  return moved > 0 ? `The evidence of ${moved === 1 ? "1 question" : `${moved} questions`} moved along.` : "";
}
