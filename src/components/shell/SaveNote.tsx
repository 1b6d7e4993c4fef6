import type { SaveStatus } from "./save-queue";

const TEXT: Record<SaveStatus, string> = {
  saved: "Saved",
  saving: "Saving …",
  waiting: "Saving …",
  unsaved: "Not saved yet: the server does not answer. It is kept here and tried again.",
};

export function SaveNote({ status }: { status: SaveStatus }) {
  return (
    <span data-save={status} className={`text-sm ${status === "unsaved" ? "font-semibold text-brick" : "text-soft"}`} role="status">
      {TEXT[status]}
    </span>
  );
}
