import { describe, expect, it } from 'vitest';
import { readWater } from './reading';
import {
	activityOf,
	findStage,
	dateOf,
	referencePlace,
	TAXA,
	zoneOf,
	type Place,
	type Taxon,
	type WaterKind
} from '../atlas';
import type { Note } from '../note';
import { foldOuting } from '../outing';
import type { RiseForm, SampleMethod } from '../vocabulary';
import { shortlist } from '../match';
import { STYLES } from '../tackle';

const HOUR_MS = 3_600_000;

/** Where a taxon is commonest. */
function homeOf(taxon: Taxon): Place {
	const [water] = (Object.entries(taxon.waters) as [WaterKind, number][]).sort((a, b) => b[1] - a[1])[0] ?? [
		'freestone'
	];
	const [region = 'anywhere'] = taxon.lives;
	return referencePlace(region, water);
}

/** The best hour of the year for it, and the water as it likes it. */
function bestHour(taxon: Taxon, what: 'emerging' | 'flying'): { at: Date; waterC: number } {
	const waterC = (taxon.waterC.best[0] + taxon.waterC.best[1]) / 2;
	const place = homeOf(taxon);
	const weather = { waterC, airC: 22, dull: taxon.likes === 'dull', windMs: 0 };
	let best = { at: new Date(Date.UTC(2026, 0, 1)), strength: -1 };
	for (const { peaks } of taxon.seasons)
		for (let hour = 0; hour < 24; hour++) {
			const at = new Date(dateOf(place, Math.round(peaks), 2026).getTime() + hour * HOUR_MS);
			const strength = activityOf(taxon, place, at, weather)[what];
			if (strength > best.strength) best = { at, strength };
		}
	return { at: best.at, waterC };
}

let made = 0;
const noted = (at: Date, minutesAgo: number) => ({
	id: `01890000-0000-7000-8000-${String(++made).padStart(12, '0')}`,
	at: new Date(at.getTime() - minutesAgo * 60_000)
});

/** A guide's notes in the thick of it: the water, a net with mostly this, and rises of the form it provokes. */
function thickOfIt(
	taxon: Taxon,
	stage: Parameters<typeof findStage>[1],
	form: RiseForm,
	method: SampleMethod,
	what: 'emerging' | 'flying'
) {
	const { at, waterC } = bestHour(taxon, what);
	const notes: Note[] = [
		{
			...noted(at, 20),
			kind: 'conditions',
			body: { waterC, sky: taxon.likes === 'dull' ? 'drizzle' : 'clear', windMs: 0 }
		},
		{
			...noted(at, 6),
			kind: 'sample',
			body: { method, lots: [{ taxonId: taxon.id, stage, count: 14, measured: 'body' }] }
		},
		...[5, 4, 3, 2].map((ago): Note => ({ ...noted(at, ago), kind: 'rise', body: { form } }))
	];
	const outing = foldOuting(notes, homeOf(taxon), at);
	return { outing, reading: readWater(outing) };
}

const emergers = TAXA.filter((taxon) => taxon.emergence === 'open-water' && findStage(taxon, 'emerger'));
const pupae = TAXA.filter((taxon) => taxon.emergence === 'open-water' && findStage(taxon, 'pupa'));
const spinners = TAXA.filter((taxon) => findStage(taxon, 'spinner'));

describe('each hatch of the atlas, in the thick of it', () => {
	it.each(emergers.map((taxon) => [taxon.commonName, taxon] as const))(
		'reads bulges at %s emergers as those',
		(_, taxon) => {
			const { reading } = thickOfIt(taxon, 'emerger', 'bulge', 'surface-net', 'emerging');
			expect(reading.beliefs[0]?.hypothesis.id).toBe(`${taxon.id}/emerger`);
		}
	);

	it.each(spinners.map((taxon) => [taxon.commonName, taxon] as const))(
		'reads noses at fallen %s spinners as those',
		(_, taxon) => {
			const { reading, outing } = thickOfIt(taxon, 'spinner', 'nose', 'surface-net', 'flying');
			expect(reading.beliefs[0]?.hypothesis.id).toBe(`${taxon.id}/spinner`);
			const [fly] = shortlist(outing, reading);
			expect(STYLES[fly?.pattern.style ?? 'leech'].stages).toHaveProperty('spinner');
		}
	);

	it.each(pupae.map((taxon) => [taxon.commonName, taxon] as const))(
		'reads bulges at %s pupae as those',
		(_, taxon) => {
			const { reading } = thickOfIt(taxon, 'pupa', 'bulge', 'surface-net', 'emerging');
			expect(reading.beliefs[0]?.hypothesis.id).toBe(`${taxon.id}/pupa`);
		}
	);

	it('offers, for every stage there is, a fly that does not fish at the other end of the column', () => {
		const heights = ['air', 'on-film', 'in-film', 'under-film', 'drift', 'bed'];
		for (const taxon of TAXA)
			for (const traits of taxon.stages) {
				const { outing, reading } = thickOfIt(taxon, traits.stage, 'unsure', 'throat', 'emerging');
				const id = `${taxon.id}/${traits.stage}`;
				const belief = reading.beliefs.find(({ hypothesis }) => hypothesis.id === id);
				expect(belief, id).toBeDefined();
				if (!belief) continue;
				const sure = { ...reading, beliefs: [{ ...belief, probability: 1 }] };
				const [fly] = shortlist(outing, sure);
				const apart = Math.abs(heights.indexOf(fly?.zone ?? 'air') - heights.indexOf(zoneOf(taxon, traits)));
				expect(apart, `${id} with ${fly?.pattern.name}`).toBeLessThanOrEqual(3);
			}
	});
});
