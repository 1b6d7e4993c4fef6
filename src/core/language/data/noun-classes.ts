/** Nouns of which a phrase can stand as a time adverb: "each morning", "four hours". */
export const TIME_NOUNS = new Set(
  "second minute hour day night morning evening afternoon noon midnight dawn dusk week weekend fortnight month year decade century season spring summer autumn winter monday tuesday wednesday thursday friday saturday sunday january february march april may june july august september october november december time moment today ages era period epoch".split(
    " ",
  ),
);
export function isWeekday(word: string): boolean {
  return /^(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)days?$/.test(word);
}
export const MONTHS = new Set("January February March April May June July August September October November December".split(" "));

/** Measures: with a number they say how much, not how many things. */
export const UNIT_NOUNS = new Set(
  "metre meter kilometre kilometer centimetre centimeter millimetre millimeter mile yard foot inch tonne ton kilogram gram pound ounce litre liter gallon pint degree knot fathom watt volt hectare acre second minute hour day night week month year decade century km cm mm kg m g percent % cent penny dollar euro shilling nautical times".split(
    " ",
  ),
);

/** Heads too thin to be an answer or to tell one thing from another. */
export const THIN_NOUNS = new Set(
  "opposite contrary thing way kind sort type part number lot bit piece place people person man woman someone something time case fact example reason result one ones other others others' idea amount group set pair side end rest use form matter point member problem".split(
    " ",
  ),
);

/** Definite without any mention before: there is only one, or it is the usual one. */
export const UNIQUE_NOUNS = new Set(
  "sun moon sky sea ocean earth world coast shore wind tide weather ground air horizon equator atmosphere north south east west past future night day morning evening afternoon winter summer spring autumn country government law sailor public water rain fog light dark human body brain heart council parliament mayor president principal board district community city town village harbour church school king queen army navy police museum internet library news media environment economy judge jury case railway market station surface bottom top beach".split(
    " ",
  ),
);

export const PERSON_TITLES = new Set(
  "mr mrs ms mistress master dame dr mr. mrs. ms. dr. prof. capt. captain professor doctor sir lady lord king queen prince princess president mayor miss aunt uncle saint st. col. gen. lt. rev. sgt. inspector".split(
    " ",
  ),
);

