import type { Sentence } from "../../language/analysis";
import { createRandom, seedFrom } from "../../lib/random";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";
import { sectionsOf } from "./sections";

const WRONG = 3;
const SHOWN_WORDS = 9;
/** Heads that name no matter. */
const EMPTY_HEAD =
  /^(?:introduction|summary|conclusion|notes?|sources?|references|materials?|what you need|you need|steps?|method|instructions|what to do|how to make it|part \w+|chapter \w+)$/i;

/** Which heading belongs over which section: the main idea, chosen among the source's own. */
export function draftHeadings(stock: SourceStock, seed: number): Candidate[] {
  const { analysis } = stock;
  const sections = sectionsOf(stock).filter(
    ({ heading, sentences }) =>
      heading &&
      (heading.level ?? 2) > 1 &&
      !heading.text.endsWith("?") &&
      !EMPTY_HEAD.test(heading.text) &&
      sentences.length >= 2 &&
      sentences[0]!.block.kind === "paragraph",
  );
  if (sections.length < WRONG + 1) return [];
  return sections.flatMap(({ heading, sentences }) => {
    const others = sections.filter((section) => section.heading !== heading).map((section) => section.heading!.text);
    const said = sentences.map((sentence) => sentence.text.toLowerCase()).join(" ");
    // A heading whose words the section also uses would be right as well.
    const wrong = createRandom(seedFrom(heading!.text, seed))
      .shuffle(others)
      .filter((text) => !contentOf(text).some((word) => said.includes(word)))
      .slice(0, WRONG);
    if (wrong.length < WRONG || !serves(heading!.text, sentences)) return [];
    const opening = sentences[0]!.text.split(" ").slice(0, SHOWN_WORDS).join(" ");
    return [
      {
        kind: "multiple-choice" as const,
        stem: `Which heading fits the part of the passage that begins “${opening.replace(/[,;:.]$/, "")} …”?`,
        key: heading!.text,
        accepted: [],
        distractors: wrong,
        optionOrder: "shuffled" as const,
        evidence: evidenceOf(sentences, heading!.text),
        factId: `heading:${heading!.id}`,
        factType: "statement" as const,
        pattern: "which-heading",
        depth: "understanding" as const,
        worth: analysis.sort === "story" ? 1.5 : 2.4,
      },
    ];
  });
}

function contentOf(text: string): string[] {
  return (text.toLowerCase().match(/[a-z]{4,}/g) ?? []).map((word) => word.replace(/(?:ies|es|s|ed|ing)$/, ""));
}

/** The section itself says what its heading says. */
function serves(heading: string, sentences: readonly Sentence[]): boolean {
  return evidenceOf(sentences, heading).length > 0;
}

function evidenceOf(sentences: readonly Sentence[], heading: string): Sentence[] {
  const words = contentOf(heading);
  return sentences.filter((sentence) => words.some((word) => sentence.text.toLowerCase().includes(word))).slice(0, 3);
}
