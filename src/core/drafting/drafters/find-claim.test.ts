import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { claimOf, claimWords, sidesOf, titleClaim } from "./find-claim";

const ZOO = `# Zoos Deserve a Future

Your article of May 3 called zoos prisons with a gift shop. As a former keeper, I must disagree.

Good zoos protect animals. Without zoos, the condor would exist only in books.

Zoos are also where people learn to care. My daughter decided on her career in front of a tank of frogs.

It is true that some zoos are bad. But the answer to a bad zoo is a better one.

Critics also claim that animals would be happier in the wild. Some keepers worry that zoos cost too much. The forests of Borneo have shrunk by a third in fifty years.`;

const sides = (text: string) => {
  const stock = stockSource(analyse(text, "markdown"));
  const { reasons, against } = sidesOf(stock, claimOf(stock));
  return { reasons: reasons.map(({ text: told }) => told), against: against.map(({ text: told }) => told) };
};

describe("the two sides of an opinion", () => {
  it("hold the writer's reasons about what the writer wants, not figures from the answer to the other side", () => {
    const { reasons } = sides(ZOO);
    expect(reasons).toContain("Without zoos, the condor would exist only in books.");
    expect(reasons).toContain("Zoos are also where people learn to care.");
    expect(reasons).not.toContain("The forests of Borneo have shrunk by a third in fifty years.");
    expect(reasons).not.toContain("Your article of May 3 called zoos prisons with a gift shop.");
  });
  it("hold what others say, whoever they are", () => {
    expect(sides(ZOO).against).toEqual([
      "It is true that some zoos are bad.",
      "Critics also claim that animals would be happier in the wild.",
      "Some keepers worry that zoos cost too much.",
    ]);
  });
  it("hold an objection that the writer raises, and no three words of agreement", () => {
    const { reasons, against } = sides(
      "# Give the Pupils a Seat\n\nOur school has a council, and I have been a member of it for two years. I believe that two pupils should sit on the board.\n\nA seat would teach us more about democracy than any textbook.\n\nA more serious objection is that some matters are private. Of course we would. A seat on the board costs nothing. Of course, a board has other work to do.",
    );
    expect(against).toEqual(["A more serious objection is that some matters are private.", "Of course, a board has other work to do."]);
    expect(reasons).not.toContain("A more serious objection is that some matters are private.");
    expect(reasons).not.toContain("Our school has a council, and I have been a member of it for two years.");
  });
  it("hold what would come of it, also where a paragraph goes on with it", () => {
    const { reasons, against } = sides(
      "# Give Us the Roof\n\nThere are four hundred students at our school and one patch of grass.\n\nA garden would make the classrooms cooler. Soil shades the roof.\n\nIt would also save money in the long run. Opponents point to the price of the soil.\n\nSome parents worry about children falling off.",
    );
    expect(reasons).toEqual(["A garden would make the classrooms cooler.", "It would also save money in the long run."]);
    expect(against).toEqual(["Opponents point to the price of the soil.", "Some parents worry about children falling off."]);
  });
  it("hold what is counted as a reason", () => {
    const { reasons } = sides(
      "# Put the Paint Back on the Wall\n\nI think that the town should help to bring it back.\n\nFirst, it brings visitors. Last summer I counted thirty-one people.\n\nSecond, it kept the wall clean. Three weeks later the first spray can came.",
    );
    expect(reasons).toEqual(["First, it brings visitors.", "Second, it kept the wall clean."]);
  });
  it("hold what the writer grants, and no plan that the writer answers", () => {
    const { reasons, against } = sides(
      "# Keep the Bell in the Tower\n\nThe governors of the school want to sell the bell. I think they are wrong.\n\nThe bell calls the boats home because nobody sees the light in fog. The bell costs nothing, since a farmer rings it.\n\nThe governors are right about the rope. The rope is thin.",
    );
    expect(against).toEqual(["The governors are right about the rope."]);
    expect(reasons).toEqual(["The bell calls the boats home because nobody sees the light in fog.", "The bell costs nothing, since a farmer rings it."]);
  });
  it("are of the title, where the writer only asks somebody to come and see", () => {
    const { analysis } = stockSource(analyse("# Keep the Bell in the Tower\n\nI think they are wrong. I ask the governors to come to the tower.", "markdown"));
    expect(claimOf(stockSource(analysis))).toBeUndefined();
    expect(titleClaim(analysis)?.text).toBe("Keep the Bell in the Tower.");
  });
  it("count whoever knows for the writer", () => {
    const { against } = sides(
      "# Let Us Sleep\n\nOur school should start later. Doctors say that pupils need nine hours of sleep. The headmaster says that school would end later.",
    );
    expect(against).toEqual(["The headmaster says that school would end later."]);
  });
});

