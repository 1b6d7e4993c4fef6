import Link from "next/link";
import { ALL_RULES } from "@/core/checking/all-rules";
import { withTogether } from "@/core/checking/check-question";
import type { SetSurvey } from "@/core/checking/survey-set";
import type { SetState } from "@/core/questions/edit";
import type { ReadingGrade } from "@/core/source/readability/reading-grade";
import { gradeBand } from "@/messages/grades";
import { needsALook } from "../margin/margin-actions";
import { questionsGrade } from "../margin/questions-grade";
import { slipVerdict } from "../margin/verdict";
import type { CheckedById, Together } from "../shell/use-set";
import { CoverageList } from "./CoverageList";
import { SpecificationTable } from "./SpecificationTable";

type Props = { setId: string; state: SetState; survey: SetSurvey; checked: CheckedById; together: Together; sourceGrade: ReadingGrade | null | undefined };

/** What the questions are together: each figure leads to its slips. */
export function WholeSet({ setId, state, survey, checked, together, sourceGrade }: Props) {
  const only = (ids: readonly string[]) => `/sets/${setId}/margin?only=${encodeURIComponent(`slips:${ids.join(",")}`)}`;
  const at = (id: string) => `/sets/${setId}/margin?slip=${encodeURIComponent(id)}`;
  const verdicts = state.slips.map((slip) => ({ slip, ...slipVerdict(slip, withTogether(checked[slip.question.id], together[slip.question.id])) }));
  const doubtful = verdicts.filter(({ slip, verdict }) => needsALook(slip, verdict));
  const rules = ALL_RULES.map((rule) => ({ rule, count: doubtful.filter(({ open }) => open.some((finding) => finding.rule === rule.id)).length })).filter(
    ({ count }) => count > 0,
  );
  const readsAt = questionsGrade(state.slips.filter((slip) => slip.status === "kept").map((slip) => slip.question.stem));
  const missing = survey.coverage.filter(({ kept, drafts }) => kept.length + drafts.length === 0).length;
  return (
    <div className="mx-auto max-w-4xl px-4 py-7 sm:px-6">
      <h1 className="font-read font-semibold text-2xl">The whole set</h1>
      <p className="tabular mt-1 text-soft">
        {survey.points} {survey.points === 1 ? "point" : "points"} kept, about {survey.minutes} minutes of work
        {readsAt ? `; questions read at grade ${readsAt}, wanted ${state.plan.grade}` : ""}
        {sourceGrade ? `, the source at grade ${gradeBand(sourceGrade)}` : ""}.{" "}
        <Link className="text-spruce underline" href={`/sets/${setId}/margin`}>
          Back to the margin
        </Link>{" "}
        ·{" "}
        <Link className="text-spruce underline" href="/rules">
          The rules
        </Link>{" "}
        ·{" "}
        <Link className="text-spruce underline" href="/learnt">
          What was learnt
        </Link>
      </p>

      <Section title="Still to look at" none={doubtful.length === 0 ? "Nothing: what is not sound was answered or decided." : undefined}>
        <ul>
          {rules.map(({ rule, count }) => (
            <li key={rule.id} className="border-line border-t py-1.5">
              <Link className="text-spruce underline" href={`/sets/${setId}/margin?only=${encodeURIComponent(`rule:${rule.id}`)}`}>
                {count} {count === 1 ? "question" : "questions"}
              </Link>{" "}
              against: {rule.about}
            </li>
          ))}
        </ul>
      </Section>

      <Section title="Planned and kept" none={survey.specification.length === 0 ? "Nothing is planned or kept yet." : undefined}>
        <SpecificationTable rows={survey.specification} only={only} />
        {survey.byOutcome.map(({ outcome, ids }) => (
          <p key={outcome} className="mt-2 text-sm">
            <Link className="tabular text-spruce underline" href={only(ids)}>
              {ids.length}
            </Link>{" "}
            for “{outcome}”
          </p>
        ))}
      </Section>

      <Section title={missing > 0 ? `Asked about: nothing asks about ${missing} of ${survey.coverage.length} paragraphs` : "Asked about: every paragraph"}>
        <CoverageList setId={setId} coverage={survey.coverage} />
      </Section>

      {survey.keyPlaces.length > 0 ? (
        <Section title="Where the keys of choices stand">
          <p className="tabular flex flex-wrap gap-x-6">
            {survey.keyPlaces.map(({ label, ids }) => (
              <span key={label}>
                {label}:{" "}
                {ids.length > 0 ? (
                  <Link className="text-spruce underline" href={only(ids)}>
                    {ids.length}
                  </Link>
                ) : (
                  0
                )}
              </span>
            ))}
          </p>
        </Section>
      ) : null}

      <Section title="What they tell of each other" none={survey.findings.length === 0 ? "No question gives another away or asks the same." : undefined}>
        <ul>
          {survey.findings.map((finding) => (
            <li key={`${finding.rule} ${finding.ids.join(" ")}`} className="border-line border-t py-2">
              <p className="text-ochre">◇ {finding.reason}</p>
              <ul className="ml-5 list-disc text-sm">
                {finding.ids.map((id) => (
                  <li key={id}>
                    <Link className="text-spruce underline" href={at(id)}>
                      {state.slips.find((slip) => slip.question.id === id)?.question.stem ?? id}
                    </Link>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ul>
      </Section>
    </div>
  );
}

function Section({ title, none, children }: { title: string; none?: string | undefined; children: React.ReactNode }) {
  return (
    <section className="mt-7">
      <h2 className="mb-1.5 font-semibold text-lg">{title}</h2>
      {none ? <p className="text-soft">{none}</p> : children}
    </section>
  );
}
