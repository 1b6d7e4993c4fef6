import { expect, it } from "vitest";
import { plainWording, unlike } from "./plain-wording";

it("leaves case, marks and a leading article aside", () => {
  expect(plainWording("The oil-lamp.")).toBe(plainWording("oil lamp"));
  expect(plainWording("The oil")).not.toBe(plainWording("oils"));
});

it("keeps the first of each wording and none that is taken", () => {
  const texts = ["Mercury.", "the oil", "Oil", "water"];
  expect(unlike(texts, (text) => text)).toEqual(["Mercury.", "the oil", "water"]);
  expect(unlike(texts, (text) => text, ["mercury"])).toEqual(["the oil", "water"]);
});
