import { describe, expect, it } from "vitest";
import { analyse } from "../../../../tests/support/language-tools";
import { findFacts } from "./find-facts";

type Asked = [type: string, stem: string, answer: string];

function asked(text: string): Asked[] {
  const analysis = analyse(text, "markdown");
  return analysis.sentences.flatMap((sentence) => findFacts(sentence, analysis)).map((fact) => [fact.type, fact.stem, fact.answer]);
}

/** Every example: what is written, and a question that must be among those found. */
function finds(examples: Record<string, [text: string, wanted: Asked]>): void {
  for (const [name, [text, wanted]] of Object.entries(examples)) it(name, () => expect(asked(text)).toContainEqual(wanted));
}

/** Every example: what is written, and the types of question that must not be found in it. */
function leavesAlone(examples: Record<string, [text: string, types: string[]]>): void {
  for (const [name, [text, types]] of Object.entries(examples))
    it(`leaves alone ${name}`, () => expect(asked(text).filter(([type]) => types.includes(type))).toEqual([]));
}

describe("causes", () => {
  finds({
    "because after the effect": [
      "Keepers wore aprons because buttons could scratch the glass.",
      ["cause", "Why did keepers wear aprons?", "because buttons could scratch the glass"],
    ],
    "because before the effect": [
      "Because buttons could scratch the glass, keepers wore aprons.",
      ["cause", "Why did keepers wear aprons?", "because buttons could scratch the glass"],
    ],
    "because behind a comma": [
      "Small boats carry no receiver, because a good receiver costs a month's catch.",
      ["cause", "Why do small boats carry no receiver?", "because a good receiver costs a month's catch"],
    ],
    "so between two clauses": [
      "Nylon is stronger than hemp, so builders chose nylon for the nets.",
      ["cause", "Why did builders choose nylon for the nets?", "because nylon is stronger than hemp"],
    ],
    "so … that": [
      "The fog was so thick that sailors could not see the shore.",
      ["cause", "Why could sailors not see the shore?", "because the fog was very thick"],
    ],
    "a state, not a deed": [
      "Wet rope is harder to untie than dry rope, because the fibres swell.",
      ["cause", "Why is wet rope harder to untie than dry rope?", "because the fibres swell"],
    ],
    "a passive": ["Smoking was forbidden because hemp dust burns easily.", ["cause", "Why was smoking forbidden?", "because hemp dust burns easily"]],
    "a pronoun that stands for the subject": [
      "Many ships struck rocks because their crews saw the fire too late.",
      ["cause", "Why did many ships strike rocks?", "because their crews saw the fire too late"],
    ],
    "a command": ["Leave a long tail because a short tail can slip.", ["cause", "Why should you leave a long tail?", "because a short tail can slip"]],
  });
  leavesAlone({
    "even though": ["Keepers wore aprons even though buttons could scratch the glass.", ["cause"]],
    "a reason with an open pronoun": ["Keepers wore aprons because it could scratch the glass.", ["cause"]],
    "an effect that points back": ["That machine stopped because the spring broke.", ["cause"]],
    "a reason of three words": ["Keepers wore aprons because it rained.", ["cause"]],
  });
});

describe("purposes", () => {
  finds({
    "use something to do something": [
      "Harbour masters use tide tables to plan the day.",
      ["purpose", "Why do harbour masters use tide tables?", "to plan the day"],
    ],
    "so that": [
      "Limpets clamp themselves to the rock so that they do not dry out.",
      ["purpose", "Why do limpets clamp themselves to the rock?", "so that they do not dry out"],
    ],
    "in order to": [
      "Workers combed the hemp in order to straighten the fibres.",
      ["purpose", "Why did workers comb the hemp?", "in order to straighten the fibres"],
    ],
  });
  leavesAlone({
    "what somebody wants": ["The council wants to close the harbour.", ["purpose"]],
    "a passive": ["The hemp was combed to straighten the fibres.", ["purpose"]],
  });
});

describe("results of conditions", () => {
  finds({
    "when before the result": [
      "When the sun and the moon pull at right angles, the sun weakens the effect of the moon.",
      ["condition", "What happens when the sun and the moon pull at right angles?", "the sun weakens the effect of the moon"],
    ],
    "if before the result": [
      "# The council\n\nIf 200 people sign a petition, the council discusses the petition in public.",
      ["condition", "What happens if 200 people sign a petition?", "the council discusses the petition in public"],
    ],
  });
  leavesAlone({
    "what happened once": ["When the storm came, the keepers closed the great doors.", ["condition"]],
    "a wh-clause that is an object": ["The harbour master decides when ships may enter.", ["condition"]],
    "a number that stands under if": ["If the horn prevents one accident every five years, it pays for itself.", ["frequency", "quantity"]],
  });
});

