import { names } from '../message';
/** In which order a date is written. */
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];
export const DATE_ORDER_NAMES = names('date-order', {
	ymd: 'year, month, day',
	dmy: 'day, month, year',
	mdy: 'month, day, year'
} satisfies Record<DateOrder, string>);
