import { describe, expect, it } from "vitest";
import { asked, finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("what is said in passing of a noun", () => {
  finds({
    "what it does": ["Pepsin, which digests protein in the stomach, works best in acid.", "What digests protein in the stomach?", "pepsin"],
    "how long somebody did it": [
      "Ida Marrow, who kept the light for thirty years, drew every bird.",
      "For how many years did Ida Marrow keep the light?",
      "thirty",
    ],
    "what is done to it": ["The tower stands on Gull Rock, which is covered by the sea at high tide.", "What covers Gull Rock at high tide?", "the sea"],
  });
  neverAsks({
    "where either of two nouns may be meant": ["The lamp of the tower, which was rebuilt by Oda Brandt, broke.", /Oda Brandt/],
    "of a thing that is one of many": ["The tide turns a wheel, which drives a pump.", /What does a wheel/],
    "inside what somebody only says": ["Ida said that the lamp, which was broken by Tom, was old.", /What broke|Who broke/],
  });
});

describe("reasons", () => {
  finds({
    "with a pronoun for what the question names beside its subject": [
      "Penicillin kills bacteria because it inhibits an enzyme that they need.",
      "Why does penicillin kill bacteria?",
      "because it inhibits an enzyme that they need",
    ],
    "with his for a man who is named in the reason itself": [
      "# The Night Bus\n\nIda missed the last bus because she had stopped to help an old man pick up his shopping.",
      "Why did Ida miss the last bus?",
      "because she had stopped to help an old man pick up his shopping",
    ],
    "for what one should never do": [
      "Never look at the sun, because its light can damage your eyes.",
      "Why should you never look at the sun?",
      "because its light can damage your eyes",
    ],
    "in front of so, of two verbs": [
      "Tom Marrow slipped and twisted his ankle, so Ida had to light the lamp.",
      "Why did Ida have to light the lamp?",
      "because Tom Marrow slipped and twisted his ankle",
    ],
    "over so much of something": [
      "A tree cannot make much sugar with so little light, so it stops making chlorophyll.",
      "Why does a tree stop making chlorophyll?",
      "because it cannot make much sugar with so little light",
    ],
    "of the only woman, though woman is said of her": [
      "Mary Anning found the skull. Because she was a woman, she was not allowed to join the society of geologists.",
      "Why was Mary Anning not allowed to join the society of geologists?",
      "because she was a woman",
    ],
  });
});

describe("what somebody thinks, says and lets others do", () => {
  finds({
    "most of a group": [
      "Most doctors believed that cholera was spread by bad air.",
      "What did most doctors believe about cholera?",
      "that cholera was spread by bad air",
    ],
    "what somebody decides": ["The judge decides which evidence may be heard.", "What does the judge decide?", "which evidence may be heard"],
    "what nobody was told": [
      "Tam Rowley had never told anyone that he was afraid of deep water. Tam shook his head.",
      "What had Tam Rowley never told anyone?",
      "that he was afraid of deep water",
    ],
    "a plan, of the one man of the paragraph": [
      "John Snow drew a map.\n\nParliament gave the engineer Joseph Bazalgette the task. His plan was to catch the waste before it reached the river.",
      "What was Joseph Bazalgette’s plan?",
      "to catch the waste before it reached the river",
    ],
    "what one is obliged to do": ["Employers are obliged to give their workers time off.", "What are employers obliged to do?", "give their workers time off"],
    "what one is taught not to do": [
      "Leena had been taught not to get into a stranger's car.",
      "What had Leena been taught not to do?",
      "get into a stranger's car",
    ],
    "what a thing lets you do": [
      "A pinhole viewer lets you watch the shape of the sun.",
      "What does a pinhole viewer let you do?",
      "watch the shape of the sun",
    ],
    "what somebody dreams of": ["Idris had dreamed of drawing coastlines.", "What had Idris dreamed of doing?", "drawing coastlines"],
  });
});

describe("ages, temperatures, goals and conditions", () => {
  finds({
    "how old, with her for her own father": [
      "Mary Anning lived by the sea. Her father died when she was eleven.",
      "How old was Mary Anning when her father died?",
      "eleven",
    ],
    "how old somebody was when she did it": [
      "Mary Anning found the skull when she was twelve years old.",
      "How old was Mary Anning when she found the skull?",
      "twelve",
    ],
    "what was done to stop what another sentence told": [
      "Prisoners were moved from castle to castle. To stop such tricks Parliament passed the Habeas Corpus Act in 1679.",
      "In what year did Parliament pass the Habeas Corpus Act?",
      "1679",
    ],
    "a reason behind a time and a comma": [
      "Tornadoes are measured after they have passed, since no instrument survives inside them.",
      "Why are tornadoes measured after they have passed?",
      "because no instrument survives inside tornadoes",
    ],
    "for which deed somebody was punished": [
      "Ida Marrow was thrown into prison for having helped a smuggler.",
      "Why was Ida Marrow thrown into prison?",
      "for having helped a smuggler",
    ],
    "somebody whose first name looks like more olive": [
      "Oliver Cromwell suffered from malaria for years.",
      "What did Oliver Cromwell suffer from for years?",
      "malaria",
    ],
    "how old a thing is when something is done": [
      "A cork oak is peeled for the first time when it is twenty-five years old.",
      "How old is a cork oak when it is peeled for the first time?",
      "twenty-five",
    ],
    "how many weeks old": [
      "Puppies leave their mother when they are eight weeks old.",
      "How many weeks old are puppies when they leave their mother?",
      "eight",
    ],
    "how many days old, told in front": ["When chicks are ten days old, they leave the nest.", "How many days old are chicks when they leave the nest?", "ten"],
    "a temperature": [
      "Most human enzymes work best at about 37 degrees Celsius.",
      "At what temperature do most human enzymes work best?",
      "about 37 degrees Celsius",
    ],
    "where something is thrown": [
      "Londoners had thrown their waste into cesspits under their houses.",
      "Where had Londoners thrown their waste?",
      "into cesspits under their houses",
    ],
    "a longer one beside a larger one": [
      "If you use a longer box, the picture will be larger.",
      "What will happen if you use a longer box?",
      "the picture will be larger",
    ],
    "what the sentence is built to say": ["It was the heat of 1858 that forced Parliament to act.", "What forced Parliament to act?", "the heat of 1858"],
    "what makes it so": ["A large hole makes the picture blurred.", "What makes the picture blurred?", "a large hole"],
  });
  neverAsks({
    "a rate that only rises under a condition": [
      "As the water warms, molecules collide more often, so the rate of the reaction increases.",
      /rate of the reaction/,
    ],
    "what may belong to the reason before it": [
      "The loss helps a tree, because a bare tree needs less water and heavy snow cannot break its branches.",
      /heavy snow cannot|heavy snow not/,
    ],
    "what a plan is for": ["I am writing about the plan to close the swimming pool.", /Why is/],
    "a tale that goes back": ["It was a tale that went back a century.", /What went/],
  });
});

describe("who and what is meant", () => {
  finds({
    "a subject with two adjectives": [
      "Sea fog forms when warm, moist air moves over cold water.",
      "What happens when warm, moist air moves over cold water?",
      "sea fog forms",
    ],
    "a reason for what was just told of": [
      "Sea fog forms at night. Sailors fear it more than any other fog, since it can last for days.",
      "Why do sailors fear sea fog more than any other fog?",
      "because it can last for days",
    ],
    "anybody at all": [
      "Chroniclers claimed that one could catch the fish with bare hands.",
      "What did chroniclers claim?",
      "that one could catch the fish with bare hands",
    ],
    "a reason with two verbs": [
      "Valley fog collects in low places because cold air is heavy and sinks.",
      "Why does valley fog collect in low places?",
      "because cold air is heavy and sinks",
    ],
    "a time before the purpose": [
      "In autumn the workers push the drones out of the hive to save food.",
      "Why do the workers push the drones out of the hive in autumn?",
      "to save food",
    ],
  });
  neverAsks({
    "a ship with a woman's name": ["The trawler Margaret struck the reef. She sank in six minutes.", /Margaret sink|did Margaret/],
    "what nobody does": ["Nobody learns to swim by being thrown into a storm.", /nobody learn/],
    "those who listen": ["In three years you raised half a million pounds.", /did you raise/],
    "either of two plurals": ["Our school allowed phones in every lesson. Teachers hoped that pupils would use them at home.", /use (?:teachers|them|phones)/],
    "a day for what was pulled": ["The sea was flat. Ilse took hold of the sea. Twice a day she pulled it up the beach.", /pull(?:ed)? (?:the|a) day/],
  });
});

describe("what must be done, how long it took, and who was the first", () => {
  finds({
    "what one had to do": [
      "Every ship that entered the harbour had to give one penny for each ton of cargo.",
      "What did every ship that entered the harbour have to do?",
      "give one penny for each ton of cargo",
    ],
    "how long a deed took": ["Building the tower took four years.", "How long did building the tower take?", "four years"],
    "the first of its kind": ["# Keepers\n\nThe first keeper was Abel Thorne, a retired sailmaker.", "Who was the first keeper?", "Abel Thorne"],
    "a reason that is nothing": [
      "There was no soil, so Ida Marrow brought earth in buckets and grew potatoes in an old boat.",
      "Why did Ida Marrow bring earth in buckets and grow potatoes in an old boat?",
      "because there was no soil",
    ],
    "so fast that": [
      "The fog came in so fast that Ida could not finish the washing.",
      "Why could Ida not finish the washing?",
      "because the fog came in very fast",
    ],
    "where, as a condition": [
      "Where newspapers are censored, abuses of power remain hidden.",
      "What happens where newspapers are censored?",
      "abuses of power remain hidden",
    ],
    "a trade with several things to do": [
      "Journalists investigate how public money is spent, expose corruption and give citizens information.",
      "What do journalists do?",
      "investigate how public money is spent, expose corruption, and give citizens information",
    ],
    "what maps show": ["Old maps show how the coast has changed.", "What do old maps show?", "how the coast has changed"],
    "how long something is spent": ["The young crabs spend about a month in the ocean.", "How long do the young crabs spend in the ocean?", "about a month"],
    "a request with a place in it": [
      "Ida asked the lady at the repair shop to show her a map.",
      "What did Ida ask the lady at the repair shop to do?",
      "show her a map",
    ],
  });
  neverAsks({
    "after how many things": ["Nadia Osei looks after 40,000 maps in the museum.", /After how many/],
    "what would have been": ["Without this service, the warming of the air would have been greater. It comes at a price.", /comes? at a price/],
    "Mum for a thing": ["The songs of the radio were older than Mum. Ida thought it should be thrown away.", /Mum should/],
    "a deed that befalls": ["Her boat was old. Ida died when the boat sank.", /What did Ida do/],
  });
});

describe("where to, when and what for", () => {
  finds({
    "where something returns": [
      "The salmon return to the river in which they were born.",
      "Where do the salmon return?",
      "to the river in which they were born",
    ],
    "when a short deed is done": ["The eggs hatch in spring.", "When do the eggs hatch?", "in spring"],
    "a purpose in front": ["To keep the vote fair, many countries have strict rules.", "Why do many countries have strict rules?", "to keep the vote fair"],
  });
  neverAsks({
    "what they do, of whom something is only believed": [
      "The salmon return to the river. Scientists believe that they use the sun.",
      /What do scientists believe/,
    ],
    "what is surprising": ["The nutrients reach even the trees on the banks.", /even the trees/],
    "whose enemies they are": ["Fennecs live in families. Eagle owls are their only enemies.", /their only/],
  });
});

describe("in an opinion", () => {
  const opinion = (text: string) => asked(`# Our class needs a garden\n\nI think our class should have a garden behind the gym. ${text}`);
  it("asks what the writer thinks, in the third person", () => {
    expect(opinion("Bees need flowers.").map(([stem]) => stem)).toContain("What does the writer think our class should do?");
  });
  it("asks what others worry about", () => {
    expect(opinion("Some parents worry that a garden is too much work.")).toContainEqual([
      "What do some parents worry about?",
      "that a garden is too much work",
    ]);
  });
});

describe("in a story", () => {
  const story = (text: string) => `# The Farm\n\n"Go!" said Jory. The farmer came. ${text} "Yes," said Jory, and he laughed.`;
  const askedIn = (text: string) => asked(story(text)).map(([stem]) => stem);
  it("asks where the animal lived that it opens with", () => {
    expect(askedIn("A gull lived on a cliff above the sea.")).toContain("In the story, where did the gull live?");
  });
  it("asks what was given, and not which night", () => {
    expect(askedIn("That night the farmer gave Tom the biggest bone.")).toContain("In the story, what did the farmer give Tom?");
  });
  it("takes she for an animal that was just told of", () => {
    expect(askedIn("The blackbird lived in the apple tree. She taught Tom to whistle through his teeth.")).toContain(
      "In the story, what did the blackbird teach Tom to do?",
    );
  });
  it("names nobody twice in a question", () => {
    expect(askedIn("When Jory came to work for Mistress Vane, she gave him a broom.")).toContain(
      "In the story, what did Mistress Vane do when Jory came to work for her?",
    );
  });
  it("does not ask who always did it", () => {
    expect(askedIn("In the harbour ten-year-olds rowed.").join()).not.toMatch(/who rowed/);
  });
});
