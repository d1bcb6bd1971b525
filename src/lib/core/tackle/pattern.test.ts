import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { isParticular, variantOf } from '../likeness';
import { visibilityIn } from '../match';
import { customsOn, targetMm } from './hook';
import { dressingOf, ownPattern, patternFor } from './library';
import { PATTERNS } from './patterns.data';
import { hookOf, POSTS, type Style } from './style';
import { STYLE_IDS, STYLES, type StyleId } from './styles.data';
import { buildWords, dressingAdvice, traitsOf } from './traits';
import { COLUMN_ZONES, type LifeStage } from '../atlas';
import { drawFly, flyFromBelow, naturalAtFilm, naturalFromBelow } from '../figure';
import { AttemptSchema, DressingSchema } from '../note';
import { LIGHTS } from '../vocabulary';
import { readWater } from '../reading';
import { compassPoint } from '../units';
import { BROOK, Story } from '../../../../tests/support/story';

const styles = STYLE_IDS.map((id): [string, Style] => [id, STYLES[id]]);

describe('the library of patterns', () => {
	it('has at least twenty styles and a hundred and twenty flies in sizes, at every height, each named once', () => {
		expect(STYLE_IDS.length).toBeGreaterThanOrEqual(20);
		expect(PATTERNS.reduce((sum, { sizes }) => sum + sizes.length, 0)).toBeGreaterThanOrEqual(120);
		expect(new Set(PATTERNS.map(({ id }) => id)).size).toBe(PATTERNS.length);
		const heights = new Set(PATTERNS.map(({ style }) => STYLES[style].zone));
		for (const zone of COLUMN_ZONES.filter((z) => z !== 'air')) expect(heights).toContain(zone);
		for (const { id } of PATTERNS)
			expect(v.is(AttemptSchema, { patternId: id, hookSize: 16, outcome: 'lost' })).toBe(true);
	});

	it('is found by what a note names, and only in sizes that are tied', () => {
		for (const pattern of PATTERNS)
			for (const hookSize of pattern.sizes)
				expect(patternFor({ patternId: pattern.id, hookSize })).toBe(pattern);
		expect(patternFor({ patternId: 'spent-wing-spinner-rust', hookSize: 4 })).toBeUndefined();
		expect(patternFor({ patternId: 'no-such-fly', hookSize: 16 })).toBeUndefined();
	});

	it('lets a guide’s own fly say everything about itself in a note', () => {
		const dressing = v.parse(DressingSchema, {
			name: 'Evening rust',
			style: 'spent-wing',
			belly: 'rust',
			wing: 'clear',
			post: 'dark'
		});
		const own = ownPattern('mine', dressing, [16]);
		expect(dressingOf(own)).toEqual(dressing);
		expect(patternFor({ patternId: 'mine', hookSize: 16, dressing })).toEqual(own);
		const [shipped] = PATTERNS;
		expect(shipped && dressingOf(shipped)).toBeUndefined();
	});
});

describe('what follows from how a fly is built', () => {
	it.each(styles)(
		'%s: floats or sinks, holds up only what floats, and says how to be dressed',
		(_, style) => {
			const { sinkMs, carries, twist, frailty, materials } = traitsOf(style);
			const floats = style.zone === 'on-film' || style.zone === 'in-film';
			expect(sinkMs > 0).toBe(!floats);
			if (!floats) expect(carries).toBe(0);
			for (const share of [carries, twist, frailty]) {
				expect(share).toBeGreaterThanOrEqual(0);
				expect(share).toBeLessThanOrEqual(1.1);
			}
			expect(materials.includes('bead')).toBe(style.parts.bead);
			expect(dressingAdvice(style).length).toBeGreaterThan(0);
		}
	);

	it('holds up a heavy nymph on foam, and nothing under a sparse spinner', () => {
		expect(traitsOf(STYLES['foam-stonefly']).carries).toBeGreaterThan(
			4 * traitsOf(STYLES['stout-nymph']).sinkMs
		);
		expect(traitsOf(STYLES['spent-wing']).carries).toBe(0);
	});

	it('quarrels about soft feathers', () => {
		const soft = STYLES['soft-wing-dun'];
		expect(dressingAdvice(soft, 'dress')).not.toEqual(dressingAdvice(soft, 'never'));
	});

	it('shows a dark post on silver water and a pale one elsewhere; what has none shows alike', () => {
		const shows = (post: (typeof POSTS)[number], light: (typeof LIGHTS)[number]) =>
			visibilityIn(STYLES['parachute-dun'], post, light);
		expect(shows('dark', 'silver')).toBeGreaterThan(shows('pale', 'silver'));
		expect(shows('pale', 'even')).toBeGreaterThan(shows('dark', 'even'));
		expect(shows('pale', 'shade')).toBeGreaterThan(shows('dark', 'shade'));
		for (const light of LIGHTS)
			expect(visibilityIn(STYLES['spent-wing'], 'dark', light)).toBe(STYLES['spent-wing'].visibility);
	});
});

