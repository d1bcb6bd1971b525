import { isSurface } from '../atlas';
import type { Outing } from '../outing';
import type { Reading } from '../reading';
import type { Rig } from '../rig';
import { words, type Message } from '../message';
import { PAIRED, TWO_NYMPHS } from './choice-tables';
import { twoNymphs, type NymphPair } from './nymphs';
import { flyWaterOf, visibilityIn, type FlyWater } from './fitness';
import { likenessOf, variantOf, type Variant, SCHOOLS } from '../likeness';
import { preferred } from './preference';
import { rigFor, shortlist, worthMatching, type FlyChoice, type ShortlistOptions } from './shortlist';
import { customsOn, fishesBelow, STYLES, traitsOf } from '../tackle';

/**
 * How the second of two flies fishes: flush behind the first, hanging in the film, as a nymph under a fly that floats;
 * of two nymphs, the heavy one on the point, or the light one trailing a heavy one.
 */
export const PAIR_WAYS = ['flush', 'hanging', 'nymph', 'heavy-point', 'light-trails'] as const;

/** Two flies on one leader: which leads, what trails or hangs, and how far apart. */
export interface FlyPair {
	lead: FlyChoice;
	second: FlyChoice;
	/** How the second fishes behind or under the first. */
	fishes: (typeof PAIR_WAYS)[number];
	distanceM: { least: number; most: number };
	rig: Rig;
	/** Expected likeness of the better of the two over the whole reading, 0 to 1. */
	expected: number;
	/** The same for the best single fly. */
	single: number;
	/** Worth the tangles: clearly better than one fly, or one that can be seen beside one that can't. */
	worthIt: boolean;
	because: Message[];
}

/** How a second fly fishes behind or under one that floats. */
type UnderOne = 'flush' | 'hanging' | 'nymph';

const LEADS_SEARCHED = 14;
const { marks: MARKS, hardToSee: HARD_TO_SEE, worth: WORTH, carries: CARRIES } = PAIRED.values;

const says = words('pair', {
	flush: 'The second lies flush, hard to see; the first shows where it is.',
	'hanging-under-dun': 'The first passes for what stands on the film, the second for what hangs in it.',
	hanging: 'The first shows where the second hangs in the film.',
	nymph: 'The first holds the second up, and dips when it is taken.',
	'dark-post': 'On silver water the dark post of the first can be followed.',
	'cover-more': 'Between them they cover more of what may be eaten than either alone.',
	tangle: 'Two flies tangle: open loops, and one fly in wind or for a beginner.'
});

/**
 * The two flies that together serve the reading best: one that floats and shows leads, the other trails flush,
 * hangs in the film, or goes beneath as a nymph that the first can hold up. Undefined when no fly can lead.
 */
