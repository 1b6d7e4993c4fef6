import type { Analysis, Sentence } from "../../language/analysis";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";
import { numberForms, withoutHedge } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const PAYING = new Set("cost charge pay earn spend raise make save donate collect receive offer owe lend borrow invest lose win need have".split(" "));
/** "was sold *for* 320 marks" */
const TRADING = new Set("sell buy".split(" "));

/** "The company charges *3.80* for each meal", "A meal costs *2.10*": how much? Counted coins are asked for by their number. */
export function findPrice(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const verb = clause.verb.lemma ?? "";
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || !/^(?:v|have)$/.test(clause.verb.cat)) return [];
  const paid = PAYING.has(verb) && !clause.passive ? clause.complements.find(({ role }) => role === "object")?.node : undefined;
  const phrase = TRADING.has(verb)
    ? clause.adjuncts.find(({ node }) => node.cat === "pp" && node.f.sub === "for" && node.start >= clause.verb.end)?.node
    : undefined;
  const price = paid ?? phrase?.kids[1];
  if (!price || !isBareSum(price, nodeText(sentence, price))) return [];
  // "The team won *12*": of games or of medals, where no coin says what.
  if (!/^(?:cost|charge|pay|earn|sell|buy)$/.test(verb) && !/[£$€¥]/.test(nodeText(sentence, price))) return [];
  if (isUnitAlone(clause.subject)) return [];
  const rest = phraseRest(phrasing, analysis, [paid ?? phrase!, ...reasonsOf(clause)]);
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < 2) return [];
  const answer = nodeText(sentence, price);
  return [
    factOf(phrasing, price.start, {
      type: "frequency",
      stem: askClause(phrasing, phrase ? "For how much" : "How much", rest),
      answer,
      answerNode: price,
      accepted: numberForms(withoutHedge(answer)),
      depth: "recall",
      worth: 1.8,
      pattern: "how-much",
    }),
  ];
}

/** "*It cost ten thousand pounds* to save a harvest worth five hundred": how much did it cost? */
export function findCostOfDeed(sentence: Sentence, analysis: Analysis): Fact[] {
  return sentence.clauses.flatMap((clause) => {
    const isIt = clause.rank === "main" && clause.verb.lemma === "cost" && nodeText(sentence, clause.subject).toLowerCase() === "it";
    if (!isIt || clause.negated || clause.shared || clause.auxiliaries.length > 0) return [];
    const parts = [...clause.complements, ...clause.adjuncts].map(({ node }) => node);
    const [price, deed, ...more] = parts;
    if (price?.cat !== "np" || price.role !== "quantity" || deed?.cat !== "vp" || deed.f.form !== "to" || more.length > 0) return [];
    if (deed.end - deed.start < FEWEST_OF_DEED || findUnclear(deed, sentence, analysis, BINDS_NOTHING)) return [];
    const did = clause.verb.flags?.includes("past") ? "did" : "does";
    const answer = nodeText(sentence, price);
    const phrasing: Phrasing = { clause, subject: "it", binder: { num: "sg", human: false }, inverted: did, verbPhrase: "cost", finite: "cost" };
    return [
      factOf(phrasing, price.start, {
        type: "frequency",
        stem: `How much ${did} it cost ${nodeText(sentence, deed)}?`,
        answer,
        answerNode: price,
        accepted: numberForms(withoutHedge(answer)),
        depth: "recall",
        worth: 2,
        pattern: "how-much",
      }),
    ];
  });
}

/** Words of "to build the wall". */
const FEWEST_OF_DEED = 4;

/** "*A kilo* costs more than a car": of what? */
export function isUnitAlone(np: Node): boolean {
  return np.end - np.start === 2 && np.f.det === "indef" && UNIT_NOUNS.has(headTerminal(np).lemma ?? "");
}

/** "Silk was *worth its weight in gold*": what was it worth? */
export function findWorth(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const part = clause.complements.find(({ role }) => role === "predicate")?.node;
  const [worth, price] = part?.kids ?? [];
  if (clause.verb.cat !== "be" || clause.negated || clause.shared || worth?.lemma !== "worth" || price?.cat !== "np" || price.f.form === "ing") return [];
  // "are worth *something*"
  if (/^(?:some|any|every|no)thing$/.test(headTerminal(price).lemma ?? "")) return [];
  // "its weight *in gold*"
  const tail = /\bweight$/.test(nodeText(sentence, part!))
    ? clause.adjuncts.find(({ node }) => node.start === part!.end && node.cat === "pp")?.node
    : undefined;
  const rest = phraseRest(phrasing, analysis, [part!, ...(tail ? [tail] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(price, sentence, analysis, phrasing.binder, false) || /\bit\b/.test(nodeText(sentence, price))) return [];
  const answer = wordsText(sentence, price.start, tail?.end ?? price.end);
  return [
    factOf(phrasing, price.start, {
      type: "frequency",
      stem: askClause({ ...phrasing, verbPhrase: [phrasing.verbPhrase, "worth"].filter(Boolean).join(" ") }, "What", rest),
      answer,
      answerNode: price,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: "what-worth",
    }),
  ];
}

/** A number without a noun that is counted: "3.80", "$5", "£12,000". */
function isBareSum(np: Node, text: string): boolean {
  if (np.role === "sum") return true;
  const number = walkTree(np).find(({ cat }) => cat === "num");
  return number !== undefined && headTerminal(np) === number && /\d/.test(text) && text.split(" ").length <= 4;
}
