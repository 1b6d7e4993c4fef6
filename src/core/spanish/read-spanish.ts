import type { Analysis, Sentence } from "../language/analysis";
import { readVerb } from "./conjugate";

/** A term with its meaning, as one sentence gives it. */
export type SpanishTerm = { sentence: Sentence; term: string; meaning: string };
/** A statement and its reason. */
export type SpanishReason = { sentence: Sentence; statement: string; reason: string };

const LEANS_BACK =
  /^(?:(?:est[eoa]s?|es[eoa]s?|aquell?[ao]s?|él|ella|ellos|ellas|lo|los|las?|le|les|se|su|sus|además|también|pero|y|o|entonces|luego|después|así|por eso|por lo tanto|sin embargo|allí|ahí|aquí|esto|eso|otr[ao]s?)\s)/iu;

/** Verb forms that are common nouns as well. */
const NOUNS_TOO = new Set("parte forma marca vista llama cuenta pesca casa regla carga causa muestra prueba nombre corte toque viaje cambio".split(" "));

/** Whether a sentence says by itself what it speaks of: it does not open with what points back. */
export function standsAlone({ text, block }: Sentence): boolean {
  if (block.kind === "heading" || /[?"“«]|^\p{Ll}/u.test(text) || !/[.!]$/.test(text)) return false;
  // "La diseñó el taller": a pronoun, where "La lente" is an article.
  if (LEANS_BACK.test(text) && !/^(?:la|las|los) \p{Ll}+ /iu.test(text)) return false;
  const [first = "", second = ""] = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  // "Mide treinta metros": who? "La diseñó el taller", "los marineros lo usan": what?
  const lacksSubject = readVerb(first).some((form) => form.tense !== "present" || !NOUNS_TOO.has(first));
  const opensWithPronoun = /^(?:la|las|los|lo)$/.test(first) && readVerb(second).length > 0 && !NOUNS_TOO.has(second);
  const holdsPronoun = [...text.matchAll(/(?<!\p{L})(?:lo|le|les) (\p{L}+)/gu)].some((match) => readVerb(match[1]!).length > 0);
  if (lacksSubject || opensWithPronoun || holdsPronoun || /^(?:Antes|Después|Durante|Desde|Con|En|Por) (?:de )?sus? /.test(text)) return false;
  return text.split(" ").length >= 5;
}

const ARTICLE = /^(?:un|una|el|la|los|las|unos|unas) /iu;
const IS_A = /^((?:un|una|el|la) (?:\p{L}+ ){0,4}?\p{L}+) es ((?:un|una|el|la) .+)\.$/iu;
const IS_CALLED = /^((?:el|la|los|las|un|una) .+?) se (?:llama|llaman|denomina|denominan) ((?:el |la |un |una )?\p{L}+(?: \p{L}+){0,2})\.$/iu;
const LONGEST_TERM = 5;

export function termsIn({ sentences }: Analysis): SpanishTerm[] {
  return sentences.flatMap((sentence) => {
    const called = IS_CALLED.exec(sentence.text);
    if (called && called[1]!.split(" ").length >= 4) return [{ sentence, term: called[2]!.replace(ARTICLE, ""), meaning: lowerFirst(called[1]!) }];
    const is = IS_A.exec(sentence.text);
    const isTerm =
      is && is[1]!.split(" ").length <= LONGEST_TERM && is[2]!.split(" ").length >= 5 && !LEANS_BACK.test(sentence.text.replace(/^(?:El|La) /, ""));
    return isTerm ? [{ sentence, term: is[1]!.replace(ARTICLE, ""), meaning: is[2]! }] : [];
  });
}

/** "… porque …", once, without a second reason. */
export function reasonsIn({ sentences }: Analysis): SpanishReason[] {
  return sentences.flatMap((sentence) => {
    const parts = sentence.text.replace(/\.$/, "").split(/,? porque /);
    const [statement, reason] = parts as [string, string | undefined];
    const isPlain =
      parts.length === 2 && standsAlone(sentence) && statement.split(" ").length >= 4 && reason!.split(" ").length >= 3 && !/;/.test(sentence.text);
    return isPlain && !/\b(?:pero|aunque|si)\b/i.test(statement) ? [{ sentence, statement, reason: reason! }] : [];
  });
}

export function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
