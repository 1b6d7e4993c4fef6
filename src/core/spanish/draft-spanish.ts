import type { Candidate } from "../drafting/candidate";
import type { Analysis, Sentence } from "../language/analysis";
import { createRandom, seedFrom } from "../lib/random";
import { GAP } from "../questions/question";
import { readVerb } from "./conjugate";
import { otherNumber, spanishNumber, spanishNumberForms } from "./numbers";
import { lowerFirst, reasonsIn, standsAlone, termsIn } from "./read-spanish";

const BOUNDED = /(?:\b(?:casi|unos|unas|más de|menos de|hasta|cerca de|alrededor de|aproximadamente|al menos|sobre)\s)$/iu;
const LONGEST = 26;

/** What the surface of Spanish sentences proves: numbers, years, names, terms, reasons, steps, sections. */
export function draftSpanish(analysis: Analysis, seed: number): Candidate[] {
  const alone = analysis.sentences.filter(
    (sentence) => standsAlone(sentence) && sentence.block.kind !== "list-item" && sentence.text.split(" ").length <= LONGEST,
  );
  return [
    ...alone.flatMap((sentence) => [...numberGaps(sentence), ...nameGaps(sentence), ...falsehoods(sentence, analysis, seed), ...truths(sentence)]),
    ...definitions(analysis),
    ...reasons(analysis),
    ...steps(analysis),
    ...summaries(analysis),
  ];
}

function base(sentence: Sentence, factId: string): Pick<Candidate, "accepted" | "distractors" | "optionOrder" | "evidence" | "factId" | "factType" | "depth"> {
  return {
    accepted: [],
    distractors: [],
    optionOrder: "shuffled",
    evidence: [sentence],
    factId: `${sentence.index}:${factId}`,
    factType: "statement",
    depth: "recall",
  };
}

type Number = { text: string; start: number; isYear: boolean };

/** Exact numbers that stand once in their sentence. */
function numbersIn({ text }: Sentence): Number[] {
  return [...text.matchAll(/(?<![\p{L}\d.])(\d{1,3}(?:\.\d{3})+|\d+|\p{L}+)(?![\p{L}\d]| y \p{L}+(?:a|o|s|n|e|z) )/gu)].flatMap((match) => {
    const [word] = match;
    const value = spanishNumber(word);
    const before = text.slice(0, match.index);
    if (
      value === undefined ||
      value < 2 ||
      BOUNDED.test(before) ||
      text.indexOf(word) !== text.lastIndexOf(word) ||
      /\b(?:treinta|cuarenta|cincuenta|sesenta|setenta|ochenta|noventa) y $/.test(before) ||
      (/^(?:mil|cien)$/i.test(word) && /\p{L}$/u.test(before.trimEnd()) && spanishNumber(before.trim().split(" ").at(-1)!) !== undefined)
    )
      return [];
    if (/^ (?:mil|millones|y (?:uno|dos|tres|cuatro|cinco|seis|siete|ocho|nueve))\b/.test(text.slice(match.index + word.length))) return [];
    return [{ text: word, start: match.index, isYear: /^(?:1\d{3}|20\d\d)$/.test(word) }];
  });
}

function numberGaps(sentence: Sentence): Candidate[] {
  return numbersIn(sentence).flatMap((number) => {
    if (number.start === 0) return [];
    const stem = `${sentence.text.slice(0, number.start)}${GAP}${sentence.text.slice(number.start + number.text.length)}`;
    return [
      {
        ...base(sentence, `number:${number.start}`),
        kind: "gap-fill" as const,
        stem,
        key: number.text,
        accepted: spanishNumberForms(number.text),
        pattern: number.isYear ? "gap-year" : "gap-number",
        worth: 1.7,
      },
    ];
  });
}

