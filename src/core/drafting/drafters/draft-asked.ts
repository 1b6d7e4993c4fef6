import type { Sentence } from "../../language/analysis";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";
import { replyFits } from "./reply-fits";

/** A question of the source with the words that answer it. */
type Asked = { question: Sentence; asks: string; reply: Sentence; answer: string; isWhy: boolean };

const LONGEST_QUESTION = 20;
const LONGEST_ANSWER = 18;
const MOST_PAIRS = 5;

/**
 * The source's own questions with their answers: what one person asks another in an interview ("Amir asks:
 * “How can our readers help?” What does Dora answer?"), and what a text asks and answers itself ("Why is the
 * sloth so slow? It eats almost nothing but leaves."). Only replies whose form shows that they answer.
 */
export function draftAsked({ analysis }: SourceStock): Candidate[] {
  const { sentences, sort } = analysis;
  if (sort === "story") return [];
  const asked = sentences.flatMap((question) => {
    const reply = sentences[question.index + 1];
    const after = sentences[question.index + 2];
    return reply && answers(question, reply) ? readAsked(question, reply, after?.speaker === reply.speaker ? after : undefined) : [];
  });
  // Asked twice, it has two answers.
  const single = asked.filter(({ asks }) => asked.filter((other) => other.asks === asks).length === 1);
  const told = single.filter(({ reply }) => reply.speaker !== undefined);
  const plain = single.filter(({ question, reply }) => !reply.speaker && !question.speaker && sort !== "opinion" && standsAlone(question, reply));
  return [...told.map(askSpeaker), ...plain.map(askPlainly), ...matchAnswers(told)];
}

/** Whether somebody else's words, or the words behind it, come right after a question. */
function answers(question: Sentence, reply: Sentence): boolean {
  if (question.abstained !== "question" || question.block.kind === "heading" || reply.block.kind === "heading") return false;
  if (reply.abstained === "question" || reply.abstained === "speech") return false;
  return reply.speaker ? reply.speaker !== question.speaker : reply.block === question.block || question.indexInBlock === 0;
}

/** "And", "So", "Mr Halloran,": what only leads over to the question. */
const OPENING = /^(?:(?:and|but|so|well|then|now|finally),? )?(?:(?:(?:Mr|Mrs|Ms|Miss|Dr|Captain)\.? )?\p{Lu}[\p{L}-]+, (?=\p{Ll}))?/iu;
/** Points to what was said before the question. */
const POINTS = /\b(?:it|its|they|them|their|he|him|his|she|her|this|that|these|those|one|ones|there|here|then|so|such|else|other|others|another)\b/i;
/** The same words where they point to nothing: "so often", "that you don't sell", "does it take", "one hive". */
const POINTS_NOT =
  /\bso (?=\p{L}+\??\b)|(?<=\p{Ll} )that (?=(?:you|we|I|the|a|an|nobody|people|is|are|was|were|can|do|does)\b)|\b(?:does|did) it take (?=\p{L})|\bone (?=\p{Ll})/giu;

/** "What does *a crab* do when *it* …?", "What can *owners* do if *they* …?": named in the question itself. */
function pointsBack(asks: string): boolean {
  const plain = asks.replace(POINTS_NOT, " ");
  const one = /\b(?:does|did|can|should|must|is|was) (?:an?|the) \p{Ll}+ .*\b(?:when|if|before|after|because|until|while|once)\b/u.test(plain);
  const many = /\b(?:do|did|can|should|must|are|were) (?:the )?\p{Ll}+s .*\b(?:when|if|before|after|because|until|while|once)\b/u.test(plain);
  return POINTS.test(plain.replace(one ? /\bits?\b/g : many ? /\b(?:they|them|their)\b/g : /^$/, " "));
}

/** "What is the hardest part?" Of what, only the talk before it says. */
const OF_WHAT = /\bthe (?:\p{L}+ )?(?:part|thing|difference|problem|result|reason|end|time)\?$/iu;

/** "What do you mean?" By what, was said before. */
const MEANS = /\bdo you mean\b|\bwhy not\b|^what else\b/i;

