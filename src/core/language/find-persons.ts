import type { Person, Sentence } from "./analysis";
import { GIVEN_NAMES, MONTHS, PERSON_TITLES } from "./data/noun-classes";
import type { Lexicon } from "./lexicon";

const PERSON_VERBS = new Set(
  "say think believe write ask know want teach learn study marry decide hope wonder invent discover whisper notice remember".split(" "),
);

/**
 * Names with positive evidence of a person: a given name, a title before it, a trade in apposition,
 * or a verb that only persons do. Every later form (surname alone, first name alone) is the same person.
 */
export function findPersons(sentences: readonly Sentence[], lexicon: Lexicon): Map<string, Person> {
  const persons = new Map<string, Person>();
  for (const sentence of sentences) {
    for (const { from, to } of capitalisedRuns(sentence)) {
      const words = sentence.words.slice(from, to).map((word) => word.text);
      if (MONTHS.has(words[0]!)) continue;
      if (!isPerson(words, sentence, from, to, lexicon)) continue;
      const name = words.join(" ");
      const known = [...persons.values()].find((person) => person.name.split(" ").includes(words.at(-1)!));
      const person = known ?? { name };
      if (words.length > person.name.split(" ").length) person.name = name;
      for (const form of [name, ...words.filter((word) => !PERSON_TITLES.has(word.toLowerCase()))]) persons.set(form, person);
      person.gender ??= pronounAfter(sentence, to) ?? pronounOpening(sentences[sentence.index + 1]);
    }
  }
  return persons;
}

function capitalisedRuns(sentence: Sentence): { from: number; to: number }[] {
  const runs: { from: number; to: number }[] = [];
  sentence.words.forEach((word, index) => {
    const capital = /^\p{Lu}/u.test(word.text) && word.candidates.some((tag) => tag.cat === "pn" && tag.cost < 3);
    const last = runs.at(-1);
    if (!capital) return;
    if (last && last.to === index) last.to = index + 1;
    else runs.push({ from: index, to: index + 1 });
  });
  return runs;
}

function isPerson(words: string[], sentence: Sentence, from: number, to: number, lexicon: Lexicon): boolean {
  if (PERSON_TITLES.has(words[0]!.toLowerCase()) && words.length > 1) return true;
  if (lexicon.nameKind(words.at(-1)!) === "place" && words.length === 1) return false;
  if (GIVEN_NAMES.has(words[0]!.toLowerCase())) return sentence.words[to]?.lower !== "lighthouse";
  const before = sentence.words[from - 1];
  const trade = sentence.words[from - 2];
  if (before?.text === "," && trade && isPersonNoun(trade.lower, lexicon)) return true;
  if (before && isPersonNoun(before.lower, lexicon) && words.length <= 2 && before.lower !== "council") return true;
  const next = sentence.words[to];
  if (before?.candidates.some((tag) => tag.cat === "prep")) return false;
  return Boolean(
    next?.candidates.some((tag) => tag.cat === "v" && tag.cost < 1.5 && PERSON_VERBS.has(tag.lemma ?? "")) &&
      words.length <= 3 &&
      lexicon.nameKind(words[0]!) !== "place" &&
      !/^(?:The|Bay|School|Council|Museum)$/.test(words.at(-1)!),
  );
}

export function isPersonNoun(lemma: string, lexicon: Lexicon): boolean {
  const first = lexicon.findWord(lemma)?.senses[0];
  return first !== undefined && lexicon.nounFile(first) === 18;
}

function pronounAfter(sentence: Sentence, from: number): Person["gender"] {
  const found = sentence.words.slice(from).find((word) => /^(?:he|she|his|her|him)$/.test(word.lower));
  return found && (/^h(?:e|is|im)$/.test(found.lower) ? "he" : "she");
}

function pronounOpening(sentence: Sentence | undefined): Person["gender"] {
  const first = sentence?.words[0]?.lower;
  return first === "he" || first === "his" ? "he" : first === "she" || first === "her" ? "she" : undefined;
}
