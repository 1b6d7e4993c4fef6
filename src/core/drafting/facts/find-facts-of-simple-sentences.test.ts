import { describe } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";

describe("how long it takes", () => {
  finds({
    "a full year": ["Training for the lifeboat takes a full year.", "How long does training for the lifeboat take?", "a full year"],
    "one year": ["A count of the whole town took one year.", "How long did a count of the whole town take?", "one year"],
    "what a thing needs": ["A large bell needs a whole week.", "How long does a large bell need?", "a whole week"],
    "what it needs to do something": ["A wagon needed about two weeks to reach Albany.", "How long did a wagon need to reach Albany?", "about two weeks"],
    "until something is so": [
      "It takes about five hundred years until two centimetres have formed.",
      "How long does it take until two centimetres have formed?",
      "about five hundred years",
    ],
    "a state up to then": ["The lamp outside the museum has been broken for a month.", "How long has the lamp outside the museum been broken?", "a month"],
    "what was kept so": ["The harbour of Selm was closed for a week.", "How long was the harbour of Selm closed?", "a week"],
  });
  neverAsks({
    "until nobody knows what has it": ["It takes three years until it has the colour of its parents.", /^How long/],
    "a day off": ["The keeper took a day off.", /^How long/],
    "of news that once took longer": ["News that had once taken ten days now took minutes.", /^How long/],
    "an amount": ["A colony needs about fifteen kilograms of honey to survive.", /^How long/],
  });
});

describe("how something is to the senses", () => {
  finds({
    "its sound": ["A loaf that is done sounds hollow.", "How does a loaf that is done sound?", "hollow"],
    "its taste": ["Ripe elderberries taste sour.", "How do ripe elderberries taste?", "sour"],
    "what it looks like": ["The eggs of a frog look like clear jelly with black dots.", "What do the eggs of a frog look like?", "clear jelly with black dots"],
    "what it is shaped like": ["The Bristol Channel is shaped like a funnel.", "What is the Bristol Channel shaped like?", "a funnel"],
    "what it floats like": ["A swimmer in the Dead Sea floats like a cork.", "What does a swimmer in the Dead Sea float like?", "a cork"],
  });
  neverAsks({
    "what is thought of an idea": ["The new idea sounds reasonable.", /^How does/],
    "what only seems so": ["The ground beneath the tower may feel solid.", /^How/],
    "dull like a box": ["A cracked bell sounds dull like a cardboard box.", /sound like dull/],
  });
});

describe("how something is done", () => {
  finds({
    "in parallel": ["The lamps in a house are connected in parallel.", "How are the lamps in a house connected?", "in parallel"],
    "in packs": ["Wolves hunt in packs.", "How do wolves hunt?", "in packs"],
    "in families of so many": ["Fennecs live in families of up to ten animals.", "How do fennecs live?", "in families of up to ten animals"],
    "by way of something": [
      "Buddhism reached China from India by way of the Silk Road.",
      "How did Buddhism reach China from India?",
      "by way of the Silk Road",
    ],
    "in a posture": ["A flamingo eats with its head upside down.", "How does a flamingo eat?", "with its head upside down"],
    "every so many miles": ["A rider changed horses every ten or fifteen miles.", "How often did a rider change horses?", "every ten or fifteen miles"],
    "from what": ["Spiders make silk from a liquid.", "What do spiders make silk from?", "a liquid"],
    "from what, for a time": [
      "Children have made whistles from willow twigs for hundreds of years.",
      "What have children made whistles from for hundreds of years?",
      "willow twigs",
    ],
  });
  neverAsks({ "in schools that teach": ["The script is still taught in schools.", /^How is/] });
});

describe("who or what does it", () => {
  finds({
    "a country": ["Sweden issued the first paper money in Europe.", "Which country issued the first paper money in Europe?", "Sweden"],
    "a state": ["Pennsylvania passed a law against child labour.", "Which state passed a law against child labour?", "Pennsylvania"],
    "whoever does something": ["Whoever wants to fish needs two papers.", "Who needs two papers?", "Whoever wants to fish"],
    "whoever is first": ["The first buyer who presses the button gets the fish.", "Who gets the fish?", "The first buyer who presses the button"],
    "both of two": ["Both parents sit on the eggs.", "Who sits on the eggs?", "both parents"],
    "one of a sort": ["Small cases are heard by one judge.", "Who hears small cases?", "one judge"],
    "who has the last word": ["The head teacher has the last word.", "Who has the last word?", "the head teacher"],
    "a thing that wakes": ["Water wakes the seed.", "What wakes the seed?", "water"],
    "a thing that turns another": ["A clockwork machine turned the lens all night.", "What turned the lens all night?", "a clockwork machine"],
    "a thing that makes another do so": ["Yeast gas makes the dough rise.", "What makes the dough rise?", "yeast gas"],
    "whose post it was": ["Grace's father was the keeper of the Longstone lighthouse.", "Who was the keeper of the Longstone lighthouse?", "Grace's father"],
    "what somebody died of, later": ["Grace Darling died of tuberculosis four years later.", "What did Grace Darling die of?", "tuberculosis"],
    "who held a post": [
      "Joseph Bazalgette drew the plan. The engineer in charge was Joseph Bazalgette.",
      "Who was the engineer in charge?",
      "Joseph Bazalgette",
    ],
  });
  neverAsks({
    "who a railway of people was": ["The Underground Railroad was a secret network of people who helped slaves.", /^Who was/],
    "soda alone": ["Soda alone would make the glass dissolve in water.", /would alone/],
    "builders that made locks to lift boats": ["The builders made 83 locks to lift the boats.", /^What made 83/],
    "different houses": ["Different houses attracted different customers.", /^What attracted/],
    "a loop at the end of a rope": ["An eye splice makes a loop at the end of a rope.", /^Where/],
  });
});

