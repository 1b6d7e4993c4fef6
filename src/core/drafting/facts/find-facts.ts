import type { Analysis, Sentence } from "../../language/analysis";
import { type Phrasing, phraseClause } from "../phrasing/ask-clause";
import type { Fact, FactFinder } from "./fact";
import { findCause } from "./find-cause";
import { findCondition } from "./find-condition";
import { findDefinition, findNaming } from "./find-definition";
import { findExtent } from "./find-extent";
import { findManner } from "./find-manner";
import { findAgent, findDoer, findObject } from "./find-participant";
import { findPlace } from "./find-place";
import { findPurpose } from "./find-purpose";
import { findQuantity } from "./find-quantity";
import { findSo } from "./find-so";
import { findTime } from "./find-time";

const FINDERS: FactFinder[] = [
  findDefinition,
  findNaming,
  findCause,
  findSo,
  findExtent,
  findPurpose,
  findCondition,
  findManner,
  findQuantity,
  findTime,
  findDoer,
  findAgent,
  findObject,
  findPlace,
];

/** In a story only reasons and results are worth a question; in steps, not who does them. */
const LEFT_ALONE: Record<Analysis["sort"], ReadonlySet<Fact["type"]>> = {
  expository: new Set(),
  opinion: new Set(),
  story: new Set(["thing", "frequency", "definition", "naming", "time"]),
  steps: new Set(["thing", "place"]),
};

/** All facts of the clauses of one sentence that can be asked about by themselves. */
export function findFacts(sentence: Sentence, analysis: Analysis): Fact[] {
  // What stands under if, when or because is said only in passing, or not said to be so at all.
  const said = phrasings(sentence, analysis).filter((phrasing) => phrasing.clause.rank === "main");
  const facts = said.flatMap((phrasing) => FINDERS.flatMap((find) => find(phrasing, analysis)));
  return facts
    .filter((fact) => !LEFT_ALONE[analysis.sort].has(fact.type))
    .map((fact) => (analysis.sort === "opinion" ? asTheWriterSays(fact) : analysis.sort === "story" ? asTheStoryTells(fact) : fact));
}

/** A writer who argues is asked about as a writer: reasons are the writer's, not the world's. */
function asTheWriterSays(fact: Fact): Fact {
  if (fact.type !== "cause" && fact.type !== "purpose" && fact.type !== "condition") return fact;
  return { ...fact, stem: `According to the writer, ${fact.stem.charAt(0).toLowerCase()}${fact.stem.slice(1)}` };
}

export function phrasings(sentence: Sentence, analysis: Analysis): Phrasing[] {
  return sentence.clauses.map((clause) => phraseClause(clause, analysis)).filter((phrasing): phrasing is Phrasing => typeof phrasing !== "string");
}

/** Fiction is asked about as fiction. */
function asTheStoryTells(fact: Fact): Fact {
  return { ...fact, stem: `In the story, ${fact.stem.charAt(0).toLowerCase()}${fact.stem.slice(1)}` };
}
