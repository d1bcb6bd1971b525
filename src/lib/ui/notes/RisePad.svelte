<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { RiseBody } from '$lib/core/note';
	import { RISE_FORM_NAMES, RISE_FORMS } from '$lib/core/vocabulary';
	import RiseDrawing from '../drawing/RiseDrawing.svelte';
	import Sheet from '../frame/Sheet.svelte';

	const { say } = useWords(words);

	interface Props {
		initial?: RiseBody | undefined;
		onsay: (body: RiseBody) => void;
		onclose: () => void;
	}
	let { initial, onsay, onclose }: Props = $props();
	let counted = $state(0);

	function tap(body: RiseBody) {
		onsay(body);
		counted += 1;
	}
</script>

<Sheet title={initial ? say('correct-the-rise') : say('it-rose-how')} {onclose}>
	<div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
		{#each RISE_FORMS as form (form)}
			<button type="button" class="pad min-h-20 flex-col" onclick={() => tap({ ...initial, form })}>
				<RiseDrawing {form} class="h-9" />
				{say(RISE_FORM_NAMES[form])}
			</button>
		{/each}
	</div>
	<p class="quiet mt-3 text-sm" aria-live="polite">
		{counted === 0 ? say('each-tap-is-one') : say('noted-tap-again-for', { counted })}
	</p>
</Sheet>
