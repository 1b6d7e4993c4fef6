import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

const stands = (text: string) => [...analyse(text).antecedents.values()].map((found) => found.text);

describe("this and these with a noun that was just named", () => {
  it.each([
    ["inside another phrase", "The wing has a row of tiny stiff hairs. These hairs break the air into streams.", ["the tiny stiff hairs"]],
    ["with what it is of", "A layer of cork grows behind the leaf. This layer cuts off the water.", ["the layer of cork"]],
    ["with its number", "Two lamps hang over the door. These lamps burn all night.", ["the two lamps"]],
    ["without what is said in passing of it", "The keepers built a wall, which is still there. This wall keeps out the sea.", ["the wall"]],
  ])("%s", (_, text, wanted) => {
    expect(stands(text)).toEqual(wanted);
  });
  it.each([
    ["that was named twice", "An old lamp stood beside a new lamp. This lamp burns oil."],
    ["of another number", "The lamps burn oil. This lamp is old."],
    ["that is told by a clause, which would be lost", "Air reaches a temperature at which it holds no more. This temperature is low."],
    ["that nothing is said of", "No boat came to the quay. This boat is old."],
    ["that may take up anything", "The tide turns at noon. This change brings cold water."],
    ["in another paragraph", "A lamp hangs over the door.\n\nThis lamp burns oil."],
    ["with another for this", "A reaction sets electrons free. Another reaction takes them in."],
  ])("stays open: a noun %s", (_, text) => {
    expect(stands(text).filter((found) => !/^(?:it|they)$/.test(found))).toEqual([]);
  });
});
