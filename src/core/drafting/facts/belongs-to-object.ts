import { type Analysis, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { fileOf, NounFile } from "../../language/lexicon";
import { midSentence } from "../../language/node-text";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import type { Phrasing } from "../phrasing/ask-clause";
import { clausesWithVerb } from "../phrasing/clauses-by-verb";

const WHERE_IT_IS = new Set("inside outside nearby below above underneath".split(" "));
const OF_NOUNS = new Set("about of between against toward towards".split(" "));

/** "the names of rivers *in Siberia*": the rivers are there. */
function isOfThePart(pp: Node, object: Node): boolean {
  const isPlace = /^(?:in|from)$/.test(pp.kids[0]?.lemma ?? "") && headTerminal(pp).cat === "pn" && !pp.f.time;
  return isPlace && object.role === "postmodifier" && object.kids[1]?.f.sub === "of";
}

/** What is said, written or done on a subject. */
const ON_NOUNS =
  /^(?:work|book|lecture|report|talk|article|essay|paper|study|research|information|speech|law|tax|limit|ban|attack|effect|influence|impact|view|opinion|course|debate|discussion|advice|data|detail|restriction|sanction|pressure|lesson|chapter|text|poem|film|leaflet)$/;

/** "gave a lecture at the museum *on whales*": what it is on stands apart from it. */
export function isTornFromSubject(object: Node, { adjuncts }: Clause): boolean {
  const nouns = walkTree(object).filter((node) => node.cat === "np" && node.end === object.end);
  const tells = nouns.some((node) => ON_NOUNS.test(headTerminal(node).lemma ?? ""));
  return tells && adjuncts.some(({ node }) => node.cat === "pp" && node.f.sub === "on" && !node.f.time && node.start > object.end);
}

/** "put on *a show*", "takes up *space*": said with a particle, they name nothing. */
export const IDIOMS = /^(?:show|space|hope|mind|way|time|room|fight|pace)$/;

/** "sanctions *on the island*" */
function isOnNoun(pp: Node, object: Node, { verb }: Clause): boolean {
  const nouns = walkTree(object).filter((node) => node.cat === "np" && node.end === object.end);
  // "put a tax on salt": what is put is asked for.
  return (
    pp.f.sub === "on" &&
    !pp.f.time &&
    !/^(?:put|place|impose|pay|set|levy|lay)$/.test(verb.lemma ?? "") &&
    nouns.some((node) => ON_NOUNS.test(headTerminal(node).lemma ?? ""))
  );
}

export const PARTS_OF_VERBS =
  /^(?:suit|place|part|way|sense|shape|ground|pace|sail|siege|fire|fruit|hold|office|effect|care|charge|advantage|account|note|root|refuge|turn|aim|attention|heed|rise|birth|word|course|action|step|fun|room|time|war|heart|track|sight|leave|command|control|possession|stock|pride|delight|comfort|breath|credit|issue|battle)$/;

const WITH_TO = new Set(
  "responsibility duty key answer solution threat damage access approach attention commitment contribution devotion entrance exit exception guide invitation limit obligation opposition path reaction reference relation resistance response right road route visit witness alternative".split(
    " ",
  ),
);

const WITH_IN = new Set(
  "participation interest involvement role share belief faith success failure experience change increase rise fall drop decline difference growth part stake trade progress".split(
    " ",
  ),
);

/** "supported participation *in the race*": in the noun's deed, and at no place. */
function isInNoun(pp: Node, object: Node, { verb }: Clause): boolean {
  return pp.f.sub === "in" && !pp.f.time && WITH_IN.has(headTerminal(object).lemma ?? "") && !/^(?:play|take|have|see|notice)$/.test(verb.lemma ?? "");
}

/** "meet their responsibilities *to their families*" */
function isToNoun(pp: Node, object: Node, { verb }: Clause): boolean {
  return pp.f.sub === "to" && WITH_TO.has(headTerminal(object).lemma ?? "") && !/^(?:give|send|show|add|explain|offer|bring|owe|pay)$/.test(verb.lemma ?? "");
}

/** "involves scrutiny *by the council*": behind an object of a verb that acts, whoever does it belongs to the object. */
function isByAnother(pp: Node, { passive }: Clause): boolean {
  return !passive && pp.f.sub === "by" && pp.kids[1]?.cat === "np" && !pp.f.time && pp.kids[1].f.det !== "num" && pp.kids[1].f.det !== "bare";
}

/** "the water *above them*" */
function isAroundIt(pp: Node): boolean {
  return /^(?:above|below|beneath|around|behind|inside)$/.test(pp.f.sub ?? "") && pp.kids[1]?.f.det === "pron";
}

/** "opposed the partition of the country *along its rivers*": how it was to be parted. */
function isOfDeed(pp: Node, object: Node, { lexicon }: Analysis): boolean {
  const isDeed = object.role === "postmodifier" && object.kids[1]?.f.sub === "of" && fileOf(headTerminal(object).lemma ?? "", lexicon) === NounFile.act;
  return isDeed && !pp.f.time && /^(?:in|along|across|between|from|into|through|on)$/.test(pp.f.sub ?? "");
}

/** "the three smallest bones *in the body*": smallest of those. */
function isAmongThese(pp: Node, object: Node, { sentence }: Clause): boolean {
  const words = sentence.words.slice(object.start, object.end).map(({ lower }) => lower);
  return (
    /^(?:in|of|on)$/.test(pp.f.sub ?? "") && !pp.f.time && object.f.det === "def" && words.some((word) => /^(?:\p{L}{2,}est|most|least|only)$/u.test(word))
  );
}

/** What stands right behind an object and belongs to it: "the rule *about property*", "the organs *inside*", "scrutiny *by the council*". */
export function ownPhrase(object: Node, clause: Clause, analysis: Analysis): Node | undefined {
  return clause.adjuncts.find(
    ({ node }) =>
      node.start === object.end &&
      ((node.cat === "pp" &&
        (OF_NOUNS.has(node.kids[0]?.lemma ?? "") ||
          isOfThePart(node, object) ||
          isByAnother(node, clause) ||
          isAmongThese(node, object, clause) ||
          isToNoun(node, object, clause) ||
          isInNoun(node, object, clause) ||
          isAroundIt(node) ||
          isOfDeed(node, object, analysis) ||
          isOnNoun(node, object, clause))) ||
        (node.end === node.start + 1 && WHERE_IT_IS.has(headTerminal(node).lemma ?? ""))),
  )?.node;
}

/** Another clause tells of the same subject and verb, with another object and nothing that sets the two apart. */
export function doesSoToMore({ clause, subject }: Phrasing, analysis: Analysis): boolean {
  if (clause.adjuncts.length > 0) return false;
  return clausesWithVerb(clause.verb.lemma, analysis.sentences).some((other) => {
    if (other === clause || other.rank !== "main" || other.negated !== clause.negated || other.passive !== clause.passive) return false;
    const told = analysis.antecedents.get(positionKey(other.sentence, other.subject.start))?.text ?? midSentence(other.sentence, other.subject);
    return told.toLowerCase() === subject.toLowerCase() && other.complements.some(({ role, node }) => role === "object" && node.f.det !== "pron");
  });
}

/** "one of three things: *a repair, a new toaster, or their money back*": what stands behind the colon, where nothing else does. */
export function listedBehind({ words, text }: Sentence, end: number): string | undefined {
  if (words[end]?.text !== ":" || text.split(":").length !== 2) return undefined;
  return text
    .slice(text.indexOf(":") + 1)
    .trim()
    .replace(/[.!]$/, "");
}

/** "one of three things", "several things": which ones is told elsewhere. */
export function isOfThings(words: string): boolean {
  return /\b(?:of (?:\p{L}+ )?|two |three |four |five |several |some )things$|^do (?:something|\p{L}+ things)\b/u.test(words);
}

const MAKING = /^(?:write|publish|print|pass|build|work|design|invent|produce|create|open|found|receive|buy|sell|find|see|show|need|want|own|issue)$/;

/** "the smell *of the world outside*", "a book *about her year in the mountains*": does the last word belong to the noun or to the verb? */
export function mayBelongBehind({ adjuncts, verb }: Clause, object: Node, { lexicon }: Analysis): boolean {
  const behind = adjuncts.find(({ node }) => node.start === object.end)?.node;
  // "wrote a handbook *with drawings of the lamp*": what is made has them, and is not made with them.
  if (behind?.cat === "pp" && behind.f.sub === "with" && MAKING.test(verb.lemma ?? "")) return true;
  if (!behind || object.role !== "postmodifier") return false;
  const isPlace = behind.cat === "advp" && /^(?:outside|inside|above|below|beneath|around|nearby)$/.test(headTerminal(behind).lemma ?? "");
  // "the skeleton of a reptile *with a long neck*"
  const isBodyOf = behind.f.sub === "with" && fileOf(headTerminal(behind).lemma ?? "", lexicon) === NounFile.body;
  return isPlace || isBodyOf || (object.kids[1]?.f.sub === "about" && behind.cat === "pp" && !behind.f.time);
}
