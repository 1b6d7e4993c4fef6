import { GAP_ANSWERS, GAP_WORDS, type PlanRow } from "@/core/drafting/plan";

const WORDS: Record<(typeof GAP_WORDS)[number], string> = {
  facts: "words that carry facts",
  "my-words": "my words",
  "past-verbs": "verbs in the past",
  "imperfect-verbs": "imperfect (Spanish)",
  "present-verbs": "verbs in the present",
  prepositions: "prepositions",
  articles: "articles",
};
const ANSWERS: Record<(typeof GAP_ANSWERS)[number], string> = { typed: "written", bank: "word bank", choose: "chosen in the line" };

/** Words that carry facts are written, or chosen from a list where several sentences stand together. */
const AS_IT_FITS = "as-it-fits";

/** Which words are left out, and how they are put back. */
export function GapFields({ row, onChange }: { row: PlanRow; onChange: (row: PlanRow) => void }) {
  const isOfFacts = (row.gapWords ?? "facts") === "facts";
  const usual = isOfFacts ? AS_IT_FITS : row.gapWords === "prepositions" ? "bank" : row.gapWords === "articles" ? "choose" : "typed";
  const change = ({ gapAnswer: _, ...plain }: PlanRow, answer: string) =>
    onChange(answer === AS_IT_FITS ? plain : { ...plain, gapAnswer: answer as (typeof GAP_ANSWERS)[number] });
  return (
    <span className="flex flex-col gap-1">
      <select
        aria-label="Words left out"
        className="field py-0.5 text-sm"
        value={row.gapWords ?? "facts"}
        onChange={(event) => onChange({ ...row, gapWords: event.target.value as (typeof GAP_WORDS)[number] })}
      >
        {GAP_WORDS.map((words) => (
          <option key={words} value={words}>
            {WORDS[words]}
          </option>
        ))}
      </select>
      <select
        aria-label="How gaps are filled"
        className="field py-0.5 text-sm"
        value={row.gapAnswer ?? usual}
        onChange={(event) => change(row, event.target.value)}
      >
        {isOfFacts && <option value={AS_IT_FITS}>as it fits</option>}
        {GAP_ANSWERS.map((answer) => (
          <option key={answer} value={answer}>
            {ANSWERS[answer]}
          </option>
        ))}
      </select>
    </span>
  );
}
