import type { Analysis } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { BINDS_NOTHING, findUnclear } from "../phrasing/clear-reference";

/** What is said *about* something. */
const SAYING_ABOUT = /^(?:say|think|believe|find|claim|argue|discover|learn|know|conclude|report|suspect|assume|notice|write|state)$/;
/** What one says that somebody should do. */
const ADVISING = /^(?:say|think|believe|argue)$/;
/** Nothing that a question could be about. */
const NOTHING =
  /^(?:every|some|any|no|all|each|most|many|a few|few|nobody|somebody|everybody|everyone|people|something|everything|nothing|you|we|they|one|this|that|only|even)\b/i;
const MOST_WORDS = 5;

/** What a report is about: the end of a question that would otherwise be only "What do they say?", and its answer where that is shorter. */
export type Topic = { ends: string; answer?: string };

/** "The company argues that *cash* is slow": what does it argue *about cash*? "thinks that *the council* should help": what does she think *the council should do*? */
export function topicOf(said: Node, { sentence, subject, verb }: Clause, analysis: Analysis): Topic | undefined {
  const { lemma = "" } = verb;
  const told = walkTree(said).find(({ cat, role }) => cat === "s" && (role === "subject" || role === "expletive"));
  const [inner, does] = told?.kids ?? [];
  if (!inner || !does || does.cat !== "vp" || !SAYING_ABOUT.test(lemma)) return undefined;
  // "that paper is old *and that printing costs a lot*": of two things.
  if (/\b(?:and|or) that\b/.test(nodeText(sentence, said))) return undefined;
  const isThere = told?.role === "expletive";
  const thing = isThere ? walkTree(does).find(({ role }) => role === "predicate")?.kids[1] : inner;
  if (thing?.cat !== "np" || thing.role === "coordination" || thing.f.det === "pron" || thing.f.det === "clause" || thing.f.det === "quant") return undefined;
  const text = midSentence(sentence, thing);
  const isNamed = text.split(" ").length <= MOST_WORDS && !NOTHING.test(text) && headTerminal(thing).cat !== "pro";
  const isOther = text.toLowerCase() !== nodeText(sentence, subject).toLowerCase();
  // "thought that *a ship* was on fire": one that was not named before.
  const isFirst = thing.f.det === "indef" && verb.flags?.[0] === "past";
  if (!isNamed || !isOther || isFirst || findUnclear(thing, sentence, analysis, BINDS_NOTHING)) return undefined;
  const [, not, deed] = /^should (not )?((?!be\b|never\b).+)$/.exec(wordsText(sentence, does.start, said.end)) ?? [];
  if (deed && ADVISING.test(lemma) && does.role === "auxiliary" && isActing(thing, analysis)) return { ends: `${text} should ${not ?? ""}do`, answer: deed };
  return { ends: `${lemma === "find" ? "out about" : "about"} ${text}` };
}

const BODY =
  /^(?:council|school|town|city|library|zoo|class|museum|government|state|country|company|parliament|club|board|committee|court|police|village|community|family|team|shop|hospital|district|nation)$/;

/** Somebody, or a body of people, who can do something. */
function isActing(thing: Node, { lexicon }: Analysis): boolean {
  const { cat, lemma = "" } = headTerminal(thing);
  return cat === "pn" || BODY.test(lemma) || isPersonNoun(lemma, lexicon);
}
