import type { Allergen } from './allergenLists';

/**
 * Words of an ingredient's name that state an allergen, and longer phrases that contain such a word and mean something else. Names only
 * ever add an allergen to what is declared: a name without one of these words proves nothing.
 */
const WORDS: Readonly<Record<Allergen, { readonly states: RegExp; readonly except?: RegExp }>> = {
  milk: {
    states:
      /\b(?:butter|buttermilk|buttercream|milk|cream|crème|creme|yog(?:h)?urt|cheese|ghee|whey|casein(?:ate)?|lactose|custard|dulce de leche|cajeta|half[- ]and[- ]half|mascarpone|ricotta|quark|skyr|kefir|paneer)\b/gi,
    except:
      /\b(?:(?:pea|al|ca)?\w*nut|almond|cashew|pecan|pistachio|seed|sunflower|tahini|sesame|cocoa|cacao|shea|mango|kokum|apple|pear|pumpkin|fruit|cookie|biscuit|speculaas|soya?|oat|rice|hemp|pea|plant(?:[- ]based)?|vegan|dairy[- ]free|non[- ]dairy|milk[- ]free) (?:cooking |whipping )?(?:butter|milk|cream|yog(?:h)?urt|cheese|custard|spread)\b|\bcoconut (?:condensed |evaporated )?(?:milk|cream|yog(?:h)?urt)\b|\bcream of (?:tartar|coconut)\b|\bmarshmallow cr[eè]me\b|\bice[- ]cream (?:wafers?|cones?)\b|\bcream soda\b|\bcream crackers?\b|\bbutter beans?\b|\bmilk thistle\b|\bcustard powder\b/gi,
  },
  egg: {
    states: /\b(?:eggs?|yolks?|egg[- ]whites?|meringues?|mayonnaise|albumen|advocaat|eggnog)\b/gi,
    except:
      /\begg[- ](?:free|replacer|substitute)\b|\b(?:vegan|flax|chia|aquafaba) (?:eggs?|meringues?|mayonnaise)\b/gi,
  },
  peanut: { states: /\b(?:peanuts?|ground ?nuts?|monkey nuts?)\b/gi, except: /\bpeanut[- ]free\b/gi },
  'tree nuts': {
    states:
      /\b(?:almonds?|hazelnuts?|filberts?|cob ?nuts?|walnuts?|pecans?|cashews?|pistachios?|macadamias?|brazil nuts?|queensland nuts?|pralines?|marzipan|frangipane|gianduja|mixed nuts|(?:chopped |flaked |toasted |roasted )nuts)\b/gi,
    except: /\b(?:almond|nut)[- ]free\b/gi,
  },
  gluten: {
    states:
      /\b(?:wheat(?:en)?|rye|barley|oats?|oatmeal|spelt|einkorn|kamut|semolina|couscous|malt(?:ed)?|graham|digestives?|shortbread|gingersnaps?|pretzels?|wafers?|croissants?|breadcrumbs?|(?:plain|all[- ]purpose|self[- ]rais?ing|bread|cake|pastry|strong|white|brown|whole ?meal|whole[- ]?grain) flour)\b/gi,
    except:
      /\boat[- ]free\b|\b(?:gluten|wheat)[- ]free(?: \w+){1,3}\b|\bwheatgrass\b|\bmaltodextrin\b|\bmaltitol\b|\bmaltose\b|\brice (?:malt|wafers?)\b/gi,
  },
  wheat: {
    states:
      /\b(?:wheat(?:en)?|spelt|einkorn|kamut|semolina|couscous|graham|digestives?|shortbread|gingersnaps?|pretzels?|croissants?|breadcrumbs?|(?:plain|all[- ]purpose|self[- ]rais?ing|bread|cake|pastry|strong|whole ?meal) flour)\b/gi,
    except: /\b(?:gluten|wheat)[- ]free(?: \w+){1,3}\b|\bwheatgrass\b/gi,
  },
  soya: {
    states: /\b(?:soya?|soybeans?|soyabeans?|tofu|miso|edamame|tamari|tempeh)\b/gi,
    except: /\bsoya?[- ]free\b/gi,
  },
  sesame: { states: /\b(?:sesame|tahini|halva|halwa)\b/gi, except: /\bsesame[- ]free\b/gi },
  fish: { states: /\b(?:fish|anchov(?:y|ies)|isinglass)\b/gi, except: /\bfish[- ]free\b|\b(?:swedish|gummy) fish\b/gi },
  crustaceans: { states: /\b(?:prawns?|shrimps?|crabs?|lobsters?|crayfish)\b/gi, except: /\bcrab apples?\b/gi },
  molluscs: { states: /\b(?:oysters?|mussels?|clams?|squid|octopus|scallops?)\b/gi, except: /\boyster mushrooms?\b/gi },
  celery: { states: /\b(?:celery|celeriac)\b/gi },
  mustard: { states: /\bmustard\b/gi },
  lupin: { states: /\blupins?\b/gi },
  sulphites: {
    states: /\b(?:sulphites?|sulfites?|metabisul(?:ph|f)ite)\b/gi,
    except: /\b(?:un|no[nt][- ])sul(?:ph|f)\w+\b/gi,
  },
};

/** Plans ask for the same names again and again. */
const cache = new Map<string, readonly Allergen[]>();
const MAX_CACHED = 2000;

/**
 * Returns the allergens that an ingredient's name states.
 *
 * @example allergensInName('salted peanut butter') // ['peanut']
 * @example allergensInName('cream of tartar') // []
 */
export function allergensInName(name: string): readonly Allergen[] {
  const known = cache.get(name);
  if (known) return known;
  const found = (Object.keys(WORDS) as Allergen[]).filter((allergen) => {
    const { states, except } = WORDS[allergen];
    return (except ? name.replace(except, ' ') : name).search(states) >= 0;
  });
  if (cache.size >= MAX_CACHED) cache.clear();
  cache.set(name, found);
  return found;
}

/** Words of a name by which an ingredient is sold as free from an allergen. Oats free from gluten are still a cereal to declare. */
const DENIALS: readonly (readonly [allergens: readonly Allergen[], words: RegExp])[] = [
  [['milk'], /\b(?:dairy|milk)[- ]free\b|\bnon[- ]dairy\b/i],
  [['egg'], /\begg[- ](?:free|replacer|substitute)\b|\begg[- ]less\b/i],
  [['milk', 'egg', 'fish', 'crustaceans', 'molluscs'], /\bvegan\b|\bplant[- ]based\b/i],
  [['peanut', 'tree nuts'], /\bnut[- ]free\b/i],
  [['peanut'], /\bpeanut[- ]free\b/i],
  [['soya'], /\bsoya?[- ]free\b/i],
  [['sesame'], /\bsesame[- ]free\b/i],
  [['wheat'], /\b(?:wheat|gluten)[- ]free\b/i],
  [['gluten'], /\bgluten[- ]free\b(?!.*\boat)/i],
];

/**
 * Returns the allergens that an ingredient's name denies.
 *
 * @example allergensDenied('dairy-free spread') // ['milk']
 */
export const allergensDenied = (name: string): readonly Allergen[] => [
  ...new Set(DENIALS.flatMap(([allergens, words]) => (words.test(name) ? allergens : []))),
];
