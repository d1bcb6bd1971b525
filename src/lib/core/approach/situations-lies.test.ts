import { settledCases } from '../../../../tests/support/settled';
import type { ReachKind } from '../vocabulary';
import { groundOf } from './ground';
import { liesOf } from './lies';
import type { Hold } from './holds-rules';
import type { LieDay } from './lies-rules';
import { windOn } from './wind';

const { settle, judge } = settledCases();

/** The lies that lead, and that none of these does. */
const lies = (
	what: string,
	kind: ReachKind,
	day: LieDay,
	lead: readonly Hold[],
	never: readonly Hold[] = []
) => {
	const first = liesOf(kind, day).slice(0, 3);
	const top = first[0]?.hold;
	settle(
		what,
		first.map(({ hold, chance }) => `${hold} ${chance.toFixed(2)}`),
		top !== undefined && lead.includes(top) && first.slice(0, 2).every(({ hold }) => !never.includes(hold))
	);
};

lies('pool at 3 °C', 'pool', { waterC: 3 }, ['deep'], ['feeding-lane', 'pool-tail']);
lies('run in January, 4 °C', 'run', { waterC: 4, winter: true }, ['deep', 'spring'], ['feeding-lane']);
lies('pool, low and 6 °C', 'pool', { waterC: 6, level: 'low' }, ['deep']);
lies('run at 12 °C', 'run', { waterC: 12 }, ['feeding-lane', 'seam'], ['deep']);
lies('riffle at 13 °C, olives on the film', 'riffle', { waterC: 13, hatch: true }, ['feeding-lane', 'seam']);
lies(
	'pool at 17.5 °C in July',
	'pool',
	{ waterC: 17.5, bright: true },
	['pool-head', 'shade', 'spring'],
	['flat', 'pool-tail']
);
lies('pocket water at 17 °C', 'pocket-water', { waterC: 17 }, ['pocket'], ['soft-edge']);
lies(
	'glide at 20.5 °C',
	'glide',
	{ waterC: 20.5, bright: true },
	['spring', 'shade'],
	['flat', 'feeding-lane']
);
lies(
	'run in flood, 11 °C',
	'run',
	{ waterC: 11, level: 'high', levelTrend: 'rising' },
	['soft-edge', 'flooded', 'seam'],
	['feeding-lane']
);
lies(
	'braid, high and coloured',
	'braid',
	{ waterC: 10, level: 'high', clarityM: 0.4 },
	['soft-edge', 'flooded', 'seam'],
	['feeding-lane']
);
lies(
	'glide, low and bright, 14 °C',
	'glide',
	{ waterC: 14, level: 'low', bright: true },
	['foam-line', 'undercut', 'shade', 'deep'],
	['flat']
);
lies(
	'tail of the pool at dusk, spinners down',
	'pool',
	{ waterC: 14, dim: true, hatch: true },
	['pool-tail', 'pool-head', 'foam-line'],
	['deep']
);
lies(
	'glide at dusk',
	'glide',
	{ waterC: 13, dim: true },
	['flat', 'pool-tail', 'feeding-lane'],
	['undercut', 'shade']
);
lies('meadow glide, hoppers blown on', 'glide', { waterC: 15, land: true, windMs: 7 }, ['undercut']);
lies('eddy with foam during a hatch', 'eddy', { waterC: 11, hatch: true }, [
	'back-eddy',
	'foam-line',
	'seam'
]);
lies('run that warms from 5 to 8 °C by noon', 'run', { waterC: 8, warmingCH: 0.8 }, [
	'seam',
	'feeding-lane',
	'deep'
]);
lies('lake, bright noon', 'drop-off', { waterC: 15, bright: true }, ['drop-off'], ['margin']);
lies('bay at dusk', 'bay', { waterC: 13, dim: true }, ['margin', 'weed']);
lies('bay in a spring wind', 'bay', { waterC: 9, airC: 15, windMs: 5 }, ['margin']);
lies('lake at 21 °C, a brook runs in', 'inflow', { waterC: 21 }, ['stream-mouth'], ['margin']);
lies(
	'weir pool, high',
	'weir',
	{ waterC: 11, level: 'high' },
	['back-eddy', 'seam', 'soft-edge'],
	['pool-head']
);

