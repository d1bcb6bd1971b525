import type { Taking } from '../likeness';
import { names } from '../message';

/** How fish take something, as guides say it. */
export const TAKING_NAMES = names('taking', {
	spent: 'Spent and helpless',
	film: 'Hanging in the film',
	upright: 'Sitting on the film',
	active: 'Active adults',
	large: 'Large and struggling',
	rising: 'Rising beneath',
	drift: 'Drifting below',
	anything: 'Nothing in particular'
} satisfies Record<Taking, string>);
