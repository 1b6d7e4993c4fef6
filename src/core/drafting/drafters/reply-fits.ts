import type { Sentence } from "../../language/analysis";
import { pronounOf } from "../../language/subject-pronoun";
import { isReducedPassive } from "../phrasing/reduced-passive";

const LONGEST_FRAGMENT = 12;
/** "You cannot twist a rope round a corner": a reason of fewer words is only a part of one. */
const FEWEST_OF_REASON = 7;
const FEWEST_OF_ADVICE = 5;
const AMOUNT =
  /\b(?:\d[\d,.]*|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|million|half|an? (?:hour|day|week|month|year|minute|second|mile|metre|meter))\b/i;
const OPENS_WITH_AMOUNT = new RegExp(`^(?:(?:about|around|over|nearly|almost|between|up to|at least|more than|less than) )?${AMOUNT.source}`, "i");

const WHEN = /^(?:in|at|on|from|after|before|during|about|around|when|until)\b/i;
const WHERE = /^(?:in|at|on|from|under|near|behind|between|over|to|by)\b/i;
/** "Very politely." */
const WAY = /^(?:very |quite |extremely )?\p{L}+ly\b/iu;
const HOW = /^(?:with|by|through|from)\b/i;

/** What is looked at in a reply. */
type Form = {
  text: string;
  words: number;
  /** A part of a sentence: "With a hydrophone." */
  isPart: boolean;
  isCommand: boolean;
  isOneClause: boolean;
  /** Whoever or whatever the question asks about is the subject. */
  isOfDoer: boolean;
  /** "What happens to *a puppy*? *It* goes to a family": what it happens to is the subject, and something comes of it. */
  isOfWhom: boolean;
  /** And does something. */
  isDeed: boolean;
  saysWhat: boolean;
};

/** The form of an answer, by how the question begins; the first that fits the question decides. */
const FORMS: [asks: RegExp, fits: (form: Form, asks: string) => boolean][] = [
  [/^why\b/i, ({ text, isOfDoer, words }) => /^Because \p{L}+ \p{L}+/u.test(text) || (isOfDoer && words >= FEWEST_OF_REASON)],
  [/^how (?:many|much|long|old|often|far|high|big|deep|tall|heavy|fast)\b/i, ({ text, isPart, isOneClause }) => AMOUNT.test(text) && (isPart || isOneClause)],
  [/^(?:when|what time)\b/i, ({ text, isPart }) => isPart && WHEN.test(text)],
  [/^where\b/i, ({ text, isPart }) => isPart && WHERE.test(text)],
  [/^what happens (?:to|with)\b/i, ({ isOfWhom }) => isOfWhom],
  [/^(?:how|what) (?:should|can|could|must)\b/i, ({ isCommand, isDeed, words }) => (isCommand && words >= FEWEST_OF_ADVICE) || isDeed],
  [/^how\b/i, ({ text, isPart, isDeed }) => (isPart && (HOW.test(text) || WAY.test(text))) || isDeed],
  [/^what (?:advice|tips?|suggestions?)\b/i, ({ isCommand, words }) => isCommand && words >= FEWEST_OF_ADVICE],
  [/^(?:who|which)\b/i, ({ isPart }) => isPart],
  [/^what (?:do|does|did)\b/i, ({ isPart, isDeed }, asks) => (isPart && / (?:like|need|want|love|fear|miss|eat|use)\b/i.test(asks)) || isDeed],
  [/^what (?!(?:is|was|are|were|has|have|had|can|could|will|would|kind|sort)\b)\p{L}+s \p{L}+/iu, ({ isPart }) => isPart],
  [/^what (?:exactly |actually |really )?(?:is|was|are|were)\b/i, ({ isPart, isOneClause, saysWhat }) => isPart || (isOneClause && saysWhat)],
];

/** Whether a reply has the form of an answer to such a question: the part of a sentence or the amount that was asked for, or the same doer. */
export function replyFits(asks: string, reply: Sentence): boolean {
  const [, fits] = FORMS.find(([pattern]) => pattern.test(asks)) ?? [];
  return fits?.(formOf(asks, reply), asks) ?? false;
}

