import type { Sentence } from "./analysis";
import { liftReason } from "./lift-reason";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

export type Part = { role: string; node: Node };

/** One subject and one verb with what belongs to them, read off the parse tree. */
export type Clause = {
  sentence: Sentence;
  subject: Node;
  /** A command: its subject is the reader, and `subject` is only the verb's place. */
  imperative: boolean;
  /** Auxiliary terminals in order; the first one carries tense. Empty where the main verb does. */
  auxiliaries: Node[];
  negated: boolean;
  /** Terminal of the main verb (or of a copula). */
  verb: Node;
  passive: boolean;
  /** What the verb governs, in order of the text: object, object2, predicate, clause, infinitive, particle. */
  complements: Part[];
  /** Adverbs, preposition phrases and adverb clauses, in order of the text. */
  adjuncts: Part[];
  /** Word indices of the whole clause. */
  start: number;
  end: number;
  /** Its place: a main clause, inside an adverb clause, or said in passing of a noun: "Pepsin, *which digests protein*, …". */
  rank: "main" | "adverbial" | "aside";
  /** The conjunction that joins it to the clause before: and, but, so. */
  linkedBy?: string;
  /** One of several verb phrases that share the subject. */
  shared: boolean;
};

/** The clauses of a parsed sentence: main ones first, then those inside adverb clauses, then what is said in passing. */
export function readClauses(sentence: Sentence, tree: Node): Clause[] {
  const clauses: Clause[] = [];
  readClause(sentence, tree, [], "main", undefined, clauses);
  readAsides(sentence, tree, clauses);
  return clauses;
}

/** What is reported, supposed or asked is not said to be so, nor is what is said in passing inside it. */
const NOT_SAID = new Set(["cs", "ws", "sb", "rc"]);

/** "Pepsin, *which digests protein in the stomach*, works best in acid": a statement of its own about the noun before the comma. */
function readAsides(sentence: Sentence, node: Node, out: Clause[], around: readonly Node[] = [], goesOn = false): void {
  const [head, aside] = node.kids;
  const noun = head && (ofAmount(head, aside) ?? nameIn(head, aside) ?? head);
  // "which fought against the damage *that alcohol did*": read apart, the aside would end too soon.
  const isTorn = goesOn && !aside?.cat.endsWith("-c");
  // "her father's mule, Bruno, *who carried* two sacks": its comma closes the name.
  const isBehindName = aside?.cat === "rc" && head?.role === "apposition" && head.kids[1]?.cat === "c-np-c";
  if (node.cat === "np" && node.role === "relative" && aside && (aside.cat.startsWith("c-rc") || isBehindName) && !isTorn) {
    const rc = plainRelative(aside);
    const [rel, vp] = rc.kids;
    // "…, which is why farmers return" takes up the whole sentence.
    const tells = rc.f.sub === undefined && rel?.cat === "rel" && vp?.cat === "vp" && !(vp.kids[1]?.cat === "ws" && headTerminal(vp).cat === "be");
    const rivals = [...around, rel?.lemma === "which" ? objectBefore(sentence, node) : undefined].filter((rival) => rival !== undefined);
    if (tells && !mayTellOfAll(aside, rel, vp) && noun!.f.det !== "indef" && isOneNoun(noun!) && !rivals.some((rival) => mayTellOf(rival, noun!))) {
      // "her father's mule, *Bruno, who carried* two sacks": by the name that stands beside it.
      const doer = noun!.role === "apposition" && isName(noun!.kids[1]) ? noun! : coreOf(noun!);
      readVerbPhrases(sentence, doer, vp, [], "aside", undefined, out);
    }
  }
  if (NOT_SAID.has(node.cat)) return;
  for (const [index, kid] of node.kids.entries()) {
    const isHead = index === node.head;
    readAsides(
      sentence,
      kid,
      out,
      node.cat === "np" && !isHead ? [...around, node] : around,
      node.cat === "np" && isHead && index === 0 && node.kids.length === 2,
    );
  }
}

function isName(aside: Node | undefined): boolean {
  return aside !== undefined && walkTree(aside).find(({ cat }) => cat === "np")?.f.det === "proper";
}

