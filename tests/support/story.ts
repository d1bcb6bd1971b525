import { readWater, weightsOf, type Reading, type WeighingId } from '../../src/lib/core/reading';
import type { LifeStage, Place } from '../../src/lib/core/atlas';
import type { AttemptBody, Note, RigBody, WatchBegin } from '../../src/lib/core/note';
import { foldOuting, type Outing } from '../../src/lib/core/outing';
import type { RiseForm, SampleMethod } from '../../src/lib/core/vocabulary';

let serial = 0;
/** An id that no other note of the run has. */
export const testId = (): string => `00000000-0000-7000-8000-${String(++serial).padStart(12, '0')}`;

export const RIVER: Place = {
	latitude: 47.17,
	longitude: -20.33,
	elevationM: 720,
	water: 'freestone',
	region: 'western-europe'
};
export const BROOK: Place = { ...RIVER, elevationM: 520, water: 'spring-creek' };
export const LAKE: Place = { ...RIVER, elevationM: 610, water: 'lake' };

/** A small story for tests: what a guide noted, minute by minute, about one fish. */
export class Story {
	notes: Note[] = [];
	watchId = testId();
	constructor(
		public place: Place,
		public begins: Date,
		fish: Partial<WatchBegin> = {}
	) {
		this.#say(
			0,
			{ kind: 'watch', body: { event: 'begin', lie: 'seam', holding: 'on-station', ...fish } },
			this.watchId
		);
	}
	#say(minute: number, note: Omit<Note, 'id' | 'at'>, id = testId()) {
		const at = new Date(this.begins.getTime() + (this.#late + minute) * 60_000);
		this.notes.push({ ...note, id, at } as Note);
		return this;
	}
	#late = 0;
	/** What is told from here on happened so many minutes later. */
	later(minutes: number) {
		this.#late += minutes;
		return this;
	}
	/** Any note, at a minute. */
	says(minute: number, note: Omit<Note, 'id' | 'at'>) {
		return this.#say(minute, note);
	}
	weather(body: Extract<Note, { kind: 'conditions' }>['body']) {
		return this.#say(0, { kind: 'conditions', body });
	}
	net(method: SampleMethod, ...lots: readonly (readonly [string, LifeStage, number])[]) {
		const body = {
			method,
			lots: lots.map(([taxonId, stage, count]) => ({ taxonId, stage, count, measured: 'body' as const }))
		};
		return this.#say(1, { kind: 'sample', body });
	}
	saw(taxonId: string, stage: LifeStage, body: Partial<Extract<Note, { kind: 'sighting' }>['body']> = {}) {
		const said = {
			taxonId,
			stage,
			zone: 'on-film' as const,
			abundance: 'few' as const,
			sign: 'insects' as const,
			...body
		};
		return this.#say(2, { kind: 'sighting', body: said });
	}
	rises(form: RiseForm, times: number, everyS = 25) {
		for (let i = 0; i < times; i++)
			this.#say(3 + (i * everyS) / 60, { kind: 'rise', body: { form, watchId: this.watchId } });
		return this;
	}
	drifted(taxonId: string, stage: LifeStage, fate: 'passed' | 'taken', times: number) {
		for (let i = 0; i < times; i++)
			this.#say(3.2 + i * 0.4, { kind: 'drifted', body: { watchId: this.watchId, taxonId, stage, fate } });
		return this;
	}
	/** A fly, at a minute, and what became of it. */
	fly(
		minute: number,
		patternId: string,
		hookSize: number,
		outcome: AttemptBody['outcome'],
		more: Partial<AttemptBody> = {}
	) {
		const body = { patternId, hookSize, outcome, watchId: this.watchId, ...more };
		return this.#say(minute, { kind: 'attempt', body });
	}
	rig(minute: number, body: Partial<RigBody> = {}) {
		return this.#say(minute, { kind: 'rig', body: { leaderM: 3.6, tippetX: 5, tippetM: 1, ...body } });
	}
	/** One more rise, at a minute. */
	riseAt(minute: number, form: RiseForm) {
		return this.#say(minute, { kind: 'rise', body: { form, watchId: this.watchId } });
	}
	outing(minutes = 9): Outing {
		return foldOuting(this.notes, this.place, new Date(this.begins.getTime() + minutes * 60_000));
	}
	read(minutes = 9, weighing: WeighingId = 'even-handed'): Reading {
		return readWater(this.outing(minutes), this.watchId, weightsOf(weighing));
	}
}
