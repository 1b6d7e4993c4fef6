/** Verbs and what "to …" means in plain words. `word-meanings.ts` says how the table is read. */
export const VERBS = `
# what people say
accuse: say that someone has done wrong
~ blame: say that something bad is someone's fault
~ scold: speak angrily to someone who has done wrong
confess: say that one has done wrong oneself
~ contradict: say the opposite of what someone else has said
insist: say something firmly and not give way
announce, declare, proclaim: make known to everybody
predict, foretell: say what is going to happen
propose: put forward as a plan or an idea
~ recommend, advise: say what would be good to do
~ urge: try hard to make someone do something
~ persuade: get someone to do something by giving reasons
~ convince: make someone believe something
warn: tell someone of a danger
demand: ask for something as if one had a right to it
~ request: ask for something politely
~ plead, beg, implore: ask for something with strong feeling
complain, grumble: say that one is not happy with something
~ protest: say or show openly that one is against something
quarrel: argue in anger
~ insult: say something rude to someone
~ mock, ridicule: make fun of someone in an unkind way
boast, brag: speak too proudly about oneself
~ exaggerate: make something seem bigger or better than it is
mutter, mumble, murmur: speak in a low voice that is hard to understand
exclaim: say something suddenly and loudly
praise: say that someone or something is very good
translate: put into another language
interrupt: make someone or something stop for a while
forbid, prohibit: say that something must not be done
~ permit: allow
~ approve: agree to

# what people think and feel
admire: think very highly of
~ envy: wish to have what someone else has
~ despise: have no respect for at all
~ distrust: not believe or rely on
hesitate: wait before acting because one is not sure
~ ponder: think about something for a long time
~ presume, assume: believe something without proof
~ doubt: not be sure whether something is true
realise, realize: come to understand
~ misunderstand: take in the wrong way
regret: be sorry about something that one has done
~ mourn, grieve: be very sad because someone has died
~ weep, sob: cry
forgive: stop being angry with someone
prefer: like one thing better than another
dread: be very much afraid of something that is to come

# what is done to people
astonish, amaze, astound: surprise very much
~ startle: make someone jump with sudden surprise
~ terrify, frighten: make someone very much afraid
puzzle, baffle, bewilder, confuse: make someone unable to understand
amuse, entertain: make someone laugh or smile
annoy, irritate: make someone a little angry
comfort, console, soothe: make someone feel less sad or less afraid
encourage: give someone hope or courage
~ tempt: make someone want what is not good for them
~ compel, oblige: leave someone no choice but to do something
deceive, mislead: make someone believe what is not true
~ betray: give someone away to an enemy
~ bribe: pay someone to do what is not honest
imitate, mimic: copy the way someone acts or sounds
~ accompany, escort: go along with someone
~ chase: follow someone in order to catch them
defeat: win against someone
~ conquer: win control of by fighting
~ invade: enter a country with an army
rescue: save from danger
~ protect, shield: keep safe from harm
punish: make someone suffer for doing wrong
~ imprison: shut up in a jail
appoint: choose someone for a job or an office
~ elect: choose by voting
injure: hurt a part of the body
cure, heal: make well again

# what one does
abandon, forsake: leave for good
flee: run away from danger
~ retreat: move back or go away
~ emigrate: leave one's country to live in another
~ migrate: move from one region to another
wander, roam: walk about without a fixed goal
~ stroll: walk slowly and at one's ease
~ trudge, plod: walk slowly with heavy steps
~ limp: walk with difficulty because a leg hurts
linger: stay somewhere longer than one needs to
depart: go away on a journey
approach: come nearer to
~ encounter: meet or come upon
hurry, hasten: move or act quickly
obey: do what one is told to do
~ rebel: rise up against those who rule
~ resist: hold out against
~ surrender: give up and stop fighting
struggle, strive: try very hard although it is difficult
~ attempt: try
~ persist, persevere: go on in spite of difficulties
achieve, accomplish, attain: manage to do or reach by hard work
volunteer: offer to do something without being asked
~ participate: take part with others
~ cooperate, collaborate: work together for the same purpose
~ compete: try to win or to do better than others
pretend: act as if something were true
~ disguise: change one's looks so as not to be known
starve: suffer or die because there is nothing to eat
~ perish: lose one's life
~ thrive, flourish: grow or do very well
devour: eat fast and with great hunger
~ gnaw: bite at something hard again and again
~ nibble: eat in very small bites
stare, gaze: look at something for a long time
~ glance: look quickly and then away
~ glimpse: see for a moment only
frown: draw one's eyebrows together
~ tremble, shiver, shudder: shake from cold or fear
inherit: get from one's parents or from someone who has died
~ owe: have to pay back
~ donate: give as a gift to help others
rely: need and trust
practise, rehearse: do something again and again to get better at it
smuggle: carry across a border in secret and against the law
patrol: go round a place to see that all is well

# what is done to things
construct, erect: build
~ dismantle: take apart piece by piece
~ demolish: knock down completely
~ destroy: damage so badly that nothing is left
~ shatter, smash: break into many pieces
~ grind: turn into powder by rubbing between hard things
repair, mend: make whole again
~ restore: bring back to the state it was in before
~ preserve: keep from going bad or being damaged
~ reinforce: make stronger
purchase: pay money to get
~ obtain, acquire: get
~ lend: let someone have for a time
seize, snatch, grab: take suddenly and by force
~ clutch, grasp, grip: hold very tightly
~ fetch: go and bring back
haul, tow, drag: pull along with effort
~ hoist: raise with ropes or a machine
scatter, strew: throw or send in all directions
~ sprinkle: let fall in small drops or bits
fasten: join firmly to something
~ detach: take off what was joined
~ insert: put inside something else
~ extract: pull or take out
scrub: clean by rubbing hard
~ rinse: wash with clean water only
~ polish: rub until it shines
~ scrape: take off with something hard or sharp
carve, engrave: cut a shape or letters into something
~ excavate: dig out of the ground
~ knead: press and fold with the hands
~ dilute: make weaker by adding water
conceal: keep from being seen
~ reveal, disclose: let others see or know what was hidden
~ detect: notice what is hard to see or hear
~ discover: find what was not known before
inspect, examine: look at closely and carefully
~ investigate: try to find out the facts about
~ explore: travel through in order to learn about
estimate: work out roughly
~ calculate: work out with numbers
~ verify, confirm: make sure that something is true
compare: look at how two things are alike or different
select: choose
~ reject: refuse to take or to believe
~ alter, modify: make different in some way
~ transform: change completely
abolish: put an end to by law
~ prevent: keep from happening
~ postpone: put off until later
~ cancel: decide that what was planned will not happen
invent: think of and make for the first time
~ publish: print and offer to everybody
~ decorate: make prettier by adding things to it
export: sell to another country
~ import: buy from another country
distribute: share out among many
~ consume: use up
~ extinguish: put out, as one puts out a fire
~ scorch, singe: burn a little on the outside
pollute, contaminate: make dirty and harmful
~ flood, inundate: cover with water
navigate: find the way for a ship
~ steer: make go in the direction that one wants
~ salvage: save from a wreck or a fire
install: put in place, ready for use
~ inflate: fill with air
~ surround, encircle: be all around
~ require: need
~ resemble: look like

# what happens
vanish, disappear: be seen no more
~ emerge: come out and be seen
~ fade: slowly lose colour, light or strength
evaporate: turn from a liquid into a gas
~ melt: become liquid through heat
~ thaw: become warm again after being frozen
~ explode: blow up with a loud noise
~ absorb: take in, as a cloth takes in water
expand, swell: become larger
~ shrink: become smaller
~ broaden: become wider
collapse: fall down or fail suddenly
~ crumble: fall into very small pieces
~ sag, droop: hang down
~ tilt: stand at a slope
~ vibrate: shake with very quick, small movements
~ rotate, revolve: turn round and round
~ swirl: move in circles, like water in a sink
drift: be carried along by wind or water
~ glide: move smoothly and without noise
~ hover: stay in one place in the air
~ collide: run into each other
~ leak: get out slowly through a small hole
~ seep: move slowly through very small holes
~ trickle: flow in a thin, slow stream
glow: give a soft, steady light
~ flicker: shine now more and now less
~ gleam, glisten, glitter, shimmer: shine with small, bright flashes
~ dazzle: be so bright that one cannot see
decay, rot: go bad and fall apart
~ corrode: be eaten away by air or water
~ wither, wilt: become dry and weak for want of water
~ sprout, germinate: begin to grow out of a seed
~ bloom, blossom: have flowers
cease: come to an end
~ commence: begin
~ resume: begin again after a stop
~ occur: happen
~ vary, differ: not be the same
~ creak: make a sound like an old door
`;
