import { type Clause, joiningWord, sharingClauses } from "../../language/clause";
import { UNIT_NOUNS } from "../../language/data/noun-classes";
import { opensWithParticiple } from "../../language/grammar/phrase-shapes";
import { headTerminal, type Node, reasonNode, walkTree } from "../../language/tree";

/** Sure or certain of nothing that the clause tells, or not agreeing on anything. */
function tellsOfNothing({ verb, auxiliaries, complements, adjuncts, negated, rank, end }: Clause): boolean {
  if (rank !== "main" || auxiliaries[0]?.cat === "modal") return false;
  const [only, ...more] = complements;
  const isAlone = adjuncts.every(({ node }) => node.start < verb.end || node.f.time);
  const isSure = verb.cat === "be" && only?.node.cat === "ap" && more.length === 0 && only.node.end - only.node.start === 1 && only.node.end === end;
  if (isSure && /^(?:sure|certain|aware)$/.test(headTerminal(only.node).lemma ?? "")) return true;
  return negated && verb.lemma === "agree" && complements.length === 0 && isAlone;
}

/** These join sentences and carry nothing; *instead* carries what stood before, and stays. */
export const CARRYING_ADVERBS = new Set(["then", "instead", "meanwhile", "otherwise"]);

/**
 * What is said only under what stands before it: "Sailors must correct for it, *or they will drift*",
 * "When ships slow down, the noise gets lower *and the whales can hear each other*", and a second verb
 * behind an adverb clause, whose subject may be of that clause: "carries a compass, since it needs no
 * electricity *and never breaks down*"; "As it gets warmer, molecules collide, *so the rate increases*".
 */
export function hangsOnAnother(clause: Clause): boolean {
  const { clauses } = clause.sentence;
  // "When an onion is *boiled or fried*": a condition is told whole; of three parts the last may be the command behind it.
  if (((clause.rank !== "adverbial" || sharingClauses(clause).length > 2) && isAlternative(clause)) || mayBeOfInner(clause) || mayBeModifier(clause))
    return true;
  // "For two years nobody *was sure*", "The diaries *do not agree*": of what, another sentence says.
  if (tellsOfNothing(clause)) return true;
  // "must first be raised and *only then* lowered": without its *then* it would be all that is done.
  if (clause.rank === "main" && /\bonly then\b/i.test(textOf(clause))) return true;
  // "*Hardly* anything happens in it": without the word it would be the contrary.
  if (clause.adjuncts.some(({ node }) => node.end === clause.subject.start && /^(?:hardly|scarcely|barely)$/.test(headTerminal(node).lemma ?? ""))) return true;
  // "keep out the fish *and clean the water at the same time*": both together, and neither by itself.
  if (clause.shared && AT_ONCE.test(textOf(clause))) return true;
  // "*Within a few decades* workshops made silk": after what, the sentence before says.
  if (clause.adjuncts.some(({ node }) => node.cat.startsWith("pp") && node.end <= clause.subject.start && isWithin(reasonNode(node)))) return true;
  const first = clauses.find((other) => other.rank === "main");
  // "He is looking after a brother, *or he is ill*, or there is no bus": a duty and its penalty are no such choice.
  const next = clauses.find((other) => other.rank === "main" && other.start > clause.verb.start && !other.shared);
  const isDuty = clause.imperative || clause.auxiliaries.some(({ cat }) => cat === "modal") || clause.verb.cat === "have" || clause.negated;
  // "A camera can't tell dust from smoke, *or it couldn't until recently*": taken back in part.
  const isTakenBack = next?.verb.cat === "modal" && !clause.imperative;
  if (clause.rank === "main" && next?.linkedBy === "or" && (!isDuty || isTakenBack)) return true;
  if (clause.rank !== "main" || !first || clause === first) return false;
  // "*In an oak* they are wide enough to be seen; *in a pine* you need a microscope": what for, the first half says.
  const inFront = ({ adjuncts, subject }: Clause) => adjuncts.find(({ node }) => node.cat.startsWith("pp") && node.end <= subject.start)?.node;
  const [place, other] = [inFront(clause), inFront(first)];
  const isPerson = /^(?:you|one|we|they|it)$/i.test(clause.sentence.words[clause.subject.start]?.lower ?? "");
  if (place && other && place.f.sub === other.f.sub && !place.f.time && clause.linkedBy === "semi" && isPerson) return true;
  if ((sharingFirst(clause) ?? clause).linkedBy === "or") return true;
  // "*Without it*, a hull would be covered, and the boat would lose speed": what is not there is a condition as well.
  const fronted = first.adjuncts.some(
    ({ node }) =>
      node.end <= first.subject.start && (node.cat.includes("sb") || (node.cat.startsWith("pp") && (Boolean(node.f.time) || node.f.sub === "without"))),
  );
  if (fronted && !clause.shared && clause.linkedBy === "and") return true;
  // "The air is still *at dawn*, and *there is* little noise": then, and not at any time.
  const isTimed = ({ adjuncts, complements }: Clause) => [...adjuncts, ...complements].some(({ node }) => reasonNode(node).f.time);
  if (clause.subject.cat === "there" && clause.linkedBy === "and" && isTimed(first) && !isTimed(clause)) return true;
  const underClause = first.adjuncts.some(({ node }) => node.end <= first.subject.start && node.cat.includes("sb"));
  if (underClause && !clause.shared && clause.linkedBy === "so") return true;
  // "…, because a bare tree needs less water *and snow cannot break it*": the reason may go on.
  const mayGoOn = first.adjuncts.some(({ node }) => node.cat.includes("sb") && node.start > first.verb.start && node.end === clause.start - 1);
  if (mayGoOn && clause.linkedBy === "and" && !clause.shared) return true;
  const earlier = clauses.filter((other) => other.rank === "main" && other.subject === clause.subject && other.start < clause.start);
  return clause.shared && earlier.some((other) => other.adjuncts.some(({ node }) => node.cat.includes("sb") && node.start > other.verb.start));
}

