import { names, words } from '../message';
import { FIELD_RULE, numbers, quarrel, type NumberTable } from '../rule';
import { SCHOOL_IDS, SCHOOLS } from '../likeness';
import { CHANGES, LIE_NAMES, type ChangeId, type Lie } from '../vocabulary';

/** What may keep a fish from taking the fly, in the order in which it is put right. */
export const CAUSES = [
	'fine',
	'drag',
	'tippet',
	'position',
	'posture',
	'size',
	'stage',
	'insect',
	'not-feeding',
	'put-down'
] as const;
export type Cause = (typeof CAUSES)[number];

export const CAUSE_NAMES = names('cause', {
	fine: 'Nothing is wrong: it may not have met the fly yet',
	drag: 'The fly drags, seen or unseen',
	tippet: 'The tippet shows or holds the fly',
	position: 'It feels line, shadow or guest',
	posture: 'The fly sits wrong',
	size: 'The size is off',
	stage: 'Another stage is taken',
	insect: 'Another insect is taken',
	'not-feeding': 'It does not feed just now',
	'put-down': 'It was put down'
} satisfies Record<Cause, string>);

/** Schools of what to do when a fly is refused: smaller, or larger in murk, fast water and as half-emerged. */
export const REFUSED = quarrel<'smaller' | 'larger', { sooner: Partial<Record<ChangeId, number>> }>(
	'refused',
	{ asks: 'When a fly is refused', usual: 'smaller' },
	{
		smaller: {
			name: 'Smaller',
			consequence: 'most flies are too large',
			sooner: { smaller: 1.3, larger: 0.8 }
		},
		larger: {
			name: 'Larger',
			consequence: 'in murk, fast water, and as half emerged',
			sooner: { larger: 1.3, smaller: 0.8 }
		}
	}
);
export type RefusedSchool = (typeof REFUSED.ids)[number];

const says = words('advice-table', {
	'fine-though-seen': 'Nothing is wrong: now and then a good fly is turned away or missed',
	response: 'What a fish does that meets the fly',
	'response.reason':
		'By what is wrong with it: drag and tippet are noticed at the last moment, so is a size; a wrong stage or insect is hardly looked at; a fish that is put down does nothing at all.',
	none: 'No answer',
	late: 'Turns away late',
	early: 'Turns away early',
	short: 'Takes short',
	take: 'Takes',
	contrary: 'Where drag comes from',
	'contrary.reason': 'How contrary the currents are between rod and lie.',
	stillWater: 'Still water',
	unknown: 'Anywhere',
	causes: 'What is wrong before anything was tried',
	'causes.reason':
		'A fly drags about so often, more with the style and with contrary currents, half as often with slack and mends; the tippet shows always a little, more for each X stouter than the rig asks, on clear slow glass, and when it is short; the guest is felt more on glass, less from the side and from above. Even a fly that the reading finds right may be wrong: no reading is sure of everything.',
	dragLeast: 'Drag, at least',
	dragStyle: 'Drag, of how the style drags',
	dragMended: 'With slack and mends',
	tippetLeast: 'Tippet, at least',
	tippetEachX: 'Tippet, each X too stout',
	tippetGlass: 'Tippet too stout on glass',
	tippetShort: 'Tippet too short',
	tippetShowsShort: 'Tippet counts as short under, of the plan',
	positionLeast: 'Position, at least',
	positionGlass: 'Position, on glass',
	positionOther: 'Position, other than from below',
	posture: 'Posture, even so',
	size: 'Size, even so',
	stage: 'Stage, even so',
	insect: 'Insect, even so',
	notFeeding: 'Does not feed',
	putDown: 'Was put down',
	leastLeft: 'Left for the reading, at least',
	glassMs: 'Glass: slower than, m/s',
	glassClearM: 'and clear from, m',
	rules: 'How notes of the fish are judged',
	'rules.reason':
		'A share of the drifts drags in any case; drag puts fish down; a fish that is put down or does not feed seldom rises; silence speaks, but fish pause by themselves.',
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
	leaveUnder: 'Another fish under a chance of',
	stateLastsMin: 'A mood lasts, minutes',
	sizePrior: 'The conditions count, beside the reading',
	smallerMurk: 'Smaller, in murk',
	smallerLate: 'Smaller, refused late',
	smallerElse: 'Smaller, otherwise',
	largerMurk: 'Larger, in murk',
	largerElse: 'Larger, otherwise',
	mostFixed: 'A size puts right at most',
	notCarried: 'A fly of a kind that is not carried',
	keepsLeast: 'Another fly keeps of what was right, at least',
	keepsBase: 'and of its fitness',
	mistaken: 'A mismatch counts as one from',
	murkClearM: 'Murk: clear to less than, m',
	murkFastMs: 'or faster than, m/s',
	outrageousAfter: 'Something outrageous after, trials',
	fixes: 'What a change puts right',
	'fixes.reason':
		'The chance that it removes each cause, how much of a fly that was fine stays fine, and what it costs.',
	keeps: 'Keeps',
	minutes: 'Minutes',
	sooner: 'In which order changes are tried',
	'sooner.reason':
		'Factors on the gain of a change: what all put first is the drift, then the tippet, before another fly; then by the guide’s schools.',
	usual: 'All schools',
	stay: 'Stay',
	'next-fish': 'Next fish',
	mend: 'Mend',
	finer: 'Finer tippet',
	position: 'Move',
	smaller: 'Smaller',
	larger: 'Larger',
	rest: 'Rest',
	outrageous: 'Something outrageous',
	'change.posture': 'Another posture',
	'change.stage': 'Another stage',
	'change.insect': 'Another insect',
	rests: 'How long a fish is rested',
	'rests.reason': 'Minutes, by what happened; between two rhythms three waits, within bounds.',
	restPutDown: 'It was put down',
	restBadDrifts: 'Otherwise, at least',
	restMost: 'and at most',
	restWaits: 'Waits between rises',
	restUsualS: 'A usual wait, seconds',
	surelyDown: 'It was surely put down from a chance of'
});

