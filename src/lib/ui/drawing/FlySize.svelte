<script lang="ts">
	import { useUnits } from '../units';

	let { hookSize, dressedMm }: { hookSize: number; dressedMm: number } = $props();
	const { show, units } = useUnits();
	const hook = $derived(show({ hookSize }));
	const length = $derived(show({ lengthMm: dressedMm }));
</script>

{units().size === 'hook' ? hook : units().size === 'length' ? length : `${hook}, ${length}`}
