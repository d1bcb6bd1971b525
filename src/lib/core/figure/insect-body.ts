import type { Anatomy, Lab, LifeStage } from '../atlas';
import type { Point } from './figure';

/** What a drawing of an insect goes by. */
export interface Insect {
	length: number;
	anatomy: Anatomy;
	colours: { belly: Lab; back: Lab; wing?: Lab };
	stage: LifeStage;
	/** What form its case has, as the key names it, where it is one of its own. */
	caseForm?: string;
}

/** Half thickness, as a share of body length, along the body from head to end. */
const PROFILES: Record<Anatomy['build'], readonly number[]> = {
	swimmer: [0.03, 0.062, 0.08, 0.09, 0.075, 0.062, 0.05, 0.036, 0.016],
	clinger: [0.035, 0.07, 0.08, 0.075, 0.06, 0.05, 0.04, 0.028, 0.014],
	burrower: [0.025, 0.055, 0.062, 0.07, 0.066, 0.06, 0.052, 0.04, 0.018],
	slender: [0.03, 0.055, 0.062, 0.07, 0.052, 0.044, 0.038, 0.03, 0.016],
	stout: [0.04, 0.075, 0.095, 0.115, 0.11, 0.1, 0.085, 0.055, 0.02],
	grub: [0.045, 0.06, 0.066, 0.075, 0.08, 0.08, 0.075, 0.066, 0.04],
	comma: [0.05, 0.12, 0.15, 0.14, 0.085, 0.06, 0.052, 0.046, 0.03],
	waisted: [],
	scud: [],
	oval: [],
	shell: [],
	ribbon: [],
	fish: [],
	crayfish: [],
	crab: [],
	flea: [],
	egg: []
};
export const STATIONS = [0, 0.06, 0.13, 0.25, 0.38, 0.55, 0.75, 0.92, 1];

/** How far the body's axis is bent up (below 0) or down at a share of its length. */
export function bend({ anatomy, stage }: Insect, t: number): number {
	if (anatomy.build === 'grub') return 0.16 * Math.sin(Math.PI * t) * -1;
	if (anatomy.build === 'comma') return 0.22 * Math.max(0, t - 0.3) ** 2;
	if (stage === 'dun' || stage === 'spinner') return -0.13 * Math.max(0, t - 0.3) ** 2;
	return 0;
}

function halfAt({ anatomy }: Insect, t: number): number {
	const profile = PROFILES[anatomy.build];
	for (let i = 1; i < STATIONS.length; i++) {
		const [from, to] = [STATIONS[i - 1] ?? 0, STATIONS[i] ?? 1];
		if (t > to) continue;
		const share = (t - from) / (to - from);
		return (profile[i - 1] ?? 0) * (1 - share) + (profile[i] ?? 0) * share;
	}
	return profile.at(-1) ?? 0;
}

/** A point of the body: `t` along it, `across` from −1 (back) to 1 (belly). */
export function at(insect: Insect, t: number, across: number): Point {
	return [t * insect.length, (bend(insect, t) + halfAt(insect, t) * across) * insect.length];
}
