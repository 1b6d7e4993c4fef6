import { z } from "zod";
import { ALL_RULES } from "@/core/checking/all-rules";
import { handleSetting } from "@/server/http/handle-set";
import { ruleWeightsSchema, saveRuleWeights } from "@/server/settings/rule-weights";

const known = new Set(ALL_RULES.map((rule) => rule.id));

/** How the rules weigh. */
export const POST = handleSetting(z.object({ weights: ruleWeightsSchema }), ({ weights }) =>
  saveRuleWeights(Object.fromEntries(Object.entries(weights).filter(([id]) => known.has(id)))),
);
