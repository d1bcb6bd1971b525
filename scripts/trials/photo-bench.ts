/**
 * The photo bench on 200 pictures of the stand-in camera, tilted up to 25° in mixed light, with a simulated guide
 * who draws along each body and taps its belly. Seeded; `npm run trial -- photo-bench`.
 */
import { colourDifference, TAXA } from '../../src/lib/core/atlas';
import { normal, seededRandom, type Random } from '../../src/lib/core/math';
import { bodyLine, cardLight, findCard, nearestShades, patchColour } from '../../src/lib/core/specimen';
import { benchShot, type Laid } from '../../src/lib/simulate';
import { count, median, percent, quantile, table } from './print';

const PICTURES = Number(process.env['PICTURES'] ?? 200);
const EMPTY = Math.round(PICTURES / 4);
const SIZE = { width: 2000, height: 1500 };
/** A finger on an enlarged picture is this exact, in picture pixels (one standard deviation). */
const POINTING_PX = 1;
const CORNER_WITHIN_PX = 3;
const LYING = new Set(['nymph', 'larva', 'dun', 'spinner', 'adult', 'egg-laying']);
const STRAIGHT = TAXA.filter(({ group }) => ['mayfly', 'stonefly', 'caddisfly', 'alderfly'].includes(group));

function trayFull(random: Random): Laid[] {
	return Array.from({ length: 4 }, (): Laid => {
		for (;;) {
			const taxon = STRAIGHT[Math.floor(random() * STRAIGHT.length)];
			const traits = taxon?.stages[Math.floor(random() * taxon.stages.length)];
			if (!taxon || !traits || !LYING.has(traits.stage) || traits.lengthMm.typical > 30) continue;
			const { least, most } = traits.lengthMm;
			return { taxonId: taxon.id, stage: traits.stage, lengthMm: least * (most / least) ** random() };
		}
	});
}

const random = seededRandom(1_207);
const lengths: number[] = [];
const covered: boolean[] = [];
const colours: number[] = [];
const words: boolean[] = [];
const cornerErrors: number[] = [];
const whys = new Map<string, number>();
const warned = new Map<string, number>();
let [found, wrong, taps] = [0, 0, 0];
const began = performance.now();

for (let i = 0; i < PICTURES; i++) {
	const { picture, truth } = benchShot(trayFull(random), SIZE, random);
	const search = findCard(picture);
	if (!search.found) {
		whys.set(search.why.id, (whys.get(search.why.id) ?? 0) + 1);
		continue;
	}
	const { fit } = search;
	const off = Math.max(
		...truth.corners.map((corner, k) =>
			Math.hypot(corner.x - (fit.corners[k]?.x ?? 0), corner.y - (fit.corners[k]?.y ?? 0))
		)
	);
	cornerErrors.push(off);
	if (off > CORNER_WITHIN_PX) wrong++;
	else found++;
	const light = cardLight(picture, fit);
	for (const animal of truth.animals) {
		const stops = [0, 0.25, 0.5, 0.75, 1].map((t) => animal.axis[Math.round(t * (animal.axis.length - 1))]);
		const points = stops
			.filter((p) => p !== undefined)
			.map(({ x, y }) => ({ x: x + normal(random, 0, POINTING_PX), y: y + normal(random, 0, POINTING_PX) }));
		const { lengthMm, withinMm } = bodyLine(points, fit);
		lengths.push(Math.abs(lengthMm / animal.alongMm - 1));
		covered.push(Math.abs(lengthMm - animal.alongMm) <= withinMm);
		if (!animal.bellyAt) continue;
		const { lab, shade, warning } = patchColour(
			picture,
			fit,
			light,
			animal.bellyAt.at,
			0.6 * animal.bellyAt.radiusMm
		);
		if (warning) warned.set(warning, (warned.get(warning) ?? 0) + 1);
		taps++;
		if (warning === 'small') continue;
		colours.push(colourDifference(lab, animal.belly));
		words.push(shade === nearestShades(animal.belly, 1)[0]?.shade);
	}
}
let falseFinds = 0;
for (let i = 0; i < EMPTY; i++)
	if (findCard(benchShot([], { ...SIZE, withoutCard: true }, random).picture).found) falseFinds++;

const rows: string[][] = [
	['Card found without help, corners within 3 px', '97 %', percent(found / PICTURES)],
	['Found, but wrongly', '0', count(wrong)],
	[
		'Corner error, median and largest',
		'',
		`${count(median(cornerErrors), 2)} and ${count(Math.max(...cornerErrors), 2)} px`
	],
	[`Found on ${EMPTY} sheets of rings that are no card`, '0', count(falseFinds)],
	['Length error, median', '2 %', percent(median(lengths))],
	['Length error, 95th percentile', '5 %', percent(quantile(lengths, 0.95))],
	['Length within the stated 95 %', '', percent(covered.filter(Boolean).length / covered.length)],
	['Belly colour, median CIEDE2000', '3', count(median(colours), 2)],
	['Belly colour, 95th percentile', '6', count(quantile(colours, 0.95), 2)],
	['Nearest word is that of the true colour', '', percent(words.filter(Boolean).length / words.length)],
	['Patches refused as too small', '', percent((warned.get('small') ?? 0) / taps)],
	[
		'Patches taken with a warning (shadow, glare, edge)',
		'',
		percent(((warned.get('shadow') ?? 0) + (warned.get('glare') ?? 0) + (warned.get('edge') ?? 0)) / taps)
	]
];
console.log(
	`Photo bench: ${PICTURES} pictures of ${SIZE.width} × ${SIZE.height}, ${lengths.length} animals, lens tilted up to 25°, four casts of light, shadows on two in five.\n`
);
console.log(table(['', 'Asked', 'Got'], rows));
for (const [why, times] of whys) console.log(`Not found × ${times}: ${why}`);
console.error(`${count((performance.now() - began) / PICTURES)} ms a picture, drawing it included`);
