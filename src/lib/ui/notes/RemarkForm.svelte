<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { RemarkBody } from '$lib/core/note';
	import Field from '$lib/ui/frame/Field.svelte';
	import Sheet from '../frame/Sheet.svelte';

	const { say } = useWords(words);

	interface Props {
		initial?: RemarkBody | undefined;
		onsay: (body: RemarkBody) => void;
		onclose: () => void;
	}
	let { initial, onsay, onclose }: Props = $props();
	// svelte-ignore state_referenced_locally
	let text = $state(initial?.text ?? '');
</script>

<Sheet title={initial ? say('correct-the-remark') : say('remark')} {onclose}>
	<Field label={say('in-your-own-words')}
		><textarea class="textarea w-full" rows="4" maxlength="2000" bind:value={text}></textarea></Field
	>
	{#snippet actions()}
		<button
			type="button"
			class="btn btn-primary h-12"
			disabled={!text.trim()}
			onclick={() => onsay({ text: text.trim() })}
		>
			{say('keep')}
		</button>
	{/snippet}
</Sheet>
