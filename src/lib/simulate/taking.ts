import { COLUMN_ZONES, findStage, findTaxon, SHADES, type Lab } from '$lib/core/atlas';
import { normal, type Random } from '$lib/core/math';
import type { Lie, Position } from '$lib/core/vocabulary';
import { type Pattern, hookOf, STYLES, type Style, dressedMm, tippetMm } from '$lib/core/tackle';
import type { StandInFish } from './feeding';

/** How a guide fishes to a stand-in fish. */
export interface Presentation {
	pattern: Pattern;
	hookSize: number;
	tippetX: number;
	from: Position;
	/** Takes care of the drift: slack, mends. */
	mending: boolean;
	/** A tippet longer than usual. */
	long?: boolean;
	/** Strikes later than the hand wants to. */
	waits?: boolean;
}

/** What the guide sees of one cast. */
export interface CastSeen {
	dragged: boolean;
	answer?: 'late' | 'early' | 'short' | 'missed' | 'taken';
}

/** A stand-in fish that can be cast to. Seeded; it knows nothing of likeness, causes or advice. */
export interface StandInTarget {
	/** One cast, `atS` seconds after the first. */
	cast(presentation: Presentation, atS: number): CastSeen;
	/** Whether it rises by itself in this minute, for the guide to see. */
	risesWithin(fromS: number, toS: number): boolean;
}

/** The fish's own temper; drawn once for each. */
interface Temper {
	/** Chance that a cast comes down its lane, and that it looks then. */
	meets: number;
	/** Thinnest tippet that it still notices, mm. */
	noticesMm: number;
	/** Chance that currents drag a fly that drags as easily as can be. */
	currents: number;
	/** How exact size, colour and posture must be: spread of what it takes. */
	exact: number;
	/** Chance that it notices the guest from below. */
	wary: number;
	/** Share of the time it feeds at all, in spells. */
	feedsShare: number;
}

const CONTRARY: Partial<Record<Lie, number>> = {
	seam: 0.5,
	'foam-lane': 0.35,
	flat: 0.3,
	edge: 0.25,
	pocket: 0.55
};
const SPELL_S = 420;

/**
 * A fish that takes flies by rules of its own: it must meet the fly, must not feel drag, tippet or guest, and
 * compares what drifts by with what it has been eating by height, build, length and the colour of its belly,
 * each by plain distance. What it dislikes puts it down for a while.
 *
 * @param truth the natural it has been eating, with its length in mm
 */
export function standInTarget(
	fish: StandInFish,
	lie: Lie,
	truth: { taxonId: string; stage: string; lengthMm: number; zone: string },
	random: Random
): StandInTarget {
	const glassy = fish.speedMs < 0.35;
	const temper: Temper = {
		meets: 0.08 + 0.2 * random(),
		noticesMm:
			(glassy ? 0.125 : 0.16) * Math.exp(normal(random, 0, 0.15)) * (fish.size === 'large' ? 0.95 : 1.05),
		currents: (CONTRARY[lie] ?? 0.4) * Math.exp(normal(random, 0, 0.3)),
		exact: (fish.size === 'large' ? 0.75 : 1) * (glassy ? 0.8 : 1.05) * Math.exp(normal(random, 0, 0.2)),
		wary: glassy ? 0.035 : 0.015,
		feedsShare: 0.6 + 0.4 * random()
	};
	let downUntilS = -1;
	// Spells of feeding and of none, decided by the clock so that the guide's doings do not change them.
	const spells = Array.from({ length: 40 }, () => random() < temper.feedsShare);
	const feeds = (atS: number): boolean => atS >= downUntilS && (spells[Math.floor(atS / SPELL_S)] ?? true);
	const scare = (atS: number, seconds: number) => (downUntilS = Math.max(downUntilS, atS + seconds));

	return {
		risesWithin: (fromS, toS) => feeds(fromS) && random() < 1 - Math.exp(-(toS - fromS) / 35),
		cast(presentation, atS) {
			const style: Style = STYLES[presentation.pattern.style];
			const drags = random() < dragChance(style, presentation, temper);
			const dragged = drags && random() < 0.7;
			if (
				random() <
				temper.wary * (presentation.from === 'below' ? 1 : presentation.from === 'side' ? 0.5 : 0.35)
			)
				scare(atS, 240 + 240 * random());
			if (!feeds(atS) || random() > temper.meets) return { dragged };
			if (drags) {
				if (random() < 0.12) scare(atS, 180 + 240 * random());
				return { dragged, ...(random() < 0.35 && { answer: 'late' as const }) };
			}
			const likes = liking(presentation, style, truth, temper.exact);
			if (random() > likes.early) return { dragged, ...(random() < 0.25 && { answer: 'early' as const }) };
			const shows = tippetShows(presentation, style, temper);
			if (random() < shows || random() > likes.late)
				return { dragged, ...(random() < 0.6 && { answer: 'late' as const }) };
			if (random() < 0.08) return { dragged, answer: 'short' };
			return { dragged, answer: random() < (presentation.waits ? 0.07 : 0.15) ? 'missed' : 'taken' };
		}
	};
}