/** Given names that are nearly always a woman's, and a man's. */
export const WOMENS_NAMES = new Set(
  "ada agnes alice amy ana anna anne beth carla catherine charlotte clara diana edith eleanor eliza elizabeth ella ellen emily emma eva fiona florence grace hannah helen ida ines isabel jane jean joan josie julia karen kate laura lily lina lucy marie maria martha mary maya mina mira molly nancy nell nina nora olga rachel rebecca rosa ruth sally sara sarah sofia sophie susan ursula vera zoe marta priya aisha fatima mei lena rosalind amelia wangari malala harriet abigail ava mia chloe olivia jasmine lauren tara maggie peggy betty dorothy margaret linda barbara donna carol sandra sharon michelle kimberly angela melissa amanda stephanie nicole katherine christine janet lupe carmen elena lucia dana tilda runa elspeth amina yusra leila layla noor zahra samira yasmin hana sana meera anika divya lakshmi indira sunita kavya nadia tatiana natasha svetlana irina katya anya sonia ingrid astrid freya sigrid greta heidi liesel gretel hilda brigitte claire camille juliette amelie simone colette bianca chiara giulia francesca paola beatriz pilar consuelo guadalupe rosario yolanda esperanza keiko yuki sakura akiko haruka mei-ling xiu ngozi amara chidi ama abena zuri imani keisha latoya tamika shanice aaliyah jada brianna hailey kayla lillian vivian evelyn gladys edna mildred ethel doris phyllis maureen eileen siobhan moira isla elsa matilda josephine georgina henrietta wilhelmina cordelia ophelia penelope phoebe daphne cleopatra hypatia sappho adele alexandra alma anita annie audrey beatrice bella bertha brenda bridget caroline cecilia christina dora elise emilia esther eve felicity frieda gemma gerda gertrude gina gudrun hester ilse inge irene jenny jessica jill joanna judith julie juliet kirsten leah leena leonora lisa lottie louise lydia mabel madeleine magda margery marion marjorie maud millie minnie miriam monica naomi natalie norma ottilie patricia pauline petra polly rita rosemary roxanne sabine samantha selma silvia sophia susanna suzanne sylvia tamara tess thea theresa tina valerie winifred yvonne suki brida hanna maris oda aiko zara elin clementine dorothea emmeline millicent mathilde harriett augusta adela agatha agathe albertina alicia alison allegra almira amabel anastasia angelica antoinette antonia arabella ariadne avis barbro bathsheba bernadette berthe bettina birgit blanche bonnie bronwyn calista candace carlotta caterina cathy celia charlene clarissa claudia cornelia cynthia danielle deborah deirdre delia delphine denise desdemona dinah dolores dorcas edie edwina effie eleanora eleonora elfriede elinor elisabeth elisabetta elisa eloise elsie elvira emmy enid erica erika erna ernestine estelle estella ethelinda eugenia eugenie eunice evangeline fanny florrie francine gabriella gabrielle genevieve geraldine gillian ginny giovanna gisela gloria greer gwen gwendolyn hannelore harriette hattie helena helene heloise henriette hermione hettie hortense ilaria imogen iona isobel jacqueline janice jeanette jeanne jemima jennifer joyce judy justina kathleen kathryn katharina keira kitty klara lavinia leonie letitia lilian lillie lois loretta lorna lorraine lotte lucile lucinda lucretia ludmila luisa magdalena maia maisie mamie marcella marcia margarita margherita marguerite mariana marianne marietta marilyn marlene martina matilde maxine melanie melinda mercedes meredith miranda mirella myra nadine nannie nellie nettie nicola noelle odette oriel pamela petronella philippa philomena pippa rebekah renata rhoda robina rosalie rosamund rosanna rosetta rosina rosita rowena roxana sadie salome saskia selina serena sheila shirley sibyl sidonie sonja susannah sybil tabitha tanya teresa therese thora tilly trudy valentina vanessa verity verena veronica violetta wanda wendy wilma xenia zelda zenobia zora".split(
    " ",
  ),
);
export const MENS_NAMES = new Set(
  "alan albert andrew arthur augustin ben benjamin bob carl charles daniel david edward eric frederick fred george harold harry henrik henry hugh ian isaac ivan jack jacob james jim joe john jonas joseph leo leon liam louis luke matthew michael oliver omar oscar owen patrick paul peter philip ralph richard robert samuel simon stephen theo thomas tom tomas victor walter william marcus juan carlos diego miguel ahmed ali kofi hiroshi ravi arjun bennett ernest roald vasco ferdinand christopher martin abraham franklin theodore elijah noah ethan mason logan lucas aiden dylan ryan kevin brian steven mark jason jeffrey timothy larry frank scott brandon gregory raymond jerry dennis tyler aaron jose adam nathan kyle eddie tony luis pedro pablo mateo felix yusuf barak oren leland konrad kwame jabari omari hassan hussein mustafa khalid tariq rashid samir karim bilal abdul ibrahim ismail mehmet emre kemal raj rajesh vikram sanjay anil sunil rohan krishna hiro kenji takeshi yuto min-jun seo alejandro javier ernesto fernando rodrigo rafael ramon andres emilio ignacio giovanni giuseppe marco matteo lorenzo luca antonio pietro enzo pierre jacques jean-luc henri francois etienne marcel rene guillaume hans karl heinrich otto friedrich wolfgang dieter klaus jurgen franz ludwig dmitri sergei nikolai boris vladimir alexei mikhail igor lars sven olaf erik bjorn anders nils gunnar magnus sean seamus declan duncan angus hamish ewan gareth rhys nigel trevor clive barry keith roger derek norman leonard herbert clarence elmer floyd lloyd vernon wendell winston cornelius barnabas silas ezra levi josiah jeremiah isaiah ezekiel hector achilles homer plato finn colin abel adrian alastair alec alexander alfred amir anthony anton archie arnold arturo barnaby benedict bernard bertram bruno caleb callum cecil christian clement conrad craig cyril dietrich dominic donald douglas edgar edmund edwin elias emil eugene fergus francesco gabriel gavin geoffrey gerald gerard gilbert gordon graham gustav harald herman horace howard hubert humphrey idris jens jeremy jerome jon jonathan jorgen joshua julian julius justin kurt lawrence leopold lewis malcolm mario maurice mohammed neil nicholas olav percy philipp reginald roland rolf ronald rory rufus rupert sebastian seth sidney sigurd stanley stefan stuart ted tim tobias toby tristan ulrich vincent viktor warren werner wilfred wilhelm xavier zachary milo marek jakob joss jory pasqua piotr pavel andrei nico arlo hugo oskar jamal johannes johann gottfried gottlieb gustave auguste augustus claude denis blaise honore georges jules gaston edouard edmond antoine alessandro galileo nicolaus tycho isambard thaddeus ebenezer booker frederic ludovic maximilian michel philippe raoul romain sylvain thierry yves alois andreas armin axel bernhard christoph cornelis eberhard egon ernst ewald felipe fritz georg gregor helmut hendrik hermann horst ivar jaap joachim jochen josef kaspar klemens lothar lukas manfred martinus maarten moritz niels nikola oswald pieter rainer reinhard rudolf siegfried thorsten tomasz torsten uwe willem wouter wojciech zygmunt ambrose amos angelo archibald arnaud augusto bartholomew bertrand caspar cedric claudio clifford clinton darius desmond edgardo edmundo eduardo elliot emanuel emmanuel enrico enrique ernie esteban fabian fergal ferdinando fidel fletcher francisco gary gaspar gideon giacomo glenn godfrey granville gregorio guglielmo guido guillermo harvey hernando hiram irving jared jaime jedediah jethro joaquin joel jorge julio laurence lorne lucian luigi lyle manuel marcello marcos mathias matthias melvin micah mohandas montgomery mordecai morris mungo myles nathaniel obadiah octavio orville otis ottavio phineas pius quentin ralf randolph rafe rasmus renato ricardo roberto rodney rodolfo russell salvador salvatore selwyn sheldon solomon spencer steve sylvester terence timur umberto valentin valentino vaughan vito wallace wayne wesley wilbur willis woodrow wyatt zebulon".split(
    " ",
  ),
);

