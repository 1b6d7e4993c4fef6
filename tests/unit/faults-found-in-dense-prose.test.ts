import { neverDrafts } from "../support/fault-tester";

/** What was drafted wrongly from dense prose, read batch by batch. */
neverDrafts({
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
});
