/** Text as it stands, for use inside a regular expression. */
export function literally(text: string): string {
  return text.replace(/[.*+?^$()[\]{}|\\]/g, "\\$&");
}
