export { shoppingList, type ItemSource, type LabelWish, type ShoppingItem, type ShoppingList } from './list.ts';
export { addUp, takeOff, isNothing, type Sum } from './sum.ts';
export { packUp, type Packing } from './packing.ts';
export { sumWords, packingWords, shoppingText } from './words.ts';
export { toShoppingCsv, fromShoppingCsv, type CsvFault } from './csv.ts';
