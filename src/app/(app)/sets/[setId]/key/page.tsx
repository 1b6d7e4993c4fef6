import { notFound } from "next/navigation";
import { PrintButton } from "@/components/paper/PrintButton";
import { answerKey } from "@/core/papers/answer-key";
import { kindOf } from "@/core/questions/kinds";
import { loadSet } from "@/server/sets/load-set";

export const dynamic = "force-dynamic";

export default async function KeyPage({ params }: { params: Promise<{ setId: string }> }) {
  const set = loadSet((await params).setId);
  if (!set) notFound();
  const entries = answerKey(set.state, set.blocks, new Map(set.sources.map(({ id, title }) => [id, title])));
  const points = entries.reduce((sum, entry) => sum + entry.points, 0);
  return (
    <article className="mx-auto max-w-4xl px-5 py-7 print:max-w-none print:p-0">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div>
          <h1 className="font-read font-semibold text-2xl">Key: {set.state.paper.title}</h1>
          <p className="text-soft">
            {entries.length} {entries.length === 1 ? "question" : "questions"}, {points} {points === 1 ? "point" : "points"}
          </p>
        </div>
        {entries.length > 0 ? <PrintButton /> : null}
      </div>
      {entries.length === 0 ? (
        <p className="mt-5 border-line border-t pt-4 text-soft">Nothing is kept yet. Keep questions in the Margin, and their answers stand here.</p>
      ) : null}
      <ol className="mt-4">
        {entries.map((entry) => (
          <li key={entry.number} className="grid grid-cols-[2rem_minmax(0,1fr)_auto] gap-x-2 border-line border-t py-3 print:break-inside-avoid">
            <b className="tabular">{entry.number}</b>
            <div>
              <p className="text-sm text-soft">{kindOf(entry.kind).name}</p>
              <p className="font-semibold">
                {entry.label ? <span className="mr-2 text-spruce">{entry.label}</span> : null}
                {entry.answer}
              </p>
              {entry.lines.length > 0 ? (
                <ul className="mt-0.5">
                  {entry.kind === "open-response" || entry.kind === "essay" ? <li className="text-soft text-sm">Points to look for:</li> : null}
                  {entry.lines.map((line) => (
                    <li key={line} className={entry.kind === "open-response" || entry.kind === "essay" ? "ml-4 list-disc text-sm" : "font-semibold"}>
                      {line}
                    </li>
                  ))}
                </ul>
              ) : null}
              {entry.rubric.length > 0 ? (
                <table className="tabular mt-1 text-sm">
                  <tbody>
                    {entry.rubric.map((level) => (
                      <tr key={level.text}>
                        <td className="pr-3 text-right font-semibold">{level.points}</td>
                        <td>{level.text}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              ) : null}
              {entry.accepted.length > 0 ? (
                <p className="text-sm">
                  <span className="text-soft">Also right:</span> {entry.accepted.join(" · ")}
                </p>
              ) : null}
              {entry.correction ? (
                <p className="text-sm">
                  <span className="text-soft">Right:</span> {entry.correction}
                </p>
              ) : null}
              {entry.explanation ? <p className="text-sm">{entry.explanation}</p> : null}
              {entry.evidence.map((span) => (
                <p key={`${span.place}-${span.quote}`} className="mt-1 text-sm">
                  <span className="tabular text-soft">{span.lost ? "no longer in the source:" : [span.place, span.line].filter(Boolean).join(", ")}</span>{" "}
                  <q className="font-read">{span.quote}</q>
                </p>
              ))}
              {entry.evidence.length === 0 ? <p className="mt-1 text-ochre text-sm">◇ No evidence is tied to this question.</p> : null}
            </div>
            <span className="tabular whitespace-nowrap text-sm text-soft">
              {entry.points} {entry.points === 1 ? "point" : "points"}
            </span>
          </li>
        ))}
      </ol>
    </article>
  );
}
