/**
 * The rooms of the core, floor by floor from the ground. A room imports from rooms named before it, through their
 * `index.ts`, and never the other way: the linter holds to this (eslint.config.js), and docs/architecture.md is drawn
 * of it.
 */
export const FLOORS = [
	{
		floor: 'foundation',
		rooms: {
			math: 'chance, information, colour spaces, once',
			units: 'from one unit to another, local time',
			message: 'sentences that wait for units and language',
			rule: 'tables of numbers, with meaning, range and source'
		}
	},
	{
		floor: 'domain',
		rooms: {
			vocabulary: 'the lists that guides note by, and their names',
			atlas: 'taxa, regions, stages, seasons, bodies, colours',
			tackle: 'hooks, tippet, styles, patterns, dressings'
		}
	},
	{
		floor: 'field',
		rooms: {
			note: 'what a guide writes down, and its schemas',
			hatch: 'what may hatch on a day, daylight, water temperature',
			outing: 'notes folded into what stands now, the weather now',
			rise: 'rhythm and drift of a fish under watch',
			tray: 'a sample in numbers'
		}
	},
	{
		floor: 'inference',
		rooms: {
			likeness: 'what fish may be eating, and how like it a fly is',
			reading: 'what fish are taking, and why',
			look: 'what is worth looking at next'
		}
	},
	{
		floor: 'choice',
		rooms: {
			rig: 'leader, depth, what the fish has seen',
			match: 'the flies that match',
			advice: 'what may be wrong, and the one thing to change',
			drift: 'how long a fly drifts as the water does',
			approach: 'where fish hold, and from where to fish one',
			key: 'what is this?',
			figure: 'insects, flies and marks as they are drawn',
			specimen: 'measuring on a photo'
		}
	},
	{
		floor: 'records',
		rooms: {
			record: 'hatch records, the log, seasons',
			share: 'what others get to see',
			exchange: 'formats in and out'
		}
	}
];

export const ROOMS = FLOORS.flatMap(({ rooms }) => Object.keys(rooms));
