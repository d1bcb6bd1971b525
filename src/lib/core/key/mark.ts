import { MOVEMENTS } from '../atlas';
import { typed, type Message } from '../message';
import { COLOUR_FAMILIES } from './colour-family';

/** One thing that can be seen of an animal, asked as a question with drawn answers. */
export interface MarkKind {
	asks: string;
	/** Seconds it takes: a glance, a look in the hand, or a lens. */
	effortS: number;
	/** How often it is misread in the field, 0 to 1 (field rule; gills and tails are what people misread most). */
	misread: number;
	states: Readonly<Record<string, string>>;
}

const GLANCE = 5;
const IN_HAND = 10;
const LENS = 25;

/** Answers about length, each with the body lengths it stands for. */
export const LENGTH_BANDS: Readonly<Record<string, { says: string; fromMm: number; toMm: number }>> = {
	'4': { says: 'Under 4 mm', fromMm: 0, toMm: 4 },
	'6': { says: '4 to 6 mm', fromMm: 4, toMm: 6 },
	'9': { says: '6 to 9 mm', fromMm: 6, toMm: 9 },
	'13': { says: '9 to 13 mm', fromMm: 9, toMm: 13 },
	'18': { says: '13 to 18 mm', fromMm: 13, toMm: 18 },
	'26': { says: '18 to 26 mm', fromMm: 18, toMm: 26 },
	'200': { says: 'Over 26 mm', fromMm: 26, toMm: Number.POSITIVE_INFINITY }
};
const LENGTH_WORDS = Object.fromEntries(Object.entries(LENGTH_BANDS).map(([band, { says }]) => [band, says]));

/**
 * The marks that tell the atlas's animals apart. Terms after Merritt, Cummins & Berg (2008) and, for the fine
 * marks of each order, Elliott & Humpesch (2010), Stewart & Stark (2002) and Wiggins (1996).
 */
