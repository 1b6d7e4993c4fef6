import { THIN_NOUNS } from "../../language/data/noun-classes";
import { nodeText, sentenceCase } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { GAP } from "../../questions/question";
import type { Candidate } from "../candidate";
import { evidenceOf, type Fact } from "../facts/fact";
import { bareTerm, closedDefiniens } from "../facts/find-definition";
import { numberForms, numberValue } from "../phrasing/number-forms";
import { restateAsPassive } from "../phrasing/restate";
import type { SourceStock, Statement } from "../source-stock";
import { draftMultipleChoice } from "./draft-multiple-choice";

/** One word or short phrase taken out where the source leaves only one answer: a term by its meaning, a number, a year, a name. */
export function draftGapFills(stock: SourceStock, seed: number): Candidate[] {
  const fromFacts = stock.facts.flatMap((fact) => {
    if (fact.type === "naming" && fact.term && fact.definiens) return fromNaming(fact);
    if (fact.type === "quantity" || fact.type === "time") return fromNumber(fact, stock);
    return fact.type === "person" ? fromPerson(fact, stock) : [];
  });
  const all = [...fromFacts, ...stock.statements.flatMap((statement) => [...fromKeyNoun(statement, stock), ...fromNamedThing(statement)])];
  return withWords(all, draftMultipleChoice(stock, seed));
}

/** Words to choose from, for a teacher who wants a list or a choice in the line: the wrong options of a choice with the same fact and key. */
function withWords(gaps: readonly Candidate[], choices: readonly Candidate[]): Candidate[] {
  const byFact = new Map(choices.map((choice) => [`${choice.factId} ${bareTerm(choice.key).toLowerCase()}`, choice]));
  return gaps.map((gap) => {
    const choice = byFact.get(`${gap.factId} ${bareTerm(gap.key).toLowerCase()}`);
    if (!choice) return gap;
    const isBare = bareTerm(gap.key) === gap.key;
    // "one weeks" would give itself away by its grammar.
    const words = choice.distractors.map((text) => (isBare ? bareTerm(text) : text)).filter((text) => numberValue(text) !== 1);
    return { ...gap, distractors: words, optionOrder: choice.optionOrder };
  });
}

function candidate(fact: Fact, sentence: string, key: string, accepted: string[], worth: number, pattern: string): Candidate[] {
  // The article before the gap would tell the key's first letter.
  const stem = sentence.replace(/\ban? ____/, `a(n) ${GAP}`);
  if (stem.split(GAP).length !== 2 || stem.startsWith(GAP) || stem.split(" ").length < 6 || stem.split(" ").length > 26) return [];
  return [
    {
      kind: "gap-fill",
      stem: `${sentenceCase(stem)}.`,
      key,
      accepted: [...new Set(accepted)].filter((form) => form !== key),
      distractors: [],
      optionOrder: "shuffled",
      evidence: evidenceOf(fact),
      factId: fact.id,
      factType: fact.type,
      pattern,
      depth: "recall",
      worth,
    },
  ];
}

/** "A letter that many people sign … is called a ____." */
function fromNaming(fact: Fact): Candidate[] {
  const key = bareTerm(fact.term!);
  const article = fact.term!.slice(0, fact.term!.length - key.length);
  if (fact.definiens!.toLowerCase().includes(key.toLowerCase())) return [];
  const { clause } = fact.phrasing;
  const verb = (fact.plural ?? (clause.verb.flags?.includes("plain") || clause.auxiliaries[0]?.flags?.includes("plain"))) ? "are" : "is";
  const shown = /^an? $/.test(article) ? "a(n) " : article;
  return candidate(fact, `${closedDefiniens(fact.definiens!)} ${verb} called ${shown}${GAP}`, key, [fact.term!], fact.worth, "gap-term");
}

function statementOf(fact: Fact, stock: SourceStock): Statement | undefined {
  return stock.statementsBySentence.get(fact.sentence)?.find((statement) => statement.phrasing.clause === fact.clause);
}

function fromNumber(fact: Fact, stock: SourceStock): Candidate[] {
  const statement = statementOf(fact, stock);
  // "is ____ as a man": more than a number would be missing.
  if (fact.pattern === "how-much-more" || fact.pattern === "how-far") return [];
  // "had just ____ minutes"
  const number = fact.answer.replace(/^(?:just|exactly) /, "");
  if (!statement || /^(?:more|less|fewer|at|up|about|almost|nearly|only|as|over|roughly|some|around|approximately) /i.test(number)) return [];
  const stem = statement.text.replace(new RegExp(`(?<![\\w,])${number}(?![\\w-]|,\\d)`), GAP);
  const accepted = fact.type === "quantity" ? numberForms(number) : [];
  return candidate(fact, stem, number, accepted, fact.worth, fact.type === "time" ? "gap-year" : "gap-number");
}

