/** Texts of the sample files, of which every format is made. What is wanted and what is furniture is known of each. */
export type Part = { h: 1 | 2 | 3; text: string } | { p: string; note?: string } | { items: string[] } | { table: string[][] } | { caption: string };
export type SampleDocument = { id: string; header: string; footer: string; columns: 1 | 2; parts: Part[] };

/** The first one is what the importers were built with; the others were made for measuring only. */
export const DOCUMENTS: SampleDocument[] = [
  {
    id: "harbour-leaflet",
    header: "Skerry Bay Harbour Museum",
    footer: "Leaflet 7",
    columns: 1,
    parts: [
      { h: 1, text: "How a harbour light works" },
      {
        p: "A harbour light tells sailors where the safe water lies. It burns from dusk until dawn, and each light has a rhythm of its own.",
        note: "The rhythm of a light is called its character.",
      },
      { h: 2, text: "The lens" },
      {
        p: "A lamp alone throws its light in all directions, and most of it is lost in the sky and on the land. A lens gathers the light and bends it into a narrow beam. The French engineer Augustin Fresnel built the first lens of this sort in 1822.",
      },
      { caption: "Figure 1: The lens room in 1903. Photograph: museum archive." },
      { p: "The lens of Skerry Bay has eight panels. It floats on a ring of mercury, so that a child could turn it with one hand." },
      { h: 2, text: "What the keepers did" },
      { items: ["They wound the clockwork every four hours.", "They trimmed the wick before midnight.", "They wrote down every ship that passed."] },
      { p: "The sizes of lenses are called orders. The table shows three of them." },
      {
        table: [
          ["Order", "Height", "Weight"],
          ["First", "2.6 m", "6 tonnes"],
          ["Third", "1.6 m", "1 tonne"],
          ["Sixth", "0.4 m", "80 kg"],
        ],
      },
      { h: 2, text: "The light today" },
      {
        p: "Since 1986 an electric lamp the size of a thumb has shone through the old lens. No keeper lives in the tower now. A computer on the mainland watches over the light and calls an engineer when a bulb fails.",
      },
      { p: "Visitors may climb the 112 steps on Sundays from May to September. Those who reach the top can see the reef that gave the bay its name." },
    ],
  },
  {
    id: "rope-report",
    header: "Report of the ropeworks society",
    footer: "For members and friends",
    columns: 2,
    parts: [
      { h: 1, text: "From hemp to nylon" },
      {
        p: "For three hundred years the people of the bay made rope from hemp. The plant came by ship from the Baltic, since the fields of the island were too stony for it.",
      },
      { h: 2, text: "The long walk" },
      {
        p: "A rope can never be longer than the room in which it is laid. The ropewalk of Skerry Bay was therefore a shed of two hundred and eighty metres, and the spinners walked backwards along it with hemp wound around their waists.",
      },
      {
        p: "A good spinner walked eighteen miles in a day. The work was dusty, and the windows had no glass, so that in winter the men wore two coats.",
        note: "Wages were paid by the yard and not by the hour.",
      },
      { caption: "Figure 2: The ropewalk seen from the quay." },
      { h: 2, text: "Three strands" },
      {
        p: "Yarns were twisted into strands, and three strands were laid into a rope. The strands turn against the yarns, and that is why a rope does not untwist when it hangs free.",
      },
      { items: ["Hemp rope was tarred against rot.", "Manila rope floats and needs no tar.", "Nylon rope stretches by a third before it breaks."] },
      { h: 2, text: "The end of the works" },
      {
        p: "Nylon came in the nineteen-fifties. It was lighter than hemp, it did not rot, and one rope did the work of two. The ropewalk closed in 1961, and its last rope hangs in the museum.",
      },
      { p: "The shed itself still stands. Since 1998 it has housed the rowing club, whose boats are just short enough to turn around in it." },
    ],
  },
  {
    id: "tide-lesson",
    header: "Skerry Bay School",
    footer: "Science, grade 6",
    columns: 1,
    parts: [
      { h: 1, text: "Why the sea rises and falls" },
      {
        p: "Twice a day the water of the bay rises, and twice a day it falls. The Moon pulls on the water of the Earth, and the water on the side that faces the Moon is pulled most.",
      },
      { h: 2, text: "Spring tides and neap tides" },
      {
        p: "At new moon and at full moon the Sun and the Moon pull along one line. Then the tides are largest, and they are called spring tides.",
        note: "The name has nothing to do with the season.",
      },
      { p: "At half moon the Sun pulls across the line of the Moon, and the tides are small. These are called neap tides." },
      {
        table: [
          ["Tide", "High water", "Low water"],
          ["Spring", "5.1 m", "0.4 m"],
          ["Neap", "3.9 m", "1.6 m"],
        ],
      },
      { caption: "Table 1: Heights at the harbour wall of Skerry Bay." },
      { h: 2, text: "Reading a tide table" },
      { items: ["Find the day in the first column.", "Read the time of high water beside it.", "Add one hour in summer."] },
      {
        p: "A tide table gives the height above the lowest water that is ever expected. Wind and the weight of the air can change the real height by half a metre. A careful skipper therefore leaves a margin under the keel.",
      },
    ],
  },
  {
    id: "museum-guide",
    header: "Harbour Museum guide",
    footer: "Please return this guide",
    columns: 2,
    parts: [
      { h: 1, text: "A walk through the harbour museum" },
      { p: "The museum stands in the old customs house on the quay. Its rooms follow the way of a ship from the builder's yard to the breakers." },
      { h: 2, text: "Room 1: Timber" },
      {
        p: "Ships were built of oak because oak is hard and bends under steam. The keel was laid first, and the ribs were fixed to it one after the other.",
        note: "One large ship took the wood of two thousand trees.",
      },
      { caption: "Figure 3: Model of the lugger Perseverance, 1844." },
      { h: 2, text: "Room 2: Finding the way" },
      {
        p: "Before 1760 no captain could be sure of his longitude. A clock that kept good time at sea solved the problem, since the difference between noon on board and noon at home tells how far a ship has sailed east or west.",
      },
      {
        items: [
          "The sextant measures the height of the Sun.",
          "The log line measures the speed of the ship.",
          "The lead line measures the depth of the water.",
        ],
      },
      { h: 2, text: "Room 3: Signals" },
      { p: "Flags carried messages from ship to ship by day. At night lanterns took their place, and in fog a bell was rung every minute." },
      {
        table: [
          ["Flag", "Letter", "Meaning"],
          ["Yellow", "Q", "The ship is healthy"],
          ["Blue and white", "A", "A diver is down"],
        ],
      },
      { p: "The last room shows the wireless set of the pilot station. It saved the crew of four trawlers in the storm of 1953." },
    ],
  },
];

