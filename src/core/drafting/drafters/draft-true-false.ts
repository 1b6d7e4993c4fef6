import { type Analysis, narratorOf, positionKey, type Sentence } from "../../language/analysis";
import { nodeText, sentenceCase } from "../../language/node-text";
import { headTerminal, type Node, reasonNode } from "../../language/tree";
import { literally } from "../../lib/literally";
import type { Candidate } from "../candidate";
import { evidenceOf, type Fact } from "../facts/fact";
import { closedDefiniens } from "../facts/find-definition";
import { isMoving } from "../facts/find-facts";
import { isSameFile, isSameSort } from "../facts/term-sort";
import { byContrast, byCounterpart } from "../falsification/by-contrast";
import { falsifyReason } from "../falsification/by-opposite";
import { falsify } from "../falsification/falsify";
import { falsifyDoer } from "../falsification/falsify-doer";
import { comparesWithNothing } from "../phrasing/compares-with-nothing";
import { restateAsPassive, sentenceOf } from "../phrasing/restate";
import type { SourceStock, Statement } from "../source-stock";
import { once } from "./once";

/** Statements reworded and true, or changed so that the source denies them. */
export function draftTrueFalse(stock: SourceStock, seed: number): Candidate[] {
  return once(stock, `true-false ${seed}`, () => draftAll(stock, seed));
}

function draftAll(stock: SourceStock, seed: number): Candidate[] {
  const all = [...stock.statements.flatMap((statement) => fromStatement(statement, stock, seed)), ...fromCauses(stock), ...fromDefinitions(stock)];
  return all.flatMap((candidate) => asSaid(candidate, stock.analysis));
}

/** A statement as a sentence: fiction is stated as fiction, and what a writer claims as claimed. */
function asTold(text: string, { sort, narrator }: Analysis): string {
  const isClaim = sort === "opinion" && !isCounted(text);
  return sentenceOf(sort === "story" ? `in the story, ${text}` : isClaim ? `according to ${narrator ?? "the writer"}, ${text}` : text);
}

/** Numbers and dates are the world's, whoever tells them. */
function isCounted(text: string): boolean {
  return /\d/.test(text);
}

/** What somebody of the story does on purpose, finds, loses or decides; its gestures and its weather are nothing to be asked. */
function movesTheStory({ phrasing: { clause, subject }, sentence, words }: Statement, { analysis, factsBySentence }: SourceStock): boolean {
  const isDeed = clause.rank === "main" && clause.verb.cat === "v" && !clause.passive && words >= 6;
  const object = clause.complements.find(({ role }) => role === "object")?.node;
  return isDeed && (isMoving(clause, object, analysis) || factsBySentence.has(sentence)) && (analysis.persons.has(subject) || /^the \p{Ll}+$/u.test(subject));
}

/** What a speaker says is stated as said; a speaker's comparison is a judgement. */
function asSaid(candidate: Candidate, analysis: Analysis): Candidate[] {
  const { speaker } = candidate.evidence.at(-1)!;
  if (!speaker || candidate.stem.startsWith(speaker)) return [candidate];
  if (candidate.pattern === "false-comparison") return [];
  const stem = candidate.stem.replace(/^(\p{Lu})(?=\p{Ll}*\b)/u, (letter) => letter.toLowerCase());
  return [{ ...candidate, stem: `According to ${speaker}, ${startsWithName(candidate, analysis) ? candidate.stem : stem}` }];
}

