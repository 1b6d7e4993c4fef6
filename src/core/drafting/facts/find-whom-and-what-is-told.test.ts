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

describe("what prisoners, courts and those who live nearby tell", () => {
  finds({
    "a share of those who were later something": [
      "# Silence\n\nMore than a quarter of the prisoners who were later proved innocent by tests had made a false confession.",
      "What share of the prisoners who were later proved innocent by tests had made a false confession?",
      "more than a quarter",
    ],
    "what those say whom a clause names": [
      "# The horn\n\nSome people who live near Gull Point say that the noise keeps them awake.",
      "What do some people who live near Gull Point say about the noise?",
      "that the noise keeps them awake",
    ],
    "what is ruled, with its reason and a name in it": [
      "# Silence\n\nIn Arizona the police had questioned Ernesto Miranda without a lawyer. The Supreme Court ruled that no confession could be used, because nobody had told Miranda of his rights.",
      "What did the Supreme Court rule?",
      "that no confession could be used, because nobody had told Miranda of his rights",
    ],
    "where most of them lost something": [
      "# Glaciers\n\nToday nearly all glaciers are growing shorter. In the Alps they have lost more than half of their ice since 1850.",
      "Where have glaciers lost more than half of their ice since 1850?",
      "in the Alps",
    ],
  });
});

describe("what things do", () => {
  finds({
    "in a place that is told once": [
      "# Waves\n\nBreaking waves move sand along the coast. At Skerry Bay the winter storms strip the beach of sand and leave only stones.",
      "What do the winter storms do?",
      "strip the beach of sand and leave only stones at Skerry Bay",
    ],
  });
});
