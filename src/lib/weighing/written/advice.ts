import { CAUSE_NAMES } from '$lib/core/advice';
import { SCHOOL } from '$lib/core/likeness';
import { LIE_NAMES } from '$lib/core/vocabulary';
import { namesOf, type WrittenTables } from './written';

const SCHOOLS_BY_NAME = namesOf(SCHOOL.choices);

/** The words of the tables of advice, by their ids. */
export const ADVICE_WORDS: WrittenTables = {
	'advice.response': {
		title: 'What a fish does that meets the fly',
		reason:
			'By what is wrong with it: drag and tippet are noticed at the last moment, so is a size; a wrong stage or insect is hardly looked at; a fish that is put down does nothing at all.',
		lists: [CAUSE_NAMES],
		keys: {
			none: 'No answer',
			late: 'Turns away late',
			early: 'Turns away early',
			short: 'Takes short',
			missed: 'Takes, and is missed',
			take: 'Takes, and is hooked'
		}
	},
	'advice.contrary': {
		title: 'Where drag comes from',
		reason: 'How contrary the currents are between rod and lie.',
		lists: [LIE_NAMES],
		keys: { still: 'Still water', unknown: 'Anywhere' }
	},
	'advice.before': {
		title: 'What is wrong before anything was tried',
		reason:
			'A fly drags about so often, more with the style and with contrary currents, half as often with slack and mends; the tippet shows always a little, more for each X stouter than the rig asks, on clear slow glass, and when it is short; the guest is felt more on glass, less from the side and from above. Even a fly that the reading finds right may be wrong: no reading is sure of everything.',
		keys: {
			dragLeast: 'Drag, at least',
			dragStyle: 'Drag, of how the style drags',
			dragMended: 'With slack and mends',
			dragShort: 'From a stance whose drift is too short',
			dragLong: 'From a stance whose drift is long enough',
			tippetLeast: 'Tippet, at least',
			tippetEachX: 'Tippet, each X too stout',
			tippetGlass: 'Tippet too stout on glass',
			tippetShort: 'Tippet too short',
			tippetShowsShort: 'Tippet counts as short under, of the plan',
			positionLeast: 'Position, at least',
			positionGlass: 'Position, on glass',
			positionOther: 'Position, other than from below',
			hooking: 'The strike',
			depth: 'Depth, of a fly below the film',
			depthTook: 'Depth, where one took there',
			posture: 'Posture, even so',
			size: 'Size, even so',
			stage: 'Stage, even so',
			insect: 'Insect, even so',
			notFeeding: 'Does not feed',
			putDown: 'Was put down',
			leastLeft: 'Left for the reading, at least',
			glassMs: 'Glass: slower than, m/s',
			glassClearM: 'and clear from, m'
		}
	},
	'advice.judged': {
		title: 'How notes of the fish are judged',
		reason:
			'A share of the drifts drags in any case; drag puts fish down; a fish that is put down or does not feed seldom rises; silence speaks, but fish pause by themselves.',
		keys: {
			draggedUsually: 'Drifts that drag in any case',
			draggedForDrag: 'Drifts seen to drag, where drag is the cause',
			dragTold: 'What is seen of drag counts',
			dragPutsDown: 'A drift that dragged puts it down',
			serves: 'A style serves a stage from a posture of',
			another: 'Another insect: less like than',
			mismatch: 'A mismatch is noticed in',
			risesAnyway: 'A fish that is put down or does not feed rises',
			silence: 'Silence counts, of its logarithm',
			silenceLeast: 'and at most, as a logarithm',
			toldPutDown: 'The guide saw it go down, as a logarithm',
			proofDrifts: 'A change proves itself in, drifts',
			proofMinutes: 'of, minutes each',
			fairMeetings: 'A fair number of chances, meetings',
			hereMin: 'Stay or go: minutes compared',
			walkMin: 'of which the next fish costs',
			leaveUnder: 'Another fish where this one promises less than, of it',
			stateLastsMin: 'A mood lasts, minutes',
			sizePrior: 'The conditions count, beside the reading',
			smallerMurk: 'Smaller, in murk',
			smallerLate: 'Smaller, refused late',
			smallerElse: 'Smaller, otherwise',
			largerMurk: 'Larger, in murk',
			largerElse: 'Larger, otherwise',
			mostFixed: 'A size puts right at most',
			sureTop: 'A reading is open under a chance of',
			openCounts: 'and then counts against stage and insect, at least',
			notCarried: 'A fly of a kind that is not carried',
			keepsLeast: 'Another fly keeps of what was right, at least',
			keepsBase: 'and of its fitness',
			mistaken: 'A mismatch counts as one from',
			murkFromM: 'Murk begins, clear to less than, m',
			murkAllM: 'and is whole under, m',
			murkFastMs: 'Fast from, m/s',
			murkFast: 'and then hides as if less clear by',
			murkDim: 'Poor light hides by',
			murkTold: 'Murk is told from',
			endsFrom: 'A hatch is taken to end, after a take, from',
			murkHides: 'Murk hides the tippet by',
			outrageousAfter: 'Something outrageous after, trials',
			sameDepthM: 'The same depth within, m',
			depthStep: 'and within, of the water',
			movesFrom: 'What moves, or sits lower or higher, is imitated from a chance of',
			floatsLow: 'A fly sits low by its build under a buoyancy of'
		}
	},
	'advice.fixes': {
		title: 'What a change puts right',
		reason:
			'The chance that it removes each cause, how much of a fly that was fine stays fine, and what it costs.',
		lists: [CAUSE_NAMES],
		keys: {
			position: 'Move',
			posture: 'Another posture',
			stage: 'Another stage',
			insect: 'Another insect',
			stay: 'Stay',
			'next-fish': 'Next fish',
			mend: 'Mend',
			longer: 'Longer tippet',
			finer: 'Finer tippet',
			strike: 'Strike otherwise',
			deeper: 'Deeper',
			shallower: 'Higher in the water',
			swing: 'Let it swing',
			twitch: 'Twitch or skate it',
			second: 'A second fly',
			'one-fly': 'The second fly off',
			clean: 'Clean or mend the fly',
			plain: 'The same fly plain',
			dressed: 'The same fly dressed',
			smaller: 'Smaller',
			larger: 'Larger',
			rest: 'Rest',
			outrageous: 'Something outrageous',
			other: 'Another insect',
			leastChance: 'Offered from a chance of',
			tookSo: 'Depth, where the last one took so',
			counts: 'A second fly counts, of a fly alone',
			keeps: 'Keeps',
			minutes: 'Minutes'
		}
	},
	'advice.long-tippet': {
		title: 'A long tippet',
		reason: 'From which length it counts as long, and how long it is tied on.',
		keys: { fromM: 'Long from', tiedM: 'Tied on' }
	},
	'advice.first-cast': {
		title: 'The first cast',
		reason:
			'What would be changed after a refusal is done before the first cast, where it gains something: slack, a longer tippet where it turns over, when to strike.',
		keys: {
			leastGain: 'Told from this gain in the chance of a take',
			longToWindMs: 'A long tippet turns over up to, m/s of wind',
			longFromContrary: 'And is worth it across currents from'
		}
	},
	'advice.rests': {
		title: 'How long a fish is rested',
		reason: 'Minutes, by what happened; between two rhythms three waits, within bounds.',
		keys: {
			putDown: 'It was put down',
			badDrifts: 'Otherwise, at least',
			most: 'and at most',
			waits: 'Waits between rises',
			usualS: 'A usual wait, seconds',
			surelyDown: 'It was surely put down from a chance of'
		}
	},
	'advice.sooner': {
		title: 'In which order changes are tried',
		reason:
			'Factors on the gain of a change: what all put first is the drift, then the tippet, before another fly; then by the guide’s schools.',
		lists: [SCHOOLS_BY_NAME],
		keys: {
			stay: 'Stay',
			'next-fish': 'Next fish',
			mend: 'Mend',
			longer: 'Longer tippet',
			finer: 'Finer tippet',
			strike: 'Strike otherwise',
			deeper: 'Deeper',
			shallower: 'Higher in the water',
			swing: 'Let it swing',
			twitch: 'Twitch or skate it',
			second: 'A second fly',
			'one-fly': 'The second fly off',
			clean: 'Clean or mend the fly',
			plain: 'The same fly plain',
			dressed: 'The same fly dressed',
			position: 'Move',
			smaller: 'Smaller',
			larger: 'Larger',
			posture: 'Another posture',
			stage: 'Another stage',
			insect: 'Another insect',
			rest: 'Rest',
			outrageous: 'Something outrageous',
			usual: 'All schools',
			glass: 'On glass'
		}
	}
};
