import type { Analysis } from "../../language/analysis";
import { positionKey } from "../../language/analysis";
import { type Clause, joiningWord } from "../../language/clause";
import { midSentence } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { type Phrasing, phraseClause } from "../phrasing/ask-clause";
import { joinDeeds } from "../phrasing/ask-shared";
import { comparesWithNothing } from "../phrasing/compares-with-nothing";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** Verbs that tell what something is like or undergoes, not what it does. */
const NO_DEED = new Set(
  "have seem look become live need want like love know think believe feel see mean cost weigh last come go begin start remain stay belong consist depend contain include lack differ vary exist appear happen occur die say call suggest argue recommend agree disagree worry hope die try let take spend need measure number total average reach remain get".split(
    " ",
  ),
);
const VAGUE = new Set("system method process idea plan rule law change model machine device tool part body group".split(" "));
/** WordNet's files of what has a job to do: animals, made things, bodies, food, phenomena, objects, plants, matter. */
const THINGS = new Set([3, 5, 6, 8, 13, 17, 19, 20, 27]);
const FEWEST_WORDS = 3;
/** "Evergreens *keep their needles*": of a whole sort little is no answer. */
const FEWEST_OF_A_SORT = 4;
const MOST_WORDS = 18;

/** "*Ribosomes* assemble proteins from smaller units": what do ribosomes do? Only where the source tells one thing of them. */
export function findFunction(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (!isDeed(clause) || !isPart(phrasing, analysis)) return [];
  const parts = clause.shared ? sharedClauses(clause) : [clause];
  if (parts[0] !== clause || parts.some((part) => !isDeed(part)) || countDeeds(phrasing.subject, analysis) !== 1) return [];
  const deeds = parts.map((part) => deedOf(part === clause ? phrasing : phraseClause(part, analysis), analysis));
  if (deeds.some((deed) => deed === undefined)) return [];
  const answer = joinDeeds(onceInFront(deeds as string[], clause), joiningWord(parts));
  const words = answer.split(" ").length;
  if (words < (clause.subject.f.det === "bare" ? FEWEST_OF_A_SORT : FEWEST_WORDS) || words > MOST_WORDS || comparesWithNothing(answer)) return [];
  // "a tiny amount of water*, about fourteen percent of it*": said in passing, and read without its comma.
  if (/, about /.test(clause.sentence.text) && / about /.test(answer)) return [];
  return [
    {
      type: "function",
      id: factId("function", clause.sentence, clause.verb.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What ${clause.verb.flags?.[0] === "third" ? "does" : "do"} ${phrasing.subject} do?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.6,
      pattern: "what-does-it-do",
    },
  ];
}

/** "*At Skerry Bay* the storms strip the beach and leave only stones": what stood in front goes behind the last deed, and not behind each. */
function onceInFront(deeds: readonly string[], { sentence, subject, adjuncts }: Clause): string[] {
  const fronted = adjuncts.filter(({ node }) => node.end <= subject.start).map(({ node }) => ` ${midSentence(sentence, node)}`);
  return deeds.map((deed, index) => {
    const behind = index < deeds.length - 1 ? fronted.find((phrase) => deed.endsWith(phrase)) : undefined;
    return behind ? deed.slice(0, -behind.length) : deed;
  });
}

function isDeed(clause: Clause): boolean {
  return (
    clause.rank === "main" &&
    // "the wind blows the leaf away, *and the cork closes the wound*": what it does then, not what it is for.
    !(clause.linkedBy && clause.subject.f.det === "def") &&
    !clause.negated &&
    !clause.passive &&
    !clause.imperative &&
    clause.auxiliaries.length === 0 &&
    clause.verb.cat === "v" &&
    ["third", "plain"].includes(clause.verb.flags?.[0] ?? "") &&
    !NO_DEED.has(clause.verb.lemma ?? "") &&
    clause.complements.length > 0 &&
    clause.complements.every(({ role, node }) => role !== "clause" || node.cat === "ws") &&
    !clause.adjuncts.some(({ node }) => node.cat.includes("sb"))
  );
}

/** A thing with a plain name that is not what the whole source is about: that does many things. */
function isPart({ clause, subject, binder }: Phrasing, analysis: Analysis): boolean {
  const head = headTerminal(clause.subject);
  const lemma = (head.lemma ?? "").toLowerCase();
  const words = subject.split(" ").length;
  const plainName = ["def", "indef", "bare", "proper"].includes(clause.subject.f.det ?? "") && clause.subject.role !== "coordination";
  const sense = analysis.lexicon.findWord(lemma)?.senses[0];
  if (sense !== undefined && !binder.human && !THINGS.has(analysis.lexicon.nounFile(sense))) return false;
  // "The system": what is meant stands elsewhere.
  if (clause.subject.f.det === "def" && words === 2 && VAGUE.has(lemma)) return false;
  // "Journalists investigate …, expose … and give …": a trade with several things to do.
  const isTrade = binder.human && clause.shared && binder.num === "pl" && words <= 2;
  return plainName && head.cat === "n" && (!binder.human || isTrade) && words <= 4 && !(words <= 2 && isTopic(lemma, analysis));
}

/** What the heading names, or the text comes back to again and again, does more than one thing. */
function isTopic(lemma: string, { headingLemmas, lemmaCounts }: Analysis): boolean {
  return headingLemmas.has(lemma) || (lemmaCounts.get(lemma) ?? 0) >= OFTEN;
}

const OFTEN = 5;

/** The clauses of one sentence that share a subject, in order. */
function sharedClauses(clause: Clause): Clause[] {
  return clause.sentence.clauses.filter((other) => other.subject === clause.subject && other.rank === "main").sort((a, b) => a.verb.start - b.verb.start);
}

function deedOf(phrasing: ReturnType<typeof phraseClause>, analysis: Analysis): string | undefined {
  if (typeof phrasing === "string") return undefined;
  const rest = phraseRest(phrasing, analysis, reasonsOf(phrasing.clause));
  if (isUnclear(rest)) return undefined;
  return [preverbalAdverbs(phrasing.clause), phrasing.finite, rest].filter(Boolean).join(" ");
}

const deeds = new WeakMap<Analysis["sentences"], Map<string, number>>();

/** In how many sentences the source says something that this subject does. */
function countDeeds(subject: string, analysis: Analysis): number {
  const known = deeds.get(analysis.sentences) ?? countAll(analysis);
  deeds.set(analysis.sentences, known);
  return known.get(subject.toLowerCase()) ?? 0;
}

function countAll(analysis: Analysis): Map<string, number> {
  const counts = new Map<string, number>();
  for (const sentence of analysis.sentences) {
    const subjects = new Set(
      sentence.clauses
        .filter((clause) => clause.rank === "main" && clause.verb.cat === "v" && !clause.passive)
        .map((clause) => {
          const antecedent = analysis.antecedents.get(positionKey(sentence, clause.subject.start));
          return (antecedent?.text ?? midSentence(sentence, clause.subject)).toLowerCase();
        }),
    );
    for (const subject of subjects) counts.set(subject, (counts.get(subject) ?? 0) + 1);
  }
  return counts;
}
