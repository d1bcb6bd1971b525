export { chanceWord, leastOfWord } from './chance-word';
export { fault, faultOf, toldBack } from './fault';
export { InputError } from './input-error';
export { ENGLISH, type Language } from './language';
export {
	atStart,
	joined,
	names,
	typed,
	withArticle,
	within,
	words,
	type Message,
	type Values,
	type Words
} from './message';
export { METRIC, tippetX, type Quantity, type UnitSettings } from './quantity';
export { sayMessage, showQuantity, showRange, type Reader } from './say';
