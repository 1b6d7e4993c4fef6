import type { Block } from "../source/schema";

const LABEL = /^(\p{Lu}[\p{L}'’.-]*(?: \p{Lu}[\p{L}'’.-]*){0,3}):\s+(?=\S)/u;
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
  const answers = counts.has("Q") && counts.has("A") ? interviewee(blocks) : undefined;
  return new Map(
    isTalk ? found.map(({ id, name, length }) => [id, { name: answers ? (ANSWERS[name] === "answer" ? answers : "the interviewer") : name, length }]) : [],
  );
}

const ANSWERS: Record<string, string> = { A: "answer" };

/** Under *Q:* and *A:* the opening says who answers: "We spoke with Dana Whitehorse". */
function interviewee(blocks: readonly Block[]): string {
  const opening = blocks.filter((block) => block.kind !== "heading" && !LABEL.test(block.text)).map((block) => block.text);
  for (const text of opening) {
    const name = /\b(?:with|to|met|of|is|interviewed) (\p{Lu}[\p{Ll}'’-]+ \p{Lu}[\p{L}'’-]+)/u.exec(text)?.[1];
    if (name) return name;
  }
  return "the person who answers";
}
