import type { Analysis } from "../../language/analysis";
import { THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun, mayNamePerson } from "../../language/find-persons";
import { nodeText, withoutAside } from "../../language/node-text";
import { nounGender } from "../../language/noun-gender";
import type { Resolved } from "../../language/resolve-objects";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareTerm, predicateOf, SINGLES_OUT } from "./find-definition";
import { isPeople } from "./is-people";
import { hasOpenPronoun } from "./open-pronoun";

/** "Milkweed is *the only plant that monarch caterpillars eat*": which is it? */
export function findSingled(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = predicateOf(clause);
  if (!predicate) return [];
  const which = nodeText(sentence, predicate);
  if (!SINGLES_OUT.test(which) || /^one of/i.test(which) || which.split(" ").length < 4 || clause.subject.f.det === "pron" || clause.subject.f.det === "dem")
    return [];
  const sort = ownSort(phrasing, which);
  if ((!sort && findUnclear(predicate, sentence, analysis)) || hasOpenPronoun(predicate, sentence, analysis)) return [];
  // "were the first to try": to try what?
  if (/^the (?:first|second|last) to \p{L}+$/u.test(which)) return [];
  // "were *probably* the first people": it bounds what is said, and stays where it stands.
  const bounds = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= clause.verb.end && node.end <= predicate.start);
  const rest = phraseRest(phrasing, analysis, [predicate, ...bounds, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  const said = bounds.filter((node) => !/^(?:also|therefore|then|too|however|thus)$/.test(headTerminal(node).lemma ?? ""));
  const bounded = [...said.map((node) => nodeText(sentence, node)), which].join(" ");
  // "the only *female* to receive papers" is somebody, "the highest *level* of the league" nobody.
  const named = headTerminal(predicate);
  const isSomebody =
    isPersonNoun(named.lemma ?? "", analysis.lexicon) || nounGender(named.lemma ?? "") !== undefined || /^(?:female|male|people)$/.test(named.lemma ?? "");
  const isPersonal = named.cat !== "n" || mayNamePerson(named.lemma ?? "", analysis.lexicon);
  const human = isSomebody || (isPersonal && (phrasing.binder.human || isPeople(clause.subject) || holdsPersons(clause.subject, analysis)));
  const single = predicate.f.num === "sg" ? { are: "is", were: "was" }[phrasing.inverted] : undefined;
  return [
    factOf(
      phrasing,
      predicate.start,
      {
        type: human ? "person" : "thing",
        stem: `${[sort ?? (human ? "Who" : "What"), single ?? phrasing.inverted, bounded, rest].filter(Boolean).join(" ")}?`,
        answer: phrasing.subject,
        answerNode: coreOf(clause.subject),
        accepted: bareTerm(phrasing.subject) === phrasing.subject ? [] : [bareTerm(phrasing.subject)],
        depth: "recall",
        worth: 2.6,
        pattern: "which-one",
      },
      "thing",
    ),
  ];
}

/** "British stamps are *the only ones* that …", "Ruben's kite was *the only one* still flying": which stamps, whose kite? The subject says what sort they are. */
function ownSort({ clause, subject }: Phrasing, which: string): string | undefined {
  if (!/^the (?:only|first|last) ones? \p{L}/u.test(which)) return undefined;
  const owner = /^(.+['’]s?) (.+)$/u.exec(subject);
  if (owner && clause.subject.role === "possessor") return `Whose ${owner[2]}`;
  const head = headTerminal(clause.subject);
  const isSort = head.cat === "n" && clause.subject.end - clause.subject.start === 2 && /^(?:bare|def)$/.test(clause.subject.f.det ?? "");
  return isSort ? `Which ${clause.sentence.words[head.start]!.text}` : undefined;
}

/** "*Amundsen and his men* were the first": somebody, and more than one. */
function holdsPersons(np: Node, { lexicon }: Analysis): boolean {
  return np.role === "coordination" && walkTree(np).some((node) => node.cat === "n" && isPersonNoun(node.lemma ?? "", lexicon));
}

/** "*One of the board's most important tasks* is the budget" */
const ONE_OF_BEST = /^one of (?:the |its )?(?:.+['’]s? )?(?:most \p{L}+|\p{L}+est|main|chief|first) \p{L}+/iu;

/** "Grace's father was *the keeper of the Longstone lighthouse*": who was it? */
export function findPostHolder(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const whole = predicateOf(clause);
  const predicate = whole && withoutAside(whole);
  const post = predicate && headTerminal(predicate).lemma;
  const isOf = predicate?.role === "postmodifier" && predicate.kids[1]?.f.sub === "of" && predicate.f.det === "def" && predicate.f.num !== "pl";
  if (!predicate || !isOf || !phrasing.binder.human || !HOLDS.test(post ?? "") || hasOpenPronoun(predicate, sentence, analysis)) return [];
  if (clause.subject.f.det === "dem" || findUnclear(predicate, sentence, analysis)) return [];
  const rest = phraseRest(phrasing, analysis, [whole!, ...reasonsOf(clause)]);
  if (isUnclear(rest) || analysis.sort === "story") return [];
  return [
    factOf(
      phrasing,
      predicate.start,
      {
        type: "person",
        stem: `${["Who", phrasing.inverted, nodeText(sentence, predicate), rest].filter(Boolean).join(" ")}?`,
        answer: phrasing.subject,
        answerNode: coreOf(clause.subject),
        accepted: [],
        depth: "recall",
        worth: 2.2,
        pattern: "which-one",
      },
      "thing",
    ),
  ];
}

/** What one person is for one place. */
const HOLDS =
  /^(?:keeper|captain|owner|head|leader|founder|mayor|editor|director|president|queen|king|chief|master|ruler|governor|author|inventor|conductor|curator|librarian)$/;

/** "*The first keeper of the light* was Abel Thorne, a sailmaker": who was it? */
export function findHolder(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = predicateOf(clause);
  if (!predicate) return [];
  const core = coreOf(predicate);
  const name = nodeText(sentence, core.f.det === "indef" ? predicate : core);
  const isName = core.f.det === "proper" && headTerminal(core).cat === "pn";
  const isSingle =
    (SINGLES_OUT.test(phrasing.subject) && !/^one of/i.test(phrasing.subject)) ||
    (isName && analysis.persons.has(name) && clause.verb.start === clause.subject.end && isPost(clause.subject, analysis));
  if (!(isSingle || ONE_OF_BEST.test(phrasing.subject)) || core.f.time || !(isName || isPlainHolder(core, phrasing, analysis))) return [];
  // "*The only survivor* was Henry Freeman": of what?
  if (clause.subject.end - clause.subject.start <= 3 && /^the (?:only|first|last|second) \p{Ll}+$/u.test(phrasing.subject)) {
    const { lemma = "" } = headTerminal(clause.subject);
    if (!analysis.headingLemmas.has(lemma)) return [];
  }
  const rest = phraseRest(phrasing, analysis, [predicate, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  const human = phrasing.binder.human || analysis.persons.has(name);
  // "Others sold machines. The most successful *of them* was Singer": of those, and of no machines.
  const inside = [...(clause.sentence.resolved ?? [])].filter(([word]) => word >= clause.subject.start && word < clause.subject.end);
  if (human && inside.some(([, noun]) => !isOfPersons(noun, analysis))) return [];
  return [
    factOf(
      phrasing,
      predicate.start,
      {
        type: human ? "person" : "thing",
        stem: `${[human ? "Who" : "What", phrasing.inverted, phrasing.subject, rest].filter(Boolean).join(" ")}?`,
        answer: name,
        answerNode: core,
        accepted: [...(name.includes(" ") && human ? [name.split(" ").at(-1)!] : []), ...(bareTerm(name) === name ? [] : [bareTerm(name)])],
        depth: "recall",
        worth: 2.4,
        pattern: "which-one",
      },
      "thing",
    ),
  ];
}

/** "*The engineer in charge* was Joseph Bazalgette": what somebody was there for, told in more than a word. */
function isPost(np: Node, { lexicon }: Analysis): boolean {
  const isTold = /^(?:postmodifier|relative|reduced)$/.test(np.role) || np.end - np.start >= 3;
  return np.f.det === "def" && np.f.num !== "pl" && isTold && headTerminal(np).lemma !== "name" && mayNamePerson(headTerminal(np).lemma ?? "", lexicon);
}

/** "The main weapon against inflation is *the interest rate*", "The longest bone is *the thigh bone*" */
function isPlainHolder(core: Node, { clause, subject }: Phrasing, analysis: Analysis): boolean {
  const head = headTerminal(core);
  const own = headTerminal(clause.subject).lemma ?? "";
  // "The longest building in the bay was *a wooden shed called the ropewalk*"
  if (
    core.f.det === "indef" &&
    /^the \p{L}+est \p{L}+ \p{L}/iu.test(subject) &&
    core.end - core.start >= 3 &&
    !mayNamePerson(head.lemma ?? "", analysis.lexicon)
  )
    return !findUnclear(core, clause.sentence, analysis) && !hasOpenPronoun(core, clause.sentence, analysis);
  if (!["def", "bare"].includes(core.f.det ?? "") || core.role === "coordination" || head.cat !== "n" || THIN_NOUNS.has(head.lemma ?? "")) return false;
  if (core.end - core.start > 5 || findUnclear(core, clause.sentence, analysis) || hasOpenPronoun(core, clause.sentence, analysis)) return false;
  // "The biggest problem is the cost": a problem of what?
  const isTopic =
    (ONE_OF_BEST.test(subject) || /^the \p{L}+est\b/iu.test(subject)) && ((analysis.lemmaCounts.get(own) ?? 0) >= 3 || subject.split(" ").length >= 4);
  // "One of the oldest *ways to keep food* is salt"
  const isWayTo = /\bways? (?:to|of) \p{L}/u.test(subject);
  return (!THIN_NOUNS.has(own) || isWayTo) && (isTopic || clause.subject.role === "postmodifier" || clause.subject.role === "relative");
}

/** Whether the noun that a pronoun stands for names persons. */
function isOfPersons({ text, sentence }: Resolved, { lexicon, persons }: Analysis): boolean {
  const last = text.split(" ").at(-1)!.toLowerCase();
  const lemma = sentence.words.find(({ lower }) => lower === last)?.candidates.find(({ cat }) => cat === "n")?.lemma ?? last;
  return persons.has(text) || isPersonNoun(lemma, lexicon);
}
