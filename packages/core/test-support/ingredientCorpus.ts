/**
 * Lines as cooks write them, with what a careful reader says of each, from general knowledge and not from the word list.
 * `contains` and `possible` name what matters and must be found; anything else from `declared` that is found as contained is a false alarm.
 */
export interface CorpusLine {
  readonly text: string;
  readonly contains: readonly string[];
  readonly possible: readonly string[];
}

const rows: readonly (readonly [text: string, contains?: string, possible?: string])[] = [
  ['250 g plain flour', 'wheat'], ['2 cups all-purpose flour, plus extra for dusting', 'wheat'], ['1 tbsp cornflour mixed with 2 tbsp cold water'], ['100 g gram flour'], ['60 g buckwheat flour'],
  ['2 slices stale white bread', 'wheat', 'milk egg soy'], ['a handful of panko', 'wheat'], ['gluten-free breadcrumbs', '', 'wheat egg milk'], ['300 g spaghetti', 'wheat', 'egg'], ['400 g fresh egg noodles', 'wheat egg'],
  ['200 g rice noodles, soaked'], ['150 g couscous', 'wheat'], ['75 g bulgur wheat, rinsed', 'wheat'], ['1 cup freekeh', 'wheat'], ['pearl barley, 80 g', 'barley'], ['2 slices of rye bread', 'rye', 'wheat'],
  ['1 sheet ready-rolled puff pastry', 'wheat', 'milk egg'], ['6 sheets of filo', 'wheat'], ['50 g rolled oats', 'oats', 'gluten'], ['50 g oats (certified gluten-free)', 'oats'], ['2 tbsp soy sauce', 'soy wheat'],
  ['2 tbsp gluten-free soy sauce', 'soy', 'wheat'], ['2 tbsp tamari', 'soy', 'wheat'], ['1 tbsp white miso paste', 'soy', 'barley wheat'], ['1 bottle (330 ml) lager', 'barley alcohol', 'wheat'], ['2 tbsp malt vinegar', 'barley'],
  ['1 tsp malt extract', 'barley'], ['2 large eggs, beaten', 'egg'], ['3 egg yolks', 'egg'], ['2 medium egg whites at room temperature', 'egg'], ['1 flax egg', 'egg'], ['½ cup mayonnaise', 'egg', 'mustard'], ['vegan mayo', '', 'soy'],
  ['1 eggplant, cubed'], ['egg-free mayonnaise', '', 'mustard'], ['500 ml whole milk', 'milk lactose'], ['a splash of milk', 'milk'], ['a knob of butter', 'milk', 'lactose'], ['1 stick unsalted butter, softened', 'milk'],
  ['2 tbsp ghee', 'milk'], ['100 ml crème fraîche', 'milk'], ['creme fraiche, 3 tbsp', 'milk'], ['200 g Greek yoghurt', 'milk'], ['150 g grated cheddar', 'milk'], ['30 g Parmesan, finely grated', 'milk other-animal'], ['vegan parmesan', '', 'soy'],
  ['100 g lactose-free cream', 'milk'], ['1 tin coconut milk (400 ml)', 'coconut'], ['200 ml coconut cream', 'coconut'], ['250 ml oat milk', 'oats', 'gluten'], ['almond milk, unsweetened, 300 ml', 'almond tree-nut'], ['soya milk', 'soy'], ['rice milk'],
  ['dairy-free butter', '', ''], ['vegan butter', '', 'soy'], ['plant-based butter', '', 'milk soy'], ['cashew cheese', 'cashew tree-nut', 'milk'], ['sodium caseinate', 'milk'], ['20 g whey powder', 'milk'], ['cocoa butter'], ['2 tbsp shea butter'],
  ['1 tsp cream of tartar'], ['200 g dark chocolate, chopped', '', 'milk soy'], ['100 g milk chocolate', 'milk', 'soy'], ['peanut butter, 2 tbsp', 'peanut'], ['2 tbsp smooth nut butter or tahini', '', 'tree-nut sesame'], ['butter beans, 1 tin'],
  ['walnut-sized piece of ginger'], ['a piece of ginger the size of a walnut'], ['50 g walnut halves', 'walnut tree-nut'], ['40 g flaked almonds, toasted', 'almond tree-nut'], ['mixed nuts, roughly chopped', 'tree-nut', 'peanut'], ['2 tbsp pine nuts', 'pine-nut tree-nut'],
  ['100 g ground almonds', 'almond tree-nut'], ['marzipan', 'almond tree-nut', 'egg'], ['1 tsp almond extract', 'almond'], ['pinch of nutmeg'], ['1 butternut squash'], ['200 g water chestnuts, drained'], ['200 g chestnuts', 'chestnut'], ['handful of cashews', 'cashew tree-nut'],
  ['50 g pesto', '', 'milk pine-nut'], ['2 tbsp sesame oil', 'sesame'], ['1 tbsp tahini', 'sesame'], ['150 g hummus', 'sesame'], ['1 tbsp Dijon mustard', 'mustard'], ['1 tsp black mustard seeds', 'mustard'], ['2 sticks celery, diced', 'celery'],
  ['1 celeriac, peeled', 'celery'], ['½ tsp celery salt', 'celery'], ['1 vegetable stock cube', '', 'celery wheat milk soy'], ['500 ml chicken stock', 'poultry', 'celery wheat'], ['1 litre hot stock', '', 'celery wheat'], ['2 tbsp fish sauce', 'fish'],
  ['4 anchovies in oil', 'fish'], ['1 tbsp Worcestershire sauce', 'fish', 'barley'], ['2 tbsp oyster sauce', 'mollusc', 'soy wheat'], ['200 g oyster mushrooms'], ['12 raw king prawns', 'crustacean'], ['1 kg mussels, scrubbed', 'mollusc'], ['200 g crab meat', 'crustacean'],
  ['2 salmon fillets', 'fish'], ['1 tin tuna, drained', 'fish'], ['crab sticks', 'fish', 'crustacean egg wheat'], ['200 ml dry white wine', 'alcohol', 'sulphites'], ['2 tbsp red wine vinegar', '', 'sulphites'], ['50 g dried apricots', '', 'sulphites'],
  ['100 g tofu, pressed', 'soy'], ['soy lecithin', 'soy'], ['lecithin', '', 'soy egg'], ['sunflower lecithin'], ['E322', '', 'soy egg'], ['E 471', '', 'other-animal'], ['natural flavouring', '', 'milk'], ['lupin flour, 20 g', 'lupin'],
  ['4 sheets leaf gelatine', 'gelatine'], ['2 tbsp runny honey', 'honey'], ['8 duck legs', 'poultry'], ['6 rashers streaky bacon', 'pork'], ['400 g beef mince', 'meat'], ['lard, for frying', 'pork'], ['1 tbsp lard or butter', '', 'pork milk'],
  ['butter or oil for frying', '', 'milk'], ['single cream or milk', 'milk'], ['25 g walnuts, optional', 'walnut'], ['1 or 2 eggs', 'egg'], ['salt and pepper'], ['2 carrots, peeled and diced'], ['milk-fed veal', 'meat'], ['egg-shaped chocolates', '', 'milk'],
  ['seitan, sliced', 'wheat'], ['semolina, for dusting', 'wheat'], ['spelt flour', 'wheat'], ['triticale flakes', 'wheat rye'], ['200 g self raising flour', 'wheat'], ['baking powder', '', 'wheat'], ['1 tsp vanilla extract'], ['2 tsp xanthan gum'],
  ['wheat-free bread', '', 'gluten'], ['nut-free granola', 'oats', 'gluten wheat'], ['soy-free margarine', '', 'milk'], ['buter, 50 g', 'milk'], ['200 g flower', ''], ['300g choclate chips', '', 'milk'], ['1 tbsp tahinni', 'sesame'], ['brocolli florets'],
  ['free from milk, egg and nuts'], ['custard made without egg', 'milk'], ['half-and-half, 1 cup', 'milk'], ['1 cup buttermilk', 'milk'], ['3 tbsp olive oil'], ['juice of 1 lemon'], ['1 bunch coriander'], ['groundnut oil', '', 'peanut'], ['satay sauce', 'peanut'],
  ['halva', 'sesame'], ['1 tbsp curry paste', '', 'mustard celery'], ['curry leaves'], ['monkey nuts', 'peanut'], ['1 tin chickpeas and their water (aquafaba)'], ['ladyfingers', 'wheat egg'], ["lady's fingers (okra)"], ['ice cream, to serve', 'milk', 'egg'],
];

export const corpus: readonly CorpusLine[] = rows.map(([text, contains = '', possible = '']) => ({ text, contains: contains.split(' ').filter(Boolean), possible: possible.split(' ').filter(Boolean) }));
