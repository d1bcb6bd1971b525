import type { Message } from '$lib/core/message';
import type { AdviceOptions } from '$lib/core/advice';
import type { GuidesName, Place } from '$lib/core/atlas';
import { expectDay, type MeasuredWater } from '$lib/core/hatch';
import { variantOf } from '$lib/core/likeness';
import { flyWaterOf, rigFor, shortlist, type FlyBox } from '$lib/core/match';
import { isBehind, PAST_AFTER_H, type AttemptBody, type Note, type RigBody } from '$lib/core/note';
import { fishInHand, foldOuting, waterMeasured, weatherOf } from '$lib/core/outing';
import type { LookNextOptions } from '$lib/core/look';
import { readWater, weightsOf, type WeighingId } from '$lib/core/reading';
import type { Rig } from '$lib/core/rig';
import { dressingOf, patternFor, PATTERNS, type Pattern } from '$lib/core/tackle';
import { now } from '../clock';
import { movingNow } from '../moving-clock.svelte';
import { keepBoxed } from '../box';
import type { Courier } from '../outbox/courier.svelte';
import { Outbox } from '../outbox/outbox.svelte';
import words from './words';

interface Given {
	/** Whose board it is. */
	account: { id: string; name: string };
	courier: Courier;
	outing: { id: string; startedAt: Date; endedAt: Date | null; reach: { place: Place } };
	notes: readonly Note[];
	/** What the water measured in the weeks before. */
	measuredBefore: readonly MeasuredWater[];
	box: FlyBox;
	ownPatterns: readonly Pattern[];
	/** By which schools, hooks and eyes flies are chosen. */
	options: AdviceOptions;
	/** What the guide has said of sampling. */
	looking: LookNextOptions;
	weighing: WeighingId;
	names: readonly GuidesName[];
}

export const tippetOf = (rig: Rig | undefined): number =>
	Math.round((rig?.parts.at(-1)?.lengthM ?? 0.9) * 100) / 100;

const TOOK: ReadonlySet<AttemptBody['outcome']> = new Set(['taken', 'landed', 'came-off']);
const TICK_MS = 20_000;

/** The outing in hand: its notes on this device, and everything that the core computes from them. */
export class Board {
	outbox: Outbox;
	/** The moment being read again, or undefined for now. */
	replayAt = $state<Date | undefined>(undefined);
	/** It was fished on a past day: notes are written at a moment of that day. */
	readonly past: boolean;
	/** That moment. */
	writeAt = $state(new Date(0));
	#clock = movingNow(TICK_MS);
	#given: Given;
	/** What the guide and the guide's circles call insects. */
	readonly names: readonly GuidesName[];
	#patterns: readonly Pattern[];
	/** What the guide carries, as it is known here. */
	box = $state.raw<FlyBox>([]);
	/** Why the box could not be kept, or nothing. */
	boxTrouble = $state.raw<Message | undefined>();
	/** Until when the fish is rested. */
	restUntil = $state<Date | undefined>(undefined);

	constructor(given: Given) {
		this.#given = given;
		this.names = given.names;
		this.#patterns = [...given.ownPatterns, ...PATTERNS];
		this.box = given.box;
		const { startedAt, endedAt } = given.outing;
		this.past = now().getTime() - startedAt.getTime() > PAST_AFTER_H * 3_600_000;
		const last = given.notes.reduce((most, { at }) => Math.max(most, at.getTime()), startedAt.getTime());
		this.writeAt = new Date(endedAt && !this.past ? endedAt : last);
		this.outbox = new Outbox(
			{ outingId: given.outing.id, account: given.account },
			given.notes,
			given.courier,
			() => (this.past ? this.writeAt : now())
		);
	}

