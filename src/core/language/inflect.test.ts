import { describe, expect, it } from "vitest";
import { analyseVerb, inflectVerb, pluralOf, singularOf } from "./inflect";

describe("inflectVerb", () => {
  it.each([
    ["carry", "third", "carries"],
    ["wind", "past", "wound"],
    ["stop", "ing", "stopping"],
    ["travel", "past", "travelled"],
    ["tie", "ing", "tying"],
    ["draw", "participle", "drawn"],
    ["push", "third", "pushes"],
    ["make", "ing", "making"],
    ["see", "past", "saw"],
    ["speak", "past", "spoke"],
    ["strive", "participle", "striven"],
    ["be", "third", "is"],
    ["open", "past", "opened"],
    ["singe", "ing", "singeing"],
    ["sing", "ing", "singing"],
  ] as const)("%s, %s: %s", (base, form, wanted) => {
    expect(inflectVerb(base, form)).toBe(wanted);
  });
});

it("reads verb forms back to their base", () => {
  const isVerb = (base: string) => ["find", "found", "leave", "carry", "stop", "light"].includes(base);
  expect(analyseVerb("found", isVerb)).toEqual(
    expect.arrayContaining([
      { lemma: "find", form: "past" },
      { lemma: "find", form: "participle" },
    ]),
  );
  expect(analyseVerb("carried", isVerb)).toEqual([
    { lemma: "carry", form: "past" },
    { lemma: "carry", form: "participle" },
  ]);
  expect(analyseVerb("stopping", isVerb)).toEqual([{ lemma: "stop", form: "ing" }]);
});

it.each([
  ["wharves", "wharf"],
  ["firemen", "fireman"],
  ["lenses", "lens"],
  ["ferries", "ferry"],
  ["crates", "crate"],
  ["buses", "bus"],
])("takes %s as more than one %s", (plural, singular) => {
  const nouns = new Set(["wharf", "fireman", "lens", "ferry", "crate", "bus", "glass"]);
  expect(singularOf(plural, (noun) => nouns.has(noun))).toBe(singular);
  expect(pluralOf(singular)).toBe(plural);
});

it("takes glass as one", () => {
  expect(singularOf("glass", () => true)).toBeUndefined();
});
