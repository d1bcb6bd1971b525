export { COMPASS, COMPASS_STEP_DEG, compassPoint } from './compass';
export {
	celsiusFromFahrenheit,
	fahrenheitFromCelsius,
	feetFromMetres,
	inchFromMm,
	metresFromFeet,
	mmFromInch
} from './convert';
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
export { showPosition } from './position';
export { typedMeasure, type Measure } from './typed';
