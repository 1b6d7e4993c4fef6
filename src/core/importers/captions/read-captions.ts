import { fail, ok, type Result } from "../../lib/result";
import { numberBlocks, type RawBlock } from "../../source/number-blocks";
import type { Stretch, Timing } from "../../source/schema";
import { decodeText } from "../decode-text";
import type { Imported, Importer, ImportProblem } from "../importer";
import { nameAsTitle } from "../title-of";
import { parseCues } from "./parse-cues";
import { type SpokenSentence, sentencesOfSpeech } from "./sentences-of-speech";
import { type SpokenPart, spokenParts } from "./spoken-parts";
import { unrollCues } from "./unroll-cues";

const PARAGRAPH_PAUSE_MS = 2000;
const PARAGRAPH_WORDS = 70;

/**
 *   text → cues → without repetitions → by speaker, sounds apart → sentences with times → paragraphs
 */
export function readCaptions(text: string, name: string): Result<Imported, ImportProblem> {
  const { cues, title, repaired } = parseCues(text);
  if (cues.length === 0) return fail({ type: "captions-empty" });
  const unrolled = unrollCues(cues);
  const blocks = numberBlocks(spokenParts(unrolled.cues).flatMap(paragraphs));
  if (!blocks.some((block) => !block.leftOut)) return fail({ type: "captions-empty" });
  const restored = blocks.reduce((sum, block) => sum + (block.restored?.filter(({ start, end }) => block.text.slice(start, end) === ".").length ?? 0), 0);
  return ok({
    kind: "captions",
    title: title ?? (nameAsTitle(name.replace(/\.[a-z]{2}(?:-[a-z]{2})?(?=\.(?:vtt|srt)$)/i, "")) || "Captions"),
    blocks,
    durationMs: Math.max(...cues.map((cue) => cue.endMs)),
    warnings: [
      ...(repaired > 0 ? [{ type: "cues-repaired" as const, count: repaired }] : []),
      ...(unrolled.merged > 0 ? [{ type: "cues-merged" as const, count: unrolled.merged }] : []),
      ...(restored > 0 ? [{ type: "punctuation-restored" as const, count: restored }] : []),
    ],
  });
}

function paragraphs(part: SpokenPart): RawBlock[] {
  if (part.type === "sound") {
    return [{ kind: "caption", text: part.text, leftOut: "sound description", at: { startMs: part.startMs, endMs: part.endMs } }];
  }
  const groups: SpokenSentence[][] = [];
  let words = 0;
  for (const sentence of sentencesOfSpeech(part.words)) {
    const last = groups.at(-1)?.at(-1);
    const count = sentence.text.split(" ").length;
    if (!last || sentence.startMs - last.endMs >= PARAGRAPH_PAUSE_MS || words + count > PARAGRAPH_WORDS) {
      groups.push([sentence]);
      words = count;
    } else {
      groups.at(-1)!.push(sentence);
      words += count;
    }
  }
  return groups.map((sentences) => toBlock(sentences, part.speaker));
}

function toBlock(sentences: readonly SpokenSentence[], speaker: string | undefined): RawBlock {
  const timings: Timing[] = [];
  const restored: Stretch[] = [];
  let text = "";
  for (const sentence of sentences) {
    if (text !== "") text += " ";
    const start = text.length;
    text += sentence.text;
    timings.push(...timingsOf(sentence, start, text.length));
    if (sentence.restoredCapital) restored.push({ start, end: start + 1 });
    if (sentence.restoredStop) restored.push({ start: text.length - 1, end: text.length });
  }
  const at = { startMs: sentences[0]!.startMs, endMs: sentences.at(-1)!.endMs };
  return { kind: "cue", text, timings, at, ...(restored.length > 0 ? { restored } : {}), ...(speaker ? { speaker } : {}) };
}

/** One for the whole sentence; where its end was only guessed, one for each caption: people break lines where they pause. */
function timingsOf(sentence: SpokenSentence, start: number, end: number): Timing[] {
  const cues = [{ start: 0, startMs: sentence.startMs }, ...sentence.cues];
  return cues.map((cue, index) => {
    const next = cues[index + 1];
    return { start: start + cue.start, end: next ? start + next.start - 1 : end, startMs: cue.startMs, endMs: next?.startMs ?? sentence.endMs };
  });
}

export const captionsImporter: Importer = {
  id: "captions",
  recognises: ({ bytes, name }) => /\.(?:vtt|srt)$/i.test(name) || /^(?:\ufeff)?WEBVTT(?:\s|$)/.test(decodeText(bytes.subarray(0, 64))),
  read: async ({ bytes, name }) => readCaptions(decodeText(bytes), name),
};
