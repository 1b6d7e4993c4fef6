import { type Analysis, narratorOf, type Sentence } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { bindersIn, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { isOfThings } from "./belongs-to-object";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { withoutReason } from "./find-purpose";
import { goingTo } from "./going-to";

/** "learn to be careful *only* if somebody shows them", "like to read *at first*": not without what else is said. */
const LIMITED = / (?:only|at first|for now|so far|at all)$/;

const AIMING = new Set(
  "manage fail help seek struggle aspire continue want hope plan try decide agree refuse promise offer choose expect prepare wish learn attempt volunteer intend forget remember".split(
    " ",
  ),
);

/** "The harbour master *would like a wall along the pier*": what would he like? */
export function findWish(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const isWish = clause.auxiliaries.length === 1 && clause.auxiliaries[0]!.lemma === "would" && /^(?:like|prefer)$/.test(clause.verb.lemma ?? "");
  if (!isWish || !object || object.f.det === "pron" || clause.complements.length > 1 || clause.shared || clause.negated) return [];
  const behind = clause.adjuncts.map(({ node }) => node).filter((node) => node.start >= object.end && node.cat === "pp");
  if ([object, ...behind].some((node) => findUnclear(node, sentence, analysis, phrasing.binder, true, { isAnswer: true }))) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...behind, ...reasonsOf(clause)]);
  const answer = wordsText(sentence, object.start, behind.at(-1)?.end ?? object.end);
  if (isUnclear(rest) || rest !== "" || answer.split(" ").length < 2) return [];
  return [
    factOf(phrasing, object.start, {
      type: "aim",
      stem: askClause(phrasing, "What", ""),
      answer,
      answerNode: object,
      accepted: [],
      depth: "understanding",
      worth: 2.6,
      pattern: "what-wish",
    }),
  ];
}

const MOVING = new Set("ask tell allow permit force help encourage order urge persuade train require advise beg enable let teach".split(" "));