const AT_ONCE = /\bat the same time\b(?! (?:as|each|every)\b)/i;

function isWithin({ kids: [preposition, length] }: Node): boolean {
  return preposition?.lemma === "within" && length !== undefined && UNIT_NOUNS.has(headTerminal(length).lemma ?? "");
}

function textOf({ sentence, start, end }: Clause): string {
  return sentence.words
    .slice(start, end)
    .map(({ lower }) => lower)
    .join(" ");
}

/** "walks to school *or takes the bus*": neither is said by itself; what one may do, one may. */
export function isAlternative(clause: Clause): boolean {
  const sharing = sharingClauses(clause);
  const mayDo = clause.auxiliaries.some(({ cat, lemma }) => cat === "modal" && /^(?:can|may|could|might)$/.test(lemma ?? ""));
  return sharing.length > 1 && !clause.imperative && !clause.negated && !mayDo && joiningWord(sharing) === "or";
}

/** "He described how it was made from bark *and stamped with a seal*": what was stamped, he or it? */
function mayBeOfInner(clause: Clause): boolean {
  const form = clause.verb.flags?.[0];
  if (!clause.shared || !form) return false;
  // Either half may go on with the same form; *made* and *stamped* are of the past or of a passive.
  const alike = form === "past" || form === "participle" ? ["past", "participle"] : [form];
  // "The idea is that people *would* live apart and *would* go their own way": the idea would go nowhere.
  const [modal] = clause.auxiliaries.filter(({ cat }) => cat === "modal");
  const goesOn = ({ cat, flags, lemma }: Node) =>
    (cat === "v" && alike.includes(flags?.[0] ?? "")) || (cat === "modal" && modal !== undefined && lemma === modal.lemma);
  const inner = sharingClauses(clause)
    .filter(({ verb }) => verb.start < clause.verb.start)
    .flatMap(({ complements, adjuncts }) =>
      [...complements, ...adjuncts.filter(({ node }) => walkTree(node).some(({ cat }) => cat === "ws" || cat === "cs"))].filter(
        ({ role, node }) =>
          (role === "clause" || role === "adjunct" || node.cat === "cs") && node.end <= clause.verb.start && node.end >= clause.verb.start - 4,
      ),
    );
  return inner.some(({ node }) => walkTree(node).some(goesOn));
}

