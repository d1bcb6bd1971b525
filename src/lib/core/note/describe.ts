import {
	GROUP_NAMES,
	STAGE_NAMES,
	shadeName,
	naturalName,
	naturalWords,
	taxonName,
	ZONE_NAMES
} from '../atlas';
import { atStart, joined, typed, within, words, type Message } from '../message';
import { flyWords, tippetMm } from '../tackle';
import { compassPoint } from '../units';
import {
	ABUNDANCE_NAMES,
	ATTEMPT_OUTCOME_NAMES,
	COMPASS_NAMES,
	DRIFT_PART_NAMES,
	FLY_MOVE_NAMES,
	FLY_STATE_NAMES,
	RELEASE_NAMES,
	WAY_NAMES,
	REFUSAL_NAMES,
	FISH_SIZE_NAMES,
	HATCH_TREND_NAMES,
	LEVEL_NAMES,
	LEVEL_TREND_NAMES,
	LIE_NAMES,
	LIGHT_NAMES,
	METHOD_NAMES,
	RISE_FORM_NAMES,
	SKY_NAMES,
	SURFACE_NAMES
} from '../vocabulary';
import type {
	AttemptBody,
	ConditionsBody,
	Lot,
	Note,
	RigBody,
	SampleBody,
	SightingBody,
	UnnamedBody,
	UnnamedLot,
	WatchBody
} from './note';
import type { GroundBody, StanceBody } from './stand';

const says = words('note', {
	conditions: 'Conditions',
	skins: '{name} skins',
	swarm: '{name} swarm',
	rise: 'Rise: {form}',
	taken: 'Taken',
	passed: 'Passed',
	remark: 'Remark',
	unnamed: 'Unnamed {group}, {stage}',
	about: 'about {length}',
	'larger-than': 'larger than {length}',
	'smaller-than': 'smaller than {length}',
	rising: '{rising, plural, =0 {No fish rising} one {One fish rising} other {# fish rising}}',
	'in-minutes': 'looked for {minutes, plural, one {a minute} other {# minutes}}',
	hatch: 'The hatch: {trend}',
	suspicion: 'Suspected',
	restless: '{name} restless',
	'to-shallows': '{name} moving to the shallows',
	unnamedLot: '{count} × {what}',
	'at-level': '{level} level',
	withdrawn: 'Withdrawn',
	'at-last-moment': 'Refused at the last moment',
	good: '{drifts} good',
	dragged: '{drifts} dragged',
	'at-depth': 'at {depth}',
	'fish-length': 'fish of {length}',
	fought: 'fought {minutes} min',
	bead: 'bead of {bead} mm',
	'no-bead': 'no bead',
	dressed: 'dressed',
	plain: 'left plain',
	'water-deep': 'in {depth} of water',
	fly: '{fly} {hook}',
	rigged: 'Rigged',
	'rigged-two': 'Rigged two flies',
	'rigged-three': 'Rigged three flies',
	leader: 'leader {leader}, of it {tippet} of {diameter}',
	second: '{second} {distance} behind',
	pause: 'Looked away',
	resume: 'Looking again',
	end: 'Watch ended',
	begin: 'Fish under watch',
	cruising: 'cruising',
	'on-station': 'on station',
	fish: '{size} fish',
	water: 'Water {water}',
	air: 'air {air}',
	wind: 'wind {wind}',
	clarity: 'clear to {clarity}',
	surface: '{surface} surface',
	light: '{light} light',
	level: 'level {level}',
	current: 'current {speed}',
	ground: 'The water here',
	flows: 'flows {to}',
	lanes: '{count, plural, one {one lane} other {# lanes}}, {width} across',
	stands:
		'Stands {stance, select, below {below it} across {beside it} above {above it} other {aslant of it}}, {distance} off',
	'found-none': 'Looked, found none',
	lot: '{count} {natural}',
	'lot-with-pads':
		'{count} {natural} (wing pads {state, select, black {black} dark {dark} other {pale}} in {pads} of {looked})'
});

/** A note in a line or two, as the board lists it: what kind, and what it says, where there is more to say. */
export interface NoteWords {
	title: Message;
	detail?: Message;
}

