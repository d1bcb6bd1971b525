<script lang="ts" module>
	import words from './words';
	/** The notes that are added from the board; samples and watches have pages of their own. */
	export const ADDABLE = [
		{ kind: 'rise', name: words('rise') },
		{ kind: 'watch', name: words('watch') },
		{ kind: 'sample', name: words('sample') },
		{ kind: 'sighting', name: words('sighting') },
		{ kind: 'unnamed', name: words('unnamed') },
		{ kind: 'looked', name: words('looked') },
		{ kind: 'hatch', name: words('hatch') },
		{ kind: 'conditions', name: words('conditions') },
		{ kind: 'suspicion', name: words('suspicion') },
		{ kind: 'remark', name: words('remark') }
	] as const;
	export type Addable = (typeof ADDABLE)[number]['kind'];
</script>

<script lang="ts">
	import { useWords } from '$lib/ui/writers';

	const { say } = useWords(words);
	interface Props {
		trayHref: string;
		watchHref: string;
		onadd: (kind: Exclude<Addable, 'sample' | 'watch'>) => void;
		class?: string | undefined;
	}
	let { trayHref, watchHref, onadd, class: classes = 'grid-cols-3' }: Props = $props();
</script>

<div class="grid gap-1.5 {classes}" role="group" aria-label={say('add-a-note')}>
	{#each ADDABLE as { kind, name } (kind)}
		{#if kind === 'sample' || kind === 'watch'}
			<a class="pad text-sm" href={kind === 'sample' ? trayHref : watchHref}>{say(name)}</a>
		{:else}
			<button type="button" class="pad text-sm desk:last:col-span-full" onclick={() => onadd(kind)}
				>{say(name)}</button
			>
		{/if}
	{/each}
</div>
