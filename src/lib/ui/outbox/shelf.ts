import type { DBSchema, IDBPDatabase } from 'idb';
import type { Shelf, Waiting } from './send';

interface OutboxSchema extends DBSchema {
	waiting: { key: string; value: Waiting };
}

let opened: Promise<IDBPDatabase<OutboxSchema>> | undefined;

/** The library comes right behind the page; where it did not, it is asked for again. */
const open = () =>
	(opened ??= opening().catch((error: unknown) => {
		opened = undefined;
		throw error;
	}));

async function opening(): Promise<IDBPDatabase<OutboxSchema>> {
	const { openDB } = await import('idb');
	return openDB<OutboxSchema>('lacewing', 2, {
		// The library waits for what is done within its transaction.
		// eslint-disable-next-line @typescript-eslint/no-misused-promises
		upgrade: async (db, from, _to, transaction) => {
			if (from < 1) db.createObjectStore('waiting', { keyPath: 'note.id' });
			if (from !== 1) return;
			// What was refused when notes had no owner may have been sent as somebody else: it is tried again.
			const store = transaction.objectStore('waiting');
			for (const { refused, ...entry } of await store.getAll())
				if (refused !== undefined) await store.put(entry);
		},
		// Another tab brings a newer version of the app.
		blocking: (_now, _to, event) => {
			(event.target as IDBDatabase).close();
			opened = undefined;
		}
	});
}

/** The shelf in this browser's own database, which outlasts reloads and a flat battery. */
export const deviceShelf: Shelf = {
	all: async () => (await open()).getAll('waiting'),
	put: async (waiting) => {
		await (await open()).put('waiting', waiting);
	},
	remove: async (noteIds) => {
		const transaction = (await open()).transaction('waiting', 'readwrite');
		await Promise.all([...noteIds.map((id) => transaction.store.delete(id)), transaction.done]);
	}
};