/** The name at the end: "… was designed by ____." */
function fromPerson(fact: Fact, stock: SourceStock): Candidate[] {
  if (!stock.analysis.persons.has(fact.answer)) return [];
  const passive = restateAsPassive(fact.phrasing);
  const statement = statementOf(fact, stock);
  if (!passive || !statement) return [];
  const tail = statement.rest.replace(passive.subject, "").trim();
  return candidate(
    fact,
    [passive.subject, passive.verb, `by ${GAP}`, tail].filter(Boolean).join(" "),
    fact.answer,
    fact.answer.split(" ").slice(-1),
    fact.worth + 0.4,
    "gap-name",
  );
}

/** "called *out*", "called me *back*" */
const CALLED_OUT = /\b(?:out|back|off|up|in|down|away|together|over|again)$/;
/** "called sourdoughs *themselves*" */
const REFLEXIVE = /\b(?:itself|himself|herself|themselves)$/;

/** "Carbon dioxide enters a leaf through small openings called ____.": the name stands where the sentence gives it. */
function fromNamedThing(statement: Statement): Candidate[] {
  const { clause } = statement.phrasing;
  const named = /\b(?:called|known as) (?:the |an? )?([a-z]+(?: [a-z]+)?)$/.exec(statement.text);
  const term = named?.[1];
  // "called the plan wild": here *called* is the verb, and no name follows.
  if (
    !term ||
    REFLEXIVE.test(term) ||
    CALLED_OUT.test(term) ||
    clause.rank !== "main" ||
    clause.passive ||
    clause.verb.lemma === "call" ||
    statement.text.split(" ").length < 7 ||
    term.split(" ").length > 2
  )
    return [];
  if (new RegExp(`\\b${term}\\b.*\\b${term}\\b`, "i").test(statement.text)) return [];
  const sentence = statement.sentence;
  return [
    {
      kind: "gap-fill",
      stem: `${sentenceCase(statement.text.slice(0, statement.text.length - term.length)).replace(/\ban? $/, "a(n) ")}${GAP}.`,
      key: term,
      accepted: [],
      distractors: [],
      optionOrder: "shuffled",
      evidence: [sentence],
      factId: `${sentence.index}:named:${clause.start}`,
      factType: "naming",
      pattern: "gap-term",
      depth: "recall",
      worth: 3,
    },
  ];
}

/** A noun the source keeps coming back to, as object or predicate of a sentence with enough around it. */
function fromKeyNoun(statement: Statement, stock: SourceStock): Candidate[] {
  const { clause } = statement.phrasing;
  if (clause.rank !== "main" || clause.verb.cat !== "v" || statement.words < 8 || stock.analysis.sort === "story") return [];
  const object = clause.complements.find((part) => part.role === "object")?.node;
  const fact = (stock.factsBySentence.get(clause.sentence) ?? []).find(
    (other) => other.clause === clause && other.type === "thing" && other.pattern !== "what-did",
  );
  if (!object || !fact || clause.complements.length > 1) return [];
  const head = headTerminal(object);
  const lemma = head.lemma ?? "";
  const plainHead = head.cat === "n" && !THIN_NOUNS.has(lemma) && (stock.analysis.lemmaCounts.get(lemma) ?? 0) >= 2;
  if (!plainHead || !isDistinct(object) || isCompound(object)) return [];
  const word = nodeText(clause.sentence, head);
  const stem = statement.text.replace(new RegExp(`\\b${word}\\b`), GAP);
  if (new RegExp(`\\b${lemma}`, "i").test(stem)) return [];
  return candidate(fact, stem, word, [], 1.1, "gap-noun");
}

/** "the printing press", "water vapor": half a name gives the other half away. */
function isCompound(np: Node): boolean {
  return walkTree(np).some((node) => node.role === "compound" || (node.role === "modifier" && node.kids[0]?.cat === "v"));
}

/** The noun stands by itself or with a modifier that leads to it; a bare "the ____" could be anything. */
function isDistinct(np: Node): boolean {
  return np.end - np.start <= 5;
}
