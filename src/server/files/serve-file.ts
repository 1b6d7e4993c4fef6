import { mediaType } from "@/core/importers/media-type";
import { pictureType } from "@/core/importers/picture/read-picture";
import { fileSize, fileStream, hasFile, readHead } from "./file-store";

/** Only what a page shows or plays is served as what it is, and only by its own first bytes; all else is a download. */
function typeOf(hash: string): string | undefined {
  const head = readHead(hash, 256);
  if (new TextDecoder("latin1").decode(head.subarray(0, 6)).startsWith("GIF8")) return "image/gif";
  return pictureType(head) ?? mediaType(head, "");
}

/** A stored file, whole or in part, as players ask for it; undefined where there is none. */
export function serveFile(hash: string, range: string | null): Response | undefined {
  if (!/^[0-9a-f]{64}$/.test(hash) || !hasFile(hash)) return undefined;
  const size = fileSize(hash);
  const type = typeOf(hash);
  const headers: Record<string, string> = {
    "content-type": type ?? "application/octet-stream",
    "accept-ranges": "bytes",
    "cache-control": "private, max-age=31536000, immutable",
    "content-security-policy": "default-src 'none'; sandbox",
    ...(type ? {} : { "content-disposition": "attachment" }),
  };
  const part = readRange(range, size);
  if (part === "unsatisfiable") return new Response(null, { status: 416, headers: { "content-range": `bytes */${size}` } });
  if (!part) return new Response(fileStream(hash), { headers: { ...headers, "content-length": String(size) } });
  return new Response(fileStream(hash, part), {
    status: 206,
    headers: { ...headers, "content-length": String(part.end - part.start + 1), "content-range": `bytes ${part.start}-${part.end}/${size}` },
  });
}

export function readRange(header: string | null, size: number): { start: number; end: number } | "unsatisfiable" | undefined {
  const match = /^bytes=(\d*)-(\d*)$/.exec(header ?? "");
  if (!match || (match[1] === "" && match[2] === "")) return undefined;
  const start = match[1] === "" ? Math.max(0, size - Number(match[2])) : Number(match[1]);
  const end = match[1] === "" || match[2] === "" ? size - 1 : Math.min(size - 1, Number(match[2]));
  return start > end || start >= size ? "unsatisfiable" : { start, end };
}
