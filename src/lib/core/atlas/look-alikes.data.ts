import type { LifeStage } from './stages';

/** Two taxa that get taken for each other, and the mark that tells them apart, true for both. */
export interface LookAlikePair {
	between: readonly [string, string];
	stages: readonly LifeStage[];
	mark: string;
}

const pair = (
	a: string,
	b: string,
	stages: LifeStage | readonly LifeStage[],
	mark: string
): LookAlikePair => ({ between: [a, b], stages: typeof stages === 'string' ? [stages] : stages, mark });

const winged = ['dun', 'spinner'] as const;
const flown = ['adult', 'egg-laying'] as const;

/**
 * Look-alikes, each pair once. Marks after Elliott & Humpesch (2010), Bauernfeind & Soldán (2012), Stewart &
 * Stark (2002), Wiggins (1996) and Merritt, Cummins & Berg (2008).
 */
export const LOOK_ALIKES: readonly LookAlikePair[] = [
	pair('baetis', 'acentrella', winged, 'Hind wing: a tiny lobe in the olive, none in the torrent olive.'),
	pair(
		'baetis',
		'acentrella',
		'nymph',
		'Tails: three in the olive, the middle one shorter; two in the torrent olive.'
	),
	pair(
		'baetis',
		'cloeon',
		winged,
		'Hind wing: a tiny lobe in the running-water olive, none in the lake olive.'
	),
	pair('baetis', 'cloeon', 'nymph', 'Gills: single plates in the olive, double plates in the lake olive.'),
	pair(
		'baetis',
		'serratella',
		'dun',
		'Tails and hind wing: two and a tiny lobe in the olive; three and a large one in the blue-winged olive.'
	),
	pair(
		'cloeon',
		'callibaetis',
		[...winged, 'nymph'],
		'Wing: plain in the lake olive; speckled along its front edge in the speckled one, which has a tiny hind wing.'
	),
	pair(
		'cloeon',
		'procloeon',
		'nymph',
		'Gills: double plates in the lake olive, single in the pale evening mayfly.'
	),
	pair(
		'baetis',
		'procloeon',
		'dun',
		'Body: grey-olive in the olive, pale yellow in the pale evening mayfly.'
	),
	pair(
		'rhithrogena',
		'ecdyonurus',
		[...winged, 'nymph'],
		'Nymph: gills meet as a sucker under the belly of the march-brown type only. Dun: a pale window in its wing; later in the year it is the stone-clinger.'
	),
	pair('rhithrogena', 'epeorus', 'nymph', 'Tails: three in the march-brown type, two in the torrent mayfly.'),
	pair(
		'epeorus',
		'heptagenia',
		[...winged, 'nymph'],
		'Nymph: two tails against three. Dun: the torrent mayfly is longer in the wing and comes from the fastest water.'
	),
	pair(
		'heptagenia',
		'stenonema',
		[...winged, 'nymph'],
		'Nymph: gills end in threads in the upland mayfly, squared off in the pale stone-clinger.'
	),
	pair(
		'ecdyonurus',
		'stenonema',
		'nymph',
		'Neck plate: drawn out backwards at its corners in the late stone-clinger only.'
	),
	pair(
		'cinygmula',
		'rhithrogena',
		[...winged, 'nymph'],
		'Size and wing: the red-quill type is a third smaller, with plain blue-grey wings.'
	),
	pair(
		'ephemerella',
		'serratella',
		[...winged, 'nymph'],
		'Tails: ringed with brown in the blue-winged olive. Dun: sulphur with pale wings against olive with slate wings.'
	),
	pair(
		'ephemerella',
		'drunella',
		['nymph', 'dun'],
		'Size, and forelegs: thick with teeth along the thigh in the large green mayfly.'
	),
	pair('serratella', 'drunella', winged, 'Size: the large green mayfly is half as long again.'),
	pair(
		'ephemerella',
		'heptagenia',
		'dun',
		'Tails: three in the sulphur mayfly, two in the yellow upland one.'
	),
	pair(
		'paraleptophlebia',
		'leptophlebia',
		[...winged, 'nymph'],
		'Gills: forked threads in the mahogany dun, leaves ending in a thread in the claret mayfly, which likes still water.'
	),
	pair(
		'paraleptophlebia',
		'habrophlebia',
		[...winged, 'nymph'],
		'Gills: forked threads in the mahogany dun, bunches of threads in the ditch mayfly, which is smaller.'
	),
	pair(
		'caenis',
		'tricorythodes',
		[...winged, 'nymph'],
		'Nymph: the gill cover is square in the tiny white mayfly, three-cornered in the dawn one. Winged: the dawn one has a dark thorax and comes in the morning.'
	),
	pair(
		'ephemera',
		'hexagenia',
		[...winged, 'nymph'],
		'Wing and tails: spotted wing and three tails in the large burrowing mayfly, plain wing and two tails in the giant.'
	),
	pair(
		'ephemera',
		'potamanthus',
		[...winged, 'nymph'],
		'Wing: spotted in the burrowing mayfly, plain yellow in the silt mayfly, whose gills lie at the sides.'
	),
	pair(
		'ameletus',
		'siphlonurus',
		[...winged, 'nymph'],
		'Gills: single plates with a dark rim in the upland swimmer, double on the first rings in the summer mayfly.'
	),
	pair(
		'siphlonurus',
		'isonychia',
		[...winged, 'nymph'],
		'Forelegs: a fringe of hairs in the nymph, dark legs in the dun, of the slate-winged swimmer.'
	),
	pair(
		'isonychia',
		'leptophlebia',
		'dun',
		'Tails: two in the slate-winged swimmer, three in the claret mayfly.'
	),
	pair(
		'oligoneuriella',
		'epeorus',
		['dun', 'nymph'],
		'Wing: milky with few veins in the evening mayfly; clear grey with many in the torrent one.'
	),
	pair(
		'capnia',
		'leuctra',
		['nymph', ...flown],
		'Wings and tails: flat with long tails in the winter stonefly; rolled round the body with tails too short to see in the needle fly.'
	),
	pair(
		'nemoura',
		'leuctra',
		['nymph', ...flown],
		'Nymph: stout with pads set outwards against thread-like with pads in line. Wings: flat against rolled.'
	),
	pair(
		'nemoura',
		'protonemura',
		['nymph', ...flown],
		'Neck: bare in the small brown stonefly, with six white gills in the moss stonefly.'
	),
	pair(
		'protonemura',
		'amphinemura',
		['nymph', ...flown],
		'Neck gills: six single ones in the moss stonefly, two bunches in the dusky one, which is smaller.'
	),
	pair(
		'nemoura',
		'amphinemura',
		['nymph', ...flown],
		'Neck: bare in the small brown stonefly, two bunches of gills in the dusky one.'
	),
	pair(
		'taeniopteryx',
		'brachyptera',
		['nymph', ...flown],
		'Legs: a gill at the base of each in the early dark stonefly only; the february-red type has banded reddish wings.'
	),
	pair('capnia', 'taeniopteryx', flown, 'Tails: long in the winter stonefly, stubs in the early dark one.'),
	pair(
		'isoperla',
		'siphonoperla',
		['nymph', ...flown],
		'Size and stripe: the yellow stonefly is larger, its nymph striped lengthwise, the small one plain.'
	),
	pair(
		'siphonoperla',
		'alloperla',
		['nymph', ...flown],
		'Colour: yellow with a dark stripe down the back against bright green without.'
	),
	pair(
		'perla',
		'dinocras',
		['nymph', ...flown],
		'Neck plate and pattern: boldly patterned yellow and brown in the large stonefly, dark all over in the other.'
	),
	pair(
		'perla',
		'perlodes',
		['nymph', ...flown],
		'Gills: tufts in the armpits in the large stonefly, none in the springfly.'
	),
	pair(
		'isoperla',
		'perlodes',
		['nymph', ...flown],
		'Size: a springfly is twice as long as a yellow stonefly.'
	),
	pair(
		'dinocras',
		'pteronarcys',
		['nymph', ...flown],
		'Gills: in the armpits in the dark large stonefly; on the belly behind the legs as well in the giant.'
	),
	pair(
		'hydropsyche',
		'cheumatopsyche',
		['larva', 'pupa', ...flown],
		'Size; and the head of the smaller larva has a notch at its front edge, its upper wing is plainer.'
	),
	pair(
		'hydropsyche',
		'rhyacophila',
		['larva', 'pupa'],
		'Hard plates: on all three rings behind the head in the net-spinner, on the first alone in the green one. Gills along the belly in the net-spinner.'
	),
	pair(
		'rhyacophila',
		'philopotamus',
		['larva', ...flown],
		'Head: orange on a whitish body in the torrent caddis; brown on a green, waisted body in the free-living one.'
	),
	pair(
		'philopotamus',
		'polycentropus',
		['larva', ...flown],
		'Head: plain orange in the torrent caddis, spotted in the trumpet-net one.'
	),
	pair(
		'polycentropus',
		'psychomyia',
		'larva',
		'Size, and head: spotted in the trumpet-net caddis, plain in the small one.'
	),
	pair('psychomyia', 'agapetus', flown, 'Wing: yellow-brown and narrow against dark brown.'),
	pair(
		'brachycentrus',
		'lepidostoma',
		['larva', 'pupa', ...flown],
		'Legs: the grannom’s middle and hind legs are long and held out of the case. Egg mass: bright green in the grannom.'
	),
	pair(
		'glossosoma',
		'agapetus',
		['larva', 'pupa', ...flown],
		'Size: the pebble-case caddis is a third smaller; its wing is darker.'
	),
	pair(
		'sericostoma',
		'glossosoma',
		'larva',
		'Case: a smooth curved horn of sand against a saddle of small stones.'
	),
	pair(
		'limnephilus',
		'phryganea',
		['larva', 'pupa', ...flown],
		'Case: bits laid anyhow against a neat spiral of leaf. Size.'
	),
	pair(
		'limnephilus',
		'dicosmoecus',
		['larva', 'pupa', ...flown],
		'Case and size: plants in still water against stones in a river, and half as long again.'
	),
	pair(
		'limnephilus',
		'sericostoma',
		flown,
		'Palps and wing: broad cinnamon wing against narrow dark chestnut.'
	),
	pair('mystacides', 'psychomyia', flown, 'Antennae: twice as long as the wing in the black dancer.'),
	pair(
		'mystacides',
		'limnephilus',
		'larva',
		'Case: slim with a long twig trailing at each side in the black dancer.'
	),
	pair(
		'brachycentrus',
		'hydropsyche',
		flown,
		'Season and wing: grey and mottled, in spring, by day; brown, in summer, at dusk.'
	),
	pair('chironomidae', 'chironomus', ['larva', 'pupa', 'adult'], 'Size: over 8 mm is the large lake midge.'),
	pair(
		'chironomidae',
		'simuliidae',
		['larva', 'pupa', 'adult'],
		'Larva: the blackfly’s rear is swollen and holds on. Adult: humped and stout against slender with long forelegs.'
	),
	pair(
		'chironomus',
		'chaoborus',
		['larva', 'pupa', 'adult'],
		'Larva: red and wriggling against glass-clear and still. Adult: wing longer than the body only in the phantom midge.'
	),
	pair(
		'tipulidae',
		'chironomus',
		'adult',
		'Legs: far longer than the body in the cranefly, and they break off.'
	),
	pair(
		'bibionidae',
		'simuliidae',
		['terrestrial', 'adult'],
		'Size and legs: the land fly is twice as long and trails its hind legs.'
	),
	pair(
		'bibionidae',
		'coleoptera',
		'terrestrial',
		'Wings: clear and in sight in the fly; under hard covers in the beetle.'
	),
	pair(
		'formicidae',
		'capnia',
		'adult',
		'Waist and antennae: a waist and elbowed antennae are the ant’s; two tails the stonefly’s.'
	),
	pair('formicidae', 'bibionidae', ['adult', 'terrestrial'], 'Waist: the ant’s alone.'),
	pair(
		'anisoptera',
		'zygoptera',
		['nymph', 'adult'],
		'Nymph: three leaves at the tail in the damselfly. Adult: wings held out flat in the dragonfly.'
	),
	pair(
		'zygoptera',
		'siphlonurus',
		'nymph',
		'Tail: three broad leaves in the damselfly, three threads in the mayfly, which has gills along its body.'
	),
	pair(
		'sialis',
		'limnephilus',
		'adult',
		'Wing: bare with thick dark veins in the alderfly, hairy in the caddis.'
	),
	pair(
		'sialis',
		'dytiscidae',
		'larva',
		'Side threads: seven pairs and one tail in the alderfly; none in the beetle.'
	),
	pair(
		'corixidae',
		'notonectidae',
		'aquatic',
		'Way up: the boatman swims back up and is half as long; the backswimmer belly up.'
	),
	pair(
		'corixidae',
		'dytiscidae',
		'aquatic',
		'Wing covers: crossing at the tip in the boatman, meeting in a straight line in the beetle.'
	),
	pair(
		'elmidae',
		'dytiscidae',
		['larva', 'aquatic'],
		'Size and place: under 4 mm and clinging to stones in the riffle beetle.'
	),
	pair('elmidae', 'coleoptera', 'aquatic', 'Where: clings under water; a land beetle floats.'),
	pair('coleoptera', 'cicadellidae', 'terrestrial', 'Hind legs: made for jumping in the leafhopper.'),
	pair('acrididae', 'cicadellidae', 'terrestrial', 'Size: a leafhopper is under 8 mm.'),
	pair('lepidoptera', 'rhyacophila', 'larva', 'Belly feet: stubby pairs along the belly of the caterpillar.'),
	pair(
		'gammarus',
		'asellus',
		'crustacean',
		'Flattened from side to side in the scud, from above in the sow bug.'
	),
	pair('gammarus', 'astacidae', 'crustacean', 'Claws: the crayfish’s alone, even when it is small.'),
	pair('daphnia', 'chaoborus', 'larva', 'Size: a water flea is under 4 mm and hops.'),
	pair('lymnaeidae', 'planorbidae', 'aquatic', 'Shell: a pointed spire against a flat coil.'),
	pair(
		'erpobdellidae',
		'oligochaeta',
		'aquatic',
		'Suckers at both ends in the leech; rings and bristles in the worm.'
	),
	pair(
		'oligochaeta',
		'tipulidae',
		'larva',
		'Head and rear: fleshy lobes round the rear of the cranefly’s larva.'
	),
	pair('oligochaeta', 'chironomus', 'larva', 'Stub feet behind the head in the midge, none in the worm.'),
	pair('phoxinus', 'zygoptera', 'nymph', 'Fins and an eye as wide as the head are a fish’s.'),
	pair('phoxinus', 'anisoptera', 'nymph', 'Legs: six in the dragonfly, none in the fry.')
];
