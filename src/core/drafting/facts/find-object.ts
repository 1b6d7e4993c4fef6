import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS, TIME_NOUNS, UNIQUE_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeText, stripAsides, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { mayBeDeeds } from "../phrasing/conjuncts";
import { ownsOfClauseAhead } from "../phrasing/owns-of-ahead";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { doesSoToMore, IDIOMS, isOfThings, isTornFromSubject, mayBelongBehind, ownPhrase, PARTS_OF_VERBS } from "./belongs-to-object";
import { type Fact, factId } from "./fact";
import { isUnclear } from "./find-cause";
import { bareForms, CAUSING_VERBS, givesReason, HOLDING, hasNo, isWhole } from "./find-participant";
import { takesInfinitive } from "./find-purpose";
import { isNeeded, LIGHT_VERBS } from "./light-verbs";

/** Verbs that say enough where the rest of the question does. */
const GREY_VERBS = new Set("include contain comprise use find show give hold bring leave reach need put throw".split(" "));
const ENOUGH_WORDS = 5;

/** What it is done to: "a motor replaced *the clockwork*." */
export function findObject(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const object = clause.complements.find((part) => part.role === "object")?.node;
  // "takes *away* bad smells", "gives *off* light": with its particle the verb says enough.
  const particle = clause.complements.find((part) => part.role === "particle")?.node;
  if (
    !object ||
    givesReason(clause) ||
    hasNo(object) ||
    clause.complements.length > (particle ? 2 : 1) ||
    (clause.shared && !standsAlone(clause)) ||
    clause.negated ||
    (LIGHT_VERBS.has(clause.verb.lemma ?? "") && !GREY_VERBS.has(clause.verb.lemma ?? "") && !particle && !isMadeOutOf(object, clause)) ||
    clause.verb.cat !== "v"
  )
    return [];
  const core = coreOf(object);
  const head = headTerminal(core);
  // "saves *enough energy to light a room*"
  const enough = enoughTo(object, clause);
  if (
    object.f.det === "pron" ||
    object.f.det === "num" ||
    object.f.det === "clause" ||
    (object.f.det === "poss" && !isOwn(object, phrasing)) ||
    (object.f.det === "quant" && !enough) ||
    head.cat !== "n" ||
    THIN_NOUNS.has(head.lemma ?? "")
  )
    return [];
  // "heard the old man *singing* to his daughter": to whom he sang belongs to it.
  const isDoing = /^(?:hear|see|watch|notice|find)$/.test(clause.verb.lemma ?? "") && /ing$/.test(head.lemma ?? "");
  if (isDoing && clause.adjuncts.some(({ node }) => node.start === object.end)) return [];
  // "worked *nights* at the hospital": when.
  if (TIME_NOUNS.has(head.lemma ?? "") && object.f.det === "bare" && clause.verb.lemma === "work") return [];
  // "*To prove it* she needed measurements": for what, the sentence before says.
  if (/^(?:need|want|require)$/.test(clause.verb.lemma ?? "") && /^To \p{Ll}+ (?:it|this|that|them|so)\b/u.test(clause.sentence.text)) return [];
  // "offers *one of three things*: …": which stands behind the colon.
  if (isOfThings(nodeText(clause.sentence, object))) return [];
  // "follow suit", "set sail": one thing without an article is a part of what the verb says.
  if (
    object.f.det === "bare" &&
    object.f.num !== "pl" &&
    object.end - object.start === 1 &&
    clause.verb.lemma !== "need" &&
    PARTS_OF_VERBS.test(head.lemma ?? "")
  )
    return [];
  // "asks *questions*": what else?
  if (object.f.det === "bare" && object.end - object.start === 1 && clause.verb.lemma === "ask" && head.lemma === "question") return [];
  // "put on *a show*", "takes up *space*": idioms.
  if (particle && IDIOMS.test(head.lemma ?? "")) return [];
  // "discovered the same trick": the same as whose?
  if (walkTree(object).some(({ flags }) => flags?.includes("same"))) return [];
  if (isPersonNoun(head.lemma ?? "", analysis.lexicon) || findUnclear(stripAsides(object), clause.sentence, analysis, phrasing.binder)) return [];
  // "ask *the fire brigade* for help": somebody, though no person.
  if (/^(?:ask|tell|invite|thank|warn|call|phone|beg)$/.test(clause.verb.lemma ?? "") && fileOf(head.lemma ?? "", analysis.lexicon) === NounFile.group)
    return [];
  // "reach even the trees": what is surprising, and not what is asked.
  if (/^(?:even|only|just)\b/i.test(nodeText(clause.sentence, object)) || mayBeDeeds(object, clause)) return [];
  // "would only block the lines": what it does not do is meant.
  if ((takesInfinitive(clause, object) && !enough) || /\b(?:only|rather)\b/.test(preverbalAdverbs(clause))) return [];
  if (mayBelongBehind(clause, object, analysis)) return [];
  // "a jar with a lid, stones, soil and moss": a list of things, read as what the first one has.
  const isTorn = clause.adjuncts.some(
    ({ node }) => node.start === object.end && node.cat === "pp" && node.kids[1]?.role === "coordination" && node.end - node.start > 6,
  );
  // "imply limited benefits *to be gained from trade*"
  const isGained = [...clause.adjuncts, ...clause.complements].some(
    ({ node }) => node.start === object.end && node.cat === "vp" && node.f.form === "to" && node.f.passive,
  );
  // "teaches science *better than a book does*": how well, and no sort of science.
  const isCompared =
    clause.adjuncts.some(({ node }) => node.start === object.end && headTerminal(node).flags?.includes("comparative")) ||
    /\b(?:better|worse|more|less|faster) than\b/.test(nodeText(clause.sentence, object));
  if (ownsOfClauseAhead(object, phrasing) || isCompared || isTorn || isGained || isTornFromSubject(object, clause)) return [];
  const own = enough ?? ownPhrase(object, clause, analysis);
  // "Hang the box *between two and four metres* above the ground": where, and which box it is not.
  if (own?.f.sub === "between" && walkTree(own).some(({ cat }) => cat === "num")) return [];
  if (own && findUnclear(own, clause.sentence, analysis, phrasing.binder, true, { isAnswer: true })) return [];
  // "controlled a kingdom *stretching from …*": what follows belongs to the answer; "spent decades *working it out*" is asked with it.
  const doing = clause.adjuncts.find(({ node }) => node.cat === "vp" && node.f.form === "ing")?.node;
  if (doing && (clause.verb.lemma !== "spend" || doing.start !== object.end || findUnclear(doing, clause.sentence, analysis, phrasing.binder))) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...(own ? [own] : []), ...(doing ? [doing] : [])]);
  const words = `${phrasing.subject} ${rest}`.split(" ").filter(Boolean).length;
  // "Charcoal *prevents* bad smells": the verb says enough.
  const verb = clause.verb.lemma ?? "";
  const isPrize = analysis.sort === "story" && PRIZES.test(verb) && analysis.persons.has(phrasing.subject);
  const fewest =
    isPrize || isNeeded(object, clause)
      ? 1
      : GREY_VERBS.has(verb) && !particle
        ? // "Wool, feathers and foam hold tiny pockets of air": of three things it is no other's.
          ENOUGH_WORDS - (clause.subject.role === "coordination" ? 1 : 0)
        : CAUSING_VERBS.has(verb) && !clause.imperative && object.end - object.start > 1
          ? 1
          : 2;
  // "the country": everybody knows which, and it answers nothing.
  if (object.f.det === "def" && object.end - object.start === 2 && UNIQUE_NOUNS.has(head.lemma ?? "")) return [];
  // "sent sheets *for signatures* to every part": what it is for belongs to the thing that is sent.
  const isSent = clause.adjuncts.some(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "to" && node.start > object.end);
  if (isSent && clause.adjuncts.some(({ node }) => node.start === object.end && node.cat === "pp" && node.kids[0]?.lemma === "for")) return [];
  // "included the tribes *from the river basin*": what is included is told to the end.
  if (HOLDING.has(clause.verb.lemma ?? "") && clause.adjuncts.some(({ node }) => node.start === object.end && node.cat === "pp")) return [];
  if (/^(?:a number of|a lot of|one of|only)\b/i.test(phrasing.subject)) return [];
  const isOpen = !isUnclear(rest) && !isWhole(rest) && rest !== (particle && nodeText(clause.sentence, particle));
  if (isUnclear(rest) || words < fewest || isOpen || object.end - object.start > 15) return [];
  // "He measured the Earth" in a sentence that was not understood: either would be right.
  if (rest === "" && isDoneElsewhere(clause, analysis)) return [];
  // "Every circuit needs a battery. It needs a path": either would be right.
  if (doesSoToMore(phrasing, analysis)) return [];
  // "The distances offer *a hint*": of what, the next sentence says.
  if (
    object.f.det === "indef" &&
    object.end - object.start === 2 &&
    HINTS.test(head.lemma ?? "") &&
    /^(?:offer|give|provide|need|have|want|make|get|find)$/.test(verb)
  )
    return [];
  // "I can already *hear the objection* that …": a turn of speech.
  if (verb === "hear" && /^(?:objection|argument|answer|protest)$/.test(head.lemma ?? "")) return [];
  // "A town pays a small fee": what for?
  if (verb === "pay" && rest === "" && object.role !== "postmodifier" && /^(?:fee|sum|price|amount|share|part)$/.test(head.lemma ?? "")) return [];
  // "heard *the sound*": which one, the sentence before told.
  const isOfText = analysis.headingLemmas.has(head.lemma ?? "");
  if (
    object.f.det === "def" &&
    object.end - object.start === 2 &&
    !isOfText &&
    /^(?:sound|noise|voice|news|answer|question|word|call|signal|passage|page|text|line)$/.test(head.lemma ?? "")
  )
    return [];
  // "spend about a month in the ocean"
  const isLength = clause.verb.lemma === "spend" && (UNIT_NOUNS.has(head.lemma ?? "") || head.lemma === "life");
  // "had never spent *a night* alone": no length that anything had.
  if (isLength && (clause.negated || clause.adjuncts.some(({ node }) => headTerminal(node).lemma === "never"))) return [];
  // "spent *their whole lives*": where, another phrase says.
  if (isLength && rest === "" && !doing && object.role !== "reduced") return [];
  // "spent *decades* working out what the dances mean"
  const deed = object.role === "reduced" ? object.kids[1] : doing;
  const spent = isLength && deed ? nodeText(clause.sentence, deed) : "";
  const answer = spent
    ? nodeText(clause.sentence, doing ? object : object.kids[0]!)
    : own
      ? wordsText(clause.sentence, object.start, own.end)
      : nodeText(clause.sentence, withoutAside(object));
  const short = nodeText(clause.sentence, core);
  return [
    {
      type: "thing",
      id: factId("thing", clause.sentence, object.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, isLength ? "How long" : "What", [spent, rest].filter(Boolean).join(" ")),
      answer,
      answerNode: core,
      accepted: [...bareForms(answer), ...(short === answer ? [] : [short])],
      depth: "recall",
      // "What can the president sign?" – "The bill.": the source's own topic answers little.
      // "At last Odell *put down* the net": a gesture of a story.
      worth: (!own && object.f.det === "def" && object.end - object.start === 2 ? 0.7 : 1.2) - (analysis.sort === "story" && HANDLING.test(verb) ? 0.7 : 0),
      pattern: "what-object",
    },
  ];
}

