import { OccasionFixes } from '../recipes/OccasionFixes.tsx';

/** Recipes of the menu that do not say that what is raw in them gets hot enough, each with one press to say so. */
export const CookedThrough = () => <OccasionFixes codes={['poultry-core', 'raw-core']} />;
