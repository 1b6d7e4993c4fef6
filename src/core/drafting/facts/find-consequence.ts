import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import { type Clause, clausesWithin } from "../../language/clause";
import { isAnimalNoun, isPersonNoun } from "../../language/find-persons";
import { nodeText, wordsText } from "../../language/node-text";
import { isThingsDeed } from "../../language/pronoun-rivals";
import { ownerPronounOf, pronounOf } from "../../language/subject-pronoun";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { type Phrasing, stateClause } from "../phrasing/ask-clause";
import { binderOf, bindersIn, findUnclear, mayBind } from "../phrasing/clear-reference";
import { isGone } from "../phrasing/is-gone";
import { phraseRest } from "../phrasing/phrase-rest";
import { phrasingOf } from "../phrasing/phrasings";
import { type Fact, factOf } from "./fact";
import { isUnclear } from "./find-cause";
import { asksOfMore, explainsOnly, findCondition, isCondition } from "./find-condition";
import { isGeneral } from "./goes-on-with";

const [FEWEST_WORDS, MOST_WORDS] = [3, 24];

/**
 * "If a rule of the board breaks a law, *a judge can cancel it*": what can happen then? The words of
 * the source, whose pronouns take up what the question names.
 */
export function findConsequence(sentence: Sentence, analysis: Analysis): Fact[] {
  const main = sentence.clauses.filter(({ rank }) => rank === "main");
  const [first, ...more] = main;
  const part = first?.adjuncts.find(({ node }) => node.start === 0 && node.cat === "sb-c" && isCondition(reasonNode(node)))?.node;
  if (
    !first ||
    !part ||
    !main.every((clause) => holdsThen(clause, part)) ||
    more.some(({ linkedBy, subject }) => subject !== first.subject && !/^(?:and|or)$/.test(linkedBy ?? ""))
  )
    return [];
  if (explainsOnly(first)) return [];
  const condition = reasonNode(part);
  const [inner, ...others] = clausesWithin(sentence, condition);
  if (!inner || others.length > 0 || !isGeneral(inner) || !/^(?:when|if|once)$/.test(condition.f.sub ?? "")) return [];
  if (/\b(?:is|are|am|was|were) to \p{Ll}/u.test(wordsText(sentence, inner.subject.end, inner.end))) return [];
  const asked = phrasingOf(inner, analysis);
  if (typeof asked === "string") return [];
  const told = phraseRest(asked, analysis);
  const beside = bindersIn(condition, sentence, analysis);
  // "If *one bulb* burns out, *the others* go dark"
  const hasOne = /\bone \p{L}+/u.test(nodeText(sentence, condition));
  const isClear = (node: Node) =>
    (hasOne && /^the others?$/i.test(nodeText(sentence, node))) || !findUnclear(node, sentence, analysis, asked.binder, false, { beside, isAnswer: true });
  if (isUnclear(told) || !main.every((clause) => [clause.subject, ...partsOf(clause, part)].every(isClear))) return [];
  // Where the clause can be asked about by itself, this is done with its own words.
  const phrased = phrasingOf(first, analysis);
  if (typeof phrased !== "string" && findCondition(phrased, analysis).length > 0) return [];
  // "…, *hardly* anything happens", "If you *pull*, …", "When oxygen runs out, *it* …" of yeast.
  if (!opensMain(first, part, sentence) || isOpen(inner, asked.subject, told) || mayMeanOther(first, inner, condition, analysis)) return [];
  // "*something else* begins": what that is, the text goes on to say.
  if (/^(?:hardly|something|somebody|someone)\b/i.test(nodeText(sentence, first.subject))) return [];
  const answer = wordsText(sentence, first.subject.start, main.at(-1)!.end);
  const words = answer.split(" ").length;
  if (asksOfMore(answer, asked)) return [];
  if (words < FEWEST_WORDS || words > MOST_WORDS || /\bno more$|[“”":;]/.test(answer)) return [];
  const [modal] = first.auxiliaries;
  const doer = doerOf(inner, first, analysis);
  if (doer) return [whatItDoes(asked, told, answer, doer, condition, modal)];
  const happens = modal?.cat === "modal" && modal.lemma !== "can" ? `${modal.lemma} happen` : "happens";
  const word = nodeText(sentence, condition.kids[0]!).toLowerCase();
  return [
    factOf(asked, condition.start, {
      type: "condition",
      stem: `What ${happens} ${word} ${stateClause(asked, told)}?`,
      answer,
      accepted: [],
      depth: "understanding",
      worth: 2.7,
      pattern: `what-happens-${word}`,
    }),
  ];
}

/** A deed of today behind the condition; a state does not happen. */
function holdsThen(clause: Clause, part: Node): boolean {
  const [modal] = clause.auxiliaries;
  const isModal = modal?.cat === "modal";
  if (
    clause.imperative ||
    clause.negated ||
    clause.subject.start < part.end ||
    !isGeneral(clause) ||
    (isModal && !/^(?:can|may|will)$/.test(modal.lemma ?? ""))
  )
    return false;
  if (clause.auxiliaries.some(({ cat }) => cat === "have")) return false;
  return (
    clause.verb.cat === "v" &&
    !/^(?:want|trust|expect|think|hope|assume|wonder|like|know|believe|look|seem|mean|resemble|say|call)$/.test(clause.verb.lemma ?? "")
  );
}

function partsOf({ complements, adjuncts }: Clause, part: Node): Node[] {
  // "If …, *therefore*, she suspects …": leads over, and tells nothing.
  const leadsOver = (node: Node) => /^(?:c-)?advp-c$/.test(node.cat) && /^(?:therefore|however|then|though)$/.test(headTerminal(node).lemma ?? "");
  return [...complements, ...adjuncts].map(({ node }) => node).filter((node) => node !== part && !leadsOver(node));
}

/** Nothing stands between the condition and the subject but what is said in passing. */
function opensMain({ subject }: Clause, part: Node, { words }: Sentence): boolean {
  return subject.start === part.end || words[subject.start - 1]?.text === ",";
}

/** What you do with nothing told of it: start what, pull what? */
function isOpen({ complements, adjuncts, passive }: Clause, subject: string, told: string): boolean {
  if (/\balready\b/.test(told)) return true;
  return /^(?:you|people|we|they)$/i.test(subject) && !passive && complements.length === 0 && !adjuncts.some(({ node }) => node.cat === "pp" && !node.f.time);
}

/** "Yeast breathes. When oxygen runs out, *it* …": what the sentence before tells of, and the condition does not name. */
function mayMeanOther(main: Clause, inner: Clause, condition: Node, analysis: Analysis): boolean {
  const { sentence } = main;
  const pronoun = pronounOf(main.subject) ?? ownerPronounOf(main.subject);
  if (!pronoun) return false;
  // "When a horn blows, *its* plate …": the subject of the one is the subject of the other, where it is still there.
  const isThing = inner.subject.cat === "np" && inner.subject.f.det !== "pron" && !isGone(inner);
  // "When *no corn* was ground, *it* drove a generator": never the corn.
  if (/^no\b/i.test(nodeText(sentence, inner.subject))) return true;
  // "If the ground is damp, *it* starts to grow"
  if (isThing && isThingsDeed(inner.subject, main, analysis.lexicon)) return true;
  if (isThing && mayBind(pronoun, binderOf(inner.subject, nodeText(sentence, inner.subject), analysis))) return false;
  const named = new Set(walkTree(condition).flatMap(({ cat, lemma }) => (cat === "n" || cat === "pn" ? [(lemma ?? "").toLowerCase()] : [])));
  const isNamed = (text: string) =>
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .some((word) => named.has(word) || named.has(word.replace(/s$/, "")));
  const at = positionKey(sentence, main.subject.start);
  const known = analysis.antecedents.get(at) ?? analysis.owners.get(at);
  if (known && !(isGone(inner) && isNamed(known.text))) return !isNamed(known.text);
  const before = analysis.sentences[sentence.index - 1];
  if (before?.block !== sentence.block) return false;
  return before.clauses.some((clause) => {
    const told = analysis.antecedents.get(positionKey(before, clause.subject.start));
    const text = told?.text ?? nodeText(before, clause.subject);
    return clause.rank === "main" && !clause.imperative && !isNamed(text) && mayBind(pronoun, binderOf(told?.node ?? clause.subject, text, analysis));
  });
}

/** "When a worker finds flowers, *she* dances": what somebody, or an animal, does does not happen to her. */
function doerOf(inner: Clause, main: Clause, { lexicon }: Analysis): string | undefined {
  const noun = headTerminal(inner.subject).lemma ?? "";
  const isAlive = isPersonNoun(noun, lexicon) || isAnimalNoun(noun, lexicon);
  const pronoun = pronounOf(main.subject);
  const isSame = pronoun !== undefined && (inner.subject.f.num === "pl") === (pronoun === "they");
  return isAlive && isSame && !main.passive ? pronoun : undefined;
}

/** "What does a worker do when she finds flowers?" */
function whatItDoes(asked: Phrasing, told: string, answer: string, pronoun: string, condition: Node, modal: Node | undefined): Fact {
  const { sentence, subject } = asked.clause;
  const word = nodeText(sentence, condition.kids[0]!).toLowerCase();
  const does = modal?.cat === "modal" ? modal.lemma! : subject.f.num === "pl" ? "do" : "does";
  return factOf(asked, condition.start, {
    type: "condition",
    stem: `What ${does} ${asked.subject} do ${word} ${stateClause({ ...asked, subject: pronoun }, told)}?`,
    answer,
    accepted: [answer.replace(/^(?:he|she|it|they) (?:(?:can|will|may) )?/, "")],
    depth: "understanding",
    worth: 2.7,
    pattern: "what-did-when",
  });
}
