<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import 'leaflet/dist/leaflet.css';
	import type { CircleMarker, Map as LeafletMap } from 'leaflet';
	import { asText } from './as-text';
	import type { GeometryCollection, Topology } from 'topojson-specification';
	import { showPosition } from '$lib/core/units';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

	interface Position {
		latitude: number;
		longitude: number;
	}
	interface Props {
		label: string;
		position: Position | undefined;
		/** Places that are known, to find one's way by. */
		near: readonly (Position & { name: string })[];
	}
	let { label, position = $bindable(), near }: Props = $props();
	let box = $state<HTMLElement>();
	let trouble = $state('');
	let map: LeafletMap | undefined;
	let mark: CircleMarker | undefined;
	const DIGITS = 5;
	const CLOSE_ZOOM = 12;
	const MOST_NAMED = 6;

	$effect(() => {
		const element = box;
		if (!element) return;
		let gone = false;
		void Promise.all([
			import('leaflet'),
			import('topojson-client'),
			import('world-atlas/land-110m.json')
		]).then(([{ default: L }, { feature }, { default: world }]) => {
			if (gone) return;
			const opened = (map = L.map(element, { attributionControl: false, worldCopyJump: true, minZoom: 1 }));
			L.control.scale().addTo(opened);
			const topology = world as unknown as Topology<{ land: GeometryCollection }>;
			const land = feature(topology, topology.objects.land);
			L.geoJSON(land, {
				style: { className: 'map-land', weight: 1 },
				interactive: false
			}).addTo(opened);
			const known = L.featureGroup(
				near.map(({ name, latitude, longitude }) =>
					L.circleMarker([latitude, longitude], { className: 'map-near', radius: 5 }).bindTooltip(
						asText(name),
						{ permanent: near.length <= MOST_NAMED, className: 'map-label' }
					)
				)
			).addTo(opened);
			if (near.length > 0) opened.fitBounds(known.getBounds().pad(0.4), { maxZoom: CLOSE_ZOOM });
			else opened.setView([30, 0], 1);
			mark = L.circleMarker([0, 0], { className: 'map-mark', radius: 9 });
			opened.on('click', ({ latlng }) => {
				const { lat, lng } = latlng.wrap();
				take({ latitude: Number(lat.toFixed(DIGITS)), longitude: Number(lng.toFixed(DIGITS)) });
			});
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

	function usePosition() {
		trouble = '';
		navigator.geolocation.getCurrentPosition(
			({ coords: { latitude, longitude } }) => {
				take({ latitude, longitude });
				map?.setView([latitude, longitude], CLOSE_ZOOM);
			},
			() => (trouble = say('this-device-does-not')),
			{ timeout: 15_000 }
		);
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
