import { baseSet } from "../../checking/content-words";
import { headTerminal } from "../../language/tree";
import { createRandom, seedFrom } from "../../lib/random";
import type { Fact } from "../facts/fact";
import { verbPhraseAs } from "../phrasing/restate";
import { near, type SourceStock, type Statement } from "../source-stock";

const bases = new WeakMap<Statement, ReadonlySet<string>>();

function basesOf(statement: Statement, { analysis }: SourceStock): ReadonlySet<string> {
  const known = bases.get(statement) ?? baseSet(statement.text, analysis.lexicon);
  bases.set(statement, known);
  return known;
}

/** Other things the source says, of like length and tense; never from the sentence itself or one that shares its reason. */
export function statementDistractors(
  fact: Fact,
  stock: SourceStock,
  count: number,
  seed: number,
  phrase: (statement: Statement) => string | undefined,
): string[] {
  const random = createRandom(seedFrom(fact.id, seed));
  const length = fact.answer.split(" ").length;
  const asked = stock.contentBySentence.get(fact.sentence)!;
  const stem = baseSet(fact.stem, stock.analysis.lexicon);
  const asksWhatHappens = fact.pattern.startsWith("what-happens");
  const asksWhatCame = asksWhatHappens || fact.pattern === "what-did-when";
  const scored = random.shuffle(near(stock.statements, fact.sentence)).flatMap((statement) => {
    const distance = Math.abs(statement.sentence.index - fact.sentence.index);
    if (
      distance === 0 ||
      saysWhatIs(statement) ||
      tellsOfSpeaker(statement, fact) ||
      statement.phrasing.clause.shared ||
      // "If a baby bat falls": supposed, and neither a reason nor a result.
      statement.phrasing.clause.rank === "adverbial" ||
      statement.words < 4 ||
      statement.words > 16
    )
      return [];
    const text = phrase(statement);
    if (!text || /\d{4}/.test(text) || /\b(?:because|so that|which)\b/.test(text)) return [];
    const words = text.split(" ").length;
    const ratio = words / length;
    if (ratio < 0.5 || ratio > 1.7 || words < 3) return [];
    // A wrong answer must be about what is asked: it shares a word with the stem that the whole source does not.
    const stated = basesOf(statement, stock);
    const shared = [...stated].filter((lemma) => asked.has(lemma)).length;
    const onTopic = [...stated].filter((lemma) => stem.has(lemma)).length;
    if (onTopic === 0 && !sameTopic(statement, fact, stock)) return [];
    // "Each state has as many electors as …", right before: it may be why as well.
    if (fact.type === "cause" && distance === 1 && onTopic >= 2 && statement.sentence.block === fact.sentence.block) return [];
    // "When it is calm, the crystals reflect blue light. *The blue mixes with yellow*": it goes on, and is so as well.
    if (asksWhatCame && statement.sentence.index === fact.sentence.index + 1 && statement.sentence.block === fact.sentence.block) return [];
    // "What happens when *air* is warmed?": whatever else the air does may come of it.
    if (asksWhatHappens && stem.has(headTerminal(statement.phrasing.clause.subject).lemma ?? "")) return [];
    // Said twice in the source, what is asked about would be offered as its own answer.
    if (onTopic === stated.size) return [];
    const sameBlock = statement.sentence.block === fact.sentence.block;
    return [
      {
        text,
        subject: statement.phrasing.subject,
        score:
          Math.min(shared, 3) +
          Math.min(onTopic, 2) * 1.5 +
          (isSameTense(statement, fact) ? 2 : 0) +
          (statement.phrasing.binder.human === fact.phrasing.binder.human ? 1.2 : 0) -
          Math.abs(1 - ratio) * 2 -
          (distance === 1 ? 1.5 : 0) -
          (sameBlock ? 0.3 : 0) -
          (statement.phrasing.clause.verb.cat === "be" ? 0.5 : 0),
      },
    ];
  });
  const chosen: string[] = [];
  const subjects = new Map<string, number>();
  for (const { text, subject } of scored.sort((a, b) => b.score - a.score)) {
    if (chosen.length === count) break;
    if ((subjects.get(subject) ?? 0) >= 2 || chosen.some((other) => other === text)) continue;
    subjects.set(subject, (subjects.get(subject) ?? 0) + 1);
    chosen.push(text);
  }
  return chosen;
}

/** The same paragraph, a kind of doer like the asked one: what a careless reader might mix up with the answer. */
function sameTopic(statement: Statement, fact: Fact, stock: SourceStock): boolean {
  const sameBlock = statement.sentence.block === fact.sentence.block;
  const doer = statement.phrasing.binder.human === fact.phrasing.binder.human;
  const subject = headTerminal(statement.phrasing.clause.subject).lemma ?? "";
  return sameBlock && doer && (stock.analysis.lemmaCounts.get(subject.toLowerCase()) ?? 0) >= 2;
}

/** "Why do the trees get too little water?" Not because of what whoever is asked does all day. */
function tellsOfSpeaker({ phrasing: { subject }, sentence: { speaker } }: Statement, fact: Fact): boolean {
  return speaker !== undefined && subject === speaker && fact.phrasing.subject !== speaker;
}

/** What plants do beside the plant that is asked about may be right of it too. */
export function isSameDoer({ phrasing }: Statement, fact: Fact): boolean {
  return headTerminal(phrasing.clause.subject).lemma === headTerminal(fact.clause.subject).lemma || phrasing.subject === fact.phrasing.subject;
}

/** "An echo is a sound …" can be no reason and no result. */
function saysWhatIs({ phrasing: { clause } }: Statement): boolean {
  return (clause.verb.cat === "be" && clause.complements.some((part) => part.node.cat === "np")) || clause.complements.some((part) => part.role === "object2");
}

export function isPresent({ phrasing }: Pick<Statement, "phrasing">): boolean {
  const { clause } = phrasing;
  const first = clause.auxiliaries[0] ?? clause.verb;
  return !first.flags?.includes("past") && !["could", "would", "might"].includes(first.lemma ?? "");
}

export function isSameTense(statement: Statement, fact: Fact): boolean {
  return isPresent(statement) === isPresent(fact);
}

const STATES = new Set("need have want know see like lack seem own belong contain consist live die become be feel hope wish weigh cost last".split(" "));

/** What somebody can do on purpose: a deed, not a state. */
export function isWay({ phrasing: { clause } }: Statement): boolean {
  return clause.verb.cat === "v" && !STATES.has(clause.verb.lemma ?? "");
}

export function prefixed(word: string, phrase: string | undefined): string | undefined {
  return phrase && `${word} ${phrase}`;
}

/** What other things of the source do, told of one or of many as the key is. */
export function functionDistractors(fact: Fact, stock: SourceStock, count: number, seed: number): string[] {
  const form = fact.clause.verb.flags?.[0] === "third" ? ("third" as const) : ("base" as const);
  const own = headTerminal(fact.clause.subject).lemma;
  return statementDistractors(fact, stock, count, seed, ({ phrasing, rest }) => {
    const { clause } = phrasing;
    const isAlike = !phrasing.binder.human && clause.complements.length > 0 && clause.auxiliaries.length === 0 && !clause.verb.flags?.includes("past");
    return isAlike && clause.verb.cat === "v" && headTerminal(clause.subject).lemma !== own && !/\b(?:it|its|they|their|them)\b/.test(rest)
      ? verbPhraseAs(phrasing, form, rest)
      : undefined;
  });
}
