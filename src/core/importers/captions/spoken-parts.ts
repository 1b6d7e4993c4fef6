import type { Cue } from "./parse-cues";

/** A word with the time in which it is spoken, reckoned evenly over its cue by length. */
export type SpokenWord = { text: string; startMs: number; endMs: number; opensCue: boolean };
export type SpokenPart = { type: "speech"; speaker?: string; words: SpokenWord[] } | { type: "sound"; text: string; startMs: number; endMs: number };

const SOUND = /[[(♪][^\])♪]{0,80}[\])♪]|♪+/gu;
const ONLY_SOUND = /^[\s.,!–-]*$/;

/** What is said, by speaker, with sound descriptions set apart. */
export function spokenParts(cues: readonly Cue[]): SpokenPart[] {
  const names = speakerNames(cues);
  const parts: SpokenPart[] = [];
  let speaker: string | undefined;
  for (const cue of cues) {
    let share = 0;
    const total = cue.lines.reduce((sum, line) => sum + line.length + 1, -1);
    const timeAt = (done: number) => Math.round(cue.startMs + ((cue.endMs - cue.startMs) * done) / total);
    cue.lines.forEach((line, index) => {
      const labelled = takeLabel(line, names, cue);
      if (labelled.speaker !== undefined) speaker = labelled.speaker || undefined;
      const from = share;
      share += line.length + 1;
      let at = from + line.length - labelled.text.length;
      for (const piece of cutSounds(labelled.text)) {
        const [startMs, endMs] = [timeAt(at), timeAt(at + piece.text.length)];
        at += piece.text.length;
        if (piece.isSound) parts.push({ type: "sound", text: piece.text.trim(), startMs, endMs });
        else addSpeech(parts, speaker, labelled.speaker !== undefined && labelled.isTurn, timedWords(piece.text, startMs, endMs, index === 0));
      }
    });
  }
  return parts;
}

function addSpeech(parts: SpokenPart[], speaker: string | undefined, isTurn: boolean, words: SpokenWord[]): void {
  if (words.length === 0) return;
  // A sound between two words of one sentence does not part them.
  const last = parts.findLast((part) => part.type === "speech");
  const isSame = last && last.type === "speech" && last.speaker === speaker && !isTurn && words[0]!.startMs - last.words.at(-1)!.endMs < 10_000;
  if (isSame) last.words.push(...words);
  else parts.push({ type: "speech", words, ...(speaker ? { speaker } : {}) });
}

function timedWords(text: string, startMs: number, endMs: number, opensCue: boolean): SpokenWord[] {
  const words: SpokenWord[] = [];
  for (const match of text.matchAll(/\S+/g)) {
    const at = (index: number) => Math.round(startMs + ((endMs - startMs) * index) / Math.max(1, text.length));
    words.push({ text: match[0], startMs: at(match.index), endMs: at(match.index + match[0].length), opensCue: opensCue && words.length === 0 });
  }
  return words;
}

function cutSounds(text: string): { text: string; isSound: boolean }[] {
  const pieces: { text: string; isSound: boolean }[] = [];
  let at = 0;
  for (const match of text.matchAll(SOUND)) {
    // Round brackets are a sound only when nothing else is said beside them.
    const rest = text.slice(0, match.index) + text.slice(match.index + match[0].length);
    if (match[0].startsWith("(") && !ONLY_SOUND.test(rest)) continue;
    if (match.index > at) pieces.push({ text: text.slice(at, match.index), isSound: false });
    pieces.push({ text: match[0], isSound: true });
    at = match.index + match[0].length;
  }
  if (at < text.length) pieces.push({ text: text.slice(at), isSound: false });
  return pieces;
}

const LABEL = /^(?:>{1,3}\s*)?(?:[-–]\s*)?(\p{Lu}[\p{L}.'’]*(?: (?:\p{Lu}|\d)[\p{L}\d.'’]*){0,3}):\s+(?=\S)/u;

/** "KEEPER:" counts at once; "Keeper:" must open at least two lines, or it may be any word before a colon. */
function speakerNames(cues: readonly Cue[]): ReadonlySet<string> {
  const counts = new Map<string, number>();
  for (const line of cues.flatMap((cue) => cue.lines)) {
    const name = LABEL.exec(line)?.[1];
    if (name) counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return new Set([...counts].filter(([name, count]) => count >= 2 || name === name.toUpperCase()).map(([name]) => name));
}

function takeLabel(line: string, names: ReadonlySet<string>, cue: Cue): { text: string; speaker?: string; isTurn: boolean } {
  const label = LABEL.exec(line);
  if (label && names.has(label[1]!)) return { text: line.slice(label[0].length), speaker: readableName(label[1]!), isTurn: true };
  const turn = /^(?:>{2,3}|[-–](?=\s?\p{Lu}))\s*/u.exec(line);
  if (turn) return { text: line.slice(turn[0].length), speaker: cue.speaker ?? "", isTurn: true };
  return cue.speaker ? { text: line, speaker: cue.speaker, isTurn: false } : { text: line, isTurn: false };
}

function readableName(name: string): string {
  return name === name.toUpperCase() ? name.replace(/\p{L}+/gu, (word) => word[0] + word.slice(1).toLowerCase()) : name;
}
