import type { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "./answer";

type Context = { params: Promise<{ setId: string }> };

/** A handler for a change of a set: who may, what is asked, then one operation. Anyone on the machine can post to it. */
export function handleSet<S extends z.ZodType>(schema: S, act: (setId: string, body: z.infer<S>) => Response | Promise<Response>) {
  return async (request: Request, { params }: Context): Promise<Response> => {
    const foreign = refuseForeign(request);
    if (foreign) return foreign;
    const body = schema.safeParse(await readJson(request));
    return body.success ? act((await params).setId, body.data) : answerProblem({ type: "request-not-understood" });
  };
}
