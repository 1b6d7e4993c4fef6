import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { HEDGE, SHARE_WORDS } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const CHANGING = /^(?:rise|fall|grow|increase|drop|decrease|shrink|climb|decline|widen|cut|reduce|raise|lower|lengthen|shorten|sink|swell|change|differ)$/;
/** A share, a per cent, or a sum: what something rises or falls by. */
const AMOUNT = new RegExp(`^by ((?:${HEDGE})?(?:${SHARE_WORDS}|[£$€¥][\\d.,]+(?: million| billion)?))$`, "iu");

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
