import type { Sentence } from "./analysis";

/** "Ida’s"; of a name in *s* as the source itself writes it, "Odalys’s" or "Moss’". */
export function ownerForm(name: string, sentences: readonly Sentence[]): string {
  if (!name.endsWith("s")) return `${name}’s`;
  const last = name.split(" ").at(-1)!;
  return sentences.some(({ text }) => text.includes(`${last}’s`) || text.includes(`${last}'s`)) ? `${name}’s` : `${name}’`;
}
