import type { WaterKind } from '$lib/core/atlas';

export const WATER_KIND_NAMES: Record<WaterKind, string> = {
	freestone: 'Freestone',
	tailwater: 'Tailwater',
	'spring-creek': 'Spring creek',
	lake: 'Lake'
};
