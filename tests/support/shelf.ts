import type { Shelf, Waiting } from '../../src/lib/ui/outbox/send';

/** The shelf of a phone, in memory. */
export function memoryShelf(waiting: readonly Waiting[] = []): Shelf & { entries: Map<string, Waiting> } {
	const entries = new Map(waiting.map((one) => [one.note.id, one]));
	return {
		entries,
		all: () => Promise.resolve([...entries.values()]),
		put: (one) => Promise.resolve(void entries.set(one.note.id, one)),
		remove: (ids) => Promise.resolve(ids.forEach((id) => entries.delete(id)))
	};
}
