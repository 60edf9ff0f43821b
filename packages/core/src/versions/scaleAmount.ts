import type { Amount } from '../model/index.ts';

/** So many times an amount; words stay words. */
export function scaleAmount(amount: Amount, factor: number): Amount {
  switch (amount.kind) {
    case 'mass':
      return {
        ...amount,
        massG: amount.massG * factor,
        ...(amount.toMassG !== undefined && { toMassG: amount.toMassG * factor }),
      };
    case 'volume':
      return {
        ...amount,
        volumeMl: amount.volumeMl * factor,
        ...(amount.toVolumeMl !== undefined && { toVolumeMl: amount.toVolumeMl * factor }),
      };
    case 'count':
      return {
        ...amount,
        count: amount.count * factor,
        ...(amount.toCount !== undefined && { toCount: amount.toCount * factor }),
      };
    case 'batches':
      return { ...amount, batches: amount.batches * factor };
    case 'words':
      return amount;
    default:
      return amount satisfies never;
  }
}
