import { type Analysis, narratorOf, type Person, type Sentence } from "../../language/analysis";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { fileOf, NounFile } from "../../language/lexicon";
import { isNoAntecedent } from "../../language/no-antecedent";
import { nodeText } from "../../language/node-text";
import { nounGender } from "../../language/noun-gender";
import { FOUNDED } from "../../language/pronoun-rivals";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { isClearByWords, isHowMuch } from "./clear-by-words";
import { definiteIsClear, FIXING_ROLES } from "./definite-is-clear";
import { isObjectOfLead } from "./object-of-lead";
import { isLikeBefore, isOneOfSome } from "./one-of-some";
import { isOpenComparison } from "./open-comparison";
import { takesUpByNoun, takesUpWhole } from "./taken-up";
import { isWeOfAll } from "./we-of-all";

/** Why a phrase cannot stand in a question by itself. */
export type Unclear = "pronoun" | "first-person" | "demonstrative" | "comparison-left-open" | "points-elsewhere" | "definite-without-antecedent";

const POINTING_ADVERBS = new Set(
  "here there then above below before after later afterwards earlier thus so too instead meanwhile otherwise therefore however".split(" "),
);

const SORTING = /^(?:older|elder|younger)\b/i;

export type Binder = {
  num: string;
  human: boolean;
  /** Whom his or her may mean as well: somebody else who has a name in the source. */
  rivals?: ReadonlySet<Person["gender"]>;
  /** Whose the subject is: "Amina's mother forbade *her* to swim" is Amina, since nobody forbids herself. */
  owner?: "he" | "she";
  /** Is known to have no body. */
  lifeless?: true;
  /** Says *I*: neither he nor she is meant. */
  first?: true;
  /** Some people together, who have no edges and no floor. */
  group?: true;
  /** Is told what to do: "twist *its* neck" is of something else. */
  told?: true;
  /** Counts among what is named beside it already. */
  beside?: true;
  gender?: Person["gender"] | "none" /** Somebody with a name that tells neither a he nor a she. */;
  unknown?: true;
};

/** Takes up no pronoun at all: for questions about the subject itself. */
export const BINDS_NOTHING: Binder = { num: "sg", human: true, gender: "none" };

export function binderOf(node: Node, text: string, analysis: Analysis): Binder {
  const head = headTerminal(node);
  const person = analysis.persons.get(text) ?? (head.cat === "n" ? undefined : analysis.persons.get(text.split(" ").at(-1)!));
  const unknown = person && person.gender === undefined ? { unknown: true as const } : {};
  const gender = person?.gender ?? nounGender(head.lemma ?? "");
  const rivals = !gender && node.f.det === "indef" ? { rivals: gendersOf(analysis) } : {};
  return {
    ...unknown,
    ...rivals,
    // "*The air* rushes over their feathers": of air there are no several.
    num: head.flags?.includes("mass") && node.f.num === "any" ? "sg" : (node.f.num ?? "any"),
    // "*The word scientist* first appeared in print": a word is nobody.
    human: Boolean(person) || (head.cat === "n" && isPersonNoun(head.lemma ?? "", analysis.lexicon) && !/^the (?:word|term) \p{Ll}/iu.test(text)),
    ...(isLifeless(head, analysis) ? { lifeless: true as const } : {}),
    ...(head.cat === "n" && FOUNDED.has(head.lemma ?? "") ? { group: true as const } : {}),
    gender: person?.gender,
  };
}

/** What a pronoun that stays a pronoun can bind behind it. */
export function binderOfPronoun(pronoun: string): Binder {
  if (pronoun === "they") return { num: "pl", human: false };
  return pronoun === "he" || pronoun === "she" ? { num: "sg", human: true, gender: pronoun } : { num: "sg", human: false };
}

const genders = new WeakMap<Analysis["persons"], ReadonlySet<Person["gender"]>>();

/** Whether the source names a he, a she, or both. */
function gendersOf(analysis: Analysis): ReadonlySet<Person["gender"]> {
  const known = genders.get(analysis.persons) ?? new Set([...analysis.persons.values()].map(({ gender }) => gender));
  genders.set(analysis.persons, known);
  return known;
}

/** Lexicographer files of what has a body: animal, body, group, person, plant. */
const LIVING_FILES = new Set([5, 8, 14, 18, 20]);

function isLifeless(head: Node, { lexicon }: Analysis): boolean {
  const senses = lexicon.findWord((head.lemma ?? "").toLowerCase())?.senses ?? [];
  return head.cat === "n" && senses.length > 0 && !senses.some((sense) => LIVING_FILES.has(lexicon.nounFile(sense)));
}

