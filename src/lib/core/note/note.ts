import * as v from 'valibot';
import { fault, toldBack } from '../message';
import { IdSchema, InstantSchema, whole, within, wordsOf } from './fields';
import {
	COLUMN_ZONES,
	findStage,
	findTaxon,
	GROUPS,
	hasGroupStage,
	LIFE_STAGES,
	SHADE_NAMES
} from '../atlas';
import { POSTS, STYLE_IDS } from '../tackle';
import {
	SAMPLE_METHODS,
	RISE_FORMS,
	ABUNDANCES,
	SKIES,
	SURFACES,
	LEVEL_TRENDS,
	LIGHTS,
	POSITIONS,
	REFUSALS,
	HATCH_TRENDS,
	LENGTH_SAID,
	LEVELS,
	SIGNS,
	WARINESS,
	WHICH_FLY,
	HABITATS,
	MEASURED,
	ATTEMPT_OUTCOMES,
	LANES,
	LIES,
	FISH_SIZES,
	FATES,
	DRIFT_PARTS,
	FLY_STATES,
	MOVES_OF_FLY,
	RELEASES,
	WAYS
} from '../vocabulary';
import faults from './fault-words';
import { GroundSchema, StanceSchema, WatchIdSchema } from './stand';
import { listOf } from './list';

export const TaxonIdSchema = v.pipe(
	v.string(),
	v.check(
		(id) => findTaxon(id) !== undefined,
		({ input }) => fault(faults('no-taxon', { taxon: toldBack(input) }))
	),
	// What an earlier release called otherwise is read by the id that it has now.
	v.transform((id) => findTaxon(id)?.id ?? id)
);

/** A taxon of the atlas and one of its stages; the pair is checked together. */
const naturalEntries = {
	taxonId: TaxonIdSchema,
	stage: v.picklist(LIFE_STAGES)
};
const NO_STAGE = fault(faults('no-stage'));
export const hasStage = ({
	taxonId,
	stage
}: {
	taxonId: string;
	stage: (typeof LIFE_STAGES)[number];
}): boolean => {
	const taxon = findTaxon(taxonId);
	return taxon !== undefined && findStage(taxon, stage) !== undefined;
};

/** A colour, CIELAB under D65. */
const LabSchema = v.object({ l: within(0, 100), a: within(-128, 128), b: within(-128, 128) });

const LotSchema = v.pipe(
	v.object({
		...naturalEntries,
		count: whole(1, 10_000),
		/** The count is a guess at a glance, not counted one by one. */
		about: v.optional(v.boolean()),
		lengthMm: v.optional(within(0.5, 120, ' mm')),
		/** Lengths of single animals, where several were measured. */
		lengthsMm: v.optional(listOf(within(0.5, 120, ' mm'), 200)),
		/** What the lengths were measured along; bodies unless said otherwise. */
		measured: v.optional(v.picklist(MEASURED), 'body'),
		/** What the length is to them, where it was said and not measured. */
		lengthIs: v.optional(v.picklist(LENGTH_SAID)),
		/** Colour of the belly as measured in a picture, CIELAB under D65. */
		belly: v.optional(LabSchema),
		/** Colours of the bellies of several of them. */
		bellies: v.optional(listOf(LabSchema, 60)),
		/** Freshly moulted, paler than the rest. */
		freshMoults: v.optional(whole(0, 10_000)),
		/** Females that carry an egg sac. */
		withEggs: v.optional(whole(0, 10_000)),
		/** A picture of it, kept with the outing. */
		photoId: v.optional(IdSchema),
		/** Wing pads of nymphs that were looked at: how many of each state. */
		pads: v.optional(
			v.pipe(
				v.object({
					pale: whole(0, 10_000),
					dark: whole(0, 10_000),
					black: whole(0, 10_000)
				}),
				v.check(({ pale, dark, black }) => pale + dark + black > 0, fault(faults('no-animals')))
			)
		)
	}),
	v.forward(v.partialCheck([['taxonId'], ['stage']], hasStage, NO_STAGE), ['stage'])
);
export type Lot = v.InferOutput<typeof LotSchema>;

