import type { Message } from '../message';

/** One answer to a question that practitioners quarrel about, and what follows from it. */
export interface Choice {
	name: Message;
	consequence: Message;
}

/** A question on which the main schools of practitioners differ: each is a setting, its consequence visible. */
export interface Quarrel<Id extends string = string, Row extends object = object> {
	/** The setting that holds the answer. */
	id: string;
	asks: Message;
	ids: readonly [Id, ...Id[]];
	/** Taken where the guide has not chosen. */
	usual: NoInfer<Id>;
	choices: Readonly<Record<Id, Choice & Row>>;
}

/**
 * A quarrel from its rows: each choice is written once, with its words and whatever it changes.
 *
 * @param id name of the setting
 */
export function quarrel<Id extends string, Row extends object = object>(
	id: string,
	{ asks, usual }: { asks: string; usual: NoInfer<Id> },
	rows: Readonly<Record<Id, { name: string; consequence: string } & Row>>
): Quarrel<Id, Row> {
	const ids = Object.keys(rows) as [Id, ...Id[]];
	const choices = Object.fromEntries(
		ids.map((choice): [Id, Choice & Row] => {
			const { name, consequence, ...row } = rows[choice];
			return [
				choice,
				{
					...(row as unknown as Row),
					name: { id: `school.${id}.${choice}`, text: name },
					consequence: { id: `school.${id}.${choice}.consequence`, text: consequence }
				}
			];
		})
	) as Record<Id, Choice & Row>;
	return { id, asks: { id: `school.${id}`, text: asks }, ids, usual, choices };
}
