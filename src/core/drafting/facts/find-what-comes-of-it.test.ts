import { describe, expect, it } from "vitest";
import { finds, neverAsks } from "../../../../tests/support/fact-tester";
import { analyse } from "../../../../tests/support/language-tools";
import { draftEssays } from "../drafters/draft-essays";
import { draftTrueFalse } from "../drafters/draft-true-false";
import { byBound } from "../falsification/by-bound";
import { stockSource } from "../source-stock";

describe("what becomes of such a one", () => {
  finds({
    "what it loses": [
      "An owner who does not use a sign for five years may lose the sign.",
      "What may happen to an owner who does not use a sign for five years?",
      "the owner may lose the sign",
    ],
    "what is done with it": ["A lamp that leaks is sent to the workshop.", "What happens to a lamp that leaks?", "it is sent to the workshop"],
    "where it is others that do it": [
      "A letter that nobody claims is burned after a year.",
      "What happens to a letter that nobody claims?",
      "it is burned after a year",
    ],
    "of many": ["Ropes that lie in the sun rot within a year.", "What happens to ropes that lie in the sun?", "they rot within a year"],
  });
  neverAsks({
    "what it is called": ["A keeper who works alone is called a watchman.", /^What happens/],
    "what is done, and to nobody": ["A boat that has a motor crosses the bay in ten minutes.", /^What happens to a boat/],
    "how long it may be kept": ["Bread that is baked with salt water can be kept for two weeks.", /^What can happen to/],
  });
});

describe("too much to do it", () => {
  finds({
    "too ill": ["Percy Hale was too ill with fever to go along.", "Why could Percy Hale not go along?", "because he was too ill with fever"],
    "too proud": ["Ida Marrick was too proud to ask for help.", "Why did Ida Marrick not ask for help?", "because she was too proud"],
    "a whole sort": ["Young seals are too small to dive under the ice.", "Why can young seals not dive under the ice?", "because they are too small"],
    "a verb that says enough": ["Ida Marrick was too young to vote.", "Why could Ida Marrick not vote?", "because she was too young"],
  });
  neverAsks({
    "whoever would lift it": ["The anchor was too heavy to lift.", /^Why (?:could|did)/],
    "somebody else": ["The channel is too shallow for large ships to enter.", /^Why (?:can|does) the channel not/],
    "what is left open": ["Percy Hale was too tired to notice.", /^Why could/],
  });
});

describe("only then", () => {
  finds({
    "when, with the verb turned": [
      "The ship left the bay. Only when the boat pulled away did Percy Hale change his mind.",
      "When did Percy Hale change his mind?",
      "only when the boat pulled away",
    ],
    "in what year": [
      "Only in 1920 did the engineers of Skerry Bay replace the lamp.",
      "When did the engineers of Skerry Bay replace the lamp?",
      "only in 1920",
    ],
    "under what condition": [
      "Only if both hairs are touched does the trap snap shut.",
      "Under what condition does the trap snap shut?",
      "only if both hairs are touched",
    ],
  });
  neverAsks({ "as a command": ["The ship left the bay. Only when the boat pulled away did Percy Hale change his mind.", /should you/] });
});

describe("what law, what plan, and what somebody was", () => {
  finds({
    "what law": [
      "Five weeks later Parliament passed a law that fixed all rents at the level of 1914.",
      "What law did Parliament pass?",
      "a law that fixed all rents at the level of 1914",
    ],
    "told twice": [
      "Mary Selwyn was a weaver's daughter and the wife of an engineer.",
      "Who was Mary Selwyn?",
      "a weaver's daughter and the wife of an engineer",
    ],
    "in passing, of what": ["Ada was alone with Vic, the expedition's cat.", "What is Vic?", "the expedition's cat"],
    "what they wrote": [
      "Forty nurses wrote that they would miss the beginning of their shift.",
      "What did forty nurses write?",
      "that they would miss the beginning of their shift",
    ],
    "what was worked out": ["The council worked out that the sports hall saved money.", "What did the council work out?", "that the sports hall saved money"],
    "what should be so": [
      "Lena Okoro proposed that the school leave its gym open at night.",
      "What did Lena Okoro propose?",
      "that the school leave its gym open at night",
    ],
    "what one can be": ["A trademark may be a word, a picture or a shape.", "Which three things may a trademark be?", "a word, a picture or a shape"],
    "what somebody was called": ["Ada Blake saved the crew. Newspapers called her a heroine.", "What did newspapers call Ada Blake?", "a heroine"],
    "made out of something": ["Ada Blake made a boat out of skins.", "What did Ada Blake make out of skins?", "a boat"],
    "where somebody was taken": [
      "Ada Blake had a son named Percy. With her pay Ada Blake took Percy to a hospital in Skerry Bay.",
      "Where did Ada Blake take Percy with her pay?",
      "to a hospital in Skerry Bay",
    ],
  });
  neverAsks({
    "of what a sign tells": ["A trademark is a sign that tells buyers who made a product.", /sign of/],
    "what the writer would call it": ["The plan is cheap. You can call that a sports programme. I would call it a good deal.", /What would .* call/],
  });
});

