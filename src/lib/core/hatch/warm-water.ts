import { words, type Message } from '../message';

const caution = words('warm-water', {
	stop: 'Water {water}: too warm for trout. Stop fishing for them, and follow local closures.',
	care: 'Water {water}: warm for trout. Stout tippet, a short fight, the fish stays in the water; watch the temperature.'
});

/** From here on trout are handled with great care, and from here not fished for, °C (docs/method.md). */
const CARE_C = 18;
const STOP_C = 20;

/** What warm water asks of whoever fishes for trout; undefined while it is cool enough. */
export function warmWater(waterC: number): { stop: boolean; says: Message } | undefined {
	if (waterC < CARE_C) return undefined;
	const stop = waterC >= STOP_C;
	return {
		stop,
		says: caution(stop ? 'stop' : 'care', { water: { temperatureC: waterC } })
	};
}
