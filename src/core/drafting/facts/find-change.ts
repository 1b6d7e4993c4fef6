import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const CHANGING = /^(?:rise|fall|grow|increase|drop|decrease|shrink|climb|decline|widen|cut|reduce|raise|lower|lengthen|shorten|sink|swell|change|differ)$/;
/** A share, a per cent, or a sum: what something rises or falls by. */
const AMOUNT =
  /^by ((?:about |nearly |almost |over |more than |less than |up to |around |only )?(?:(?:an? |one |two |three |four |nine )(?:half|thirds?|quarters?|fifths?|sixth|tenths?)|(?:two|three|four)-(?:thirds|quarters|fifths)|half|[£$€¥][\d.,]+(?: million| billion)?|[\d.,]+ ?(?:%|percent|per cent)|\p{L}+ (?:percent|per cent)))$/iu;

/** "The number of visitors rose *by a third*": by how much did it rise? */
export function findChange(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || !CHANGING.test(clause.verb.lemma ?? "")) return [];
  const part = clause.adjuncts.find(({ node }) => node.cat === "pp" && node.f.sub === "by" && AMOUNT.test(nodeText(clause.sentence, node)))?.node;
  const [, amount] = (part && AMOUNT.exec(nodeText(clause.sentence, part))) || [];
  if (!part || !amount) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  // "fell by 15% in 2019 and *by 20%* in 2020": two amounts.
  if (isUnclear(rest) || /\bby\b/.test(rest)) return [];
  return [
    factOf(
      phrasing,
      part.start,
      {
        type: "frequency",
        stem: askClause(phrasing, "By how much", rest),
        answer: `by ${amount}`,
        accepted: [amount],
        depth: "recall",
        worth: 2,
        pattern: "by-how-much",
      },
      "quantity",
    ),
  ];
}
