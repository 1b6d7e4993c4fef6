import { describe, expect, it } from "vitest";
import { ALL_RULES } from "./all-rules";
import { verdictOf, weighChecked, weighFindings, withTogether } from "./check-question";
import type { Finding } from "./define-rule";

const finding = (rule: string, verdict: Finding["verdict"]): Finding => ({ rule, verdict, reason: rule, place: { part: "stem" } });
const checked = { verdict: "wrong" as const, findings: [finding("key-in-evidence", "look"), finding("evidence-word-for-word", "wrong")], carried: [] };

describe("how a teacher weighs the rules", () => {
  it("leaves them as they are where nothing is said", () => {
    expect(weighChecked(checked, {})).toEqual(checked);
  });
  it("silences a rule, makes a doubt of a fault, or a fault of a doubt", () => {
    expect(weighChecked(checked, { "evidence-word-for-word": "off" })).toMatchObject({ verdict: "look", findings: [{ rule: "key-in-evidence" }] });
    expect(weighChecked(checked, { "evidence-word-for-word": "look" }).verdict).toBe("look");
    expect(verdictOf(weighFindings([finding("key-in-evidence", "look")], { "key-in-evidence": "wrong" }))).toBe("wrong");
  });
  it("knows each rule of a question and of the whole set once", () => {
    const ids = ALL_RULES.map((rule) => rule.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toEqual(expect.arrayContaining(["key-in-evidence", "asked-once", "keys-spread", "no-cue-from-others", "evidence-spread"]));
  });
});

it("what the whole set says is added to a question's own findings", () => {
  expect(withTogether({ verdict: "sound", findings: [] }, [finding("keys-spread", "look")]).verdict).toBe("look");
  expect(withTogether(undefined, []).verdict).toBe("sound");
});
