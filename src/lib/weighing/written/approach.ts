import type { WrittenTables } from './written';

/** The words of the tables of where to stand, by their ids. */
export const APPROACH_WORDS: WrittenTables = {
	'approach.seen': {
		title: 'What a fish notices above the water',
		reason:
			'Light from near the horizon is squeezed into the edge of the window and mostly mirrored away (Snell, Fresnel). What stands lower than this over the edge is lost to a fish in clear water; colour takes contrast, and what shows less must look larger (Lythgoe 1979).',
		keys: {
			glassy: 'Glassy: degrees above the edge',
			rippled: 'Rippled: degrees above the edge',
			broken: 'Broken: degrees above the edge',
			contrastLeft: 'Contrast that is left at the distance called visibility',
			colouredUnderM: 'Told as coloured under, m'
		}
	},
	'approach.postures': {
		title: 'How high a head is',
		reason: 'Of somebody 1.75 m tall, above the ground; taller and shorter guides in proportion.',
		keys: { standing: 'Standing', kneeling: 'Kneeling', crouching: 'Crouching' }
	},
	'approach.usual-place': {
		title: 'A place of which nothing was noted',
		reason: 'A usual fish on a usual bank; what is noted or said goes before it.',
		keys: { depthM: 'The fish is so deep, m', bankM: 'The bank is so high, m', speedMs: 'The current, m/s' }
	},
	'approach.wading': {
		title: 'What takes a person off their feet',
		reason:
			'Toppled by depth times speed, by height and mass (Abt et al. 1989); slid away where the push on the legs is more than the soles hold (Jonkman & Penning-Rowsell 2008). Far less than that is already a caution.',
		keys: {
			product: 'Toppling: factor, m²/s',
			perKgM: 'Toppling: for each kg and m',
			offset: 'Toppling: added',
			friction: 'Sliding: friction of soles',
			drag: 'Sliding: drag of legs',
			breadthM: 'Sliding: breadth of legs, m',
			density: 'Water, kg/m³',
			buoyed: 'Weight that the water takes off',
			staffFrom: 'With a staff from this share on',
			outFrom: 'Stay out from this share on',
			rising: 'Rising water: factor',
			cold: 'Cold water: factor',
			dark: 'Failing light: factor',
			coldUnderC: 'Cold under, °C',
			darkUnderMin: 'Failing light: minutes left',
			deepest: 'Nobody wades deeper than this share of their height'
		}
	}
};
