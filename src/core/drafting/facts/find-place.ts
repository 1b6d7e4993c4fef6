import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { isPersonNoun } from "../../language/find-persons";
import { phrasesOf } from "../../language/grammar/phrase-shapes";
import { fileOf, NounFile } from "../../language/lexicon";
import { midSentence, nodeText, textWithoutAsides, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf } from "../phrasing/conjuncts";
import { isOfList } from "../phrasing/listed-phrases";
import { otherCircumstance } from "../phrasing/other-circumstance";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const PLACE_PREPOSITIONS = new Set("in at on under behind inside near beside below above around among".split(" "));
/** "poured their waste *into the river*": where something is put, thrown or led to. */
const GOALS = new Set("into onto".split(" "));
/** "return *to the river in which they were born*" */
const TRAVELLING = new Set("return travel swim migrate sail fly walk run march emigrate flee drive move".split(" "));
/** "Salt was carried *to Sweden*", where nobody but a place takes it. */
const SENDING = new Set("send carry take bring ship export transport deliver move".split(" "));
const PUTTING = new Set(
  "throw put pour carry place set drop tip pump drain dump flow empty release lower load bury sink plant build push pull lead send".split(" "),
);
/** "in a valley *between two hills*": tells the same place more exactly. */
const FOLLOWING = new Set("between among along beyond across off opposite closeto".split(" "));
/** What lives, stands or lies *in* something is at that place, whatever sort of thing it is. */
const BEING_AT = new Set("live dwell nest breed lie hide sleep hatch roost burrow spawn hibernate gather grow stand".split(" "));
/** Where nothing is: "live in groups", "lie in ruins", "sleep in turns". */
const NO_HOMES =
  /^(?:group|family|pair|couple|herd|pack|flock|colony|swarm|crowd|peace|fear|danger|harmony|poverty|silence|dark|darkness|captivity|state|condition|ruin|turn|shift|shape|line|row|rank|heap|wait|hope|comfort|luxury|memory|answer|fact|idea|size|difference|reason|secret|number|mind|age|time|freedom|debt|prison|exile|pain|trouble|need|charge|favour|favor|tie|total|average|part|cold|heat|warmth|way|manner)$/;
/** Concrete things in the dictionary: animal, artifact, body, food, group, location, object, plant, state, substance. */
const CONCRETE = new Set([5, 6, 8, 13, 14, 15, 17, 20, 26, 27]);
/** WordNet files in which a noun is a place one can be at: artifact, location, object. */
const PLACE_FILES = new Set([6, 15, 17]);

/** "pulls on the sea", "looks at the lamp": what is meant, not where. */
const NO_PLACE_VERBS = new Set("owe pull push act depend rely look call wait count focus point aim knock serve speak wrap".split(" "));
const NO_PLACES = new Set(
  "title name pseudonym state stage level rate speed place part area spot direction way order line number time case side form shape pattern middle end rest world".split(
    " ",
  ),
);

