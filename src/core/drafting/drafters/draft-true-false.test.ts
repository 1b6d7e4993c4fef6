import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockOf } from "../candidates";
import { draftTrueFalse } from "./draft-true-false";

/** Enough of an opinion for the text to be read as one. */
const OPINION =
  "# Let the Ditch Be\n\nI think that the council should leave our ditches alone. It is an expensive habit, and it should stop. In my opinion nobody needs it.\n\n";

function stated(text: string): string[] {
  return draftTrueFalse(stockOf(analyse(text, "markdown")), 1).map(({ stem, key }) => `${stem} ${key}`);
}

describe("is no statement of its own", () => {
  it.each([
    [
      "cones that are read as a deed",
      "# Hotels\n\nStraw goes into a third room, and pine cones for the ladybugs into a fourth. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /pine cones/i,
    ],
    [
      "a thing that flies as a deed",
      "# Yards\n\nThe writer has an aunt. In the first summer Ida Marrow counted nineteen kinds of bees and butterflies in the yard. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /Marrow butterflies/,
    ],
    [
      "a walk as the place that it leads to",
      "# Falls\n\nIda Marrow walked up to Heron Falls, which takes two hours and a good deal of sweat. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /Falls takes/,
    ],
    [
      "the inside of one",
      "# Springs\n\nNobody has ever seen the inside of one, but scientists are fairly sure how it works. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /inside of one/,
    ],
    [
      "a place and a purpose behind one another",
      "# Cuckoos\n\nIn places where cuckoos are common, warblers gather in noisy mobs to drive the adults off. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /common to drive/,
    ],
    [
      "a farmer who could alone hardly do it",
      "# Co-ops\n\nFarmers sell milk. A dairy farmer alone could hardly bargain with a supermarket chain, and five hundred of them can. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /could alone/,
    ],
    [
      "what was then, found out now",
      "# Candy\n\nSugar grows on a stick. If nothing grows, there was not enough sugar in the syrup. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /if nothing grows/,
    ],
    [
      "many that one thing would be",
      "# Sound\n\nA horn is loud. Sounds above 20,000 hertz are called ultrasound. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /Ultrasound is sounds/,
    ],
    [
      "the inside of what",
      "# Traps\n\nEach trap has two halves, like a book. The inside is red and gives off a sweet smell, which tricks insects. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /the inside/i,
    ],
    [
      "what is on nothing",
      "# The wall\n\nIn thirty years there was not one scribble on it. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /scribble/,
    ],
    [
      "the same as what",
      "# The wall\n\nPolice officers in Philadelphia noticed the same thing decades ago, which is why that city has paid for more than four thousand murals since 1984. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /same thing/,
    ],
    [
      "what the writer goes on to give",
      "# Bread\n\nThe smell of bread goes within a day. But really there is only one good answer. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.",
      /one good answer/,
    ],
  ])("%s", (_, text, words) => {
    expect(stated(text)).not.toEqual([]);
    expect(stated(text).filter((line) => words.test(line))).toEqual([]);
  });
});

describe("what a writer claims", () => {
  it("is told as claimed, and a change of it is false", () => {
    const found = stated(`${OPINION}A ditch full of reeds holds water back, and young frogs hide from herons in the weeds.`);
    expect(found).toContain("According to the writer, young frogs hide from herons in the weeds. true");
  });

  it("is told plainly where it counts or dates something", () => {
    const found = stated(`${OPINION}In the storm of 2019 a clean ditch flooded 11 cellars in Lower Street.`);
    expect(found.filter((line) => line.startsWith("A clean ditch flooded 11 cellars"))).not.toEqual([]);
    expect(found.filter((line) => line.includes("According to"))).toEqual([]);
  });

  it.each([
    ["a wish", "Every school should have a pond, and every class should look after it with care."],
    ["a figure of speech", "Nobody has ever asked a begonia a question, and nobody learns to swim in a storm."],
    ["the writer's own doings", "Last summer I counted the frogs in the lane, and my sister painted them in a book."],
    ["a thing more than itself", "In a good school cooking teaches more than cooking."],
  ])("is not asked where it is %s", (_, sentence) => {
    expect(stated(`${OPINION}${sentence}`).filter((line) => line.startsWith("According to"))).toEqual([]);
  });
});