/** Names of two words or more, not at the opening. */
function nameGaps(sentence: Sentence): Candidate[] {
  const names = [...sentence.text.matchAll(/(?<=\p{Ll} )\p{Lu}\p{Ll}+(?: \p{Lu}\p{Ll}+)+/gu)];
  return names.flatMap((match) => {
    const [name] = match;
    if (sentence.text.split(name).length !== 2) return [];
    return [
      {
        ...base(sentence, `name:${match.index}`),
        kind: "gap-fill" as const,
        stem: sentence.text.replace(name, GAP),
        key: name,
        accepted: [name.split(" ").at(-1)!],
        pattern: "gap-name",
        worth: 1.2,
      },
    ];
  });
}

/** Another number, year or name of the source's own: the sentence denies it. */
function falsehoods(sentence: Sentence, analysis: Analysis, seed: number): Candidate[] {
  if (/\b(?:no|nunca|ni|quizás?|tal vez|pued[eo]n?|podría)\b/i.test(sentence.text)) return [];
  const random = createRandom(seedFrom(sentence.text, seed));
  const years = [...new Set(analysis.sentences.flatMap((other) => other.text.match(/\b(?:1\d{3}|20[0-2]\d)\b/g) ?? []))];
  return numbersIn(sentence).flatMap((number) => {
    const others = years.filter((year) => year !== number.text && !sentence.text.includes(year));
    const other = number.isYear ? random.shuffle(others)[0] : otherNumber(number.text, random);
    if (!other) return [];
    const stem = `${sentence.text.slice(0, number.start)}${other}${sentence.text.slice(number.start + number.text.length)}`;
    return [
      {
        ...base(sentence, `number:${number.start}`),
        kind: "true-false" as const,
        stem: stem.charAt(0).toUpperCase() + stem.slice(1),
        key: "false",
        correction: sentence.text,
        pattern: number.isYear ? "false-year" : "false-number",
        worth: 1.8,
      },
    ];
  });
}

/** True, and not word for word: the opening time goes to the end. */
function truths(sentence: Sentence): Candidate[] {
  const moved = /^(En (?:el (?:año|verano|invierno|otoño) de )?\d{4}|Cada \p{L}+|Hoy|Antes de [^,]+|Después de [^,]+),? (.+)\.$/u.exec(sentence.text);
  if (!moved || /\b(?:que|porque|pero|y \p{L}+)\b.*$/iu.test(moved[2]!)) return [];
  const stem = `${moved[2]!.charAt(0).toUpperCase()}${moved[2]!.slice(1)} ${lowerFirst(moved[1]!)}.`;
  return [{ ...base(sentence, "statement:0"), kind: "true-false", stem, key: "true", pattern: "true-fronted", worth: 1.5 }];
}

function definitions(analysis: Analysis): Candidate[] {
  const terms = termsIn(analysis);
  const gaps = terms.map(({ sentence, term, meaning }): Candidate => {
    const stem = `${meaning.charAt(0).toUpperCase()}${meaning.slice(1)} se llama ${GAP}.`;
    return { ...base(sentence, "definition:0"), kind: "gap-fill", stem, key: term, accepted: [], pattern: "gap-term", worth: 3, depth: "recall" };
  });
  const asked = terms.map(
    ({ sentence, term, meaning }): Candidate => ({
      ...base(sentence, "definition:0"),
      kind: "short-answer",
      stem: `¿Cómo se llama ${meaning}?`,
      key: term,
      accepted: [],
      pattern: "what-is-called",
      worth: 2.8,
    }),
  );
  const once = terms.filter((entry, index) => terms.findIndex((other) => other.term === entry.term || other.meaning === entry.meaning) === index).slice(0, 5);
  const fair = once.filter((entry) => !once.some((other) => other !== entry && entry.meaning.includes(other.term)));
  if (fair.length < 3) return [...gaps, ...asked];
  const match: Candidate = {
    ...base(fair[0]!.sentence, "match"),
    kind: "match",
    stem: "Relaciona cada término con su significado.",
    key: fair.map(({ term, meaning }) => `${term}: ${meaning}`).join(" "),
    evidence: fair.map(({ sentence }) => sentence),
    factId: `match-terms:${fair.map(({ sentence }) => sentence.index).join("-")}`,
    pattern: "match-terms",
    worth: 3.2,
    parts: { sort: "match", pairs: fair.map(({ term, meaning }) => [term.charAt(0).toUpperCase() + term.slice(1), meaning]) },
  };
  return [...gaps, ...asked, match];
}

