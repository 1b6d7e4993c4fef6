import { MONTHS, TIME_NOUNS } from "../data/noun-classes";
import { type Features, headTerminal, type Node } from "../tree";
import { firstWord, isBareSubject, isRate, isRecurringTime, opensWithAs, opensWithParticiple, opensWithThat } from "./phrase-shapes";
import { agreeNumbers, type RuleWriter } from "./rule-writer";

/** What comes in pairs. */
const PAIRED = /^(?:inner|outer|upper|lower|left|right|front|back|northern|southern|eastern|western|first|second|young|old|warm|cold|rich|poor)$/;
/** Somebody or something, of those that a phrase behind it tells. */
const ANYBODY = /^(?:(?:hardly|scarcely|almost|nearly|not) )?(?:no|every|some|any)(?:body| ?one|thing)$/;
const INSIDE = /^(?:inside|outside|below|beneath|underneath|above|nearby|indoors|outdoors|upstairs|downstairs|ashore|aboard|across)$/;

/** "set out", "broke up … to find", "parents *read the list*": a verb with its particle, or with a purpose, is seldom a reduced clause, and nobody is read something. */
function isOwnVerb(vp: Node): boolean {
  if (vp.cat === "vt" || (vp.role === "particle" && vp.kids.length === 2) || headTerminal(vp).lemma === "read") return true;
  if (vp.role === "adjunct" && (vp.kids[1]?.f.form === "to" || vp.kids[1]?.f.sub === "particle")) return true;
  return vp.cat === "vg" || vp.cat === "vp" ? isOwnVerb(vp.kids[vp.head] ?? { ...vp, cat: "", kids: [], role: "" }) : false;
}

/** Adjectives that name people by themselves. */
const PEOPLE_WHO_ARE =
  /^(?:guilty|innocent|poor|rich|wealthy|sick|ill|injured|wounded|homeless|hungry|unemployed|elderly|disabled|blind|deaf|dead|dying|weak|needy)$/;

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

/** "the food *they had*", but not "the ship *the town had* diverted". */
function isHadByNoun(s: Node): boolean {
  return headTerminal(s).cat === "have" && s.end - headTerminal(s).end === 0 && s.kids[0]?.f.det !== "pron";
}

const STANDS_BEHIND =
  /^(?:use|involve|concern|need|require|give|take|make|produce|find|leave|know|say|write|collect|pay|ask|offer|choose|select|catch|see|describe|mention|list)$/;

/** What is written, sung or said about something. */
const TOLD_ABOUT = /^(?:book|booklet|article|story|song|film|letter|report|question|talk|lesson|poem|play|programme|information|news|novel|law|rule)$/;

/** Part of many: they do, or it does. */
const SHARES = /^(?:half|third|quarter|fifth|sixth|tenth|majority|minority|number|handful|variety)$/;

/** The conjunction that goes with the word in front. */
export const JOINED_BY: Record<string, string> = { both: "and", either: "or", neither: "nor" };

