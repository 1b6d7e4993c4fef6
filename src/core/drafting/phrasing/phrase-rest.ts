import type { Analysis } from "../../language/analysis";
import { type Clause, sharingClauses, toldInPassing } from "../../language/clause";
import { isList } from "../../language/grammar/verb-shapes";
import { midSentence, nodeText, stripAsides, textWithoutAsides, withoutAside, wordsText } from "../../language/node-text";
import { headTerminal, holdsPronoun, type Node, reasonNode, walkTree } from "../../language/tree";
import type { Phrasing } from "./ask-clause";
import { isBeforeThen } from "./before-then";
import { bindersIn, findUnclear, type Unclear } from "./clear-reference";
import { isEnoughInPassing, isExample, isExampleBehind, isNamedInPassing } from "./examples-in-passing";
import { isContrast, isDropped, pointsBack } from "./left-out";
import { goesOnList } from "./listed-phrases";
import { ownsOfAhead, ownsOfClauseAhead } from "./owns-of-ahead";
import { withPronounAhead } from "./pronoun-ahead";
import { FRONTED, frontedBeforeLast, isTornFrom, type Piece } from "./rest-pieces";
import { speaksOfOthers } from "./speaks-of-others";
import { takesUpAnother } from "./takes-up-another";
import { isTimeOfWhat } from "./time-of-what";
import { isBeforeTime, isLater, isPurposeOfPast, isSameTime } from "./times-in-front";
import { isToListeners } from "./to-listeners";
import { isToldElsewhere } from "./told-elsewhere";
import { isSizeInPassing, isWhereInPassing } from "./where-in-passing";

/** "*So far* the plans have failed": true for a while only, as the text tells it. */
const FOR_A_WHILE = /^(?:at that time|for now|so far|by now)$/;
/** "three times as much fuel": as what? */
const TIMES_AS_MUCH = /\btimes as \p{L}+\b(?!.* as )/iu;
const CHANGING = new Set(["make", "become", "grow", "get", "turn", "keep"]);
/** "Second, children need time to play": the order of the argument, not of what is said. */
const COUNTING =
  /^(?:first(?:ly)?|second(?:ly)?|third(?:ly)?|fourth|next|then|finally|last(?:ly)?|for (?:all )?(?:these|this) reasons?|in the end|in short|above all|at the same time|at last|at once|in time|eventually|in return|really|actually|honestly|basically|before long|soon after|(?:shortly|long) after),?$/i;

/** "took the whistle *from its nail*": a phrase whose only pronoun says whose. */
function ownsOnly(node: Node): boolean {
  return node.cat === "pp" && !walkTree(node).some(({ cat }) => cat === "pro" || cat === "s");
}

/** "*usually*", and the phrase right behind it */
function isUsual({ start }: Node, { sentence }: Phrasing["clause"]): boolean {
  return sentence.words.slice(Math.max(0, start - 1), start + 1).some(({ lower }) => /^(?:usually|often|mostly|normally|generally|sometimes)$/.test(lower));
}