/** "The hard bits pass through *their bodies*": bits have none. */
function isBodyOfAnother(np: Node, binder: Binder | undefined, { lexicon }: Analysis): boolean {
  // "A *class* counted plants along *its edges*": of the place that the sentence before told of.
  const ofPlace = np.role === "possessor" && /^(?:its|their)$/.test(np.kids[0]?.lemma ?? "") && OF_PLACE.test(headTerminal(np).lemma ?? "");
  if (ofPlace && binder?.group) return true;
  if (!binder?.lifeless || np.role !== "possessor" || !/^(?:its|their)$/.test(np.kids[0]?.lemma ?? "")) return false;
  const head = headTerminal(np);
  // A car has a metal body.
  const mayBeMade = head.lemma === "body" && np.f.num !== "pl";
  return fileOf(head.lemma ?? "", lexicon) === NounFile.body && !mayBeMade;
}

function isOneMoreOf(node: Node, { words }: Sentence): boolean {
  const isOrdinal =
    /^(?:an?|another)$/.test(words[node.start]!.lower) && /^(?:third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)$/.test(words[node.end - 1]!.lower);
  // "fell *by a third*", "about a fifth *of it*": a share.
  const isShare = words[node.end]?.lower === "of" || !words[node.start - 1]?.candidates.some(({ cat }) => cat === "v");
  return isOrdinal && node.end - node.start === 2 && !isShare;
}

/** What no thing has. */
const OF_BODIES = /^(?:skin|fur|feather|hide|bone|meat|blood|wing|tail|leg|ear|stomach|liver|heart|brain|lung|muscle|hoof|paw|claw|beak|hair|wool|milk)$/;

const OF_PLACE = /^(?:edge|side|bank|shore|surface|bottom|floor|slope|border|corner|mouth|source|foot|entrance|wall|roof)$/;

const CLAUSES: ReadonlySet<string> = new Set(["rc", "sb", "cs", "ws", "s"]);

/** What else tells whom the pronouns of a phrase mean. */
export type Beside = {
  /** What was named before, in the same question or answer: "help *an old man* pick up his shopping". */
  beside?: readonly Binder[];
  /** In an answer "the outer side" is that of which the question speaks, and a pronoun for one of two named things stays as the source has it. */
  isAnswer?: boolean;
};

/**
 * The first thing in `node` that points out of the question, given who its subject is. `owned` says
 * that the node stands in the subject's own clause, where *it* and *them* cannot mean the subject.
 */
export function findUnclear(
  node: Node,
  sentence: Sentence,
  analysis: Analysis,
  binder?: Binder,
  owned = true,
  { beside = [], isAnswer = false }: Beside = {},
): Unclear | undefined {
  return unclearIn(node, sentence, analysis, binder, owned, false, undefined, beside, isAnswer);
}

