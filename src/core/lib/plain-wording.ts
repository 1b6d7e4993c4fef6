/** The words alone, small and without a leading article: two texts with the same plain wording say the same. */
export function plainWording(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, " ")
    .replace(/^(?:the|a|an) /, "")
    .trim();
}

/** The first of each wording, without those of `taken`. */
export function unlike<T>(items: readonly T[], textOf: (item: T) => string, taken: readonly string[] = []): T[] {
  const seen = new Set(taken.map(plainWording));
  return items.filter((item) => {
    const wording = plainWording(textOf(item));
    if (seen.has(wording)) return false;
    seen.add(wording);
    return true;
  });
}
