import { existsSync, readdirSync } from "node:fs";
import path from "node:path";
import { expect, it } from "vitest";
import { tools } from "../../../tests/support/language-tools";
import { choice, evidence, LOG, short } from "../../../tests/support/rule-tester";
import { checkQuestion, doubtKey, openFindings } from "./check-question";
import { RULES } from "./rules";

const folder = path.join(import.meta.dirname, "rules");

it("lists every rule file, each named after its rule and with a test beside it", () => {
  const files = readdirSync(folder)
    .filter((name) => name.endsWith(".ts") && !name.endsWith(".test.ts"))
    .map((name) => name.replace(".ts", ""));
  expect(RULES.map((rule) => rule.id).sort()).toEqual(files.sort());
  for (const { id } of RULES) expect(existsSync(path.join(folder, `${id}.test.ts`)), id).toBe(true);
});

const context = { blocks: LOG, others: [], grade: 5, lexicon: tools().lexicon };

it("gives one verdict: sound, look or wrong", () => {
  const mercury = { evidence: evidence("The lens floats on a ring of mercury because mercury is heavy.") };
  expect(checkQuestion(choice("What does the lens float on?", ["mercury", "water", "oil"], 0, mercury), context).verdict).toBe("sound");
  expect(checkQuestion(choice("What does the lens float on?", ["water", "mercury", "oil"], 0, mercury), context).verdict).toBe("look");
  expect(checkQuestion(short("", ""), context).verdict).toBe("wrong");
});

it("keeps a doubt answered until the words change", () => {
  const question = short("What did he wind?", "the clockwork");
  const { findings } = checkQuestion(question, context);
  const answered = Object.fromEntries(findings.map(({ rule }) => [rule, doubtKey(question)]));
  expect(openFindings(findings, answered, question)).toEqual([]);
  expect(openFindings(findings, answered, { ...question, stem: "What did he wind at night?" })).toEqual(findings);
  expect(openFindings(findings, answered, { ...question, points: 3 })).toEqual([]);
});
