import type { Analysis } from "../../language/analysis";
import { midSentence, nodeText } from "../../language/node-text";
import { walkTree } from "../../language/tree";
import { askClause, askSubject, type Phrasing, stateClause } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { HEDGE, numberForms, numberValue, SHARE_WORDS, withoutHedge } from "../phrasing/number-forms";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isToldInPassing } from "./told-in-passing";

/** "*A third of* the forests", "cover *about a third of the island*", "*64 of the 210 pupils*": what share, how many of so many? */
export function findShare(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.negated || (clause.rank === "adverbial" && !isToldInPassing(clause))) return [];
  return [...fromShare(phrasing, analysis), ...fromShareOfObject(phrasing, analysis), ...fromPart(phrasing, analysis)];
}

/** "*A third of* the world's mangroves have been cut down", "*Four out of five of* the fish": what share? */
function fromShare(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const text = midSentence(sentence, clause.subject);
  const [, share, whole] = SHARE.exec(text) ?? [];
  if (!share || !whole || clause.shared || clause.imperative || findUnclear(clause.subject, sentence, analysis)) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest) || (rest === "" && !(clause.passive && clause.verb.lemma !== "go"))) return [];
  // "About nine tenths of an iceberg *lie* below the surface": what share of one lies there?
  const ofOne = walkTree(clause.subject).some((node) => node.cat === "pp" && node.f.sub === "of" && node.kids[1]?.f.num === "sg");
  return [
    factOf(phrasing, clause.subject.start, {
      type: "frequency",
      stem: ofOne ? askSubject(phrasing, `What share of ${whole}`, rest) : `${stateClause({ ...phrasing, subject: `What share of ${whole}` }, rest)}?`,
      answer: share,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: "what-share",
    }),
  ];
}

/** "Forests cover *about a third of the island*": what share of it do they cover? */
function fromShareOfObject(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const [, share, whole] = (object && SHARE.exec(nodeText(sentence, object))) || [];
  if (!object || !share || !whole || clause.passive || clause.shared || clause.imperative || clause.complements.length > 1) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (isUnclear(rest) || findUnclear(object, sentence, analysis, phrasing.binder) || /\b(?:and|or|to|that|which|who)\b/.test(whole) || OF_UNIT.test(whole))
    return [];
  return [
    factOf(phrasing, object.start, {
      type: "frequency",
      stem: askClause(phrasing, `What share of ${whole}`, rest),
      answer: share,
      accepted: [],
      depth: "recall",
      worth: 2,
      pattern: "what-share",
    }),
  ];
}

/** "about a tenth *of a millimetre*": a length, and no share of anything. */
const OF_UNIT =
  /^(?:an? |one )?(?:\p{Ll}*met(?:er|re)|mile|hour|minute|second|day|week|month|year|century|litre|liter|inch|foot|gram|\p{Ll}+gram|ton|tonne|degree|acre|hectare)\b/u;

/** "*64 of the 210 pupils* had no desk": how many of the 210 pupils? */
function fromPart(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const [, number, whole] = PART.exec(midSentence(clause.sentence, clause.subject)) ?? [];
  if (!number || !whole || clause.shared || clause.imperative || findUnclear(clause.subject, clause.sentence, analysis)) return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest) || (rest === "" && !clause.passive)) return [];
  const bare = withoutHedge(number);
  // "*Each* of the eight arms"
  if (numberValue(bare) === undefined) return [];
  return [
    factOf(
      phrasing,
      clause.subject.start,
      {
        type: "frequency",
        stem: `${stateClause({ ...phrasing, subject: `How many of the ${whole}` }, rest)}?`,
        answer: number,
        accepted: [bare, ...numberForms(bare)].filter((form) => form !== number),
        depth: "recall",
        worth: 2,
        pattern: "how-many-of",
      },
      "quantity",
    ),
  ];
}

const COUNT = "(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|sixty|hundred)(?:-[a-z]+)?(?: hundred)?";
const PART = new RegExp(`^((?:${HEDGE})?(?!one |a )(?:\\d[\\d,]*|[a-z]+(?:-[a-z]+)?)) (?:out )?of the ((?:\\d[\\d,]*|${COUNT}) .+)$`);
const SHARE = new RegExp(`^((?:${HEDGE})?(?:${SHARE_WORDS}|(?:\\p{L}+|\\d+) out of (?:\\p{L}+|\\d+))) of (.+)$`, "iu");
