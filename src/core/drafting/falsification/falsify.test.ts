import { expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { falsify } from "./falsify";

const falsehoods = (text: string) => {
  const analysis = analyse(text);
  return stockSource(analysis)
    .statements.flatMap((statement) => falsify(statement, analysis, 1))
    .map(({ how, text: words }) => [how, words]);
};

it.each([
  ["number", "Each lens held forty prisms.", /^each lens held (?!forty)\S+ prisms$/],
  ["year", "A second lamp was lit in 1871.", /^a second lamp was lit in (?!1871)\d{4}$/],
  ["order", "New keepers studied a handbook before they stood a watch.", /^new keepers studied a handbook after they stood a watch$/],
  ["comparison", "Wet rope is heavier than dry rope.", /^dry rope is heavier than wet rope$/],
  ["comparison", "Land gets warm faster than water does.", /^water gets warm faster than land$/],
  ["comparison", "Cold air cannot hold as much vapour as warm air.", /^warm air cannot hold as much vapour as cold air$/],
  ["comparison", "Fresh water carries a current more easily than salty water.", /^salty water carries a current more easily than fresh water$/],
  ["antonym", "The sun weakens the tide at the coast.", /^the sun strengthens the tide at the coast$/],
  ["number", "The tower burns about forty litres of oil.", /^the tower burns about (?:twenty|one hundred and twenty) litres of oil$/],
  ["antonym", "Cold water sinks.", /^cold water rises$/],
  ["antonym", "A wooden ship sinks.", /^a wooden ship floats$/],
  ["antonym", "Jupiter is the largest planet near the sun.", /^Jupiter is the smallest planet near the sun$/],
  ["antonym", "Bats hunt moths at night.", /^bats hunt moths during the day$/],
  ["antonym", "A lamp hangs above the door.", /^a lamp hangs below the door$/],
  ["antonym", "Ida Marrow opened a museum in 1903.", /^Ida Marrow closed a museum in 1903$/],
  ["antonym", "A magnet attracts iron.", /^a magnet repels iron$/],
  ["antonym", "A coast path is narrow.", /^a coast path is wide$/],
  ["denial", "The lamp never burned coal.", /^the lamp burned coal$/],
  ["bound", "More than half of all lamps burn oil.", /^less than half of all lamps burn oil$/],
  ["bound", "More than forty ships sank in the bay.", /^fewer than forty ships sank in the bay$/],
  ["bound", "The tower is at least thirty metres high.", /^the tower is less than thirty metres high$/],
  ["bound", "Most keepers live in the tower.", /^few keepers live in the tower$/],
  ["bound", "Not everyone likes the horn.", /^everyone likes the horn$/],
  ["bound", "A third of the ships burned coal.", /^two thirds of the ships burned coal$/],
  ["bound", "The lamp is no longer lit by hand.", /^the lamp is still lit by hand$/],
  ["bound", "Nobody knew the name of the ship.", /^everybody knew the name of the ship$/],
  ["exchange", "The council changed the lamp from oil to gas in 1904.", /^the council changed the lamp from gas to oil in 1904$/],
  ["exchange", "A generator turns motion into electricity.", /^a generator turns electricity into motion$/],
  ["exchange", "The keepers used rope instead of chain.", /^the keepers used chain instead of rope$/],
  ["exchange", "A turbine uses wind to make electricity.", /^a turbine uses electricity to make wind$/],
])("denies by %s: %s", (how, text, wanted) => {
  expect(falsehoods(text)).toContainEqual([how, expect.stringMatching(wanted)]);
});

it.each([
  "A boat can carry forty people.",
  "Most of the owners have never set foot in the shop.",
  "Some keepers slept before dawn.",
  "Each lens did not hold forty prisms.",
  "Borrowing is sensible for a bridge that will stand for sixty years.",
  "Swallows fly from Europe to Africa.",
  "A letter goes from hand to hand.",
  "Plants use sunlight to make sugar.",
  "The council needs a good reason to spend more than 5,000 pounds.",
  "An owl's eyes are so large that it needs a big head.",
  "The calls are as loud as a horn.",
  "The harbour is full of boats.",
  "The tower stands high above the sea.",
  "Many keepers never left the rock.",
  "The roots grew outward, away from the middle of the wheel.",
  "The lamp burned half of a litre and a quarter of a pint.",
  "Light falls on the lens.",
  "The boats fell off the quay.",
  "The keepers push themselves up.",
  "Ida Marrow did not say a word.",
])("leaves %j alone, since the change might be true", (text) => {
  expect(falsehoods(text)).toEqual([]);
});

it("changes a number to none that stands beside it", () => {
  for (const seed of ["", " again", " once more", " at last"])
    for (const [how, text] of falsehoods(`The law shortened the working week${seed} from fifty-six hours to fifty-four.`))
      if (how === "number") expect(text).not.toMatch(/fifty-four.*fifty-four/);
});
