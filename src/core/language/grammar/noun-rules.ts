import { SAME_PLURAL } from "../data/irregular-nouns";
import { DEMONYMS, isWeekday, MONTHS, TIME_NOUNS, UNIT_NOUNS } from "../data/noun-classes";
import { type Features, headTerminal, type Node } from "../tree";
import { firstWord } from "./phrase-shapes";
import { agreeNumbers, type RuleWriter } from "./rule-writer";

const PEOPLES = /(?:[aio]ns|kings|eeks|ists|nards|urks|wedes|anes|ettlers|ounders|oners|landers|orkers|elts|nuits?|[cv]hinese|apanese)$/i;

/** "the Romans", "the Aztecs" */
function mayBePeople(name: string): boolean {
  return PEOPLES.test(name) || (name.endsWith("s") && DEMONYMS.has(name.slice(0, -1).toLowerCase()));
}

function capitalised(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1).toLowerCase();
}

/** What is told apart by its number. */
const NUMBERED =
  /^(?:number|page|room|platform|chapter|line|route|gate|track|highway|apartment|bus|tram|pier|class|grade|form|unit|lesson|level|stage|lane|berth|flat|cell|dock)$/;

/** The last number word of "two hundred". */
function lastWord(qn: Node): string {
  return qn.kids.length === 0 ? (qn.lemma ?? "") : lastWord(qn.kids.at(-1)!);
}

/** A year, with or without its era, or some years. */
function isDated(qn: Node): boolean {
  return qn.f.sub === "year" || qn.f.sub === "era";
}

