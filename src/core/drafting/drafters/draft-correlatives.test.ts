import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { stockSource } from "../source-stock";
import { draftCorrelatives } from "./draft-correlatives";

const asked = (text: string) => draftCorrelatives(stockSource(analyse(`# The harbour\n\n${text}`, "markdown"))).map(({ stem, key }) => [stem, key]);

describe("the more, the more", () => {
  it.each([
    [
      "somebody does more so",
      "The deeper a diver goes, the more the water presses on his ears.",
      "What happens as a diver goes deeper?",
      "The water presses more on his ears",
    ],
    [
      "there are more of them",
      "The more boats there are, the longer the queue at the quay gets.",
      "What happens as there are more boats?",
      "The queue at the quay gets longer",
    ],
    ["it is done harder", "The harder the wind blows, the faster the cups spin.", "What happens as the wind blows harder?", "The cups spin faster"],
    [
      "it is nearer to something, and more is told behind it",
      "The closer a puppet is to the screen, the sharper its shadow is; when you move it back, the shadow grows larger.",
      "What happens as a puppet gets closer to the screen?",
      "Its shadow is sharper",
    ],
    [
      "it holds more of something",
      "The more gas the rock contains, the more violent the eruption will be.",
      "What happens as the rock contains more gas?",
      "The eruption will be more violent",
    ],
    [
      "somebody makes more",
      "The more the insect struggles, the more juice the plant makes.",
      "What happens as the insect struggles more?",
      "The plant makes more juice",
    ],
    [
      "something is more so",
      "The higher the tide, the more water flows into the basin.",
      "What happens if the tide is higher?",
      "More water flows into the basin",
    ],
    ["one does it longer", "The longer you wait, the darker the dye gets.", "What happens as you wait longer?", "The dye gets darker"],
    [
      "something has no verb of its own",
      "The harder the pull, the tighter the grip becomes.",
      "What happens if the pull is harder?",
      "The grip becomes tighter",
    ],
    [
      "two things follow",
      "The smaller the pieces, the more water runs out and the harder the cheese becomes.",
      "What happens if the pieces are smaller?",
      "More water runs out and the cheese becomes harder",
    ],
    ["it makes more of something", "The longer you wait, the more flavour it makes.", "What happens as you wait longer?", "It makes more flavour"],
    ["one is more exact", "The longer you wait, the more exact your line will be.", "What happens as you wait longer?", "Your line will be more exact"],
  ])("is asked where %s", (_, text, stem, key) => {
    expect(asked(text)).toEqual([[stem, key]]);
  });

  it.each([
    ["of whom another sentence told", "The longer they wait, the darker the dye gets."],
    ["of those that another sentence told of", "The longer the dough rests, the more of them there are."],
    ["that does something told of elsewhere", "The better the tree, the longer they dance."],
    ["whose noun stands behind more", "The more water flows, the faster the wheel turns round."],
    ["that is no such sentence", "The deeper end of the harbour is for ships, the other for boats."],
  ])("leaves alone what is %s", (_, text) => {
    expect(asked(text)).toEqual([]);
  });
});
