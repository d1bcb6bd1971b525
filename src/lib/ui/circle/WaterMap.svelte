<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import 'leaflet/dist/leaflet.css';
	import type { Map as LeafletMap } from 'leaflet';
	import { asText } from '../place/as-text';

	const { say } = useWords(words);

	interface Props {
		waters: readonly { water: string; lines: [number, number][][]; shares: number }[];
		tiles: string;
		chosen: string;
		onchoose: (water: string) => void;
	}
	let { waters, tiles, chosen, onchoose }: Props = $props();
	let box = $state<HTMLElement>();
	let map: LeafletMap | undefined;

	$effect(() => {
		const element = box;
		if (!element) return;
		let gone = false;
		void import('leaflet').then(({ default: L }) => {
			if (gone) return;
			map = L.map(element, { attributionControl: false, zoomSnap: 0.25 });
			if (tiles) L.tileLayer(tiles).addTo(map);
			L.control.scale().addTo(map);
			const all = L.featureGroup();
			for (const { water, lines, shares } of waters) {
				const line = L.geoJSON(
					{ type: 'MultiLineString', coordinates: lines } as GeoJSON.MultiLineString,
					// Width tells how much was shared; the number in the label says it too.
					{ style: { className: 'map-water', weight: 3 + Math.min(6, shares) } }
				);
				line.bindTooltip(asText(shares > 0 ? `${water}: ${shares}` : water), {
					permanent: true,
					direction: 'right',
					className: 'map-label'
				});
				line.on('click', () => onchoose(water));
				all.addLayer(line);
			}
			all.addTo(map);
			if (waters.length > 0) map.fitBounds(all.getBounds().pad(0.25));
		});
		return () => {
			gone = true;
			map?.remove();
			map = undefined;
		};
	});
</script>

<div
	bind:this={box}
	class="border-base-300 bg-base-200 z-0 h-[60dvh] w-full rounded border"
	role="application"
	aria-label={say('map-of-waters-chosen', { chosen, chosen2: chosen ? 'yes' : 'no' })}
></div>
