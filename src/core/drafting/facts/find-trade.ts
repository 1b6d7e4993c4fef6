import type { Analysis } from "../../language/analysis";
import { DEMONYMS } from "../../language/data/noun-classes";
import { nodeText } from "../../language/node-text";
import { ownerForm } from "../../language/owner-form";
import { headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { type Fact, factOf } from "./fact";

/** What somebody works as; a widower, a member and a beginner do not. */
const TRADES = new Set(
  "gardener farmer teacher doctor nurse lawyer baker butcher carpenter blacksmith smith sailor fisherman miner weaver tailor shoemaker clockmaker watchmaker instrument-maker engineer architect mechanic plumber builder mason stonemason painter sculptor musician composer writer poet journalist reporter printer bookbinder bookseller librarian merchant trader shopkeeper grocer innkeeper cook chef clerk secretary banker soldier officer captain pilot surveyor mapmaker geographer chemist physicist biologist botanist zoologist astronomer geologist mathematician physician surgeon dentist midwife veterinarian vet apothecary pharmacist priest vicar monk nun pastor minister judge diplomat politician actor actress dancer singer potter glazier glassblower goldsmith silversmith jeweller cooper wheelwright shipbuilder dockworker porter postman policeman firefighter fireman lifeguard forester ranger hunter trapper shepherd beekeeper herdsman seamstress dressmaker housekeeper maid servant governess schoolmaster schoolteacher professor scholar historian archaeologist photographer draughtsman designer inventor explorer lighthouse-keeper keeper ropemaker".split(
    " ",
  ),
);

const OF_TRADES =
  /^(?:marine|naval|army|navy|military|civil|electrical|mechanical|ship|ship['’]s|country|village|court|church|lighthouse|bank|law|sea|school|music)$/;

/** "*Joseph Paxton was a gardener*": what was his trade? */
export function findTrade(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause, subject } = phrasing;
  const { sentence } = clause;
  const [predicate, ...more] = clause.complements.map(({ node }) => node);
  if (analysis.sort === "story" || clause.rank !== "main" || clause.negated || clause.verb.cat !== "be" || clause.auxiliaries.length > 0) return [];
  if (predicate?.cat !== "np" || more.length > 0 || predicate.f.det !== "indef" || predicate.end - predicate.start > 3) return [];
  const name = phrasing.binder.human && analysis.persons.has(subject);
  const head = (headTerminal(predicate).lemma ?? "").toLowerCase();
  // "was *a harsh* captain": how he was, and no trade.
  const [, ...told] = nodeText(sentence, predicate).split(" ");
  if (told.slice(0, -1).some((word) => !OF_TRADES.test(word) && !DEMONYMS.has(word.toLowerCase()))) return [];
  if (!name || !TRADES.has(head) || clause.adjuncts.length > 0 || findUnclear(predicate, sentence, analysis, phrasing.binder)) return [];
  // "was a doctor *and a poet*", or is told of again as something else: two answers.
  const isOther = (text: string) => text.includes(subject) && /\b(?:was|became|is) (?:also )?an? \p{Ll}+/u.test(text);
  if (analysis.sentences.some((other) => other !== sentence && isOther(other.text))) return [];
  const answer = nodeText(sentence, predicate);
  return [
    factOf(phrasing, predicate.start, {
      type: "thing",
      stem: `What ${phrasing.inverted} ${ownerForm(subject, analysis.sentences)} profession?`,
      answer,
      answerNode: predicate,
      accepted: [answer.replace(/^an? /, "")],
      depth: "recall",
      worth: 1.8,
      pattern: "what-trade",
    }),
  ];
}
