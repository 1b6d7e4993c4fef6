/** Opposites that deny: if the one is said, the other is false. Nothing that could hold beside it. */
export const OPPOSITES: Record<string, string> = {
  north: "south", south: "north", east: "west", west: "east", high: "low", low: "high", higher: "lower", lower: "higher", highest: "lowest", lowest: "highest",
  larger: "smaller", smaller: "larger", bigger: "smaller", heavier: "lighter", lighter: "heavier", harder: "easier", easier: "harder", stronger: "weaker", weaker: "stronger",
  longer: "shorter", shorter: "longer", warmer: "colder", colder: "warmer", hotter: "colder", faster: "slower", slower: "faster", older: "younger", deeper: "shallower",
  brighter: "dimmer", taller: "shorter", cheaper: "dearer", always: "never", weakens: "strengthens", weaken: "strengthen", strengthens: "weakens", rises: "falls", rise: "fall", falls: "rises", fall: "rise",
  rose: "fell", fell: "rose", increases: "decreases", increase: "decrease", decreases: "increases", increased: "decreased", decreased: "increased", early: "late", late: "early", open: "closed", rare: "common", common: "rare", strong: "weak", weak: "strong",
  shallow: "deep", safe: "dangerous", dangerous: "safe", largest: "smallest", smallest: "largest", heaviest: "lightest", strongest: "weakest", weakest: "strongest", longest: "shortest",
  shortest: "longest", cheap: "expensive", expensive: "cheap", easily: "with difficulty", clockwise: "anticlockwise", smooth: "rough", rough: "smooth", heavy: "light", flat: "steep", dry: "wet", wet: "dry", hot: "cold", cold: "hot",
};
