import { findTaxon } from '../atlas';
import type { SharedRecord } from '../record';

/** A GeoJSON feature (RFC 7946). */
export interface Feature {
	type: 'Feature';
	id: string;
	/** Longitude before latitude; null where the place is not told to a point. */
	geometry: { type: 'Point'; coordinates: [number, number] } | null;
	properties: Record<string, string | number | null>;
}

/** A record as a feature: a point only where its place is exact, names only as fine as they are told. */
export function recordFeature(id: string, record: SharedRecord): Feature {
	const { place } = record;
	return {
		type: 'Feature',
		id,
		geometry:
			place.precision === 'exact' ? { type: 'Point', coordinates: [place.longitude, place.latitude] } : null,
		properties: {
			taxonId: record.taxonId,
			scientificName: findTaxon(record.taxonId)?.scientificName ?? null,
			stage: record.stage,
			day: record.day,
			firstSeen: record.firstSeen.toISOString(),
			mostSeen: record.mostSeen.toISOString(),
			lastSeen: record.lastSeen.toISOString(),
			howMany: record.abundance,
			lengthMm: record.lengthMm ?? null,
			waterC: record.conditions.waterC ?? null,
			precision: place.precision,
			basin: place.basin,
			water: 'water' in place ? place.water : null,
			reach: 'reach' in place ? place.reach : null
		}
	};
}
