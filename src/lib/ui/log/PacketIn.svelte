<script lang="ts">
	import * as v from 'valibot';
	import { invalidateAll } from '$app/navigation';

	const ToldSchema = v.object({
		lines: v.record(v.string(), v.object({ read: v.number(), fresh: v.number() })),
		bad: v.array(v.object({ line: v.number(), field: v.string(), message: v.string() })),
		kept: v.boolean()
	});
	const ProblemSchema = v.object({ error: v.object({ message: v.string() }) });

	let file = $state<File>();
	let told = $state<v.InferOutput<typeof ToldSchema>>();
	let trouble = $state('');
	let busy = $state(false);
	const NAMES: Record<string, string> = {
		reach: 'reaches',
		outing: 'outings',
		note: 'notes',
		record: 'records',
		pattern: 'own flies',
		boxed: 'flies in the box'
	};
	const counted = $derived(Object.entries(told?.lines ?? {}).filter(([kind]) => NAMES[kind]));
	const fresh = $derived(counted.reduce((sum, [, { fresh: count }]) => sum + count, 0));

	async function send(keep: boolean) {
		if (!file) return;
		[busy, trouble] = [true, ''];
		try {
			const response = await fetch(`/api/v1/import${keep ? '?keep=1' : ''}`, {
				method: 'POST',
				headers: { 'content-type': 'application/x-ndjson' },
				body: file
			});
			const answer: unknown = await response.json();
			const good = v.safeParse(ToldSchema, answer);
			const problem = v.safeParse(ProblemSchema, answer);
			if (good.success) told = good.output;
			else
				trouble = problem.success ? problem.output.error.message : `The server answered ${response.status}.`;
			if (good.success && keep) await invalidateAll();
		} catch {
			trouble = 'No connection. Nothing was taken in; try again when there is signal.';
		}
		busy = false;
	}
</script>

<div>
	<h2 class="mb-1">Bring back</h2>
	<p class="quiet mb-2 max-w-prose text-sm">
		A packet is looked at first. What is here already stays as it is, so the same packet twice changes
		nothing.
	</p>
	<label class="grid max-w-md gap-1">
		<span class="text-sm font-semibold">A packet</span>
		<input
			type="file"
			accept=".ndjson"
			class="file-input w-full"
			onchange={({ currentTarget }) => {
				file = currentTarget.files?.[0];
				told = undefined;
				void send(false);
			}}
		/>
	</label>
	{#if trouble}<p role="alert" class="text-error mt-2 font-semibold">{trouble}</p>{/if}
	{#if told}
		<div role="status" class="mt-2">
			<p class="font-semibold">{told.kept ? 'Kept.' : 'It holds:'}</p>
			<ul class="list-disc pl-5 text-sm">
				{#each counted as [kind, { read, fresh: count }] (kind)}
					<li>{read} {NAMES[kind]}, {count} of them new here</li>
				{/each}
				{#each told.bad as { line, field, message } (line)}
					<li class="text-error">Line {line}: {field} {message}</li>
				{/each}
			</ul>
		</div>
		{#if !told.kept}
			<button
				type="button"
				class="btn btn-primary mt-2 h-12"
				disabled={busy || fresh === 0}
				onclick={() => send(true)}>{fresh === 0 ? 'Nothing new in it' : `Keep what is new: ${fresh}`}</button
			>
		{/if}
	{/if}
</div>
