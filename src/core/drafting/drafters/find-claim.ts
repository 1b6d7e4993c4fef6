import type { Analysis, Sentence } from "../../language/analysis";
import { likeliestLemmas } from "../../language/likeliest-lemmas";
import type { Fact } from "../facts/fact";
import { opensClearly } from "../phrasing/opens-clearly";
import type { SourceStock } from "../source-stock";
import { followsPronouns } from "./followed-pronouns";

const OUGHT = /\b(?:should|ought to|must)\b/;
/** How a writer lets the other side speak. */
const OTHER_SIDE =
  /^(?:some (?:people|say|argue|think|of)|some \p{L}+ (?:say|argue|think|claim|believe|object|worry)|others|critics|opponents|many people (?:say|think|argue)|it is true|of course|supporters|those who|people (?:say|argue|object)|it (?:is|has been) (?:also |often |sometimes |even )?said that|the (?:developer|other side)|I know what)/iu;
/** "I know what the mayor will answer. *She will say* that someone might slip", "Older people *may feel* left out" */
const OBJECTS =
  /^(?:He|She|They) (?:will|may|might) (?:say|argue|answer|object|claim|reply|tell)\b|^(?:(?!I\b|We\b|You\b)\p{L}+ ){1,4}?(?:may|might) (?:feel|complain|worry|object|fear)\b/u;
