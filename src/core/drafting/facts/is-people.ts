import { headTerminal, type Node } from "../../language/tree";

/** Places whose name has the ending of a people. */
const RANGES =
  /^(?:Andes|Alps|Himalayas|Rockies|Pyrenees|Urals|Appalachians|Carpathians|Dolomites|Apennines|Azores|Maldives|Hebrides|Netherlands|Highlands|Midlands|Lowlands|Tropics|Canaries|Bahamas|Philippines|Seychelles|Orkneys|Falls)$/;

/** "the Spanish", "the Jesuits": as doers they are people. */
export function isPeople(np: Node): boolean {
  const head = headTerminal(np);
  return np.f.det === "def" && np.end - np.start === 2 && head.cat === "pn" && /(?:s|sh|ch|se|nch)$/i.test(head.lemma ?? "") && !RANGES.test(head.lemma ?? "");
}