/** "A lawyer can *ask the judge to dismiss a person*": what can a lawyer ask the judge to do? */
export function findRequest(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [to, inside, ...more] = clause.complements;
  // "asked the lady *at the shop* to show him": the deed stands behind where she is.
  const behind = clause.adjuncts.at(-1);
  const what = inside ?? (behind?.node.cat === "vp" && behind.node.f.form === "to" ? { role: "infinitive", node: behind.node } : undefined);
  if (clause.shared || clause.passive || clause.imperative || more.length > 0 || !MOVING.has(clause.verb.lemma ?? "")) return [];
  if (to?.role !== "object" || what?.role !== "infinitive" || !isDeed(what.node, clause.verb.lemma ?? "")) return [];
  if (findUnclear(what.node, clause.sentence, analysis, phrasing.binder, false, { beside: bindersIn(to.node, clause.sentence, analysis) })) return [];
  // "The varnish lets us wipe off most of *it*": never the varnish.
  if (!phrasing.binder.human && walkTree(what.node).some(({ cat, lemma, start }) => cat === "pro" && lemma === "it" && !clause.sentence.resolved?.has(start)))
    return [];
  // "can ask the court to send a bailiff *when the loser refuses*": whoever is asked stands next to what is asked.
  const clauses = clause.adjuncts
    .map(({ node }) => node)
    .filter((node) => node !== what.node && (node.cat.includes("sb") || (node.end <= clause.subject.start && isWhen(node))));
  // "asked another assistant, *Howard Foster*, to plot them": by his name.
  const called = to.node.role === "apposition" ? personNamed(to.node, clause.sentence, analysis) : undefined;
  const others = called ? [to.node] : [];
  const withName = (told: string) => (called && !isUnclear(told) ? [called, told].filter(Boolean).join(" ") : told);
  const named = withName(phraseRest(phrasing, analysis, [what.node, ...clauses, ...others, ...reasonsOf(clause)]));
  const rest = withName(phraseRest(phrasing, analysis, [what.node, ...others, ...reasonsOf(clause)]));
  const circumstance = rest.startsWith(named) ? rest.slice(named.length).trim() : "";
  const answer = deedsIn(clause.sentence, what.node);
  if (isUnclear(rest) || isUnclear(named) || answer.split(" ").length < (clause.verb.lemma === "teach" ? 1 : 3)) return [];
  return [
    {
      type: "aim",
      id: factId("aim", clause.sentence, what.node.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: askClause(phrasing, "What", [named, what.node.f.form === "to" ? "to do" : "do", circumstance].filter(Boolean).join(" ")),
      answer,
      answerNode: what.node,
      accepted: what.node.f.form === "to" ? [`to ${answer}`] : [],
      depth: "understanding",
      worth: 2.4,
      pattern: "what-aim",
    },
  ];
}

/** "*One summer* a friend asked me to help" */
function isWhen(node: Node): boolean {
  return Boolean(node.f.time) || node.f.sub === "time" || (node.kids[0] !== undefined && node.cat.endsWith("-c") && isWhen(node.kids[0]));
}

/** The name that stands in apposition. */
function personNamed(np: Node, sentence: Sentence, { persons }: Analysis): string | undefined {
  return walkTree(np)
    .filter(({ cat }) => cat === "pnb")
    .map((node) => nodeText(sentence, node))
    .find((name) => persons.has(name));
}

/** "to bake bread, to clean fish and to season a soup", without the *to* of each. */
function deedsIn(sentence: Sentence, node: Node): string {
  return nodeText(sentence, node)
    .replace(/^to /, "")
    .replace(/(,| and| or) to (?=\p{Ll})/gu, "$1 ");
}

/** "had to replace *them* every year": never whoever had to. */
function takesUpOther(deed: Node, sentence: Sentence): boolean {
  return walkTree(deed).some(
    ({ cat, lemma, start, end }) =>
      cat === "pro" &&
      /^(?:it|them|him|her)$/.test(lemma ?? "") &&
      !sentence.resolved?.has(start) &&
      sentence.words[start - 1]?.candidates.some((tag) => tag.cat === "v") === true &&
      end <= deed.start + 3,
  );
}

/** "asks the judge *to dismiss* her", "lets you *watch* the sun" */
function isDeed({ f }: Node, verb: string): boolean {
  return f.form === "to" || (f.form === "base" && /^(?:let|help)$/.test(verb));
}

const FEWEST_OF_TELLER = 6;
const LASTING =
  /^(wait|stay|serve|rest|last) (?:for )?((?:(?:only|at least|about|up to|more than) )?[\p{L}\d-]+ (?:seconds|minutes|hours|days|weeks|months|years))$/u;

/** "Every ship *had to give one penny for each ton*": what did every ship have to do? "is going to …": what is it going to do? */
export function findObligation(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const duty = clause.verb.cat === "have" ? clause.complements.find(({ role, node }) => role === "infinitive" && node.f.form === "to") : undefined;
  const part = duty ?? goingTo(clause);
  if (!part || clause.imperative || clause.complements.some((other) => other !== part)) return [];
  // "ran out of money *and had to live on crackers*": when he had to, the first half says.
  if (clause.shared) return [];
  if (part.node.f.passive || findUnclear(part.node, clause.sentence, analysis, phrasing.binder, false) || takesUpOther(part.node, clause.sentence)) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...reasonsOf(clause)]);
  const answer = deedsIn(clause.sentence, withoutReason(part.node));
  const lasting = LASTING.exec(answer);
  // "I had to go outside for a minute": of whoever tells the whole there is more.
  const isThin = rest === "" && phrasing.subject === narratorOf(clause.sentence, analysis) && answer.split(" ").length < FEWEST_OF_TELLER;
  if (isUnclear(rest) || isThin || answer.split(" ").length < 3 || isOfThings(answer) || LIMITED.test(answer)) return [];
  // "have to *wait only three years*": for how long?
  if (lasting)
    return [
      factOf(phrasing, part.node.start, {
        type: "time",
        stem: askClause({ ...phrasing, verbPhrase: `${phrasing.verbPhrase} to ${lasting[1]}` }, "How long", rest),
        answer: lasting[2]!,
        answerNode: part.node,
        accepted: [lasting[2]!.replace(/^(?:only|at least|about|up to) /, ""), `for ${lasting[2]}`],
        depth: "recall",
        worth: 2.2,
        pattern: "how-long",
      }),
    ];
  return [
    factOf(phrasing, part.node.start, {
      type: "aim",
      stem: askClause({ ...phrasing, verbPhrase: `${phrasing.verbPhrase} to do` }, "What", rest),
      answer,
      answerNode: part.node,
      accepted: [`to ${answer}`],
      depth: "understanding",
      worth: 2.3,
      pattern: "what-aim",
    }),
  ];
}

/** Verbs with a deed in *-ing*, and the preposition that some of them take. */
const CONSIDERING: Record<string, string> = {
  consider: "",
  avoid: "",
  enjoy: "",
  stop: "",
  quit: "",
  keep: "",
  practise: "",
  practice: "",
  risk: "",
  suggest: "",
  miss: "",
  dream: "of",
  think: "of",
  insist: "on",
  succeed: "in",
  apologise: "for",
};

