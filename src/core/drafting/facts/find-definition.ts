import type { Analysis, Sentence } from "../../language/analysis";
import type { Clause } from "../../language/clause";
import { THIN_NOUNS, UNIQUE_NOUNS } from "../../language/data/noun-classes";
import { isPersonNoun } from "../../language/find-persons";
import { midSentence, nodeText, stripAsides, textWithoutAsides, withoutAside, wordsText } from "../../language/node-text";
import { coreOf, headTerminal, type Node, walkTree } from "../../language/tree";
import { hypernymChain } from "../distractors/noun-kind";
import type { Phrasing } from "../phrasing/ask-clause";
import { findUnclear } from "../phrasing/clear-reference";
import { isContrast } from "../phrasing/left-out";
import { isUsedThenDefined } from "../phrasing/used-then-defined";
import { type Fact, factId, factOf } from "./fact";
import { isSignThat, isToldOf } from "./find-sign";
import { hasOpenPronoun } from "./open-pronoun";

/** "A patent is *a document that gives an inventor the right …*": asked both ways. */
export function findDefinition(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const predicate = clause.complements.find((part) => part.role === "predicate")?.node;
  if (clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.negated || clause.shared || !predicate || predicate.cat !== "np") return [];
  const subject = coreOf(clause.subject);
  const isPast = clause.verb.flags?.includes("past") ?? false;
  if (!(isPast ? isNamedThing(subject, clause, analysis) : ["third", "plain"].includes(clause.verb.flags?.[0] ?? "")) || clause.rank === "adverbial") return [];
  // "A newspaper *that has to be looked for* is a newspaper …": not any newspaper.
  if (isNarrowed(clause.subject)) return [];
  // "the moment when the water stands highest": the clause belongs to the noun.
  const [when, ...others] = clause.adjuncts.map((part) => part.node).filter((node) => !isTailOf(predicate, node, clause) && !isPlainly(node));
  const belongs =
    when?.cat === "sb" &&
    when.start === predicate.end &&
    (predicate.f.det === "def" || predicate.f.det === "indef") &&
    /^(?:moment|time|day|place|point|state|period|room|building|area)$/.test(headTerminal(predicate).lemma ?? "");
  // "an agreement not to deal with somebody *until he changes what he does*": part of what is agreed.
  const isAgreed =
    when?.cat === "sb" &&
    when.start === predicate.end &&
    when.end === clause.end &&
    predicate.f.det === "indef" &&
    walkTree(predicate).some(({ cat, f }) => cat === "vp" && f.form === "to");
  const hasTail = clause.adjuncts.some(({ node }) => isTailOf(predicate, node, clause)) && clause.end - predicate.start >= (isRight(predicate) ? 4 : 5);
  if (!(isTerm(subject) || isPast) || !(belongs || hasTail || isDefiniens(predicate)) || others.length > 0 || (when && !belongs && !isAgreed)) return [];
  const whole: Node[] = belongs ? [when] : [predicate];
  // "listen to *the evidence*": what the meaning brings along is part of what it says.
  const pointsOut = (node: Node) => {
    // "a soft animal, *often no bigger than a pea*, that …": what is said in passing is left out of the answer.
    const unclear = findUnclear(stripAsides(node), sentence, analysis, phrasing.binder, false);
    // "a lawyer who works for people who cannot afford *one*": a lawyer.
    const isOneOfSame = unclear === "demonstrative" && node.f.det === "indef" && ONE_OF_SAME.test(nodeText(sentence, node));
    // "takes in money from *some* people and lends it to *others*"
    const isOthers =
      unclear === "demonstrative" &&
      /\bsome\b.*\bothers\b/.test(nodeText(sentence, node)) &&
      !/\b(?:this|that one|these|those|such)\b/.test(nodeText(sentence, node));
    return unclear !== undefined && unclear !== "definite-without-antecedent" && !isOneOfSame && !isOthers;
  };
  if (whole.some((node) => pointsOut(node) || hasOpenPronoun(node, sentence, analysis))) return [];
  const isClear = findUnclear(predicate, sentence, analysis, phrasing.binder, false) !== "comparison-left-open";
  if (!isClear && !walkTree(predicate).some(({ cat }) => cat === "c-ap-c")) return [];
  const definiens =
    belongs || hasTail || isClear
      ? wordsText(sentence, predicate.start, belongs ? when!.end : Math.max(predicate.end, clause.end))
      : textWithoutAsides(sentence, withoutAside(predicate));
  // "A quorum is *the smallest number* of members who …": a measure that everything of its sort has.
  const isMeasure = subject.f.det === "indef" && MEASURES.test(headTerminal(predicate).lemma ?? "");
  if ((SINGLES_OUT.test(definiens) && !isMeasure) || /^a (?:bit|little|lot)\b/.test(definiens)) return [];
  const term = midSentence(sentence, subject);
  // "The only light is a blue one that …" names no sort; "is *found* on the shore" read as a noun has no article.
  // "*The plumbing* is a system of cracks": of what, the sentence before said.
  const lemma = (headTerminal(subject).lemma ?? "").toLowerCase();
  const isOfAll =
    UNIQUE_NOUNS.has(lemma) ||
    analysis.headingLemmas.has(lemma) ||
    (analysis.lemmaCounts.get(lemma) ?? 0) >= 3 ||
    isFirst(lemma, sentence, analysis) ||
    isUsedThenDefined(clause, analysis);
  if (subject.f.det === "def" && subject.end - subject.start === 2 && !isOfAll) return [];
  if (isSignThat(definiens) && !isToldOf(predicate)) return [];
  // "Garden snails are quiet, curious animals *that are easy to watch*": what the writer thinks of them.
  if (
    /\b(?:that|which|who) (?:is|are) (?:\p{Ll}+ )?(?:easy|hard|difficult|fun|interesting|nice|pleasant|good|great|worth|popular|famous) (?:to|with|for|\p{Ll}+ing)\b/u.test(
      definiens,
    )
  )
    return [];
  // "An interview is *a conversation with a purpose*"
  // "A strike is *a refusal to work*"
  const fewest = hasTail && isRight(predicate) ? 4 : subject.f.det === "indef" && predicate.f.det === "indef" ? 5 : 6;
  if (
    definiens.split(" ").length < fewest ||
    SINGLES_OUT.test(term) ||
    (predicate.f.det === "bare" && predicate.f.num === "sg" && !(hasTail && isRight(predicate)))
  )
    return [];
  const plural = clause.verb.flags?.includes("plain");
  // What was something is no meaning of a word, to be matched or told as one.
  // "A sloth is *a mammal that lives in the rainforests*": many others do, and it is no name for such a one.
  const isOneOfMany = LIVES_THERE.test(definiens);
  const base = { sentence, clause, phrasing, ...(isPast || isOneOfMany ? {} : { term, definiens }), depth: "understanding" as const };
  const bare = bareTerm(term);
  const facts: Fact[] = [
    {
      ...base,
      type: "definition",
      id: factId("definition", sentence, subject.start),
      stem: `What ${isPast ? phrasing.inverted : plural ? "are" : "is"} ${term}?`,
      answer: definiens,
      accepted: [],
      worth: 3.6,
      pattern: "what-is-term",
      answerNode: predicate,
    },
  ];
  // "one of the seventy parishes": nobody can tell which.
  // "the hour at which *it* stands lowest": the name that is asked for.
  // "a piece of metal *that* pulls iron towards *it*": the piece.
  const isOfPiece = (word: number) =>
    predicate.role === "relative" && /^(?:to|towards?|around|behind|under|inside|with|over|near)$/.test(sentence.words[word - 1]?.lower ?? "");
  const takesUpTerm = [...(sentence.resolved ?? [])].some(([word]) => word >= predicate.start && word < clause.end && !isOfPiece(word));
  if (!isPast && !isOneOfMany && (belongs || singlesOut(predicate)) && !/^one of\b/i.test(definiens) && !takesUpTerm) {
    facts.push({
      ...base,
      type: "naming",
      id: factId("definition", sentence, subject.start),
      stem: `What do we call ${definiens}?`,
      answer: term,
      accepted: bare === term ? [] : [bare],
      answerNode: subject,
      worth: 3.4,
      depth: "recall",
      pattern: "what-do-we-call",
    });
  }
  return facts;
}

