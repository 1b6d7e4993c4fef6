/** Nouns and what they mean in plain words. `word-meanings.ts` says how the table is read. */
export const NOUNS = `
# persons
merchant, trader: a person who buys and sells goods
customer, client: a person who buys something
smuggler: a person who carries goods across a border in secret
~ thief, burglar, robber: a person who steals
~ pirate: a person who robs ships at sea
apprentice: a young person who learns a trade from a master
scholar: a person who has studied a great deal
~ expert: a person who knows very much about something
beginner, novice: a person who has only just started to learn something
citizen: a person who belongs to a country and has rights in it
~ inhabitant, resident: a person who lives in a place
~ settler, colonist: a person who goes to live in a new land
~ foreigner: a person from another country
refugee: a person who had to leave home because of danger
neighbour, neighbor: a person who lives next door or near by
ancestor: a person of one's family who lived long ago
descendant: a child, grandchild or later relative
orphan: a child whose parents are dead
widow: a woman whose husband has died
bachelor: a man who is not married
rival: a person whom one tries to beat
~ opponent: a person who is against someone or something
~ ally: a person or country that fights on the same side
~ traitor: a person who helps the enemy
prisoner, captive: a person who is not free to leave
historian: a person who studies the past
archaeologist, archeologist: a person who digs up old things to learn how people lived
biologist: a person who studies living things
astronomer: a person who studies stars and planets
geologist: a person who studies rocks
physicist: a person who studies forces, heat, light and matter
chemist: a person who studies what things are made of
inventor: a person who thinks of a new machine or way of doing things
architect: a person who plans buildings
carpenter: a person who makes things out of wood
blacksmith: a person who makes things out of iron
mason: a person who builds with stone
weaver: a person who makes cloth
tailor: a person who makes clothes
surgeon: a doctor who operates on people
~ physician: a doctor
shepherd: a person who looks after sheep
navigator: a person who finds the way for a ship
miner: a person who digs coal or metal out of the ground
librarian: a person who looks after books
caretaker: a person who looks after a building
sculptor: a person who makes figures out of stone, wood or metal
poet: a person who writes verses
author: a person who writes books
editor: a person who gets a book or newspaper ready to be printed
ambassador: a person who speaks for one country in another
mayor: the head of a town
~ emperor: the ruler of several countries
~ tyrant: a cruel ruler
candidate: a person who hopes to be chosen
volunteer: a person who works without being paid or made to
employer: a person who gives others work
passenger: a person who travels in a vehicle but does not drive it
pedestrian: a person who goes on foot
spectator, onlooker: a person who watches
survivor: a person who is still alive after a disaster
witness: a person who saw something happen
coward: a person who runs away from danger

# things that one can hold
telescope: a tube with glasses that makes far things look near
microscope: an instrument that makes very small things look big
compass: an instrument that shows where north is
thermometer: an instrument that shows how warm it is
barometer: an instrument that shows changes of the weather
lantern: a lamp with a case, to be carried or hung up
lever: a bar for lifting or moving something heavy
chisel: a tool with a sharp end for cutting wood or stone
anchor: a heavy hook that keeps a ship in its place
oar: a pole with a flat end for rowing a boat
mast: a tall pole that carries the sails of a ship
raft: a flat boat made of logs tied together
cargo, freight: goods that are carried by a ship or a lorry
buoy: a floating mark in the water
parcel: something wrapped up to be sent
ladder: two poles with steps between them
shovel, spade: a tool for digging
bucket, pail: an open thing with a handle for carrying water
~ barrel, cask: a round wooden thing for keeping liquids in
scissors: a tool with two blades for cutting paper or cloth
fabric: cloth
~ garment: a piece of clothing
jewel: a stone that is worth much money
~ coin: a piece of money made of metal
document: a paper that proves or tells something
signature: one's name, written by oneself
diary: a book in which one writes what happens each day
dictionary: a book that tells what words mean
portrait: a picture of a person
statue: a figure made of stone, wood or metal
weapon: a thing to fight with
machine: a thing with moving parts that does work
torch: a light to be carried in the hand
~ candle: a stick of wax that burns to give light
mirror: a glass in which one sees oneself

# places
cellar: a room under a house
attic, loft: a room right under the roof
barn: a farm building for hay or animals
cottage: a small house in the country
workshop: a room or building where things are made or repaired
factory: a building where goods are made by machines
laboratory: a room where scientists do experiments
quay, wharf: a place beside the water where ships are loaded
harbour, harbor: a place where ships are safe from storms
canal: a river made by people
reef: a line of rocks just under the sea
cave, cavern: a hollow place in a rock or under the ground
cliff: a high, steep wall of rock
swamp, marsh, bog: soft, wet land
~ meadow: a field of grass and flowers
orchard: a piece of land with fruit trees
desert: land where hardly anything grows because it is so dry
valley: low land between hills
summit: the top of a mountain
slope: ground that goes up or down
island: land with water all around it
frontier: the line between two countries
region: a part of a country or of the world
mainland: the large piece of land beside which islands lie
prison, jail: a place where people are locked up
tomb, grave: a place where a dead person lies
shelter, refuge: a place where one is safe
entrance: a way in
corridor: a long, narrow way inside a building

# of weather and the earth
volcano: a mountain out of which hot rock can come
earthquake: a strong shaking of the ground
avalanche: a great mass of snow that rushes down a mountain
drought: a long time without rain
flood: a great deal of water where it is usually dry
breeze: a light wind
gale: a very strong wind
moisture: small drops of water in the air or in something
~ fog, mist: a cloud close to the ground
~ steam: the gas that boiling water turns into
soil: the earth in which plants grow

# of animals and plants
twig: a very small branch
crop: plants that a farmer grows
seedling: a very young plant
prey: an animal that is hunted and eaten by another
predator: an animal that hunts and eats other animals
burrow: a hole in the ground where an animal lives
herd: many animals of one kind together
mammal: an animal that feeds its young with milk
reptile: an animal with scales that lays eggs on land
insect: a small animal with six legs
species: one kind of animal or plant
fossil: what is left in stone of an animal or plant of long ago
bacterium: a living thing that is too small to be seen

# of the body
fur: the thick hair of an animal
hoof: the hard foot of a horse or cow
claw: a sharp nail on an animal's foot
beak: the hard mouth of a bird
skeleton: all the bones of a body
muscle: a part of the body that makes it move
lung: the part of the body that takes in air
skull: the bones of the head

# what persons feel or are like
courage, bravery: being able to face danger
patience: being able to wait calmly
curiosity: the wish to know more
jealousy, envy: the wish to have what someone else has
greed: the wish to have more and more
gratitude: the wish to thank someone
loyalty: staying true to a friend or country
pride: being pleased with oneself
grief, sorrow: great sadness
regret: being sorry for what one did
rage, fury: great anger
dread, terror: great fear
delight, joy: great pleasure
astonishment, amazement: great surprise
hesitation: waiting because one is not sure

# what people say or write
quarrel, dispute: an angry talk between people who do not agree
agreement, treaty: what two sides have promised each other
promise, vow: words that say one will surely do something
apology: words that say one is sorry
advice: words that tell someone what would be good to do
proposal, suggestion: an idea that others are asked to think about
rumour, rumor: a story passed on that may not be true
proof, evidence: facts that show that something is true
petition: a letter asking for something, signed by many people
complaint: words that say one is not content
warning: words that tell of a danger
permission: words that let someone do something

# what happens
voyage: a long journey by sea
expedition: a journey made to find something out
departure: the time when one leaves
arrival: the time when one gets there
dusk, twilight: the time when it is getting dark
~ dawn, daybreak: the time when it is getting light
pause: a short stop
delay: time lost by waiting
victory, triumph: the winning of a fight or a game
defeat: the losing of a fight or a game
success: a good end of what was planned
failure: a bad end of what was planned
disaster, catastrophe: something very bad that happens suddenly
accident: something bad that nobody meant to happen
rebellion, revolt, uprising: a fight against those who rule
battle: a fight between two armies
siege: the surrounding of a town by an army
punishment: what is done to someone who did wrong
reward: what one gets for something good
theft: the crime of stealing
hunger, famine: the lack of food
thirst: the need to drink
illness, disease: the state of not being well
infection: an illness caused by germs
experiment: a test to find something out
discovery: the finding of something that was not known
invention: the making of something that was not there before

# about money
wage, salary: money paid for work
debt: money that one has to pay back
profit: money that is left when all costs are paid
income: all the money that one gets
tax: money that people must pay to the state
fee: money paid for a service
poverty: having very little money
wealth: having a lot of money
bargain: something bought for less than usual

# other things that cannot be touched
habit, custom: something that is done again and again
tradition: what people have done in the same way for a long time
method: a way of doing something
remedy: something that makes a sick person well
measurement: the size that one finds with an instrument
average: what one gets by adding all numbers and sharing equally
majority: more than half of a group
minority: less than half of a group
decade: ten years
century: a hundred years
purpose, aim: what something is meant to do
advantage, benefit: something that helps or is better
drawback, disadvantage: something that is not so good about a thing
obstacle, barrier: something that is in the way
opportunity: a time when one can do something
duty, obligation: what one must do
exception: something to which the rule does not apply
consequence: what comes of something
temperature: how hot or cold something is
depth: how far down something goes
height: how far up something goes
width, breadth: how far it is from side to side
`;
