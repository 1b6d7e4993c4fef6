import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";
import { literally } from "../../lib/literally";
import { type Phrasing, phraseClause } from "../phrasing/ask-clause";
import { binderOf, mayBind } from "../phrasing/clear-reference";
import { leavesOutName } from "../phrasing/name-left-out";
import { phrasingOf, phrasings } from "../phrasing/phrasings";
import type { Fact } from "./fact";
import { findAdmission } from "./find-admission";
import { findNamedEvent, findWhyBehind, findWhyClause } from "./find-back-cause";
import { findCleft, findWhatCleft } from "./find-cleft";
import { findCondition } from "./find-condition";
import { findConsequence } from "./find-consequence";
import { findDepends } from "./find-depends";
import { findDescribed } from "./find-described";
import { findDuration } from "./find-duration";
import { findExtraposed, findMistake } from "./find-extraposed";
import { findMeaningOfName } from "./find-meaning";
import { findNamedPhrases } from "./find-named-phrase";
import { findNumberedItem } from "./find-numbered-item";
import { findNumberedReason } from "./find-numbered-reason";
import { findObject } from "./find-object";
import { findAgent, findDoer } from "./find-participant";
import { findPlace } from "./find-place";
import { findCostOfDeed } from "./find-price";
import { findQuantity } from "./find-quantity";
import { findShare } from "./find-share";
import { findTime } from "./find-time";
import { FINDERS } from "./finders";
import { isToldInPassing } from "./told-in-passing";

/** In a story only reasons and results are worth a question; in steps, not who does them. */
const LEFT_ALONE: Record<Analysis["sort"], ReadonlySet<Fact["type"]>> = {
  expository: new Set(),
  opinion: new Set(),
  story: new Set(["thing", "frequency", "definition", "naming", "time", "function"]),
  steps: new Set(["thing", "place"]),
};

/** What explains the steps, between or before them, is asked about like any other text. */
function isLeftAlone(fact: Fact, sentence: Sentence, analysis: Analysis): boolean {
  const { sort } = analysis;
  // "*Pick up a box of cereal* and look at the back": an opening, where nobody is told how something is done.
  const isOrder = fact.clause.imperative && fact.pattern === "what-object";
  if (sort !== "steps" && isOrder && analysis.sentences.find(({ block }) => block.kind !== "heading") === sentence) return true;
  if (sort === "story" && /^(?:how-long|what-sort|which-of-sort)$/.test(fact.pattern)) return false;
  if (sort === "story" && fact.type === "thing" && carriesTheStory(fact, analysis)) return false;
  if (sort === "story" && fact.type === "place") return !carriesTheStory(fact, analysis);
  // Everybody who read the story knows who does nearly all of it.
  // "*We* threw it away": the question names them anyway.
  if (/^(?:who-did|what-did|passive-by)$/.test(fact.pattern) && / and others$/.test(fact.answer)) return true;
  if (sort === "story" && fact.pattern === "who-did") return fact.clause.subject.f.det === "bare" || isMainPerson(fact.answer, analysis);
  const explains = sort === "steps" && (sentence.block.kind !== "list-item" || sentence.indexInBlock > 0) && !fact.clause.imperative;
  return !explains && LEFT_ALONE[sort].has(fact.type);
}

/** What is found, lost, made or promised moves a story on; so does a thing that it keeps coming back to. */
const MOVING = new Set(
  "live meet find discover lose build make steal hide promise bring invent forget remember win break repair fix save rescue hear ask buy sell decide need give share lend teach show bring rescue warn refuse borrow swap".split(
    " ",
  ),
);

function isMainPerson(name: string, { persons, narrator }: Analysis): boolean {
  const most = Math.max(0, ...[...persons.values()].map((person) => person.mentions ?? 0));
  const person = persons.get(name);
  return name === narrator || (person !== undefined && (person.mentions ?? 0) >= most);
}

function carriesTheStory({ pattern, clause, answerNode }: Fact, analysis: Analysis): boolean {
  if (pattern !== "what-object" && pattern !== "what-relation" && pattern !== "what-has" && pattern !== "where") return false;
  return isMoving(clause, answerNode, analysis);
}

