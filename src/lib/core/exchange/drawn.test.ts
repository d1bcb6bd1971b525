import { sayMessage } from '../message';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { geojsonReader } from './drawn-geojson';
import type { BadReach, DrawnReach } from './drawn-reach';
import { gpxReader } from './gpx';
import { Unreadable } from './unreadable';

type Reader = typeof gpxReader;

function readAll(reader: Reader, text: string, step = text.length || 1) {
	const taken: DrawnReach[] = [];
	const bad: BadReach[] = [];
	const { read, end } = reader(
		(reach) => taken.push(reach),
		(reach) => bad.push(reach)
	);
	for (let at = 0; at < text.length; at += step) read(text.slice(at, at + step));
	end();
	return { taken, bad: bad.map(({ number, says }) => ({ number, message: sayMessage(says) })) };
}

const GPX = `<?xml version="1.0" encoding="UTF-8"?>
<gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">
<metadata><name>A day</name></metadata>
<wpt lat="47.2" lon="-20.3"><ele>700</ele><name>Gauge &amp; bridge</name></wpt>
<trk><name>Alder Bend</name><trkseg>
<trkpt lat="47.1" lon="-20.4"><ele>720</ele><name>not this</name></trkpt>
<trkpt lat="47.11" lon="-20.41"><ele>722</ele></trkpt>
</trkseg><trkseg><trkpt lat="47.12" lon="-20.42"/></trkseg></trk>
<rte><name><![CDATA[Mill <run>]]></name><rtept lat="47" lon="-20"/></rte>
<trk><name>Off the earth</name><trkseg><trkpt lat="97" lon="0"/></trkseg></trk>
<trk><name>Empty</name></trk>
</gpx>`;

describe('a GPX file', () => {
	it('draws a reach for each track, route and point, however it comes in', () => {
		const whole = readAll(gpxReader, GPX);
		expect(whole.taken).toEqual([
			{ number: 1, name: 'Gauge & bridge', elevationM: 700, line: [[-20.3, 47.2]] },
			{
				number: 2,
				name: 'Alder Bend',
				elevationM: 721,
				line: [
					[-20.4, 47.1],
					[-20.41, 47.11],
					[-20.42, 47.12]
				]
			},
			{ number: 3, name: 'Mill <run>', line: [[-20, 47]] }
		]);
		expect(whole.bad).toEqual([
			{ number: 4, message: 'line 10 has a point without a place on earth' },
			{ number: 5, message: 'has no points' }
		]);
		for (const step of [1, 5, 64]) expect(readAll(gpxReader, GPX, step)).toEqual(whole);
	});

	it('of any length keeps a line of a length that can be drawn, with its two ends', () => {
		const points = Array.from({ length: 9001 }, (_, i) => `<trkpt lat="${i / 1000}" lon="1"/>`).join('');
		const [reach] = readAll(gpxReader, `<gpx><trk><trkseg>${points}</trkseg></trk></gpx>`).taken;
		expect(reach?.line.length).toBeLessThanOrEqual(2001);
		expect(reach?.line.length).toBeGreaterThan(900);
		expect(reach?.line[0]).toEqual([1, 0]);
		expect(reach?.line.at(-1)).toEqual([1, 9]);
	});

	it.each([
		['an entity that grows', '<!DOCTYPE gpx [<!ENTITY a "aaaa">]><gpx>&a;</gpx>', 'declares a document type'],
		['a file of the server', '<!DOCTYPE gpx SYSTEM "file:///etc/passwd"><gpx/>', 'declares a document type'],
		[
			'an entity nobody declared',
			'<gpx><wpt lat="1" lon="1"><name>&a;</name></wpt></gpx>',
			'Line 1 is not XML'
		],
		['another kind of XML', '<html></html>', 'This is not GPX: it begins with “html”.'],
		['no XML', 'hello', 'is not XML that can be read'],
		['a file that was cut', GPX.slice(0, 500), 'is not XML that can be read'],
		['a file with nothing drawn', '<gpx></gpx>', 'There is no track, route or point'],
		['deep nesting', `<gpx>${'<a>'.repeat(100)}`, 'nested too deeply']
	])('is refused with a sentence: %s', (_, text, says) => {
		expect(() => readAll(gpxReader, text)).toThrow(Unreadable);
		expect(() => readAll(gpxReader, text)).toThrow(says);
	});
});

