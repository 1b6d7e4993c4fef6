import { type Analysis, narratorOf, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { landOf } from "../../language/data/countries";
import { PERSON_TITLES, THIN_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun, mayNamePerson } from "../../language/find-persons";
import { inflectVerb } from "../../language/inflect";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeText, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askSubject, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { isContrast } from "../phrasing/left-out";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear } from "./find-cause";
import { fullName, letterBeside } from "./full-name";
import { isPeople } from "./is-people";
import { LIGHT_VERBS, saysEnough } from "./light-verbs";

/** Verbs whose doer is worth asking for even where it is a thing. */
export const CAUSING_VERBS = new Set(
  "cause produce replace power drive protect prevent create form damage destroy weaken connect measure carry pull push bend absorb release warn guide control".split(
    " ",
  ),
);

/** Verbs whose doer is asked for beside what it is done to. */
const CHANGING_VERBS = new Set("wake turn melt warm heat cool kill attract feed clean lift".split(" "));

/** Who or what does it: "*Augustin Fresnel* designed a new kind of lens." */
export function findDoer(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const node = coreOf(clause.subject);
  if (
    clause.imperative ||
    clause.shared ||
    clause.passive ||
    clause.negated ||
    clause.verb.cat !== "v" ||
    clause.linkedBy === "so" ||
    givesReason(clause) ||
    clause.complements.some((part) => hasNo(part.node)) ||
    // "wrote *about nothing else*"
    clause.adjuncts.some(({ node }) => node.cat === "pp" && hasNo(node))
  )
    return [];
  // "Who counted?" – "The writer": nobody needs the text for that.
  if (phrasing.subject === narratorOf(clause.sentence, analysis)) return [];
  // "A wall called the septum separates …": the name is asked for, not the wall.
  const isCalled = clause.subject.role === "reduced" && /\bcalled\b/.test(nodeText(clause.sentence, clause.subject));
  if (isCalled && !analysis.persons.has(phrasing.subject)) return [];
  const isGroup = GROUPS.has(headTerminal(node).lemma ?? "") || (isPeople(node) && node.f.num !== "sg");
  // "an English doctor *named Thomas Young*"
  const hasName = node.f.det === "indef" && analysis.persons.has(phrasing.subject);
  // "*A clerk* writes down every word": whose work it is.
  const isRole =
    phrasing.binder.human && analysis.sort === "expository" && node.end - node.start <= 3 && isOfAlways(clause) && clause.verb.end - clause.start <= 5;
  // "*Both parents* sit on the eggs"
  const isBoth = /^both \p{Ll}+$/iu.test(phrasing.subject);
  // "*Supermarkets* sell bananas at a loss", "*A council* asks the residents first": those who run them do.
  const isFirm = isGroup || (FIRMS.test(headTerminal(node).lemma ?? "") && DEALING.test(clause.verb.lemma ?? ""));
  const isAnyFirm = isFirm && (clause.verb.flags?.[0] === "third" || node.f.det === "bare");
  const human = (phrasing.binder.human || isFirm) && (node.f.det !== "indef" || hasName || isRole || isAnyFirm) && (node.f.det !== "quant" || isBoth);
  // "*Sweden* issued the first paper money"
  const land = clause.verb.lemma === "be" ? undefined : landOf(phrasing.subject);
  const thing =
    land !== undefined ||
    (!phrasing.binder.human &&
      (headTerminal(node).cat === "n" ? node.f.det !== "def" || node.end - node.start >= 4 : isThingName(node, analysis)) &&
      node.f.det !== "poss" &&
      node.f.det !== "quant" &&
      node.f.det !== "num" &&
      node.f.det !== "pron");
  if ((!human && !thing) || (human && (clause.verb.lemma === "mean" || HOLDING.has(clause.verb.lemma ?? "")))) return [];
  // "Newspapers *laughed* at him": those who write them did, and *what* asks for none of them.
  if (thing && /^(?:laugh|mock|smile|joke|complain|apologi[sz]e|praise|scold)$/.test(clause.verb.lemma ?? "")) return [];
  // "The brothers *all* played": who all did?
  if (/\b(?:all|both|each)\b/.test(preverbalAdverbs(clause))) return [];
  // In a question about the doer nothing may point to the doer: "who … believe her?"
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis);
  if (
    isUnclear(rest) ||
    rest.split(" ").length < (thing && changesThing(clause) ? 2 : 3) ||
    (thing && LIGHT_VERBS.has(clause.verb.lemma ?? "") && !saysEnough(clause)) ||
    !isWhole(rest)
  )
    return [];
  const head = headTerminal(node);
  if (head.cat === "n" && (THIN_NOUNS.has(head.lemma ?? "") || /^(?:majority|minority|rest)$/.test(head.lemma ?? ""))) return [];
  // "*Operators* typed them": somebody, or a machine.
  const isEither = /(?<!^lett|^comput)(?:er|or)$/.test(head.lemma ?? "") && head.cat === "n" && mayNamePerson(head.lemma ?? "", analysis.lexicon);
  // "*Different* houses attracted *different* customers"
  if (/\bdifferent\b/i.test(phrasing.subject) && /\bdifferent\b/.test(rest)) return [];
  // "What defends *themselves*?", "the water above *them*"
  if (
    /\b(?:themselves|itself|each other|one another)\b|\b(?:above|below|behind|around|with|before|after|inside|near|beside|over|under|between|among|in) (?:them|it|him|her)\b/.test(
      rest,
    )
  )
    return [];
  // "Young fish hide among the blades, snails graze, and crabs hunt", read as one long list of things.
  if (node.role === "coordination" && node.end - node.start > LONGEST_LIST) return [];
  const name = fullName(clause.subject, phrasing, analysis);
  // "*Supporters* answer that …": of what, the text says elsewhere.
  if (
    /^(?:supporters|opponents|critics|others|many|some|experts|researchers|scientists)$/i.test(name) &&
    clause.complements.some(({ node }) => node.cat === "cs")
  )
    return [];
  const naming = head.cat === "pro" ? namingSentence(name, clause.sentence, analysis) : undefined;
  return [
    {
      ...(naming ? { support: [naming] } : {}),
      type: human ? "person" : "thing",
      id: factId("person", clause.sentence, clause.subject.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askSubject(phrasing, land ? `Which ${land}` : human ? "Who" : isEither ? "Who or what" : "What", rest),
      answer: name,
      answerNode: node,
      accepted: [
        ...(human && name.includes(" ") && head.cat === "pn" ? [name.split(" ").at(-1)!] : []),
        ...bareForms(name),
        ...[letterBeside(clause.subject, clause.sentence) ?? []].flat(),
      ],
      depth: "recall",
      // In a story everybody knows who does nearly all of it.
      worth:
        analysis.sort === "story"
          ? 0.4
          : land || (human && head.cat === "pn")
            ? 1.8
            : thing && (CAUSING_VERBS.has(clause.verb.lemma ?? "") || CHANGING_VERBS.has(clause.verb.lemma ?? ""))
              ? 2
              : 0.6,
      pattern: human ? "who-did" : "what-did",
    },
  ];
}

