import type { Analysis } from "../../language/analysis";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { fileOf, NounFile } from "../../language/lexicon";
import { midSentence, nodeText } from "../../language/node-text";
import { headTerminal, type Node } from "../../language/tree";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** What goes in and out of a body through a part of it. */
const PASSING = new Set("breathe drink feed smell taste hear feel enter leave escape absorb".split(" "));
/** "Young puffins steer *by the light of the moon*", "travel to school *by car*": what they go by. */
const GOING = new Set("steer navigate travel communicate hunt spread reproduce breed recognise recognize find move arrive come".split(" "));
/** "is drawn *as a line*": how a thing looks that is shown. */
const SHOWING = new Set("draw show mark paint print write depict display portray sell serve deliver store ship".split(" "));

/** "Frogs drink *through their skin*", "A cold front is drawn *as a line with blue triangles*": how? */
export function findWay(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat !== "v") return [];
  const verb = clause.verb.lemma ?? "";
  const part = clause.adjuncts.find(({ node }) => node.cat === "pp" && node.start >= clause.verb.end && isWay(node, verb, clause.passive, analysis))?.node;
  const thing = part?.kids[1];
  if (!part || thing?.cat !== "np" || thing.f.det === "pron" || thing.f.time || clause.complements.some(({ role }) => role === "object2")) return [];
  const isGoing = part.f.sub === "by";
  const between = !isGoing && clause.adjuncts.some(({ node }) => node.start >= clause.verb.end && node.end <= part.start && node.cat !== "adv");
  // "as a line *with blue triangles*", "by the light of the moon *on the sea*"
  const behind = clause.adjuncts.find(
    ({ node }) => node.start === part.end && node.cat === "pp" && !node.f.time && (isGoing || /^(?:with|at|in|on|of|between)$/.test(node.f.sub ?? "")),
  )?.node;
  if (between || [part, ...(behind ? [behind] : [])].some((node) => findUnclear(node, sentence, analysis, phrasing.binder))) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...(behind ? [behind] : []), ...reasonsOf(clause)]);
  if (isUnclear(rest) || /\b(?:only|even|mainly|mostly)\b/.test(rest)) return [];
  const whole: Node = behind ? { ...part, end: behind.end } : part;
  const answer = midSentence(sentence, whole, nodeText(sentence, whole));
  return [
    factOf(phrasing, part.start, {
      type: "manner",
      stem: askClause(phrasing, "How", rest),
      answer,
      answerNode: part,
      accepted: [answer.replace(/^(?:as|through|by) /, "")],
      depth: "understanding",
      worth: 2.2,
      pattern: "how-way",
    }),
  ];
}

const PLACES = new Set<number | undefined>([NounFile.location, NounFile.object, NounFile.person]);

function isWay({ f, kids }: Node, verb: string, passive: boolean, { lexicon }: Analysis): boolean {
  const head = headTerminal(kids[1]!);
  // "grew *by the river*", "arrived *by noon*" tell a place and a time.
  if (f.sub === "by")
    return (
      !UNIT_NOUNS.has(head.lemma ?? "") &&
      GOING.has(verb) &&
      !passive &&
      head.cat === "n" &&
      !f.time &&
      kids[1]!.f.det !== "num" &&
      !PLACES.has(fileOf(head.lemma ?? "", lexicon))
    );
  if (f.sub === "through") return PASSING.has(verb) && !passive && head.cat === "n";
  return f.sub === "as" && passive && SHOWING.has(verb) && head.cat === "n";
}
