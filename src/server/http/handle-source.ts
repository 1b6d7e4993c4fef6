import type { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "./answer";

type Context = { params: Promise<{ sourceId: string }> };

/** A handler for a change of a source: who may, what is asked, then one operation. */
export function handleSource<S extends z.ZodType>(schema: S, act: (sourceId: string, body: z.infer<S>) => Response | Promise<Response>) {
  return async (request: Request, { params }: Context): Promise<Response> => {
    const foreign = refuseForeign(request);
    if (foreign) return foreign;
    const body = schema.safeParse(await readJson(request, 20_000_000));
    return body.success ? act((await params).sourceId, body.data) : answerProblem({ type: "request-not-understood" });
  };
}
