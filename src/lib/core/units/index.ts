export { compassPoint } from './compass';
export { celsiusFromFahrenheit, metresFromFeet, mmFromInch } from './convert';
export {
	MONTH_NAMES,
	dayOfMonth,
	instantOn,
	instantWithOffset,
	isTimeZone,
	localClock,
	localDate,
	localDay,
	localInstant,
	localWeek
} from './local-time';
export {
	METRIC,
	leastOfWord,
	probabilityWord,
	sayPhrase,
	showQuantity,
	showRange,
	tippetX,
	type Phrase,
	type Quantity,
	type UnitSettings
} from './phrase';
export { showPosition } from './position';
export { typedMeasure, type Measure } from './typed';