/** A deed that moves a story on, or one done to what the story keeps coming back to. */
export function isMoving({ verb }: Clause, object: Node | undefined, { lemmaCounts, headingLemmas }: Analysis): boolean {
  const head = (object && headTerminal(object).lemma)?.toLowerCase() ?? "";
  return MOVING.has(verb.lemma ?? "") || (lemmaCounts.get(head) ?? 0) >= 3 || headingLemmas.has(head);
}

/** All facts of the clauses of one sentence that can be asked about by themselves. */
export function findFacts(sentence: Sentence, analysis: Analysis): Fact[] {
  // What stands under if, when or because is said only in passing, or not said to be so at all.
  if (isAsking(sentence, analysis)) return [];
  const clear = phrasings(sentence, analysis);
  const said = clear.filter(({ clause }) => clause.rank === "main" || clause.rank === "aside");
  const passing = clear.filter(({ clause }) => isToldInPassing(clause));
  const facts = [
    ...findNamedPhrases(sentence, analysis),
    ...findWhyClause(sentence, analysis),
    ...findWhyBehind(sentence, analysis),
    ...findNamedEvent(sentence, analysis),
    ...findNumberedReason(sentence, analysis),
    ...findNumberedItem(sentence, analysis),
    ...findDuration(sentence, analysis),
    ...findCleft(sentence, analysis),
    ...findMeaningOfName(sentence, analysis),
    ...findWhatCleft(sentence, analysis),
    ...findDepends(sentence, analysis),
    ...findCostOfDeed(sentence, analysis),
    ...findExtraposed(sentence, analysis),
    ...findMistake(sentence, analysis),
    ...findDescribed(sentence, analysis),
    ...findAdmission(sentence, analysis),
    ...findConsequence(sentence, analysis),
    ...said.flatMap((phrasing) => FINDERS.flatMap((find) => find(phrasing, analysis))),
    ...passing.flatMap((phrasing) =>
      [findTime, findQuantity, findShare, findDoer, findObject, findAgent, findPlace].flatMap((find) => find(phrasing, analysis)),
    ),
    ...answering(sentence, analysis).flatMap((phrasing) => findCondition(phrasing, analysis)),
  ];
  return (
    facts
      // "*Even* unborn babies yawn": others do as well.
      .filter(
        (fact) =>
          !/^even /i.test(fact.answer) &&
          !asksOfNobody(fact) &&
          !asksOfWhoever(fact) &&
          !tearsResult(fact) &&
          !leavesOutName(fact) &&
          !isLeftAlone(fact, sentence, analysis),
      )
      .map((fact) => inItsVoice(withAntecedents({ ...fact, stem: namedOnce(fact.stem, analysis) }, analysis), sentence, analysis))
  );
}

/** "You get up at four every day. Why so early?": what an interviewer says to somebody, and no statement. */
export function isAsking({ speaker, block, text }: Sentence, { sentences }: Analysis): boolean {
  if (speaker === undefined || !/\byour?\b/i.test(text)) return false;
  const own = sentences.filter((other) => other.speaker === speaker);
  const asking = new Set(own.filter(({ abstained }) => abstained === "question").map((other) => other.block));
  // "Your colleagues say that you can hear it.": of whoever asks nearly always.
  return asking.has(block) || asking.size * 2 >= new Set(own.map((other) => other.block)).size;
}

/** "Once the edges turn up, *the taste becomes bitter*": clauses that are clear only as what a condition brings about. */
function answering(sentence: Sentence, analysis: Analysis): Phrasing[] {
  const hasCondition = ({ rank, imperative, adjuncts }: Clause) =>
    rank === "main" && !imperative && adjuncts.some(({ node }) => node.cat === "sb" || node.cat === "sb-c");
  return sentence.clauses
    .filter((clause) => {
      const unclear = hasCondition(clause) ? phrasingOf(clause, analysis) : undefined;
      return unclear === "definite-without-antecedent" || (unclear === "pronoun" && ownsOfCondition(clause, analysis));
    })
    .map((clause) => phraseClause(clause, analysis, true))
    .filter((phrasing): phrasing is Phrasing => typeof phrasing !== "string");
}

