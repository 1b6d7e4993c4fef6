import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

const LETTER = "# Keep the library open\n\nI believe that the library should stay open on Saturdays. There are better ways to save.";

describe("what a writer proposes", () => {
  finds({
    "for somebody": [`${LETTER} Volunteers could shelve books.`, "According to the writer, what could volunteers do?", "shelve books"],
    "for a house and its people": [
      `${LETTER} The library could rent out its meeting room.`,
      "According to the writer, what could the library do?",
      "rent out its meeting room",
    ],
  });
  neverAsks({
    "what would come of something else": [`${LETTER} If the library closed, pupils could borrow nothing.`, /What could pupils do/],
    "what somebody was able to do": [`${LETTER} When I was nine, my mother could see the tower.`, /What could .* do\?/],
    "in a text that only explains": ["# Bees\n\nBees live in hives. A swarm could settle a hollow tree.", /What could a swarm do/],
  });
});
