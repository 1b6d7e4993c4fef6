/** Grammatical number; *any* agrees with both. */
export type GrammaticalNumber = "sg" | "pl" | "any";

export type Features = {
  num?: GrammaticalNumber;
  /** Pronouns only: may it be a subject, an object, or either. */
  kase?: "subj" | "obj";
  /** What opens the noun phrase. */
  det?: "def" | "indef" | "bare" | "proper" | "pron" | "quant" | "num" | "poss" | "dem" | "clause";
  form?: "fin" | "base" | "participle" | "ing" | "to";
  agr?: GrammaticalNumber | "first";
  /** A verb phrase or clause that lacks its object. */
  gap?: true;
  passive?: true;
  /** Sub-class of a closed word: the preposition, the conjunction's sense, … */
  sub?: string;
  time?: true;
};

/** A node of a parse tree over tokens [start, end). */
export type Node = {
  cat: string;
  f: Features;
  cost: number;
  start: number;
  end: number;
  /** Terminal: no kids. Otherwise one or two. */
  kids: readonly Node[];
  /** Which kid is the head, and what the other one is to it. */
  head: 0 | 1;
  role: string;
  /** Terminals: flags of the closed-class table, and the base form of an open word. */
  flags?: readonly string[];
  lemma?: string;
};

/** The head's chain from a node down to its terminal. */
export function headTerminal(node: Node): Node {
  let at = node;
  while (at.kids.length > 0) at = at.kids.length === 1 ? at.kids[0]! : at.kids[at.head]!;
  return at;
}

/** Every node of a tree, outermost first. A list, since it is walked thousands of times a page and a generator is four times as slow. */
export function walkTree(node: Node): Node[] {
  const all: Node[] = [];
  collect(node, all);
  return all;
}

function collect(node: Node, all: Node[]): void {
  all.push(node);
  for (const kid of node.kids) collect(kid, all);
}

/** Whether a pronoun of just this form ("him", "it") stands anywhere in the node. */
export function holdsPronoun(node: Node, form: string): boolean {
  return walkTree(node).some(({ cat, lemma }) => cat === "pro" && lemma === form);
}

/** The noun phrase without apposition and relative clause: what one would say the second time. */
export function coreOf(np: Node): Node {
  if (np.cat === "np" && np.kids.length === 2 && ["apposition", "relative", "reduced"].includes(np.role)) return coreOf(np.kids[0]!);
  return np;
}

/** What a pronoun takes up: the core, but of "*Most bakeries that close* have good bread. They …" not most of all bakeries. */
export function takenUpBy(np: Node): Node {
  // "*A German psychologist, Hermann Ebbinghaus*, was the first. He …": by the name.
  const name = np.role === "apposition" && coreOf(np).f.det === "indef" ? reasonNode(np.kids[1]!) : undefined;
  if (name?.cat === "np" && name.f.det === "proper" && name.end - name.start >= 2) return coreOf(name);
  // "*The men who owned the houses* saw their chance. They …": those, and not all men.
  const isThin = np.f.det === "def" && np.kids[1]?.cat === "rc" && /^(?:man|woman|people|person|thing|part)$/.test(headTerminal(np).lemma ?? "");
  return np.role === "relative" && (np.f.det === "quant" || isThin) ? np : coreOf(np);
}

/** Without the comma around it. */
export function reasonNode(node: Node): Node {
  if (/^c-|-c$/.test(node.cat)) return reasonNode(node.kids[node.head]!);
  return node;
}
