export { readOccasionFile, readRecipeFile } from './occasionFile.ts';