/** "*considered blaming the cat*", "had *dreamed of drawing coastlines*": what did he consider doing? */
export function findThought(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const preposition = CONSIDERING[clause.verb.lemma ?? ""];
  if (preposition === undefined || clause.passive || clause.imperative || clause.negated || (clause.shared && !standsAlone(clause))) return [];
  const parts = preposition ? clause.adjuncts : clause.complements;
  const part = parts.find(
    ({ node }) => node.f.form === "ing" && (preposition ? node.cat === "pp" && node.kids[0]?.lemma === preposition : node.cat === "vp"),
  )?.node;
  const deed = part && (preposition ? part.kids[1] : part);
  // "kept *the fire* going": the fire went on.
  if (!preposition && clause.complements.length > 1) return [];
  if (!part || !deed || findUnclear(deed, clause.sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  const answer = nodeText(clause.sentence, deed);
  if (isUnclear(rest) || answer.split(" ").length < 2 || /\b(?:it|them)$/.test(answer)) return [];
  return [
    factOf(phrasing, part.start, {
      type: "aim",
      stem: askClause({ ...phrasing, verbPhrase: [phrasing.verbPhrase, preposition, "doing"].filter(Boolean).join(" ") }, "What", rest),
      answer,
      answerNode: deed,
      accepted: [],
      depth: "understanding",
      worth: analysis.sort === "story" ? 2.6 : 2.1,
      pattern: "what-aim",
    }),
  ];
}

/** "*People who ignore a summons* can be fined": what can happen to them? */
export function findFate(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [modal] = clause.auxiliaries;
  const isFate = clause.passive && modal?.cat === "modal" && /^(?:can|may|will|could)$/.test(modal.lemma ?? "") && clause.subject.role === "relative";
  // "can be *kept* on ice for only four hours": how, or how long.
  if (!isFate || clause.negated || clause.shared || /^(?:keep|use|find|see|make|call|know)$/.test(clause.verb.lemma ?? "")) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  return [
    {
      type: "condition",
      id: factId("condition", clause.sentence, clause.verb.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: `What ${modal.lemma} happen to ${phrasing.subject}?`,
      // "*anyone* who ignores it": whoever it is, one or many.
      answer: `${clause.subject.f.num === "pl" || phrasing.binder.num === "pl" || /^(?:anyone|everyone|anybody|everybody)\b/i.test(phrasing.subject) ? "they" : phrasing.binder.human ? "he or she" : "it"} ${[phrasing.finite, rest].filter(Boolean).join(" ")}`,
      accepted: [],
      depth: "understanding",
      worth: 2.8,
      pattern: "what-can-happen-to",
    },
  ];
}

/** "They *decided to split up*", "Engineers *hope to copy* the recipe": what somebody wants, decides or tries. */
export function findAim(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  // "promised *to count the seals and to publish the numbers*"
  const isTo = (node: Node) => node.f.form === "to" || (node.role === "coordination" && node.kids[0]?.f.form === "to");
  const part = clause.complements.find(({ role, node }) => role === "infinitive" && isTo(node));
  if (
    !part ||
    // "continues *to be run by the town*": done to it, and nothing that it does.
    part.node.f.passive ||
    clause.passive ||
    clause.imperative ||
    (clause.shared && !standsAlone(clause)) ||
    !(AIMING.has(clause.verb.lemma ?? "") || (/^(?:begin|start)$/.test(clause.verb.lemma ?? "") && phrasing.binder.human)) ||
    clause.complements.length > 1
  )
    return [];
  // Who wants to close *it* does not want to close himself.
  if (findUnclear(part.node, clause.sentence, analysis, phrasing.binder, true, { isAnswer: true })) return [];
  // "refused to perform at shows *where black people had to use another gate*": at which shows.
  const where = clause.adjuncts.find(({ node }) => node.start === part.node.end && node.cat === "sb" && node.f.sub === "where")?.node;
  if (where && findUnclear(where, clause.sentence, analysis, phrasing.binder, false)) return [];
  const rest = phraseRest(phrasing, analysis, [part.node, ...(where ? [where] : []), ...reasonsOf(clause)]);
  const deed = where ? { ...part.node, end: where.end } : withoutReason(part.node);
  // "wanted to keep gases cold, *not to keep soup hot*"
  const answer = deedsIn(clause.sentence, deed).replace(/, not to .*$/, "");
  // "People began to demand change": after what?
  if (/^(?:begin|start)$/.test(clause.verb.lemma ?? "") && rest === "" && /^(?:people|they|others|men|women)$/i.test(phrasing.subject)) return [];
  // "wanted to be a carpenter at first": true for a while only.
  if (isUnclear(rest) || answer.split(" ").length < 2 || LIMITED.test(answer)) return [];
  return [
    {
      type: "aim",
      id: factId("aim", clause.sentence, part.node.start),
      sentence: clause.sentence,
      clause,
      phrasing: { ...phrasing, verbPhrase: `${phrasing.verbPhrase} to do` },
      stem: askClause({ ...phrasing, verbPhrase: `${phrasing.verbPhrase} to do` }, "What", rest),
      answer,
      answerNode: part.node,
      accepted: [`to ${answer}`],
      depth: "understanding",
      worth: analysis.sort === "story" ? 2.8 : 2.3,
      pattern: "what-aim",
    },
  ];
}