export function pairFor(
	outing: Outing,
	reading: Reading,
	options: ShortlistOptions = {}
): FlyPair | undefined {
	const water = flyWaterOf(outing, options.smallestSeen);
	const all = shortlist(outing, reading, { ...options, most: 400 });
	const boxed = all.filter(({ inBox }) => inBox !== 0);
	// A pair to be rigged now is carried, if the box holds any that can lead.
	const flies = boxed.length > 1 && boxed.some((fly) => marksIn(fly, water)) ? boxed : all;
	const leads = flies.filter((fly) => marksIn(fly, water)).slice(0, LEADS_SEARCHED);
	const seconds = flies.filter(({ zone }) => zone !== 'air').slice(0, LEADS_SEARCHED);
	const below = flies.filter(({ pattern }) => fishesBelow(pattern)).slice(0, LEADS_SEARCHED);
	const nymphs = Boolean(flies[0] && fishesBelow(flies[0].pattern)) && outing.place.water !== 'lake';
	const beliefs = worthMatching(preferred(reading.beliefs, outing, options));
	const school = SCHOOLS[options.school ?? 'posture-first'];
	const hooks = customsOn(outing.place.water, options.hooks);
	const likeness = new Map(
		[...new Set([...leads, ...seconds, ...below])].map((fly) => {
			const variant = variantOf(fly.pattern, fly.hookSize, hooks);
			return [fly, beliefs.map(({ hypothesis }) => likenessOf(variant, hypothesis, school).total)];
		})
	);
	const expectedOf = (fly: FlyChoice, other?: FlyChoice): number => {
		const [one, two] = [likeness.get(fly) ?? [], other ? (likeness.get(other) ?? []) : []];
		return beliefs.reduce(
			(sum, { probability }, i) =>
				sum + probability * Math.max((one[i] ?? 0) * fly.fitness, (two[i] ?? 0) * (other?.fitness ?? 0)),
			0
		);
	};
	let best: { lead: FlyChoice; second: FlyChoice; expected: number } | undefined;
	for (const lead of leads)
		for (const second of seconds) {
			if (lead.pattern.id === second.pattern.id || !canFollow(lead, second)) continue;
			const expected = expectedOf(lead, second);
			if (!best || expected > best.expected) best = { lead, second, expected };
		}
	const [top] = all;
	const two = nymphs ? twoNymphs(below, outing, reading, expectedOf) : undefined;
	if (two && two.expected >= (best?.expected ?? 0))
		return nymphPair(two, water, options, expectedOf(below[0] ?? two.lead));
	if (!best || !top) return undefined;
	const { lead, second, expected } = best;
	const single = expectedOf(flies[0] ?? top);
	const fishes = fishesAs(second);
	const rig = rigFor(variantOf(second.pattern, second.hookSize), water, options, fishes);
	const unseen = showsOf(top, water) < HARD_TO_SEE && floats(top);
	return {
		lead,
		second,
		fishes,
		distanceM: rig.secondM ?? { least: 0.3, most: 0.6 },
		rig,
		expected,
		single,
		worthIt: unseen || expected > WORTH * single,
		because: reasons(lead, second, fishes, unseen, water)
	};
}

/** Two nymphs on one leader, rigged for the lighter of them. */
function nymphPair(
	{ lead, second, fishes, expected, because }: NymphPair,
	water: FlyWater,
	options: ShortlistOptions,
	single: number
): FlyPair {
	return {
		lead,
		second,
		fishes,
		distanceM: { least: TWO_NYMPHS.values.apartFromM, most: TWO_NYMPHS.values.apartToM },
		rig: rigFor(variantOf(second.pattern, second.hookSize), water, options),
		expected,
		single,
		worthIt: expected > WORTH * single,
		because: [...because, says('tangle')]
	};
}

const styleOf = ({ pattern }: FlyChoice): Variant['style'] => STYLES[pattern.style];
const floats = ({ zone }: FlyChoice): boolean => isSurface(zone);
const showsOf = (fly: FlyChoice, { light }: FlyWater): number =>
	visibilityIn(styleOf(fly), fly.pattern.post, light);
const marksIn = (fly: FlyChoice, water: FlyWater): boolean => floats(fly) && showsOf(fly, water) >= MARKS;

/** A second fly fishes lower or flatter than the first, and no heavier than that holds up. */
function canFollow(lead: FlyChoice, second: FlyChoice): boolean {
	const [first, other] = [styleOf(lead), styleOf(second)];
	if (other.zone === 'on-film' && other.visibility >= HARD_TO_SEE) return false;
	const { sinkMs } = traitsOf(other);
	// Only as much weight as floats: a bead at 0.14 m/s needs foam.
	return traitsOf(first).carries >= CARRIES * sinkMs;
}

function fishesAs({ zone }: FlyChoice): UnderOne {
	if (zone === 'on-film') return 'flush';
	return zone === 'in-film' || zone === 'under-film' ? 'hanging' : 'nymph';
}

function reasons(
	lead: FlyChoice,
	second: FlyChoice,
	fishes: UnderOne,
	unseen: boolean,
	{ light }: FlyWater
): Message[] {
	const because = [says(fishes === 'hanging' && lead.zone === 'on-film' ? 'hanging-under-dun' : fishes)];
	if (unseen && light === 'silver' && lead.pattern.post === 'dark') because.push(says('dark-post'));
	if (lead.passesFor.id !== second.passesFor.id) because.push(says('cover-more'));
	because.push(says('tangle'));
	return because;
}
