import type { Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";
import { claimOf, claimWords } from "./find-claim";
import { sectionsOf } from "./sections";

/** Questions without a key: what one thinks of the writer's claim, and which part one would like to know more about. */
export function draftPolls(stock: SourceStock): Candidate[] {
  return [...onClaim(stock), ...onPersons(stock), ...onParts(stock)];
}

function onClaim(stock: SourceStock): Candidate[] {
  const claim = claimOf(stock);
  if (!claim) return [];
  const stem = `The writer says: “${claimWords(claim)}” What do you think?`;
  return [poll(stem, ["I agree.", "I agree in part.", "I disagree.", "I would need to know more first."], [claim], "poll-claim", 2.5)];
}

function onParts(stock: SourceStock): Candidate[] {
  const parts = sectionsOf(stock).filter(({ heading, sentences }) => heading && (heading.level ?? 2) > 1 && sentences.length > 1);
  if (parts.length < 3) return [];
  const chosen = parts.slice(0, 5);
  const stem = "Which part of the passage would you like to know more about?";
  return [
    poll(
      stem,
      chosen.map(({ heading }) => sentenceCase(heading!.text)),
      chosen.map(({ sentences }) => sentences[0]!),
      "poll-parts",
      1.9,
    ),
  ];
}

function onPersons(stock: SourceStock): Candidate[] {
  if (stock.analysis.sort !== "story") return [];
  const names = [...new Set([...stock.analysis.persons.values()].map((person) => person.name))];
  const met = names.flatMap((name) => {
    const sentence = stock.analysis.sentences.find((other) => other.text.includes(name));
    return sentence ? [{ name, sentence }] : [];
  });
  if (met.length < 2) return [];
  const chosen = met.slice(0, 5);
  const stem = "Which person in the story would you most like to talk to?";
  return [
    poll(
      stem,
      chosen.map(({ name }) => name),
      chosen.map(({ sentence }) => sentence),
      "poll-persons",
      2,
    ),
  ];
}

function poll(stem: string, options: string[], evidence: Sentence[], pattern: string, worth: number): Candidate {
  return {
    kind: "poll",
    stem,
    key: "",
    accepted: [],
    distractors: [],
    optionOrder: "shuffled",
    evidence,
    factId: `${pattern}:${evidence.map((sentence) => sentence.index).join("-")}`,
    factType: "statement",
    pattern,
    depth: "reasoning",
    worth,
    parts: { sort: "poll", options },
  };
}