/** "*The Underground Railroad* was a secret network": a thing with a name of its own, of which the past can be asked. */
function isNamedThing(np: Node, { sentence }: Clause, { persons, lexicon }: Analysis): boolean {
  const name = nodeText(sentence, np);
  const words = name.replace(/^[Tt]he /, "").split(" ");
  const isName = words.every((word) => /^\p{Lu}/u.test(word) || /^(?:of|the|and)$/.test(word));
  return (
    isName &&
    words.length <= 4 &&
    /^the /i.test(name) &&
    !persons.has(name) &&
    !words.some((word) => persons.has(word)) &&
    lexicon.nameKind(words[0]!) !== "person"
  );
}

function isNarrowed(subject: Node): boolean {
  return walkTree(withoutAside(subject)).some(({ cat }) => cat === "rc");
}

const ONE_OF_SAME = /\b(?:afford|have|has|own|owns|need|needs|want|wants|buy|find) one$/;

/** Spoken of here for the first time. */
function isFirst(lemma: string, { index }: Sentence, { firstMention }: Analysis): boolean {
  return (firstMention.get(lemma) ?? index) >= index;
}

/** "a chamber … that raises boats *by changing the water level*": it belongs to the meaning, wherever the parse hangs it. */
function isTailOf(predicate: Node, node: Node, clause: Phrasing["clause"]): boolean {
  // "A variance is *permission to break one of the rules*"
  if (isRight(predicate) && node.cat === "vp" && node.f.form === "to" && node.start === predicate.end && node.end === clause.end) return true;
  return node.start >= predicate.end && node.cat === "pp" && !node.f.time && predicate.f.det === "indef" && node.end <= clause.end;
}