function formOf(asks: string, reply: Sentence): Form {
  const main = reply.clauses.filter(({ rank }) => rank === "main");
  const isCommand = main.length > 0 && main.every(({ imperative }) => imperative);
  const isOfDoer = sameDoer(asks, reply);
  return {
    text: reply.text,
    words: reply.words.length,
    isPart: isPart(asks, reply, isCommand),
    isCommand,
    isOneClause: main.length === 1,
    isOfDoer,
    isOfWhom: sameThing(asks, reply) && (doesSomething(reply) || reply.clauses[0]?.passive === true),
    isDeed: isOfDoer && doesSomething(reply),
    saysWhat: saysWhat(reply),
  };
}

function isPart(asks: string, { words, clauses, text }: Sentence, isCommand: boolean): boolean {
  // "Dry summers." is read as a command where no such thing was asked for.
  const isTorn = isCommand && words.length <= 5 && /^(?:what|who|which) (?:is|are|was|were)\b/i.test(asks);
  const isAuxiliary = ({ candidates }: Sentence["words"][number]) => candidates.some(({ cat, cost }) => /^(?:be|have|do|modal)$/.test(cat) && cost < 2);
  return (
    words.length <= LONGEST_FRAGMENT + 1 &&
    !text.endsWith("!") &&
    // "About twenty kilograms from each hive": however the rest was read.
    (clauses.length === 0 || OPENS_WITH_AMOUNT.test(text) || isTorn || clauses.every(isReducedPassive)) &&
    !words.some(isAuxiliary)
  );
}

/** "It is a chart of the bay", "The ladder is the most dangerous part". */
function saysWhat({ clauses }: Sentence): boolean {
  const [main] = clauses;
  return (
    main !== undefined &&
    main.verb.cat === "be" &&
    !main.negated &&
    pronounOf(main.subject) === "it" &&
    main.complements.some(({ role, node }) => role === "predicate" && node.cat === "np")
  );
}

/** A deed, and no being, having or feeling. */
function doesSomething({ clauses }: Sentence): boolean {
  const [main] = clauses;
  return (
    main !== undefined &&
    main.verb.cat === "v" &&
    !main.negated &&
    !/^(?:think|believe|hope|know|feel|seem|like|love|want|wish|mean|wait|try|use)$/.test(main.verb.lemma ?? "") &&
    main.sentence.words.length >= 4
  );
}

/** "What happens *to a puppy* after the test? *It* goes to live with a family." */
function sameThing(asks: string, { clauses, words }: Sentence): boolean {
  const [main] = clauses;
  const [, named = ""] = /^what happens (?:to|with) ((?:an?|the|all|most)? ?\p{L}+)/iu.exec(asks) ?? [];
  if (!main || main.imperative || named === "") return false;
  const subject = words
    .slice(main.subject.start, main.subject.end)
    .map(({ lower }) => lower)
    .join(" ");
  return subject === (/^an? /i.test(named) || !/s$/.test(named) ? "it" : "they") || subject === named.toLowerCase();
}

/** "Why do *you* …? *We* …", "What does *a crab* do …? *It* …": who is asked about does it. */
function sameDoer(asks: string, { clauses, words }: Sentence): boolean {
  const [main] = clauses;
  if (!main || main.imperative) return false;
  const subject = words
    .slice(main.subject.start, main.subject.end)
    .map(({ lower }) => lower)
    .join(" ");
  const doer = /^(?:\p{L}+ )+?(?:do|does|did|is|are|was|were|can|could|should|must) (.+)$/iu.exec(asks)?.[1]?.toLowerCase() ?? "";
  if (/^(?:i|we)$/.test(subject)) return /^you\b/.test(doer);
  if (subject === "you") return /^(?:you|i|we)\b/.test(doer);
  if (subject === "it") return /^(?:an?|the) \p{L}+/iu.test(doer);
  if (subject === "they") return /^(?:the )?(?:\p{Ll}+ )?\p{Ll}+s\b|^people\b/u.test(doer);
  return subject.length > 3 && doer.startsWith(subject.replace(/^(?:an?|the) /, ""));
}
