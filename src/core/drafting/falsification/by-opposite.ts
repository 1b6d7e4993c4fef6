import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { nodeText, wordsText } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Statement } from "../source-stock";
import { type Falsehood, partsOf, swap } from "./falsehood";
import { OPPOSITE_VERBS, OPPOSITES, OPPOSITES_ALONE, PLACES_AND_TIMES, SUPERLATIVES } from "./opposites";

/** A word of what is said gives way to its opposite: verb, predicate, adverb, superlative, place or time. Under a noun ("a low bulge") the opposite may be nonsense. */
export function byOpposite(statement: Statement, analysis: Analysis): Falsehood[] {
  const { clause } = statement.phrasing;
  // "Each autumn, millions leave and fly south": without its time the opposite may be true as well.
  if (clause.shared && clause.sentence.clauses[0]?.adjuncts.some(({ node }) => node.end <= clause.subject.start)) return [];
  // "keeps the snail safe": nobody takes the opposite for what is meant.
  if (
    /^(?:keep|make|leave)$/.test(clause.verb.lemma ?? "") &&
    clause.complements.some(({ role }) => role === "predicate") &&
    clause.complements.some(({ role }) => role === "object")
  )
    return [];
  // "so small *that* they cannot turn", "too large *to* be caught": the rest goes with the word as it stands.
  if (/\b(?:so \w+ that|too \w+ to|\w+ enough)\b/.test(statement.text)) return [];
  // "Two hundred and sixty people were *dead*": as many may have been alive.
  if (clause.subject.f.det === "num") return [...denySuperlative(clause, statement.text, analysis)];
  const { text } = statement;
  return [
    ...denyVerb(statement, analysis),
    ...partsOf(clause)
      .flatMap(assertedWords)
      .filter((node) => isAsserted(node, clause))
      .flatMap((node) => denyWord(node, statement, analysis)),
    ...denySuperlative(clause, text, analysis),
    ...(analysis.sort === "steps" ? [] : denyPlaceOrTime(clause, text, analysis)),
  ];
}

/** What a magnet attracts it does not repel; guests are attracted in another sense. */
const CHARGED = /^(?:magnet|pole|charge|particle|iron)$/;

function denyVerb({ phrasing: { clause }, text }: Statement, analysis: Analysis): Falsehood[] {
  const { verb, complements, adjuncts } = clause;
  const word = wordsText(clause.sentence, verb.start, verb.end).toLowerCase();
  const subject = headTerminal(clause.subject).lemma ?? "";
  if (verb.cat !== "v" || complements.some(({ role }) => role === "particle")) return [];
  // "A tube that is filled with air is *lost*": where nobody plays, nothing is won.
  if (/^(?:lost|won)$/.test(word) && clause.passive && !/^(?:game|war|battle|race|match|election|vote|case|fight|prize|trophy|cup|bet)$/.test(subject))
    return [];
  if (Object.hasOwn(OPPOSITES_ALONE, word)) return denyAlone(word, clause, text, analysis);
  if (!Object.hasOwn(OPPOSITE_VERBS, word)) return [];
  const opposite = OPPOSITE_VERBS[word]!;
  // "the keeper pulled the kite down", "opens the opening": nobody would take the opposite for what is told.
  if (
    /^(?:push|pull)/.test(word) &&
    (analysis.sort === "story" ||
      !(complements.length > 0 || adjuncts.some(({ node }) => node.f.sub === "on" || node.f.sub === "by")) ||
      /\b(?:itself|themselves|himself|herself|down|up)\b/.test(text))
  )
    return [];
  if (/^(?:open|close)/.test(word) && text.match(/\b(?:open|clos)/g)?.length !== 1) return [];
  // "New railroads had opened *the West*": what has no door is never closed.
  const object = complements.find(({ role }) => role === "object")?.node;
  if (/^(?:open|close)/.test(word) && object && !CLOSABLE.test(headTerminal(object).lemma ?? "")) return [];
  // "opened *his mouth to shout*": nobody shouts with his mouth closed.
  const isMeant = adjuncts.some(({ node }) => node.cat === "vp" && node.f.form === "to");
  if (/^(?:open|close)/.test(word) && isMeant && /^(?:mouth|eye|hand)$/.test((object && headTerminal(object).lemma) ?? "")) return [];
  if (/^attract/.test(word) && !CHARGED.test(subject)) return [];
  // "*raised* George as a son", "raised chickens": what is brought up is not let down.
  if (/^rais/.test(word) && object && !LOWERED.test(headTerminal(object).lemma ?? "")) return [];
  if (adjuncts.some(({ node }) => node.cat === "pp" && DIRECTED.test(node.f.sub ?? "")) || isSaidElsewhere(opposite, clause, analysis)) return [];
  // "will open": the opposite has to be a base form too.
  if (clause.auxiliaries.length > 0 && verb.flags?.[0] === "base" && /(?:ed|s)$/.test(opposite)) return [];
  return swap(text, word, opposite, "antonym");
}

