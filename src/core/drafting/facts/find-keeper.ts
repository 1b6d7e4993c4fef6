import type { Analysis } from "../../language/analysis";
import { inflectVerb } from "../../language/inflect";
import { nodeText, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

/** What a part does for its owner. */
const DOING = new Set("keep protect help let allow prevent stop save hide warn enable carry hold make".split(" "));
const HAVING = new Set("have wear grow produce carry".split(" "));

/** "Many seeds have *a hard coat* that keeps them from drying out": what keeps many seeds from drying out? */
export function findKeeper(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  const isHaving = clause.verb.cat === "have" || HAVING.has(clause.verb.lemma ?? "");
  if (!isHaving || !object || object.role !== "relative" || clause.negated || clause.shared || clause.rank !== "main" || clause.passive) return [];
  const [thing, relative] = object.kids;
  const [rel, vp] = relative?.cat === "rc" ? relative.kids : [];
  const verb = vp && headTerminal(vp);
  if (!thing || rel?.cat !== "rel" || vp?.cat !== "vp" || vp.f.form !== "fin" || verb?.cat !== "v" || !DOING.has(verb.lemma ?? "")) return [];
  if (!["indef", "bare"].includes(thing.f.det ?? "") || !["third", "plain"].includes(verb.flags?.[0] ?? "")) return [];
  // "keeps *them* from drying out": whoever has it.
  const own = phrasing.binder.num === "pl" ? "them" : "it";
  const taken = walkTree(vp).filter(({ cat, lemma }) => cat === "pro" && lemma === own);
  if (taken.length !== 1 || phrasing.binder.human || walkTree(vp).some(({ cat, lemma }) => cat === "pro" && lemma !== own)) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (isUnclear(rest) || rest !== "" || findUnclear(thing, sentence, analysis, phrasing.binder)) return [];
  const [pronoun] = taken as [(typeof taken)[0]];
  const ahead = pronoun.start > verb.end ? wordsText(sentence, verb.end, pronoun.start) : "";
  const behind = pronoun.end < vp.end ? wordsText(sentence, pronoun.end, vp.end) : "";
  // "helps it *and its young*", "its …": more than the owner's own name can say.
  if (/^and\b/.test(behind) || /\b(?:its|their|it|them)\b/.test(`${ahead} ${behind}`)) return [];
  const answer = nodeText(sentence, thing);
  const words = [inflectVerb(verb.lemma ?? "", "third"), ahead, phrasing.subject, behind].filter(Boolean).join(" ");
  return [
    factOf(phrasing, thing.start, {
      type: "thing",
      stem: `What ${words}?`,
      answer,
      answerNode: coreOf(thing),
      accepted: bareForms(answer),
      depth: "understanding",
      worth: 2.6,
      pattern: "what-keeps",
    }),
  ];
}
