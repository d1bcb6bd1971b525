import words from '../words';
import { v5 as uuidV5 } from 'uuid';
import * as v from 'valibot';
import { PlaceSchema, WATER_KINDS } from '$lib/core/atlas';
import { geojsonReader, gpxReader, Unreadable, type BadReach, type DrawnReach } from '$lib/core/exchange';
import { fault } from '$lib/core/message';
import { nameOf, wordsOf } from '$lib/core/note';
import { isTimeZone } from '$lib/core/units';
import { addReachLine, reachNamed } from '../waters';
import type { Taking } from './taking';

/** What the guide said of a map file: where its reaches lie that do not say so themselves. */
export const DrawnSettingsSchema = v.object({
	basin: nameOf(80),
	water: nameOf(80),
	kind: v.picklist(WATER_KINDS),
	elevationM: PlaceSchema.entries.elevationM,
	timeZone: v.pipe(wordsOf(60), v.check(isTimeZone, fault(words('no-time-zone'))))
});

const READERS = { gpx: gpxReader, geojson: geojsonReader };
const NAMESPACE = '0b5f5d0e-3a53-4a2b-8f57-2c9b1d1a6f10';
const MOST_REACHES = 5000;

/**
 * Reads waters and reaches from a map file. A reach of a name that is on that water already stays as it is.
 *
 * @throws Unreadable when the file cannot be read on, or holds too many
 */
export async function importDrawn(
	taking: Taking,
	text: AsyncIterable<string>,
	format: keyof typeof READERS,
	settings: v.InferOutput<typeof DrawnSettingsSchema>
): Promise<void> {
	let drawn: DrawnReach[] = [];
	let bad: BadReach[] = [];
	const reader = READERS[format](
		(reach) => drawn.push(reach),
		(reach) => bad.push(reach)
	);
	const keep = async () => {
		for (const { number, says } of bad) taking.wrong(number, '', says);
		taking.count('reach', bad.length, 0);
		for (const reach of drawn) {
			if (reach.number > MOST_REACHES)
				throw new Unreadable(words('this-file-draws-over-reaches', { MOST_REACHES }));
			await keepReach(taking, reach, settings);
		}
		[drawn, bad] = [[], []];
	};
	for await (const chunk of text) {
		reader.read(chunk);
		await keep();
	}
	reader.end();
	await keep();
}

async function keepReach(
	taking: Taking,
	{ number, name = `Reach ${number}`, line, ...own }: DrawnReach,
	{ timeZone, ...usual }: v.InferOutput<typeof DrawnSettingsSchema>
): Promise<void> {
	const { client, accountId } = taking;
	const told = { ...usual, ...own };
	const known = await reachNamed(client, accountId, { ...told, reach: name });
	if (!known)
		await addReachLine(client, accountId, {
			id: uuidV5([accountId, told.basin, told.water, name].join('\n').toLowerCase(), NAMESPACE),
			...{ ...told, name, timeZone, line }
		});
	taking.count('reach', 1, known ? 0 : 1);
}
