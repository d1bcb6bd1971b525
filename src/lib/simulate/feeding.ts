import {
	broodsIn,
	findStage,
	shareAt,
	solarHour,
	TAXA,
	zoneOf,
	type ColumnZone,
	type LifeStage,
	type Place,
	type Taxon
} from '$lib/core/atlas';
import { normal, pickWeighted, poisson, type Random } from '$lib/core/math';
import { CLEAR_FORMS, type ClearForm, type RiseForm } from '$lib/core/vocabulary';
import { dryMassMg } from '$lib/core/tray';

/** Something that drifts by the stand-in fish. */
export interface Prey {
	taxonId: string;
	stage: LifeStage;
	zone: ColumnZone;
	lengthMm: number;
	massMg: number;
	/** How many pass through the fish's lane in a minute. */
	perMinute: number;
}

/** The day of the stand-in river. */
export interface RiverDay {
	place: Place;
	at: Date;
	waterC: number;
	dull: boolean;
	windMs: number;
}

/** A fish of the stand-in river. */
export interface StandInFish {
	size: 'small' | 'middling' | 'large';
	depthM: number;
	speedMs: number;
	holding: 'on-station' | 'cruising';
	/** How it goes about feeding: steadily, in bursts, or here and there. */
	habit: 'steady' | 'bursts' | 'roaming';
	/** By how much it rather takes what lies on the film than the mean fish does; each has its own way of feeding. */
	looksUp: number;
	/** How much oftener than the mean fish it shows each form: no two rise quite alike. */
	manner: Record<ClearForm, number>;
}

/** One thing the fish ate, and what of it could be seen from the bank. */
export interface Meal {
	/** Seconds from the beginning of the watch. */
	atS: number;
	prey: Prey;
	/** How it broke the surface; absent when nothing was to be seen. */
	form?: ClearForm;
}

/**
 * What drifts by on a day of the stand-in river, by rules of its own: each kind has its strength that year, comes
 * on at its hour when the water is in its band, and is carried in densities by stage. The atlas says only when
 * and where each lives.
 */
export function driftOf(day: RiverDay, random: Random): Prey[] {
	return TAXA.flatMap((taxon) => driftOfTaxon(taxon, day, random));
}

/** What drifts by of one taxon: each draws its year, its day and its hour by itself. */
export function driftOfTaxon(
	taxon: Taxon,
	{ place, at, waterC, dull, windMs }: RiverDay,
	random: Random
): Prey[] {
	const share = shareAt(taxon, place);
	if (share === 0) return [];
	const hour = solarHour(place, at);
	const day = (at.getTime() / 86_400_000) % 365.25;
	const year = Math.exp(normal(random, 0, 0.7));
	const { season, size } = inSeason(taxon, day + normal(random, 0, 6), place);
	const strength = share * year * season * warmth(taxon, waterC);
	const liking =
		taxon.likes === 'dull' ? (dull ? 1.5 : 0.6) : taxon.likes === 'mild' ? (dull ? 0.7 : 1.2) : 1;
	const emerging = liking * strength * atHour(taxon.emergenceHours, hour + normal(random, 0, 0.5), waterC);
	const abroad = strength * atHour(taxon.flightHours, hour + normal(random, 0, 0.6), waterC);
	const hatch: Hatch = {
		share,
		season,
		emerging,
		flying: abroad * Math.max(0, 1 - windMs / 6),
		// What lives on land is blown in.
		blown: abroad * (0.4 + 0.3 * Math.min(6, windMs)),
		// Duns dry their wings the slower the duller and colder it is, and each hatch goes its own way.
		rides: Math.exp(normal(random, 0, 0.5)) * (dull ? 1.4 : 0.8) * (waterC < 10 ? 1.25 : 1)
	};
	return taxon.stages.flatMap(({ stage, lengthMm, zone }): Prey[] => {
		const mean = perMinuteOf(taxon, { stage, zone }, hatch);
		const perMinute = mean * Math.exp(normal(random, 0, 0.35));
		const traits = perMinute < 0.02 ? undefined : findStage(taxon, stage);
		if (!traits) return [];
		const length = size * lengthMm.typical * Math.exp(normal(random, 0, 0.08));
		return [
			{
				taxonId: taxon.id,
				stage,
				zone: zoneOf(taxon, traits),
				lengthMm: length,
				massMg: dryMassMg(length, taxon),
				perMinute
			}
		];
	});
}

