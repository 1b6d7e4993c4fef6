import { describe, expect, it } from "vitest";
import type { Block } from "@/core/source/schema";
import { detectLanguage } from "@/server/importing/detect-language";

const blocksOf = (...texts: string[]): Block[] =>
  texts.map((text, index) => ({ id: `b${index}`, kind: "paragraph", text, locator: { type: "paragraph", number: index + 1 } }));

const ENGLISH = "The keepers of the lighthouse wound the clockwork every four hours, and they wrote down every ship that passed the harbour.";
const SPANISH = "Los guardianes del faro daban cuerda al reloj cada cuatro horas y anotaban todos los barcos que pasaban por el puerto.";
const FRENCH = "Les gardiens du phare remontaient le mécanisme toutes les quatre heures et notaient tous les bateaux qui passaient devant le port.";

describe("the language of a text", () => {
  it.each([
    ["English", ENGLISH, "en"],
    ["Spanish", SPANISH, "es"],
    ["French", FRENCH, "fr"],
  ])("is told from its words: %s", async (_, text, language) => {
    expect(await detectLanguage(blocksOf(text), undefined)).toBe(language);
  });
  it("is told of several texts at once, by a detector that is loaded once", async () => {
    const asked = [ENGLISH, SPANISH, FRENCH, SPANISH].map((text) => detectLanguage(blocksOf(text), undefined));
    expect(await Promise.all(asked)).toEqual(["en", "es", "fr", "es"]);
  });
  it("is what the words say, whatever the document says of itself", async () => {
    expect(await detectLanguage(blocksOf(SPANISH), "en")).toBe("es");
  });
  it.each([
    ["too few words", "Faro 1871"],
    ["one word over and over", Array.from({ length: 40 }, () => "faro").join(" ")],
    ["more marks than letters", "1871 – 1902 – 3.5 % | 12 | 14 | 16 | 1871 | 1902 | 2009 | 44 | ab cd ef gh"],
  ])("is what the document says, where the text is no prose: %s", async (_, text) => {
    expect(await detectLanguage(blocksOf(text), "es")).toBe("es");
    expect(await detectLanguage(blocksOf(text), undefined)).toBe("en");
  });
  it("does not count what is left out", async () => {
    const [menu, text] = blocksOf(FRENCH, SPANISH) as [Block, Block];
    expect(await detectLanguage([{ ...menu, leftOut: "by-hand" } as Block, text], undefined)).toBe("es");
  });
});
