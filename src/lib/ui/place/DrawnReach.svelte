<script lang="ts">
	import type { LayerGroup, Map as LeafletMap } from 'leaflet';
	import { bearingOf, lineLengthM } from '$lib/core/approach';
	import { compassPoint } from '$lib/core/units';
	import { COMPASS_NAMES, REACH_POINTS } from '$lib/core/vocabulary';
	import Field from '$lib/ui/frame/Field.svelte';
	import { useWords } from '$lib/ui/writers';
	import { readLine, writtenLine, type Line } from './line';
	import { CLOSE_ZOOM, openMap, type NamedPosition, type Position } from './map';
	import { ownPosition } from './own-position';
	import words from './words';

	const { say, show } = useWords(words);

	interface Props {
		label: string;
		/** As the water flows; one point says only where it is. */
		line: Line;
		/** Places that are known, to find one's way by. */
		near: readonly NamedPosition[];
		/** Nothing flows there: the line is where one fishes. */
		still?: boolean | undefined;
	}
	let { label, line = $bindable(), near, still = false }: Props = $props();
	let box = $state<HTMLElement>();
	let trouble = $state('');
	let map: LeafletMap | undefined;
	/** Draws the line anew; nothing until the map is there. */
	let draw = $state.raw<(line: Line) => void>();

	$effect(() => {
		const element = box;
		if (!element) return;
		let gone = false;
		void openMap(element, near, add).then((opened) => {
			if (gone) return opened.map.remove();
			({ map } = opened);
			let drawn: LayerGroup | undefined;
			draw = (line) => {
				drawn?.remove();
				drawn = opened.drawnLine(line.map(([longitude, latitude]) => [latitude, longitude]));
			};
		});
		return () => {
			gone = true;
			map?.remove();
			[map, draw] = [undefined, undefined];
		};
	});
	$effect(() => draw?.(line));

	function take(next: Line) {
		[line, trouble, typed] = [next, '', undefined];
	}
	function add({ longitude, latitude }: Position) {
		if (line.length >= REACH_POINTS.most)
			return void (trouble = say('points-at-most', { most: REACH_POINTS.most }));
		take([...line, [longitude, latitude]]);
	}
	async function addOwnPosition() {
		trouble = '';
		const at = await ownPosition();
		if (!at) return void (trouble = say('this-device-does-not'));
		add(at);
		map?.setView([at.latitude, at.longitude], CLOSE_ZOOM);
	}

	/** As it is being typed; rows that can be read are the line. */
	let typed = $state<string>();
	let typing = $state(false);
	let area = $state<HTMLTextAreaElement>();
	function type(text: string) {
		typed = text;
		const read = readLine(text);
		if ('line' in read) line = read.line;
	}
	const wrong = $derived.by(() => {
		const read = readLine(typed ?? '');
		return 'wrongRow' in read ? say('row-holds-no-point', { row: read.wrongRow }) : '';
	});
	// What is typed wrongly is never left out in silence: the form waits until it is right.
	$effect(() => {
		area?.setCustomValidity(wrong);
		if (wrong) typing = true;
	});

	const flowDeg = $derived(bearingOf(line));
	const told = $derived.by(() => {
		if (trouble) return trouble;
		if (line.length === 0) return say(still ? 'tap-along-shore' : 'tap-along-it');
		const length = show({ wayM: lineLengthM(line) });
		if (still) return say('shore-told', { points: line.length, length });
		if (flowDeg === undefined) return say('one-point');
		return say('line-told', {
			points: line.length,
			length,
			towards: say(COMPASS_NAMES[compassPoint(flowDeg)])
		});
	});
</script>

<!-- A reach drawn on the map by taps, from upstream to downstream; or typed, a point to a row. -->
<div class="grid gap-2">
	<p class="font-semibold">{label}</p>
	<div
		bind:this={box}
		class="border-base-300 bg-base-200 z-0 h-72 w-full rounded border"
		role="application"
		aria-label={say('map-tap-along-it', { label })}
	></div>
	<p role="status" class="text-sm">{told}</p>
	<div class="flex flex-wrap gap-2">
		<button
			type="button"
			class="btn btn-outline"
			disabled={line.length === 0}
			onclick={() => take(line.slice(0, -1))}>{say('take-back-a-point')}</button
		>
		{#if !still}
			<button
				type="button"
				class="btn btn-outline"
				disabled={line.length < 2}
				onclick={() => take(line.toReversed())}>{say('it-flows-the-other-way')}</button
			>
		{/if}
		<button type="button" class="btn btn-outline" onclick={addOwnPosition}>{say('add-where-i-stand')}</button>
	</div>
	<details class="text-sm" bind:open={typing}>
		<summary class="quiet cursor-pointer">{say('type-the-points-instead')}</summary>
		<Field label={say('points-one-to-a-row')}
			><textarea
				class="textarea w-full font-mono"
				rows="4"
				autocomplete="off"
				bind:this={area}
				aria-invalid={wrong !== ''}
				value={typed ?? writtenLine(line)}
				oninput={({ currentTarget: { value } }) => type(value)}></textarea>
			{#if wrong}<span role="alert" class="text-error">{wrong}</span>{/if}</Field
		>
	</details>
</div>
