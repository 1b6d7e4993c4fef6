import type { Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";

const CORRELATIVE = /^The (more|less|fewer|\p{Ll}+er) (\p{L}[^,;:]*), (the (?:more|less|fewer|\p{Ll}+er)\b[^,;:]*)(?:\.|; .+\.)$/u;
const POINTS = /\b(?:it|they|he|she|this|that|these|those|there|then|I|we|my|our)\b/i;
const LONGEST_KEY = 16;

/** "*The deeper* a submarine goes, *the more* the water presses on its hull": what happens as it goes deeper? Read by its form, since no clause of it stands alone. */
export function draftCorrelatives({ analysis }: SourceStock): Candidate[] {
  if (analysis.sort === "story") return [];
  return analysis.sentences.flatMap((sentence) => {
    const [, how, grows, follows] = CORRELATIVE.exec(sentence.text.trim()) ?? [];
    // "the longer *they* dance": who, another sentence says.
    // "the more *of them* there are"
    if (/\b(?:they|he|she|we|I)\b|\bof (?:them|it)\b/.test(follows ?? "")) return [];
    const condition = how && grows ? tellGrowth(how, grows, sentence) : undefined;
    if (!condition || !follows || sentence.speaker || sentence.block.kind === "heading") return [];
    if (follows.split(" ").length < 4 || follows.split(" ").length > LONGEST_KEY) return [];
    return [
      {
        kind: "short-answer" as const,
        stem: `What happens ${condition}?`,
        key: sentenceCase(tellFollowing(follows)),
        accepted: [sentenceCase(follows)],
        distractors: [],
        optionOrder: "shuffled" as const,
        evidence: [sentence],
        factId: `${sentence.index}:condition:0`,
        factType: "condition" as const,
        pattern: "the-more",
        depth: "understanding" as const,
        worth: 3,
      },
    ];
  });
}

const BECOMING = "(?:is|are|was|were|gets?|becomes?|grows?|seems?|will be|can be|can get|will get)";
const THING = "(?:the|an?|your|its|their|his|her) [^,;:]+?";

/** Each form in which something follows, as a plain statement. */
const FOLLOWING: readonly (readonly [RegExp, string])[] = [
  // "the darker the dye gets" → the dye gets darker
  [new RegExp(`^the ((?:more|less) \\p{Ll}+|\\p{Ll}+er) (${THING} ${BECOMING})$`, "u"), "$2 $1"],
  // "the longer the shower lasts" → the shower lasts longer
  [/^the (\p{Ll}+er) ((?:the|its|your|his|her) \p{Ll}+ \p{Ll}+s)$/u, "$2 $1"],
  // "the faster the cups spin" → the cups spin faster
  [/^the (\p{Ll}+er) ((?:the|its|your|his|her|their) \p{Ll}+s \p{Ll}+(?<!s))$/u, "$2 $1"],
  // "the bolder the stripes" → the stripes are bolder
  [/^the (\p{Ll}+er) ((?:the|its|your|his|her|their) \p{Ll}+(?<![su])s)$/u, "$2 are $1"],
  // "the tighter the grip" → the grip is tighter
  [/^the (\p{Ll}+er) ((?:the|its|your|his|her) \p{Ll}+)$/u, "$2 is $1"],
  // "the more often the grains bump into something" → the grains bump into something more often
  [/^the ((?:more|less) often) (.+)$/u, "$2 $1"],
  // "the more flavour it makes" → it makes more flavour
  [/^the ((?:more|less|fewer) \p{Ll}+) ((?:it|they|you) \p{Ll}+)$/u, "$2 $1"],
  // "the more juice the plant makes" → the plant makes more juice
  [/^the ((?:more|less|fewer) \p{Ll}+) ((?:the|an?|its|your|his|her|their) \p{Ll}+ \p{Ll}+)$/u, "$2 $1"],
  // "the more the water presses on its hull" → the water presses more on its hull
  [/^the (more|less) ((?:the|your|its|his|her) \p{Ll}+ \p{Ll}+)( .+)?$/u, "$2 $1$3"],
  // "the more boats there are" → there are more boats
  [/^the ((?:more|less|fewer) (?!of\b)\p{Ll}+) there (is|are|will be)$/u, "there $2 $1"],
  // "the more water flows into the basin" → more water flows into the basin
  [/^the ((?:more|less|fewer) \p{Ll}+ \p{Ll}+.*)$/u, "$1"],
];

/** What follows, told by itself: "the more water runs out and the harder the cheese becomes" → more water runs out and the cheese becomes harder. */
function tellFollowing(follows: string): string {
  const told = follows.split(/ and (?=the (?:more|less|fewer|\p{Ll}+er) )/u).map((part) => {
    const form = FOLLOWING.find(([pattern]) => pattern.test(part));
    return form && part.replace(form[0], form[1]);
  });
  return told.every((part) => part !== undefined) ? told.join(" and ") : follows;
}

/** "the deeper a submarine goes" → as a submarine goes deeper; "the more nails there are" → as there are more nails; "the higher the tide" → if the tide is higher */
function tellGrowth(how: string, grows: string, { words }: Sentence): string | undefined {
  const [, counted, be] = /^(\p{Ll}+(?: \p{Ll}+)?) there (is|are)$/u.exec(grows) ?? [];
  if (counted) return /^(?:more|less|fewer)$/.test(how) ? `as there ${be} ${how} ${counted}` : undefined;
  // "the closer a puppet is to the screen" → as a puppet gets closer to the screen
  const [, thing, is, where] = /^((?:an?|the) \p{Ll}+(?: \p{Ll}+)?) (is|are) ((?:to|from) .+)$/u.exec(grows) ?? [];
  if (thing && how.endsWith("er") && !POINTS.test(grows)) return `as ${thing} ${is === "is" ? "gets" : "get"} ${how} ${where}`;
  // "the more gas the rock contains" → as the rock contains more gas
  const [, amount, holder] = /^(\p{Ll}+) ((?:an?|the) \p{Ll}+ \p{Ll}+s)$/u.exec(grows) ?? [];
  if (amount && /^(?:more|less|fewer)$/.test(how) && !POINTS.test(grows)) return `as ${holder} ${how} ${amount}`;
  if (POINTS.test(grows) || !/^(?:an?|the|you|people|its|their) /.test(grows)) return undefined;
  const last = words.find(({ lower }, index) => index > 1 && lower === grows.split(" ").at(-1));
  const cheapest = (cat: string) => Math.min(...(last?.candidates.filter((tag) => tag.cat === cat).map(({ cost }) => cost) ?? []), 9);
  // "the wind *blows*"
  const isThird = /^the \p{Ll}+(?<!s) \p{Ll}+s$/u.test(grows) && last?.candidates.some(({ cat, flags }) => cat === "v" && flags?.[0] === "third") === true;
  const isVerb = (cheapest("v") < cheapest("n") || isThird) && grows.split(" ").length >= (/^(?:you|people) /.test(grows) ? 2 : 3);
  if (isVerb) return `as ${grows} ${how}`;
  const isThing = /^(?:an?|the) \p{Ll}+$/u.test(grows) && how.endsWith("er") && how !== "fewer";
  return isThing ? `if ${grows} ${grows.endsWith("s") ? "are" : "is"} ${how}` : undefined;
}