export function describeNote(note: Note): NoteWords {
	switch (note.kind) {
		case 'conditions':
			return { title: says('conditions'), detail: describeConditions(note.body) };
		case 'sighting':
			return describeSighting(note.body);
		case 'sample':
			return { title: METHOD_NAMES[note.body.method], detail: describeLots(note.body) };
		case 'rise':
			return {
				title: says('rise', { form: within(RISE_FORM_NAMES[note.body.form]) }),
				...ownWords(note.body.mark)
			};
		case 'watch':
			return describeWatch(note.body);
		case 'drifted': {
			const { taxonId, stage, fate } = note.body;
			return { title: says(fate), detail: naturalWords(taxonId, stage) };
		}
		case 'attempt':
			return describeAttempt(note.body);
		case 'rig':
			return describeRig(note.body);
		case 'unnamed':
			return describeUnnamed(note.body);
		case 'looked': {
			const { rising, minutes } = note.body;
			return { title: says('rising', { rising }), detail: says('in-minutes', { minutes }) };
		}
		case 'hatch':
			return { title: says('hatch', { trend: within(HATCH_TREND_NAMES[note.body.trend]) }) };
		case 'suspicion':
			return { title: says('suspicion'), detail: naturalWords(note.body.taxonId, note.body.stage) };
		case 'ground':
			return describeGround(note.body);
		case 'stance':
			return describeStance(note.body);
		case 'remark':
			return { title: says('remark'), ...ownWords(note.body.text) };
		case 'void':
			return { title: says('withdrawn') };
	}
}

function describeUnnamed({ group, stage, abundance, zone, ...seen }: UnnamedBody): NoteWords {
	return {
		title: says('unnamed', { group: within(GROUP_NAMES[group]), stage: within(STAGE_NAMES[stage]) }),
		detail: joined(' · ', ABUNDANCE_NAMES[abundance], within(ZONE_NAMES[zone]), ...looksOf(seen))
	};
}

/** How long, and of which colour, an animal was that nobody could name. */
const looksOf = ({
	lengthMm,
	lengthIs = 'about',
	shade
}: Pick<UnnamedBody, 'lengthMm' | 'lengthIs' | 'shade'>): Message[] => [
	...(lengthMm === undefined ? [] : [says(lengthIs, { length: { lengthMm } })]),
	...(shade ? [within(shadeName(shade))] : [])
];

function describeSighting({ taxonId, stage, zone, abundance, sign }: SightingBody): NoteWords {
	return {
		title:
			sign === 'insects'
				? naturalName(taxonId, stage)
				: atStart(says(sign === 'shucks' ? 'skins' : sign, { name: taxonName(taxonId) })),
		detail: joined(' · ', ABUNDANCE_NAMES[abundance], within(ZONE_NAMES[zone]))
	};
}

function describeAttempt(body: AttemptBody): NoteWords {
	const { outcome, lastMoment, how, drifts = 0, dragged = 0, hookSize, depthM } = body;
	const { part, state, fishLengthMm, foughtMin, release, angler } = body;
	return {
		title: how ? REFUSAL_NAMES[how] : lastMoment ? says('at-last-moment') : ATTEMPT_OUTCOME_NAMES[outcome],
		detail: joined(
			' · ',
			says('fly', { fly: flyWords(body), hook: { hookSize } }),
			...(drifts > 0 ? [says('good', { drifts })] : []),
			...(dragged > 0 ? [says('dragged', { drifts: dragged })] : []),
			...(depthM === undefined ? [] : [says('at-depth', { depth: { distanceM: depthM } })]),
			...(part ? [within(DRIFT_PART_NAMES[part])] : []),
			...(state ? [within(FLY_STATE_NAMES[state])] : []),
			...(fishLengthMm === undefined ? [] : [says('fish-length', { length: { fishMm: fishLengthMm } })]),
			...(foughtMin === undefined ? [] : [says('fought', { minutes: foughtMin })]),
			...(release ? [within(RELEASE_NAMES[release])] : []),
			...(angler ? [typed(angler)] : [])
		)
	};
}

function describeGround({ lanes, flowDeg }: GroundBody): NoteWords {
	const told = [
		...(flowDeg === undefined ? [] : [says('flows', { to: within(COMPASS_NAMES[compassPoint(flowDeg)]) })]),
		...(lanes
			? [
					says('lanes', {
						count: lanes.length,
						width: { distanceM: lanes.reduce((sum, { widthM }) => sum + widthM, 0) }
					})
				]
			: [])
	];
	return { title: says('ground'), ...(told.length > 0 && { detail: joined(' · ', ...told) }) };
}