/** "Shore crabs hide *under wet seaweed*", "was lit … *at the lighthouse of Cordouan*." */
export function findPlace(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const places = [...clause.complements.filter(({ role }) => role === "predicate"), ...clause.adjuncts].filter(({ node }) =>
    isPlace(reasonNode(node), clause, analysis),
  );
  const [place, ...others] = places;
  const next = clause.adjuncts.find(
    ({ node }) =>
      node.start === place?.node.end && node.cat === "pp" && (FOLLOWING.has(node.f.sub ?? "") || (node.end === clause.end && isPartOfIt(node, analysis))),
  );
  const more = others.length === 0 && next && !next.node.f.time ? [next] : others;
  // "in the Congo, *where miners often work*": said in passing of the place.
  if (clause.adjuncts.some(({ node }) => reasonNode(node).f.sub === "where" && !(node.cat === "c-sb" && node.start === (more.at(-1) ?? place)?.node.end)))
    return [];
  // "in hidden folders inside your home folder": one place, told twice.
  const follows = more.length <= 1 && more.every(({ node }) => node.start === place?.node.end);
  // "The first bank in Europe to print notes *was in Sweden*"
  const isThere = clause.verb.cat === "be" && clause.auxiliaries.length === 0 && clause.complements.some(({ node }) => node === place?.node);
  if (
    !place ||
    !follows ||
    isOfList(place.node, clause.adjuncts) ||
    (clause.shared && !standsAlone(clause)) ||
    NO_PLACE_VERBS.has(clause.verb.lemma ?? "") ||
    // "took photographs of the sky *on plates of glass*": with what they were made.
    (clause.verb.lemma === "take" &&
      clause.complements.some(({ node }) => /^(?:photograph|photo|picture|note)$/.test(headTerminal(coreOf(node)).lemma ?? "")) &&
      reasonNode(place.node).f.sub === "on") ||
    clause.negated
  )
    return [];
  // "On a bicycle she *was gone*": how, and where to nobody knows.
  if (clause.verb.lemma === "go" && clause.passive) return [];
  // "Ida *was standing* on the beach": at a moment of which the question says nothing.
  const isGoingOn = clause.verb.flags?.[0] === "ing" && clause.auxiliaries.some(({ flags }) => flags?.includes("past"));
  if (isGoingOn && !clause.adjuncts.some(({ node }) => node.f.time || node.cat.includes("sb"))) return [];
  if (clause.verb.cat !== "v" && !(isThere && phrasing.subject.split(" ").length >= FEWEST_OF_BEING)) return [];
  // "An eye splice makes a loop *at the end of a rope*": where the loop is.
  if (clause.verb.lemma === "make" && !clause.passive && !phrasing.binder.human && !/^\p{Lu}/u.test(phrasing.subject)) return [];
  if (clause.complements.some((part) => part.role === "object2")) return [];
  const part = reasonNode(place.node);
  if (!belongsToVerb(place.node, clause)) return [];
  // "grows *only* in hot places", "lay *deep* inside the zone": belongs to the answer.
  const only = [...clause.complements, ...clause.adjuncts].find(({ node }) => isOfPlace(node, place.node))?.node;
  const omitted = [place.node, ...(only ? [only] : []), ...more.map(({ node }) => node), ...reasonsOf(clause)];
  const rest = phraseRest(phrasing, analysis, omitted);
  // "Deep inside the planet": the adverb before it belongs to the place; "in some places" is none.
  const before = clause.sentence.words[place.node.start - 1];
  if (place.node.end <= clause.subject.start && before && before.text !== ",") return [];
  if (/\b(?:some|many|several|other|different|various|certain)\b/i.test(nodeText(clause.sentence, part))) return [];
  // "have been found in *the same* region": which, another sentence says; "the gull and the cormorant live on the same rock".
  const isTogether = clause.subject.role === "coordination" || /\b(?:every|each|always)\b/.test(rest);
  if (/\bthe same\b(?!.*\bas\b)/i.test(nodeText(clause.sentence, part)) && !isTogether) return [];
  // "live almost *everywhere* on Earth"
  if (/\b(?:only|everywhere|anywhere|nowhere|elsewhere|somewhere)\b/.test(rest)) return [];
  // "Inside *their* tissues live algae": never the algae's.
  if (clause.verb.start < clause.subject.start && /\b(?:its|their|his|her)\b/i.test(nodeText(clause.sentence, part))) return [];
  if (isUnclear(rest) || findUnclear(part, clause.sentence, analysis, phrasing.binder)) return [];
  if (more.some(({ node }) => findUnclear(node, clause.sentence, analysis, phrasing.binder))) return [];
  // "Alum is sold in pharmacies": what is done says enough.
  const isDone = clause.passive && !/^(?:make|do|use|find|see|keep|put)$/.test(clause.verb.lemma ?? "");
  const isNamed = /^\p{Lu}/u.test(phrasing.subject) && clause.passive;
  // "Pumice is made in a volcano": of all of it.
  const isOfAll = clause.passive && clause.subject.f.det === "bare" && clause.auxiliaries.every(({ flags }) => !flags?.includes("past"));
  // "In a village high above the sea *lived Pim*"
  // "Berlin lay deep inside the Soviet zone"
  const isHome = /^(?:live|lie|stand)$/.test(clause.verb.lemma ?? "") && /^\p{Lu}/u.test(phrasing.subject);
  // "Mudskippers live on muddy shores": a whole sort, and what everybody asks of it.
  const isOfSort =
    !only && BEING_AT.has(clause.verb.lemma ?? "") && clause.subject.f.det === "bare" && clause.subject.f.num === "pl" && clause.verb.flags?.[0] === "plain";
  if (`${phrasing.subject} ${rest}`.trim().split(" ").length < 2 && !isNamed && !isDone && !isOfAll && !isHome && !isOfSort) return [];
  // "in the town of Selm, *which has* …": said in passing, and no part of where it is.
  const whole = more.length > 0 ? wordsText(clause.sentence, part.start, more[0]!.node.end) : textWithoutAsides(clause.sentence, part);
  const answer = `${only ? `${nodeText(clause.sentence, only)} ` : ""}${midSentence(clause.sentence, part, whole)}`;
  const spared = otherCircumstance(clause, place.node, phrasing.subject, analysis);
  const short = spared.length > 0 ? phraseRest(phrasing, analysis, [...omitted, ...spared]) : rest;
  return [
    {
      type: "place",
      id: factId("place", clause.sentence, part.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, "Where", isUnclear(short) ? rest : short),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^(?:(?:only|deep|high|right|halfway|mainly|mostly|chiefly|largely) )?\S+ /, "")],
      depth: "recall",
      worth: LYING.has(clause.verb.lemma ?? "") ? 2 : 1.3,
      pattern: "where",
    },
  ];
}

