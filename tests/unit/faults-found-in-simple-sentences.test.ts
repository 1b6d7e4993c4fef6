import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from four batches of passages written for grades 4 to 7, and by what was added for plain sentences. */
neverDrafts({
  "of who and what is meant": {
    "what she teaches, for the pond": [
      "# Give us a pond\n\nOur school should have a pond. Ms Hallam, who teaches biology, says that she would use it from March until October.",
      /use biology/,
    ],
    "the name, for what it names": [
      "# The flask\n\nTwo German glassmakers saw that the flask could be useful at home. In 1904 they held a contest to find a name for it, and a man from Munich won.",
      /find a name for it/,
    ],
    "three stars, for all of them": [
      "# The stars\n\nAnnie Cannon arranged the stars in classes. She could classify three stars a minute. During her life she examined about 350,000 of them.",
      /of (?:the )?three stars/,
    ],
    "ten, for the six of them": [
      "# Teach us to fall\n\nEvery pupil should learn judo. Six out of ten children who come to the hospital have fallen down. Most of them stretched out their arms and broke a wrist.",
      /most of (?:the )?ten children/i,
    ],
    "all three, of what was told before": [
      "# The flask\n\nHeat can travel in three ways. A vacuum flask is built to stop all three. An empty space is called a vacuum.",
      /= Stop all three/i,
    ],
    "the house, for its sound": [
      "# The customs house\n\nWhen the wind blew from the north, the old customs house whistled. It began as a low hum and rose until the windows shook. Jon lay in bed and listened.",
      /What does “it” stand for/,
    ],
    "a part of something, as what is wanted": [
      "# Give us a pond\n\nOur school has a lawn that nobody walks on. I think that a part of it should become a pond. A pond helps animals. Dragonflies eat mosquitoes because they are hungry.",
      /“A part of it/,
    ],
    "flags of its own, for flags": [
      "# Flags\n\nShips talked to each other with flags. Every navy had flags of its own, and nobody else could read them.",
      /read flags of its own/,
    ],
    "the Romans, for their stone": [
      "# Pumice\n\nPeople have used pumice for long. The Romans mixed it with lime to make concrete. Today it is used for rubbing hard skin off the feet.",
      /the Romans used for/,
    ],
    "a coin, for the letter": [
      "# Build a balance\n\nA balance shows what is heavier. A one-euro coin weighs seven and a half grams. If four coins balance the letter, it weighs thirty grams.",
      /How many grams does it weigh/,
    ],
  },
  "of how it is read": {
    "as much as eight kettles need": [
      "# The wheel\n\nBoth tanks have the same weight. One turn of the wheel uses only as much electricity as eight kettles need to boil.",
      /What happens as/,
    ],
    "gulls, as what the rain does": [
      "# The beach\n\nHeavy rain makes the water dirty. It washes the droppings of dogs and gulls from the streets into the sea.",
      /the droppings of dogs\./,
    ],
    "a list of lessons, cut off": [
      "# Lessons\n\nThe school of the town teaches football, swimming and dancing. The lessons begin at eight.",
      /teach, swimming|= Football$/,
    ],
    "what should not be done, for both": [
      "# Build a balance\n\nHang the hanger on a nail. Do not blow on the balance and close the windows, because even a light wind moves the cups.",
      /should you not close/,
    ],
    "what builders do now, as past": [
      "# Swifts\n\nSwifts nest in walls. Old walls have holes. Some builders now put hollow bricks under the roof.",
      /did some builders now/,
    ],
    "two letters, as one word": ['# Flags\n\nSome messages take two flags. "N" above "C" means that a ship is in distress.', /“N" above/],
    "a brigade, as what": ["# Snow\n\nThe town clears its streets. Old people can ask the youth fire brigade for help.", /What can old people ask/],
    "a name, as who": [
      "# The list\n\nOn the paper there was a list of names. The third name on the list was Brask. Jon read it twice.",
      /who was the third name/i,
    ],
    "where a foundation is, for the rules": [
      "# The flag\n\nA beach must meet many rules. The rules are checked by a foundation in Denmark, which sends inspectors.",
      /rules in Denmark/,
    ],
    "a network, as who": [
      "# The railroad\n\nThe Underground Railroad was a secret network of people who helped slaves escape to freedom. It had no trains.",
      /^Who was/,
    ],
    "a loop, where it is made": ["# Knots\n\nAn eye splice makes a permanent loop at the end of a rope. It is strong.", /^Where does an eye splice/],
    "a ship with a chest, on board": ["# Wrecks\n\nMany ships have sunk. A ship lies at the bottom of the sea with a chest of coins on board.", /lie on board/],
  },
  "of what happens then": {
    "what you trust": ["# Scales\n\nAn inspector checks the scales. When you buy a kilo of apples, you trust the scale.", /What happens when you buy/],
    "the tide, which is out": [
      "# Mangroves\n\nA seed falls from the tree. If the tide is out, it may stick in the mud and start to grow at once.",
      /^What may happen if the tide is out/,
    ],
    "oxygen, which is gone": [
      "# Yeast\n\nYeast can live in two ways. When oxygen runs out, it switches to fermentation.",
      /^What happens when oxygen runs out/,
    ],
    "hardly anything": ["# Seeds\n\nA seed is dry. As long as the seed is dry, hardly anything happens in it.", /(?<!ardly )anything happens in/i],
    "what is lost without the paint": [
      "# The slipway\n\nBoats are painted with a dark red paint. Without it, a hull would be covered with weed within a single summer, and the boat would lose a third of its speed.",
      /^The boat would lose/,
    ],
    "why she went, and not where": [
      "# Hertha\n\nSarah was born in Portsea. At the age of nine Sarah went to live with her aunts, who ran a school in London.",
      /Why did Sarah go at/,
    ],
  },
  "in reports and talks": {
    "whose plan, told before": [
      "# The hall\n\nA group of residents wants to keep the hall. According to their plan, rents would pay for the repairs within 12 years.",
      /their plan/,
    ],
    "water that comes out of something": [
      "# Vents\n\nWater seeps into cracks in the hot rock. The water that comes out can be as hot as 400 °C.",
      /water that comes out/,
    ],
    "after they have even returned": [
      "# The fish market\n\nMost fishermen sell their catch online, before they have even returned to port.",
      /after they have even/,
    ],
    "two things that a rule says, of the first": [
      "# Rules\n\nA council makes rules. A rule might say that dogs must be kept on a leash or that shops must close by midnight.",
      /about dogs/,
    ],
    "a reason told twice, with one because": [
      "# Bessie Coleman\n\nBessie Coleman wanted to fly. Every flight school refused Bessie Coleman because she was young and because she was a woman. Bessie Coleman took French lessons. Coleman sailed to Paris in November 1920. Coleman dreamed of opening a flight school for everybody.",
      /= she was young and because/i,
    ],
    "a sum among words to choose from": [
      "# The hall\n\nA group of residents has started a campaign to save the hall. They want to turn it into a food court with small shops upstairs, and they have already raised $85,000.",
      /; \$85,000/,
    ],
  },
  "in what children's magazines tell": {
    "the clip, for the needle that picks it up": [
      "# How to Make a Compass\n\nA compass needs a needle. Test the needle. If it picks up a paper clip, it is magnetized. The needle is ready.",
      /paper clip is magnetized/i,
    ],
    "so much a year, torn apart": [
      "# The drought\n\nThe parents of the boy were poor. The parents could no longer pay the school fees of $80 a year.",
      /pay a year\?/,
    ],
    "the beginning of a tale, as the whole answer": [
      "# A pilot\n\nReporter: How did you become a pilot?\n\nCaptain Moss: I went to sea at sixteen as a deckhand. After twelve years I had my certificate.\n\nReporter: What do you like best?\n\nCaptain Moss: The sea.",
      /“I went to sea at sixteen as a deckhand.”/,
    ],
    "minutes, for nobody knows what": [
      "# Storms\n\nThirty years ago people had only five minutes to find shelter. Today people have about 13 minutes.",
      /^How many minutes do people have/,
    ],
  },
  "in what a magazine tells of vaccines": {
    "memory cells, for all white blood cells": [
      "# Vaccines\n\nWhite blood cells fight germs. Some of the white blood cells, known as memory cells, live on for years.",
      /= memory cells/i,
    ],
    "the only disease, as what a sentence stresses": [
      "# Smallpox\n\nSmallpox was a disease. It is the only human disease that has ever been made extinct.",
      /has ever been made extinct\? =/,
    ],
    "how anybody feels": ["# Germs\n\nA body fights germs. The fight takes several days, and you feel sick for a while.", /^How do you feel/],
    "good reasons, of nothing": [
      "# Bike lanes\n\nThe city needs bike lanes. There are three good reasons. The first is safety.",
      /^There are (?:two|three|four) good reasons\./,
    ],
    "a doctor, where his name is told": [
      "# Vaccines\n\nThe first vaccine was developed by an English country doctor, Edward Jenner. Jenner lived in Berkeley.",
      /= an english country doctor$/i,
    ],
  },
});
