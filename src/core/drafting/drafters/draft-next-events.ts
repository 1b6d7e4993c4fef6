import { inflectVerb } from "../../language/inflect";
import { sentenceCase } from "../../language/node-text";
import { headTerminal } from "../../language/tree";
import { unlike } from "../../lib/plain-wording";
import type { Candidate } from "../candidate";
import { near, type SourceStock, type Statement } from "../source-stock";
import { STATES } from "./dated-facts";

/** Deeds that go on for a while: what is told next may be done while they last. */
export const LASTING = new Set(
  "be have lie sit stand wait look watch listen stare gaze sleep work walk run sail row swim sing talk speak think smile laugh cry tremble shiver shake search hunt play keep hold carry travel wander live spend try follow stay hang say ask answer reply whisper shout go".split(
    " ",
  ),
);
/** What is done again and again has no place in the row. */
const REPEATED = /\b(?:first|every|each|always|often|usually|sometimes|again|twice|times|until|while|as|still|once)\b/i;
const LONGEST = 14;
const FEWEST_WRONG = 2;

/** "Nell *climbed on a stool*, took the whistle from its nail and …": what did she do right after climbing on a stool? */
export function draftNextEvents({ analysis, statements }: SourceStock): Candidate[] {
  if (analysis.sort !== "story") return [];
  const events = statements.filter(isEvent);
  return events.flatMap((event, index) => {
    const next = events[index + 1];
    return next && follows(next, event) && isTellable(event) && !isToldTwice(event, near(statements, event.sentence))
      ? askAfter(event, next, near(events, event.sentence))
      : [];
  });
}

/** Something that somebody did once, told as plain past. */
function isEvent({ phrasing: { clause }, sentence }: Statement): boolean {
  const { verb, auxiliaries } = clause;
  const isPast = verb.cat === "v" && verb.flags?.[0] === "past" && auxiliaries.length === 0;
  return isPast && !clause.negated && clause.rank === "main" && !sentence.speaker && !STATES.has(verb.lemma ?? "");
}

/** The next verb of the same subject in the same sentence: English tells deeds in the order in which they were done. */
function follows(next: Statement, { sentence, phrasing: { clause } }: Statement): boolean {
  const later = next.phrasing.clause;
  const mains = sentence.clauses.filter(({ rank }) => rank === "main");
  return next.sentence === sentence && later.subject === clause.subject && mains.indexOf(later) === mains.indexOf(clause) + 1 && !later.linkedBy;
}

/** Over at one moment, and said in so many words that one knows which moment. */
function isTellable({ phrasing: { clause, subject }, rest, words }: Statement): boolean {
  // "After a week it grew lonely and crept back": what stands in front holds for both.
  if (clause.adjuncts.some(({ node }) => node.end <= clause.subject.start)) return false;
  if (LASTING.has(clause.verb.lemma ?? "") || words > LONGEST || rest === "") return false;
  // "after reading it to her": of whom, only the sentence before says.
  return clause.subject.f.num !== "pl" && !/^(?:it|there|somebody|someone|everybody|everyone|nobody)$/i.test(subject) && !REPEATED.test(rest);
}

function isToldTwice({ phrasing: { clause }, sentence }: Statement, statements: readonly Statement[]): boolean {
  const object = (one: Statement["phrasing"]["clause"]) => one.complements.map(({ node }) => headTerminal(node).lemma).join();
  return statements.some(
    (other) => other.sentence !== sentence && other.phrasing.clause.verb.lemma === clause.verb.lemma && object(other.phrasing.clause) === object(clause),
  );
}

function askAfter(event: Statement, next: Statement, events: readonly Statement[]): Candidate[] {
  const { subject, clause } = event.phrasing;
  const doing = inflectVerb(clause.verb.lemma ?? "", "ing");
  const key = deedOf(next);
  if (REPEATED.test(key) || next.words > LONGEST || key.split(" ").length < 2) return [];
  const others = events.filter(({ sentence, phrasing, words }) => sentence !== event.sentence && phrasing.subject === subject && words <= LONGEST);
  const wrong = unlike(
    others.map(deedOf).filter((deed) => deed.split(" ").length > 1 && !REPEATED.test(deed)),
    (deed) => deed,
    [key, deedOf(event)],
  );
  const base = {
    stem: `In the story, what did ${subject} do right after ${doing} ${event.rest}?`,
    key,
    accepted: [],
    evidence: [event.sentence],
    factId: `${event.sentence.index}:event:${next.phrasing.clause.start}`,
    factType: "statement" as const,
    pattern: "next-event",
    depth: "understanding" as const,
    optionOrder: "shuffled" as const,
    worth: 2.4,
  };
  return [
    ...(wrong.length >= FEWEST_WRONG ? [{ ...base, kind: "multiple-choice" as const, distractors: wrong.slice(0, 4) }] : []),
    { ...base, kind: "short-answer" as const, key: sentenceCase(key), distractors: [] },
  ];
}

/** "took the whistle from its nail": what was done, without who did it. */
function deedOf({ phrasing, text }: Statement): string {
  return text.slice(phrasing.subject.length).trim();
}
