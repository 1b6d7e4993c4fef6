import { parentPort, workerData } from "node:worker_threads";
import { checkQuestion } from "@/core/checking/check-question";
import { tellWholeSet } from "@/core/checking/check-whole-set";
import { besideEach } from "@/core/checking/define-set-rule";
import { countSupply, stockOf } from "@/core/drafting/candidates";
import { type DraftReport, draftQuestions } from "@/core/drafting/draft-questions";
import { explainSource } from "@/core/drafting/explain-source";
import { fillPlan } from "@/core/drafting/fill-plan";
import { proposeOutcomes } from "@/core/drafting/steering/propose-outcomes";
import { analyseText } from "@/core/language/analyse-text";
import type { Analysis } from "@/core/language/analysis";
import type { Question } from "@/core/questions/question";
import { loadLanguageTools } from "../language/load-language-tools";
import type { EngineRole } from "./engine";
import type { Checked, EngineEvent, EngineRequest, WorkSource } from "./engine-message";
import { warmUp } from "./warm-up";

/** The heavy work, off the server's own thread: analysis, drafting, checking. */

class Stopped extends Error {}
const KEPT_ANALYSES = 3;
const analyses = new Map<string, Analysis>();
const blocksByKey = new Map<string, WorkSource["blocks"]>();

function analysisOf(source: WorkSource, onSentence?: (done: number, total: number) => void): Analysis {
  const known = analyses.get(source.key);
  if (known) return known;
  const analysis = analyseText(source.blocks, loadLanguageTools(), { language: source.language, onSentence });
  analyses.set(source.key, analysis);
  if (analyses.size > KEPT_ANALYSES) analyses.delete(analyses.keys().next().value!);
  return analysis;
}

function answer(request: EngineRequest, send: (event: EngineEvent) => void): void {
  switch (request.type) {
    case "draft":
      return draft(request, send);
    case "supply": {
      const analysis = analysisOf(request.source);
      const { plan, seed, existing } = request;
      return send({
        type: "supply",
        ...countSupply(analysis),
        outcomes: proposeOutcomes(stockOf(analysis)),
        ...tryPlan(draftQuestions({ analysis, plan, seed, existing, newId: (index) => `${index}` })),
      });
    }
    case "fill": {
      const { plan, wanted, seed, existing } = request;
      return send({ type: "filled", plan: fillPlan(analysisOf(request.source), wanted, plan, seed, existing) });
    }
    case "explain": {
      const analysis = analysisOf(request.source);
      return send({ type: "explained", sentences: explainSource(analysis, request.seed), sort: analysis.sort });
    }
    case "check": {
      // One array for one version of a source, so that what is counted over it is counted once.
      const blocks = blocksByKey.get(request.source.key) ?? request.source.blocks;
      blocksByKey.set(request.source.key, blocks);
      const checked: Record<string, Checked> = {};
      for (const question of request.questions) {
        if (!request.only || request.only.includes(question.id)) checked[question.id] = check(question, blocks, request.questions, request.grade);
      }
      return send({ type: "checked", checked, together: besideEach(tellWholeSet(request.questions, loadLanguageTools().lexicon)) });
    }
  }
}

/** Drafts without keeping anything: what would come of it. */
function tryPlan(drafts: Generator<unknown, DraftReport>): DraftReport {
  for (let step = drafts.next(); ; step = drafts.next()) if (step.done) return step.value;
}

function check(question: Question, blocks: WorkSource["blocks"], others: readonly Question[], grade: number): Checked {
  return checkQuestion(question, { blocks, others, grade, lexicon: loadLanguageTools().lexicon });
}

function draft(request: Extract<EngineRequest, { type: "draft" }>, send: (event: EngineEvent) => void): void {
  const stopFlag = new Int32Array(request.stop);
  const halt = () => {
    if (Atomics.load(stopFlag, 0) === 1) throw new Stopped();
  };
  let report: DraftReport = { rows: [], sentences: 0, understood: 0 };
  try {
    const analysis = analysisOf(request.source, (done, total) => {
      halt();
      if (done % 20 === 0 || done === total) send({ type: "reading", done, total });
    });
    const drafts = draftQuestions({
      analysis,
      plan: request.plan,
      seed: request.seed,
      existing: request.existing,
      shifts: request.shifts,
      newId: (index) => `${request.idPrefix}-${index + 1}`,
    });
    for (let step = drafts.next(); ; step = drafts.next()) {
      if (step.done) {
        report = step.value;
        break;
      }
      halt();
      send({ type: "draft", draft: step.value, checked: check(step.value.question, request.source.blocks, [], request.plan.grade) });
    }
    send({ type: "drafted", report, stopped: false });
  } catch (error) {
    if (!(error instanceof Stopped)) throw error;
    send({ type: "drafted", report, stopped: true });
  }
}

parentPort?.on("message", ({ id, request }: { id: number; request: EngineRequest }) => {
  try {
    answer(request, (event) => parentPort!.postMessage({ id, event }));
  } catch (error) {
    parentPort!.postMessage({ id, event: { type: "failed", message: (error as Error).stack ?? String(error) } satisfies EngineEvent });
  }
});
loadLanguageTools();
if ((workerData as { role: EngineRole }).role === "drafting") warmUp();
