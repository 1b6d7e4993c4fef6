import { IRREGULAR_NOUNS } from "./data/irregular-nouns";
import { DOUBLING, IRREGULAR_VERBS } from "./data/irregular-verbs";

export type VerbForm = "base" | "third" | "past" | "participle" | "ing";

const irregularByBase = new Map(IRREGULAR_VERBS.map((row) => [row[0], row]));
const pluralBySingular = new Map(IRREGULAR_NOUNS);
const singularByPlural = new Map(IRREGULAR_NOUNS.map(([singular, plural]) => [plural, singular]));
const irregularForms = new Map<string, { lemma: string; form: VerbForm }[]>();
for (const [base, past, participle] of IRREGULAR_VERBS) {
  for (const form of past.split("/")) addForm(form, { lemma: base, form: "past" });
  for (const form of participle.split("/")) addForm(form, { lemma: base, form: "participle" });
}

function addForm(word: string, analysis: { lemma: string; form: VerbForm }): void {
  const list = irregularForms.get(word);
  if (list) list.push(analysis);
  else irregularForms.set(word, [analysis]);
}

/** "carry", "third" → "carries". */
export function inflectVerb(base: string, form: VerbForm): string {
  if (base === "be") return { base: "be", third: "is", past: "was", participle: "been", ing: "being" }[form];
  if (base === "have") return { base: "have", third: "has", past: "had", participle: "had", ing: "having" }[form];
  if (base === "do") return { base: "do", third: "does", past: "did", participle: "done", ing: "doing" }[form];
  if (form === "base") return base;
  if (form === "third") return addS(base);
  if (form === "ing") return ingForm(base);
  const irregular = irregularByBase.get(base);
  if (irregular) return irregular[form === "past" ? 1 : 2].split("/")[0]!;
  if (/e$/.test(base)) return `${base}d`;
  if (/[^aeiou]y$/.test(base)) return `${base.slice(0, -1)}ied`;
  return `${doubles(base) ? base + base.at(-1) : base}ed`;
}

function ingForm(base: string): string {
  if (/ie$/.test(base)) return `${base.slice(0, -2)}ying`;
  // "singeing": "singing" is of *sing*.
  if (/^(?:singe|swinge|tinge)$/.test(base)) return `${base}ing`;
  if (/[^eoy]e$/.test(base) && base !== "be") return `${base.slice(0, -1)}ing`;
  return `${doubles(base) ? base + base.at(-1) : base}ing`;
}

function doubles(base: string): boolean {
  return DOUBLING.has(base) || /^[^aeiou]*[aeiou][bdgklmnprtvz]$/.test(base) || /^(?:qu|squ)[aeiou][bdgmnpt]$/.test(base);
}

function addS(word: string): string {
  if (/(?:s|x|z|ch|sh)$/.test(word)) return `${word}es`;
  if (/[^aeiou]y$/.test(word)) return `${word.slice(0, -1)}ies`;
  if (/^(?:go|do|undergo|echo|veto)$/.test(word)) return `${word}es`;
  return `${word}s`;
}

/** End like "fireman", and are none. */
const NO_MEN = /(?:human|german|roman|norman|shaman|talisman|caiman|ottoman|cayman)$/i;

/** "wharf" → "wharves", "fireman" → "firemen". */
export function pluralOf(singular: string): string {
  const known = pluralBySingular.get(singular);
  if (!known && /\p{L}{2}man$/u.test(singular) && !NO_MEN.test(singular)) return singular.replace(/man$/, "men");
  return known ?? addS(singular);
}

/** Possible base forms of a verb form; `isVerb` says which bases exist. */
export function analyseVerb(word: string, isVerb: (base: string) => boolean): { lemma: string; form: VerbForm }[] {
  const found = [...(irregularForms.get(word) ?? [])];
  const regular = (lemma: string, forms: VerbForm[]) => {
    if (isVerb(lemma) && forms.some((form) => inflectVerb(lemma, form) === word || (form !== "third" && doubledAnyway(lemma, word)))) {
      for (const form of forms) if (!found.some((f) => f.form === form)) found.push({ lemma, form });
    }
  };
  if (isVerb(word) && (word === "found" || !(irregularForms.has(word) && !irregularByBase.has(word)))) found.push({ lemma: word, form: "base" });
  for (const lemma of stems(word, "s")) regular(lemma, ["third"]);
  for (const lemma of stems(word, "ed")) if (!irregularByBase.has(lemma)) regular(lemma, ["past", "participle"]);
  for (const lemma of stems(word, "ing")) regular(lemma, ["ing"]);
  return found;
}

/** travelled, focussed: both spellings are read, one is written. */
function doubledAnyway(lemma: string, word: string): boolean {
  return word === `${lemma}${lemma.at(-1)}ed` || word === `${lemma}${lemma.at(-1)}ing` || word === `${lemma}ed` || word === `${lemma}ing`;
}

function stems(word: string, ending: "s" | "ed" | "ing"): string[] {
  if (!word.endsWith(ending) || word.length < ending.length + 2) return [];
  const cut = word.slice(0, -ending.length);
  if (ending === "s") return word.endsWith("ies") ? [`${word.slice(0, -3)}y`, cut] : word.endsWith("es") ? [cut, word.slice(0, -2)] : [cut];
  const list = [`${cut}e`, cut];
  // "installed" is of *install*, though *instal* is a word too.
  if (/([^aeiou])\1$/.test(cut) && cut !== "install") list.unshift(cut.slice(0, -1));
  if (ending === "ed" && word.endsWith("ied")) list.unshift(`${word.slice(0, -3)}y`);
  if (ending === "ing" && word.endsWith("ying")) list.unshift(`${word.slice(0, -4)}ie`);
  return list;
}

/** "wharves" → "wharf"; undefined where the word is no plural. `isNoun` says which singulars exist. */
export function singularOf(word: string, isNoun: (singular: string) => boolean): string | undefined {
  const irregular = singularByPlural.get(word);
  if (irregular) return irregular;
  // "firemen", "snowmen"
  if (/\p{L}{2}men$/u.test(word) && isNoun(word.replace(/men$/, "man"))) return word.replace(/men$/, "man");
  if (!/[^s]s$/.test(word) && !/sses$/.test(word)) return undefined;
  if (/(?:ss|us|is)$/.test(word) && !isNoun(word.slice(0, -1))) return undefined;
  const candidates = word.endsWith("ies")
    ? [`${word.slice(0, -3)}y`, word.slice(0, -1)]
    : /(?:s|x|z|ch|sh|o)es$/.test(word)
      ? [word.slice(0, -2), word.slice(0, -1)]
      : [word.slice(0, -1)];
  return candidates.find(isNoun);
}
