import type { Nodes, RootContent } from "mdast";
import { fromMarkdown } from "mdast-util-from-markdown";
import { toString as plainText } from "mdast-util-to-string";
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
      return [{ kind, text: textOf(node) }];
    case "blockquote":
      return node.children.flatMap((child) => readNode(child, "quotation"));
    case "list":
      return node.children.flatMap((item) => item.children.flatMap((child) => readNode(child, "list-item")));
    default:
      return [];
  }
}

function textOf(node: Nodes): string {
  return plainText(node, { includeImageAlt: false, includeHtml: false });
}
