import { startingSet } from '$lib/core/match';
import { localDay } from '$lib/core/units';
import { fillBox } from './flies';
import { tieOnOptions, type Settings } from './settings';
import { reachesFor } from './waters';

/** Fills a guide's empty box with a starting set for a reach and the month of a day there. Answers with how many went in. */
export async function fillBoxFor(
	{ id, settings }: { id: string; settings: Settings },
	reachId: string,
	at: Date,
	month?: number
): Promise<number | undefined> {
	const reach = (await reachesFor(id)).find((own) => own.id === reachId);
	if (!reach) return undefined;
	const [year = 0, ofDay = 1] = localDay(at, reach.timeZone).split('-').map(Number);
	const set = startingSet(reach.place, year, month ?? ofDay, reach.timeZone, tieOnOptions(settings));
	return fillBox(id, set);
}