/** Given names, as positive evidence that a capitalised word is a person. */
export const GIVEN_NAMES = new Set(
  "ada adam agnes alan albert alice amy ana andrew ann anna anne arthur augustin ben benjamin beth bob carl carla catherine charles charlotte clara daniel david diana edith edward eleanor eliza elizabeth ella ellen emily emma eric eva fiona florence frances francis fred george grace grant hannah harold harry helen henrik henry hugh ian ida ines isaac isabel ivan jack jacob james jan jane jean jim joan joe john jonas joseph josie julia karen kate laura leo leon lily lina liam louis lucy luke maria marie martha mary matthew maya michael mina mira molly nancy nell nina nora oliver olga omar oscar owen patrick paul peter philip rachel ralph rebecca richard robert rosa ruth sally sam samuel sara sarah simon sofia sophie stephen susan tam theo thomas tom tomas ursula vera victor walter william zoe grace".split(
    " ",
  ),
);

/** Adjectives of places and peoples, which keep their capital in the middle of a sentence. */
export const DEMONYMS = new Set(
  "african american arab arabian arabic asian athenian australian austrian aztec babylonian belgian brazilian british bulgarian canadian caribbean catholic celtic chinese christian croatian cuban czech danish dutch egyptian english ethiopian european finnish flemish french german germanic greek hebrew hindu hungarian icelandic inca indian indonesian iranian iraqi irish islamic israeli italian jamaican japanese jewish kenyan korean latin mayan mediterranean mexican mongol mongolian moroccan muslim nepalese nigerian nordic norman norse norwegian ottoman pacific pakistani persian peruvian phoenician polish polynesian portuguese protestant prussian roman romanian russian saxon scandinavian scottish serbian sicilian slavic soviet spanish spartan sumerian swedish swiss syrian thai tibetan trojan turkish ukrainian venetian victorian vietnamese viking welsh".split(
    " ",
  ),
);
