import { type Analysis, narratorOf } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { literally } from "../../lib/literally";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { standsAlone } from "../phrasing/ask-shared";
import { binderOf, findUnclear } from "../phrasing/clear-reference";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { speaksOfOthers } from "../phrasing/speaks-of-others";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { topicOf } from "./topic-of-report";

/** What follows them as a that-clause is what somebody found, holds or foretells. */
const REPORTING = new Set(
  "find discover conclude estimate warn suggest believe think argue show learn fear assume say report claim predict notice realise realize hope recommend explain suspect prove confirm agree decide announce promise propose insist demand worry complain boast calculate observe describe study investigate explore reveal teach remember know ask wonder rule reply answer declare admit maintain stress emphasise emphasize guess respond object advise note see state require order decree guarantee ensure write recall foresee".split(
    " ",
  ),
);
/** "What do some parents worry *about*?" */
const ABOUT = new Set("worry complain boast".split(" "));
/** With somebody who is told: "told the keeper *that the lamp was out*". */
const TELLING = new Set("tell warn remind promise assure inform convince show".split(" "));
/** Nobody in particular: more than one sentence may answer. */
const NOBODY = /^(?:anybody|anyone|some|most(?: people)?$|many people|people|others?|everyone|everybody|someone|somebody|whoever|one|you|they|we|a few|few)\b/i;
const OTHER_SIDE = /^(?:some (?:people|students|parents|adults|residents|neighbours|neighbors|experts)|others|critics|opponents)$/i;
const LONG_AGO =
  /\b(?:for (?:[\p{L}-]+ ){0,4}(?:years|centuries)|for a long time|once|in (?:ancient times|the past|the middle ages)|until (?:then|\d{4})|before \d{4}|long ago|in those days)\b/iu;
const WH_WORD = /^(?:wh(?:o|om|ose|ich|at|en|ere|y|ether)|how)\b/i;
const MOST_WORDS = 22;

/** "The council *worked out* that …": a verb of finding with its particle. */
function isWorkedOut({ verb, complements, sentence }: Clause): boolean {
  const particle = complements.find(({ role }) => role === "particle")?.node;
  return /^(?:work|point|figure|find|make)$/.test(verb.lemma ?? "") && particle !== undefined && nodeText(sentence, particle) === "out";
}

