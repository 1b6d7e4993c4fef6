import { literally } from "../lib/literally";
import type { Sentence } from "./analysis";
import type { Lexicon } from "./lexicon";

const SPEAKING = "said|says|asked|asks|whispered|laughed|smiled|replied|answered|shouted|called|cried|nodded|thought|wondered|told";

/**
 * "“There are two of us,” *Milan* said": a name that lists have for a place, and that speaks, laughs or wonders.
 * Where the text also has it behind *in*, *to* or *from*, it stays a place.
 */
export function namesLikePlaces(sentences: readonly Sentence[], lexicon: Lexicon): ReadonlySet<string> {
  const text = sentences.map((sentence) => sentence.text).join(" ");
  const speaking = new RegExp(
    `(?<![\\p{Lu}’'] |\\p{Lu}\\p{L}+ )\\b(\\p{Lu}\\p{Ll}+) (?:${SPEAKING})\\b|\\b(?:${SPEAKING}) (\\p{Lu}\\p{Ll}+)(?= ?[.,;:!?]|$)`,
    "gu",
  );
  const found = [...text.matchAll(speaking)].map(([, before, behind]) => before ?? behind!);
  return new Set(
    found.filter((name) => lexicon.nameKind(name) === "place" && !new RegExp(`\\b(?:in|to|from|near|at|of|through|around) ${literally(name)}\\b`).test(text)),
  );
}

/** "the town of *Rosetta*": a place, wherever the text speaks of it. */
export function namesOfPlaces(sentences: readonly Sentence[]): ReadonlySet<string> {
  const named = sentences.flatMap(({ text }) => [...text.matchAll(PLACES_OF)].map(([, name]) => name!));
  // "*Uranus* did not move as it should", in a text that speaks of planets.
  return new Set([...named, ...(sentences.some(({ text }) => /\bplanets?\b/i.test(text)) ? PLANETS : [])]);
}

const PLANETS = ["Mercury", "Venus", "Mars", "Jupiter", "Saturn", "Uranus", "Neptune", "Pluto"];
const PLACES_OF =
  /\b(?:town|city|village|island|islands|port|state|province|kingdom|county|bay|isle|district|region|republic|gulf|strait|university|battle) of (\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?)/gu;