/** The clause's parts after the verb, without those in `omit`; what stood in front comes last. */
export function phraseRest(phrasing: Phrasing, analysis: Analysis, omit: readonly Node[] = []): string | Unclear {
  const { clause, binder } = phrasing;
  const parts = [...clause.complements, ...clause.adjuncts].filter(
    (part) => !omit.includes(part.node) && !isDropped(part.node) && !(part.role === "adjunct" && !clause.negated && pointsBack(part.node)),
  );
  if (isToListeners(phrasing, analysis)) return "first-person";
  const saysOnlyHow = clause.passive && clause.complements.length === 0 && clause.adjuncts.some(({ node }) => node.f.sub === "in" && pointsBack(node));
  if (saysOnlyHow && parts.every(({ node }) => node.cat !== "pp" && node.cat !== "sb")) return "demonstrative";
  const whole = wordsText(clause.sentence, clause.start, clause.end);
  if (deniesAnother(clause) || isToldElsewhere(clause)) return "points-elsewhere";
  // "do not come back *as quickly*", "was not *so lucky*": as what?
  if (clause.negated && /\bnot so \p{Ll}+(?!.* (?:that|as) )|\bas (?:\p{Ll}+ly|often|much|fast|far|long|easy|good|bad)\b(?!.*\bas\b)/u.test(whole))
    return "comparison-left-open";
  // "can close a beach, too, *but for other reasons*"
  if (/\bfor (?:an)?other reasons?\b/i.test(whole)) return "demonstrative";
  // "contains thirty *times as much as* a litre of water": of what the sentence before named.
  if (/^(?:contain|hold|have)$/.test(clause.verb.lemma ?? "") && /\btimes as much as\b/i.test(whole)) return "comparison-left-open";
  if (TIMES_AS_MUCH.test(whole) && analysis.led !== clause.sentence) return "comparison-left-open";
  const pieces: Piece[] = [];
  // "built by termites, insects *no longer than a grain*": torn from what is asked for, it would tell of something else.
  // "to steer the *Planter*, a steamer that carried guns *between the forts around Charleston*"
  const holdsAside = (node: Node) => node.cat === "vp" && walkTree(node).some(({ cat }) => cat === "c-np" || cat === "c-rc");
  let asideEnd = Math.max(-1, ...omit.map((node) => asideEndOf(node) ?? (holdsAside(node) ? node.end : -1)));
  let whereEnd = -1;
  for (const { node, role } of parts) {
    // "…, not by the council": what is denied beside it is no part of what is said.
    if (isContrast(node) || node.cat === "c-not" || node.cat === "but-not") continue;
    // "…, *but only if two thirds vote for it*": without it the rest is not true, and with it no question.
    if (node.cat === "c-sb" && node.kids[1]?.cat === "c-only-sb") return "points-elsewhere";
    if (isWhereInPassing(node, parts)) {
      whereEnd = node.end;
      continue;
    }
    // "In the middle of winter, *when the wind never stops*, she lays …": said in passing of a time in front.
    if ((reasonNode(node).f.sub === "when" || node.cat === "c-sb") && toldInPassing(clause).includes(node)) continue;
    // "in his own house, where he wrote his best book, *on falling bodies*": of the book.
    if (node.start === whereEnd && node.cat.startsWith("c-")) continue;
    // "refused to collect taxes on 25 March, *when the British year used to end*, because …": of that day.
    const isParted = node.cat === "c-sb-c" || (node.cat === "c-sb" && /, because\b/.test(nodeText(clause.sentence, node)));
    if (isParted && reasonNode(node).f.sub === "when" && node.start > clause.verb.end) continue;
    // "If it is cut only once a year, *in September*, flowers …": belongs to the condition.
    if (belongsToClauseAhead(node, clause)) continue;
    // "teaches football, *swimming and dancing*": torn from what it belongs to.
    if (isList(node)) return "points-elsewhere";
    // "…, *which is a good way to meet*": said in passing of the whole.
    if (isExample(node, clause) || isExampleBehind(node, clause) || node.cat === "c-rc" || (node.cat === "c-np" && node.start > clause.verb.start)) continue;
    // "…, *with several towers having been built since*", "*With the war not going well*, he …": what is so meanwhile.
    if (/^(?:c-pp|pp-c)$/.test(node.cat) && reasonNode(node).f.sub === "with" && walkTree(node).some(({ cat, f }) => cat === "vp" && f.form === "ing"))
      continue;
    // "That night the farmer gave …": which night is told by the story, and needs no telling.
    if (/^that (?:day|night|morning|afternoon|evening),?$/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start) continue;
    // "for up to forty minutes, *longer than a dolphin*"
    if (/^c-a(?:dv)?p/.test(node.cat) && headTerminal(node.kids[1] ?? node).flags?.includes("comparative") && node.start > clause.verb.start) continue;
    // "*One day*, usually during a flood, the river breaks through": on any.
    if (role === "adjunct" && /^one (?:day|night|morning|evening|afternoon),?$/i.test(nodeText(clause.sentence, node)) && isBeforeTime(node, parts)) continue;
    // "On 15 January 1919, *an unusually warm winter day*, the people …": the same day again.
    if (isSameTime(node, clause) || isSizeInPassing(node, clause)) continue;
    // "in a majority of the cantons, *as the Swiss states are known*": another name, in passing.
    if (isNamedInPassing(node, clause.sentence)) continue;
    // "Long ago, *so the fishermen say*, the sea …": who says so is another statement.
    if (node.cat.includes("sb") && reasonNode(node).f.sub === "so" && node.end <= clause.subject.start) return "points-elsewhere";
    // "…, and *so* there are more thieves": it follows from what stands before.
    if (node.end === clause.subject.start && /^so$/i.test(nodeText(clause.sentence, node))) return "points-elsewhere";
    // "*A few hundred yards away*, a dispatcher had been told …": from where, the text tells.
    if (/^advp/.test(node.cat) && / away,?$/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start) continue;
    // "Once a year, *usually in March*, everyone may come"
    if (node.end <= clause.subject.start && parts.some((other) => other.node.end === node.start) && isUsual(node, clause)) continue;
    // "*So,* at seventy-eight, he started over"
    if (node.cat === "advp-c" && headTerminal(node.kids[0] ?? node).lemma === "so" && node.end <= clause.subject.start) continue;
    // "The coral dies *if it does not*": if it does not what?
    if (node.cat.includes("sb") && /\b(?:do|does|did|is|are|was|were|can|could|will|would|has|have|had) not,?$/.test(nodeText(clause.sentence, node)))
      return "points-elsewhere";
    // "If *no one does*, the sign is registered": does what?
    if (
      node.cat.includes("sb") &&
      /^(?:if|when|unless|once) (?:\S+ ){1,4}(?:do|does|did|can|could|will|would|has|have|had),?$/i.test(nodeText(clause.sentence, node))
    )
      return "points-elsewhere";
    // "earned $9,300, *enough to pay for the summer*": said in passing.
    if (isEnoughInPassing(node, clause)) continue;
    // "There are two hundred strings *inside*": inside what?
    if (clause.verb.cat === "be" && !clause.passive && /^(?:inside|outside|underneath|within)$/i.test(nodeText(clause.sentence, node)))
      return "points-elsewhere";
    // "*On the outside* there is a hair": of what?
    if (/^(?:on the (?:outside|inside|back|front)|in the (?:middle|centre|center|background|distance)),?$/i.test(nodeText(clause.sentence, node)))
      return "definite-without-antecedent";
    // "brought *her soup*": hers, or soup for her?
    if (role === "object" && node.role === "possessor" && node.kids[0]?.lemma === "her" && GIVES.test(clause.verb.lemma ?? "")) return "pronoun";
    // "*As for the money*, the shops used to pay": what the writer turns to.
    if (/^as (?:in|for|regards)\b/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start) continue;
    if (/^as with\b/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start) return "points-elsewhere";
    // "First settled by fishermen, it …": a statement of its own.
    // "*Dried*, they weigh no more than two bars": only then.
    if (node.cat === "vp-c" && node.kids[0]?.f.form === "participle" && node.end <= clause.subject.start && node.kids[0].end - node.kids[0].start === 1)
      return "points-elsewhere";
    if (node.cat === "vp-c" && /^(?:participle|ing)$/.test(node.kids[0]?.f.form ?? "") && node.end <= clause.subject.start) continue;
    // "made of Kevlar, the material in bulletproof vests": what follows an aside without a comma belongs to it.
    if (node.start === asideEnd && !node.cat.startsWith("c-") && !node.f.time) {
      asideEnd = node.end;
      continue;
    }
    // "took in 2,300 things, *among them a false leg*"
    if (reasonNode(node).role === "listed" && /^c-/.test(node.cat)) continue;
    // "bleaches the colours, *above all the greens*": said of some of them.
    if (/^c-pp/.test(node.cat) && /^,? ?above all (?:the|of)\b/i.test(nodeText(clause.sentence, node))) continue;
    // "are put forward by an hour *as well*": beside what was told before.
    if (/^,? ?as well,?$/i.test(nodeText(clause.sentence, node))) {
      if (clause.imperative) continue;
      return "points-elsewhere";
    }
    // "*Two years later* the British took the stone": after what, the text tells; that they took it needs no telling of that.
    if (isLater(node, clause)) continue;
    // "*So far* the plans have failed": that they have says as much.
    if (/^far,?$/i.test(nodeText(clause.sentence, node)) && /^so far\b/i.test(clause.sentence.text) && node.start <= 1) continue;
    // "*The next morning* she walked up": after which, the text tells.
    if (/^the (?:next|following|same|previous) \p{L}+,?$/iu.test(nodeText(clause.sentence, node)) && reasonNode(node).cat === "advp") continue;
    // "*Altogether* he lost a hundred hens and had to give up": so many in all, and no word of the second deed.
    if (/^altogether,?$/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start && sharingClauses(clause)[0] !== clause) continue;
    // "*Right* now everybody goes at noon", read as two words
    if (/^right$/i.test(nodeText(clause.sentence, node)) && clause.sentence.words[node.end]?.lower === "now") continue;
    // "*Now* I check every hive": unlike before.
    if (/^advp(?:-c)?$/.test(node.cat) && headTerminal(node).lemma === "now" && node.end <= clause.subject.start && node.end - node.start <= 2) continue;
    asideEnd = asideEndOf(node) ?? asideEnd;
    if (node.end <= clause.subject.start && COUNTING.test(nodeText(clause.sentence, node))) continue;
    // "was founded in 1900 *for one reason*: underneath it lies …"
    if (/^for (?:one|a) (?:\p{Ll}+ )?reason$/u.test(nodeText(clause.sentence, node))) continue;
    // "*either* the mine would have to close, *or* …": one of two, and not by itself.
    if (!clause.negated && headTerminal(node).lemma === "either") return "points-elsewhere";
    // "*About one hundred twenty* Selmers came", read as two phrases
    if (node.end <= clause.subject.start && (/^advp(?:-c)?$/.test(node.cat) || node.f.sub === "about") && isBareNumber(node)) return "demonstrative";
    // "came home after *twenty-four*": of what?
    if (node.cat === "pp" && !node.f.time && node.kids[1]?.role === "number" && isBareNumber(node) && /^(?:after|before|within|for|by)$/.test(node.f.sub ?? ""))
      return "demonstrative";
    // "may take sixty": sixty of what?
    if (role === "object" && node.cat === "np" && (node.role === "number" || isTimeOfWhat(node, clause))) return "demonstrative";
    const isClause = node.cat.includes("sb") || role === "clause";
    // What is said in passing is left out of the question, clear or not.
    const told = stripAsides(node);
    // "If *it* stands under a tree, drops will spoil your measurement": what comes later is not taken up.
    const isAhead = isClause && node.end <= clause.subject.start;
    const named = isAhead
      ? []
      : isClause
        ? parts.filter((part) => part.role !== "adjunct" && part.node !== node).flatMap((part) => bindersIn(part.node, clause.sentence, analysis))
        : ownsOnly(node)
          ? parts
              .filter((part) => part.role === "object" && part.node.end <= node.start)
              .flatMap((part) => bindersIn(part.node, clause.sentence, analysis).filter(({ human }) => !human))
          : [];
    const unclear =
      findUnclear(told, clause.sentence, analysis, binder, !isClause, { beside: named }) ??
      (node.end <= clause.subject.start ? objectAhead(told, clause) : undefined);
    if (unclear && isPurposeOfPast(node, clause)) continue;
    if (node.end <= clause.subject.start && helpsAnother(node)) return "pronoun";
    // "Inside *their* tissues live algae": never the algae's.
    const isInverted = clause.verb.start < clause.subject.start && !clause.imperative;
    if (isInverted && node.end <= clause.verb.start && walkTree(node).some(({ cat, lemma }) => cat === "poss" && /^(?:its|their|his|her)$/.test(lemma ?? "")))
      return "pronoun";
    // "When *it* set sail, Brandt had left": never Brandt, and nobody knows what.
    const mayBePerson =
      clause.subject.f.det === "proper" && clause.subject.end - clause.subject.start === 1 && analysis.lexicon.nameKind(phrasing.subject) !== "place";
    if (isAhead && isTheOther(node, clause)) return "pronoun";
    if (isAhead && mayBePerson && tellsOfIt(node, clause)) return "pronoun";
    // "The upper house may change it. If *it* makes changes, the bill goes back": whatever was told of before.
    if (node.end <= clause.subject.start && node.cat.includes("sb") && speaksOfOthers(node, clause.sentence, analysis, phrasing.subject)) return "pronoun";
    if (role === "clause" && speaksOfOthers(node, clause.sentence, analysis, phrasing.subject)) return "pronoun";
    // "Dams are obstacles that *they* cannot pass": somebody else, and never the dams.
    if (
      role === "predicate" &&
      clause.verb.cat === "be" &&
      node.cat === "np" &&
      walkTree(node).some(({ cat, lemma, start }) => cat === "pro" && /^(?:it|they|he|she)$/.test(lemma ?? "") && !clause.sentence.resolved?.has(start))
    )
      return "pronoun";
    // "Eagle owls are *their* only enemies": somebody else's, and never their own.
    if (
      role === "predicate" &&
      clause.verb.cat === "be" &&
      node.cat === "np" &&
      stripAsides(node).role === "possessor" &&
      node.kids[0]?.cat === "poss" &&
      !clause.sentence.resolved?.has(node.start) &&
      node.kids[0].lemma !== "my" &&
      node.kids[0].lemma !== "our"
    )
      return "pronoun";
    // "cools in the sewer and sticks to *its walls*": whose, the oil's or the sewer's?
    if (ownsOfAhead(node, phrasing) || (role === "object" && ownsOfClauseAhead(node, phrasing))) return "pronoun";
    // "made the walls stronger" compares with what was before.
    if (!unclear && takesUpAnother(node, phrasing)) return "pronoun";
    const changes = unclear === "comparison-left-open" && (phrasing.compares || (role === "predicate" && CHANGING.has(clause.verb.lemma ?? "")));
    if (unclear && !changes) return unclear;
    const fronted = node.end <= clause.verb.start;
    const during = nodeText(clause.sentence, node).toLowerCase();
    if (FOR_A_WHILE.test(during)) return "points-elsewhere";
    if (isBeforeThen(node, clause)) return "points-elsewhere";
    // "The petition, *in 1891*, was signed": goes behind the verb like what stands in front.
    const preverbal = fronted && node.cat !== "c-pp-c" && (node.start > clause.subject.start || isBeforeCommand(node, clause));
    if (preverbal) {
      // "The boat, *if it is dry*, floats": a condition, and no word of the verb.
      if (isClauseBetween(node, clause)) return "points-elsewhere";
      if (headTerminal(node).lemma === "even") return "points-elsewhere";
      continue;
    }
    // "*Perhaps* rain comes with a south wind": nobody says that it does.
    if (fronted && /^(?:perhaps|maybe)$/.test(headTerminal(node).lemma ?? "")) return "points-elsewhere";
    // "*Inside* there is a mass of starch": inside what?
    if (fronted && node.end - node.start === 1 && /^(?:inside|outside|nearby|beside|behind|underneath)$/i.test(nodeText(clause.sentence, node)))
      return "points-elsewhere";
    // "*Only on Teflon* do geckos slip": nowhere else, which a question about the geckos would not say.
    if (fronted && clause.auxiliaries[0] && clause.auxiliaries[0].start < clause.subject.start && /^only\b/i.test(nodeText(clause.sentence, node)))
      return "points-elsewhere";
    // "Only the outlines can be seen": the only belongs to what it stands before.
    if (fronted && /^(?:only|almost|nearly|about|just)$/.test(headTerminal(node).lemma ?? "")) return "points-elsewhere";
    if (/(?:^|, )even\b/i.test(nodeText(clause.sentence, node)) || headTerminal(node).lemma === "even") return "points-elsewhere";
    const plain = withoutAside(node);
    const text = withPronounAhead(midSentence(clause.sentence, plain, textWithoutAsides(clause.sentence, plain)), node, clause, analysis);
    const isTime = node.cat === "c-sb" && /^(?:after|before|until|once)$/.test(reasonNode(node).f.sub ?? "");
    // "on 28 April 1789, *three weeks after the ship had left*"
    const isSecondTime = fronted && node.cat === "sb-c" && parts.some((other) => other.node.end === node.start && reasonNode(other.node).f.time);
    const comma =
      isSecondTime || goesOnList(node, parts) || (node.cat.startsWith("c-") && node.cat !== "c-pp" && node.cat !== "c-pp-c" && !isTime) ? ", " : " ";
    pieces.push({
      order: node.start + (fronted ? FRONTED : 0),
      text: comma + text,
      holdsClause: walkTree(node).some(({ cat }) => /^(?:s|rc|ws|sb)$/.test(cat)),
      goesLast:
        role === "adjunct" &&
        (/^c-(?:vp|pp|advp)$/.test(node.cat) ||
          (node.cat === "vp" && node.f.form === "to" && node.end - node.start > 2 && !/^(?:be|become|remain|go|come)$/.test(clause.verb.lemma ?? ""))),
    });
  }
  // "In 1866 … a cable that lasted": moved to the end, the year would say when it lasted.
  const last = pieces.filter((piece) => piece.order < FRONTED).sort((a, b) => b.order - a.order)[0];
  if (last && isTornFrom(last, pieces)) return "points-elsewhere";
  return (
    frontedBeforeLast(pieces)
      .sort((a, b) => a.order - b.order)
      // "in the Atlantic, some four hundred miles east of the Azores*,* on 5 December"
      .map((piece, at, all) => (piece.order >= FRONTED && OPEN_ASIDE.test(all[at - 1]?.text ?? "") ? piece.text.replace(/^(?=\s)/, ",") : piece.text))
      .join("")
      .replace(/,$/, "")
      .trim()
  );
}

