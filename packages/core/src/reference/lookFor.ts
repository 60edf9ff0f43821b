import * as v from 'valibot';
import table from '../../../../data/reference/look-for.json' with { type: 'json' };
import type { HazardId } from './hazards.ts';

const words = v.parse(v.record(v.string(), v.string()), table);

/** The words under which a hazard stands on a label; empty for one that no label names (raw-food risks). */
export const lookFor = (hazard: HazardId): string => words[hazard] ?? '';
