import type { Message } from '$lib/core/message';
import { buildWords, dressingAdvice, STYLES, type Pattern, type SoftFeatherSchool } from '$lib/core/tackle';

/** What to mind of how a fly is built, and how to dress it so that it floats or sinks. */
export const tellBuild = ({ style }: Pattern, softFeathers: SoftFeatherSchool): Message[] => [
	...buildWords(STYLES[style]),
	...dressingAdvice(STYLES[style], softFeathers)
];
