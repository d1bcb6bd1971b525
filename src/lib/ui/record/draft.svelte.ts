import { editedRecord, tellsReach, type HatchRecord, type Naming, type Precision } from '$lib/core/record';
import type { Embargo } from '$lib/core/share';
import type { Abundance } from '$lib/core/vocabulary';
import type { ShareChoice } from './confirm';

/** How an outing is shared, and what of it a record changes for itself. */
export class SharePlan {
	circleId = $state('');
	precision = $state<Precision>('water');
	embargo = $state<Embargo>('after-hatch');
	/** Share this water so from now on. */
	remember = $state(false);

	/** @param usual how this water is usually shared; until that was said, with care: the water, when the hatch is over */
	constructor(circleId: string, usual: { precision: Precision; embargo: Embargo } | undefined) {
		this.circleId = circleId;
		if (usual) [this.precision, this.embargo] = [usual.precision, usual.embargo];
	}

	/** How the water is shared from now on, if the guide says so. */
	get usual(): { precision: Precision; embargo: Embargo } | undefined {
		return this.remember ? { precision: this.precision, embargo: this.embargo } : undefined;
	}
}

/** What a guide answers who was asked about the names in the words of a record. */
export type WordsAnswer = { wordsGo: false } | { namesMayGo: true };

/** What of a record the guide edits and notes change. */
type Followed = Pick<HatchRecord, 'abundance' | 'firstSeen' | 'mostSeen' | 'lastSeen'>;
const FOLLOWED = ['abundance', 'firstSeen', 'mostSeen', 'lastSeen'] as const;

/**
 * A record as its guide is about to confirm it: proposed, edited, and shared as the outing is unless told otherwise. What
 * was edited stays while notes come in; all else of the proposal that they change is followed.
 */
export class RecordDraft {
	#proposal: () => HatchRecord;
	/** What the guide has said otherwise than the notes. */
	#said = $state.raw<Partial<Followed>>({});
	words = $state('');
	naming = $state<Naming>({ by: 'hand', sure: 'likely' });
	/** Goes with the outing when it is shared. */
	included = $state(true);
	/** What this record is shared by in place of the outing's choice. */
	own = $state.raw<Partial<Pick<ShareChoice, 'circleId' | 'precision' | 'embargo'>>>({});
	withPicture = $state(false);
	/** Undefined: as the precision has it. */
	wordsGo = $state<boolean | undefined>(undefined);
	namesMayGo = $state(false);
	#plan: SharePlan;

	/** @param proposal what the notes make of it, as they come in */
	constructor(proposal: () => HatchRecord, confirmed: HatchRecord | undefined, plan: SharePlan) {
		const proposed = proposal();
		const start = confirmed ?? proposed;
		this.#proposal = proposal;
		this.#plan = plan;
		this.#said = Object.fromEntries(
			FOLLOWED.filter((field) => start[field].valueOf() !== proposed[field].valueOf()).map((field) => [
				field,
				start[field]
			])
		);
		this.words = start.words ?? '';
		this.naming = { ...this.naming, ...start.naming };
	}

	get proposal(): HatchRecord {
		return this.#proposal();
	}
	get abundance(): Abundance {
		return this.#said.abundance ?? this.proposal.abundance;
	}
	set abundance(abundance: Abundance) {
		this.#said = { ...this.#said, abundance };
	}
	get firstSeen(): Date {
		return this.#said.firstSeen ?? this.proposal.firstSeen;
	}
	set firstSeen(firstSeen: Date) {
		this.#said = { ...this.#said, firstSeen };
	}
	get mostSeen(): Date {
		return this.#said.mostSeen ?? this.proposal.mostSeen;
	}
	set mostSeen(mostSeen: Date) {
		this.#said = { ...this.#said, mostSeen };
	}
	get lastSeen(): Date {
		return this.#said.lastSeen ?? this.proposal.lastSeen;
	}
	set lastSeen(lastSeen: Date) {
		this.#said = { ...this.#said, lastSeen };
	}

	edited = $derived.by(() => {
		const { abundance, firstSeen, mostSeen, lastSeen, naming, words } = this;
		return editedRecord(this.proposal, { abundance, firstSeen, mostSeen, lastSeen, naming, words });
	});
	inOrder = $derived(this.firstSeen <= this.mostSeen && this.mostSeen <= this.lastSeen);
	/** With whom and how fine: the outing's choice, changed where this record has one of its own. */
	share: ShareChoice = $derived.by(() => {
		const { circleId, precision, embargo } = this.#plan;
		const chosen = { circleId, precision, embargo, ...this.own };
		return {
			...chosen,
			withWords: this.wordsGo ?? tellsReach(chosen.precision),
			withPicture: this.withPicture,
			namesMayGo: this.namesMayGo
		};
	});
	/** It is shared otherwise than the outing. */
	otherwise = $derived(Object.keys(this.own).length > 0);
}
