import { z } from "zod";
import type { RuleWeights } from "@/core/checking/check-question";
import { readSetting, writeSetting } from "./setting";

const KEY = "rule-weights";
/** Where rules could only be switched off, their names stood under this one. */
const OFF_KEY = "rules-off";
export const ruleWeightsSchema = z.record(z.string().max(60), z.enum(["off", "look", "wrong"]));

/** How the teacher weighs the rules; those that are not named weigh as usual. */
export function loadRuleWeights(): RuleWeights {
  const weights = ruleWeightsSchema.safeParse(readSetting(KEY)).data;
  if (weights) return weights;
  const off = z.array(z.string()).safeParse(readSetting(OFF_KEY)).data ?? [];
  return Object.fromEntries(off.map((rule) => [rule, "off" as const]));
}

export function saveRuleWeights(weights: RuleWeights): void {
  writeSetting(KEY, weights);
}
