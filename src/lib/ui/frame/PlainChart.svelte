<script lang="ts">
	import type { ChartConfiguration } from 'chart.js';

	interface Props {
		/** What it shows, for those who do not see it. */
		label: string;
		/** What is drawn, in the colours of the light that the page is in. */
		draw: (colour: (name: string) => string) => Pick<ChartConfiguration, 'type' | 'data' | 'options'>;
		class?: string;
	}
	let { label, draw, class: place = 'h-40' }: Props = $props();
	let canvas = $state<HTMLCanvasElement>();

	$effect(() => {
		const element = canvas;
		if (!element) return;
		const style = getComputedStyle(element);
		const colour = (name: string) => style.getPropertyValue(name);
		const { type, data, options } = draw(colour);
		let gone = false;
		let end = (): void => void (gone = true);
		void import('./chart-parts').then(
			({ Chart }) => {
				if (gone) return;
				Chart.defaults.color = style.color;
				Chart.defaults.font = { family: style.fontFamily, size: 12 };
				const chart = new Chart(element, {
					type,
					data,
					options: { animation: false, maintainAspectRatio: false, events: [], ...options }
				});
				end = () => chart.destroy();
			},
			// Without signal: what it shows is said beside it too.
			() => undefined
		);
		return () => end();
	});
</script>

<div class="relative {place}" role="img" aria-label={label}><canvas bind:this={canvas}></canvas></div>
