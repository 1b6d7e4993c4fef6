/** What a field held when it was last typed in. */
export type Typed = string | boolean;
export type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

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