describe("definitions and names", () => {
  finds({
    "what a term means": ["A petition is a letter that many people sign.", ["definition", "What is a petition?", "a letter that many people sign"]],
    "what a thing is called, asked from its meaning": [
      "A petition is a letter that many people sign.",
      ["naming", "What do we call a letter that many people sign?", "a petition"],
    ],
    "is called": [
      "The difference in height between high water and low water is called the tidal range.",
      ["naming", "What is the difference in height between high water and low water called?", "the tidal range"],
    ],
    "this … of …": ["This slow rise and fall of the sea is called the tide.", ["naming", "What is the slow rise and fall of the sea called?", "the tide"]],
    "the moment when": [
      "High tide is the moment when the water stands highest.",
      ["definition", "What is high tide?", "the moment when the water stands highest"],
    ],
    "in a passage of steps too": [
      "1. Pull.\n2. Push.\n3. Turn.\n4. Hold.\n\nA bight is a bend that does not cross itself.",
      ["naming", "What do we call a bend that does not cross itself?", "a bight"],
    ],
  });
  leavesAlone({
    "a thin predicate": ["The lamp is a help.", ["definition", "naming"]],
    "the past": ["The ropewalk was a shed that stood by the sea.", ["definition", "naming"]],
    "a name for a meaning with a pronoun": ["Low water is the hour at which it stands lowest on the harbour wall.", ["naming"]],
    "such a": ["Such a tide is called a neap tide.", ["naming"]],
    "names of persons": ["The town named the boat after Ida Marrow.", ["naming"]],
  });
});

describe("numbers", () => {
  finds({
    "of an object": ["Each lens held 1,016 prisms.", ["quantity", "How many prisms did each lens hold?", "1,016"]],
    "in words": [
      "A new pilot makes three hundred trips with an experienced pilot.",
      ["quantity", "How many trips does a new pilot make with an experienced pilot?", "three hundred"],
    ],
    "of a stretch of time": ["New keepers studied a handbook for six weeks.", ["quantity", "For how many weeks did new keepers study a handbook?", "six"]],
    "of a subject in the passive": ["Three strands of yarn were twisted together.", ["quantity", "How many strands of yarn were twisted together?", "three"]],
    "with its bound": ["At least five members must agree.", ["quantity", "How many members must agree?", "at least five"]],
    about: ["A warship used about forty kilometres of rope.", ["quantity", "How many kilometres of rope did a warship use?", "about forty"]],
  });
  leavesAlone({
    "a year": ["In 2021 pupils of the school collected signatures.", ["quantity"]],
    one: ["The mayor has one vote.", ["quantity"]],
    "how many times": ["It rang three times.", ["quantity"]],
  });
});

describe("times", () => {
  finds({
    "a year in front": ["In 1822 a French engineer designed a new lens.", ["time", "In what year did a French engineer design a new lens?", "1822"]],
    "a year behind": ["An electric motor replaced the clockwork in 1954.", ["time", "In what year did an electric motor replace the clockwork?", "1954"]],
    "a month with its year": [
      "In January 1866 a storm broke the windows of the lamp room.",
      ["time", "In what year did a storm break the windows of the lamp room?", "1866"],
    ],
    "how often": ["Keepers wound the clockwork every four hours.", ["frequency", "How often did keepers wind the clockwork?", "every four hours"]],
  });
});

describe("doers and what is done to", () => {
  finds({
    "a person by name": [
      "In 1822 Augustin Fresnel designed a new lens for ships.",
      ["person", "Who designed a new lens for ships in 1822?", "Augustin Fresnel"],
    ],
    "the name in the apposition": [
      "In 1822 the engineer, Augustin Fresnel, designed a new lens for ships.",
      ["person", "Who designed a new lens for ships in 1822?", "Augustin Fresnel"],
    ],
    "a thing that causes": ["An electric motor replaced the clockwork in 1954.", ["thing", "What replaced the clockwork in 1954?", "an electric motor"]],
    "the doer of a passive": ["The tide is caused mainly by the moon.", ["thing", "What mainly causes the tide?", "the moon"]],
    "what is done to": ["An electric motor replaced the clockwork in 1954.", ["thing", "What did an electric motor replace in 1954?", "the clockwork"]],
    "a plural doer with a verb made singular": [
      "Harbour masters use tide tables on the quay.",
      ["person", "Who uses tide tables on the quay?", "harbour masters"],
    ],
  });
  leavesAlone({
    "light verbs": ["A ship has a mast of tall pine.", ["thing"]],
    "a doer that the question would name": ["Nell knew that nobody would believe her.", ["person"]],
    "no receiver": ["Boats carry no receiver in the bay.", ["thing"]],
  });
});

