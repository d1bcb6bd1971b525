import { tell } from '../tell';
import * as v from 'valibot';
import { STRIKING, FISH_FIRST, FISHED_FROM } from '$lib/core/advice';
import {
	fishInTurn,
	groundOf,
	hiddenStances,
	landingPoint,
	lanesWorth,
	laneOf,
	liesOf,
	POSTURES_M,
	shadeOf,
	stancesFor,
	strikeFor,
	sunAt,
	sunSays,
	USUAL_PLACE,
	wadingCaution,
	windOn,
	windowRadiusM,
	type Ground,
	type StanceFound
} from '$lib/core/approach';
import { middleOf } from '$lib/core/drift';
import { fault, words } from '$lib/core/message';
import { GroundSchema, InstantSchema, listOf, whole, within } from '$lib/core/note';
import {
	BANKS,
	CASTS,
	FISH_SIZES,
	LAKE_REACHES,
	LANES,
	LEVELS,
	LEVEL_TRENDS,
	POSTURES,
	RISE_FORMS,
	STANCES,
	SURFACES,
	WARINESS,
	type ReachKind
} from '$lib/core/vocabulary';
import { reasonsTold } from './said';

const says = words('open-api.approach', { nothing: 'names neither a fish nor a reach' });

const ground = GroundSchema.pipe[0].entries;
const FishSchema = v.object({
	id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
	size: v.optional(v.picklist(FISH_SIZES)),
	lengthMm: v.optional(within(30, 2000, ' mm')),
	holding: v.optional(v.picklist(['on-station', 'cruising'])),
	wary: v.optional(v.picklist(WARINESS)),
	/** Upstream of the lowest of them, and from the left bank, m. */
	upM: v.optional(within(0, 1000, ' m')),
	acrossM: v.optional(within(0, 500, ' m')),
	/** Chance that it takes, where more is known of it. */
	takes: v.optional(within(0, 1))
});

const FromThereSchema = v.object({
	/** Good drifts that it left, drifts in which the fly dragged, how often it was put down, and takes by any fish. */
	drifts: v.optional(whole(0, 200), 0),
	dragged: v.optional(whole(0, 200), 0),
	putDown: v.optional(whole(0, 200), 0),
	took: v.optional(whole(0, 200), 0)
});
const EarlierSchema = v.object({
	below: v.optional(FromThereSchema),
	'below-and-across': v.optional(FromThereSchema),
	across: v.optional(FromThereSchema),
	'above-and-across': v.optional(FromThereSchema),
	above: v.optional(FromThereSchema)
});

export const ApproachRequestSchema = v.pipe(
	v.object({
		/** Depth of the fish, m. */
		depthM: v.optional(within(0.05, 15, ' m')),
		surface: v.optional(v.picklist(SURFACES)),
		clarityM: v.optional(within(0.05, 20, ' m')),
		/** Of the bank above the water, m. */
		bankM: v.optional(within(0, 30, ' m')),
		/** The guide's own height, m, and mass, kg. */
		heightM: v.optional(within(1, 2.2, ' m')),
		massKg: v.optional(within(25, 200, ' kg')),
		/** Where somebody wades: depth of the water, m, and its speed. */
		wadeM: v.optional(within(0, 3, ' m')),
		/** Current where the fish lies, or where somebody wades, m/s. */
		speedMs: v.optional(within(0, 5, ' m/s')),
		waterC: v.optional(within(-1, 35, ' °C')),
		rising: v.optional(v.boolean()),
		/** Trout may spawn here at this time of the year. */
		spawning: v.optional(v.boolean()),
		/** Minutes of light that are left. */
		lightMin: v.optional(within(0, 1440, ' min')),

		/** The reach: its kind, its lanes from the left bank on, where it flows to, its banks. */
		...ground,
		level: v.optional(v.picklist(LEVELS)),
		levelTrend: v.optional(v.picklist(LEVEL_TRENDS)),
		/** The lane of the fish, from 1 at the left bank; or how far from that bank, m. */
		lane: v.optional(whole(1, LANES.most)),
		acrossM: v.optional(within(0, 700, ' m')),
		windMs: v.optional(within(0, 40, ' m/s')),
		windFromDeg: v.optional(within(0, 360, '°')),
		airC: v.optional(within(-40, 50, ' °C')),
		/** The day: how the water warms, °C an hour; light; what drifts on the film; the season. */
		warmingCH: v.optional(within(-10, 10)),
		bright: v.optional(v.boolean()),
		dim: v.optional(v.boolean()),
		hatch: v.optional(v.boolean()),
		land: v.optional(v.boolean()),
		winter: v.optional(v.boolean()),
		/** Where and when, for the sun. */
		latitude: v.optional(within(-66, 72, '°')),
		longitude: v.optional(within(-180, 180, '°')),
		at: v.optional(InstantSchema),
		/** Of the fish: how it rose, how large it is, at what speed it rises; where casts fall so far, m above its ring. */
		form: v.optional(v.picklist(RISE_FORMS)),
		size: v.optional(v.picklist(FISH_SIZES)),
		riseMs: v.optional(within(0.02, 3, ' m/s')),
		castM: v.optional(within(0, 60, ' m')),
		hand: v.optional(v.picklist(['right', 'left'])),
		/** Nobody wades here. */
		dry: v.optional(v.boolean()),
		fishedFrom: v.optional(v.picklist(FISHED_FROM.ids)),
		striking: v.optional(v.picklist(STRIKING.ids)),
		fishFirst: v.optional(v.picklist(FISH_FIRST.ids)),
		/** Fish beside this one: upstream of it, negative for downstream, and from the left bank, m. */
		others: v.optional(listOf(v.object({ upM: within(-200, 200, ' m'), acrossM: within(0, 700, ' m') }), 20)),
		/** What came of fishing for it before, by stance. */
		earlier: v.optional(EarlierSchema),
		/** Fish under watch, to be put in turn. */
		fish: v.optional(listOf(FishSchema, 20))
	}),
	v.check(
		({ depthM, reachKind, lanes, fish }) =>
			depthM !== undefined || reachKind !== undefined || lanes !== undefined || fish !== undefined,
		fault(says('nothing'))
	)
);
type ApproachRequest = v.InferOutput<typeof ApproachRequestSchema>;

