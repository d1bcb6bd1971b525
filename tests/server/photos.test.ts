import { typed } from '../../src/lib/core/message';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { DEMO_NOW } from '../../src/lib/simulate';
import { database } from '../../src/lib/server/database';
import { demoGuides } from '../../src/lib/server/accounts';
import { addName, namesFor, removeName } from '../../src/lib/server/guides-names';
import { circlesOf } from '../../src/lib/server/circles';
import { keepPhoto, photoOf } from '../../src/lib/server/photos';
import { openDatabase } from './house';

let outingId = '';
const guides: Record<string, string> = {};

beforeAll(async () => {
	await openDatabase();
	for (const { handle, id } of await demoGuides()) guides[handle] = id;
	const { rows } = await database().query<{ id: string }>(
		'select o.id from outing o join account a on a.id = o.author_id where a.handle = $1 limit 1',
		['ines']
	);
	outingId = rows[0]?.id ?? '';
});
const ines = () => guides['ines'] ?? '';
const mira = () => guides['mira'] ?? '';
const picture = (width: number, height: number) =>
	sharp({ create: { width, height, channels: 3, background: '#4a6' } });

describe('pictures', () => {
	it('keeps nothing of a picture but its pixels', async () => {
		const withPlace = await picture(60, 40)
			.withExif({
				IFD0: { Copyright: 'somebody', Make: 'a phone' },
				IFD3: { GPSLatitude: '47/1 10/1 0/1', GPSLatitudeRef: 'N' }
			})
			.jpeg()
			.toBuffer();
		expect((await sharp(withPlace).metadata()).exif).toBeDefined();
		const id = crypto.randomUUID();
		expect(await keepPhoto(ines(), outingId, id, withPlace)).toEqual({ id, width: 60, height: 40 });
		const kept = await photoOf(ines(), outingId, id);
		const metadata = await sharp(kept).metadata();
		expect(metadata.format).toBe('jpeg');
		expect(metadata.exif).toBeUndefined();
		expect(metadata.xmp).toBeUndefined();
		expect(Buffer.from(kept ?? []).includes('somebody')).toBe(false);
	});

	it('turns a picture upright before its own mark of that is gone, and makes it no larger than needed', async () => {
		const lying = await picture(3000, 1000).jpeg().withMetadata({ orientation: 6 }).toBuffer();
		const kept = await keepPhoto(ines(), outingId, crypto.randomUUID(), lying);
		expect(kept).toMatchObject({ width: 683, height: 2048 });
	});

	it('keeps no more of one guide than there is room for, and says so; other guides have their own', async () => {
		const limit = (mb: number) =>
			database().query(
				`drop trigger photo_storage on photo; create trigger photo_storage after insert on photo
				 referencing new table as added for each statement execute function keep_within_storage(${mb})`
			);
		const noisy = await sharp({
			create: {
				...{ width: 1200, height: 1200, channels: 3, background: '#4a6' },
				noise: { type: 'gaussian', mean: 128, sigma: 60 }
			}
		})
			.jpeg({ quality: 95 })
			.toBuffer();
		await limit(1);
		const keep = (guide: string, outing: string) => keepPhoto(guide, outing, crypto.randomUUID(), noisy);
		const came = [];
		for (let i = 0; i < 4; i++) came.push(await keep(ines(), outingId));
		expect(came.at(-1)).toEqual(
			expect.objectContaining({ says: typed('Your pictures take 1 MB already, more than can be kept.') })
		);
		const { rows } = await database().query<{ id: string }>(
			'select id from outing where author_id = $1 limit 1',
			[mira()]
		);
		expect(await keep(mira(), rows[0]?.id ?? '')).toHaveProperty('width');
		await limit(4000);
		expect(await keep(ines(), outingId)).toHaveProperty('width');
	});

	it('stores the same picture once, for its guide alone', async () => {
		const id = crypto.randomUUID();
		const png = await picture(20, 20).png().toBuffer();
		const first = await keepPhoto(ines(), outingId, id, png);
		expect(await keepPhoto(ines(), outingId, id, png)).toEqual(first);
		expect(await keepPhoto(mira(), outingId, id, png)).toEqual({ refused: 'no-outing' });
		expect(await keepPhoto(mira(), outingId, crypto.randomUUID(), png)).toEqual({ refused: 'no-outing' });
		const { rows } = await database().query<{ id: string }>(
			'select o.id from outing o join account a on a.id = o.author_id where a.handle = $1 and o.id <> $2 limit 1',
			['ines', outingId]
		);
		expect(await keepPhoto(ines(), rows[0]?.id ?? '', id, png)).toEqual({ refused: 'taken' });
		expect(await photoOf(mira(), outingId, id)).toBeUndefined();
	});

	it.each([
		['a text that says it is a picture', Buffer.from('\xff\xd8 not really')],
		[
			'a drawing that could run a script',
			Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>')
		],
		['nothing', Buffer.alloc(0)]
	])('refuses %s', async (_, bytes) => {
		expect(await keepPhoto(ines(), outingId, crypto.randomUUID(), bytes)).toEqual({
			refused: 'not-a-picture'
		});
	});

	it('refuses half a picture', async () => {
		const whole = await picture(400, 400).jpeg().toBuffer();
		const half = whole.subarray(0, whole.length / 2);
		expect(await keepPhoto(ines(), outingId, crypto.randomUUID(), half)).toEqual({
			refused: 'not-a-picture'
		});
	});
});

describe('names that guides give', () => {
	it('shows one’s own to oneself, a circle’s to its members', async () => {
		const [circle] = await circlesOf(ines(), DEMO_NOW);
		await addName(ines(), { taxonId: 'baetis', name: 'little iron' });
		await addName(ines(), { taxonId: 'baetis', name: 'Little Iron' });
		await addName(ines(), { taxonId: 'sialis', name: 'roof fly', ...(circle && { circleId: circle.id }) });
		const of = async (id: string) => (await namesFor(id)).map(({ name }) => name);
		expect(await of(ines())).toEqual(['little iron', 'roof fly']);
		expect(await of(mira())).toEqual(['roof fly']);
		expect((await namesFor(mira()))[0]).toMatchObject({ mine: false, circle: circle?.name });
	});

	it('lets nobody name into a circle they are not in, or take back another’s name', async () => {
		expect(await addName(mira(), { taxonId: 'baetis', name: 'x', circleId: crypto.randomUUID() })).toBe(
			false
		);
		const [theirs] = await namesFor(mira());
		expect(await removeName(mira(), theirs?.id ?? '')).toBe(false);
		expect(await removeName(ines(), theirs?.id ?? '')).toBe(true);
		expect(await namesFor(mira())).toEqual([]);
	});
});
