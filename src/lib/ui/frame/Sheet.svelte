<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Snippet } from 'svelte';

	const { say } = useWords(words);

	interface Props {
		title: string;
		/** As large as the screen, for what needs room. */
		wide?: boolean | undefined;
		onclose: () => void;
		children: Snippet;
		actions?: Snippet | undefined;
	}
	let { title, wide = false, onclose, children, actions }: Props = $props();
	let dialog = $state<HTMLDialogElement>();
	$effect(() => dialog?.showModal());
	let told = false;
	/** Told at once: the browser's own word of it comes later, and a key pressed meanwhile may have opened the next. */
	function close() {
		if (told) return;
		told = true;
		dialog?.close();
		onclose();
	}
</script>

<!-- A sheet from the thumb's edge on a phone, in the middle on a wide screen. -->
<dialog
	bind:this={dialog}
	class="modal modal-bottom sm:modal-middle"
	aria-label={title}
	oncancel={(event) => {
		event.preventDefault();
		close();
	}}
	onclose={close}
>
	<div
		class="modal-box flex flex-col gap-3 p-4 {wide
			? 'max-h-[96dvh] w-full max-w-[76rem]'
			: 'max-h-[88dvh] sm:max-w-xl'}"
	>
		<div class="flex items-center justify-between">
			<h2>{title}</h2>
			<button type="button" class="btn btn-ghost btn-sm" onclick={close}>{say('close')}</button>
		</div>
		<div class="film-rule shrink-0"></div>
		<!-- What scrolls must be reachable by keyboard. -->
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="min-h-0 flex-1 overflow-y-auto p-1" tabindex="0" role="group" aria-label={title}>
			{@render children()}
		</div>
		{#if actions}<div class="grid auto-cols-fr grid-flow-col gap-2">{@render actions()}</div>{/if}
	</div>
	<form method="dialog" class="modal-backdrop"><button tabindex="-1">{say('close')}</button></form>
</dialog>
