import { openFindings, verdictOf } from "@/core/checking/check-question";
import type { Finding, Verdict } from "@/core/checking/define-rule";
import type { Carried } from "@/core/checking/how-carried";
import type { Slip } from "@/core/questions/edit";
import type { Checked } from "../shell/use-set";

export type SlipVerdict = { verdict: Verdict; open: Finding[]; answered: Finding[]; carried: readonly Carried[] };

/** The verdict that counts: findings the teacher has answered for just these words are settled. */
export function slipVerdict(slip: Slip, checked: Checked | undefined): SlipVerdict {
  const findings = checked?.findings ?? [];
  const open = openFindings(findings, slip.answered, slip.question);
  return { verdict: verdictOf(open), open, answered: findings.filter((finding) => !open.includes(finding)), carried: checked?.carried ?? [] };
}

export const VERDICT_SIGN: Record<Verdict, string> = { sound: "✓", look: "◇", wrong: "✕" };
export const VERDICT_COLOUR: Record<Verdict, string> = { sound: "text-spruce", look: "text-ochre", wrong: "text-brick" };
