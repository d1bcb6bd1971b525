import type { ShadeName } from '../atlas';
import type { Pattern } from './pattern';
import type { Post } from './style';
import type { StyleId } from './styles.data';

const pattern = (
	style: StyleId,
	name: string,
	belly: ShadeName,
	wing: ShadeName | undefined,
	sizes: number[],
	post?: Post
): Pattern => ({
	id: name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-'),
	name,
	style,
	belly,
	...(wing && { wing }),
	...(post && { post }),
	sizes
});

/** The shipped library. Dressings are our own plain ones, chosen to cover the atlas. */
export const PATTERNS: readonly Pattern[] = [
	pattern('hanging-parachute', 'Hanging parachute emerger, olive', 'olive', 'pale grey', [14, 16, 18, 20]),
	pattern('hanging-parachute', 'Hanging parachute emerger, tan', 'tan', 'mottled brown', [10, 12, 14]),
	pattern(
		'fan-wing-shuck',
		'Fan-wing dun with trailing shuck, olive',
		'olive',
		'mottled grey',
		[14, 16, 18, 20]
	),
	pattern('fan-wing-shuck', 'Fan-wing dun with trailing shuck, tan', 'tan', 'mottled brown', [10, 12, 14]),
	pattern('film-emerger', 'Flush stub-wing emerger, olive', 'olive', 'slate', [16, 18, 20]),
	pattern('film-emerger', 'Flush stub-wing emerger, pale yellow', 'pale yellow', 'pale grey', [14, 16, 18]),
	pattern('cripple', 'Wing-up cripple, olive', 'olive', 'slate', [14, 16, 18]),
	pattern('cripple', 'Wing-up cripple, cream', 'cream', 'pale olive', [8, 10, 12]),
	pattern('parachute-dun', 'Parachute dun, grey-olive', 'grey-olive', 'slate', [14, 16, 18, 20]),
	pattern(
		'parachute-dun',
		'Dark-post parachute dun, grey-olive',
		'grey-olive',
		'slate',
		[12, 14, 16, 18],
		'dark'
	),
	pattern('hair-wing-caddis', 'Dark-wing hair caddis, brown', 'brown', 'charcoal', [12, 14, 16], 'dark'),
	pattern('parachute-dun', 'Parachute dun, mahogany', 'mahogany', 'slate', [14, 16, 18]),
	pattern('parachute-dun', 'Parachute dun, sulphur', 'sulphur', 'pale grey', [14, 16, 18]),
	pattern('soft-wing-dun', 'Soft high-wing dun, grey-olive', 'grey-olive', 'slate', [14, 16, 18, 20]),
	pattern('soft-wing-dun', 'Soft high-wing dun, pale olive', 'pale olive', 'slate', [14, 16, 18]),
	pattern('collar-dun', 'Collar-hackle dun, brown', 'brown', 'mottled brown', [10, 12, 14]),
	pattern('collar-dun', 'Collar-hackle dun, olive', 'olive', 'slate', [12, 14, 16, 18]),
	pattern('spent-wing', 'Spent-wing spinner, rust', 'rust', 'clear', [12, 14, 16, 18, 20]),
	pattern('spent-wing', 'Spent-wing spinner, cream', 'cream', 'clear', [8, 10, 22, 24]),
	pattern('hair-wing-caddis', 'Hair-wing caddis, olive', 'olive', 'mottled brown', [12, 14, 16]),
	pattern('hair-wing-caddis', 'Hair-wing caddis, cinnamon', 'cinnamon', 'cinnamon', [8, 10, 12]),
	pattern('flush-caddis', 'Flush tent-wing caddis, green', 'apple green', 'mottled grey', [12, 14, 16]),
	pattern('foam-stonefly', 'Foam flat-wing stonefly, ginger', 'ginger', 'brown', [4, 6, 8]),
	pattern('slim-stonefly', 'Slim flat-wing stonefly, dark', 'black-brown', 'charcoal', [14, 16, 18]),
	pattern('slim-stonefly', 'Slim flat-wing stonefly, yellow', 'sulphur', 'pale yellow', [10, 12, 14]),
	pattern('palmered-midge', 'Palmered midge, charcoal', 'charcoal', undefined, [18, 20, 22, 24]),
	pattern('waisted-ant', 'Waisted ant, black', 'black', undefined, [14, 16, 18]),
	pattern('hanging-pupa', 'Hanging midge pupa, charcoal', 'charcoal', 'white', [18, 20, 22]),
	pattern('hanging-pupa', 'Hanging midge pupa, red', 'red', 'white', [14, 16, 18]),
	pattern('swimming-pupa', 'Swimming caddis pupa, green', 'apple green', 'brown', [12, 14, 16]),
	pattern('swimming-pupa', 'Swimming caddis pupa, ginger', 'ginger', 'brown', [8, 10, 12]),
	pattern('soft-hackle-wet', 'Soft-hackle wet, olive', 'olive', 'mottled grey', [12, 14, 16]),
	pattern('film-nymph', 'Film nymph, brown-olive', 'brown-olive', 'slate', [14, 16, 18]),
	pattern('slim-nymph', 'Slim nymph, olive', 'olive', undefined, [14, 16, 18]),
	pattern('slim-nymph', 'Slim nymph, tan', 'tan', undefined, [10, 12, 14]),
	pattern('stout-nymph', 'Weighted stout nymph, sand', 'sand', undefined, [6, 8, 10]),
	pattern('scud', 'Shell-back scud, grey-olive', 'grey-olive', undefined, [12, 14, 16]),
	pattern('scud', 'Shell-back scud, amber', 'amber', undefined, [12, 14, 16]),
	pattern('foam-beetle', 'Foam beetle, black', 'black', undefined, [12, 14, 16]),
	pattern('foam-hopper', 'Foam hopper, pale olive', 'pale olive', 'tan', [6, 8, 10]),
	pattern('rowing-bug', 'Rowing bug, brown', 'brown', undefined, [12, 14, 16]),
	pattern('leech', 'Undulating leech, black-brown', 'black-brown', undefined, [6, 8, 10]),
	pattern('slim-fry', 'Slim fry, pale grey', 'pale grey', 'grey-olive', [6, 8, 10]),
	pattern('bent-larva', 'Bent larva, green', 'apple green', undefined, [10, 12, 14]),
	pattern('bent-larva', 'Bent larva, red', 'red', undefined, [14, 16, 18])
];