/** The same in every part of it. */
function unclearIn(
  node: Node,
  sentence: Sentence,
  analysis: Analysis,
  binder: Binder | undefined,
  owned: boolean,
  /** Whether something around it says which one is meant. */
  fixed: boolean,
  /** The subject of the clause inside, whose own *its* and *their* are clear. */
  inside: Binder | undefined,
  beside: readonly Binder[],
  isAnswer: boolean,
): Unclear | undefined {
  if (node.kids.length === 0) return unclearWord(node, sentence, analysis, binder, owned, inside, beside, isAnswer);
  // "since it was heavier than *the others*", in an answer: than the others of its kind.
  if (
    isAnswer &&
    node.cat === "np" &&
    binder &&
    !binder.human &&
    sentence.words[node.start - 1]?.lower === "than" &&
    /^the others?$/i.test(nodeText(sentence, node))
  )
    return undefined;
  // "the ropes of *the largest*": the largest what?
  if (node.cat === "best" && sentence.words[node.start - 1]?.lower === "of" && !/^(?:of|in|on|among|to)$/.test(sentence.words[node.end]?.lower ?? ""))
    return "demonstrative";
  // "*those who voted the wrong way*": whoever did.
  const [pointing, relative] = node.kids;
  const isWhoever =
    node.cat === "np" && node.role === "relative" && /^those$/i.test(nodeText(sentence, pointing!)) && sentence.words[relative!.start]?.lower === "who";
  // "those who vote in the first election open to *them*": to themselves, whatever else was named.
  if (isWhoever && walkTree(relative!).some(({ start, kids }) => kids.length === 0 && sentence.resolved?.has(start))) return "pronoun";
  if (isWhoever) return unclearIn(relative!, sentence, analysis, { num: "pl", human: true }, owned, true, inside, beside, isAnswer);
  // "a new bridge and not *a mended one*": a bridge, by the same words.
  // "because *the old one* was too low", of a new tower; "torn edges lie flatter than *cut ones*".
  const ofSame = node.cat === "np" ? OF_SAME.exec(nodeText(sentence, node)) : null;
  const around = [...beside, ...(inside ? [inside] : []), ...(isAnswer && binder && /^the /i.test(ofSame?.[0] ?? "") ? [binder] : [])];
  const isOfSame = ofSame !== null && around.some(({ human, num }) => !human && (!ofSame[1] || num !== "sg"));
  if (node.cat === "np" && isOneOfSome(node, sentence) && !isOfSame) return "demonstrative";
  // "at *that time*", beside the sentence that tells which
  if (node.cat === "np" && analysis.led === sentence && node.f.det === "dem" && TIME_NOUNS.has(headTerminal(node).lemma ?? "")) return undefined;
  // "stop *all three*": all three of what?
  // "sold four mackerel and dropped *a fifth*": a fifth what?
  if (node.cat === "np" && isOneMoreOf(node, sentence)) return "demonstrative";
  if (node.cat === "np" && /^(?:all|both|the) (?:two|three|four|five|six)$/i.test(nodeText(sentence, node))) return "demonstrative";
  if (node.cat === "np" && isBodyOfAnother(node, binder, analysis)) return "pronoun";
  if (node.cat === "np" && analysis.led === sentence && (takesUpWhole(node, sentence, analysis) || takesUpByNoun(node, sentence, analysis))) return undefined;
  // "compared them with *their own*": their own what?
  if (node.cat === "np" && node.kids[0]?.cat === "ownn") return "demonstrative";
  if (node.cat === "np" && !fixed && !isAnswer && !definiteIsClear(node, sentence, analysis, binder !== undefined)) return "definite-without-antecedent";
  // "the geologist Marie Jackson": the name says which one.
  // "*his* wife Emily": whose wife, it does not.
  const owner = node.role === "title" && node.kids[0]?.f.det === "poss" ? node.kids[0].kids[0] : undefined;
  if (owner) return unclearIn(owner, sentence, analysis, binder, owned, fixed, inside, beside, isAnswer);
  if (node.role === "title") return undefined;
  // "for much of the 20th century": what the quantity is of says enough.
  const [quantity, whole] = node.kids;
  if (node.cat === "np" && whole?.f.sub === "of" && quantity && headTerminal(quantity).cat === "pro" && headTerminal(quantity).flags?.includes("quant"))
    return unclearIn(whole, sentence, analysis, binder, owned, true, inside, beside, isAnswer);
  // "decide *whether to sell it*": nobody sells itself.
  const isControlled = (node.cat === "cs" || node.cat === "ws") && node.kids.at(-1)?.cat === "vp" && node.kids.at(-1)!.f.form === "to";
  const inner = owned && (!CLAUSES.has(node.cat) || isControlled);
  // "heavier than dry rope": the than belongs to every part of its phrase.
  const comparison = (node.cat === "ap" || node.cat === "advp") && !isOpenComparison(node, sentence);
  const opensFixed = (node.cat === "np" && FIXING_ROLES.includes(node.role)) || comparison;
  // "older people" are a sort of people, and compared with nobody.
  const isSort =
    node.role === "modifier" &&
    node.kids[0]?.cat === "ap" &&
    SORTING.test(nodeText(sentence, node)) &&
    isPersonNoun(headTerminal(node).lemma ?? "", analysis.lexicon);
  const isTold = node.cat === "np" && (node.role === "relative" || node.role === "reduced" || node.role === "postmodifier");
  // "sewed *clothes* from *their skins*": no clothes have skins.
  const isBody = node.cat === "np" && node.role === "possessor" && node.kids[0]?.cat === "poss" && OF_BODIES.test(headTerminal(node).lemma ?? "");
  const owning = isBody ? beside.filter(({ lifeless }) => !lifeless) : beside;
  for (const [index, kid] of node.kids.entries()) {
    // "a family *that* could not prove *its* right"
    const isOwnDeed = node.role === "relative" && kid.cat === "rc" && kid.kids[0]?.cat === "rel" && kid.kids[1]?.cat === "vp";
    const isInner = index === 1 && (isOwnDeed || (node.cat === "s" && node.role === "subject"));
    const told = isInner ? innerBinder(node.kids[0]!, isOwnDeed, sentence, analysis) : inside;
    const found = unclearIn(
      kid,
      sentence,
      analysis,
      binder,
      inner,
      index === 0 ? opensFixed || isSort || (fixed && node.cat === kid.cat) : comparison,
      told,
      // "the letter that went with *it*", "a kilogram of *it*": never the letter or the kilogram itself.
      // "thinks that cafés should stop using *them*": never the cafés; in a clause inside theirs they may be meant.
      isTold || (node.cat === "s" && node.role === "subject")
        ? owning
        : [
            ...owning,
            ...(inside && !inside.beside && CLAUSES.has(kid.cat) ? [inside] : []),
            ...node.kids.slice(0, index).flatMap((before) => (isObjectBehind(before, kid) ? [] : bindersIn(before, sentence, analysis))),
          ],
      isAnswer,
    );
    if (found) return found;
  }
  if ((node.cat === "ap" || node.cat === "advp") && !fixed && isOpenComparison(node, sentence)) return "comparison-left-open";
  return undefined;
}

