import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { opensClearly } from "../phrasing/opens-clearly";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** Nouns that promise to be told: the next sentence says what it is. */
const PROMISING = new Set(
  "weakness fault flaw problem disadvantage drawback danger advantage strength trick secret enemy rule exception condition task aim difficulty defect idea plan solution".split(
    " ",
  ),
);
/** Opens a sentence that goes on to something else. */
const TURNS_AWAY = /^(?:but|however|yet|still|nevertheless|even so|so|therefore|then|later|today|and|or|in spite)\b/i;
const MOST_WORDS = 22;

/** "The plan had *one weakness*: it needed a fast horse.": told behind the colon. */
export function findAnnouncedHere(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const colon = sentence.words.findIndex(({ text }, at) => text === ":" && at >= clause.end);
  // "*Each* remedy has a weakness: quotas, *for instance*, …": one of several.
  if (/^(?:each|every)\b/i.test(phrasing.subject) || /\bfor (?:instance|example)\b/.test(sentence.text)) return [];
  const [own, told] = sentence.clauses.filter(({ rank }) => rank === "main");
  if (colon !== clause.end || own !== clause || !told || told.start <= colon || clause.negated || clause.shared || clause.imperative) return [];
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const noun =
    clause.verb.cat === "have" && clause.complements.length === 1 && clause.adjuncts.length === 0 && object ? announcedNoun(object, sentence) : undefined;
  // "agreed *on one condition*: …"
  const on = clause.adjuncts.find(({ node }) => /^on (?:one|a) condition$/i.test(nodeText(sentence, node)))?.node;
  const named = noun ? object : on;
  if (!named || named.end !== colon) return [];
  const rest = phraseRest(phrasing, analysis, [named, ...reasonsOf(clause)]);
  const answer = wordsText(sentence, colon + 1, sentence.words.length).replace(/[.!]$/, "");
  if (isUnclear(rest) || answer.split(" ").length > MOST_WORDS || /[“”"?;:]/.test(answer)) return [];
  const behind = walkTree(sentence.tree!).find(({ cat, start }) => cat === "s" && start > colon);
  if (!behind || findUnclear(behind, sentence, analysis, phrasing.binder, false, { isAnswer: true })) return [];
  return [
    factOf(phrasing, colon, {
      type: "reason",
      stem: askClause(phrasing, noun ? `What ${noun}` : "On what condition", rest),
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.8,
      pattern: "what-announced",
    }),
  ];
}

/** "Soap has *one weakness*. In hard water it forms scum.": the next sentence says which. */
export function findAnnounced(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (clause.verb.cat !== "have" || !object || clause.complements.length > 1 || clause.negated || clause.shared || clause.rank !== "main") return [];
  if (sentence.clauses.filter(({ rank }) => rank === "main").length > 1 || clause.adjuncts.length > 0) return [];
  const noun = announcedNoun(object, sentence);
  const next = analysis.sentences[sentence.index + 1];
  if (!noun || !next || next.block !== sentence.block || !tellsIt(next, phrasing)) return [];
  // "Balmis had *an idea*. A person who is given cowpox gets a blister.": what is so, and what the idea rests on.
  const isPlan = /\b(?:idea|plan|solution)$/.test(noun);
  const proposes = /\b(?:would|could|should|might)\b/.test(next.text) || (next.clauses[0] && pronounOf(next.clauses[0].subject) !== undefined);
  if (isPlan && !proposes) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (isUnclear(rest) || rest !== "") return [];
  const told = wordsText(next, 0, next.words.length).replace(/[.!]$/, "");
  if (told.split(" ").length > MOST_WORDS) return [];
  return [
    {
      ...factOf(phrasing, object.start, {
        type: "reason",
        stem: askClause(phrasing, `What ${noun}`, ""),
        answer: `${told.charAt(0).toLowerCase()}${told.slice(1)}`,
        accepted: [],
        depth: "understanding",
        worth: 2.8,
        pattern: "what-announced",
      }),
      id: factId("reason", next, 0),
      support: [sentence],
      sentence: next,
    },
  ];
}

/** "The seeds need *a signal*. *That signal* is rain.": which signal do they need? */
export function findTakenUp(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (!object || clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat === "be") return [];
  if (sentence.clauses.filter(({ rank }) => rank === "main").length > 1 || coreOf(object) !== object || object.f.det !== "indef") return [];
  const next = analysis.sentences[sentence.index + 1];
  const told = next && next.block === sentence.block ? next.clauses.filter(({ rank }) => rank === "main") : [];
  const [says] = told;
  const predicate = says?.complements.find(({ role }) => role === "predicate")?.node;
  const noun = headTerminal(object).lemma;
  if (!next || !says || told.length > 1 || says.verb.cat !== "be" || says.negated || predicate?.cat !== "np" || next.abstained) return [];
  const isSame = headTerminal(says.subject).lemma === noun && says.subject.end - says.subject.start === 2 && /^(?:this|that|the)\b/i.test(next.text);
  if (!isSame || says.adjuncts.length > 0 || findUnclear(predicate, next, analysis, undefined, false)) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  const answer = nodeText(next, predicate);
  if (isUnclear(rest) || answer.split(" ").length > MOST_WORDS || /^(?:an?|the) (?:\p{Ll}+ )?(?:one|mistake|success|failure|problem)$/u.test(answer)) return [];
  const what = nodeText(sentence, object).replace(/^an? /i, "");
  return [
    {
      ...factOf(phrasing, object.start, {
        type: "thing",
        stem: askClause(phrasing, `What ${what}`, rest),
        answer,
        answerNode: predicate,
        accepted: bareForms(answer),
        depth: "understanding",
        worth: 2.6,
        pattern: "what-announced",
      }),
      id: factId("thing", next, predicate.start),
      support: [sentence],
      sentence: next,
    },
  ];
}

/** "one weakness", "a great advantage", "one big problem": the noun with its own adjective. */
function announcedNoun(object: Node, sentence: Sentence): string | undefined {
  const core = coreOf(object);
  const head = headTerminal(core);
  const isOne = /^(?:one|an?)\b/i.test(nodeText(sentence, object));
  if (!isOne || core !== object || !PROMISING.has(head.lemma ?? "") || head.flags?.[0] !== "sg" || object.end - object.start > 4) return undefined;
  return nodeText(sentence, object).replace(/^(?:one|an?) /i, "");
}

/** Speaks of the same thing, by its name or as *it* or *they*, and of nothing before. */
function tellsIt(next: Sentence, { subject }: Phrasing): boolean {
  const [first] = next.clauses.filter(({ rank }) => rank === "main");
  if (!first || first.imperative || next.abstained || TURNS_AWAY.test(next.text) || /[“”"?!]/.test(next.text)) return false;
  const isSame = /^(?:it|they)$/.test(pronounOf(first.subject) ?? "") || nodeText(next, first.subject).toLowerCase() === subject.toLowerCase();
  // "*Its wick* burned unevenly"
  const isOwn = /^(?:its|their)\b/i.test(next.text);
  return isSame || isOwn || opensClearly(next);
}
