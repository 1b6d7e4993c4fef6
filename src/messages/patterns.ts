/** What a draft was made from, in words, by its pattern. A pattern that is not here is named as it is. */
const PATTERNS: Record<string, string> = {
  "what-is-term": "The source says what a term means, and the meaning is asked for.",
  "what-do-we-call": "The source says what a term means, and the term is asked for.",
  "what-is-called": "The source names something, and the name is asked for.",
  "how-many": "The source counts something exactly.",
  "number-how-many": "The source counts something exactly.",
  "years-between": "The source dates two events; the years between them are one step of arithmetic.",
  "in-what-year": "The source dates an event.",
  "how-often": "The source says how often something happens.",
  "steps-in-order": "The source lists steps as commands, one after the other.",
  "events-in-order": "The source dates three events or more.",
  "match-terms": "The source says what three terms or more mean.",
  "match-years": "The source dates three events or more.",
  "tell-section": "A section of the source holds three weighty facts or more.",
  "story-in-order": "The story tells four plain events or more, one after the other.",
  "match-speakers": "The story lets three speakers or more say words of their own.",
  "who-says": "The story says who speaks these words.",
  "how-did-feel": "The story says how somebody felt, and when.",
  "who-or-what-is": "The source says in passing who somebody or what something is.",
  "which-things": "The source lists three things or more.",
  "all-of-a-list": "The source lists three things or more; the wrong ones stand elsewhere in it.",
  "all-true-statements": "The source says some of the statements and denies the others.",
  "meaning-by-source": "The source itself says what the term means.",
  "meaning-by-dictionary": "The dictionary knows one meaning of the word only.",
  "which-heading": "The source has four sections or more with headings of their own.",
  "what-it-stands-for": "A pronoun of the source that can stand for one thing only.",
  "essay-inform": "The source explains its matter with four weighty facts or more.",
  "essay-argue": "The writer says what should be done, with reasons.",
  "essay-tell": "The story tells what its persons do.",
  "poll-claim": "The writer says what should be done.",
  "poll-parts": "The source has three parts or more.",
  "poll-persons": "The story has two persons or more.",
  "own-word": "A word of your own list, in the sentence where it is clearest.",
  "what-did-when": "The source says what somebody did, and on what occasion.",
  when: "The source says when something happens.",
  "gaps-past-verbs": "A paragraph with verbs in the past.",
  "gaps-imperfect-verbs": "A paragraph with verbs in the imperfect.",
  "gaps-present-verbs": "A paragraph with verbs in the present.",
  "gaps-prepositions": "A paragraph with several prepositions, each left out once.",
  "gaps-articles": "A paragraph with several articles.",
  "why-for-this-reason": "The sentence before gives the reason.",
  "which-reason": "The writer numbers the reasons: first, second, last.",
  "what-does-it-do": "The source tells one thing that this part does.",
  "what-was-said": "The source says what somebody found, said or believes.",
  "what-aim": "The source says what somebody wants, decides or asks for.",
  "what-should": "The source says what somebody should do.",
  "what-to-do": "The source says what to do in a certain case.",
  "what-relation": "The source says what something is made of, depends on or leads to.",
  "which-one": "The source says which one is the only, the first or the most.",
  "what-can-happen-to": "The source says what can happen to somebody.",
  "writers-reasons": "The writer says what should be done, and gives reasons.",
};

/** Families of patterns, the first that fits. */
const FAMILIES: [RegExp, string][] = [
  [/^proved-/, "A fact of the source, and the sentence that proves it among others on the same topic."],
  [/^true-/, "A statement of the source in other words."],
  [/^false-/, "A statement of the source, changed so that the source denies it."],
  [/^gap-/, "A sentence of the source with a word that carries its meaning left out."],
  [/^why-(?:to|so-that$)/, "The source says what something is done for."],
  [/^why-/, "The source gives a reason, or says what follows from it."],
  [/^what-happens-/, "The source says under what condition something happens."],
  [/^how-by$/, "The source says how something is done."],
  [/^where$/, "The source says where something is put or stands."],
  [/^(?:who-did|passive-by)$/, "The source says who or what does something."],
  [/^what-/, "The source says what is done or meant."],
];

export function patternText(pattern: string): string {
  return PATTERNS[pattern] ?? FAMILIES.find(([sign]) => sign.test(pattern))?.[1] ?? `Made by the pattern “${pattern}”.`;
}

/** Why a candidate was held back. */
export const GATE_TEXT: Record<string, string> = {
  "stem-too-thin": "too few words to single out one fact",
  "stem-too-long": "too long to read",
  "key-too-long": "the answer is too long to mark",
  "answer-in-stem": "the question gives the answer away",
  "doubled-words": "words are doubled",
  "vague-subject": "it does not say whom or what it asks about",
  "gap-word-elsewhere": "the missing word stands elsewhere in the sentence",
  "opens-badly": "it does not open like a sentence",
  unpunctuated: "it would show whole sentences, and this speech has no full stops",
  score: "not worth enough beside the others",
};

/** Why a sentence is not asked about. */
export const ABSTAIN_TEXT: Record<string, string> = {
  heading: "a heading",
  "list-item": "a list item that is no whole sentence",
  speech: "somebody's words in quotation marks",
  question: "a question itself",
  "too-long": "too long to be sure of",
  "not-parsed": "its grammar was not understood as a whole",
  "no-verb": "it has no verb",
  capitals: "it is all in capitals, so that names cannot be told from nouns",
  spanish: "read by its surface only, as all Spanish is: numbers, names, terms, reasons and steps",
};
