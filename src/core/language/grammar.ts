import { TIME_NOUNS } from "./data/noun-classes";
import type { Lexicon } from "./lexicon";
import { type Features, headTerminal, type Node } from "./tree";

/**
 * The grammar: weighted binary and unary rules over candidate parts of speech. A rule gives the new
 * node's features and cost, or undefined where agreement, case or the verb's frame forbids it. Roles
 * name what the other kid is to the head; clauses are read off them, so no rule is known elsewhere.
 *
 *   np  noun phrase      nb  noun without determiner   pp  preposition phrase   ap  adjective phrase
 *   vp  verb phrase      s   clause                    sb  adverb clause        rc  relative clause
 *   cs  that-clause      ws  wh-clause                 advp adverb              qn  number
 *   "c-x"  a comma and then x;  "x-c"  then another comma
 */
export type Made = { f: Features; cost: number } | undefined;
export type BinaryRule = { to: string; left: string; right: string; head: 0 | 1; role: string; make(left: Node, right: Node): Made };
export type UnaryRule = { to: string; from: string; role: string; make(node: Node): Made };
export type Grammar = { binary: BinaryRule[]; unary: UnaryRule[] };

const CALLING = new Set("call name elect appoint make consider declare label nickname dub term crown rename christen".split(" "));
/** Verbs that take a wh-clause: "decides when ships may enter". */
const ASKING = new Set(
  "decide know learn tell show see ask wonder explain find remember understand discover guess choose say describe list forget notice".split(" "),
);
const LETTING = new Set("let make see help watch hear feel".split(" "));