/** What goes up and down, as a thing or as a measure. */
const LOWERED =
  /^(?:price|tax|wage|rent|fee|cost|level|temperature|pressure|speed|limit|rate|age|number|amount|chance|risk|flag|bridge|gate|bucket|boat|sail|anchor|curtain|blind|window|arm|head|hand|voice|water|lamp|light|lever|bar|platform|roof|weight|ladder|rope|standard)$/;

const CLOSABLE =
  /^(?:door|gate|window|valve|lid|box|shop|store|school|bridge|eye|mouth|port|harbou?r|shutter|petal|road|street|museum|library|pool|mine|factory|station|office|border|tunnel|canal|lock|pore|shell|tap|hatch|curtain|umbrella|branch|fishery|post|tube|hospital)$/;

const DIRECTED = /^(?:to|into|from|onto|out of|toward|towards)$/;

/** "Cold air sinks" → "rises"; a boat that sinks does not float. */
function denyAlone(word: string, clause: Clause, text: string, analysis: Analysis): Falsehood[] {
  const subject = headTerminal(clause.subject).lemma ?? "";
  const floats = /^s[aiu]nk/.test(word) && !/^(?:air|gas|smoke|water|vapour|vapor|current|land|ground|sea|level|price|temperature)$/.test(subject);
  const opposite = floats ? word.replace(/^sank$/, "floated").replace(/^sink/, "float") : OPPOSITES_ALONE[word]!;
  const fromTheSky = /^(?:rain|snow|hail|leaf|night|darkness|tear|bomb|light|sunlight)$/.test(subject);
  const isAmount = /^(?:ris|rose|fall|fell)/.test(word);
  const goesSomewhere = clause.adjuncts.some(
    ({ node }) => (node.cat === "pp" && !node.f.time && node.f.sub !== "by") || (node.cat.includes("sb") && !isAmount),
  );
  const isLikened = /\b(?:like|as|so|off|away|together|apart)\b/.test(text);
  if (clause.complements.length > 0 || fromTheSky || goesSomewhere || isLikened || isSaidElsewhere(opposite, clause, analysis)) return [];
  return swap(text, word, opposite, "antonym");
}

