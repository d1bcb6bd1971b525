import * as v from 'valibot';
import { CURVED_HOOK, DRY_HOOK, HOOK_FAMILIES, hookFor, NYMPH_HOOK } from '$lib/core/tackle';
import { whole, within } from '$lib/core/note';
import { MEASURED } from '$lib/core/vocabulary';
import { reasonsTold } from './said';

const LEAST_MM = 1.5;
const MOST_MM = 60;

export const HookRequestSchema = v.object({
	lengthMm: within(LEAST_MM, MOST_MM, ' mm'),
	measured: v.optional(v.picklist(MEASURED), 'body'),
	family: v.optional(v.picklist(HOOK_FAMILIES), 'dry'),
	longX: v.optional(whole(-3, 8)),
	dressShort: v.optional(v.boolean()),
	/** Even sizes larger than life, as some dress pupae of still water. */
	sizesUp: v.optional(whole(0, 2))
});

export const HookAnswerSchema = v.object({
	size: v.number(),
	dressedMm: v.number(),
	bodyMm: v.number(),
	neighbours: v.array(v.object({ size: v.number(), dressedMm: v.number() })),
	because: v.array(v.string()),
	codes: v.array(v.string())
});

/** The hook for a length, for a program. */
export function answerHook(
	request: v.InferOutput<typeof HookRequestSchema>
): v.InferInput<typeof HookAnswerSchema> {
	const usual = { dry: DRY_HOOK, curved: CURVED_HOOK, nymph: NYMPH_HOOK }[request.family];
	const choice = hookFor(request.lengthMm, request.measured, {
		...usual,
		longX: request.longX ?? usual.longX,
		dressShort: request.dressShort ?? usual.dressShort,
		sizesUp: request.sizesUp ?? 0
	});
	return { ...choice, ...reasonsTold(choice.because) };
}