/** "took *Bennett* to a hospital": where somebody is brought. */
function isBrought(to: Node, { passive, verb, complements, sentence }: Clause, { persons, lexicon }: Analysis): boolean {
  const [object, ...more] = complements;
  const np = to.kids[1]!;
  const isSomebody = object?.role === "object" && object.node.end === to.start && persons.has(nodeText(sentence, object.node));
  const isBuilding = /^(?:def|indef)$/.test(np.f.det ?? "") && PLACE_FILES.has(fileOf(headTerminal(np).lemma ?? "", lexicon) ?? -1);
  return !passive && more.length === 0 && isSomebody && isBuilding && /^(?:send|carry|take|bring|drive|lead)$/.test(verb.lemma ?? "");
}

/** A name that is nobody's: "to Harvard", "to New York". */
function isNamedPlace(np: Node, { sentence }: Clause, { persons }: Analysis): boolean {
  const name = nodeText(sentence, np);
  return np.f.det === "proper" && !persons.has(name) && np.end - np.start <= 3;
}

const GOES_ON_IN =
  /^(?:cloud|leaf|stem|root|cell|lung|stomach|intestine|blood|brain|liver|bone|heart|muscle|skin|seed|flower|egg|body|air|water|soil|rock|ice)$/;

/** "*only* in hot places", "*deep* inside the zone": a word in front that belongs to the place. */
function isOfPlace(node: Node, place: Node): boolean {
  // "lies *four hundred meters* under our feet"
  const isFar = node.cat === "advp" && node.role === "measure";
  return (
    node.end === place.start &&
    (isFar || (node.end - node.start === 1 && /^(?:only|deep|high|right|halfway|mainly|mostly|chiefly|largely)$/.test(headTerminal(node).lemma ?? "")))
  );
}

/** "in a shed *with a leaking roof*": a thing that the place has. */
function isPartOfIt({ f, kids }: Node, { lexicon }: Analysis): boolean {
  return f.sub === "with" && kids[1]?.f.det === "indef" && !isPersonNoun(headTerminal(kids[1]).lemma ?? "", lexicon);
}

/** Behind an object or another phrase, a place may belong to that: "signatures for a crossing on Quay Street". */
function belongsToVerb(place: Node, clause: Clause): boolean {
  if (place.end <= clause.subject.start) return true;
  const between = [...clause.complements, ...clause.adjuncts].filter(({ node }) => node.start > clause.verb.start && node.start < place.start);
  // "fell *like snow* on ships in the Atlantic Ocean"
  const isLike = ({ node }: { node: Node }) =>
    isOfPlace(node, place) || (node.f.sub === "like" && node.kids[1]?.f.det === "bare" && node.kids[1].f.num === "sg");
  if (between.some((part) => !isLike(part) && part.node.cat !== "np" && part.node.cat !== "adv" && part.node.cat !== "advp")) return false;
  // "*takes place* mainly in the leaves"
  const isTakingPlace = takesPlace(clause);
  return isTakingPlace || between.every(({ node }) => node.cat !== "np") || PLACING_VERBS.has(clause.verb.lemma ?? "") || SENDING.has(clause.verb.lemma ?? "");
}

