<script lang="ts">
	import { shadeName } from '$lib/core/atlas';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { naturalName } from '$lib/core/atlas';
	import { hexOf } from '$lib/core/figure';
	import type { Lot } from '$lib/core/note';
	import type { PixelPoint } from '$lib/core/specimen';
	import { onMount, untrack } from 'svelte';
	import { Bench, type BenchFinding, type Tool } from './bench.svelte';
	import { BenchDesk } from './bench-desk';
	import BenchMarks from './BenchMarks.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';

	interface Props {
		lots: readonly Lot[];
		/** In the demonstration a stand-in camera can be used. */
		camera: boolean;
		/** Sends a picture to be kept with the outing; answers whether it arrived. */
		keepPicture: (id: string, jpeg: Blob) => Promise<boolean>;
		onfinding: (finding: BenchFinding) => void;
		onclose: () => void;
		/** Where pictures are worked on; a worker of its own when left out. */
		desk?: Pick<BenchDesk, 'do' | 'end'> | undefined;
	}
	let { lots, camera, keepPicture, onfinding, onclose, desk: given }: Props = $props();
	const { show, say } = useWords(words);

	const TOOLS: readonly { id: Tool; name: string; how: string }[] = [
		{ id: 'length', name: say('length'), how: say('tap-along-the-body') },
		{ id: 'belly', name: say('belly'), how: say('tap-the-middle-of') },
		{ id: 'back', name: say('back'), how: say('tap-the-middle-of-2') },
		{ id: 'wing', name: say('wing'), how: say('tap-the-wing-away') },
		{ id: 'pads', name: say('wing-pads'), how: say('tap-a-wing-pad') },
		{ id: 'corners', name: say('corners'), how: say('drag-each-rings-middle') }
	];
	const RIPE = {
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

	let canvas = $state<HTMLCanvasElement>();
	let lot = $state(0);
	let zoom = $state(1);
	const desk = untrack(() => given) ?? new BenchDesk();
	const bench = new Bench(desk, (picture) => {
		if (!canvas) return;
		[canvas.width, canvas.height] = [picture.width, picture.height];
		canvas.getContext('bitmaprenderer')?.transferFromImageBitmap(picture);
	});
	onMount(() => () => desk.end());
	const { size, fit, measured, patches, hook, ripe, tool } = $derived(bench);

	async function fromFile(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		if (file) await bench.read(file);
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
	async function onkey(event: KeyboardEvent) {
		if (!size || !bench.cross) return;
		const step = (event.shiftKey ? 0.002 : 0.01) * size.width;
		const moves: Record<string, [number, number]> = {
			ArrowLeft: [-step, 0],
			ArrowRight: [step, 0],
			ArrowUp: [0, -step],
			ArrowDown: [0, step]
		};
		const move = moves[event.key];
		if (move) bench.move(...move);
		else if (event.key === 'Enter') await bench.tap(bench.cross, shownScale());
		else return;
		event.preventDefault();
	}
	async function keep() {
		const finding = await bench.keep(lot, keepPicture);
		if (finding) onfinding(finding);
	}
</script>

<div class="grid gap-4 p-4 md:grid-cols-[minmax(0,1fr)_19rem] md:px-5">
	<section aria-label={say('picture')} class="grid content-start gap-2">
		<div class="flex flex-wrap gap-2">
			<label class="btn btn-primary h-12">
				{say('take-or-choose-a')}
				<input class="sr-only" type="file" accept="image/*" capture="environment" onchange={fromFile} />
			</label>
			{#if camera}<button type="button" class="btn h-12" onclick={() => bench.shoot(lots)}
					>{say('bench-camera')}</button
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
		{#if bench.progress}
			<p class="text-sm" role="status">
				{say(bench.progress.says)} …
				<progress class="progress progress-primary w-full" max="1" value={bench.progress.share}></progress>
			</p>
		{/if}
		{#if bench.trouble}<p class="text-error font-semibold" role="alert">{say(bench.trouble)}</p>{/if}
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
				onpointermove={(e) => bench.drag(pictured(e))}
				onpointerup={() => bench.letGo()}
			>
				<canvas
					bind:this={canvas}
					class="block w-full cursor-crosshair touch-manipulation"
					onclick={(e) => bench.tap(pictured(e), shownScale())}
				></canvas>
				{#if size}
					<BenchMarks
						{size}
						corners={bench.corners}
						{fit}
						points={bench.points}
						patches={Object.values(patches)}
						cross={bench.cross}
						{zoom}
						dragging={tool === 'corners'}
						onhold={(corner) => (bench.held = corner)}
					/>
				{/if}
			</div>
		</div>
		{#if fit && bench.uneven}<p class="text-accent text-sm font-semibold">
				{say('the-card-is-lit')}
			</p>{/if}
	</section>
	<section aria-label={say('measured')} class="grid content-start gap-3">
		<Choice label={say('which-animal')} bind:value={lot}>
			{#each lots as { taxonId, stage }, i (i)}<option value={i}>{say(naturalName(taxonId, stage))}</option
				>{/each}
		</Choice>
		<div class="grid grid-cols-3 gap-1.5" role="group" aria-label={say('what-to-take')}>
			{#each TOOLS as { id, name } (id)}
				<button
					type="button"
					class="pad text-sm"
					aria-pressed={tool === id}
					disabled={!size || (!fit && id !== 'corners')}
					onclick={() => (bench.tool = id)}>{name}</button
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
				<button type="button" class="link text-sm" onclick={() => bench.again()}
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
		{#if ripe}<p class="text-sm"><b>{say('wing-pads')}</b> {RIPE[ripe]}.</p>{/if}
		{#if bench.kept}<p role="status" class="text-sm font-semibold">
				{bench.kept === 'with-picture' ? say('saved-in-the-lot') : say('the-numbers-are-saved')}
			</p>{/if}
		<div class="flex gap-2">
			<button
				type="button"
				class="btn btn-primary h-12 flex-1"
				disabled={!lots[lot] || (!measured && Object.keys(patches).length === 0)}
				onclick={keep}>{say('save-in-the-lot')}</button
			>
			<button type="button" class="btn btn-ghost h-12" onclick={onclose}>{say('tray')}</button>
		</div>
		<p class="quiet text-xs">
			{say('photograph-then-release-put')}
		</p>
	</section>
</div>
