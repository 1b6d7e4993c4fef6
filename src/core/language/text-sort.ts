import type { Sentence, TextSort } from "./analysis";
import { LEADING_DATELINE, LINE_OF_DATE } from "./dateline";
import { plainCharacters } from "./text-view";

const YEAR = /\b(?:1[0-9]{3}|20[0-2]\d)s?\b|\b\d{1,4} (?:BCE?|CE)\b|\bAD \d{1,4}\b/;
const OUGHT = /\b(?:should|ought to)\b/;
/** Laws and rules say it too, so that it counts for half. */
const MUST = /\bmust\b/;
const IN_MY_VIEW =
  /\b(?:I|we) (?:(?:still|also|really|firmly|strongly|therefore|do) )?(?:believe|think|argue|feel)\b|\bin my (?:view|opinion)\b|\bI urge\b|\bI (?:call|find|consider) (?:it|this|that) an?\b|\b(?:is|are) making a (?:\w+ )?mistake\b|\bwould be a (?:\w+ )?mistake\b/i;
/** A writer weighing sides. */
const WEIGHING =
  /\b(?:supporters|opponents|critics|some (?:people )?(?:say|argue)|others (?:say|argue)|is wrong|are wrong|is right that|are right that|better (?:site|way|plan|idea))\b/i;

const ARGUING =
  /\bfor (?:all )?these reasons\b|\bfor this reason\b.*\b(?:should|ought to|I|we)\b|\b(?:first|second|main) reason is\b|\b(?:is|are) a (?:fair|good) (?:point|question)\b|\bI (?:dis)?agree\b|\b(?:parents|pupils|students|residents|neighbours|people|others|opponents|critics) (?:\w+ )?(?:object|worry|argue|complain|fear) that\b/i;

