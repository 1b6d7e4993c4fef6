import type { Block } from "../source/schema";

/** A heading at the top, else the file's name, else the first words. */
export function titleOf(blocks: readonly Block[], name = ""): string {
  const shown = blocks.filter((block) => !block.leftOut);
  const first = shown[0] ?? blocks[0];
  // A line or two may stand over the title: the name of a school, a date.
  const heading = shown.slice(0, 3).find((block) => block.kind === "heading");
  const above = heading ? shown.slice(0, shown.indexOf(heading)) : [];
  if (heading && above.every((block) => block.text.length < 60)) return heading.text.slice(0, 120);
  const base = nameAsTitle(name);
  if (base) return base;
  const words = first?.text.split(" ") ?? [];
  return (
    words
      .slice(0, 7)
      .join(" ")
      .replace(/[.,;:!?]+$/, "") + (words.length > 7 ? " …" : "")
  );
}

/** "harbour-light_2.txt": "Harbour light 2". */
export function nameAsTitle(name: string): string {
  const base = (name.split(/[\\/]/).at(-1) ?? "")
    .replace(/\.[a-z0-9]{1,5}$/i, "")
    .replace(/[-_]+/g, " ")
    .trim();
  return base === "" ? "" : base.charAt(0).toUpperCase() + base.slice(1);
}
