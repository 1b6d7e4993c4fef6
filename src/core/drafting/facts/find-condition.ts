import type { Analysis } from "../../language/analysis";
import { type Clause, clausesWithin, sharingClauses } from "../../language/clause";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, nodeText, wordsText } from "../../language/node-text";
import { pronounOf } from "../../language/subject-pronoun";
import { coreOf, headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { type Phrasing, phraseClause, stateClause } from "../phrasing/ask-clause";
import { holdsForAll, stateShared } from "../phrasing/ask-shared";
import { BINDS_NOTHING, binderOf, bindersIn, findUnclear, type Unclear } from "../phrasing/clear-reference";
import { isNamedInPassing } from "../phrasing/examples-in-passing";
import { ownsUnnamed } from "../phrasing/owns-of-ahead";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, type FactFinder, factId } from "./fact";
import { yearsIn } from "./find-age";
import { isUnclear, reasonsOf } from "./find-cause";
import { goesOnToo, goesOnWith, isGeneral } from "./goes-on-with";
import { ownersPronoun } from "./owners-pronoun";

/** "When you are in the sun, your skin makes *more of it*": of what was told before. */
export function asksOfMore(answer: string, { subject }: Phrasing): boolean {
  return /^you$/i.test(subject) && /\b(?:more|less|some|most|all|part|much) of (?:it|them)\b/.test(answer);
}

/** "If your numbers are always lower, a tree *is probably keeping* the rain away": what explains it, and what comes of nothing. */
export function explainsOnly({ auxiliaries, verb, sentence }: Clause): boolean {
  return auxiliaries[0]?.cat === "be" && verb.flags?.[0] === "ing" && /\b(?:probably|perhaps|likely|maybe)\b/.test(sentence.text);
}

