import { describe, expect, it } from "vitest";
import { rankedCandidates } from "@/core/drafting/candidates";
import { analyse } from "../support/language-tools";

/** Every stem with its key that the engine would show for a text. */
function shown(text: string): string[] {
  return rankedCandidates(analyse(text, "markdown"), 1).map(({ candidate: { stem, key } }) => `${stem} = ${key}`);
}

/** What was drafted wrongly from prose that the engine had not seen: the words of the source, and what must never come of them again. */
const FAULTS: Record<string, Record<string, [text: string, never: RegExp]>> = {
  "taken for another": {
    "a penny for what it was paid to see": [
      "# The tunnel\n\nThe tunnel had been planned for carts, but there was no money left for ramps, and so it became a street of stalls. They paid a penny each. In 1865 a railway company bought it.",
      /penny/,
    ],
    "the cold for the sugar that it slows": ["# Leaves\n\nSun makes sugar, and cold slows its journey out of the leaf.", /[Cc]old slows? its|its journey/],
    "a barrel for the rain that it collects": [
      "# Water\n\nRain costs nothing. Put a barrel under the gutter to collect it, and cover the barrel so that no insects get in.",
      /[Tt]o collect it/,
    ],
    "a council for the horn that it speaks of": [
      "# The horn\n\nThe horn has sounded for ninety years. The council says that modern ships no longer need it.",
      /no longer need it/,
    ],
    "miners for what they stand in": [
      "# The shield\n\nThe shield had thirty-six cells. The miners dug out a few inches of clay in front of them.",
      /in front of the (?:thirty-six )?cells/,
    ],
    "water for its channel": [
      "# Channels\n\nFor this reason the channel had to slope downward all the way, but only very slightly. If it was too steep, the rushing water would damage the stone.",
      /damage the stone if it/,
    ],
    "the end of a month for somebody": ["# The role\n\nOda Berg was confirmed for the role by the end of the month.", /^Wh(?:at|o) confirmed/m],
    "a book for any of them": ["# Books\n\nA single Bible kept a monk busy for more than a year, and it cost as much as a small farm.", /[Tt]he single Bible/],
    "a hive for its honey": [
      "How much honey do you get? A good hive gives about thirty kilograms a year. I never take all of it, because the bees need about half to survive the winter.",
      /all of the (?:good )?hive/,
    ],
    "a state for a suburb": [
      "The Marsh District in Houston, Texas, United States, an old suburb of painters, is named after Berg.",
      /What is (?:the )?United States/,
    ],
    "a person for an act between two": ["Contact between Selm and Brandt resulted in several errors in the list.", /Who resulted/],
    "an end for its own": [
      "What has moved? The weather in many northern countries has moved too close for comfort to a storm at the other end.",
      /at the other end/,
    ],
    "a land for the work with it": ["# Aid\n\nThey will resume their work with Norway, which was stopped by a storm.", /Norway was stopped/],
    "a giver for whom he gives": [
      "# The canal\n\nFerdinand Brandt had served in Selm. He drew a canal. He asked for leave. When Osric became ruler of Selm in 1854, he gave Brandt permission to form a company.",
      /Brandt gave/,
    ],
    "some fun for a walk": ["# Days out\n\nChoose a walk with some fun in it.", /in some fun/],
    "algae for those they live in": [
      "# Coral\n\nPolyps are animals. Inside their tissues live small algae, which use sunlight.",
      /live inside their|Inside their/,
    ],
    "unions for what they were promised": [
      "# Pay\n\nUnions agreed to lower their claims, in exchange for reduced hours and improved prospects for the future.",
      /unions improved?/i,
    ],
    "a climber for the rule": [
      "# Walking times\n\nCount the marks on the map. Add one hour for every six hundred metres of climbing. This rule was worked out by William Naismith, a Scottish climber, in 1892, and walkers still use it today.",
      /uses? the Scottish climber/,
    ],
    "one story for what was learned": [
      "# The Silk Road\n\nThe art of making paper spread to the west. According to one story, Arab soldiers learned it from Chinese papermakers whom they had captured in the year 751.",
      /learned? one story/,
    ],
    "truth for light": ["# Cats\n\nThe eyes of a cat seem to glow. In truth they produce no light at all. They only reflect it.", /truth/],
    "enough calcium for calcium": [
      "# Bones\n\nBones store calcium, a mineral that muscles need. If you do not eat enough calcium, your body takes it from your bones.",
      /takes enough/,
    ],
    "a boy for a woman": [
      "# The wind\n\nEmre hated noses. “Paint what it touches,” said the woman to Emre. When she had gone, Emre sat on the wall until evening.",
      /when (?:she|Emre) had gone/,
    ],
    "the dog for what happened": [
      "# Two letters\n\nDear Editor,\n\nLast Sunday my little brother was knocked over by a dog in Lime Park. The owner laughed and said that the dog only wanted to play. My brother did not think it was funny.\n\nHugo Lindqvist\n\nDear Editor,\n\nMy dog is old.\n\nAnders Moe",
      /dog (?:was|is) funny|What knocked the writer/,
    ],
    "the books for nobody knows what": [
      "# Books\n\nA monk could copy four pages a day, so a Bible took him a year. Books were so valuable that libraries chained them to the desks.",
      /chain(?:ed)? them/,
    ],
    "a son for his father": [
      "# The bridge\n\nJohn Roebling drew the bridge. John Roebling died in 1869. His son Washington Roebling took over. Washington Roebling fell ill. He watched the bridge through a telescope.",
      /John Roebling watch/,
    ],
    "those who use them for what is used": [
      "# Break the cup habit\n\nEvery day the town throws away 4,000 paper cups. I think that cafés in Skerry Bay should stop using them.",
      /stop using them/,
    ],
  },
  "read wrongly": {
    "a waste for what a way is to": [
      "# Pay\n\nStrong firms like Berg see higher pay as the smart way to raise output and reduce waste.",
      /= Waste$|firms like Berg reduce/m,
    ],
    "the first of its sort for a place": ["Skerry Bay passed the first municipal law on nets in the whole country.", /pass on nets/],
    "a name that had something": ["The arrival of convoy HX 79 in the bay had diverted the fishing boats.", /in the bay had\b/],
    "what is kept for what it is subject to": [
      "Banks in Norway retain the right to print their own notes, subject to keeping enough gold in the cellar to cover their value.",
      /retain to keeping/,
    ],
    "a doer inside what is divided": ["# The harbour\n\nThe harbour is divided into two basins by a wall.", /= Two basins by a wall/],
    "a deed for what somebody was": ["# Dan Marsh\n\nDan Marsh was killed last month fighting the sea in Bergen.", /What was Dan Marsh|Who was Dan Marsh/],
    "a purpose for what was refused": ["# Rules\n\nThe board cited the letter as evidence of Berg's refusal to follow the rules.", /= To follow the rules/],
    "a purpose for what one is moved to": ["# Lenses\n\nStrong lenses enable scientists to discover new stars.", /Why do strong lenses/],
    "a purpose for a chance": ["# The choir\n\nThe singers were given the opportunity to tell their side of the story.", /Why were the singers given/],
    "a purpose for the only one": ["# Queens\n\nLike Queen Oda, the only woman to rule the island, Queen Berta built a harbour.", /= To rule the island/],
    "a thing done for a happening": [
      "# The party\n\nWhen the army took the town, the party had no more than a thousand members.",
      /What happened when the army/,
    ],
    "a name for whatever is the only one": [
      "# The hall\n\nThe only light is a gloomy blue that falls through a few high windows.",
      /called the only light|What do we call a gloomy/,
    ],
    "better for something done": ["# Pairs\n\nSome pairs do better if work is kept out of the house.", /Some pairs better/],
    "suit for a thing": ["# Ships\n\nTwo more ships will follow suit in the coming months.", /What will two more ships follow|= In the coming months/],
    "a date for a crew": [
      "# The patrol\n\nOn the evening of February 2, 2000, Officers Ola Berg and Gary Marsh were walking along the quay.",
      /2000, Officers/,
    ],
    "by vote for a doer": ["# Elections\n\nMembers are elected by single vote in small wards that choose three of them.", /What elects|Who elects/],
    "the second deed for what is monitored": [
      "# The count\n\nObservers would be needed for two weeks in order to monitor and verify the count.",
      /would verify|to monitor\./,
    ],
    "help for found": ["# Selm\n\nIn 1854 Berg helped found the town of Selm.", /helped find/],
    "white bleaching": ["# Coral\n\nWithout algae, the coral turns white, a process known as bleaching.", /white bleaching/],
    "a step for what somebody became": ["# Flight\n\nOn August 1, 1911, Oda Brandt became the first woman to earn a licence.", /become to earn/],
    "a lamp for an angle": ["# Weirs\n\nThe gates crack open in the middle of the weir.", /crack closed/],
    "a relative clause for what is taught": [
      "# Cooking\n\nCooking saves money. Cooking also teaches subjects that pupils often find dull.",
      /= That pupils often find dull/,
    ],
    "a likeness for a time": [
      "# Octopuses\n\nAn octopus has other tricks. Some species can drop an arm, much as a lizard drops its tail.",
      /What happens as|an arm, much/,
    ],
    "an amount for a clause": ["# Play\n\nDoctors recommend at least sixty minutes of active play a day.", /= That at least/],
    "a gift for a promise": [
      "# The comet\n\nThe king of Denmark had promised a gold medal to whoever first discovered a comet with a telescope.",
      /= That a gold medal/,
    ],
    "a Sunday for what it costs": [
      "# The library\n\nThe librarian has worked out the figures. Four hours every Sunday would cost 9,800 euros a year.",
      /^Every Sunday would|would every Sunday/m,
    ],
    "a century for a title": ["# Chocolate\n\nIn the sixteenth century Spanish ships carried cacao to Europe.", /century Spanish\b/],
    "a deck for a subject": [
      "# Pirates\n\nOn board a pirate ship around 1720, the crew had more rights than most citizens of Europe.",
      /pirate ship around 1720 had/,
    ],
    "rules for whoever made them": [
      "# Pirates\n\nEach man signed a set of rules. The articles of Bartholomew Roberts, who captured more than four hundred ships, have survived.",
      /articles[^?]* capture/,
    ],
    "how tall for how": ["# Codes\n\nThe codebreakers were helped by machines as tall as a wardrobe.", /codebreakers as tall/],
    "a stop for a no": [
      "Reporter: Do you fly the plane yourself?\n\nDr Yusuf: No, I have a pilot. His name is Josh.\n\nReporter: What do you do when it rains?\n\nDr Yusuf: We wait for the sun.",
      /pilot no\b/,
    ],
    "a while for a thing": [
      "# The purr\n\nA purr is a sound. Because the muscles work while the cat breathes in and while it breathes out, the sound hardly stops.",
      /work while(?:"|$)|breathe in\?/m,
    ],
  },
  "said more, or less, than the source": {
    "an example for what is asked": ["# Circuits\n\nEvery circuit needs a source of energy, such as a battery.", /need such as/],
    "one of two that are needed": ["# Circuits\n\nEvery circuit needs a battery. Every circuit needs a path.", /What does every circuit need/],
    "what is so for what happens": ["# Frogs\n\nA frog does not look like its parents when it is born.", /What happens when a frog is born/],
    "what one thinks of for what happens": ["# Sand\n\nWhen people think of the desert, they imagine endless waves of sand.", /What happens when people think/],
    "half a reason": [
      "# Spring\n\nBecause of the bad weather with strong winds, Skerry Bay is having a slow spring.",
      /= Because of the bad weather$|spring with strong winds/m,
    ],
    "only when told as when": ["# Bees\n\nBees sting only when they think that the hive is in danger.", /What happens when bees think/],
    "no longer afraid told as afraid": ["# Berg\n\nOda Berg kept bees. After a week Oda Berg was no longer afraid.", /feel no longer/],
    "not only without its but": ["# Causes\n\nThe causes of rust are not only salt and rain, but can also include the wrong paint.", /not only(?!.*\bbut\b)/],
    "an age at one time": ["# Oda\n\nOda Berg was killed in a fall. She was thirty-seven years old.", /was (?:twenty|thirty|forty)-\w+ years old\. = false/],
    "who is to be encouraged told as what to do": [
      "# Guilds\n\nThe guilds must be encouraged, as more work will strengthen the town.",
      /What must the guilds do/,
    ],
    "a name's lower end": ["# Recent years\n\nIn recent years, the town has grown quickly along the western quay.", /= In recent years/],
    "what the readers are told to do together": ["# The plan\n\nLet’s sit down together and draw a map of the bay.", /^Let/m],
    "all of several": ["# Signs\n\nHe had thousands of signs, and nobody could remember them all.", /signs all\b/],
    "anyone for it": ["# Juries\n\nAnyone who ignores a summons can be fined.", /= It can be fined/],
    "or told as and": [
      "# Bills\n\nA bill becomes a law when it is signed. If a law turns out to be unfair or impractical, parliament can amend or repeal it.",
      /amend and repeal/,
    ],
    "never again told as never": [
      "# Ada Lovelace\n\nAda Lovelace was born in London in 1815. Her father was the poet Lord Byron, who left the family when Ada was only a few weeks old and never saw her again.",
      /never saw (?:Ada|her)(?: Lovelace)?\. = true/,
    ],
    "a whole sentence's which as a place's": [
      "# Tea\n\nThis law allowed the East India Company to sell its tea directly in the colonies, which made the tea cheaper than smuggled tea.",
      /colonies made/,
    ],
    "accused without of what": ["# Trials\n\nWhen a person is accused of a crime, the case is heard in a criminal court.", /accused[?.]| accused\b(?! of)/],
    "words that two persons say": [
      "# The weaver\n\nTomas was a merchant. “How much do you want?” asked Tomas. “It is not for sale,” the weaver replied. Tomas worked for a month. “What will you ask for it?” said the weaver. “It is not for sale,” he answered.",
      /Who in the story says: “It is not for sale/,
    ],
    "how much was sent in": [
      "# The statue\n\nThe newspaper promised to print every name. Within five months more than 120,000 people had sent in about 100,000 dollars.",
      /In how many dollars/,
    ],
    "torn times": ["# A nesting box\n\nThin wood gets too hot in summer and too cold in winter.", /too cold\?/],
    "a case that was supposed": [
      "# Inflation\n\nIf a central bank raises the rate, loans become more expensive. Families then buy fewer houses and cars.",
      /fewer houses/,
    ],
  },
  "of dense prose": {
    "half of those who leave": [
      "# A trial\n\nThe lawyers speak first. Only then do the judges and citizens leave the room to talk.",
      /= Citizens|^Who leaves/m,
    ],
    "fireflies of a land": ["# Light\n\nOn land fireflies use light to find a mate.", /land fireflies|use light on\?/],
    "the last army, of which nobody knows what it was the last": [
      "# Pigeons\n\nThe last army to give up its pigeons was the Swiss one. It sent 30,000 birds into retirement in 1996.",
      /the last army (?:send|sent)/,
    ],
    "children whom a time took for its number": [
      "# The crossing\n\nIn the last three years four children have been hit on the crossing outside the museum.",
      /When have|years four/,
    ],
    "a town far, as long as a mile": ["# The well\n\nBerg had read of a well in Selm, a town far to the south.", /Selm to the (?:south|north)/],
    "one of two that were measured": [
      "# The Earth\n\nThe sun, he saw, was high: he measured the Earth without leaving Selm. So Berg measured the angle of the shadow.",
      /^What did Berg measure\?/m,
    ],
    "a denial that takes the or of another clause": [
      "# The mayor\n\nWhen a river floods or a factory burns, there is no time to call a meeting of the council.",
      /There is time/,
    ],
    "what comes of it for what it is for": ["# Bread\n\nThe starch turns stiff, so that the loaf keeps its shape when it cools.", /^Why does the starch/m],
    "a name with themselves": ["# Bread\n\nThe gold diggers came to be called sourdoughs themselves.", /sourdoughs themselves$/m],
    "a land told of in passing, without its comma": [
      "# Codes\n\nIn 1939 Polish mathematicians passed their knowledge on to the British at Selm Park, a country house north of London.",
      /British a country|Park a country/,
    ],
    "nights without their frost": ["# Leaves\n\nThe brightest reds appear after sunny days and cold nights without frost.", /appear without frost/],
    "a month without what it is told by": [
      "# Nest boxes\n\n1. Put the box up before the middle of February, when tits begin to look for a home.\n2. Clean it in autumn.\n3. Hang it high.\n4. Face it north.",
      /before the middle of February\?/,
    ],
    "once without every": ["# A census\n\nMany countries hold a census once every ten years.", /census once\?/],
    "what is done in a form that nobody says": [
      "# The work of a leaf\n\nIn a leaf all of the work is done by a green substance. The work is done by chlorophyll.",
      /dones/,
    ],
    "a lesson without what it misses": ["# Cooking\n\nA class that cooks misses one morning in eight weeks.", /misses in/],
    "a colour for a name": [
      "# Colours\n\nYellow and orange come from carotenoids, the same substances that colour carrots and egg yolks.",
      /(?:do|that) Yellow/,
    ],
    "a box between two numbers": ["# Nest boxes\n\nHang the box between two and four metres above the ground.", /= The box between/],
    "a letter written small": ["# Maps\n\nH stands for high pressure.", /does h stand/],
    "a habit for whoever was told of": [
      "# Reading\n\nThe principal explained that we needed the time. I like reading, and I do it every night.",
      /do the principal|the writer do\b/,
    ],
    "a town for its tunnel": [
      "# The tunnel\n\nThe town decided to build a tunnel under the road. It is forty centimetres wide.",
      /wide is the town|town is \w+ centimetres/,
    ],
    "a hammer for a brick": ["# The path\n\nTap each brick with a rubber hammer; a steel hammer would chip it.", /chip the rubber hammer/],
    "a jury for what happened": ["# The court\n\nThe jury decides what really happened. The judge decides what the law says about it.", /about the jury/],
    "scientists for whales": [
      "# Whales\n\nScientists think that they push air through a fold in the throat and use it again, so they do not need to breathe out.",
      /[Ss]cientists (?:do not )?need/,
    ],
    "a nation for its list": [
      "# Rights\n\nIn 1989 the United Nations agreed on a list of rights for children. It is called the Convention of Selm.",
      /Nations is called/,
    ],
    "a factory for a law": [
      "# Laws\n\nSuch a law works in three ways. First, it sets limits. A factory that wants to use a river must apply for a permit. Third, it provides for inspections.",
      /factory provides/,
    ],
    "a daughter by her father's name": ["# Maria\n\nMaria drew maps. Maria's father, a schoolteacher, repaired the instruments.", /instruments\? = Maria$/m],
    "most fish for all of them": ["# Salmon\n\nMost salmon die after spawning. Their bodies are eaten by bears.", /Most salmon’s/],
    "our collection told as everybody's": [
      "# Knots\n\nPetra leads us through the museum. The oldest rope in our collection comes from a boat of the Bronze Age.",
      /our collection/,
    ],
    "the second deed of what they had to do": [
      "# Gears\n\nIn the early 1900s riders had to get off, loosen the back wheel and turn it around.",
      /[Rr]iders loosen/,
    ],
    "today beside yesterday": ["# Events\n\nIn 2020 ninety-six percent of the events took place in only twelve towns.", /do ninety-six|2020 ninety-six/],
    "half a condition": [
      "# Gears\n\nIf the front wheel has 48 teeth and the back one has 16, the back wheel turns three times.",
      /What happens if the front wheel has 48 teeth\?/,
    ],
    "half a reason behind a comma": [
      "# The path\n\nSlope the bottom slightly to one side, because water that cannot run off will freeze in winter and lift the bricks.",
      /= Because water that cannot run off will freeze in winter$/m,
    ],
    "a reason cut before its end": [
      "# Money\n\nBecause the storm now has captains worrying about their ropes, higher prices would make them more careful.",
      /has captains$/m,
    ],
    "equipment for what it is for": [
      "# Selm\n\nFevers had spread in several towns because of the lack of equipment to purify the water.",
      /spread in several towns to purify/,
    ],
    "a purpose cut before its end": ["# Notes\n\nChoose a notebook with a hard cover, so that you can write standing up.", /cover standing up/],
    "how far for why": ["# Rome\n\nThe network measured about 80,000 kilometres, long enough to go round the Earth twice.", /Why did the network measure/],
    "what one is warned of told as why": ["# The lake\n\nDoctors in the region warn visitors never to swim on their stomachs.", /Why do doctors/],
    "what one is asked told as why": [
      "# The horse\n\nThe professor asked his student Oskar Brandt to test the horse more strictly.",
      /Why did the professor ask/,
    ],
    "what became of somebody told as why": ["# Hale\n\nEdmund Hale, a sailor, rises in later years to become the master of Selm.", /Why does Edmund Hale rise/],
    "a name for a thing as what happens": [
      "# Hans\n\nScientists still speak of the Hans effect when an animal or a person reacts to such signals.",
      /What happens when an animal or a person/,
    ],
    "minutes a day for a command": ["# Recess\n\nFifteen minutes a day add up to forty-five hours a year.", /should you/],
    "a number of nothing": ["# Electors\n\nTogether with three for Selm there are 538, so a candidate needs at least 270.", /There are 538/],
    "so many of nothing": ["# Selm\n\nAbout one hundred twenty Selmers came under the agent, Vincent Lund.", /come about one hundred/],
    "home after twenty-four": ["# Ibn\n\nOda Berg meant to be away for a year. Oda Berg came home after twenty-four.", /twenty-four/],
    "what another sentence told of": ["# Votes\n\nThe rule would have to be changed. Small towns are not likely to do so.", /do so/],
    "a case that is only supposed": [
      "# Quarrels\n\nSuppose that a neighbour's tree falls on your shed and the neighbour refuses to pay for the repair.",
      /neighbour refuse/,
    ],
    "an accusation without of what": [
      "# Trials\n\nIn a criminal trial the state accuses a person of breaking a law.",
      /person of breaking a law is|accused by/,
    ],
    "besides for somebody": ["# Bottles\n\nBesides, a refillable bottle with the school's badge could earn more.", /Besides\?/],
    "and so for so": ["# Rain\n\nIt rained on two hundred days of the year, and so everyone owned an umbrella.", /own so/],
    "how well for what": ["# Gardens\n\nA garden teaches science better than a book does.", /What does a garden teach/],
    "upside for a thing": ["# The sloth\n\nThe sloth hangs upside down from the branches by its long, curved claws.", /Upside/],
    "a leader that nobody has": ["# Scouts\n\nScouts begin with no leader and share their information openly.", /[Nn]o leader/],
    "a road told as years": ["# Florence\n\nIt took Florence years to persuade the hospitals.", /Florence years/],
    "half of what is smallest": ["# The ear\n\nThe ear holds the three smallest bones in the body: the hammer, the anvil and the stirrup.", /hold in the body/],
    "tenths for things": ["# Salt\n\nThe roots of some trees keep out more than nine tenths of the salt.", /How many tenths/],
    "how many of two things": ["# Offices\n\nThe governor oversees twenty agencies and departments.", /How many agencies/],
    "the legs that have parts": ["# Ants\n\nAn ant has six legs and a body with three parts.", /legs does an ant have with/],
    "one share for two": ["# The vote\n\nThe district gave 85 percent of its vote to Oda Berg and 14 percent to Edmund Hale.", /What percentage.*14 percent/],
    "a molecule of two": ["# Matter\n\nA molecule is a group of two or more atoms held together by chemical bonds.", /group of two\b(?! or)/],
    "a level as somebody": ["# The league\n\nHarbour League is the highest level of rowing in the country.", /Who is the highest level/],
    "a letter that dates somebody": ["Letter dated 10 August from the mayor of Selm addressed to the council.", /letter date/],
    "a command as a thing that was put": ["Put rare lamps in one certain place surrounded by more ropes or nets.", /surrounded by more ropes or nets\? =/],
    "helped for had": ["Help the keeper stick to the plan.", /What should you help/],
    "foods for a limit": ["Limit foods that are known to cause gas.", /What do limit foods/],
    "further told as how": ["Further optimization of the lamp led to the use of lenses.", /lenses further/],
    "what one knows for why": ["Understand the signs of a storm: gulls fly inland before it comes.", /Why should you understand/],
    "a college for those it is for": [
      "# Hale\n\nIn 1896 Anna Marrow invited Hale to lead the workshop at Tern, a college for keepers in the north.",
      /at Tern for keepers/,
    ],
    "the whole for what is done to it": ["Selm authorized the construction of the pier along its old lines.", /authorize along/],
    "part of what was supported": ["The keepers supported Norwegian participation in the new race.", /support in the new race/],
    "what is gained for what is meant": ["Low prices imply limited benefits to be gained from the harbour.", /imply to be gained/],
    "equipment that ages": ["The first set of rules focuses on technical matters such as lamp aging.", /focus on aging/],
    "a book for where it was written": [
      "# Galileo\n\nGalileo Brandt spent the rest of his life in his own house, where he wrote his best book, on the motion of falling bodies.",
      /house on the motion/,
    ],
    "a deed for what was said": [
      "# The trial\n\nIn 1616 the council declared that the teaching was false and warned Hale not to defend it.",
      /= That the teaching was false and warned/,
    ],
    "above them for above themselves": ["# The buoy\n\nInstruments on the ocean floor measure the weight of the water above them.", /above them\?/],
    "steep for flat": ["# Lifts\n\nThe strong spring in the roof snapped flat when the rope broke.", /steep/],
    "the year of a death for the years before it": [
      "# Louis\n\nLouis Brandt made music until two days before his death in 1971.",
      /In what year did Louis Brandt make/,
    ],
    "what came of it for why": [
      "# Wolves\n\nCoyotes lost half of their number, because wolves do not tolerate them, and as a result foxes increased.",
      /as a result foxes/,
    ],
    "a thing with its reason": [
      "# Wolves\n\nHunters had been paid for every wolf they killed, since ranchers feared for their sheep.",
      /= Every wolf they killed, since/i,
    ],
    "an eve for somebody": ["# Louis\n\nOn New Year's Eve Louis Brandt fired a pistol. Peter Lund, a teacher, took the pistol from Louis Brandt.", /= Eve\b/],
    "bears for a name": ["# Wolves\n\nRavens, eagles and bears live in the park. Bears and mountain lions also kill elk.", /do Bears/],
    "five times for what is sailed": ["# The ferry\n\nThe old ferry is reliable, but it sails only five times a day.", /are sailed/],
    "a likeness for when": ["# Glass\n\nTears run off glass as they run off a real eye.", /happens as/],
    "a bridge of another age": ["# Debts\n\nBorrowing is sensible for a bridge that will stand for sixty years.", /forty years.* = false|Why is Borrowing/],
    "a heading for a name": [
      "# Galileo Looks Up\n\nGalileo was born in Selm. Galileo wrote a book in which three men discuss the question for four days.",
      /Galileo Looks/,
    ],
    "streetlights for what was ordered": [
      "# Studs\n\nThe stud was set into the road. During the war, when streetlights had to be switched off, the council ordered thousands of them.",
      /thousands of (?:the )?streetlights/,
    ],
    "words that understand": ["# Dogs\n\nDogs understand tone better than words.", /Words understand/],
    "who asks for who is asked": [
      "# The clock\n\n“Good morning,” said Rosalind. Rosalind opened the shop. The baker asked whether she could make the clock strike again.",
      /baker ask(?:ed)? whether she|= Whether she/,
    ],
    "only in one place": ["# Reefs\n\nReefs grow only in clear, shallow water.", /Where do reefs grow/],
    "a year that something is": ["# Dunes\n\nA French team proved in 2004 that the dune itself is not needed.", /team prove\?/],
    "a plant's needs": ["# Water\n\nFor that the plant needs help from billions of bacteria. They live in a deep basin.", /[Pp]lant needs live/],
    "a sewer and its sticks": ["# Oil\n\nCooking oil cools in the sewer and sticks to its walls like candle wax.", /sticks to its|and sticks$/],
    "a coat off whose clock": [
      "# The keeper\n\n“Wait,” said Brida. Brida mended the clockwork before she took off her coat. “Now,” she said.",
      /before she took\?|clockwork off/,
    ],
    "a loom that needs none": ["# Looms\n\nJoseph Brandt wanted to build a loom that needed none.", /needed none/],
    "all three of what": ["# Taxes\n\nTowns live on taxes, on fees and on the state. If a large factory closes, all three may shrink at once.", /= All three/],
    "one sprocket for all": ["# Gears\n\nA bicycle has one sprocket, or toothed wheel, at the pedals.", /another name for one/],
  },
};

for (const [sort, faults] of Object.entries(FAULTS))
  describe(sort, () => {
    for (const [name, [text, never]] of Object.entries(faults))
      it(name, () => {
        const drafts = shown(text);
        expect(drafts.filter((draft) => never.test(draft))).toEqual([]);
      });
  });

it("something is drafted from most of these texts, so that they can be wrong at all", () => {
  const texts = Object.values(FAULTS).flatMap((faults) => Object.values(faults).map(([text]) => text));
  expect(texts.filter((text) => shown(text).length > 0).length).toBeGreaterThan(texts.length * 0.5);
});
