import type { SourceEdit } from "./source-edit";

/** Typing on in the same block or field is one step to undo. */
export function mergeSourceEdits(earlier: SourceEdit, later: SourceEdit): SourceEdit | undefined {
  if (earlier.type === "set-block" && later.type === "set-block") {
    const typed = earlier.blockId === later.blockId && isTyping(earlier) && isTyping(later);
    return typed ? { ...later, from: earlier.from } : undefined;
  }
  const dragged = earlier.type === later.type && (later.type === "set-source-title" || later.type === "set-choice");
  return dragged ? ({ ...later, from: (earlier as { from: unknown }).from } as SourceEdit) : undefined;
}

function isTyping({ from, to }: Extract<SourceEdit, { type: "set-block" }>): boolean {
  return from.text !== to.text && from.kind === to.kind;
}