describe("the claim of a title", () => {
  it("is what it says, without its why", () => {
    const { analysis } = stockSource(
      analyse("# Why Our School Needs a Repair Club\n\nI believe that we should start one. Most chairs have only lost a screw.", "markdown"),
    );
    expect(titleClaim(analysis)).toEqual({ text: "Our School Needs a Repair Club.", asks: false });
  });
});

it("is a title without its why that says what a town should not do", () => {
  const { analysis } = stockSource(
    analyse("# Why Our Town Should Not Cut the Limes\n\nI believe that trees are worth more than they seem. Shoppers sit under them.", "markdown"),
  );
  expect(titleClaim(analysis)).toEqual({ text: "Our Town Should Not Cut the Limes.", asks: false });
});

describe("what a writer claims", () => {
  it("is not a sum on the way to it, where the title says it plainly", () => {
    const stock = stockSource(
      analyse("# Give Us Back Our Lockers\n\nMost of us weigh forty kilograms, so our bags should weigh no more than four.", "markdown"),
    );
    expect(claimOf(stock)).toBeUndefined();
  });
  it.each([
    ["I still think that we should keep the bell.", "We should keep the bell."],
    ["I propose that lunch should last an hour.", "Lunch should last an hour."],
    ["For these reasons the school should buy lockers.", "The school should buy lockers."],
    ["I think that every school should teach cooking, and that it should be free.", "Every school should teach cooking, and it should be free."],
  ])("is told without its opening: %s", (text, words) => {
    expect(claimWords(analyse(text).sentences[0]!)).toBe(words);
  });
});

describe("reasons that are not marked as such", () => {
  const LAWNS =
    "# Let Our Lawns Grow\n\nEvery Saturday my street sounds like an airport. I would like to suggest something.\n\nA lawn that is cut every week is a desert. No flower opens there.\n\nMowing less also saves water. Long grass shades the soil.\n\nSome neighbours are afraid that ticks would come. There is also the question of noise.\n\nYou do not have to stop mowing. Start with a corner.";
  it("open their paragraphs", () => {
    expect(sides(LAWNS).reasons).toEqual(["A lawn that is cut every week is a desert.", "Mowing less also saves water."]);
  });
  it("are not what others fear", () => {
    expect(sides(LAWNS).against).toEqual(["Some neighbours are afraid that ticks would come."]);
  });
});

it("takes a paragraph that opens with one thing more for a reason", () => {
  const { reasons } = sides(
    "# Give Us Real Plates\n\nOur cafeteria throws away trays every day.\n\nFirst of all, foam trays are bad for the earth. They break into pieces.\n\nReal dishes would also save money. A tray costs six cents.\n\nI am not asking the board for much. If I am wrong, we can go back to foam.",
  );
  expect(reasons).toContain("Real dishes would also save money.");
  expect(reasons).not.toContain("If I am wrong, we can go back to foam.");
});

it("takes neither a number of what was told nor what is announced for a reason", () => {
  const { reasons } = sides(
    "# No More Picking Teams\n\nOur school should do away with picking teams.\n\nPicking teams costs time. If choosing takes another four, we lose a seventh of the time.\n\nThe most important reason is what it does to people. Picking teams hurts children because everybody sees who is last.",
  );
  expect(reasons.join(" ")).not.toMatch(/another four|is what it does/);
});

it("lets the other side speak by a pronoun, and by what somebody may feel", () => {
  const { against } = sides(
    "# Let the Snow Lie\n\nOur town should leave the snow in the park. A park is not a road.\n\nI know what the mayor thinks. She will say that someone might slip. It is a reasonable fear.\n\nOlder people may feel left out. For them I would keep one path open.",
  );
  expect(against).toEqual(["She will say that someone might slip.", "Older people may feel left out."]);
});
