import { type Analysis, narratorOf, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { PERSON_TITLES, THIN_NOUNS, TIME_NOUNS, UNIQUE_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { inflectVerb } from "../../language/inflect";
import { fileOf, NounFile } from "../../language/lexicon";
import { nodeText, stripAsides, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import { askClause, askSubject, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { mayBeDeeds } from "../phrasing/conjuncts";
import { ownsOfClauseAhead } from "../phrasing/owns-of-ahead";
import { isContrast, phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { doesSoToMore, IDIOMS, isOfThings, isTornFromSubject, mayBelongBehind, ownPhrase, PARTS_OF_VERBS } from "./belongs-to-object";
import { type Fact, factId } from "./fact";
import { isUnclear } from "./find-cause";
import { takesInfinitive } from "./find-purpose";
import { fullName } from "./full-name";
import { isNeeded, LIGHT_VERBS, saysEnough } from "./light-verbs";

/** Verbs that say enough where the rest of the question does. */
const GREY_VERBS = new Set("include contain comprise use find show give hold bring leave reach need put throw".split(" "));
const ENOUGH_WORDS = 5;

/** Verbs whose doer is worth asking for even where it is a thing. */
const CAUSING_VERBS = new Set(
  "cause produce replace power drive protect prevent create form damage destroy weaken connect measure carry pull push bend absorb release warn guide control".split(
    " ",
  ),
);

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
  if (clause.subject.role === "reduced" && /\bcalled\b/.test(nodeText(clause.sentence, clause.subject))) return [];
  const isGroup = GROUPS.has(headTerminal(node).lemma ?? "") || (isPeople(node) && node.f.num !== "sg");
  // "an English doctor *named Thomas Young*"
  const hasName = node.f.det === "indef" && analysis.persons.has(phrasing.subject);
  // "*A clerk* writes down every word": whose work it is.
  const isRole =
    phrasing.binder.human && analysis.sort === "expository" && node.end - node.start <= 3 && isOfAlways(clause) && clause.verb.end - clause.start <= 5;
  const human = (phrasing.binder.human || isGroup) && (node.f.det !== "indef" || hasName || isRole) && node.f.det !== "quant";
  const thing =
    !phrasing.binder.human &&
    (headTerminal(node).cat === "n" ? node.f.det !== "def" || node.end - node.start >= 4 : isThingName(node, analysis)) &&
    node.f.det !== "poss" &&
    node.f.det !== "quant" &&
    node.f.det !== "num" &&
    node.f.det !== "pron";
  if ((!human && !thing) || (human && (clause.verb.lemma === "mean" || HOLDING.has(clause.verb.lemma ?? "")))) return [];
  // "Newspapers *laughed* at him": those who write them did, and *what* asks for none of them.
  if (thing && /^(?:laugh|mock|smile|joke|complain|apologi[sz]e|praise|scold)$/.test(clause.verb.lemma ?? "")) return [];
  // "The brothers *all* played": who all did?
  if (/\b(?:all|both|each)\b/.test(preverbalAdverbs(clause))) return [];
  // In a question about the doer nothing may point to the doer: "who … believe her?"
  const rest = phraseRest({ ...phrasing, binder: BINDS_NOTHING }, analysis);
  if (isUnclear(rest) || rest.split(" ").length < 3 || (thing && LIGHT_VERBS.has(clause.verb.lemma ?? "") && !saysEnough(clause)) || !isWhole(rest)) return [];
  const head = headTerminal(node);
  if (head.cat === "n" && THIN_NOUNS.has(head.lemma ?? "")) return [];
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
  const naming = head.cat === "pro" ? namingSentence(name, clause.sentence, analysis) : undefined;
  return [
    {
      ...(naming ? { support: [naming] } : {}),
      type: human ? "person" : "thing",
      id: factId("person", clause.sentence, clause.subject.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askSubject(phrasing, human ? "Who" : "What", rest),
      answer: name,
      answerNode: node,
      accepted: [...(human && name.includes(" ") && head.cat === "pn" ? [name.split(" ").at(-1)!] : []), ...bareForms(name)],
      depth: "recall",
      // In a story everybody knows who does nearly all of it.
      worth: analysis.sort === "story" ? 0.4 : human && head.cat === "pn" ? 1.8 : thing && CAUSING_VERBS.has(clause.verb.lemma ?? "") ? 2 : 0.6,
      pattern: human ? "who-did" : "what-did",
    },
  ];
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
const HOLDING = new Set("include contain comprise have feature".split(" "));
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
    (LIGHT_VERBS.has(clause.verb.lemma ?? "") && !GREY_VERBS.has(clause.verb.lemma ?? "") && !particle) ||
    clause.verb.cat !== "v"
  )
    return [];
  const core = coreOf(object);
  const head = headTerminal(core);
  if (
    object.f.det === "pron" ||
    object.f.det === "num" ||
    object.f.det === "clause" ||
    (object.f.det === "poss" && !isOwn(object, phrasing)) ||
    object.f.det === "quant" ||
    head.cat !== "n" ||
    THIN_NOUNS.has(head.lemma ?? "")
  )
    return [];
  // "worked *nights* at the hospital": when.
  if (TIME_NOUNS.has(head.lemma ?? "") && object.f.det === "bare" && clause.verb.lemma === "work") return [];
  // "offers *one of three things*: …": which stands behind the colon.
  if (isOfThings(nodeText(clause.sentence, object))) return [];
  // "follow suit", "set sail": one thing without an article is a part of what the verb says.
  if (object.f.det === "bare" && object.f.num !== "pl" && object.end - object.start === 1 && PARTS_OF_VERBS.test(head.lemma ?? "")) return [];
  // "put on *a show*", "takes up *space*": idioms.
  if (particle && IDIOMS.test(head.lemma ?? "")) return [];
  // "discovered the same trick": the same as whose?
  if (walkTree(object).some(({ flags }) => flags?.includes("same"))) return [];
  if (isPersonNoun(head.lemma ?? "", analysis.lexicon) || findUnclear(stripAsides(object), clause.sentence, analysis, phrasing.binder)) return [];
  // "reach even the trees": what is surprising, and not what is asked.
  if (/^(?:even|only|just)\b/i.test(nodeText(clause.sentence, object)) || mayBeDeeds(object, clause)) return [];
  // "would only block the lines": what it does not do is meant.
  if (takesInfinitive(clause, object) || /\bonly\b/.test(preverbalAdverbs(clause))) return [];
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
  const own = ownPhrase(object, clause, analysis);
  // "Hang the box *between two and four metres* above the ground": where, and which box it is not.
  if (own?.f.sub === "between" && walkTree(own).some(({ cat }) => cat === "num")) return [];
  if (own && findUnclear(own, clause.sentence, analysis, phrasing.binder)) return [];
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
        ? ENOUGH_WORDS
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
  if (/^(?:a number of|a lot of|one of)\b/i.test(phrasing.subject)) return [];
  const isOpen = !isUnclear(rest) && !isWhole(rest) && rest !== (particle && nodeText(clause.sentence, particle));
  if (isUnclear(rest) || words < fewest || isOpen || object.end - object.start > 15) return [];
  // "He measured the Earth" in a sentence that was not understood: either would be right.
  if (rest === "" && isDoneElsewhere(clause, analysis)) return [];
  // "Every circuit needs a battery. It needs a path": either would be right.
  if (doesSoToMore(phrasing, analysis)) return [];
  // "spend about a month in the ocean"
  const isLength = clause.verb.lemma === "spend" && UNIT_NOUNS.has(head.lemma ?? "");
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
      worth: !own && object.f.det === "def" && object.end - object.start === 2 ? 0.7 : 1.2,
      pattern: "what-object",
    },
  ];
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

/** "What …, because …" asks for the smaller half of what the sentence says. */
function givesReason(clause: Clause): boolean {
  return clause.adjuncts.some(({ node }) => node.cat.includes("sb") && !isContrast(node));
}

function hasNo(np: Node): boolean {
  return walkTree(np).some((node) => node.flags?.includes("neg"));
}

/** What a passive names with *by*: "the tide is caused mainly *by the moon*". */
export function findAgent(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => node.cat === "pp" && !node.f.time && node.kids[0]?.lemma === "by" && node.kids[1]?.cat === "np");
  // "is called *death by natural causes*"
  if (clause.complements.some(({ role, node }) => role === "object2" && node.end === part?.node.start)) return [];
  if (!part || !clause.passive || clause.auxiliaries.length !== 1 || (clause.shared && !standsAlone(clause)) || clause.negated) return [];
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
  const rest = phraseRest(phrasing, analysis, [part.node, ...(alone ? [alone] : [])]);
  if (isUnclear(rest) || doer.f.time || doer.f.det === "num" || findUnclear(doer, clause.sentence, analysis, phrasing.binder)) return [];
  const past = clause.auxiliaries[0]!.flags?.includes("past");
  const finite = inflectVerb(clause.verb.flags?.includes("do") ? "do" : (clause.verb.lemma ?? ""), past ? "past" : "third");
  const answer = nodeText(clause.sentence, doer);
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
    (clause.verb.lemma === "pay" && /^(?:county|town|city|state|council|company|bank|school|church|club)$/.test(headTerminal(doer).lemma ?? "")) ||
    hasTitle(answer);
  return [
    {
      type: human ? "person" : "thing",
      id: factId("thing", clause.sentence, doer.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `${[human ? "Who" : isUnknownName(doer, analysis) ? "Who or what" : "What", preverbalAdverbs(clause), isHow ? `${after} ${finite}` : finite, stranded, phrasing.subject, isHow ? "" : after].filter(Boolean).join(" ").replace(/ ,/g, ",")}?`,
      answer,
      answerNode: coreOf(doer),
      accepted: bareForms(answer),
      depth: "recall",
      worth: 2,
      pattern: "passive-by",
    },
  ];
}

/** Something done or said. */
function isDeed(noun: string, { lexicon }: Analysis): boolean {
  const file = fileOf(noun, lexicon);
  return file === NounFile.act || file === NounFile.communication;
}

/** Of these one asks *who*, though the dictionary has them as groups. */
const GROUPS = new Set("army troop mob gang crowd force tribe police government council crew team committee parliament".split(" "));

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

/** Places whose name has the ending of a people. */
const RANGES =
  /^(?:Andes|Alps|Himalayas|Rockies|Pyrenees|Urals|Appalachians|Carpathians|Dolomites|Apennines|Azores|Maldives|Hebrides|Netherlands|Highlands|Midlands|Lowlands|Tropics|Canaries|Bahamas|Philippines|Seychelles|Orkneys|Falls)$/;

/** "the Spanish", "the Jesuits": as doers they are people. */
export function isPeople(np: Node): boolean {
  const head = headTerminal(np);
  return np.f.det === "def" && np.end - np.start === 2 && head.cat === "pn" && /(?:s|sh|ch|se|nch)$/i.test(head.lemma ?? "") && !RANGES.test(head.lemma ?? "");
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
function isWhole(rest: string): boolean {
  return !/\b(?:and|or|of|to|with|by|in|on|at|for|from|than|as)$/.test(rest);
}
