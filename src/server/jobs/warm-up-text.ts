/**
 * A short text with sentences of many shapes: reasons, conditions, numbers, years, names, lists, meanings,
 * pronouns. The engine reads it when it starts, so that a teacher's first source is not its first.
 */
export const WARM_UP_PARAGRAPHS: readonly string[] = [
  "A slipway is a slope of stone that leads from a quay into the water. Boats are pulled up on it because salt water slowly eats their wood. The slipway of Skerry Bay was built in 1863 and measures forty-two metres. When the tide is low, its last nine steps stand in the air.",
  "Jonas Wick, a boat builder, moved to the harbour in 1871. He had learnt his trade from an uncle, who taught him to bend planks over steam. For three years he worked alone. Then the council gave him the old net store, and he hired two apprentices to help him with larger boats.",
  "To bend a plank, a builder first lets it lie in steam for about an hour. Heat makes the wood soft, so it can be shaped without breaking. If the plank is too dry, it splits along the grain. Oak, ash and elm bend well; pine, which holds more resin, does not.",
  "In winter the crews could not sail, and most of them mended nets. A net had to be tarred twice a year, or it would rot. Women and children twisted the cord, carried it to the loft and knotted it. The work was paid by the fathom, a length of six feet.",
  "The museum, which opened in 1954, shows tools, sails and a boat that was found in the mud. Visitors often ask why its planks overlap. They do so because overlapping planks need no thick frame. This kind of hull is called clinker-built. It is lighter than other hulls and easier to mend.",
  "Today only one slipway in four is still used. Some people say that the old stones should be replaced with concrete, which costs less. Others answer that the stones have lasted for more than a hundred and fifty years. The council will decide in spring whether the slope is to be saved.",
];
