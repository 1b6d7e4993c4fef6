import { mayBe } from "./agrees-with";
import type { Antecedent, Person } from "./analysis";
import type { Clause } from "./clause";
import { isAnimalNoun, isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { coreOf, headTerminal, type Node, walkTree } from "./tree";

/**
 * "The government presents *a plan*. It shows …", "The town should repair *the tram*. It would cost …":
 * what was done something to may be what the text goes on with, as well as who did it.
 */
export function leavesRival(
  before: Clause,
  clause: Clause,
  pronoun: string,
  antecedent: Antecedent,
  persons: ReadonlyMap<string, Person>,
  lexicon: Lexicon,
): boolean {
  const isAlive = (np: Node) => isAnimalNoun(headTerminal(np).lemma ?? "", lexicon) || isPersonNoun(headTerminal(np).lemma ?? "", lexicon);
  // "A puffin does not build *its nest* in a tree. It *digs* a tunnel": no nest digs.
  const livingOnly = isAlive(antecedent.node) && LIVING_DEEDS.has(clause.verb.lemma ?? "") && !clause.passive;
  // "decided to build *a tunnel*"
  const planned = before.complements.filter(({ role }) => role === "infinitive").flatMap(({ node }) => walkTree(node).filter(({ role }) => role === "object"));
  const done = before.complements.filter(({ role, node }) => (role === "object" || role === "object2") && node.cat === "np").map(({ node }) => node);
  // "decided to keep the rabbits out *with a fence*. It was to run …"
  const means = before.complements
    .filter(({ role }) => role === "infinitive")
    .flatMap(({ node }) => walkTree(node).filter(({ cat, f, kids }) => cat === "pp" && f.sub === "with" && kids[1]?.cat === "np"))
    .map(({ kids }) => kids[1]!);
  // "agreed on *a list of rights*", "were fitted with *water closets*"
  const isAgreed = (node: Node) => /^(?:agree|decide|work|vote|settle)$/.test(before.verb.lemma ?? "") && !node.f.time;
  const isGot = (node: Node) => before.passive && node.kids[0]?.lemma === "with";
  const phrases = before.adjuncts.filter(({ node }) => node.cat === "pp" && (isAgreed(node) || isGot(node))).map(({ node }) => node.kids[1]!);
  const objects = [...done, ...planned.flatMap(({ kids }) => kids.slice(1)), ...means, ...phrases].filter(({ cat }) => cat === "np").map(coreOf);
  // "Ants have *no ears*. They …": of none nothing more is said.
  const told = objects.filter((np) => !/^no$/i.test(before.sentence.words[np.start]?.lower ?? ""));
  // "The company must stop selling *the product*. It must warn the public": no product warns anybody.
  const agentsOnly = isAgent(antecedent.node, lexicon) && AGENTS_DEEDS.has(clause.verb.lemma ?? "") && !clause.passive;
  const rivals = livingOnly ? told.filter(isAlive) : agentsOnly ? told.filter((np) => isAgent(np, lexicon)) : told;
  if (pronoun === "it") {
    // "The pull is *so strong that the trunk becomes thinner*. At night it swells again": the trunk.
    const result = before.sentence.clauses.filter(({ rank, start }) => rank !== "main" && start > before.verb.start);
    const isResult = /\bso (?!that\b)\p{Ll}+ that\b/u.test(before.sentence.text);
    if (isResult && result.some(({ subject }) => headTerminal(subject).cat === "n" && mayBe("it", coreOf(subject), before.sentence, persons, lexicon)))
      return true;
    if (endsOnNamed(before, antecedent.node, persons, lexicon)) return true;
    if (before.verb.cat === "be" || /^(?:become|remain|have)$/.test(before.verb.lemma ?? "") || before.verb.cat === "have") return false;
    return rivals.some((np) => np.f.det !== "bare" && np.f.det !== "quant" && mayBe("it", np, before.sentence, persons, lexicon));
  }
  if (pronoun !== "they") return false;
  const isHuman = (np: Node) => isPersonNoun(headTerminal(np).lemma ?? "", lexicon);
  const others = rivals.filter((np) => mayBe("they", np, before.sentence, persons, lexicon));
  // "Fishermen caught herring. They were salted": only what people do tells them from things.
  // "*They* earned five shillings. If they dropped matches, …": the girls, whom the first *they* means already.
  const isDeed = clause.verb.cat === "v" && !clause.passive && (isHuman(before.subject) || isHuman(antecedent.node));
  return others.some((np) => !isDeed || isHuman(np));
}

/** Whether a noun can have done what its verb says: no variance holds a hearing, and no ring runs. */
export function mayDo(np: Node, { verb, passive }: Clause, lexicon: Lexicon): boolean {
  if (passive) return true;
  const isDeed = LIVING_DEEDS.has(verb.lemma ?? "") || AGENTS_DEEDS.has(verb.lemma ?? "") || /^(?:run|walk|hold)$/.test(verb.lemma ?? "");
  return !isDeed || isAgent(np, lexicon);
}

/** "sent her to work on *the Mark I, one of the first computers*. It …": what the sentence ends on, with its name and what it is. */
function endsOnNamed({ sentence, verb }: Clause, antecedent: Node, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  const last = sentence.words.length - 1;
  const named = sentence.tree
    ? walkTree(sentence.tree).filter(({ cat, role, start, end }) => cat === "np" && role === "apposition" && start > verb.start && end >= last)
    : [];
  // "The fox lives in *the Sahara, the largest desert*. It weighs …": no place does.
  const isAlive = isAgent(antecedent, lexicon);
  const isPlace = (np: Node) => lexicon.nameKind(headTerminal(coreOf(np)).lemma ?? "") === "place";
  return named.some((np) => coreOf(np) !== coreOf(antecedent) && !(isAlive && isPlace(np)) && mayBe("it", coreOf(np), sentence, persons, lexicon));
}

/** "The navy sent her there. *It was fifteen meters long*": nobody is so long. */
function isMeasured({ verb, complements }: Clause): boolean {
  return (
    verb.lemma === "weigh" ||
    complements.some(({ node }) => node.cat === "ap" && (node.role === "measure" || walkTree(node).some(({ role }) => role === "measure")))
  );
}

/** "People thought of using icebergs. *They contain* no salt": no people do. */
export function isThingsDeed(np: Node, clause: Clause, lexicon: Lexicon): boolean {
  const lemma = headTerminal(np).lemma ?? "";
  if (FOUNDED.has(lemma) && isMeasured(clause)) return true;
  // "If the *ground* is damp, *it starts to grow*": what lies in it does.
  if (NEVER_GROWS.test(lemma) && deedsOf(clause).some((verb) => GROWING.test(verb))) return true;
  // "The city sends a crew. It takes nine days, and *it costs $24,000*": what is done, and no city.
  if (AGENTS.has(lemma) && clause.verb.lemma === "cost") return true;
  return (THINGS_DEEDS.has(clause.verb.lemma ?? "") || isPutTogether(clause)) && isPersonNoun(lemma, lexicon);
}

/** "The *mail ships* took two weeks longer. *They asked* the postmaster to find out why": no ship asks. */
export function isThingAsking(np: Node, { verb, passive }: Clause, lexicon: Lexicon): boolean {
  return verb.cat === "v" && !passive && ASKING_DEEDS.test(verb.lemma ?? "") && headTerminal(np).cat === "n" && !isAgent(np, lexicon);
}

const NEVER_GROWS = /^(?:ground|soil|earth|weather|air|water|sun|sunlight|pot|season|climate)$/;
const GROWING = /^(?:grow|sprout|germinate|bloom|blossom|ripen|hatch|wilt)$/;

/** The verb, and what it begins or tries: "starts to *grow*". */
function deedsOf({ verb, complements }: Clause): string[] {
  return [verb, ...complements.filter(({ role }) => role === "infinitive").map(({ node }) => headTerminal(node))].map(({ lemma = "" }) => lemma);
}

/** "*Fitted together*, they formed a flute": what nobody is. */
function isPutTogether({ adjuncts, subject }: Clause): boolean {
  return adjuncts.some(
    ({ node }) => node.cat === "vp-c" && node.end <= subject.start && node.kids[0]?.f.form === "participle" && PUT_TOGETHER.has(headTerminal(node).lemma ?? ""),
  );
}

const PUT_TOGETHER = new Set("fit join glue tie stack lay place stretch string sew fold add mix pile line".split(" "));

/** Somebody, an animal, or what people have founded. */
export function isAgent(np: Node, lexicon: Lexicon): boolean {
  const lemma = headTerminal(np).lemma ?? "";
  return isAnimalNoun(lemma, lexicon) || isPersonNoun(lemma, lexicon) || AGENTS.has(lemma);
}

/** What things are and do, and nobody. */
const THINGS_DEEDS = new Set("contain consist melt evaporate dissolve rust boil flow leak erupt".split(" "));

/** What only animals and people do. */
const LIVING_DEEDS = new Set(
  "suffocate starve drown faint feel live fight communicate defend eat drink sleep hunt dig swim hatch breathe feed hear smell climb search chase bite mate breed hide crawl jump leap nest sing hibernate see wake rest chew swallow sniff crouch".split(
    " ",
  ),
);

/** What only persons do, and what they have founded. */
const AGENTS_DEEDS = new Set(
  "tell warn say ask offer promise decide vote pay buy sell hire employ write announce demand refuse agree ban forbid allow invite elect appoint order permit propose publish collect lend charge fine inspect investigate meet recommend advise claim deny hope plan want believe think know".split(
    " ",
  ),
);
const ASKING_DEEDS = /^(?:ask|beg|hope|believe|think|decide|wonder|complain)$/;
const AGENTS = new Set(
  "company commission council government court school museum library bank board parliament committee agency ministry firm union club society university college hospital police army navy town city state country nation church congress senate party jury charity team factory newspaper zoo theatre".split(
    " ",
  ),
);

/** People together: of these nothing is measured in metres and tons, and they have no edges. */
export const FOUNDED: ReadonlySet<string> = new Set(
  "company commission council government board parliament committee agency ministry union club society police army navy congress senate party jury charity team class group crowd crew family band gang staff".split(
    " ",
  ),
);

/** "Scientists think that *monarchs* use the sun. … *they* may sense …": what is said of others may go on. */
export function saysOfAnother(clause: Clause, pronoun: string, persons: ReadonlyMap<string, Person>, lexicon: Lexicon): boolean {
  const said = clause.complements.find(({ role, node }) => role === "clause" && (node.cat === "cs" || node.cat === "s"));
  const inner = said && subjectIn(said.node);
  // "Scientists believe that *they* use the sun": whoever they are, they may go on.
  if (inner && (headTerminal(inner).lemma === pronoun || inner.f.det === "pron")) return headTerminal(inner).lemma === pronoun;
  return inner !== undefined && mayBe(pronoun, inner, clause.sentence, persons, lexicon);
}

export function thinksOf({ complements }: Clause, pronoun: string): boolean {
  const said = complements.find(({ role, node }) => role === "clause" && (node.cat === "cs" || node.cat === "s"));
  const inner = said && subjectIn(said.node);
  return inner !== undefined && headTerminal(inner).lemma === pronoun;
}

export function subjectIn(node: Node): Node | undefined {
  return clauseIn(node)?.kids[0];
}

/** The first clause inside a phrase, a subject with its verb phrase. */
export function clauseIn(node: Node): Node | undefined {
  return node.cat === "s" && node.role === "subject" ? node : node.kids.map(clauseIn).find(Boolean);
}

/** "The house whistled. *It began* as a low hum": the deed of the clause before, and nothing that has begun. */
export function isWhatWentOn({ verb }: Clause, before: Clause): boolean {
  const isDeed = before.verb.cat === "v" && before.complements.length === 0 && !before.passive;
  return isDeed && /^(?:begin|last|end|happen|continue)$/.test(verb.lemma ?? "");
}

/** "The county marked *it* with a cross. *It* is to be felled": whatever was marked, and not the county. */
export function goesOnWithIt({ complements, subject, sentence }: Clause, pronoun: string): boolean {
  const again = { it: "it", they: "them" }[pronoun];
  const isSelf = headTerminal(subject).cat === "pro";
  return (
    again !== undefined &&
    !isSelf &&
    complements.some(({ role, node }) => role === "object" && node.end - node.start === 1 && sentence.words[node.start]!.lower === again)
  );
}

/** "Some two hundred thousand letters *cannot be delivered*. *They* are known as dead letters": all that cannot be, and not so many. */
export function namesSuch({ passive, verb }: Clause, { subject }: Clause): boolean {
  return passive === true && /^(?:call|know|name|term)$/.test(verb.lemma ?? "") && /^(?:num|quant)$/.test(subject.f.det ?? "");
}
