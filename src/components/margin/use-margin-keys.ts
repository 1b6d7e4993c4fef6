import { useEffect } from "react";
import { actionForKey, type MarginActionId } from "./margin-actions";

/** Single keys act only where nothing is being written; Escape leaves the field. */
export function useMarginKeys(act: (id: MarginActionId) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const writing = /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName) && !/^(?:radio|checkbox)$/.test((target as HTMLInputElement).type);
      if (document.querySelector("[role=dialog]")) return;
      if (writing) {
        if (event.key === "Escape") {
          target.blur();
          target.closest<HTMLElement>("[data-slip]")?.focus();
        }
        return;
      }
      const action = actionForKey(event);
      const pressing = /^(?:BUTTON|A)$/.test(target.tagName) && event.key === "Enter";
      if (!action || pressing || (event.key.startsWith("Arrow") && (target as HTMLInputElement).type === "radio")) return;
      event.preventDefault();
      act(action.id);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [act]);
}
