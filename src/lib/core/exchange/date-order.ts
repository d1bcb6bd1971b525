/** In which order a date is written. */
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];
export const DATE_ORDER_NAMES: Record<DateOrder, string> = {
	ymd: 'year, month, day',
	dmy: 'day, month, year',
	mdy: 'month, day, year'
};
