import { parseRtf } from "@/core/importers/rtf/parse-rtf";
import { readFileSync } from "node:fs";
console.log(parseRtf(readFileSync("tests/files/harbour-leaflet.rtf","latin1"))!.slice(0,4));
