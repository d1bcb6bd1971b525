import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Shelf, Waiting } from './send';

interface OutboxSchema extends DBSchema {
	waiting: { key: string; value: Waiting };
}

let opened: Promise<IDBPDatabase<OutboxSchema>> | undefined;

const open = () =>
	(opened ??= openDB<OutboxSchema>('lacewing', 1, {
		upgrade: (db) => void db.createObjectStore('waiting', { keyPath: 'note.id' })
	}));

/** The shelf in this browser's own database, which outlasts reloads and a flat battery. */
export const deviceShelf: Shelf = {
	all: async () => (await open()).getAll('waiting'),
	put: async (waiting) => void (await (await open()).put('waiting', waiting)),
	remove: async (noteIds) => {
		const transaction = (await open()).transaction('waiting', 'readwrite');
		await Promise.all([...noteIds.map((id) => transaction.store.delete(id)), transaction.done]);
	}
};