describe("why, told by an *as*", () => {
  finds({
    "a state in front": [
      "As Spain and Britain were at war, Percy Hale hid in a tree.",
      "Why did Percy Hale hide in a tree?",
      "because Spain and Britain were at war",
    ],
    "a thought behind": [
      "In 1921 four men came to Nome. The men took food for six months, as they believed that the island would feed anyone.",
      "Why did the men take food for six months?",
      "because they believed that the island would feed anyone",
    ],
    "the second of two deeds": [
      "Percy Hale climbed the tower and dropped stones from the roof to study how air slows them down.",
      "Why did Percy Hale drop stones from the roof?",
      "to study how air slows them down",
    ],
    "three of the only men": [
      "In 1921 four young men came to Nome. In 1923 three of the men set out over the ice to get help.",
      "Why did three of the men set out over the ice in 1923?",
      "to get help",
    ],
  });
  neverAsks({
    "a moment": ["As Ida Marrick was young, in those days, she sang.", /^Why did Ida Marrick sing/],
    "the men of two sorts": ["Four sailors and two old men met six young men. The men went home to get help.", /^Why did the men/],
  });
});

describe("read wrongly before", () => {
  neverAsks({
    "never, of the second deed as well": [
      "Never force the doors open and climb out, because the lift may start while you are halfway through.",
      /should you climb/,
    ],
    "a month and a number of families": ["By November twenty thousand families had joined the strike.", /November twenty|= thousand/],
    "a list that parents are read": ["Parents read the honour roll, compare, and ask uncomfortable questions at dinner.", /honour ask/],
    "clothes that have skins": ["Percy Hale hunted goats. He sewed clothes from their skins with a nail.", /their skins/],
    "when nobody does it": ["The office may object. If no one does, the sign is registered.", /no one does/],
    "at a moment of which nothing is said": ["Ida Marrick was standing on the beach.", /^Where was/],
  });
  finds({
    "nobody is moved to the end": [
      "As soon as the first crystals touch its skin, the frog's liver turns a stored starch into sugar.",
      "What does the frog's liver turn a stored starch into as soon as the first crystals touch its skin?",
      "sugar",
    ],
    "so much of the water": ["Two thirds of the water has turned to ice.", "What share of the water has turned to ice?", "two thirds"],
    "somebody with the name of a town": [
      "“There are two of us,” Milan said. Milan bought three tickets at the window.",
      "In the story, how many tickets did Milan buy at the window?",
      "three",
    ],
  });
  it("no reason is what the writer promises, or what some will shake their heads at", () => {
    const essays = draftEssays(
      stockSource(
        analyse(
          "# Leave the Gym Open at Night\n\nI propose that the school leave its gym open. Some adults will shake their heads.\n\nPupils who play at night sleep better, because they are tired. A gym that is open keeps them off the street, because there is something to do.\n\nIf anything is broken by Christmas, lock the door again, and I will hand back the key myself.",
          "markdown",
        ),
      ),
    );
    expect(JSON.stringify(essays.map(({ key }) => key))).not.toMatch(/shake|hand back/);
  });
});

describe("why, how and who, told beside it", () => {
  finds({
    "and that is why, of somebody by his name": [
      "Percy Hale's beard does not grow longer, and that is why Percy Hale wears a scarf.",
      "Why does Percy Hale wear a scarf?",
      "because Percy Hale's beard does not grow longer",
    ],
    "and that is why": [
      "Cats hunt at night. When a cat grows fatter, its whiskers do not grow longer, and that is why fat cats sometimes get stuck.",
      "Why do fat cats sometimes get stuck?",
      "because when a cat grows fatter, its whiskers do not grow longer",
    ],
    "as long as something is wide": [
      "The whiskers on the face are about as long as the cat is wide.",
      "How long are the whiskers on the face?",
      "about as long as the cat is wide",
    ],
    "by the name beside a noun": [
      "Ines had a mule. Ines crossed the bridge with her father's mule, Bruno, who carried two sacks of chestnuts to the mill.",
      "Who carried two sacks of chestnuts to the mill?",
      "Bruno",
    ],
    "only if, read as one": [
      "A year that ends in two zeros has an extra day only if it can be divided by four hundred.",
      "Under what condition does a year that ends in two zeros have an extra day?",
      "only if it can be divided by four hundred",
    ],
    "what was admitted later": [
      "Lord Marrick brought a bill into Parliament. He admitted later that he had not understood the tides, and that he had filled his speech with jokes.",
      "What did Lord Marrick admit?",
      "that he had not understood the tides, and that he had filled his speech with jokes",
    ],
    "permission to do something": [
      "Percy Hale and Ida Marrick asked for permission to go outside five hours early.",
      "What did Percy Hale and Ida Marrick ask for?",
      "permission to go outside five hours early",
    ],
    "where, as the question says": [
      "Farmers used to bury butter in the bog because it stayed cool there.",
      "Why did farmers use to bury butter in the bog?",
      "because it stayed cool there",
    ],
  });
});