/** The same of a single word, which the words around it may make clear. */
function unclearWord(
  node: Node,
  sentence: Sentence,
  analysis: Analysis,
  binder: Binder | undefined,
  owned: boolean,
  inside: Binder | undefined,
  beside: readonly Binder[],
  isAnswer: boolean,
): Unclear | undefined {
  if (sentence.resolved?.has(node.start)) return undefined;
  const before = sentence.words[node.start - 1]?.lower ?? "";
  if (isHowMuch(node, sentence)) return undefined;
  if (sentence.open?.has(node.start)) return "pronoun";
  const isOwner = owned && node.cat === "poss" && /^(?:its|their|his|her)$/.test(node.lemma ?? "");
  if (isOwner && binder?.told && !inside && !beside.some((other) => mayBind(node.lemma!, other))) return "pronoun";
  // "*a similar chain*": like what the sentence before told of.
  if (node.lemma === "similar" && isLikeBefore(node, sentence)) return "demonstrative";
  if (isClearByWords(node, sentence)) return undefined;
  // "those who were *later* proved innocent": later than what the clause itself tells of them.
  if (inside && node.lemma === "later" && /^(?:who|was|were|had|has|have)$/.test(before)) return undefined;
  // "because a dealer could *otherwise* change the scale the day *before*": than what the question tells.
  if (isAnswer && (/^(?:otherwise|instead|afterwards)$/.test(node.lemma ?? "") || (node.lemma === "before" && TIME_NOUNS.has(before)))) return undefined;
  if (isWeOfAll(node, sentence, analysis)) return undefined;
  // "bury butter *in the bog* because it stays cool *there*": where the question says.
  if (isAnswer && node.lemma === "there" && namesPlaceBefore(node, sentence)) return undefined;
  if (analysis.led === sentence && (takesUpLead(node) || isObjectOfLead(node, sentence, analysis))) return undefined;
  // "because *everything else* is soft": else than what another sentence told.
  if (!binder?.human && /^every\p{L}+ else$/u.test(node.lemma ?? "")) return "demonstrative";
  return isNarrators(node) && narratorOf(sentence, analysis) ? undefined : unclearTerminal(node, binder, owned, inside, beside, isAnswer);
}

function namesPlaceBefore({ start }: Node, { words }: Sentence): boolean {
  return /\b(?:in|at|on|under|inside|near|to|into) (?:the|an?|\p{Lu}\p{L}+)\b/u.test(
    words
      .slice(0, start)
      .map(({ text }) => text)
      .join(" "),
  );
}

/** "found that the wreck lay on *its* side": the wreck's. A pronoun as subject says nothing. */
function innerBinder(subject: Node, beside: boolean, sentence: Sentence, analysis: Analysis): Binder | undefined {
  if (headTerminal(subject).cat === "pro") return undefined;
  return { ...binderOf(subject, nodeText(sentence, subject), analysis), ...(beside ? { beside } : {}) };
}

/** The nouns that stand in a part of a clause by themselves, for a pronoun that follows them. */
export function bindersIn(node: Node, sentence: Sentence, analysis: Analysis): Binder[] {
  if (node.cat !== "np") return node.kids.flatMap((kid) => bindersIn(kid, sentence, analysis));
  const known = sentence.resolved?.has(node.start) && node.end - node.start === 1;
  if (known) return [{ num: node.f.num ?? "sg", human: /^(?:him|her)$/i.test(sentence.words[node.start]!.lower) }];
  // "hides *something* inside it": never the something itself.
  const isVague = /^(?:some|any|every|no)(?:thing|body|one)$/.test(headTerminal(node).lemma ?? "");
  // "*eight years* before they admitted it": no years admit anything.
  return node.f.time ||
    TIME_NOUNS.has(headTerminal(node).lemma ?? "") ||
    isVague ||
    isNoAntecedent(node, sentence) ||
    node.f.det === "pron" ||
    node.f.det === "clause"
    ? []
    : [binderOf(node, nodeText(sentence, node), analysis)];
}

