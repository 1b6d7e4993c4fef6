import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from texts of every sort, read batch by batch. */
neverDrafts({
  "of explaining texts": {
    "a web for the prey on it": [
      "# Spiders\n\nNot every spider builds a web. Wolf spiders chase their prey, and jumping spiders leap on it. A trapdoor spider hides in a burrow.",
      /leaps? on the web/i,
    ],
    "spinning that no point tells of": [
      "# How Spiders Spin\n\nSpiders have eight legs and no wings. Most spiders have eight eyes because they hunt at night. Wolf spiders chase their prey because they build no web. A trapdoor spider hides in a burrow. Spiders are useful because they eat insects.",
      /^Explain how spiders spin/,
    ],
    "a square centimetre of nobody knows what": [
      "# A submarine\n\nAt a depth of 300 meters, every square centimeter has to bear a weight of thirty kilograms. A submarine is steered with fins called hydroplanes.",
      /^Every square centimeter/,
    ],
    "somebody who works easier": [
      "# A doctor\n\nElizabeth Blackwell wanted to become a doctor. She worked harder than anyone else. In 1849 she graduated first in her class.",
      /easier/,
    ],
    "whose wife she was": ["# A bridge\n\nThe builder fell ill in 1872. His wife Emily learned mathematics. The bridge has two towers.", /his wife/],
    "what is inside of nobody knows what": ["# Popcorn\n\nA kernel of popcorn is a seed. Inside there is a mass of starch.", /a mass of starch inside/],
    "an order that holds only for some": [
      "# Popcorn\n\nSome kernels never pop. Most of them have a crack, so the steam leaks out before enough pressure has built up. A kernel is a seed.",
      /after enough pressure/,
    ],
    "an amount read without its comma": [
      "# Popcorn\n\nThe starch holds a tiny amount of water, about fourteen percent of the kernel's weight. A kernel of popcorn is a seed.",
      /water about fourteen/,
    ],
    "what else they did not want": [
      "# Berlin\n\nThe western powers did not want to start a war, but they did not want to give up the city either. Berlin lay in the east.",
      /either$/m,
    ],
    "what one should pick up": [
      "# Labels\n\nPick up a box of cereal and look at the back. A serving is the amount that a person usually eats at one time.",
      /^What should you pick up/m,
    ],
    "each kind of nobody knows what": [
      "# Labels\n\nSome producers use several kinds of sugar. In this way each kind moves further down the list. A serving is the amount that a person usually eats.",
      /^Each kind/m,
    ],
    "a wait with two ends": [
      "# A bottle\n\n1. Pour in water.\n2. Wait a few minutes until the two liquids have separated.",
      /Until when should you wait a few/,
    ],
    "a law of two years later": [
      "# The march\n\nTwo years later Pennsylvania passed a law that raised the working age to fourteen. A law against child labor followed in 1938.",
      /^Two years later/,
    ],
    "what is an effort and not a place of cost": [
      "# Coins\n\nA small coin can cost more than it buys. The mint is the place where coins are made. The mint strikes 850 coins every minute. At our mint it costs nearly two cents to make one cent.",
      /^(?:Read.*)?Why does it cost/,
    ],
  },
  "of interviews": {
    "a question about what was just said": [
      "# A talk\n\n**Tilda: You told me that you listen to concrete. What do you mean?**\n\n**Marek:** I tap it with a hammer. I inspect two hundred bridges every year.",
      /do you mean\?/,
    ],
    "a crack that might shout": [
      "# A talk\n\n**Tilda: What matters?**\n\n**Marek:** A crack does not shout. I inspect two hundred bridges every year. Every bridge has an inspector. You have to look at the same spot again and again.",
      /a crack shouts/,
    ],
    "what one has to do, nobody knows when": [
      "# A talk\n\n**Tilda: What matters?**\n\n**Marek:** A crack does not shout. I inspect two hundred bridges every year. Every bridge has an inspector. You have to look at the same spot again and again.",
      /what do you have to do\?/,
    ],
  },
  "of stories": {
    "somebody who is named beside her own shop": [
      "# The lamp\n\nHesper had a secret wish. For seven years she worked every night when her shop was closed. Hesper tried fish oil.",
      /did Hesper do when Hesper/,
    ],
    "finding out, torn from what": [
      "# The echoes\n\nOne autumn Timo noticed that only six echoes answered. Timo decided to find out where the echoes had gone. He climbed up the path.",
      /= Find out$/,
    ],
  },
  "of opinions": {
    "how often so many tons": [
      "# Cook!\n\nI think every school should teach cooking. In our town alone, 900 tons of food end up in the garbage every year. Every pupil should cook once a week, because cooking keeps us healthy.",
      /^How often/,
    ],
    "what the varnish lets us wipe": [
      "# Paint\n\nI propose that the town let us paint the wall. The varnish lets us wipe off most of it with a wet cloth.",
      /most of it/,
    ],
    "doubts of nobody knows what": [
      "# Paint\n\nI propose that the town let us paint the wall. I know that there are doubts. The paint would cost 900 crowns.",
      /there are doubts/,
    ],
    "what recess should do": ["# Recess first\n\nI think that we need a change. Recess should come before lunch, because hungry children eat.", /recess do\?/],
    "a reason that is only announced": [
      "# Why recess should come first\n\nRecess should come before lunch, because hungry children eat. There is another reason. A quiet lunch gives children time to cool off. Teachers gain time, since nobody quarrels. If it does not work, we can change back.",
      /There is another reason|If it does not work/,
    ],
    "trying it, whatever it is": [
      "# Recess first\n\nThe town has a school. I urge the principal to try it for one month. I think recess should come first.",
      /Try it/,
    ],
    "what a break should do": [
      "# A longer break\n\nI believe that the morning break should last twenty-five minutes. The school should open the yard, because pupils need air.",
      /break do\?/,
    ],
  },
});