export const ConditionsSchema = v.pipe(
	v.object({
		waterC: v.optional(within(-1, 35, ' °C')),
		airC: v.optional(within(-40, 50, ' °C')),
		sky: v.optional(v.picklist(SKIES)),
		windMs: v.optional(within(0, 40, ' m/s')),
		windFromDeg: v.optional(within(0, 360, '°')),
		clarityM: v.optional(within(0, 20, ' m')),
		surface: v.optional(v.picklist(SURFACES)),
		light: v.optional(v.picklist(LIGHTS)),
		speedMs: v.optional(within(0, 5, ' m/s')),
		levelM: v.optional(within(-5, 10, ' m')),
		levelTrend: v.optional(v.picklist(LEVEL_TRENDS)),
		/** Against what is usual for this water, where nobody read a gauge. */
		level: v.optional(v.picklist(LEVELS))
	}),
	v.check(
		(body) => Object.values(body).some((value: unknown) => value !== undefined),
		fault(faults('nothing'))
	)
);
export type ConditionsBody = v.InferOutput<typeof ConditionsSchema>;

const SightingSchema = v.pipe(
	v.object({
		...naturalEntries,
		zone: v.picklist(COLUMN_ZONES),
		abundance: v.picklist(ABUNDANCES),
		sign: v.optional(v.picklist(SIGNS), 'insects'),
		lengthMm: v.optional(within(0.5, 120, ' mm')),
		measured: v.optional(v.picklist(MEASURED))
	}),
	v.forward(v.partialCheck([['taxonId'], ['stage']], hasStage, NO_STAGE), ['stage'])
);
export type SightingBody = v.InferOutput<typeof SightingSchema>;

/** An animal of which only the group is known: "a caddis, brown, about 9 mm". */
const groupEntries = {
	group: v.picklist(GROUPS),
	stage: v.picklist(LIFE_STAGES),
	lengthMm: v.optional(within(0.5, 120, ' mm')),
	lengthIs: v.optional(v.picklist(LENGTH_SAID)),
	shade: v.optional(v.picklist(SHADE_NAMES))
};
const NO_GROUP_STAGE = fault(faults('no-group-stage'));
const UnnamedLotSchema = v.pipe(
	v.object({ ...groupEntries, count: whole(1, 10_000) }),
	v.forward(v.partialCheck([['group'], ['stage']], hasGroupStage, NO_GROUP_STAGE), ['stage'])
);
export type UnnamedLot = v.InferOutput<typeof UnnamedLotSchema>;

/** Something seen of which only the group is known. */
const UnnamedSchema = v.pipe(
	v.object({ ...groupEntries, zone: v.picklist(COLUMN_ZONES), abundance: v.picklist(ABUNDANCES) }),
	v.forward(v.partialCheck([['group'], ['stage']], hasGroupStage, NO_GROUP_STAGE), ['stage'])
);
export type UnnamedBody = v.InferOutput<typeof UnnamedSchema>;

/** How many fish rise within sight, after so many minutes of looking; none is as much worth a note. */
const LookedSchema = v.object({ rising: whole(0, 500), minutes: within(0.5, 600, ' min') });
export type LookedBody = v.InferOutput<typeof LookedSchema>;

const HatchSchema = v.object({ trend: v.picklist(HATCH_TRENDS) });
export type HatchBody = v.InferOutput<typeof HatchSchema>;

/** What the guide suspects and has not seen: the reading does not use it. */
const SuspicionSchema = v.pipe(
	v.object(naturalEntries),
	v.forward(v.partialCheck([['taxonId'], ['stage']], hasStage, NO_STAGE), ['stage'])
);
export type SuspicionBody = v.InferOutput<typeof SuspicionSchema>;

export const SampleSchema = v.object({
	method: v.picklist(SAMPLE_METHODS),
	/** Empty means looked and found none. */
	lots: listOf(LotSchema, 60),
	/** What nobody could name beyond its group. */
	unnamed: v.optional(listOf(UnnamedLotSchema, 60)),
	effortS: v.optional(within(1, 7200, ' s')),
	/** Bed or surface that was sampled. */
	areaM2: v.optional(within(0.01, 100, ' m²')),
	habitat: v.optional(v.picklist(HABITATS)),
	/** Share of the tray that was counted, where not all of it was; counts are those of the part. */
	countedShare: v.optional(within(0.01, 1))
});
export type SampleBody = v.InferOutput<typeof SampleSchema>;

const RiseSchema = v.object({
	form: v.picklist(RISE_FORMS),
	/** The bank mark of the fish, in the guide's words. */
	mark: v.optional(wordsOf(80)),
	/** The watch it belongs to: the id of the note that began it. */
	watchId: WatchIdSchema
});
export type RiseBody = v.InferOutput<typeof RiseSchema>;

