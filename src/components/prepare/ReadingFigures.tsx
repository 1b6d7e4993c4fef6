import { locatorLabel } from "@/core/source/locator-label";
import { readingMinutesAt, type SourceDescription } from "@/core/source/readability/describe-source";
import type { Block } from "@/core/source/schema";
import { gradeBand } from "@/messages/grades";
import { languageName } from "@/messages/languages";

type Props = { description: SourceDescription; grade: number; blocks: readonly Block[]; language: string };

/** What the text is: its size, its reading grade by several formulas, and where it is hardest. */
export function ReadingFigures({ description, grade, blocks, language }: Props) {
  const { counts, hardest } = description;
  // The formulas were made on English.
  const reading = language === "en" ? description.grade : undefined;
  const minutes = Math.max(1, Math.round(readingMinutesAt(counts.words, grade)));
  const facts: [string, string][] = [
    ["Words", counts.words.toLocaleString("en-US")],
    ["Sentences", counts.sentences.toLocaleString("en-US")],
    ["Words a sentence", (counts.words / Math.max(1, counts.sentences)).toFixed(1)],
    [`Reading time in grade ${grade}`, `about ${minutes} min`],
  ];
  return (
    <div className="text-[0.95rem]">
      <h2 className="font-bold">What it is</h2>
      <dl className="tabular mt-2">
        {facts.map(([name, value]) => (
          <div key={name} className="flex justify-between border-line border-b py-1">
            <dt className="text-soft">{name}</dt>
            <dd className="font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      {reading ? (
        <>
          <h2 className="mt-6 font-bold">
            Reads at grade {gradeBand(reading)}, middle {Math.max(1, Math.round(reading.middle))}
          </h2>
          <p className="mt-0.5 text-soft text-sm">Formulas count words, letters and syllables. They estimate; they do not know what is hard to understand.</p>
          <table className="tabular mt-2 w-full text-sm">
            <thead className="sr-only">
              <tr>
                <th>Formula</th>
                <th>Grade</th>
              </tr>
            </thead>
            <tbody>
              {reading.formulas.map((formula) => (
                <tr key={formula.id} className="border-line border-b">
                  <td className="py-1" title={formula.source}>
                    {formula.name}
                  </td>
                  <td className="py-1 text-right font-semibold">{Math.max(0, formula.grade).toFixed(1)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
      {language === "en" ? null : (
        <p className="mt-4 border-line border-t pt-3">
          This is {languageName(language)}. Vumo counts and searches it and keeps your own questions on it; it drafts from English and, in a first form, from
          Spanish, and its reading formulas are for English.
        </p>
      )}
      <h2 className="mt-6 font-bold">Hardest sentences</h2>
      <ol className="mt-1 space-y-2">
        {hardest.map((sentence) => {
          const block = blocks.find((other) => other.id === sentence.blockId);
          return (
            <li key={`${sentence.blockId}-${sentence.start}`} className="text-sm">
              <a href={`#block-${sentence.blockId}`} className="tabular text-spruce underline">
                {block ? locatorLabel(block.locator) : ""}
              </a>{" "}
              <span className="font-read">{sentence.text}</span> <span className="text-soft">{sentence.words} words</span>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