/** "a mended one", "the old one", "cut ones": of what the same words name; the other one is not. */
const OF_SAME = /^(?:(?:an? (?:\p{L}+ )+|the (?:old|new|big|small|large|little|long|short) )one|(?!other|last|next|first|only|the )(?:\p{Ll}+ )one(s))$/iu;

/** "*this* rule", "*This* makes …", beside the sentence that is quoted. */
function takesUpLead({ cat, flags, lemma = "" }: Node): boolean {
  if (cat === "predet" && lemma === "such") return true;
  return (cat === "det" || cat === "pro") && flags?.includes("dem") === true && /^(?:this|these)$/.test(lemma);
}

/** *my*, *our* and *me*, which become "the speaker's" and "the speaker". */
function isNarrators(node: Node): boolean {
  return (node.cat === "poss" && (node.lemma === "my" || node.lemma === "our")) || (node.cat === "pro" && node.lemma === "me");
}

function unclearTerminal(
  node: Node,
  binder: Binder | undefined,
  owned: boolean,
  inside: Binder | undefined,
  beside: readonly Binder[],
  isAnswer: boolean,
): Unclear | undefined {
  const flags = node.flags ?? [];
  // Who the subject is is asked for, and might be meant.
  const named = binder?.gender === "none" ? [] : beside.filter((other) => mayBind(node.lemma ?? "", other));
  if (flags.includes("first") && (node.cat === "pro" || node.cat === "poss")) return "first-person";
  // "of *such* a bridge"
  if (node.cat === "predet" && node.lemma === "such") return "demonstrative";
  if (node.cat === "pro") {
    // "put their feet where he put *his*": his what?
    if (node.lemma === "his" || node.lemma === "hers") return "pronoun";
    // "a loom that needed *none*": none of what?
    if (node.lemma === "none") return "demonstrative";
    if (flags.includes("refl") || flags.includes("indef") || flags.includes("second")) return undefined;
    if (owned && binder?.owner && (node.lemma === "him" || node.lemma === "her") && mayBind(node.lemma, binder) && named.length === 0)
      return (node.lemma === "him") === (binder.owner === "he") ? undefined : "pronoun";
    if (flags.includes("other") || flags.includes("one") || flags.includes("dem") || flags.includes("quant")) return "demonstrative";
    // "tell the brain that *it* is full": which of the two, the words of the source leave to whoever reads them.
    const isNamed = isAnswer ? named.length > 0 : named.length === 1;
    return (!owned && binder && mayBind(node.lemma ?? "", binder)) || isNamed ? undefined : "pronoun";
  }
  if (node.cat === "poss") {
    if (flags.includes("second")) return undefined;
    const isClear = (inside && mayBind(node.lemma ?? "", inside)) || (binder && mayBind(node.lemma ?? "", binder));
    return isClear || named.length === 1 ? undefined : "pronoun";
  }
  if (
    (node.cat === "det" || (node.cat === "adj" && (!binder || !flags.includes("other")))) &&
    (flags.includes("dem") || flags.includes("other") || flags.includes("such") || (flags.includes("same") && binder?.num !== "pl"))
  )
    return "demonstrative";
  if (node.cat === "adv" && !flags.includes("deg") && POINTING_ADVERBS.has(node.lemma ?? "")) {
    // "knew the reef well, because his uncle had lost a boat *there*"
    return node.lemma === "there" && beside.length === 1 && !beside[0]!.human ? undefined : "points-elsewhere";
  }
  return undefined;
}

/** "find *a name* for it": what is found is never *it* (Chomsky 1981, principle B). */
function isObjectBehind(before: Node, { cat, kids }: Node): boolean {
  return before.cat === "vp" && before.role === "object" && cat === "pp" && kids[1]?.f.det === "pron";
}

/** Whether a pronoun may stand for that, by its number and who it is. */
export function mayBind(pronoun: string, binder: Binder): boolean {
  if (/^(?:they|them|their)$/.test(pronoun)) return binder.num !== "sg";
  if (binder.num === "pl" || (binder.first && /^(?:he|him|his|she|hers?)$/.test(pronoun))) return false;
  if (/^(?:it|its)$/.test(pronoun)) return !binder.human;
  const gender = /^h(?:e|im|is)$/.test(pronoun) ? "he" : "she";
  // "A colleague dismissed *her* idea": where a woman is told of, hers.
  if (!binder.gender && binder.rivals?.has(gender)) return false;
  return binder.human && !binder.unknown && (!binder.gender || binder.gender === gender);
}
