import { render, screen, waitFor } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { InputError } from '$lib/core/message';
import type { CardFit, PatchColour } from '$lib/core/specimen';
import type { Asked, BenchDesk } from './bench-desk';
import type { BenchFinding } from './bench.svelte';
import PhotoBench from './PhotoBench.svelte';
import words from './words';

vi.mock('$lib/workers/specimen.worker?worker', () => ({ default: vi.fn() }));

const CORNERS = [
	{ x: 10, y: 10 },
	{ x: 90, y: 10 },
	{ x: 90, y: 60 },
	{ x: 10, y: 60 }
];
const FIT = { corners: CORNERS, toPicture: [1, 0, 0, 0, 1, 0, 0, 0, 1] } as unknown as CardFit;
const COLOUR: PatchColour = {
	lab: { l: 40, a: 2, b: 20 },
	shade: 'olive',
	dubbing: []
} as unknown as PatchColour;

/** A bench whose worker is a stand-in, with one animal in the tray, and the guide's hands. */
function bench(worker: Partial<Asked>, keepPicture = (): Promise<boolean> => Promise.resolve(true)) {
	const asked = {
		read: () => Promise.resolve({ width: 100, height: 80, shown: { width: 100, height: 80 } as ImageBitmap }),
		find: () => Promise.resolve({ found: true, fit: FIT, uneven: false }),
		length: () => Promise.resolve({ lengthMm: 7.123, withinMm: 0.2 }),
		colour: () => Promise.resolve(COLOUR),
		keep: () => Promise.resolve(new Blob(['jpeg'])),
		...worker
	} as Asked;
	const desk: Pick<BenchDesk, 'do' | 'end'> = { do: (job) => job(asked), end: () => undefined };
	const findings: BenchFinding[] = [];
	const { container } = render(PhotoBench, {
		lots: [{ taxonId: 'baetis', stage: 'nymph', count: 3, measured: 'body' }],
		camera: false,
		keepPicture,
		onfinding: (finding: BenchFinding) => findings.push(finding),
		onclose: () => undefined,
		desk
	});
	const user = userEvent.setup();
	const button = (name: string) => screen.getByRole<HTMLButtonElement>('button', { name });
	return {
		user,
		findings,
		button,
		choose: () =>
			user.upload(
				container.querySelector<HTMLInputElement>('input[type=file]') as HTMLInputElement,
				new File(['picture'], 'tray.jpg', { type: 'image/jpeg' })
			),
		tap: () => user.click(container.querySelector('canvas') as HTMLCanvasElement)
	};
}

describe('the photo bench', () => {
	it('saves length and colour of an animal with its picture, and is clear for the next', async () => {
		const { user, findings, button, choose, tap } = bench({});
		expect(button('Save in the lot').disabled).toBe(true);
		await choose();
		await waitFor(() => expect(button('Length').disabled).toBe(false));
		await tap();
		await tap();
		await screen.findByText('7.1 mm');
		await user.click(button('Belly'));
		await tap();
		await screen.findByText(/Belly: olive/i);
		await user.click(button('Save in the lot'));
		await waitFor(() => expect(findings).toHaveLength(1));
		expect(findings[0]).toMatchObject({ lot: 0, lengthMm: 7.12, belly: COLOUR.lab });
		expect(findings[0]?.photoId).toMatch(/^[0-9a-f-]{36}$/);
		expect(screen.queryByText('7.1 mm')).toBeNull();
		expect(button('Save in the lot').disabled).toBe(true);
	});

	it('saves the numbers alone where the picture does not arrive', async () => {
		const { user, findings, button, choose, tap } = bench({}, () => Promise.resolve(false));
		await choose();
		await waitFor(() => expect(button('Length').disabled).toBe(false));
		await tap();
		await tap();
		await screen.findByText('7.1 mm');
		await user.click(button('Save in the lot'));
		await waitFor(() => expect(findings).toHaveLength(1));
		expect(findings[0]).toEqual({ lot: 0, lengthMm: 7.12 });
	});

	it('leaves out the colour of a patch that is too small to be one', async () => {
		const { user, findings, button, choose, tap } = bench({
			colour: () => Promise.resolve({ ...COLOUR, warning: 'small' })
		});
		await choose();
		await waitFor(() => expect(button('Belly').disabled).toBe(false));
		await user.click(button('Belly'));
		await tap();
		await user.click(await waitFor(() => button('Save in the lot')));
		await waitFor(() => expect(findings).toHaveLength(1));
		expect(findings[0]).not.toHaveProperty('belly');
	});

	it('says what is wrong with a picture in a sentence, and takes another', async () => {
		let reads = 0;
		const { button, choose } = bench({
			read: () =>
				reads++ === 0
					? Promise.reject(new InputError(words('not-worked-on')))
					: Promise.resolve({ width: 100, height: 80, shown: {} as ImageBitmap })
		});
		await choose();
		expect((await screen.findByRole('alert')).textContent).toContain(words('not-worked-on').text);
		await choose();
		await waitFor(() => expect(button('Length').disabled).toBe(false));
		expect(screen.queryByRole('alert')).toBeNull();
	});

	it('asks for the corners by hand where it finds no card', async () => {
		const { button, choose } = bench({
			find: () => Promise.resolve({ found: false, why: words('the-edge-dots-are') })
		});
		await choose();
		await waitFor(() => expect(button('Corners').getAttribute('aria-pressed')).toBe('true'));
		expect(button('Length').disabled).toBe(true);
		expect(screen.getByRole('alert').textContent).toContain(words('the-edge-dots-are').text);
	});
});
