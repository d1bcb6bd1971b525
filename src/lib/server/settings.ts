import * as v from 'valibot';
import type { AdviceOptions } from '$lib/core/advice';
import type { LookNextOptions } from '$lib/core/look';
import { HOOK_FAMILIES, PUPAE_UP } from '$lib/core/tackle';
import { REGIONS_TO_SET } from '$lib/core/atlas';
import { QUARRELS } from '$lib/weighing';
import { METRIC } from '$lib/core/message';
import { within } from '$lib/core/note';
import type { Quarrel } from '$lib/core/rule';
import { database } from './database';
import { log } from './log';

const THEMES = ['bankside', 'dusk', 'glare'] as const;
export const KNOTS_CM = ['6', '8', '10', '12', '15'] as const;
export const THROAT_FROM_CM = ['never', '25', '30', '35', '40', '50'] as const;
const HANDS = ['right', 'left'] as const;
export const RODS_M = ['2.1', '2.4', '2.7', '3.0', '3.4'] as const;
export const FIVE_X_BREAKS_N = ['as-usual', '15', '18', '20', '22', '25', '28'] as const;
export const SMALLEST_SEEN = ['any', '18', '16', '14', '12', '10'] as const;

const answerTo = <Id extends string>({ ids, usual }: Quarrel<Id>) => v.optional(v.picklist(ids), usual);

/** How a guide likes things; every field has a default, so that old rows stay readable. */
export const SettingsSchema = v.object({
	system: v.optional(v.picklist(['metric', 'imperial']), METRIC.system),
	tippet: v.optional(v.picklist(['X', 'diameter']), METRIC.tippet),
	size: v.optional(v.picklist(['hook', 'length', 'both']), METRIC.size),
	theme: v.optional(v.picklist(THEMES), 'bankside'),
	school: answerTo(QUARRELS.school),
	weighing: answerTo(QUARRELS.weighing),
	tippetSchool: answerTo(QUARRELS.tippetSchool),
	leaderSchool: answerTo(QUARRELS.leaderSchool),
	refused: answerTo(QUARRELS.refused),
	patience: answerTo(QUARRELS.patience),
	fishFirst: answerTo(QUARRELS.fishFirst),
	fishedFrom: answerTo(QUARRELS.fishedFrom),
	striking: answerTo(QUARRELS.striking),
	nothingRising: answerTo(QUARRELS.nothingRising),
	fromTray: answerTo(QUARRELS.fromTray),
	stonefly: answerTo(QUARRELS.stonefly),
	softFeathers: answerTo(QUARRELS.softFeathers),
	/** Tippet that each change of fly uses up, cm. */
	knotCm: v.optional(v.picklist(KNOTS_CM), '10'),
	/** The rod that is mostly fished, m. */
	rodM: v.optional(v.picklist(RODS_M), '2.7'),
	/** The arm that mostly casts. */
	hand: v.optional(v.picklist(HANDS), 'right'),
	/** What tippet of 5X breaks at as its spool says, N. */
	fiveXBreaksN: v.optional(v.picklist(FIVE_X_BREAKS_N), 'as-usual'),
	/** The smallest fly that guests see on the water, as a hook size. */
	smallestSeen: v.optional(v.picklist(SMALLEST_SEEN), 'any'),
	/** Whose insects, and whose names for them: those of a region, or of the water that was fished last. */
	region: v.optional(v.picklist(['by-place', ...REGIONS_TO_SET]), 'by-place'),
	/** Which names of insects come first on the board. */
	names: v.optional(v.picklist(['common', 'scientific']), 'common'),
	/** Whether throat samples are lawful here and practised, and on fish from which length, cm. */
	throat: v.optional(v.picklist(THROAT_FROM_CM), 'never')
});

/** A guide's own hooks against the table, in even steps by family. */
export const HooksSchema = v.object({
	steps: v.optional(v.object(v.entriesFromList(HOOK_FAMILIES, v.optional(within(-2, 2))))),
	dressShort: v.optional(v.boolean()),
	shortDries: v.optional(v.boolean()),
	pupaeUp: v.optional(v.picklist(PUPAE_UP))
});

const StoredSchema = v.object({ ...SettingsSchema.entries, hooks: v.optional(HooksSchema, {}) });
export type Settings = v.InferOutput<typeof StoredSchema>;

/** Settings as they were stored, with a default for whatever is not there, or can't be read any more. */
export function settingsFrom(stored: unknown): Settings {
	const read = v.safeParse(StoredSchema, stored);
	if (read.success) return read.output;
	const unreadable = new Set(read.issues.map(({ path }) => path?.[0].key));
	log.error({ fields: [...unreadable] }, 'stored settings cannot be read');
	const rest = Object.entries(typeof stored === 'object' && stored !== null ? stored : {});
	return v.parse(StoredSchema, Object.fromEntries(rest.filter(([field]) => !unreadable.has(field))));
}

export async function saveSettings(
	accountId: string,
	settings: v.InferOutput<typeof SettingsSchema>
): Promise<void> {
	await database().query('update account set settings = settings || $2 where id = $1', [accountId, settings]);
}

/** Keeps how a guide's own hooks run. */
export async function saveHooks(accountId: string, hooks: v.InferOutput<typeof HooksSchema>): Promise<void> {
	await database().query(
		`update account set settings = settings || jsonb_build_object('hooks', $2::jsonb) where id = $1`,
		[accountId, hooks]
	);
}

/** What a guide's settings mean for choosing and fishing a fly. */
export function tieOnOptions(settings: Settings): AdviceOptions {
	const { school, refused, patience, tippetSchool, leaderSchool, knotCm, smallestSeen, hooks } = settings;
	const { nothingRising, fromTray, stonefly, rodM, fiveXBreaksN, fishFirst, fishedFrom, striking } = settings;
	return {
		school,
		refused,
		patience,
		fishFirst,
		fishedFrom,
		striking,
		tippet: tippetSchool,
		leader: leaderSchool,
		rodM: Number(rodM),
		...(fiveXBreaksN !== 'as-usual' && { fiveXBreaksN: Number(fiveXBreaksN) }),
		nothingRising,
		fromTray,
		stonefly,
		perKnotM: Number(knotCm) / 100,
		hooks,
		...(smallestSeen !== 'any' && { smallestSeen: Number(smallestSeen) })
	};
}

/** What a guide has said of sampling, for what to look at next. */
export const lookNextOptions = ({ throat }: Pick<Settings, 'throat'>): LookNextOptions =>
	throat === 'never' ? {} : { throatFromMm: 10 * Number(throat) };
