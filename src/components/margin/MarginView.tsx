"use client";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { doubtKey } from "@/core/checking/check-question";
import type { DraftReport } from "@/core/drafting/draft-questions";
import { type AsideReason, asideReasonSchema, type Status } from "@/core/questions/edit";
import { kindOf } from "@/core/questions/kinds";
import type { QuestionKind } from "@/core/questions/question";
import type { Block, Span } from "@/core/source/schema";
import { spokenTime, usePlayer } from "../player/use-player";
import { type SetStart, useSet } from "../shell/use-set";
import { focusSlip } from "./focus-slip";
import { KeySheet } from "./KeySheet";
import { type Counts, MarginBar } from "./MarginBar";
import { type MarginMedia, MarginSheet } from "./MarginSheet";
import { isToKeep, type MarginActionId, type Narrowing, needsALook, passesFilter, passesNarrowing, type SlipFilter } from "./margin-actions";
import { NarrowSelect } from "./NarrowSelect";
import { orderSlips } from "./order-slips";
import { questionsGrade } from "./questions-grade";
import { Tally } from "./Tally";
import { useDrafting } from "./use-drafting";
import { useMarginKeys } from "./use-margin-keys";
import { slipVerdict } from "./verdict";

type Props = {
  start: SetStart;
  blocks: Block[];
  byline: string;
  nextSeed: number;
  drafting: boolean;
  report: DraftReport | null;
  draftNow: boolean;
  media: MarginMedia | undefined;
  /** The slip to open with, and what to narrow to. */
  slipId: string | undefined;
  only: Narrowing | undefined;
};

