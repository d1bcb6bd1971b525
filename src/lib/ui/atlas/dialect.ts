import { inRegion, type Region } from '$lib/core/atlas';
import { provideReader, readerHere } from '../writers';

/** Everything below calls insects as guides of a region do; call it while a component begins. */
export function speakAsIn(region: () => Region | undefined): void {
	const reader = readerHere();
	provideReader(
		() => reader().units,
		() => inRegion(region(), reader().language)
	);
}