describe("who goes on", () => {
  finds({
    "behind a clause that speaks of nobody": [
      "In 1582 Percy Hale sold the boat. When the bell rang, he walked to the old lighthouse.",
      "Where did Percy Hale walk when the bell rang?",
      "to the old lighthouse",
    ],
    "those who are told apart": [
      "The men who owned the houses saw their chance. They raised the rents by a quarter.",
      "Who raised the rents by a quarter?",
      "the men who owned the houses",
    ],
    "a she, though any woman is spoken of": [
      "Ada Blake lived on an island. Percy Hale scolded her. She sailed to Nome in 1921, though it was hard for a woman to sail alone.",
      "In what year did Ada Blake sail to Nome?",
      "1921",
    ],
    "one subject, told by its noun and its pronoun": [
      "After ten hours the frog can move its legs, and a day later it is looking for a mate. It eats nothing because the pools are still cold.",
      "Why does the frog eat nothing?",
      "because the pools are still cold",
    ],
    "by the name in what is said in passing": [
      "Her sailing master, a Scot named Percy Hale, told the captain that the hull was full of worms.",
      "What did Percy Hale tell the captain?",
      "that the hull was full of worms",
    ],
  });
  neverAsks({
    "a calm cat that is curious": ["A calm cat lets its whiskers hang. If it is curious, it points the whiskers forward.", /calm cat/],
    "what is so only if it is dried": ["Ten apples weigh two kilograms. Dried, they weigh no more than two bars of chocolate.", /bars of chocolate/],
    "in the middle of what is not said": ["In the middle stood a dish as wide as a house.", /stood in the middle/],
    "a time beside a time": [
      "One Sunday in March a plumber walked across a field with a metal detector. At the sports day everyone got a medal last June.",
      /^When/,
    ],
    "a day torn from its clause": [
      "Bankers refused to collect taxes on 25 March, when the British year used to end, because eleven days were missing.",
      /, when the British year/,
    ],
  });
});

describe("letters, reports and talks", () => {
  finds({
    "two things that were promised": [
      "The council has promised to count the seals and to publish the numbers.",
      "What has the council promised to do?",
      "count the seals and publish the numbers",
    ],
    "what there was then": [
      "Shrimps make bubbles. When the bubble collapsed, there was a flash and a bang.",
      "What happened when the bubble collapsed?",
      "there was a flash and a bang",
    ],
    "why not, behind a colon": [
      "A limpet does not fall off the rock: its foot holds on to the stone.",
      "Why does a limpet not fall off the rock?",
      "because its foot holds on to the stone",
    ],
    "what was believed for a long time": [
      "For a long time people believed that the bang came from the claw.",
      "What did people believe for a long time?",
      "that the bang came from the claw",
    ],
    "what a step mixes with what": [
      "Stir the juice of the lemon into a litre of water. Cut the apples into rings. Put them on the table. First wash the jar. Then close it. Next shake it.",
      "What should you stir the juice of the lemon into?",
      "a litre of water",
    ],
  });
  neverAsks({
    "a paper's place and date": ["SKERRY BAY, 3 June – After two years of building, the new seal centre on the north quay was opened on Saturday.", /SKERRY/],
    "whoever is written to is no she": [
      "Dear Ms Okafor,\n\nLast week you told us that the school wants to sell the boat. The harbour master looked at her in March.",
      /Okafor in March|looked at Ms/,
    ],
    "what it took, by the thing told of before": ["The key had been lost since 1945. It took me five minutes.", /did the key take/],
    "where somebody was gone": ["Ladies rode bicycles. On a bicycle a lady was gone before anyone could follow.", /^Where was/],
    "half of a condition": ["The trap snaps shut only if a second hair is touched within twenty seconds.", /What happens only/],
    "a time in passing as a condition": [
      "In the middle of winter, when the temperature can fall to sixty degrees below zero, the female lays a single egg on the ice.",
      /^What happens when/,
    ],
  });
  it("a bound inside a condition is not turned round: what is done otherwise, nobody says", () => {
    const stock = stockSource(analyse("Ploughs clear the roads. If more than five centimetres have fallen, an officer calls twenty drivers.", "markdown"));
    const [statement] = [...stock.statementsBySentence.values()].flat().filter(({ text }) => text.includes("calls"));
    expect(byBound(statement!)).toEqual([]);
  });
});

