/** What a field held when it was last typed in. */
type Typed = string | boolean;
type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

declare global {
  interface Window {
    /** Fields that were typed in before React listened to them, in the order of the typing. */
    earlyTyping?: Map<Field, Typed>;
  }
}

/**
 * A script for the head of the page: what is typed while the page's own scripts are still on their way is
 * noted, since React takes no notice of it later: the field shows the typed words, and nothing saves them.
 */
export const NOTE_EARLY_TYPING = `
window.earlyTyping = new Map();
document.addEventListener("input", function note(event) {
  if (!window.earlyTyping) return document.removeEventListener("input", note, true);
  const field = event.target;
  window.earlyTyping.delete(field);
  window.earlyTyping.set(field, field.type === "checkbox" || field.type === "radio" ? field.checked : field.value);
}, true);`;

/** Tells React what was typed before it listened, field by field, as if it were typed now; once a page. */
export async function tellEarlyTyping(): Promise<void> {
  const noted = window.earlyTyping;
  window.earlyTyping = undefined;
  for (const [field, typed] of noted ?? []) {
    // A change is built upon the page as it is drawn, so each waits for the one before.
    await new Promise((resolve) => setTimeout(resolve));
    if (!field.isConnected) continue;
    if (typeof typed === "boolean") tellCheck(field as HTMLInputElement, typed);
    else tellValue(field, typed);
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
