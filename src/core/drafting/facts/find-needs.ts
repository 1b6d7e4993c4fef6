import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf } from "../phrasing/conjuncts";
import { numberWords } from "../phrasing/number-forms";
import { titleDeed } from "../phrasing/title-deed";
import { type Fact, factOf } from "./fact";

const FEWEST = 3;
const MOST = 8;

/** "*You will need* two tyre levers, glue and a bowl of water.", under a title that says what for: which three things? */
export function findNeeds(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  if (phrasing.subject !== "you" || clause.verb.lemma !== "need" || !object || clause.complements.length > 1 || clause.adjuncts.length > 0) return [];
  if (clause.negated || clause.shared || clause.rank !== "main" || clause.auxiliaries.some(({ lemma }) => lemma !== "will")) return [];
  const items = conjunctsOf(object);
  const deed = titleDeed(sentence, analysis);
  if (!deed || items.length < FEWEST || items.length > MOST) return [];
  if (items.some((item) => headTerminal(item).cat !== "n" || findUnclear(item, sentence, analysis, phrasing.binder))) return [];
  // "and some patience"
  if (items.some((item) => MOODS.test(headTerminal(item).lemma ?? ""))) return [];
  const answer = nodeText(sentence, object);
  return [
    factOf(phrasing, object.start, {
      type: "list",
      stem: `Which ${numberWords(items.length)} things do you need to ${deed}?`,
      answer,
      accepted: [items.map((item) => nodeText(sentence, item).replace(/^(?:the|an?|some) /, "")).join(", ")],
      depth: "recall",
      worth: 2.4,
      pattern: "which-things",
    }),
  ];
}

/** What nobody can put on a table. */
const MOODS = /^(?:patience|time|care|luck|help|practice|skill|courage|strength|calm|energy|imagination|friend)$/;
