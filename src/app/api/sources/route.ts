import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { pasteSource } from "@/server/sources/paste-source";

export const dynamic = "force-dynamic";

const pastedSchema = z.object({
  text: z.string(),
  title: z.string().max(200).optional(),
  media: z.object({ hash: z.string().regex(/^[0-9a-f]{64}$/), name: z.string().max(300) }).optional(),
});

/** A pasted passage becomes a source with a set of its own; files and links come in by /api/imports. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  const input = pastedSchema.safeParse(await readJson(request));
  if (!input.success) return answerProblem({ type: "request-not-understood" });
  const created = await pasteSource(input.data);
  return created.ok ? Response.json(created.value, { status: 201 }) : answerProblem(created.problem);
}