const GIVES = /^(?:bring|give|hand|send|teach|show|make|cook|bake|buy|offer|serve|pour|fetch)$/;
const OPEN_ASIDE = /, (?:some|about|nearly|almost) [^,]*$/;
function isBareNumber(node: Node): boolean {
  return walkTree(node).some(({ cat, role, kids }) => cat === "np" && role === "number" && !walkTree(kids[0]!).some(({ flags }) => flags?.includes("year")));
}

/** "When *he* could not pay, Fust took *him* to court and won": never Fust. */
function isTheOther(node: Node, clause: Clause): boolean {
  const object = holdsPronoun(node, "he") ? "him" : holdsPronoun(node, "she") ? "her" : undefined;
  return object !== undefined && sharingClauses(clause).some(({ complements }) => complements.some((part) => holdsPronoun(part.node, object)));
}

/** A clause in front that tells of *it*. */
function tellsOfIt(node: Node, { sentence }: Clause): boolean {
  return sentence.clauses.some(
    ({ subject, start, end }) => start >= node.start && end <= node.end && headTerminal(subject).lemma === "it" && !sentence.resolved?.has(subject.start),
  );
}

/** "never saw her *again*", "is not dead *yet*": without the word more is denied than the source denies. */
function deniesAnother(clause: Clause): boolean {
  // "was not allowed *to try again*": told whole.
  const deed = clause.complements.find(({ role }) => role === "infinitive")?.node;
  const isOfDeed = (at: number) => deed !== undefined && deed.start <= at && at < deed.end;
  const words = clause.sentence.words.flatMap(({ lower }, at) => (at < clause.start || at >= clause.end || isOfDeed(at) ? [] : [lower]));
  const denies = clause.negated || /\bnever\b/.test(preverbalAdverbs(clause)) || /^(?:no|nobody|nothing|none)$/.test(words[0] ?? "");
  return denies && words.some((word) => word === "again" || word === "yet");
}