describe('a fly beside the natural', () => {
	const beliefs = readWater(new Story(BROOK, new Date('2026-06-05T18:00:00Z')).outing()).beliefs;

	it('is drawn from below at true scale: as long as it is, and never without a number', () => {
		for (const pattern of PATTERNS)
			for (const hookSize of pattern.sizes) {
				const { bounds, paths } = flyFromBelow(pattern, hookSize);
				expect(paths.length).toBeGreaterThan(1);
				for (const { d } of paths) expect(d).not.toContain('NaN');
				const { dressedMm, style } = variantOf(pattern, hookSize);
				const foreshortened = Math.cos((Math.min(70, style.tilt) * Math.PI) / 180);
				expect(bounds.right - bounds.left).toBeGreaterThanOrEqual(0.9 * dressedMm * foreshortened);
			}
	});

	it('shows its post as it is, pale or dark, and a hook that runs large as longer', () => {
		const dressing = { name: 'x', style: 'parachute-dun', belly: 'olive', wing: 'slate' } as const;
		const [pale, dark] = POSTS.map((post) => drawFly(ownPattern('x', { ...dressing, post }, [16]), 16));
		expect(pale?.paths).not.toEqual(dark?.paths);
		const width = ({ bounds }: { bounds: { left: number; right: number } }) => bounds.right - bounds.left;
		const fly = ownPattern('x', dressing, [16]);
		expect(width(drawFly(fly, 16, { steps: { dry: 1 } }))).toBeCloseTo(1.2 * width(drawFly(fly, 16)), 6);
		expect([0, 44, 315, -45].map(compassPoint)).toEqual(['N', 'NE', 'NW', 'NW']);
	});

	it('finds every natural of the day beneath the film and at its height', () => {
		for (const { hypothesis } of beliefs) {
			for (const { d } of naturalFromBelow(hypothesis).paths) expect(d).not.toContain('NaN');
			const side = naturalAtFilm(hypothesis);
			if (!isParticular(hypothesis)) expect(side).toBeUndefined();
			else if (hypothesis.zone === 'on-film' && hypothesis.stage === 'dun')
				expect(side?.filmY).toBe(side?.bounds.bottom);
			else if (hypothesis.zone === 'bed') expect(side?.filmY).toBeLessThan(side?.bounds.top ?? 0);
		}
	});
});

describe('what is told of a build at tie-on', () => {
	const told = (id: StyleId) => buildWords(STYLES[id]).map(({ id }) => id.replace('dressing.', ''));
	it('a collar-hackle dun twists fine tippet, soft wings are frail and float low, a hung pupa has no fault', () => {
		expect(told('collar-dun')).toEqual(['twists']);
		expect(told('soft-wing-dun')).toEqual(['frail', 'floats-low']);
		expect(told('hair-wing-caddis')).toEqual(['hooks-poorly']);
		expect(told('deep-pupa')).toEqual([]);
	});

	it('for a dun the soft high wing goes before the collar, that before the parachute, which leads for what hangs', () => {
		const fits = (stage: LifeStage, ids: readonly StyleId[]) =>
			ids.map((id) => STYLES[id].stages[stage] ?? 0);
		const falling = (values: number[]) => expect(values).toEqual([...values].sort((a, b) => b - a));
		falling(fits('dun', ['soft-wing-dun', 'collar-dun', 'parachute-dun']));
		for (const stage of ['emerger', 'cripple'] as const)
			falling(fits(stage, ['hanging-parachute', 'parachute-dun', 'soft-wing-dun', 'collar-dun']));
	});
});

describe('customs of size', () => {
	const mm = (custom: { dressShort: boolean; sizesUp?: number }, natural: number) =>
		targetMm(natural, custom);

	it('dress large dry flies as short as large nymphs, where a guide holds with it, and no others', () => {
		const dry = STYLES['foam-hopper'];
		const short = hookOf(dry, { shortDries: true });
		expect(mm(hookOf(dry), 40)).toBe(40);
		expect(mm(short, 40)).toBeCloseTo(28);
		expect(mm(short, 12)).toBe(12);
		expect(mm(short, 19)).toBe(18);
	});

	it('dress pupae of still water a size or two up, and neither those of rivers nor anything else', () => {
		const custom = { pupaeUp: 2 };
		const pupa = Object.values<Style>(STYLES).find(({ stages }) => stages.pupa === 1);
		if (!pupa) throw new Error('no style for a pupa');
		expect(mm(hookOf(pupa, customsOn('lake', custom)), 8)).toBeCloseTo(8 * 1.2 ** 2);
		expect(mm(hookOf(pupa, customsOn('freestone', custom)), 8)).toBe(8);
		expect(mm(hookOf(STYLES['parachute-dun'], customsOn('lake', custom)), 8)).toBe(8);
	});
});
