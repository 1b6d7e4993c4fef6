import { answerProblem } from "@/server/http/answer";
import { viewPage } from "@/server/sources/view-page";

export const dynamic = "force-dynamic";

/** The page as it was brought in: sanitised, in a sandbox, and allowed nothing but pictures of our own. */
export async function GET(_: Request, { params }: { params: Promise<{ sourceId: string }> }): Promise<Response> {
  const page = viewPage((await params).sourceId);
  if (!page) return answerProblem({ type: "source-not-found" });
  return new Response(page, {
    headers: {
      "content-type": "text/html; charset=utf-8",
      "content-security-policy": "default-src 'none'; img-src 'self' data:; style-src 'unsafe-inline'; frame-ancestors 'self'; sandbox",
    },
  });
}