const bank = (
	what: string,
	flowDeg: number,
	windFromDeg: number,
	windMs: number,
	fills: 'left' | 'right' | undefined
) =>
	settle(
		what,
		windOn(groundOf({ flowDeg }), { windMs, windFromDeg }),
		windOn(groundOf({ flowDeg }), { windMs, windFromDeg }).fills === fills
	);
bank('flows south, wind from the west', 180, 270, 5, 'left');
bank('flows north, wind from the west', 0, 270, 5, 'right');
bank('flows east, wind from the north', 90, 0, 4, 'right');
bank('flows west, wind from the north', 270, 0, 4, 'left');
bank('wind straight up the stream', 180, 180, 6, undefined);
bank('hardly a breeze', 180, 270, 0.8, undefined);
bank('quartering wind from the south-west on a river to the east', 90, 225, 5, 'left');

// Written later, without a look at what comes out; all were right at once.
lies(
	'pocket water, spate that falls, 12 °C',
	'pocket-water',
	{ waterC: 12, level: 'high', levelTrend: 'falling' },
	['soft-edge', 'flooded', 'back-eddy', 'seam'],
	['feeding-lane']
);
lies(
	'riffle at 2 °C',
	'riffle',
	{ waterC: 2, winter: true },
	['deep', 'spring', 'back-eddy'],
	['feeding-lane', 'pocket']
);
lies(
	'eddy in high brown water',
	'eddy',
	{ waterC: 9, level: 'high', clarityM: 0.2 },
	['back-eddy', 'soft-edge', 'flooded', 'seam'],
	['feeding-lane']
);
lies(
	'glide at 11 °C, duns in masses',
	'glide',
	{ waterC: 11, hatch: true },
	['feeding-lane', 'foam-line', 'seam', 'flat'],
	['deep']
);
lies(
	'pool at 15 °C, bright, low',
	'pool',
	{ waterC: 15, level: 'low', bright: true },
	['deep', 'shade', 'pool-head', 'foam-line'],
	['flat', 'soft-edge']
);
lies(
	'braid at 19 °C',
	'braid',
	{ waterC: 19, bright: true },
	['spring', 'shade', 'pocket', 'pool-head', 'stream-mouth'],
	['flat', 'soft-edge']
);
lies(
	'weir at 18 °C',
	'weir',
	{ waterC: 18 },
	['pocket', 'pool-head', 'seam', 'spring', 'foam-line'],
	['flat']
);
lies('run at 7 °C, steady, dull', 'run', { waterC: 7, dim: true }, ['deep', 'seam', 'spring'], []);
lies(
	'weed edge at noon in summer',
	'weed-edge',
	{ waterC: 18, bright: true },
	['weed', 'drop-off'],
	['margin']
);
lies('inflow in spring', 'inflow', { waterC: 8, level: 'high' }, ['stream-mouth', 'margin'], []);
lies(
	'drop-off at dusk',
	'drop-off',
	{ waterC: 14, dim: true },
	['margin', 'open-water', 'weed', 'drop-off'],
	[]
);
lies('glide, ants fall on a windy afternoon', 'glide', { waterC: 14, land: true, windMs: 6, bright: true }, [
	'undercut',
	'shade',
	'foam-line',
	'soft-edge'
]);
bank('flows north-east, wind from the north-west', 45, 315, 6, 'right');
bank('flows south-west, wind from the north-west', 225, 315, 6, 'left');
bank('flows south-east, wind from the north-east', 135, 45, 5, 'right');

judge(39);
