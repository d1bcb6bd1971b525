<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import { ownPosition } from './own-position';
	import words from './words';
	import type { CircleMarker, Map as LeafletMap } from 'leaflet';
	import { showPosition } from '$lib/core/units';
	import Field from '$lib/ui/frame/Field.svelte';
	import { CLOSE_ZOOM, openMap, type NamedPosition, type Position } from './map';

	const { say } = useWords(words);

	interface Props {
		label: string;
		position: Position | undefined;
		/** Places that are known, to find one's way by. */
		near: readonly NamedPosition[];
	}
	let { label, position = $bindable(), near }: Props = $props();
	let box = $state<HTMLElement>();
	let trouble = $state('');
	let map: LeafletMap | undefined;
	let mark: CircleMarker | undefined;

	$effect(() => {
		const element = box;
		if (!element) return;
		let gone = false;
		void openMap(element, near, take).then((opened) => {
			if (gone) return opened.map.remove();
			({ map } = opened);
			mark = opened.circleMarker([0, 0], { className: 'map-mark', radius: 9 });
			show(position);
		});
		return () => {
			gone = true;
			map?.remove();
			map = undefined;
		};
	});
	function show(at: Position | undefined) {
		if (!map || !mark) return;
		if (at) mark.setLatLng([at.latitude, at.longitude]).addTo(map);
		else mark.remove();
	}
	$effect(() => show(position));

	/** A position as it is being typed; both halves of it make one. */
	let typed = $state<Partial<Record<keyof Position, string>>>({});
	function type(part: typeof typed) {
		typed = { ...typed, ...part };
		const half = (field: keyof Position) => {
			const text = (typed[field] ?? String(position?.[field] ?? '')).trim();
			return text === '' ? NaN : Number(text.replace(',', '.').replace('−', '-'));
		};
		const [latitude, longitude] = [half('latitude'), half('longitude')];
		const whole = Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180;
		position = whole ? { latitude, longitude } : undefined;
		if (whole) map?.setView([latitude, longitude]);
	}
	function take(at: Position) {
		[position, typed, trouble] = [at, {}, ''];
	}

	async function usePosition() {
		trouble = '';
		const at = await ownPosition();
		if (!at) return void (trouble = say('this-device-does-not'));
		take(at);
		map?.setView([at.latitude, at.longitude], CLOSE_ZOOM);
	}
</script>

<div class="grid gap-2">
	<p class="font-semibold">{label}</p>
	<div
		bind:this={box}
		class="border-base-300 bg-base-200 z-0 h-64 w-full rounded border"
		role="application"
		aria-label={say('map-tap-where-it', { label })}
	></div>
	<div class="flex flex-wrap items-center gap-3">
		<button type="button" class="btn btn-outline" onclick={usePosition}
			>{say('use-this-devices-position')}</button
		>
		<p role="status" class="text-sm">
			{position ? showPosition(position) : trouble || say('tap-where-it-is')}
		</p>
	</div>
	<details class="text-sm">
		<summary class="quiet cursor-pointer">{say('type-the-position-instead')}</summary>
		<div class="mt-1 grid grid-cols-2 gap-2">
			{#each [['latitude', say('latitude-n')], ['longitude', say('longitude-e')]] as const as [field, name] (field)}
				<Field label={name}
					><input
						class="input w-full font-mono"
						inputmode="text"
						autocomplete="off"
						value={typed[field] ?? position?.[field] ?? ''}
						oninput={({ currentTarget: { value } }) => type({ [field]: value })}
					/></Field
				>
			{/each}
		</div>
	</details>
</div>
