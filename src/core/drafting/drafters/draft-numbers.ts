import type { Candidate } from "../candidate";
import type { Fact } from "../facts/fact";
import { numberValue } from "../phrasing/number-forms";
import type { SourceStock } from "../source-stock";

const LONGEST_STEM = 26;

/** Exact quantities, and how many years lie between two dated events. */
export function draftNumbers(stock: SourceStock): Candidate[] {
  return [...stock.askable.filter((fact) => fact.type === "quantity").flatMap(fromQuantity), ...yearsBetween(stock)];
}

/** "about four" and "more than twenty" bound a number; only one that is exact can be marked by value. */
function fromQuantity(fact: Fact): Candidate[] {
  const value = numberValue(fact.answer);
  if (value === undefined || !fact.unit) return [];
  return [
    {
      ...base(fact),
      key: fact.answer,
      evidence: [fact.sentence],
      factId: fact.id,
      pattern: "number-how-many",
      depth: "recall",
      worth: fact.worth + 0.2,
      parts: { sort: "number", value, unit: fact.unit },
      stem: fact.stem,
    },
  ];
}

/** One step of arithmetic on two years that the source gives, each with what happened in it. */
function yearsBetween(stock: SourceStock): Candidate[] {
  const dated = stock.facts.filter((fact) => fact.type === "time" && fact.statement && /^\d{4}$/.test(fact.answer));
  const candidates: Candidate[] = [];
  dated.forEach((early, index) => {
    for (const late of dated.slice(index + 1)) {
      const years = Number(late.answer) - Number(early.answer);
      const stem = `How many years passed between the year in which ${early.statement} and the year in which ${late.statement}?`;
      if (early.sentence === late.sentence || years < 2 || years > 500 || stem.split(" ").length > LONGEST_STEM) continue;
      candidates.push({
        ...base(early),
        stem,
        key: String(years),
        evidence: [early.sentence, late.sentence],
        factId: `${early.id}+${late.id}`,
        pattern: "years-between",
        depth: "understanding",
        worth: 2.6,
        parts: { sort: "number", value: years, unit: "years" },
      });
    }
  });
  return candidates;
}

function base(fact: Fact): Pick<Candidate, "kind" | "accepted" | "distractors" | "optionOrder" | "factType"> {
  return { kind: "number", accepted: [], distractors: [], optionOrder: "shuffled", factType: fact.type };
}
