import { words } from '../message';

/** What can be wrong with a field, whatever it is of: its name stands before the sentence. */
export default words('fault', {
	number: 'must be a number',
	whole: 'must be a whole number',
	under: '{value} is under {least}{unit}',
	over: '{value} is over {most}{unit}',
	text: 'must be text',
	empty: 'must not be empty',
	long: 'is over {most, number} characters',
	'no-text': 'holds characters that are not text',
	list: 'must be a list',
	many: 'holds over {most, number} of them',
	none: 'holds none',
	instant: 'must be an instant like {like}',
	day: 'must be a day like {like}',
	'no-day': 'must be a day that exists, between {from} and {to}',
	uuid: 'must be a UUID',
	'no-taxon': 'the atlas has no taxon “{taxon}”',
	'no-stage': 'this taxon has no such stage',
	'no-group-stage': 'animals of this group have no such stage',
	'no-animals': 'counts no animals',
	'no-lanes': 'holds no lane',
	nothing: 'states nothing',
	'third-alone': 'hangs behind a second fly, and there is none',
	other: 'is not as described',
	hook: 'is not an even hook from {least} to {most}'
});
