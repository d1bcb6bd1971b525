import normalBelow from '@stdlib/stats-base-dists-normal-cdf';
import {
	anatomyOf,
	coloursOf,
	movementOf,
	seasonWeight,
	type LifeStage,
	type Place,
	type StageTraits,
	type Taxon
} from '../atlas';
import type { PadState } from '../tray';
import { familyChances } from './colour-family';
import { LENGTH_BANDS, MARKS, type MarkId } from './mark';

const WINGED: ReadonlySet<LifeStage> = new Set(['dun', 'spinner', 'adult', 'egg-laying']);
const MAYFLY_WINGED: ReadonlySet<LifeStage> = new Set(['dun', 'spinner']);

/** How likely each state of a mark is to be noted, looking at one stage of a taxon; absent where there is none to see. */
export type StateChances = Partial<Record<MarkId, Readonly<Record<string, number>>>>;

/** One stage of one taxon that the animal may be. */
export interface Suspect {
	taxonId: string;
	stage: LifeStage;
	/** With misreadings. */
	chances: StateChances;
	/** Without: what the animal really shows. */
	shows: StateChances;
}

const known = new WeakMap<StageTraits, StateChances>();
const shown = new WeakMap<StageTraits, StateChances>();

/**
 * Chance of noting each state of each mark for a stage of a taxon, misreadings included; each mark's chances sum
 * to 1. A mark that the animal does not bear (tail length without tails) is left out.
 */
export function stateChances(taxon: Taxon, traits: StageTraits): StateChances {
	let chances = known.get(traits);
	if (!chances) {
		chances = Object.fromEntries(
			Object.entries(statesShown(taxon, traits)).map(([mark, clean]) => [
				mark,
				blurred(mark as MarkId, clean)
			])
		);
		known.set(traits, chances);
	}
	return chances;
}

/**
 * Chance of each state of each mark as the animal really shows it, nothing misread: what is left out it cannot have.
 */
export function statesShown(taxon: Taxon, traits: StageTraits): StateChances {
	let shows = shown.get(traits);
	if (!shows) shown.set(traits, (shows = work(taxon, traits)));
	return shows;
}

function work(taxon: Taxon, traits: StageTraits): StateChances {
	const { belly, back, wing } = coloursOf(traits);
	const shows: StateChances = {
		length: lengthChances(traits.lengthMm),
		belly: familyChances(belly),
		'back-colour': familyChances(back)
	};
	if (wing) shows['wing-colour'] = familyChances(wing);
	if (anatomyOf(taxon, traits).wingPads > 0) shows['pad-colour'] = PADS_AT_ANY_TIME;
	for (const [mark, state] of Object.entries(plainMarks(taxon, traits)))
		shows[mark as MarkId] = evenly(state.split('|'));
	return shows;
}

/** How ripe the pads of a nymph are, met at any time. Field rule: most of its life they are pale. */
const PADS_AT_ANY_TIME = { pale: 0.6, dark: 0.25, black: 0.15 } as const;
/** Pads are black for the last three days before it emerges, and dark for a fortnight (field rule; the rows of the tray). */
const BLACK_BEFORE_DAYS = 1.5;
const DARK_BEFORE_DAYS = 8;
const PALE_BEFORE_DAYS = 30;
/** A season says so much of one animal's pads at the least: nymphs of several ages live beside each other. */
const OTHER_AGES = 0.2;
const MS_A_DAY = 86_400_000;

/**
 * How ripe the pads of a taxon's nymphs are at a place on a day: black where it emerges now, pale where it does not for
 * weeks. Sums to 1.
 */
export function padChances(taxon: Taxon, place: Place, at: Date): Record<PadState, number> {
	const emergesIn = (days: number) => seasonWeight(taxon, place, new Date(at.getTime() + days * MS_A_DAY));
	const weights = {
		pale:
			PADS_AT_ANY_TIME.pale * (OTHER_AGES + 1 - emergesIn(DARK_BEFORE_DAYS) + emergesIn(PALE_BEFORE_DAYS)),
		dark: PADS_AT_ANY_TIME.dark * (OTHER_AGES + 2 * emergesIn(DARK_BEFORE_DAYS)),
		black: PADS_AT_ANY_TIME.black * (OTHER_AGES + 2 * emergesIn(BLACK_BEFORE_DAYS))
	};
	const sum = weights.pale + weights.dark + weights.black;
	return { pale: weights.pale / sum, dark: weights.dark / sum, black: weights.black / sum };
}

/** Species that share a row may differ in a mark: each state alike. */
const evenly = (states: readonly string[]): Record<string, number> =>
	Object.fromEntries(states.map((state) => [state, 1 / states.length]));

