import { expect, it } from "vitest";
import { analyse } from "../../../tests/support/language-tools";

const TALE =
  "Rowan woke in his bed at dawn. The fog stood at the window. Rowan ran down to the engine room, where his mother lay. The pump was broken. Rowan took the soup pot and her ladle. Rowan carried them out on the gallery. The fog swallowed the noise. A ship whistled from far away. The ladle broke in two. Rowan sat down.";

it.each([
  [
    "steps",
    "commands in running text",
    "# Make a kite\n\nA kite needs wind. First, mark the middle of the stick. Lay it across the other. Tie them together. The knot must hold. Cut the paper. Fold the edge over the string. Now tie the tail to the stick. It keeps the kite steady.",
  ],
  [
    "expository",
    "advice at the end",
    "# Butterflies\n\nMonarchs fly to Mexico. They rest on trees. The trees keep them warm. In March they start back. The females lay eggs. Farmers have cut down milkweed. Plant milkweed in your garden. Do not use sprays.",
  ],
  [
    "expository",
    "what critics ask at the end",
    "# Courts\n\nCourts may strike down a law. The power is old. A quarrel over a job was its beginning. Marshall wrote the ruling. Not everyone likes it. Critics ask why nine judges should be able to overrule the people. Defenders reply that the rights of a minority need it.",
  ],
  ["story", "a tale in the past, though not every sentence speaks of him or her", TALE],
  ["expository", "the past with years before Christ", TALE.replace("at dawn", "in 276 BC").replace("far away", "far away in 194 BC")],
  ["expository", "the past with its years", TALE.replace("at dawn", "in 1902").replace("far away", "far away in 1902")],
  ["expository", "what is so today", TALE.replaceAll(/\b(woke|stood|ran|lay|was|took|carried|swallowed|whistled)\b/g, "is")],
  [
    "opinion",
    "a writer who counts reasons and says what should be",
    "The first reason is money. A jumper costs ten pounds. The second reason is time. Nobody looks for a shirt in the morning. Ties are warm. The school should keep the jumper. It lasts for two years.",
  ],
  [
    "expository",
    "what the law demands",
    "# What a label must tell you\n\nEvery label has a list of ingredients. It must also warn people with an allergy. You should not eat fresh meat after its date. A serving is an amount. Sugar comes in many kinds. Honey is one of them. The panel has a table. The table shows the salt.",
  ],
  ["opinion", "a proposal", "The harbour burns 300 lamps. I propose that the council stop lighting them. Lamps are made of glass. The moon is free."],
  [
    "opinion",
    "reasons for what the writer did",
    "# Why I Voted Against the Trophy\n\nTwo hundred trophies cost money. Let us shake every child's hand. Hands are free.",
  ],
  ["opinion", "a view still held", "The paper costs money. I still think that we should print it. Paper lasts. Screens break."],
  ["opinion", "a letter to a paper", "To the Editor:\n\nThe harbour burns 300 lamps. Lamps are made of glass. The moon is free."],
  ["opinion", "a letter that asks for something", "The harbour burns 300 lamps. I am writing to ask you to put them out. Lamps are made of glass."],
  [
    "opinion",
    "a title that demands, and what the writer hopes",
    "# Keep the ferry slow\n\nThe council wants a fast ferry. I hope that the council will think again. The ferry burns oil.",
  ],
  [
    "opinion",
    "a command as the title, and what the writer wants against others",
    "# Mend the town clock\n\nThe clock stopped in May. I want the clock mended. The council argues that the money is needed. The clock is old.",
  ],
  [
    "expository",
    "a command that nobody argues about",
    "# Mend the town clock\n\nThe clock stopped in May. The council says that it is old. The clock is made of iron.",
  ],
  [
    "opinion",
    "a title that calls out, and what the town needs",
    "# Bike lanes now!\n\nA boy was hit by a truck. Our city needs bike lanes. The first reason is safety. Bikes save money.",
  ],
  [
    "expository",
    "a title that calls out over facts",
    "# Bike lanes now!\n\nA boy was hit by a truck. The city has bike lanes. A lane is two metres wide. Bikes save money.",
  ],
  ["expository", "facts alone", "The harbour burns 300 lamps. Lamps are made of glass. The moon is free."],
  ["expository", "reasons that lead to no should", "The first reason is money. The second reason is time. Ties are warm."],
  [
    "expository",
    "what a law demands",
    "A trial is heard in a court. The judge must listen. A witness must tell the truth. The state must pay. The lawyer speaks last. A jury decides. The court is open. Both sides may appeal.",
  ],
  [
    "opinion",
    "a command as the title that the writer is asking for",
    "# Give the old oak a lawyer\n\nThe engineer says that two lorries cannot pass. The oak gives shade. I am asking the county for one thing: wait a year.",
  ],
  [
    "story",
    "a tale with few words spoken",
    `# The island without a bell\n\n${[
      "The school had no bell. The teacher stood on the step and banged a saucepan. Ingrid collected bottles all spring.",
      "The pupils sat along the rail while her father went down with a rope. The rope jerked three times, and they pulled.",
      "The bell was covered with barnacles. They scraped it for two weeks. Ruben swung the clapper. There was a crack in the rim.",
      "“May I?” said Miss Orde. She picked up the spoon and struck the bell. They hung it over the door. The pupils stop on the path to listen.",
    ].join("\n\n")}`,
  ],
  [
    "story",
    "a tale of two families, with few words spoken and nobody who is *he*",
    `# The two bells\n\n${[
      "The fishers rang one bell and the pilots rang another. Nobody could tell them apart in the fog. The pilots were proud of theirs. One winter both bells cracked.",
      "They were lying in the same boat. The smith looked at both. “They are one bell,” said the oldest pilot.",
      "“They are two,” said the oldest fisher. They carried their half home. The pilots carried theirs. They met at the slip every morning. Nobody spoke. The halves rang badly.",
      "In March they took both to the smith. They paid together. The smith laughed. They waited three weeks. The new bell rang in April.",
    ].join("\n\n")}`,
  ],
  ["expository", "a paper's report under its place and date", `# Whale blocks road\n\n*Port Carrow, 9 February*\n\n${TALE}`],
  ["story", "the same without a place and a date", `# Whale blocks road\n\n${TALE}`],
  ["steps", "a list of commands", "# A knot\n\n1. Lay the rope down.\n2. Make a loop.\n3. Pass the end through.\n4. Pull it tight."],
])("is %s: %s", (sort, _, text) => {
  expect(analyse(text, "markdown").sort).toBe(sort);
});
