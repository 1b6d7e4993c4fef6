import { sql } from "drizzle-orm";
import { z } from "zod";
import type { ChangedPart, Judgement } from "@/core/drafting/ranking/learn-leanings";
import { asideReasonSchema } from "@/core/questions/edit";
import { QUESTION_KINDS } from "@/core/questions/kinds";
import type { QuestionKind } from "@/core/questions/question";
import { db } from "../db/client";
import { loadJudgedSince } from "../settings/judged-since";

const rowSchema = z.object({
  kind: z.enum(QUESTION_KINDS as [QuestionKind, ...QuestionKind[]]),
  pattern: z.string(),
  status: z.enum(["kept", "aside"]),
  changed: z.string().nullable(),
  reason: asideReasonSchema.nullable(),
});

/**
 * What the teacher did with drafts in all sets, as things stand: what was taken back does not count, nor what
 * was decided before the last reset.
 */
export function loadJudgements(): Judgement[] {
  const rows = db().all(sql`
    with history as (
      select set_id, at, json_extract(edit, '$.type') as type, json_extract(edit, '$.questionId') as question_id from edits where undone = 0
    )
    select json_extract(slips.question, '$.kind') as kind, json_extract(slips.origin, '$.pattern') as pattern, slips.status as status, slips.aside_reason as reason,
      group_concat(distinct history.type) as changed
    from slips join history on history.set_id = slips.set_id and history.question_id = slips.question_id
    where slips.status <> 'draft' and slips.origin is not null
    group by slips.set_id, slips.question_id
    having max(case when history.type = 'set-status' then history.at end) >= ${loadJudgedSince()}`);
  return z
    .array(rowSchema)
    .parse(rows)
    .map(({ kind, pattern, status, changed, reason }) => {
      const types = (changed ?? "").split(",");
      const changes = [...new Set(types.flatMap((type) => CHANGED[type] ?? []))];
      const verdict = status === "aside" ? "aside" : changes.length > 0 ? "edited" : "kept";
      return { kind, pattern, verdict, ...(reason ? { reason } : {}), ...(verdict === "edited" ? { changes } : {}) };
    });
}

/** Which edits change what a student reads or how it is marked. */
const CHANGED: Record<string, ChangedPart> = {
  "set-stem": "wording",
  "set-option": "options",
  "add-option": "options",
  "remove-option": "options",
  "set-parts": "options",
  "set-key": "key",
  "set-accepted": "answers",
  "set-evidence": "evidence",
};