/** Slides with notes, by document. */
export type SampleDeck = { id: string; slides: { title: string; points: string[]; table?: string[][]; notes?: string }[] };
export const DECKS: SampleDeck[] = [
  {
    id: "knots-deck",
    slides: [
      { title: "Three knots for the quay", points: ["A lesson for young sailors"], notes: "Bring six lengths of rope for the class." },
      {
        title: "The bowline",
        points: ["It makes a loop that does not slip.", "It unties easily, even after a heavy load."],
        notes: "Show the knot slowly, twice.",
      },
      { title: "The reef knot", points: ["It joins two ropes of the same thickness.", "It must never hold a person."] },
      {
        title: "Which knot for what",
        points: [],
        table: [
          ["Knot", "Use", "Strength"],
          ["Bowline", "mooring", "two thirds"],
          ["Reef knot", "parcels", "half"],
        ],
      },
    ],
  },
  {
    id: "lifeboat-deck",
    slides: [
      { title: "The lifeboat of Skerry Bay", points: ["Founded in 1861 after the wreck of the Fair Hope"], notes: "Start with the bell." },
      { title: "The crew", points: ["Seven volunteers man the boat.", "The coxswain steers and decides.", "The mechanic looks after both engines."] },
      {
        title: "Money",
        points: ["The boat is paid for by gifts."],
        table: [
          ["Year", "Calls", "Saved"],
          ["2021", "34", "41"],
          ["2022", "29", "18"],
        ],
        notes: "Do not read the table aloud.",
      },
    ],
  },
  {
    id: "fog-deck",
    slides: [
      { title: "Sound in fog", points: ["Why horns are low"], notes: "Play the recording now." },
      {
        title: "Low notes travel far",
        points: ["Fog is made of tiny drops of water.", "High notes are soaked up by the drops.", "Low notes pass around them."],
      },
      {
        title: "Silent zones",
        points: ["Warm air over cold water bends sound upwards.", "A ship may hear nothing within a mile of the horn."],
        notes: "Draw the bent path on the board.",
      },
    ],
  },
  {
    id: "whale-deck",
    slides: [
      { title: "Whales in the bay", points: ["A count by the school"], notes: "Thank the ferry company." },
      { title: "What we saw", points: ["Minke whales came in every month from May to August.", "One humpback stayed for nine days."] },
      {
        title: "How we counted",
        points: ["Two pupils watched from the tower for one hour a day.", "Every whale was written down with its time."],
        table: [
          ["Month", "Minke", "Humpback"],
          ["May", "4", "0"],
          ["June", "7", "1"],
        ],
      },
      { title: "What to do next", points: ["Count again next year.", "Ask the ferry crew to help."], notes: "End here if time is short." },
    ],
  },
];
