/** Names of countries, of today and of the past, without their article. */
const COUNTRIES = new Set(
  "Afghanistan|Albania|Algeria|Angola|Argentina|Armenia|Australia|Austria|Azerbaijan|Bahrain|Bangladesh|Barbados|Belarus|Belgium|Belize|Benin|Bhutan|Bolivia|Bosnia|Botswana|Brazil|Britain|Great Britain|Brunei|Bulgaria|Burma|Burundi|Cambodia|Cameroon|Canada|Chile|China|Colombia|Congo|Costa Rica|Croatia|Cuba|Cyprus|Czechoslovakia|Denmark|Dominican Republic|Ecuador|Egypt|El Salvador|England|Eritrea|Estonia|Ethiopia|Fiji|Finland|France|Gabon|Gambia|Germany|East Germany|West Germany|Ghana|Greece|Greenland|Guatemala|Guinea|Guyana|Haiti|Honduras|Hungary|Iceland|India|Indonesia|Iran|Iraq|Ireland|Israel|Italy|Jamaica|Japan|Kazakhstan|Kenya|Kuwait|Laos|Latvia|Lebanon|Lesotho|Liberia|Libya|Liechtenstein|Lithuania|Luxembourg|Madagascar|Malawi|Malaysia|Maldives|Mali|Malta|Mauritania|Mauritius|Mexico|Moldova|Monaco|Mongolia|Montenegro|Morocco|Mozambique|Namibia|Nepal|Netherlands|New Zealand|Nicaragua|Niger|Nigeria|North Korea|Norway|Oman|Pakistan|Panama|Papua New Guinea|Paraguay|Persia|Peru|Philippines|Poland|Portugal|Prussia|Qatar|Romania|Russia|Rwanda|Saudi Arabia|Scotland|Senegal|Serbia|Sierra Leone|Singapore|Slovakia|Slovenia|Somalia|South Africa|South Korea|Soviet Union|Spain|Sri Lanka|Sudan|Surinam|Suriname|Sweden|Switzerland|Syria|Taiwan|Tanzania|Thailand|Togo|Tonga|Tunisia|Turkey|Uganda|Ukraine|United Arab Emirates|United Kingdom|United States|Uruguay|Uzbekistan|Venezuela|Vietnam|Wales|Yemen|Yugoslavia|Zambia|Zimbabwe".split(
    "|",
  ),
);

/** The states of the United States whose name is nothing else, neither a city nor a country. */
const STATES = new Set(
  "Alabama|Alaska|Arizona|Arkansas|California|Colorado|Connecticut|Delaware|Florida|Hawaii|Idaho|Illinois|Indiana|Iowa|Kansas|Kentucky|Louisiana|Maine|Maryland|Massachusetts|Michigan|Minnesota|Mississippi|Missouri|Montana|Nebraska|Nevada|New Hampshire|New Jersey|New Mexico|North Carolina|North Dakota|Ohio|Oklahoma|Oregon|Pennsylvania|Rhode Island|South Carolina|South Dakota|Tennessee|Texas|Utah|Vermont|Virginia|West Virginia|Wisconsin|Wyoming".split(
    "|",
  ),
);

/** What sort of land a name is: "Sweden" is a country, "Pennsylvania" a state. */
export function landOf(name: string): "country" | "state" | undefined {
  const bare = name.replace(/^the /i, "");
  return COUNTRIES.has(bare) ? "country" : STATES.has(bare) ? "state" : undefined;
}
