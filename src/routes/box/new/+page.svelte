<script lang="ts">
	import { within, joined, atStart } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { fetchAsGuide } from '$lib/ui/guide.svelte';
	import { goto } from '$app/navigation';
	import { SHADE_NAMES, ZONE_NAMES, type ShadeName, shadeName } from '$lib/core/atlas';
	import {
		HOOK_SIZES,
		ownPattern,
		STYLE_IDS,
		STYLES,
		traitsOf,
		type Post,
		type Style,
		type StyleId,
		styleName,
		styleSits,
		MATERIAL_NAMES
	} from '$lib/core/tackle';
	import FlyDrawing from '$lib/ui/drawing/FlyDrawing.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';

	const { say } = useWords(words);

	let styleId = $state<StyleId>('parachute-dun');
	let belly = $state<ShadeName>('olive');
	let wing = $state<ShadeName | ''>('slate');
	let post = $state<Post>('pale');
	let sizes = $state<number[]>([14, 16]);
	let name = $state('');
	let trouble = $state('');

	const style = $derived<Style>(STYLES[styleId]);
	const traits = $derived(traitsOf(style));
	const stands = $derived(
		style.parts.wing === 'post' || style.parts.hackle === 'parachute' || style.visibility >= 0.5
	);
	const called = $derived(name.trim() || say(joined(', ', atStart(styleName(styleId)), shadeName(belly))));
	const pattern = $derived(
		ownPattern(
			'new',
			{ name: called, style: styleId, belly, ...(wing && { wing }), ...(stands && { post }) },
			sizes
		)
	);
	const choices = [...HOOK_SIZES].reverse();

	async function keep(event: SubmitEvent) {
		event.preventDefault();
		trouble = '';
		try {
			const response = await fetchAsGuide('/api/v1/patterns', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({
					name: called,
					style: styleId,
					belly,
					...(wing && { wing }),
					...(stands && { post }),
					sizes
				})
			});
			if (response.ok) return await goto('/box');
			const { error } = (await response.json()) as { error: { message: string } };
			trouble = error.message;
		} catch {
			trouble = say('the-fly-could-not');
		}
	}
	const toggle = (size: number) =>
		(sizes = sizes.includes(size) ? sizes.filter((s) => s !== size) : [...sizes, size].sort((a, b) => a - b));
</script>

<PageHead
	title={say('a-fly-of-your')}
	detail={say('only-you-see-it')}
	back={{ href: '/box', name: say('box') }}
/>
<form class="grid gap-5 p-4 pb-24 md:px-5 lg:grid-cols-[minmax(0,1fr)_22rem]" onsubmit={keep}>
	<div class="grid content-start gap-4 lg:order-2">
		<div class="sticky top-2 grid gap-2">
			<div class="flex h-44 items-center overflow-hidden rounded bg-(--water-in-film) p-3">
				<FlyDrawing {pattern} hookSize={sizes[0] ?? 14} class="h-40 w-full" />
			</div>
			<p class="font-bold">{called}</p>
			<p class="text-sm first-letter:uppercase">
				{say('fishes', { sits: styleSits(styleId), within: within(ZONE_NAMES[style.zone]) })}
			</p>
			<p class="quiet text-sm">
				{traits.materials.length > 0
					? say('of', {
							materials: joined(', ', ...traits.materials.map((material) => MATERIAL_NAMES[material]))
						})
					: say('of-thread-and-fur')}
				{traits.sinkMs > 0 ? say('sinks-at-about-cm', { n: Math.round(traits.sinkMs * 100) }) : ''}
				{traits.carries > 0.6
					? say('carries-a-heavy-nymph')
					: traits.carries > 0.3
						? say('carries-a-light-second')
						: ''}
				{traits.twist > 0.5 ? say('twists-fine-tippet') : ''}
				{traits.frailty > 0.6 ? say('frail') : ''}
			</p>
			<Field label={say('its-name')}
				><input class="input w-full" maxlength="60" placeholder={called} bind:value={name} /></Field
			>
			{#if trouble}<p role="alert" class="text-error font-semibold">{trouble}</p>{/if}
			<button class="btn btn-primary h-12" disabled={sizes.length === 0}>{say('save-it')}</button>
		</div>
	</div>
	<div class="grid content-start gap-5">
		<fieldset>
			<legend class="mb-1 font-semibold">{say('style')}</legend>
			<div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3 xl:grid-cols-4">
				{#each STYLE_IDS as id (id)}
					<label class="pad flex-col gap-1 py-2 text-sm leading-tight">
						<input type="radio" class="sr-only" name="style" value={id} bind:group={styleId} />
						<span class="flex h-12 w-full items-center overflow-hidden rounded bg-(--water-in-film) px-1">
							<FlyDrawing
								pattern={ownPattern(id, { name: id, style: id, belly, ...(wing && { wing }) }, [14])}
								hookSize={14}
								class="h-10 w-full"
							/>
						</span>
						<span>{say(styleName(id))}</span>
					</label>
				{/each}
			</div>
		</fieldset>
		<div class="grid gap-4 sm:grid-cols-2">
			<Choice label={say('belly')} bind:value={belly}>
				{#each SHADE_NAMES as shade (shade)}<option value={shade}>{say(shadeName(shade))}</option>{/each}
			</Choice>
			<Choice label={say('wing-or-what-stands')} bind:value={wing}>
				<option value="">{say('none')}</option>
				{#each SHADE_NAMES as shade (shade)}<option value={shade}>{say(shadeName(shade))}</option>{/each}
			</Choice>
		</div>
		{#if stands}
			<div class="grid grid-cols-2 gap-1.5" role="group" aria-label={say('post')}>
				<button
					type="button"
					class="pad min-h-12"
					aria-pressed={post === 'pale'}
					onclick={() => (post = 'pale')}>{say('pale-post-for-even')}</button
				>
				<button
					type="button"
					class="pad min-h-12"
					aria-pressed={post === 'dark'}
					onclick={() => (post = 'dark')}>{say('dark-post-for-silver')}</button
				>
			</div>
		{/if}
		<div>
			<p class="mb-1 font-semibold" id="sizes">{say('hooks-it-is-tied')}</p>
			<div class="grid grid-cols-5 gap-1.5 sm:grid-cols-7" role="group" aria-labelledby={say('sizes')}>
				{#each choices as size (size)}
					<button type="button" class="pad" aria-pressed={sizes.includes(size)} onclick={() => toggle(size)}
						>#{size}</button
					>
				{/each}
			</div>
		</div>
	</div>
</form>
