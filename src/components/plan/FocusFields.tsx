import { useMemo } from "react";
import TextareaAutosize from "react-textarea-autosize";
import type { Steer } from "@/core/drafting/plan";
import { notRanges } from "@/core/drafting/steering/read-steer";
import { recogniseExample } from "@/core/drafting/steering/recognise-example";
import type { QuestionKind } from "@/core/questions/question";
import { exampleText } from "@/messages/example-text";

type Props = {
  steer: Steer;
  proposed: readonly string[];
  countByOutcome: ReadonlyMap<string, number>;
  onChange: (steer: Steer) => void;
  onAddRow: (kind: QuestionKind) => void;
};

/** What the drafts should turn to. Everything is kept as it is typed. */
export function FocusFields({ steer, proposed, countByOutcome, onChange, onAddRow }: Props) {
  const set = (part: Partial<Steer>) => onChange({ ...steer, ...part });
  const field = (key: keyof Steer) => ({
    value: (steer[key] as string | undefined) ?? "",
    onChange: (event: { target: { value: string } }) => set({ [key]: event.target.value }),
  });
  const unread = notRanges(steer.paragraphs ?? "");
  return (
    <section aria-labelledby="focus" className="mt-8 max-w-3xl border-line border-t pt-5">
      <h2 id="focus" className="font-bold">
        Turn the drafts to
      </h2>
      <p className="text-soft text-sm">Leave all of it empty to let the whole text speak.</p>
      <div className="mt-3 grid grid-cols-1 gap-x-5 gap-y-3 sm:grid-cols-2">
        <label className="block text-sm">
          Only these paragraphs, pages, slides or minutes
          <input className="field mt-1 w-full" placeholder="3-6, 9" aria-invalid={unread.length > 0} aria-describedby="unread" {...field("paragraphs")} />
          <span id="unread" className="mt-1 block text-brick" aria-live="polite">
            {unread.length > 0 ? `“${unread.join(" ")}” is not a number or a range such as 3-6, and is passed over.` : ""}
          </span>
        </label>
        <label className="block text-sm">
          Only what speaks of these words
          <input className="field mt-1 w-full" placeholder="lens, keeper" {...field("terms")} />
        </label>
        <label className="block text-sm">
          Words that no question may hold
          <input className="field mt-1 w-full" placeholder="parted by commas" {...field("avoid")} />
        </label>
        <label className="block text-sm">
          My words for gaps
          <input className="field mt-1 w-full" placeholder="for a gap fill row with my words" {...field("words")} />
        </label>
      </div>
      <Outcomes steer={steer} proposed={proposed} countByOutcome={countByOutcome} set={set} />
      <Example text={steer.example ?? ""} set={set} onAddRow={onAddRow} />
      <fieldset className="mt-4 flex flex-wrap items-baseline gap-4 text-sm">
        <legend className="sr-only">Wrong options</legend>
        <span aria-hidden>Wrong options</span>
        {(["near", "far"] as const).map((value) => (
          <label key={value} className="flex cursor-pointer items-baseline gap-1.5">
            <input
              type="radio"
              name="distractors"
              className="accent-spruce"
              checked={(steer.distractors ?? "near") === value}
              onChange={() => set({ distractors: value })}
            />
            {value === "near" ? "close to the key" : "plainly different"}
          </label>
        ))}
      </fieldset>
    </section>
  );
}

type Setter = { set: (part: Partial<Steer>) => void };

/** One a line; those that the text offers are taken over with a click. */
function Outcomes({ steer, proposed, countByOutcome, set }: Setter & Pick<Props, "steer" | "proposed" | "countByOutcome">) {
  const text = steer.outcomes ?? "";
  const lines = text.split("\n").map((line) => line.trim());
  const open = proposed.filter((outcome) => !lines.includes(outcome));
  const counted = lines.filter((line) => line && countByOutcome.has(line));
  return (
    <div className="mt-4">
      <label className="block text-sm" htmlFor="outcomes">
        Outcomes and essential questions, one a line
        <TextareaAutosize
          id="outcomes"
          className="field mt-1 w-full leading-snug"
          minRows={2}
          placeholder="Explain why …"
          value={text}
          onChange={(event) => set({ outcomes: event.target.value })}
        />
      </label>
      {counted.length > 0 ? (
        <ul className="tabular mt-1 text-soft text-sm">
          {counted.map((line) => (
            <li key={line}>
              <b className="text-ink">{countByOutcome.get(line)}</b> in the set for “{line}”
            </li>
          ))}
        </ul>
      ) : null}
      {open.length > 0 ? (
        <details className="mt-1 text-sm">
          <summary className="cursor-pointer text-spruce">Outcomes that this text serves ({open.length})</summary>
          <ul className="mt-1">
            {open.map((outcome) => (
              <li key={outcome}>
                <button
                  type="button"
                  className="py-0.5 text-left hover:text-spruce hover:underline"
                  onClick={() => set({ outcomes: [text.trimEnd(), outcome].filter(Boolean).join("\n") })}
                >
                  + {outcome}
                </button>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </div>
  );
}

/** A question of the teacher's own, and how it was read. */
function Example({ text, set, onAddRow }: Setter & { text: string; onAddRow: Props["onAddRow"] }) {
  const read = useMemo(() => (text.trim() ? recogniseExample(text) : undefined), [text]);
  return (
    <div className="mt-4">
      <label className="block text-sm" htmlFor="example">
        Like this question of mine
        <TextareaAutosize
          id="example"
          className="field mt-1 w-full leading-snug"
          placeholder="Why did the keepers …?"
          value={text}
          onChange={(event) => set({ example: event.target.value })}
        />
      </label>
      {read ? (
        <p className="mt-1 text-soft text-sm" aria-live="polite">
          {exampleText(read)}{" "}
          {read.kind ? (
            <button type="button" className="text-spruce underline" onClick={() => onAddRow(read.kind!)}>
              Add a row for it
            </button>
          ) : null}
        </p>
      ) : null}
    </div>
  );
}