describe("short passages", () => {
  finds({
    "why something is measured, behind its comma": [
      "In spring the board measures how much snow lies in the mountains, because the snow will become the water of the summer.",
      "What does the board measure in spring?",
      "how much snow lies in the mountains",
    ],
    "why it has to be so, behind a colon": [
      "The tower is old. The tower has to sway: a stiff tower would crack.",
      "Why does the tower have to sway?",
      "because a stiff tower would crack",
    ],
    "told over something": [
      "Her mother told Matthias over the fence that Liv had a fever. Liv was ill.",
      "What did Liv’s mother tell Matthias over the fence?",
      "that Liv had a fever",
    ],
    "why not to cut what was pulled off": [
      "Pull off a strip of wool about as long as your hand. Do not cut it, because cut ends do not hang together. Roll the wool. Wash it. Dry the ball. Press it.",
      "Why should you not cut the strip of wool?",
      "because cut ends do not hang together",
    ],
    "darker than elsewhere": [
      "Soil keeps a record. Where a wooden post once stood, the soil is darker, because the wood rotted in the hole. The soil is deep. The soil is red.",
      "Why is the soil darker where a wooden post once stood?",
      "because the wood rotted in the hole",
    ],
    "what it turned out to be": [
      "The council had to rename Tar Lane because Percy Hale turned out to be a thief. Tar Lane is old.",
      "Why did the council have to rename Tar Lane?",
      "because Percy Hale turned out to be a thief",
    ],
    "what comes of what can hardly be": [
      "In a freezer ropes can hardly move, so that bread keeps for weeks. Bread is old.",
      "Why does bread keep for weeks?",
      "because ropes can hardly move in a freezer",
    ],
    "fat, which is nobody's name": [
      "Fat keeps a loaf soft, which is why a brioche lasts longer than a baguette. Bread is old.",
      "Why does a brioche last longer than a baguette?",
      "because fat keeps a loaf soft",
    ],
    "after how many minutes, which do nothing themselves": [
      "An onion is cheap. After exactly twenty minutes the cook blew out the flame. The cook slept.",
      "After how many minutes did the cook blow out the flame?",
      "exactly twenty",
    ],
  });
  neverAsks({
    "what one is called of many": ["A sloth is a mammal that lives in the rainforests of South America.", /^What do we call/],
    "what there was before": ["Mina lives in the tower. When Mina opened the door, there was a seal in the bath.", /^What happened when/],
    "what a reader would only try": ["Put a slice of bread into a toaster, and two minutes later it is brown. Bread is old.", /should you put/],
    "what was known, by the place told of before": [
      "For two years the children of the village skated over the pond. Several of them knew it, and none of them talked.",
      /knew the (?:village|pond)|know the (?:village|pond)/,
    ],
    "what no ship asks": [
      "In 1768 the officials had a complaint. The mail ships took two weeks longer than ordinary ships. They asked Percy Hale to find out why.",
      /did the mail ships ask/,
    ],
    "something else": ["Toast is brown. If the toast stays in too long, something else begins.", /^What happens if/],
    "what there is to do": ["There must always be somebody in the tower as long as there are people on the bridge.", /should there|must there do/],
  });
  it("what is not so sometimes is no false statement", () => {
    const stock = stockSource(analyse("A water board shares the river. Sometimes there is not enough water for everyone.", "markdown"));
    const texts = draftTrueFalse(stock, 1).map(({ stem, key }) => `${key} ${stem}`);
    expect(texts.filter((text) => /^false.*enough water/.test(text))).toEqual([]);
  });
  it("nobody of a name is left without an article, and no deed ends on *how*", () => {
    const stock = stockSource(analyse("There will be no second Katrina. People who never lose do not learn how. The storm came to Skerry Bay.", "markdown"));
    expect(draftTrueFalse(stock, 1).filter(({ stem }) => /be second|learn how\.$/.test(stem))).toEqual([]);
  });
  it("nothing lasts shorter", () => {
    const stock = stockSource(analyse("A good mend lasts longer than the rest of the sock. The sock is old.", "markdown"));
    expect(draftTrueFalse(stock, 1).filter(({ stem }) => /lasts shorter/.test(stem))).toEqual([]);
  });
  it("*right now* goes as one", () => {
    const stock = stockSource(analyse("Right now all four hundred students go to the cafeteria at noon. Teachers eat later.", "markdown"));
    expect(draftTrueFalse(stock, 1).filter(({ stem }) => /\bright\b/.test(stem))).toEqual([]);
  });
});
