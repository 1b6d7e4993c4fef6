/** Verbs by what they take, beyond what the dictionary's frames say. */

/** "proposes *that the school leave* it open": what should be so, told in the plain form of the verb. */
export const DEMANDING = new Set("propose suggest demand insist recommend request ask require order urge advise beg prefer".split(" "));

export const CALLING = new Set("call name elect vote appoint make consider declare label nickname dub term crown rename christen".split(" "));

/** Whoever is asked or told to do something does it. */
export const BIDDING = new Set("ask tell order urge beg invite persuade allow force".split(" "));

/** With an object and what it is of. */
export const OF_WHAT = new Set("accuse convict rob deprive inform remind warn suspect cure rid assure notify relieve".split(" "));

/** Verbs that take a wh-clause: "decides when ships may enter". */
export const ASKING = new Set(
  "decide know learn tell show see ask wonder explain find remember understand discover guess choose say describe list forget notice".split(" "),
);

/** They say of their object what it is: "pupils find *it* dull", and never "pupils find dull". */
export const MAKING_SO = new Set("find make call consider paint declare render believe think have leave say".split(" "));

/** Verbs that take a clause without *that*: "recommend sixty minutes of active play a day" has none. */
export const WITHOUT_THAT = new Set(
  "say think know believe hope feel suppose guess imagine see hear notice claim find realise realize mean wish show learn decide remember understand ensure suggest fear swear bet pretend dream insist discover tell assume expect reckon agree report".split(
    " ",
  ),
);

/** Verbs that take a to-phrase as what is wanted, begun or tried. */
export const WANTING = new Set(
  "decide want hope plan try agree refuse promise learn need begin start continue choose expect offer prepare manage fail seem appear tend attempt like love hate prefer swear wish forget remember hesitate help bear".split(
    " ",
  ),
);

/** Verbs that take an object together with a little word. */
export const PHRASAL: Record<string, readonly string[]> = {
  carry: ["off", "on", "out"],
  put: ["on", "off", "up", "out"],
  take: ["off", "out", "up", "over"],
  turn: ["on", "off", "down"],
  switch: ["on", "off"],
  pick: ["up"],
  give: ["up"],
  call: ["off"],
  cut: ["off", "down"],
  break: ["off", "up"],
  set: ["off", "up"],
  pull: ["down", "up", "off", "out"],
  tear: ["off", "out"],
  peel: ["off"],
  scrape: ["off"],
  wipe: ["off", "up"],
  snap: ["off"],
  wash: ["off"],
  pay: ["off"],
};

/** "I *lay* a line" is no past of *lie*: these take no object, whatever rare sense the dictionary has. */
export const OBJECTLESS = new Set("lie rise arise arrive die exist happen occur appear disappear".split(" "));

export const NAMES_A_DEED =
  /^(?:process|practice|method|event|phenomenon|condition|state|custom|system|procedure|technique|change|disorder|effect|illusion|reaction|movement|journey)$/;

/** What is given, paid or taken in so many pounds, of somebody. */
export const GIVING = new Set("give pay fine charge cost offer lend owe send hand bring award promise save ask".split(" "));

export const HOW_ONE_DOES = /^(?:better|best|worse|worst|well|badly)$/;

export const LETTING = new Set("let make see help watch hear feel".split(" "));

/** "everything he *cried for*", "the place she *comes from*": they leave their little word behind, in any tense. */
export const STRANDING = new Set("ask look wait cry hope long pay come depend rely belong listen talk think dream care search believe".split(" "));

/** "runs on *alternating current*", "used for *drinking water*": one thing with its name, and nothing that is done; base form and noun. */
export const NAMES_WITH_ING = new Set(
  `alternate current, bake powder, bake soda, breathe apparatus, build material, build site, clean equipment,
  cook oil, drink water, file cabinet, fish boat, fish line, fish net, fly buttress, fly fish, fly fox, freeze point, hear aid,
  home pigeon, land craft, live quarter, live room, live thing, melt point, melt water, migrate bird, move picture,
  park lot, park space, play card, play field, print press, race car, revolve door, roof material, run water, sail boat, sail ship,
  sew machine, shoot star, sleep bag, sleep pill, spin wheel, start point, swim pool, vote age, vote right, wash machine, wash powder,
  wed ring, work animal, work class, work dog, wrap paper, write paper`
    .split(",")
    .map((pair) => pair.trim().replace(/\s+/g, " ")),
);
