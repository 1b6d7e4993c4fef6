import type { Analysis } from "../../language/analysis";
import { TIME_NOUNS, UNIT_NOUNS } from "../../language/data/noun-classes";
import { pluralOf } from "../../language/inflect";
import { midSentence, nodeText, withoutAside, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { unitName } from "../../language/written-signs";
import { askClause, askSubject, type Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { conjunctsOf, isOneTime } from "../phrasing/conjuncts";
import { numberForms } from "../phrasing/number-forms";
import { phraseRest, preverbalAdverbs } from "../phrasing/phrase-rest";
import { isTimeOfWhat } from "../phrasing/time-of-what";
import { type Fact, factId, factOf } from "./fact";
import { isUnclear, reasonsOf } from "./find-cause";
import { isToldInPassing } from "./told-in-passing";

/** "held *1,016 prisms*", "for *six weeks*", "*ninety-four lives*": how many. */
export function findQuantity(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  if (clause.rank === "adverbial" && (!isToldInPassing(clause) || isUpToThen(clause))) return [];
  // "The wolf had *not* eaten *for four days*": how long it went without.
  const isWithout = clause.negated && clause.auxiliaries.some(({ cat }) => cat === "have" || cat === "do");
  if (isWithout)
    return fromAdjuncts(phrasing, analysis).filter(({ stem }) => /^For how many (?:days|weeks|months|years|hours|nights) (?:had|has|have|did)\b/.test(stem));
  if (clause.negated) return [];
  return [...fromComplement(phrasing, analysis), ...fromExistence(phrasing, analysis), ...fromAdjuncts(phrasing, analysis), ...fromSubject(phrasing, analysis)];
}

/** "*After twelve birds had fallen*, the gun jammed": how many by then, and not in all. */
function isUpToThen({ auxiliaries }: Phrasing["clause"]): boolean {
  return auxiliaries.some(({ cat, flags }) => cat === "have" && flags?.includes("past"));
}

/** "There are *three kinds of bees* in a hive": how many are there? */
function fromExistence(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const what = clause.complements.find(({ role, node }) => role === "predicate" && node.cat === "np")?.node;
  const counted = what && clause.subject.cat === "there" ? countedPhrase(what) : undefined;
  const noun = counted && countedNoun(counted, phrasing);
  if (!what || !counted || !noun || clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || findUnclear(what, clause.sentence, analysis)) return [];
  const rest = phraseRest(phrasing, analysis, [what, ...reasonsOf(clause)]);
  const tail = what.end > counted.end ? wordsText(clause.sentence, counted.end, what.end) : "";
  if (isUnclear(rest) || (rest === "" && tail === "")) return [];
  const be = clause.verb.flags?.includes("past") ? "were" : "are";
  // "there are ten minutes *left to eat*": they are left.
  const asks = /^left\b/.test(tail) ? ["How many", noun, be, tail, rest] : ["How many", noun, tail, be, "there", rest];
  return [quantityFact(phrasing, counted, `${asks.filter(Boolean).join(" ")}?`, noun)];
}

function fromComplement(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const whole = clause.complements.find((part) => part.role === "object" || (part.role === "predicate" && part.node.cat === "np"))?.node;
  // "some forty million cells, *each filled with gas*"
  const object = whole?.role === "reduced" ? withoutAside(whole) : whole;
  // "needed *two hours, fifty-eight minutes and fifty seconds*": one length of time.
  if (object && isOneTime(object)) return [];
  // "An ant has *six legs* and a body with three parts"
  if (object?.role === "coordination") return conjunctsOf(object).flatMap((part) => fromConjunct(phrasing, object, part, analysis));
  const counted = object && countedPhrase(object);
  if (object && /^(?:only|just) /.test(nodeText(clause.sentence, object)) && !(counted && countedNoun(counted, phrasing)))
    return onlyOne(phrasing, object, analysis);
  if (!object || !counted || clause.verb.cat === "be" || isTimeOfWhat(object, clause)) return [];
  if (headTerminal(counted).lemma === "percent" || headTerminal(counted).lemma === "per cent") return fromPercent(phrasing, object, counted, analysis);
  // "would cost 12,000 euros, less than one small crossing with lights": what is said in passing, read as what the lane does.
  if (clause.adjuncts.some(({ node }) => node.cat === "vp" && node.f.form === "ing" && node.start > object.end)) return [];
  // "*add up to* forty hours": a verb of three words.
  if (clause.verb.lemma === "add" && /^up to\b/i.test(nodeText(clause.sentence, object))) return [];
  // "nine houses out of ten" is a share.
  if (clause.adjuncts.some(({ node }) => node.cat === "pp" && node.f.sub === "outof" && node.start === object.end)) return [];
  const rest = phraseRest(phrasing, analysis, [whole!, ...(clause.imperative ? [] : reasonsOf(clause))]);
  const noun = countedNoun(counted, phrasing);
  if (isUnclear(rest) || !noun || findUnclear(counted, clause.sentence, analysis, phrasing.binder)) return [];
  // "has a hundred dollars *less* for books": so many less than others.
  if (/^(?:less|more|fewer)$/.test(clause.sentence.words[object.end]?.lower ?? "")) return [];
  // "Wait five minutes": after which step?
  if (clause.imperative && rest === "" && /^(?:wait|rest|pause)$/.test(clause.verb.lemma ?? "")) return [];
  // "*I* have three minutes": for what?
  if (
    clause.verb.cat === "have" &&
    rest === "" &&
    headTerminal(clause.subject).lemma === "i" &&
    object.end === counted.end &&
    UNIT_NOUNS.has(headTerminal(counted).lemma ?? "")
  )
    return [];
  // "Hikers would take *two days*": for what?
  if (clause.verb.lemma === "take" && rest === "" && phrasing.binder.human && TIME_NOUNS.has(headTerminal(counted).lemma ?? "")) return [];
  // "two spoons of soda *into the bottle*": where it goes belongs to the verb.
  const own = ownPhrases(object);
  const goes = object.end > own.end ? wordsText(clause.sentence, own.end, object.end) : "";
  const tail = own.end > counted.end ? wordsText(clause.sentence, counted.end, own.end) : "";
  // "forty hectares of forest *and a lake*", "two boxes of the same size, *one lid*, old newspaper": not measured with it.
  if (/\band (?:an?|the|one|two|three) |, (?:an?|the|one|two|three|some|old|new) /.test(tail)) return [];
  // "up to 300 million cells *that detect smells*": short, and nothing behind it.
  const isShort = rest === "" && goes === "" && clause.verb.cat === "have" && /^(?:that|which|who) (?:\S+ ?){1,4}$/.test(tail);
  if (tail && (findUnclear(object, clause.sentence, analysis, phrasing.binder) || (hasVerb(object) && !isShort))) return [];
  const stem = askClause(phrasing, `How many ${[noun, tail].filter(Boolean).join(" ")}`, [goes, rest].filter(Boolean).join(" "));
  return [quantityFact(phrasing, counted, stem, noun)];
}

/** "A hive has *only one queen*": how many queens? */
function onlyOne(phrasing: Phrasing, object: Node, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const [, word, noun] = /^((?:only|just) (?:one|a single)) (\p{Ll}+)$/u.exec(nodeText(sentence, object)) ?? [];
  if (!word || !noun || /^(?:thing|way|time|kind|sort|reason|day)$/.test(noun) || clause.verb.cat === "be" || clause.imperative) return [];
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  if (isUnclear(rest)) return [];
  return [
    factOf(phrasing, object.start, {
      type: "frequency",
      stem: askClause(phrasing, `How many ${pluralOf(noun)}`, rest),
      answer: word,
      accepted: ["one", "1", `${word} ${noun}`],
      depth: "recall",
      worth: 1.8,
      pattern: "how-many",
    }),
  ];
}

function fromConjunct(phrasing: Phrasing, object: Node, part: Node, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  // "twenty agencies and departments", "three cherry trees or maple trees": counted together.
  const isApart = object.kids.at(-1)?.f.sub === "and" && conjunctsOf(object).every(({ f }) => f.det !== "bare");
  const noun = isApart && part.role === "quantity" ? countedNoun(part, phrasing) : undefined;
  // "a body *with three parts*": what follows belongs to the last of them.
  const behind = clause.adjuncts.flatMap(({ node }) => (node.cat === "pp" && node.start === object.end && !node.f.time ? [node] : []));
  const rest = phraseRest(phrasing, analysis, [object, ...behind, ...(clause.imperative ? [] : reasonsOf(clause))]);
  if (!noun || clause.verb.cat === "be" || isUnclear(rest) || findUnclear(part, clause.sentence, analysis, phrasing.binder)) return [];
  return [quantityFact(phrasing, part, askClause(phrasing, `How many ${noun}`, rest), noun)];
}

/** The noun phrase without what says where it is put. */
function ownPhrases(np: Node): Node {
  const moves = np.role === "postmodifier" && /^(?:into|onto|to|with|from)$/.test(np.kids[1]?.kids[0]?.lemma ?? "");
  return moves || (np.role === "postmodifier" && ownPhrases(np.kids[0]!) !== np.kids[0]) ? ownPhrases(np.kids[0]!) : np;
}

/** "two structures that animal cells do not have": two verbs would meet in the question. */
function hasVerb(np: Node): boolean {
  return walkTree(np).some((node) => node.cat === "rc" || node.cat === "s" || (node.role === "reduced" && node.kids.length === 2));
}

/** "three percent of every sale" → What percentage of every sale …? */
function fromPercent(phrasing: Phrasing, object: Node, counted: Node, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const rest = phraseRest(phrasing, analysis, [object, ...reasonsOf(clause)]);
  const tail = object.end > counted.end ? wordsText(clause.sentence, counted.end, object.end) : "";
  // "85 percent of its vote to one and *14 percent* to the other": two shares, told as one.
  if (/\bper ?cent\b/.test(`${tail} ${rest}`)) return [];
  if (isUnclear(rest) || !tail || findUnclear(object, clause.sentence, analysis, phrasing.binder)) return [];
  return [quantityFact(phrasing, counted, askClause(phrasing, `What percentage ${tail}`, rest), "percent")];
}

function fromAdjuncts(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  // "“Later” *means* after twelve hours": what a word means is no number of anything.
  if (clause.verb.lemma === "mean") return [];
  return clause.adjuncts.flatMap(({ node }) => {
    if (node.cat !== "pp" || node.kids[0]?.cat !== "prep") return [];
    const np = node.kids[1]!;
    const counted = countedPhrase(np);
    const preposition = node.kids[0].lemma ?? "";
    const noun = counted && (preposition === "by" && /^per ?cent$/.test(headTerminal(counted).lemma ?? "") ? "percent" : countedNoun(counted, phrasing));
    // "lived in forty bands *stretching from the bay*": the question would tear them apart.
    if (clause.adjuncts.some((other) => other.node.start === node.end && other.node.cat === "vp")) return [];
    if (!counted || !noun || np !== counted || !["for", "in", "within", "after", "at", "by"].includes(preposition)) return [];
    // "fell *by sixteen percent*", and not "was built by two brothers"
    if (
      preposition === "by" &&
      (clause.passive || !/^(?:percent|per cent|degrees?|met(?:er|re)s?|centimet(?:er|re)s?|points?|years?|minutes?|hours?)\b/i.test(noun))
    )
      return [];
    // "elected by the citizens, *usually* for four years"
    const often = clause.adjuncts.find(
      (other) => other.node.end === node.start && /^,? ?(?:usually|normally|mostly|generally)$/.test(nodeText(clause.sentence, other.node)),
    );
    const rest = phraseRest(phrasing, analysis, [node, ...(often ? [often.node] : []), ...(clause.imperative ? [] : reasonsOf(clause))]);
    // "they wait, *sometimes* for six weeks": now and then, and not so many.
    if (isUnclear(rest) || /\bsometimes\b/.test(rest)) return [];
    // "She *stayed* for nineteen years": where, the sentence before tells.
    if (preposition === "for" && rest === "" && /^(?:stay|remain|wait)$/.test(clause.verb.lemma ?? "") && phrasing.binder.human) return [];
    // "had sent *in* about 100,000 dollars": the in belongs to the verb.
    if (preposition === "in" && MONEY.test(noun)) return [];
    // "looks after 40,000 maps": only a time has an after.
    if (preposition === "after" && !UNIT_NOUNS.has(headTerminal(counted).lemma ?? "")) return [];
    // "travel through the air at about 340 meters per second"
    const per = clause.adjuncts.find(
      (other) => other.node.start === node.end && /^(?:per|an?) (?:second|minute|hour|day)$/.test(nodeText(clause.sentence, other.node)),
    );
    if (preposition === "at" && per && LENGTHS.test(noun)) {
      const speedRest = phraseRest(phrasing, analysis, [node, per.node, ...reasonsOf(clause)]);
      const speed = wordsText(clause.sentence, np.start, per.node.end);
      return isUnclear(speedRest)
        ? []
        : [
            {
              ...quantityFact(phrasing, counted, askClause(phrasing, "At what speed", speedRest), noun),
              answer: speed,
              accepted: [`at ${speed}`],
              pattern: "at-what-speed",
            },
          ];
    }
    // "work best at about 37 degrees Celsius"
    if (preposition === "at")
      return DEGREES.test(noun) && (rest !== "" || CHANGES_AT.test(clause.verb.lemma ?? ""))
        ? [
            {
              ...quantityFact(phrasing, counted, askClause(phrasing, "At what temperature", rest), noun),
              answer: nodeText(clause.sentence, np),
              pattern: "at-what-temperature",
            },
          ]
        : [];
    if (noun.startsWith("°")) return [];
    return [quantityFact(phrasing, counted, askClause(phrasing, `${preposition.charAt(0).toUpperCase()}${preposition.slice(1)} how many ${noun}`, rest), noun)];
  });
}

function fromSubject(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const counted = countedPhrase(clause.subject);
  const noun = counted && countedNoun(counted, phrasing);
  // "carries 50 million bananas, *which ripen slowly*": so do all others.
  if (!counted || !noun || clause.shared || clause.linkedBy || clause.rank === "aside") return [];
  // "Twenty-five degrees would be *ideal*": for what?
  if (clause.verb.cat === "be" && clause.complements.some(({ node }) => /^(?:ideal|best|enough|fine|perfect|better)$/.test(nodeText(clause.sentence, node))))
    return [];
  const rest = phraseRest(phrasing, analysis, reasonsOf(clause));
  if (isUnclear(rest)) return [];
  const tail = clause.subject.end > counted.end ? wordsText(clause.sentence, counted.end, clause.subject.end) : "";
  const asked = askSubject(phrasing, `How many ${[noun, tail].filter(Boolean).join(" ")}`, rest);
  // "How many toads *used* the tunnel after it was opened?" has no auxiliary of its own.
  const hasOne = clause.auxiliaries.length > 0 || clause.verb.cat !== "v";
  const stem = hasOne ? asked.replace(/^(How many .*?) (is|was|has|does) /, (_, head, verb: string) => `${head} ${OF_MANY[verb]} `) : asked;
  // "About eight million tons of plastic *enter* the ocean every year"
  const isOfToday = !hasOne && clause.verb.flags?.[0] === "plain" && rest !== "" && !comesOnly(clause);
  if (isOfToday)
    return [quantityFact(phrasing, counted, `${["How many", noun, tail, preverbalAdverbs(clause), phrasing.finite, rest].filter(Boolean).join(" ")}?`, noun)];
  const isEnough = clause.verb.cat === "be" && /\benough\b/.test(rest);
  return isEnough || clause.verb.flags?.includes("past") || clause.auxiliaries.length > 0 ? [quantityFact(phrasing, counted, stem, noun)] : [];
}

/** "Eleven thousand people *come* every year": to what? */
function comesOnly({ verb, complements, adjuncts }: Phrasing["clause"]): boolean {
  return /^(?:come|go|live|exist|work)$/.test(verb.lemma ?? "") && complements.length === 0 && adjuncts.every(({ node }) => node.cat !== "pp" || node.f.time);
}

const OF_MANY: Record<string, string> = { is: "are", was: "were", has: "have", does: "do" };
const MONEY = /^(?:euros?|dollars?|pounds?|cents?|pence|marks?|guilders?|coins?)\b/;
const LENGTHS = /^(?:kilo|centi|milli)?met(?:er|re)s$|^(?:miles|feet|yards|knots)$/i;
const DEGREES = /^degrees(?: (?:Celsius|Fahrenheit|centigrade))?$|^°[CF]$/i;
/** What a thing does at one temperature: "Wax *melts* at 62 °C." */
const CHANGES_AT = /^(?:melt|boil|freeze|burn|harden|set|ignite|evaporate|crystallise|crystallize|break|die)$/;

/** The noun phrase that opens with an exact number. "at least", "about" and "more than" bound it and are kept in the key. */
function countedPhrase(np: Node): Node | undefined {
  if (np.cat !== "np") return undefined;
  if (np.role === "quantity") return np;
  return ["postmodifier", "relative", "reduced"].includes(np.role) ? countedPhrase(np.kids[0]!) : undefined;
}

export function countedNoun(np: Node, phrasing: Phrasing): string | undefined {
  const [number, nouns] = np.kids as [Node, Node];
  const head = headTerminal(nouns);
  const isMany =
    head.flags?.[0] === "pl" ||
    (head.flags?.[0] === "any" &&
      np.f.num === "pl" &&
      /^(?:fish|sheep|deer|salmon|trout|cod|herring|squid|aircraft|species|offspring)$/.test(head.lemma ?? ""));
  // "I have *two answers*": what the writer goes on to give.
  if (phrasing.clause.verb.cat === "have" && /^(?:answer|question|point|remark|objection)$/.test(head.lemma ?? "") && phrasing.binder.first) return undefined;
  // "trained for *two more* years": beside others, and not so many in all.
  const isMore = walkTree(number).some(({ role }) => role === "more");
  if (number.f.sub === "year" || number.f.sub === "percent" || !isMany || isMore) return undefined;
  // "12 *km*": told by the whole word.
  const unit = nouns.end - nouns.start === 1 ? unitName(nodeText(phrasing.clause.sentence, nouns)) : undefined;
  if (unit) return unit;
  // "nine *tenths* of it": a share, and no number of things.
  if (/^(?:time|thing|way|reason|one|half|third|quarter|fifth|tenth|hundredth)s?$/.test(head.lemma ?? "")) return undefined;
  // "There were only seventeen *cases*": of what, another sentence says.
  const isOfWhat = nouns.end - nouns.start === 1 && phrasing.clause.sentence.words[nouns.end]?.lower !== "of";
  if (isOfWhat && headTerminal(phrasing.clause.subject).lemma === "there" && /^(?:case|example|instance|exception)$/.test(head.lemma ?? "")) return undefined;
  return nodeText(phrasing.clause.sentence, nouns);
}

export function quantityFact(phrasing: Phrasing, np: Node, stem: string, noun: string): Fact {
  const { clause } = phrasing;
  const number = np.kids[0]!;
  // "six feet *and more*", "ten *or so*"
  const more = /^(?:and more|or more|or so|or less)\b/.exec(
    clause.sentence.words
      .slice(np.end, np.end + 2)
      .map(({ lower }) => lower)
      .join(" "),
  )?.[0];
  const answer = [midSentence(clause.sentence, number), more].filter(Boolean).join(" ");
  const isRange = walkTree(number).some((node) => node.role === "range");
  const head = walkTree(number)
    .filter((node) => node.cat === "num" && !isRange)
    .map((node) => clause.sentence.words[node.start]!.text)
    .join(" ");
  const forms = numberForms(head).flatMap((form) => [form, `${form} ${noun}`]);
  const bounded = answer !== head;
  const accepted = [`${answer} ${noun}`, ...(bounded ? [] : forms)].filter((form) => form.toLowerCase() !== answer.toLowerCase());
  const unit = UNIT_NOUNS.has(headTerminal(np).lemma ?? "");
  return {
    type: "quantity",
    id: factId("quantity", clause.sentence, np.start),
    sentence: clause.sentence,
    clause,
    phrasing,
    stem,
    answer,
    answerNode: np,
    accepted: [...new Set(bounded ? [...accepted, ...forms] : accepted)],
    depth: "recall",
    worth: unit ? 1.5 : 1.6,
    pattern: "how-many",
    unit: noun,
  };
}