describe("places and manners", () => {
  finds({
    "where, of a verb without object": ["Young seals sleep on flat rocks.", ["place", "Where do young seals sleep?", "on flat rocks"]],
    "where, of a verb of placing": ["Builders put oil lamps inside stone towers.", ["place", "Where did builders put oil lamps?", "inside stone towers"]],
    how: ["By counting the flashes, a captain can find the harbour.", ["manner", "How can a captain find the harbour?", "by counting the flashes"]],
  });
  leavesAlone({
    "a place that belongs to the object": ["Pupils collected signatures for a crossing on Quay Street.", ["place"]],
    "what a thing is made of": ["The town rebuilt the shed in brick.", ["place"]],
    "a direction that is no place": ["The strands were twisted in the opposite direction.", ["place"]],
  });
});

describe("what is never asked", () => {
  leavesAlone({
    "the reader and the writer": ["We polished the great lamp because I liked it.", ["cause", "person", "thing"]],
    "what was so instead": ["The lamp instead turned because the spring pulled it.", ["cause", "thing", "person"]],
    "a contraction that hides its verb": ["They're cleaning the lamp because it's dirty again.", ["cause", "person", "thing"]],
  });
});

describe("terms explained in passing", () => {
  finds({
    "called, behind its meaning": [
      "A tangle of strong fingers called a holdfast grips the rock.",
      ["naming", "What do we call a tangle of strong fingers?", "a holdfast"],
    ],
    "known as": [
      "Pieces that measure less than five millimetres are known as microplastics.",
      ["naming", "What are pieces that measure less than five millimetres called?", "microplastics"],
    ],
    "between commas": [
      "The matter goes to a committee, a small group of councillors who study one subject.",
      ["definition", "What is a committee?", "a small group of councillors who study one subject"],
    ],
    "a name of somebody": [
      "Tomas Reyne, a schoolmaster with a gift for geometry, decided to draw a better chart.",
      ["definition", "Who was Tomas Reyne?", "a schoolmaster with a gift for geometry"],
    ],
    "two phrases that are one thing": [
      "A lens gathers light at its focus. The distance between the lens and the focus is the focal length.",
      ["naming", "What is the distance between the lens and the focus called?", "the focal length"],
    ],
    "a short kind": ["A baby puffin is called a puffling.", ["naming", "What is a baby puffin called?", "a puffling"]],
  });
});

describe("times, lists and percentages", () => {
  finds({
    "a clause of time": [
      "Workers combed the hemp with iron combs until the fibres lay straight.",
      ["occasion", "Until when did workers comb the hemp with iron combs?", "until the fibres lay straight"],
    ],
    "a phrase of time": ["The pufflings leave their burrows in August.", ["occasion", "When do the pufflings leave their burrows?", "in August"]],
    "three things": [
      "A fresh fish has clear eyes, red gills and firm flesh.",
      ["list", "Which three things does a fresh fish have?", "clear eyes, red gills and firm flesh"],
    ],
    "a share": ["The market takes three percent of every sale.", ["quantity", "What percentage of every sale does the market take?", "three"]],
    "since behind a comma": [
      "Boilers worked in shifts of twelve hours, since the fire had to burn all night.",
      ["cause", "Why did boilers work in shifts of twelve hours?", "because the fire had to burn all night"],
    ],
    "the sentence before": [
      "Rough shells slow a ship down. For this reason workers scrape the bottoms of ships.",
      ["cause", "Why do workers scrape the bottoms of ships?", "because rough shells slow a ship down"],
    ],
  });
});

describe("stories", () => {
  const story = (text: string) => `"Go!" said Mina. ${text} "Yes," said Jory, and he laughed. "No," she said.`;
  finds({
    "a feeling, with its occasion": [
      story("Jory was furious when he saw the empty shelf."),
      ["feeling", "In the story, how did Jory feel when he saw the empty shelf?", "furious"],
    ],
    "what somebody did then": [
      story("When the wheel finally turned, Jory grinned at the crab."),
      ["condition", "In the story, what did Jory do when the wheel turned?", "Jory grinned at the crab"],
    ],
  });
});

describe("whoever tells", () => {
  const talk = (text: string) => `Lena Voss: What do you do all day?\n\nIdris Cale: ${text}\n\nLena Voss: Is it hard?\n\nIdris Cale: No.`;
  finds({
    "is asked about by name": [talk("Each morning I start both engines."), ["frequency", "How often does Idris Cale start both engines?", "each morning"]],
    "is named before what is said of other things": [
      talk("The air intakes close when the boat turns over."),
      ["condition", "According to Idris Cale, what happens when the boat turns over?", "the air intakes close"],
    ],
  });
});

describe("what hangs on something else is never asked", () => {
  leavesAlone({
    "what is only threatened": ["Sailors must correct for the needle, or sailors will drift off their course in winter.", ["occasion"]],
    "the second half of a when": ["When ships slow down, the noise gets lower and the whales sing songs in the dark.", ["thing", "place"]],
    "the purpose of what was not done": ["The Romans did not build roads so that merchants could travel.", ["purpose"]],
    "the weather as a thing": ["The tide leaves a pool. When it rains, the pool loses salt.", ["thing"]],
    "some of it": ["The sea holds salt. Some of it is used by animals that build shells.", ["thing"]],
  });
});
