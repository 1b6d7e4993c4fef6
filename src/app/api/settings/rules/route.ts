import { z } from "zod";
import { RULES } from "@/core/checking/rules";
import { handleSetting } from "@/server/http/handle-set";
import { saveRulesOff } from "@/server/settings/rules-off";

const known = new Set(RULES.map((rule) => rule.id));

/** Which rules say nothing. */
export const POST = handleSetting(z.object({ off: z.array(z.string().max(60)).max(100) }), ({ off }) => saveRulesOff(off.filter((id) => known.has(id))));
