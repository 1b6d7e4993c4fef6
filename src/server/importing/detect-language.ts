import { type CldFactory, loadModule } from "cld3-asm";
import type { Block } from "@/core/source/schema";

/** Enough to tell the language by; more takes longer and tells no more. */
const SAMPLE_CHARACTERS = 4000;

/** The language of the text as ISO 639-1, by Google's compact language detector; what the document says of itself where the text is too short to tell. */
export async function detectLanguage(blocks: readonly Block[], declared: string | undefined): Promise<string> {
  const text = blocks
    .filter((block) => !block.leftOut)
    .map((block) => block.text)
    .join(" ")
    .slice(0, SAMPLE_CHARACTERS);
  if (isNoProse(text)) return declared ?? "en";
  const identifier = (await loadDetector()).create(0, SAMPLE_CHARACTERS);
  try {
    const found = identifier.findLanguage(text);
    const sure = found.is_reliable && found.probability > 0.7 && /^[a-z]{2}(?:-|$)/.test(found.language);
    return sure ? found.language.slice(0, 2) : (declared ?? "en");
  } finally {
    identifier.dispose();
  }
}

/** Milliseconds: a busy machine compiles the detector slowly, and by itself it gives up after three seconds. */
const LOADED_WITHIN = 30_000;
let detector: Promise<CldFactory> | undefined;

/** Loaded once, and tried again where that failed. */
function loadDetector(): Promise<CldFactory> {
  detector ??= loadModule({ timeout: LOADED_WITHIN }).catch((problem: unknown) => {
    detector = undefined;
    throw problem;
  });
  return detector;
}

const FEWEST_WORDS = 4;
const FEWEST_DIFFERENT = 8;

/** Too few words, the same ones over and over, or more marks than letters: nothing to tell a language by. */
function isNoProse(text: string): boolean {
  const sample = text.slice(0, 4000);
  const words = sample.toLowerCase().match(/\p{L}+/gu) ?? [];
  const letters = (sample.match(/[\p{L}\s]/gu) ?? []).length;
  return (
    words.length < FEWEST_WORDS ||
    (words.length > FEWEST_DIFFERENT * 2 && new Set(words).size < FEWEST_DIFFERENT) ||
    letters / Math.max(1, sample.length) < 0.75
  );
}
