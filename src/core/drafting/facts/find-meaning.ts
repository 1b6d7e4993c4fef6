import type { Analysis, Sentence } from "../../language/analysis";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { askClause, type Phrasing, stateClause } from "../phrasing/ask-clause";
import { binderOf, findUnclear } from "../phrasing/clear-reference";
import { phraseRest } from "../phrasing/phrase-rest";
import { type Fact, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { bareForms } from "./find-participant";

const LONGEST_ANSWER = 18;
const LONGEST_NAME = 3;
const MEANS = /^,? ?which means (?:that )?(?=\p{L})/iu;

/** "Yawning is contagious, *which means that it spreads from one person to another*": what does it mean that yawning is so? */
export function findMeaning(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  if (clause.verb.lemma === "mean") return [...ofWord(phrasing, analysis), ...ofSignal(phrasing, analysis)];
  const quality = clause.complements.find(({ role }) => role === "predicate")?.node;
  const aside = clause.adjuncts.find(({ node }) => node.cat.startsWith("c-rc") && MEANS.test(nodeText(sentence, node)))?.node;
  if (clause.verb.cat !== "be" || quality?.cat !== "ap" || !aside || clause.negated || clause.shared || clause.rank !== "main") return [];
  const rest = phraseRest(phrasing, analysis, [aside, ...reasonsOf(clause)]);
  const from = aside.start + 3;
  const answer = wordsText(sentence, sentence.words[from]?.lower === "that" ? from + 1 : from, aside.end);
  if (isUnclear(rest) || answer.split(" ").length > LONGEST_ANSWER || findUnclear(aside, sentence, analysis, phrasing.binder, false)) return [];
  // "is *also* contagious": beside what the sentence before told.
  const told = stateClause(phrasing, rest).replace(/ also /, " ");
  return [
    factOf(
      phrasing,
      quality.start,
      {
        type: "definition",
        stem: `What does it mean that ${told}?`,
        answer: `that ${answer}`,
        answerNode: aside,
        accepted: [answer],
        depth: "understanding",
        worth: 3.2,
        pattern: "what-it-means",
      },
      "definition",
    ),
  ];
}

/** "They call it *Anak Krakatau, which means "child of Krakatoa"*": what does that name mean? */
export function findMeaningOfName(sentence: Sentence, analysis: Analysis): Fact[] {
  const [clause] = sentence.clauses;
  if (!clause || !sentence.tree) return [];
  return walkTree(sentence.tree).flatMap((node) => {
    const [name, aside] = node.cat === "np" && node.role === "relative" ? (node.kids as [Node, Node]) : [];
    const [, meaning] = (aside?.cat.startsWith("c-rc") && /^,? ?which (?:means|meant) ["“](.+?)["”],?$/i.exec(nodeText(sentence, aside))) || [];
    const [, language = "", word] = (name && /^(?:(?:the|an?) ((?:\p{Lu}\p{L}+ )?(?:word|name|term)) )?["“]?(.+?)["”]?$/u.exec(nodeText(sentence, name))) || [];
    if (!meaning || !word || word.split(" ").length > LONGEST_NAME || (!language && name?.f.det !== "proper")) return [];
    const binder = binderOf(name!, word, analysis);
    const phrasing: Phrasing = { clause, subject: word, binder, inverted: "does", verbPhrase: "mean", finite: "means" };
    return [
      factOf(
        phrasing,
        aside!.start,
        {
          type: "definition",
          stem: `What does ${language ? `the ${language} ` : ""}“${word}” mean?`,
          answer: `“${meaning}”`,
          accepted: [meaning],
          depth: "recall",
          worth: 2.9,
          pattern: "what-it-means",
        },
        "definition",
      ),
    ];
  });
}

/** "*“Soon” means within six to twelve hours*": what does that word mean? */
function ofWord({ clause, ...phrasing }: Phrasing, analysis: Analysis): Fact[] {
  const { sentence, subject, verb } = clause;
  const word = nodeText(sentence, subject).replace(/^["“]|["”]$/g, "");
  const isWord = /^["“][^"“”]+["”]$/.test(nodeText(sentence, subject)) && word.split(" ").length <= LONGEST_WORD;
  const parts = [...clause.complements, ...clause.adjuncts].map(({ node }) => node);
  if (!isWord || clause.negated || clause.shared || clause.rank !== "main" || clause.auxiliaries.length > 0) return [];
  if (parts.length === 0 || parts.some((node) => node.start < verb.end || findUnclear(node, sentence, analysis))) return [];
  const answer = wordsText(sentence, verb.end, clause.end);
  if (answer.split(" ").length < 2 || answer.split(" ").length > LONGEST_ANSWER) return [];
  return [
    factOf(
      { clause, ...phrasing },
      verb.start,
      {
        type: "definition",
        stem: `What does “${word}” mean?`,
        answer,
        accepted: [],
        depth: "recall",
        worth: 3,
        pattern: "what-it-means",
      },
      "definition",
    ),
  ];
}

/** "*One ring* meant fire": what did it mean? */
function ofSignal(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, subject } = clause;
  const [meant, ...more] = clause.complements.map(({ node }) => node);
  if (!meant || more.length > 0 || clause.adjuncts.length > 0 || clause.negated || clause.shared || clause.rank !== "main" || meant.cat !== "np") return [];
  const isSignal = SIGNALS.test(headTerminal(subject).lemma ?? "") && /^(?:num|indef)$/.test(subject.f.det ?? "");
  if (!isSignal || meant.f.det === "pron" || findUnclear(meant, sentence, analysis, phrasing.binder)) return [];
  const answer = nodeText(sentence, meant);
  return [
    factOf(
      phrasing,
      meant.start,
      {
        type: "definition",
        stem: askClause(phrasing, "What", ""),
        answer,
        answerNode: meant,
        accepted: bareForms(answer),
        depth: "recall",
        worth: 2.4,
        pattern: "what-it-means",
      },
      "definition",
    ),
  ];
}

const SIGNALS =
  /^(?:ring|stroke|blast|flash|shot|knock|whistle|toot|beep|light|lantern|flag|signal|sign|call|cry|note|beat|tug|pull|dot|dash|stripe|colour|color)$/;
const LONGEST_WORD = 3;
