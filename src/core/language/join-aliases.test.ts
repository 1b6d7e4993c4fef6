import { describe, expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

const nameOf = (text: string, form: string) => analyse(text).persons.get(form)?.name;

describe("two names of one person", () => {
  it.each([
    ["taken", "Ida Marrow wrote at night. She took the pen name Nora Flint. Flint sold ten books. Flint grew rich.", "Nora Flint"],
    ["given to herself", "Ida Marrow wrote at night. She called herself Nora Flint. Flint sold ten books. Flint grew rich.", "Nora Flint"],
    ["known", "Ida Marrow wrote at night. Ida Marrow became known as Nora Flint. Flint sold ten books. Flint grew rich.", "Nora Flint"],
    ["given by others", "Ida Marrow wrote at night, but everyone called her Nora Flint. Flint sold ten books. Flint grew rich.", "Nora Flint"],
    ["by birth", "Nora Flint, born Ida Marrow, wrote at night. Flint sold ten books.", "Nora Flint"],
    [
      "by birth, at the end of a sentence",
      "The book is by Nora Flint, born Ida Marrow. Marrow wrote at night. Flint sold ten books. Flint grew rich.",
      "Nora Flint",
    ],
    ["used less than her own", "Ida Marrow wrote at night. Marrow took the name Nora Flint once. Marrow sold ten books.", "Ida Marrow"],
  ])("are one person's: %s", (_, text, name) => {
    expect([nameOf(text, "Marrow"), nameOf(text, "Flint")]).toEqual([name, name]);
  });
  it("let the pronoun behind the new name be known", () => {
    const text = "Ida Marrow was born in 1864. She took the pen name Nora Flint. Flint hated gardens. She moved to the city in 1887.";
    const { antecedents } = analyse(text);
    expect([...antecedents.values()].map((found) => found.text)).toContain("Nora Flint");
  });
  it("are not another's, where somebody with that surname was told of", () => {
    const text =
      "Ida Marrow, a nurse from the island, offered her help. Nora Flint gathered a group of nurses, and she turned her down. Marrow rode out with two mules. The soldiers called her Mother Marrow. Marrow came home without a penny.";
    expect([nameOf(text, "Flint"), nameOf(text, "Mother Marrow")]).toEqual(["Nora Flint", "Ida Marrow"]);
  });
  it("go by the one with the shared surname that is used more", () => {
    const text = "The woman was Mary Harris Jones, but everyone called her Mother Jones. Mother Jones was born in Ireland. Mother Jones led a march.";
    expect(nameOf(text, "Mary Harris Jones")).toBe("Mother Jones");
  });
  it("are one person's by the first name, where that stands alone", () => {
    const text = "Ida Marrow was born in 1827. In 1854 Ida married Henry Hale. Ida Hale wrote a book. Ida Hale drew the pictures.";
    expect(nameOf(text, "Ida Marrow")).toBe("Ida Hale");
  });
  it("stay apart by a first name that is never used alone", () => {
    expect(nameOf("Ida Marrow met Ida Hale. Ida Hale wrote a book.", "Ida Marrow")).toBe("Ida Marrow");
  });
  it("stay apart where more than one may be meant", () => {
    const text = "Ida Marrow met Ada Hale. She took the pen name Nora Flint. Nora Flint said that Ida Marrow was right.";
    expect(nameOf(text, "Marrow")).toBe("Ida Marrow");
    expect(nameOf(text, "Flint")).not.toBe("Ida Marrow");
  });
});