/** How a kind's day goes on the stand-in river. */
interface Hatch {
	share: number;
	season: number;
	emerging: number;
	/** Of what has hatched before, how much is over the water, and of what lives on land how much is blown onto it. */
	flying: number;
	blown: number;
	/** How long the winged ride before they fly off, against what is usual. */
	rides: number;
}

/** Animals a minute through a lane a hand wide; the stand-in river's own numbers. */
function perMinuteOf(
	{ group, emergence }: Taxon,
	{ stage, zone }: { stage: LifeStage; zone: ColumnZone | undefined },
	{ share, season, emerging, flying, blown, rides }: Hatch
): number {
	const open = emergence === 'open-water';
	switch (stage) {
		case 'nymph':
			return 0.12 * share + (open ? 2.2 : 0.4) * emerging;
		case 'larva':
			return 0.14 * share;
		case 'emerger':
			return open ? (group === 'true-fly' ? 1 : 4.4) * emerging : 0;
		case 'cripple':
			return open ? 0.9 * emerging : 0;
		case 'pupa':
			return zone === 'bed' ? 0.05 * share : 3.8 * emerging;
		case 'dun':
			return (open ? 2.6 : 0.5) * emerging * rides;
		case 'adult':
			return (
				(group === 'true-fly' ? 1.6 : 0.8) * emerging * rides +
				(group === 'stonefly' ? 0.25 * season * share : 0.3 * flying)
			);
		case 'egg-laying':
			return 4 * flying;
		case 'spinner':
			return 3.6 * flying;
		case 'terrestrial':
			return 1.2 * blown + 0.1 * season * share;
		case 'crustacean':
			return 0.18 * share;
		case 'aquatic':
			return 0.05 * share;
		case 'fry':
			return 0.01 * share * season;
	}
}

/** How far into its season it is, by the brood that is furthest, and how long that brood's animals are. */
function inSeason(taxon: Taxon, day: number, place: Place): { season: number; size: number } {
	const late = (place.elevationM - 500) / 30;
	let [season, size] = [0, 1];
	for (const { begins, peaks, ends, size: own = 1 } of broodsIn(taxon, place))
		for (const year of [-365.25, 0, 365.25]) {
			const off = day - late - peaks + year;
			const width = (off < 0 ? peaks - begins : ends - peaks) / 1.9;
			const now = Math.exp(-((off / width) ** 2) / 2);
			if (now > season) [season, size] = [now, own];
		}
	return { season, size };
}

const warmth = ({ waterC: { least, best, most } }: Taxon, waterC: number): number =>
	1 /
	(1 + Math.exp(-(waterC - (least + best[0]) / 2) * 1.2)) /
	(1 + Math.exp((waterC - (best[1] + most) / 2) * 1.2));

function atHour(hours: Taxon['emergenceHours'], hour: number, waterC: number): number {
	const windows = waterC < 11 ? hours.cool : hours.warm;
	return Math.max(
		0,
		...windows.map(({ from, peak, to }) => {
			const width = (hour < peak ? peak - from : to - peak) / 1.7;
			return Math.exp(-(((hour - peak) / width) ** 2) / 2);
		})
	);
}

/**
 * A quarter of an hour before the watch and the watch itself: a fish meets what drifts, weighs energy against
 * effort, catches what it can, and comes to prefer what it has lately been eating (switching; Murdoch 1969,
 * Ecological Monographs 39; net energy after Hughes & Dill 1990). Seeded, and the fish knows nothing of the
 * reading's tables.
 */