const DEMAND =
  /^(?:keep|give|let|save|stop|ban|build|bring|protect|end|open|close|say|put|leave|teach|free|don't|do not|no|bring|fix|start)\b|\b(?:needs?|must|should|deserves?)\b/i;

const COMMAND =
  /^(?:keep|give|let|save|stop|ban|build|bring|protect|end|open|close|leave|free|fix|start|mend|repair|turn|plant|allow|pay|feed|buy|switch|move|cut|raise|lower|reopen|change|paint|clean|slow|share|count|choose|trust|ask|take)\b/i;

const OTHERS_SAY =
  /\b(?:critics|opponents|supporters|defenders|some|others|many|people) (?:\w+ )?(?:ask|say|argue|think|believe|claim|wonder|reply)\b.*\bshould\b/i;

/** What sort of text it is, by its surface: dialogue, a writer's "I believe … should", commands. */
export function sortOfText(sentences: readonly Sentence[]): TextSort {
  const prose = sentences.filter((sentence) => sentence.block.kind !== "heading");
  const steps = prose.filter((sentence) => sentence.block.kind === "list-item").length;
  const isTalk = prose.some((sentence) => sentence.speaker);
  if (!isTalk && !isReport(prose) && isStory(prose)) return "story";
  if (steps >= 4 || (!isTalk && isToldToDo(prose))) return "steps";
  return !isTalk &&
    isOpinion(
      prose,
      sentences.filter((sentence) => sentence.block.kind === "heading"),
    )
    ? "opinion"
    : "expository";
}

/** Commands under which, and shares of the sentences below which, a text only gives advice. */
const FEWEST_COMMANDS = 6;
const SHARE_OF_COMMANDS = 0.42;

/** Instructions in running text: nearly every other sentence tells what to do. */
function isToldToDo(prose: readonly Sentence[]): boolean {
  const commands = prose.filter(({ clauses }) => clauses.some(({ rank, imperative }) => rank === "main" && imperative)).length;
  return commands >= FEWEST_COMMANDS && commands / prose.length >= SHARE_OF_COMMANDS;
}

/** "SKERRY BAY, 14 March – A seal pup …": a newspaper's place and date. */
export function isReport(prose: readonly Sentence[]): boolean {
  const [first, next] = prose;
  if (LEADING_DATELINE.test(first?.block.text ?? "")) return true;
  // "Port Carrow, 9 February", by itself: a paper's as well, where no letter and no diary goes on.
  return LINE_OF_DATE.test(first?.block.text ?? "") && !/^(?:My )?[Dd]ear\b|\b(?:I|we|my|our)\b/.test(next?.text ?? "");
}

function isStory(prose: readonly Sentence[]): boolean {
  const share = (pattern: RegExp) => prose.filter((sentence) => pattern.test(plainCharacters(sentence.text))).length / Math.max(1, prose.length);
  const speech = share(/"/);
  // Years among the words spoken: a life told with its sayings, not a tale.
  const isDated = share(YEAR) >= 0.08 && speech < 0.3;
  const ofAny = share(/\b(?:[Hh]e|[Ss]he|[Tt]hey|I) |\b(?:said|asked|whispered|cried)\b/);
  if (!isDated && speech > 0.12 && ofAny > 0.15) return true;
  // Told in the past, of somebody, without a single year: nobody writes history so.
  const clauses = prose.flatMap((sentence) => sentence.clauses.filter((clause) => clause.rank === "main"));
  const past = clauses.filter((clause) => [clause.verb, ...clause.auxiliaries].some((node) => node.flags?.includes("past"))).length;
  const ofSomebody = share(/\b(?:he|she|her|his|him)\b|\b(?:I|my|me)\b/);
  const isPast = past / Math.max(1, clauses.length);
  // A few words spoken say as much.
  const isSpoken = speech > 0.07 && share(/"[^"]*[,.!?]" (?:\p{Lu}\p{L}+ |[Hh]e |[Ss]he )?(?:said|asked|whispered|cried|shouted|answered|replied)\b/u) > 0;
  const isToldInPast =
    (isPast > 0.75 && ofSomebody > 0.35) ||
    (isPast > 0.85 && ofSomebody > 0.25) ||
    (isSpoken && isPast > 0.75 && ofSomebody > 0.15) ||
    (isSpoken && isPast > 0.85 && ofAny > 0.3);
  return share(YEAR) === 0 && clauses.length >= 5 && isToldInPast;
}

/** A writer who says so, or who ends on what should be done and weighs what others say. */
function isOpinion(prose: readonly Sentence[], headings: readonly Sentence[]): boolean {
  // What somebody in the text says is not the writer's.
  const told = prose.filter(({ abstained }) => abstained !== "speech");
  const count = (pattern: RegExp) => told.filter((sentence) => pattern.test(plainCharacters(sentence.text))).length;
  if (count(IN_MY_VIEW) > 0 || (count(OUGHT) + count(MUST) / 2) / Math.max(1, prose.length) > 0.2) return true;
  // "I propose that the canteen stop selling them", "To the Editor:"
  // "I am in favour of it", "I ask the council to vote for the plan"
  if (
    count(
      /\bI (?:propose|demand|recommend|suggest) that\b|\bI am (?:\w+ )?(?:in favou?r of|against|opposed to)\b|\bI (?:am going to|will|shall|intend to) vote (?:for|against)\b|\bI ask the \w+ to\b|^(?:To the|Dear) Editor\b/,
    ) > 0
  )
    return true;
  // "I have come to ask you not to cut down the oak"
  if (count(/\bI (?:have come|am here|stand here|come before you)(?: today)? to (?:ask|urge|beg|speak (?:for|against))\b/) > 0) return true;
  // "I am writing to ask you to bring it back"
  if (count(/\bI (?:am writing|write) to (?:ask|urge|complain|protest|object)\b/) > 0) return true;
  // "What a food label must tell you": what the law says, and no demand.
  const asks = (heading: Sentence) => /^(?:what|how) .*\bmust\b/i.test(heading.text);
  const title = headings.some((heading) => /\b(?:should|must|ought)\b/i.test(heading.text) && !asks(heading));
  if (title && count(OUGHT) > 0) return true;
  // "Give every student a library card": a title that demands, over a text with a *should*.
  const demands = headings.some((heading) => heading.block.level === 1 && DEMAND.test(heading.text) && !asks(heading));
  // "Mend the town clock": a command as the title, over a text that says what its writer wants and others argue.
  const commands = headings.some((heading) => heading.block.level === 1 && COMMAND.test(heading.text));
  if (commands && count(/\bI (?:want|do not claim|would like|ask|am (?:only |not )?asking)\b/) > 0 && count(/\b(?:argues?|argued|say|says|claims?) that\b/) > 0)
    return true;
  if (demands && count(/\bshould\b|\bLet (?:us|'s)\b|\bI hope that\b|\bthere is a (?:far |much )?better (?:way|plan|idea)\b/i) > 0) return true;
  // "Why I voted against the trophy": reasons for what the writer did, with what others should do.
  const gives = headings.some((heading) => heading.block.level === 1 && /^why I\b/i.test(heading.text));
  if (gives && count(/\b(?:should|ought to)\b|\blet us\b/i) > 0) return true;
  // "For these reasons", "That is a fair point", "I agree": signs of somebody who argues, with what should be done.
  if (count(ARGUING) > 0 && count(/\bshould\b/) > 0) return true;
  // "Bike lanes now!": what our town needs, with what others say against it.
  const calls = headings.some((heading) => heading.block.level === 1 && /!$/.test(heading.text.trim()));
  if (calls && count(/^Our (?:\w+ )?(?:city|town|school|village|street|library) needs?\b/) > 0) return true;
  // "Critics *ask* why nine judges *should* be able to overrule it": what others say, and not the writer.
  const ending = prose.slice(-3).some(({ text }) => /\bshould\b/.test(text) && !/\byou should\b/i.test(text) && !OTHERS_SAY.test(text));
  return ending && count(WEIGHING) > 0;
}
