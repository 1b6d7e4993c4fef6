import { answerProblem } from "@/server/http/answer";
import { pagePicture } from "@/server/sources/page-picture";

export const dynamic = "force-dynamic";

/** A page of a PDF as a picture. */
export async function GET(_: Request, { params }: { params: Promise<{ sourceId: string; page: string }> }): Promise<Response> {
  const { sourceId, page } = await params;
  const png = /^\d{1,5}$/.test(page) ? await pagePicture(sourceId, Number(page)) : undefined;
  if (!png) return answerProblem({ type: "source-not-found" });
  return new Response(Buffer.from(png), { headers: { "content-type": "image/png", "cache-control": "private, max-age=86400" } });
}
