import type { Edit } from "./edit";

/** Typing on in the same field is one step to undo. */
export function mergeEdits(earlier: Edit, later: Edit): Edit | undefined {
  const typed = ["set-stem", "set-option", "set-key", "set-accepted", "set-parts", "set-points", "set-note", "set-title", "set-paper", "set-plan"];
  if (earlier.type !== later.type || !typed.includes(later.type)) return undefined;
  if ("questionId" in earlier && "questionId" in later && earlier.questionId !== later.questionId) return undefined;
  if (earlier.type === "set-option" && later.type === "set-option" && earlier.optionId !== later.optionId) return undefined;
  if (earlier.type === "set-note" && later.type === "set-note" && earlier.field !== later.field) return undefined;
  if (later.type === "set-key" && typeof later.to === "boolean") return undefined;
  if (earlier.type === "set-parts" && later.type === "set-parts" && !isTyping(earlier, later)) return undefined;
  return { ...later, from: (earlier as { from: unknown }).from } as Edit;
}

/** The same parts with other words; a part more or less, or another order, is a step of its own. */
function isTyping(earlier: Extract<Edit, { type: "set-parts" }>, later: Extract<Edit, { type: "set-parts" }>): boolean {
  const shape = ({ from, to }: typeof later) => JSON.stringify([from.key, to.key]);
  return shape(earlier) === shape(later) && JSON.stringify(later.from.key) === JSON.stringify(later.to.key);
}
