import { type AppProblem, problemText } from "@/messages/problems";
import { isLocalHost } from "./local-host";

const STATUS: Partial<Record<AppProblem["type"], number>> = {
  "set-not-found": 404,
  "source-not-found": 404,
  "already-drafting": 409,
  "question-gone": 409,
  "edit-does-not-fit": 409,
  "nothing-to-undo": 409,
};

export function answerProblem(problem: AppProblem): Response {
  return Response.json({ problem: { type: problem.type, text: problemText(problem) } }, { status: STATUS[problem.type] ?? 400 });
}

/**
 * Only this machine's own pages may change anything: the host must be a loopback name (which stops
 * DNS rebinding) and the request must not come from another site. Undefined where all is well.
 */
export function refuseForeign(request: Request): Response | undefined {
  const host = request.headers.get("host");
  const site = request.headers.get("sec-fetch-site");
  const origin = request.headers.get("origin");
  const foreign = !isLocalHost(host) || (site !== null && site !== "same-origin" && site !== "none") || (origin !== null && new URL(origin).host !== host);
  return foreign ? Response.json({ problem: { type: "foreign-request", text: "Only Vumo's own pages may do this." } }, { status: 403 }) : undefined;
}

/** The body as JSON of at most `limit` bytes; undefined where it is neither. */
export async function readJson(request: Request, limit = 4_000_000): Promise<unknown> {
  if (Number(request.headers.get("content-length") ?? 0) > limit) return undefined;
  try {
    const text = await request.text();
    return text.length > limit ? undefined : JSON.parse(text);
  } catch {
    return undefined;
  }
}