/** "a small number of *challenges*, which allow …" */
function ofAmount(np: Node, aside: Node | undefined): Node | undefined {
  const [amount, pp] = np.kids;
  const isAmount = np.role === "postmodifier" && pp?.f.sub === "of" && /^(?:number|variety|series|range|pair|group)$/.test(headTerminal(amount!).lemma ?? "");
  return isAmount && aside?.cat.startsWith("c-rc") && plainRelative(aside).f.agr === "pl" ? pp!.kids[1] : undefined;
}

/** "rules called *zoning laws*, which say …": told of by the name. */
function nameIn(np: Node, aside: Node | undefined): Node | undefined {
  const named = np.role === "reduced" ? np.kids[1] : undefined;
  const name = named?.role === "object2" && named.f.sub === "call" ? named.kids.at(-1) : undefined;
  const agr = name && aside?.cat.startsWith("c-rc") ? plainRelative(aside).f.agr : undefined;
  return name?.cat === "np" && (agr === "any" || agr === undefined || agr === (name.f.num === "pl" ? "pl" : "sg")) ? name : undefined;
}

/** "*their work* with Haiti, which was stopped": the noun phrase that ends where the preposition begins may be meant as well. */
function objectBefore({ tree, words }: Sentence, np: Node): Node | undefined {
  const before = words[np.start - 1];
  if (np.cat !== "np" || np.role !== "relative" || !before?.candidates.some(({ cat }) => cat === "prep")) return undefined;
  return walkTree(tree!).find((node) => node.cat === "np" && node.end === np.start - 1 && !node.f.time && node.f.det !== "pron");
}

const WHAT_A_FACT_DOES = new Set(
  "make mean cost allow help cause lead let keep give show explain prevent force bring hurt create enable save leave surprise please anger worry prove raise lower reduce increase encourage suggest turn".split(
    " ",
  ),
);
const WHAT_A_FACT_IS =
  /^(?:unusual|rare|common|important|surprising|strange|difficult|easy|hard|cheap|expensive|dangerous|remarkable|normal|impossible|possible|unfair|fair|illegal|legal|true|false|great|good|bad|better|worse)$/;

/** "sold its tea in the colonies, *which made the tea cheap*": the selling did, and not the colonies. */
function mayTellOfAll(aside: Node, rel: Node, vp: Node): boolean {
  if (aside.cat.endsWith("-c") || rel.lemma !== "which") return false;
  const verb = headTerminal(vp);
  const predicate = walkTree(vp).find((node) => node.cat === "ap");
  return WHAT_A_FACT_DOES.has(verb.lemma ?? "") || (verb.cat === "be" && predicate !== undefined && WHAT_A_FACT_IS.test(headTerminal(predicate).lemma ?? ""));
}

/** Without the commas around it. */
function plainRelative(aside: Node): Node {
  return aside.cat === "rc" ? aside : plainRelative(aside.kids[aside.head]!);
}

function isOneNoun(np: Node): boolean {
  // "the articles of Roberts, who …", "the top of the tower, which …": of which of the two?
  return np.role !== "coordination" && walkTree(np).every((node) => node.cat !== "pp");
}

/** "the lamp of the tower, which …": which of the two? */
function mayTellOf(around: Node, noun: Node): boolean {
  return around.role === "coordination" || around.f.num === undefined || around.f.num === noun.f.num || around.f.num === "any" || noun.f.num === "any";
}

