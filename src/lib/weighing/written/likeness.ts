import { SCHOOL } from '$lib/core/likeness';
import { namesOf, type WrittenTables } from './written';

const SCHOOLS_BY_NAME = namesOf(SCHOOL.choices);

/** The words of the tables of likeness, by their ids. */
export const LIKENESS_WORDS: WrittenTables = {
	'likeness.school': {
		title: 'What decides a fly',
		reason:
			'How far each part of likeness counts, by school: exponents of a weighted geometric mean. Those of the presentation school sum to less than one, since likeness as a whole counts less there, and fitness for the water twice.',
		lists: [SCHOOLS_BY_NAME],
		keys: {
			posture: 'Posture',
			size: 'Size',
			outline: 'Outline',
			colour: 'Colour',
			fitness: 'Fitness for the water'
		}
	},
	'likeness.parts': {
		title: 'How alike a fly and a natural are',
		reason:
			'Likeness falls off with the ratio of lengths and with the colour difference as a normal curve; one even hook step is a factor of 1.2 in length. Nothing is wholly unlike: fish take the wrong fly now and then.',
		keys: {
			least: 'At least',
			stepApart: 'A step of the column apart',
			sizeFactor: 'A factor in length that is a spread off',
			colourSpread: 'A colour difference that is a spread off (CIEDE2000)',
			belly: 'The belly, of the colours',
			otherOutlines: 'Silhouettes that are not named here',
			stoutFromMm: 'A nymph is stout over, mm',
			flatFromMm: 'A land insect is long from, mm',
			clawsFromMm: 'A crustacean has claws from, mm'
		}
	},
	'likeness.outlines': {
		title: 'Silhouettes that pass for one another',
		reason: 'One way or the other.',
		keys: {
			'mayfly-upright': 'Upright mayfly',
			'mayfly-low': 'Low mayfly',
			'mayfly-spent': 'Spent mayfly',
			hanging: 'Hanging',
			tent: 'Tent wing',
			'flat-wing': 'Flat wing',
			waisted: 'Waisted',
			pupa: 'Pupa',
			'slim-nymph': 'Slim nymph',
			'stout-nymph': 'Stout nymph',
			grub: 'Grub',
			scud: 'Scud',
			lump: 'Lump',
			ribbon: 'Ribbon',
			shell: 'Shell',
			ball: 'Ball',
			claws: 'Claws',
			fish: 'Fish'
		}
	}
};
