import type { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "./answer";

type Context = { params: Promise<{ setId: string }> };

/** A handler for a change of a set: who may, what is asked, then one operation. Anyone on the machine can post to it. */
export function handleSet<S extends z.ZodType>(schema: S, act: (setId: string, body: z.infer<S>) => Response | Promise<Response>) {
  return async (request: Request, { params }: Context): Promise<Response> => {
    const { setId } = await params;
    return handleBody(request, schema, (body) => act(setId, body));
  };
}

/** A handler for what is set for all sets. */
export function handleSetting<S extends z.ZodType>(schema: S, save: (body: z.infer<S>) => void) {
  return (request: Request): Promise<Response> =>
    handleBody(request, schema, (body) => {
      save(body);
      return Response.json({ saved: true });
    });
}

async function handleBody<S extends z.ZodType>(request: Request, schema: S, act: (body: z.infer<S>) => Response | Promise<Response>): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const body = schema.safeParse(await readJson(request));
  return body.success ? act(body.data) : answerProblem({ type: "request-not-understood" });
}
