/** One caption as the file has it, its marks taken off. */
export type Cue = { startMs: number; endMs: number; lines: string[]; speaker?: string };
export type ParsedCues = { cues: Cue[]; title?: string; repaired: number };

const TIMES = /^\s*(-?(?:\d{1,3}:)?\d{1,3}:\d{1,2}[.,]?\d{0,3})\s*-->\s*(-?(?:\d{1,3}:)?\d{1,3}:\d{1,2}[.,]?\d{0,3})/;
/** A caption without a usable end is shown for as long as it takes to read it, at 15 characters a second. */
const CHARACTERS_A_SECOND = 15;

/**
 * The cues of a WebVTT (W3C) or SubRip file, in order of their start. Style, region and note blocks
 * are passed over; a cue that ends before it begins, or begins before the film, is repaired.
 */
export function parseCues(text: string): ParsedCues {
  const lines = text.replace(/^\ufeff/, "").split(/\r\n?|\n/);
  const cues: Cue[] = [];
  let repaired = 0;
  for (let at = 0; at < lines.length; at++) {
    const times = TIMES.exec(lines[at]!);
    if (!times) continue;
    const body: string[] = [];
    while (at + 1 < lines.length && lines[at + 1]!.trim() !== "" && !TIMES.test(lines[at + 1]!)) body.push(lines[++at]!);
    // SubRip without a blank line between cues: the next one's number stands at the end of this one's text.
    if (at + 1 < lines.length && TIMES.test(lines[at + 1]!) && /^\d+$/.test(body.at(-1)?.trim() ?? "")) body.pop();
    const cue = readCue(body);
    if (cue.lines.length === 0) continue;
    const [start, end] = [toMs(times[1]!), toMs(times[2]!)];
    const length = Math.max(700, (cue.lines.join(" ").length / CHARACTERS_A_SECOND) * 1000);
    if (start < 0 || end <= start) repaired++;
    const startMs = Math.max(0, start);
    cues.push({ startMs, endMs: Math.round(end > startMs ? end : startMs + length), ...cue });
  }
  cues.sort((a, b) => a.startMs - b.startMs);
  const title = /^WEBVTT[ \t]+-?[ \t]*(\S.*)$/.exec(lines[0] ?? "")?.[1]?.trim();
  return { cues, repaired, ...(title ? { title } : {}) };
}

function toMs(time: string): number {
  const sign = time.startsWith("-") ? -1 : 1;
  const parts = time.replace("-", "").replace(",", ".").split(":").map(Number);
  const seconds = parts.reduce((sum, part) => sum * 60 + part, 0);
  return sign * Math.round(seconds * 1000);
}

function readCue(body: string[]): { lines: string[]; speaker?: string } {
  const voice = /<v(?:\.[^ >]*)?\s+([^>]+)>/i.exec(body.join("\n"))?.[1]?.trim();
  const lines = body.map(plainLine).filter((line) => line !== "");
  return { lines, ...(voice ? { speaker: voice } : {}) };
}

const ENTITIES: Record<string, string> = { amp: "&", lt: "<", gt: ">", nbsp: " ", lrm: "", rlm: "", quot: '"', apos: "'", "#39": "'" };

function plainLine(line: string): string {
  return line
    .replace(/\{\\[^}]*\}/g, "")
    .replace(/<\/?[a-z0-9][^>]*>/gi, "")
    .replace(/&(amp|lt|gt|nbsp|lrm|rlm|quot|apos|#39);/g, (_, name: string) => ENTITIES[name]!)
    .replace(/\s+/g, " ")
    .trim();
}