/** "When the museum opened on Sundays, the number of *its* visitors rose": of what the condition in front names. */
function ownsOfCondition({ subject, sentence }: Clause, analysis: Analysis): boolean {
  const ahead = sentence.clauses.find(({ rank, end }) => rank === "adverbial" && end <= subject.start);
  const text = nodeText(sentence, subject);
  const [owner, ...more] = text.match(/\b(?:its|their|it|they|them|his|her|this|these)\b/gi) ?? [];
  if (!ahead || !owner || more.length > 0 || !/^(?:its|their)$/i.test(owner) || headTerminal(ahead.subject).cat === "pro") return false;
  return mayBind(owner.toLowerCase(), binderOf(ahead.subject, nodeText(sentence, ahead.subject), analysis));
}

/** "threw *so much* dust into the air *that a veil formed*": read as the air that a veil formed, both halves are lost. */
function tearsResult({ stem, answer, clause, pattern }: Fact): boolean {
  if (pattern === "why-so-that-result" || !/\bso (?:much|many|few|little)\b.* that\b/i.test(clause.sentence.text)) return false;
  return /\bso (?:much|many|few|little)\b/i.test(stem) || /\bthat\b/.test(answer);
}

/** "How many papers does whoever wants to fish need?": who needs them is asked, and why. */
function asksOfWhoever({ stem }: Fact): boolean {
  return /\bwhoever\b/.test(stem) && !/^Why\b/.test(stem);
}

/** "What does nobody learn to do?" Why nobody does is a question; what nobody does is none. */
function asksOfNobody({ type, clause, pattern, stem }: Fact): boolean {
  // "What would happen if there were time for everyone?" – "Nobody would need to push."
  if (type === "cause" || (type === "condition" && /^What (?:happened|would happen)\b/.test(stem))) return false;
  return pattern !== "what-unknown" && /^(?:nobody|no one|nothing|none)$/.test(headTerminal(clause.subject).lemma ?? "");
}

/** "gave *Wilson Bentley* a camera for *Bentley's* birthday": his. */
function namedOnce(stem: string, { persons }: Analysis): string {
  const [, full, last] = /\b(\p{Lu}[\p{L}-]+ (\p{Lu}[\p{L}-]+))(?:[’']s)?\b .*\b\2[’']s /u.exec(stem) ?? [];
  const gender = full && persons.get(full)?.name === full ? persons.get(full)?.gender : undefined;
  if (!last || !gender) return stem;
  const from = stem.indexOf(full!) + full!.length;
  return (
    stem.slice(0, from) +
    stem
      .slice(from)
      .replace(new RegExp(`\\b(?:${literally(full!.split(" ")[0]!)} )?${literally(last)}[’']s (?=\\p{L})`, "u"), gender === "he" ? "his " : "her ")
  );
}

/** Where a pronoun of the clause was told by its noun, the sentence that names the noun belongs to the proof. */
function withAntecedents(fact: Fact, analysis: Analysis): Fact {
  const { sentence, clause } = fact;
  const at = positionKey(sentence, clause.subject.start);
  const subject = (analysis.antecedents.get(at) ?? analysis.owners.get(at))?.sentence;
  const objects = [...(sentence.resolved ?? [])].filter(([word]) => word >= clause.start && word < clause.end).map(([, noun]) => noun.sentence);
  const named = [subject, ...objects].filter((other): other is Sentence => other !== undefined && other !== sentence);
  if (named.length === 0) return fact;
  const support = [...new Set([...(fact.support ?? []), ...named])].sort((a, b) => a.index - b.index);
  return { ...fact, support };
}

/** A speaker is asked about as a speaker, a writer who argues as a writer, fiction as fiction. */
function inItsVoice(fact: Fact, sentence: Sentence, analysis: Analysis): Fact {
  const writer = analysis.narrator ?? "the writer";
  const opening =
    sentence.speaker && !fact.stem.includes(sentence.speaker)
      ? `According to ${sentence.speaker}`
      : analysis.sort === "story" && fact.pattern !== "how-felt-then"
        ? "In the story"
        : analysis.sort === "opinion" && OPINED.has(fact.type) && !fact.stem.includes(writer)
          ? `According to ${writer}`
          : undefined;
  return opening ? { ...fact, stem: openWith(opening, fact) } : fact;
}

/** Reasons are the writer's; numbers and names are the world's. */
const OPINED = new Set<Fact["type"]>(["cause", "purpose", "condition", "manner", "function", "aim"]);

function openWith(opening: string, { stem }: Fact): string {
  return `${opening}, ${stem.charAt(0).toLowerCase()}${stem.slice(1)}`;
}
