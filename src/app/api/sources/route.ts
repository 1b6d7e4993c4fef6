import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { createSource } from "@/server/sources/create-source";
import { decodeText } from "@/core/importers/decode-text";

export const dynamic = "force-dynamic";

const MAX_FILE_BYTES = 2_000_000;
const pastedSchema = z.object({ text: z.string(), title: z.string().max(200).optional() });

/** A pasted passage (JSON) or a chosen file (form data) becomes a source with a set of its own. */
export async function POST(request: Request): Promise<Response> {
  const foreign = refuseForeign(request);
  if (foreign) return foreign;
  return request.headers.get("content-type")?.startsWith("multipart/form-data") ? fromFile(request) : fromPaste(request);
}

async function fromPaste(request: Request): Promise<Response> {
  const input = pastedSchema.safeParse(await readJson(request));
  if (!input.success) return answerProblem({ type: "request-not-understood" });
  return answer(createSource({ ...input.data, kind: looksLikeMarkdown(input.data.text) ? "markdown" : "text", name: "" }));
}

async function fromFile(request: Request): Promise<Response> {
  const declared = Number(request.headers.get("content-length") ?? 0);
  if (declared > MAX_FILE_BYTES + 10_000) return answerProblem({ type: "file-too-large", name: "The file", megabytes: Math.round(declared / 1e5) / 10 });
  const file = (await request.formData()).get("file");
  if (!(file instanceof File)) return answerProblem({ type: "request-not-understood" });
  const match = /\.(txt|text|md|markdown)$/i.exec(file.name);
  if (!match) return answerProblem({ type: "file-kind-unknown", name: file.name });
  if (file.size > MAX_FILE_BYTES) return answerProblem({ type: "file-too-large", name: file.name, megabytes: Math.round(file.size / 1e5) / 10 });
  const text = decodeText(new Uint8Array(await file.arrayBuffer()));
  return answer(createSource({ text, kind: /^m/i.test(match[1]!) ? "markdown" : "text", name: file.name }));
}

function answer(created: ReturnType<typeof createSource>): Response {
  return created.ok ? Response.json(created.value, { status: 201 }) : answerProblem(created.problem);
}

/** Headings written with # are the one sign that plain text never has by chance. */
function looksLikeMarkdown(text: string): boolean {
  return /^#{1,6} \S/m.test(text);
}