/** "made a boat *out of skins*": of what says enough. */
function isMadeOutOf(object: Node, { verb, adjuncts, passive, sentence }: Clause): boolean {
  return verb.lemma === "make" && !passive && adjuncts.some(({ node }) => node.start === object.end && /^out of\b/i.test(nodeText(sentence, node)));
}

/** "enough energy *to light a room*": what it is enough for. */
function enoughTo(object: Node, { sentence, adjuncts, complements }: Clause): Node | undefined {
  if (!/^enough \p{L}+$/u.test(nodeText(sentence, object))) return undefined;
  return [...adjuncts, ...complements].map(({ node }) => node).find((node) => node.start === object.end && node.cat === "vp" && node.f.form === "to");
}

/** "In the story, what did Ruben *win*?": whoever has read it knows. */
const PRIZES = /^(?:win|find|lose|invent|discover|build|steal|earn|inherit|rescue)$/;

const notUnderstood = new WeakMap<readonly Sentence[], readonly Sentence[]>();

/** Whether a sentence that was not understood has the verb as well, in the same form. */
function isDoneElsewhere({ verb, sentence, subject }: Clause, { sentences }: Analysis): boolean {
  const doer = sentence.words[headTerminal(subject).start]!.lower;
  const said = new RegExp(`\\b(?:he|she|it|they|${literally(doer)}) ${literally(sentence.words[verb.start]!.lower)}\\b`, "i");
  const open = notUnderstood.get(sentences) ?? sentences.filter((other) => !other.tree && other.block.kind !== "heading");
  notUnderstood.set(sentences, open);
  return open.some((other) => said.test(other.text));
}

/** "wears *its* bones": its owner is the subject, which the question names. */
function isOwn(object: Node, phrasing: Phrasing): boolean {
  const possessor = object.role === "possessor" ? object.kids[0] : undefined;
  return (
    possessor?.cat === "poss" && /^(?:its|their)$/.test(possessor.lemma ?? "") && phrasing.clause.subject.f.det !== "pron" && object.end - object.start <= 4
  );
}

const HANDLING = /^(?:put|lay|set|pick|lift|drop|raise|hold|grab|grasp|seize|push|pull|shut|open|close)$/;
const HINTS =
  /^(?:hint|clue|chance|choice|problem|reason|answer|idea|solution|mistake|difference|plan|promise|warning|limit|advantage|disadvantage|example|remedy)$/;
