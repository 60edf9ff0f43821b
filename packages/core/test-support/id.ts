/** Words as an id of whatever kind is wanted where they stand: `{ cook: id('ada') }`. */
export const id = <Id extends string = never>(words: string): Id => words as Id;
