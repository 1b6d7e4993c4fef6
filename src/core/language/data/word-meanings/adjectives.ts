/** Adjectives and what they mean in plain words. `word-meanings.ts` says how the table is read. */
export const ADJECTIVES = `
# of persons and what they do
weary, exhausted: very tired
~ drowsy: nearly asleep
furious, enraged: extremely angry
~ impatient: not able to wait calmly
~ gloomy: sad and without hope
~ lonely: sad because one has no company
~ desperate: ready to try anything because there is little hope
cheerful, merry, jolly: happy and in good spirits
~ delighted, overjoyed: very pleased
astonished, amazed, astounded: very much surprised
~ puzzled, bewildered, baffled, perplexed: not able to understand something
anxious, uneasy: worried about what may happen
~ timid, fearful: easily frightened
~ courageous, fearless, valiant: not afraid of danger
~ reckless: not caring about danger
~ cautious, wary: careful to keep out of danger
~ confident: sure that one can do something
reluctant, unwilling: not wanting to do something
~ eager: wanting very much to do something
~ determined, resolute: having made up one's mind not to give up
~ stubborn, obstinate: refusing to change one's mind
generous: glad to give to others
~ greedy: always wanting more than one needs
~ selfish: thinking only of oneself
~ stingy, miserly: not liking to spend or give money
~ jealous, envious: unhappy because someone else has more
grateful, thankful: wishing to thank someone
~ loyal, faithful: always true to one's friends or country
~ honest, truthful: not lying or cheating
~ sincere: meaning what one says
~ dishonest, deceitful: lying or cheating
~ cunning, sly, crafty: clever at playing tricks on others
humble: not thinking oneself better than others
~ arrogant, haughty: thinking oneself better than others
~ polite, courteous: showing good manners
~ hostile: as unfriendly as an enemy
~ cruel, merciless: glad to hurt others
~ stern, strict: making sure that rules are kept
~ solemn: very serious
sensible: showing good judgement
~ absurd, ridiculous: so silly that one has to laugh
~ reliable, trustworthy, dependable: able to be trusted
~ skilled, skilful, skillful: able to do something very well
~ clumsy: moving or working without skill
~ agile, nimble: able to move quickly and easily
~ diligent, industrious: working hard and with care
~ lazy: not wanting to work
wealthy, prosperous: having a lot of money
~ bankrupt: not able to pay what one owes
famous, renowned: known by very many people
~ anonymous: whose name is not known
helpless, powerless: not able to do anything about it
~ innocent: having done nothing wrong

# of size, shape and matter
enormous, immense, gigantic, colossal, huge: extremely large
vast: reaching very far on all sides
~ tiny, minuscule: extremely small
spacious, roomy: with plenty of room inside
fragile: easily broken
~ brittle: hard but likely to snap
sturdy, robust: strong and not easily damaged
flexible, supple: able to bend without breaking
~ rigid: not able to bend at all
hollow: empty inside
dense: with its parts packed closely together
porous: full of tiny holes
coarse: rough and not fine
slippery: hard to hold or to walk on
crooked: not straight
jagged: with sharp points along the edge
oval: shaped like an egg
steep: going almost straight up or down
shallow: not deep
upright, vertical: pointing straight up
~ horizontal: lying flat, like the ground
parallel: always the same distance apart
transparent: easy to see through
visible: able to be seen
~ faint: hard to see, hear or smell
vivid: bright and strong
~ dim: giving little light
~ pale: with very little colour
scarlet, crimson: bright red
moist, damp: a little wet
arid: with hardly any rain
icy: very cold
molten: turned into liquid by heat
edible: safe to eat
~ stale: no longer fresh
ripe: ready to be picked and eaten
~ rotten: gone bad
~ poisonous, toxic: able to kill or make ill
~ deadly, lethal, fatal: causing death
harmless: not dangerous in any way
contagious, infectious: easily passed on from one person to another
shrill: high and sharp, like a whistle
deafening: extremely loud
hoarse: rough, as a voice is with a cold
waterproof, watertight: letting no water through
buoyant: able to float
renewable: never used up, because nature makes more of it
artificial: made by people, not by nature
ragged, tattered: old and torn
magnetic: able to pull iron towards it

# of how things are
ancient: from a time very long ago
~ modern: belonging to the present time
~ former: of an earlier time
~ recent: of a short time ago
permanent: lasting for ever
~ temporary: lasting for a short time only
~ brief: over very soon
~ constant, continuous, continual, ceaseless: going on all the time
~ sudden, abrupt: happening when nobody expects it
~ gradual: happening little by little
~ frequent: happening often
~ annual, yearly: happening once every year
~ occasional: happening from time to time
rapid, swift: very fast
~ sluggish: very slow
scarce: hard to get because there is too little of it
~ rare: not found very often
~ abundant, plentiful, ample: more than enough
~ sufficient, adequate: as much as is needed
~ numerous: very many
~ entire: whole
valuable, precious: worth a great deal
~ worthless: of no use at all
~ expensive, costly: that takes a lot of money to buy
~ essential, vital, crucial: that one cannot do without
~ beneficial: doing good
~ harmful, damaging: doing damage
~ convenient: easy and of little trouble
perilous, hazardous, risky: full of danger
~ tranquil, serene, peaceful: quiet and without trouble
~ fierce, ferocious: wild and violent
~ severe: very bad or hard
~ mild: not extreme
remote, distant: far away
~ isolated: cut off from all others
~ deserted, uninhabited: with nobody there
~ crowded: full of people
~ vacant: free to be used
~ foreign: from another country
~ native: belonging to a place from the beginning
~ marine: living in the sea or belonging to it
~ rural: in the country, not in a town
~ urban: in a town, not in the country
accurate, precise: right in every detail
~ approximate: nearly right
~ mistaken, incorrect: wrong
~ genuine, authentic: real, not a copy
~ obvious, evident: easy to see or understand
~ vague: not clear in one's mind
~ complicated, complex: made up of many parts and hard to understand
~ mysterious: hard to explain
unique: the only one of its kind
~ identical: exactly the same
~ similar: nearly the same
~ distinct: clearly different
~ diverse, varied: of many different kinds
~ peculiar: strange and unusual
~ familiar: well known from before
~ ordinary: not special in any way
inevitable, unavoidable: certain to happen, whatever one does
~ compulsory, mandatory: that must be done
~ voluntary: done without being made to
~ legal, lawful: allowed by law
~ illegal, unlawful: against the law
~ unjust, unfair: not right
~ sacred: holy
~ successful: having the result that was hoped for
~ absent: not there
`;
