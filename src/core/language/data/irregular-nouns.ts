/** Singular, plural. */
export const IRREGULAR_NOUNS = `
man men|woman women|child children|person people|foot feet|tooth teeth|goose geese|mouse mice|louse lice|ox oxen|die dice|knife knives|life lives|wife wives|leaf leaves|half halves|shelf shelves|self selves|calf calves|loaf loaves|wolf wolves|thief thieves|scarf scarves|hoof hooves|elf elves|sheaf sheaves|wharf wharves|potato potatoes|tomato tomatoes|echo echoes|hero heroes|veto vetoes|torpedo torpedoes|mosquito mosquitoes|volcano volcanoes|cargo cargoes|sheep sheep|fish fish|deer deer|moose moose|salmon salmon|trout trout|cod cod|shrimp shrimp|squid squid|bison bison|swine swine|aircraft aircraft|spacecraft spacecraft|hovercraft hovercraft|series series|species species|means means|crossroads crossroads|headquarters headquarters|offspring offspring|bacterium bacteria|medium media|datum data|criterion criteria|phenomenon phenomena|fungus fungi|cactus cacti|nucleus nuclei|alga algae|larva larvae|mitochondrion mitochondria|vertebra vertebrae|pupa pupae|nebula nebulae|ovum ova|spectrum spectra|stratum strata|curriculum curricula|antenna antennae|stimulus stimuli|radius radii|axis axes|crisis crises|basis bases|thesis theses|analysis analyses|oasis oases|hypothesis hypotheses|index indices|appendix appendices|vertex vertices|formula formulas|lens lenses|gas gases|bus buses|iris irises|policeman policemen|fisherman fishermen|salesman salesmen|craftsman craftsmen|seaman seamen|boatman boatmen|lightkeeper lightkeepers|gentleman gentlemen|workman workmen|watchman watchmen|grandchild grandchildren|schoolchild schoolchildren|passer-by passers-by|halfpenny halfpence|alumnus alumni|dwarf dwarves|midwife midwives|housewife housewives|bookshelf bookshelves|penknife penknives|werewolf werewolves|dormouse dormice|titmouse titmice|stepchild stepchildren|godchild godchildren|mother-in-law mothers-in-law|father-in-law fathers-in-law|brother-in-law brothers-in-law|sister-in-law sisters-in-law|runner-up runners-up|matrix matrices|genus genera|millennium millennia|memorandum memoranda|bacillus bacilli|ellipsis ellipses|parenthesis parentheses|diagnosis diagnoses|emphasis emphases|metamorphosis metamorphoses|synthesis syntheses|quiz quizzes|amoeba amoebae|supernova supernovae|cilium cilia|quantum quanta|bureau bureaux|tableau tableaux
`
  .trim()
  .split("|")
  .map((row) => row.split(" ") as [string, string]);

/** Nouns that take no *a* and no plural in their usual sense. */
export const MASS_NOUNS = new Set(
  "water air oxygen hydrogen nitrogen carbon mercury iron steel brass copper tin lead gold silver bronze wood timber stone granite sand mud clay soil dirt dust ash coal oil petrol gas kerosene paraffin tar glass paper cloth cotton wool silk nylon leather rubber plastic hemp canvas rope string wire salt sugar flour bread rice wheat barley corn milk butter cheese honey meat beef pork fish food fruit tea coffee juice soup wine beer rain snow ice fog mist smoke steam heat cold light darkness sunlight moonlight daylight shade energy electricity power gravity pressure weather wind thunder lightning traffic furniture luggage equipment machinery money cash pay wealth news information advice knowledge evidence proof research homework music noise silence work labour help time space room health strength courage patience luck fun peace freedom justice trust respect education history science mathematics geography art poetry literature jazz grass hay straw seaweed kelp plankton blood skin hair fur bone wax chalk ink paint glue soap rust soot sleep rest trade transport pollution rubbish garbage waste sewage shipping fishing sailing swimming farming cooking reading writing navigation safety damage ballast cargo freight starch protein chlorophyll lava magma alcohol radiation cholera malaria typhoid smallpox measles tuberculosis pneumonia influenza flu cancer rabies diabetes asthma scurvy polio sound speed weight spray foam fat sap hail".split(
    " ",
  ),
);

/** One form for one and for many. */
export const SAME_PLURAL = new Set(
  "fish sheep deer cod herring mackerel salmon trout shrimp squid plankton aircraft spacecraft series species offspring moose bison".split(" "),
);

/** Always many. */
export const ONLY_PLURAL = new Set(
  "clothes goggles spectacles tights tongs pants pyjamas pajamas overalls leggings earnings scissors trousers jeans shorts glasses binoculars tweezers pliers outskirts surroundings belongings goods savings remains stairs thanks police cattle".split(
    " ",
  ),
);
