/** What the analysis may ask of a dictionary. The server reads it from files; core never does. */
export type WordEntry = {
  /** Relative weight of each part of speech (SemCor counts + 1; 0 where the word has no such sense). */
  noun: number;
  verb: number;
  adjective: number;
  adverb: number;
  /** Frequency on the Zipf scale (van Heuven et al. 2014); 0 where unknown. */
  zipf: number;
  /** What the verb takes: I none, T an object, D two, L an adjective, C a clause, V a verb phrase. */
  frames: string;
  /** The commonest noun senses, as synset ids. */
  senses: readonly string[];
};

export type Lexicon = {
  /** The entry of a lower-case base form. */
  findWord(lemma: string): WordEntry | undefined;
  /** Zipf frequency of any form; 0 where unknown. */
  zipf(form: string): number;
  /** The hypernym of a noun synset. */
  findHypernym(synset: string): string | undefined;
  /** WordNet's lexicographer file of a noun synset: 6 artifact, 15 location, 18 person, … */
  nounFile(synset: string): number;
  nameKind(name: string): "person" | "place" | undefined;
};

export type LexiconFiles = { words: string; forms: string; synsets: string; names: string };

/** Builds the lexicon from the tables that `npm run build:lexicon` writes. */
export function createLexicon(files: LexiconFiles): Lexicon {
  const rowByWord = new Map<string, string>();
  const entryByWord = new Map<string, WordEntry>();
  for (const row of files.words.split("\n")) {
    const word = row.slice(0, row.indexOf("\t"));
    if (!word) continue;
    rowByWord.set(word, row);
  }
  const zipfByForm = new Map(rows(files.forms).map(([form, zipf]) => [form!, Number(zipf)]));
  const synsetById = new Map<string, { parent: string; file: number }>();
  for (const [id, parent, file] of rows(files.synsets) as [string, string, string][]) {
    synsetById.set(id, { parent, file: Number(file) });
  }
  const kindByName = new Map(rows(files.names).map(([name, kind]) => [name!, kind as "person" | "place"]));

  const findWord = (lemma: string) => {
    const known = entryByWord.get(lemma);
    if (known) return known;
    const row = rowByWord.get(lemma);
    if (!row) return undefined;
    const entry = readEntry(row);
    entryByWord.set(lemma, entry);
    return entry;
  };
  return {
    findWord,
    zipf: (form) => findWord(form)?.zipf || zipfByForm.get(form) || 0,
    findHypernym: (synset) => synsetById.get(synset)?.parent || undefined,
    nounFile: (synset) => synsetById.get(synset)?.file ?? 0,
    nameKind: (name) => kindByName.get(name),
  };
}

function readEntry(row: string): WordEntry {
  const [, weights, zipf, frames, senses] = row.split("\t") as [string, string, string, string, string];
  const [noun, verb, adjective, adverb] = weights.split(":").map(Number) as [number, number, number, number];
  return { noun, verb, adjective, adverb, zipf: Number(zipf), frames, senses: senses ? senses.split(",") : [] };
}

function rows(table: string): string[][] {
  return table
    .split("\n")
    .filter(Boolean)
    .map((row) => row.split("\t"));
}