/** What follows a noun phrase and belongs to it, and how noun phrases are joined. */
export function addNounPhraseRules({ rule, lift, isPlaceName, isVerbToo }: RuleWriter): void {
  rule("np", "np pp", 0, "postmodifier", 0, (l, r) => {
    // "more snow falls each winter than the sun can remove": a winter is compared with nothing.
    if (r.f.sub === "than" && (l.f.time || TIME_NOUNS.has(headTerminal(l).lemma ?? ""))) return undefined;
    // "*nobody on the council* minds"
    if (ANYBODY.test(headTerminal(l).lemma ?? "") && l.end - l.start <= 2 && /^(?:in|on|at|from)$/.test(r.f.sub ?? ""))
      return { f: l.f, cost: r.f.time ? 2 : 0.6 };
    // "those about fraud"
    if (l.f.det === "pron" && r.f.sub !== "of" && headTerminal(l).lemma !== "those") return undefined;
    // "tannins, which slow the growth *of bacteria*": behind an aside a phrase belongs into it.
    if (endsInAside(l)) return { f: l.f, cost: 3 };
    // "the International Foundation *for Electoral Systems*": a name of several words.
    if (l.f.det === "def" && headTerminal(l).cat === "pn" && r.f.sub === "for" && r.kids[1]?.f.det === "proper") return { f: l.f, cost: 0 };
    // "the first lamp *in the country*": of which it is the first.
    // "*a quarter of all fish* spend", "*a large number of them* die"
    const isShare = r.f.sub === "of" && l.f.num === "sg" && SHARES.test(headTerminal(l).lemma ?? "") && r.kids[1]?.f.num !== "sg";
    if (isShare) return { f: { ...l.f, num: "any" }, cost: 0.05 };
    const isFirst = singlesOut(l) || (l.role === "postmodifier" && r.f.sub === "in" && singlesOut(l.kids[0]!));
    if (isFirst && !r.f.time && /^(?:in|on)$/.test(r.f.sub ?? "")) return { f: l.f, cost: 0 };
    // "a book *about the microscope*"
    if (r.f.sub === "about" && TOLD_ABOUT.test(headTerminal(l).lemma ?? "")) return { f: l.f, cost: 0.1 };
    return { f: l.f, cost: r.f.sub === "of" ? 0.05 : r.f.sub === "suchas" ? 0.2 : l.f.det === "proper" ? 2 : l.f.time ? 2.5 : 0.9 };
  });
  // "four hours *every Sunday*"
  rule("np", "np np", 0, "postmodifier", 0.4, (l, r) =>
    l.f.num === "pl" && TIME_NOUNS.has(headTerminal(l).lemma ?? "") && l.role === "quantity" && (isRecurringTime(r) || isRate(r)) ? l.f : undefined,
  );
  // "*something valuable* that the bank may take"
  rule("np", "np ap", 0, "modifier", 0.3, (l, r) =>
    /^(?:some|any|no|every)thing$/.test(headTerminal(l).lemma ?? "") &&
    l.end - l.start === 1 &&
    r.end - r.start <= 2 &&
    !headTerminal(r).flags?.includes("comparative")
      ? l.f
      : undefined,
  );
  // "anyone who breaks a by-law"
  rule("np", "np rc", 0, "relative", 0.6, (l, r) => {
    // "proved in *2004 that the dune is not needed*", "gave so much in *Cairo that its price fell*": neither a year nor a name is told apart so.
    if (r.f.sub === "that" && headTerminal(l).flags?.includes("year")) return undefined;
    if (r.f.sub === "that" && l.f.det === "proper") return { f: l.f, cost: 2 };
    // "gave *so little water* that the mayor hung a lock on it": what came of it.
    if (r.f.sub === "that" && firstWord(l) === "so") return { f: l.f, cost: 3 };
    if (l.f.sub === "indef") return { ...l.f, det: "quant" };
    // "a deductible, an amount *that the owner must pay*": behind an aside a clause belongs into it.
    if (endsInAside(l)) return { f: l.f, cost: 2 };
    // "those who break a by-law"
    // "compares it with *others that were sold*"
    return l.f.det !== "pron" || /^(?:those|others)$/.test(headTerminal(l).lemma ?? "") ? l.f : undefined;
  });
  rule("c-rc", "comma rc", 1, "mark", 0, (_, r) => (r.f.sub === "that" ? undefined : r.f));
  rule("c-rc-c", "c-rc comma", 0, "mark", 0);
  // "the rings of glass, which bend the light": the rings.
  const tellsOf = (l: Node, r: Node) => (agreeNumbers(l.f.num ?? "any", (r.f.agr as "any") ?? "any") ? l.f : undefined);
  rule("np", "np c-rc", 0, "relative", 0.9, tellsOf);
  rule("np", "np c-rc-c", 0, "relative", 0.6, tellsOf);
  // "a wind of *42 miles an hour*"
  rule("np", "np np", 0, "rate", 1.5, (l, r) =>
    l.role === "quantity" && r.f.det === "indef" && r.end - r.start === 2 && TIME_NOUNS.has(headTerminal(r).lemma ?? "") ? l.f : undefined,
  );
  rule("c-np", "comma np", 1, "mark", 0, (_, r) => (r.f.det === "pron" ? undefined : r.f));
  rule("c-np-c", "c-np comma", 0, "mark", 0);
  // A time is not explained by what follows it: "In 1881, the scientist …"; nor a thing by a bare number.
  const explains = (l: Node, r: Node) =>
    // "Born in Hobart, *Tasmania, Everett* was …": a place is no person.
    (isPlaceName(l) && r.f.det === "proper" && !isPlaceName(r)) ||
    l.f.det === "pron" ||
    l.f.time ||
    TIME_NOUNS.has(headTerminal(l).lemma ?? "") ||
    // "On the morning of *November 7*, a steady wind …"
    MONTHS.has(headTerminal(l).lemma ?? "") ||
    r.f.det === "num" ||
    agreeNumbers(l.f.num ?? "any", r.f.num ?? "any") === undefined
      ? undefined
      : l.f;
  rule("np", "np c-np-c", 0, "apposition", 1.6, explains);
  // "*One of them*, Emily Davison, hid in a cupboard": the name says which.
  const isOneOf = (l: Node) => l.role === "determiner" && l.kids[0]?.flags?.includes("oneof");
  rule("np", "np c-np-c", 0, "apposition", 0.8, (l, r) => (isOneOf(l) && r.f.det === "proper" && !isPlaceName(r) ? { num: "sg", det: "indef" } : undefined));
  // "These crystals, a rare mineral called …, have": many of one sort.
  rule("np", "np c-np-c", 0, "apposition", 2.4, (l, r) => (l.f.num === "pl" && !l.f.time && l.f.det !== "pron" && r.f.det === "indef" ? l.f : undefined));
  // "Florey and Chain, *two scientists at Oxford*, …"
  rule("np", "np c-np-c", 0, "apposition", 0.8, (l, r) =>
    l.role === "coordination" && l.f.det === "proper" && r.f.det === "num" && r.f.num === "pl" ? l.f : undefined,
  );
  rule("np", "np c-np", 0, "apposition", 2.4, explains);
  // "everyone *on board*"
  rule("np", "np adv", 0, "postmodifier", 0.6, (l, r) => (r.lemma === "on board" && l.f.kase !== "subj" ? l.f : undefined));
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
    // "In *1844 it came out that* …": no year is told apart so.
    !headTerminal(l).flags?.includes("year") &&
    (l.f.det !== "pron" || /^(?:all|everything|something|anything|nothing)$/.test(headTerminal(l).lemma ?? "")) &&
    l.f.det !== "proper" &&
    headTerminal(r).cat !== "be" &&
    !endsInAside(l) &&
    !isHadByNoun(r)
      ? // "After two months at sea *their gums bled*": how long, and seldom which months.
        // "skate parks, *bus passes* and safety": a list, and no parks that a bus passes.
        { f: l.f, cost: (l.f.num === "pl" && TIME_NOUNS.has(headTerminal(l).lemma ?? "") ? 1.5 : 0) + (isBareSubject(r) ? 3 : 0) }
      : undefined,
  );
  // "apologised for *the way it had treated her*", "*the day the bridge was opened*"
  rule("np", "np s", 0, "relative", 1.2, (l, r) =>
    !r.f.gap &&
    r.role === "subject" &&
    l.f.det === "def" &&
    l.f.num === "sg" &&
    l.end - l.start <= 3 &&
    /^(?:way|moment|instant|minute|day|night|week|month|year|time|spring|summer|winter|morning|evening)$/.test(headTerminal(l).lemma ?? "") &&
    !isBareSubject(r) &&
    !opensWithThat(r)
      ? l.f
      : undefined,
  );
  // "needs a path, *usually a copper wire*"
  rule("usual-np", "adv np", 1, "modifier", 0, (l, r) => (l.f.sub === "freq" && !l.flags?.includes("neg") && r.f.det === "indef" ? r.f : undefined));
  rule("c-usual", "comma usual-np", 1, "mark", 0);
  rule("c-usual-c", "c-usual comma", 0, "mark", 0);
  for (const cat of ["c-usual", "c-usual-c"]) rule("np", `np ${cat}`, 0, "apposition", 0.9, (l) => (l.f.det === "pron" ? undefined : l.f));
  // "printed *too many*"
  rule("np", "adv pro", 1, "modifier", 1.2, (l, r) =>
    /^(?:too|so)$/.test(l.lemma ?? "") && /^(?:many|much|few)$/.test(r.lemma ?? "") ? { det: "pron", num: r.lemma === "much" ? "sg" : "pl" } : undefined,
  );
  // "*The raking* costs us sand"
  rule("np", "det v", 1, "gerund", 1.8, (l, r) => (l.flags?.includes("def") && r.flags?.[0] === "ing" ? { num: "sg", det: "def" } : undefined));
  // "five of the seven"
  // "Christian and *eight others*"
  rule("np", "qn pro", 1, "quantity", 0.3, (_, r) => (r.lemma === "others" ? { num: "pl", det: "num" } : undefined));
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
    // "teaches science *better than a book does*": how well it teaches.
    if (/^(?:better|worse|good|bad)$/.test(headTerminal(r).lemma ?? "")) return { f: l.f, cost: 1.5 };
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
  // "a simple majority*, that is, more than half of the votes*"
  rule("ie-open", "comma thatis", 1, "mark", 0);
  rule("ie", "ie-open comma", 0, "mark", 0);
  rule("c-ie", "ie np", 1, "mark", 0);
  rule("c-ie-c", "c-ie comma", 0, "mark", 0);
  for (const cat of ["c-ie", "c-ie-c"]) rule("np", `np ${cat}`, 0, "apposition", 0.2, (l) => (l.f.det === "pron" ? undefined : l.f));
  // "from one vat to *the next*"
  rule("np", "det ord", 0, "determiner", 0.5, (l, r) => (l.flags?.includes("def") && r.lemma === "next" ? { num: "sg", det: "dem" } : undefined));
  // "became *the first in the valley to have electric light*", "were *the first to reach the pole*"
  rule("firstn", "det ord", 0, "determiner", 0.4, (l, r) =>
    l.flags?.includes("def") && /^(?:first|second|last)$/.test(r.lemma ?? "") ? { num: "any", det: "def" } : undefined,
  );
  rule("firstn", "firstn pp", 0, "postmodifier", 0.3, (l, r) => (/^(?:in|of|from)$/.test(r.f.sub ?? "") ? l.f : undefined));
  rule("np", "firstn vp", 0, "reduced", 0.2, (l, r) => (r.f.form === "to" && !r.f.gap ? l.f : undefined));
  // "the largest of the islands"
  // "the library of Selm, *the largest in the ancient world*"
  rule("bestof", "best pp", 0, "postmodifier", 0.2, (l, r) => (/^(?:in|of|on|among)$/.test(r.f.sub ?? "") ? l.f : undefined));
  rule("c-best", "comma bestof", 1, "mark", 0);
  rule("c-best-c", "c-best comma", 0, "mark", 0);
  for (const cat of ["c-best", "c-best-c"])
    rule("np", `np ${cat}`, 0, "apposition", 1, (l) => (l.f.det === "pron" || l.f.num === "pl" || l.f.time ? undefined : l.f));
  // "*The ninth* had given up", "even if *the first* is torn off"
  rule("np", "det ord", 1, "ordinal", 1.5, (l, r) => (l.flags?.includes("def") && r.lemma !== "next" ? { num: "any", det: "dem" } : undefined));
  // "*the last three* were almost perfect"
  rule("ord-num", "ord qn", 0, "number", 0.2, (ord, qn) => (qn.f.num === "pl" && !qn.f.sub ? ord.f : undefined));
  rule("np", "det ord-num", 1, "ordinal", 1.5, (l) => (l.flags?.includes("def") ? { num: "pl", det: "dem" } : undefined));
  // "Britain did *the same*"
  rule("np", "det adj", 1, "ordinal", 1.2, (l, r) => (l.flags?.includes("def") && r.flags?.includes("same") ? { num: "sg", det: "dem" } : undefined));
  rule("best", "det ap", 1, "determiner", 0, (l, r) => (l.flags?.includes("def") && isSuperlative(r) ? { num: "sg", det: "def" } : undefined));
  // "helps *the guilty*", "cares for *the sick*": all who are so.
  rule("np", "det ap", 1, "determiner", 1.4, (l, r) =>
    l.flags?.includes("def") && r.kids.length === 1 && PEOPLE_WHO_ARE.test(headTerminal(r).lemma ?? "") ? { num: "pl", det: "def" } : undefined,
  );
  // "one of *the best* in the country"
  rule("np", "det best", 1, "determiner", 0.3, (l) => (l.flags?.includes("oneof") ? { num: "sg", det: "quant" } : undefined));
  rule("np", "best pp", 0, "postmodifier", 0.2, (l, r) => (r.f.sub === "of" ? l.f : undefined));
  // "some trials, such as those about fraud, are too hard"
  rule("np", "np c-pp-c", 0, "examples", 0.5, (l, r) => (r.kids[0]?.kids[1]?.f.sub === "suchas" && l.f.det !== "pron" ? l.f : undefined));
  rule("j-np", "conj np", 1, "mark", 0, (l, r) => (l.f.sub === "and" || l.f.sub === "or" || l.f.sub === "nor" ? { ...r.f, sub: l.f.sub } : undefined));
  // "a university *and not a school*"
  rule("not-np", "not np", 1, "mark", 0, (_, r) => (/^(?:def|indef|proper|poss)$/.test(r.f.det ?? "") ? r.f : undefined));
  rule("j-np", "conj not-np", 1, "mark", 0.3, (l, r) => (l.f.sub === "and" || l.f.sub === "but" ? { ...r.f, sub: "and" } : undefined));
  // "counted hours, *not seconds*": what it is set against.
  rule("not-other", "not np", 1, "mark", 0, (_, r) => (r.f.det === "pron" || r.f.det === "clause" ? undefined : r.f));
  rule("c-not-other", "comma not-other", 1, "mark", 0);
  rule("np", "np c-not-other", 0, "contrast", 0.7, (l, r) => (l.f.det === "pron" || !agreeNumbers(l.f.num ?? "any", r.f.num ?? "any") ? undefined : l.f));
  // "*The week before the term ends* is always busy"
  rule("np", "np sb", 0, "postmodifier", 0.4, (l, r) =>
    l.f.det === "def" && l.f.num === "sg" && l.end - l.start === 2 && TIME_NOUNS.has(headTerminal(l).lemma ?? "") && /^(?:after|before)$/.test(r.f.sub ?? "")
      ? l.f
      : undefined,
  );
  // "Every plot has *a page of its own*"
  rule("ownp", "prep ownn", 1, "mark", 0, (l) => (l.lemma === "of" ? { sub: "of" } : undefined));
  rule("np", "np ownp", 0, "postmodifier", 0, (l) => (l.f.det === "pron" || l.f.det === "def" ? undefined : l.f));
  rule("ownn", "poss adj", 0, "mark", 0, (_, r) => (r.lemma === "own" ? {} : undefined));
  // "left New York before *their own*"
  lift("np", "ownn", "possessor", () => ({ f: { num: "any", det: "pron" }, cost: 1.2 }));
  // "both the keeper and his wife", "neither a fish nor a lizard"
  rule("np", "corr np", 1, "correlative", -0.2, (l, r) =>
    r.role === "coordination" && JOINED_BY[l.lemma ?? ""] === r.kids[1]?.f.sub ? { ...r.f, num: l.lemma === "both" ? "pl" : "any" } : undefined,
  );
  const joined = (l: Node, r: Node): Features | undefined =>
    l.f.kase === "subj" || l.f.sub === "refl"
      ? undefined
      : { num: r.f.sub === "or" || r.f.sub === "nor" ? "any" : "pl", det: l.f.det === "proper" ? "proper" : (l.f.det ?? "bare") };
  // "swept paper from the floor and ground soot": with *the floor* goes *the soot*.
  const unlike = (l: Node, r: Node) => {
    // "at *Carver Middle School and exactly one patch of grass*"; "built a model *and set fire* to it"
    if ((l.f.det === "proper" && r.f.det === "num") || (r.kids[1] && firstWord(r.kids[1]) === "set")) return 1.5;
    if (r.f.det !== "bare" || l.f.num !== "sg") return 0;
    // "cools in the sewer and *sticks* to its walls"
    if (r.f.num === "pl")
      return r.end - r.start === 2 && (l.f.det === "def" || l.f.det === "indef" || l.f.det === "bare") && isVerbToo(headTerminal(r), 1 / 3) ? 1.4 : 0;
    return l.f.det === "def" ? 1.6 : 0;
  };
  rule("np", "np j-np", 0, "coordination", 0.5, (l, r) => {
    const f = joined(l, r);
    // "*reduced* hours and *improved* pay": alike, and no verb of its own.
    const alike = opensWithParticiple(l) && opensWithParticiple(r.kids[1] ?? r) ? -1.2 : 0;
    return f && { f, cost: unlike(l, r) + alike + (endsInAside(l) ? 2.5 : 0) };
  });
  // "*she and her sister Emily* opened a hospital"
  rule("np", "np j-np", 0, "coordination", 0.2, (l, r) =>
    l.f.kase === "subj" && l.end - l.start === 1 && r.f.sub === "and" && r.f.det !== "bare" ? { num: "pl", det: "pron", kase: "subj" } : undefined,
  );
  // "became a teacher *and later a dressmaker*"
  rule("later-np", "adv np", 1, "modifier", 0.2, (l, r) =>
    /^(?:later|then|finally|eventually|soon|perhaps)$/.test(l.lemma ?? "") && r.f.det === "indef" ? r.f : undefined,
  );
  rule("j-np", "conj later-np", 1, "mark", 0, (l, r) => (l.f.sub === "and" ? { ...r.f, sub: "and" } : undefined));
  // "between *the inner and the outer hull*"
  rule("dap", "det ap", 1, "determiner", 0.2, (l, r) => (l.flags?.includes("def") && PAIRED.test(headTerminal(r).lemma ?? "") ? {} : undefined));
  rule("j-dap", "conj dap", 1, "mark", 0, (l) => (l.f.sub === "and" ? {} : undefined));
  rule("daps", "dap j-dap", 0, "coordination", 0);
  rule("np", "daps nb", 1, "modifier", 0.2, () => ({ num: "pl", det: "def" }));
  // "higher than *the other*", "the two made seven journeys": of what, another sentence says.
  rule("np", "det adj", 0, "determiner", 0.6, (l, r) => (l.flags?.includes("def") && r.lemma === "other" ? { num: "sg", det: "dem" } : undefined));
  rule("np", "det num", 0, "number", 1.2, (l, r) =>
    l.flags?.includes("def") && /^(?:two|three|four|five|six|seven)$/.test(r.lemma ?? "") ? { num: "pl", det: "dem" } : undefined,
  );
  // "on *the third of May*"
  rule("np", "np pp", 0, "date", -1, (l, r) =>
    l.role === "ordinal" && r.f.sub === "of" && MONTHS.has(headTerminal(r).lemma ?? "") ? { num: "sg", det: "proper", time: true } : undefined,
  );
  // "the key to *the other two*"
  rule("onum", "adj num", 1, "modifier", 0, (l, r) => (l.lemma === "other" && /^(?:two|three|four)$/.test(r.lemma ?? "") ? {} : undefined));
  rule("np", "det onum", 0, "number", 0.6, (l) => (l.flags?.includes("def") ? { num: "pl", det: "dem" } : undefined));
  // "the bones *inside*"
  rule("np", "np adv", 0, "postmodifier", 1.6, (l, r) => (l.f.det !== "pron" && l.f.det !== "proper" && INSIDE.test(r.lemma ?? "") ? l.f : undefined));
  // "on *her first day back*"
  rule("np", "np adv", 0, "postmodifier", 0, (l, r) =>
    r.lemma === "back" && /^(?:poss|def)$/.test(l.f.det ?? "") && TIME_NOUNS.has(headTerminal(l).lemma ?? "") ? l.f : undefined,
  );
  // "between eleven at night and *five in the morning*": an hour.
  rule("np", "np pp", 0, "hour", -0.6, (l, r) =>
    l.role === "number" &&
    l.end - l.start === 1 &&
    /^(?:in|at)$/.test(r.kids[0]?.lemma ?? "") &&
    /^(?:morning|afternoon|evening|night|noon)$/.test(headTerminal(r).lemma ?? "")
      ? { ...l.f, time: true }
      : undefined,
  );
  // "*minus seven* degrees"
  rule("qn", "minus qn", 1, "below", 0);
  // "sailors *sixty kilometres away*"
  rule("np", "np advp", 0, "postmodifier", 1.3, (l, r) =>
    r.role === "measure" &&
    r.kids[0]?.f.det === "num" &&
    /^(?:away|inland|offshore|apart)$/.test(headTerminal(r).lemma ?? "") &&
    /^(?:bare|num|indef|quant)$/.test(l.f.det ?? "")
      ? l.f
      : undefined,
  );
  // "did not want the others to hear him"
  rule("np", "det pro", 0, "determiner", 0.2, (l, r) => (l.flags?.includes("def") && r.lemma === "others" ? { num: "pl", det: "dem" } : undefined));
  // "On 2 May, *2000, officers and pilots* left": a year stands in a list of years only.
  const isYear = (np: Node) => np.role === "number" && headTerminal(np).flags?.includes("year");
  rule("npl", "np c-np", 0, "coordination", 0.3, (l, r) => (l.f.det === "pron" || endsInAside(l) || (isYear(l) && !isYear(r.kids[1] ?? r)) ? undefined : l.f));
  rule("npl", "npl c-np", 0, "coordination", 0.1);
  rule("np", "npl j-np", 0, "coordination", 0.1, joined);
  rule("c-j-np", "comma j-np", 1, "mark", 0);
  rule("np", "npl c-j-np", 0, "coordination", 0.1, joined);
  rule("j-nb", "conj nb", 1, "mark", 0, (l, r) => (/^(?:and|or)$/.test(l.f.sub ?? "") ? { f: r.f, cost: firstWord(r) === "set" ? 2.5 : 0 } : undefined));
  rule("nb", "nb j-nb", 0, "coordination", 0.8, (l, r) => (l.f.det || r.f.det ? undefined : { num: "any" }));
}
