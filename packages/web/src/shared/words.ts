import dayjs from 'dayjs';

export const longDay = (iso: string): string => dayjs(iso).format('dddd D MMMM YYYY');
export const shortDay = (iso: string): string => dayjs(iso).format('D MMM');

/** A new id from a name that none of the others has. */
export function freshId(name: string, taken: readonly string[]): string {
  const base = name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '').slice(0, 50) || 'x';
  let id = base;
  for (let count = 2; taken.includes(id); count++) id = `${base}-${count}`;
  return id;
}
