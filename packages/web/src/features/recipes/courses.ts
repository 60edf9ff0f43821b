const courseNames = ['', 'Starters', 'Mains', 'Sides', 'Desserts'];

/** The courses to choose from, and whatever else a recipe calls its own. */
export const courseOptions = (own: string): { readonly value: string; readonly label: string }[] =>
  [...new Set([...courseNames, own])].map((value) => ({ value, label: value || 'any course' }));