function readAsked(question: Sentence, reply: Sentence, after: Sentence | undefined): Asked[] {
  const led = question.text.trim().replace(OPENING, "");
  const asks = led.charAt(0).toUpperCase() + led.slice(1);
  const words = asks.split(" ");
  if (words.length < 4 || words.length > LONGEST_QUESTION || pointsBack(asks) || OF_WHAT.test(asks) || MEANS.test(asks)) return [];
  // "Mostly Labradors, *because they like to please*": the answer is the part before its reason.
  const [, part] = reply.clauses.length === 0 && /^(?:which|what|who)\b/i.test(asks) ? (/^([^,;:]+?), (?:because|since|as) /.exec(reply.text) ?? []) : [];
  const says = part === undefined ? reply : firstWords(reply, part);
  if (/["“”]/.test(asks + reply.text) || COMMENT.test(reply.text) || !replyFits(asks, says)) return [];
  // "How many loaves? Three hundred. But on Saturdays …": the answer is taken back or goes on.
  if (after && after.block === reply.block && (GOES_ON.test(after.text) || (ASKS_TALE.test(asks) && TELLS_ON.test(after.text)) || ASKS_HOW_IT_CAME.test(asks)))
    return [];
  // "In summer there are sixty of us. *In winter* only eleven stay": half of the answer.
  if (after && after.block === reply.block && ONCE.test(reply.text) && ONCE.test(after.text)) return [];
  const answer = says.text.trim().replace(/[.!]$/, "");
  const count = answer.split(" ").length;
  return count > LONGEST_ANSWER ? [] : [{ question, asks, reply, answer, isWhy: /^(?:Why|How (?:do|does|did|can|is|are))\b/.test(asks) }];
}

const ONCE =
  /^(?:in|on|at|for|during) (?:the )?(?:summer|winter|spring|autumn|first|second|week|weekdays?|weekends?|day|night|morning|evening|\p{L}+days?)\b/iu;

function firstWords(reply: Sentence, text: string): Sentence {
  return { ...reply, text, words: reply.words.slice(0, text.split(" ").length) };
}

const GOES_ON = /^(?:but|however|or|also|second|another|the other|then|besides|only|except|not)\b/i;
/** "How did you get started?" – "I stuttered as a child. A teacher noticed …": a tale of which the first sentence says little. */
const ASKS_HOW_IT_CAME = /^how did (?:you|it|this|that) (?:first |ever )?(?:get|become|start|begin|come|end up)\b/i;
/** Answered by a tale, and not by a part of one. */
const ASKS_TALE = /^How (?:do|did)\b|^What (?:do|did) you do\b/;
/** "How did you become a pilot?" – "I went to sea at sixteen. *After twelve years* …": only the beginning of it. */
const TELLS_ON = /^(?:I|we|my|our|after|next|later|when|in the end|from there|at first|first|a year|two years|in \d{4})\b/i;
/** Says something of the question, or nothing. */
const COMMENT =
  /^(?:yes|no|never|always|sometimes|once|of course|oh|well|exactly|maybe|perhaps|that|this|good|a good|a lot|a little|lots|nothing much|quite a (?:lot|few)|it varies|i think|i hope|i guess|i don|i do not|you would|you'd|there is no|it depends|less|more|not|first|ha|people often|many people|everybody|everyone|guess|let me|every second)\b|\?/i;

/** Outside an interview a question must need nobody: no *we* or *you*, and nothing left open. */
function standsAlone({ text }: Sentence, { clauses }: Sentence): boolean {
  return !/\b(?:I|we|us|our|you|your|me|my)\b/i.test(text) && clauses.length > 0;
}

function baseOf({ question, reply, isWhy }: Asked) {
  return {
    kind: "short-answer" as const,
    distractors: [],
    optionOrder: "shuffled" as const,
    evidence: [question, reply],
    factId: `${reply.index}:asked:0`,
    depth: isWhy ? ("understanding" as const) : ("recall" as const),
    worth: isWhy ? 2.8 : 2.4,
  };
}

function askSpeaker(asked: Asked): Candidate {
  const { question, asks, reply, answer } = asked;
  const asker = question.speaker;
  const stem = asker
    ? `${asker.charAt(0).toUpperCase()}${asker.slice(1)} asks: “${asks}” What does ${reply.speaker} answer?`
    : `What does ${reply.speaker} answer to the question: “${asks}”`;
  return { ...baseOf(asked), stem, key: `“${answer}.”`, accepted: shorter(answer), factType: "speaker", pattern: "what-is-answered" };
}

/** "About two hundred" and "With two halves of a coconut" are right without their first word too. */
function shorter(answer: string): string[] {
  const short = answer.replace(/^(?:because|about|with|at|in|on|from|an?|the) /i, "");
  return short === answer ? [] : [short];
}

function askPlainly(asked: Asked): Candidate {
  const { asks, answer } = asked;
  return { ...baseOf(asked), stem: asks, key: answer, accepted: [], factType: asked.isWhy ? "cause" : "thing", pattern: "asked-and-answered" };
}

/** An interview's questions, each with the answer that was given. */
function matchAnswers(told: readonly Asked[]): Candidate[] {
  const chosen = told.slice(0, MOST_PAIRS);
  const [first] = chosen;
  if (!first || chosen.length < 3 || chosen.some(({ reply }) => reply.speaker !== first.reply.speaker)) return [];
  return [
    {
      kind: "match",
      stem: `Match each question with what ${first.reply.speaker} answers.`,
      key: chosen.map(({ asks, answer }) => `${asks} ${answer}.`).join(" "),
      accepted: [],
      distractors: [],
      optionOrder: "shuffled",
      evidence: chosen.flatMap(({ question, reply }) => [question, reply]),
      factId: `match-answers:${chosen.map(({ reply }) => reply.index).join("-")}`,
      factType: "speaker",
      pattern: "match-answers",
      depth: "understanding",
      worth: 2.6,
      parts: { sort: "match", pairs: chosen.map(({ asks, answer }) => [asks, `“${answer}.”`]) },
    },
  ];
}
