import { literally } from "../lib/literally";
import type { Block } from "../source/schema";

/** "Aldous Finn: My uncle worked here." */
export const LABEL = /^(\p{Lu}[\p{L}'’.-]*(?: \p{Lu}[\p{L}'’.-]*){0,3}):\s+(?=\S)/u;
/** Labels that name a part of the page and nobody who speaks. */
const NO_SPEAKER = /^(?:Note|Notes|Warning|Tip|Example|Figure|Table|Source|Important|Remember|Answer|Question|Step|Materials|Ingredients|Time|Date|Place)$/i;

export type SpeakerLabel = { name: string; length: number };

/** "Aldous Finn: My uncle worked here." in an interview: who speaks, and how many characters say so. */
export function speakerLabels(blocks: readonly Block[]): Map<string, SpeakerLabel> {
  const found = blocks.flatMap((block) => {
    const match = block.kind === "heading" ? undefined : LABEL.exec(block.text);
    return match && !NO_SPEAKER.test(match[1]!) ? [{ id: block.id, name: match[1]!, length: match[0].length }] : [];
  });
  // One label is a turn of phrase; the same one twice, beside another, is a talk.
  const counts = new Map<string, number>();
  for (const { name } of found) counts.set(name, (counts.get(name) ?? 0) + 1);
  const isTalk = counts.size >= 2 && [...counts.values()].some((count) => count >= 2);
  if (!isTalk) return counts.size === 0 && blocks.filter(({ text }) => GREETING.test(text)).length >= 2 ? lettersIn(blocks) : answersIn(blocks);
  const isQuestioned = counts.has("Q") && counts.has("A");
  const named = new Map(
    [...counts.keys()].map((label) => [label, isQuestioned ? (label === "A" ? interviewee(blocks) : "the interviewer") : nameOf(label, blocks)]),
  );
  return new Map([
    ...unlabelledAnswers(blocks, new Set(found.map(({ id }) => id))),
    ...found.map(({ id, name, length }) => [id, { name: named.get(name)!, length }] as const),
  ]);
}

/** Share of labelled paragraphs that end on a question, where only those who ask have labels. */
const ASKED_SHARE = 0.8;

