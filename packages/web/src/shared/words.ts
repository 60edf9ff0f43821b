import dayjs from 'dayjs';

export const longDay = (iso: string): string => dayjs(iso).format('dddd D MMMM YYYY');
export const shortDay = (iso: string): string => dayjs(iso).format('D MMM');

export { freshId } from '@lupin/core';