/** What the name of no cause at all is once the fish has shown that it saw the fly. */
export const FINE_THOUGH_SEEN = says('fine-though-seen');

/** What a fish that meets the fly does: no answer, turns away late, turns away early, takes short, takes. */
export const RESPONSES = ['none', 'late', 'early', 'short', 'take'] as const;
export type Response = (typeof RESPONSES)[number];

/** What a fish does that meets the fly, by what is wrong with it. */
export const RESPONSE = numbers(
	'advice.response',
	{
		title: says('response'),
		reason: says('response.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true,
		keys: { ...CAUSE_NAMES, ...Object.fromEntries(RESPONSES.map((response) => [response, says(response)])) }
	},
	{
		fine: { none: 0.12, late: 0.06, early: 0.06, short: 0.08, take: 0.68 },
		drag: { none: 0.55, late: 0.33, early: 0.07, short: 0.03, take: 0.02 },
		tippet: { none: 0.5, late: 0.36, early: 0.08, short: 0.03, take: 0.03 },
		position: { none: 0.85, late: 0.07, early: 0.06, short: 0.01, take: 0.01 },
		posture: { none: 0.46, late: 0.12, early: 0.32, short: 0.06, take: 0.04 },
		size: { none: 0.36, late: 0.4, early: 0.12, short: 0.08, take: 0.04 },
		stage: { none: 0.68, late: 0.08, early: 0.2, short: 0.02, take: 0.02 },
		insect: { none: 0.75, late: 0.05, early: 0.17, short: 0.01, take: 0.02 },
		'not-feeding': { none: 0.96, late: 0.01, early: 0.02, short: 0.005, take: 0.005 },
		'put-down': { none: 0.985, late: 0.005, early: 0.005, short: 0.0025, take: 0.0025 }
	} satisfies Record<Cause, Record<Response, number>>
);

/** How contrary the currents are between rod and lie, 0 to 1. */
export const CONTRARY = numbers(
	'advice.contrary',
	{
		title: says('contrary'),
		reason: says('contrary.reason'),
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { ...LIE_NAMES, still: says('stillWater'), unknown: says('unknown') }
	},
	{
		seam: 0.8,
		'foam-lane': 0.55,
		'pool-tail': 0.95,
		pocket: 0.9,
		flat: 0.45,
		edge: 0.4,
		eddy: 1,
		margin: 0.35,
		still: 0.1,
		unknown: 0.6
	} satisfies Record<Lie | 'still' | 'unknown', number>
);

/** Probability of each cause before anything was tried. */
export const BEFORE = numbers(
	'advice.before',
	{
		title: says('causes'),
		reason: says('causes.reason'),
		unit: 'weight',
		range: [0, 5],
		source: FIELD_RULE,
		keys: Object.fromEntries(
			(
				[
					'dragLeast',
					'dragStyle',
					'dragMended',
					'tippetLeast',
					'tippetEachX',
					'tippetGlass',
					'tippetShort',
					'tippetShowsShort',
					'positionLeast',
					'positionGlass',
					'positionOther',
					'posture',
					'size',
					'stage',
					'insect',
					'notFeeding',
					'putDown',
					'leastLeft',
					'glassMs',
					'glassClearM'
				] as const
			).map((key) => [key, says(key)])
		)
	},
	{
		dragLeast: 0.1,
		dragStyle: 0.35,
		dragMended: 0.5,
		tippetLeast: 0.04,
		tippetEachX: 0.07,
		tippetGlass: 0.07,
		tippetShort: 0.08,
		tippetShowsShort: 0.7,
		positionLeast: 0.04,
		positionGlass: 0.08,
		positionOther: 0.4,
		posture: 0.03,
		size: 0.05,
		stage: 0.03,
		insect: 0.03,
		notFeeding: 0.04,
		putDown: 0.02,
		leastLeft: 0.1,
		glassMs: 0.4,
		glassClearM: 1.2
	}
);

/** How notes of the fish are judged, and when to leave it. */
export const JUDGED = numbers(
	'advice.judged',
	{
		title: says('rules'),
		reason: says('rules.reason'),
		unit: 'weight',
		range: [-10, 100],
		source: FIELD_RULE,
		keys: Object.fromEntries(
			(
				[
					'draggedUsually',
					'draggedForDrag',
					'dragTold',
					'dragPutsDown',
					'serves',
					'another',
					'mismatch',
					'risesAnyway',
					'silence',
					'silenceLeast',
					'toldPutDown',
					'proofDrifts',
					'proofMinutes',
					'leaveUnder',
					'stateLastsMin',
					'sizePrior',
					'smallerMurk',
					'smallerLate',
					'smallerElse',
					'largerMurk',
					'largerElse',
					'mostFixed',
					'notCarried',
					'keepsLeast',
					'keepsBase',
					'mistaken',
					'murkClearM',
					'murkFastMs',
					'outrageousAfter'
				] as const
			).map((key) => [key, says(key)])
		)
	},
	{
		draggedUsually: 0.12,
		draggedForDrag: 0.5,
		dragTold: 0.5,
		dragPutsDown: 0.06,
		serves: 0.5,
		another: 0.3,
		mismatch: 0.8,
		risesAnyway: 0.15,
		silence: 0.4,
		silenceLeast: -4,
		toldPutDown: 6,
		proofDrifts: 8,
		proofMinutes: 0.5,
		leaveUnder: 0.06,
		stateLastsMin: 20,
		sizePrior: 0.15,
		smallerMurk: 0.2,
		smallerLate: 0.6,
		smallerElse: 0.45,
		largerMurk: 0.6,
		largerElse: 0.2,
		mostFixed: 0.9,
		notCarried: 0.2,
		keepsLeast: 0.3,
		keepsBase: 0.4,
		mistaken: 0.01,
		murkClearM: 0.6,
		murkFastMs: 0.8,
		outrageousAfter: 3
	}
);

/** What each change puts right, by cause; what it keeps of a fly that was fine; the minutes that it costs. */
export const FIXES = numbers(
	'advice.fixes',
	{
		title: says('fixes'),
		reason: says('fixes.reason'),
		unit: 'weight',
		range: [0, 30],
		source: FIELD_RULE,
		keys: {
			...CAUSE_NAMES,
			...Object.fromEntries(
				CHANGES.map((id) => [
					id,
					says(id === 'posture' || id === 'stage' || id === 'insect' ? `change.${id}` : id)
				])
			),
			other: says('change.insect'),
			keeps: says('keeps'),
			minutes: says('minutes')
		}
	},
	{
		stay: { keeps: 1, minutes: 0 },
		'next-fish': { keeps: 1, minutes: 1 },
		mend: { drag: 0.6, keeps: 1, minutes: 0.5 },
		finer: { tippet: 0.75, drag: 0.25, keeps: 1, minutes: 2.5 },
		position: { position: 0.7, drag: 0.4, keeps: 1, minutes: 5 },
		smaller: { posture: 0.05, keeps: 0.75, minutes: 1.5 },
		larger: { posture: 0.05, keeps: 0.75, minutes: 1.5 },
		other: { minutes: 2 },
		rest: { 'put-down': 0.75, 'not-feeding': 0.4, position: 0.1, keeps: 1 },
		outrageous: {
			posture: 0.12,
			size: 0.12,
			stage: 0.12,
			insect: 0.12,
			'not-feeding': 0.06,
			keeps: 0.5,
			minutes: 2
		}
	}
);

/** Minutes of rest. */
export const RESTS = numbers(
	'advice.rests',
	{
		title: says('rests'),
		reason: says('rests.reason'),
		unit: 'count',
		range: [0, 600],
		source: FIELD_RULE,
		keys: {
			putDown: says('restPutDown'),
			badDrifts: says('restBadDrifts'),
			most: says('restMost'),
			waits: says('restWaits'),
			usualS: says('restUsualS'),
			surelyDown: says('surelyDown')
		}
	},
	{ putDown: 10, badDrifts: 4, most: 8, waits: 3, usualS: 60, surelyDown: 0.5 }
);

/** Factors on the gain of a change: what all schools put first, and each school’s own. */
export const SOONER = numbers(
	'advice.sooner',
	{
		title: says('sooner'),
		reason: says('sooner.reason'),
		unit: 'factor',
		range: [0, 5],
		source: FIELD_RULE,
		keys: {
			...Object.fromEntries(
				CHANGES.map((id) => [
					id,
					says(id === 'posture' || id === 'stage' || id === 'insect' ? `change.${id}` : id)
				])
			),
			usual: says('usual'),
			...Object.fromEntries(SCHOOL_IDS.map((id) => [id, SCHOOLS[id].name]))
		}
	},
	{
		usual: { mend: 1.4, finer: 1.2 } as Partial<Record<ChangeId, number>>,
		...(Object.fromEntries(SCHOOL_IDS.map((id) => [id, SCHOOLS[id].sooner])) as Record<
			(typeof SCHOOL_IDS)[number],
			Partial<Record<ChangeId, number>>
		>)
	} as Record<string, Record<string, number>>
);

/** Every table of numbers that advice goes by. */
export const ADVICE_TABLES: readonly NumberTable[] = [
	RESPONSE,
	CONTRARY,
	BEFORE,
	JUDGED,
	FIXES,
	RESTS,
	SOONER
];
