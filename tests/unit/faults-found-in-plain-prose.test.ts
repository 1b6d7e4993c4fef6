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
    "feathers of the air": [
      "# Silent hunters\n\nAn owl can fly past your head at night, and you will not hear it. Most birds make a noise when they flap their wings. The air rushes over the hard edges of their feathers and swirls, and the swirls make the whistling sound that we hear when a pigeon takes off.",
      /of their feathers/,
    ],
    "a place without how far into it": [
      "# Grow a tree from an avocado stone\n\n1. Take the stone out of the fruit without cutting it. Wash it, but do not remove the brown skin.\n2. Find out which end is the bottom. The bottom is flat and the top is pointed. Roots grow only from the bottom, so this matters.\n3. Push the toothpicks into the stone halfway up and hang it over the glass.\n4. Fill the glass with water until the bottom of the stone is wet. The top must stay dry.\n5. Put the glass on a warm windowsill out of the sun. Change the water once a week so that it does not get slimy.\n6. Wait. After three to six weeks the stone cracks, and a root comes out. The stem appears two or three weeks later.\n7. When the stem is fifteen centimetres tall, cut it back to eight. This sounds cruel, but it makes the plant branch.\n8. When it has leaves again, plant it in the pot. Half of the stone should stick out of the soil.",
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
      "# How a tree lifts water\n\nWater enters through the fine hairs at the tips of the roots. From there it rises in bundles of narrow tubes, which lie in the outer rings of the wood just beneath the bark. The tubes are dead cells, stacked on top of one another like pipes, whose end walls have dissolved. In an oak they are wide enough to be seen with the naked eye; in a pine you need a microscope.",
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
    "a holiday that is spread on paper": [
      "# Start your own sourdough\n\n1. On the first day, stir 50 grams of flour and 50 grams of water together in the jar. Scrape down the sides and lay the lid on loosely, because gas must be able to escape.\n2. Put the jar in a warm place, but not in the sun. Twenty-five degrees would be ideal.\n3. On the second day you may not see anything yet. Add another 50 grams of flour and the same amount of water, and stir.\n4. From the third day on, throw half of the paste away before you feed it. If you did not, you would soon need a bucket.\n5. Put the rubber band around the jar at the height of the paste after each feeding. It shows you how far the paste rises.\n6. When the paste doubles within six hours and smells pleasantly sour, it is ready. This usually takes seven days, longer in winter.\n\nDo not be alarmed if the paste smells of cheese or old socks on the third day. Bacteria that came with the flour are growing faster than the yeast. As the paste turns sour, they die, and the yeast takes over. A pink or orange colour, on the other hand, means that the paste is spoiled; throw it away and wash the jar with boiling water.\n\nA ripe sourdough can be kept in the fridge, where it needs to be fed only once a week. Some bakeries use one that is more than a hundred years old. If you go on holiday, spread a little of it on baking paper and let it dry. The crumbs will keep for years and wake up again when they are stirred into water.\n",
      /of holiday/,
    ],
    "one thing": ["# Frogs\n\nFrogs are green. For a long time one thing puzzled biologists.", /^One thing/],
    "the first of two things that somebody said": [
      "# The band\n\nCouncillor Dray said that the band should look for sponsors. The bakery gives a hundred pounds. He also said that nobody listens to brass music.",
      /did Councillor Dray say\?/,
    ],
    "priests of an order, as somebody": [
      "# The bark that fought fever\n\nThe first cure came from Peru. Healers of the Andes knew a tree, the cinchona, whose bark is so bitter that it makes the mouth shrink. They gave it to people who were shivering. About 1630 Jesuit priests tried it on patients with malaria, and the fever went away. They sent the bark to Rome, a city surrounded by marshes, where so many people had died of fever that cardinals were afraid to come and elect a pope.\n\nIn England the powder was mistrusted because it came from the Jesuits. Oliver Cromwell, who suffered from malaria for years, is said to have refused it. Robert Talbor, a young man who had been trained by an apothecary, became rich by curing kings with a secret medicine. After his death the secret was published: it was cinchona bark dissolved in wine.\n\nIn 1820 two French chemists, Pierre Pelletier and Joseph Caventou, separated the substance that does the work and called it quinine. From then on doctors could measure the dose exactly. The demand grew so fast that whole forests in Peru were cut down. The countries of the Andes forbade the export of seeds in order to keep the trade for themselves. Nevertheless, Charles Ledger, an English trader, bought a bag of seeds from his servant Manuel Incra Mamani in 1865. The British government did not want them. The Dutch bought a pound of them for about twenty dollars and planted them in Java. The trees turned out to contain four times as much quinine as any others, and by 1900 nearly all the world's quinine came from Java. Mamani was thrown into prison for having helped a foreigner and died there.\n\nThe parasite that causes malaria was found in 1880, and in 1897 Ronald Ross, a doctor in India, proved that mosquitoes carry it.\n",
      /Who was Jesuit|^Jesuit /,
    ],
    "birds of two sorts": [
      "# On the wing\n\nThe swift leaves its nest in July. The swift eats in the air. A frigate bird cannot swim. Fifteen frigate birds were measured. The birds slept forty-two minutes a day.",
      /^(?!Read: |In your own words|Explain ).*the birds/i,
    ],
    "two men": [
      "# Bones\n\nEdward Cope and Othniel Marsh hunted fossils. In time the two men became the most famous fossil hunters of America.",
      /^(?!Read: ).*the two men/i,
    ],
    "somebody told of before, whom a quoted sentence does not settle": [
      "# Two men and their bones\n\nThe quarrel ruined both. Cope spent his whole fortune on a silver mine that turned out to be worthless, and in the end he owned little more than his collection. Marsh lost his post with the government after Cope had attacked him in a newspaper. When Marsh died in 1899, he had 186 dollars in the bank.",
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
    "the West, closed": [
      "# Two men and their bones\n\nOver the next twenty-five years the two men became the most famous fossil hunters of America and the most bitter of enemies. New railroads had opened the West, where the bones of dinosaurs lay so thick that one shepherd had built his hut of them. Marsh, a professor at Yale whose rich uncle had paid for a museum, hired teams of diggers and bribed Cope's men to send their finds to him. Cope's team threw stones at Marsh's. When a quarry was exhausted, Marsh ordered his men to smash the bones that were left so that his rival should not get them.",
      /closed the West/,
    ],
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
      "# Let dogs into the library\n\nEvery Tuesday I read to a dog. His name is Barnaby, he is nine, and he belongs to my neighbour, who is a nurse. I read to him in the park because the library has a sign on its door: a dog in a red circle with a bar across. I think the sign should come down, at least for one afternoon a week.",
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
      '# The day the bell did not ring\n\nFor as long as anyone in Tarn could remember, Mrs. Ilse Brandt had rung the school bell at eight. She was caretaker, gardener and nurse in one, and nobody had ever seen her sit down.\n\nOn the second Monday in November eight o\'clock came and went. The children stood in the yard and looked at one another. "It\'s a holiday!" shouted Pim, who hoped it was. The teachers, who had waited for the bell, were still drinking coffee.\n\nIt was Nell who noticed that there was no smoke from the caretaker\'s chimney. She did not like Mrs. Brandt much, since the old woman had once made her scrub a whole staircase for a single muddy footprint. All the same she slipped out by the gate and ran down to the cottage.\n\nThe door was not locked. Mrs. Brandt lay at the foot of the stairs with her leg bent under her. Her face was gray. "You took your time," she said. "I\'ve been counting the quarters. What are you staring at? Fetch a blanket."\n\nNell fetched two. She put a cushion under the old woman\'s head and did not move the leg, because Mrs. Brandt herself had taught the whole class not to. Then she ran. At the school she did not look for a teacher. She climbed the tower, took hold of the rope with both hands, and rang as if the town were on fire.\n\nPeople came running from the harbour with buckets. So did the doctor, who lived next to the church and could not bear the noise.\n\nMrs. Brandt was away until March. On her first day back she called Nell out of the line, and everyone fell silent. "That rope," she said, "is to be pulled straight down and not to the side. You have worn a groove in my beam." She reached into her apron and took out a key. "If you are going to ring it, you had better learn how."\n',
      /line back\?|her first day$/,
    ],
    "a denial from its second half": [
      "# The register\n\nWhen a house is sold, a buyer does not become its owner by paying, nor by moving in.",
      /nor by moving in when/,
    ],
    "a name from its Next": [
      "# Soldiers against birds\n\nThe farmers, who had learnt at the front what a machine gun can do, asked the minister of defence for help. He sent Major Meredith with two soldiers, two guns and ten thousand rounds of ammunition. The farmers had to pay for the ammunition and feed the men.\n\nThe campaign was not a success. The birds split up into small groups as soon as the first shots were fired, so that it was almost impossible to hit more than a few. On the fourth day the soldiers hid near a dam and waited until a thousand emus were close. After twelve birds had fallen, the gun jammed. Next Meredith had a gun mounted on a truck, but the truck was slower than the birds, and the ride was so rough that the gunner could not fire a shot.",
      /Next Meredith/,
    ],
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
