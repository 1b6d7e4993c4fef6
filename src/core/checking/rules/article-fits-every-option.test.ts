import { choice, testRule } from "../../../../tests/support/rule-tester";
import { articleFitsEveryOption } from "./article-fits-every-option";

testRule(articleFitsEveryOption, {
  passes: {
    "a(n)": choice("The keeper wore a(n) ____", ["apron", "cap", "scarf"]),
    "an article that fits all": choice("The keeper wore a", ["cap", "scarf", "coat"]),
    "a stem that ends otherwise": choice("What did the keeper wear?", ["an apron", "a cap", "a scarf"]),
  },
  flags: {
    "an before a consonant": [choice("The keeper wore an", ["apron", "cap", "scarf"]), "“an” at the end of the stem fits only some options."],
    "a before a vowel": [choice("The keeper wore a ____", ["cap", "apron", "scarf"]), "“a” at the end of the stem fits only some options."],
  },
});
