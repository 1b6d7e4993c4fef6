import iconv from "iconv-lite";
import { expect, it } from "vitest";
import { decodeText } from "./decode-text";

const TEXT = "The keeper’s café stood “on the quay” – 3 € a cup. It was cold outside, and the wind blew hard all night long.";

it.each([
  ["UTF-8", Buffer.from(TEXT)],
  ["UTF-8 with a mark", Buffer.concat([Buffer.from([0xef, 0xbb, 0xbf]), Buffer.from(TEXT)])],
  ["UTF-16 little end first", Buffer.concat([Buffer.from([0xff, 0xfe]), iconv.encode(TEXT, "utf-16le")])],
  ["UTF-16 big end first", Buffer.concat([Buffer.from([0xfe, 0xff]), iconv.encode(TEXT, "utf-16be")])],
  ["UTF-16 without a mark", iconv.encode(TEXT, "utf-16le")],
  ["Windows-1252", iconv.encode(TEXT, "windows-1252")],
])("reads %s", (_, bytes) => {
  expect(decodeText(bytes)).toBe(TEXT);
});
