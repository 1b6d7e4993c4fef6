import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from passages written as a textbook or a newspaper writes, and not made for the engine. */
neverDrafts({
  "of who does it": {
    "newspapers that laugh, as a thing": ["# The railway\n\nPearson had an idea. Newspapers laughed at Charles Pearson in 1850.", /^What laughed/],
    "alone, as how it is done": ["# Cork\n\nCork oaks grow in warm countries. Portugal alone produces about half of the world's cork.", /is alone produced/],
    "a museum that orders, as a thing": ["# Sails\n\nSails were made of flax. Only the museum still orders flax.", /What still orders/],
    "a county that pays, as a thing": ["# The wall\n\nThe sea wall keeps the water out. The wall is paid for by the county.", /What pays/],
    "mountains, as a people": ["# Deserts\n\nThe Atacama is dry. The Andes keep the moist air of the Amazon away.", /^Who keeps/],
    "suckers, as somebody": ["# The octopus\n\nThe octopus has no bones. Each of its eight arms is covered with suckers.", /Who is/],
    "the one who asks, for the one who answers": [
      "# Three questions for a sailmaker\n\nIda Marrin has sewn sails for thirty-one years. We asked her about her work.\n\nWhy do you need such a large room?\n\nMy sewing machine sits in a pit.\n\nIs a sail flat?\n\nI get the curve by cutting each panel wider in the middle.\n\nHow long does a sail last?\n\nMy father used flax for his sails.",
      /the writer’s/,
    ],
  },
  "of which one is meant": {
    "a test that is made quieter": [
      "# Owls\n\nEngineers have studied owls in order to build quieter fans. In one test a fringe on the blades of a wind turbine made it ten times quieter without slowing it down.",
      /one test ten times|slowing one test/,
    ],
    "feathers of the air": ["# Owls\n\nMost birds make a noise. The air rushes over the hard edges of their feathers.", /of their feathers/],
    "a place without how far into it": [
      "# Avocados\n\n1. Take out the stone.\n2. Push the toothpicks into the stone halfway up.\n3. Fill the glass.",
      /push the toothpicks halfway up|= into the stone$/i,
    ],
    "experiments that shells dissolve in": [
      "# The sea\n\nPteropods have shells. In laboratory experiments pteropods' shells dissolved within forty-five days when they were kept in warm water.",
      /dissolve in/,
    ],
    "a lead for a plan for this": [
      "# Budgets\n\nA council must decide how to spend its money. The plan for this is called the budget. It has two sides.",
      /Read: “The plan for this/,
    ],
    "a lead that a condition does not need": [
      "# Owls\n\nThe third trick covers the whole wing. If you stroke an owl's feather, it feels like velvet.",
      /Read: .* What happens if you stroke/,
    ],
    "a step to wait, in a row": [
      "# Avocados\n\n1. Wash the stone.\n2. Push the toothpicks into the stone.\n3. Fill the glass with water.\n4. Wait.\n5. Plant the stone in a pot.",
      /\bWait\./,
    ],
    "the pull, for the trunk": [
      "# Trees\n\nThe pull draws the water up. On a hot afternoon the pull is so strong that the trunk becomes thinner by a fraction of a millimetre. At night it swells again.",
      /pull swells|stand for\? = the pull/,
    ],
    "tubes that were told of, as a term": [
      "# Trees\n\nWater rises in tubes. The tubes are dead cells, stacked on top of one another like pipes, whose end walls have dissolved.",
      /called the|What do we call dead cells/,
    ],
    "degrees that are ideal for nobody knows what": ["# Sourdough\n\nPut the jar in a warm place. Twenty-five degrees would be ideal.", /How many degrees/],
    "a microscope, for nothing": [
      "# Trees\n\nThe tubes are dead cells. In an oak they are wide enough to be seen with the naked eye; in a pine you need a microscope.",
      /need in a pine/,
    ],
  },
  "of what nobody would believe": {
    "a dog that laughs": ["# Dogs\n\nChildren read to a dog. A dog does not laugh at a child.", /a dog laughs/i],
    "a tube that is won": ["# Trees\n\nAir breaks the column. A tube that is filled with air is lost.", /is won/],
    "as many alive as dead": [
      "# Eyam\n\nThe plague came in a box of cloth. When the plague ended in October 1666, two hundred and sixty people were dead.",
      /people were alive/,
    ],
  },
  "of whom is meant": {
    "a holiday that is spread on paper": ["# Sourdough\n\nThe paste is ripe. If you go on holiday, spread a little of it on baking paper.", /of holiday/],
    "one thing": ["# Frogs\n\nFrogs are green. For a long time one thing puzzled biologists.", /^One thing/],
    "the first of two things that somebody said": [
      "# The band\n\nCouncillor Dray said that the band should look for sponsors. The bakery gives a hundred pounds. He also said that nobody listens to brass music.",
      /did Councillor Dray say\?/,
    ],
    "priests of an order, as somebody": [
      "# Fever\n\nOliver Cromwell suffered from malaria for years. About 1630 Jesuit priests tried the bark. Robert Talbor sold it. Charles Ledger bought seeds.",
      /Who was Jesuit|^Jesuit /,
    ],
    "birds of two sorts": [
      "# On the wing\n\nThe swift leaves its nest in July. The swift eats in the air. A frigate bird cannot swim. Fifteen frigate birds were measured. The birds slept forty-two minutes a day.",
      /the birds/i,
    ],
    "two men": [
      "# Bones\n\nEdward Cope and Othniel Marsh hunted fossils. In time the two men became the most famous fossil hunters of America.",
      /the two men/i,
    ],
    "somebody told of before, whom a quoted sentence does not settle": [
      "# Bones\n\nMarsh lost his post after Cope had attacked him in a newspaper. When Marsh died in 1899, he had 186 dollars in the bank.",
      /Read: .* did he have/,
    ],
    "nobody, as a thing": ["# On the wing\n\nThe swift eats in the air. For a long time nobody could say when it slept.", /= when it slept/i],
    "whose name it is": ["# Fakes\n\nA work of art should have a history. This chain of owners is called its provenance.", /= its provenance|^Its provenance/i],
    "an American, of a war": [
      "# Ink\n\nSpies used ink. During the American War of Independence George Washington's spies preferred a different method.",
      /during the American(?! War)/i,
    ],
    "something done for this": [
      "# Cold\n\nA gas cannot be used twice unless it is turned back into a liquid. For this a pump squeezes the gas until it is hot.",
      /Until when/,
    ],
    "the same way as before": [
      "# Ink\n\nLemon juice turns brown when it is heated. Milk, vinegar and the juice of an onion can be used in the same way, but an onion has a drawback.",
      /in the same way/,
    ],
    "the next years": [
      "# Bones\n\nCope hunted bones. Over the next twenty-five years Edward Cope became the most famous fossil hunter of America.",
      /over the next twenty-five years/i,
    ],
  },
  "of which time is meant": {
    "by day, as a time by which": ["# The sky\n\nThe sky of Mars is different. By day the sky of Mars looks yellow.", /^By when/],
    "usually, behind what it goes with": [
      "# The board\n\nA school board runs the schools. The members of the board are elected by the citizens, usually for four years.",
      /citizens, usually\?/,
    ],
    "two hundred people, asked what they did": [
      "# The board\n\nThe board met. In Selm two hundred people came when the board wanted to close the music room.",
      /What did two hundred people do/,
    ],
    "what was let rise long ago, as of today": [
      "# Sourdough\n\nLong before yeast was sold in shops, bakers let their bread rise with a sour paste. All it takes is a week.",
      /do bakers let/,
    ],
    "a year, of what came out in it": [
      "# Letters\n\nThe post was watched. In 1844 it came out that the British government had opened the letters of Giuseppe Mazzini.",
      /In what year had|opened the letters .* in 1844/,
    ],
    "on weekdays, without its only": [
      "# Leaf blowers\n\nThe council of Selm is afraid of a ban. The council could at least allow blowers on weekdays only.",
      /When could the council/,
    ],
    "a burst of long ago": [
      "# Bubbles\n\nBubbles made of plain soap and water burst after a few seconds. Two things kill them: they dry out, and their skin is too thin.",
      /What burst |Bubbles .* did burst/,
    ],
    "what is done meanwhile, as a step of its own": [
      "# Bubbles\n\n1. Stir the glycerine into the water.\n2. Add the baking powder.\n3. Cover the bowl.\n4. Meanwhile tie the string to the sticks.\n5. Dip the loop into the bowl.",
      /Meanwhile|right after you cover the bowl/,
    ],
    "two steps with one between them that was left out": [
      "# Bubbles\n\n1. Stir the glycerine into the water.\n2. Add the baking powder.\n3. Wait beside the bowl with a good deal of patience until the powder has stopped foaming and the water is as clear as it was when you began to stir.\n4. Cover the bowl.\n5. Dip the loop into the bowl.",
      /right after you add the baking powder\? = Cover/i,
    ],
    "the best time, of what": [
      "# Bubbles\n\nWind tears the bubbles. The best time is early in the morning or after rain, when the air is damp.",
      /The best time is/i,
    ],
  },
  "of what is not told": {
    "a proposal, as what happens": [
      "# Leaf blowers\n\nIf the council of Skerry Bay is afraid of a ban, it could allow blowers on weekdays.",
      /What could happen/,
    ],
    "eighty-five of nothing": ["# Leaf blowers\n\nA leaf blower is loud. Doctors warn that the ear is damaged at eighty-five.", /= That the ear is damaged/],
    "what everybody knows of Rome": ["# Fever\n\nThey sent the bark to Rome, a city surrounded by marshes, where many people had died.", /What is Rome/],
    "what the talk wishes its listeners": [
      "# A talk on birds\n\nThe frigate bird sleeps little. If you cannot sleep tonight, think of the frigate bird.",
      /tonight/,
    ],
    "a purpose of what had been done": [
      "# Potatoes\n\nPotatoes fed the poor. The Irish had planted almost only one variety, so that what killed one plant killed them all.",
      /^Why had/,
    ],
    "what is likely, turned round": ["# Ink\n\nThe juice is thin. If nothing appears, the juice was probably too thin.", /probably/],
    "the West, closed": ["# Bones\n\nNew railroads had opened the West, and men hunted for bones there.", /closed the West/],
    "a result, as a purpose of what can no longer be": [
      "# A cold\n\nA cold makes the nose swell. Vapours can no longer reach the receptors, so that only the five tastes are left.",
      /Why can/,
    ],
    "one of several reasons that there may be": [
      "# Attendance\n\nA pupil who misses a lot of school has a reason: he is looking after a little brother, or he is being bullied, or there is no money for the bus.",
      /looking after/,
    ],
    "how many by then, as how many in all": ["# The emus\n\nThe soldiers hid near a dam. After twelve birds had fallen, the gun jammed.", /^How many birds/],
    "what does not happen, as what happens": [
      "# The register\n\nA register records who owns land. When a house is sold, a buyer does not become its owner by paying, nor by moving in.",
      /What happens when/,
    ],
    "what may be so, as so": ["# The emus\n\nThe soldiers had two guns. The soldiers killed perhaps two hundred birds.", /perhaps two hundred .* = true/i],
  },
  "of what was torn": {
    "a reason under a condition": [
      "# Salt dough\n\nSalt dough is cheap. Thick ornaments crack when the oven is too hot, because the outside dries faster than the inside.",
      /What happens when the oven is too hot, because/,
    ],
    "a command, as a name that finishes something": ["# Salt dough\n\nPaint both sides. Keep finished ornaments in a dry place.", /did Keep/],
    "a park in a red circle": [
      "# Dogs\n\nI should like the library to open. I read to him in the park because the library has a sign on its door: a dog in a red circle with a bar across.",
      /in a red circle with a bar across\?|sign on its door: a dog$/,
    ],
    "hairs from the tips that they are on": [
      "# Trees\n\nA beech drinks much. Water enters through the fine hairs at the tips of the roots.",
      /enter at the tips|= Through the fine hairs$/,
    ],
    "never, in front of should": [
      "# Ants\n\n1. Fill the box. Do not press the sand down, since the ants need air.\n2. Look for ants. Never take the queen: without her the nest would die out.\n3. Tip them into the box. Cover both sides with black paper, or the ants will not dig along the glass.",
      /You never should/,
    ],
    "usually, at the end": ["# Tariffs\n\nThe company pays the tariff. Usually the company raises its prices.", /prices usually/],
    "a hundred dollars from its less": [
      "# Tariffs\n\nTariffs make goods dearer. Everyone who buys a bicycle has a hundred dollars less for shoes or books.",
      /How many dollars/,
    ],
    "fog drifts that stick": [
      "# Fog\n\nNets hang on a ridge. The fog drifts through them, droplets stick to the threads and run down into a gutter.",
      /drifts through nets/,
    ],
    "grams of one thing and grams of another": [
      "# Sourdough\n\n1. Stir 50 grams of flour and 50 grams of water together in the jar.\n2. Put the jar in a warm place.\n3. Wait for a week.",
      /How many grams of flour and/,
    ],
    "pictures from what they show": [
      "# Letters\n\nThe minister was ashamed. Newspapers printed pictures of the minister with a steaming kettle.",
      /print with a steaming kettle|pictures of the minister$/i,
    ],
    "a handbook from its drawings": ["# The keeper\n\nIda Marrow wrote a handbook with drawings of every part of the lamp.", /write with drawings|handbook$/],
    "what he did not know, with what he did": [
      "# The tailor\n\nTimo Reed was a tailor. Timo did not know where the winds lived, so he simply shouted.",
      /= where the winds lived, so/i,
    ],
    "about, behind once": [
      "# Letters\n\nOnce, however, the British ambassador complained that he had been given a copy instead of the original.",
      /complain once about/,
    ],
    "a skeleton from its neck": [
      "# Bones\n\nIn 1868 Edward Cope showed his friend the skeleton of a sea reptile with a long neck.",
      /friend with a long neck|reptile$/,
    ],
    "a day from what it was back to": [
      "# The bell\n\nMrs. Brandt was away. On her first day back Mrs. Brandt called Nell out of the line.",
      /line back\?|her first day$/,
    ],
    "a denial from its second half": [
      "# The register\n\nWhen a house is sold, a buyer does not become its owner by paying, nor by moving in.",
      /nor by moving in when/,
    ],
    "a name from its Next": ["# The emus\n\nMeredith hid near a dam. Next Meredith had a gun mounted on a truck.", /Next Meredith/],
    "a smell from its world": [
      "# Smell\n\nAir that we breathe in through the nostrils brings us the smell of the world outside.",
      /bring us outside|= the smell of the world$/i,
    ],
    "a book from its year": [
      "# The painter\n\nEmilie Demant lived in the north. Emilie wrote a book of her own about her year in the mountains.",
      /write in the mountains|own about her year$/,
    ],
    "an example from what it shows": [
      "# The register\n\nEvery plot has a page. A neighbour may be allowed to walk across the garden to reach the road, for example, and a bank may sell a house.",
      /for example/,
    ],
    "flax from what rots": ["# Sails\n\nMy father used flax, which rots if it is stored wet.", /flax rots if it is stored(?! wet)/],
    "where it is, without its comma": [
      "# Gardens\n\nAt Lincoln School, where every class has a bed of its own, students plant seeds in spring.",
      /School where every/,
    ],
    "what this is": [
      "# The register\n\nDuring this time the seller could cheat by selling the house again. To prevent this, a note is put into the register.",
      /= to prevent this/i,
    ],
  },
});