/** A fish under watch: begun with what can be seen of its lie, paused while nobody looks, ended. */
const WatchSchema = v.variant('event', [
	v.object({
		event: v.literal('begin'),
		lie: v.picklist(LIES),
		holding: v.picklist(['on-station', 'cruising']),
		size: v.optional(v.picklist(FISH_SIZES)),
		/** Its length as judged from the bank, mm. */
		lengthMm: v.optional(within(30, 2000, ' mm')),
		wary: v.optional(v.picklist(WARINESS)),
		speedMs: v.optional(within(0, 5, ' m/s')),
		depthM: v.optional(within(0.05, 30, ' m')),
		/** The bank mark of the fish, in the guide's words. */
		mark: v.optional(wordsOf(80)),
		/** Which lane it lies in, from the left bank on, and how far upstream of the lowest fish, m. */
		lane: v.optional(whole(1, LANES.most)),
		upM: v.optional(within(0, 200, ' m'))
	}),
	v.object({ event: v.picklist(['pause', 'resume', 'end']), watchId: IdSchema })
]);
export type WatchBody = v.InferOutput<typeof WatchSchema>;
export type WatchBegin = Extract<WatchBody, { event: 'begin' }>;

/** A natural seen to drift over the fish under watch, and whether it was taken. */
const DriftedSchema = v.pipe(
	v.object({ watchId: IdSchema, ...naturalEntries, fate: v.picklist(FATES) }),
	v.forward(v.partialCheck([['taxonId'], ['stage']], hasStage, NO_STAGE), ['stage'])
);

/** A guide's own fly, whole, so that a note of it says everything by itself. */
export const DressingSchema = v.object({
	name: wordsOf(60),
	style: v.picklist(STYLE_IDS),
	belly: v.picklist(SHADE_NAMES),
	wing: v.optional(v.picklist(SHADE_NAMES)),
	post: v.optional(v.picklist(POSTS))
});

const flyEntries = {
	patternId: wordsOf(60),
	hookSize: whole(2, 32),
	/** Of a fly that is not in the shipped library. */
	dressing: v.optional(DressingSchema)
};

export const AttemptSchema = v.object({
	...flyEntries,
	outcome: v.picklist(ATTEMPT_OUTCOMES),
	/** Of several flies on the leader, the one that this tells of; this note names that fly. */
	which: v.optional(v.picklist(WHICH_FLY)),
	watchId: WatchIdSchema,
	/** Good drifts over the fish that this tells of. */
	drifts: v.optional(whole(0, 200)),
	/** Drifts beside those in which the fly dragged. */
	dragged: v.optional(whole(0, 200)),
	/** It came up to the fly and turned away at the last moment. */
	lastMoment: v.optional(v.boolean()),
	/** How it refused. */
	how: v.optional(v.picklist(REFUSALS)),
	/** How deep the fly was fished, m. */
	depthM: v.optional(within(0, 30, ' m')),
	/** Which part of the drift it tells of. */
	part: v.optional(v.picklist(DRIFT_PARTS)),
	/** In what state the fly came back. */
	state: v.optional(v.picklist(FLY_STATES)),
	/** Length of the fish that was landed, mm. */
	fishLengthMm: v.optional(within(30, 2000, ' mm')),
	/** From the strike to the net, minutes. */
	foughtMin: v.optional(within(0.1, 240, ' min')),
	/** How it went off. */
	release: v.optional(v.picklist(RELEASES)),
	/** Who held the rod, or in which boat, in the guide's words: it is kept with the outing and never shared. */
	angler: v.optional(wordsOf(40))
});
export type AttemptBody = v.InferOutput<typeof AttemptSchema>;

/** A fly behind or under another on the same leader, and how far. */
const FlyBehindSchema = v.object({ ...flyEntries, distanceM: within(0.1, 8, ' m') });