/** The heart: the source in the middle, drafts beside the words that prove them. */
export function MarginView({ start, blocks, byline, nextSeed, drafting: wasDrafting, report, draftNow, media, slipId, only }: Props) {
  const router = useRouter();
  const store = useSet(start);
  const drafting = useDrafting(store, wasDrafting, report);
  const { state, checked, change } = store;
  const [activeId, setActiveId] = useState(slipId);
  const [filter, setFilter] = useState<SlipFilter>("all");
  const [narrowing, setNarrowing] = useState<Narrowing>(only ?? "");
  const [keysShown, setKeysShown] = useState(false);
  const seed = useRef(nextSeed);
  const player = usePlayer(blocks);

  const verdicts = useMemo(() => new Map(state.slips.map((slip) => [slip.question.id, slipVerdict(slip, checked[slip.question.id])])), [state.slips, checked]);
  const ordered = useMemo(() => orderSlips(state.slips, blocks), [state.slips, blocks]);
  const placed = useMemo(
    () =>
      ordered.filter(({ slip }) => {
        const verdict = verdicts.get(slip.question.id)!;
        return slip.question.id === activeId || (passesFilter(slip, verdict.verdict, filter) && passesNarrowing(slip, verdict, narrowing));
      }),
    [ordered, verdicts, filter, narrowing, activeId],
  );
  const counts = useMemo((): Counts => {
    const count = (wanted: SlipFilter) => state.slips.filter((slip) => passesFilter(slip, verdicts.get(slip.question.id)!.verdict, wanted)).length;
    const open = state.slips.filter((slip) => slip.status !== "aside").map((slip) => verdicts.get(slip.question.id)!.verdict);
    const of = (verdict: string) => open.filter((other) => other === verdict).length;
    const toKeep = state.slips.filter((slip) => isToKeep(slip, verdicts.get(slip.question.id)!.verdict)).length;
    return { toKeep, all: count("all"), look: of("look"), kept: count("kept"), aside: count("aside"), sound: of("sound"), wrong: of("wrong") };
  }, [state.slips, verdicts]);

  const draft = useCallback(async () => {
    const answered = await drafting.start(seed.current);
    seed.current += 1;
    // Without a server a refresh would leave the page for the browser's own error page.
    if (answered) router.refresh();
  }, [drafting, router]);
  useEffect(() => {
    if (slipId) focusSlip(slipId);
  }, [slipId]);
  const started = useRef(false);
  useEffect(() => {
    if (!draftNow || started.current) return;
    started.current = true;
    // Later than this effect: until the router is up it would put the old address back, and a reload would draft again.
    setTimeout(() => window.history.replaceState(null, "", window.location.pathname), 0);
    void draft();
  }, [draftNow, draft]);

  const choose = useCallback((id: string) => {
    setActiveId(id);
    focusSlip(id);
  }, []);
  const { play } = player;
  const playEvidence = useCallback(
    (span: Span | undefined) => {
      const block = span && blocks.find((other) => other.id === span.blockId);
      const time = block && spokenTime(block, span.start, span.end);
      if (time) play(time.startMs, time.endMs);
    },
    [blocks, play],
  );
  const write = useCallback(
    (kind: QuestionKind, evidence: Span[]) => {
      const blank = kindOf(kind).createBlank(`w${crypto.randomUUID().slice(0, 12)}`);
      const question = { ...blank, evidence };
      change({ type: "add-question", index: state.slips.length, slip: { question, status: "draft", lookAgain: false, answered: {} } });
      setFilter("all");
      setActiveId(question.id);
      focusSlip(question.id, "stem");
    },
    [change, state.slips.length],
  );

  const act = useCallback(
    (id: MarginActionId, slipId = activeId) => {
      const slip = state.slips.find((other) => other.question.id === slipId);
      const questionId = slip?.question.id ?? "";
      const step = (by: 1 | -1) => {
        const at = placed.findIndex((other) => other.slip.question.id === activeId);
        const next = placed[at < 0 ? (by === 1 ? 0 : placed.length - 1) : Math.min(placed.length - 1, Math.max(0, at + by))];
        if (!next) return;
        setActiveId(next.slip.question.id);
        focusSlip(next.slip.question.id);
      };
      const setStatus = (to: Status, why: AsideReason | null) => {
        if (!slip) return;
        const reason = { from: slip.asideReason ?? null, to: to === "aside" ? why : null };
        change({ type: "set-status", questionId, from: slip.status, to, ...(reason.from || reason.to ? { reason } : {}) });
        return to === "draft" ? undefined : step(1);
      };
      const why = asideReasonSchema.safeParse(id.replace("aside:", "")).data;
      if (why) return setStatus(slip?.asideReason === why ? "draft" : "aside", why);
      switch (id) {
        case "next":
          return step(1);
        case "previous":
          return step(-1);
        case "keep":
          return setStatus(slip?.status === "kept" ? "draft" : "kept", null);
        case "set-aside":
          return setStatus(slip?.status === "aside" ? "draft" : "aside", null);
        case "next-doubt": {
          const at = placed.findIndex((other) => other.slip.question.id === activeId);
          const doubtful = (other: (typeof placed)[number]) => needsALook(other.slip, verdicts.get(other.slip.question.id)!.verdict);
          const next = placed.slice(at + 1).find(doubtful) ?? placed.find(doubtful);
          return next && choose(next.slip.question.id);
        }
        case "mend": {
          const mend = slip && verdicts.get(questionId)!.open.find((finding) => finding.mend)?.mend;
          return mend && change(...mend.edits);
        }
        case "answer": {
          const doubt = slip && verdicts.get(questionId)!.open.find((finding) => finding.verdict === "look");
          if (!slip || !doubt) return;
          return change({ type: "answer-doubt", questionId, rule: doubt.rule, from: slip.answered[doubt.rule] ?? null, to: doubtKey(slip.question) });
        }
        case "keep-sound": {
          const sound = state.slips.filter((other) => isToKeep(other, verdicts.get(other.question.id)!.verdict));
          return sound.length > 0
            ? change(...sound.map((other) => ({ type: "set-status" as const, questionId: other.question.id, from: other.status, to: "kept" as const })))
            : undefined;
        }
        case "look-again":
          return slip && change({ type: "set-look-again", questionId, from: slip.lookAgain, to: !slip.lookAgain });
        case "edit":
          return slip && focusSlip(questionId, "stem");
        case "evidence":
          document.querySelector(`[data-evidence~="${questionId}"]`)?.scrollIntoView({ block: "center" });
          return playEvidence(slip?.question.evidence[0]);
        case "copy": {
          if (!slip) return;
          const question = { ...structuredClone(slip.question), id: `w${crypto.randomUUID().slice(0, 12)}` };
          change({ type: "add-question", index: state.slips.indexOf(slip) + 1, slip: { question, status: "draft", lookAgain: false, answered: {} } });
          setActiveId(question.id);
          return focusSlip(question.id, "stem");
        }
        case "remove": {
          if (!slip) return;
          step(1);
          return change({ type: "remove-question", index: state.slips.indexOf(slip), slip });
        }
        case "undo":
        case "redo":
          return void store.step(id).then((touched) => touched?.[0] && setActiveId(touched[0]));
        case "write":
          return write("multiple-choice", []);
        case "keys":
          return setKeysShown(true);
        case "close":
          return setActiveId(undefined);
      }
    },
    [activeId, placed, verdicts, state.slips, change, store, write, choose, playEvidence],
  );
  useMarginKeys(act);

  const readsAt = useMemo(() => questionsGrade(state.slips.filter((slip) => slip.status === "kept").map((slip) => slip.question.stem)), [state.slips]);
  return (
    <div className="flex min-h-[calc(100dvh-3.1rem)] flex-col">
      <h1 className="sr-only">Margin</h1>
      <MarginBar
        store={store}
        drafting={drafting}
        counts={counts}
        filter={filter}
        onFilter={setFilter}
        onDraft={() => void draft()}
        act={act}
        narrow={<NarrowSelect slips={state.slips} verdicts={verdicts} value={narrowing} onChange={setNarrowing} />}
      />
      <MarginSheet
        blocks={blocks}
        title={state.title}
        byline={byline}
        placed={placed}
        all={ordered}
        verdicts={verdicts}
        activeId={activeId}
        change={change}
        act={act}
        onChoose={choose}
        onWrite={write}
        drafting={drafting.running}
        player={player}
        media={media}
        onPlaySpan={playEvidence}
      />
      <Tally setId={start.setId} state={state} readsAt={readsAt} />
      <KeySheet open={keysShown} onOpenChange={setKeysShown} />
    </div>
  );
}
