import { describe, expect, it } from "vitest";
import { blocksOf } from "../../../tests/support/language-tools";
import { anchorSpan } from "./anchor-span";
import { createSpan } from "./create-span";

const before = blocksOf("The lamp was lit in 1871.\n\nThe keepers wound it every four hours. The keepers slept by day.");
const wound = createSpan(before[1]!, 0, 38);
const sayings = (text: string) => anchorSpan(wound, blocksOf(text));

describe("anchorSpan", () => {
  it("finds a span where it was", () => {
    expect(anchorSpan(wound, before)).toEqual({ found: "in-place", span: wound });
  });
  it("finds it again when words were put in before it", () => {
    const found = sayings("The lamp was lit in 1871.\n\nIn winter it was cold. The keepers wound it every four hours. The keepers slept by day.");
    expect(found).toMatchObject({ found: "moved", span: { blockId: "b2", start: 23, quote: wound.quote } });
  });
  it("finds it again when a paragraph was put in front", () => {
    expect(sayings("New.\n\nThe lamp was lit in 1871.\n\nThe keepers wound it every four hours. The keepers slept by day.")).toMatchObject({
      found: "moved",
      span: { blockId: "b3", start: 0 },
    });
  });
  it("chooses by what stands around it when the words occur twice", () => {
    const text = "A bell rang. It rang again.\n\nThe horn blew. It rang again.";
    const blocks = blocksOf(text);
    const span = createSpan(blocks[1]!, 15, 29);
    const found = anchorSpan(span, blocksOf(`First.\n\n${text}`));
    expect(found).toMatchObject({ found: "moved", span: { blockId: "b3", start: 15 } });
  });
  it("says that it is lost when its words are gone, and guesses nothing", () => {
    expect(sayings("The lamp was lit in 1871.\n\nThe keepers wound it every six hours.")).toEqual({ found: "lost" });
  });
  it("does not look in blocks that were left out", () => {
    expect(
      anchorSpan(
        wound,
        before.map((block) => ({ ...block, leftOut: "by hand" })),
      ),
    ).toEqual({ found: "lost" });
  });
});
