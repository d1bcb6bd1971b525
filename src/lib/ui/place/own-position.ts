import type { Position } from './map';

const WAITS_MS = 15_000;

/** Where this device says it is; undefined where it does not say. */
export const ownPosition = (): Promise<Position | undefined> =>
	new Promise((resolve) =>
		navigator.geolocation.getCurrentPosition(
			({ coords: { latitude, longitude } }) => resolve({ latitude, longitude }),
			() => resolve(undefined),
			{ timeout: WAITS_MS }
		)
	);
