import type { Nodes, RootContent } from "mdast";
import { fromMarkdown } from "mdast-util-from-markdown";
import { toString as plainText } from "mdast-util-to-string";
import { LABEL } from "../language/speaker-labels";
import { numberBlocks, type RawBlock } from "../source/number-blocks";
import type { Block } from "../source/schema";

/** Markdown into blocks. Code, HTML, rules and picture addresses are not reading matter and are left behind. */
export function readMarkdown(text: string): Block[] {
  return numberBlocks(fromMarkdown(text).children.flatMap((node) => readNode(node, "paragraph")));
}

function readNode(node: RootContent, kind: Block["kind"]): RawBlock[] {
  switch (node.type) {
    case "heading":
      return [{ kind: "heading", level: node.depth, text: textOf(node) }];
    case "paragraph":
      return turnsOf(textOf(node)).map((text) => ({ kind, text }));
    case "blockquote":
      return node.children.flatMap((child) => readNode(child, "quotation"));
    case "list":
      return node.children.flatMap((item) => item.children.flatMap((child) => readNode(child, "list-item")));
    default:
      return [];
  }
}

/** "Ida: …" and on the next line "Tom: …": each turn of a talk is a paragraph of its own, though no blank line parts them. */
function turnsOf(text: string): string[] {
  const lines = text.split("\n");
  if (lines.filter((line) => LABEL.test(line)).length < 2) return [text];
  const turns: string[] = [];
  for (const line of lines) {
    if (LABEL.test(line) || turns.length === 0) turns.push(line);
    else turns.push(`${turns.pop()}\n${line}`);
  }
  return turns;
}

function textOf(node: Nodes): string {
  return plainText(node, { includeImageAlt: false, includeHtml: false });
}
