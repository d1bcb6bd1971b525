<script lang="ts" module>
	import type { Lab } from '$lib/core/atlas';

	/** What the bench found of one animal. */
	export interface BenchFinding {
		lot: number;
		lengthMm?: number;
		belly?: Lab;
		pads?: 'pale' | 'dark' | 'black';
		photoId?: string;
	}
</script>

<script lang="ts">
	import { shadeName } from '$lib/core/atlas';
	import { InputError, type Message } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { findStage, findTaxon, naturalName } from '$lib/core/atlas';
	import { hexOf } from '$lib/core/figure';
	import type { Lot } from '$lib/core/note';
	import {
		liesRight,
		padState,
		TARGETS,
		type CardFit,
		type MeasuredLength,
		type PatchColour,
		type PixelPoint
	} from '$lib/core/specimen';
	import { DRY_HOOK, hookFor } from '$lib/core/tackle';
	import { onMount } from 'svelte';
	import { v7 as uuid } from 'uuid';
	import type { Opened } from '$lib/workers/specimen-messages';
	import { BenchDesk } from './bench-desk';
	import BenchMarks from './BenchMarks.svelte';

	interface Props {
		lots: readonly Lot[];
		/** In the demonstration a stand-in camera can be used. */
		camera: boolean;
		/** Sends a picture to be kept with the outing; answers whether it arrived. */
		keepPicture: (id: string, jpeg: Blob) => Promise<boolean>;
		onfinding: (finding: BenchFinding) => void;
		onclose: () => void;
	}
	let { lots, camera, keepPicture, onfinding, onclose }: Props = $props();
	const { show, say } = useWords(words);

	type Tool = 'length' | 'belly' | 'back' | 'wing' | 'pads' | 'corners';
	const TOOLS: readonly { id: Tool; name: string; how: string }[] = [
		{
			id: 'length',
			name: say('length'),
			how: say('tap-along-the-body')
		},
		{ id: 'belly', name: say('belly'), how: say('tap-the-middle-of') },
		{ id: 'back', name: say('back'), how: say('tap-the-middle-of-2') },
		{ id: 'wing', name: say('wing'), how: say('tap-the-wing-away') },
		{
			id: 'pads',
			name: say('wing-pads'),
			how: say('tap-a-wing-pad')
		},
		{ id: 'corners', name: say('corners'), how: say('drag-each-rings-middle') }
	];
	const PATCH_MM = 0.25;

	let canvas = $state<HTMLCanvasElement>();
	let desk: BenchDesk | undefined;
	let size = $state<{ width: number; height: number }>();
	let progress = $state<{ share: number; says: Message }>();
	let trouble = $state('');
	let fit = $state<CardFit>();
	let uneven = $state(false);
	let tool = $state<Tool>('length');
	let lot = $state(0);
	let points = $state<PixelPoint[]>([]);
	let measured = $state<MeasuredLength>();
	let patches = $state<Partial<Record<Tool, { at: PixelPoint; colour: PatchColour }>>>({});
	let corners = $state<PixelPoint[]>([]);
	let held = $state<number>();
	let zoom = $state(1);
	let cross = $state<PixelPoint>();
	let kept = $state('');
	let photoId: string | undefined;
	let shots = 0;

	onMount(() => {
		desk = new BenchDesk();
		return () => desk?.end();
	});

	const chosen = $derived(lots[lot]);
	const hook = $derived(
		measured && measured.lengthMm >= 1.5 && measured.lengthMm <= 60
			? hookFor(measured.lengthMm, 'body', DRY_HOOK)
			: undefined
	);
	const ripe = $derived(
		patches.pads && patches.belly ? padState(patches.pads.colour.lab, patches.belly.colour.lab) : undefined
	);
	const ripeWords = {
		pale: say('as-pale-as-the'),
		dark: say('darker-than-the-body'),
		black: say('black-now')
	};
	const WARNINGS = {
		shadow: say('lies-in-a-shadow'),
		glare: say('shines-tilt-the-card'),
		edge: say('holds-an-edge-tap'),
		small: say('is-too-small-to')
	};

	async function working<T>(job: () => Promise<T>): Promise<T | undefined> {
		trouble = '';
		try {
			return await job();
		} catch (error) {
			trouble = error instanceof InputError ? say(error.says) : say('the-picture-could-not');
			return undefined;
		} finally {
			progress = undefined;
		}
	}
	const tell = (share: number, says: Message) => (progress = { share, says });

	async function fromFile(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		if (!file) return;
		await working(async () => {
			const read = await desk?.ask('read', { file }, { progress: tell });
			if (read) await look(read);
		});
	}

	async function fromCamera() {
		const animals = lots.slice(0, 6).map(({ taxonId, stage, lengthMm }) => {
			const taxon = findTaxon(taxonId);
			const typical = (taxon && findStage(taxon, stage)?.lengthMm.typical) ?? 8;
			return { taxonId, stage, lengthMm: lengthMm ?? typical };
		});
		await working(async () => {
			const shot = await desk?.ask(
				'shoot',
				{ animals, width: 2000, height: 1500, seed: 100 + shots++ },
				{ progress: tell }
			);
			if (shot) await look(shot);
		});
	}

	/** Shows a picture that the worker has in hand, and has it look for the card. */
	async function look({ width, height, shown }: Opened) {
		if (!canvas) return;
		[canvas.width, canvas.height] = [shown.width, shown.height];
		canvas.getContext('bitmaprenderer')?.transferFromImageBitmap(shown);
		[fit, points, measured, patches, photoId, kept] = [undefined, [], undefined, {}, undefined, ''];
		[size, corners, cross] = [{ width, height }, [], { x: width / 2, y: height / 2 }];
		const search = await desk?.ask('find', {}, { progress: tell });
		if (!search) return;
		if (search.found) {
			[fit, corners, uneven, tool] = [search.fit, [...search.fit.corners], search.uneven ?? false, 'length'];
			return;
		}
		// Corners to drag, where the card would lie in the middle of the picture.
		corners = TARGETS.map(({ xMm, yMm }) => ({
			x: width * (0.15 + (0.7 * (xMm - 8)) / 104),
			y: height * (0.15 + (0.7 * (yMm - 8)) / 64)
		}));
		[trouble, tool] = [say(search.why), 'corners'];
	}

	async function layByHand() {
		await working(async () => {
			fit = await desk?.ask('corners', { corners: $state.snapshot(corners) });
			if (fit && !liesRight(fit)) trouble = say('the-edge-dots-are');
		});
	}

	async function tap(at: PixelPoint) {
		kept = '';
		if (tool === 'corners' || !fit) return;
		if (tool === 'length') {
			points = points.length >= 6 ? [at] : [...points, at];
			measured =
				points.length < 2
					? undefined
					: await working(async () =>
							desk?.ask('length', { points: $state.snapshot(points), shownScale: shownScale() })
						);
			return;
		}
		const which = tool;
		const colour = await working(async () => desk?.ask('colour', { at, radiusMm: PATCH_MM }));
		if (colour) patches = { ...patches, [which]: { at, colour } };
	}

	/** Picture pixels to one on the screen. */
	function shownScale(): number {
		const box = canvas?.getBoundingClientRect();
		return box && size ? size.width / Math.max(1, box.width) : 1;
	}
	function pictured(event: PointerEvent | MouseEvent): PixelPoint {
		const box = canvas?.getBoundingClientRect();
		const scale = shownScale();
		return { x: (event.clientX - (box?.left ?? 0)) * scale, y: (event.clientY - (box?.top ?? 0)) * scale };
	}
	function drag(event: PointerEvent) {
		if (held !== undefined) corners[held] = pictured(event);
	}
	async function letGo() {
		if (held === undefined) return;
		held = undefined;
		await layByHand();
	}
	async function onkey(event: KeyboardEvent) {
		if (!size || !cross) return;
		const step = (event.shiftKey ? 0.002 : 0.01) * size.width;
		const moves: Record<string, [number, number]> = {
			ArrowLeft: [-step, 0],
			ArrowRight: [step, 0],
			ArrowUp: [0, -step],
			ArrowDown: [0, step]
		};
		const move = moves[event.key];
		if (move) cross = { x: cross.x + move[0], y: cross.y + move[1] };
		else if (event.key === 'Enter') await tap(cross);
		else return;
		event.preventDefault();
	}

	async function keep() {
		if (!desk || !size) return;
		if (!photoId) {
			const id = uuid();
			const jpeg = await desk.ask('keep', {}).then(
				(picture) => picture.jpeg,
				() => undefined
			);
			if (jpeg && (await keepPicture(id, jpeg))) photoId = id;
		}
		const belly = patches.belly;
		onfinding({
			lot,
			...(measured && { lengthMm: Number(measured.lengthMm.toFixed(2)) }),
			...(belly && belly.colour.warning !== 'small' && { belly: belly.colour.lab }),
			...(ripe && { pads: ripe }),
			...(photoId && { photoId })
		});
		kept = photoId ? say('saved-in-the-lot') : say('the-numbers-are-saved');
		[points, measured, patches] = [[], undefined, {}];
	}
