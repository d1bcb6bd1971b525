<script lang="ts">
	import type { RemarkBody } from '$lib/core/note';
	import Sheet from '../frame/Sheet.svelte';

	interface Props {
		initial?: RemarkBody;
		onsay: (body: RemarkBody) => void;
		onclose: () => void;
	}
	let { initial, onsay, onclose }: Props = $props();
	// svelte-ignore state_referenced_locally
	let text = $state(initial?.text ?? '');
</script>

<Sheet title={initial ? 'Correct the remark' : 'Remark'} {onclose}>
	<label class="grid gap-1">
		<span class="font-semibold">In your own words</span>
		<textarea class="textarea w-full" rows="4" maxlength="2000" bind:value={text}></textarea>
	</label>
	{#snippet actions()}
		<button
			type="button"
			class="btn btn-primary h-12"
			disabled={!text.trim()}
			onclick={() => onsay({ text: text.trim() })}
		>
			Keep
		</button>
	{/snippet}
</Sheet>