function readClause(sentence: Sentence, node: Node, fronted: Part[], rank: Clause["rank"], linkedBy: string | undefined, out: Clause[]): void {
  const [left, right] = node.kids as [Node, Node | undefined];
  if (!left) return;
  if (node.role === "imperative") return readVerbPhrases(sentence, undefined, left, fronted, rank, linkedBy, out);
  if (node.cat === "root" || !right) return readClause(sentence, left, fronted, rank, linkedBy, out);
  if (node.role === "mark")
    return readClause(sentence, node.kids[node.head]!, fronted, rank, linkedBy ?? (left.cat === "conj" ? left.flags?.[0] : undefined), out);
  if (node.role === "conjunct") {
    readClause(sentence, left, fronted, rank, linkedBy, out);
    return readClause(sentence, right, [], rank, conjunctionOf(right), out);
  }
  if (node.role === "list" || node.role === "aside") return readClause(sentence, left, fronted, rank, linkedBy, out);
  if (node.role === "adjunct" && node.cat === "s") {
    readInner(sentence, left, out);
    return readClause(sentence, right, [...fronted, { role: "adjunct", node: left }], rank, linkedBy, out);
  }
  if (node.role === "inverted") {
    const [verb, doer] = right.kids as [Node, Node];
    return readVerbPhrases(sentence, doer, verb, [...fronted, { role: "adjunct", node: left }], rank, linkedBy, out);
  }
  // "Only when the boat pulled away *did Selkirk change* his mind"
  if (node.role === "turned") {
    const [asks, deed] = right.kids as [Node, Node];
    const [auxiliary, doer] = asks.kids as [Node, Node];
    readInner(sentence, left, out);
    const verbs: Node = { ...deed, cat: "vp", role: "auxiliary", head: 1, kids: [auxiliary, deed] };
    return readVerbPhrases(sentence, doer, verbs, [...fronted, { role: "adjunct", node: left }], rank, linkedBy, out);
  }
  // "There are flowers": *there* holds the subject's place.
  if (node.role === "subject" || node.role === "expletive") readVerbPhrases(sentence, left, right, fronted, rank, linkedBy, out);
}

/** The clause inside an adverb clause: "because *each ring bent the light*". */
function readInner(sentence: Sentence, part: Node, out: Clause[]): void {
  const sb = part.cat === "sb" ? part : part.kids.find((kid) => kid.cat === "sb" || kid.cat === "c-sb" || kid.cat === "sb-c");
  if (!sb) return;
  if (sb.cat !== "sb") return readInner(sentence, sb, out);
  const inner = sb.kids.at(-1)!;
  // "*only* if it can be divided": the clause stands one step further in.
  if (inner.cat === "sb") readInner(sentence, inner, out);
  if (inner.cat === "s") readClause(sentence, inner, [], "adverbial", undefined, out);
}

/** The clause after "so thick *that*". */
function readResult(sentence: Sentence, predicate: Node, out: Clause[]): void {
  // "This is why *worms come to the surface*"
  const [wh, asked] = predicate.kids;
  if (predicate.cat === "ws" && wh?.f.sub === "reason" && asked?.cat === "s") return readClause(sentence, asked, [], "adverbial", undefined, out);
  if (predicate.cat === "cs") return readClause(sentence, predicate.kids.at(-1)!, [], "adverbial", undefined, out);
  if (predicate.cat === "ap") for (const kid of predicate.kids) readResult(sentence, kid, out);
}

/** "In winter, *when the wind never stops*, she lays …": clauses between commas that tell of the phrase in front of them. */
export function toldInPassing({ adjuncts }: Pick<Clause, "adjuncts">): Node[] {
  const nodes = adjuncts.map(({ node }) => node);
  // "had been born in 1862, *six months before the slaves were free*"
  const isMeasured = (node: Node) => node.cat === "c-sb" && node.kids[1]?.role === "measure" && nodes.some((other) => other.end === node.start && other.f.time);
  return nodes.filter(
    (node) => isMeasured(node) || (node.cat === "sb-c" && nodes.some((other) => other.end === node.start && /^(?:pp|advp)-c$/.test(other.cat))),
  );
}

/** The clauses inside a part of a sentence that tells when, why or under what condition: those of "*when the tide turns*". */
export function clausesWithin({ clauses }: Sentence, part: Pick<Node, "start" | "end">): Clause[] {
  return clauses.filter(({ rank, start, end }) => rank === "adverbial" && start >= part.start && end <= part.end);
}

/** The verb phrases that share one subject, in order; one clause alone is its own. */
export function sharingClauses(clause: Clause): Clause[] {
  if (!clause.shared) return [clause];
  return clause.sentence.clauses.filter((other) => other.subject === clause.subject && other.rank === clause.rank).sort((a, b) => a.verb.start - b.verb.start);
}

/** The word that joins several verb phrases of one subject, given in order: "may amend *or* repeal it". */
export function joiningWord(sharing: readonly Clause[]): "and" | "or" | "but" {
  const joins = sharing.slice(1).map(({ sentence, verb }, index) => {
    const between = sentence.words.slice(sharing[index]!.verb.end, verb.start).map((word) => word.lower);
    return between.findLast((word) => word === "and" || word === "or" || word === "but");
  });
  return joins.includes("or") ? "or" : joins.includes("but") ? "but" : "and";
}