export const MARKS = {
	wings: {
		asks: 'What are its wings like at rest?',
		effortS: GLANCE,
		misread: 0.05,
		states: {
			none: 'No free wings',
			crumpled: 'Crumpled or half out',
			upright: 'Upright, like a sail',
			flat: 'Flat over the back',
			rolled: 'Rolled round the body',
			tent: 'Like a tent',
			spent: 'Spread flat on the water',
			spread: 'Held out stiffly'
		}
	},
	build: {
		asks: 'How is it built?',
		effortS: GLANCE,
		misread: 0.1,
		states: {
			swimmer: 'Slim, like a small fish',
			clinger: 'Flat, broad head',
			burrower: 'Long, with tusks or diggers',
			slender: 'Long and thin',
			grub: 'A soft grub',
			comma: 'A comma with a thick head',
			waisted: 'With a thin waist',
			stout: 'Short and stout',
			scud: 'Curved, many legs',
			oval: 'A hard oval',
			shell: 'A shell',
			ribbon: 'A ribbon or string',
			fish: 'A fish',
			crayfish: 'Claws and a fan tail',
			crab: 'Claws, broad, the tail tucked beneath',
			flea: 'A round speck that hops',
			egg: 'A soft ball'
		}
	},
	tails: {
		asks: 'How many tails?',
		effortS: IN_HAND,
		misread: 0.1,
		states: { '0': 'None', '1': 'One', '2': 'Two', '3': 'Three' }
	},
	'tail-length': {
		asks: 'How long are the tails?',
		effortS: GLANCE,
		misread: 0.08,
		states: { stubs: 'Stubs', half: 'About half the body', long: 'As long as the body or longer' }
	},
	'tail-look': {
		asks: 'What do the tails look like?',
		effortS: LENS,
		misread: 0.12,
		states: {
			plain: 'Plain',
			'short-middle': 'The middle one shorter',
			banded: 'Banded or ringed',
			fringed: 'Fringed like feathers',
			leaves: 'Broad leaves'
		}
	},
	gills: {
		asks: 'Where are gills to be seen?',
		effortS: IN_HAND,
		misread: 0.1,
		states: {
			none: 'None to be seen',
			abdomen: 'Along the abdomen',
			thorax: 'A tuft at the head end',
			neck: 'At the neck',
			armpits: 'In the armpits',
			tail: 'At the tail'
		}
	},
	'gill-shape': {
		asks: 'What shape are the gills along the abdomen?',
		effortS: LENS,
		misread: 0.12,
		states: {
			single: 'Single plates',
			double: 'Double plates',
			'plates-tufts': 'Plates with tufts',
			sucker: 'Meeting as a sucker beneath',
			feathers: 'Feathers over the back',
			back: 'Small plates on the back',
			forked: 'Forked threads',
			leaf: 'Leaves ending in a thread',
			bunch: 'Bunches of threads',
			square: 'Under a square cover',
			triangle: 'Under a three-cornered cover',
			branched: 'Branched, beneath',
			side: 'Threads at the sides'
		}
	},
	pads: {
		asks: 'How many pairs of wing pads?',
		effortS: IN_HAND,
		misread: 0.1,
		states: { '0': 'None', '1': 'One pair in sight', '2': 'Two pairs' }
	},
	legs: {
		asks: 'How many legs?',
		effortS: GLANCE,
		misread: 0.05,
		states: { none: 'None', six: 'Six', many: 'More than six' }
	},
	case: {
		asks: 'Is it in a case?',
		effortS: GLANCE,
		misread: 0.04,
		states: {
			none: 'No case',
			stones: 'Of stones or sand',
			plants: 'Of plant bits',
			square: 'Four-sided'
		}
	},
	'case-form': {
		asks: 'What form has the case?',
		effortS: IN_HAND,
		misread: 0.08,
		states: {
			saddle: 'A saddle or dome',
			horn: 'A curved smooth horn',
			rough: 'A rough heavy tube',
			chimney: 'A tapering chimney',
			anyhow: 'Bits laid anyhow',
			spiral: 'A tube laid in a neat spiral',
			coil: 'A coil, like a small snail',
			twigs: 'Slim, trailing twigs'
		}
	},
	plates: {
		asks: 'How many hard plates behind the head?',
		effortS: LENS,
		misread: 0.12,
		states: { '1': 'One', '2': 'Two', '3': 'Three' }
	},
	head: {
		asks: 'What is the head like?',
		effortS: IN_HAND,
		misread: 0.12,
		states: {
			dark: 'Plain dark',
			pale: 'Plain pale',
			orange: 'Orange',
			spotted: 'Spotted',
			striped: 'Striped',
			tiny: 'Hardly to be seen'
		}
	},
	antennae: {
		asks: 'What are the antennae like?',
		effortS: IN_HAND,
		misread: 0.1,
		states: {
			short: 'Short or none',
			long: 'About as long as the body',
			longest: 'Twice as long as the wing',
			elbowed: 'Elbowed',
			feathery: 'Feathery'
		}
	},
	'wing-look': {
		asks: 'How do the wings look against the light?',
		effortS: GLANCE,
		misread: 0.1,
		states: { cloudy: 'Cloudy', clear: 'Clear as glass', patterned: 'Patterned or hairy' }
	},
	'hind-wing': {
		asks: 'How large is the hind wing?',
		effortS: LENS,
		misread: 0.12,
		states: { none: 'None', tiny: 'A tiny lobe', large: 'A third of the fore wing' }
	},
	'wing-marks': {
		asks: 'Are there marks on the fore wing?',
		effortS: IN_HAND,
		misread: 0.1,
		states: {
			plain: 'Plain',
			spots: 'Spots or blotches',
			edge: 'A dark or amber front edge',
			window: 'A pale window',
			veins: 'Dark thick veins',
			bands: 'Bands across'
		}
	},
	'wing-colour': {
		asks: 'What colour are the wings?',
		effortS: GLANCE,
		misread: 0.1,
		states: COLOUR_FAMILIES
	},
	belly: { asks: 'What colour is the belly?', effortS: IN_HAND, misread: 0.1, states: COLOUR_FAMILIES },
	length: {
		asks: 'How long is the body, without tails and wings?',
		effortS: IN_HAND,
		misread: 0.08,
		states: LENGTH_WORDS
	},
	'back-colour': {
		asks: 'What colour is its back?',
		effortS: GLANCE,
		misread: 0.1,
		states: COLOUR_FAMILIES
	},
	'pad-colour': {
		asks: 'What colour are its wing pads?',
		effortS: IN_HAND,
		misread: 0.1,
		states: { pale: 'Pale, like the body', dark: 'Darker than the body', black: 'Black and swollen' }
	},
	back: {
		asks: 'What pattern is on its back?',
		effortS: IN_HAND,
		misread: 0.12,
		states: {
			plain: 'Plain',
			bold: 'Bold dark and light',
			striped: 'A stripe lengthwise',
			banded: 'Bands across',
			mottled: 'Mottled'
		}
	},
	movement: {
		asks: 'How does it move?',
		effortS: IN_HAND,
		misread: 0.12,
		states: MOVEMENTS
	},
	skin: {
		asks: 'Is it leaving its skin?',
		effortS: IN_HAND,
		misread: 0.08,
		states: { free: 'No', half: 'Half out of it', stuck: 'Stuck, wings bent' }
	},
	eggs: {
		asks: 'Does it carry eggs at its end?',
		effortS: GLANCE,
		misread: 0.08,
		states: { none: 'None to be seen', mass: 'A ball or string of eggs' }
	},
	forelegs: {
		asks: 'Is there something about the legs?',
		effortS: LENS,
		misread: 0.12,
		states: {
			plain: 'Plain',
			fringed: 'A fringe of long hairs',
			toothed: 'Thick, with teeth',
			long: 'Very long and thin',
			jumping: 'Made for jumping',
			rowing: 'Made for rowing',
			trailing: 'Trailing behind'
		}
	},
	side: {
		asks: 'Which way is it flattened?',
		effortS: GLANCE,
		misread: 0.06,
		states: {
			round: 'Round',
			sides: 'From side to side',
			above: 'From above',
			coil: 'A flat coil',
			spire: 'A spire'
		}
	}
} as const satisfies Record<string, MarkKind>;

export type MarkId = keyof typeof MARKS;
export const MARK_IDS = Object.keys(MARKS) as MarkId[];

/** The question after a mark. */
export const markAsks = (mark: MarkId): Message => ({ id: `mark.${mark}`, text: MARKS[mark].asks });

/** What an answer says; one that the mark does not have is its own name. */
export function stateWords(mark: MarkId, state: string): Message {
	const states: Readonly<Record<string, string>> = MARKS[mark].states;
	const text = states[state];
	return text === undefined ? typed(state) : { id: `mark.${mark}.${state}`, text };
}
