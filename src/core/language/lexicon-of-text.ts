import type { Sentence } from "./analysis";
import { isPersonNoun } from "./find-persons";
import type { Lexicon } from "./lexicon";
import { nounGender } from "./noun-gender";
import { headTerminal, walkTree } from "./tree";

/**
 * The dictionary as one text uses it: "The *strider* uses *its* legs", "the *carrier* drops *its* load". Words in
 * -er that the dictionary has for persons stand for animals or things where the text says *its* of them.
 */
export function lexiconOfText(sentences: readonly Sentence[], lexicon: Lexicon): Lexicon {
  const things = new Set(sentences.flatMap((sentence) => saidIts(sentence, lexicon)));
  const animal = lexicon.findWord("animal")?.senses[0];
  if (things.size === 0 || !animal) return lexicon;
  return {
    ...lexicon,
    findWord: (lemma) => {
      const entry = lexicon.findWord(lemma);
      return entry && things.has(lemma) ? { ...entry, senses: [animal] } : entry;
    },
  };
}

/** Nouns for persons that are the subject of a clause with *its* in its object, and nothing else that could own it. */
function saidIts({ clauses, words }: Sentence, lexicon: Lexicon): string[] {
  return clauses.flatMap(({ subject, complements, adjuncts, verb }) => {
    const head = headTerminal(subject);
    const noun = head.lemma ?? "";
    const isOne = head.cat === "n" && head.flags?.[0] === "sg" && (subject.f.det === "def" || subject.f.det === "indef") && /[eo]r$/.test(noun);
    if (!isOne || nounGender(noun) || !isPersonNoun(noun, lexicon)) return [];
    const behind = [...complements, ...adjuncts].filter(({ node }) => node.start >= verb.end).sort((a, b) => a.node.start - b.node.start);
    const [first] = behind;
    const isOwn = first?.role === "object" && words[first.node.start]?.lower === "its";
    const others = walkTree(subject).filter(({ cat }) => cat === "n").length;
    return isOwn && others <= 2 ? [noun] : [];
  });
}
