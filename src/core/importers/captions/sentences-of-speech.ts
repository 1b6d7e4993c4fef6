import { splitSentences } from "../../language/split-sentences";
import type { SpokenWord } from "./spoken-parts";

export type SpokenSentence = {
  text: string;
  startMs: number;
  endMs: number;
  restoredCapital: boolean;
  restoredStop: boolean /** Where nobody wrote full stops: where each caption begins in the text, and when. */;
  cues: { start: number; startMs: number }[];
};

/** A silence this long between two captions ends a sentence where the captions have no marks. */
const PAUSE_MS = 600;
const LONGEST_WITHOUT_MARKS = 24;
/** Words that often open a sentence in speech; they count only at the start of a caption. */
const OPENERS = new Set(
  "so now then but well okay next first second finally today here this these that there it they he she we you i in when if after before".split(" "),
);

/** The sentences of one speaker's words, with their times. Where the captions have no full stops, they are restored and said to be ours. */
export function sentencesOfSpeech(words: readonly SpokenWord[]): SpokenSentence[] {
  const marked = words.filter((word) => /[.!?…]["”’)]*$/.test(word.text)).length;
  return marked >= words.length / 45 || words.length < 12 ? bySentenceMarks(words) : byPauses(words);
}

function bySentenceMarks(words: readonly SpokenWord[]): SpokenSentence[] {
  const text = words.map((word) => word.text).join(" ");
  const starts: number[] = [];
  let at = 0;
  for (const word of words) {
    starts.push(at);
    at += word.text.length + 1;
  }
  return splitSentences(text).map(({ start, end }) => {
    const inside = words.filter((_, index) => starts[index]! >= start && starts[index]! < end);
    return toSentence(text.slice(start, end), inside, false);
  });
}

function byPauses(words: readonly SpokenWord[]): SpokenSentence[] {
  const groups: SpokenWord[][] = [[]];
  words.forEach((word, index) => {
    const before = words[index - 1];
    const current = groups.at(-1)!;
    const pause = before ? word.startMs - before.endMs : 0;
    const opens = word.opensCue && current.length >= 6 && OPENERS.has(word.text.toLowerCase());
    const isEnd = before !== undefined && (pause >= PAUSE_MS || /[.!?]$/.test(before.text) || (opens && current.length >= LONGEST_WITHOUT_MARKS / 3));
    if (isEnd && current.length > 0) groups.push([word]);
    else current.push(word);
  });
  return groups.filter((group) => group.length > 0).map((group) => toSentence(group.map((word) => word.text).join(" "), group, true));
}

function toSentence(text: string, words: readonly SpokenWord[], restore: boolean): SpokenSentence {
  const restoredCapital = restore && /^\p{Ll}/u.test(text);
  const restoredStop = restore && !/[.!?…]["”’)]*$/.test(text);
  const capital = restoredCapital ? text.charAt(0).toUpperCase() + text.slice(1) : text;
  let at = 0;
  const starts = words.map((word) => {
    at += word.text.length + 1;
    return at - word.text.length - 1;
  });
  const opening = words.flatMap((word, index) => (index > 0 && word.opensCue ? [{ start: starts[index]!, startMs: word.startMs }] : []));
  return {
    cues: restore ? opening : [],
    text: restoredStop ? `${capital.replace(/[,;:–-]+$/, "")}.` : capital,
    startMs: words[0]!.startMs,
    endMs: words.at(-1)!.endMs,
    restoredCapital,
    restoredStop,
  };
}