</script>

<div class="grid gap-4 p-4 md:grid-cols-[minmax(0,1fr)_19rem] md:px-5">
	<section aria-label={say('picture')} class="grid content-start gap-2">
		<div class="flex flex-wrap gap-2">
			<label class="btn btn-primary h-12">
				{say('take-or-choose-a')}
				<input class="sr-only" type="file" accept="image/*" capture="environment" onchange={fromFile} />
			</label>
			{#if camera}<button type="button" class="btn h-12" onclick={fromCamera}>{say('bench-camera')}</button
				>{/if}
			{#if size}
				<div class="ml-auto flex items-center gap-1" role="group" aria-label={say('enlarge')}>
					{#each [1, 2, 4] as times (times)}
						<button
							type="button"
							class="pad min-h-11 px-3"
							aria-pressed={zoom === times}
							onclick={() => (zoom = times)}>{times}×</button
						>
					{/each}
				</div>
			{/if}
		</div>
		{#if progress}
			<p class="text-sm" role="status">
				{say(progress.says)} …
				<progress class="progress progress-primary w-full" max="1" value={progress.share}></progress>
			</p>
		{/if}
		{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
		{#if !size}
			<p class="quiet max-w-prose text-sm">
				{say('lay-the-animals-on')}
				<a class="link" href="/card.pdf" target="_blank">{say('measuring-card')}</a>{say(
					'wet-belly-up-where'
				)}<a class="link" href="/card.pdf?paper=letter" target="_blank">{say('letter')}</a>,
				<a class="link" href="/card.svg" target="_blank">{say('svg')}</a>).
			</p>
		{/if}
		<div class="max-h-[70dvh] overflow-auto {size ? 'border-base-300 border' : 'hidden'}">
			<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
			<div
				class="relative {zoom === 1 ? 'w-full' : zoom === 2 ? 'w-[200%]' : 'w-[400%]'}"
				tabindex="0"
				role="application"
				aria-label={say('picture-arrow-keys-move')}
				onkeydown={onkey}
				onpointermove={drag}
				onpointerup={letGo}
			>
				<canvas
					bind:this={canvas}
					class="block w-full cursor-crosshair touch-manipulation"
					onclick={(e) => tap(pictured(e))}
				></canvas>
				{#if size}
					<BenchMarks
						{size}
						{corners}
						{fit}
						{points}
						patches={Object.values(patches)}
						{cross}
						{zoom}
						dragging={tool === 'corners'}
						onhold={(corner) => (held = corner)}
					/>
				{/if}
			</div>
		</div>
		{#if fit && uneven}<p class="text-accent text-sm font-semibold">
				{say('the-card-is-lit')}
			</p>{/if}
	</section>
	<section aria-label={say('measured')} class="grid content-start gap-3">
		<label class="grid gap-1">
			<span class="font-semibold">{say('which-animal')}</span>
			<select class="select h-12 w-full" bind:value={lot}>
				{#each lots as { taxonId, stage }, i (`${taxonId}/${stage}`)}<option value={i}
						>{say(naturalName(taxonId, stage))}</option
					>{/each}
			</select>
		</label>
		<div class="grid grid-cols-3 gap-1.5" role="group" aria-label={say('what-to-take')}>
			{#each TOOLS as { id, name } (id)}
				<button
					type="button"
					class="pad text-sm"
					aria-pressed={tool === id}
					disabled={!size || (!fit && id !== 'corners')}
					onclick={() => (tool = id)}>{name}</button
				>
			{/each}
		</div>
		{#if fit || tool === 'corners'}<p class="quiet text-sm">
				{TOOLS.find(({ id }) => id === tool)?.how}
			</p>{/if}
		{#if measured}
			<div>
				<p class="font-mono text-2xl font-semibold">{show({ lengthMm: measured.lengthMm })}</p>
				<p class="quiet text-sm">
					{say('give-or-take', {
						lengthMm: show({ lengthMm: measured.withinMm }),
						value: hook ? say('dressed-on', { hookSize: show({ hookSize: hook.size }) }) : ''
					})}
				</p>
				<button type="button" class="link text-sm" onclick={() => ([points, measured] = [[], undefined])}
					>{say('draw-it-again')}</button
				>
			</div>
		{/if}
		{#each Object.entries(patches) as [name, { colour }] (name)}
			<div class="grid grid-cols-[2.5rem_1fr] items-center gap-2">
				<svg width="40" height="40" aria-hidden="true"
					><rect
						width="40"
						height="40"
						rx="6"
						fill={hexOf(colour.lab)}
						stroke="currentColor"
						stroke-opacity="0.3"
					/></svg
				>
				<p class="text-sm leading-tight">
					<b>{TOOLS.find(({ id }) => id === name)?.name}: {say(shadeName(colour.shade))}</b>
					<span class="quiet block"
						>{say('dubbing', {
							dubbing: colour.dubbing
								.map(({ shade, difference }) => `${say(shadeName(shade))} (${difference.toFixed(0)})`)
								.join(', ')
						})}</span
					>
					{#if colour.warning}<span class="text-accent block font-semibold"
							>{say('it', { value: WARNINGS[colour.warning] })}</span
						>{/if}
				</p>
			</div>
		{/each}
		{#if ripe}<p class="text-sm"><b>{say('wing-pads')}</b> {ripeWords[ripe]}.</p>{/if}
		{#if kept}<p role="status" class="text-sm font-semibold">{kept}</p>{/if}
		<div class="flex gap-2">
			<button
				type="button"
				class="btn btn-primary h-12 flex-1"
				disabled={!chosen || (!measured && Object.keys(patches).length === 0)}
				onclick={keep}>{say('save-in-the-lot')}</button
			>
			<button type="button" class="btn btn-ghost h-12" onclick={onclose}>{say('tray')}</button>
		</div>
		<p class="quiet text-xs">
			{say('photograph-then-release-put')}
		</p>
	</section>
</div>