/** What is between line and fly, as it was built or changed. */
export const RigSchema = v.object({
	leaderM: within(1, 15, ' m'),
	tippetX: whole(0, 8, ' X'),
	/** Tippet as tied on, m: every change of fly shortens it. */
	tippetM: within(0.1, 5, ' m'),
	/** A second fly behind or under the first. */
	second: v.optional(FlyBehindSchema),
	/** A third, as far behind the second; through a lake. */
	third: v.optional(FlyBehindSchema),
	from: v.optional(v.picklist(POSITIONS)),
	/** Slack casts and mends from now on. */
	mending: v.optional(v.boolean()),
	/** Trees or banks leave little room to cast. */
	tight: v.optional(v.boolean()),
	/** Weed or snags that a hooked fish would reach. */
	weed: v.optional(v.boolean()),
	/** The tippet that was on stays: what changed is the rest. */
	sameTippet: v.optional(v.boolean()),
	/** How the fly is brought to the fish. */
	way: v.optional(v.picklist(WAYS)),
	/** How it is moved. */
	moved: v.optional(v.picklist(MOVES_OF_FLY)),
	/** Greased to ride high, or plain and damp to sit low. */
	dressed: v.optional(v.boolean()),
	/** How deep it fishes, and the water there, m. */
	depthM: v.optional(within(0, 30, ' m')),
	waterM: v.optional(within(0.1, 30, ' m')),
	/** The bead of the fly on the line, mm; 0 for none. */
	beadMm: v.optional(within(0, 8, ' mm'))
});
export type RigBody = v.InferOutput<typeof RigSchema>;
const WholeRigSchema = v.pipe(
	RigSchema,
	v.forward(
		v.check(({ second, third }) => !third || second !== undefined, fault(faults('third-alone'))),
		['third']
	)
);

const RemarkSchema = v.object({ text: wordsOf(2000) });
export type RemarkBody = v.InferOutput<typeof RemarkSchema>;

const common = {
	/** UUID version 7, made on the device. */
	id: IdSchema,
	/** When it was written down. */
	at: InstantSchema,
	/** The note that this one corrects or withdraws. */
	replaces: v.optional(IdSchema)
};

/**
 * One field note. A note never changes: a correction is a new note that names in `replaces` the one it
 * corrects, a withdrawal is a `void` note that names the one it withdraws.
 */
export const NoteSchema = v.variant('kind', [
	v.object({ ...common, kind: v.literal('conditions'), body: ConditionsSchema }),
	v.object({ ...common, kind: v.literal('sighting'), body: SightingSchema }),
	v.object({ ...common, kind: v.literal('sample'), body: SampleSchema }),
	v.object({ ...common, kind: v.literal('rise'), body: RiseSchema }),
	v.object({ ...common, kind: v.literal('watch'), body: WatchSchema }),
	v.object({ ...common, kind: v.literal('drifted'), body: DriftedSchema }),
	v.object({ ...common, kind: v.literal('attempt'), body: AttemptSchema }),
	v.object({ ...common, kind: v.literal('rig'), body: WholeRigSchema }),
	v.object({ ...common, kind: v.literal('unnamed'), body: UnnamedSchema }),
	v.object({ ...common, kind: v.literal('looked'), body: LookedSchema }),
	v.object({ ...common, kind: v.literal('hatch'), body: HatchSchema }),
	v.object({ ...common, kind: v.literal('suspicion'), body: SuspicionSchema }),
	v.object({ ...common, kind: v.literal('ground'), body: GroundSchema }),
	v.object({ ...common, kind: v.literal('stance'), body: StanceSchema }),
	v.object({ ...common, kind: v.literal('remark'), body: RemarkSchema }),
	v.object({ ...common, replaces: IdSchema, kind: v.literal('void'), body: v.object({}) })
]);
export type Note = v.InferOutput<typeof NoteSchema>;
export type NoteKind = Note['kind'];
export type NoteOf<K extends NoteKind> = Extract<Note, { kind: K }>;

/** The kinds that this version knows. */
export const NOTE_KINDS: ReadonlySet<string> = new Set(
	NoteSchema.options.map(({ entries }) => entries.kind.literal)
);

/** A note of a kind that a later version knows: it is kept as it is and passed on, and nothing is read from it. */
const LaterNoteSchema = v.object({
	...common,
	kind: v.pipe(
		v.string(fault(faults('text'))),
		v.regex(/^[a-z][a-z-]{1,39}$/, fault(faults('other'))),
		v.check((kind) => !NOTE_KINDS.has(kind), fault(faults('other')))
	),
	body: v.record(v.string(), v.unknown(), fault(faults('other')))
});

const hasLaterKind = (given: unknown): boolean =>
	typeof given === 'object' &&
	given !== null &&
	'kind' in given &&
	typeof given.kind === 'string' &&
	!NOTE_KINDS.has(given.kind);

/** Any note that is kept: one of a kind that this version knows, or of a later one. */
export const KeptNoteSchema = v.lazy((given) => (hasLaterKind(given) ? LaterNoteSchema : NoteSchema));
export type KeptNote = v.InferOutput<typeof KeptNoteSchema>;
