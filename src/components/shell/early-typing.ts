import { flushSync } from "react-dom";
import type { Field } from "./note-early-typing";

/** Takes a field out of what is told later, for whoever has a use of its own for what was typed in it. */
export function takeEarlyTyping(field: HTMLTextAreaElement): string {
  const typed = window.earlyTyping?.get(field);
  window.earlyTyping?.delete(field);
  return typeof typed === "string" ? typed : "";
}

/** Tells React what was typed before it listened, field by field, as if it were typed now; once a page. */
export async function tellEarlyTyping(): Promise<void> {
  const noted = window.earlyTyping;
  window.earlyTyping = undefined;
  await new Promise((resolve) => setTimeout(resolve));
  for (const [field, typed] of noted ?? []) {
    if (!field.isConnected) continue;
    // A change is built upon the page as it is drawn; and nobody types between two of them.
    flushSync(() => (typeof typed === "boolean" ? tellCheck(field as HTMLInputElement, typed) : tellValue(field, typed)));
  }
}

function tellCheck(field: HTMLInputElement, typed: boolean): void {
  field.checked = !typed;
  field.click();
}

function tellValue(field: Field, typed: string): void {
  const caret = caretOf(field);
  // React compares with the last value that it saw set on the element itself; set by the prototype, the new one is unseen.
  if (!(field instanceof HTMLSelectElement)) field.value = field.defaultValue;
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), "value")?.set?.call(field, typed);
  if (caret && document.activeElement === field) (field as HTMLTextAreaElement).setSelectionRange(...caret);
  field.dispatchEvent(new Event(field instanceof HTMLSelectElement ? "change" : "input", { bubbles: true }));
}

function caretOf(field: Field): [number, number] | undefined {
  if (field instanceof HTMLSelectElement || field.selectionStart === null) return undefined;
  return [field.selectionStart, field.selectionEnd ?? field.selectionStart];
}