const describeStance = ({ stance, distanceM }: StanceBody): NoteWords => ({
	title: says('stands', { stance, distance: { distanceM } })
});

function describeRig(body: RigBody): NoteWords {
	const { leaderM, tippetX, tippetM, second, third, way, moved, dressed, depthM, waterM, beadMm } = body;
	const leader = joined(
		', ',
		says('leader', {
			leader: { distanceM: leaderM },
			tippet: { distanceM: tippetM },
			diameter: { tippetMm: tippetMm(tippetX) }
		}),
		...(way ? [within(WAY_NAMES[way])] : []),
		...(moved ? [within(FLY_MOVE_NAMES[moved])] : []),
		...(dressed === undefined ? [] : [says(dressed ? 'dressed' : 'plain')]),
		...(beadMm === undefined ? [] : [beadMm === 0 ? says('no-bead') : says('bead', { bead: beadMm })]),
		...(depthM === undefined ? [] : [says('at-depth', { depth: { distanceM: depthM } })]),
		...(waterM === undefined ? [] : [says('water-deep', { depth: { distanceM: waterM } })])
	);
	if (!second) return { title: says('rigged'), detail: leader };
	return {
		title: says(third ? 'rigged-three' : 'rigged-two'),
		detail: joined(
			'; ',
			leader,
			...[second, ...(third ? [third] : [])].map((fly) =>
				says('second', { second: flyWords(fly), distance: { distanceM: fly.distanceM } })
			)
		)
	};
}

function describeWatch(body: WatchBody): NoteWords {
	if (body.event !== 'begin') return { title: says(body.event) };
	return {
		title: says('begin'),
		detail: joined(
			' · ',
			within(LIE_NAMES[body.lie]),
			says(body.holding === 'cruising' ? 'cruising' : 'on-station'),
			...(body.size ? [says('fish', { size: within(FISH_SIZE_NAMES[body.size]) })] : []),
			...(body.mark ? [typed(body.mark)] : [])
		)
	};
}

function describeConditions(body: ConditionsBody): Message {
	const { waterC, airC, sky, windMs, clarityM, surface, light, levelM, levelTrend, speedMs } = body;
	const parts = [
		waterC !== undefined && says('water', { water: { temperatureC: waterC } }),
		airC !== undefined && says('air', { air: { temperatureC: airC } }),
		sky && within(SKY_NAMES[sky]),
		windMs !== undefined && says('wind', { wind: { windMs } }),
		clarityM !== undefined && says('clarity', { clarity: { distanceM: clarityM } }),
		surface && says('surface', { surface: within(SURFACE_NAMES[surface]) }),
		light && says('light', { light: within(LIGHT_NAMES[light]) }),
		levelM !== undefined && says('level', { level: { levelM } }),
		body.level && says('at-level', { level: within(LEVEL_NAMES[body.level]) }),
		levelTrend && within(LEVEL_TREND_NAMES[levelTrend]),
		speedMs !== undefined && says('current', { speed: { currentMs: speedMs } })
	];
	return atStart(joined(', ', ...parts.filter((part) => part !== false && part !== undefined)));
}

function describeLots({ lots, unnamed = [] }: SampleBody): Message {
	const named = [...lots.map(describeLot), ...unnamed.map(describeUnnamedLot)];
	return named.length === 0 ? says('found-none') : joined(' · ', ...named);
}

function describeUnnamedLot({ count, group, stage, ...seen }: UnnamedLot): Message {
	const what = says('unnamed', { group: within(GROUP_NAMES[group]), stage: within(STAGE_NAMES[stage]) });
	return joined(', ', says('unnamedLot', { count, what: within(what) }), ...looksOf(seen));
}

function describeLot({ count, taxonId, stage, pads }: Lot): Message {
	const natural = naturalWords(taxonId, stage);
	if (!pads) return says('lot', { count, natural });
	const state = pads.black > 0 ? 'black' : pads.dark > 0 ? 'dark' : 'pale';
	return says('lot-with-pads', {
		count,
		natural,
		state,
		pads: pads[state],
		looked: pads.pale + pads.dark + pads.black
	});
}

/** A guide's own words, where there are any. */
const ownWords = (text: string | undefined): { detail?: Message } => (text ? { detail: typed(text) } : {});