const collection = (...features: unknown[]) => JSON.stringify({ type: 'FeatureCollection', features });
const feature = (geometry: unknown, properties: unknown = null) => ({
	type: 'Feature',
	geometry,
	properties
});

describe('a GeoJSON file', () => {
	const text = collection(
		feature(
			{
				type: 'LineString',
				coordinates: [
					[-20.4, 47.1],
					[-20.5, 47.2, 700]
				]
			},
			{ name: ' Alder Bend ', water: 'Ovrane', basin: 'Ovrane basin', kind: 'freestone', elevationM: 720.4 }
		),
		feature({
			type: 'Polygon',
			coordinates: [
				[
					[0, 0],
					[1, 0],
					[0, 0]
				]
			]
		}),
		feature(
			{ type: 'MultiLineString', coordinates: [[[1, 1]], [[2, 2]]] },
			{ kind: 'puddle', elevationM: 9e9 }
		),
		feature({ type: 'Point', coordinates: [200, 0] }),
		feature(null),
		{ type: 'Nothing' },
		7
	);

	it('draws a reach for each feature with a place on earth, however it comes in', () => {
		const whole = readAll(geojsonReader, text);
		expect(whole.taken).toEqual([
			{
				number: 1,
				name: 'Alder Bend',
				water: 'Ovrane',
				basin: 'Ovrane basin',
				kind: 'freestone',
				elevationM: 720,
				line: [
					[-20.4, 47.1],
					[-20.5, 47.2]
				]
			},
			{
				number: 2,
				line: [
					[0, 0],
					[1, 0],
					[0, 0]
				]
			},
			{
				number: 3,
				line: [
					[1, 1],
					[2, 2]
				]
			}
		]);
		expect(whole.bad).toEqual([
			{ number: 4, message: 'has a point without a place on earth' },
			{ number: 5, message: 'draws no line, point or area' },
			{ number: 6, message: 'is no feature' },
			{ number: 7, message: 'is no feature' }
		]);
		for (const step of [1, 3, 100]) expect(readAll(geojsonReader, text, step)).toEqual(whole);
	});

	it('takes its type wherever that stands', () => {
		const late = `{"features":[${JSON.stringify(feature({ type: 'Point', coordinates: [1, 2] }))}],"type":"FeatureCollection"}`;
		expect(readAll(geojsonReader, late).taken).toHaveLength(1);
	});

	it.each([
		['no JSON', 'hello', 'is not JSON'],
		['nothing', '', 'is not GeoJSON'],
		['a file that was cut', text.slice(0, 300), 'The file ends within feature 2'],
		['other JSON', '{"features":[]}', 'no FeatureCollection'],
		['a collection of nothing', collection(), 'There is no feature'],
		[
			'one endless feature',
			`{"type":"FeatureCollection","features":[${'['.repeat(5_000_000)}`,
			'Feature 1 is over 2 MB'
		],
		['more behind its end', `${text}]`, 'is not JSON']
	])('is refused with a sentence: %s', (_, given, says) => {
		expect(() => readAll(geojsonReader, given, 65_536)).toThrow(Unreadable);
		expect(() => readAll(geojsonReader, given, 65_536)).toThrow(says);
	});
});

describe('any file at all', () => {
	it.each<[string, Reader, string]>([
		['gpx', gpxReader, GPX],
		['geojson', geojsonReader, collection(feature({ type: 'Point', coordinates: [1, 2] }, { name: 'x' }))]
	])('with something wrong in it is read or refused with a sentence: %s', (_, reader, good) => {
		fc.assert(
			fc.property(fc.nat(good.length), fc.nat(20), fc.string({ maxLength: 20 }), (at, cut, put) => {
				try {
					readAll(reader, good.slice(0, at) + put + good.slice(at + cut));
				} catch (error) {
					expect(error).toBeInstanceOf(Unreadable);
					expect((error as Error).message).toMatch(/^[A-Z].*\.$/s);
				}
			}),
			{ numRuns: 2500 }
		);
	});
});