describe("where somebody works and lies", () => {
  finds({
    "deep inside": ["Berlin, the capital, lay deep inside the Soviet zone.", "Where did Berlin lie?", "deep inside the Soviet zone"],
    "at work": ["Customs dogs work at airports.", "Where do customs dogs work?", "at airports"],
    "in a place with something": ["The Curies worked in a shed with a leaking roof.", "Where did the Curies work?", "in a shed with a leaking roof"],
    "sent to prison": ["Johan Palmstruch was sent to prison.", "Where was Johan Palmstruch sent?", "to prison"],
    "like snow": [
      "Dust from the plains fell like snow on ships in the Atlantic Ocean.",
      "Where did dust from the plains fall like snow?",
      "on ships in the Atlantic Ocean",
    ],
  });
  neverAsks({ "tiles on a roof": ["The feathers of a penguin overlap like tiles on a roof.", /^Where/] });
});

describe("what for, and for whom", () => {
  finds({
    "for whom it was invented": [
      "The machine was invented for soldiers who had to write in the dark.",
      "Who was the machine invented for?",
      "soldiers who had to write in the dark",
    ],
    "in order to": [
      "The countries of the Andes forbade the export of seeds in order to keep the trade for themselves.",
      "Why did the countries of the Andes forbid the export of seeds?",
      "in order to keep the trade for themselves",
    ],
    "what is needed for it": ["The seeds of the desert need a signal to wake up.", "What do the seeds of the desert need to wake up?", "a signal"],
    "what is enough": [
      "Each bottle that is recycled saves enough energy to light a room for a day.",
      "What does each bottle that is recycled save?",
      "enough energy to light a room for a day",
    ],
    "what must stop": ["Canada stopped making its penny.", "What did Canada stop doing?", "making its penny"],
    "what is decided": ["The jury decides what really happened.", "What does the jury decide?", "what really happened"],
    "what it is attached to": ["Blocks of zinc are screwed to the hull of a ship.", "What are blocks of zinc screwed to?", "the hull of a ship"],
    "what somebody was paid in": ["The builders of the tombs were paid in grain.", "What were the builders of the tombs paid in?", "grain"],
    "what one ring meant": ["One ring meant fire.", "What did one ring mean?", "fire"],
    "a refusal to do so": ["A strike is a refusal to work.", "What is a strike?", "a refusal to work"],
    "each of many": [
      "Each grain of dry yeast is a clump of tiny fungi that are asleep.",
      "What is each grain of dry yeast?",
      "a clump of tiny fungi that are asleep",
    ],
    "from two places": [
      "Most of the lithium comes from Australia and from salt lakes in the Andes.",
      "Where does most of the lithium come from?",
      "from Australia and from salt lakes in the Andes",
    ],
  });
  neverAsks({ "when it is paid": ["The workers were paid in advance.", /paid in\?/] });
});

describe("numbers and years that are not exact", () => {
  finds({
    "some forty million": [
      "A cube of cork holds some forty million cells, each filled with gas.",
      "How many cells does a cube of cork hold?",
      "some forty million",
    ],
    "fish, which have no ending": ["A puffin can carry ten or more fish in its beak.", "How many fish can a puffin carry in its beak?", "ten or more"],
    "what one may keep": ["With a permit one may keep three fish.", "How many fish may one keep with a permit?", "three"],
    "around a year": ["Sequoyah was born around 1770.", "When was Sequoyah born?", "around 1770"],
    "a year of what was": ["The last cholera outbreak in London was in 1866.", "In what year was the last cholera outbreak in London?", "1866"],
    "a day of every month": [
      "The meetings of the council take place on the first Monday of every month.",
      "When do the meetings of the council take place?",
      "on the first Monday of every month",
    ],
  });
});
