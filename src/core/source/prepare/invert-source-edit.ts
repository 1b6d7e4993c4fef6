import type { SourceEdit } from "./source-edit";

/** The edit that undoes `edit`. */
export function invertSourceEdit(edit: SourceEdit): SourceEdit {
  if (edit.type !== "set-left-out") return { ...edit, from: edit.to, to: edit.from } as SourceEdit;
  return { ...edit, changes: edit.changes.map(({ blockId, from, to }) => ({ blockId, from: to, to: from })) };
}
