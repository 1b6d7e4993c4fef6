import type { Clause } from "../../language/clause";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { walkTree } from "../../language/tree";
import { numberValue } from "../phrasing/number-forms";
import type { Statement } from "../source-stock";
import type { Falsehood } from "./falsehood";

/** A number that may be reached or not all the same: "can hold more than forty". */
const POSSIBLE = /\b(?:can|could|may|might|should|would|must)\b/;
const SHARE = /^(?:half|a (?:third|quarter|fifth|tenth)|two thirds|three quarters)\b/;

/** A bound or an amount turned round: "more than half" → "less than half", "at least ten boats" → "fewer than ten", "a third" → "two thirds", "most houses" → "few houses", "no longer" → "still". */
export function byBound({ text, phrasing: { clause } }: Statement): Falsehood[] {
  const denied = [
    ...(/^not (?:everyone|everybody|everything|all) /i.test(text) ? [changed(text, 0, "not ", "")] : []),
    ...(/^(?:nobody|no one) (?!else\b|in\b|has to\b|(?:would )?(?:mind|care)(?:s|d|ed)?\b)/i.test(text) && !TAKES_NOT.test(text) && text.split(" ").length > 5
      ? everybody(text)
      : []),
    ...(isBeforeVerb("no longer", clause) && / no longer (?!.*\bat all\b)/.test(text) && !TAKES_NOT.test(text)
      ? [changed(text, text.indexOf("no longer "), "no longer ", "still ")]
      : []),
  ];
  if (denied.length > 0) return clause.adjuncts.some(({ node }) => node.cat.includes("sb")) ? [] : denied;
  if (clause.negated || POSSIBLE.test(text)) return [];
  const bounds = saysItself(clause) ? [...text.matchAll(/\b(more than|over|at least|less than|fewer than) (?=\S)/gi)] : [];
  const subject = nodeText(clause.sentence, clause.subject);
  const amount = /^(most|few) (?=\p{Ll})/iu.exec(text);
  // "most water": how much, and not how many.
  // "Few of them knew *anything*": no most of them did.
  const isMany =
    amount &&
    !/^most of the things?\b/i.test(text) &&
    !/\b(?:any\p{L}*|n?ever)\b/u.test(text) &&
    clause.subject.f.num === "pl" &&
    new RegExp(`^${amount[1]} `, "i").test(subject);
  return [
    ...(bounds.length === 1 ? turned(text, bounds[0]!) : bounds.length === 0 ? byShare(text) : []),
    ...(isMany ? [changed(text, 0, amount[0], amount[1]!.toLowerCase() === "most" ? "few " : "most ")] : []),
  ];
}

const BOUND = /\b(?:more|less|fewer) than\b|\b(?:over|at least) (?:\d|\p{L})/u;

/** Said of the clause itself, and not in what somebody reports. */
function isBeforeVerb(word: string, { sentence, subject, verb }: Clause): boolean {
  const at = sentence.words.findIndex(({ lower }) => lower === word || lower === word.split(" ")[0]);
  return at >= subject.end && at <= verb.end;
}

/** Words that stand only beside a *not*: "nobody had *ever* seen one". */
const TAKES_NOT = /\b(?:any|anything|anyone|anybody|anywhere|ever|either|else|more|again|but|until|because|except)\b/i;

/** "Nobody was hurt" → "everybody was hurt"; what nobody *may* do, everybody may. */
function everybody(text: string): Falsehood[] {
  const [own] = /^(?:nobody|no one) /i.exec(text)!;
  return [changed(text, 0, own, "everybody ")];
}

