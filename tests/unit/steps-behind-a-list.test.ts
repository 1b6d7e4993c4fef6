import { expect, it } from "vitest";
import { listsOfSteps } from "@/core/drafting/drafters/lists-of-steps";
import { analyse } from "../support/language-tools";

const STEPS = "1. Cut the paper into strips.\n2. Dip a strip into the paste.\n3. Lay the strips across the bowl.\n4. Let the bowl dry.";
const stepsOf = (text: string) => listsOfSteps(analyse(text, "markdown")).map(({ steps }) => steps.map(({ text: step }) => step));

it("begin behind what is needed, though both stand under each other", () => {
  expect(stepsOf(`# A bowl\n\n- clean sand\n- a jar\n- old newspapers\n\n${STEPS}`)).toEqual([
    ["Cut the paper into strips.", "Dip a strip into the paste.", "Lay the strips across the bowl.", "Let the bowl dry."],
  ]);
});

it("are all of them where none has a stop", () => {
  expect(stepsOf(`# A bowl\n\n${STEPS.replace(/\./g, (stop, at: number) => (/\d/.test(STEPS[at - 1] ?? "") ? stop : ""))}`)[0]).toHaveLength(4);
});
