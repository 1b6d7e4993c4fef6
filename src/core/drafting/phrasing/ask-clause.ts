import { type Analysis, narratorOf, positionKey, type Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { TIME_NOUNS } from "../../language/data/noun-classes";
import { inflectVerb } from "../../language/inflect";
import { midSentence, nodeText, stripAsides, textWithoutAsides, withoutAside } from "../../language/node-text";
import { isWeather, pronounOf } from "../../language/resolve-pronouns";
import { paragraphPerson, solePerson } from "../../language/sole-person";
import { headTerminal, type Node, walkTree } from "../../language/tree";
import { type Binder, binderOf, bindersIn, findUnclear, type Unclear } from "./clear-reference";
import { CARRYING_ADVERBS, carriesOn, hangsOnAnother } from "./hangs-on-another";

/** A clause taken apart for writing: what a question or a statement is put together from. */
export type Phrasing = {
  clause: Clause;
  /** For the middle of a sentence, its pronoun resolved. */
  subject: string;
  binder: Binder;
  /** The finite auxiliary of a question: did, does, is, can, … */
  inverted: string;
  /** Everything between that auxiliary's subject and the complements: "not be seen", "design". */
  verbPhrase: string;
  /** The verb as the source has it: "could not see", "designed". */
  finite: string;
  /** "larger", "longer": compared with what is otherwise, which its condition tells. */
  compares?: true;
};

export type Unaskable = Unclear | "contracted" | "no-subject";

/** "*Last year* volunteers counted …": a time without its comma, read as part of who did it. */
const TIME_AHEAD = /^(?:last|next|this|that|every|each|one) (?:year|month|week|spring|summer|autumn|fall|winter|day|night|morning|afternoon|evening) \p{L}/iu;
/** "At first there were plenty of seals": true for a while only. */
const FOR_A_WHILE = /^(?:at first|at that time|for now|so far|by now)$/;
const DROPPED_ADVERBS = new Set(
  "also again therefore thus hence however moreover furthermore nevertheless then next afterwards finally yet alternatively similarly likewise additionally consequently accordingly already soon itself himself herself themselves".split(
    " ",
  ),
);

const CHANGING = new Set(["make", "become", "grow", "get", "turn", "keep"]);

/** Parts of something that another sentence speaks of. */
const ENDS = new Set("end side half part edge face corner".split(" "));

/** "Second, children need time to play": the order of the argument, not of what is said. */
const COUNTING =
  /^(?:first(?:ly)?|second(?:ly)?|third(?:ly)?|fourth|next|then|finally|last(?:ly)?|in the end|in short|above all|at last|at once|in time|eventually),?$/i;

/** Takes a clause apart, or says why it cannot be asked about. */
export function phraseClause(clause: Clause, analysis: Analysis): Phrasing | Unaskable {
  const { sentence } = clause;
  if (carriesOn(clause) || hangsOnAnother(clause)) return "points-elsewhere";
  if (clause.imperative) return phraseCommand(clause);
  const node = withoutAside(clause.subject);
  const antecedent = analysis.antecedents.get(positionKey(sentence, clause.subject.start));
  const pronoun = pronounOf(clause.subject);
  if (isWeather(clause)) return phraseWeather(clause);
  if (clause.subject.cat === "there") return phraseExistence(clause);
  if (headTerminal(clause.subject).lemma === "i") return phraseNarrator(clause, analysis);
  if (pronoun && !antecedent) return "pronoun";
  const subjectNode = pronoun ? antecedent!.node : node;
  const home = pronoun ? antecedent!.sentence : sentence;
  // "which emperor had paid": a question in the sentence, no statement of it.
  if ([...walkTree(subjectNode)].some((inner) => inner.cat === "det" && inner.flags?.includes("wh"))) return "no-subject";
  // "Not all bats eat insects", "Few boats came back": what is said of the rest?
  if ([...walkTree(subjectNode)].some((inner) => inner.cat === "det" && (inner.flags?.includes("neg") || inner.lemma === "few"))) return "no-subject";
  // "Nineteen came back": nineteen of what stands in another sentence.
  if (subjectNode.role === "number") return "demonstrative";
  // "The smallest ones": the smallest what?
  if (/^ones?$/.test(headTerminal(subjectNode).lemma ?? "")) return "demonstrative";
  // "One end carries the road": one end of what?
  if (
    subjectNode.role === "quantity" &&
    /^(?:one|two) /i.test(nodeText(home, subjectNode)) &&
    subjectNode.end - subjectNode.start === 2 &&
    ENDS.has(headTerminal(subjectNode).lemma ?? "")
  )
    return "demonstrative";
  const plainGerund = subjectNode.role === "gerund" && subjectNode.end - subjectNode.start === 1;
  if (subjectNode.f.det === "clause" && !plainGerund) return "no-subject";
  // "this slow rise and fall of the sea" says itself what it is; only the first word points back.
  const describes = subjectNode.f.det === "dem" && subjectNode.role === "postmodifier" && subjectNode.kids[1]!.f.sub === "of";
  const name = nameInPassing(clause.subject, sentence, analysis) ?? ownersName(subjectNode, home, analysis);
  const unclear = name ? undefined : findUnclear(describes ? subjectNode.kids[1]! : subjectNode, home, analysis);
  if (unclear) return unclear;
  // "A gull lived on a cliff": whoever has read the story knows which.
  const isToldOf =
    analysis.sort === "story" &&
    !name &&
    !pronoun &&
    subjectNode.f.det === "indef" &&
    [clause.verb, ...clause.auxiliaries].some((part) => part.flags?.includes("past"));
  const subject = (name ?? (pronoun ? antecedent!.text : midSentence(sentence, node, textWithoutAsides(sentence, node)))).replace(
    describes ? /^th(?:is|ese) / : isToldOf ? /^an? / : /^$/,
    "the ",
  );
  // "the belief that … does not appear": two verbs are no subject.
  if (/\b(?:do|does|did) not\b/.test(subject)) return "no-subject";
  // "Twenty minutes with a book every evening helps": a time does nothing.
  if (subjectNode.f.det === "quant" && TIME_NOUNS.has(headTerminal(subjectNode).lemma ?? "") && /^(?:every|each)\b/i.test(subject)) return "no-subject";
  if (TIME_AHEAD.test(subject)) return "no-subject";
  // A comma inside means something said in passing; taken along it would need both its commas.
  if (subject.includes(",") && subjectNode.role !== "coordination") return "no-subject";
  const verb = phraseVerb(clause);
  if (!verb || (clause.negated && preverbalAdverbs(clause) !== "")) return "contracted";
  return { clause, subject, binder: binderOf(subjectNode, subject, analysis), ...verb };
}

/** "Her father ground lenses", where the source has one woman only: Marta Selwyn's father. */
function ownersName(subject: Node, sentence: Sentence, analysis: Analysis): string | undefined {
  const owner = subject.role === "possessor" && subject.kids[0]?.cat === "poss" ? subject.kids[0].lemma : undefined;
  const [, rest] = /^\S+ (.+)$/s.exec(nodeText(sentence, subject)) ?? [];
  if (!owner || !rest || /\b(?:he|she|his|her|him)\b/i.test(rest)) return undefined;
  const name = ownerNamed(owner, sentence, analysis);
  return name && `${name}${name.endsWith("s") ? "’" : "’s"} ${rest}`;
}

function ownerNamed(owner: string, sentence: Sentence, analysis: Analysis): string | undefined {
  if (owner === "my") return narratorOf(sentence, analysis);
  if (owner !== "her" && owner !== "his") return undefined;
  const pronoun = owner === "her" ? "she" : "he";
  return (
    solePerson(pronoun, analysis.persons, sentence, analysis.sentences[sentence.index - 1]) ??
    paragraphPerson(pronoun, analysis.persons, sentence, analysis.sentences)
  );
}

/** "a French engineer, *Augustin Fresnel*, designed …": the name says who. */
function nameInPassing(subject: Node, sentence: Sentence, analysis: Analysis): string | undefined {
  if (subject.role !== "apposition") return undefined;
  const text = nodeText(sentence, subject.kids[1]!);
  return analysis.persons.has(text) ? text : undefined;
}

/** "I start both engines": told of whoever says it, as the verb of a third person asks. */
function phraseNarrator(clause: Clause, analysis: Analysis): Phrasing | Unaskable {
  const narrator = narratorOf(clause.sentence, analysis);
  const verb = narrator ? phraseVerb(clause) : undefined;
  if (!narrator || !verb) return "first-person";
  const third = (word: string) => ({ am: "is", have: "has", do: "does" })[word] ?? word;
  const [first = "", ...more] = verb.finite.split(" ");
  const bare = clause.auxiliaries.length === 0 && clause.verb.cat === "v" && clause.verb.flags?.[0] === "plain";
  const finite = [bare ? inflectVerb(clause.verb.lemma ?? first, "third") : third(first), ...more].join(" ");
  return { clause, subject: narrator, binder: { num: "sg", human: true }, inverted: third(verb.inverted), verbPhrase: verb.verbPhrase, finite };
}

/** "it rains": the it is part of the verb. */
function phraseWeather(clause: Clause): Phrasing | Unaskable {
  const verb = phraseVerb(clause);
  return verb ? { clause, subject: "it", binder: { num: "sg", human: false }, ...verb } : "contracted";
}

/** "There were no trees on the island": what there is stands behind the verb. */
function phraseExistence(clause: Clause): Phrasing | Unaskable {
  const verb = phraseVerb(clause);
  const what = clause.complements.find((part) => part.role === "predicate" && part.node.cat === "np")?.node;
  return verb && what ? { clause, subject: "there", binder: { num: what.f.num ?? "any", human: false }, ...verb } : "no-subject";
}

/** "Leave a tail": why should you leave a tail? */
function phraseCommand(clause: Clause): Phrasing | Unaskable {
  if (clause.negated || clause.auxiliaries.length > 0 || clause.verb.cat !== "v") return "contracted";
  const base = clause.verb.lemma ?? "";
  return { clause, subject: "you", binder: { num: "any", human: false }, inverted: "should", verbPhrase: base, finite: `should ${base}` };
}

function phraseVerb(clause: Clause): Pick<Phrasing, "inverted" | "verbPhrase" | "finite"> | undefined {
  const words = clause.auxiliaries.map((node) => wholeForm(clause.sentence.words[node.start]!.lower));
  const main = wholeForm(clause.sentence.words[clause.verb.start]!.lower);
  if ([...words, main].some((word) => word.includes("'"))) return undefined;
  const not = clause.negated ? ["not"] : [];
  const finite = [words[0], ...not, ...words.slice(1), main]
    .filter(Boolean)
    .join(" ")
    .replace(/^can not /, "cannot ");
  if (words.length > 0) return { inverted: words[0]!, verbPhrase: [...not, ...words.slice(1), main].join(" "), finite };
  if (clause.verb.cat === "be") return { inverted: main, verbPhrase: not.join(""), finite: [main, ...not].join(" ") };
  // "does not get caught", read with *does* as the verb: without its not it would say the opposite.
  if (clause.negated) return undefined;
  const form = clause.verb.flags?.[0];
  const base = clause.verb.cat === "have" ? "have" : clause.verb.cat === "do" ? "do" : (clause.verb.lemma ?? main);
  const auxiliary = form === "past" ? "did" : form === "third" ? "does" : form === "plain" ? "do" : undefined;
  return auxiliary ? { inverted: auxiliary, verbPhrase: base, finite: main } : undefined;
}

/** "ca n't" is *can not*; "'s" may be is or has, and stays. */
function wholeForm(word: string): string {
  return ({ ca: "can", wo: "will", cannot: "can", "'re": "are", "'ve": "have", "'ll": "will", "'m": "am" } as Record<string, string>)[word] ?? word;
}

/** The clause's parts after the verb, without those in `omit`; what stood in front comes last. */
export function phraseRest(phrasing: Phrasing, analysis: Analysis, omit: readonly Node[] = []): string | Unclear {
  const { clause, binder } = phrasing;
  const parts = [...clause.complements, ...clause.adjuncts].filter(
    (part) => !omit.includes(part.node) && !isDropped(part.node) && !(part.role === "adjunct" && !clause.negated && pointsBack(part.node)),
  );
  const pieces: { order: number; text: string }[] = [];
  let asideEnd = -1;
  for (const { node, role } of parts) {
    // "…, not by the council": what is denied beside it is no part of what is said.
    if (isContrast(node) || node.cat === "c-not") continue;
    if (isExample(node, clause)) continue;
    // "That night the farmer gave …": which night is told by the story, and needs no telling.
    if (/^that (?:day|night|morning|afternoon|evening),?$/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start) continue;
    if (/^as in\b/i.test(nodeText(clause.sentence, node)) && node.end <= clause.subject.start) continue;
    // "First settled by fishermen, it …": a statement of its own.
    if (node.cat === "vp-c" && node.kids[0]?.f.form === "participle") continue;
    // "made of Kevlar, the material in bulletproof vests": what follows an aside without a comma belongs to it.
    if (node.start === asideEnd && !node.cat.startsWith("c-") && !node.f.time) {
      asideEnd = node.end;
      continue;
    }
    asideEnd = asideEndOf(node) ?? asideEnd;
    // "may take sixty": sixty of what?
    if (role === "object" && node.cat === "np" && node.role === "number") return "demonstrative";
    const isClause = node.cat.includes("sb") || role === "clause";
    // What is said in passing is left out of the question, clear or not.
    const told = stripAsides(node);
    const named = isClause
      ? parts.filter((part) => part.role !== "adjunct" && part.node !== node).flatMap((part) => bindersIn(part.node, clause.sentence, analysis))
      : [];
    const unclear =
      findUnclear(told, clause.sentence, analysis, binder, !isClause, false, undefined, named) ??
      (node.end <= clause.subject.start ? objectAhead(told, clause) : undefined);
    // "made the walls stronger" compares with what was before.
    if (!unclear && takesUpAnother(node, phrasing)) return "pronoun";
    const changes = unclear === "comparison-left-open" && (phrasing.compares || (role === "predicate" && CHANGING.has(clause.verb.lemma ?? "")));
    if (unclear && !changes) return unclear;
    const fronted = node.end <= clause.verb.start;
    if (FOR_A_WHILE.test(nodeText(clause.sentence, node).toLowerCase())) return "points-elsewhere";
    if (node.end <= clause.subject.start && COUNTING.test(nodeText(clause.sentence, node))) continue;
    const preverbal = fronted && (node.start > clause.subject.start || isBeforeCommand(node, clause));
    if (preverbal) {
      if (headTerminal(node).lemma === "even") return "points-elsewhere";
      continue;
    }
    // "Only the outlines can be seen": the only belongs to what it stands before.
    if (fronted && /^(?:only|almost|nearly|about|just)$/.test(headTerminal(node).lemma ?? "")) return "points-elsewhere";
    if (/(?:^|, )even\b/i.test(nodeText(clause.sentence, node)) || headTerminal(node).lemma === "even") return "points-elsewhere";
    const plain = withoutAside(node);
    const text = midSentence(clause.sentence, plain, textWithoutAsides(clause.sentence, plain));
    const comma = node.cat.startsWith("c-") && node.cat !== "c-pp" ? ", " : " ";
    pieces.push({ order: node.start + (fronted ? 1000 : 0), text: comma + text });
  }
  // "In 1866 … a cable that lasted": moved to the end, the year would say when it lasted.
  const last = pieces.filter((piece) => piece.order < 1000).sort((a, b) => b.order - a.order)[0];
  if (
    last &&
    pieces.some((piece) => piece.order >= 1000) &&
    /\b(?:that|which|who|whose|where|why|how|when|whether|because|if|while|after|before|until|as|since)\b/.test(last.text)
  )
    return "points-elsewhere";
  return pieces
    .sort((a, b) => a.order - b.order)
    .map((piece) => piece.text)
    .join("")
    .replace(/,$/, "")
    .trim();
}

/** "After the town put *them* up, visits fell": an object in front is not what the sentence goes on to tell of. */
export function objectAhead(node: Node, { sentence }: Clause): Unclear | undefined {
  if (!node.cat.includes("sb")) return undefined;
  const subjects = new Set(sentence.clauses.map((clause) => clause.subject.start));
  const ahead = [...walkTree(node)].some(
    (inner) => inner.cat === "pro" && /^(?:it|them|him|her)$/.test(inner.lemma ?? "") && !subjects.has(inner.start) && !sentence.resolved?.has(inner.start),
  );
  return ahead ? "pronoun" : undefined;
}

/** "Romans mentioned *the Frisii*, but historians are unsure whether *they* …": something before the clause may be meant as well as its subject. */
function takesUpAnother(node: Node, { clause, binder }: Phrasing): boolean {
  const first = clause.sentence.clauses.find((other) => other.rank === "main");
  if (!clause.sentence.tree || !first || first === clause || first.subject === clause.subject) return false;
  const taken = [...walkTree(node)].some(
    (inner) => inner.cat === "pro" && /^(?:it|they|them)$/.test(inner.lemma ?? "") && !clause.sentence.resolved?.has(inner.start),
  );
  if (!taken) return false;
  const plural = binder.num === "pl";
  return [...walkTree(clause.sentence.tree)].some(
    (inner) => inner.cat === "np" && inner.end <= clause.start && !inner.f.time && (inner.f.num === "pl") === plural && headTerminal(inner).cat !== "pro",
  );
}

/** Adverbs between auxiliary and verb that carry meaning: "always", "easily". */
export function preverbalAdverbs(clause: Clause): string {
  return clause.adjuncts
    .filter(
      ({ node }) =>
        (node.start > clause.subject.start || isBeforeCommand(node, clause)) && node.end <= clause.verb.start && !isDropped(node) && !isExample(node, clause),
    )
    .map(({ node }) => midSentence(clause.sentence, node))
    .join(" ");
}

/** "Hinge joints, *such as the knee and the elbow*, move …": examples, said in passing. */
function isExample(node: Node, clause: Clause): boolean {
  return node.cat === "c-pp-c" && node.kids[0]?.kids[1]?.f.sub === "suchas" && node.end <= clause.verb.start;
}

/** Where a part ends in something said in passing: the end of that. */
function asideEndOf(node: Node): number | undefined {
  const open = [...walkTree(node)].find(
    (inner) =>
      inner.cat === "np" &&
      ["apposition", "relative", "reduced"].includes(inner.role) &&
      inner.end === node.end &&
      inner.kids[1]?.cat.startsWith("c-") &&
      !inner.kids[1].cat.endsWith("-c"),
  );
  return open && node.end;
}

/** "…, *while a human body contains trillions*": another statement beside this one. */
export function isContrast(node: Node): boolean {
  return (
    node.cat.startsWith("c-sb") &&
    [...walkTree(node)].some((inner) => inner.cat === "sb" && (inner.f.sub === "while" || inner.f.sub === "though") && inner.f.form !== "ing")
  );
}

/** "*Never* add meat", "*carefully* lift the lid". */
function isBeforeCommand(node: Node, clause: Clause): boolean {
  return clause.imperative && node.end === clause.verb.start && (node.cat === "adv" || node.cat === "advp");
}

const WAYS = /^(?:way|work|reason|manner|purpose|case|process)$/;

/** "for this work", "in this way": without it the clause says a little less, and nothing else. */
function pointsBack(node: Node): boolean {
  const np = node.kids[1];
  return (
    node.cat === "pp" &&
    /^(?:for|in|with)$/.test(node.kids[0]?.lemma ?? "") &&
    np?.f.det === "dem" &&
    WAYS.test(headTerminal(np).lemma ?? "") &&
    node.end - node.start <= 4
  );
}

/** "four holes, *each one inch deep*": a second measure, said in passing. */
function isMeasureInPassing(node: Node): boolean {
  return node.cat === "c-advp" && node.kids[1]?.f.sub === "measure";
}

function isDropped(node: Node): boolean {
  if (isMeasureInPassing(node)) return true;
  const head = headTerminal(node);
  const isAdverb = /^(?:c-)?advp?(?:-c)?$/.test(node.cat);
  return isAdverb && (DROPPED_ADVERBS.has(head.lemma ?? "") || (head.flags?.[0] === "link" && !CARRYING_ADVERBS.has(head.lemma ?? "")));
}

/** "Why" + did + subject + verb + rest + "?" */
export function askClause(phrasing: Phrasing, wh: string, rest: string): string {
  const adverbs = preverbalAdverbs(phrasing.clause);
  return `${[wh, phrasing.inverted, phrasing.subject, adverbs, phrasing.verbPhrase, rest].filter(Boolean).join(" ")}?`.replace(/ ,/g, ",");
}

/** "Who" or "What" + the verb phrase itself, for questions about the subject; singular as *who* and *what* are. */
export function askSubject(phrasing: Phrasing, wh: string, rest: string): string {
  const { clause } = phrasing;
  const [first] = clause.auxiliaries;
  let finite = phrasing.finite;
  if (first?.flags?.[0] === "plain" || (!first && clause.verb.flags?.[0] === "plain")) {
    finite = singularFinite(clause, finite);
  }
  const adverbs = preverbalAdverbs(clause);
  const withAdverbs = !adverbs ? finite : first ? finite.replace(/^(\S+)/, `$1 ${adverbs}`) : `${adverbs} ${finite}`;
  return `${[wh, withAdverbs, rest].filter(Boolean).join(" ")}?`.replace(/ ,/g, ",");
}

function singularFinite(clause: Clause, finite: string): string {
  const [word, ...more] = finite.split(" ") as [string, ...string[]];
  const singular = ({ are: "is", were: "was", have: "has", do: "does" } as Record<string, string>)[word] ?? inflectVerb(clause.verb.lemma ?? word, "third");
  return [singular, ...more].join(" ");
}

/** The clause as a plain statement without a full stop: subject, verb, rest. */
export function stateClause(phrasing: Phrasing, rest: string): string {
  const adverbs = preverbalAdverbs(phrasing.clause);
  const [first] = phrasing.clause.auxiliaries;
  const verb = !adverbs
    ? phrasing.finite
    : first
      ? phrasing.finite.replace(/^(\S+)/, `$1 ${adverbs}`)
      : phrasing.clause.verb.cat === "be"
        ? `${phrasing.finite} ${adverbs}`
        : `${adverbs} ${phrasing.finite}`;
  return [phrasing.subject, verb, rest].filter(Boolean).join(" ").replace(/ ,/g, ",");
}
