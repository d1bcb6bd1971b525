<script lang="ts">
	let { class: classes = '' }: { class?: string } = $props();
</script>

<svg
	viewBox="0 0 32 26"
	class={classes}
	aria-hidden="true"
	fill="none"
	stroke="currentColor"
	stroke-width="1.6"
	stroke-linejoin="round"
>
	<path d="M16 14C12 5 7 3 4 4c0 6 5 10 12 10Zm0 0c4-9 9-11 12-10 0 6-5 10-12 10Z" />
	<path d="M16 9v13" stroke-linecap="round" />
	<path d="M4 16.5h24" stroke="#8fd0cc" stroke-width="1.2" />
	<path d="M4 19h24" stroke="#3f9a9a" stroke-width="1.8" />
</svg>