/** "Water *wakes the seed*" */
function changesThing({ verb, complements }: Clause): boolean {
  return (CAUSING_VERBS.has(verb.lemma ?? "") || CHANGING_VERBS.has(verb.lemma ?? "")) && complements[0]?.role === "object";
}

/** What somebody does as a rule, and not once. */
function isOfAlways({ auxiliaries, verb, adjuncts, subject }: Clause): boolean {
  return auxiliaries.length === 0 && verb.flags?.[0] === "third" && !adjuncts.some(({ node }) => node.end <= subject.start);
}

/** Where a pronoun stands in the sentence, the last one before it that says the name proves who is meant. */
function namingSentence(name: string, sentence: Sentence, { sentences, persons }: Analysis): Sentence | undefined {
  if (!persons.has(name)) return undefined;
  const parts = name.split(" ").filter((part) => part.length > 2);
  for (let at = sentence.index - 1; at >= Math.max(0, sentence.index - FAR); at--) {
    const other = sentences[at]!;
    if (other.block.kind !== "heading" && parts.some((part) => other.text.includes(part))) return other;
  }
  return undefined;
}

/** Sentences back, at most, to the one that names somebody. */
const FAR = 60;

/** Words of a coordinated subject that is still a list of things. */
const LONGEST_LIST = 10;
export const HOLDING = new Set("include contain comprise have feature".split(" "));

/** "What …, because …" asks for the smaller half of what the sentence says. */
export function givesReason(clause: Clause): boolean {
  return clause.adjuncts.some(({ node }) => node.cat.includes("sb") && !isContrast(node));
}

