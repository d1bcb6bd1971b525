import {
	CAST_NAMES,
	REACH_KIND_NAMES,
	RISE_FORM_NAMES,
	FISH_SIZE_NAMES,
	STANCE_NAMES,
	WARINESS_NAMES
} from '$lib/core/vocabulary';
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
	},
	'approach.lanes': {
		title: 'Lanes of a reach that nobody sketched',
		reason: 'By its kind and the level, from the left bank on; a sketch goes before it.',
		lists: [REACH_KIND_NAMES],
		keys: {
			'lane-1': 'Lane 1',
			'lane-2': 'Lane 2',
			'lane-3': 'Lane 3',
			'lane-4': 'Lane 4',
			'lane-5': 'Lane 5',
			widthM: 'Width, m',
			depthM: 'Depth, m',
			speedMs: 'Speed, m/s'
		}
	},
	'approach.level-lanes': {
		title: 'Lanes by the level',
		reason:
			'High water is deeper and quicker than usual, low water the other way; only for lanes that nobody sketched.',
		keys: { low: 'Low water', usual: 'Usual level', high: 'High water', depth: 'Depth', speed: 'Speed' }
	},
	'approach.directions': {
		title: 'Where each stance is looked for',
		reason: 'Directions from the fish to the guide, in degrees from straight downstream; all on both sides.',
		lists: [STANCE_NAMES],
		keys: { first: 'First', second: 'Second', third: 'Third' }
	},
	'approach.falls': {
		title: 'How well casts fall',
		reason: 'The more slack a cast lays, the less surely it falls where it is wanted.',
		lists: [CAST_NAMES]
	},
	'approach.strikes': {
		title: 'How sure a strike is',
		reason: 'From below it sets the hook back into the jaw; from above it pulls out of the mouth.',
		lists: [STANCE_NAMES]
	},
	'approach.takes': {
		title: 'Which fish takes',
		reason: 'A chance for one on station and one that cruises, times how wary it is.',
		lists: [WARINESS_NAMES],
		keys: { 'on-station': 'On station', cruising: 'Cruising' }
	},
	'approach.first-by-school': {
		title: 'Which fish first, by school',
		reason: 'Who goes for the best first weighs worth more, and minds less whom it disturbs.',
		keys: {
			best: 'The best first',
			nearest: 'The nearest first',
			worth: 'Worth: power',
			cost: 'Those disturbed: share'
		}
	},
	'approach.wind': {
		title: 'Wind on a reach',
		reason:
			'Wind heaps what drifts on the bank that it blows to, and leaves a calm strip under the other. Against a cast it takes length, from behind it takes slack.',
		keys: {
			fillsMs: 'Fills a bank from, m/s across',
			blownMs: 'Blows land insects on from, m/s',
			ruffledMs: 'Ruffles the water from, m/s',
			leePerM: 'Lee: times the height of trees',
			leeLeastM: 'Lee: at least, m',
			hotC: 'Hot from, °C',
			coolC: 'Cool up to, °C',
			againstMs: 'Against the cast from, m/s',
			behindMs: 'Behind the cast from, m/s',
			shoulderMs: 'From the side of the arm from, m/s',
			breezeMs: 'A breeze up to, m/s'
		}
	},
	'approach.sun': {
		title: 'Sun, shade and glare',
		reason:
			'Trees shade the water as far as the sun stands low over them; a low sun ahead glares; behind, it throws the shadow of a guide and the rod over the fish.',
		keys: {
			glareDeg: 'Glare: within degrees of the sun',
			glareUnderDeg: 'Glare: sun lower than, degrees',
			longestShadowM: 'Shadows count up to, m',
			rodM: 'The rod over the head, m',
			nearM: 'A shadow is seen within, m',
			everyMin: 'Shade is looked at every, min'
		}
	},
	'approach.silt': {
		title: 'Silt from wading feet',
		reason:
			'Silt drifts down as a plume that widens with the root of depth and distance; how quick the water is drops out. Fish in it stop rising.',
		keys: {
			mixing: 'Mixing across, of depth × shear velocity',
			shear: 'Shear velocity, of the current',
			feetM: 'To each side of the feet, m',
			lastsM: 'It matters down to, m'
		}
	},
	'approach.earlier': {
		title: 'What came of a side before',
		reason:
			'The next cast from a side from which a fish left good drifts, was put down, or saw the fly drag, is worth less; one from where a fish took, more.',
		keys: {
			left: 'Each good drift that was left',
			leftLeast: 'All of them, at least',
			draggedFrom: 'Dragged drifts count from',
			dragged: 'More dragged than not',
			putDown: 'It was put down',
			took: 'A fish took'
		}
	},
	'approach.landing': {
		title: 'From the ring to where the fly falls',
		reason:
			'A fish rises while the current carries it, so that its ring lies downstream of where it holds; it must have time to see the fly and decide.',
		keys: { riseMs: 'It rises at, m/s', decidesS: 'It decides within, s', shortM: 'Short by more than, m' }
	},
	'approach.stance': {
		title: 'How stances are ranked',
		reason:
			'The chance of a good drift over an undisturbed fish: the drift against what is needed, the chance of being seen, the fall of the cast, the line over the fish, wind, wading, sun, and the school.',
		keys: {
			nearestM: 'Distances from, m',
			apart: 'Each next one times',
			furthestM: 'Distances up to, m',
			backM: 'Back from the edge at most, m',
			driftShare: 'Odds of a drift: share that counts e',
			seenM: 'Odds of being seen: distance that counts e, m',
			behindDeg: 'Behind: within degrees',
			behind: 'Behind: nearer by the factor',
			aimM: 'Aim: lost by an e-th at, m',
			lined: 'Line over the fish',
			leadered: 'Leader over the fish',
			against: 'Wind against the cast',
			shoulder: 'Wind from the side of the arm',
			behindSlack: 'Wind behind a slack cast',
			breeze: 'A breeze ahead of a slack cast',
			wades: 'Wading',
			staff: 'Wading with a staff',
			silt: 'Silt drifts down on it',
			shadow: 'A shadow over it',
			glare: 'Glare',
			between: 'Another fish in between',
			favoured: 'The side that the school favours',
			unfavoured: 'The other side',
			flatFromAbove: 'From above on glassy water, by that school'
		}
	},
	'approach.strike': {
		title: 'When to lift',
		reason:
			'From the take to the strike: sippers turn down slowly, splashes are quick; longer from upstream and for large fish.',
		lists: [RISE_FORM_NAMES],
		keys: {
			fromAbove: 'Longer from upstream, s',
			large: 'Longer for a large fish, s',
			small: 'Shorter for a small fish, s',
			atOnce: 'Who strikes at once: share of the wait',
			takesUpMs: 'Slack is taken up at, m/s'
		}
	},
	'approach.first-fish': {
		title: 'Which fish first',
		reason:
			'What a fish is worth times the chance that it takes, less those whom it would disturb: on the way to it, or when it is hooked.',
		lists: [FISH_SIZE_NAMES],
		keys: {
			middlingMm: 'A middling fish has, mm',
			power: 'Worth by length: power',
			aboveM: 'Disturbed above a hooked one within, m',
			belowM: 'Disturbed below it within, m',
			castM: 'Cast from so far below, m',
			passesM: 'Passed within, m'
		}
	},
	'approach.lane-worth': {
		title: 'What lanes are worth to a fish',
		reason:
			'Food that drifts by within reach, less what holding there costs (Hughes & Dill 1990); slow water beside quick has the best of both (Fausch 1984); in the cold, rest goes before food.',
		keys: {
			usualC: 'Feeds best at, °C',
			coldSlows: 'Cold: beaten sooner by current',
			halfMs: 'Half is caught at, m/s',
			spreadMs: 'and falls over, m/s',
			reachM: 'Reaches up and down, m',
			coverM: 'Cover from depth, m',
			beside: 'Share of a better lane beside',
			cost: 'Cost of holding',
			costPerMs: 'Cost, by speed',
			rest: 'Cold: rest',
			restMs: 'Cold: slower than, m/s',
			least: 'At least'
		}
	},
	'approach.day': {
		title: 'What of the day moves fish',
		reason: 'From when on notes of a day count for where fish hold.',
		keys: {
			hatchH: 'A hatch was seen within, h',
			risesAsHatch: 'Rises that are a hatch',
			brightDeg: 'Bright: sun above, degrees',
			dimDeg: 'Dim: sun below, degrees',
			warmingFromH: 'Warming: measurements apart, h'
		}
	},
	'approach.below': {
		title: 'A weighted fly over a fish',
		reason: 'Its line against the depth, and how near to the bed it is let down.',
		keys: { hung: 'Line, times the depth', deepest: 'Share of the water at most' }
	},
	'drift.line': {
		title: 'A line on the water',
		reason:
			'A chain of pieces that cannot stretch, each carried by the lane it lies on (Müller et al. 2007; Jakobsen 2001). What is thick is carried more.',
		keys: {
			dragsMs: 'Drags from a difference of, m/s',
			lineMm: 'Line, mm',
			leaderMm: 'Leader, mm',
			tippetMm: 'Tippet, mm',
			tippetM: 'Tippet, m',
			flyM: 'The fly counts as line of, m',
			tipM: 'The tip reaches ahead, m',
			heldM: 'Held off the water, m',
			followM: 'The tip follows for, m',
			seamM: 'A seam is wide, m',
			leaderM: 'A usual leader, m',
			longestS: 'Followed for at most, s'
		}
	},
	'drift.casts': {
		title: 'How casts lay the line',
		reason:
			'Line beyond the straight way, all along and in the leader; a reach upstream, and the belly of a mend.',
		lists: [CAST_NAMES],
		keys: {
			slack: 'Slack, share of the way',
			leader: 'Slack of the leader, share',
			reachM: 'Reach upstream, m',
			bellyM: 'Belly upstream, m'
		}
	},
	'drift.steps': {
		title: 'How finely drifts are followed',
		reason:
			'Roughly for all stances, finely for the best; half the step changes the answer by less than 3 %.',
		keys: { coarse: 'Roughly', fine: 'Finely', pieces: 'Pieces of line', stepS: 'Step, s' }
	}
};
