import { type AsideReason, asideReasonSchema, type Slip } from "@/core/questions/edit";
import { ASIDE_REASONS } from "@/messages/aside-reasons";
import type { SlipVerdict } from "./verdict";

/** What a teacher can do in the Margin. Buttons, keys and the sheet of keys are all made from this table. */
export type MarginActionId =
  | "next"
  | "previous"
  | "keep"
  | "set-aside"
  | "look-again"
  | "next-doubt"
  | "mend"
  | "answer"
  | "keep-sound"
  | "edit"
  | "evidence"
  | "copy"
  | "remove"
  | "undo"
  | "redo"
  | "write"
  | "keys"
  | "close"
  | `aside:${AsideReason}`;

export type MarginAction = { id: MarginActionId; label: string; keys: string[]; shown: string; needsSlip: boolean };

export const MARGIN_ACTIONS: MarginAction[] = [
  { id: "next", label: "Next slip", keys: ["j", "ArrowDown"], shown: "J or ↓", needsSlip: false },
  { id: "previous", label: "Previous slip", keys: ["p", "ArrowUp"], shown: "P or ↑", needsSlip: false },
  { id: "keep", label: "Keep", keys: ["k"], shown: "K", needsSlip: true },
  { id: "set-aside", label: "Set aside", keys: ["x"], shown: "X", needsSlip: true },
  ...asideReasonSchema.options.map(
    (reason, index): MarginAction => ({
      id: `aside:${reason}`,
      label: `Set aside: ${ASIDE_REASONS[reason]}`,
      keys: [`${index + 1}`],
      shown: `${index + 1}`,
      needsSlip: true,
    }),
  ),
  { id: "look-again", label: "Look again", keys: ["l"], shown: "L", needsSlip: true },
  { id: "next-doubt", label: "Next one to look at", keys: ["d"], shown: "D", needsSlip: false },
  { id: "mend", label: "Apply the mend", keys: ["m"], shown: "M", needsSlip: true },
  { id: "answer", label: "It is right as it is", keys: ["r"], shown: "R", needsSlip: true },
  { id: "keep-sound", label: "Keep all that is sound", keys: ["K"], shown: "Shift K", needsSlip: false },
  { id: "edit", label: "Edit", keys: ["e", "Enter"], shown: "E or Enter", needsSlip: true },
  { id: "evidence", label: "Go to the evidence", keys: ["g"], shown: "G", needsSlip: true },
  { id: "copy", label: "Copy", keys: ["c"], shown: "C", needsSlip: true },
  { id: "remove", label: "Remove", keys: ["Delete"], shown: "Delete", needsSlip: true },
  { id: "write", label: "Write a question", keys: ["n"], shown: "N", needsSlip: false },
  { id: "undo", label: "Undo", keys: ["z"], shown: "Z", needsSlip: false },
  { id: "redo", label: "Redo", keys: ["Z"], shown: "Shift Z", needsSlip: false },
  { id: "keys", label: "Show the keys", keys: ["?"], shown: "?", needsSlip: false },
  { id: "close", label: "Close the slip, leave a field", keys: ["Escape"], shown: "Esc", needsSlip: false },
];

export function actionForKey(event: KeyboardEvent): MarginAction | undefined {
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z")
    return MARGIN_ACTIONS.find((action) => action.id === (event.shiftKey ? "redo" : "undo"));
  if (event.ctrlKey || event.metaKey || event.altKey) return undefined;
  return MARGIN_ACTIONS.find((action) => action.keys.includes(event.key));
}

export function keyOf(id: MarginActionId): string {
  return MARGIN_ACTIONS.find((action) => action.id === id)!.shown.split(" ")[0]!;
}

export type SlipFilter = "all" | "look" | "kept" | "aside";

export function passesFilter(slip: Slip, verdict: string, filter: SlipFilter): boolean {
  if (filter === "aside") return slip.status === "aside";
  if (slip.status === "aside") return false;
  if (filter === "kept") return slip.status === "kept";
  return filter === "all" || needsALook(slip, verdict);
}

/** Marked by the teacher, or doubtful and not decided yet. */
export function needsALook(slip: Slip, verdict: string): boolean {
  return slip.status !== "aside" && (slip.lookAgain || (slip.status === "draft" && verdict !== "sound") || verdict === "wrong");
}

/** Sound, and nothing was decided about it. */
export function isToKeep(slip: Slip, verdict: string): boolean {
  return slip.status === "draft" && !slip.lookAgain && verdict === "sound";
}

/** Only slips of one kind, depth, outcome, verdict, rule or paragraph, or just some: "kind:match", "rule:options-in-order", "block:b4", "slips:q1,q4". */
export type Narrowing = string;

export function passesNarrowing(slip: Slip, { verdict, open }: SlipVerdict, narrowing: Narrowing): boolean {
  const colon = narrowing.indexOf(":");
  const [what, value] = [narrowing.slice(0, Math.max(0, colon)), narrowing.slice(colon + 1)];
  switch (what) {
    case "kind":
      return slip.question.kind === value;
    case "depth":
      return slip.question.depth === value;
    case "verdict":
      return verdict === value;
    case "rule":
      return open.some((finding) => finding.rule === value);
    case "block":
      return slip.question.evidence.some((span) => span.blockId === value);
    case "slips":
      return value.split(",").includes(slip.question.id);
    case "outcome":
      return slip.question.outcome === value;
    default:
      return true;
  }
}