/** "Olga hides", of whom the sentence says *she*: a name is one inside some sentence of the source. */
function startsWithName({ stem }: Candidate, { sentences }: Analysis): boolean {
  const first = stem.split(" ")[0]!;
  return (
    /\.$/.test(first) ||
    sentences.some(({ words }) => words.some((word, index) => index > 0 && word.text === first && !/^["“‘'(:]$/.test(words[index - 1]!.text)))
  );
}

function fromStatement(statement: Statement, stock: SourceStock, seed: number): Candidate[] {
  const { analysis } = stock;
  const { clause } = statement.phrasing;
  const isStory = analysis.sort === "story";
  // "The fog drifts through the nets": a crumb of a longer sentence.
  const isCrumb =
    !isStory &&
    statement.words < 7 &&
    clause.rank === "main" &&
    clause.sentence.clauses.filter((other) => other.rank === "main").length > 1 &&
    !/\d/.test(statement.text);
  if (clause.rank === "adverbial" || isCrumb || statement.words < 5 || statement.words > 22 || !isWorthStating(statement, analysis)) return [];
  // "The fog drifts through *them* stick to the threads": a subject with a pronoun in it was mostly torn.
  const { sentence, subject } = clause;
  const holdsResolved = [...(sentence.resolved?.keys() ?? [])].some(
    (at) => at > subject.start && at < subject.end && !/\bof$/.test(sentence.words[at - 1]?.lower ?? ""),
  );
  if (holdsResolved) return [];
  if (isStory && !movesTheStory(statement, stock)) return [];
  const base = {
    kind: "true-false" as const,
    accepted: [],
    distractors: [],
    optionOrder: "shuffled" as const,
    evidence: withAntecedent(statement, analysis),
    depth: "recall" as const,
  };
  const facts = stock.factsBySentence.get(statement.sentence) ?? [];
  const weight = Math.max(0.8, ...facts.map((fact) => fact.worth * 0.6));
  const numbered = facts.find((fact) => fact.type === "quantity" || fact.type === "time" || fact.type === "frequency");
  const candidates: Candidate[] = [];
  const reworded = reword(statement, analysis);
  if (reworded && !comparesWithNothing(reworded.text)) {
    candidates.push({
      ...base,
      stem: asTold(reworded.text, analysis),
      key: "true",
      factId: facts.find((fact) => fact.clause === clause)?.id ?? `${statement.sentence.index}:statement:${clause.start}`,
      factType: facts[0]?.type ?? "statement",
      pattern: `true-${reworded.how}`,
      worth: weight + reworded.gain,
    });
  }
  const others = isStory
    ? falsifyDoer(statement, stock, seed)
    : [...(isDoneOnce(clause) ? falsifyDoer(statement, stock, seed) : []), ...byContrast(statement), ...byCounterpart(statement, analysis)];
  for (const falsehood of [...falsify(statement, analysis, seed), ...others]) {
    if (isSaidElsewhere(falsehood.to, statement, stock)) continue;
    const isNumber = falsehood.how === "number" || falsehood.how === "year";
    candidates.push({
      ...base,
      stem: asTold(falsehood.text, analysis),
      key: "false",
      correction: sentenceOf(statement.text),
      factId: (isNumber ? numbered?.id : facts.find((fact) => fact.clause === clause)?.id) ?? `${statement.sentence.index}:statement:${clause.start}`,
      factType: "statement",
      pattern: `false-${falsehood.how}`,
      worth: weight + (isNumber ? 0.3 : 0.9),
    });
  }
  return candidates;
}

/** "Pasteur showed that germs spoil milk": a deed of the past, done to something that is named. */
function isDoneOnce({ verb, complements, passive }: Statement["phrasing"]["clause"]): boolean {
  return verb.cat === "v" && verb.flags?.[0] === "past" && !passive && complements.length > 0;
}

/** Another sentence says the changed thing of the same subject and verb: the statement may be true after all. */
function isSaidElsewhere(changed: string, { sentence, phrasing: { clause } }: Statement, { contentBySentence, sentencesByLemma }: SourceStock): boolean {
  const verb = (clause.verb.lemma ?? "").toLowerCase();
  const subject = (headTerminal(clause.subject).lemma ?? "").toLowerCase();
  return (sentencesByLemma.get(subject) ?? []).some((other) => {
    const content = contentBySentence.get(other)!;
    return other !== sentence && content.has(verb) && new RegExp(`\\b${literally(changed)}\\b`, "i").test(other.text);
  });
}

/** Where the subject is a pronoun of the text, the sentence that names it belongs to the proof. */
function withAntecedent({ sentence, phrasing: { clause } }: Statement, analysis: Analysis): Sentence[] {
  const at = positionKey(sentence, clause.subject.start);
  const antecedent = analysis.antecedents.get(at) ?? analysis.owners.get(at);
  return antecedent && antecedent.sentence !== sentence ? [antecedent.sentence, sentence] : [sentence];
}

/** Some content beyond a name and a verb, nothing said only "in some way". */
function isWorthStating(statement: Statement, analysis: Analysis): boolean {
  const { phrasing, text } = statement;
  const { clause } = phrasing;
  // "Water the plants early": a command is neither true nor false.
  if (clause.imperative) return false;
  if (clause.sentence.clauses.some((other) => other.linkedBy === "but" && other.start > clause.start && other.rank === "main") && clause.negated) return false;
  // "A loop's neck becomes narrower as a loop grows": a loop twice.
  if (analysis.owners.get(positionKey(clause.sentence, clause.subject.start))?.sentence === clause.sentence) return false;
  // "Willett had an idea": which one is what counts.
  if (/\b(?:has|have|had) (?:an?|one|two|three|some) (?:idea|plan|problem|choice|reason|question|secret|dream)s?$/i.test(text)) return false;
  // "people who never lose do not learn *how*"; "had to be taken to Aldmouth *until now*": until the text was written.
  if (/\b(?:how|why|until now)$/.test(text)) return false;
  // "was a seamstress in Nome, Alaska, *twenty-three years old*": two things told in one breath.
  if (/\byears old$/.test(text) && clause.complements.some(({ role, node }) => role === "predicate" && node.cat === "np" && node.role !== "measure"))
    return false;
  // "Somebody has to pay for a bridge": so it is anywhere.
  if (/^(?:somebody|someone|something|everybody|everyone|everything)\b/i.test(text)) return false;
  // "Freja Lund's brother came with Lund": a name for each pronoun.
  const names = (text.match(/\p{Lu}\p{L}{2,}/gu) ?? []).filter((word) => analysis.persons.has(word));
  if (new Set(names).size < names.length) return false;
  // "On walls grow grey patches. *They are lichens*": those are, and not all that are grey.
  const named = analysis.antecedents.get(positionKey(clause.sentence, clause.subject.start));
  const isClass = clause.verb.cat === "be" && clause.complements.some(({ role, node }) => role === "predicate" && node.cat === "np");
  if (named && isClass && named.node.f.det === "bare" && named.node.f.num === "pl" && named.node.end - named.node.start > 1) return false;
  // "Leilani Kahale’s colleague pulled Leilani Kahale away"
  const whole = text.match(/\p{Lu}\p{L}+ \p{Lu}\p{L}+/gu) ?? [];
  if (new Set(whole).size < whole.length) return false;
  // "The yellow colours begin to show": when? The sentences before said it.
  if (/^(?:begin|start|stop|cease|continue)$/.test(clause.verb.lemma ?? "") && clause.adjuncts.length === 0) return false;
  // "A new island was being born", "Napoleon had just escaped": when? The sentences around it say.
  if (clause.auxiliaries.some(({ cat }) => cat === "be") && (clause.verb.flags?.[0] === "ing" || /\bbeing\b/.test(text)) && clause.adjuncts.length === 0)
    return false;
  if (/\b(?:just|already|still|yet)\b/.test(text)) return false;
  // "Every school should have one": what is wished for is neither true nor false.
  const wishes = clause.auxiliaries.some(({ cat, lemma }) => cat === "modal" && /^(?:should|must|ought|would|could|may|might|shall)$/.test(lemma ?? ""));
  if (analysis.sort === "opinion" && !isCounted(text) && (wishes || clause.verb.cat === "be" || !isClaimOfOthers(statement, analysis))) return false;
  // "has to find out *when somebody dies*", moved behind: what is found out then.
  if (/\b(?:find out|know|see|tell|say|ask|learn) (?:when|if|where)\b/.test(text) && !clause.sentence.text.includes(text.slice(-20).trim())) return false;
  // "in *the same* hour": as what else?
  if (/\bin the same (?:hour|week|month|year|night)\b/.test(text)) return false;
  return !/\b(?:I|we|you|this|these|that way|such)\b/i.test(text);
}

/** What a writer says of the world: nothing of himself, and no figure of speech: "Nobody has ever asked a begonia a question". */
function isClaimOfOthers({ phrasing, sentence, text }: Statement, analysis: Analysis): boolean {
  const narrator = narratorOf(sentence, analysis) ?? "the writer";
  // "Cooking teaches more than *cooking*"
  const isOfItself = text.toLowerCase().split(phrasing.subject.toLowerCase()).length > 2;
  const isOwn = text.toLowerCase().includes(narrator.toLowerCase()) || /\b(?:I|we|you|me|us|my|our|your)\b/i.test(text);
  return !isOwn && !isOfItself && !/^(?:nobody|no one|nothing|some|no)\b/i.test(text) && !ANY.test(text);
}

const ANY = /\b(?:any|anywhere|anything|anybody|anyone|ever)\b/;

/** What may stand behind the doer of a passive: a time or a place, no direction and no measure. */
function isPlainTail(clause: Statement["phrasing"]["clause"], tail: string): boolean {
  if (tail === "") return true;
  return /^(?:in|on|at|when|before|after|during|every|by \d)/.test(tail) && !clause.adjuncts.some(({ node }) => node.cat === "advp" && node.f.sub !== "time");
}

type Reworded = { text: string; how: string; gain: number };

const OFTEN = /^(?:usually|often|sometimes|normally|generally|mostly|occasionally|frequently|rarely|always),?$/i;

/** Never the sentence as it stands: the passive, the reason first, a fronted phrase moved, or one clause of several. */
function reword(statement: Statement, analysis: Analysis): Reworded | undefined {
  const { phrasing, text, rest } = statement;
  const { clause } = phrasing;
  const hasReason = clause.adjuncts.some(({ node }) => reasonNode(node).cat === "sb" && reasonNode(node).f.sub === "cause");
  // "does not become its owner by paying, *nor by moving in*": nothing may follow that.
  if (hasReason || /\bnor\b/.test(rest)) return undefined;
  // "But there is only *one good answer*": which, the writer goes on to say.
  if (
    clause.subject.cat === "there" &&
    /^(?:only |just )?(?:one|two|three|an?)(?: \p{L}+)? (?:answer|question|reason|problem|thing|point|catch)s?$/iu.test(rest)
  )
    return undefined;
  const passive = restateAsPassive(phrasing);
  if (passive && !analysis.persons.has(passive.subject)) {
    const object = clause.complements.find((part) => part.role === "object")!.node;
    const tail = rest.replace(passive.subject, "").trim();
    if (
      object.end - object.start <= 6 &&
      tail.split(" ").length <= 4 &&
      clause.subject.f.det !== "bare" &&
      clause.subject.f.det !== "quant" &&
      !/^the way|^(?:one|two|three|a|an|several|many) (?:\p{Ll}+ )?(?:change|difference|mistake|discovery|decision|promise|effort|attempt)s?$/u.test(
        passive.subject,
      ) &&
      isPlainTail(clause, tail)
    )
      return { text: [passive.subject, passive.verb, passive.doer, tail].filter(Boolean).join(" "), how: "passive", gain: 0.8 };
  }
  // "*Usually* the company raises its prices": at the end the word would stand ill.
  const fronted = clause.adjuncts.some(({ node }) => node.end <= clause.subject.start && !OFTEN.test(nodeText(clause.sentence, node)));
  // "*Across the street* Mrs Chen was trying to shovel her walk": at the end it would be where she shovelled.
  const isPlace = (node: Node) =>
    /^pp/.test(reasonNode(node).cat) &&
    !reasonNode(node).f.time &&
    /^(?:across|behind|beside|near|outside|opposite|over|under|along|around|in|at|on)$/.test(reasonNode(node).f.sub ?? "");
  // "In places where cuckoos are common, they gather in mobs *to drive them off*"
  const strays =
    (clause.complements.some(({ role, node }) => role === "infinitive" && node.end - node.start >= 4) ||
      clause.adjuncts.some(({ node }) => node.cat === "vp" && node.f.form === "to" && node.start > clause.verb.start)) &&
    clause.adjuncts.some(({ node }) => node.end <= clause.subject.start && isPlace(node));
  // "If *it* is covered with drops, there is too much water in the jar": behind it, the jar would be.
  const pointsAhead =
    clause.subject.cat === "there" &&
    clause.adjuncts.some(
      ({ node }) => node.end <= clause.subject.start && reasonNode(node).cat === "sb" && /\b(?:it|they|its|their)\b/i.test(nodeText(clause.sentence, node)),
    );
  // "If nothing grows, there *was* not enough sugar": what was then, found out now.
  const looksBack =
    clause.verb.flags?.includes("past") === true &&
    clause.adjuncts.some(({ node }) => {
      const sb = reasonNode(node);
      return sb.f.sub === "if" && /^(?:third|plain)$/.test(headTerminal(sb.kids.at(-1) ?? sb).flags?.[0] ?? "") && !headTerminal(sb).flags?.includes("past");
    });
  // "*Four years later* the war broke out": without its time, what nobody doubts.
  const isLater = clause.adjuncts.some(
    ({ node }) => node.end <= clause.subject.start && /\b(?:later|after|before|earlier)\b/i.test(nodeText(clause.sentence, node)),
  );
  const isBare = isLater && rest.split(" ").filter(Boolean).length <= 1 && clause.verb.cat === "v";
  if (strays || pointsAhead || looksBack || isBare) return undefined;
  const trails = clause.complements.some(({ node }) => ["relative", "reduced", "apposition", "contrast"].includes(node.role));
  if (fronted && (clause.verb.cat !== "be" || clause.subject.cat === "there") && !trails) return { text, how: "fronted", gain: 0.3 };
  const resolved = analysis.antecedents.has(positionKey(clause.sentence, clause.subject.start));
  const partial = clause.rank === "aside" || clause.sentence.clauses.filter((other) => other.rank === "main").length > 1;
  // "The head keeper was away": when? What was so at one time needs its time.
  if (clause.verb.cat === "be" && clause.verb.flags?.includes("past")) return undefined;
  return resolved || partial ? { text, how: resolved ? "resolved" : "part", gain: 0.1 } : undefined;
}

/** What every statement of a reason or a meaning has. */
function ofFact(fact: Fact) {
  return {
    kind: "true-false" as const,
    accepted: [],
    distractors: [],
    optionOrder: "shuffled" as const,
    evidence: evidenceOf(fact),
    factId: fact.id,
    factType: fact.type,
    depth: "understanding" as const,
  };
}

/** "X, because Y" told the other way round: "Because Y, X." */
function fromCauses(stock: SourceStock): Candidate[] {
  return stock.facts.flatMap((fact) => {
    const statement = stock.statementsBySentence.get(fact.clause.sentence)?.find((other) => other.phrasing.clause === fact.clause);
    if (
      fact.type !== "cause" ||
      fact.pattern === "why-too-much" ||
      !statement ||
      !/^because (?!of )/.test(fact.answer) ||
      fact.sentence.text.startsWith("Because") ||
      stock.analysis.sort === "opinion"
    )
      return [];
    const text = `${fact.answer}, ${statement.text}`;
    // A pronoun in front is clear where it takes up the subject that follows, and no other stands with it.
    const others = fact.answer.replace(/^because (?:they|it|he|she) /, "");
    const opens = others !== fact.answer && fact.pattern !== "why-because";
    if (text.split(" ").length > 26 || /\b(?:their|its|his|her|they|it|he|she)\b/.test(opens ? others : fact.answer)) return [];
    const base = { ...ofFact(fact), worth: 2.3 };
    const wrong = falsifyReason(fact.answer).map((reason) => ({
      ...base,
      stem: asTold(`${statement.text} ${reason}`, stock.analysis),
      key: "false",
      pattern: "false-reason",
      correction: sentenceOf(`${statement.text} ${fact.answer}`),
    }));
    return [{ ...base, stem: asTold(text, stock.analysis), key: "true", pattern: "true-cause" }, ...wrong];
  });
}

/** A term with its own meaning, or with another term's. */
function fromDefinitions(stock: SourceStock): Candidate[] {
  const meanings = new Map<string, Fact>();
  for (const fact of stock.facts)
    if (
      (fact.type === "definition" || fact.type === "naming") &&
      fact.term &&
      fact.definiens &&
      // "The mixture is called pulp": which one, the sentences before say.
      !/^the \p{L}+$/iu.test(fact.definiens) &&
      !meanings.has(fact.term)
    )
      meanings.set(fact.term, fact);
  const all = [...meanings.values()];
  return all.flatMap((fact, index) => {
    const base = ofFact(fact);
    const verb = (fact.plural ?? fact.phrasing.clause.verb.flags?.includes("plain")) ? "are" : "is";
    const plural = fact.answerNode && fact.pattern !== "what-is-term" && headTerminal(fact.answerNode).flags?.[0] === "pl";
    const reversed =
      fact.pattern === "what-is-called"
        ? `${fact.term} ${plural ? "are" : "is"} ${fact.definiens}`
        : `${closedDefiniens(fact.definiens!)} ${verb} called ${fact.term}`;
    // "*Ultrasound is sounds* above 20,000 hertz"
    if (fact.pattern === "what-is-called" && !plural && verb === "are") return [];
    const own: Candidate = { ...base, stem: sentenceOf(reversed), key: "true", pattern: "true-definition", worth: 2.6 };
    const other = [...all.slice(index + 1), ...all.slice(0, index)].find(
      (one) => isSameSort(fact, one, stock.analysis.lexicon) && isSameFile(fact, one, stock.analysis.lexicon),
    );
    if (!other || verb === "are") return [own];
    const wrong: Candidate = {
      ...base,
      stem: `${sentenceCase(fact.term!)} is ${other.definiens}.`,
      key: "false",
      correction: `${sentenceCase(fact.term!)} is ${fact.definiens}.`,
      evidence: evidenceOf(fact),
      pattern: "false-definition",
      worth: 2.4,
    };
    return [own, wrong];
  });
}
