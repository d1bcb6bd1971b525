<script lang="ts">
	import { useWords } from '$lib/ui/writers';

	let { hookSize, dressedMm }: { hookSize: number; dressedMm: number } = $props();
	const { show, units } = useWords();
	const hook = $derived(show({ hookSize }));
	const length = $derived(show({ lengthMm: dressedMm }));
</script>

{units().size === 'hook' ? hook : units().size === 'length' ? length : `${hook}, ${length}`}