export function feed(
	drift: readonly Prey[],
	fish: StandInFish,
	minutes: number,
	random: Random
): { meals: Meal[]; passed: { atS: number; prey: Prey }[] } {
	const experience = drift.map(() => 0);
	const meals: Meal[] = [];
	const passed: { atS: number; prey: Prey }[] = [];
	const warmUpS = 900;
	let readyAt = -warmUpS;
	let burstLeft = 3;
	for (const { atS, index } of arrivals(drift, warmUpS, minutes * 60, random)) {
		const prey = drift[index];
		if (!prey) continue;
		const visible = atS >= 0;
		const busy = atS < readyAt;
		const total = experience.reduce((a, b) => a + b, 0) + 1.5;
		const familiar = 0.25 + (1.6 * (experience[index] ?? 0)) / total;
		const wants = Math.min(1, worth(prey, fish) * familiar * 1.5);
		if (busy || random() > wants) {
			if (visible) passed.push({ atS, prey });
			continue;
		}
		for (let i = 0; i < experience.length; i++) experience[i] = (experience[i] ?? 0) * 0.93;
		const caught = random() < catching(prey);
		if (caught) experience[index] = (experience[index] ?? 0) + 1;
		if (visible) {
			const form = breakSurface(prey, fish, random);
			meals.push({ atS, prey, ...(form && { form }) });
		}
		burstLeft -= 1;
		const handling = handlingS(fish, random);
		const pause =
			fish.habit === 'bursts' && burstLeft <= 0
				? 90 + 100 * random()
				: fish.habit === 'roaming'
					? -60 * Math.log(1 - random())
					: 0;
		if (burstLeft <= 0) burstLeft = 3 + Math.floor(2 * random());
		readyAt = atS + handling + pause;
	}
	return { meals, passed };
}

function arrivals(drift: readonly Prey[], beforeS: number, forS: number, random: Random) {
	const all: { atS: number; index: number }[] = [];
	drift.forEach(({ perMinute }, index) => {
		const count = poisson(random, (perMinute * (beforeS + forS)) / 60);
		for (let i = 0; i < count; i++) all.push({ atS: random() * (beforeS + forS) - beforeS, index });
	});
	return all.sort((a, b) => a.atS - b.atS);
}

/** Net energy of taking something, on a scale on which 1 is well worth it. */
function worth({ zone, massMg, stage }: Prey, { depthM, speedMs, looksUp }: StandInFish): number {
	const climb: Record<ColumnZone, number> = {
		air: 3,
		'on-film': 1,
		'in-film': 0.95,
		'under-film': 0.85,
		drift: 0.3,
		bed: 0.5
	};
	const effort = 0.12 + climb[zone] * depthM * (0.25 + speedMs) * 0.35;
	const helpless = stage === 'spinner' || stage === 'cripple' || stage === 'emerger' ? 1.35 : 1;
	const gain = helpless * (zone === 'on-film' ? looksUp : 1) * Math.sqrt(massMg);
	return gain / (gain + 1.4 * effort);
}

const catching = ({ stage }: Prey): number =>
	({ dun: 0.85, adult: 0.75, 'egg-laying': 0.7, pupa: 0.85, fry: 0.35 })[stage as string] ?? 0.95;

function handlingS({ habit, holding }: StandInFish, random: Random): number {
	const base = habit === 'steady' ? 14 : habit === 'bursts' ? 7 : 25;
	return base * (holding === 'cruising' ? 1.4 : 1) * Math.exp(normal(random, 0, 0.35));
}

type Forms = readonly (readonly [ClearForm, number])[];

