import { type Antecedent, type Person, positionKey, type Sentence } from "./analysis";
import type { Clause } from "./clause";
import type { Lexicon } from "./lexicon";
import { nodeText } from "./node-text";
import { isOfStranger } from "./object-again";
import { ownerForm } from "./owner-form";
import { solePerson } from "./sole-person";
import { type Node, walkTree } from "./tree";

/**
 * "Later a fall injured *her* back", "doctors said *she* would never walk again": inside what a clause says of
 * somebody or something else, the one woman (or the one man) that the source can mean. The first such word
 * of a clause takes the name; those behind it are clear beside that.
 */
export function resolveSolePerson(
  sentences: readonly Sentence[],
  antecedents: ReadonlyMap<string, Antecedent>,
  persons: ReadonlyMap<string, Person>,
  lexicon: Lexicon,
): void {
  for (const sentence of sentences) {
    if (!sentence.tree || sentence.abstained) continue;
    for (const clause of sentence.clauses) {
      if (clause.rank !== "main" || clause.imperative) continue;
      const pronoun = openPronoun(clause, sentence.tree);
      const gender = pronoun && genderOf(pronoun);
      const name =
        gender &&
        !(pronoun.cat === "pro" && isOfStranger(pronoun, sentence, lexicon)) &&
        solePerson(gender, persons, sentence, sentences[sentence.index - 1], lexicon);
      if (!name || isOwn(pronoun, sentence) || isAbout(clause, name, antecedents, persons) || isNamedBefore(clause, pronoun, name)) continue;
      const text = pronoun.cat === "poss" && !isCalledBack(clause, pronoun) ? ownerForm(name, sentences) : name;
      sentence.resolved = new Map([...(sentence.resolved ?? []), [pronoun.start, { text, sentence }]]);
    }
  }
}

/** "called *her back*": her, and where to. */
const CALLED_BACK = /^(?:call|send|bring|take|get|have|want|ask|invite|welcome|win|pull|push|hold|keep|lead|carry|drive|write|pay|lay|put)$/;

function isCalledBack({ sentence, verb }: Clause, { cat, end }: Node): boolean {
  return cat === "poss" && sentence.words[end]?.lower === "back" && CALLED_BACK.test(verb.lemma ?? "");
}

/** "so thick that a man could not see *his own* oars": that man's. */
function isOwn({ cat, start, end }: Node, { words, clauses }: Sentence): boolean {
  const isInner = !clauses.some((clause) => clause.rank === "main" && clause.subject.end <= start && /^(?:he|she)$/i.test(words[clause.subject.start]!.lower));
  return cat === "poss" && words[end]?.lower === "own" && isInner;
}

function genderOf({ lemma = "" }: Node): "he" | "she" {
  return /^(?:he|him|his)$/.test(lemma) ? "he" : "she";
}

/** The first pronoun of a person that the clause has beside its subject, where it stands for nothing yet. */
function openPronoun({ sentence, start, end, subject }: Clause, tree: Node): Node | undefined {
  const subjects = new Set(sentence.clauses.map((clause) => clause.subject.start));
  const all = walkTree(tree).filter(
    (node) =>
      node.kids.length === 0 &&
      node.start >= start &&
      node.end <= end &&
      (node.start < subject.start || node.start >= subject.end) &&
      ((node.cat === "pro" && /^(?:he|she|him|her)$/.test(node.lemma ?? "")) || (node.cat === "poss" && /^(?:his|her)$/.test(node.lemma ?? ""))),
  );
  const first = all.sort((a, b) => a.start - b.start)[0];
  return first && !subjects.has(first.start) && !sentence.resolved?.has(first.start) && !sentence.open?.has(first.start) ? first : undefined;
}

/** The clause tells of that person, or of somebody who may be meant as well: *her mother*, *she*, *a girl*. */
function isAbout({ sentence, subject }: Clause, name: string, antecedents: ReadonlyMap<string, Antecedent>, persons: ReadonlyMap<string, Person>): boolean {
  const told = antecedents.get(positionKey(sentence, subject.start))?.text ?? nodeText(sentence, subject);
  // "*Jonna* called Mina": somebody of whom nothing else is known.
  if (subject.f.det === "proper" && !persons.has(told)) return true;
  if (/^(?:he|she|I|you|we|who)$/i.test(told) || persons.get(told)?.name === name) return true;
  return (
    walkTree(subject).some((node) => node.kids.length === 0 && /^(?:his|her)$/.test(node.lemma ?? "")) || name.split(" ").some((part) => told.includes(part))
  );
}

/** "Mr Hale watched Ada until *she* left": the clause names her. */
function isNamedBefore({ sentence, start }: Clause, pronoun: Node, name: string): boolean {
  const parts = name.split(" ");
  return sentence.words.slice(start, pronoun.start).some(({ text }) => parts.includes(text));
}