/** "*A more serious objection is* that some matters are private" */
const OBJECTION = /^(?:An?|One|Another|The (?:most \p{L}+|\p{L}+)) (?:(?:more|most) )?(?:\p{L}+ )?(?:objection|counter-?argument|worry) (?:is|was) that\b/u;
/** "The governors *are right about* the tuning" */
const GRANTED =
  /^(?!I\b|We\b)(?:[\p{L}’'-]+ ){1,5}?(?:is|are) (?:quite |partly |perfectly |of course )?right (?:about|that|to (?:say|point|worry|object|fear))\b/u;
/** "I have come to ask you not to cut down the oak", but not "I ask you *to come and see*" */
const BEGS =
  /^I (?:[\p{L}]+ ){0,5}(?:ask|urge|beg) (?:you|the \p{Ll}+) (?:not )?to\b(?! (?:come|visit|see|look|read|listen|think|consider|imagine|remember|join)\b)(?!.*\bthe (?:plan|proposal|motion)\b)/u;
const OWN_VIEW = /\b(?:I (?:firmly |really )?(?:believe|think)|I am (?:convinced|sure)|in my (?:view|opinion))\b/i;
const POINTS = /\b(?:should|ought to|must) (?:[\p{L}-]+ ){0,6}(?:it|them|this|these|those|neither|both|so)\b/iu;
/** "Our school has *a kitchen*, and we should open it again": named in the sentence itself. */
const NAMED = /\b(?:has|have|is|are|was|owns?|keeps?) (?:an?|the) .*,? (?:and|so) (?:\p{L}+ ){1,3}(?:should|ought to|must)\b/iu;
const SAYS =
  /\b(?:say|says|argue|argues|reply|replies|claim|claims|object|objects|promise|believe|think|worry|worries|fear|fears|complain|complains|warn|warns|point to|point out) (?:that )?/i;

/** The sentence in which the writer says what should be done: the plainest one, where there is one. */
export function claimOf({ analysis }: SourceStock): Sentence | undefined {
  const claims = analysis.sentences.filter(
    (sentence) =>
      sentence.block.kind !== "heading" &&
      (OUGHT.test(sentence.text) || BEGS.test(sentence.text)) &&
      sentence.abstained !== "speech" &&
      sentence.abstained !== "question" &&
      !isOfOthers(sentence) &&
      opensClearly(sentence) &&
      // "I think that they should …": who they are stands in another sentence.
      !/^(?:he|she|it|they|this|that|these|those|(?:an?|the|some|most|half|part|one) (?:\p{L}+ )?of (?:it|them|this|these))\b/iu.test(claimWords(sentence)) &&
      // "Cafés should stop using them", "The council should switch off half of them at midnight": so does what they are.
      (!POINTS.test(sentence.text) || NAMED.test(sentence.text)) &&
      // "To make soup you *must* multiply": needed for it, and no demand.
      (/\b(?:should|ought to)\b/.test(sentence.text) || BEGS.test(sentence.text) || /^(?:[\w’'-]+ ){1,4}must\b/.test(sentence.text)) &&
      !/\b(?:you|they|he|she) (?:should|must|ought)\b/.test(sentence.text),
  );
  const blocks = claims.map(({ blockIndex }) => blockIndex);
  const [first, last] = [Math.min(...blocks), Math.max(...analysis.sentences.map(({ blockIndex }) => blockIndex))];
  const weight = (sentence: Sentence) =>
    (OWN_VIEW.test(sentence.text) ? 3 : 0) +
    (/\bshould\b/.test(sentence.text) ? 1 : 0) +
    (sentence.tree ? 1 : 0) +
    // What the title announces is what the writer wants.
    Math.min(2, sharedWithHeading(sentence, analysis)) +
    (sentence.blockIndex === first || sentence.blockIndex === last ? 0.5 : 0) -
    (OTHER_SIDE.test(sentence.text) ? 4 : 0) -
    // "should only get a pet if …", "should at least try this": a condition or a part of it.
    (/\b(?:only|at least (?:try|give|consider|wait|think|ask)|therefore|also|either|if|unless)\b/.test(sentence.text) ? 1.5 : 0) -
    (sentence.words.length > 26 ? 1 : 0);
  const best = [...claims].sort((a, b) => weight(b) - weight(a))[0];
  // "…, so our bags should weigh no more than four and a half" under "Give Us Back Our Lockers"
  const title = titleClaim(analysis);
  const isBesideTitle =
    best &&
    title &&
    (sharedWithHeading(best, analysis) === 0 || (OUGHT.test(title.text) && sharedWithHeading(best, analysis) * 2 < analysis.headingLemmas.size));
  if (best && title && !title.asks && !OWN_VIEW.test(best.text) && isBesideTitle) return undefined;
  return best && (analysis.sort === "opinion" || weight(best) >= 4) ? best : undefined;
}

function sharedWithHeading({ words }: Sentence, { headingLemmas }: Analysis): number {
  const lemmas = words.flatMap(({ candidates }) =>
    candidates.filter(({ cat, cost }) => cat === "n" && cost < 3).map(({ lemma }) => (lemma ?? "").toLowerCase()),
  );
  return new Set(lemmas.filter((lemma) => headingLemmas.has(lemma))).size;
}

/** "The members believe that animals should …": somebody else's demand. */
function isOfOthers({ clauses, text }: Sentence): boolean {
  const [first] = clauses;
  const says =
    (first !== undefined &&
      /^(?:believe|think|say|argue|claim|feel|want|insist|demand|suggest|object|reply|answer|warn|complain|fear|worry|recommend|advise|propose)$/.test(
        first.verb.lemma ?? "",
      )) ||
    /\b(?:says?|said|argues?|objects?|claims?|believes?|insists?|demands?|warns?|recommends?|advises?|knows?) that\b.*\b(?:should|ought to|must)\b/.test(text);
  return says && !/^(?:I|we)\b/i.test(text);
}

/** "I believe that the school should …" → "The school should …" */
export function claimWords(claim: Sentence): string {
  const words = claim.text
    // "I do it on purpose, *and I think that* every garden should …"
    .replace(/^I [^,]*, (?:and|but|so) (?=I (?:(?:firmly|really) )?(?:believe|think|feel|argue)\b)/, "")
    .replace(/^(?:(?:I|we) (?:(?:firmly|really|still|also|therefore) )?(?:believe|think|feel|argue|propose|suggest)|I am (?:convinced|sure))(?: that)? /i, "")
    .replace(/^In my (?:view|opinion),? /, "")
    // "should teach cooking, *and that* it should be compulsory": two things that the writer thinks.
    .replace(/,? and that (?=\p{L}+ (?:should|must|ought)\b)/u, ", and ")
    .replace(/^(?:So|Therefore|That is why|For (?:all )?these reasons),? /, "");
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A title that demands, says what is so, or asks what should be. */
const DEMANDS =
  /^(?:keep|give|let|save|stop|ban|build|bring|protect|end|open|close|leave|free|fix|start|mend|repair|turn|plant|allow|pay|feed|buy|switch|move|cut|raise|lower|reopen|change|paint|clean|slow|share|count|choose|trust|ask|take|put|fill|teach|say|please|do not|don['’]t|no)\b|\b(?:should|must|needs?|deserves?)\b|\b(?:is|are) (?:not|better|a|an|the)\b/i;
const ASKS = /^(?:should|must|do|does|is|are|can|may) .*\?$/i;
const PLAIN_TITLE = /^why (?:I|we)\b|:/i;

/** Where no sentence says plainly what should be done, the title of an opinion often does: "Keep the Ferry Slow". */
export function titleClaim({ sentences, sort }: Analysis): { text: string; asks: boolean } | undefined {
  const heading = sentences.find(({ block }) => block.kind === "heading" && block.level === 1);
  if (sort !== "opinion" || !heading) return undefined;
  // "Why Our School Needs a Repair Club": that it needs one.
  const text = heading.block.text
    .trim()
    .replace(/^Why (?=\p{Lu}\p{L}+ .*\bNeeds?\b|\p{L}+ .*\b(?:[Ss]hould|[Mm]ust|[Nn]eeds?|(?:[Dd]o|[Dd]oes) [Nn]ot [Nn]eed)\b)/u, "");
  if (ASKS.test(text)) return { text, asks: true };
  if (/\?/.test(text) || PLAIN_TITLE.test(text) || !DEMANDS.test(text)) return undefined;
  return { text: /[.!]$/.test(text) ? text : `${text}.`, asks: false };
}

/** "There is another reason", "The main reason is simple", "If it does not work, …": what is no reason by itself. */
const ANNOUNCES =
  /^nobody is asking\b|^(?:some|many|most) \p{L}+ will (?:shake|laugh|smile|groan|frown|nod)|\bI will (?:hand|give|pay|take|bring|eat|come|go|be)\b|\b(?:reason|argument) is what\b|\banother (?:two|three|four|five|six|ten|\d+),|^if I am (?:wrong|right)\b|^the (?:town|city|school|council) could (?:help|do more|act)\b|\b(?:another|one more|a (?:second|third|last)) (?:reason|point)\b|\b(?:reason|point|answer)s? (?:is|are) (?:very |quite )?(?:simple|clear|plain|easy|obvious)\b|^(?:if|when|because|as) (?:it|they|this|that)\b|\b(?:these|those|both) reasons\b|\b(?:two|three|four|several|some) (?:objections|arguments|reasons)\b|\banother (?:worry|problem|question)\b|\bthe question of\b|\bother side\b|^I do not (?:ask|want)\b|\bI have been an? |^you do not have to\b|^I (?:hear|urge|ask|beg|appeal)\b|^you (?:also )?(?:say|write|want|ask)\b|^your (?:article|letter|editorial|paper|report)\b/iu;

/** "The café owners say that visitors love the gulls", "Teachers have told me that …": neither the writer nor whoever knows. */
function isSaidByOthers({ text, block }: Sentence): boolean {
  const who =
    /^((?:\p{L}[\p{L}’'-]* ){1,6}?)(?:(?:often|have|has|also|sometimes|usually|still|will|may) )?(?:say|says|(?<=ha(?:s|ve) )said|reply|replies|fear|fears|worry|claim|claims|argue|argues|object|objects|complain|are afraid|(?<=have )told)(?: me| us)?(?: that| it| there|,) /u.exec(
      text,
    )?.[1];
  return (
    who !== undefined &&
    block.kind !== "heading" &&
    !/^(?:I|We|My|Our|You|They|He|She|It)\b|\breport\b/.test(who) &&
    !/\b(?:because|when|if|since|who)\b/i.test(who) &&
    !KNOWS.test(who)
  );
}

/** Whose word is a reason. */
const KNOWS =
  /\b(?:doctors?|scientists?|researchers?|experts?|stud(?:y|ies)|biologists?|psychologists?|engineers?|academy|association|police|vets?|dentists?)\b/i;

/** Reasons that a model answer holds, and what a sentence must weigh to be one. */
const MOST_REASONS = 4;
const FEWEST_REASONS = 2;
const LEAST_WEIGHT = 0.8;
const LEAST_OF_OPENING = 0.3;
/** Words of a sentence that gives one reason. */
const FEWEST_WORDS = 3;
const MOST_WORDS = 34;

/** The writer's own weightiest reasons, in the order of the text, and what the writer lets the other side say. */
export function sidesOf({ analysis, facts }: SourceStock, claim: Sentence | undefined): { reasons: Sentence[]; against: Sentence[] } {
  const against = analysis.sentences.filter(
    (sentence) =>
      OBJECTION.test(sentence.text) ||
      GRANTED.test(sentence.text) ||
      (OTHER_SIDE.test(sentence.text) && (SAYS.test(sentence.text) || /^(?:it is true|of course,? (?:\S+ ){3})/i.test(sentence.text))) ||
      OBJECTS.test(sentence.text) ||
      isSaidByOthers(sentence),
  );
  const giving = new Map<Sentence, number>();
  for (const { sentence, type } of facts) giving.set(sentence, Math.max(GIVES[type] ?? 0, giving.get(sentence) ?? 0));
  const othersBlocks = new Set(against.filter(({ indexInBlock }) => indexInBlock === 0).map(({ block }) => block.id));
  const firstBlock = Math.min(...analysis.sentences.filter(({ block }) => block.kind !== "heading").map(({ blockIndex }) => blockIndex));
  // "A garden would make our classrooms cooler … *It would also* save money": the same at the head of the next paragraph.
  const goesOn = (sentence: Sentence) => {
    // "*First,* it brings visitors.": what is counted as a reason, of what the writer wants.
    if (NUMBERED.test(sentence.text)) return true;
    if (sentence.indexInBlock > 0 || !ALSO.test(sentence.text)) return false;
    const before = analysis.sentences.find(({ blockIndex, indexInBlock }) => blockIndex === sentence.blockIndex - 1 && indexInBlock === 0);
    return before !== undefined && WOULD.test(before.text) && opensClearly(before);
  };
  const weightOf = (sentence: Sentence) =>
    Math.max(giving.get(sentence) ?? 0, MARKED.test(sentence.text) || NUMBERED.test(sentence.text) ? 1 : 0) +
    (sharedWithHeading(sentence, analysis) > 0 || (claim && sharesNoun(sentence, claim)) ? 0.5 : 0) +
    (sentence.indexInBlock === 0 && !othersBlocks.has(sentence.block.id) ? 0.4 : 0) +
    // "*A garden would make our classrooms cooler.*": what would come of it, at the head of its paragraph.
    (sentence.indexInBlock === 0 && sentence.blockIndex > firstBlock && WOULD.test(sentence.text) && !othersBlocks.has(sentence.block.id) ? 0.5 : 0) +
    // "*Real plates would also save money.*": one more of the row.
    (sentence.indexInBlock === 0 && OPENS_WITH_ALSO.test(sentence.text) ? 0.5 : 0) -
    (othersBlocks.has(sentence.block.id) ? 0.3 : 0) -
    // "*There are* four hundred students": how things stand.
    (/^there (?:is|are|was|were)\b/i.test(sentence.text) ? 0.6 : 0) -
    // How a text begins is seldom why something should be done.
    (sentence.blockIndex === firstBlock ? 0.4 : 0) -
    (OUGHT.test(sentence.text) ? 0.8 : 0);
  const weighed = analysis.sentences
    .filter(
      (sentence) =>
        sentence !== claim &&
        !against.includes(sentence) &&
        (goesOn(sentence) || (opensClearly(sentence) && (!sentence.tree || followsPronouns(sentence, analysis)))) &&
        !ANNOUNCES.test(sentence.text) &&
        !(sentence.blockIndex === firstBlock && PLANNED.test(sentence.text)) &&
        sentence.block.kind !== "heading" &&
        sentence.abstained !== "question" &&
        sentence.abstained !== "speech" &&
        sentence.text.split(" ").length >= FEWEST_WORDS &&
        !sentence.clauses.some(({ imperative }) => imperative) &&
        sentence.text.split(" ").length <= MOST_WORDS,
    )
    .map((sentence) => ({ sentence, weight: weightOf(sentence) }))
    .sort((one, other) => other.weight - one.weight);
  const heavy = weighed.filter(({ weight }) => weight >= LEAST_WEIGHT);
  // Where no reason is marked as one, each paragraph opens with it.
  const openings = weighed.filter(({ weight, sentence }) => weight >= LEAST_OF_OPENING && sentence.indexInBlock === 0 && sentence.tree);
  const reasons = (heavy.length >= FEWEST_REASONS ? heavy : openings)
    .slice(0, MOST_REASONS)
    .map(({ sentence }) => sentence)
    .sort((one, other) => one.index - other.index);
  return { reasons, against };
}

/** "*The governors want to sell* the piano": at the head of a text, what its writer answers. */
const PLANNED = /^(?!I\b|We\b)(?:[\p{L}’'-]+ ){1,6}?(?:wants?|plans?|intends?|proposes?|(?:has|have) (?:decided|voted)) to\b/u;
const NUMBERED =
  /^(?:First|Second|Third|Fourth|Finally|Lastly)(?: of all)?, (?:it|they) (?!(?:does|do|did|is|are|was|were|will|would|can|has|have) not\b)\p{Ll}/u;
const ALSO = /^(?:It|They) (?:would|will|can|could) also\b/;
const OPENS_WITH_ALSO = /^(?:[\p{L}’'-]+ ){1,5}?(?:(?:would|will|can|could) also|also) \p{Ll}/u;
const WOULD = /^(?:[\p{L}’'-]+,? ){1,6}?(?:would|will|can)\b/u;
const MARKED = /\b(?:because|since (?!\d)|reason|so that|if|without)\b/i;
/** How much a kind of fact says why. */
const GIVES: Partial<Record<Fact["type"], number>> = { reason: 2, cause: 1, purpose: 0.9, condition: 0.9, manner: 0.4, quantity: 0.5 };

function sharesNoun(sentence: Sentence, claim: Sentence): boolean {
  const wanted = likeliestLemmas(claim, /^n$/);
  return [...likeliestLemmas(sentence, /^n$/)].some((noun) => wanted.has(noun));
}
