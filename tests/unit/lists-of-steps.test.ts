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

const PARAGRAPHS = [
  "First, mark the middle of the short stick. Lay it across the long stick.",
  "Next, cut a notch into each end of both sticks. Run a string through the notches.",
  "Place the frame on the paper and cut around it. Fold the edge over the string.",
  "Finally, tie the strips of cloth to a string. They keep the kite steady.",
  "Never fly a kite near power lines.",
];

it("are what opens each paragraph, where words such as *first* and *next* tell their order", () => {
  const opening = [
    "First, mark the middle of the short stick.",
    "Next, cut a notch into each end of both sticks.",
    "Place the frame on the paper and cut around it.",
  ];
  expect(stepsOf(`# Make a kite\n\n${PARAGRAPHS.join("\n\n")}`)).toEqual([[...opening, "Finally, tie the strips of cloth to a string."]]);
});

it("are none where nothing tells the order of the paragraphs", () => {
  const unordered = PARAGRAPHS.map((text) => text.replace(/^(?:First|Next|Finally), (.)/, (_, letter: string) => letter.toUpperCase()));
  expect(stepsOf(`# Make a kite\n\n${unordered.join("\n\n")}`)).toEqual([]);
});
