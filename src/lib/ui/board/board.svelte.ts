import {
	expectDay,
	fishInHand,
	foldOuting,
	lookNext,
	readWater,
	shortlist,
	weatherOf,
	WEIGHINGS,
	type FlyBox,
	type Note,
	type Place,
	type SchoolId,
	type WeighingId
} from '$lib/core';
import { now } from '../clock';
import { Outbox } from '../outbox/outbox.svelte';

interface Given {
	outing: { id: string; endedAt: Date | null; reach: { place: Place } };
	notes: readonly Note[];
	box: FlyBox;
	school: SchoolId;
	weighing: WeighingId;
}

const TICK_MS = 20_000;

/** The outing in hand: its notes on this device, and everything that the core computes from them. */
export class Board {
	outbox: Outbox;
	/** The moment being read again, or undefined for now. */
	replayAt = $state<Date | undefined>(undefined);
	#ticked = $state(now());
	#given: Given;

	constructor(given: Given) {
		this.#given = given;
		this.outbox = new Outbox(given.outing.id, given.notes);
	}

	/** Now, or the last note if that is later; for an outing that has ended, its end. */
	present = $derived.by(() => {
		const { endedAt } = this.#given.outing;
		const last = this.outbox.notes.reduce((most, { at }) => Math.max(most, at.getTime()), 0);
		return new Date(Math.max(last, endedAt ? endedAt.getTime() : this.#ticked.getTime()));
	});
	at = $derived(this.replayAt ?? this.present);
	outing = $derived.by(() => foldOuting(this.outbox.notes, this.#given.outing.reach.place, this.at));
	fish = $derived(fishInHand(this.outing));
	/** Of the fish in hand while there is one, otherwise of the reach. */
	reading = $derived(this.readingOf(this.fish?.id));
	flies = $derived.by(() =>
		shortlist(this.outing, this.reading, { school: this.#given.school, box: this.#given.box })
	);
	next = $derived(lookNext(this.outing, this.reading, 2));
	/** Of one fish, or of the reach, as the guide's school weighs. */
	readingOf(watchId: string | undefined) {
		return readWater(this.outing, watchId, WEIGHINGS[this.#given.weighing].weights);
	}
	/** What to expect of the day, from the conditions as they are now. */
	expected(from: Date, to: Date) {
		const measuredAt = this.outing.conditions.waterC?.at ?? this.outing.now;
		return expectDay(this.outing.place, from, to, weatherOf(this.outing), measuredAt, 4);
	}

	/** Starts the clock and the sending of notes. Answers with the way to stop. */
	begin(): () => void {
		const tick = setInterval(() => (this.#ticked = now()), TICK_MS);
		const stop = this.outbox.begin();
		return () => {
			clearInterval(tick);
			stop();
		};
	}
}
