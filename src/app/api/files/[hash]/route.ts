import { serveFile } from "@/server/files/serve-file";
import { answerProblem } from "@/server/http/answer";

export const dynamic = "force-dynamic";

export async function GET(request: Request, { params }: { params: Promise<{ hash: string }> }): Promise<Response> {
  const { hash } = await params;
  return serveFile(hash, request.headers.get("range")) ?? answerProblem({ type: "file-gone" });
}
