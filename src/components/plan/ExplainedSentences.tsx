import type { ExplainedSentence } from "@/core/drafting/explain-source";
import { kindOf } from "@/core/questions/kinds";
import { placeLabel } from "@/core/source/locator-label";
import { ABSTAIN_TEXT, GATE_TEXT } from "@/messages/patterns";

/** Each sentence with what can be asked of it; what was held back, and what was not understood, with the reason. */
export function ExplainedSentences({ sentences }: { sentences: ExplainedSentence[] }) {
  return (
    <ol className="mt-5">
      {sentences.map((sentence) => (
        <li key={`${sentence.blockId}-${sentence.start}`} data-understood={sentence.understood} className="border-line border-t py-2">
          <p className="font-read leading-relaxed">
            <span className="tabular mr-2 font-ui text-soft text-sm">
              {placeLabel({ locator: sentence.locator } as Parameters<typeof placeLabel>[0], sentence.start)}
            </span>
            {sentence.text}
          </p>
          {sentence.understood ? (
            <Candidates candidates={sentence.candidates} />
          ) : (
            <p className="text-ochre text-sm">◇ Not asked about: {ABSTAIN_TEXT[sentence.reason ?? ""] ?? "not understood"}.</p>
          )}
        </li>
      ))}
    </ol>
  );
}

function Candidates({ candidates }: { candidates: ExplainedSentence["candidates"] }) {
  if (candidates.length === 0) return <p className="text-soft text-sm">Understood; it holds no fact that can be asked by itself.</p>;
  const held = candidates.filter((candidate) => candidate.heldBack).length;
  const open = candidates.length - held;
  return (
    <details className="text-sm">
      <summary className="cursor-pointer text-soft">
        {open} {open === 1 ? "question" : "questions"} can be asked{held > 0 ? `, ${held} held back` : ""}
      </summary>
      <ul className="mt-1 ml-4 list-disc">
        {candidates.map((candidate) => (
          <li key={`${candidate.kind}-${candidate.stem}-${candidate.key}`} className={candidate.heldBack ? "text-soft" : ""}>
            {kindOf(candidate.kind).name}: {candidate.stem} <span className="text-soft">({candidate.key})</span>
            {candidate.heldBack ? ` – held back: ${GATE_TEXT[candidate.heldBack] ?? candidate.heldBack}` : ""}
          </li>
        ))}
      </ul>
    </details>
  );
}