/** "X is Y" by itself: no could be, no was not, nothing more of the same subject. */
function saysWhatIs({ verb, auxiliaries, negated, shared, rank }: Phrasing["clause"]): boolean {
  return verb.cat === "be" && auxiliaries.length === 0 && !negated && !shared && rank === "main";
}

/** "is *simply* a gap that you can close" */
function isPlainly(node: Node): boolean {
  return /^(?:simply|just|really|basically|actually|merely|essentially)$/.test(headTerminal(node).lemma ?? "") && node.end - node.start === 1;
}

function isRight(np: Node): boolean {
  return (
    np.cat === "np" &&
    /^(?:permission|power|freedom|right|ability|duty|promise|refusal|agreement|attempt|offer|decision|request|order|tendency|readiness|willingness)$/.test(
      headTerminal(np).lemma ?? "",
    )
  );
}

const MEASURES = /^(?:number|amount|unit|quantity|distance|part|temperature|level|speed|age)$/;

/** Not what a thing is, but which one of all it is. */
const LIVES_THERE =
  /^an? (?:[\p{L}-]+ ){0,2}(?:mammal|animal|bird|fish|insect|plant|tree|flower|reptile|creature|snake|frog|spider|person) (?:that|who|which) (?:lives|grows|is found|comes|can be found|swims) (?:in|from|on|near|under)\b[^,]*$/iu;
export const SINGLES_OUT = /^(?:the|one of the) (?:only|first|last|best|worst|most|least|main|\p{L}+est)\b/iu;

/** A definiens as the subject of *is called*: what is said in passing at its end closes with its comma. */
export function closedDefiniens(definiens: string): string {
  return /, (?:which|who|whose|where|an?|the|from|sometimes|often|usually|mostly|mainly|especially) [^,]*$/.test(definiens) ? `${definiens},` : definiens;
}

