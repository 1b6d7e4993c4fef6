import type { Analysis } from "../../language/analysis";
import { sectionsOf } from "../drafters/sections";
import type { Fact } from "../facts/fact";
import { isUnclear, reasonsOf } from "../facts/find-cause";
import { bareTerm } from "../facts/find-definition";
import { stateClause } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import type { SourceStock } from "../source-stock";

const MOST = 8;

/** Outcomes that the source really serves: from its definitions, reasons, ways of doing and section heads. */
export function proposeOutcomes(stock: SourceStock): string[] {
  const { analysis, facts } = stock;
  const opinion = analysis.sort === "opinion";
  const story = analysis.sort === "story";
  const terms = [...new Set(facts.filter((fact) => fact.term && fact.definiens).map((fact) => bareTerm(fact.term!).toLowerCase()))];
  const found: string[] = [];
  if (terms.length >= 2) found.push(`Define ${listed(terms.slice(0, 4))}`);
  else if (terms.length === 1) found.push(`Define ${terms[0]}`);
  for (const fact of weightiest(facts, ["cause"])) found.push(...outcome(fact, story ? "Explain why, in the story," : "Explain why", analysis));
  for (const fact of weightiest(facts, ["condition"]))
    found.push(`Describe ${lowerFirst(fact.stem.replace(/\?$/, ""))}`.replace(/Describe according to the writer, /, "Describe "));
  for (const fact of weightiest(facts, ["manner"])) found.push(...outcome(fact, "Describe how", analysis));
  if (!story && !opinion) {
    for (const { heading, sentences } of sectionsOf(stock)) {
      if (heading && (heading.level ?? 2) > 1 && sentences.length >= 3 && /\w{4}/.test(heading.text))
        found.push(`Tell what the passage says about “${heading.text}”`);
    }
  }
  if (opinion) found.push("Name what the writer wants and the reasons given for it");
  return [...new Set(found)].filter((line) => line.split(" ").length <= 22).slice(0, MOST);
}

function weightiest(facts: readonly Fact[], types: readonly Fact["type"][]): Fact[] {
  return facts
    .filter((fact) => types.includes(fact.type))
    .sort((a, b) => b.worth - a.worth)
    .slice(0, 3);
}

/** "Why did keepers wear aprons?" → "Explain why keepers wore aprons". */
function outcome({ phrasing }: Fact, opening: string, analysis: Analysis): string[] {
  const { clause } = phrasing;
  const means = clause.adjuncts.map((part) => part.node).filter((node) => node.cat.startsWith("pp") && node.kids[0]?.lemma === "by");
  const rest = phraseRest(phrasing, analysis, [...reasonsOf(clause), ...(opening.endsWith("how") ? means : [])]);
  return isUnclear(rest) ? [] : [`${opening} ${stateClause(phrasing, rest)}`];
}

function listed(words: readonly string[]): string {
  return words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words.at(-1)}`;
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
