import type { Edit } from "./edit";

/** The edit that undoes `edit`. */
export function invertEdit(edit: Edit): Edit {
  switch (edit.type) {
    case "add-question":
      return { ...edit, type: "remove-question" };
    case "remove-question":
      return { ...edit, type: "add-question" };
    case "add-option":
      return { ...edit, type: "remove-option" };
    case "remove-option":
      return { ...edit, type: "add-option" };
    case "set-status": {
      const { reason } = edit;
      return { ...edit, from: edit.to, to: edit.from, ...(reason ? { reason: { from: reason.to, to: reason.from } } : {}) };
    }
    default:
      return { ...edit, from: edit.to, to: edit.from } as Edit;
  }
}
