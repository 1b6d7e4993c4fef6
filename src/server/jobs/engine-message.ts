import type { Checked } from "@/core/checking/check-question";
import type { Finding } from "@/core/checking/define-rule";
import type { DepthSupply, Supply } from "@/core/drafting/candidates";
import type { Draft, DraftReport, Existing, RowReport } from "@/core/drafting/draft-questions";
import type { ExplainedSentence } from "@/core/drafting/explain-source";
import type { Plan } from "@/core/drafting/plan";
import type { TextSort } from "@/core/language/analysis";
import type { Question } from "@/core/questions/question";
import type { DraftedLanguage } from "@/core/source/join-sources";
import type { Block } from "@/core/source/schema";

/** A source for the worker; its analysis is kept under `key`, which changes with the text. */
export type WorkSource = { key: string; blocks: Block[]; language?: DraftedLanguage };

export type { Checked };

export type EngineRequest =
  | {
      type: "draft";
      source: WorkSource;
      plan: Plan;
      seed: number;
      existing: Existing;
      shifts: Record<string, number>;
      idPrefix: string;
      stop: SharedArrayBuffer;
    }
  | { type: "supply"; source: WorkSource; plan: Plan; seed: number; existing: Existing }
  | { type: "fill"; source: WorkSource; plan: Plan; wanted: number; seed: number; existing: Existing }
  | { type: "explain"; source: WorkSource; seed: number }
  | { type: "check"; source: WorkSource; questions: Question[]; only: string[] | null; grade: number };

export type EngineEvent =
  | { type: "reading"; done: number; total: number }
  | { type: "draft"; draft: Draft; checked: Checked }
  | { type: "drafted"; report: DraftReport; stopped: boolean }
  | { type: "supply"; supply: Supply; byDepth: DepthSupply; outcomes: string[]; rows: RowReport[]; sentences: number; understood: number }
  | { type: "filled"; plan: Plan }
  | { type: "explained"; sentences: ExplainedSentence[]; sort: TextSort }
  | { type: "checked"; checked: Record<string, Checked>; together: Record<string, Finding[]> }
  | { type: "failed"; message: string };
