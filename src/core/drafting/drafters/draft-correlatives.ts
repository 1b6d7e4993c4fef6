import type { Sentence } from "../../language/analysis";
import { sentenceCase } from "../../language/node-text";
import type { Candidate } from "../candidate";
import type { SourceStock } from "../source-stock";

const CORRELATIVE = /^The (more|less|fewer|\p{Ll}+er) (\p{L}[^,;:]*), (the (?:more|less|fewer|\p{Ll}+er)\b[^,;:]*)\.$/u;
const POINTS = /\b(?:it|they|he|she|this|that|these|those|there|then|I|we|my|our)\b/i;
const LONGEST_KEY = 16;

/** "*The deeper* a submarine goes, *the more* the water presses on its hull": what happens as it goes deeper? Read by its form, since no clause of it stands alone. */
export function draftCorrelatives({ analysis }: SourceStock): Candidate[] {
  if (analysis.sort === "story") return [];
  return analysis.sentences.flatMap((sentence) => {
    const [, how, grows, follows] = CORRELATIVE.exec(sentence.text.trim()) ?? [];
    // "the longer *they* dance": who, another sentence says.
    if (/\b(?:they|he|she|we|I)\b/.test(follows ?? "")) return [];
    const condition = how && grows ? tellGrowth(how, grows, sentence) : undefined;
    if (!condition || !follows || sentence.speaker || sentence.block.kind === "heading") return [];
    if (follows.split(" ").length < 4 || follows.split(" ").length > LONGEST_KEY) return [];
    return [
      {
        kind: "short-answer" as const,
        stem: `What happens ${condition}?`,
        key: sentenceCase(follows),
        accepted: [],
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

/** "the deeper a submarine goes" → as a submarine goes deeper; "the more nails there are" → as there are more nails; "the higher the tide" → if the tide is higher */
function tellGrowth(how: string, grows: string, { words }: Sentence): string | undefined {
  const [, counted, be] = /^(\p{Ll}+(?: \p{Ll}+)?) there (is|are)$/u.exec(grows) ?? [];
  if (counted) return /^(?:more|less|fewer)$/.test(how) ? `as there ${be} ${how} ${counted}` : undefined;
  if (POINTS.test(grows) || !/^(?:an?|the|you|people|its|their) /.test(grows)) return undefined;
  const last = words.find(({ lower }, index) => index > 1 && lower === grows.split(" ").at(-1));
  const cheapest = (cat: string) => Math.min(...(last?.candidates.filter((tag) => tag.cat === cat).map(({ cost }) => cost) ?? []), 9);
  const isVerb = cheapest("v") < cheapest("n") && grows.split(" ").length >= (/^(?:you|people) /.test(grows) ? 2 : 3);
  if (isVerb) return `as ${grows} ${how}`;
  const isThing = /^(?:an?|the) \p{Ll}+$/u.test(grows) && how.endsWith("er") && how !== "fewer";
  return isThing ? `if ${grows} ${grows.endsWith("s") ? "are" : "is"} ${how}` : undefined;
}
