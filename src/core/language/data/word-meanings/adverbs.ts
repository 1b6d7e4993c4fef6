/** Adverbs and what they mean in plain words. `word-meanings.ts` says how the table is read. */
export const ADVERBS = `
# how often and when
rarely, seldom: not often
frequently: often
~ occasionally: from time to time
~ constantly, continually, continuously: all the time
annually, yearly: once every year
immediately, instantly: without waiting at all
~ abruptly: suddenly
eventually: in the end, after a long time
gradually: little by little
simultaneously: at the same moment
meanwhile: while something else was going on
formerly, previously: in earlier times
recently: not long ago
afterwards, afterward: later
overnight: in the course of one night
permanently: for ever
temporarily: for a short time only

# how
deliberately, intentionally: because one means to
accidentally, unintentionally: without meaning to
reluctantly, unwillingly: without wanting to
eagerly: with great wish to do it
~ voluntarily, willingly: without being made to
cautiously, warily: with great care
~ accurately, precisely: with every detail right
anxiously, nervously: in a worried way
furiously: in great anger
politely: with good manners
swiftly, rapidly: with great speed
steadily: without stopping or changing
aloud: so that others can hear
abroad: in or to another country
ashore: onto the land
silently: without a sound
clumsily: without skill
secretly: so that nobody knows
openly: hiding nothing
loosely: not tightly

# how much
barely, scarcely: only just
approximately: more or less
entirely, completely, totally, wholly: in every part
partly, partially: not as a whole
mainly, chiefly, largely, mostly, primarily: for the most part
merely: only
extremely, exceedingly: very much
slightly: a little
~ considerably: a good deal
equally: to the same degree
sufficiently: enough
`;
