import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

/** The form of the first clause's verb. */
const form = (text: string) => analyse(text).sentences[0]!.clauses[0]!.verb.flags?.[0];

it.each([
  ["of today, where it recurs", "Each month the keepers put three lamps on trial.", "plain"],
  ["of today, beside a verb of today", "Farmers put nitrogen back, because bacteria capture it.", "plain"],
  ["past, beside a past", "Farmers put nitrogen back, because bacteria captured it.", "past"],
  ["past, with its year", "In 1871 the keepers put the lamp out.", "past"],
  ["past, among pasts", "The keepers put the lamp out. They slept in the tower. They wound the clockwork.", "past"],
  ["past, where one alone does it", "The keeper put the lamp out, because the bay is wide.", "past"],
])("a verb that is the same in both is %s", (_, text, wanted) => {
  expect(form(text)).toBe(wanted);
});
