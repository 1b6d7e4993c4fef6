import { fail } from "../lib/result";
import type { Importer } from "./importer";

/** Films and sound that browsers play, by their first bytes; the name decides only between film and sound of one container. */
export function mediaType(head: Uint8Array, name: string): string | undefined {
  const text = new TextDecoder("latin1").decode(head.subarray(0, 256));
  if (text.slice(4, 8) === "ftyp") return /^M4A/.test(text.slice(8, 12)) || /\.m4a$/i.test(name) ? "audio/mp4" : "video/mp4";
  if (head[0] === 0x1a && head[1] === 0x45 && head[2] === 0xdf && head[3] === 0xa3) return "video/webm";
  if (text.startsWith("OggS")) return /theora/i.test(text) || /\.ogv$/i.test(name) ? "video/ogg" : "audio/ogg";
  if (text.startsWith("ID3") || (head[0] === 0xff && (head[1]! & 0xe6) === 0xe2)) return "audio/mpeg";
  return undefined;
}

export function isMediaName(name: string): boolean {
  return /\.(?:mp4|m4v|webm|ogv|mp3|ogg|oga|opus|m4a)$/i.test(name);
}

/** What is said in a film or sound is read from its captions, never from itself. */
export const mediaImporter: Importer = {
  id: "media",
  recognises: ({ bytes, name }) => mediaType(bytes, name) !== undefined,
  read: async ({ bytes, name }) => fail({ type: "media-without-captions", isVideo: mediaType(bytes, name)?.startsWith("video/") ?? true }),
};
