import { type Analysis, narratorOf, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { TIME_NOUNS, UNIQUE_NOUNS } from "../../language/data/noun-classes";
import { inflectVerb } from "../../language/inflect";
import { midSentence, nodeText, textWithoutAsides, withoutAside, wordsText } from "../../language/node-text";
import { KIN_NAMES } from "../../language/noun-gender";
import { ownerForm } from "../../language/owner-form";
import { paragraphPerson, solePerson } from "../../language/sole-person";
import { isWeather, ownerPronounOf, pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { BINDS_NOTHING, type Binder, binderOf, binderOfPronoun, findUnclear, type Unclear } from "./clear-reference";
import { isGapped, isOnlyJoined } from "./conjuncts";
import { isEachOfBefore } from "./each-of-before";
import { carriesOn, hangsOnAnother } from "./hangs-on-another";
import { comesOfDoing, isImagined } from "./is-imagined";
import { lacksObject } from "./lacks-object";
import { mayBeMisread } from "./may-be-misread";
import { mayBeSplit } from "./may-be-split";
import { nameInPassing } from "./name-in-passing";
import { isAnybody } from "./one-of-some";
import { opensWithCommand, opensWithDeed } from "./opens-with-deed";
import { ownerAgain } from "./owner-again";
import { phraseNarrator, phraseUs } from "./phrase-narrator";
import { preverbalAdverbs } from "./phrase-rest";
import { phraseVerb } from "./phrase-verb";
import { isOwnerAlone, isReducedPassive } from "./reduced-passive";
import { tellsListeners } from "./tells-listeners";
import { turnsTense } from "./turns-tense";
import { isUsedThenDefined } from "./used-then-defined";

/** A clause taken apart for writing: what a question or a statement is put together from. */
export type Phrasing = {
  clause: Clause;
  /** For the middle of a sentence, its pronoun resolved. */
  subject: string;
  binder: Binder;
  /** The finite auxiliary of a question: did, does, is, can, … */
  inverted: string;
  /** Everything between that auxiliary's subject and the complements: "not be seen", "design". */
  verbPhrase: string;
  /** The verb as the source has it: "could not see", "designed". */
  finite: string;
  /** "larger", "longer": compared with what is otherwise, which its condition tells. */
  compares?: true;
};

export type Unaskable = Unclear | "contracted" | "no-subject" | "no-sentence";

/** "*Last year* volunteers counted …": a time without its comma, read as part of who did it. */
const TIME_AHEAD =
  /^(?:last|next|this|that|every|each|one) (?:monday|tuesday|wednesday|thursday|friday|saturday|sunday|year|month|week|weekend|spring|summer|autumn|fall|winter|day|night|morning|afternoon|evening) \p{L}/iu;

export const SAID_BETWEEN = /, (?:he|she|they|I|\p{Lu}\p{L}+|the \p{Ll}+) (?:said|says|say|wrote|writes|argued|argues|claimed|thought|explained|added),/u;
const GAPPED = /\bin \d{4}, (?:and |but )?(?:[\p{L}'’-]+ ){1,4}in \d{4}\b/u;

/** What things do not do. */
const PERSONAL = new Set(
  "realise realize think know believe want hope decide ask say tell try promise refuse remember forget learn feel love hate like".split(" "),
);
const SAYING = new Set("say announce claim state note add conclude suggest reply".split(" "));

/** "Members of the council, *my* name is Tessa": those who are spoken to do nothing. */
const SPOKEN_TO = /, (?:my|our)\b/i;
const HAS_MODAL = /\b(?:can|could|will|would|may|might|must|should)\b/;

/** Parts of something that another sentence speaks of. */
const ENDS = new Set("end side half part edge face corner".split(" "));

/** Takes a clause apart, or says why it cannot be asked about. In an answer "the taste" is that of which the question speaks. */
export function phraseClause(clause: Clause, analysis: Analysis, isAnswer = false): Phrasing | Unaskable {
  const { sentence } = clause;
  // "Without a lawyer, *they said*, a poor person cannot have a fair trial": what somebody said, and when.
  if (SAID_BETWEEN.test(sentence.text)) return "points-elsewhere";
  // "Brazil issued stamps in 1843, the United States in 1847": the second verb is only thought, and may be read into the first.
  if (GAPPED.test(sentence.text)) return "points-elsewhere";
  // "In Asia a new order is taking shape, *Mr Berg said*": what he said stands in front.
  if (SAYING.has(clause.verb.lemma ?? "") && clause.verb.cat === "v" && !clause.passive && clause.complements.length === 0) return "points-elsewhere";
  // "Most people *look* for two minutes": at what?
  if (
    clause.verb.lemma === "look" &&
    clause.verb.cat === "v" &&
    clause.complements.length === 0 &&
    clause.adjuncts.every(({ node }) => node.f.time && headTerminal(node).lemma !== "spring")
  )
    return "points-elsewhere";
  if (isImagined(sentence, analysis) || comesOfDoing(sentence, analysis)) return "points-elsewhere";
  // "*One group* was tested in the evening. The other …": one of two that were told of together.
  const isOneOfTwo =
    /^one \p{Ll}+$/iu.test(nodeText(sentence, clause.subject)) && /^(?:the other|another)\b/i.test(analysis.sentences[sentence.index + 1]?.text ?? "");
  if (isOneOfTwo) return "points-elsewhere";
  // "Wolves and bears cannot *get in*": into what?
  if (clause.rank === "main" && clause.verb.lemma === "get" && /\bget(?:s|ting)? in$|\bgot in$/i.test(wordsText(sentence, clause.start, clause.end)))
    return "points-elsewhere";
  // "*Then come* eight digits": behind what was told of last.
  if (clause.verb.start < clause.subject.start && !clause.imperative && /^(?:then|next)\b/i.test(sentence.text)) return "points-elsewhere";
  // "You *now* have eight points": after what was just done. "I began *to look*": at what?
  if (/^you now (?:have|need)\b/i.test(sentence.text)) return "points-elsewhere";
  if (
    /^(?:begin|start)$/.test(clause.verb.lemma ?? "") &&
    clause.complements.some(({ node }) => /^to (?:look|notice|see|watch|listen|wonder|think)$/i.test(nodeText(sentence, node)))
  )
    return "points-elsewhere";
  // "I don't *mean* for talking in class": what is meant stands elsewhere.
  if (clause.verb.lemma === "mean" && headTerminal(clause.subject).cat === "pro" && clause.complements.length === 0) return "points-elsewhere";
  // "Most of the time you do not *notice*": what?
  if (/^(?:notice|realise|realize)$/.test(clause.verb.lemma ?? "") && !clause.passive && clause.complements.length === 0) return "points-elsewhere";
  // "The editors *refused*, because …", "The president may refuse *to sign*": what?
  const isToDo = /\bto (?:sign|accept|agree|answer|pay|say|do|take|give)$/i.test(wordsText(sentence, clause.start, clause.end));
  if (/^(?:refuse|agree|decline|accept)$/.test(clause.verb.lemma ?? "") && clause.verb.cat === "v" && !clause.passive && (saysNoMore(clause) || isToDo))
    return "points-elsewhere";
  if (
    carriesOn(clause, analysis.sentences[sentence.index - 1]) ||
    hangsOnAnother(clause) ||
    mayBeTwoWords(clause) ||
    mayBeMisread(clause) ||
    lacksObject(clause, analysis) ||
    turnsTense(clause)
  )
    return "points-elsewhere";
  // "With Japanese paper and paste *made of starch*.": no sentence, and nobody made anything.
  if (isReducedPassive(clause)) return "no-sentence";
  if (isGapped(clause) || isOwnerAlone(clause)) return "no-sentence";
  // "gold was common and salt *was not*": what was it not?
  const isElliptic = clause.verb.cat === "modal" || (clause.verb.cat === "do" && clause.complements.length === 0);
  if (isElliptic || clause.complements.some(({ role }) => role === "ellipsis")) return "points-elsewhere";
  // "*Look at the moon* every evening, and you will see": what would follow, and nothing to be done.
  if (clause.imperative && /, and (?:you|it|they|the \p{Ll}+) (?:will|can|may)\b/iu.test(sentence.text)) return "points-elsewhere";
  // "*Put bread into a toaster*, and two minutes later it is brown"
  const comesOfIt = sentence.clauses.some((other) => other.rank === "main" && !other.imperative && other.linkedBy === "and" && other.start >= clause.verb.end);
  if (clause.imperative && clause.rank === "main" && comesOfIt) return "points-elsewhere";
  // "*Step out of a warm shower*, and bumps spring up": only if one does.
  if (!clause.imperative && clause.linkedBy === "and" && clause.rank === "main" && sentence.clauses[0]?.imperative && sentence.clauses[0].rank === "main")
    return "points-elsewhere";
  // "*Only then do the judges* and citizens leave": no command to do judges.
  if (/^(?:only|not until|never|seldom|rarely|nor)\b/i.test(sentence.text) && sentence.clauses.some(({ imperative, verb }) => imperative && verb.cat === "do"))
    return "points-elsewhere";
  // "In nearly every car *sits one grown-up and one child*": asked with *does* they would be one.
  if (walkTree(clause.subject).some(({ role }) => role === "coordination") && clause.verb.start < clause.subject.start && clause.verb.flags?.[0] === "third")
    return "no-subject";
  // "*Let's* sit down": said by a writer to the readers.
  if (/^let[’']s\b/i.test(sentence.text)) return "first-person";
  // "Please put the bell on the list": what a writer asks of the council is nothing for the reader to do.
  if (clause.imperative) return analysis.sort === "opinion" && /^please\b/i.test(sentence.text) ? "points-elsewhere" : phraseCommand(clause);
  const node = withoutAside(clause.subject);
  const antecedent = analysis.antecedents.get(positionKey(sentence, clause.subject.start));
  const pronoun = pronounOf(clause.subject);
  if (isWeather(clause)) return phraseWeather(clause);
  if (clause.subject.cat === "there") return phraseExistence(clause);
  if (headTerminal(clause.subject).lemma === "i") return phraseNarrator(clause, analysis);
  const us = headTerminal(clause.subject).lemma === "we" ? phraseUs(clause, analysis) : undefined;
  if (us) return us;
  if (tellsListeners(clause)) return "first-person";
  const isLed = isOfLead(clause, analysis);
  const led = pronoun !== undefined && !antecedent && isLed;
  if (pronoun && !antecedent && !led) return "pronoun";
  // "*Nine of them* came. They wanted to vote": nine of whom?
  if (antecedent && /\bof (?:them|us|it)\b/.test(antecedent.text)) return "pronoun";
  const subjectNode = antecedent?.node ?? node;
  const home = antecedent?.sentence ?? sentence;
  // "which emperor had paid": a question in the sentence, no statement of it.
  if (walkTree(subjectNode).some((inner) => inner.cat === "det" && inner.flags?.includes("wh"))) return "no-subject";
  // "Not all bats eat insects", "Few boats came back": what is said of the rest?
  // "If *no relative* can be found, …": a condition says no more.
  const isInCondition =
    clause.rank === "adverbial" && /^(?:if|when)$/.test(sentence.words[clause.start - 1]?.lower ?? "") && /^no \p{L}/iu.test(nodeText(home, subjectNode));
  if (!isInCondition && walkTree(subjectNode).some((inner) => inner.cat === "det" && (inner.flags?.includes("neg") || inner.lemma === "few")))
    return "no-subject";
  // "*Almost none of the letters* is read": what is said of the rest?
  if (walkTree(subjectNode).some(({ cat, lemma }) => cat === "predet" && lemma === "none of")) return "no-subject";
  // "Such an explosion": one like what the sentence before told of.
  if (sentence.words[subjectNode.start]?.lower === "such" && home === sentence && analysis.led !== sentence) return "demonstrative";
  // "*while playing*": read as a while.
  if (/^(?:while|when|if|as) /i.test(nodeText(home, subjectNode))) return "no-subject";
  // "*The following* is a list": what follows is no part of the question.
  if (/^the (?:following|above|below|former|latter)$/i.test(nodeText(home, subjectNode))) return "demonstrative";
  // "*My name* is Lena Okoro": who speaks is named so in every question.
  if (/^my name$/i.test(nodeText(home, subjectNode))) return "first-person";
  // "*The word* comes from Swedish": which word?
  if (home === sentence && /^the (?:word|name|term|phrase|expression)$/i.test(nodeText(home, subjectNode))) return "definite-without-antecedent";
  // "A fourth protects the eggs": a fourth of what?
  if (subjectNode.role === "fraction") return "demonstrative";
  // "Nineteen came back": nineteen of what stands in another sentence.
  if (subjectNode.role === "number") return "demonstrative";
  // "*All three* may shrink": all three of what?
  if (/^(?:all|both|these|those)(?: (?:two|three|four|five|six))?$/i.test(nodeText(home, subjectNode))) return "demonstrative";
  // "Somebody has to pay": of nobody in particular there is nothing to ask.
  if (analysis.sort !== "story" && /^some(?:body|one|thing)$/i.test(nodeText(home, subjectNode))) return "demonstrative";
  // "*Every square centimeter* has to bear it", "*Each kind* moves down the list": of what?
  if (/^(?:every|each) (?:(?:square|cubic) \p{Ll}+|kind|sort|type|part|group)$/iu.test(nodeText(home, subjectNode))) return "demonstrative";
  // "carry raindrops upward again and again. *Each trip* adds a layer": each of what the sentence before told.
  if (isEachOfBefore(subjectNode, home, analysis)) return "demonstrative";
  // "The smallest ones": the smallest what?
  if (/^ones?$/.test(headTerminal(subjectNode).lemma ?? "") && !isAnybody(subjectNode, home)) return "demonstrative";
  // "All of these ideas fail. *One idea*, however, passes": one of those.
  if (
    home === sentence &&
    /^one (?:idea|reason|theory|explanation|answer|way|method|problem|side|plan|suggestion)$/i.test(nodeText(home, subjectNode)) &&
    (analysis.firstMention.get(headTerminal(subjectNode).lemma ?? "") ?? sentence.index) < sentence.index
  )
    return "demonstrative";
  // "One end carries the road": one end of what?
  if (
    subjectNode.role === "quantity" &&
    /^(?:one|two) /i.test(nodeText(home, subjectNode)) &&
    subjectNode.end - subjectNode.start === 2 &&
    ENDS.has(headTerminal(subjectNode).lemma ?? "")
  )
    return "demonstrative";
  // "*Kneading* stretches the net", "*Writing by hand* helps us to remember"
  const plainGerund = subjectNode.role === "gerund" && (subjectNode.end - subjectNode.start === 1 || opensWithDeed(clause, subjectNode));
  if (subjectNode.f.det === "clause" && !plainGerund && !/^whoever \p{L}+ /iu.test(nodeText(home, subjectNode))) return "no-subject";
  // "this slow rise and fall of the sea" says itself what it is; only the first word points back.
  if (mayBeSplit(clause)) return "no-subject";
  // "In the garden, *water plants* early in the morning": a command, read as what water does.
  if (clause.verb.lemma === "plant" && headTerminal(subjectNode).lemma === "water") return "no-subject";
  if (home === sentence && mayBeName(subjectNode) && PERSONAL.has(clause.verb.lemma ?? "")) return "no-subject";
  const describes = subjectNode.f.det === "dem" && subjectNode.role === "postmodifier" && subjectNode.kids[1]!.f.sub === "of";
  const passing = nameInPassing(clause.subject, sentence, analysis);
  const owned = passing ? undefined : ownersName(subjectNode, home, analysis);
  const name = passing ?? owned;
  // "*Its name* comes from Arabic": whose, the sentence before tells.
  const owner = isLed && !passing && !owned ? ownerPronounOf(subjectNode) : undefined;
  const unclear =
    name || led || owner || isUsedThenDefined(clause, analysis) ? undefined : findUnclear(describes ? subjectNode.kids[1]! : subjectNode, home, analysis);
  if (unclear && !(isAnswer && /^(?:definite-without-antecedent|pronoun)$/.test(unclear))) return unclear;
  // "A gull lived on a cliff": whoever has read the story knows which.
  const isToldOf =
    analysis.sort === "story" &&
    !name &&
    !pronoun &&
    subjectNode.f.det === "indef" &&
    [clause.verb, ...clause.auxiliaries].some((part) => part.flags?.includes("past"));
  // "*Even* unborn babies yawn": unborn babies do.
  const subject = (name ?? antecedent?.text ?? midSentence(sentence, node, textWithoutAsides(sentence, node)))
    .replace(describes ? /^th(?:is|ese) / : isToldOf ? /(?<=^|, |\b(?:and|or) )an? /g : /^$/, "the ")
    // "Only trained men could tie them. *They* were called …": the men were.
    .replace(antecedent ? /^(?:even|only) (?=\p{Ll})/u : /^even (?=\p{Ll})/u, "");
  // "*Whoever* wants to fish needs two papers": who needs them, and nobody of that name.
  if (/^(?:who|what|which)ever$/i.test(subject)) return "no-subject";
  if (SPOKEN_TO.test(nodeText(home, subjectNode))) return "first-person";
  // "limit foods that are known to": the phrase was torn from what follows.
  if (/\s(?:to|of|the|an?|and|or|than)$/.test(subject)) return "no-subject";
  // "*Put rare items* in one place": read as items that were put.
  if (subjectNode.start === 0 && opensWithCommand(clause)) return "no-subject";
  // "the belief that … does not appear": two verbs are no subject.
  if (/\b(?:do|does|did) not\b/.test(subject) && !/^[^,]*\b(?:that|which|who) (?:do|does|did) not\b/.test(subject)) return "no-subject";
  // "*a will* must be in writing": a paper, and no verb.
  if (
    HAS_MODAL.test(subject.replace(/\b(?:an?|the|his|her|this|every|(?:valid|new|newest|old|older)) (?:will|can)\b/g, "")) &&
    !/\b(?:that|wh\p{Ll}+|how)\b/u.test(subject)
  )
    return "no-subject";
  // "Dear Editor, your paper reported …": said to somebody, and not to whoever reads it now.
  if (analysis.sort === "opinion" && /^your\b/i.test(subject)) return "first-person";
  // "Twenty minutes with a book every evening helps": a time does nothing.
  if (subjectNode.f.det === "quant" && TIME_NOUNS.has(headTerminal(subjectNode).lemma ?? "") && /^(?:every|each)\b/i.test(subject)) return "no-subject";
  // "In winter only *two or three times*, when the boats come home": a number of times does nothing.
  if (TIME_AHEAD.test(subject) || (headTerminal(subjectNode).lemma === "time" && subjectNode.role === "quantity")) return "no-subject";
  // A comma inside means something said in passing; taken along it would need both its commas.
  if (subject.includes(",") && subjectNode.role !== "coordination" && !commasOnlyPartAdjectives(subjectNode)) return "no-subject";
  const verb = phraseVerb(clause);
  if (!verb || (clause.negated && preverbalAdverbs(clause) !== "")) return "contracted";
  if (owner) return { clause, subject, binder: BINDS_NOTHING, ...verb };
  const binder = led ? binderOfPronoun(pronoun) : binderOf(subjectNode, subject, analysis);
  const named = owned && ownerPronounOf(subjectNode);
  return { clause, subject, binder: named === "she" || named === "he" ? { ...binder, owner: named } : binder, ...verb };
}

/** Nothing that the verb is about: no object, no phrase of its own and no to. */
function saysNoMore({ complements, adjuncts, verb }: Clause): boolean {
  const says = ({ node }: { node: Node }) =>
    node.start >= verb.end && !node.f.time && (/^(?:pp|vp)$/.test(node.cat) || /^(?:before|after|if|when|unless)$/.test(reasonNode(node).f.sub ?? ""));
  return verb.flags?.[0] === "past" && complements.length === 0 && !adjuncts.some(says);
}

/** The sentence before stands quoted in the question: what opens this one is clear beside it. */
function isOfLead({ sentence, subject }: Clause, { led }: Analysis): boolean {
  return led === sentence && sentence.clauses.find(({ rank }) => rank === "main")?.subject === subject;
}

/** "*Fury* realizes that …": one thing that opens a sentence without an article. */
function mayBeName(subject: Node): boolean {
  const { flags, lemma = "" } = headTerminal(subject);
  const isBare = subject.f.det === "bare" && subject.start === 0 && subject.end === 1 && (flags?.[0] === "sg" || flags?.[0] === "any");
  return isBare && !KIN_NAMES.has(lemma) && !UNIQUE_NOUNS.has(lemma);
}

/** "makes *the flame smoke*": a thing made, or a thing that is made to do something? */
function mayBeTwoWords({ verb, complements, sentence }: Clause): boolean {
  if (!/^(?:make|let|see|hear|watch|help|have)$/.test(verb.lemma ?? "")) return false;
  return complements.some(
    ({ role, node }) =>
      role === "object" &&
      walkTree(node).some((inner) => inner.role === "compound") &&
      sentence.words[node.end - 1]!.candidates.some((tag) => tag.cat === "v" && tag.flags?.[0] === "base" && tag.cost < 3),
  );
}

/** "warm, moist air" */
function commasOnlyPartAdjectives(np: Node): boolean {
  return !walkTree(np).some((node) => /^c-|-c$/.test(node.cat) && node.cat !== "c-ap");
}

/** "Her father ground lenses", where the source has one woman only: Marta Selwyn's father. */
function ownersName(subject: Node, sentence: Sentence, analysis: Analysis): string | undefined {
  // "*Her* love of mathematics"
  const owned = subject.role === "postmodifier" && subject.kids[1]?.f.sub === "of" ? subject.kids[0]! : subject;
  const owner = owned.role === "possessor" && owned.kids[0]?.cat === "poss" ? owned.kids[0].lemma : undefined;
  const [, rest] = /^\S+ (.+)$/s.exec(nodeText(sentence, subject)) ?? [];
  if (!owner || !rest || /\b(?:he|she|his|her|him)\b/i.test(rest)) return undefined;
  const name = analysis.owners.get(positionKey(sentence, subject.start))?.text ?? ownerNamed(owner, sentence, analysis);
  return name && `${ownerForm(name, analysis.sentences)} ${rest}`;
}

function ownerNamed(owner: string, sentence: Sentence, analysis: Analysis): string | undefined {
  if (owner === "my") return narratorOf(sentence, analysis);
  if (owner !== "her" && owner !== "his") return undefined;
  const pronoun = owner === "her" ? "she" : "he";
  return (
    solePerson(pronoun, analysis.persons, sentence, analysis.sentences[sentence.index - 1], analysis.lexicon, true) ??
    paragraphPerson(pronoun, analysis.persons, sentence, analysis.sentences, analysis.lexicon)
  );
}

/** "it rains": the it is part of the verb. */
function phraseWeather(clause: Clause): Phrasing | Unaskable {
  const verb = phraseVerb(clause);
  return verb ? { clause, subject: "it", binder: { num: "sg", human: false }, ...verb } : "contracted";
}

/** "There were no trees on the island": what there is stands behind the verb. */
function phraseExistence(clause: Clause): Phrasing | Unaskable {
  const verb = phraseVerb(clause);
  const what = clause.complements.find((part) => part.role === "predicate" && part.node.cat === "np")?.node;
  // "there are *538*": of what?
  if (what?.role === "number") return "demonstrative";
  return verb && what ? { clause, subject: "there", binder: { num: what.f.num ?? "any", human: false }, ...verb } : "no-subject";
}

/** "Leave a tail": why should you leave a tail? */
function phraseCommand(clause: Clause): Phrasing | Unaskable {
  // "Do not correct the speaker"
  const isForbidden = clause.negated && clause.auxiliaries.every(({ cat }) => cat === "do");
  if (((clause.negated || clause.auxiliaries.length > 0) && !isForbidden) || isOnlyJoined(clause)) return "contracted";
  if (clause.verb.cat !== "v") return "contracted";
  // "On the inside of each lobe *stand three hairs*": they do, and nobody is to stand them there.
  const isAhead = clause.adjuncts.some(({ node }) => node.start === 0 && node.cat === "pp" && node.end <= clause.verb.start);
  if (isAhead && /^(?:stand|lie|sit|hang|live|grow|lead|run|begin|rise)$/.test(clause.verb.lemma ?? "")) return "points-elsewhere";
  const base = `${isForbidden ? "not " : ""}${clause.verb.lemma ?? ""}`;
  return { clause, subject: "you", binder: { num: "any", human: false, told: true }, inverted: "should", verbPhrase: base, finite: `should ${base}` };
}

/** "Why" + did + subject + verb + rest + "?" */
export function askClause(phrasing: Phrasing, wh: string, rest: string): string {
  const adverbs = preverbalAdverbs(phrasing.clause);
  const told = ownerAgain(phrasing.subject, rest, phrasing.clause);
  return `${[wh, phrasing.inverted, phrasing.subject, adverbs, phrasing.verbPhrase, told].filter(Boolean).join(" ")}?`.replace(/ ,/g, ",");
}

/** "Who" or "What" + the verb phrase itself, for questions about the subject; singular as *who* and *what* are. */
export function askSubject(phrasing: Phrasing, wh: string, rest: string): string {
  const { clause } = phrasing;
  const [first] = clause.auxiliaries;
  let finite = phrasing.finite;
  if (first?.flags?.[0] === "plain" || (!first && clause.verb.flags?.[0] === "plain")) {
    finite = singularFinite(clause, finite);
  }
  const adverbs = preverbalAdverbs(clause);
  const verb = !adverbs ? finite : first ? finite.replace(/^(\S+)/, `$1 ${adverbs}`) : `${adverbs} ${finite}`;
  return `${[wh, verb, rest].filter(Boolean).join(" ")}?`.replace(/ ,/g, ",");
}

function singularFinite(clause: Clause, finite: string): string {
  const [word, ...more] = finite.split(" ") as [string, ...string[]];
  const singular = ({ are: "is", were: "was", have: "has", do: "does" } as Record<string, string>)[word] ?? inflectVerb(clause.verb.lemma ?? word, "third");
  return [singular, ...more].join(" ");
}

/** "had *never* burned", "was *never* lit", "*never* burned"; "soda *alone* would" belongs to the soda. */
function withAdverbs({ finite, clause }: Phrasing, adverbs: string): string {
  if (!adverbs) return finite;
  if (adverbs === "alone") return `${adverbs} ${finite}`;
  if (clause.auxiliaries.length > 0 || /^should /.test(finite)) return finite.replace(/^(\S+)/, `$1 ${adverbs}`);
  return clause.verb.cat === "be" ? `${finite} ${adverbs}` : `${adverbs} ${finite}`;
}

/** The clause as a plain statement without a full stop: subject, verb, rest. */
export function stateClause(phrasing: Phrasing, rest: string): string {
  const adverbs = preverbalAdverbs(phrasing.clause);
  return [phrasing.subject, withAdverbs(phrasing, adverbs), ownerAgain(phrasing.subject, rest, phrasing.clause)].filter(Boolean).join(" ").replace(/ ,/g, ",");
}
