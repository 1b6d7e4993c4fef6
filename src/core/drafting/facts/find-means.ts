import type { Analysis } from "../../language/analysis";
import { nodeText } from "../../language/node-text";
import { askClause, type Phrasing } from "../phrasing/ask-clause";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

const MEANS =
  /^(?:by (?:hand|machine|boat|ship|ferry|train|rail|sea|land|air|water|mail|post|horse|mule|camel|cart|wagon|lorry|truck|bus|car|bicycle|sledge|sled|helicopter|touch|ear|smell|heart|lot|bees|wind|telegraph|radio|law|vote|secret ballot|show of hands|a show of hands)|on foot|on horseback|by way of .+|in (?:parallel|series|twos|layers|circles|a circle|lines|a line|stages|turns|waves|spirals|shifts|secret|silence)|in (?:groups|packs|herds|flocks|families|colonies|swarms|pairs|rows)(?: of [\p{L}\d -]+)?)$/iu;

/** "Most of the digging was done *by hand*", "travelled *on foot*", "are connected *in parallel*": how? */
export function findMeans(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.negated || clause.shared || clause.imperative || clause.rank !== "main" || clause.verb.cat === "be") return [];
  const [part, ...more] = clause.adjuncts.map(({ node }) => node).filter((node) => MEANS.test(nodeText(sentence, node)));
  if (!part || more.length > 0 || part.start < clause.verb.end) return [];
  // "Pupils have *sat* on boards by law": that they do so, and not how.
  if (!clause.passive && /^by (?:law|vote)$/i.test(nodeText(sentence, part))) return [];
  // "stood *in silence*": a gesture of a story.
  if (/^in silence$/i.test(nodeText(sentence, part)) && /^(?:stand|sit|lie|wait|look|walk|eat|nod)$/.test(clause.verb.lemma ?? "")) return [];
  // "calculated it by hand *with a slide rule*": one way, told in two phrases.
  const isMade = /^by (?:hand|machine)$/i.test(nodeText(sentence, part));
  if (isMade && clause.adjuncts.some(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "with" && node.start === part.end)) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  // "Wolves hunt *in packs*": a whole sort, and what it does.
  const isOfSort = clause.subject.f.det === "bare" && clause.subject.f.num === "pl" && !/^(?:go|come|do|work|get)$/.test(clause.verb.lemma ?? "");
  if (isUnclear(rest) || `${phrasing.subject} ${rest}`.trim().split(" ").length < (isOfSort ? 1 : 3) || /,|\b(?:by|on foot|together|alone)\b/.test(rest))
    return [];
  const answer = nodeText(sentence, part);
  return [
    factOf(phrasing, part.start, {
      type: "manner",
      stem: askClause(phrasing, "How", rest),
      answer,
      answerNode: part,
      accepted: answer.startsWith("by ") ? [answer.slice(3)] : [],
      depth: "recall",
      worth: 2,
      pattern: "how-by",
    }),
  ];
}
