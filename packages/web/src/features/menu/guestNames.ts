import { listed, type Occasion } from '@lupin/core';

/** Guests by name: "Bea, Lena and Suki". */
export const guestNames = ({ guests }: Pick<Occasion, 'guests'>, ids: readonly string[]): string =>
  listed(ids.map((id) => guests.find((each) => each.id === id)!.name));