/** Words of a thing that is only said to be somewhere. */
const FEWEST_OF_BEING = 4;

/** "is located in": where it is, is what is said. */
const LYING = new Set("locate situate base".split(" "));

const PLACING_VERBS = new Set(
  "make drain drip empty dump tip release bury sink load set carry lead store find put set place build keep hang store lay float throw fix mount plant pour push pull lower tie".split(
    " ",
  ),
);

function takesPlace({ verb, complements }: Clause): boolean {
  return verb.lemma === "take" && complements.length === 1 && headTerminal(complements[0]!.node).lemma === "place";
}

function isPlace(node: Node, clause: Clause, analysis: Analysis): boolean {
  // "are found *in Brazil and in South Africa*"
  if (node.cat === "pp" && node.role === "coordination") return phrasesOf(node).every((part) => isPlace(part, clause, analysis));
  if (node.cat !== "pp" || node.f.time || node.kids[0]?.cat !== "prep") return false;
  const preposition = node.kids[0].lemma ?? "";
  // "sent to a home *for boys*", "to universities *all over Europe*": what follows tells which.
  const isSent =
    clause.passive &&
    SENDING.has(clause.verb.lemma ?? "") &&
    clause.adjuncts.every((other) => other.node.start !== node.end || Boolean(other.node.f.time) || other.node.cat.startsWith("c-"));
  // "sent Grace Hopper *to Harvard*"
  const isSentTo =
    !clause.passive &&
    SENDING.has(clause.verb.lemma ?? "") &&
    headTerminal(node.kids[1]!).cat === "pn" &&
    clause.complements.some(({ role, node: object }) => role === "object" && object.end === node.start);
  if (preposition === "to" && isSentTo) return isNamedPlace(node.kids[1]!, clause, analysis);
  if (preposition === "to" && isBrought(node, clause, analysis)) return true;
  const isGoal = preposition === "to" && (TRAVELLING.has(clause.verb.lemma ?? "") || isSent);
  if (!isGoal && !PLACE_PREPOSITIONS.has(preposition) && !(GOALS.has(preposition) && PUTTING.has(clause.verb.lemma ?? ""))) return false;
  const np = node.kids[1]!;
  const head = headTerminal(np);
  // "found bread in the ovens, slogans on the walls and eggs on the tables": several places, and what was there.
  if (np.role === "coordination") {
    const [first, ...others] = conjunctsOf(np);
    if (first?.f.det === "def" && others.some(({ f, end, start }) => f.det === "bare" && end - start > 1)) return false;
  }
  if (np.cat !== "np" || np.f.det === "num") return false;
  // "was sent *to prison*"
  if (isSent && np.f.det === "bare" && np.end - np.start === 1 && /^(?:prison|jail|school|hospital|sea|court)$/.test(head.lemma ?? "")) return true;
  // "in brick", "at sea", "in summer": how, not where.
  if (np.f.det === "bare" && np.f.num !== "pl" && np.end - np.start === 1) return false;
  // "in *hot, rainy* places" tells what sort of places.
  const isSort = /^places?$/.test(head.lemma ?? "") && walkTree(np).some(({ cat, role }) => cat === "ap" || role === "relative");
  if (isSort) return preposition === "in" && (np.f.num === "pl" || np.f.det === "indef") && !SAYING_LITTLE.test(nodeText(clause.sentence, np));
  if ((NO_PLACES.has(head.lemma ?? "") && !isPartOfPlace(np, analysis)) || walkTree(np).some(({ lemma }) => lemma === "way")) return false;
  // "under the title "White Slavery"": a name in quotation marks is a thing's.
  // "On New Year's *Eve*"
  if (head.cat === "pn" && /^(?:Eve|Day|Night)$/.test(head.lemma ?? "")) return false;
  if (head.cat === "pn") return !analysis.persons.has(head.lemma ?? "") && !head.flags?.includes("quoted");
  if (BEING_AT.has(clause.verb.lemma ?? "") && !clause.passive && !clause.imperative && isHome(np, analysis)) return true;
  const [sense, second] = analysis.lexicon.findWord(head.lemma ?? "")?.senses ?? [];
  // A word that the dictionary does not have is still something that things are put into.
  if (sense === undefined) return head.cat === "n" && GOALS.has(preposition);
  // "A thunderstorm begins *in a tall, dark cloud*", "Photosynthesis takes place *in the leaves*": where it goes on.
  if ((takesPlace(clause) || /^(?:begin|start|happen|occur|form|grow|develop)$/.test(clause.verb.lemma ?? "")) && GOES_ON_IN.test(head.lemma ?? ""))
    return true;
  if (/^(?:tree|bush|hedge|nest|grass|root|branch|leaf|reed|weed|flower|rock)$/.test(head.lemma ?? "")) return true;
  // "is sent to a *committee*": whoever sits there.
  if (isSent && analysis.lexicon.nounFile(sense) === GROUP_FILE) return true;
  // "are sold in *pharmacies*": a building by its second sense.
  const isBuilding = second !== undefined && np.f.num === "pl" && clause.passive && analysis.lexicon.nounFile(second) === NounFile.artifact;
  return head.cat === "n" && (isBuilding || PLACE_FILES.has(analysis.lexicon.nounFile(sense)));
}