/** "After the town put *them* up, visits fell": an object in front is not what the sentence goes on to tell of. */
export function objectAhead(node: Node, { sentence }: Clause): Unclear | undefined {
  if (!node.cat.includes("sb")) return undefined;
  const subjects = new Set(sentence.clauses.map((clause) => clause.subject.start));
  const ahead = walkTree(node).some(
    (inner) => inner.cat === "pro" && /^(?:it|them|him|her)$/.test(inner.lemma ?? "") && !subjects.has(inner.start) && !sentence.resolved?.has(inner.start),
  );
  return ahead ? "pronoun" : undefined;
}

/** Adverbs between auxiliary and verb that carry meaning: "always", "easily". */
export function preverbalAdverbs(clause: Clause): string {
  return (
    clause.adjuncts
      .filter(
        ({ node }) =>
          (node.start > clause.subject.start || isBeforeCommand(node, clause)) &&
          node.end <= clause.verb.start &&
          node.cat !== "c-pp-c" &&
          !isDropped(node) &&
          !isExample(node, clause) &&
          !isClauseBetween(node, clause),
      )
      .map(({ node }) => midSentence(clause.sentence, node))
      // "many people tried, but *they all* copied it": of the people who are named for them, and no word of the verb.
      .filter((adverb) => clause.subject.f.det !== "pron" || !/^(?:all|both)$/.test(adverb))
      .join(" ")
  );
}

