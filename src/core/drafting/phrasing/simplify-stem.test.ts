import { describe, expect, it } from "vitest";
import { simplifyStem } from "./simplify-stem";

describe("a stem in plainer words", () => {
  it.each([
    ["Why did the council construct a lighthouse?", "Why did the council build a lighthouse?"],
    ["Who constructed the pier prior to 1902?", "Who built the pier before 1902?"],
    ["What requires approximately four hours?", "What needs about four hours?"],
    ["Who purchased numerous ropes?", "Who bought many ropes?"],
    ["Where do puffins reside in winter?", "Where do puffins live in winter?"],
    ["What is departing rapidly?", "What is leaving quickly?"],
  ])("%s", (stem, plain) => {
    expect(simplifyStem(stem, 3)).toBe(plain);
  });
  it.each([
    ["for older readers", "Why did the council construct a lighthouse?", 8],
    ["where a noun may be meant", "Who signed the purchase of the land?", 3],
    ["inside a quotation", "What does “obtain” mean in this sentence?", 3],
    ["where the article would be wrong", "What did an assisting keeper carry?", 3],
  ])("stays as it is %s", (_, stem, grade) => {
    expect(simplifyStem(stem, grade)).toBe(stem);
  });
});
