import { fillersRemoved } from "../language/fillers";
import { languageOf } from "../spanish/language-of";
import type { Candidate } from "./candidate";

const LONGEST_QUOTE = 45;

/** Why the key is right, for whoever marks or learns from it: the source's own words, and the step where there is one. */
export function explain(candidate: Candidate): string | undefined {
  switch (candidate.kind) {
    case "open-response":
    case "essay":
    case "poll":
      return undefined;
    case "order":
    case "match":
    case "select-all":
      return candidate.correction?.trim() ? `Right is: ${candidate.correction.trim()}` : undefined;
    case "number": {
      const years = candidate.evidence.map((sentence) => /\b(?:1\d{3}|20\d\d)\b/.exec(sentence.text)?.[0]);
      return candidate.evidence.length === 2 && years[0] && years[1]
        ? `The passage gives the years ${years.join(" and ")}; the difference is ${candidate.key}.`
        : said(candidate);
    }
    default:
      return said(candidate);
  }
}

function said({ evidence }: Candidate): string {
  const text = evidence.map((sentence) => (sentence.block.kind === "cue" ? fillersRemoved(sentence.text) : sentence.text)).join(" ");
  const words = text.split(" ");
  const opening = languageOf(text) === "es" ? "El texto dice" : "The passage says";
  return `${opening}: “${words.length > LONGEST_QUOTE ? `${words.slice(0, LONGEST_QUOTE).join(" ")} …` : text}”`;
}