it("tells of two things together that they are, and not that they is", () => {
  const found = stated("# Cuts\n\nThe white cells swallow bacteria and dead tissue. Keepers wound the clockwork in 1871, and Ida Marrow polished the lens.");
  expect(found).toContain("Bacteria and dead tissue are swallowed by the white cells. true");
});

it("never tells what owners do as done by what they own", () => {
  const found = stated("# Ducks\n\nYoung ducks that eat too much bread grow too fast. Their wings bend outwards, and they never learn to fly.");
  expect(found.filter((line) => /wings never learn/.test(line))).toEqual([]);
});

it("never tells what went on in the same hour as something that it leaves out", () => {
  const found = stated("# A street\n\nTwo people bought bread. After the street was closed, eleven people sat down outside a café in the same hour.");
  expect(found.filter((line) => /in the same hour/.test(line))).toEqual([]);
});

it("gives a reason with one word turned round as false", () => {
  const found = stated("# The channel\n\nLarge ships enter the harbour only near high tide because the channel is too shallow at other times.");
  expect(found).toContain("Large ships enter the harbour only near high tide because the channel is too deep at other times. false");
});

it("gives a deed of the past to another person of the text", () => {
  const found = stated(
    "# The lamp makers\n\nAnna Brandt built the first lamp in 1860. Karl Voss drew the plans of the tower. Anna Brandt lived by the sea. Karl Voss lived in the town. Karl Voss was the son of a smith. Anna Brandt was a teacher.",
  );
  expect(found).toContain("Karl Voss built the first lamp in 1860. false");
});

describe("a place in front", () => {
  const told = (sentence: string) => stated(`# The harbour\n\nIda Marrow kept the light. ${sentence} In winter she painted signs.`).join("\n");
  it("is not moved behind what somebody tries to do: it would be where that lies", () => {
    expect(told("Behind the tower Ida Marrow was trying to mend the old boat.")).not.toMatch(/boat behind the tower/);
  });
  it("is moved where the sentence says the same", () => {
    expect(told("In the shed nets dry slowly.")).toMatch(/Nets dry slowly in the shed/);
  });
});

it("says of no time at all what is so at one", () => {
  const found = stated("# Birds at dawn\n\nBirds sing at dawn. The air is often still in the morning, and there is little noise from the wind.");
  expect(found.filter((line) => /little noise/.test(line) && !/morning/.test(line))).toEqual([]);
});

it("leaves what is far less so open to nobody", () => {
  const found = stated("# False bills\n\nForgers do not give up. Most false bills today are far less perfect.");
  expect(found.filter((line) => /perfect/.test(line))).toEqual([]);
});

describe("what school texts say beside", () => {
  it.each([
    [
      "a sum of trays",
      "A foam tray costs six cents. But four hundred trays a day for one hundred and eighty days comes to more than four thousand dollars a year.",
      /but four hundred/,
    ],
    ["what was taken back", "A camera can't tell the dust behind a truck from smoke, or it couldn't until recently.", /camera/],
    ["where nobody gets in", "Wolves and bears cannot get in.", /get in/],
    ["minutes and five", "A class period has forty-five minutes, of which ten are spent on changing and five on warming up.", /minutes and five/],
    ["a county that is felled", "In March the county marked it with a yellow cross. It is to be felled so that the road can be widened.", /felled/],
    ["what is signed", "Finally, the president may refuse to sign.", /refuse/],
    ["the snow and the park", "The rest of the park could be left to the snow. It knows what to do with it.", /knows/],
    [
      "what excuses cost",
      "A clerk spent six hours a week on counting coins, sending letters, and listening to excuses, which cost the town five thousand dollars.",
      /^Excuses/,
    ],
  ])("tells nothing of %s", (_, text, words) => {
    expect(stated(`# Notes\n\n${text}`).filter((line) => words.test(line))).toEqual([]);
  });
});
