"use client";
import { Plus } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { DepthSupply } from "@/core/drafting/candidates";
import type { Plan, PlanRow } from "@/core/drafting/plan";
import { kindOf, QUESTION_KINDS } from "@/core/questions/kinds";
import type { QuestionKind } from "@/core/questions/question";
import type { RunLine } from "@/server/sets/list-runs";
import { SaveNote } from "../shell/SaveNote";
import { type SetStart, useSet } from "../shell/use-set";
import { FocusFields } from "./FocusFields";
import { GradeScale } from "./GradeScale";
import { PlanRowFields } from "./PlanRowFields";

export type SupplyAnswer = {
  supply: Record<QuestionKind, number>;
  byDepth: DepthSupply;
  outcomes: string[];
  rows: { drafted: number; reason?: string }[];
  sentences: number;
  understood: number;
};
type Props = {
  start: SetStart;
  sourceLine: string;
  band?: { lowest: number; highest: number };
  nextSeed: number;
  runs: RunLine[];
  notEnglish: string;
  canDraft: boolean;
};

/** The blueprint: what is wanted, beside what the text can bear. */
export function PlanView({ start, sourceLine, band, nextSeed, runs, notEnglish, canDraft }: Props) {
  const router = useRouter();
  const store = useSet(start);
  const { plan } = store.state;
  const [supply, setSupply] = useState<SupplyAnswer>();
  const [seed, setSeed] = useState(String(nextSeed));
  const [wanted, setWanted] = useState("12");
  const wantedCount = Math.min(60, Math.round(Number(wanted)) || 0);
  // What the plan would get is found out anew whenever a change of it has been saved.
  const planned = JSON.stringify(plan);
  const isSaved = store.saveStatus === "saved";
  useEffect(() => {
    if (!isSaved || !planned) return;
    const loading = new AbortController();
    fetch(`/api/sets/${start.setId}/supply`, { signal: loading.signal })
      .then((response) => response.json())
      .then(setSupply)
      .catch(() => {});
    return () => loading.abort();
  }, [start.setId, planned, isSaved]);
  const set = (to: Plan) => store.change({ type: "set-plan", from: plan, to });
  const setRow = (index: number, row: PlanRow) => set({ ...plan, rows: plan.rows.with(index, row) });
  const asked = plan.rows.reduce((sum, row) => sum + row.count, 0);
  const points = plan.rows.reduce((sum, row) => sum + row.count * row.points, 0);
  const wellDrafted = supply?.rows.length === plan.rows.length ? supply.rows.reduce((sum, row) => sum + row.drafted, 0) : undefined;
  const [filling, setFilling] = useState(false);
  const [fillFailed, setFillFailed] = useState(false);
  const fill = async () => {
    setFilling(true);
    await store.settled();
    const response = await fetch(`/api/sets/${start.setId}/supply?fill=${wantedCount}`).catch(() => undefined);
    if (response?.ok) set(((await response.json()) as { plan: Plan }).plan);
    setFillFailed(!response?.ok);
    setFilling(false);
  };
  const countByOutcome = new Map<string, number>();
  for (const { question, status } of store.state.slips) {
    if (question.outcome && status !== "aside") countByOutcome.set(question.outcome, (countByOutcome.get(question.outcome) ?? 0) + 1);
  }
  const seedOk = /^\d{1,9}$/.test(seed);
  const draft = async () => {
    await store.settled();
    router.push(`/sets/${start.setId}/margin?draft=now&seed=${seed}`);
  };
  return (
    <div className="flex min-h-[calc(100dvh-3.1rem)] flex-col">
      <div className="grid flex-1 grid-cols-1 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <section aria-labelledby="asked" className="min-w-0 px-4 py-7 sm:px-8 lg:pl-14">
          <div className="flex items-baseline justify-between gap-4">
            <h1 id="asked" className="font-read font-semibold text-2xl">
              What should be asked?
            </h1>
            <SaveNote status={store.saveStatus} />
          </div>
          <p className="mt-1 text-soft">
            The pale bar shows how many good drafts of a kind the text supports by itself; the mark is what you ask for. Kinds share the facts of the text.
          </p>
          <GradeScale grade={plan.grade} band={band} onChange={(grade) => set({ ...plan, grade })} />
          <div className="relative overflow-x-auto">
            <table className="mt-5 w-full min-w-[40rem] text-left">
              <thead className="text-sm text-soft">
                <tr className="border-line border-b">
                  {["Kind", "How many", "The text supports", "Depth", "Points", "How"].map((head) => (
                    <th key={head} className="py-2 pr-3 font-normal">
                      {head}
                    </th>
                  ))}
                  <th>
                    <span className="sr-only">Remove</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {plan.rows.map((row, index) => (
                  <PlanRowFields
                    key={index}
                    row={row}
                    supply={supply?.supply[row.kind]}
                    depths={supply?.byDepth[row.kind]}
                    reason={supply?.rows.length === plan.rows.length ? supply.rows[index]!.reason : undefined}
                    comes={supply?.rows.length === plan.rows.length ? supply.rows[index]!.drafted : undefined}
                    onChange={(to) => setRow(index, to)}
                    onRemove={() => set({ ...plan, rows: plan.rows.toSpliced(index, 1) })}
                  />
                ))}
              </tbody>
            </table>
          </div>
          <div className="mt-4 flex flex-wrap items-center gap-2 text-sm">
            <label className="flex items-center gap-2">
              <span>Balance it for me:</span>
              <input
                className="field w-16 py-0.5"
                type="number"
                min={1}
                max={60}
                value={wanted}
                aria-label="How many questions in all"
                onChange={(event) => setWanted(event.target.value)}
              />
              <span>questions</span>
            </label>
            <button type="button" className="button" disabled={!supply || wantedCount < 1 || filling} onClick={() => void fill()}>
              {filling ? "Filling …" : "Fill the rows"}
            </button>
            <span className="text-brick" aria-live="polite">
              {fillFailed ? "The rows could not be filled: Vumo did not answer. Your plan is as it was; try again." : ""}
            </span>
          </div>
          <fieldset className="mt-4 flex flex-wrap items-center gap-2">
            <legend className="sr-only">Add a row</legend>
            {QUESTION_KINDS.map((kind) => (
              <button
                key={kind}
                type="button"
                className="button font-normal"
                disabled={plan.rows.length >= 40}
                onClick={() => set({ ...plan, rows: [...plan.rows, blankRow(kind)] })}
              >
                <Plus size={14} aria-hidden /> {kindOf(kind).name}
              </button>
            ))}
          </fieldset>
          <FocusFields
            steer={plan.steer ?? {}}
            proposed={supply?.outcomes ?? []}
            countByOutcome={countByOutcome}
            onChange={(steer) => set({ ...plan, steer })}
            onAddRow={(kind) => set({ ...plan, rows: [...plan.rows, blankRow(kind)] })}
          />
        </section>
        <aside className="border-line bg-sheet px-5 py-7 max-lg:border-t lg:border-l">
          <h2 className="font-bold">From</h2>
          <p className="mt-1 text-soft">{sourceLine}</p>
          {notEnglish ? <p className="mt-2 text-ochre text-sm">◇ {notEnglish}</p> : null}
          <p className="mt-2 text-soft text-sm">
            {supply ? `${supply.understood} of ${supply.sentences} sentences were understood well enough to ask about.` : "Reading the text …"}{" "}
            {supply ? (
              <Link className="text-spruce underline" href={`/sets/${start.setId}/understood`}>
                See which, and why not
              </Link>
            ) : null}
          </p>
          <h2 className="mt-6 font-bold">Drafting again</h2>
          <p className="mt-1 text-soft text-sm">
            What is in the set already is not asked again. The same text, plan and seed give the same drafts; another seed gives another choice.
          </p>
          <label className="mt-3 flex items-center gap-2 text-sm">
            <span className="label">Seed</span>
            <input className="field w-28 py-0.5" inputMode="numeric" value={seed} aria-invalid={!seedOk} onChange={(event) => setSeed(event.target.value)} />
          </label>
          <RunList runs={runs} />
          {seedOk ? null : <p className="mt-1 text-brick text-sm">A seed is a whole number of up to nine digits.</p>}
        </aside>
      </div>
      <footer className="tabular sticky bottom-0 flex flex-wrap items-center gap-x-6 gap-y-2 border-line border-t bg-sheet px-4 py-2.5 text-sm lg:pl-14">
        <span>
          <b>{asked}</b> asked
        </span>
        {wellDrafted === undefined ? null : (
          <span className={wellDrafted < asked ? "text-ochre" : ""}>
            <b>{wellDrafted}</b> can be drafted well
          </span>
        )}
        <span>
          <b>{points}</b> points
        </span>
        <span className="flex-1" />
        <button type="button" className="button button-main px-4 text-base" disabled={asked === 0 || !seedOk || !canDraft} onClick={() => void draft()}>
          Draft {asked}
        </button>
      </footer>
    </div>
  );
}

/** What was drafted before, by which seed. */
function RunList({ runs }: { runs: RunLine[] }) {
  if (runs.length === 0) return null;
  return (
    <>
      <h2 className="mt-6 font-bold">Earlier runs</h2>
      <ol className="tabular mt-1 text-sm">
        {runs.map((run) => (
          <li key={run.id} className="border-line border-b py-1 text-soft">
            seed <b className="text-ink">{run.seed}</b>: {run.drafts} of {run.asked} asked{run.status === "done" ? "" : `, ${run.status}`}
          </li>
        ))}
      </ol>
    </>
  );
}

function blankRow(kind: QuestionKind): PlanRow {
  const { points } = kindOf(kind).createBlank("blank");
  return { kind, count: 2, depth: "any", points, ...(kind === "multiple-choice" ? { optionCount: 4 } : {}) };
}