/** Shares and amounts that exclude each other, whatever they are shares of. */
const SHARES: readonly (readonly [RegExp, string])[] = [
  [/\b(?:a|one) third (?=of\b)/, "two thirds "],
  [/\btwo thirds (?=of\b)/, "one third "],
  [/\b(?:a|one) quarter (?=of\b)/, "three quarters "],
  [/\bthree quarters (?=of\b)/, "one quarter "],
  [/(?<!\b(?:\p{L}+er|\p{L}+ern|the|other|first|last|one) )\bhalf (?=of (?:all|the|its|their|his|her)\b)/u, "a tenth "],
  [/\bonly an? (?:small|tiny) (?:part|share|number|fraction|amount) (?=of\b)/, "most "],
  [/\ba (?:small|tiny) part (?=of\b)/, "a large part "],
  [/\ba (?:large|great|big) part (?=of\b)/, "a small part "],
  [/\ba small (?=(?:number|amount|share) of\b)/, "a large "],
  [/\ba (?:large|great|huge) (?=(?:number|amount|share) of\b)/, "a small "],
];

function byShare(text: string): Falsehood[] {
  const found = SHARES.flatMap(([pattern, to]) => [...text.matchAll(new RegExp(pattern, "gu"))].map((match) => ({ match, to })));
  // "roughly half", "almost a third": what is near to it is not the other.
  // "an ounce of bread and a quarter of a pint": half of it would stay true.
  if (found.length !== 1 || / and /.test(text.slice(0, found[0]!.match.index)) || /\b(?:up to|nearly all|another|the other|first|last|next)\b/.test(text))
    return [];
  const [{ match, to }] = found as [(typeof found)[number]];
  return [changed(text, match.index, match[0], to)];
}

/** "needs two thirds *for a bridge that costs more than …*": the bound of a relative clause or of a condition says of what, and a purpose is none of the deed's. */
function saysItself({ subject, complements, adjuncts, verb, sentence }: Clause): boolean {
  const bound = sentence.words.findIndex(
    ({ lower }, index) => index >= subject.start && /^(?:more than|over|at least|less than|fewer than|more|less|fewer)$/.test(lower),
  );
  // "calls twenty drivers *if more than five centimetres have fallen*": what he does otherwise, nobody says.
  const isSupposed = adjuncts.some(({ node }) => node.cat.includes("sb") && node.end <= subject.start && BOUND.test(nodeText(sentence, node)));
  if (isSupposed) return false;
  const inner = [subject, ...[...complements, ...adjuncts].map(({ node }) => node)]
    .flatMap(walkTree)
    .filter(({ cat, f }) => cat === "rc" || cat === "sb" || (cat === "vp" && f.form === "to" && verb.lemma === "need"));
  return !inner.some(({ start, end }) => start <= bound && bound < end);
}

function turned(text: string, { 0: words, 1: bound, index }: RegExpMatchArray): Falsehood[] {
  const behind = text.slice(index! + words.length);
  const isLower = /^(?:more than|over|at least)$/i.test(bound!);
  if (SHARE.test(behind)) return bound === "over" ? [] : [changed(text, index!, words, isLower ? "less than " : "more than ")];
  const [first = "", second = "", third = ""] = behind.replace(/[,;]/g, "").split(" ");
  const [noun, value] = numberValue(`${first} ${second}`) === undefined ? [second, numberValue(first)] : [third, numberValue(`${first} ${second}`)];
  // "over two hills" lie behind them; "more than one" is many.
  // "people over seventy need": no things are counted.
  if (
    value === undefined ||
    value < 2 ||
    (bound === "over" && /^(?:needs|has|is|was|gets|goes)$/.test(noun)) ||
    (bound === "over" && value < 20) ||
    !/^(?:\p{Ll}+s|feet|people|percent|men|women|children|fish|sheep)$/u.test(noun)
  )
    return [];
  const isMeasured = UNIT_NOUNS.has(noun) || UNIT_NOUNS.has(noun.replace(/s$/, "")) || /^(?:feet|times|tenths|thirds|quarters|fifths|crowns|pence)$/.test(noun);
  return [changed(text, index!, words, isLower ? (isMeasured ? "less than " : "fewer than ") : "more than ")];
}

function changed(text: string, at: number, from: string, to: string): Falsehood {
  return {
    text: `${text.slice(0, at)}${to}${text.slice(at + from.length)}`,
    how: "bound",
    from: from.trim(),
    to: to.trim() || text.slice(at + from.length).split(" ")[0]!,
  };
}
