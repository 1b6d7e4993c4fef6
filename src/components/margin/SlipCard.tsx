import { memo, type ReactNode } from "react";
import type { Edit, Slip } from "@/core/questions/edit";
import { kindOf } from "@/core/questions/kinds";
import { isChoice } from "@/core/questions/question";
import type { Block, Span } from "@/core/source/schema";
import { ASIDE_REASONS } from "@/messages/aside-reasons";
import { EvidenceField } from "../questions/EvidenceField";
import { ExplanationField } from "../questions/ExplanationField";
import { PointsField } from "../questions/PointsField";
import { QuestionFields } from "../questions/QuestionFields";
import { StemField } from "../questions/StemField";
import { DoubtContext, type Doubts, placeKey } from "../questions/use-doubt";
import { AsideWhy } from "./AsideWhy";
import { FindingList } from "./FindingList";
import { keyOf, MARGIN_ACTIONS, type MarginActionId } from "./margin-actions";
import { OtherSources } from "./OtherSources";
import { type SlipVerdict, VERDICT_COLOUR, VERDICT_SIGN } from "./verdict";
import { WhyThisDraft } from "./WhyThisDraft";

type Props = {
  slip: Slip;
  number: number;
  verdict: SlipVerdict;
  active: boolean;
  blocks: readonly Block[];
  change: (...edits: Edit[]) => void;
  act: (id: MarginActionId, slipId?: string) => void;
  onChoose: (slipId: string) => void;
  /** Plays just the seconds of some words, where the source has a film or sound. */
  onPlay?: ((span: Span) => void) | undefined;
};

/** A slip in the margin: three lines at rest, everything when in hand. */
export const SlipCard = memo(function SlipCard(props: Props) {
  const { slip, number, verdict, active } = props;
  const { question } = slip;
  return (
    <article
      data-slip={question.id}
      data-status={slip.status}
      data-verdict={verdict.verdict}
      aria-label={`Slip ${number}`}
      tabIndex={active ? -1 : undefined}
      className={`scroll-mt-24 scroll-mb-20 ${active ? "rounded border border-spruce bg-sheet outline-none" : "border-line border-t"}`}
    >
      {active ? <OpenSlip {...props} /> : <RestingSlip {...props} />}
    </article>
  );
});

function Heading({ slip, number, verdict, active }: Props) {
  const { question, status, lookAgain } = slip;
  return (
    <span className="flex items-baseline gap-2 text-sm">
      <b className="tabular text-ink">{number}</b>
      <span className="min-w-0 flex-1 truncate text-soft">
        {kindOf(question.kind).name} · {question.depth}
        {active ? ` · ${question.points} ${question.points === 1 ? "point" : "points"}` : ""}
      </span>
      {lookAgain ? <span className="whitespace-nowrap font-semibold text-ochre">◇ look again</span> : null}
      {status === "kept" ? <span className="whitespace-nowrap font-semibold text-spruce">✓ kept</span> : null}
      {status === "aside" ? (
        <span className="whitespace-nowrap text-soft">set aside{slip.asideReason ? `: ${ASIDE_REASONS[slip.asideReason]}` : ""}</span>
      ) : null}
      {status === "kept" && verdict.verdict === "sound" ? null : (
        <span className={`whitespace-nowrap font-semibold ${VERDICT_COLOUR[verdict.verdict]}`}>
          {VERDICT_SIGN[verdict.verdict]} {verdict.verdict}
        </span>
      )}
    </span>
  );
}

function RestingSlip(props: Props) {
  const { slip, onChoose } = props;
  const { question } = slip;
  return (
    <button
      type="button"
      onClick={() => onChoose(question.id)}
      className={`block w-full px-3 py-1.5 text-left hover:bg-sheet ${slip.status === "aside" ? "opacity-60" : ""}`}
    >
      <Heading {...props} />
      <span className="block text-[0.95rem] leading-snug">{question.stem || <span className="text-soft">No text yet</span>}</span>
      <span className="block truncate text-sm">
        <span className="text-soft">Key:</span> <b className="font-semibold">{kindOf(question.kind).keyText(question) || "–"}</b>
      </span>
    </button>
  );
}

const SLIP_BUTTONS: MarginActionId[] = ["look-again", "copy", "remove"];

function OpenSlip(props: Props) {
  const { slip, verdict, change, act, blocks, onPlay } = props;
  const { question } = slip;
  const labelOf = (id: MarginActionId) => MARGIN_ACTIONS.find((action) => action.id === id)!.label;
  const doubts = doubtsOf(verdict);
  return (
    <DoubtContext value={doubts}>
      <div className="px-3.5 pt-2">
        <Heading {...props} />
      </div>
      <div className="px-3.5 pt-1 pb-2">
        <StemField question={question} change={change} />
        <Placed place="key" className="mt-1.5" doubts={isChoice(question) ? NO_DOUBTS : doubts}>
          <QuestionFields question={question} change={change} />
        </Placed>
      </div>
      <Placed place="evidence" className="border-line border-t px-3.5 py-1.5" doubts={doubts}>
        <EvidenceField question={question} change={change} blocks={blocks} onPlay={onPlay} />
      </Placed>
      <div className="border-line border-t">
        <FindingList slip={slip} verdict={verdict} change={change} onChoose={props.onChoose} />
      </div>
      <Placed place="points" className="border-line border-t px-3.5 py-1.5" doubts={doubts}>
        <PointsField question={question} change={change} />
      </Placed>
      <div className="border-line border-t px-3.5 py-1.5">
        <ExplanationField question={question} change={change} />
      </div>
      {question.kind === "poll" ? null : <OtherSources key={question.id} questionId={question.id} />}
      {slip.origin ? <WhyThisDraft origin={slip.origin} /> : null}
      {slip.status === "aside" ? <AsideWhy slip={slip} act={act} /> : null}
      <div className="flex flex-wrap items-center gap-2 border-line border-t px-3.5 py-2">
        <button type="button" className="button button-main" aria-pressed={slip.status === "kept"} onClick={() => act("keep", question.id)}>
          {slip.status === "kept" ? "Kept" : "Keep"} <kbd>{keyOf("keep")}</kbd>
        </button>
        <button type="button" className="button" aria-pressed={slip.status === "aside"} onClick={() => act("set-aside", question.id)}>
          {slip.status === "aside" ? "Take back" : "Set aside"} <kbd>{keyOf("set-aside")}</kbd>
        </button>
        {SLIP_BUTTONS.map((id) => (
          <button
            key={id}
            type="button"
            className="button font-normal"
            aria-pressed={id === "look-again" ? slip.lookAgain : undefined}
            onClick={() => act(id, question.id)}
          >
            {labelOf(id)} {id === "remove" ? null : <kbd>{keyOf(id)}</kbd>}
          </button>
        ))}
      </div>
    </DoubtContext>
  );
}

const NO_DOUBTS: Doubts = new Map();

/** A part of the slip that a finding can point to. */
function Placed({ place, className, doubts, children }: { place: string; className: string; doubts: Doubts; children: ReactNode }) {
  return (
    <div data-place={place} tabIndex={-1} className={`${className} outline-none ${doubts.has(place) ? "bg-ochrepale" : ""}`}>
      {children}
    </div>
  );
}

/** The worst that is said of each place. */
function doubtsOf({ open }: SlipVerdict): Doubts {
  const doubts = new Map<string, "look" | "wrong">();
  for (const { place, verdict } of open) if (doubts.get(placeKey(place)) !== "wrong") doubts.set(placeKey(place), verdict);
  return doubts;
}
