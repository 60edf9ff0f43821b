import * as v from 'valibot';
import { Occasion } from '@lupin/core';

export { Occasion };
export const parse = (value: unknown): Occasion => v.parse(Occasion, value);