function denyWord(node: Node, { phrasing: { clause }, text }: Statement, analysis: Analysis): Falsehood[] {
  const word = wordsText(clause.sentence, node.start, node.end).toLowerCase();
  const before = clause.sentence.words[node.start - 1]?.lower ?? "";
  const behind = clause.sentence.words[node.end]?.lower ?? "";
  const opposite = Object.hasOwn(OPPOSITES, word) ? OPPOSITES[word]! : "";
  if (!opposite || node.cat === "v") return [];
  // "grew *outward*, away from the middle": where that is, the next words say.
  if (/wards?$/.test(word) && /^(?:away|towards?)\b/.test(behind === "," ? (clause.sentence.words[node.end + 1]?.lower ?? "") : behind)) return [];
  // "*fell* asleep": nobody falls awake.
  if (/^(?:asleep|awake)$/.test(word) && clause.verb.cat !== "be") return [];
  // "worked *harder*": nobody works easier.
  if (/^hard/.test(word) && clause.verb.cat !== "be") return [];
  // "in the fall" is a season; as a noun only what lies opposite has an opposite.
  if (node.cat === "n" && !/^(?:north|south|east|west|top|bottom|left|right)$/.test(word)) return [];
  // "cracked open"
  if (
    /^(?:open|flat|tight)$/.test(word) &&
    /^(?:crack|split|break|burst|cut|slice|force|tear|prop|swing|fling|snap|press|lie|lay|hold|close)$/.test(clause.verb.lemma ?? "")
  )
    return [];
  // "three-quarters full": how full it is, and nobody fills a thing empty.
  if (
    /^(?:full|empty|open|closed|shut)$/.test(word) &&
    (/^(?:half|three-quarters|two-thirds|one-third|partly|only|quite)$/.test(before) ||
      /^(?:fill|lie|lay|stand|leave|remain|stay)/.test(clause.verb.lemma ?? ""))
  )
    return [];
  // "full *of* holes", "*as* large as a thumbnail", "from the outside *inwards*": with another word the phrase says nothing.
  if ((word === "full" && behind === "of") || before === "as" || (/^(?:in|out)ward/.test(word) && /\b(?:in|out)side\b/.test(text))) return [];
  // "large *and* uneven": half of it stays true. "quickly" in a story is a gesture.
  if (behind === "and" || (before === "and" && node.cat === "adj") || (analysis.sort === "story" && node.cat === "adv" && /ly$/.test(word))) return [];
  // "stands *high* above the sea"
  if (/^(?:high|low|deep)$/.test(word) && /^(?:above|below|over|under|in|into|up|on)$/.test(behind)) return [];
  // "are useful *in many ways*"
  if (/^use/.test(word) && behind === "in") return [];
  // "A trial is *different*": from what?
  if (word === "different" && behind !== "from") return [];
  // "more dangerous": nobody says "more safe".
  if (/^(?:more|less|most|least)$/.test(before) && opposite.length <= 5) return [];
  // "more easily": no phrase takes its place.
  if (opposite.includes(" ") && /^(?:more|less|most|least|too|so|as|very|quite)$/.test(before)) return [];
  // "is *easily hurt*": nor before a participle.
  if (opposite.includes(" ") && clause.sentence.words[node.end]?.candidates.some(({ cat, flags }) => cat === "v" && flags?.[0] === "participle")) return [];
  if (isSaidElsewhere(opposite, clause, analysis)) return [];
  // "heavy at the bottom and light at the top" already holds both.
  return new RegExp(`\\b${opposite}\\b`).test(text) ? [] : swap(text, word, opposite, "antonym");
}

const COMPARED = /\b(?:(?:is|are|was|were|becomes?|became|flows?|moves?|runs?|grows?|gets?|got) (?:much |far |even )?(\w+er)|too (\w+))\b/g;

/** "because the wind is stronger high above the ground" → "because the wind is weaker …": what is compared, or is too much of something. */
export function falsifyReason(reason: string): string[] {
  const compared = [...reason.matchAll(COMPARED)];
  const word = compared.length === 1 ? (compared[0]![1] ?? compared[0]![2]!) : "";
  // "warmer *and* wetter", "stronger *than* steel": half of it, or something else, would stay as it is.
  if (new RegExp(`\\b${word} (?:and|or|than)\\b`).test(reason)) return [];
  if (!Object.hasOwn(OPPOSITES, word) || /\b(?:not|no|never)\b/.test(reason)) return [];
  const changed = swap(reason, word, OPPOSITES[word]!, "antonym");
  return changed.map(({ text }) => text);
}

/** "Jupiter is the largest planet" → "the smallest planet". */
function denySuperlative(clause: Clause, text: string, { sentences }: Analysis): Falsehood[] {
  const predicate = clause.verb.cat === "be" ? clause.complements.find(({ role }) => role === "predicate")?.node : undefined;
  if (predicate?.f.det !== "def") return [];
  const superlative = walkTree(predicate).find((node) => node.f.sub === "superlative");
  const word = superlative && nodeText(clause.sentence, superlative).toLowerCase();
  if (!word || !Object.hasOwn(SUPERLATIVES, word)) return [];
  const opposite = SUPERLATIVES[word]!;
  const isTold = sentences.some((sentence) => sentence !== clause.sentence && new RegExp(`\\b${opposite}\\b`, "i").test(sentence.text));
  return isTold ? [] : swap(text, word, opposite, "antonym");
}

