/** The server's clock on this device: in the demonstration it shows another day than the machine does. */
let shiftMs = 0;

export function setClock(serverNow: Date): void {
	const shift = serverNow.getTime() - Date.now();
	// A few seconds of network are no reason to distrust the device's own clock.
	shiftMs = Math.abs(shift) > 60_000 ? shift : 0;
}

export const now = (): Date => new Date(Date.now() + shiftMs);