/** What a clause with *be* says that its subject is, where that is a noun phrase. */
export function predicateOf(clause: Clause): Node | undefined {
  const predicate = clause.complements.find((part) => part.role === "predicate")?.node;
  return saysWhatIs(clause) && predicate?.cat === "np" ? predicate : undefined;
}

/** "*The part of the rope that leads away* is called *the standing part*." */
export function findNaming(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const knownAs = clause.verb.lemma === "know" ? clause.adjuncts.find(({ node }) => node.cat === "pp" && node.kids[0]?.lemma === "as")?.node : undefined;
  const name = knownAs?.kids[1] ?? clause.complements.find((part) => part.role === "object2")?.node;
  // "This is known as *bleaching*"
  const isDeed = name?.cat === "vp" && name.f.form === "ing" && name.end - name.start === 1;
  if (
    !clause.passive ||
    !name ||
    (name.cat !== "np" && !isDeed) ||
    clause.negated ||
    clause.shared ||
    !["call", "name", "know", "term"].includes(clause.verb.lemma ?? "")
  )
    return [];
  if (clause.verb.lemma === "name" || clause.adjuncts.some(({ node }) => node !== knownAs && !isContrast(node)) || clause.rank !== "main") return [];
  const subject = clause.subject;
  // "*This flow* is known as an electric current", beside the sentence that tells of it.
  const isLed =
    analysis.led === sentence &&
    (subject.f.det === "dem" || subject.f.det === "def" || headTerminal(subject).cat === "pro" || /^such\b/i.test(nodeText(sentence, subject)));
  if (!isLed && (!(singlesOut(subject, 4) || isShortKind(subject)) || hasOpenPronoun(subject, sentence, analysis))) return [];
  // "The mixture, which looks like oatmeal, is called pulp": what is said in passing closes with its comma.
  const closes = subject.kids[1]?.cat.startsWith("c-") && subject.kids[1].cat.endsWith("-c");
  const told = midSentence(sentence, subject);
  const thing = `${isLed ? told : told.replace(/^th(?:is|ese) /, "the ")}${closes ? "," : ""}`;
  const term = nodeText(sentence, name).replace(/^["']|["']$/g, "");
  if (findUnclear(name, sentence, analysis, phrasing.binder) || term.split(" ").length > 5) return [];
  const bare = bareTerm(term);
  const verb = clause.auxiliaries[0]!.flags?.[0] === "plain" ? "are" : "is";
  return [
    {
      type: "naming",
      id: factId("naming", sentence, name.start),
      sentence,
      clause,
      phrasing,
      stem: `What ${verb} ${thing} called?`,
      answer: term,
      accepted: bare === term ? [] : [bare],
      answerNode: name,
      term,
      definiens: thing,
      plural: verb === "are",
      depth: "recall",
      worth: 3.4,
      pattern: "what-is-called",
    },
  ];
}

/** "a baby puffin": a kind of its own by its modifier. */
function isShortKind(np: Node): boolean {
  return np.f.det === "indef" && np.end - np.start >= 3 && np.role === "determiner" && np.kids[1]!.kids.length === 2;
}

/** "The distance between the lens and the focus is *the focal length*": the short phrase names what the long one describes. */
export function findIdentity(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence } = clause;
  const name = clause.complements.find((part) => part.role === "predicate")?.node;
  if (clause.verb.cat !== "be" || clause.auxiliaries.length > 0 || clause.negated || clause.shared || clause.adjuncts.length > 0 || clause.rank !== "main")
    return [];
  if (
    name?.cat !== "np" ||
    name.f.det !== "def" ||
    name.end - name.start > 3 ||
    clause.subject.f.det !== "def" ||
    !singlesOut(clause.subject, isPersonNoun(headTerminal(name).lemma ?? "", analysis.lexicon) ? 5 : 6)
  )
    return [];
  const head = headTerminal(name);
  if (
    clause.verb.flags?.includes("past") ||
    head.cat !== "n" ||
    THIN_NOUNS.has(head.lemma ?? "") ||
    hasOpenPronoun(clause.subject, sentence, analysis) ||
    /est\b|\bmost\b/.test(nodeText(sentence, name))
  )
    return [];
  const thing = midSentence(sentence, clause.subject);
  const term = nodeText(sentence, name);
  if (analysis.headingLemmas.has(head.lemma ?? "") && name.end - name.start === 2) return [];
  return [
    {
      type: "naming",
      id: factId("naming", sentence, name.start),
      sentence,
      clause,
      phrasing,
      stem: `What is ${thing} called?`,
      answer: term,
      accepted: [bareTerm(term)],
      answerNode: name,
      term,
      definiens: thing,
      depth: "recall",
      worth: 3,
      pattern: "what-is-called",
    },
  ];
}

/** "Materials that do not let electrons pass are *insulators*": a sort of what the subject speaks of, described whole. */
export function findKindName(phrasing: Phrasing, analysis: Analysis): Fact[] {
  const { clause } = phrasing;
  const { sentence, subject } = clause;
  const name = predicateOf(clause);
  if (!name || clause.adjuncts.length > 0 || clause.verb.flags?.includes("past") || subject.role !== "relative" || subject.f.det !== "bare") return [];
  const head = headTerminal(name);
  const noun = headTerminal(subject).lemma ?? "";
  const senses = analysis.lexicon.findWord(noun)?.senses ?? [];
  const isSortOf = hypernymChain(head.lemma ?? "", analysis.lexicon).some((sense) => senses.includes(sense));
  if (head.cat !== "n" || name.f.det !== "bare" || name.end - name.start > 2 || noun === head.lemma || !isSortOf || hasOpenPronoun(subject, sentence, analysis))
    return [];
  const term = nodeText(sentence, name);
  const thing = midSentence(sentence, subject);
  return [
    factOf(
      phrasing,
      name.start,
      {
        type: "naming",
        stem: `What are ${thing} called?`,
        answer: term,
        accepted: [],
        answerNode: name,
        term,
        definiens: thing,
        plural: true,
        depth: "recall",
        worth: 3,
        pattern: "what-is-called",
      },
      "naming",
    ),
  ];
}

/** Without its article: "the tide" → "tide". */
export function bareTerm(term: string): string {
  return term.replace(/^(?:a|an|the|its|their) /i, "");
}

function isTerm(np: Node): boolean {
  if (["def", "indef", "bare"].every((det) => np.f.det !== det)) return false;
  const head = headTerminal(np);
  return (
    head.cat === "n" && !THIN_NOUNS.has(head.lemma ?? "") && np.end - np.start <= 4 && !walkTree(np).some((node) => node.cat === "pp" || node.cat === "rc")
  );
}

/** A genus with its difference: a noun phrase with something behind it that is more than *of …*. */
function isDefiniens(np: Node): boolean {
  // "Collateral is *something valuable that the bank may take*"
  if (headTerminal(np).lemma === "something" && np.role === "relative" && np.end - np.start >= 5) return true;
  if (np.f.det !== "indef" && np.f.det !== "def" && np.f.det !== "bare") return false;
  return np.end - np.start >= 5 && ["relative", "reduced", "postmodifier"].includes(np.role);
}

/** Enough words to fix one thing: a relative clause or a long modifier. */
function singlesOut(np: Node, fewest = 6): boolean {
  if (np.f.det === "pron" || np.f.det === "poss" || (np.f.det === "dem" && np.role !== "postmodifier")) return false;
  const least = np.f.det === "dem" ? 4 : fewest;
  return np.end - np.start >= least && walkTree(np).some((node) => node.role === "relative" || node.role === "reduced" || node.role === "postmodifier");
}