function conjunctionOf(node: Node): string | undefined {
  if (node.cat === "conj") return node.flags?.[0];
  for (const kid of node.kids) {
    if (kid.cat === "s") return node.kids[0]!.cat === "semi" || node.kids[0]!.cat === "colon" ? node.kids[0]!.cat : undefined;
    const found = conjunctionOf(kid);
    if (found) return found;
  }
  return undefined;
}

type Verbal = { auxiliaries: Node[]; negated: boolean; verb: Node; complements: Part[]; adjuncts: Part[]; start: number; end: number; shared: boolean };

function readVerbPhrases(
  sentence: Sentence,
  doer: Node | undefined,
  vp: Node,
  fronted: Part[],
  rank: Clause["rank"],
  linkedBy: string | undefined,
  out: Clause[],
): void {
  const found: Verbal[] = [];
  readVerbal(vp, { auxiliaries: [], negated: false, complements: [], adjuncts: [], shared: false }, found);
  if (!doer) forbidAllOf(found, sentence);
  found.forEach((verbal, index) => {
    // "Every day, the heart beats … and pumps …": what stands in front holds for both.
    // "*Tired and hungry,* the men rowed home": what they were like, and no part of what they did.
    const adjuncts = [...fronted.filter(({ node }) => node.cat !== "ap-c"), ...verbal.adjuncts];
    const first = [...verbal.auxiliaries, verbal.verb][0]!;
    const subject = doer ?? first;
    out.push({
      sentence,
      subject,
      rank,
      imperative: !doer,
      auxiliaries: verbal.auxiliaries,
      negated: verbal.negated,
      verb: verbal.verb,
      passive: isPassive(verbal),
      complements: inOrder(verbal.complements),
      adjuncts: inOrder(adjuncts),
      start: index === 0 ? Math.min(subject.start, ...fronted.map((part) => part.node.start)) : first.start,
      end: Math.max(verbal.end, subject.end),
      shared: verbal.shared,
      ...(linkedBy && index === 0 ? { linkedBy } : {}),
    });
  });

  for (const verbal of found) {
    const inText = inOrder(verbal.adjuncts);
    for (const [index, part] of inText.entries()) {
      const date = inText[index - 1];
      const told = date && whenOfDate(part.node, date.node);
      // "changed in 1656, *when Huygens built the first pendulum clock*": said of that year, as a sentence of its own would.
      if (told) readClause(sentence, told, [date], "aside", undefined, out);
      else readInner(sentence, part.node, out);
    }
    // "so fast *that she could not finish*"
    for (const { node } of verbal.adjuncts) if (node.cat === "advp" && node.kids[1]?.cat === "cs") readResult(sentence, node.kids[1], out);
    for (const part of verbal.complements) if (part.role === "predicate") readResult(sentence, part.node, out);
    const result = resultOfAmount(verbal.complements, sentence);
    if (result) readResult(sentence, result, out);
  }
}

/** "*Never* force the doors open and climb out": the second deed is forbidden as well, unless a comma or a *but* parts the two. */
function forbidAllOf([first, ...more]: Verbal[], { words }: Sentence): void {
  if (!first?.adjuncts.some(({ node }) => headTerminal(node).lemma === "never" && node.end <= first.verb.start)) return;
  for (const verbal of more) {
    const link = words.slice(first.verb.end, verbal.start).map(({ lower }) => lower);
    const at = link.findLastIndex((word) => word === "and" || word === "or");
    if (at >= 0 && link[at - 1] !== ",") verbal.negated = true;
  }
}

/** "gave *so little water* that the mayor hung a lock on it": the clause that tells what came of so much or so little. */
export function resultOfAmount(complements: readonly Part[], { words }: Sentence): Node | undefined {
  const [object, said] = ["object", "clause"].map((role) => complements.find((part) => part.role === role));
  const isAmount = object !== undefined && /^so\b/.test(words[object.node.start]?.lower ?? "") && said?.node.start === object.node.end;
  return isAmount && said.node.cat === "cs" ? said.node : undefined;
}

