import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

const genderOf = (text: string, name: string) => analyse(text).persons.get(name)?.gender;
const HOWE = "Elias Howe solved the problem. He put the eye at its point. Howe raced against five women in Boston. ";

it.each([
  [
    "nobody else is told of before it",
    `${HOWE}\n\nIn 1830 a tailor named Barthélemy Thimonnier found another way. His machine made loops. Thimonnier fled. He died in 1857.`,
    "he",
  ],
  ["the pronouns do not agree", `${HOWE}\n\nThimonnier said no. He left. Thimonnier wrote a letter. She wept.`, undefined],
])("a name is a he where %s", (_, text, wanted) => {
  expect(genderOf(text, "Thimonnier")).toBe(wanted);
});
