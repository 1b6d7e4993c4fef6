import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText, withoutAside, wordsText } from "../../language/node-text";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";
import { askClause, type Phrasing, stateClause } from "../phrasing/ask-clause";
import { otherCircumstance } from "../phrasing/other-circumstance";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factId } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";

/** "In *1822* … designed"; "every *four hours*". */
export function findTime(phrasing: Phrasing, analysis: Analysis): Fact[] {
  return [...notUntil(phrasing, analysis), ...atTime(phrasing, analysis)];
}

/** "was *not* forbidden *until 1910*": then it was. */
function notUntil(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const part = clause.adjuncts.find(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "until" && node.start >= clause.verb.end)?.node;
  const year = part && /^until (\d{4})$/.exec(nodeText(sentence, part))?.[1];
  if (!part || !year || !clause.negated || clause.shared || clause.rank !== "main" || !/^(?:was|were|did)$/.test(phrasing.inverted) || clause.verb.cat !== "v")
    return [];
  if (!phrasing.verbPhrase.startsWith("not ")) return [];
  const rest = phraseRest(phrasing, analysis, [part, ...reasonsOf(clause)]);
  if (`${phrasing.subject} ${rest}`.trim().split(" ").length < 2 || isUnclear(rest) || /\b(?:any|ever|yet|again|anybody|anything)\b/.test(rest)) return [];
  const done: Phrasing = {
    ...phrasing,
    verbPhrase: `${FIRST.has(clause.verb.lemma ?? "") ? "first " : ""}${phrasing.verbPhrase.slice(4)}`,
    finite: phrasing.finite.replace(/ not\b/, ""),
  };
  return [
    {
      type: "time",
      id: factId("time", sentence, part.start),
      sentence,
      clause,
      phrasing: done,
      stem: askClause(done, "In what year", rest),
      answer: year,
      accepted: [`in ${year}`],
      depth: "recall",
      worth: 1.7,
      pattern: "in-what-year",
    },
  ];
}

/** What goes on from then: "was not *used* until 1850" is when it was first used. */
const FIRST = new Set("use sell see hear teach play wear eat drink grow visit produce make accept allow".split(" "));

function atTime(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.rank !== "main" && clause.adjuncts.length === 0) return [];
  // "In 1850 the wall was six metres thick": and for years before and after.
  if (clause.complements.some(({ node }) => node.cat === "ap" && node.role === "measure")) return [];
  const ofTime = clause.complements.filter(({ role }) => role === "object2" || (role === "predicate" && clause.verb.cat === "be"));
  return [...clause.adjuncts, ...ofTime].flatMap(({ node }) => atPart(node, phrasing, analysis));
}

