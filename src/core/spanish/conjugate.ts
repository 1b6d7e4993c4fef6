import { IRREGULAR, SPANISH_VERBS } from "./data/verbs";

export type SpanishTense = "present" | "preterite" | "imperfect";
export type SpanishForm = { infinitive: string; tense: SpanishTense; plural: boolean };

/** The third persons of a verb: one and many, in each tense. */
export function conjugate(entry: string): Record<SpanishTense, [string, string]> {
  const [infinitive, change = ""] = entry.split(":") as [string, string?];
  const model = IRREGULAR[infinitive] ?? (IRREGULAR[change] && compound(infinitive, change));
  if (model) return model;
  const stem = infinitive.slice(0, -2);
  const ending = infinitive.slice(-2);
  const present = changed(stem, change);
  const imperfect: [string, string] = ending === "ar" ? [`${stem}aba`, `${stem}aban`] : [`${stem}ía`, `${stem}ían`];
  const [one, many] = ending === "ar" ? ["a", "an"] : ["e", "en"];
  return { present: [present + one, present + many], preterite: preterite(stem, ending, change), imperfect };
}

/** contener like tener: contiene, contuvo. */
function compound(infinitive: string, base: string): Record<SpanishTense, [string, string]> {
  const prefix = infinitive.slice(0, infinitive.length - base.length);
  const on = ([one, many]: [string, string]): [string, string] => [prefix + one, prefix + many];
  const model = IRREGULAR[base]!;
  return { present: on(model.present), preterite: on(model.preterite), imperfect: on(model.imperfect) };
}

/** cerr → cierr, cont → cuent, ped → pid, constru → construy, env → enví. */
function changed(stem: string, change: string): string {
  const [vowel] = change.split("-");
  if (vowel === "y") return `${stem}y`;
  if (vowel === "í") return stem.replace(/i$/, "í");
  if (vowel === "ú") return stem.replace(/u$/, "ú");
  if (vowel === "ie") return replaceLast(stem, "e", "ie");
  if (vowel === "ue") return /jug$/.test(stem) ? replaceLast(stem, "u", "ue") : replaceLast(stem, "o", "ue");
  return vowel === "i" ? replaceLast(stem, "e", "i") : stem;
}

function preterite(stem: string, ending: string, change: string): [string, string] {
  if (ending === "ar") return [`${stem}ó`, `${stem}aron`];
  if (change === "uj") return [`${stem.replace(/c$/, "j")}o`, `${stem.replace(/c$/, "j")}eron`];
  if (change === "y" || change === "leer") return [`${stem}yó`, `${stem}yeron`];
  const weak = change.endsWith("-u") ? replaceLast(stem, "o", "u") : change === "i" || change.endsWith("-i") ? replaceLast(stem, "e", "i") : stem;
  return [`${weak}ió`, `${weak}ieron`];
}

function replaceLast(text: string, from: string, to: string): string {
  const at = text.lastIndexOf(from);
  return at < 0 ? text : text.slice(0, at) + to + text.slice(at + from.length);
}

let forms: ReadonlyMap<string, readonly SpanishForm[]> | undefined;

/** All readings of a form as a verb of the table; none for words that it does not know. */
export function readVerb(form: string): readonly SpanishForm[] {
  forms ??= allForms();
  return forms.get(form.toLowerCase()) ?? [];
}

function allForms(): Map<string, SpanishForm[]> {
  const found = new Map<string, SpanishForm[]>();
  for (const entry of SPANISH_VERBS) {
    const infinitive = entry.split(":")[0]!;
    for (const [tense, [one, many]] of Object.entries(conjugate(entry)) as [SpanishTense, [string, string]][]) {
      for (const [form, plural] of [
        [one, false],
        [many, true],
      ] as const)
        found.set(form, [...(found.get(form) ?? []), { infinitive, tense, plural }]);
    }
  }
  return found;
}
