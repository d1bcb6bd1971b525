import type { Message } from '$lib/core/message';

export type Names = Readonly<Record<string, Message>>;

/** What stands beside a table: lists that its keys are of, and names for those that are of none. */
export interface Written {
	title: string;
	reason: string;
	lists?: readonly Names[];
	keys?: Readonly<Record<string, string>>;
}

export type WrittenTables = Readonly<Record<string, Written>>;

export const namesOf = (choices: Readonly<Record<string, { name: Message }>>): Names =>
	Object.fromEntries(Object.entries(choices).map(([id, { name }]) => [id, name]));
