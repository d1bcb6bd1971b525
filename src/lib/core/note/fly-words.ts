/** The name of a fly with a small letter: a guide's own by the name it was given, others by how they are built. */
export function flyWords(fly: {
	patternId: string;
	name?: string | undefined;
	dressing?: { name: string } | undefined;
}): string {
	return fly.dressing?.name ?? fly.name ?? fly.patternId.replaceAll('-', ' ');
}