/** A cost at which a part of speech is no far-fetched one, in nats. */
const LIKELY = 1.5;

/** "in exchange for *reduced hours* and *improved* prospects": improved by somebody, or improved prospects? */
function mayBeModifier({ shared, verb, sentence }: Clause): boolean {
  if (!shared || verb.flags?.[0] !== "past" || sentence.words[verb.start - 1]?.lower !== "and") return false;
  // "the report and *related* papers"
  if (sentence.words[verb.start]!.candidates.some(({ cat, cost }) => cat === "adj" && cost < LIKELY)) return true;
  return walkTree(sentence.tree!).some((node) => node.cat === "np" && node.end === verb.start - 1 && opensWithParticiple(node));
}

/** The first of the verb phrases that share this one's subject: the conjunction in front stands before it. */
function sharingFirst(clause: Clause): Clause | undefined {
  if (!clause.shared) return undefined;
  return clause.sentence.clauses.find((other) => other.rank === "main" && other.subject === clause.subject);
}

const SUPPOSES = /\b(?:if|when|whenever|sometimes|suppose)\b/i;

function isOfToday({ auxiliaries, verb }: Clause): boolean {
  const first = auxiliaries[0] ?? verb;
  return !first.flags?.includes("past") && !/^(?:could|would|might)$/.test(first.lemma ?? "");
}

/** "by then", "instead": what the clause says hangs on the sentence before. A plain *then* only tells the order. */
const COUNTERFACTUAL = /^If\b[^,]*\b(?:were|had|did|was|could)\b[^,]*, .*\b(?:would|might|could)\b/;

export function carriesOn(clause: Clause, before?: { text: string }): boolean {
  // "The tree *is then* resting and needs no water": at that time.
  const own = clause.sentence.words.slice(clause.subject.end, clause.verb.end).map(({ lower }) => lower);
  // But "The treaty *is then registered*" is the next thing done to it.
  if (!clause.passive && own.some((word, index) => word === "then" && /^(?:is|are|was|were)$/.test(own[index - 1] ?? ""))) return true;
  // "*Then* the whole face of the moon is bright": at that time, and never else.
  const { verb, auxiliaries, sentence } = clause;
  const isState = verb.cat === "be" && auxiliaries.length === 0 && !verb.flags?.includes("past");
  if (isState && /^then\b/i.test(sentence.text) && clause.start <= 1) return true;
  // "If ice *were* heavier, lakes would freeze. The whole lake *might* turn into ice": in that case only.
  const isSupposed = /^(?:might|would|could)$/.test(auxiliaries[0]?.lemma ?? "") && !/\bif\b/i.test(sentence.text);
  if (isSupposed && COUNTERFACTUAL.test(before?.text ?? "")) return true;
  return clause.sentence.words.slice(clause.start, clause.end).some((word, index, words) => {
    if (!CARRYING_ADVERBS.has(word.lower)) return false;
    return (
      word.lower !== "then" ||
      /^(?:by|since|until|even|if|just|back)$/.test(words[index - 1]?.lower ?? "") ||
      clause.sentence.words[clause.start - 1]?.lower === "by" ||
      // "Families *then* buy fewer houses": in the case that the sentence before supposed.
      (clause.start + index >= clause.subject.end && isOfToday(clause) && SUPPOSES.test(before?.text ?? ""))
    );
  });
}
