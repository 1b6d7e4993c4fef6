import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { findCapitals } from "../../src/core/language/find-capitals";
import { WINDOW } from "../../src/core/language/speech/split-speech";
import { type SpokenPiece, spokenPieces } from "../../src/core/language/speech/spoken-pieces";
import { splitSentences } from "../../src/core/language/split-sentences";
import { type Capitals, type TaggedWord, tagCandidates } from "../../src/core/language/tag-candidates";
import { tokenize } from "../../src/core/language/tokenize";
import { createRandom } from "../../src/core/lib/random";
import { loadLanguageTools } from "../../src/server/language/load-language-tools";

const root = path.resolve(import.meta.dirname, "../..");

/** Some words of a passage as if they were spoken; `bounds` are the words that a sentence begins with, and the end. */
export type SpokenWindow = { passage: string; words: readonly TaggedWord[]; bounds: ReadonlySet<number>; pieces: readonly SpokenPiece[] };

/** What opens a spoken sentence, and how often it is put in front of one. */
const OPENERS = ["so", "and", "and then", "now", "but", "well", "okay so", "and so"];
const SHARE_OPENED = 0.25;
/** Talks with labels of who speaks, and prose with speech in it, are left out. */
const WITH_SPEAKERS = /^(?:Reporter|Interviewer)\b|^\*\*|["“”]/m;

/** Of a talk that nobody punctuated it is not known what its sentences were. */
const HAS_STOPS = /[.!?]\s/;

/** The passages of the corpus without stops and commas: what its sentences were is known. Half of them have no capitals either. */
export function spokenPassages(): SpokenWindow[] {
  const { lexicon, parser } = loadLanguageTools(root);
  const random = createRandom(1);
  const folder = path.join(root, "quality/passages");
  const files = readdirSync(folder).filter((name) => name.endsWith(".md"));
  return files.flatMap((file, index) => {
    const text = runningText(readFileSync(path.join(folder, file), "utf8"));
    if (WITH_SPEAKERS.test(text) || !HAS_STOPS.test(text)) return [];
    const opener = () => (random.next() < SHARE_OPENED ? `${OPENERS[random.below(OPENERS.length)]} ` : "");
    const spoken = withoutStops(text, index % 2 === 0, opener);
    const tokens = tokenize(spoken.text);
    return chunks(tokens, WINDOW).map((some): SpokenWindow => {
      const words = tagCandidates(some, lexicon, spoken.capitals);
      const bounds = new Set(words.flatMap((word, at) => (spoken.bounds.has(word.tokens[0]!.start) ? [at] : [])));
      return { passage: file, words, bounds, pieces: spokenPieces(words, parser) };
    });
  });
}

function runningText(markdown: string): string {
  const lines = markdown.split("\n").filter((line) => line.trim() && !/^[#\-*\d|>]/.test(line));
  return lines.join("\n");
}

type Spoken = { text: string; bounds: ReadonlySet<number>; capitals: Capitals };

function withoutStops(text: string, hasNoCapitals: boolean, opener: () => string): Spoken {
  const sentences = splitSentences(text).map(({ start, end }) => tokenize(text, start, end));
  const known = findCapitals(sentences);
  const bounds = new Set<number>();
  let spoken = "";
  for (const tokens of sentences) {
    const kept = tokens.filter((token) => !/^[.!?;:,()–—]$/.test(token.text));
    if (spoken) spoken += " ";
    bounds.add(spoken.length);
    spoken += opener();
    kept.forEach((token, at) => {
      const isLowered = token.text !== "I" && (hasNoCapitals || (at === 0 && !known.capitalised.has(token.lower)));
      const word = isLowered ? token.text.toLowerCase() : token.text;
      const isClitic = at > 0 && kept[at - 1]!.end === token.start;
      spoken += at === 0 || isClitic ? word : ` ${word}`;
    });
  }
  return { text: spoken, bounds, capitals: hasNoCapitals ? { ...known, capitalised: new Set() } : known };
}

function chunks<T>(items: readonly T[], size: number): T[][] {
  return Array.from({ length: Math.ceil(items.length / size) }, (_, at) => items.slice(at * size, (at + 1) * size));
}