/** "**Mira: Are you afraid of heights?** Yes. …": only those who ask are named ahead; whoever is asked says the rest. */
function unlabelledAnswers(blocks: readonly Block[], labelled: ReadonlySet<string>): [string, SpeakerLabel][] {
  const asked = blocks.filter(({ id }) => labelled.has(id));
  const opening = blocks.indexOf(asked[0]!);
  const answers = blocks.slice(opening).filter(({ id, kind }) => kind !== "heading" && !labelled.has(id));
  const isAsking = asked.filter(({ text }) => /\?["”’']?$/.test(text.trim())).length >= ASKED_SHARE * asked.length;
  if (!isAsking || answers.length < FEWEST_ASKED) return [];
  const name = interviewee(blocks.slice(0, opening));
  return answers.map(({ id }) => [id, { name, length: 0 }]);
}

const ROLE = /^(?:student|pupil|interviewer|reporter|host|teacher|guide|presenter|moderator|child|visitor|speaker|narrator|journalist|expert)$/i;

/** "LEONIE:" is Leonie Marsh where the text names her so, "Student:" the student. */
function nameOf(label: string, blocks: readonly Block[]): string {
  if (ROLE.test(label)) return `the ${label.toLowerCase()}`;
  if (!/^[\p{Lu} .'’-]{3,}$/u.test(label)) return label;
  const plain = label
    .split(" ")
    .map((word) => word.charAt(0) + word.slice(1).toLowerCase())
    .join(" ");
  const whole = new RegExp(`\\b${literally(plain)} (\\p{Lu}[\\p{L}'’-]+)`, "u");
  const surname = blocks.map(({ text }) => whole.exec(text)?.[1]).find(Boolean);
  return surname ? `${plain} ${surname}` : plain;
}

const GREETING = /^Dear \p{Lu}[^.?!]{0,60}[,:]?$/u;
const SIGNED = /^(?:\p{Lu}[\p{L}'’.-]+ ){1,3}?\p{Lu}[\p{L}'’-]+(?:,[^.]{0,40})?$/u;

/** Several letters on one page: each is said by whoever signs it. */
function lettersIn(blocks: readonly Block[]): Map<string, SpeakerLabel> {
  const found = new Map<string, SpeakerLabel>();
  let letter: Block[] | undefined;
  for (const block of blocks) {
    if (GREETING.test(block.text)) letter = [];
    else if (letter && SIGNED.test(block.text)) {
      const name = block.text.split(",")[0]!;
      for (const { id } of letter) found.set(id, { name, length: 0 });
      letter = undefined;
    } else letter?.push(block);
  }
  return found;
}

/** "How do you find your way out?", at the head of a paragraph or as one of its own. */
const ASKED = /^[^.?!]{8,200}\?(?=\s|$)/;
const FEWEST_ASKED = 3;
const FEWEST_TO_SOMEBODY = 2;
/** "We asked her about her work": said in front, one question to *you* is enough. */
const ANNOUNCED = /\b(?:asked (?:him|her|them)|questions? (?:for|to)|interview(?:ed)?|(?:talk|talked|speak|spoke|spoken|conversation) (?:with|to))\b/i;
const OWN_SHARE = 0.4;

/** An interview that names nobody before the answers: what follows a question to *you* is said by whoever is asked. */
function answersIn(blocks: readonly Block[]): Map<string, SpeakerLabel> {
  const asked = blocks.filter(({ text }) => ASKED.test(text));
  // To somebody: "How do *you* find your way?" But "Who was she?" is asked of whoever reads.
  const toSomebody = asked.filter(({ text }) => /\byou(?:r|rs)?\b/i.test(ASKED.exec(text)![0]));
  const opening = blocks.indexOf(asked[0]!);
  const fewest = blocks.slice(0, Math.max(0, opening)).some(({ text }) => ANNOUNCED.test(text)) ? 1 : FEWEST_TO_SOMEBODY;
  if (asked.length < FEWEST_ASKED || toSomebody.length < fewest) return new Map();
  const answers = blocks.slice(opening).filter((block) => block.kind !== "heading" && block.text.replace(ASKED, "").trim() !== "");
  const own = answers.filter(({ text }) => /\b(?:I|[Mm]y|me|[Ww]e|[Oo]ur)\b/.test(text.replace(ASKED, "")));
  if (own.length < FEWEST_ASKED || own.length / answers.length < OWN_SHARE) return new Map();
  const name = interviewee(blocks.slice(0, opening));
  return new Map(answers.map(({ id }) => [id, { name, length: 0 }]));
}

/** "Marek Dolny has explored more than sixty caves": whom an opening tells of. */
const TELLS_OF =
  /(?:^|[.!?] )(?:(?:[Ff]or|[Ss]ince|[Ii]n|[Ww]ith|[Aa]t|[Ee]very|[Aa]ll)(?: (?!of|with|to)\p{Ll}+){1,4},? )?(\p{Lu}[\p{Ll}'’-]+(?: \p{Lu}[\p{L}'’-]+){1,2})(?:,[^,]+,)? (?:is|was|has|had|kept|ran|spent|\p{Ll}{3,}(?:s|ed))\b/u;

const NO_NAME = /\b(?:School|Street|Bay|Museum|Council|Harbour|Island|Road|Square|Club|Library|College|Hospital|Station)\b/;

/** Under *Q:* and *A:* the opening says who answers: "We spoke with Dana Whitehorse". */
function interviewee(blocks: readonly Block[]): string {
  const opening = blocks.filter((block) => block.kind !== "heading" && !LABEL.test(block.text)).map((block) => block.text);
  for (const text of opening) {
    const names = [TELLS_OF, /\b(?:with|to|met|of|is|by|interviewed) (\p{Lu}[\p{Ll}'’-]+ \p{Lu}[\p{L}'’-]+)/u].map((pattern) => pattern.exec(text)?.[1]);
    const name = names.find((found) => found && !NO_NAME.test(found));
    if (name) return name;
  }
  return "the interviewee";
}
