import { ALL_RULES } from "@/core/checking/all-rules";
import type { Slip } from "@/core/questions/edit";
import { kindOf, QUESTION_KINDS } from "@/core/questions/kinds";
import { DEPTHS } from "@/core/questions/question";
import type { Narrowing } from "./margin-actions";
import type { SlipVerdict } from "./verdict";

type Props = { slips: readonly Slip[]; verdicts: ReadonlyMap<string, SlipVerdict>; value: Narrowing; onChange: (value: Narrowing) => void };

function outcomesOf(slips: readonly Slip[]): string[] {
  return [...new Set(slips.map((slip) => slip.question.outcome).filter((outcome): outcome is string => Boolean(outcome)))];
}

/** Only one kind, depth, outcome, verdict or rule: what is there, with its count; or what another page led to. */
export function NarrowSelect({ slips, verdicts, value, onChange }: Props) {
  const open = slips.filter((slip) => slip.status !== "aside");
  const groups: [string, [string, string, number][]][] = [
    [
      "Verdict",
      ["sound", "look", "wrong"].map((verdict) => [
        `verdict:${verdict}`,
        verdict,
        open.filter((slip) => verdicts.get(slip.question.id)?.verdict === verdict).length,
      ]),
    ],
    ["Kind", QUESTION_KINDS.map((kind) => [`kind:${kind}`, kindOf(kind).name, open.filter((slip) => slip.question.kind === kind).length])],
    ["Outcome", outcomesOf(open).map((outcome) => [`outcome:${outcome}`, outcome, open.filter((slip) => slip.question.outcome === outcome).length])],
    ["Depth", DEPTHS.map((depth) => [`depth:${depth}`, depth, open.filter((slip) => slip.question.depth === depth).length])],
    [
      "Rule",
      ALL_RULES.map((rule) => [
        `rule:${rule.id}`,
        rule.about,
        open.filter((slip) => verdicts.get(slip.question.id)?.open.some((finding) => finding.rule === rule.id)).length,
      ]),
    ],
  ];
  return (
    <select aria-label="Only" className="field max-w-32 py-1 text-sm" value={value} onChange={(event) => onChange(event.target.value)}>
      <option value="">Every question</option>
      {value.startsWith("block:") ? <option value={value}>One paragraph</option> : null}
      {value.startsWith("slips:") ? <option value={value}>Some of the set</option> : null}
      {groups
        .filter(([, options]) => options.some(([id, , count]) => count > 0 || id === value))
        .map(([name, options]) => (
          <optgroup key={name} label={name}>
            {options
              .filter(([id, , count]) => count > 0 || id === value)
              .map(([id, label, count]) => (
                <option key={id} value={id}>
                  {label} ({count})
                </option>
              ))}
          </optgroup>
        ))}
    </select>
  );
}
