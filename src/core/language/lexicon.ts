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
  /** Whether a given name is a woman's or a man's; undefined for what is either or no given name. */
  givenName(name: string): "she" | "he" | undefined;
  /** What a word means, where it has one sense only. */
  findMeaning(lemma: string, pos: MeaningPos): string | undefined;
  /** Words of the same commonest sense. */
  findSynonyms(lemma: string, pos: MeaningPos): readonly string[];
};

export type MeaningPos = "n" | "v" | "a";

/** WordNet's lexicographer files that the rules ask for by name (Miller 1990; lexnames(5WN)). */
export const NounFile = {
  act: 4,
  animal: 5,
  artifact: 6,
  attribute: 7,
  body: 8,
  cognition: 9,
  communication: 10,
  event: 11,
  group: 14,
  location: 15,
  object: 17,
  person: 18,
  phenomenon: 19,
  possession: 21,
  process: 22,
  state: 26,
} as const;

/** The dictionary puts a person first, and texts for schools an animal or a thing. */
const MEANT_OTHERWISE = new Map<string, number>([
  ...(
    "tiger predator prey whale tuna seal otter beaver mole lobster octopus squid slug turtle donkey gull ostrich trout cod herring eel shrimp mussel " +
    "coral urchin weasel skunk raccoon sloth leopard lynx cuckoo albatross chicken"
  )
    .split(" ")
    .map((noun) => [noun, NounFile.animal] as const),
  ...(
    "adapter calculator coaster conveyor decoder hanger harvester juicer peeler planter plunger router scanner scrubber server shaker shaver sucker " +
    "steamroller stroller synthesizer thruster toaster trailer transmitter trawler trimmer tumbler washer wiper"
  )
    .split(" ")
    .map((noun) => [noun, NounFile.artifact] as const),
]);

/** The file of a noun's commonest sense; undefined where the dictionary does not have the noun. */
export function fileOf(noun: string, lexicon: Pick<Lexicon, "findWord" | "nounFile">): number | undefined {
  const known = MEANT_OTHERWISE.get(noun);
  if (known !== undefined) return known;
  const sense = lexicon.findWord(noun)?.senses[0];
  return sense === undefined ? undefined : lexicon.nounFile(sense);
}

/** The sense that is meant first, where the dictionary has it. */
function withMeantSense(noun: string, entry: WordEntry, fileOfSense: (sense: string) => number | undefined): WordEntry {
  const file = MEANT_OTHERWISE.get(noun);
  const meant = file === undefined ? undefined : entry.senses.find((sense) => fileOfSense(sense) === file);
  return meant ? { ...entry, senses: [meant, ...entry.senses.filter((sense) => sense !== meant)] } : entry;
}

export type LexiconFiles = { words: string; forms: string; synsets: string; names: string; given: string; meanings: string };

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

  const genderByName = new Map(rows(files.given).map(([name, pronoun]) => [name!, pronoun as "she" | "he"]));

  const findMeaning = readMeanings(files.meanings);
  const findWord = (lemma: string) => {
    const known = entryByWord.get(lemma);
    if (known) return known;
    const row = rowByWord.get(lemma);
    if (!row) return undefined;
    const entry = withMeantSense(lemma, readEntry(row), (sense) => synsetById.get(sense)?.file);
    entryByWord.set(lemma, entry);
    return entry;
  };
  return {
    findWord,
    zipf: (form) => findWord(form)?.zipf || zipfByForm.get(form) || 0,
    findHypernym: (synset) => synsetById.get(synset)?.parent || undefined,
    nounFile: (synset) => synsetById.get(synset)?.file ?? 0,
    nameKind: (name) => kindByName.get(name),
    givenName: (name) => genderByName.get(name.toLowerCase()),
    findMeaning: (lemma, pos) => findMeaning(lemma, pos)?.meaning || undefined,
    findSynonyms: (lemma, pos) => findMeaning(lemma, pos)?.synonyms ?? [],
  };
}

type Meaning = { meaning: string; synonyms: readonly string[] };

/** The table is split when a meaning is first asked for: most runs never do. */
function readMeanings(table: string) {
  let byKey: Map<string, Meaning> | undefined;
  const read = () => {
    byKey ??= new Map(
      (rows(table) as [string, string, string, string, string][]).map(([lemma, pos, , meaning, synonyms]) => [
        `${pos}:${lemma}`,
        { meaning, synonyms: synonyms ? synonyms.split(",") : [] },
      ]),
    );
    return byKey;
  };
  return (lemma: string, pos: MeaningPos) => read().get(`${pos}:${lemma}`);
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