	/** Now, or the last note if that is later; for an outing that has ended, its end. */
	present = $derived.by(() => {
		const { endedAt } = this.#given.outing;
		const last = this.outbox.notes.reduce((most, { at }) => Math.max(most, at.getTime()), 0);
		const open = this.past ? this.writeAt : this.#clock();
		return new Date(Math.max(last, endedAt ? endedAt.getTime() : open.getTime()));
	});
	at = $derived(this.replayAt ?? this.present);
	outing = $derived.by(() =>
		foldOuting(this.outbox.notes, this.#given.outing.reach.place, this.at, this.#given.measuredBefore)
	);
	fish = $derived(fishInHand(this.outing));
	/** Of the fish in hand while there is one, otherwise of the reach. */
	reading = $derived(this.readingOf(this.fish?.id));
	options: AdviceOptions = $derived.by(() => ({
		...this.#given.options,
		box: this.box,
		patterns: this.#patterns
	}));
	flies = $derived.by(() => shortlist(this.outing, this.reading, this.options));
	/** The fly on the line. */
	onLine = $derived.by(() => {
		// What befell a fly behind the first says nothing of that.
		const body = this.outing.attempts.findLast(({ note }) => !isBehind(note.body))?.note.body;
		const pattern = body && patternFor(body);
		return pattern && { pattern, hookSize: body.hookSize };
	});
	/** How it is rigged, as noted last. */
	rig = $derived(this.outing.rigs.at(-1)?.note.body);
	/** Depth of still water where it is fished now, m, as it is set on the page. */
	lakeM = $state<number | undefined>();
	/** How the water asks for it to be rigged. */
	rigAsked = $derived.by(() => {
		if (!this.onLine) return undefined;
		const { pattern, hookSize } = this.onLine;
		const variant = variantOf(pattern, hookSize, this.options.hooks);
		const water = flyWaterOf(this.outing, this.options.smallestSeen);
		const depth = this.lakeM !== undefined && { depthM: this.lakeM };
		return rigFor(variant, { ...water, ...depth }, this.options);
	});
	/** What works out the next look: fetched once the board is alive, which does not wait for it. */
	#look = $state.raw<typeof import('$lib/core/look')>();
	/** What is worth looking at, best first, or undefined while that is not known yet. */
	#looks = $derived.by(() => this.#look?.lookNext(this.outing, this.reading, 20, this.#given.looking));
	next = $derived(this.#looks?.slice(0, 2));
	/** A throat sample of the fish just landed, where one may be taken and could tell something. */
	throat = $derived(this.#looks?.filter(({ id }) => id === 'throat'));
	/** Of one fish, or of the reach, as the guide's school weighs. */
	readingOf(watchId: string | undefined) {
		return readWater(this.outing, watchId, weightsOf(this.#given.weighing));
	}
	/** What to expect of the day, from the conditions as they are now. */
	expected(from: Date, to: Date) {
		const { place } = this.outing;
		return expectDay(place, from, to, weatherOf(this.outing), waterMeasured(this.outing), { most: 4 });
	}

	/** Ties a fly on. */
	tie(pattern: Pattern, hookSize: number) {
		return this.#attempt(pattern, hookSize, { outcome: 'tied-on' });
	}

	/** Notes what became of the fly on the line. */
	async happened(outcome: AttemptBody['outcome'], more: Partial<AttemptBody> = {}) {
		const before = this.outing.attempts.at(-1)?.note.body;
		// A fish that is landed or lost again has the fly that it took.
		const hooked = before?.outcome === 'taken' && (outcome === 'landed' || outcome === 'came-off');
		const fly = hooked && before.which ? { pattern: patternFor(before), ...before } : this.onLine;
		const which = {
			...(hooked && before.which && { which: before.which }),
			...(hooked && before.part && { part: before.part })
		};
		if (fly?.pattern) await this.#attempt(fly.pattern, fly.hookSize, { outcome, ...which, ...more });
		if (outcome === 'lost') await this.fewer();
	}

	/** The fish that took last, until something else is noted of the fly. */
	took = $derived.by(() => {
		const last = this.outing.attempts.at(-1)?.note;
		return last && TOOK.has(last.body.outcome) ? last : undefined;
	});
	/** That fish, once it is landed. */
	landed = $derived(this.took?.body.outcome === 'landed' ? this.took : undefined);

	/** Notes more of the fish that took last: how long it was, where in the drift it took, how it fought and went off. */
	async told(more: Partial<AttemptBody>) {
		const took = this.took;
		if (took) await this.outbox.say({ kind: 'attempt', body: { ...took.body, ...more }, replaces: took.id });
	}

	/**
	 * Notes how the fly is rigged from now on; what is not told stays as it was, or as the rig asks, and so does the
	 * tippet with all that was cut of it.
	 */
	rigged(change: Partial<RigBody>) {
		const before: RigBody = this.rig ?? {
			leaderM: this.rigAsked?.lengthM ?? 3.6,
			tippetX: this.rigAsked?.tippetX ?? 5,
			tippetM: tippetOf(this.rigAsked)
		};
		const sameTippet = this.rig !== undefined && change.tippetM === undefined;
		// How a fly was dressed is told of that fly.
		const { attempts, rigs } = this.outing;
		const tied = attempts.findLast(({ note }) => note.body.outcome === 'tied-on')?.observedAt;
		const another = tied !== undefined && tied > (rigs.at(-1)?.observedAt ?? 0);
		const dressed = another ? undefined : before.dressed;
		return this.outbox.say({ kind: 'rig', body: { ...before, dressed, ...change, sameTippet } });
	}

	/** One fly fewer in the box: used up or lost. */
	async fewer() {
		const fly = this.onLine;
		if (!fly) return;
		const { id } = fly.pattern;
		const same = (boxed: FlyBox[number]) => boxed.patternId === id && boxed.hookSize === fly.hookSize;
		const before = this.box;
		const count = Math.max(0, (before.find(same)?.count ?? 0) - 1);
		this.box = [...before.filter((boxed) => !same(boxed)), { patternId: id, hookSize: fly.hookSize, count }];
		this.boxTrouble = undefined;
		try {
			await keepBoxed({ patternId: id, hookSize: fly.hookSize, count });
		} catch {
			this.box = before;
			this.boxTrouble = words('box-not-counted');
		}
	}

	#attempt(pattern: Pattern, hookSize: number, more: Partial<AttemptBody> & Pick<AttemptBody, 'outcome'>) {
		const dressing = dressingOf(pattern);
		this.replayAt = undefined;
		return this.outbox.say({
			kind: 'attempt',
			body: {
				patternId: pattern.id,
				hookSize,
				...(dressing && { dressing }),
				...(this.fish && { watchId: this.fish.id }),
				...more
			}
		});
	}

	/** Starts the clock and the sending of notes. Answers with the way to stop. */
	begin(): () => void {
		const fetchLook = () =>
			import('$lib/core/look').then(
				(look) => (this.#look = look),
				() => window.addEventListener('online', () => void fetchLook(), { once: true })
			);
		void fetchLook();
		return this.outbox.begin();
	}
}
