<script lang="ts" module>
	/** The notes that are added from the board; a sample has a page of its own. */
	export const ADDABLE = [
		{ kind: 'rise', name: 'Rise' },
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
		onadd: (kind: Exclude<Addable, 'sample'>) => void;
		class?: string;
	}
	let { trayHref, onadd, class: classes = 'grid-cols-3' }: Props = $props();
</script>

<div class="grid gap-1.5 {classes}" role="group" aria-label="Add a note">
	{#each ADDABLE as { kind, name } (kind)}
		{#if kind === 'sample'}
			<a class="pad text-sm" href={trayHref}>{name}</a>
		{:else}
			<button type="button" class="pad text-sm" onclick={() => onadd(kind)}>{name}</button>
		{/if}
	{/each}
</div>