/** In what year, or how often, where a part of the clause says so. */
function atPart(node: Node, phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const part = reasonNode(node);
  const year = yearOf(part, clause.sentence);
  // "rose from 2,000 *in 1900* to 9,000 *in 1950*": two years, asked as one.
  if (year && clause.adjuncts.filter((other) => yearOf(reasonNode(other.node), clause.sentence)).length > 1) return [];
  // "When Ida came to the bay, a village in the north, *in 1960*, she had no money": the year of her coming.
  const isBehindClause =
    node.cat === "pp-c" && clause.adjuncts.some((other) => other.node.cat === "sb-c" && other.node.end <= node.start && node.end <= clause.subject.start);
  if (year && isBehindClause) return [];
  // "five times, *most recently in 2016*": the last of them.
  if (year && /^(?:recently|again|lastly)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "")) return [];
  // "until two days before his death *in 1971*": the year of that.
  if (
    year &&
    clause.adjuncts.some(
      (other) =>
        other.node !== node &&
        other.node.end === node.start &&
        (Boolean(reasonNode(other.node).f.time) || /^(?:until|before|after|since)$/.test(reasonNode(other.node).f.sub ?? "")),
    )
  )
    return [];
  // "How often does more snow fall?": more than what, says another part.
  // "900 tons of food end up in the garbage *every year*": how many, and not how often.
  const isRate = clause.subject.role === "quantity" || clause.subject.kids[0]?.role === "quantity";
  // "every ten *or fifteen* miles"
  const isEvery =
    part.cat === "np" &&
    /^every (?:\p{L}+ or )?\p{L}+ (?:seconds|minutes|hours|days|weeks|months|years|miles|kilometres|kilometers|metres|meters|feet|centimetres|steps)$/u.test(
      nodeText(clause.sentence, part),
    );
  const often =
    !isRate &&
    !/^(?:more|fewer|less) /.test(phrasing.subject) &&
    (isEvery || (part.cat === "advp" && part.f.sub === "time") || (part.cat === "pp" && part.f.sub === "about")) &&
    /^(?:about every|every|each|once|twice) (?!time$)/i.test(nodeText(clause.sentence, part));
  // "at the same time *every day*": when, and not how often.
  const isSameTime = clause.adjuncts.some((other) => other.node.end === node.start && /^at the same time$/i.test(nodeText(clause.sentence, other.node)));
  if ((!year && !often) || isSameTime) return [];
  // "*once* every ten years"
  const once = often
    ? clause.adjuncts.find((other) => other.node.end === node.start && /^(?:only |just )?(?:once|twice)$/i.test(nodeText(clause.sentence, other.node)))?.node
    : undefined;
  // "*Once*, in 2017, a freezer broke down": the year is when.
  const atOnce = year ? clause.adjuncts.filter((other) => /^once,?$/i.test(nodeText(clause.sentence, other.node))).map((other) => other.node) : [];
  const rest = phraseRest(phrasing, analysis, [node, ...(once ? [once] : []), ...atOnce, ...reasonsOf(clause)]);
  // "In what year did work on the railway begin?": a long subject, or a name, says enough.
  const isFull = phrasing.subject.split(" ").length >= 3 || /^\p{Lu}/u.test(phrasing.subject);
  // "The horn sounds *every thirty seconds*": how often, the number is worth knowing.
  const isCounted =
    often &&
    (clause.subject.f.det === "def" || clause.subject.f.det === "indef" || clause.subject.f.det === "proper" || /^\p{Lu}/u.test(phrasing.subject)) &&
    NUMBER.test(nodeText(clause.sentence, part));
  // "In what year did Sequoyah begin?": begin what?
  const isOpen =
    rest === "" &&
    phrasing.binder.human &&
    /^(?:prove|show|find|discover|announce|argue|report|begin|start|continue|finish|stop|try|win|lose|return|come|leave)$/.test(clause.verb.lemma ?? "");
  if (isUnclear(rest) || isOpen || (rest === "" && !(year && isFull) && !isCounted) || (clause.shared && clause.adjuncts.length > 1)) return [];
  // "born in Warsaw in 1867": the year, without the place.
  const spared = year ? otherCircumstance(clause, node, phrasing.subject, analysis) : [];
  const short = spared.length > 0 ? phraseRest(phrasing, analysis, [node, ...spared, ...atOnce, ...reasonsOf(clause)]) : rest;
  const stem = askClause(phrasing, year ? "In what year" : "How often", isUnclear(short) ? rest : short);
  const text = once ? wordsText(clause.sentence, once.start, part.end) : nodeText(clause.sentence, part);
  return [
    {
      type: year ? "time" : "frequency",
      id: factId(year ? "time" : "frequency", clause.sentence, part.start),
      sentence: clause.sentence,
      clause,
      phrasing,
      stem,
      answer: year ?? text.charAt(0).toLowerCase() + text.slice(1),
      accepted: year ? [text.charAt(0).toLowerCase() + text.slice(1)] : [],
      ...(year ? {} : { answerNode: part }),
      depth: "recall",
      worth: year ? 1.5 : NUMBER.test(text) ? 1.7 : 1.1,
      pattern: year ? "in-what-year" : "how-often",
      ...(year ? { statement: stateClause(phrasing, rest) } : {}),
    } satisfies Fact,
  ];
}

const NUMBER =
  /\b(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|eighteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|\d+)\b/;

/** "in 1822", "in January 1866": the year alone is asked for. */
function yearOf(node: Node, sentence: Sentence): string | undefined {
  if (node.cat !== "pp" || node.kids[0]?.cat !== "prep" || node.kids[0].lemma !== "in") return undefined;
  const years = walkTree(node).filter((inner) => inner.cat === "num" && inner.flags?.includes("year"));
  // "in 1854, *the third child of a watchmaker*"
  const np = withoutAside(node.kids[1]!);
  if (years.length !== 1 || (np.end - np.start > 2 && headTerminal(np).cat !== "num")) return undefined;
  return nodeText(sentence, years[0]!);
}
