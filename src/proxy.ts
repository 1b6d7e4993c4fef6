import { NextResponse } from "next/server";
import { isLocalHost } from "./server/http/local-host";

/**
 * Everything is answered under a loopback name only. A page elsewhere whose name is made to point to
 * this machine (DNS rebinding) would otherwise read sources and keys as if it were ours.
 */
export function proxy(request: Request): Response {
  if (isLocalHost(request.headers.get("host"))) return NextResponse.next();
  return new Response("Vumo answers on this machine only, as 127.0.0.1 or localhost.", { status: 403, headers: { "content-type": "text/plain" } });
}

/** Uploads and long edits look for themselves: what goes through here would be held in memory first, and cut at ten megabytes. */
export const config = { matcher: ["/((?!api/imports|api/sources/[^/]+/edits|_next/static).*)"] };
