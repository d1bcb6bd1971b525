<script lang="ts">
	let { class: classes = '' }: { class?: string } = $props();
</script>

<!-- A trout on its lie, looking upstream. -->
<svg viewBox="0 0 132 48" class={classes} aria-hidden="true">
	<path
		d="M4 27C14 16 34 11 56 12l8-8 10 10c14 3 26 8 34 11l20-9-5 12 5 12-20-8c-12 6-30 11-50 11C34 41 14 37 4 27Z"
		fill="var(--fish)"
		stroke="currentColor"
		stroke-width="1.4"
		stroke-linejoin="round"
	/>
	<path d="M24 21c4 4 4 10 0 15M50 41l6 6 8-6" fill="none" stroke="currentColor" stroke-width="1.4" />
	<circle cx="15" cy="24" r="2.6" fill="var(--water-air)" stroke="currentColor" />
	<g fill="currentColor" opacity="0.55"
		><circle cx="44" cy="20" r="1.4" /><circle cx="56" cy="18" r="1.4" /><circle
			cx="66"
			cy="23"
			r="1.4"
		/><circle cx="78" cy="21" r="1.4" /><circle cx="90" cy="25" r="1.4" /></g
	>
</svg>