/** The clause of a *when* behind a comma that says what happened in the year before it. */
function whenOfDate(part: Node, date: Node): Node | undefined {
  const isYear = date.cat === "pp" && date.f.sub === "in" && date.end === part.start && walkTree(date).some(({ flags }) => flags?.includes("year"));
  const sb = part.cat === "c-sb" ? part.kids[part.head] : undefined;
  const clause = sb?.cat === "sb" && sb.f.sub === "when" ? sb.kids.at(-1) : undefined;
  return isYear && clause?.cat === "s" && clause.role === "subject" && headTerminal(clause).cat === "v" ? clause : undefined;
}

function isPassive(verbal: Verbal): boolean {
  const last = verbal.auxiliaries.at(-1);
  return last?.cat === "be" && verbal.verb.cat === "v" && verbal.verb.flags?.[0] === "participle";
}

function inOrder(parts: Part[]): Part[] {
  return [...parts].sort((a, b) => a.node.start - b.node.start);
}

type Outer = { auxiliaries: Node[]; negated: boolean; complements: Part[]; adjuncts: Part[]; shared: boolean };

function readVerbal(node: Node, outer: Outer, out: Verbal[]): void {
  if (node.kids.length === 0) {
    const parts = [...outer.complements, ...outer.adjuncts].map((part) => part.node);
    out.push({ ...outer, verb: node, start: node.start, end: Math.max(node.end, ...parts.map((part) => part.end)) });
    return;
  }
  if (node.kids.length === 1) return readVerbal(node.kids[0]!, outer, out);
  const [left, right] = node.kids as [Node, Node];
  switch (node.role) {
    case "coordination": {
      // Adjuncts outside a coordination stand after its last part and are read with that one.
      const inner = { ...outer, complements: [], adjuncts: outer.adjuncts.filter((part) => part.node.start < left.start), shared: true };
      readVerbal(left, inner, out);
      // "Do not pull the cord *but turn the key*"
      const negated = outer.negated && conjunctionOf(right) !== "but";
      return readVerbal(
        verbPhraseIn(right),
        { ...outer, negated, shared: true, adjuncts: outer.adjuncts.filter((part) => part.node.start >= left.start) },
        out,
      );
    }
    case "auxiliary": {
      const negated = outer.negated || containsNot(left);
      const modifiers = modifiersOf(left);
      return readVerbal(
        right,
        { ...outer, auxiliaries: [...outer.auxiliaries, headTerminal(left)], negated, adjuncts: [...outer.adjuncts, ...modifiers] },
        out,
      );
    }
    case "negation":
    case "modifier":
      if (node.head === 1) return readVerbal(right, outer, out);
      return readVerbal(
        left,
        {
          ...outer,
          negated: outer.negated || right.cat === "not",
          adjuncts: right.cat === "not" ? outer.adjuncts : [...outer.adjuncts, { role: "adjunct", node: right }],
        },
        out,
      );
    case "adjunct":
      return node.head === 0
        ? readVerbal(left, { ...outer, adjuncts: [...outer.adjuncts, ...withReasonApart({ role: "adjunct", node: right })] }, out)
        : readVerbal(right, { ...outer, adjuncts: [...outer.adjuncts, { role: "adjunct", node: left }] }, out);
    case "mark":
      return readVerbal(node.kids[node.head]!, outer, out);
    default: {
      const { part, reason } = liftReason({ role: node.role, node: right });
      const adjuncts = reason ? [...outer.adjuncts, { role: "adjunct", node: reason }] : outer.adjuncts;
      return readVerbal(left, { ...outer, adjuncts, complements: [...outer.complements, part] }, out);
    }
  }
}

function withReasonApart(adjunct: Part): Part[] {
  const { part, reason } = liftReason(adjunct);
  return reason ? [{ role: "adjunct", node: reason }, part] : [part];
}

function verbPhraseIn(node: Node): Node {
  return node.cat === "vp" || node.cat === "vpl" ? node : verbPhraseIn(node.kids.at(-1)!);
}

function containsNot(node: Node): boolean {
  return node.cat === "not" || node.lemma === "cannot" || node.kids.some(containsNot);
}

function modifiersOf(aux: Node): Part[] {
  if (aux.kids.length < 2) return [];
  const own = aux.role === "modifier" ? [{ role: "adjunct", node: aux.kids[1]! }] : [];
  return [...modifiersOf(aux.kids[0]!), ...own];
}
