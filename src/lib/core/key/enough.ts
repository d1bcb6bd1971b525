import { findStage, findTaxon, type LifeStage } from '../atlas';
import { stylesServing } from '../match';
import type { Message } from '../message';
import { dressedMm, hookFor, hookOf, styleName, STYLES, type StyleId } from '../tackle';
import { LENGTH_BANDS } from './mark';

/** The fly that the likely candidates share, and what naming the animal more finely would change. */
export interface Enough {
	/** Whether all likely candidates would be fished with the same style and size. */
	yes: boolean;
	/** Share of the probability that this fly serves, 0 to 1. */
	served: number;
	style: StyleId;
	styleName: Message;
	hookSize: number;
	/** Candidates that want another fly, likeliest first. */
	wouldChange: {
		taxonId: string;
		stage: LifeStage;
		probability: number;
		styleName: Message;
		hookSize: number;
	}[];
}

interface Named {
	taxonId: string;
	stage: LifeStage;
}

/** The fly must serve this share of what it may be. */
const SHARE_SERVED = 0.85;
/** One lucky answer settles nothing. */
const LEAST_ANSWERS = 2;
/** Within one even hook size and a half the fly still passes. */
const SIZE_PASSES = Math.log(1.2 ** 1.5);
const WORTH_NAMING = 0.03;

/** Lengths that flies are dressed for, mm. */
const DRESSED_FOR = { least: 1.5, most: 55 };

/**
 * Whether it is good enough to fish: the best fly for the likeliest candidate, and whether it also serves the
 * others. Length in the hand overrides the atlas's.
 */
export function fishingEnough(
	candidates: readonly (Named & { probability: number })[],
	answers: number,
	length: string | undefined
): Enough {
	const [first] = candidates;
	if (!first) throw new RangeError('There is nothing to choose a fly for.');
	const fly = flyFor(first, length);
	let served = 0;
	const others = new Map<string, Enough['wouldChange'][number]>();
	for (const candidate of candidates) {
		const own = flyFor(candidate, length);
		const same =
			own.serving.includes(fly.style) && Math.abs(Math.log(own.lengthMm / fly.lengthMm)) <= SIZE_PASSES;
		if (same) {
			served += candidate.probability;
			continue;
		}
		const key = `${own.style} ${own.hookSize}`;
		const other = others.get(key);
		if (other) other.probability += candidate.probability;
		else others.set(key, { ...candidate, styleName: styleName(own.style), hookSize: own.hookSize });
	}
	return {
		yes: answers >= LEAST_ANSWERS && served >= SHARE_SERVED,
		served,
		style: fly.style,
		styleName: styleName(fly.style),
		hookSize: fly.hookSize,
		wouldChange: [...others.values()]
			.filter(({ probability }) => probability >= WORTH_NAMING)
			.sort((a, b) => b.probability - a.probability)
	};
}

/** Candidates of one class would be fished with the same fly. */
export function flyClass(named: Named, length: string | undefined): string {
	const { style, hookSize } = flyFor(named, length);
	return `${style} ${hookSize}`;
}

interface Fly {
	style: StyleId;
	serving: readonly StyleId[];
	lengthMm: number;
	hookSize: number;
}

const flies = new Map<string, Fly>();

function flyFor({ taxonId, stage }: Named, length: string | undefined): Fly {
	const key = `${taxonId}/${stage}/${length ?? ''}`;
	let fly = flies.get(key);
	if (!fly) flies.set(key, (fly = work(taxonId, stage, length)));
	return fly;
}

function work(taxonId: string, stage: LifeStage, length: string | undefined): Fly {
	const taxon = findTaxon(taxonId);
	const traits = taxon && findStage(taxon, stage);
	if (!taxon || !traits) throw new RangeError(`The atlas has no ${stage} of "${taxonId}".`);
	const serving = stylesServing(taxon, traits, 4).map(({ id }) => id);
	const style = serving[0] ?? 'film-nymph';
	const band = length === undefined ? undefined : LENGTH_BANDS[length];
	const least = Math.max(DRESSED_FOR.least, band?.fromMm ?? 0);
	const most = Math.min(DRESSED_FOR.most, band?.toMm ?? Number.POSITIVE_INFINITY);
	// The atlas's length, as far as it agrees with what was measured.
	const lengthMm = Math.min(most, Math.max(least, traits.lengthMm.typical));
	const hook = hookOf(STYLES[style]);
	const { size } = hookFor(lengthMm, 'body', hook);
	// Under the smallest hook all sizes are one.
	return { style, serving, lengthMm: Math.max(lengthMm, dressedMm(28, hook)), hookSize: size };
}
