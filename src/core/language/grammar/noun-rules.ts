import { DEMONYMS, MONTHS, TIME_NOUNS } from "../data/noun-classes";
import { type Features, headTerminal, type Node } from "../tree";
import { isRecurringTime, opensWithAs, opensWithParticiple } from "./phrase-shapes";
import { agreeNumbers, type RuleWriter } from "./rule-writer";

const PEOPLES = /(?:[aio]ns|kings|eeks|ists|nards|urks|wedes|anes|ettlers|ounders|oners|landers|orkers|elts|nuits?|[cv]hinese|apanese)$/i;

const INSIDE = /^(?:inside|outside|below|above|nearby|indoors|outdoors|upstairs|downstairs|ashore|aboard)$/;

function firstWord(node: Node): string {
  return node.kids.length === 0 ? (node.lemma ?? "") : firstWord(node.kids[0]!);
}

/** "set out", "broke up … to find": a verb with its particle, or with a purpose, is seldom a reduced clause. */
function isOwnVerb(vp: Node): boolean {
  if (vp.cat === "vt" || (vp.role === "particle" && vp.kids.length === 2)) return true;
  if (vp.role === "adjunct" && (vp.kids[1]?.f.form === "to" || vp.kids[1]?.f.sub === "particle")) return true;
  return vp.cat === "vg" || vp.cat === "vp" ? isOwnVerb(vp.kids[vp.head] ?? { ...vp, cat: "", kids: [], role: "" }) : false;
}

function capitalised(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1).toLowerCase();
}

/** The last number word of "two hundred". */
function lastWord(qn: Node): string {
  return qn.kids.length === 0 ? (qn.lemma ?? "") : lastWord(qn.kids.at(-1)!);
}

/** "bigger than a grain of rice", "as tall as a wardrobe" */
function tellsHowMuch(ap: Node): boolean {
  return opensWithAs(ap) || ap.kids.some((kid) => (kid.cat === "pp" && kid.f.sub === "than") || (kid.cat === "ap" && tellsHowMuch(kid)));
}

/** Whether the last words of a phrase are said in passing. */
function endsInAside(node: Node): boolean {
  const last = node.kids.at(-1);
  if (!last || node.kids.length < 2) return last !== undefined && endsInAside(last);
  return (last.cat.startsWith("c-") && !last.cat.endsWith("-c") && node.role !== "coordination") || endsInAside(last);
}

/** "most powerful", "largest". */
function isSuperlative(ap: Node): boolean {
  return /^(?:most|least)$/.test(firstWord(ap)) || headTerminal(ap).flags?.includes("superlative") === true;
}

/** "the first lamp", "the only harbour", "the largest museum" */
function singlesOut(np: Node): boolean {
  if (np.f.det !== "def" || np.role !== "determiner") return false;
  const [modifier] = np.kids[1]?.kids ?? [];
  return modifier?.cat === "ap" && (isSuperlative(modifier) || /^(?:first|only|last)$/.test(headTerminal(modifier).lemma ?? ""));
}

/** A year, with or without its era, or some years. */
function isDated(qn: Node): boolean {
  return qn.f.sub === "year" || qn.f.sub === "era";
}

/** "the food *they had*", but not "the ship *the town had* diverted". */
function isHadByNoun(s: Node): boolean {
  return headTerminal(s).cat === "have" && s.end - headTerminal(s).end === 0 && s.kids[0]?.f.det !== "pron";
}

const STANDS_BEHIND =
  /^(?:use|involve|concern|need|require|give|take|make|produce|find|leave|know|say|write|collect|pay|ask|offer|choose|select|catch|see|describe|mention|list)$/;

/** The conjunction that goes with the word in front. */
export const JOINED_BY: Record<string, string> = { both: "and", either: "or", neither: "nor" };