function dragChance(
	{ drag }: Style,
	{ mending, from, tippetX, long }: Presentation,
	{ currents }: Temper
): number {
	const position = { below: 1, side: 0.75, above: 0.65 }[from];
	const limp = 1 - 0.05 * Math.max(0, tippetX - 4);
	return Math.min(0.9, currents * (0.5 + drag) * position * limp * (mending ? 0.5 : 1) * (long ? 0.75 : 1));
}

function tippetShows({ tippetX, long }: Presentation, { zone }: Style, { noticesMm }: Temper): number {
	const over = tippetMm(tippetX) / noticesMm - 1;
	return over <= 0
		? 0
		: Math.min(0.8, 2.2 * over) * (zone === 'bed' || zone === 'drift' ? 0.4 : 1) * (long ? 0.8 : 1);
}

/** Builds as the fish tells them apart: one is taken for another with this much doubt. */
const BUILD: Record<string, Partial<Record<string, number>>> = {
	dun: { dun: 1, cripple: 0.7, emerger: 0.45, adult: 0.35, spinner: 0.3 },
	emerger: { emerger: 1, cripple: 0.85, pupa: 0.5, nymph: 0.45, dun: 0.4 },
	cripple: { cripple: 1, emerger: 0.85, dun: 0.6, spinner: 0.45 },
	spinner: { spinner: 1, cripple: 0.45, dun: 0.3, adult: 0.3 },
	adult: { adult: 1, 'egg-laying': 0.9, dun: 0.3, terrestrial: 0.4 },
	'egg-laying': { 'egg-laying': 1, adult: 0.9, spinner: 0.3 },
	pupa: { pupa: 1, emerger: 0.6, larva: 0.35, nymph: 0.35 },
	nymph: { nymph: 1, larva: 0.45, emerger: 0.5, pupa: 0.4 },
	larva: { larva: 1, nymph: 0.45, pupa: 0.45 },
	terrestrial: { terrestrial: 1, adult: 0.5 },
	crustacean: { crustacean: 1, larva: 0.4, nymph: 0.4 }
};

/** What a style is built to be, to a fish: the stage it stands for best. */
function builtAs({ stages }: Style): string {
	return Object.entries(stages).reduce((best, next) => (next[1] > best[1] ? next : best))[0];
}

/**
 * How far the fish is content with the fly when it first sees it (height, build, colour), and when it is close
 * (size, and the rest again).
 */
function liking(
	{ pattern, hookSize }: Presentation,
	style: Style,
	truth: { taxonId: string; stage: string; lengthMm: number; zone: string },
	exact: number
): { early: number; late: number } {
	const heights: readonly string[] = COLUMN_ZONES;
	const apart = Math.abs(heights.indexOf(style.zone) - heights.indexOf(truth.zone));
	const height = [1, 0.65, 0.25, 0.1, 0.06, 0.05][apart] ?? 0.05;
	const build = BUILD[truth.stage]?.[builtAs(style)] ?? 0.15;
	const mm = dressedMm(hookSize, hookOf(style));
	const size = Math.exp(-(((mm - truth.lengthMm) / (0.26 * exact * truth.lengthMm)) ** 2));
	const taxon = findTaxon(truth.taxonId);
	const traits = taxon?.stages.find(({ stage }) => stage === truth.stage);
	const belly = taxon && traits && findStage(taxon, traits.stage) ? SHADES[traits.belly] : SHADES.brown;
	const colour = Math.exp(-((plainDistance(SHADES[pattern.belly], belly) / (38 * exact)) ** 2));
	return { early: height * build ** (0.6 / exact) * (0.45 + 0.55 * colour), late: 0.12 + 0.88 * size };
}

const plainDistance = (one: Lab, other: Lab): number =>
	Math.hypot(one.l - other.l, one.a - other.a, one.b - other.b);