const reasons = { because: v.array(v.string()), codes: v.array(v.string()) };

export const ApproachAnswerSchema = v.object({
	/** Radius of the fish's window, m. */
	windowM: v.number(),
	/** The ways to stand, the tallest first; 0 m where the water hides everybody. */
	stances: v.array(
		v.object({ posture: v.string(), heightM: v.number(), hiddenFromM: v.number(), says: v.string() })
	),
	...reasons,
	/** Where depth and speed of the water to wade are given. */
	wading: v.optional(
		v.object({
			word: v.picklist(['fine', 'staff', 'out']),
			/** Share of what takes a person off their feet. */
			share: v.number(),
			says: v.string(),
			...reasons
		})
	),
	/** From the ring to the lie, and on to where the fly must fall, m; how long it must drift freely, s. */
	landing: v.object({
		lieAboveRingM: v.number(),
		aboveLieM: v.number(),
		neededM: v.number(),
		neededS: v.number(),
		short: v.boolean(),
		...reasons
	}),
	wind: v.object({
		fills: v.optional(v.picklist(BANKS)),
		calm: v.optional(v.object({ side: v.picklist(BANKS), widthM: v.number() })),
		...reasons
	}),
	/** Where fish hold, the likeliest first; where a reach is given. */
	lies: v.optional(v.array(v.object({ hold: v.string(), name: v.string(), chance: v.number(), ...reasons }))),
	/** What each lane is worth to a fish, shares of 1. */
	lanesWorth: v.optional(v.array(v.number())),
	/** Where place and instant are given: the sun, and which lanes lie in shade when. */
	sun: v.optional(v.object({ bearingDeg: v.number(), heightDeg: v.number(), ...reasons })),
	shade: v.optional(
		v.array(
			v.object({
				lane: v.number(),
				spans: v.array(v.object({ from: v.string(), to: v.string() }))
			})
		)
	),
	/** From where to fish it, the best of each kind, the best first; where water flows in lanes. */
	ranked: v.optional(
		v.array(
			v.object({
				stance: v.picklist(STANCES),
				cast: v.picklist(CASTS),
				posture: v.picklist(POSTURES),
				distanceM: v.number(),
				/** The guide, downstream of the fish and from the left bank, m. */
				alongM: v.number(),
				acrossM: v.number(),
				bank: v.optional(v.picklist(BANKS)),
				wadeM: v.optional(v.number()),
				/** How long the fly drifts freely, whether it drags then, and how long it has to, s. */
				driftS: v.number(),
				/** How far it drifts in that time, m. */
				driftM: v.number(),
				drags: v.boolean(),
				needsS: v.number(),
				seen: v.number(),
				chance: v.number(),
				...reasons,
				cautions: v.array(v.string()),
				strike: v.object({
					waitS: v.number(),
					way: v.picklist(['lift', 'side', 'low']),
					says: v.string(),
					...reasons
				})
			})
		)
	),
	inTurn: v.optional(v.array(v.object({ id: v.string(), ...reasons })))
});
type ApproachAnswer = v.InferInput<typeof ApproachAnswerSchema>;