/** What can be seen when something is taken off the film, by the stand-in river's own habits of fish. */
function formsOnFilm({ stage, lengthMm }: Prey, large: boolean, quick: boolean): Forms {
	if (stage === 'spinner' || (stage === 'terrestrial' && lengthMm < 12))
		return [
			['nose', large ? 7 : 5],
			['head-back-tail', 3],
			['bulge', 0.7],
			['splash', quick ? 1.5 : 0.4]
		];
	if (lengthMm >= 16 && stage !== 'dun')
		return [
			['crash', 5],
			['splash', 3],
			['nose', 0.8],
			['head-back-tail', 0.8],
			['leap', 0.5]
		];
	if (stage === 'dun')
		return [
			['nose', 4],
			['head-back-tail', 3],
			['splash', quick ? 3.5 : 1.5],
			['bulge', 0.6],
			['leap', 0.2]
		];
	return [
		['splash', 5],
		['leap', 1.6],
		['nose', 1.2],
		['head-back-tail', 1],
		['crash', 0.8]
	];
}

const inFilm = (quick: boolean): Forms => [
	['bulge', 4],
	['head-back-tail', 3],
	['nose', 2],
	['splash', quick ? 1.2 : 0.4]
];
const UNDER_FILM: Forms = [
	['bulge', 4],
	['splash', 1.6],
	['head-back-tail', 1.3],
	['leap', 1.2],
	['weaving', 1]
];
const DEEP: Forms = [
	['weaving', 7],
	['bulge', 1.2],
	['splash', 0.2]
];

/** How much of each prey a fish should take that meets them all: what one would say who knows this river's own rules. */
export const expectedDiet = (drift: readonly Prey[], fish: StandInFish): number[] => {
	const eaten = drift.map((prey) => prey.perMinute * Math.min(1, worth(prey, fish)));
	const all = eaten.reduce((sum, one) => sum + one, 0);
	// A fish comes to prefer what it eats most of.
	const fixed = eaten.map((one) => (one / all) ** FIXED_ON_IT);
	const sum = fixed.reduce((total, one) => total + one, 0);
	return fixed.map((one) => one / sum);
};
const FIXED_ON_IT = 1.8;

/** How often a prey that is seen to be taken shows a form, by this river's own habits of fish. */
export function formChance(prey: Prey, { size, speedMs }: StandInFish, form: RiseForm): number {
	const quick = speedMs > 0.6 || size === 'small';
	const forms =
		prey.zone === 'on-film'
			? formsOnFilm(prey, size === 'large', quick)
			: prey.zone === 'in-film'
				? inFilm(quick)
				: prey.zone === 'under-film'
					? UNDER_FILM
					: prey.zone === 'air'
						? ([
								['leap', 0.8],
								['splash', 0.2]
							] as const)
						: DEEP;
	const all = forms.reduce((sum, [, weight]) => sum + weight, 0);
	const own = forms.find(([one]) => one === form)?.[1] ?? 0;
	// Now and then a form is misnamed.
	return 0.9 * (own / all) + 0.1 / CLEAR_FORMS.length;
}

/** What can be seen when something is taken at a height; nothing is, now and then, and mostly of what is taken deep. */
function breakSurface(
	prey: Prey,
	{ size, speedMs, manner }: StandInFish,
	random: Random
): ClearForm | undefined {
	const quick = speedMs > 0.6 || size === 'small';
	const shows = (forms: Forms) =>
		pickWeighted<ClearForm>(
			random,
			forms.map(([form, weight]) => [form, weight * manner[form]] as const)
		);
	const seldom = (chance: number, forms: Forms) => (random() < chance ? shows(forms) : undefined);
	switch (prey.zone) {
		case 'on-film':
			return shows(formsOnFilm(prey, size === 'large', quick));
		case 'in-film':
			return seldom(0.93, inFilm(quick));
		case 'under-film':
			return seldom(0.75, UNDER_FILM);
		case 'air':
			return random() < 0.8 ? 'leap' : 'splash';
		case 'drift':
		case 'bed':
			return seldom(0.45, DEEP);
	}
}
