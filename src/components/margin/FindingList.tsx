import Link from "next/link";
import { ALL_RULES } from "@/core/checking/all-rules";
import { doubtKey } from "@/core/checking/check-question";
import type { Finding, Place } from "@/core/checking/define-rule";
import { takesMeaningFromOutside } from "@/core/checking/meaning-from-outside";
import { letterOf } from "@/core/checking/option-letters";
import type { Edit, Slip } from "@/core/questions/edit";
import type { Question } from "@/core/questions/question";
import { placeKey } from "../questions/use-doubt";
import { keyOf } from "./margin-actions";
import { type SlipVerdict, VERDICT_COLOUR, VERDICT_SIGN } from "./verdict";

type Props = { slip: Slip; verdict: SlipVerdict; change: (...edits: Edit[]) => void; onChoose: (slipId: string) => void };

/** What is proved in one quiet line; what is doubtful with its reason, its mend, and a way to say that it is right. */
export function FindingList({ slip, verdict, change, onChoose }: Props) {
  const { question } = slip;
  const settle = (finding: Finding, to: string | null) =>
    change({ type: "answer-doubt", questionId: question.id, rule: finding.rule, from: slip.answered[finding.rule] ?? null, to });
  const firstMend = verdict.open.find((finding) => finding.mend);
  const firstDoubt = verdict.open.find((finding) => finding.verdict === "look");
  return (
    <div>
      {verdict.open.length === 0 ? (
        <p className="px-3.5 py-1.5 text-sm">
          <span className="font-semibold text-spruce">✓ {takesMeaningFromOutside(question) ? "Sound" : "Proved"}.</span> {provedBy(verdict, question)}
        </p>
      ) : null}
      {verdict.open.map((finding) => (
        <div key={`${finding.rule}-${finding.reason}`} className="border-line border-t bg-ochrepale px-3.5 py-2 text-sm">
          <p>
            <span className={`font-semibold ${VERDICT_COLOUR[finding.verdict]}`}>
              {VERDICT_SIGN[finding.verdict]} {finding.verdict}
            </span>{" "}
            <button
              type="button"
              className="text-soft underline decoration-dotted underline-offset-4 hover:text-ink"
              aria-label={`Go to: ${placeName(question, finding.place)}`}
              onClick={(event) => goTo(event.currentTarget, finding.place)}
            >
              {placeName(question, finding.place)}
            </button>{" "}
            {finding.reason}{" "}
            <Link
              className="whitespace-nowrap text-soft text-xs underline decoration-dotted underline-offset-4"
              href={`/rules#${finding.rule}`}
              title={ruleAbout(finding.rule)}
            >
              the rule
            </Link>
          </p>
          <div className="mt-1.5 flex flex-wrap gap-2">
            {finding.mend ? (
              <button type="button" className="button min-h-7 py-0" onClick={() => change(...finding.mend!.edits)}>
                {finding.mend.label} {finding === firstMend ? <kbd>{keyOf("mend")}</kbd> : null}
              </button>
            ) : null}
            {finding.see?.map((id, index, all) => (
              <button key={id} type="button" className="button min-h-7 py-0" onClick={() => onChoose(id)}>
                Go to the other{all.length > 1 ? ` (${index + 1})` : ""}
              </button>
            ))}
            {finding.verdict === "look" ? (
              <button type="button" className="button min-h-7 py-0" onClick={() => settle(finding, doubtKey(question))}>
                It is right as it is {finding === firstDoubt ? <kbd>{keyOf("answer")}</kbd> : null}
              </button>
            ) : null}
          </div>
        </div>
      ))}
      {verdict.answered.map((finding) => (
        <p key={finding.rule} className="px-3.5 py-1 text-soft text-sm">
          Answered: {finding.reason}{" "}
          <button type="button" className="text-spruce underline" onClick={() => settle(finding, null)}>
            Ask again
          </button>
        </p>
      ))}
    </div>
  );
}

/** Where a finding points to, in the words of the slip. */
function placeName(question: Question, place: Place): string {
  if (place.part !== "option") return PLACE_NAMES[place.part];
  const at = "options" in question ? question.options.findIndex((option) => option.id === place.optionId) : -1;
  if (at >= 0) return `Option ${letterOf(at)}`;
  const proof = question.kind === "two-part" ? question.proofs.findIndex((other) => other.id === place.optionId) : -1;
  return proof < 0 ? "Options" : `Sentence ${letterOf(proof)}`;
}

const PLACE_NAMES = { stem: "Question", key: "Key", evidence: "Evidence", points: "Points" };

/** Puts the cursor, or the eye, where the finding is. */
function goTo(from: HTMLElement, place: Place): void {
  const slip = from.closest("[data-slip]");
  const find = (key: string) => slip?.querySelector<HTMLElement>(`[data-place~="${key}"]`);
  // Parts that have no field of their own stand in the block of the key.
  const target = find(placeKey(place)) ?? find("key");
  target?.focus();
  target?.scrollIntoView({ block: "nearest" });
}

function ruleAbout(id: string): string {
  return ALL_RULES.find((rule) => rule.id === id)?.about ?? id;
}

/** The quiet line of a sound slip; where a word of the key is another in the evidence, it says which. */
function provedBy({ carried }: SlipVerdict, question: Question): string {
  if (takesMeaningFromOutside(question)) return "The evidence has the word; its meaning comes from Vumo’s own list of words. No rule finds fault.";
  if (carried.length === 0) return "The key stands in the evidence, and no rule finds fault.";
  const words = carried.map(({ key, evidence }) => `“${key}” stands for “${evidence}” in the evidence`);
  return `${words.join(", ")}; no rule finds fault.`;
}
