import type { WaterKind } from '$lib/core/atlas';
import { names } from '$lib/core/message';

export const WATER_KIND_NAMES = names('water', {
	freestone: 'Freestone',
	tailwater: 'Tailwater',
	'spring-creek': 'Spring creek',
	lake: 'Lake'
} satisfies Record<WaterKind, string>);
