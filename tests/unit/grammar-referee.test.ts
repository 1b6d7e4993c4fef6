import { expect, it } from "vitest";
import { verdictsIn } from "../../scripts/quality/grammar-referee";

const OUTPUT = `graphics set to 0
limit set to 100
No complete linkages found.
Found 4 linkages (2 had no P.P. violations) at null count 1
	Linkage 1, cost vector = (UNUSED=1 DIS= 1.00 LEN=15)
Found 1 linkage (1 had no P.P. violations)
	Linkage 1, cost vector = (UNUSED=0 DIS=-0.10 LEN=6)
No complete linkages found.
Found 2 linkages (2 had no P.P. violations) at null count 2
Bye.
`;

it("tells which stems could not be read whole", () => {
  const stems = ["What does the lens shines bright of?", "Where is the lamp?", "Who keepers oil?"];
  expect(verdictsIn(OUTPUT, stems)).toEqual({ read: 3, refused: ["What does the lens shines bright of?", "Who keepers oil?"] });
});

it("has read nothing where the parser only tells how it is used", () => {
  expect(verdictsIn("Usage: link-parser [language|dictionary location]\n", ["Where is the lamp?"])).toEqual({ read: 0, refused: [] });
});