/** Nouns, what stands before them, what follows them, and their coordination. */
export function addNounRules({ rule, lift, isPerson, isPlaceName }: RuleWriter): void {
  lift("nb", "n", "noun", (n) => ({ f: { num: n.f.num ?? "sg" }, cost: 0 }));
  // "the Romans made their concrete": a people is many.
  lift("pnb", "pn", "noun", (n) => ({ f: { num: PEOPLES.test(n.lemma ?? "") ? "any" : "sg", det: "proper" }, cost: 0 }));
  rule("pnb", "pn pnb", 1, "name", 0);
  rule("pnb", "pnb num", 0, "name", 1.2);
  // "the scientist Charles Darwin", "the geologist Marie Jackson": who the name is, said before it.
  rule("np", "np pnb", 1, "title", 0.1, (l, r) =>
    // "in the sixteenth century *Spanish ships*": a time has no name behind it.
    l.f.det === "def" && l.f.num !== "pl" && l.role === "determiner" && headTerminal(l).cat === "n" && !TIME_NOUNS.has(headTerminal(l).lemma ?? "")
      ? { ...r.f, num: "sg", det: "proper" }
      : undefined,
  );
  // "*British explorer* James Cook"
  rule("np", "nb pnb", 1, "title", 0.4, (l, r) =>
    !l.f.det && l.f.num === "sg" && headTerminal(l).cat === "n" && isPerson(headTerminal(l)) ? { ...r.f, num: "sg", det: "proper" } : undefined,
  );
  // "Alexander the Great", "Cancer the Crab"
  rule("np", "pnb np", 0, "title", 0.6, (l, r) =>
    r.f.det === "def" && r.role === "determiner" && r.end - r.start === 2 && headTerminal(r).cat === "pn" ? { ...l.f, num: "sg", det: "proper" } : undefined,
  );
  // "11 November 1902", "2 March"
  rule("np", "num pnb", 1, "date", 0, (_, r) => (MONTHS.has(capitalised(firstWord(r))) ? { num: "sg", det: "proper", time: true } : undefined));
  // "May 18", "August 20, 1923"
  rule("np", "pnb num", 0, "date", 0, (l) => (MONTHS.has(capitalised(firstWord(l))) ? { num: "sg", det: "proper", time: true } : undefined));
  // "in about the year 552"
  rule("np", "np num", 0, "date", -0.5, (l) =>
    headTerminal(l).lemma === "year" && l.f.det === "def" && l.role === "determiner" ? { num: "sg", det: "proper", time: true } : undefined,
  );
  rule("np", "np c-np", 0, "date", 0, (l, r) => (l.role === "date" && r.f.time && r.f.det === "num" ? l.f : undefined));
  rule("np", "np qn", 0, "date", 0, (l, r) => (l.role === "date" && r.f.sub === "year" ? l.f : undefined));
  // "*British and French* troops"
  const ofPeople = (n: Node) => n.kids.length === 1 && DEMONYMS.has((headTerminal(n).lemma ?? "").toLowerCase());
  rule("j-dem", "conj pnb", 1, "mark", 0, (l, r) => ((l.f.sub === "and" || l.f.sub === "or") && ofPeople(r) ? {} : undefined));
  rule("dem", "pnb j-dem", 0, "coordination", 0.2, (l) => (ofPeople(l) ? {} : undefined));
  rule("nb", "dem nb", 1, "modifier", 0.2, (_, r) => (r.f.det ? undefined : r.f));
  lift("nb", "pnb", "noun", (n) => ({ f: n.f, cost: 0.1 }));
  lift("ap", "adj", "adjective", (n) => ({ f: n.flags?.[0] ? { sub: n.flags[0] } : {}, cost: 0 }));
  lift("ap", "ord", "adjective", () => ({ f: { sub: "ord" }, cost: 0.1 }));
  // "concrete by mixing lime" is no adjective with its noun: what an adjective governs cannot stand before a noun.
  rule("nb", "ap nb", 1, "modifier", 0.1, (l, r) => (l.role === "complement" ? undefined : r.f));
  // "gave the man dry clothes": an adjective stands before the whole compound, not inside it.
  const insideCompound = (r: Node) => (r.role === "modifier" && r.kids[0]?.cat === "ap" ? 1.5 : 0);
  rule("nb", "n nb", 1, "compound", 0.5, (l, r) => (r.f.det === "proper" ? undefined : { f: r.f, cost: (l.f.num === "pl" ? 1.5 : 0) + insideCompound(r) }));
  rule("nb", "pnb nb", 1, "compound", 0.5, (_, r) => (r.f.det === "proper" ? undefined : r.f));
  // "90 *degrees Celsius*"
  rule("nb", "nb pnb", 0, "name", -0.3, (l, r) =>
    headTerminal(l).lemma === "degree" && /^(?:Celsius|Fahrenheit|Kelvin)$/.test(headTerminal(r).lemma ?? "") && r.end - r.start === 1 ? l.f : undefined,
  );
  // "a skill called echolocation": what is called so stands behind.
  const calls = (v: Node) => v.flags?.includes("call") || v.flags?.includes("name");
  rule("nb", "v nb", 1, "modifier", 1.2, (l, r) => ((l.flags?.[0] === "ing" || l.flags?.[0] === "participle") && !r.f.det && !calls(l) ? r.f : undefined));
  lift("qn", "num", "number", (n) => ({
    f: {
      num: n.flags?.[0] === "sg" ? "sg" : "pl",
      ...(n.flags?.includes("year") ? { sub: "year" } : {}),
      ...(n.flags?.includes("percent") ? { sub: "percent" } : {}),
      ...(n.flags?.includes("range") ? { sub: "era" } : {}),
    },
    cost: 0,
  }));
  // "three times its length", "twice its size"
  rule("mult", "qn nb", 0, "measure", 0, (l, r) => (headTerminal(r).lemma === "time" && r.f.num === "pl" && l.f.num === "pl" ? {} : undefined));
  rule("np", "mult np", 1, "multiple", 0.3, (_, r) => (r.f.det === "poss" || r.f.det === "def" ? r.f : undefined));
  rule("np", "adv np", 1, "multiple", 0.3, (l, r) => (l.lemma === "twice" && (r.f.det === "poss" || r.f.det === "def") ? r.f : undefined));
  // "nine to twelve hours"
  rule("tonum", "prep num", 1, "mark", 0, (l) => (l.lemma === "to" ? {} : undefined));
  rule("qn", "num tonum", 0, "range", 0.3, (l) => (l.flags?.includes("year") ? undefined : { num: "pl" }));
  // "221 BCE", "AD 79", "the 4th century BC"
  rule("qn", "num era", 0, "era", 0, () => ({ num: "sg", sub: "era" }));
  rule("qn", "era num", 1, "era", 0, () => ({ num: "sg", sub: "era" }));
  rule("nb", "nb era", 0, "era", 0.1, (l) => (TIME_NOUNS.has(headTerminal(l).lemma ?? "") ? l.f : undefined));
  rule("qn", "num qn", 1, "number", 0);
  rule("qn", "adv qn", 1, "modifier", 0, (l, r) => (l.f.sub === "approx" || l.f.sub === "only" ? r.f : undefined));
  rule("kn", "kindof nb", 1, "kind", 0);
  rule("nb", "ap kn", 1, "modifier", 0, (_, r) => ({ ...r.f, num: "sg" }));
  lift("nb", "kn", "noun", (n) => ({ f: { ...n.f, num: "sg" }, cost: 0 }));

  lift("np", "nb", "noun", (n) => {
    if (n.f.det === "proper") return { f: { num: n.f.num ?? "sg", det: "proper" }, cost: 0 };
    if (/^per ?cent$/.test(headTerminal(n).lemma ?? "")) return undefined;
    if (n.f.num === "pl") return { f: { num: "pl", det: "bare" }, cost: 0.2 };
    const time = TIME_NOUNS.has(headTerminal(n).lemma ?? "");
    // "through first period", "in second grade"
    const ordinal = n.role === "modifier" && n.kids[0]?.f.sub === "ord";
    return { f: { num: "sg", det: "bare" }, cost: n.f.num === "any" ? 0.4 : time || ordinal ? 0.6 : 2.5 };
  });
  lift("np", "pro", "pronoun", (n) => {
    const flags = n.flags ?? [];
    if (flags.includes("refl")) return { f: { det: "pron", num: "any", kase: "obj", sub: "refl" }, cost: 0 };
    const num = flags.includes("pl") ? "pl" : flags.includes("sg") ? "sg" : "any";
    const kase = flags.includes("subj") ? "subj" : flags.includes("obj") ? "obj" : undefined;
    const sub = flags.includes("first") ? "first" : flags.includes("indef") && !flags.includes("neg") ? "indef" : undefined;
    return { f: { det: "pron", num, ...(kase ? { kase } : {}), ...(sub ? { sub } : {}) }, cost: 0 };
  });
  lift("np", "qn", "number", (n) => ({
    f: {
      det: n.f.sub === "era" ? "proper" : "num",
      num: isDated(n) ? "sg" : n.f.num === "pl" && n.f.sub !== "percent" ? "pl" : "any",
      ...(isDated(n) ? { time: true as const } : {}),
    },
    cost: isDated(n) ? 0.3 : 1.6,
  }));
  rule("np", "det nb", 1, "determiner", 0, (l, r) => {
    const num = l.f.num ?? (l.flags?.[0] === "pl" ? "pl" : l.flags?.[0] === "sg" ? "sg" : "any");
    if (l.flags?.[0] === "oneof") return r.f.num === "pl" ? { num: "sg", det: "indef" } : undefined;
    const agreed = agreeNumbers(num as "any", r.f.num ?? "any");
    if (!agreed) return undefined;
    const proper = r.f.det === "proper" ? 0.3 : 0;
    const det = l.flags?.includes("def")
      ? "def"
      : l.flags?.includes("dem") || l.flags?.includes("such") || l.flags?.includes("other")
        ? "dem"
        : l.lemma === "a" || l.lemma === "an"
          ? "indef"
          : "quant";
    return { f: { num: agreed, det }, cost: proper };
  });
  // "the Inuit live", "the Maya were": a people without a plural ending.
  rule("np", "det pnb", 1, "determiner", 2.2, (l, r) => (l.flags?.includes("def") && r.f.num === "sg" ? { num: "pl", det: "def" } : undefined));
  const possessed = (l: Node, r: Node): Features => ({ num: r.f.num ?? "sg", det: "poss", ...(l.flags?.includes("first") ? { sub: "first" } : {}) });
  rule("np", "poss nb", 1, "possessor", 0, possessed);
  rule("np", "ng nb", 1, "possessor", 0.2, possessed);
  rule("ng", "np gen", 0, "mark", 0, (l) => (l.f.det === "pron" ? undefined : l.f));
  rule("np", "relposs nb", 1, "possessor", 0.2, (_, r) => ({ num: r.f.num ?? "sg", det: "poss", sub: "rel" }));
  rule("np", "qn nb", 1, "quantity", 0, (l, r) => {
    if (l.f.num === "sg" ? r.f.num === "pl" : r.f.num === "sg") return undefined;
    // "90 percent of an iceberg is …": percentages agree with what they are of.
    const share = /^per ?cent$/.test(headTerminal(r).lemma ?? "");
    return { f: { num: share ? "any" : (l.f.num ?? "pl"), det: "num" }, cost: isDated(l) ? 2.5 : 0 };
  });
  rule("qnb", "qn nb", 1, "quantity", 0, (l, r) => ((l.f.num === "sg" ? r.f.num === "pl" : r.f.num === "sg") ? undefined : { num: l.f.num ?? "pl" }));
  // "the *last of his rivals* four kilometres": what has its own of stands for itself.
  rule("qnb", "ap qnb", 1, "modifier", 0.1, (l, r) => (l.role === "complement" ? undefined : r.f));
  rule("np", "det qnb", 1, "determiner", 0, (l) =>
    l.flags?.[0] === "def" || l.flags?.[0] === "pl" || l.flags?.[0] === "any" || l.lemma === "every"
      ? { num: "pl", det: l.flags?.includes("def") ? "def" : l.flags?.includes("dem") ? "dem" : "quant" }
      : undefined,
  );
  rule("np", "poss qnb", 1, "possessor", 0.3, (l, r) => ({ f: possessed(l, r), cost: l.lemma === "her" ? 1.2 : 0 }));
  rule("np", "adv np", 1, "modifier", 0.5, (l, r) => (["approx", "only"].includes(l.f.sub ?? "") && r.f.det !== "pron" ? r.f : undefined));
  rule("qn", "det num", 1, "number", 0, (l, r) =>
    l.lemma === "a" && ["hundred", "thousand", "million", "dozen"].includes(r.lemma ?? "") ? { num: "pl" } : undefined,
  );
  rule("np", "predet np", 1, "determiner", 0.2, (l, r) => {
    if (!/ of$/.test(l.lemma ?? "")) return r.f.det === "pron" ? undefined : { ...r.f, det: "quant" };
    // "most of them were": the pronoun is an object, the whole a subject too.
    const { kase, ...rest } = r.f;
    return kase === "subj" ? undefined : { ...rest, det: "quant" };
  });
  // "so much rain", "too many boats"
  rule("np", "adv np", 1, "modifier", 0.3, (l, r) =>
    l.f.sub === "deg" && /^(?:so|too|very|as)$/.test(l.lemma ?? "") && r.f.det === "quant" && /^(?:much|many|few|little)$/.test(firstWord(r)) ? r.f : undefined,
  );
  // "cut its bill by a third"
  rule("np", "det ord", 1, "fraction", 0.8, (l, r) =>
    l.lemma === "a" && !/^(?:first|second|last|next)$/.test(r.lemma ?? "") ? { num: "sg", det: "num" } : undefined,
  );
  // "one of the strongest glues", "one of them"
  rule("np", "det np", 1, "determiner", 0.1, (l, r) =>
    l.flags?.[0] === "oneof" && r.f.num === "pl" && ["def", "poss", "dem", "pron"].includes(r.f.det ?? "") && r.f.kase !== "subj"
      ? { num: "sg", det: r.f.det === "pron" ? "pron" : "indef" }
      : undefined,
  );
  // "two hundred and fifty years"
  rule("j-qn", "conj qn", 1, "mark", 0, (l, r) => (l.f.sub === "and" ? r.f : undefined));
  rule("qn", "qn j-qn", 0, "number", 0.1, (l) => (/^(?:hundred|thousand|million)$/.test(lastWord(l)) ? l.f : undefined));
  lift("np", "vp", "gerund", (n) => (n.f.form === "ing" && !n.f.gap ? { f: { num: "sg", det: "clause" }, cost: 2.5 } : undefined));
  lift("np", "ng", "possession", (n) => ({ f: { num: "any", det: "poss" }, cost: n.f.det === "proper" ? 2.2 : 3.2 }));
  lift("np", "ws", "clause", () => ({ f: { num: "sg", det: "clause" }, cost: 1.5 }));

  rule("np", "np pp", 0, "postmodifier", 0, (l, r) => {
    // "more snow falls each winter than the sun can remove": a winter is compared with nothing.
    if (r.f.sub === "than" && (l.f.time || TIME_NOUNS.has(headTerminal(l).lemma ?? ""))) return undefined;
    // "those about fraud"
    if (l.f.det === "pron" && r.f.sub !== "of" && headTerminal(l).lemma !== "those") return undefined;
    // "tannins, which slow the growth *of bacteria*": behind an aside a phrase belongs into it.
    if (endsInAside(l)) return { f: l.f, cost: 3 };
    // "the International Foundation *for Electoral Systems*": a name of several words.
    if (l.f.det === "def" && headTerminal(l).cat === "pn" && r.f.sub === "for" && r.kids[1]?.f.det === "proper") return { f: l.f, cost: 0 };
    // "the first lamp *in the country*": of which it is the first.
    const isFirst = singlesOut(l) || (l.role === "postmodifier" && r.f.sub === "in" && singlesOut(l.kids[0]!));
    if (isFirst && !r.f.time && /^(?:in|on)$/.test(r.f.sub ?? "")) return { f: l.f, cost: 0 };
    return { f: l.f, cost: r.f.sub === "of" ? 0.05 : r.f.sub === "suchas" ? 0.2 : l.f.det === "proper" ? 2 : l.f.time ? 2.5 : 0.9 };
  });
  // "four hours *every Sunday*"
  rule("np", "np np", 0, "postmodifier", 0.4, (l, r) =>
    l.f.num === "pl" && TIME_NOUNS.has(headTerminal(l).lemma ?? "") && l.role === "quantity" && isRecurringTime(r) ? l.f : undefined,
  );
  // "anyone who breaks a by-law"
  rule("np", "np rc", 0, "relative", 0.6, (l) => {
    if (l.f.sub === "indef") return { ...l.f, det: "quant" };
    // "those who break a by-law"
    return l.f.det !== "pron" || headTerminal(l).lemma === "those" ? l.f : undefined;
  });
  rule("c-rc", "comma rc", 1, "mark", 0, (_, r) => (r.f.sub === "that" ? undefined : r.f));
  rule("c-rc-c", "c-rc comma", 0, "mark", 0);
  // "the rings of glass, which bend the light": the rings.
  const tellsOf = (l: Node, r: Node) => (agreeNumbers(l.f.num ?? "any", (r.f.agr as "any") ?? "any") ? l.f : undefined);
  rule("np", "np c-rc", 0, "relative", 0.9, tellsOf);
  rule("np", "np c-rc-c", 0, "relative", 0.6, tellsOf);
  rule("c-np", "comma np", 1, "mark", 0, (_, r) => (r.f.det === "pron" ? undefined : r.f));
  rule("c-np-c", "c-np comma", 0, "mark", 0);
  // A time is not explained by what follows it: "In 1881, the scientist …"; nor a thing by a bare number.
  const explains = (l: Node, r: Node) =>
    // "Born in Hobart, *Tasmania, Everett* was …": a place is no person.
    (isPlaceName(l) && r.f.det === "proper" && !isPlaceName(r)) ||
    l.f.det === "pron" ||
    l.f.time ||
    TIME_NOUNS.has(headTerminal(l).lemma ?? "") ||
    r.f.det === "num" ||
    agreeNumbers(l.f.num ?? "any", r.f.num ?? "any") === undefined
      ? undefined
      : l.f;
  rule("np", "np c-np-c", 0, "apposition", 1.6, explains);
  // "These crystals, a rare mineral called …, have": many of one sort.
  rule("np", "np c-np-c", 0, "apposition", 2.4, (l, r) => (l.f.num === "pl" && !l.f.time && l.f.det !== "pron" && r.f.det === "indef" ? l.f : undefined));
  rule("np", "np c-np", 0, "apposition", 2.4, explains);
  rule("np", "np vp", 0, "reduced", 0, (l, r) => {
    // "needs *something to do*"
    if (r.f.form === "to" && /^(?:some|any|no|every)(?:thing|where|body|one)$/.test(headTerminal(l).lemma ?? "")) return { f: l.f, cost: 0.3 };
    if (l.f.det === "pron" || endsInAside(l)) return undefined;
    // "the men set out to find": a purpose belongs to a verb of its own.
    if (r.f.form === "participle" && r.f.gap) {
      // "a hundred chariots *followed*": by itself mostly a verb of its own, unlike "the tools *used*".
      const isLone = r.end - r.start === 1 && !STANDS_BEHIND.test(headTerminal(r).lemma ?? "");
      return { f: l.f, cost: (r.f.sub === "call" ? 0.4 : isOwnVerb(r) ? 3.2 : 1.3) + (isLone ? (l.f.det === "proper" ? 2.5 : 1) : 0) };
    }
    return r.f.form === "ing" && !r.f.gap
      ? { f: l.f, cost: l.f.det === "proper" ? 3 : 1.9 }
      : r.f.form === "to"
        ? // "the first woman *to earn* a licence"
          { f: l.f, cost: singlesOut(l) || (l.role === "postmodifier" && singlesOut(l.kids[0]!)) ? 0.1 : 1.8 }
        : undefined;
  });
  rule("c-vp", "comma vp", 1, "mark", 0);
  rule("c-vp-c", "c-vp comma", 0, "mark", 0);
  rule("np", "np c-vp-c", 0, "reduced", 1.4, (l, r) => (r.f.form === "participle" && r.f.gap && l.f.det !== "pron" ? l.f : undefined));
  rule("np", "np c-vp", 0, "reduced", 1.6, (l, r) => {
    if (r.f.form !== "participle" || l.f.det === "pron") return undefined;
    // "textbooks, *written and printed in the town*"
    return r.f.sub === "call" ? l.f : r.f.gap && r.end - r.start >= 4 ? { f: l.f, cost: 0.6 } : undefined;
  });
  rule("np", "np s", 0, "relative", 2, (l, r) =>
    r.f.gap &&
    (l.f.det !== "pron" || /^(?:all|everything)$/.test(headTerminal(l).lemma ?? "")) &&
    l.f.det !== "proper" &&
    headTerminal(r).cat !== "be" &&
    !endsInAside(l) &&
    !isHadByNoun(r)
      ? // "After two months at sea *their gums bled*": how long, and seldom which months.
        { f: l.f, cost: l.f.num === "pl" && TIME_NOUNS.has(headTerminal(l).lemma ?? "") ? 1.5 : 0 }
      : undefined,
  );
  // "five of the seven"
  rule("np", "qn pp", 0, "postmodifier", 0.4, (l, r) => (r.f.sub === "of" && l.f.sub === undefined ? { num: l.f.num ?? "pl", det: "num" } : undefined));
  // "citizens, *usually twelve*, who listen", "an animal, *often no bigger than a pea*, that lives …"
  rule("c-ap-c", "c-ap comma", 0, "mark", 0);
  rule("ap", "adv num", 1, "modifier", 0.6, (l, r) => (l.f.sub === "freq" && !r.flags?.includes("year") ? { sub: "often" } : undefined));
  rule("np", "np c-ap-c", 0, "apposition", 0.9, (l, r) => {
    const ap = r.kids[0]?.kids[1];
    return l.f.det !== "pron" && ap && (ap.f.sub === "often" || tellsHowMuch(ap)) ? l.f : undefined;
  });
  // "grains no bigger than a grain of rice"
  rule("np", "np ap", 0, "postmodifier", 1.1, (l, r) => {
    if (l.f.det === "pron" || l.f.det === "proper") return undefined;
    // "a path *two metres wide*"
    return tellsHowMuch(r) ? l.f : r.role === "measure" ? { f: l.f, cost: -0.4 } : undefined;
  });
  // "a brain *the size of a seed*", "children *our age*"
  rule("np", "np np", 0, "postmodifier", 0.8, (l, r) => {
    const isMeasure = /^(?:size|length|height|width|shape|colou?r|age|weight|thickness|depth)$/.test(headTerminal(r).lemma ?? "");
    const isTold = (r.f.det === "def" && r.role === "postmodifier" && r.kids[1]?.f.sub === "of") || (r.f.det === "poss" && r.end - r.start === 2);
    return isMeasure && isTold && l.f.det !== "pron" && l.f.det !== "proper" ? l.f : undefined;
  });
  // "number 41", "page 12"
  rule("np", "n num", 0, "number", 0.3, (l) =>
    /^(?:number|page|chapter|room|platform|figure|line|gate|level|stage|step|pier|berth)$/.test(l.lemma ?? "") && l.flags?.[0] === "sg"
      ? { num: "sg", det: "proper" }
      : undefined,
  );
  // "molten rock*, or magma,*"
  rule("or-np", "conj np", 1, "mark", 0, (l, r) => (l.f.sub === "or" && (r.f.det === "bare" || r.f.det === "indef") && r.end - r.start <= 3 ? r.f : undefined));
  rule("c-or", "comma or-np", 1, "mark", 0);
  rule("c-or-c", "c-or comma", 0, "mark", 0);
  rule("np", "np c-or-c", 0, "apposition", 0.6, (l, r) =>
    l.f.det !== "pron" && l.f.det !== "proper" && agreeNumbers(l.f.num ?? "any", r.f.num ?? "any") ? l.f : undefined,
  );
  // "from one vat to *the next*"
  rule("np", "det ord", 0, "determiner", 0.5, (l, r) => (l.flags?.includes("def") && r.lemma === "next" ? { num: "sg", det: "dem" } : undefined));
  // "the largest of the islands"
  rule("best", "det ap", 1, "determiner", 0, (l, r) => (l.flags?.includes("def") && isSuperlative(r) ? { num: "sg", det: "def" } : undefined));
  rule("np", "best pp", 0, "postmodifier", 0.2, (l, r) => (r.f.sub === "of" ? l.f : undefined));

  // "some trials, such as those about fraud, are too hard"
  rule("np", "np c-pp-c", 0, "examples", 0.5, (l, r) => (r.kids[0]?.kids[1]?.f.sub === "suchas" && l.f.det !== "pron" ? l.f : undefined));
  rule("j-np", "conj np", 1, "mark", 0, (l, r) => (l.f.sub === "and" || l.f.sub === "or" || l.f.sub === "nor" ? { ...r.f, sub: l.f.sub } : undefined));
  // "a university *and not a school*"
  rule("not-np", "not np", 1, "mark", 0, (_, r) => (/^(?:def|indef|proper|poss)$/.test(r.f.det ?? "") ? r.f : undefined));
  rule("j-np", "conj not-np", 1, "mark", 0.3, (l, r) => (l.f.sub === "and" || l.f.sub === "but" ? { ...r.f, sub: "and" } : undefined));
  // "both the keeper and his wife", "neither a fish nor a lizard"
  rule("np", "corr np", 1, "correlative", -0.2, (l, r) =>
    r.role === "coordination" && JOINED_BY[l.lemma ?? ""] === r.kids[1]?.f.sub ? { ...r.f, num: l.lemma === "both" ? "pl" : "any" } : undefined,
  );
  const joined = (l: Node, r: Node): Features | undefined =>
    l.f.kase === "subj" || l.f.sub === "refl"
      ? undefined
      : { num: r.f.sub === "or" || r.f.sub === "nor" ? "any" : "pl", det: l.f.det === "proper" ? "proper" : (l.f.det ?? "bare") };
  // "swept paper from the floor and ground soot": with *the floor* goes *the soot*.
  const unlike = (l: Node, r: Node) => (l.f.det === "def" && l.f.num === "sg" && r.f.det === "bare" && r.f.num !== "pl" ? 1.6 : 0);
  rule("np", "np j-np", 0, "coordination", 0.5, (l, r) => {
    const f = joined(l, r);
    // "*reduced* hours and *improved* pay": alike, and no verb of its own.
    const alike = opensWithParticiple(l) && opensWithParticiple(r.kids[1] ?? r) ? -1.2 : 0;
    return f && { f, cost: unlike(l, r) + alike };
  });
  // "higher than *the other*", "the two made seven journeys": of what, another sentence says.
  rule("np", "det adj", 0, "determiner", 0.6, (l, r) => (l.flags?.includes("def") && r.lemma === "other" ? { num: "sg", det: "dem" } : undefined));
  rule("np", "det num", 0, "number", 1.2, (l, r) =>
    l.flags?.includes("def") && /^(?:two|three|four)$/.test(r.lemma ?? "") ? { num: "pl", det: "dem" } : undefined,
  );
  // "the key to *the other two*"
  rule("onum", "adj num", 1, "modifier", 0, (l, r) => (l.lemma === "other" && /^(?:two|three|four)$/.test(r.lemma ?? "") ? {} : undefined));
  rule("np", "det onum", 0, "number", 0.6, (l) => (l.flags?.includes("def") ? { num: "pl", det: "dem" } : undefined));
  // "the bones *inside*"
  rule("np", "np adv", 0, "postmodifier", 1.6, (l, r) => (l.f.det !== "pron" && l.f.det !== "proper" && INSIDE.test(r.lemma ?? "") ? l.f : undefined));
  // "did not want the others to hear him"
  rule("np", "det pro", 0, "determiner", 0.2, (l, r) => (l.flags?.includes("def") && r.lemma === "others" ? { num: "pl", det: "dem" } : undefined));
  // "On 2 May, *2000, officers and pilots* left": a year stands in a list of years only.
  const isYear = (np: Node) => np.role === "number" && headTerminal(np).flags?.includes("year");
  rule("npl", "np c-np", 0, "coordination", 0.3, (l, r) => (l.f.det === "pron" || (isYear(l) && !isYear(r.kids[1] ?? r)) ? undefined : l.f));
  rule("npl", "npl c-np", 0, "coordination", 0.1);
  rule("np", "npl j-np", 0, "coordination", 0.1, joined);
  rule("c-j-np", "comma j-np", 1, "mark", 0);
  rule("np", "npl c-j-np", 0, "coordination", 0.1, joined);
  rule("j-nb", "conj nb", 1, "mark", 0, (l, r) => (l.f.sub === "and" || l.f.sub === "or" ? r.f : undefined));
  rule("nb", "nb j-nb", 0, "coordination", 0.8, (l, r) => (l.f.det || r.f.det ? undefined : { num: "any" }));
}