/** Where to look, from where a fish can be approached unseen and fished, and what speaks of wading, for a program. */
export function answerApproach(asked: ApproachRequest): ApproachAnswer {
	const { reachKind, lanes, fish, fishFirst = FISH_FIRST.usual } = asked;
	const here = groundOf(asked, { still: isLake(reachKind), level: asked.level });
	const flows = (reachKind !== undefined || lanes !== undefined) && here.lanes.length > 0;
	const lane = laneOf(here.lanes, asked);
	const own = flows ? here.lanes[lane] : undefined;
	const usual = USUAL_PLACE.values;
	const depthM = asked.depthM ?? (own ? Math.min(usual.depthM, own.depthM) : usual.depthM);
	const through = { depthM, surface: asked.surface, clarityM: asked.clarityM };
	const landing = landingPoint({
		depthM,
		speedMs: asked.speedMs ?? own?.speedMs ?? (isLake(reachKind) ? 0 : usual.speedMs),
		riseMs: asked.riseMs,
		castM: asked.castM
	});
	const wind = windOn(here, asked);
	const { stances, because } = hiddenStances({ ...asked, depthM });
	const { says: landingSays, ...point } = landing;
	return {
		windowM: windowRadiusM(depthM),
		stances: stances.map(({ posture, heightM, hiddenFromM, says: told }) => ({
			posture,
			heightM,
			hiddenFromM,
			says: tell(told)
		})),
		...reasonsTold(because),
		...wadingTold(asked),
		landing: { ...point, ...reasonsTold(landingSays) },
		wind: {
			...(wind.fills && { fills: wind.fills }),
			...(wind.calm && { calm: wind.calm }),
			...reasonsTold(wind.says)
		},
		...((reachKind !== undefined || lanes !== undefined) && { lies: liesTold(asked, here) }),
		...(flows && { lanesWorth: lanesWorth(here.lanes, asked.waterC) }),
		...sunTold(asked, here),
		...(flows &&
			landing.neededS > 0 && {
				ranked: stancesFor({
					...asked,
					ground: withBank(here, asked.bankM),
					acrossM: asked.acrossM ?? middleOf(here.lanes, lane),
					through,
					landing,
					wind,
					sun: sunOf(asked),
					school: asked.fishedFrom,
					wading: wadingIn(asked)
				}).map((found) => stanceTold(found, asked))
			}),
		...(fish && {
			inTurn: fishInTurn(fish, fishFirst).map(({ id, because: why }) => ({ id, ...reasonsTold(why) }))
		})
	};
}

const liesTold = (asked: ApproachRequest, here: Ground): NonNullable<ApproachAnswer['lies']> =>
	liesOf(here.kind, asked).map(({ hold, name, chance, because }) => ({
		hold,
		name: tell(name),
		chance,
		...reasonsTold(because)
	}));

const isLake = (kind: ReachKind | undefined): boolean =>
	kind !== undefined && (LAKE_REACHES as readonly string[]).includes(kind);

const withBank = (here: Ground, heightM: number | undefined): Ground =>
	heightM === undefined
		? here
		: {
				...here,
				banks: {
					left: { ...here.banks.left, heightM },
					right: { ...here.banks.right, heightM }
				}
			};

function wadingTold(asked: ApproachRequest): Pick<ApproachAnswer, 'wading'> {
	const { wadeM, speedMs, heightM } = asked;
	if (wadeM === undefined || speedMs === undefined) return {};
	const {
		word,
		share,
		says: told,
		because
	} = wadingCaution({ depthM: wadeM, speedMs, heightM, ...wadingIn(asked) });
	return { wading: { word, share, says: tell(told), ...reasonsTold(because) } };
}

const wadingIn = ({ waterC, rising, spawning, lightMin, massKg }: ApproachRequest) => ({
	waterC,
	rising,
	spawning,
	lightMin,
	massKg
});

const sunOf = ({ latitude, longitude, at }: ApproachRequest) =>
	latitude === undefined || longitude === undefined || !at ? undefined : sunAt({ latitude, longitude }, at);

function sunTold(asked: ApproachRequest, here: Ground): Pick<ApproachAnswer, 'sun' | 'shade'> {
	const { latitude, longitude, at } = asked;
	const sun = sunOf(asked);
	if (!sun || !at || latitude === undefined || longitude === undefined) return {};
	return {
		sun: {
			...sun,
			...reasonsTold(sunSays(here, sun, (asked.heightM ?? POSTURES_M.values.standing) + (asked.bankM ?? 0)))
		},
		shade: shadeOf(here, { latitude, longitude }, at).map(({ lane, spans }) => ({
			lane: lane + 1,
			spans: spans.map(({ from, to }) => ({ from: from.toISOString(), to: to.toISOString() }))
		}))
	};
}

function stanceTold(
	found: StanceFound,
	{ form, size, striking }: ApproachRequest
): NonNullable<ApproachAnswer['ranked']>[number] {
	const { stance, cast, posture, distanceM, at, bank, wadeM, driftS, driftM, drags, needsS, seen, chance } =
		found;
	const strike = strikeFor({ form, size, stance, slackM: found.slackM, school: striking });
	return {
		stance,
		cast,
		posture,
		distanceM,
		...at,
		...(bank && { bank }),
		...(wadeM !== undefined && { wadeM }),
		driftS,
		driftM,
		drags,
		needsS,
		seen,
		chance,
		...reasonsTold(found.because),
		cautions: found.cautions.map((one) => tell(one)),
		strike: { waitS: strike.waitS, way: strike.way, says: tell(strike.says), ...reasonsTold(strike.because) }
	};
}
