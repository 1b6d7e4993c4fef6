import Link from "next/link";
import { workingMinutes } from "@/core/papers/paper";
import type { SetState } from "@/core/questions/edit";
import { kindOf, QUESTION_KINDS } from "@/core/questions/kinds";

type Props = { setId: string; state: SetState; readsAt: string };

/** Planned against kept, and what the paper has come to. */
export function Tally({ setId, state, readsAt }: Props) {
  const kept = state.slips.filter((slip) => slip.status === "kept");
  const points = kept.reduce((sum, slip) => sum + slip.question.points, 0);
  const minutes = Math.ceil(workingMinutes(kept, state.plan.grade));
  const rows = QUESTION_KINDS.map((kind) => ({
    kind,
    planned: state.plan.rows.filter((row) => row.kind === kind).reduce((sum, row) => sum + row.count, 0),
    kept: kept.filter((slip) => slip.question.kind === kind).length,
  })).filter((row) => row.planned > 0 || row.kept > 0);
  return (
    <section
      aria-label="Tally"
      className="tabular bottom-0 z-10 [@media(min-height:600px)]:sticky flex flex-wrap items-center gap-x-5 gap-y-1 border-line border-t bg-sheet px-4 py-2.5 text-sm lg:px-14"
    >
      {rows.map((row) => (
        <span key={row.kind} className="inline-flex items-center gap-2 whitespace-nowrap">
          <span className="text-soft">{kindOf(row.kind).name}</span>
          <span aria-hidden className="hidden h-1.5 w-6 overflow-hidden rounded-full bg-line sm:block">
            <span className="block h-full bg-spruce" style={{ width: `${Math.min(100, (row.kept / Math.max(1, row.planned)) * 100)}%` }} />
          </span>
          <span>
            <b>{row.kept}</b> of {row.planned}
          </span>
        </span>
      ))}
      <span className="flex-1" />
      <Link className="text-spruce underline" href={`/sets/${setId}/whole`}>
        The whole set
      </Link>
      <span>
        <b>{kept.length}</b> kept · <b>{points}</b> {points === 1 ? "point" : "points"} · about <b>{minutes}</b> min
        {readsAt ? (
          <>
            {" "}
            · grade <b>{readsAt}</b>, wanted {state.plan.grade}
          </>
        ) : null}
      </span>
    </section>
  );
}
