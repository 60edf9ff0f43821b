/** Labels as they are printed and scanned, with what a careful reader takes from each; from general knowledge, all made up. */
export interface CorpusLabel {
  readonly text: string;
  readonly contained: string;
  readonly possible?: string;
  readonly trace?: string;
}

export const labelCorpus: readonly CorpusLabel[] = [
  {
    text: 'Ingredients: WHEAT flour, sugar, palm oil, whey powder (MILK), salt. May contain nuts.',
    contained: 'wheat milk',
    trace: 'tree-nut',
  },
  {
    text: 'INGREDIENTS: Oats, sunflower oil, honey.\nAllergy advice: contains gluten.\nMay also contain traces of milk, soya and sesame.',
    contained: 'oats honey gluten',
    trace: 'milk soy sesame',
  },
  { text: 'Ingredients: tomatoes (60%), onion, olive oil, basil, salt.', contained: '' },
  {
    text: 'Milk chocolate. Ingredients: sugar, cocoa butter, whole milk powder, cocoa mass, emulsifier (soya lecithin), natural vanilla flavouring. Contains: milk, soy. Made in a facility that also processes peanuts and tree nuts.',
    contained: 'milk soy',
    trace: 'peanut tree-nut',
  },
  {
    text: 'Ingredients: chickpeas, tahini (sesame seed paste), lemon juice, garlic, salt. Produced in a kitchen which handles egg, mustard and celery.',
    contained: 'sesame',
    trace: 'egg mustard celery',
  },
  {
    text: 'Vegetable stock cubes. Ingredients: salt, yeast extract (contains barley), palm fat, celery seed, onion powder, turmeric.',
    contained: 'barley celery',
  },
  {
    text: 'Ingredients: rice, water. Manufactured on equipment that processes wheat, soy and egg.',
    contained: '',
    trace: 'wheat soy egg',
  },
  {
    text: 'Worcester style sauce. Ingredients: malt vinegar (from barley), molasses, anchovies (fish), tamarind extract, onions, garlic. Not suitable for vegetarians.',
    contained: 'barley fish',
  },
  {
    text: 'ingredients: water, sugar, glucose syrup, gelatine, citric acid, natural flavouring, colour: carmine',
    contained: 'gelatine other-animal',
    possible: 'milk',
  },
  {
    text: 'Ingredients: Cream (MILK), sugar, EGG yolk, vanilla. Store in a freezer. Serving suggestion: serve with wafers and chopped hazelnuts.',
    contained: 'milk egg',
  },
  {
    text: 'Ingredients: almonds (95%), sea salt. Packed in an environment where other nuts are handled.',
    contained: 'almond tree-nut',
  },
  {
    text: 'Ingredients: prawns (crustacean) 70%, water, salt, sodium metabisulphite (sulphites). May contain fish. May contain pieces of shell.',
    contained: 'crustacean sulphites',
    trace: 'fish',
  },
  { text: 'Pitted olives. Ingredients: olives, water, salt. May contain stones.', contained: '' },
  {
    text: 'Ingredients: potatoes, sunflower oil, salt.\nNutrition information: fat 30 g, milk protein 0 g',
    contained: '',
  },
  { text: 'Ingredients: maize, sugar, barley malt extract, salt. Contains gluten.', contained: 'barley gluten' },
  {
    text: 'INGREDIENTS: ENRICHED FLOUR (WHEAT FLOUR, NIACIN), SOYBEAN OIL, SUGAR, WHEY, SOY LECITHIN. CONTAINS WHEAT, MILK, SOY. MAY CONTAIN TREE NUTS.',
    contained: 'wheat milk soy',
    trace: 'tree-nut',
  },
  {
    text: 'Ingredients: peanuts, salt. Contains peanuts. May be present: almond, cashew.',
    contained: 'peanut',
    trace: 'almond cashew',
  },
  {
    text: 'Ingredients: tofu (water, soya beans, firming agent), sunflower oil. Cannot guarantee free from nuts.',
    contained: 'soy',
    trace: 'tree-nut',
  },
  {
    text: 'Ingredients: mussels (molluscs), water, salt. Allergens: molluscs. Shared equipment with crustaceans.',
    contained: 'mollusc',
    trace: 'crustacean',
  },
  {
    text: 'Ingredients: water, oats 10%, rapeseed oil, calcium carbonate, salt. Contains no dairy.',
    contained: 'oats',
    possible: 'gluten',
  },
  { text: 'Gluten-free oat biscuits. Ingredients: oats, sugar, palm oil, golden syrup.', contained: 'oats' },
  {
    text: 'Dijon mustard. Ingredients: water, mustard seeds, vinegar, salt, sodium metabisulphite.',
    contained: 'mustard sulphites',
  },
  { text: 'Ingredients: lupin flour, water, salt', contained: 'lupin' },
  {
    text: 'Ingredients: pasta (durum wheat semolina), may contain soya and mustard',
    contained: 'wheat',
    trace: 'soy mustard',
  },
  {
    text: 'Wholewheat crackers. Ingredients: whole WHEAT flour (92%), sunflower oil, sea salt, raising agent (sodium bicarbonate). Made in a bakery that also handles milk, egg and sesame seeds.',
    contained: 'wheat',
    trace: 'milk egg sesame',
  },
  {
    text: 'Hazelnut spread. Sugar, palm oil, HAZELNUTS (13%), skimmed MILK powder (8.7%), fat-reduced cocoa, emulsifier: lecithins (SOYA), vanillin.',
    contained: 'hazelnut tree-nut milk soy',
  },
  {
    text: 'Tomato ketchup. Ingredients: tomatoes (148 g per 100 g ketchup), spirit vinegar, sugar, salt, spice and herb extracts (contain celery), spice.',
    contained: 'celery',
  },
  {
    text: 'Mayonnaise. Ingredients: rapeseed oil (75%), water, pasteurised EGG & EGG YOLK (7.9%), spirit vinegar, salt, sugar, lemon juice concentrate, antioxidant (calcium disodium EDTA), paprika extract. May contain mustard.',
    contained: 'egg',
    trace: 'mustard',
    possible: 'sulphites',
  },
  {
    text: 'Plant-based burger. Ingredients: water, pea protein, rapeseed oil, coconut fat, methylcellulose, WHEAT gluten, barley malt extract, beetroot powder, natural flavouring.',
    contained: 'coconut wheat barley',
    possible: 'milk',
  },
  {
    text: 'VEGAN GARLIC MAYO. Ingredients: Rapeseed oil, water, cider vinegar, garlic 3%, MUSTARD flour, pea protein, salt, sugar, lemon juice. Free from dairy, egg and gluten. Vegan.',
    contained: 'mustard',
    possible: 'sulphites',
  },
  {
    text: 'Fish fingers: Cod (FISH) 58%, breadcrumb [WHEAT flour (calcium carbonate, iron, niacin, thiamin), water, yeast, salt, paprika, turmeric], rapeseed oil, WHEAT starch, MUSTARD flour. May contain: Crustaceans, Molluscs. Cooking: grill for 12 minutes, do not add milk or butter.',
    contained: 'fish wheat mustard',
    trace: 'crustacean mollusc',
  },
  {
    text: 'Dried apricots. Ingredients: apricots, preservative: SULPHUR DIOXIDE. May occasionally contain stones or stone fragments.',
    contained: 'sulphites',
  },
  {
    text: 'Prawn crackers. INGREDIENTS: tapioca starch, palm oil, prawn (CRUSTACEAN) 12%, sugar, salt, flavour enhancer (E621). ALLERGY ADVICE: for allergens see ingredients in bold. Not suitable for nut allergy sufferers due to manufacturing methods.',
    contained: 'crustacean',
    trace: 'tree-nut',
  },
  {
    text: 'Dark chocolate 85%. Ingredients: cocoa mass, cocoa butter, sugar, vanilla. May contain traces of milk, almonds, hazelnuts and soya.',
    contained: '',
    possible: 'alcohol',
    trace: 'milk almond hazelnut soy',
  },
  {
    text: 'INGREDIENTS: CORN, VEGETABLE OIL (CONTAINS ONE OR MORE OF THE FOLLOWING: CORN, SOYBEAN, AND/OR SUNFLOWER OIL), MALTODEXTRIN, SALT, CHEDDAR CHEESE (MILK, CHEESE CULTURES, SALT, ENZYMES), WHEY, BUTTERMILK, NATURAL FLAVOR. CONTAINS MILK.',
    contained: 'milk',
    possible: 'soy',
  },
  {
    text: 'Ingredients: Organic rolled oats. Processed in a facility that also handles wheat, tree nuts, soy, milk and peanuts.',
    contained: 'oats',
    possible: 'gluten',
    trace: 'wheat tree-nut soy milk peanut',
  },
  { text: 'Certified gluten-free rolled oats. Ingredients: 100% whole grain oats.', contained: 'oats' },
  { text: 'Soy sauce. Water, soybeans, wheat, salt.', contained: 'soy wheat' },
  { text: 'Tamari soy sauce gluten-free: water, SOYA BEANS, salt, spirit vinegar.', contained: 'soy' },
  { text: 'Beer. Ingredients: water, barley malt, wheat malt, hops, yeast.', contained: 'barley wheat' },
  {
    text: 'Pesto alla Genovese. Ingredients: sunflower oil, basil 30%, CASHEW NUTS, Grana Padano PDO cheese (MILK, salt, rennet, lysozyme (EGG)), whey powder (MILK), potato flakes, pine kernels, garlic, acidity regulator: lactic acid. May contain other nuts and peanuts.',
    contained: 'cashew tree-nut milk egg pine-nut other-animal',
    possible: 'sulphites',
    trace: 'peanut',
  },
  {
    text: 'Gummy bears: glucose syrup (wheat), sugar, gelatine (pork), citric acid, fruit and plant concentrates, flavouring, glazing agents: beeswax, carnauba wax.',
    contained: 'gelatine pork other-animal',
    possible: 'wheat milk',
  },
  {
    text: 'Chicken stock cubes: salt, yeast extract (BARLEY, WHEAT), palm oil, chicken fat 3%, dried chicken 2%, CELERY seeds, lovage root, turmeric, MILK protein. May contain EGG, SOYA and MUSTARD.',
    contained: 'barley wheat poultry celery milk',
    trace: 'egg soy mustard',
  },
  {
    text: 'Dairy-free dark chocolate buttons. Ingredients: cocoa mass, sugar, cocoa butter, emulsifier (sunflower lecithin). Made on a line handling milk.',
    contained: '',
    trace: 'milk',
  },
  {
    text: 'Suitable for vegetarians. Ingredients: Mycoprotein (41%), rehydrated free range EGG white, onion, rapeseed oil, textured WHEAT protein, casings (sodium alginate), MILK protein, pectin.',
    contained: 'egg wheat milk',
  },
  {
    text: 'Coconut milk: coconut extract 75%, water, emulsifier (E435), stabiliser: guar gum.',
    contained: 'coconut',
    possible: 'other-animal',
  },
  {
    text: 'Houmous. Cooked chickpeas (63%), tahini (SESAME) (12%), rapeseed oil, water, concentrated lemon juice, garlic, salt, preservative potassium sorbate. Produced in a factory that uses nuts.',
    contained: 'sesame',
    trace: 'tree-nut',
  },
  {
    text: 'Worcester sauce: malt vinegar (from BARLEY), spirit vinegar, molasses, sugar, salt, ANCHOVIES (FISH), tamarind extract, onions, garlic, spice, flavourings. May contain soya.',
    contained: 'barley fish',
    possible: 'milk',
    trace: 'soy',
  },
  {
    text: 'Ingredients: sugar, enriched bleached flour (wheat flour, niacin, reduced iron), partially hydrogenated soybean oil, cocoa processed with alkali, egg whites, cornstarch, salt, artificial flavor. May contain milk ingredients. Contains: Wheat, Egg, Soy.',
    contained: 'wheat egg soy',
    possible: 'milk',
    trace: 'milk',
  },
  {
    text: 'Almond drink. Ingredients: Water, ALMONDS 2.3%, tri-calcium phosphate, sea salt, stabilisers (locust bean gum, gellan gum), vitamins (B2, B12, E, D2). Free from milk, lactose and gluten. May contain other nuts (no peanuts).',
    contained: 'almond tree-nut',
    trace: 'tree-nut',
  },
  {
    text: 'Rye crispbread. Ingredients: wholegrain RYE flour, salt. May contain traces of milk and sesame. Store in a cool dry place. Serving idea: top with cream cheese and smoked salmon.',
    contained: 'rye',
    trace: 'milk sesame',
  },
  {
    text: 'Falafel (chickpeas 62%, onion, rapeseed oil, coriander, parsley, garlic, WHEAT flour, cumin, salt). Manufactured in a site that handles Sesame, Egg, Milk and Fish.',
    contained: 'wheat',
    trace: 'sesame egg milk fish',
  },
  { text: 'Baking powder. Raising agents: disodium diphosphate, sodium carbonates; WHEAT flour.', contained: 'wheat' },
  { text: 'Baking powder: cream of tartar, sodium bicarbonate, maize starch. Gluten free.', contained: '' },
  {
    text: 'Granola (oats, honey, sunflower oil, almonds 6%, pecan nuts, coconut, sultanas, barley malt extract). Contains gluten, nuts. Made in a nut environment - may contain peanuts.',
    contained: 'oats honey almond pecan tree-nut coconut barley gluten',
    possible: 'sulphites',
    trace: 'peanut',
  },
  {
    text: 'Ice cream: partially reconstituted skimmed milk concentrate, sugar, coconut oil, glucose syrup, whey solids, egg yolk powder, emulsifier mono- and diglycerides of fatty acids, vanilla pods. Contains: Milk, Egg. May contain nut, soya.',
    contained: 'milk egg coconut',
    possible: 'other-animal',
    trace: 'tree-nut soy',
  },
  { text: 'Canned tuna: Skipjack tuna (FISH), sunflower oil, salt. Drained weight 112 g.', contained: 'fish' },
  {
    text: 'Crab sticks: surimi 38% (FISH, sugar), water, WHEAT starch, rapeseed oil, EGG white powder, sugar, crab extract (CRUSTACEAN), SOYA protein, colour: paprika extract.',
    contained: 'fish wheat egg crustacean soy',
  },
  {
    text: 'Curry paste: water, lemongrass, garlic, red chilli, shallot, galangal, shrimp paste (shrimp (CRUSTACEAN), salt), kaffir lime peel, coriander seed. May contain traces of fish, peanut, soy.',
    contained: 'crustacean',
    trace: 'fish peanut soy',
  },
  {
    text: 'Red wine vinegar. Ingredients: red wine vinegar, antioxidant potassium metabisulphite. Contains sulphites.',
    contained: 'sulphites',
  },
  {
    text: 'Gluten free bread. Ingredients: water, tapioca starch, rice flour, gluten-free WHEAT starch, rapeseed oil, EGG white powder, psyllium husk, yeast, humectant (vegetable glycerine), hydroxypropyl methyl cellulose, salt.',
    contained: 'wheat egg',
  },
  {
    text: 'ingredi-\nents: sugar,  pea-\nnuts (30 %), glu-\ncose syrup, whey pow-\nder (milk)',
    contained: 'peanut milk',
  },
  {
    text: '|NGREDIENTS: Wheat flour, sugar, butter (mllk), eggs. MAY C0NTAIN nuts',
    contained: 'wheat milk egg',
    trace: 'tree-nut',
  },
  {
    text: 'No nuts are used in this recipe, but it is made in a kitchen that uses nuts. Ingredients: dates, oats, sunflower seeds.',
    contained: 'oats',
    possible: 'gluten',
    trace: 'tree-nut',
  },
  { text: 'Allergens: Contains Milk: Yes, Egg: No, Wheat: Yes, Soya: No, Fish: No', contained: 'milk wheat' },
  {
    text: 'Ingredients: peas, water, sugar, salt, mint flavouring, colours: riboflavin, copper chlorophyllin',
    contained: '',
    possible: 'milk',
  },
  {
    text: 'Smoked salmon. Salmon (Salmo salar) (FISH), salt, oak smoke. Although every care has been taken to remove bones, some may remain.',
    contained: 'fish',
  },
  {
    text: 'Contains: milk. Ingredients: goats milk, salt, vegetarian rennet, cultures. Lactose-free.',
    contained: 'milk',
  },
  { text: 'Suitable for coeliacs. Ingredients: maize flour, barley malt extract', contained: 'barley gluten' },
  { text: 'Lactose free whole milk drink. Ingredients: Milk, lactase enzyme.', contained: 'milk' },
  {
    text: 'Chips. Ingredients: potatoes, sunflower oil. Cooked in the same oil as fish.',
    contained: '',
    trace: 'fish',
  },
  {
    text: 'Allergen information\nCereals containing gluten  ✓\nMilk  ✗\nEgg  ✓\nNuts  No\nSesame Yes',
    contained: 'gluten wheat egg sesame',
  },
  { text: '| Gluten | Yes | Milk | No | Egg | No | Mustard | Yes |', contained: 'gluten mustard' },
  { text: 'Zutaten: Weizenmehl, Zucker, Butter, Vollei, Haselnüsse', contained: 'wheat milk egg hazelnut tree-nut' },
  { text: 'Suitable for vegans. Ingredients: oats, natural flavouring, salt.', contained: 'oats', possible: 'gluten' },
  { text: 'Not suitable for vegans. Ingredients: rice, natural flavouring.', contained: '', possible: 'milk' },
  { text: 'This bar is vegan and gluten-free. Ingredients: dates, oats, natural flavouring.', contained: 'oats' },
  {
    text: 'May contain: peanuts/tree nuts/sesame/milk. Ingredients: freeze-dried strawberries',
    contained: '',
    trace: 'peanut tree-nut sesame milk',
  },
  { text: 'Ingredients: oats, natural flavouring, salt. Suitable for vegans.', contained: 'oats', possible: 'gluten' },
  { text: 'Ingredients: oats, sugar. Gluten free.', contained: 'oats' },
  { text: 'Ingredients: Oats (gluten free), barley malt, salt', contained: 'oats barley gluten' },
  {
    text: 'Stuffing mix. Gluten-free. Rice flour, maize starch, dried onion, suet (beef fat, rice flour), sage.',
    contained: 'meat',
    possible: 'wheat',
  },
  {
    text: 'Peanut butter: 99% roasted peanuts, salt, palm oil. Nut warning: not suitable for tree nut allergy sufferers.',
    contained: 'peanut',
    trace: 'tree-nut',
  },
  {
    text: 'Ingredients: wheat flour, sugar, emulsifier (471), colour (160b), antioxidant (322 from soy)',
    contained: 'wheat soy',
    possible: 'other-animal',
  },
  { text: 'Walnut halves. Store in a cool dry place.', contained: 'walnut tree-nut' },
];