/** The state of every mark that can be counted or named, several with a bar between. */
function plainMarks(taxon: Taxon, traits: StageTraits): Partial<Record<MarkId, string>> {
	const { stage } = traits;
	const a = anatomyOf(taxon, traits);
	const winged = WINGED.has(stage);
	const mayfly = taxon.group === 'mayfly';
	const fine = taxon.marks;
	const caddisLarva = taxon.group === 'caddisfly' && stage === 'larva';
	const emerging = stage === 'emerger' || stage === 'cripple' || stage === 'pupa';
	return {
		wings: a.wings,
		build: a.build,
		tails: String(a.tails),
		...(a.tails > 0 && {
			'tail-length': a.tailLength < 0.35 ? 'stubs' : a.tailLength < 0.85 ? 'half' : 'long',
			'tail-look': 'plain'
		}),
		gills: winged ? 'none' : a.gills,
		pads: String(a.wingPads),
		...(stage === 'nymph' && { forelegs: 'plain', back: 'plain' }),
		legs: taxon.group === 'crustacean' || a.legs === 8 ? 'many' : a.legs === 6 ? 'six' : 'none',
		case: a.case,
		...(caddisLarva && { forelegs: 'plain' }),
		antennae: a.antennae,
		...(winged && { 'wing-look': a.wingLook, 'wing-marks': 'plain' }),
		...(mayfly && MAYFLY_WINGED.has(stage) && { 'hind-wing': 'large', back: 'plain' }),
		movement: movementOf(taxon, traits),
		skin: stage === 'cripple' ? 'stuck' : stage === 'emerger' ? 'half' : 'free',
		...((winged || emerging) && { eggs: stage === 'egg-laying' ? 'mass' : 'none' }),
		...(stage === 'terrestrial' && { forelegs: 'plain' }),
		...(a.hindLegs !== 'plain' && { forelegs: a.hindLegs }),
		...(winged && fine?.winged),
		...fine?.[stage]
	};
}

/** A body is measured within about a tenth (field rule), and lengths of a kind are spread between its least and most. */
const MEASURED_WITHIN = 0.1;
const SPREAD_SHARE = 1 / 3.3;

function lengthChances({ least, typical, most }: StageTraits['lengthMm']): Record<string, number> {
	const spread = Math.hypot(SPREAD_SHARE * Math.log(most / least), MEASURED_WITHIN);
	const below = (mm: number) => (mm === 0 ? 0 : normalBelow(Math.log(mm / typical), 0, spread));
	return Object.fromEntries(
		Object.entries(LENGTH_BANDS).map(([band, { fromMm, toMm }]) => [band, below(toMm) - below(fromMm)])
	);
}

/**
 * What practitioners take for what, when they misread: a tail is broken off, gills lie flat and are not seen, a darting
 * nymph seems to wriggle, a slender body a grub, a folded wing a roof. Field rule.
 */
const TAKEN_FOR: Partial<Record<MarkId, Readonly<Record<string, string>>>> = {
	tails: { '3': '2', '2': '1' },
	gills: { abdomen: 'none', thorax: 'none', neck: 'none', armpits: 'none', tail: 'none' },
	movement: {
		darts: 'wriggles',
		wriggles: 'darts',
		clings: 'crawls',
		crawls: 'clings',
		hangs: 'wriggles',
		rows: 'darts'
	},
	build: {
		swimmer: 'slender',
		slender: 'grub',
		grub: 'slender',
		clinger: 'swimmer',
		burrower: 'swimmer',
		stout: 'grub',
		comma: 'grub'
	},
	wings: { flat: 'tent', tent: 'flat', rolled: 'flat', spent: 'flat' }
};
/** Of what is misread, so much is taken for that; the rest for any other. */
const SO_OFTEN = 0.6;

/** Mixes in misreading: so often, another state is noted, the usual mistake before the others. */
function blurred(mark: MarkId, clean: Readonly<Record<string, number>>): Record<string, number> {
	const { misread, states } = MARKS[mark];
	const names = Object.keys(states);
	if (NEIGHBOURS_ONLY.has(mark)) return besides(names, clean, misread);
	const noted = Object.fromEntries(names.map((state) => [state, (1 - misread) * (clean[state] ?? 0)]));
	for (const [shown, share] of Object.entries(clean)) {
		const usual = TAKEN_FOR[mark]?.[shown];
		for (const state of names) {
			if (state === shown) continue;
			const any = (usual ? 1 - SO_OFTEN : 1) / (names.length - 1 - (usual ? 1 : 0));
			noted[state] = (noted[state] ?? 0) + misread * share * (state === usual ? SO_OFTEN : any);
		}
	}
	return noted;
}

/** Marks whose states lie in a row: one is taken for the next, not for any other. */
const NEIGHBOURS_ONLY: ReadonlySet<MarkId> = new Set<MarkId>(['length']);
/** Of what is misread in a row, so much goes further than to the next state. */
const FURTHER = 0.1;

/** Misreading in a row: half to the state on each side, or all to the one there is at an end. */
function besides(
	names: readonly string[],
	clean: Readonly<Record<string, number>>,
	misread: number
): Record<string, number> {
	const shares = names.map((name) => clean[name] ?? 0);
	const noted = shares.map((share) => (1 - misread) * share);
	shares.forEach((share, i) => {
		const next = [i - 1, i + 1].filter((j) => j >= 0 && j < names.length);
		const others = names.length - 1 - next.length;
		const near = others > 0 ? 1 - FURTHER : 1;
		names.forEach((_, j) => {
			if (j === i) return;
			const of = next.includes(j) ? near / next.length : others > 0 ? FURTHER / others : 0;
			noted[j] = (noted[j] ?? 0) + misread * share * of;
		});
	});
	return Object.fromEntries(names.map((name, i) => [name, noted[i] ?? 0]));
}
