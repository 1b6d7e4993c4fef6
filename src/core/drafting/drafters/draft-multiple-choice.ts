import { sentenceCase } from "../../language/node-text";
import { unlike } from "../../lib/plain-wording";
import { choicesInStem } from "../../questions/either-or";
import type { Candidate } from "../candidate";
import { findDistractors } from "../distractors/find-distractors";
import { evidenceOf, type Fact } from "../facts/fact";
import { leadingNumber, withoutNumber } from "../phrasing/number-forms";
import type { SourceStock } from "../source-stock";
import { once } from "./once";

/** More than are shown, so that nearer or farther ones can be chosen. */
const MOST_DISTRACTORS = 6;

/** Facts with enough fair wrong answers of their own kind. */
export function draftMultipleChoice(stock: SourceStock, seed: number): Candidate[] {
  return once(stock, `multiple-choice ${seed}`, () => draftAll(stock, seed));
}

function draftAll(stock: SourceStock, seed: number): Candidate[] {
  return stock.askable.flatMap((fact) => {
    // "Which is heavier: the moon or the sun?" names its two options itself.
    if (choicesInStem(fact.stem) || fact.pattern === "how-answered") return [];
    // "cheap *partly* because the supply is steady": the other reasons are right as well.
    if (fact.type === "cause" && /^(?:partly|mainly|mostly|largely|chiefly) /i.test(fact.answer)) return [];
    const form = optionForm(fact);
    const key = form(optionAnswer(fact));
    // A page that says a thing twice would offer it as right and as wrong.
    const told = findDistractors(fact, stock, MOST_DISTRACTORS, seed).map(form);
    const distractors = unlike(
      told.map((text) => asKeyNames(text, key, fact)),
      (text) => text,
      [key],
    );
    if (distractors.length < 2) return [];
    // "What sort of bridge?": a counterweight is none.
    const noun = fact.pattern === "what-sort" ? key.split(" ").at(-1)! : "";
    if (!distractors.every((text) => text.endsWith(noun))) return [];
    const numeric = fact.type === "quantity" || fact.type === "time" || areNumbered([key, ...distractors]);
    return [
      {
        kind: "multiple-choice" as const,
        stem: fact.stem,
        key,
        accepted: [],
        distractors,
        optionOrder: numeric ? ("numeric" as const) : ("shuffled" as const),
        evidence: evidenceOf(fact),
        factId: fact.id,
        factType: fact.type,
        pattern: fact.pattern,
        depth: fact.depth,
        worth: fact.worth + distractorsWorth(fact),
      },
    ];
  });
}

/** "twenty minutes", "on 3 March 1856": alike but for a number or a year. */
function areNumbered(options: readonly string[]): boolean {
  const isDated = options.every((option) => /\b(?:1\d{3}|20\d\d)$/.test(option));
  const isAlike = new Set(options.map(withoutNumber)).size === 1 && options.every((option) => leadingNumber(option) !== undefined);
  return isDated || isAlike;
}

/** "*She* believed it" beside "Maria Mitchell grew up there": the key would stand out by how it names her. */
function asKeyNames(text: string, key: string, { phrasing: { subject, binder } }: Fact): string {
  const [pronoun] = /^(?:He|She|It|They)(?= )/.exec(key) ?? [];
  // "*It* is time to lay an egg": none of the puffins.
  if ((pronoun === "They") !== (binder.num === "pl")) return text;
  return pronoun && text.startsWith(`${sentenceCase(subject)} `) ? `${pronoun}${text.slice(subject.length)}` : text;
}

/** A reason is offered as what is the case: "The channel is too shallow." */
function optionAnswer(fact: Fact): string {
  return fact.type === "cause"
    ? fact.answer
        .replace(/^(?:(?:partly|mainly|mostly|largely|simply|chiefly|only|just) )?(?:because|since) (?!of )/, "")
        .replace(/,? and because (?!of )/, " and ")
    : fact.answer;
}

/** Whole clauses are written as sentences, phrases without capital or stop as their own kind asks. */
function optionForm(fact: Fact): (text: string) => string {
  if (fact.type === "function") return (text) => `${fact.clause.verb.flags?.[0] === "third" ? "It" : "They"} ${text}.`;
  return fact.type === "cause" || fact.type === "condition" || fact.type === "reason" ? (text) => `${sentenceCase(text)}.` : (text) => text;
}

/** Kinds of distractor that readers find fair are worth more. */
function distractorsWorth(fact: Fact): number {
  return {
    quantity: 0.3,
    time: 0.3,
    frequency: 0.3,
    cause: 0.2,
    purpose: 0.2,
    condition: 0,
    manner: 0.1,
    definition: 0.3,
    naming: 0.2,
    person: 0,
    place: -0.2,
    thing: -0.5,
    occasion: -0.1,
    list: 0,
    speaker: 0.2,
    feeling: 0.2,
    function: 0.2,
    report: 0.1,
    aim: 0,
    reason: 0.4,
    step: 0.4,
  }[fact.type];
}
