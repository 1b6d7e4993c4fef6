import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

const LIFE = "# Ida Marrow\n\nIda Marrow was born in Selm in 1867. She kept the light.";

describe("a year asked for without its place, and a place without its year", () => {
  finds({
    "of a birth": [LIFE, "In what year was Ida Marrow born?", "1867"],
    "the place of the same": [LIFE, "Where was Ida Marrow born?", "in Selm"],
    "of a birth on a farm": ["# Ida Marrow\n\nIda Marrow was born on a farm in Norway in 1867.", "In what year was Ida Marrow born?", "1867"],
    "with what may say which one": [
      "# The league\n\nThe league grew rich. Ivan III closed the post in Novgorod in 1494.",
      "In what year did Ivan III close the post in Novgorod?",
      "1494",
    ],
    "with the language, which is no place": [
      "# Engines\n\nThe engine was described in French in 1842.",
      "In what year was the engine described in French?",
      "1842",
    ],
    "with the place, of a whole sort": ["# Blowers\n\nLeaf blowers were banned in Graz in 2014.", "In what year were leaf blowers banned in Graz?", "2014"],
  });
  neverAsks({
    "where the same was done twice": ["# Fairs\n\nThe fair was held in Selm in 1867. The fair was held in Port Ennis in 1870.", /fair held\? =/],
  });
});
