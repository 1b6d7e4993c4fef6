/** A for 0; options beyond H are not written. */
export function letterOf(place: number): string {
  return "ABCDEFGH"[place] ?? "none";
}
