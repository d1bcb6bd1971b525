<script lang="ts" module>
	/** The notes that are added from the board; samples and watches have pages of their own. */
	export const ADDABLE = [
		{ kind: 'rise', name: 'Rise' },
		{ kind: 'watch', name: 'Watch' },
		{ kind: 'sample', name: 'Sample' },
		{ kind: 'sighting', name: 'Sighting' },
		{ kind: 'conditions', name: 'Conditions' },
		{ kind: 'remark', name: 'Remark' }
	] as const;
	export type Addable = (typeof ADDABLE)[number]['kind'];
</script>

<script lang="ts">
	interface Props {
		trayHref: string;
		watchHref: string;
		onadd: (kind: Exclude<Addable, 'sample' | 'watch'>) => void;
		class?: string;
	}
	let { trayHref, watchHref, onadd, class: classes = 'grid-cols-3' }: Props = $props();
</script>

<div class="grid gap-1.5 {classes}" role="group" aria-label="Add a note">
	{#each ADDABLE as { kind, name } (kind)}
		{#if kind === 'sample' || kind === 'watch'}
			<a class="pad text-sm" href={kind === 'sample' ? trayHref : watchHref}>{name}</a>
		{:else}
			<button type="button" class="pad text-sm" onclick={() => onadd(kind)}>{name}</button>
		{/if}
	{/each}
</div>
