import { names } from '../message';
import { lookAlikesOf, type LifeStage } from '../atlas';

/** How a name was come by: seen from afar, held in the hand, asked of the key, measured in a picture. */
export const NAMED_BY = ['eye', 'hand', 'key', 'picture'] as const;
export type NamedBy = (typeof NAMED_BY)[number];

/** How sure a guide is of a name. */
export const HOW_SURE = ['guess', 'likely', 'sure'] as const;
export type HowSure = (typeof HOW_SURE)[number];

export interface Naming {
	by: NamedBy;
	sure: HowSure;
}

export const NAMED_BY_NAMES = names('named-by', {
	eye: 'by eye',
	hand: 'in the hand',
	key: 'by the key',
	picture: 'from a picture'
} satisfies Record<NamedBy, string>);

export const HOW_SURE_NAMES = names('how-sure', {
	guess: 'A guess',
	likely: 'Likely',
	sure: 'Sure'
} satisfies Record<HowSure, string>);

/** What a name weighs beside others, by how it was come by and how sure it is. Field rules. */
const BY_WEIGHT: Record<NamedBy, number> = { eye: 1, hand: 1.5, key: 2, picture: 2 };
const SURE_WEIGHT: Record<HowSure, number> = { guess: 0.5, likely: 0.8, sure: 1 };
/** A name of which nothing more is told is one held in the hand, likely right. */
const UNTOLD: Naming = { by: 'hand', sure: 'likely' };

/** The weight of one guide's name for an animal. `namingWeight({ by: 'key', sure: 'sure' })` is 2. */
export function namingWeight({ by, sure }: Naming = UNTOLD): number {
	return BY_WEIGHT[by] * SURE_WEIGHT[sure];
}

/** How sure a name can be, to begin with: what has look-alikes in its stage is a step less so, and so is what was only seen from afar. */
export function usualNaming(taxonId: string, stage: LifeStage, by: NamedBy): Naming {
	const taken = lookAlikesOf(taxonId).some(({ stages }) => stages.includes(stage));
	const steps = Number(taken) + Number(by === 'eye');
	return { by, sure: HOW_SURE[HOW_SURE.length - 1 - steps] ?? 'guess' };
}