export function hasNo(np: Node): boolean {
  return walkTree(np).some((node) => node.flags?.includes("neg"));
}

/** What a passive names with *by*: "the tide is caused mainly *by the moon*". */
export function findAgent(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => node.cat === "pp" && !node.f.time && node.kids[0]?.lemma === "by" && node.kids[1]?.cat === "np");
  // "is called *death by natural causes*"
  if (clause.complements.some(({ role, node }) => role === "object2" && node.end === part?.node.start)) return [];
  // "had been sewn by women"
  const isBefore = clause.auxiliaries.length === 2 && clause.auxiliaries[0]!.cat === "have";
  if (!part || !clause.passive || !(isBefore || clause.auxiliaries.length === 1) || (clause.shared && !standsAlone(clause)) || clause.negated) return [];
  // "was punished by death": how, and by nobody.
  if (clause.verb.lemma === "punish" && headTerminal(part.node).lemma === "death") return [];
  const doer = withoutAside(part.node.kids[1]!);
  // "in territory under control *by foreign forces*": theirs is the control.
  const held = clause.adjuncts.find(({ node }) => node.cat === "pp" && node.end === part.node.start)?.node;
  if (held && isDeed(headTerminal(held).lemma ?? "", analysis)) return [];
  // "was chosen *by the end of the month*": when.
  if (/^the (?:end|start|beginning|middle|close|turn) of\b/i.test(nodeText(clause.sentence, doer))) return [];
  // "are chosen *by vote*", "sent *by train*": how, and by nobody.
  if (doer.f.det === "bare" && headTerminal(doer).flags?.[0] === "sg" && doer.f.num === "sg") return [];
  // "was moved *by gravity alone*"
  // "was followed *by men with daggers*"
  if (clause.adjuncts.some(({ node }) => node.start === part.node.end && node.cat === "pp" && node.f.sub === "with")) return [];
  const alone = clause.adjuncts.find(({ node }) => node.start === part.node.end && headTerminal(node).lemma === "alone")?.node;
  // "by a foundation *in Denmark*": where it is, and not where it is done.
  const isThing = doer.f.det === "indef" && !isPersonNoun(headTerminal(doer).lemma ?? "", analysis.lexicon);
  const home = isThing
    ? clause.adjuncts.find(
        ({ node }) => reasonNode(node).start === part.node.end && !reasonNode(node).f.time && /^(?:in|from|at|near)$/.test(reasonNode(node).f.sub ?? ""),
      )?.node
    : undefined;
  const rest = phraseRest(phrasing, analysis, [part.node, ...(alone ? [alone] : []), ...(home ? [home] : [])]);
  if (
    isUnclear(rest) ||
    doer.f.time ||
    (doer.f.det === "num" && !isOne(doer, clause.sentence, analysis)) ||
    findUnclear(doer, clause.sentence, analysis, phrasing.binder)
  )
    return [];
  const past = clause.auxiliaries[0]!.flags?.includes("past");
  const lemma = clause.verb.flags?.includes("do") ? "do" : (clause.verb.lemma ?? "");
  const finite = isBefore ? `${past ? "had" : "has"} ${inflectVerb(lemma, "participle")}` : inflectVerb(lemma, past ? "past" : "third");
  // "by an English doctor, *Edward Jenner*": by his name.
  const whole = part.node.kids[1]!;
  const person = whole.role === "apposition" ? fullName(whole, phrasing, analysis) : undefined;
  const named = person && analysis.persons.has(person) ? person : nodeText(clause.sentence, doer);
  const answer = home ? wordsText(clause.sentence, doer.start, withoutAside(home.kids[1] ?? home).end) : named;
  const land = landOf(answer);
  // "a letter was paid *for* by …": who paid for a letter?
  const stranded = clause.complements.find(({ role, node }) => role === "particle" && node.cat === "prep")?.node.lemma ?? "";
  const after = stranded ? rest.slice(stranded.length).trim() : rest;
  const isHow = /^\w+ly$/.test(after);
  // "are held in place by *their neighbours*": whose, the question asks as well.
  if (/^(?:their|its)\b/i.test(answer)) return [];
  const human =
    analysis.persons.has(answer) ||
    // "a bell founder called Jakob Wynn"
    analysis.persons.has(/(?:\p{Lu}[\p{L}'’-]+ )+\p{Lu}[\p{L}'’-]+$/u.exec(answer)?.[0] ?? "") ||
    isPersonNoun(headTerminal(doer).lemma ?? "", analysis.lexicon) ||
    isPeople(doer) ||
    GROUPS.has(headTerminal(doer).lemma ?? "") ||
    // "was hired by *a laboratory*": by people who work there.
    /^(?:hire|employ|arrest|invite|elect|appoint|dismiss|fine|sue)$/.test(clause.verb.lemma ?? "") ||
    (/^(?:pay|own|run|fund|manage|govern)$/.test(clause.verb.lemma ?? "") && RUN_BY_PEOPLE.test(headTerminal(doer).lemma ?? "")) ||
    hasTitle(answer);
  return [
    {
      type: human ? "person" : "thing",
      id: factId("thing", clause.sentence, doer.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `${[land ? `Which ${land}` : human ? "Who" : isUnknownName(doer, analysis) ? "Who or what" : "What", preverbalAdverbs(clause), isHow ? `${after} ${finite}` : finite, stranded, phrasing.subject, isHow ? "" : after].filter(Boolean).join(" ").replace(/ ,/g, ",")}?`,
      answer,
      answerNode: coreOf(doer),
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2,
      pattern: "passive-by",
    },
  ];
}

/** Who owns the mine? The state. */
const RUN_BY_PEOPLE = /^(?:county|town|city|state|council|company|bank|school|church|club|government|museum|university|charity)$/;

/** "Small cases are heard by *one judge*" */
function isOne(np: Node, sentence: Sentence, { lexicon }: Analysis): boolean {
  return /^one \p{Ll}+$/u.test(nodeText(sentence, np)) && isPersonNoun(headTerminal(np).lemma ?? "", lexicon);
}

/** Something done or said. */
function isDeed(noun: string, { lexicon }: Analysis): boolean {
  const file = fileOf(noun, lexicon);
  return file === NounFile.act || file === NounFile.communication;
}

/** Of these one asks *who*, though the dictionary has them as groups. */
const GROUPS = new Set("army troop mob gang crowd force tribe police government council crew team committee parliament".split(" "));

/** Houses and firms, for those who run them, and what they do. */
const FIRMS = /^(?:supermarket|shop|store|company|firm|bank|bakery|factory|restaurant|museum|library|newspaper|hospital|school|airline|hotel)$/;
const DEALING = /^(?:ask|sell|buy|charge|offer|hire|pay|lend|order|borrow|refuse|promise|advertise|employ|invite|demand)$/;

/** "the 1848 Gold Rush", "the Great Council": a name that is no person's. */
function isThingName(node: Node, { lexicon }: Analysis): boolean {
  const lemma = (headTerminal(node).lemma ?? "").toLowerCase();
  const isNoun = (lexicon.findWord(lemma)?.noun ?? 0) > 0;
  return node.f.det === "def" && node.f.num !== "pl" && isNoun && !isPersonNoun(lemma, lexicon);
}

/** Neither a place nor a thing that the dictionary knows: "by Napoleon", "by the Beothuk". */
function isUnknownName(np: Node, { lexicon }: Analysis): boolean {
  const head = headTerminal(np);
  const name = head.lemma ?? "";
  if (np.f.det === "proper" && head.cat === "pn") return !head.flags?.includes("quoted") && lexicon.nameKind(name) !== "place";
  return head.cat === "pn" && !head.flags?.includes("quoted") && lexicon.nameKind(name) !== "place" && (lexicon.findWord(name.toLowerCase())?.noun ?? 0) === 0;
}

/** "General Stroessner" */
function hasTitle(name: string): boolean {
  return (
    PERSON_TITLES.has(name.split(" ")[0]!.toLowerCase()) || /^(?:General|Colonel|Admiral|Emperor|Empress|Pope|Bishop|Baron|Duke|Earl|Count) \p{Lu}/u.test(name)
  );
}

/** "an electric motor" is also right without its article. */
export function bareForms(answer: string): string[] {
  const bare = answer.replace(/^(?:an?|the) /i, "");
  return bare === answer ? [] : [bare];
}

/** A stem that ends in a preposition or conjunction lost something. */
export function isWhole(rest: string): boolean {
  return !/\b(?:and|or|of|to|with|by|in|on|at|for|from|than|as)$/.test(rest);
}