/** "The researchers found *that seawater had seeped into the concrete*": what did the researchers find? */
export function findReport(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = clause.complements.find(({ role, node }) => role === "clause" && (node.cat === "cs" || node.cat === "s" || isAsked(node, clause)));
  if (
    !part ||
    (clause.shared && !standsAlone(clause)) ||
    clause.negated ||
    (clause.passive && !TELLING.has(clause.verb.lemma ?? "")) ||
    !(
      REPORTING.has(clause.verb.lemma ?? "") ||
      isWorkedOut(clause) ||
      isAsked(part.node, clause) ||
      (TELLING.has(clause.verb.lemma ?? "") && (clause.passive || clause.complements.some(({ role }) => role === "object")))
    ) ||
    isNobody(phrasing, analysis)
  )
    return [];
  // "I *agree* that children should save": admitted, see find-admission.ts
  if (clause.verb.lemma === "agree" && phrasing.subject === narratorOf(clause.sentence, analysis)) return [];
  // "found *the town hall locked*", "saw *a turtle stuck between logs*": a thing, and how she found it.
  if (clause.verb.lemma === "see" && /^(?:to|it)$/.test(clause.sentence.words[clause.verb.end]?.lower ?? "")) return [];
  if (/^(?:find|see)$/.test(clause.verb.lemma ?? "") && part.node.cat === "s") return [];
  // "thought *of the horn that nobody had mended*": of a horn, and nothing that he thought.
  const ahead = clause.adjuncts.find(({ node }) => node.end === part.node.start && node.cat === "pp" && node.f.sub === "of")?.node;
  if (ahead && /^that\b/i.test(nodeText(clause.sentence, part.node)) && clause.verb.lemma === "think") return [];
  // "remembered *something that his uncle had told him* about brass": a thing, and no clause.
  if (part.node.cat === "s" && /^(?:some|any|every|no)thing\b/i.test(nodeText(clause.sentence, part.node))) return [];
  // "nobody had told *Miranda* of *his* rights": named in what is said itself.
  const named = walkTree(part.node).filter((node) => node.cat === "np" && analysis.persons.has(nodeText(clause.sentence, node)));
  const beside = named.map((node) => binderOf(node, nodeText(clause.sentence, node), analysis));
  const unclear = findUnclear(part.node, clause.sentence, analysis, phrasing.binder, false, { isAnswer: true, beside });
  // "I hope that *you* will change your minds": said to those who listen.
  if (phrasing.subject === narratorOf(clause.sentence, analysis) && /\byour?\b/i.test(nodeText(clause.sentence, part.node))) return [];
  // "found that children smiled more *when* the animals were there": than else.
  const told = nodeText(clause.sentence, part.node);
  const isCompared =
    (unclear === "comparison-left-open" || (unclear === "demonstrative" && !/\b(?:this|that one|these|those|such)\b/.test(told))) &&
    /\b(?:more|less|better|worse|\p{Ll}+er) (?:often )?(?:when|if|than)\b/u.test(told);
  // "A study found that those who cooked were *less likely* to be ill": what was found is told whole.
  const isFound =
    unclear === "comparison-left-open" &&
    /^(?:find|show|discover|observe|reveal|report|worry|fear|hope|argue|object|complain|claim)$/.test(clause.verb.lemma ?? "");
  // "are hotter where *that mold* is common": which, the sentence before told.
  const isPointed = unclear === "comparison-left-open" && walkTree(part.node).some(({ cat, f }) => cat === "np" && f.det === "dem");
  if ((unclear && !isCompared && !isFound) || isPointed || speaksOfOthers(part.node, clause.sentence, analysis, phrasing.subject)) return [];
  // "The council says that ships no longer need *it*": what the text is about, and never the council.
  const takesIt = walkTree(part.node).some(
    ({ role, kids: [verb, object] }) => role === "object" && verb?.cat !== "np" && object?.f.det === "pron" && headTerminal(object).lemma === "it",
  );
  if (takesIt && clause.sentence.indexInBlock > 0 && !phrasing.binder.human) return [];
  // "knew that they had not thought *of everything*", "is not the traffic *but what goes on behind her*": said with it, however it was read.
  const isTorn =
    clause.adjuncts.some(({ node }) => node.start === part.node.end && node.cat === "pp" && node.f.sub === "of") ||
    (clause.sentence.words[part.node.end]?.lower === "but" && / not\b/.test(told));
  if (isTorn) return [];
  // "declared that the teaching was false *and warned Galileo*": said, or done?
  const isAnd = part.node.cat === "cs" || (part.node.cat === "ws" && !/ or /.test(told));
  if (isAnd && walkTree(part.node).some((node) => mayBeDone(node, clause))) return [];
  // "that children need *at least nine*": nine of what?
  if (walkTree(part.node).some(({ cat, role, kids }) => cat === "vp" && role === "object" && kids[1]?.role === "number")) return [];
  // "admitted *later* that …": than what the text told; what he admitted is the same.
  const later = clause.adjuncts.filter(({ node }) => /^(?:later|afterwards)$/i.test(nodeText(clause.sentence, node))).map(({ node }) => node);
  const rest = phraseRest(phrasing, analysis, [part.node, ...later, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  const said = nodeText(clause.sentence, part.node);
  // "decides which evidence may be heard"
  const asks = WH_WORD.test(said);
  const answer = part.node.cat === "s" && !asks ? `that ${said}` : said;
  // "thought that he was joking, *but he wasn't*": what was so is no part of what was thought.
  if (/, but (?:he|she|it|they|I|we)\b/.test(answer)) return [];
  const words = answer.split(" ").length;
  // "What do some people say?": about what, the question should tell.
  const topic = rest === "" ? topicOf(part.node, clause, analysis) : undefined;
  const stem = askClause(phrasing, "What", topic?.ends ?? (ABOUT.has(clause.verb.lemma ?? "") ? ["about", rest].filter(Boolean).join(" ") : rest));
  // "A signature *only* shows that the state means to join": the only belongs to what is shown.
  const isOnly = preverbalAdverbs(clause) === "only";
  // "Otters also eat crabs, and fishermen complain that *they* leave nothing": the otters, or the fishermen?
  const saidOf = /^that (they|it)\b/.exec(answer)?.[1];
  const isRival = ({ rank, end, subject }: Clause) =>
    rank === "main" && end <= clause.subject.start && subject !== clause.subject && subject.f.num === (saidOf === "they" ? "pl" : "sg");
  if (saidOf && clause.linkedBy && clause.sentence.clauses.some(isRival)) return [];
  // "that she will not": what she will not, another sentence says.
  if (/^that .* (?:will|would|can|could|should|must|may|might)(?: not)?$/.test(answer) && !/\b(?:than|if|as)\b/.test(answer)) return [];
  // "I know *that there are doubts*": of what, the next sentence says.
  if (/^that there (?:is|are) (?:an? )?\p{Ll}+$/u.test(answer)) return [];
  if (words < (asks ? 3 : 4) || words > MOST_WORDS || !(asks || answer.startsWith("that "))) return [];
  return [
    {
      type: "report",
      id: factId("report", clause.sentence, part.node.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem: isOnly ? stem.replace(/ only (?=\p{Ll})/u, " ") : stem,
      answer: topic?.answer ?? (isOnly ? `only ${answer}` : answer),
      answerNode: part.node,
      accepted: [answer.replace(/^that /, ""), ...(isOnly || topic?.answer ? [answer] : [])],
      depth: "understanding",
      worth: 2.7,
      pattern: "what-was-said",
    },
  ];
}

/** "People used to think *that the brain switched off at night*": what did they use to think? */
export function findOldBelief(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [part, ...more] = clause.complements;
  const thinking = part?.role === "infinitive" && clause.verb.flags?.includes("use") ? walkTree(part.node).find(isThought) : undefined;
  if (!part || !thinking || more.length > 0 || clause.shared || clause.negated || clause.rank !== "main") return [];
  const [verb, what] = thinking.kids as [Node, Node];
  if (findUnclear(what, clause.sentence, analysis, phrasing.binder, false)) return [];
  const others = analysis.sentences.filter(({ text }) => /\bused to (?:think|believe)\b/.test(text));
  const rest = phraseRest(phrasing, analysis, [part.node, ...reasonsOf(clause)]);
  const said = nodeText(clause.sentence, what);
  const answer = said.startsWith("that ") ? said : `that ${said}`;
  if (others.length > 1 || rest !== "" || answer.split(" ").length > MOST_WORDS) return [];
  return [
    factOf(phrasing, what.start, {
      type: "report",
      stem: askClause({ ...phrasing, verbPhrase: `use to ${headTerminal(verb).lemma}` }, "What", rest),
      answer,
      answerNode: what,
      accepted: [answer.replace(/^that /, "")],
      depth: "understanding",
      worth: 2.9,
      pattern: "what-was-believed",
    }),
  ];
}

function isThought({ cat, role, kids }: Node): boolean {
  return cat === "vp" && role === "clause" && /^(?:think|believe)$/.test(headTerminal(kids[0]!).lemma ?? "");
}

/** Two verbs joined, where the second agrees with whoever says it: "biologists believe that red works and *protects*" does not. */
function mayBeDone({ cat, role, f }: Node, { subject }: Clause): boolean {
  if (cat !== "vp" || role !== "coordination" || f.form !== "fin") return false;
  const isOther = (f.agr === "sg" && subject.f.num === "pl") || (f.agr === "pl" && subject.f.num === "sg");
  return !isOther;
}

/** "asked *why the kitchen smelled like a bakery*" */
function isAsked(node: Node, clause: Clause): boolean {
  return (
    node.cat === "ws" &&
    /^(?:ask|say|wonder|explain|show|decide|describe|discover|study|investigate|tell|learn|explore|reveal|determine|measure|calculate|settle|record|predict|check)$/.test(
      clause.verb.lemma ?? "",
    )
  );
}

/** What those do who hold something. */
const HOLDING = "argue|say|think|believe|claim|worry|fear|hope|complain|object|warn";

/** What "some people argue" is asked in an opinion only, where one sentence alone lets the other side speak. */
function isNobody({ subject, binder, clause }: Phrasing, analysis: Analysis): boolean {
  // "Supporters say that …": of what, the sentence before said.
  if (analysis.sort !== "opinion" && /^(?:supporters|opponents|critics|defenders|advocates|believers|followers)$/i.test(subject)) return true;
  if (!NOBODY.test(subject)) return false;
  // "*Some of my neighbours* say that leaves look messy": whose they are says who.
  if (analysis.sort === "opinion" && binder.human && /^some of (?:my|our|the (?:writer|speaker)['’]s) \p{Ll}+$/iu.test(subject)) return false;
  // "*Some people who live near the point* say …": a relative clause says who.
  if (/^(?:some|many|a few|most) \p{Ll}+ who\b/iu.test(subject) && clause.subject.role === "relative") return false;
  // "*For two thousand years* people believed that nature hated empty space": all of them, then.
  const isOfThen = clause.adjuncts.some(({ node }) => LONG_AGO.test(nodeText(clause.sentence, node)));
  if (/^(?:people|most people|everyone|everybody)$/i.test(subject) && isOfThen && /^(?:believe|think)$/.test(clause.verb.lemma ?? "")) return false;
  // "*Some biologists* believe that red protects the leaf": those who hold it, where one sentence alone speaks of such.
  const [, sort] = /^(?:some|a few) (\p{Ll}+s)$/iu.exec(subject) ?? [];
  if (sort && sort !== "others" && binder.human && analysis.sort !== "story") {
    const holding = new RegExp(`\\b(?:some|other|many|most|a few) ${literally(sort)} (?:also )?(?:${HOLDING})`, "i");
    return analysis.sentences.filter(({ text }) => holding.test(text)).length > 1;
  }
  if (analysis.sort !== "opinion" || !OTHER_SIDE.test(subject)) return true;
  const opening = new RegExp(`(?:^|, )${literally(subject)} (?:${HOLDING})`, "i");
  return analysis.sentences.filter((sentence) => opening.test(sentence.text)).length !== 1;
}