function reasons(analysis: Analysis): Candidate[] {
  return reasonsIn(analysis).map(({ sentence, statement, reason }) => ({
    ...base(sentence, "cause:0"),
    kind: "short-answer" as const,
    stem: `¿Por qué ${/^\p{Lu}\p{Ll}+ \p{Lu}/u.test(statement) ? statement : lowerFirst(statement)}?`,
    key: `Porque ${reason}`,
    accepted: [reason],
    factType: "cause" as const,
    pattern: "why-because",
    depth: "understanding" as const,
    worth: 3.2,
  }));
}

const COMMANDS = new Set("haz pon ten ven di sal sé ve".split(" "));

/** Items of a list that are commands (or infinitives), in the order in which they stand. */
function steps(analysis: Analysis): Candidate[] {
  const lists: Sentence[][] = [];
  let before: Sentence | undefined;
  for (const sentence of analysis.sentences) {
    if (sentence.block.kind !== "list-item" || sentence.indexInBlock > 0) continue;
    if (before && sentence.blockIndex === before.blockIndex + 1) lists.at(-1)!.push(sentence);
    else lists.push([sentence]);
    before = sentence;
  }
  return lists.flatMap((list) => {
    const commands = list.filter(({ text }) => {
      const first = text.split(/[\s,]/)[0]!.toLowerCase();
      return COMMANDS.has(first) || /(?:ar|er|ir)$/.test(first) || readVerb(first).some((form) => form.tense === "present");
    });
    if (list.length < 3 || commands.length < list.length * 0.8) return [];
    const items = list.slice(0, 6).map(({ text }) => text.replace(/^(?:primero|luego|después|por último|finalmente),? /i, ""));
    const candidate: Candidate = {
      ...base(list[0]!, "order"),
      kind: "order",
      stem: "Ordena los pasos, del primero al último.",
      key: items.join(" "),
      evidence: list.slice(0, 6),
      factId: `order:${list.map(({ index }) => index).join("-")}`,
      pattern: "steps-in-order",
      depth: "understanding",
      worth: 3,
      parts: { sort: "order", items },
    };
    return [candidate];
  });
}

/** The weightiest sentences of the whole text: those with a term, a reason, a year or a number. */
function summaries(analysis: Analysis): Candidate[] {
  const marked = analysis.sentences.filter((sentence) => standsAlone(sentence) && sentence.block.kind === "paragraph");
  const weigh = ({ text }: Sentence) => (/ porque | se llama| es una? /.test(text) ? 2 : 0) + (/\d/.test(text) ? 1 : 0);
  const chosen = [...marked]
    .sort((a, b) => weigh(b) - weigh(a) || a.index - b.index)
    .slice(0, 4)
    .sort((a, b) => a.index - b.index);
  if (chosen.length < 3) return [];
  const points = chosen.map((sentence) => sentence.text);
  return [
    {
      ...base(chosen[0]!, "open"),
      kind: "open-response",
      stem: "Con tus propias palabras, cuenta lo más importante que dice el texto. Escribe tres o cuatro frases con al menos tres detalles.",
      key: points.join(" "),
      evidence: chosen,
      factId: `tell-section:${chosen.map(({ index }) => index).join("-")}`,
      pattern: "tell-section",
      depth: "understanding",
      worth: 2.9,
      parts: {
        sort: "open",
        points,
        levels: [
          { share: 1, text: "Tres o más de estos detalles, con las palabras del alumno" },
          { share: 2 / 3, text: "Dos de ellos" },
          { share: 1 / 3, text: "Uno de ellos" },
        ],
      },
    },
  ];
}
