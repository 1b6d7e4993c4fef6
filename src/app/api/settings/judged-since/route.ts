import { z } from "zod";
import { handleSetting } from "@/server/http/handle-set";
import { saveJudgedSince } from "@/server/settings/judged-since";

/** From when on judgements are learnt from. */
export const POST = handleSetting(z.object({ from: z.enum(["now", "ever"]) }), ({ from }) => saveJudgedSince(from === "now" ? Date.now() : 0));
