import { database } from './database';

let shift: Promise<number> | undefined;
let stood: Promise<Date> | undefined;

/** Whether this server shows the demonstration: its own clock, and guides entered with one tap. */
export const isDemo = (): boolean => process.env['LACEWING_DEMO'] === '1';

/**
 * Now. In the demonstration, the clock of its spring day, which all copies of the server read from the database
 * when they start; otherwise the machine's.
 */
export async function now(): Promise<Date> {
	if (!isDemo()) return new Date();
	if (STANDS) {
		stood ??= shownAt();
		return stood;
	}
	shift ??= demoShift().catch((error: unknown) => {
		shift = undefined;
		throw error;
	});
	return new Date(Date.now() + (await shift));
}

/** A copy of the demonstration may be ahead of the others: to look at the evening of the day they show. */
const AHEAD_MS = Number(process.env['DEMO_AHEAD_MIN'] ?? 0) * 60_000;

/** The clock of tests stands still, so that nothing hangs on how quick a machine is. */
const STANDS = process.env['DEMO_CLOCK_STANDS'] === '1';

async function shownAt(): Promise<Date> {
	const { rows } = await database().query<{ shown_at: Date }>('select shown_at from demo_clock');
	return new Date((rows[0]?.shown_at.getTime() ?? Date.now()) + AHEAD_MS);
}

async function demoShift(): Promise<number> {
	const { rows } = await database().query<{ shown_at: Date; real_at: Date }>(
		'select shown_at, real_at from demo_clock'
	);
	const [clock] = rows;
	return (clock ? clock.shown_at.getTime() - clock.real_at.getTime() : 0) + AHEAD_MS;
}
