import { inflectVerb } from "../../language/inflect";

/** Up to this grade a plainer word is put for one that many readers do not know. */
export const PLAIN_UP_TO = 5;

/** Verbs with a plainer one that means the same wherever it stands, and whose past and participle look alike. */
const PLAINER_VERBS: Record<string, string> = {
  commence: "start",
  utilize: "use",
  utilise: "use",
  obtain: "get",
  reside: "live",
  construct: "build",
  assist: "help",
  terminate: "end",
  require: "need",
  inform: "tell",
  depart: "leave",
};
/** These are nouns too: only their past says that they are verbs. */
const PLAINER_PAST: Record<string, string> = { purchased: "bought", attempted: "tried", transported: "carried", selected: "picked" };
const PLAINER_WORDS: Record<string, string> = {
  approximately: "about",
  numerous: "many",
  sufficient: "enough",
  rapidly: "quickly",
  frequently: "often",
  beneath: "under",
  amongst: "among",
  whilst: "while",
  upon: "on",
  "prior to": "before",
  "in order to": "to",
  "a great deal of": "much",
};

const FORMS = ["base", "third", "past", "ing"] as const;

const PLAINER = new Map<string, string>([
  ...Object.entries(PLAINER_VERBS).flatMap(([hard, plain]) => FORMS.map((form): [string, string] => [inflectVerb(hard, form), inflectVerb(plain, form)])),
  ...Object.entries(PLAINER_PAST),
  ...Object.entries(PLAINER_WORDS),
]);

const HARD = new RegExp(`\\b(?:${[...PLAINER.keys()].sort((a, b) => b.length - a.length).join("|")})\\b`, "g");

/**
 * A question's stem in plainer words for young readers. Only the words of the question change, never
 * key or evidence, and only one for one that means the same; quotations of the source stay as they are.
 */
export function simplifyStem(stem: string, grade: number): string {
  if (grade > PLAIN_UP_TO || /["“]/.test(stem)) return stem;
  return stem.replace(HARD, (word, at: number) =>
    agreesWithArticle(stem, at, PLAINER.get(word)!) && !demandsDeed(word, stem.slice(at)) ? PLAINER.get(word)! : word,
  );
}

/** "*require* every zoo *to meet* the standard": who needs it is another. */
function demandsDeed(word: string, from: string): boolean {
  return word.startsWith("requir") && / to \p{Ll}+/u.test(from);
}

/** "a rapidly" could become "a quickly", but "an obtained" no "a got". */
function agreesWithArticle(stem: string, at: number, plain: string): boolean {
  const article = /\b(an?) $/.exec(stem.slice(0, at))?.[1];
  return article === undefined || (article === "an") === /^[aeiou]/.test(plain);
}