/** "Bats hunt at night" → "during the day", "hangs above the door" → "below the door"; where the text tells nothing of the other. */
function denyPlaceOrTime(clause: Clause, text: string, { sentences }: Analysis): Falsehood[] {
  return clause.adjuncts.flatMap(({ node }) => {
    if (node.cat !== "pp") return [];
    const phrase = nodeText(clause.sentence, node).toLowerCase();
    const key = Object.hasOwn(PLACES_AND_TIMES, phrase) ? phrase : (node.f.sub ?? "");
    const other = Object.hasOwn(PLACES_AND_TIMES, key) ? PLACES_AND_TIMES[key]! : "";
    // "above sea level", "below them", "high above the ground"
    const isFixed = /\d|\b(?:sea|ground|earth|water|it|them|him|her|all)\b/.test(phrase);
    const isMeasured = /^(?:high|deep|far|just|metres|meters|feet|miles|kilometres)$/.test(clause.sentence.words[node.start - 1]?.lower ?? "");
    if (!other || (key !== phrase && (isFixed || isMeasured))) return [];
    const last = other.split(" ").at(-1)!;
    const isTold = sentences.some(
      (sentence) =>
        (sentence !== clause.sentence || key === phrase) &&
        sentence.block.kind !== "heading" &&
        new RegExp(`\\b${last}(?:s|time)?\\b`, "i").test(sentence.text),
    );
    return isTold ? [] : swap(text, key, other, "antonym");
  });
}

/** "In March, the monarchs fly north again": of the same deed or thing the opposite is told too. */
function isSaidElsewhere(opposite: string, clause: Clause, analysis: Analysis): boolean {
  const words = [clause.verb.lemma, headTerminal(clause.subject).lemma].filter((word): word is string => Boolean(word) && word !== "be");
  return (sentencesWith(analysis).get(opposite) ?? []).some(
    (sentence) => sentence !== clause.sentence && sentence.words.some((word) => word.candidates.some((tag) => words.includes(tag.lemma ?? ""))),
  );
}

/** Words that the table gives as opposites. */
const DENYING = new Set([OPPOSITES, OPPOSITE_VERBS, OPPOSITES_ALONE].flatMap((table) => Object.values(table)).concat("floats", "float", "floated"));

const byWord = new WeakMap<Analysis, Map<string, Sentence[]>>();

/** The sentences that hold each word that has an opposite. */
function sentencesWith(analysis: Analysis): Map<string, Sentence[]> {
  const known = byWord.get(analysis);
  if (known) return known;
  const found = new Map<string, Sentence[]>();
  for (const sentence of analysis.sentences) {
    for (const word of new Set(sentence.words.map(({ lower }) => lower))) {
      if (!DENYING.has(word)) continue;
      const list = found.get(word);
      if (list) list.push(sentence);
      else found.set(word, [sentence]);
    }
  }
  byWord.set(analysis, found);
  return found;
}

/** Words of a part that are not inside a noun phrase: in "harder … than dry rope", *harder* and not *dry*. */
function assertedWords(node: Node): Node[] {
  if (node.kids.length === 0) return [node];
  return node.cat === "np" ? [headTerminal(node)] : node.kids.flatMap(assertedWords);
}

function isAsserted(node: Node, clause: Clause): boolean {
  return [...clause.complements, ...clause.adjuncts].some(({ node: part, role }) => {
    if (part.start > node.start || part.end < node.end) return false;
    return (
      (role === "predicate" && (part.cat === "ap" || part.cat === "advp")) ||
      part.cat === "advp" ||
      part.cat === "adv" ||
      (part.cat === "pp" && headTerminal(part) === node)
    );
  });
}
