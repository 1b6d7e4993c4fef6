import type { Option } from "@/core/questions/question";

/** The first of i1, i2, … that is not taken. */
export function nextPartId(prefix: string, parts: readonly Option[]): string {
  const used = new Set(parts.map((part) => part.id));
  let number = 1;
  while (used.has(`${prefix}${number}`)) number++;
  return `${prefix}${number}`;
}
