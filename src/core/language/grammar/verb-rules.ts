import { type Features, headTerminal, type Node } from "../tree";
import {
  endsInComma,
  firstWord,
  isBareName,
  isHerAndMore,
  isPointedCompound,
  isRecurringTime,
  isTimes,
  opensWithParticiple,
  opensWithThat,
} from "./phrase-shapes";
import type { Made, RuleWriter } from "./rule-writer";
import {
  behindClause,
  endsInRelative,
  endsInTo,
  findsOutWhere,
  firstVerb,
  formOf,
  hasBetween,
  hasObject,
  isCutFrom,
  isList,
  isOneTime,
  lastVerb,
  lastWord,
  mayBePassive,
  namesDoer,
  namesWithIng,
} from "./verb-shapes";
import {
  ASKING,
  BIDDING,
  CALLING,
  GIVING,
  HOW_ONE_DOES,
  LETTING,
  MAKING_SO,
  NAMES_A_DEED,
  OBJECTLESS,
  OF_WHAT,
  PHRASAL,
  STRANDING,
  WANTING,
  WITHOUT_THAT,
} from "./verb-sorts";

/** "if it is stored *wet*", "is eaten *raw*": the state that something is in while it is done. */
function isStateOf(verb: Node, state: Node): boolean {
  const isOfFood = /^(?:store|serve|eat|sell|drink|pick|buy|keep|bury|burn|catch|use)$/.test(headTerminal(verb).lemma ?? "");
  return (
    isOfFood &&
    state.end - state.start === 1 &&
    /^(?:wet|dry|damp|raw|hot|cold|warm|fresh|alive|whole|green|ripe|frozen)$/.test(headTerminal(state).lemma ?? "")
  );
}

