/** The articles of the stand-in site: news of an invented harbour town, with true facts about the world. */
export const ARTICLES = [
  {
    id: "fog-horn",
    title: "Why the fog horn is so low",
    writer: "Oda Brandt",
    date: "2025-10-14",
    paragraphs: [
      "When fog rolls into Skerry Bay, the horn on the north pier sounds every thirty seconds. Visitors often ask why it has such a deep voice.",
      "The reason lies in the fog itself. Fog is made of tiny drops of water that float in the air. High notes are soaked up by the drops, but low notes pass around them and travel for miles.",
      "A low note also bends around buildings and cliffs. A captain behind Gull Point can therefore hear the horn although the pier is out of sight.",
      { heading: "Where nobody hears it" },
      "Sound does not always travel in a straight line. When warm air lies over cold water, the sound is bent upwards and passes over a ship's deck. Such silent zones have been known since the nineteenth century.",
      "For this reason captains never trust the horn alone. They also watch the depth of the water and the radar.",
      "The horn of Skerry Bay was first sounded in 1904. It was driven by steam until 1938, and since then by compressed air.",
    ],
    picture: { file: "lamp.png", alt: "The brass horn on the north pier", caption: "The horn on the north pier. Photo: harbour office." },
    comments: [
      "My grandfather worked on the pier, and he said that the horn woke the whole town in winter.",
      "Please turn it down at night, some of us have to get up early!",
    ],
  },
  {
    id: "ropewalk",
    title: "A rope as long as a street",
    writer: "Nell Rowe",
    date: "2025-09-02",
    paragraphs: [
      "The longest house in Skerry Bay is only five metres wide. It measures two hundred and eighty metres from door to door, and for a hundred and twenty years all the ropes of the fleet were made in it.",
      "A rope cannot be longer than the room in which it is laid. The ropemakers needed a house as long as a street, because a ship needed ropes of a hundred fathoms.",
      "The spinners walked backwards with hemp around their waists and let the fibres run through their fingers. At the other end a boy turned a wheel, which twisted the fibres into yarn.",
      "Three strands were then laid into a rope. The strands are twisted against the yarns, so that the rope does not untwist by itself.",
      "In 1961 the ropewalk closed, since nylon ropes were lighter and did not rot. Today the rowing club keeps its boats there.",
    ],
    link: { file: "rope-report.pdf", text: "Read the full report of the ropeworks society (PDF)" },
    comments: ["What a lovely story about the ropewalk, I walked past it for years without knowing any of this."],
  },
  {
    id: "tide-pool",
    title: "Six hours in a tide pool",
    writer: "Ida Marrow",
    date: "2025-06-21",
    paragraphs: [
      "Twice a day the sea leaves the rocks below the lighthouse, and the animals of the tide pools must manage without it for six hours.",
      "Limpets clamp their shells to the rock so tightly that no water is lost. Barnacles close the plates of their shells like doors.",
      "Shore crabs hide under wet weed, since the weed keeps them cool and damp. Anemones pull in their arms and look like drops of red jelly.",
      "The water in a pool becomes warmer in the sun, and some of it turns into vapour. The salt stays behind, so the pool grows saltier until the sea comes back.",
      "Pupils of Skerry Bay School count the animals every month. In June they found fourteen kinds in one pool.",
    ],
    comments: [],
  },
];

/** Short texts of a reference shelf, to find passages on a topic. */
export const SHELF = [
  {
    id: "knot",
    title: "Knot",
    text: [
      "A knot is a fastening that is made by tying a rope or string. Sailors use knots to join ropes, to make loops, and to tie a boat to a post.",
      "The bowline makes a loop that does not slip and does not jam. It is called the king of knots, because it is easy to untie even after a heavy load.",
      "The reef knot joins two ropes of the same thickness. It should never be used to hold a person, since it can turn over and slip.",
      "A clove hitch ties a rope to a post. It is quick to make, but it can work loose when the pull changes its direction.",
    ],
  },
  {
    id: "tide",
    title: "Tide",
    text: [
      "Tides are the regular rise and fall of the sea. They are caused by the pull of the Moon and, less strongly, of the Sun.",
      "Most coasts have two high waters and two low waters in about twenty-five hours. The time between two high waters is about twelve and a half hours.",
      "At spring tide the Sun and the Moon pull along one line, and the difference between high and low water is largest. At neap tide it is smallest.",
    ],
  },
  {
    id: "lighthouse",
    title: "Lighthouse",
    text: [
      "A lighthouse is a tower with a strong light that guides ships. One of the most famous of the ancient world stood on the island of Pharos near Alexandria.",
      "Each lighthouse has a rhythm of its own, which is called its character. From the rhythm a captain can tell which light it is.",
      "In 1822 the French engineer Augustin Fresnel invented a lens made of rings of glass. It needs far less glass than an ordinary lens of the same strength.",
    ],
  },
  {
    id: "compass",
    title: "Compass",
    text: [
      "A compass shows the direction of north. Its needle is a magnet, and it turns until it lies along the magnetic field of the Earth.",
      "The magnetic pole is not at the North Pole and moves slowly. Charts therefore say how far the compass differs from true north.",
    ],
  },
  {
    id: "whale",
    title: "Whale",
    text: [
      "Whales are mammals that live in the sea. They breathe air through a blowhole and feed their young with milk.",
      "The blue whale is the largest animal that is known to have lived. Its heart is about as heavy as a small car.",
    ],
  },
];