/** "*With its help* the census was counted": another thing's help, and never the census's own. */
function helpsAnother(node: Node): boolean {
  const nouns = walkTree(node).filter(({ role, kids }) => role === "possessor" && /^(?:its|their)$/.test(kids[0]?.lemma ?? ""));
  return nouns.some((np) => /^(?:help|aid|use|support|discovery|invention|influence|effect|absence|presence)$/.test(headTerminal(np).lemma ?? ""));
}

/** A phrase right behind a clause in front, both with their commas. */
export function belongsToClauseAhead(node: Node, { adjuncts, subject }: Clause): boolean {
  return /^(?:c-)?pp-c$/.test(node.cat) && node.end <= subject.start && adjuncts.some((part) => part.node.cat.includes("sb") && part.node.end === node.start);
}

/** "Henson, *because he was a stranger*, was ignored" */
function isClauseBetween(node: Node, clause: Clause): boolean {
  return node.cat === "c-sb-c" && node.end <= clause.verb.start && node.start >= clause.subject.end;
}

/** Where a part ends in something said in passing: the end of that. */
function asideEndOf(node: Node): number | undefined {
  const open = walkTree(node).find(
    (inner) =>
      inner.cat === "np" &&
      ["apposition", "relative", "reduced"].includes(inner.role) &&
      inner.end === node.end &&
      inner.kids[1]?.cat.startsWith("c-") &&
      !inner.kids[1].cat.endsWith("-c"),
  );
  return open && node.end;
}

/** "*Never* add meat", "*carefully* lift the lid". */
function isBeforeCommand(node: Node, clause: Clause): boolean {
  return clause.imperative && node.end === clause.verb.start && (node.cat === "adv" || node.cat === "advp");
}