/** Verbs with what they govern, auxiliaries, adjuncts, and their coordination. */
export function addVerbRules({ rule, lift, has, isVerbToo }: RuleWriter): void {
  const opensAsDeed = (np: Node): boolean => (np.role === "compound" ? isVerbToo(np.kids[0]!, 1 / 25) : np.kids[0] !== undefined && opensAsDeed(np.kids[0]));
  const verbal = (verb: Node, cost: number, extra: Features = {}): Made => {
    const f = formOf(verb);
    return f && { f: { ...f, ...extra }, cost };
  };
  lift("vp", "v", "verb", (v) => verbal(v, has(v, "I") ? 0 : 1.6));
  lift("vg", "v", "verb", (v) => (has(v, "T") ? verbal(v, 0.1, { gap: true }) : verbal(v, 3, { gap: true })));
  lift("vp", "vg", "verb", (v) => ({ f: v.f, cost: 0.2 }));
  const object = (np: Node) => np.f.kase !== "subj";
  rule("vp", "v np", 0, "object", 0, (v, np) =>
    object(np)
      ? verbal(
          v,
          (OBJECTLESS.has(v.lemma ?? "") ? 3 : has(v, "T") ? 0 : has(v, "L") ? 0.8 : 2.2) +
            (isRecurringTime(np) || isTimes(np) ? 1.5 : 0) +
            (v.lemma === "call" && isPointedCompound(np) ? 2.5 : 0) +
            namesWithIng(v, np) +
            (isHerAndMore(np) && (CALLING.has(v.lemma ?? "") || GIVING.has(v.lemma ?? "")) ? 2.5 : 0) +
            // "believed *that nature hated empty space*": a whole clause behind such a verb is no pointed thing.
            (np.end - np.start >= 4 && np.f.det === "dem" && WITHOUT_THAT.has(v.lemma ?? "") && opensWithThat(np) ? 2.5 : 0),
        )
      : undefined,
  );
  rule("vo", "v np", 0, "object", 0, (v, np) => (object(np) && np.f.det !== "clause" ? verbal(v, namesWithIng(v, np)) : undefined));
  rule("vp", "vo np", 0, "object2", 0.8, (vo, np) => {
    const verb = headTerminal(vo);
    // "passed it on to the British, who …, *a country house*": nobody is given a house behind his own comma.
    if (vo.kids[1] && endsInComma(vo.kids[1])) return undefined;
    // "does not teach you *anything*"
    const isVague = np.f.det === "pron" && /thing$/.test(headTerminal(np).lemma ?? "") && has(verb, "D");
    return object(np) && (np.f.det !== "pron" || isVague)
      ? { f: vo.f, cost: CALLING.has(verb.lemma ?? "") ? (isBareName(vo, np) ? -2.2 : -0.2) : has(verb, "D") ? 0.4 : 4 }
      : undefined;
  });
  // "made the tunnels wider than was necessary": what is compared is what they were made.
  rule("vp", "vo ap", 0, "predicate", 1.2, (vo, ap) => ({
    f: vo.f,
    cost:
      // "makes the rod *longer*", "make the box *too sour*"
      headTerminal(vo).lemma === "make" && (headTerminal(ap).flags?.includes("comparative") || ap.kids[0]?.lemma === "too")
        ? -1.4
        : ["make", "keep", "leave"].includes(headTerminal(vo).lemma ?? "") && ap.role === "complement"
          ? -0.5
          : ["make", "keep", "leave", "find", "turn", "paint", "call"].includes(headTerminal(vo).lemma ?? "")
            ? 0
            : 2.5,
  }));
  rule("vp", "vo vp", 0, "infinitive", 0, (vo, vp) => {
    const verb = headTerminal(vo);
    // "ask the council *to plant apples*": to do so, and to no apples.
    if (vp.f.form === "to" && !vp.f.gap) return { f: vo.f, cost: BIDDING.has(verb.lemma ?? "") ? -1.2 : has(verb, "V") ? 0.4 : 1.2 };
    // "makes the flame smoke"
    if (vp.f.form === "base" && !vp.f.gap && firstWord(vp) !== "too" && LETTING.has(verb.lemma ?? ""))
      return { f: vo.f, cost: /^(?:make|let)$/.test(verb.lemma ?? "") ? -0.6 : 0.5 };
    return vp.f.form === "ing" && !vp.f.gap && ["keep", "see", "hear", "watch", "leave", "find", "stop", "catch", "send"].includes(verb.lemma ?? "")
      ? { f: vo.f, cost: 0.6 }
      : undefined;
  });
  rule("vp", "vo cs", 0, "clause", 1, (vo) => ({
    f: vo.f,
    cost: ["tell", "show", "warn", "teach", "remind", "persuade", "convince"].includes(headTerminal(vo).lemma ?? "") ? -0.8 : 2,
  }));
  rule("vp", "vo ws", 0, "clause", 1, (vo) => ({ f: vo.f, cost: ["tell", "show", "teach", "ask"].includes(headTerminal(vo).lemma ?? "") ? -0.8 : 2 }));
  rule("vp", "v ap", 0, "predicate", 0, (v, ap) =>
    ap.f.sub === "ord" ? undefined : verbal(v, (has(v, "L") && !MAKING_SO.has(v.lemma ?? "") ? 0.3 : 2.5) + namesWithIng(v, ap)),
  );
  rule("vp", "v cs", 0, "clause", 0, (v) => verbal(v, has(v, "C") ? 0.1 : 3));
  // "proved *in 2004* that the dune is not needed", "had learnt *at the front* what a gun can do"
  rule("vp", "vp cs", 0, "clause", 0.4, (vp) =>
    hasBetween(vp, /^time$/) && has(headTerminal(vp), "C") ? { f: vp.f, cost: vp.kids[1]?.cat === "c-pp-c" ? -2.2 : 0 } : undefined,
  );
  rule("vp", "vp ws", 0, "clause", 0.4, (vp) => (hasBetween(vp, /^/) && ASKING.has(headTerminal(vp).lemma ?? "") ? vp.f : undefined));
  // "makes the picture blurred" makes it something, and says nothing of it.
  rule("vp", "v s", 0, "clause", 0, (v, s) =>
    s.f.gap || v.lemma === "make" ? undefined : verbal(v, (has(v, "C") ? 0.9 : 4) + (opensWithThat(s) ? 1.5 : 0) + (WITHOUT_THAT.has(v.lemma ?? "") ? 0 : 3.5)),
  );
  rule("vp", "v ws", 0, "clause", 0, (v) => verbal(v, ASKING.has(v.lemma ?? "") ? -0.4 : has(v, "C") ? 0.3 : 1.5));
  rule("vp", "v vp", 0, "infinitive", 0, (v, vp) => {
    // "get caught", "got lost"
    if (v.lemma === "get" && vp.f.form === "participle" && vp.f.gap) return verbal(v, 0.3);
    if (vp.f.gap) return undefined;
    // "helped found the town"
    if (v.lemma === "help" && vp.f.form === "base" && !vp.f.passive) return verbal(v, -0.2);
    if (vp.f.form === "to") return verbal(v, v.flags?.includes("use") || WANTING.has(v.lemma ?? "") ? -0.2 : has(v, "V") ? 0.2 : 1.3);
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
  // "until the tea was *paid for*", "things that are *looked for*", "the stuff that chalk is *made of*"
  rule("vg", "v prep", 0, "particle", 1, (v, prep) => {
    if (
      !(/^(?:participle|base)$/.test(v.flags?.[0] ?? "") || STRANDING.has(v.lemma ?? "")) ||
      !/^(?:for|at|on|after|about|to|with|upon|of|from)$/.test(prep.lemma ?? "")
    )
      return undefined;
    // Of these the noun follows, as a rule: "is made *of lime*".
    return { f: { ...formOf(v), gap: true }, cost: /^(?:of|from)$/.test(prep.lemma ?? "") ? 3 : 0 };
  });
  lift("vp", "vt", "verb", (v) => ({ f: v.f, cost: 0.1 }));
  lift("vg", "vt", "verb", (v) => ({ f: { ...v.f, gap: true }, cost: 0.6 }));
  // "finds *out* whether the complaint is serious", "wrote *down* what they told her"
  const toldOut = (vt: Node) =>
    /^(?:find|work|write|figure|point|make|set|come|turn)$/.test(headTerminal(vt).lemma ?? "") && !vt.f.gap ? { f: vt.f, cost: 0.2 } : undefined;
  rule("vp", "vt cs", 0, "clause", 0, toldOut);
  rule("vp", "vt ws", 0, "clause", 0, toldOut);
  rule("vp", "vt np", 0, "object", 0.3, (v, np) => (object(np) && np.f.det !== "pron" ? v.f : undefined));
  rule("vp", "vo adv", 0, "particle", 0.4, (vo, adv) => (particle(adv) ? vo.f : undefined));
  // With the object missing: passives and relatives.
  rule("vp", "vg ap", 0, "predicate", 1, (v, ap) =>
    ["make", "keep", "leave", "find", "paint", "call", "presume", "consider", "prove", "declare", "believe", "think", "render"].includes(
      headTerminal(v).lemma ?? "",
    ) && ap.f.sub !== "ord"
      ? v.f
      : isStateOf(v, ap)
        ? { f: v.f, cost: -0.5 }
        : undefined,
  );
  rule("vp", "vg vp", 0, "infinitive", 0.3, (v, vp) => (vp.f.form === "to" && !vp.f.gap ? v.f : undefined));
  rule("vp", "vg cs", 0, "clause", 1.5, (v) => v.f);
  rule("vp", "vg np", 0, "object2", 0, (v, np) => {
    const verb = headTerminal(v);
    // "what the workers *told her*"
    if (object(np) && np.f.det === "pron" && has(verb, "D") && v.f.form !== "participle" && headTerminal(np).flags?.includes("refl") !== true)
      return { f: v.f, cost: 0.8 };
    if (!object(np) || np.f.det === "pron") return undefined;
    return CALLING.has(verb.lemma ?? "") ? { f: { ...v.f, sub: "call" }, cost: 0 } : has(verb, "D") ? { f: v.f, cost: 0.8 } : undefined;
  });

  // Auxiliaries. "ax" is an auxiliary with the not or adverb behind it.
  for (const aux of ["be", "have", "do", "modal"]) {
    rule(aux, `${aux} not`, 0, "negation", 0, (l) => l.f);
    rule(aux, `${aux} adv`, 0, "modifier", 0.15, (l, r) => (r.f.sub === "particle" || (aux === "be" && r.f.sub === "deg") ? undefined : l.f));
  }
  rule("vp", "be vp", 1, "auxiliary", 0, (be, vp) => {
    const f = formOf(be);
    if (!f) return undefined;
    if (vp.f.form === "participle" && vp.f.gap && !vp.f.passive) return { ...f, passive: true };
    if (vp.f.form === "ing") return { ...f, sub: "ing", ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) };
    return undefined;
  });
  rule("vp", "have vp", 1, "auxiliary", 0, (have, vp) => {
    const f = formOf(have);
    return f && vp.f.form === "participle" && (!vp.f.gap || !vp.f.passive)
      ? { f: { ...f, ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) }, cost: vp.f.gap ? 0.3 : 0 }
      : undefined;
  });
  const auxiliary = (extra: Features) => (_: Node, vp: Node) =>
    vp.f.form === "base" ? { ...extra, ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) } : undefined;
  rule("vp", "modal vp", 1, "auxiliary", 0, auxiliary({ form: "fin", agr: "any" }));
  rule("vp", "do vp", 1, "auxiliary", 0.2, (aux, vp) => {
    const f = formOf(aux);
    // "do *better*"
    return f && !HOW_ONE_DOES.test(headTerminal(vp).lemma ?? "") ? auxiliary(f)(aux, vp) : undefined;
  });
  rule("vp", "do advp", 0, "adjunct", 0.3, (v, advp) => (HOW_ONE_DOES.test(headTerminal(advp).lemma ?? "") ? formOf(v) : undefined));
  // have and do as full verbs
  rule("vp", "have np", 0, "object", 0.1, (v, np) => (object(np) ? formOf(v) : undefined));
  rule("vp", "have vp", 0, "infinitive", 0.5, (v, vp) => (vp.f.form === "to" && !vp.f.gap ? formOf(v) : undefined));
  lift("vp", "have", "verb", (v) => {
    const f = formOf(v);
    return f && { f: { ...f, gap: true }, cost: 0.8 };
  });
  // "more work to do"
  lift("vp", "do", "verb", (v) => {
    const f = formOf(v);
    return f && { f: { ...f, gap: true }, cost: 0.8 };
  });
  rule("vp", "do np", 0, "object", 0.3, (v, np) => (object(np) ? formOf(v) : undefined));
  // "choose chocolate *if they can*", "as loudly as *he could*": what is left out stands before.
  lift("vp", "modal", "ellipsis", () => ({ f: { form: "fin", agr: "any" }, cost: 3.2 }));
  // "the gardener wears ear protectors; the baby *does not*", "but hedgehogs *do*"
  rule("vp", "do not", 0, "ellipsis", 2.6, (l) => formOf(l));
  lift("vp", "do", "ellipsis", (l) => {
    const f = formOf(l);
    return f?.form === "fin" ? { f, cost: 3.2 } : undefined;
  });
  rule("vp", "modal not", 0, "ellipsis", 3.2, () => ({ form: "fin" as const, agr: "any" as const }));
  // be as a copula
  // "where gold was common and salt *was not*": what is left out stands before.
  rule("vp", "be not", 0, "ellipsis", 2.2, (be) => formOf(be));
  rule("vp", "be np", 0, "predicate", 0.1, (be, np) => {
    const f = np.f.kase === "subj" ? undefined : formOf(be);
    // "was *killed last month* fighting": something done, and no month that is killed.
    return f && { f, cost: np.f.det === "bare" && opensWithParticiple(np) ? 2 : 0 };
  });
  // "decide what the facts are"
  lift("vp", "be", "copula", (be) => {
    const f = formOf(be);
    return f && { f: { ...f, gap: true }, cost: 2 };
  });
  rule("vp", "be ap", 0, "predicate", 0, (be) => formOf(be));
  // "he was *the strongest*"
  rule("vp", "be best", 0, "predicate", 0.3, (be) => formOf(be));
  rule("vp", "be pp", 0, "predicate", 0.3, (be) => formOf(be));
  rule("vp", "be advp", 0, "predicate", 0.9, (be) => formOf(be));
  rule("vp", "be cs", 0, "predicate", 0.5, (be) => formOf(be));
  rule("vp", "be ws", 0, "predicate", 0.4, (be) => formOf(be));
  rule("vp", "be sb", 0, "predicate", 0.8, (be, sb) => (sb.f.sub === "cause" ? formOf(be) : undefined));
  rule("vp", "be vp", 0, "predicate", 0.9, (be, vp) => (vp.f.form === "to" && !vp.f.gap ? formOf(be) : undefined));
  rule("vp", "to vp", 1, "mark", 0, (_, vp) =>
    vp.f.form === "base" ? { form: "to", ...(vp.f.gap ? { gap: true as const } : {}), ...(vp.f.passive ? { passive: true as const } : {}) } : undefined,
  );
  // "the coral turns white, *a process known as bleaching*": a name for the whole.
  rule("vp", "vp c-np", 0, "adjunct", 0.9, (vp, cnp) => {
    const np = cnp.kids[1];
    return vp.f.form === "fin" && np?.role === "reduced" && np.f.det === "indef" && NAMES_A_DEED.test(headTerminal(np).lemma ?? "") ? vp.f : undefined;
  });
  rule("vp", "not vp", 1, "negation", 0.3, (_, vp) => (vp.f.form === "to" || vp.f.form === "ing" ? vp.f : undefined));

  // Adjuncts
  // What stands near belongs near: each word between head and adjunct costs a little.
  const near = (vp: Node, adjunct: Node): Made => ({ f: vp.f, cost: 0.03 * Math.min(12, adjunct.start - vp.start) + behindClause(vp) });
  rule("vp", "vp pp", 0, "adjunct", 0.2, (vp, pp) => {
    // "accuses a person *of breaking a law*"
    if (pp.f.sub === "of" && OF_WHAT.has(firstVerb(vp) ?? "")) return { f: vp.f, cost: -0.7 };
    if (pp.f.sub === "of" || pp.f.sub === "than") return { f: vp.f, cost: 1.5 };
    // "told the men *to water plants*": what they are to do.
    if (pp.kids[0]?.lemma === "to" && BIDDING.has(firstVerb(vp) ?? "") && opensAsDeed(pp.kids[1]!)) return { f: vp.f, cost: 2.5 };
    // "carried *off* eleven boats", "put *on* two coats": a verb of two words with its object.
    const verb = lastWord(vp);
    if (verb.cat === "v" && PHRASAL[verb.lemma ?? ""]?.includes(pp.f.sub ?? "")) return { f: vp.f, cost: 1.4 };
    const made = near(vp, pp)!;
    // "reports *submitted by states*": done by them, and seldom a verb of its own.
    return pp.f.sub === "by" && mayBePassive(vp) && namesDoer(pp) ? { f: made.f, cost: made.cost + 1.5 } : made;
  });
  rule("vp", "vp advp", 0, "adjunct", 0.15, near);
  rule("vp", "adv vp", 1, "adjunct", 0.2, (adv, vp) => (adv.f.sub === "particle" || adv.f.sub === "deg" || vp.f.form === "to" ? undefined : vp.f));
  // A reason belongs to what is said, not to a verb inside it: "knew little about hunting because …".
  const high = (vp: Node, sb: Node): Made => {
    const made = near(vp, sb)!;
    // "waited for *a night when the officers slept ashore*": which night.
    if (sb.f.sub === "when" && isOneTime(vp.kids[1])) return { f: made.f, cost: made.cost + 3 };
    // "The plan was to catch it before it sank": before catching it, not before the plan was made.
    if (vp.role === "predicate" && vp.kids[1]?.cat === "vp" && vp.kids[1].f.form === "to") return { f: made.f, cost: made.cost + 1 };
    return vp.f.form === "ing" || vp.f.form === "to" || vp.f.form === "base" ? { f: made.f, cost: made.cost + 0.7 } : made;
  };
  rule("vp", "vp sb", 0, "adjunct", 0.25, (vp, sb) => (findsOutWhere(vp, sb) ? undefined : high(vp, sb)));
  rule("vp", "vp vp", 0, "adjunct", 0, (vp, other) => {
    if (behindClause(vp) > 0 && other.f.form === "ing") return undefined;
    if (other.f.gap) return undefined;
    if (other.f.form === "to") return { f: vp.f, cost: 0.8 };
    // "called *blushing the most human of all expressions*": what he called it.
    return other.f.form === "ing" ? { f: vp.f, cost: vp.role === "verb" && CALLING.has(headTerminal(vp).lemma ?? "") ? 4 : 1.9 } : undefined;
  });
  rule("c-sb", "comma sb", 1, "mark", 0);
  // "can turn it into law, *but only if two thirds vote for it*"
  rule("c-only-sb", "conj sb", 1, "mark", 0, (l, r) => (l.f.sub === "but" && r.role === "modifier" && r.kids[0]?.lemma === "only" ? r.f : undefined));
  rule("c-sb", "comma c-only-sb", 1, "mark", 0);
  rule("c-sb-c", "c-sb comma", 0, "mark", 0);
  // "Henson, because he was a stranger, was ignored"
  rule("vp", "c-sb-c vp", 1, "adjunct", 1);
  rule("vp", "vp c-sb", 0, "adjunct", 0.4, high);
  rule("vp", "vp c-sb-c", 0, "adjunct", 1, high);
  rule("vp", "vp c-vp", 0, "adjunct", 0.9, (vp, other) => (other.f.form === "ing" && !other.f.gap ? { f: vp.f, cost: isList(other) ? 4 : 0 } : undefined));
  rule("c-pp", "comma pp", 1, "mark", 0);
  // "offered to help, *among them two engineers*": said of those who offered.
  rule("vp", "vp c-pp", 0, "adjunct", 0.9, (vp, pp) => ({ f: vp.f, cost: pp.kids[1]?.role === "listed" && vp.f.form !== "fin" ? 1.5 : 0 }));
  // "stand in long rows, *ready for battle*"
  rule("vp", "vp c-ap", 0, "adjunct", 1.2, (l, r) =>
    r.end - r.start >= 4 && /^(?:ready|full|complete|eager|unable|able|free|safe|proud|afraid)$/.test(headTerminal(r).lemma ?? "") ? l.f : undefined,
  );
  rule("c-pp-c", "c-pp comma", 0, "mark", 0);
  rule("vp", "c-pp-c vp", 1, "adjunct", 1, (_, vp) => (vp.f.form === "to" ? undefined : vp.f));
  rule("c-advp", "comma advp", 1, "mark", 0);
  rule("vp", "vp c-advp", 0, "adjunct", 0.9);
  rule("c-advp-c", "c-advp comma", 0, "mark", 0);
  rule("vp", "c-advp-c vp", 1, "adjunct", 0.3);

  // Coordination of verb phrases
  const sameForm = (l: Node, r: Node): Features | undefined => {
    if (l.f.form !== r.f.form || Boolean(l.f.gap) !== Boolean(r.f.gap)) return undefined;
    if (l.f.form !== "fin") return l.f;
    const agr = l.f.agr === "any" ? r.f.agr : r.f.agr === "any" || r.f.agr === l.f.agr ? l.f.agr : undefined;
    if (!agr) return undefined;
    const { passive: _, ...rest } = l.f;
    return { ...rest, agr };
  };
  // "was abolished and incorporated into the realm": the second is mostly passive too.
  const joined = (l: Node, r: Node): Made => {
    const f = sameForm(l, r);
    const verb = headTerminal(r);
    const mayBePassive = (l.f.passive || headTerminal(l).cat === "be") && !r.f.passive && verb.cat === "v" && verb.flags?.[0] === "past";
    // "collects there because cold air is heavier *and sinks*": what follows a reason goes on with it.
    // "is kept by notices and *calls*": what was done to it and what it does are seldom joined.
    const turnsActive = l.f.passive && !r.f.passive ? 0.5 : 0;
    // "needed to *monitor* and verify the count": both are needed for.
    const last = lastVerb(l);
    const mayGoOn = r.f.form === "base" || verb.flags?.[0] === "plain";
    const endsOpen = last !== undefined && last !== headTerminal(l) && last.flags?.[0] === "base";
    // "see wages as a way to raise output and *reduce* waste"
    const isTorn = mayGoOn && (endsOpen || endsInTo(l)) ? 1.3 : 0;
    const behindReason = l.role === "adjunct" && /^(?:c-)?sb$/.test(l.kids[1]?.cat ?? "") && l.kids[1]!.f.sub === "cause" ? 1.2 : 0;
    // "closed higher in spring and *lower* in autumn": one of the past and one of today are seldom of one subject.
    const turnsTense = l.f.form === "fin" && headTerminal(l).flags?.[0] === "past" && verb.cat === "v" && verb.flags?.[0] === "plain" ? 1.2 : 0;
    // "noticed that the treaty *speaks* of nations *and declared* himself the owner": whoever noticed it did.
    const turnsPast = l.f.form === "fin" && /^(?:third|plain)$/.test(headTerminal(l).flags?.[0] ?? "") && verb.cat === "v" && verb.flags?.[0] === "past";
    const turns = turnsTense + (turnsPast && !headTerminal(l).flags?.includes("past") ? 1.2 : 0);
    // "is a business *that takes in money and lends it*": what is told of a sort goes on there.
    const within = headTerminal(l).cat === "be" && l.role === "predicate" && verb.cat === "v" && endsInRelative(l) ? 1.2 : 0;
    return f && { f, cost: (mayBePassive && !hasObject(r) ? 1.6 : 0) + behindReason + turns + turnsActive + isTorn + within };
  };
  // "Worms dislike light, so keep the box in the dark": behind *so* a verb without a subject is a command.
  rule("j-vp", "conj vp", 1, "mark", 0, (conj, vp) => ({ f: vp.f, cost: conj.f.sub === "so" && vp.f.agr === "pl" ? 4 : 0 }));
  rule("vp", "vp j-vp", 0, "coordination", 0.4, joined);
  rule("c-j-vp", "comma j-vp", 1, "mark", 0);
  rule("vp", "vp c-j-vp", 0, "coordination", 0.5, joined);
  rule("vpl", "vp c-vp", 0, "coordination", 0.3, (l, r) => {
    // "to mend the quay, to light the pier and to pay the pilots"
    const f = sameForm(l, r);
    return f && { f, cost: (l.f.form === "to" ? 0.5 : 0) + (isCutFrom(r) ? 1.8 : 0) };
  });
  rule("vpl", "vpl c-vp", 0, "coordination", 0.2, sameForm);
  rule("vp", "vpl c-j-vp", 0, "coordination", 0.1, sameForm);
  rule("vp", "vpl j-vp", 0, "coordination", 0.1, sameForm);
}