/** Nouns and what stands before them. */
export function addNounRules({ isVerbToo, rule, lift, isAnimal, isPerson }: RuleWriter): void {
  lift("nb", "n", "noun", (n) => ({ f: { num: n.f.num ?? "sg" }, cost: 0 }));
  // "the Romans made their concrete": a people is many.
  lift("pnb", "pn", "noun", (n) => ({ f: { num: mayBePeople(n.lemma ?? "") ? "any" : "sg", det: "proper" }, cost: 0 }));
  // "One *Sunday Grandfather* did not come": a day, and whoever did.
  rule("pnb", "pn pnb", 1, "name", 0, (l, r) => ({ f: r.f, cost: isWeekday(l.lemma ?? "") ? 1.5 : 0 }));
  rule("pnb", "pnb num", 0, "name", 1.2);
  // "the scientist Charles Darwin", "the geologist Marie Jackson": who the name is, said before it.
  rule("np", "np pnb", 1, "title", 0.1, (l, r) =>
    // "in the sixteenth century *Spanish ships*": a time has no name behind it.
    l.f.det === "def" && l.f.num !== "pl" && l.role === "determiner" && headTerminal(l).cat === "n" && !TIME_NOUNS.has(headTerminal(l).lemma ?? "")
      ? { ...r.f, num: "sg", det: "proper" }
      : undefined,
  );
  // "her sister *Emily*"
  rule("np", "np pnb", 1, "title", 0.1, (l, r) =>
    l.f.det === "poss" && l.f.num === "sg" && l.end - l.start <= 3 && isPerson(headTerminal(l)) ? { ...r.f, num: "sg", det: "proper" } : undefined,
  );
  // "*British explorer* James Cook"
  rule("np", "nb pnb", 1, "title", 0.4, (l, r) =>
    !l.f.det && l.f.num === "sg" && headTerminal(l).cat === "n" && isPerson(headTerminal(l)) ? { ...r.f, num: "sg", det: "proper" } : undefined,
  );
  // "Alexander the Great", "Cancer the Crab", "Bruno *the tailor*"
  const isBeing = (n: Node) => n.flags?.[0] === "sg" && (isPerson(n) || isAnimal(n));
  rule("np", "pnb np", 0, "title", 0.6, (l, r) =>
    r.f.det === "def" && r.role === "determiner" && r.end - r.start === 2 && (headTerminal(r).cat === "pn" || isBeing(headTerminal(r)))
      ? { ...l.f, num: "sg", det: "proper" }
      : undefined,
  );
  // "11 November 1902", "2 March"
  rule("np", "num pnb", 1, "date", 0, (_, r) => (MONTHS.has(capitalised(firstWord(r))) ? { num: "sg", det: "proper", time: true } : undefined));
  // "May 18", "August 20, 1923"; but "by November *twenty* thousand families had joined"
  rule("np", "pnb num", 0, "date", 0, (l, r) =>
    MONTHS.has(capitalised(firstWord(l))) && !/^\p{L}/u.test(firstWord(r)) ? { num: "sg", det: "proper", time: true } : undefined,
  );
  // "in about the year 552"
  rule("np", "np num", 0, "date", -0.5, (l) =>
    headTerminal(l).lemma === "year" && l.f.num !== "pl" && l.f.det === "def" && l.role === "determiner" ? { num: "sg", det: "proper", time: true } : undefined,
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
  // "*The artists ground* coloured earth": what they did, and no ground of theirs.
  const PAST_TOO = /^(?:ground|left|saw|felt|wound|bore|dove|fell|spoke|rose|shot|cast)$/;
  // "the plant *needs* help": what may be a verb is one, sooner than the end of a name.
  rule("nb", "n nb", 1, "compound", 0.5, (l, r) =>
    r.f.det === "proper"
      ? undefined
      : {
          f: r.f,
          cost:
            (l.f.num === "pl" && !/^(?:sports?|clothes|goods|arts)$/.test(l.lemma ?? "")
              ? PAST_TOO.test(headTerminal(r).lemma ?? "") && isPerson(l)
                ? 4
                : 1.5
              : 0) +
            insideCompound(r) +
            (r.f.num === "pl" && isVerbToo(headTerminal(r), 2) ? 2.6 : 0),
        },
  );
  rule("nb", "pnb nb", 1, "compound", 0.5, (_, r) => (r.f.det === "proper" ? undefined : r.f));
  // "the only *way in*", "no *way out*"
  rule("nb", "n adv", 0, "compound", 0.3, (l, r) => (l.lemma === "way" && /^(?:in|out|up|down)$/.test(r.lemma ?? "") ? { num: "sg" } : undefined));
  // "90 *degrees Celsius*"
  rule("nb", "nb pnb", 0, "name", -0.3, (l, r) =>
    headTerminal(l).lemma === "degree" && /^(?:Celsius|Fahrenheit|Kelvin)$/.test(headTerminal(r).lemma ?? "") && r.end - r.start === 1 ? l.f : undefined,
  );
  // "a skill called echolocation": what is called so stands behind.
  const calls = (v: Node) => v.flags?.includes("call") || v.flags?.includes("name");
  rule("nb", "v nb", 1, "modifier", 1.2, (l, r) => ((l.flags?.[0] === "ing" || l.flags?.[0] === "participle") && !r.f.det && !calls(l) ? r.f : undefined));
  // "its broad, *finned tail*"
  rule("c-nb", "comma nb", 1, "mark", 0, (_, r) => (r.role === "modifier" && r.kids[0]?.flags?.[0] === "participle" ? r.f : undefined));
  rule("nb", "ap c-nb", 1, "modifier", 0, (l, r) => (l.role === "adjective" ? r.f : undefined));
  // "a *women's* college", "the *children's* hospital"
  rule("gn", "n gen", 0, "mark", 0, (n) => (n.flags?.[0] === "pl" && /^(?:woman|man|child|girl|boy)$/.test(n.lemma ?? "") ? {} : undefined));
  rule("nb", "gn nb", 1, "modifier", 0.6);
  // "the number *911*", "page *7*", "room *twelve*"
  rule("nb", "nb num", 0, "numbered", 0, (l) => (NUMBERED.test(headTerminal(l).lemma ?? "") && l.f.num === "sg" && l.role === "noun" ? l.f : undefined));
  lift("qn", "num", "number", (n) => ({
    f: {
      num: n.flags?.[0] === "sg" ? "sg" : "pl",
      ...(n.flags?.includes("year") ? { sub: "year" } : {}),
      ...(n.flags?.includes("percent") ? { sub: "percent" } : {}),
      ...(n.flags?.includes("money") ? { sub: "money" } : {}),
      ...(n.flags?.includes("range") ? { sub: "era" } : {}),
    },
    cost: 0,
  }));
  // "three times its length", "twice its size"
  rule("mult", "qn nb", 0, "measure", 0, (l, r) => (headTerminal(r).lemma === "time" && r.f.num === "pl" && l.f.num === "pl" ? {} : undefined));
  rule("np", "mult np", 1, "multiple", 0.3, (_, r) =>
    // "thirty times *more energy* than the number below it"
    r.f.det === "poss" || r.f.det === "def" || (r.f.det === "quant" && /^(?:more|fewer)$/.test(firstWord(r))) ? r.f : undefined,
  );
  // "needs sixty times *as much room* as water"
  rule("np", "mult pp", 1, "multiple", 0, (_, r) =>
    r.f.sub === "as" && r.kids[1]?.f.det === "quant" && /^(?:much|many)$/.test(firstWord(r.kids[1]))
      ? { num: r.kids[1].f.num ?? "any", det: "quant", sub: "multiple" }
      : undefined,
  );
  rule("np", "np pp", 0, "complement", 0, (l, r) => (l.f.sub === "multiple" && r.f.sub === "as" ? { num: l.f.num ?? "any", det: "quant" } : undefined));
  rule("np", "adv np", 1, "multiple", 0.3, (l, r) => (l.lemma === "twice" && (r.f.det === "poss" || r.f.det === "def") ? r.f : undefined));
  // "nine to twelve hours"
  // "every *three or four* weeks"
  rule("ornum", "conj num", 1, "mark", 0, (l) => (l.f.sub === "or" ? {} : undefined));
  const ofCoins = (l: Node): Features => (l.flags?.includes("money") ? { num: "pl", sub: "money" } : { num: "pl" });
  rule("qn", "num ornum", 0, "range", 0.3, (l) => (l.flags?.includes("year") ? undefined : ofCoins(l)));
  rule("tonum", "prep num", 1, "mark", 0, (l) => (l.lemma === "to" ? {} : undefined));
  rule("qn", "num tonum", 0, "range", 0.3, (l) => (l.flags?.includes("year") ? undefined : ofCoins(l)));
  // "*ten more* minutes"
  rule("qn", "num det", 0, "more", 0.2, (l, r) =>
    r.lemma === "more" && !l.flags?.includes("year") ? { num: l.flags?.[0] === "sg" ? "sg" : "pl" } : undefined,
  );
  // "two or more atoms"
  rule("qn", "num ormore", 0, "range", 0, (l) => (l.flags?.includes("year") ? undefined : { num: "pl" }));
  // "221 BCE", "AD 79", "the 4th century BC"
  rule("qn", "num era", 0, "era", 0, () => ({ num: "sg", sub: "era" }));
  rule("qn", "era num", 1, "era", 0, () => ({ num: "sg", sub: "era" }));
  rule("nb", "nb era", 0, "era", 0.1, (l) => (TIME_NOUNS.has(headTerminal(l).lemma ?? "") ? l.f : undefined));
  // "In 2020 *ninety-six* percent voted": the year is no part of the number.
  rule("qn", "num qn", 1, "number", 0, (l, r) => (l.flags?.includes("year") ? undefined : l.flags?.includes("money") ? ofCoins(l) : r.f));
  // "*some twelve thousand* people"
  rule("qn", "det qn", 1, "modifier", 0.2, (l, r) => (l.lemma === "some" && r.f.num === "pl" && r.kids.length > 1 ? r.f : undefined));
  // "in *an hour or so*"
  rule("qn", "qn orso", 0, "modifier", 0.1, (l) => l.f);
  rule("np", "np orso", 0, "modifier", 0.1, (l) => (l.f.det === "indef" || l.f.det === "num" ? l.f : undefined));
  rule("qn", "adv qn", 1, "modifier", 0, (l, r) => (l.f.sub === "approx" || l.f.sub === "only" || /^(?:perhaps|maybe)$/.test(l.lemma ?? "") ? r.f : undefined));
  // "*between two thousand and eight thousand* taste buds"
  rule("betnum", "prep qn", 1, "mark", 0, (l, r) => (l.lemma === "between" && r.f.sub !== "year" ? r.f : undefined));
  rule("qn", "betnum j-qn", 0, "range", 0.1, (l, r) => (r.f.sub === "year" ? undefined : { ...l.f, num: "pl" }));
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
    // "*Fish* swim", "*fish* is healthy"
    if (SAME_PLURAL.has(headTerminal(n).lemma ?? "")) return { f: { num: "any", det: "bare" }, cost: 0.4 };
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
  // "*£9,000*", "*$7.2 million*": a sum, and no number of something.
  lift("np", "qn", "sum", (n) => (n.f.sub === "money" ? { f: { num: "any", det: "num" }, cost: 0.4 } : undefined));
  lift("np", "qn", "number", (n) =>
    n.f.sub === "money"
      ? undefined
      : {
          f: {
            det: n.f.sub === "era" ? "proper" : "num",
            num: isDated(n) ? "sg" : n.f.num === "pl" && n.f.sub !== "percent" ? "pl" : "any",
            ...(isDated(n) ? { time: true as const } : {}),
          },
          cost: isDated(n) ? 0.3 : 1.6,
        },
  );
  rule("np", "det nb", 1, "determiner", 0, (l, r) => {
    const num = l.f.num ?? (l.flags?.[0] === "pl" ? "pl" : l.flags?.[0] === "sg" ? "sg" : "any");
    if (l.flags?.[0] === "oneof") return r.f.num === "pl" ? { num: "sg", det: "indef" } : undefined;
    const agreed = agreeNumbers(num as "any", r.f.num ?? "any");
    if (!agreed) return undefined;
    // "During *the American* War of Independence": a people's adjective is no American.
    const name = (headTerminal(r).lemma ?? "").toLowerCase();
    // "the Arctic" is a place.
    const isAdjective = r.f.det === "proper" && r.end - r.start === 1 && DEMONYMS.has(name) && !name.endsWith("ic");
    const proper = r.f.det === "proper" ? (isAdjective && r.f.num !== "any" ? 2.5 : 0.3) : 0;
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
  // "everybody's money", "someone else's feelings"; but no "it's"
  const isAnybody = (np: Node) => /^(?:some|any|every|no)(?:body|one)(?: else)?$/.test(headTerminal(np).lemma ?? "");
  rule("ng", "np gen", 0, "mark", 0, (l) => (l.f.det === "pron" && !isAnybody(l) ? undefined : l.f));
  rule("np", "relposs nb", 1, "possessor", 0.2, (_, r) => ({ num: r.f.num ?? "sg", det: "poss", sub: "rel" }));
  rule("np", "qn nb", 1, "quantity", 0, (l, r) => {
    if (l.f.num === "sg" ? r.f.num === "pl" : r.f.num === "sg") return undefined;
    // "90 percent of an iceberg is …": percentages agree with what they are of.
    const share = /^per ?cent$/.test(headTerminal(r).lemma ?? "");
    return { f: { num: share ? "any" : (l.f.num ?? "pl"), det: "num" }, cost: isDated(l) ? 2.5 : 0 };
  });
  // "*Ten miles* is a long way", "*fifty cents* goes to the schools": one sum.
  rule("np", "qn nb", 1, "quantity", 1, (l, r) =>
    l.f.num === "pl" && r.f.num === "pl" && !isDated(l) && UNIT_NOUNS.has(headTerminal(r).lemma ?? "") ? { num: "sg", det: "num" } : undefined,
  );
  rule("qnb", "qn nb", 1, "quantity", 0, (l, r) => ((l.f.num === "sg" ? r.f.num === "pl" : r.f.num === "sg") ? undefined : { num: l.f.num ?? "pl" }));
  // "the *last of his rivals* four kilometres": what has its own of stands for itself.
  rule("qnb", "ap qnb", 1, "modifier", 0.1, (l, r) => (l.role === "complement" ? undefined : r.f));
  // "one of two cups"
  rule("np", "det qnb", 1, "determiner", 0, (l, r) => (l.flags?.[0] === "oneof" && r.f.num === "pl" ? { num: "sg", det: "indef" } : undefined));
  rule("np", "det qnb", 1, "determiner", 0, (l) =>
    l.flags?.[0] === "def" || l.flags?.[0] === "pl" || l.flags?.[0] === "any" || l.lemma === "every"
      ? { num: "pl", det: l.flags?.includes("def") ? "def" : l.flags?.includes("dem") ? "dem" : "quant" }
      : undefined,
  );
  rule("np", "poss qnb", 1, "possessor", 0.3, (l, r) => ({ f: possessed(l, r), cost: l.lemma === "her" ? 1.2 : 0 }));
  rule("np", "adv np", 1, "modifier", 0.5, (l, r) => {
    // "learned so much *about plants*": nothing is counted.
    if (l.lemma === "about" && r.f.det === "bare" && r.f.num === "pl") return undefined;
    // "cost *almost nothing*"
    const isAll = r.end - r.start === 1 && /^(?:nothing|everything|everybody|everyone|nobody|all|anything|anybody|anyone)$/.test(headTerminal(r).lemma ?? "");
    // "pay money for *exactly that*", "ate *mostly fish*"
    const isJustThat = /^(?:exactly|just)$/.test(l.lemma ?? "") && r.end - r.start === 1 && /^(?:this|that)$/.test(headTerminal(r).lemma ?? "");
    if (/^(?:mostly|mainly|chiefly)$/.test(l.lemma ?? "")) return r.f.det === "bare" ? r.f : undefined;
    return ["approx", "only"].includes(l.f.sub ?? "") && (r.f.det !== "pron" || isAll || isJustThat) ? r.f : undefined;
  });
  rule("qn", "det num", 1, "number", 0, (l, r) =>
    l.lemma === "a" && ["hundred", "thousand", "million", "dozen"].includes(r.lemma ?? "") ? { num: "pl" } : undefined,
  );
  rule("np", "predet np", 1, "determiner", 0.2, (l, r) => {
    if (!/ of$/.test(l.lemma ?? "")) return r.f.det === "pron" && !(l.lemma === "all" && r.role === "relative") ? undefined : { ...r.f, det: "quant" };
    // "most of them were": the pronoun is an object, the whole a subject too.
    const { kase, ...rest } = r.f;
    // "*each of its cells* lives"
    const isEach = /^each\b/.test(l.lemma ?? "");
    // "*none of these ideas* fits the facts"
    const isNone = /^none\b/.test(l.lemma ?? "");
    return kase === "subj" || (isEach && r.f.num === "sg") ? undefined : { ...rest, det: "quant", ...(isEach ? { num: "sg" } : isNone ? { num: "any" } : {}) };
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
  // "what Mina loved best *were* the boats"
  lift("np", "ws", "clause", (ws) => ({ f: { num: firstWord(ws).toLowerCase() === "what" ? "any" : "sg", det: "clause" }, cost: 1.5 }));
}