/** "*When the sun and the moon pull in the same line*, their forces add up": what happens when …? */
export const findCondition: FactFinder = (phrasing, analysis) => {
  const { clause } = phrasing;
  if (clause.imperative) return whatToDo(phrasing, analysis);
  // "until 1713, when France gave it up": behind a comma, *when* tells of the time before it.
  const part = clause.adjuncts.find(
    ({ node }) =>
      (isCondition(reasonNode(node)) || isWhere(node, clause)) &&
      !isLikeness(node, clause) &&
      // "sting *only* when they are in danger": what else happens then, it does not say.
      !/^(?:only|even|especially|mainly|mostly|particularly)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "") &&
      !(node.cat.startsWith("c-sb") && reasonNode(node).f.sub === "when" && (node.start > clause.verb.start || node.cat === "c-sb-c")),
  );
  // "If you have ever slipped on a rock, …": a figure of speech, no condition.
  if (phrasing.subject === "you" && clause.auxiliaries.some((node) => node.cat === "have")) return [];
  if (explainsOnly(clause)) return [];
  // "costs nothing *if you already own it*": what is so before, and brings about nothing.
  const isBefore = part !== undefined && /\balready\b/.test(nodeText(clause.sentence, part.node)) && reasonNode(part.node).f.sub === "if";
  if (isBefore) return [];
  // "When a house is sold, the buyer does *not* become its owner *by paying*": what does happen then, it does not say.
  if (clause.negated && clause.adjuncts.some(({ node }) => node.start > clause.verb.start && reasonNode(node).cat === "pp" && reasonNode(node).f.sub === "by"))
    return [];
  // "was only half built": how far it had come, not what happened.
  if (clause.passive && clause.adjuncts.some(({ node }) => /^(?:only|half|still|already|nearly|almost)$/.test(headTerminal(node).lemma ?? ""))) return [];
  const [modal] = clause.auxiliaries;
  const isModal = modal?.cat === "modal" && /^(?:will|would|may|might|can|could)$/.test(modal.lemma ?? "");
  if (!part || !holdsForAll(clause, part.node) || clause !== sharingClauses(clause)[0] || clause.rank !== "main") return [];
  // "When the bubble collapsed, *there was a flash*": what there was, was what happened; "there was no sign in the window" was so before.
  const isThere = clause.subject.cat === "there";
  if (isThere && (isModal || !clause.complements.some(({ node }) => node.f.det !== "quant" && SUDDEN.test(headTerminal(coreOf(node)).lemma ?? "")))) return [];
  if (clause.verb.cat === "be" && !clause.passive && !isModal && !isThere) return [];
  const condition = reasonNode(part.node);
  const inner = clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= condition.start && other.end <= condition.end);
  // "If the front wheel has 48 teeth *and the back one has 16*": half of it is not the condition.
  if (
    clause.sentence.clauses.some(
      (other) =>
        other.rank === "adverbial" &&
        other.start >= condition.start &&
        other.end <= condition.end &&
        other.subject !== inner?.subject &&
        other.linkedBy === "and",
    )
  )
    return [];
  // "In winter, *when the temperature can fall to sixty degrees*, …": what may be, and brings about nothing.
  if (condition.f.sub === "when" && inner?.auxiliaries[0]?.cat === "modal" && /^(?:can|may|could|might)$/.test(inner.auxiliaries[0].lemma ?? "")) return [];
  // "If each cell *is to receive* a set, …": what is wanted, and not what happens.
  if (inner && /\b(?:is|are|am|was|were) to \p{Ll}/u.test(wordsText(inner.sentence, inner.subject.end, inner.end))) return [];
  const isSupposed = inner !== undefined && condition.f.sub === "if" && supposes(inner, clause);
  const time = isSupposed
    ? "supposed"
    : inner && ((isGeneral(inner) || looksTheSame(inner)) && isGeneral(clause) ? "general" : wasOnce(inner) && wasOnce(clause) ? "once" : undefined);
  // "If *even* a small piece stays in the ground, …": belongs to the piece, and is told with it.
  const even = inner?.adjuncts.find(({ node }) => headTerminal(node).lemma === "even" && node.end === inner.subject.start);
  const asked = inner && time ? phraseClause(even ? { ...inner, adjuncts: inner.adjuncts.filter((part) => part !== even) } : inner, analysis) : undefined;
  // "When our eyes look red, the flash *has lit up* the vessels": what was before, and comes of nothing.
  if (clause.auxiliaries[0]?.cat === "have" && inner?.auxiliaries[0]?.cat !== "have") return [];
  // "When you buy apples, you *trust* the scale": what somebody thinks does not happen.
  if (phrasing.subject === "you" && /^(?:trust|expect|think|believe|hope|want|know|assume|wonder)$/.test(clause.verb.lemma ?? "")) return [];
  // "If you *start at once*": with what?
  const isOpenStart = inner && /^(?:start|begin|stop|continue|finish)$/.test(inner.verb.lemma ?? "") && inner.complements.length === 0 && !inner.passive;
  // "*Hardly anything* happens"
  // "*something else* begins": what that is, the text goes on to say.
  if (/^(?:hardly|something|somebody|someone)\b/i.test(phrasing.subject)) return [];
  // "When you *pull*": at what?
  const isOpenPull =
    inner && /^(?:pull|push|press|lift|turn|squeeze|shake|stir|touch)$/.test(inner.verb.lemma ?? "") && inner.complements.length + inner.adjuncts.length === 0;
  if (isOpenPull && nodeText(inner.sentence, inner.subject).toLowerCase() === "you") return [];
  if (isOpenStart && /^(?:you|people|they|we)$/i.test(nodeText(inner.sentence, inner.subject))) return [];
  if (!asked || typeof asked === "string" || (time === "once" && (phrasing.binder.human || asked.subject === phrasing.subject))) return [];
  // "Engineers avoid clay when they choose a site": what somebody does on purpose does not happen.
  const isHuman =
    isPersonNoun(headTerminal(clause.subject).lemma ?? "", analysis.lexicon) ||
    phrasing.binder.human ||
    /^(?:people|many people|most people)$/i.test(phrasing.subject);
  if (condition.f.sub === "when" && !isModal && asked.subject === phrasing.subject && isHuman) return [];
  // "If members know that, *they may stay away*": what they may do is asked.
  if (time === "general" && part.node.start === 0 && asked.subject === phrasing.subject && isHuman && /^(?:he|she|they)$/.test(pronounOf(clause.subject) ?? ""))
    return [];
  // "Puppies leave their mother *when they are eight weeks old*": how old they are is asked.
  if (asked.subject === phrasing.subject && yearsIn(inner?.complements.find(({ role }) => role === "predicate")?.node)) return [];
  // "If you use a longer box, the picture will be larger": each is compared with what is otherwise.
  const compares = phraseRest(asked, analysis) === "comparison-left-open" ? { compares: true as const } : {};
  const askedRest = phraseRest({ ...asked, ...compares }, analysis);
  const rest = phraseRest({ ...phrasing, ...compares, binder: asked.binder }, analysis, [part.node, ...reasonsOf(clause)]);
  if (isUnclear(askedRest) || isUnclear(rest)) return [];
  // "If you sprinkle filings on paper *and hold a magnet underneath*": both are the condition.
  // "if *it* were not for the flour": says no more than without it.
  const isWithout = inner !== undefined && /^if it (?:were|was) not for\b/i.test(nodeText(inner.sentence, condition));
  const told = isWithout
    ? wordsText(inner.sentence, inner.start, inner.end)
    : inner?.shared
      ? stateShared({ ...asked, ...compares }, analysis, [])
      : `${even ? "even " : ""}${stateClause(asked, askedRest)}`;
  if (!told) return [];
  const word = nodeText(clause.sentence, condition.kids[0]!).toLowerCase();
  // "*In April*, when the ice goes soft, it stops talking": the month belongs to the condition.
  const dated = clause.adjuncts.filter(({ node }) => node.end === part.node.start && node.start === 0 && reasonNode(node).f.time).map(({ node }) => node);
  const first = stateShared({ ...phrasing, ...compares, binder: asked.binder }, analysis, [part.node, ...dated]);
  // "you mend what is easy *and you miss what is important*": the same one's second deed belongs to the answer.
  const answer = first && `${first}${goesOnWith(clause, phrasing, isSupposed, analysis) || goesOnToo(part.node, clause, asked.binder, analysis)}`;
  // "Where cuckoos are rare, *they hardly bother*": to do what?
  if (!answer || answer.split(" ").length < 3 || /\b(?:bother|mind|care)(?:s|d|ed)?$/.test(answer)) return [];
  if (asksOfMore(answer, asked)) return [];
  // "If you are in a hurry, *you can* press flowers with an iron": what the reader may do does not happen.
  const isOffer = /^(?:can|may)$/.test(modal?.lemma ?? "") && phrasing.subject === "you";
  // "If the council is afraid, it *could* allow them on weekdays": proposed, and nothing happens.
  if (modal?.lemma === "could" && !isSupposed && asked.subject === phrasing.subject) return [];
  const isDemand = modal?.lemma === "should" || modal?.lemma === "must" || isOffer;
  const demand = modal?.cat === "modal" && isDemand && !clause.shared ? modal.lemma : undefined;
  // "Guilds must be encouraged": what must somebody else do? "If many sign, *the law must be put to a vote*" tells what must happen.
  if (demand && clause.passive && !(demand === "must" && part.node.start === 0 && condition.f.sub === "if")) return [];
  // "If she was right, the continents must *be moving*": what is concluded, and no duty.
  if (demand === "must" && /^be \p{L}+ing\b/u.test(phrasing.verbPhrase)) return [];
  if (demand && !clause.passive) return [whatOneShould(demand, phrasing, rest, condition, `${word} ${told}`)];
  if (!isSupposed && /^(?:need|want|require|deserve|like|know|believe|look|seem|resemble|exist|speak|talk|call|say|refer|mean)$/.test(clause.verb.lemma ?? ""))
    return [];
  // "the party *had* a thousand members": so it was, and nothing happened.
  if (time === "once" && (clause.verb.cat === "have" || /^(?:contain|know|own|cost|weigh|consist|include|belong)$/.test(clause.verb.lemma ?? ""))) return [];
  // "Once an ion is stuck, *it* can no longer carry charge": the question has named it.
  const again = !answer.startsWith(`${phrasing.subject} `)
    ? undefined
    : asked.subject === phrasing.subject
      ? pronounOf(clause.subject)
      : ownersPronoun(clause, phrasing.subject, told);
  const happens = isSupposed
    ? "would happen"
    : time === "once"
      ? "happened"
      : modal?.cat === "modal" && modal.lemma !== "can"
        ? `${modal.lemma} happen`
        : "happens";
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, condition.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What ${happens} ${word} ${told}?`,
      answer: again ? `${again}${answer.slice(phrasing.subject.length)}` : answer,
      accepted: again ? [answer] : [],
      depth: "understanding",
      worth: 2.8,
      pattern: `what-happens-${word}`,
    },
  ];
};

/** What there is all at once. */
const SUDDEN =
  /^(?:flash|bang|crash|explosion|noise|sound|shout|scream|cry|roar|rumble|crack|pop|hiss|spark|blast|silence|pause|cheer|splash|click|jolt|shock|panic|stench)$/;

/** "If the alarm rings, pupils must *leave by the nearest door*": what must pupils do? */
function whatOneShould(modal: string, phrasing: Phrasing, rest: string, condition: Node, when: string): Fact {
  const { clause } = phrasing;
  return {
    type: "step",
    id: factId("condition", clause.sentence, condition.start),
    sentence: clause.sentence,
    clause,
    phrasing,
    stem: `What ${modal} ${phrasing.subject} do ${when}?`,
    answer: [phrasing.verbPhrase, rest].filter(Boolean).join(" "),
    accepted: [],
    depth: "understanding",
    worth: 3,
    pattern: "what-to-do",
  };
}

/** "can drop an arm, *much as a lizard drops its tail*": how, and not when. */
function isLikeness(node: Node, { sentence, verb }: Clause): boolean {
  const inner = clausesWithin(sentence, node)[0];
  // "as active *as when you are awake*"
  if (/^(?:as|than)$/.test(sentence.words[reasonNode(node).start - 1]?.lower ?? "")) return true;
  // "Tears run off glass *as they run off an eye*"
  if (reasonNode(node).f.sub === "as" && inner?.verb.lemma === verb.lemma) return true;
  // "the cantons, *as the Swiss states are known*"
  if (isNamedInPassing(node, sentence)) return true;
  // "can be left in a basket, *as they are in the library*"
  if (node.cat.startsWith("c-sb") && reasonNode(node).f.sub === "as" && inner?.verb.cat === "be") return true;
  // "in the same direction *as the Earth turns*"
  if (reasonNode(node).f.sub === "as" && sentence.words.slice(Math.max(0, node.start - 3), node.start).some(({ lower }) => lower === "same")) return true;
  // "as tall *as the towers allow*"
  if (reasonNode(node).f.sub === "as" && sentence.words[node.start - 2]?.lower === "as") return true;
  // "as much electricity *as eight kettles need*"
  const [as, much] = [sentence.words[node.start - 3]?.lower, sentence.words[node.start - 2]?.lower ?? ""];
  if (reasonNode(node).f.sub === "as" && as === "as" && /^(?:much|many|few|little)$/.test(much)) return true;
  return reasonNode(node).f.sub === "as" && /^(?:much|just|exactly|rather|,)$/.test(sentence.words[node.start - 1]?.lower ?? "");
}

/** "*Where newspapers are censored*, abuses remain hidden": under that condition, and at no place. */
function isWhere(node: Node, clause: Clause): boolean {
  return node.cat === "sb-c" && reasonNode(node).f.sub === "where" && node.end <= clause.subject.start && isGeneral(clause);
}

export function isCondition(node: Node): boolean {
  // "*only* if both hairs are touched", "*even* when it rains": that, and what else?
  return node.cat === "sb" && node.role !== "modifier" && /^(?:when|if|once|as|unless)$/.test(node.f.sub ?? "") && node.f.form !== "ing";
}

/** "When you put": present and past look the same, and the main clause decides. */
function looksTheSame({ auxiliaries, verb, sentence }: Clause): boolean {
  return auxiliaries.length === 0 && sentence.words[verb.start]?.lower === verb.lemma;
}

/** What is not so: "If there *were* time for everyone, nobody *would* need to push". */
function supposes(inner: Clause, main: Clause): boolean {
  const first = inner.auxiliaries[0] ?? inner.verb;
  const [modal] = main.auxiliaries;
  return first.flags?.includes("past") === true && first.cat !== "have" && modal?.cat === "modal" && /^(?:would|could)$/.test(modal.lemma ?? "");
}

/** What happened once: "When schools moved their opening bell, students slept longer." */
function wasOnce(clause: Clause): boolean {
  // "When she came home, the stream *had dried up*": before that, and not then.
  if (clause.auxiliaries[0]?.cat === "have") return false;
  const first = clause.auxiliaries[0] ?? clause.verb;
  return first.flags?.includes("past") === true;
}

/** "If the glider dives, *bend the back edges of the wings up*": what should you do? */
function whatToDo(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  // "If a book is lost, *let the borrower replace it*": what a writer proposes, and nothing for the reader to do.
  if (clause.verb.lemma === "let" && analysis.sort === "opinion") return [];
  const part = clause.adjuncts.find(({ node }) => isCondition(reasonNode(node)) && node.end <= clause.verb.start);
  if (!part) return whatToDoFor(phrasing, analysis);
  const condition = part && reasonNode(part.node);
  const inner =
    condition && clause.sentence.clauses.find((other) => other.rank === "adverbial" && other.start >= condition.start && other.end <= condition.end);
  const asked = inner && phraseClause(inner, analysis);
  if (!condition || !asked || typeof asked === "string" || clause.negated) return [];
  const askedRest = phraseRest(asked, analysis);
  // What stands behind the verbs of the command, all of them.
  const all = clause.sentence.clauses.filter((other) => other.rank === "main");
  // "If your kite dives, add more strips; *if it will not climb, take some off*": each in its own case.
  const from = all.indexOf(clause);
  const until = all.findIndex((other, index) => index > from && other.linkedBy === "semi");
  const main = all.slice(until > 0 || clause.linkedBy === "semi" ? from : 0, until > 0 ? until : undefined);
  const deeds = main.map((other) => phraseRest({ ...phrasing, clause: other, binder: asked.binder }, analysis, other === clause ? [part.node] : []));
  // "When you use *someone's words*, do not change them": what the condition has named may be taken up.
  const named = bindersIn(condition, clause.sentence, analysis);
  const parts = main.flatMap((other) => [...other.complements, ...other.adjuncts]).filter(({ node }) => node !== part.node);
  // "If the paper tears, use *a thicker sheet*": than the one that tore.
  const isMet = (why: Unclear | undefined) => !why || (why === "comparison-left-open" && condition.f.sub === "if");
  const isClear = parts.every(({ node }) => isMet(findUnclear(node, clause.sentence, analysis, asked.binder, false, { beside: named, isAnswer: true })));
  // "When the bridge gives way, weigh the sand *and write down the number*": both are to be done then.
  if (main[0] !== clause) return [];
  if (isUnclear(askedRest) || (deeds.some(isUnclear) && !isClear) || main.some((other) => !other.imperative)) return [];
  const answer = wordsText(clause.sentence, clause.verb.start, main.at(-1)!.end);
  if (answer.split(" ").length > 24 || ownsUnnamed(condition, clause)) return [];
  const word = nodeText(clause.sentence, condition.kids[0]!).toLowerCase();
  return [
    {
      type: "step",
      id: factId("condition", clause.sentence, condition.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What should you do ${word} ${stateClause(asked, askedRest)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 3.2,
      pattern: "what-to-do",
    },
  ];
}

/** "*To return to the alphabet*, press the button": what should you do? */
function whatToDoFor(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.adjuncts.find(({ node }) => node.cat === "vp-c" && node.kids[0]?.f.form === "to" && node.end <= clause.verb.start);
  const aim = part && reasonNode(part.node);
  const main = sharingClauses(clause);
  if (!part || !aim || clause !== main[0] || clause.sentence.clauses.some((other) => other.rank === "main" && !main.includes(other))) return [];
  const object = walkTree(aim).find((node) => node.cat === "np" && node.f.det !== "pron");
  const named = object && binderOf(object, nodeText(clause.sentence, object), analysis);
  const binder = named ?? phrasing.binder;
  // "To wake *it* up": never whoever is told to.
  if (findUnclear(aim, clause.sentence, analysis, BINDS_NOTHING, false)) return [];
  // What the aim has named may be taken up by what is to be done: "to edit the device, click on *it*".
  const parts = main.flatMap((other) => [...other.complements, ...other.adjuncts]).filter(({ node }) => node !== part.node);
  if (clause.negated || parts.some(({ node }) => findUnclear(node, clause.sentence, analysis, binder, false))) return [];
  // "To smooth out the steps, tear the newspaper into strips. *Mix …*": the next sentence goes on with it.
  const next = analysis.sentences[clause.sentence.index + 1];
  if (analysis.sort === "steps" && next?.block === clause.sentence.block && next.clauses[0]?.imperative && next.clauses[0].start === 0) return [];
  const answer = wordsText(clause.sentence, clause.verb.start, main.at(-1)!.end);
  const words = answer.split(" ").length;
  if (words < 2 || words > 24) return [];
  return [
    {
      type: "step",
      id: factId("condition", clause.sentence, aim.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What should you do ${midSentence(clause.sentence, aim)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.8,
      pattern: "what-to-do",
    },
  ];
}
