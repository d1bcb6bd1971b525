import 'leaflet/dist/leaflet.css';
import type { Map as LeafletMap } from 'leaflet';
import type { GeometryCollection, Topology } from 'topojson-specification';
import { asText } from './as-text';

export interface Position {
	latitude: number;
	longitude: number;
}
export type NamedPosition = Position & { name: string };

/** As near as the map comes to a place by itself. */
export const CLOSE_ZOOM = 12;
/** A position on the map is taken to so many digits of a degree: a metre. */
const DIGITS = 5;
/** More names than these at once cover each other. */
const MOST_NAMED = 6;

/** Radii of the points of a line that is being drawn, and of its last, px. */
const POINT = 5;
const LAST_POINT = 9;

const DRAWN = 'drawn';

const roundDegrees = (degrees: number): number => Number(degrees.toFixed(DIGITS));

/**
 * Opens a map of the world in an element, near the places that are known, and tells where it is tapped. The map is the
 * caller's to remove.
 */
export async function openMap(
	element: HTMLElement,
	near: readonly NamedPosition[],
	tapped: (at: Position) => void
) {
	const [{ default: L }, { feature }, { default: world }] = await Promise.all([
		import('leaflet'),
		import('topojson-client'),
		import('world-atlas/land-110m.json')
	]);
	const map: LeafletMap = L.map(element, { attributionControl: false, worldCopyJump: true, minZoom: 1 });
	L.control.scale().addTo(map);
	const topology = world as unknown as Topology<{ land: GeometryCollection }>;
	L.geoJSON(feature(topology, topology.objects.land), {
		style: { className: 'map-land', weight: 1 },
		interactive: false
	}).addTo(map);
	const known = L.featureGroup(
		near.map(({ name, latitude, longitude }) =>
			L.circleMarker([latitude, longitude], { className: 'map-near', radius: 5 }).bindTooltip(asText(name), {
				permanent: near.length <= MOST_NAMED,
				className: 'map-label'
			})
		)
	).addTo(map);
	if (near.length > 0) map.fitBounds(known.getBounds().pad(0.4), { maxZoom: CLOSE_ZOOM });
	else map.setView([30, 0], 1);
	map.on('click', ({ latlng }) => {
		const { lat, lng } = latlng.wrap();
		tapped({ latitude: roundDegrees(lat), longitude: roundDegrees(lng) });
	});
	// What is being drawn lies over the names of what is known.
	map.createPane(DRAWN).style.zIndex = '660';
	return {
		map,
		circleMarker: L.circleMarker,
		/** A line on the map, each of its points told by a dot and the last by a larger one. */
		drawnLine: (points: [latitude: number, longitude: number][]) =>
			L.layerGroup([
				L.polyline(points, { className: 'map-water', weight: 4, interactive: false, pane: DRAWN }),
				...points.map((at, i) =>
					L.circleMarker(at, {
						className: 'map-mark',
						radius: i === points.length - 1 ? LAST_POINT : POINT,
						interactive: false,
						pane: DRAWN
					})
				)
			]).addTo(map)
	};
}
