import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { askClause, askSubject, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const ROUND = /^((?:about |up to |more than |over )?(?:(?:tens|dozens|hundreds|thousands|millions|billions) of )+)(\p{Ll}.*)$/iu;
/** "litres *of water*": so much of what cannot be counted. */
const MEASURED =
  /^((?:litre|liter|gallon|ton|tonne|kilogram|kilo|gram|pound|barrel|bucket|cubic met(?:er|re)|cubic kilomet(?:er|re))s? of )(\p{Ll}+(?: \p{Ll}+)?)$/u;

/** "can take up *hundreds of litres of water* in a day", "*Billions of* bacteria live inside it": how much, how many? */
export function findMass(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main") return [];
  const object = clause.complements.find(({ role, node }) => role === "object" && node.cat === "np")?.node;
  const [part, asked] = object && ROUND.test(nodeText(sentence, object)) ? [object, "object" as const] : [clause.subject, "subject" as const];
  const [, number, noun] = ROUND.exec(midSentence(sentence, part)) ?? [];
  if (!number || !noun || part.cat !== "np" || findUnclear(part, sentence, analysis, phrasing.binder)) return [];
  const [, unit, mass] = MEASURED.exec(noun) ?? [];
  // "thousands of people who came": the clause belongs to them; "hundreds of thousands of years": a time.
  if ((!mass && noun.split(" ").length > 3) || /\b(?:years|times|people|things|others|them|us)\b/.test(noun) || /\b(?:that|who|which)\b/.test(noun)) return [];
  const rest = phraseRest(phrasing, analysis, [...(asked === "object" ? [part] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest) || rest === "" || (asked === "subject" && clause.verb.cat === "be" && !clause.passive)) return [];
  const wh = mass ? `How much ${mass}` : `How many ${noun}`;
  const answer = `${number}${unit ?? ""}`.trim().replace(/ of$/, "");
  return [
    factOf(
      phrasing,
      part.start,
      {
        type: "frequency",
        stem: asked === "object" ? askClause(phrasing, wh, rest) : manyDo(phrasing, wh, rest),
        answer,
        answerNode: part,
        accepted: [`${answer} of ${mass ?? noun}`],
        depth: "recall",
        worth: 1.8,
        pattern: "how-much",
      },
      "quantity",
    ),
  ];
}

/** "How many bacteria *live* inside its body?": many do, and one does not. */
function manyDo(phrasing: Phrasing, wh: string, rest: string): string {
  return /^How many/.test(wh) ? `${[wh, phrasing.finite, rest].join(" ")}?` : askSubject(phrasing, wh, rest);
}