export function createGrammar(lexicon: Lexicon): Grammar {
  const binary: BinaryRule[] = [];
  const unary: UnaryRule[] = [];
  /** rule("np", "det nb", headIndex, role, cost, features) */
  const rule = (to: string, parts: string, head: 0 | 1, role: string, cost: number, make?: (l: Node, r: Node) => Made | Features) => {
    const [left, right] = parts.split(" ") as [string, string];
    binary.push({
      to,
      left,
      right,
      head,
      role,
      make(l, r) {
        if (!make) return { f: (head === 0 ? l : r).f, cost };
        const made = make(l, r);
        if (!made) return undefined;
        return "cost" in made && "f" in made ? { f: made.f as Features, cost: cost + (made.cost as number) } : { f: made as Features, cost };
      },
    });
  };
  const lift = (to: string, from: string, role: string, make: (node: Node) => Made) => unary.push({ to, from, role, make });
  const frames = (verb: Node) => lexicon.findWord(verb.lemma ?? "")?.frames || "IT";
  const has = (verb: Node, frame: string) => frames(verb).includes(frame);

  // ── Nouns ──────────────────────────────────────────────────────────────────
  lift("nb", "n", "noun", (n) => ({ f: { num: n.f.num ?? "sg" }, cost: 0 }));
  lift("pnb", "pn", "noun", () => ({ f: { num: "sg", det: "proper" }, cost: 0 }));
  rule("pnb", "pn pnb", 1, "name", 0);
  rule("pnb", "pnb num", 0, "name", 1.2);
  lift("nb", "pnb", "noun", (n) => ({ f: n.f, cost: 0.1 }));
  lift("ap", "adj", "adjective", (n) => ({ f: n.flags?.[0] ? { sub: n.flags[0] } : {}, cost: 0 }));
  lift("ap", "ord", "adjective", () => ({ f: { sub: "ord" }, cost: 0.1 }));
  rule("nb", "ap nb", 1, "modifier", 0.1);
  rule("nb", "n nb", 1, "compound", 0.5, (l, r) => (r.f.det === "proper" ? undefined : { f: r.f, cost: l.f.num === "pl" ? 1.5 : 0 }));
  rule("nb", "pnb nb", 1, "compound", 0.5, (_, r) => (r.f.det === "proper" ? undefined : r.f));
  rule("nb", "v nb", 1, "modifier", 1.2, (l, r) => ((l.flags?.[0] === "ing" || l.flags?.[0] === "participle") && !r.f.det ? r.f : undefined));
  lift("qn", "num", "number", (n) => ({
    f: {
      num: n.flags?.[0] === "sg" ? "sg" : "pl",
      ...(n.flags?.includes("year") ? { sub: "year" } : {}),
      ...(n.flags?.includes("percent") ? { sub: "percent" } : {}),
    },
    cost: 0,
  }));
  rule("qn", "num qn", 1, "number", 0);
  rule("qn", "adv qn", 1, "modifier", 0, (l, r) => (l.f.sub === "approx" || l.f.sub === "only" ? r.f : undefined));
  rule("kn", "kindof nb", 1, "kind", 0);
  rule("nb", "ap kn", 1, "modifier", 0, (_, r) => ({ ...r.f, num: "sg" }));
  lift("nb", "kn", "noun", (n) => ({ f: { ...n.f, num: "sg" }, cost: 0 }));

  lift("np", "nb", "noun", (n) => {
    if (n.f.det === "proper") return { f: { num: "sg", det: "proper" }, cost: 0 };
    if (n.f.num === "pl") return { f: { num: "pl", det: "bare" }, cost: 0.2 };
    const time = TIME_NOUNS.has(headTerminal(n).lemma ?? "");
    return { f: { num: "sg", det: "bare" }, cost: n.f.num === "any" ? 0.4 : time ? 0.6 : 2.5 };
  });
  lift("np", "pro", "pronoun", (n) => {
    const flags = n.flags ?? [];
    if (flags.includes("refl")) return { f: { det: "pron", num: "any", kase: "obj", sub: "refl" }, cost: 0 };
    const num = flags.includes("pl") ? "pl" : flags.includes("sg") ? "sg" : "any";
    const kase = flags.includes("subj") ? "subj" : flags.includes("obj") ? "obj" : undefined;
    return { f: { det: "pron", num, ...(kase ? { kase } : {}), ...(flags.includes("first") ? { sub: "first" } : {}) }, cost: 0 };
  });
  lift("np", "qn", "number", (n) => ({
    f: { det: "num", num: n.f.sub === "year" ? "sg" : "any", ...(n.f.sub === "year" ? { time: true as const } : {}) },
    cost: n.f.sub === "year" ? 0.3 : 1.6,
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
  const possessed = (l: Node, r: Node): Features => ({ num: r.f.num ?? "sg", det: "poss", ...(l.flags?.includes("first") ? { sub: "first" } : {}) });
  rule("np", "poss nb", 1, "possessor", 0, possessed);
  rule("np", "ng nb", 1, "possessor", 0.2, possessed);
  rule("ng", "np gen", 0, "mark", 0, (l) => (l.f.det === "pron" ? undefined : l.f));
  rule("np", "relposs nb", 1, "possessor", 0.2, (_, r) => ({ num: r.f.num ?? "sg", det: "poss", sub: "rel" }));
  rule("np", "qn nb", 1, "quantity", 0, (l, r) => {
    if (l.f.num === "sg" ? r.f.num === "pl" : r.f.num === "sg") return undefined;
    return { f: { num: l.f.num ?? "pl", det: "num" }, cost: l.f.sub === "year" ? 2.5 : 0 };
  });
  rule("qnb", "qn nb", 1, "quantity", 0, (l, r) => ((l.f.num === "sg" ? r.f.num === "pl" : r.f.num === "sg") ? undefined : { num: l.f.num ?? "pl" }));
  rule("qnb", "ap qnb", 1, "modifier", 0.1);
  rule("np", "det qnb", 1, "determiner", 0, (l) =>
    l.flags?.[0] === "def" || l.flags?.[0] === "pl" || l.flags?.[0] === "any" || l.lemma === "every"
      ? { num: "pl", det: l.flags?.includes("def") ? "def" : l.flags?.includes("dem") ? "dem" : "quant" }
      : undefined,
  );
  rule("np", "poss qnb", 1, "possessor", 0, possessed);
  rule("np", "adv np", 1, "modifier", 0.5, (l, r) => (["approx", "only"].includes(l.f.sub ?? "") && r.f.det !== "pron" ? r.f : undefined));
  rule("qn", "det num", 1, "number", 0, (l, r) =>
    l.lemma === "a" && ["hundred", "thousand", "million", "dozen"].includes(r.lemma ?? "") ? { num: "pl" } : undefined,
  );
  rule("np", "predet np", 1, "determiner", 0.2, (_, r) => (r.f.det === "pron" ? undefined : { ...r.f, det: "quant" }));
  lift("np", "vp", "gerund", (n) => (n.f.form === "ing" && !n.f.gap ? { f: { num: "sg", det: "clause" }, cost: 2.5 } : undefined));
  lift("np", "ws", "clause", () => ({ f: { num: "sg", det: "clause" }, cost: 1.5 }));

  // ── What follows a noun ────────────────────────────────────────────────────
  rule("np", "np pp", 0, "postmodifier", 0, (l, r) => {
    if (l.f.det === "pron" && r.f.sub !== "of") return undefined;
    return { f: l.f, cost: r.f.sub === "of" ? 0.05 : r.f.sub === "suchas" ? 0.2 : l.f.det === "proper" ? 2 : l.f.time ? 2.5 : 0.9 };
  });
  rule("np", "np rc", 0, "relative", 0.6, (l) => (l.f.det === "pron" ? undefined : l.f));
  rule("c-rc", "comma rc", 1, "mark", 0, (_, r) => (r.f.sub === "that" ? undefined : r.f));
  rule("c-rc-c", "c-rc comma", 0, "mark", 0);
  rule("np", "np c-rc", 0, "relative", 0.9);
  rule("np", "np c-rc-c", 0, "relative", 0.6);
  rule("c-np", "comma np", 1, "mark", 0, (_, r) => (r.f.det === "pron" ? undefined : r.f));
  rule("c-np-c", "c-np comma", 0, "mark", 0);
  rule("np", "np c-np-c", 0, "apposition", 1.6, (l, r) =>
    l.f.det === "pron" || agreeNumbers(l.f.num ?? "any", r.f.num ?? "any") === undefined ? undefined : l.f,
  );
  rule("np", "np c-np", 0, "apposition", 2.4, (l, r) =>
    l.f.det === "pron" || agreeNumbers(l.f.num ?? "any", r.f.num ?? "any") === undefined ? undefined : l.f,
  );
  rule("np", "np vp", 0, "reduced", 0, (l, r) => {
    if (l.f.det === "pron") return undefined;
    if (r.f.form === "participle" && r.f.gap) return { f: l.f, cost: r.f.sub === "call" ? 0.4 : 1.3 };
    return r.f.form === "ing" && !r.f.gap ? { f: l.f, cost: 1.9 } : r.f.form === "to" ? { f: l.f, cost: 1.8 } : undefined;
  });
  rule("c-vp", "comma vp", 1, "mark", 0);
  rule("c-vp-c", "c-vp comma", 0, "mark", 0);
  rule("np", "np c-vp-c", 0, "reduced", 1.4, (l, r) => (r.f.form === "participle" && r.f.gap && l.f.det !== "pron" ? l.f : undefined));
  rule("np", "np c-vp", 0, "reduced", 1.6, (l, r) => (r.f.form === "participle" && r.f.sub === "call" && l.f.det !== "pron" ? l.f : undefined));
  rule("np", "np s", 0, "relative", 2, (l, r) => (r.f.gap && l.f.det !== "pron" && l.f.det !== "proper" ? l.f : undefined));

  // ── Relative and wh-clauses ────────────────────────────────────────────────
  rule("rc", "rel vp", 1, "mark", 0, (l, r) =>
    r.f.form === "fin" && !r.f.gap && l.f.sub !== "time" && l.f.sub !== "place"
      ? { ...(l.lemma === "that" ? { sub: "that" } : {}), agr: r.f.agr ?? "any" }
      : undefined,
  );
  rule("rc", "rel s", 1, "mark", 0.1, (l, r) => {
    const adverbial = l.f.sub === "time" || l.f.sub === "place";
    return adverbial === !r.f.gap ? { sub: l.lemma === "that" ? "that" : "object" } : undefined;
  });
  rule("prel", "prep rel", 1, "mark", 0);
  rule("rc", "prel s", 1, "mark", 0.2, (_, r) => (r.f.gap ? undefined : { sub: "object" }));
  rule("ws", "wh vp", 1, "mark", 0.6, (_, r) => (r.f.form === "to" || (r.f.form === "fin" && !r.f.gap) ? {} : undefined));
  rule("ws", "wh s", 1, "mark", 0.2, (l, r) => (l.f.sub === "thing" || l.f.sub === "person" ? (r.f.gap ? {} : undefined) : r.f.gap ? undefined : {}));
  rule("wap", "wh ap", 1, "mark", 0.1);
  rule("wap", "wh advp", 1, "mark", 0.3);
  rule("wap", "det nb", 1, "mark", 0.3, (l) => (l.flags?.includes("wh") ? {} : undefined));
  rule("wap", "wh np", 1, "mark", 0.4, (l) => (l.f.sub === "way" ? {} : undefined));
  rule("ws", "wap s", 1, "mark", 0.2, () => ({}));

  // ── Adjectives, adverbs, prepositions ──────────────────────────────────────
  rule("ap", "adv ap", 1, "modifier", 0.2, (l, r) =>
    l.f.sub === "deg" || l.f.sub === "manner" || l.f.sub === "approx" || l.f.sub === "freq" || l.f.sub === "only" ? r.f : undefined,
  );
  rule("j-ap", "conj ap", 1, "mark", 0);
  rule("ap", "ap j-ap", 0, "coordination", 0.4);
  rule("c-ap", "comma ap", 1, "mark", 0);
  rule("ap", "ap c-ap", 0, "coordination", 0.5);
  rule("ap", "ap pp", 0, "complement", 0, (l, r) => ({ f: l.f, cost: r.f.sub === "than" ? -0.2 : 0.5 }));
  rule("ap", "ap vp", 0, "complement", 0.6, (l, r) => (r.f.form === "to" ? l.f : undefined));
  rule("ap", "ap cs", 0, "complement", 0.8);
  rule("ap", "np ap", 1, "measure", 0.5, (l, r) => (l.f.det === "num" && r.f.sub !== "ord" ? r.f : undefined));
  lift("advp", "adv", "adverb", (n) => ({ f: n.f.sub ? { sub: n.f.sub } : {}, cost: n.f.sub === "deg" ? 0.4 : 0 }));
  rule("advp", "adv advp", 1, "modifier", 0.2, (l, r) => (["deg", "approx", "only"].includes(l.f.sub ?? "") ? r.f : undefined));
  lift("advp", "np", "time", (n) => {
    const head = headTerminal(n).lemma ?? "";
    if (!TIME_NOUNS.has(head.toLowerCase()) || n.f.det === "def" || n.f.det === "pron") return undefined;
    return { f: { sub: "time" }, cost: n.f.det === "bare" ? 1.5 : 0.4 };
  });
  rule("advp", "np adv", 1, "measure", 0.3, (l, r) =>
    l.f.det !== "pron" && ["dem", "particle", "manner", "deg"].includes(r.f.sub ?? "") ? { sub: r.f.sub === "dem" ? "dem" : "measure" } : undefined,
  );
  rule("advp", "advp pp", 0, "complement", 0.3, (l, r) => (r.f.sub === "than" ? l.f : undefined));
  rule("advp", "np ago", 1, "measure", 0, () => ({ sub: "time" }));
  rule("pp", "prep np", 1, "preposition", 0, (l, r) => {
    if (r.f.kase === "subj") return undefined;
    return { f: { sub: l.f.sub ?? "", ...(isTimeNoun(r) || r.f.time ? { time: true as const } : {}) }, cost: r.f.det === "clause" ? 0.6 : 0 };
  });
  rule("pp", "prep vp", 1, "preposition", 0.4, (l, r) => (r.f.form === "ing" && !r.f.gap ? { sub: l.f.sub ?? "", form: "ing" } : undefined));
  rule("pp", "prep ap", 1, "preposition", 0.6, (l) => (l.f.sub === "than" ? { sub: "than" } : undefined));
  rule("pp", "prep pp", 1, "preposition", 1.5, (l) => ({ sub: l.f.sub ?? "" }));
  rule("pp", "adv pp", 1, "modifier", 0.5, (l, r) => (["particle", "only", "approx", "manner", "deg"].includes(l.f.sub ?? "") ? r.f : undefined));
  rule("j-pp", "conj pp", 1, "mark", 0);
  rule("pp", "pp j-pp", 0, "coordination", 0.8, (l, r) => (l.f.sub === r.f.sub ? l.f : undefined));

  // ── Coordination of noun phrases ───────────────────────────────────────────
  rule("j-np", "conj np", 1, "mark", 0, (l, r) => (l.f.sub === "and" || l.f.sub === "or" ? { ...r.f, sub: l.f.sub } : undefined));
  const joined = (l: Node, r: Node): Features | undefined =>
    l.f.kase === "subj" || l.f.sub === "refl"
      ? undefined
      : { num: r.f.sub === "or" ? "any" : "pl", det: l.f.det === "proper" ? "proper" : (l.f.det ?? "bare") };
  rule("np", "np j-np", 0, "coordination", 0.5, joined);
  rule("npl", "np c-np", 0, "coordination", 0.3, (l) => (l.f.det === "pron" ? undefined : l.f));
  rule("npl", "npl c-np", 0, "coordination", 0.1);
  rule("np", "npl j-np", 0, "coordination", 0.1, joined);
  rule("c-j-np", "comma j-np", 1, "mark", 0);
  rule("np", "npl c-j-np", 0, "coordination", 0.1, joined);
  rule("j-nb", "conj nb", 1, "mark", 0, (l, r) => (l.f.sub === "and" || l.f.sub === "or" ? r.f : undefined));
  rule("nb", "nb j-nb", 0, "coordination", 0.8, (l, r) => (l.f.det || r.f.det ? undefined : { num: "any" }));

  // ── Verb phrases ───────────────────────────────────────────────────────────
  const inflected = (verb: Node): Features | undefined => {
    switch (verb.flags?.[0]) {
      case "third":
        return { form: "fin", agr: "sg" };
      case "plain":
        return { form: "fin", agr: "pl" };
      case "past":
        return { form: "fin", agr: "any" };
      case "base":
        return { form: "base" };
      case "participle":
        return { form: "participle" };
      case "ing":
        return { form: "ing" };
      default:
        return undefined;
    }
  };
  const verbal = (verb: Node, cost: number, extra: Features = {}): Made => {
    const f = inflected(verb);
    return f && { f: { ...f, ...extra }, cost };
  };
  lift("vp", "v", "verb", (v) => verbal(v, has(v, "I") ? 0 : 1.6));
  lift("vg", "v", "verb", (v) => (has(v, "T") ? verbal(v, 0.1, { gap: true }) : verbal(v, 3, { gap: true })));
  lift("vp", "vg", "verb", (v) => ({ f: v.f, cost: 0.2 }));
  const object = (np: Node) => np.f.kase !== "subj";
  rule("vp", "v np", 0, "object", 0, (v, np) => (object(np) ? verbal(v, has(v, "T") ? 0 : has(v, "L") ? 0.8 : 2.2) : undefined));
  rule("vo", "v np", 0, "object", 0, (v, np) => (object(np) && np.f.det !== "clause" ? verbal(v, 0) : undefined));
  rule("vp", "vo np", 0, "object2", 0.8, (vo, np) => {
    const verb = headTerminal(vo);
    return object(np) && np.f.det !== "pron" ? { f: vo.f, cost: CALLING.has(verb.lemma ?? "") ? -0.2 : has(verb, "D") ? 0.4 : 4 } : undefined;
  });
  rule("vp", "vo ap", 0, "predicate", 1.2, (vo) => ({
    f: vo.f,
    cost: ["make", "keep", "leave", "find", "turn", "paint", "call"].includes(headTerminal(vo).lemma ?? "") ? 0 : 2.5,
  }));
  rule("vp", "vo vp", 0, "infinitive", 0, (vo, vp) => {
    const verb = headTerminal(vo);
    if (vp.f.form === "to" && !vp.f.gap) return { f: vo.f, cost: has(verb, "V") ? 0.4 : 1.2 };
    if (vp.f.form === "base" && !vp.f.gap && LETTING.has(verb.lemma ?? "")) return { f: vo.f, cost: 0.5 };
    return vp.f.form === "ing" && !vp.f.gap && ["keep", "see", "hear", "watch", "leave", "find", "stop", "catch", "send"].includes(verb.lemma ?? "")
      ? { f: vo.f, cost: 0.6 }
      : undefined;
  });
  rule("vp", "vo cs", 0, "clause", 1, (vo) => ({
    f: vo.f,
    cost: ["tell", "show", "warn", "teach", "remind", "persuade", "convince"].includes(headTerminal(vo).lemma ?? "") ? -0.8 : 2,
  }));
  rule("vp", "vo ws", 0, "clause", 1, (vo) => ({ f: vo.f, cost: ["tell", "show", "teach", "ask"].includes(headTerminal(vo).lemma ?? "") ? -0.8 : 2 }));
  rule("vp", "v ap", 0, "predicate", 0, (v, ap) => (ap.f.sub === "ord" ? undefined : verbal(v, has(v, "L") ? 0.3 : 2.5)));
  rule("vp", "v cs", 0, "clause", 0, (v) => verbal(v, has(v, "C") ? 0.1 : 3));
  rule("vp", "v s", 0, "clause", 0, (v, s) => (s.f.gap ? undefined : verbal(v, has(v, "C") ? 0.9 : 4)));
  rule("vp", "v ws", 0, "clause", 0, (v) => verbal(v, ASKING.has(v.lemma ?? "") ? -0.4 : has(v, "C") ? 0.3 : 1.5));
  rule("vp", "v vp", 0, "infinitive", 0, (v, vp) => {
    if (vp.f.gap) return undefined;
    if (vp.f.form === "to") return verbal(v, v.flags?.includes("use") ? -0.2 : has(v, "V") ? 0.2 : 1.3);
    return vp.f.form === "ing"
      ? verbal(
          v,
          [
            "begin",
            "start",
            "stop",
            "keep",
            "finish",
            "avoid",
            "enjoy",
            "like",
            "love",
            "hate",
            "try",
            "consider",
            "go",
            "continue",
            "practise",
            "risk",
          ].includes(v.lemma ?? "")
            ? 0.2
            : 2.5,
        )
      : undefined;
  });
  const particle = (adv: Node) => adv.f.sub === "particle";
  rule("vt", "v adv", 0, "particle", 0.1, (v, adv) => (particle(adv) ? verbal(v, 0) : undefined));
  lift("vp", "vt", "verb", (v) => ({ f: v.f, cost: 0.1 }));
  lift("vg", "vt", "verb", (v) => ({ f: { ...v.f, gap: true }, cost: 0.6 }));
  rule("vp", "vt np", 0, "object", 0.3, (v, np) => (object(np) && np.f.det !== "pron" ? v.f : undefined));
  rule("vp", "vo adv", 0, "particle", 0.4, (vo, adv) => (particle(adv) ? vo.f : undefined));
  // With the object missing: passives and relatives.
  rule("vp", "vg ap", 0, "predicate", 1, (v, ap) =>
    ["make", "keep", "leave", "find", "paint", "call"].includes(headTerminal(v).lemma ?? "") && ap.f.sub !== "ord" ? v.f : undefined,
  );
  rule("vp", "vg vp", 0, "infinitive", 0.3, (v, vp) => (vp.f.form === "to" && !vp.f.gap ? v.f : undefined));
  rule("vp", "vg cs", 0, "clause", 1.5, (v) => v.f);
  rule("vp", "vg np", 0, "object2", 0, (v, np) => {
    const verb = headTerminal(v);
    if (!object(np) || np.f.det === "pron") return undefined;
    return CALLING.has(verb.lemma ?? "") ? { f: { ...v.f, sub: "call" }, cost: 0 } : has(verb, "D") ? { f: v.f, cost: 0.8 } : undefined;
  });

  // Auxiliaries. "ax" is an auxiliary with the not or adverb behind it.
  for (const aux of ["be", "have", "do", "modal"]) {
    rule(aux, `${aux} not`, 0, "negation", 0, (l) => l.f);
    rule(aux, `${aux} adv`, 0, "modifier", 0.15, (l, r) => (r.f.sub === "particle" || (aux === "be" && r.f.sub === "deg") ? undefined : l.f));
  }
  const beForm = (be: Node): Features | undefined => {
    const [first] = headTerminal(be).flags ?? [];
    if (first === "third") return { form: "fin", agr: "sg" };
    if (first === "plain") return { form: "fin", agr: "pl" };
    if (first === "first") return { form: "fin", agr: "first" };
    return first === "base" ? { form: "base" } : first === "participle" ? { form: "participle" } : first === "ing" ? { form: "ing" } : undefined;
  };
  const auxForm = (aux: Node) => (aux.cat === "be" ? beForm(aux) : (inflected(headTerminal(aux)) ?? undefined));
  rule("vp", "be vp", 1, "auxiliary", 0, (be, vp) => {
    const f = beForm(be);
    if (!f) return undefined;
    if (vp.f.form === "participle" && vp.f.gap && !vp.f.passive) return { ...f, passive: true };
    if (vp.f.form === "ing") return { ...f, ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) };
    return undefined;
  });
  rule("vp", "have vp", 1, "auxiliary", 0, (have, vp) => {
    const f = auxForm(have);
    return f && vp.f.form === "participle" && (!vp.f.gap || !vp.f.passive)
      ? { f: { ...f, ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) }, cost: vp.f.gap ? 0.3 : 0 }
      : undefined;
  });
  const auxiliary = (extra: Features) => (_: Node, vp: Node) =>
    vp.f.form === "base" ? { ...extra, ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) } : undefined;
  rule("vp", "modal vp", 1, "auxiliary", 0, auxiliary({ form: "fin", agr: "any" }));
  rule("vp", "do vp", 1, "auxiliary", 0.2, (aux, vp) => {
    const f = auxForm(aux);
    return f && auxiliary(f)(aux, vp);
  });
  // have and do as full verbs
  rule("vp", "have np", 0, "object", 0.1, (v, np) => (object(np) ? auxForm(v) : undefined));
  rule("vp", "have vp", 0, "infinitive", 0.5, (v, vp) => (vp.f.form === "to" && !vp.f.gap ? auxForm(v) : undefined));
  lift("vp", "have", "verb", (v) => {
    const f = auxForm(v);
    return f && { f: { ...f, gap: true }, cost: 0.8 };
  });
  rule("vp", "do np", 0, "object", 0.3, (v, np) => (object(np) ? auxForm(v) : undefined));
  // be as a copula
  rule("vp", "be np", 0, "predicate", 0.1, (be, np) => (np.f.kase === "subj" ? undefined : beForm(be)));
  rule("vp", "be ap", 0, "predicate", 0, (be) => beForm(be));
  rule("vp", "be pp", 0, "predicate", 0.3, (be) => beForm(be));
  rule("vp", "be advp", 0, "predicate", 0.9, (be) => beForm(be));
  rule("vp", "be cs", 0, "predicate", 0.5, (be) => beForm(be));
  rule("vp", "be ws", 0, "predicate", 0.4, (be) => beForm(be));
  rule("vp", "be sb", 0, "predicate", 0.8, (be, sb) => (sb.f.sub === "cause" ? beForm(be) : undefined));
  rule("vp", "be vp", 0, "predicate", 0.9, (be, vp) => (vp.f.form === "to" && !vp.f.gap ? beForm(be) : undefined));
  rule("vp", "to vp", 1, "mark", 0, (_, vp) =>
    vp.f.form === "base" ? { form: "to", ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) } : undefined,
  );
  rule("vp", "not vp", 1, "negation", 0.3, (_, vp) => (vp.f.form === "to" || vp.f.form === "ing" ? vp.f : undefined));

  // Adjuncts
  // What stands near belongs near: each word between head and adjunct costs a little.
  const near = (vp: Node, adjunct: Node): Made => ({ f: vp.f, cost: 0.03 * Math.min(12, adjunct.start - vp.start) });
  rule("vp", "vp pp", 0, "adjunct", 0.2, (vp, pp) => (pp.f.sub === "of" || pp.f.sub === "than" ? { f: vp.f, cost: 1.5 } : near(vp, pp)));
  rule("vp", "vp advp", 0, "adjunct", 0.15, near);
  rule("vp", "adv vp", 1, "adjunct", 0.2, (adv, vp) => (adv.f.sub === "particle" || adv.f.sub === "deg" || vp.f.form === "to" ? undefined : vp.f));
  rule("vp", "vp sb", 0, "adjunct", 0.25, near);
  rule("vp", "vp vp", 0, "adjunct", 0, (vp, other) => {
    if (other.f.gap) return undefined;
    if (other.f.form === "to") return { f: vp.f, cost: 0.8 };
    return other.f.form === "ing" ? { f: vp.f, cost: 1.9 } : undefined;
  });
  rule("c-sb", "comma sb", 1, "mark", 0);
  rule("c-sb-c", "c-sb comma", 0, "mark", 0);
  rule("vp", "vp c-sb", 0, "adjunct", 0.4);
  rule("vp", "vp c-sb-c", 0, "adjunct", 1);
  rule("vp", "vp c-vp", 0, "adjunct", 0.9, (vp, other) => (other.f.form === "ing" && !other.f.gap ? vp.f : undefined));
  rule("c-pp", "comma pp", 1, "mark", 0);
  rule("vp", "vp c-pp", 0, "adjunct", 0.9);
  rule("c-advp", "comma advp", 1, "mark", 0);
  rule("vp", "vp c-advp", 0, "adjunct", 0.9);

  // Coordination of verb phrases
  const sameForm = (l: Node, r: Node): Features | undefined => {
    if (l.f.form !== r.f.form || Boolean(l.f.gap) !== Boolean(r.f.gap)) return undefined;
    if (l.f.form !== "fin") return l.f;
    const agr = l.f.agr === "any" ? r.f.agr : r.f.agr === "any" || r.f.agr === l.f.agr ? l.f.agr : undefined;
    if (!agr) return undefined;
    const { passive: _, ...rest } = l.f;
    return { ...rest, agr };
  };
  rule("j-vp", "conj vp", 1, "mark", 0);
  rule("vp", "vp j-vp", 0, "coordination", 0.4, sameForm);
  rule("c-j-vp", "comma j-vp", 1, "mark", 0);
  rule("vp", "vp c-j-vp", 0, "coordination", 0.5, sameForm);
  rule("vpl", "vp c-vp", 0, "coordination", 0.3, (l, r) => (l.f.form === "to" ? undefined : sameForm(l, r)));
  rule("vpl", "vpl c-vp", 0, "coordination", 0.2, sameForm);
  rule("vp", "vpl c-j-vp", 0, "coordination", 0.1, sameForm);
  rule("vp", "vpl j-vp", 0, "coordination", 0.1, sameForm);

  // ── Clauses ────────────────────────────────────────────────────────────────
  rule("s", "np vp", 1, "subject", 0, (np, vp) => {
    if (vp.f.form !== "fin" || np.f.kase === "obj") return undefined;
    const agreed = np.f.sub === "first" && np.f.det === "pron" ? true : vp.f.agr !== "first" && agreeNumbers(np.f.num ?? "any", vp.f.agr ?? "any");
    return agreed ? { form: "fin", ...(vp.f.gap ? { gap: true as const } : {}) } : undefined;
  });
  rule("s", "there vp", 1, "expletive", 0, (_, vp) => (vp.f.form === "fin" && !vp.f.gap ? { form: "fin" } : undefined));
  lift("s", "vp", "imperative", (vp) => (vp.f.form === "base" && !vp.f.gap && !vp.f.passive ? { f: { form: "base" }, cost: 3.5 } : undefined));
  rule("sb", "sub s", 1, "mark", 0, (sub, s) => (s.f.gap || s.f.form !== "fin" ? undefined : { sub: sub.f.sub ?? "" }));
  rule("sb", "sub vp", 1, "mark", 0.6, (sub, vp) =>
    ["when", "while", "before", "after", "since", "until", "if", "once", "though"].includes(sub.f.sub ?? "") &&
    ((vp.f.form === "ing" && !vp.f.gap) || (vp.f.form === "participle" && vp.f.gap))
      ? { sub: `${sub.f.sub}`, form: "ing" }
      : undefined,
  );
  rule("sb", "adv sb", 1, "modifier", 0.3);
  rule("cs", "comp s", 1, "mark", 0, (_, s) => (s.f.gap || s.f.form !== "fin" ? undefined : {}));
  rule("j-cs", "conj cs", 1, "mark", 0);
  rule("cs", "cs j-cs", 0, "coordination", 0.4);
  const fronted = (extra: number) => (_: Node, s: Node) => (s.f.gap ? undefined : { f: s.f, cost: extra });
  for (const [cat, bare, withComma] of [
    ["pp", 0.5, 0.1],
    ["advp", 0.4, 0.1],
    ["sb", 1.2, 0.1],
  ] as const) {
    rule("s", `${cat} s`, 1, "adjunct", bare, fronted(0));
    rule(`${cat}-c`, `${cat} comma`, 0, "mark", 0);
    rule("s", `${cat}-c s`, 1, "adjunct", withComma, fronted(0));
  }
  rule("vp-c", "vp comma", 0, "mark", 0);
  rule("s", "vp-c s", 1, "adjunct", 0.7, (vp, s) =>
    !s.f.gap && ((vp.f.form === "ing" && !vp.f.gap) || (vp.f.form === "participle" && vp.f.gap) || (vp.f.form === "to" && !vp.f.gap)) ? s.f : undefined,
  );
  rule("j-s", "conj s", 1, "mark", 0, (l, s) => (s.f.gap ? undefined : { form: "fin", sub: l.f.sub ?? "" }));
  rule("c-j-s", "comma j-s", 1, "mark", 0);
  const clauses = (l: Node, r: Node): Features | undefined => (l.f.gap || r.f.gap ? undefined : { form: "fin" });
  rule("s", "s j-s", 0, "conjunct", 0.6, clauses);
  rule("s", "s c-j-s", 0, "conjunct", 0.2, clauses);
  rule("semi-s", "semi s", 1, "mark", 0);
  rule("s", "s semi-s", 0, "conjunct", 0.2, clauses);
  rule("colon-np", "colon np", 1, "mark", 0);
  rule("s", "s colon-np", 0, "list", 0.4, (s) => (s.f.gap ? undefined : s.f));
  rule("colon-s", "colon s", 1, "mark", 0);
  rule("s", "s colon-s", 0, "conjunct", 0.4, clauses);
  rule("root", "s stop", 0, "mark", 0, (s) => (s.f.gap ? undefined : {}));
  lift("root", "s", "clause", (s) => (s.f.gap ? undefined : { f: {}, cost: 0.5 }));
  lift("root", "j-s", "clause", () => ({ f: { sub: "linked" }, cost: 0.3 }));
  rule("root", "j-s stop", 0, "mark", 0.1, () => ({ sub: "linked" }));
  return { binary, unary };
}

export function agreeNumbers(a: string, b: string): "sg" | "pl" | "any" | undefined {
  if (a === "any") return b as "sg";
  return b === "any" || a === b ? (a as "sg") : undefined;
}

function isTimeNoun(np: Node): boolean {
  const lemma = headTerminal(np).lemma ?? "";
  return TIME_NOUNS.has(lemma.toLowerCase()) || /^\d{4}s$/.test(lemma);
}
