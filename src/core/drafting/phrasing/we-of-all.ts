import { type Analysis, narratorOf, type Sentence } from "../../language/analysis";
import { headTerminal, type Node } from "../../language/tree";

const weOfAll = new WeakMap<Analysis["sentences"], boolean>();

/** "the hormone that makes *us* sleepy", in a text that nobody tells and where *we* did nothing: people in general. */
export function isWeOfAll({ lemma = "" }: Node, sentence: Sentence, analysis: Analysis): boolean {
  // "Cooking keeps *us* healthy": in an opinion too, where it is said of everybody and always.
  if (lemma === "us" && analysis.sort === "opinion" && holdsForEverybody(sentence)) return true;
  if (!/^(?:we|us|our|ourselves)$/.test(lemma) || analysis.sort !== "expository" || narratorOf(sentence, analysis)) return false;
  if (
    lemma === "our" &&
    !/\bour (?:own )?(?:\p{L}+ )?(?:faces?|hands?|feet|hearts?|lungs?|noses?|hair|health|body|bodies|eyes?|ears?|brains?|skin|blood|bones?|muscles|planet|world|lives|senses|galaxy|sun|atmosphere)\b/iu.test(
      sentence.text,
    )
  )
    return false;
  const known =
    weOfAll.get(analysis.sentences) ??
    analysis.sentences.every(
      ({ clauses, speaker }) =>
        speaker === undefined &&
        clauses.every(
          ({ rank, subject, verb, auxiliaries }) =>
            rank !== "main" || headTerminal(subject).lemma !== "we" || ![verb, ...auxiliaries].some(({ flags }) => flags?.includes("past")),
        ),
    );
  weOfAll.set(analysis.sentences, known);
  return known;
}

const FOR_ALL = /^(?:help|keep|make|teach|prepare|give|tell|let|remind|show|bring|warn|protect)$/;

function holdsForEverybody({ clauses }: Sentence): boolean {
  return clauses.every(
    ({ subject, verb, auxiliaries, negated }) =>
      !negated &&
      !/^(?:i|we|they|he|she|it)$/.test(headTerminal(subject).lemma ?? "") &&
      FOR_ALL.test(verb.lemma ?? "") &&
      auxiliaries.length === 0 &&
      verb.flags?.[0] === "third",
  );
}