/** "in a hive", "inside the worm's body", "in rain shadows" */
function isHome(np: Node, { lexicon, sort }: Analysis): boolean {
  const { cat, lemma = "" } = headTerminal(np);
  const senses = lexicon.findWord(lemma)?.senses.slice(0, 2) ?? [];
  return sort !== "story" && cat === "n" && !NO_HOMES.test(lemma) && senses.some((sense) => CONCRETE.has(lexicon.nounFile(sense)));
}

const SAYING_LITTLE = /\b(?:strange|odd|new|good|bad|safe|secret|such|public|unexpected|unlikely|remote)\b/i;
const GROUP_FILE = 14;

/** "on the far side *of the Earth*" */
function isPartOfPlace(np: Node, { lexicon }: Analysis): boolean {
  const whole = np.role === "postmodifier" && np.kids[1]!.f.sub === "of" ? np.kids[1]!.kids[1] : undefined;
  const isSide = /^(?:side|end|middle|part|area)$/.test(headTerminal(np).lemma ?? "") && np.f.det === "def";
  const head = whole && headTerminal(whole);
  const sense = head && lexicon.findWord((head.lemma ?? "").toLowerCase())?.senses[0];
  return isSide && sense !== undefined && !whole!.f.time && PLACE_FILES.has(lexicon.nounFile(sense));
}

/** "Most earthquakes occur *where two plates meet*": where? */
export function findWhereClause(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => node.cat === "sb" && node.f.sub === "where" && node.start >= clause.verb.end)?.node;
  const isPlain = clause.verb.cat === "v" && !clause.shared && !clause.negated && !clause.imperative && clause.rank === "main";
  // "know where it is", "a place where": told of, and not where it goes on.
  const between =
    part && [...clause.complements, ...clause.adjuncts].some(({ node }) => node.start >= clause.verb.end && node.end <= part.start && node.cat !== "np");
  if (!part || !isPlain || between || SAYING.has(clause.verb.lemma ?? "")) return [];
  // "found the boat where …" of the boat, or of finding?
  if (
    clause.complements.some(({ role, node }) => role !== "object" && node.cat !== "ap") ||
    (clause.complements.length > 0 && !PLACING_VERBS.has(clause.verb.lemma ?? ""))
  )
    return [];
  if (findUnclear(part, clause.sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const answer = nodeText(clause.sentence, part);
  if (isUnclear(rest) || answer.split(" ").length < 4) return [];
  return [
    factOf(phrasing, part.start, {
      type: "place",
      stem: askClause(phrasing, "Where", rest),
      answer,
      answerNode: part,
      accepted: [],
      depth: "understanding",
      worth: 2.5,
      pattern: "where-clause",
    }),
  ];
}

const SAYING = new Set("know see show tell say find learn remember ask wonder explain decide discover understand forget".split(" "));
