<script lang="ts">
	import { encode } from 'uqr';

	let { text, label, class: classes = '' }: { text: string; label: string; class?: string } = $props();
	const code = $derived(encode(text, { border: 2 }));
	const d = $derived(
		code.data.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join('')
	);
</script>

<!-- Black on white in every theme: cameras need it so. -->
<svg
	viewBox="0 0 {code.size} {code.size}"
	class={classes}
	role="img"
	aria-label={label}
	shape-rendering="crispEdges"
>
	<rect width={code.size} height={code.size} fill="#fff" />
	<path {d} fill="#000" />
</svg>
