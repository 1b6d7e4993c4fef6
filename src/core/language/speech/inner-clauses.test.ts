import { expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { innerClauses } from "./inner-clauses";

/** Each clause as its verb, and all it may be told as. */
function inner(text: string): string[] {
  const { tree, words } = analyse(text).sentences[0]!;
  const told = (from: number, to: number) =>
    words
      .slice(from, to)
      .map((word) => word.text)
      .join(" ");
  return innerClauses(tree!.kids[0]!).map(
    ({ verb, starts, ends }) => `${words[verb]!.text}: ${[...starts].flatMap((from) => [...ends].map((to) => told(from, to))).join(" / ")}`,
  );
}

it.each([
  ["The ships see the light.", ["see: The ships see the light"]],
  ["At night the ships see it.", ["see: At night the ships see it / the ships see it"]],
  ["The ships see the light at night.", ["see: The ships see the light at night / The ships see the light"]],
  ["The keeper turns the lens, and the captain counts.", ["turns: The keeper turns the lens", "counts: the captain counts"]],
  ["The boat does not sink in a storm.", ["sink: The boat does not sink in a storm"]],
  ["Some horses spent their lives under the ground.", ["spent: Some horses spent their lives under the ground"]],
  ["If the oil is low, he fills the lamp.", ["fills: If the oil is low , he fills the lamp"]],
])("%s", (text, wanted) => {
  expect(inner(text)).toEqual(wanted);
});
