import { XMLParser } from "fast-xml-parser";

/** An element of an office file's XML, in document order; text is an element named "#text". */
export type XmlNode = { name: string; attributes: Record<string, string>; children: XmlNode[]; text: string };

const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: "",
  trimValues: false,
  parseTagValue: false,
  parseAttributeValue: false,
  // Entities of the document's own are how a small file grows without end.
  processEntities: true,
  htmlEntities: false,
});

/** Throws where it is not XML. Declarations of entities are taken out first, so that none is ever expanded. */
export function parseXml(xml: string): XmlNode {
  const safe = xml.replace(/<!DOCTYPE[^>[]*(?:\[[\s\S]*?\])?\s*>/gi, "");
  return { name: "#root", attributes: {}, text: "", children: (parser.parse(safe) as RawNode[]).map(toNode) };
}

type RawNode = Record<string, unknown>;

function toNode(raw: RawNode): XmlNode {
  const name = Object.keys(raw).find((key) => key !== ":@") ?? "#text";
  const value = raw[name];
  if (name === "#text") return { name, attributes: {}, children: [], text: String(value) };
  return { name, attributes: (raw[":@"] ?? {}) as Record<string, string>, text: "", children: Array.isArray(value) ? (value as RawNode[]).map(toNode) : [] };
}

export function* descendants(node: XmlNode, name: string): Generator<XmlNode> {
  for (const child of node.children) {
    if (child.name === name) yield child;
    yield* descendants(child, name);
  }
}

export function first(node: XmlNode, name: string): XmlNode | undefined {
  return descendants(node, name).next().value ?? undefined;
}
