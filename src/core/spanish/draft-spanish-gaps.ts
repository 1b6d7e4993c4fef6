import type { Candidate } from "../drafting/candidate";
import type { GapWords } from "../drafting/plan";
import type { Analysis, Sentence } from "../language/analysis";
import { createRandom, seedFrom } from "../lib/random";
import { GAP, type Gap } from "../questions/question";
import { readVerb, type SpanishTense } from "./conjugate";

const FEWEST = 2;
const MOST = 8;
const LONGEST = 140;
/** After these a word is a noun or adjective, whatever its form. */
const BEFORE_NOUN =
  /(?:^|\s)(?:el|la|los|las|un|una|unos|unas|de|del|al|a|en|con|por|para|sin|sobre|entre|desde|hasta|su|sus|mi|tu|este|esta|estos|estas|ese|esa|cada|dos|tres|cuatro|cinco|seis|muy|más)\s$/i;
const PREPOSITIONS = /^(?:a|de|en|con|por|para|sin|sobre|entre|desde|hasta|contra|durante|según)$/;
const ARTICLES = ["el", "la", "los", "las", "un", "una"];

const TASK: Partial<Record<GapWords, string>> = {
  "past-verbs": "Escribe los verbos entre paréntesis en pretérito indefinido.",
  "imperfect-verbs": "Escribe los verbos entre paréntesis en pretérito imperfecto.",
  "present-verbs": "Escribe los verbos entre paréntesis en presente.",
  prepositions: "Completa cada hueco con la preposición adecuada.",
  articles: "Completa cada hueco con el artículo adecuado.",
};
const TENSE: Partial<Record<GapWords, SpanishTense>> = { "past-verbs": "preterite", "imperfect-verbs": "imperfect", "present-verbs": "present" };

type Place = { start: number; end: number; key: string; shown: string; choices?: string[] };

/** Paragraphs with gaps for verbs of one tense, prepositions or articles. */
export function draftSpanishGaps({ sentences }: Analysis, words: GapWords, seed: number): Candidate[] {
  const task = TASK[words];
  if (!task) return [];
  const byBlock = new Map<string, Sentence[]>();
  for (const sentence of sentences) {
    if (sentence.block.kind === "paragraph") byBlock.set(sentence.block.id, [...(byBlock.get(sentence.block.id) ?? []), sentence]);
  }
  return [...byBlock.values()].flatMap((own) => {
    const block = own[0]!.block;
    const from = own[0]!.start;
    const to = own.findLast((sentence) => block.text.slice(from, sentence.end).split(" ").length <= LONGEST)?.end ?? own[0]!.end;
    const places = placesIn(block.text, from, to, words).slice(0, MOST);
    if (places.length < FEWEST) return [];
    let text = "";
    let at = from;
    for (const place of places) {
      text += block.text.slice(at, place.start) + place.shown;
      at = place.end;
    }
    text += block.text.slice(at, to);
    const random = createRandom(seedFrom(text, seed));
    const gaps = places.map((place): Gap => ({ key: place.key, accepted: [], ...(place.choices ? { choices: random.shuffle(place.choices) } : {}) }));
    return [
      {
        kind: "gap-fill" as const,
        stem: `${task} ${text}`,
        key: gaps.map((gap) => gap.key).join("; "),
        accepted: [],
        distractors: [],
        optionOrder: "shuffled" as const,
        evidence: own.filter((sentence) => sentence.end <= to),
        factId: `${words}:${own[0]!.index}`,
        factType: "statement" as const,
        pattern: `gaps-${words}`,
        depth: "recall" as const,
        worth: 1.8 + places.length * 0.15,
        parts: { sort: "gaps" as const, gaps },
      },
    ];
  });
}

function placesIn(text: string, from: number, to: number, words: GapWords): Place[] {
  const found: Place[] = [];
  for (const match of text.slice(from, to).matchAll(/\p{L}+/gu)) {
    const start = from + match.index;
    const place = placeAt(text, start, match[0], words);
    const last = found.at(-1);
    const again = words === "prepositions" && found.some((other) => other.key === place?.key);
    if (place && !again && (!last || start - last.end > 6)) found.push(place);
  }
  return found;
}

function placeAt(text: string, start: number, word: string, words: GapWords): Place | undefined {
  const end = start + word.length;
  const tense = TENSE[words];
  if (tense) {
    const readings = readVerb(word).filter((form) => form.tense === tense);
    const infinitives = new Set(readings.map((form) => form.infinitive));
    if (infinitives.size !== 1 || BEFORE_NOUN.test(text.slice(0, start)) || (start > 0 && /^\p{Lu}/u.test(word) && !/[.!?]\s$/.test(text.slice(0, start))))
      return undefined;
    // "se construyó" keeps its se; a participle after it ("ha", "fue") makes another tense.
    if (/\b(?:ha|han|había|habían|fue|fueron|está|están)\s$/.test(text.slice(0, start))) return undefined;
    return { start, end, key: word, shown: `${GAP} (${[...infinitives][0]})` };
  }
  const lower = word.toLowerCase();
  if (word !== lower) return undefined;
  if (words === "prepositions") return PREPOSITIONS.test(lower) ? { start, end, key: lower, shown: GAP } : undefined;
  // "la", "los" before a verb are pronouns.
  const next = /^\s+(\p{L}+)/u.exec(text.slice(end))?.[1] ?? "";
  if (!ARTICLES.includes(lower) || readVerb(next).length > 0) return undefined;
  return { start, end, key: lower, shown: GAP, choices: ARTICLES.filter((article) => article.length > 0) };
}
