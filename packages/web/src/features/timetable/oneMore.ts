import { KitUnit } from '@lupin/core';
import * as v from 'valibot';
import { freshId } from '../../shared/words.ts';
import { kitNames } from './kitchenTimes.ts';

/** Another piece of a kind, like those that are there. */
export function oneMore(kit: readonly KitUnit[], kind: KitUnit['kind']): KitUnit {
  const like = kit.find((unit) => unit.kind === kind);
  const count = kit.filter((unit) => unit.kind === kind).length + 1;
  return v.parse(KitUnit, {
    id: freshId(
      kind,
      kit.map((unit) => unit.id),
    ),
    kind,
    name: `${kitNames[kind]} ${count}`,
    material: like?.material ?? 'steel',
    washMin: like?.washMin ?? 3,
    ...(like?.vessel ? { vessel: like.vessel } : {}),
  });
}
