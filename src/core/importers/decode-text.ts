import chardet from "chardet";
import iconv from "iconv-lite";

/**
 * Bytes of a text file as text: byte order mark, then strict UTF-8, then what the file
 * itself declares, then what the bytes look like, then Windows-1252. (Node's own TextDecoder reads Windows-1252 wrongly on Node.js 20.)
 */
export function decodeText(bytes: Uint8Array, declared?: string): string {
  const buffer = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const marked = markedEncoding(buffer);
  if (marked) return iconv.decode(buffer, marked).replace(/^\ufeff/, "");
  const bare = wideWithoutMark(buffer);
  if (bare) return iconv.decode(buffer, bare);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(buffer);
  } catch {
    return iconv.decode(buffer, declared && iconv.encodingExists(declared) ? declared : guessEncoding(buffer));
  }
}

function markedEncoding(buffer: Buffer): string | undefined {
  if (buffer[0] === 0xef && buffer[1] === 0xbb && buffer[2] === 0xbf) return "utf-8";
  if (buffer[0] === 0xff && buffer[1] === 0xfe) return buffer[2] === 0 && buffer[3] === 0 ? "utf-32le" : "utf-16le";
  return buffer[0] === 0xfe && buffer[1] === 0xff ? "utf-16be" : undefined;
}

/** UTF-16 without a mark: Latin text has a zero in every other byte. */
function wideWithoutMark(buffer: Buffer): string | undefined {
  const sample = buffer.subarray(0, 2000);
  if (sample.length < 8) return undefined;
  let even = 0;
  let odd = 0;
  sample.forEach((byte, index) => {
    if (byte === 0) index % 2 ? odd++ : even++;
  });
  const half = sample.length / 2;
  if (odd > half * 0.7 && even < half * 0.05) return "utf-16le";
  return even > half * 0.7 && odd < half * 0.05 ? "utf-16be" : undefined;
}

function guessEncoding(buffer: Buffer): string {
  const [best] = chardet.analyse(buffer);
  if (!best || best.confidence < 40 || /^ISO-8859-(?:1|2|15)$/.test(best.name) || !iconv.encodingExists(best.name)) return "windows-1252";
  return best.name;
}
