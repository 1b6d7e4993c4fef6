import type { Cue } from "./parse-cues";

/**
 * Captions that roll show each line twice or three times, or grow word by word. What a cue repeats of
 * what was said just before is taken away; a cue with nothing new only lengthens the one before it.
 */
export function unrollCues(cues: readonly Cue[]): { cues: Cue[]; merged: number } {
  const kept: Cue[] = [];
  let merged = 0;
  let said: string[] = [];
  for (const cue of cues) {
    const last = kept.at(-1);
    const words = wordsOf(cue);
    const repeated = last && cue.startMs - last.endMs < 1500 ? repeatedWords(said, words, last, cue) : 0;
    if (last && repeated === words.length) {
      last.endMs = Math.max(last.endMs, cue.endMs);
      merged++;
      continue;
    }
    if (last && repeated > 0) {
      merged++;
      last.endMs = Math.min(last.endMs, Math.max(last.startMs + 1, cue.startMs));
    }
    kept.push({ ...cue, lines: repeated > 0 ? [words.slice(repeated).join(" ")] : cue.lines });
    said = [...said, ...words.slice(repeated)].slice(-60);
  }
  return { cues: kept, merged };
}

function wordsOf(cue: Cue): string[] {
  return cue.lines.join(" ").split(" ");
}

/** How many words at the start of a cue were the last ones said. One word alone may well be said twice. */
function repeatedWords(said: readonly string[], words: readonly string[], last: Cue, cue: Cue): number {
  for (let count = Math.min(said.length, words.length); count >= 1; count--) {
    const tail = said.slice(-count);
    if (!tail.every((word, index) => word === words[index])) continue;
    const overlaps = cue.startMs < last.endMs;
    if (count >= 3 || (overlaps && count >= 1) || (count === 2 && cue.startMs - last.endMs < 100)) return count;
  }
  return 0;
}
