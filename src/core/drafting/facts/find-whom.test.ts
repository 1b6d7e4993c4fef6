import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("whom something is done to", () => {
  finds({
    "a name": [
      "# Florence\n\nFlorence Merriam watched birds. In 1899 she married Vernon Bailey, a scientist who studied mammals.",
      "Whom did Florence Merriam marry in 1899?",
      "Vernon Bailey",
    ],
    "those whom a clause tells of": [
      "# A quorum\n\nSome parliaments punish members who are absent.",
      "Whom do some parliaments punish?",
      "members who are absent",
    ],
    "so many of them": [
      "# The school council\n\nAt Hill School every class elects two speakers.",
      "Whom does every class elect at Hill School?",
      "two speakers",
    ],
    "what is done in return": [
      "# Firefighters\n\nVolunteers leave their work when the alarm sounds. In return the town pays the employer for the lost hours.",
      "Whom does the town pay for the lost hours?",
      "the employer",
    ],
  });

  neverAsks({
    "people, who are anybody": ["# The bell\n\nThe new bell frightened people in the square.", /^Whom/],
    "what somebody helps to do": ["# The bell\n\nThe keeper helped the smith mend the bell of the tower.", /^Whom/],
    "those who are paid a sum": ["# Banks\n\nThe government pays the savers back up to 5,000 dollars for each person.", /^Whom/],
    "different ones": ["# Coffee\n\nDifferent houses attracted different customers.", /^Whom/],
    "what is denied": ["# The law\n\nThe court did not punish the sailors of the Hesper.", /^Whom/],
    "whose they are, where nobody knows": ["# The law\n\nThe company dismissed its workers in 1903.", /^Whom/],
    "one of two who were hired": ["# The tower\n\nThe council hired a mason. The council hired a carpenter.", /^Whom/],
  });
});
