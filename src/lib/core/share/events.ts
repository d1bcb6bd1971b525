import { namingWeight, type SharedRecord } from '../record';

/** What tells one event from another. */
type Told = Pick<SharedRecord, 'taxonId' | 'stage' | 'day' | 'place'>;

/** One event that several may have seen: one stage of one taxon on one day, on waters that may be the same. */
export interface HatchEvent<T> {
	/** What was shared of it, newest first. */
	seen: T[];
}

/**
 * Puts what several guides shared of one event together: the same taxon, stage and day in one circle, and no
 * water named that differs. One guide's reaches stay apart.
 *
 * @param items in the order of the feed, which the events keep
 */
export function gatherEvents<T extends { circleId: string; author: string; record: Told }>(
	items: readonly T[]
): HatchEvent<T>[] {
	const events: HatchEvent<T>[] = [];
	for (const item of items) {
		const event = events.find(({ seen }) => seen.every((other) => sameEvent(item, other)));
		if (event) event.seen.push(item);
		else events.push({ seen: [item] });
	}
	return events;
}

function sameEvent<T extends { circleId: string; author: string; record: Told }>(a: T, b: T): boolean {
	if (a.circleId !== b.circleId || a.author === b.author) return false;
	const [one, other] = [a.record, b.record];
	if (one.taxonId !== other.taxonId || one.stage !== other.stage || one.day !== other.day) return false;
	if (one.place.basin !== other.place.basin) return false;
	const [here, there] = [waterOf(one), waterOf(other)];
	return here !== undefined && here === there;
}

const waterOf = ({ place }: Told): string | undefined => ('water' in place ? place.water : undefined);

/** What a guide answered to a shared record. */
export type Reply =
	| { kind: 'saw-it-too' }
	| { kind: 'question'; taxonId: string; mark: string }
	| { kind: 'word'; text: string };

/** A name that was given to what was seen, and how much stands behind it. */
export interface NameWeight {
	taxonId: string;
	weight: number;
	/** Who holds it. */
	by: string[];
}

/** Somebody who says they saw it too: only that is told of them; one who questions must name a mark. Field rule. */
const OTHER = 1;

/**
 * The names of an event by who stands behind each, weightiest first: its authors, by how each came by the name and
 * how sure they are, those who saw it too, and those who question it with a mark. Dissent stays in the list.
 */
export function weighNames(
	seen: readonly { author: string; record: Pick<SharedRecord, 'taxonId' | 'naming'> }[],
	replies: readonly { author: string; reply: Reply }[]
): NameWeight[] {
	const names = new Map<string, NameWeight>();
	const add = (taxonId: string, weight: number, by: string) => {
		const name = names.get(taxonId) ?? { taxonId, weight: 0, by: [] };
		if (name.by.includes(by)) return;
		names.set(taxonId, { taxonId, weight: name.weight + weight, by: [...name.by, by] });
	};
	for (const { author, record } of seen) add(record.taxonId, namingWeight(record.naming), author);
	const [first] = seen;
	for (const { author, reply } of replies) {
		if (reply.kind === 'saw-it-too' && first) add(first.record.taxonId, OTHER, author);
		if (reply.kind === 'question') add(reply.taxonId, OTHER, author);
	}
	return [...names.values()].sort((a, b) => b.weight - a.weight || (a.taxonId < b.taxonId ? -1 : 1));
}
