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
	pair('phoxinus', 'anisoptera', 'nymph', 'Legs: six in the dragonfly, none in the fry.'),
	pair(
		'maccaffertium',
		'stenacron',
		'nymph',
		'Gills: cut off square in the pale stone-clinger, drawn to a point in the orange-bellied clinger.'
	),
	pair(
		'leucrocuta',
		'maccaffertium',
		winged,
		'Fore wing: plain in the pale summer clinger, with crowded cross-bands in the pale stone-clinger.'
	),
	pair(
		'electrogena',
		'ecdyonurus',
		'nymph',
		'First plate of the thorax: plain behind in the dusky yellowstreak, drawn back into points in the late stone-clinger.'
	),
	pair(
		'electrogena',
		'heptagenia',
		'dun',
		'A yellow streak low on each side of a dusky thorax is the dusky yellowstreak; a wholly yellow body is the upland mayfly.'
	),
	pair(
		'nigrobaetis',
		'baetis',
		winged,
		'Wings and body: ink-dark and small in the iron blue, grey over olive in the olive.'
	),
	pair(
		'centroptilum',
		'procloeon',
		winged,
		'Hind wing: a narrow spur in the small spurwing, none in the pale evening mayfly.'
	),
	pair(
		'plauditus',
		'acentrella',
		'nymph',
		'Body: smooth and bare in the tiny summer olive, hairy above in the torrent olive; both have two tails.'
	),
	pair(
		'attenella',
		'drunella',
		'nymph',
		'Forelegs: plain in the small summer spiny mayfly, thick and toothed in the large green one.'
	),
	pair(
		'eurylophella',
		'ephemerella',
		'nymph',
		'Gills of the fourth ring: one pair covers the others in the chocolate dun, small and free in the sulphur.'
	),
	pair(
		'cincticostella',
		'drunella',
		'nymph',
		'Sides of the thorax: broadened in the broad-bordered mayfly, straight in the large green one.'
	),
	pair(
		'anthopotamus',
		'potamanthus',
		'nymph',
		'They live on two sides of an ocean; the tusks of the golden drake are the longer.'
	),
	pair(
		'ephoron',
		'potamanthus',
		winged,
		'Legs: weak and pale with only the forelegs used in the white mayfly, all good in the yellow silt mayfly.'
	),
	pair(
		'ephoron',
		'anthopotamus',
		winged,
		'Colour and legs: chalk white with useless legs is the white mayfly, yellow with good ones the golden drake.'
	),
	pair(
		'baetisca',
		'ephemerella',
		'nymph',
		'A shield over the thorax and half of the abdomen hides the gills of the armoured mayfly; the sulphur’s lie open.'
	),
	pair(
		'siphloplecton',
		'siphlonurus',
		'nymph',
		'Claws: those of the forelegs are forked in the cleft-footed mayfly, plain in the summer mayfly.'
	),
	pair(
		'choroterpes',
		'leptophlebia',
		'nymph',
		'First gill: a single thread in the warm-stream forkgill, forked in the claret mayfly.'
	),
	pair(
		'habroleptoides',
		'paraleptophlebia',
		'nymph',
		'Gill forks: broad as straps in the spring forkgill, narrow threads in the mahogany one.'
	),
	pair(
		'deleatidium',
		'zephlebia',
		'nymph',
		'Gills: one leaf to each side of a ring in the stony-stream mayfly, two in the double-gilled one.'
	),
	pair(
		'coloburiscus',
		'nesameletus',
		'nymph',
		'Gills: stiff and spiny in the first, thin plates in the second, which swims well.'
	),
	pair(
		'ameletopsis',
		'oniscigaster',
		'nymph',
		'Head: broad with long jaws in the yellow mayfly; a keel along the back marks the other.'
	),
	pair('ameletopsis', 'deleatidium', 'dun', 'Colour and size: large and yellow against small and brown.'),
	pair(
		'atalophlebia',
		'nousia',
		'nymph',
		'Gills: fringed like feathers in the first, plain points in the brown forkgill.'
	),
	pair(
		'tasmanocoenis',
		'caenis',
		'nymph',
		'They live on two sides of the equator; both carry square gill covers.'
	),
	pair(
		'coloburiscoides',
		'atalophlebia',
		'nymph',
		'Gills: stiff and spiny in the first, fringed in the second.'
	),
	pair(
		'offadens',
		'nousia',
		'nymph',
		'Build: a swimmer that darts against a slender crawler with forked gills.'
	),
	pair(
		'meridialaris',
		'penaphlebia',
		'nymph',
		'Head: flat with the mouth below in the stream mayfly, set forward in the large forkgill.'
	),
	pair('andesiops', 'meridialaris', 'nymph', 'Build: a swimmer that darts against a flat clinger.'),
	pair(
		'chiloporter',
		'penaphlebia',
		'nymph',
		'Jaws: long and crossed in the swimmer, which eats other nymphs; small in the forkgill.'
	),
	pair(
		'skwala',
		'isoperla',
		flown,
		'Size and colour: 16 mm and more with an olive belly in the early large one, smaller and yellow in the other.'
	),
	pair(
		'skwala',
		'isogenoides',
		'nymph',
		'Belly: olive in the first, pale yellow in the second; it flies a month and more before the other.'
	),
	pair(
		'hesperoperla',
		'calineuria',
		'nymph',
		'Gills at the vent: a tuft in the golden stonefly, none in the western one.'
	),
	pair(
		'claassenia',
		'hesperoperla',
		flown,
		'Season and wings: late summer, the males with wing stubs, is the short-winged stonefly.'
	),
	pair(
		'acroneuria',
		'agnetina',
		'nymph',
		'Back of the head: without a row of spines in the eastern golden stonefly, with one in the northern summer stonefly.'
	),
	pair(
		'kamimuria',
		'oyamia',
		'nymph',
		'Back: patterned in the large river stonefly, nearly black and plain in the great one.'
	),
	pair(
		'sweltsa',
		'alloperla',
		flown,
		'Back: a dark stripe along a yellow-green abdomen is the sallfly; wholly green is the green stonefly.'
	),
	pair(
		'chloroperla',
		'siphonoperla',
		flown,
		'Thorax: a dark rim to its plate and a greener body in the first, plain yellow in the second.'
	),
	pair(
		'zapada',
		'nemoura',
		'nymph',
		'Gills at the neck: branched tufts in the small spring stonefly, none in the other.'
	),
	pair(
		'strophopteryx',
		'taeniopteryx',
		'nymph',
		'Gills in the armpits: none in the early brown stonefly, one finger at each leg in the early dark one.'
	),
	pair(
		'allocapnia',
		'capnia',
		flown,
		'Wings of the male: cut short in the eastern winter stonefly, whole in most of the others.'
	),
	pair(
		'stenoperla',
		'eusthenia',
		'nymph',
		'They live on two sides of a sea; green is the first, brown the second.'
	),
	pair(
		'zelandoperla',
		'gripopterygidae',
		'nymph',
		'A broad dark nymph of fast water is the torrent stonefly; others of its family are slighter.'
	),
	pair(
		'dinotoperla',
		'gripopterygidae',
		'nymph',
		'Both carry gills at the tail; the rosette stands out in the tuft-gilled stonefly.'
	),
	pair('klapopteryx', 'gripopterygidae', 'nymph', 'Size: over 20 mm and nearly black is the large dark one.'),
	pair(
		'halesus',
		'potamophylax',
		'larva',
		'Case: sticks that reach past it in the large autumn caddis, stones in the other.'
	),
	pair(
		'halesus',
		'potamophylax',
		flown,
		'Wing: forked pale streaks in the large autumn caddis, pale spots in the large stream caddis; the one flies in autumn.'
	),
	pair(
		'allogamus',
		'potamophylax',
		'larva',
		'Rings of the abdomen and season decide: larvae of the alpine one leave the drift together in summer and fly in autumn.'
	),
	pair(
		'anabolia',
		'limnephilus',
		'larva',
		'Case: long twigs laid along it, out of all measure, in the twig-case caddis.'
	),
	pair(
		'odontocerum',
		'sericostoma',
		'larva',
		'Case: both curved and of sand; that of the grey one is hard to crush, and closed behind with a stone.'
	),
	pair(
		'athripsodes',
		'ceraclea',
		'larva',
		'Case: a plain horn of sand in the brown longhorn, broad with a hood in the scaly one.'
	),
	pair('athripsodes', 'mystacides', flown, 'Wings: brown in the first, black with red eyes in the second.'),
	pair('oecetis', 'triaenodes', 'larva', 'The one in a spiral of plants swims; the other, in sand, crawls.'),
	pair('nectopsyche', 'oecetis', flown, 'Wings: white in the first, tan in the second.'),
	pair(
		'chimarra',
		'glossosoma',
		flown,
		'Wings: black without a mark in the little black caddis, brown in the saddle-case one.'
	),
	pair(
		'dolophilodes',
		'chimarra',
		'larva',
		'Front of the head: smooth in the winter-flying one, with a notch in the little black one.'
	),
	pair(
		'neophylax',
		'goera',
		'larva',
		'Both load their cases with side stones; the head is drawn long in the autumn mottled one.'
	),
	pair(
		'pycnopsyche',
		'halesus',
		flown,
		'They live on two sides of an ocean; both are large and ginger in autumn.'
	),
	pair('hesperophylax', 'pycnopsyche', flown, 'Wing: a silver stripe in the first, and it flies in summer.'),
	pair(
		'arctopsyche',
		'hydropsyche',
		'larva',
		'Underside of the head: one long plate in the great grey spotted caddis, two small ones in the other.'
	),
	pair(
		'micrasema',
		'brachycentrus',
		'larva',
		'Case: a thin round tube in the first, a square chimney in the grannom.'
	),
	pair(
		'goera',
		'silo',
		'larva',
		'Two side stones to each side are the first, often three the second; the winged one is black.'
	),
	pair(
		'hydroptilidae',
		'agapetus',
		'larva',
		'Case: a flat purse open at both ends in the first, a dome of pebbles in the second.'
	),
	pair(
		'helicopsyche',
		'potamopyrgus',
		['larva', 'aquatic'],
		'Six legs look out of a snail shell that is built of sand grains.'
	),
	pair(
		'aoteapsyche',
		'hydrobiosis',
		'larva',
		'Gills: branched along the belly in the net-spinner, none in the free-living one.'
	),
	pair(
		'pycnocentrodes',
		'olinga',
		'larva',
		'Case: sand grains in the stony-cased caddis, smooth and amber in the horny-cased.'
	),
	pair(
		'hudsonema',
		'triplectides',
		'larva',
		'Case: one that it built in the first, a hollow twig in the stick caddis.'
	),
	pair(
		'asmicridea',
		'cheumatopsyche',
		'larva',
		'Both spin nets and carry branched gills; only season and place part the winged ones.'
	),
	pair(
		'smicridea',
		'parasericostoma',
		'larva',
		'A case of sand is the second; the first lives free behind its net.'
	),
	pair('stenopsyche', 'arctopsyche', 'larva', 'Head: long and narrow in the first, broad in the second.'),
	pair(
		'blephariceridae',
		'simuliidae',
		'larva',
		'Six suckers along the belly hold the net-winged midge; the blackfly has one, behind.'
	),
	pair(
		'ceratopogonidae',
		'chironomidae',
		'larva',
		'No feet and a body like a thread is the biting midge; feet in front and behind are the midge.'
	),
	pair(
		'athericidae',
		'tipulidae',
		'larva',
		'Pairs of soft feet below and two fringed tails are the snipe fly.'
	),
	pair(
		'tabanidae',
		'tipulidae',
		'larva',
		'Drawn to a point at both ends is the horsefly; lobes behind are the cranefly.'
	),
	pair(
		'culicidae',
		'chaoborus',
		'larva',
		'It hangs by a tube from the film; the phantom lies level and clear in the deep.'
	),
	pair('scathophagidae', 'calliphoridae', 'terrestrial', 'Furry and ginger against bristly and blue.'),
	pair(
		'corydalidae',
		'nigronia',
		'larva',
		'Tufts under the side threads are the dobsonfly; none the fishfly.'
	),
	pair(
		'nigronia',
		'sialis',
		'larva',
		'Behind: two hooked feet in the fishfly, one tapering tail in the alderfly.'
	),
	pair(
		'archichauliodes',
		'stenoperla',
		['larva', 'nymph'],
		'Jaws and threads along the sides: the dobsonfly; two tails: the stonefly.'
	),
	pair('gerridae', 'notonectidae', 'aquatic', 'On the film on its toes, or under it on its back.'),
	pair('psephenidae', 'elmidae', 'larva', 'A flat coin that hides its legs against a slender crawler.'),
	pair('gyrinidae', 'dytiscidae', 'aquatic', 'Circling on the film, or rowing beneath it.'),
	pair('mysis', 'atyidae', 'crustacean', 'Without pincers and with eyes on stalks is the opossum shrimp.'),
	pair(
		'hyalella',
		'gammarus',
		'crustacean',
		'Size and back: under 8 mm with small spines on the last rings of its back is the small scud.'
	),
	pair('crangonyx', 'gammarus', 'crustacean', 'It walks upright; the other lies on its side.'),
	pair(
		'caecidotea',
		'asellus',
		'crustacean',
		'They live on two sides of an ocean, and are told apart under a lens only.'
	),
	pair(
		'cambaridae',
		'astacidae',
		'crustacean',
		'A spine inside the wrist of the claw is the american crayfish.'
	),
	pair(
		'paranephrops',
		'cherax',
		'crustacean',
		'They live on two sides of a sea; claws bristly in the first, smooth in the second.'
	),
	pair('aegla', 'samastacus', 'crustacean', 'The tail is folded beneath a crab; a crayfish stretches it.'),
	pair('paracalliope', 'austrochiltonia', 'crustacean', 'They live on two sides of a sea.'),
	pair(
		'physidae',
		'lymnaeidae',
		'aquatic',
		'Held with its point up, the opening is on the left in the bladder snail, on the right in the pond snail.'
	),
	pair(
		'glossiphoniidae',
		'erpobdellidae',
		'aquatic',
		'Broad, flat and curling up against long and swimming.'
	),
	pair('lumbricidae', 'oligochaeta', 'aquatic', 'A saddle and firm rings are the earthworm’s.'),
	pair(
		'cottus',
		'gobiomorphus',
		'fry',
		'They live on two sides of the equator; both are broad-headed and lie on the bed.'
	),
	pair(
		'salmonidae',
		'phoxinus',
		'fry',
		'Bars along the side and a small fin behind the back fin are the trout’s.'
	),
	pair('salmonid-eggs', 'lymnaeidae', 'aquatic', 'An orange ball that has no shell.'),
	pair('rhinichthys', 'phoxinus', 'fry', 'They live on two sides of an ocean.'),
	pair('gasterosteus', 'phoxinus', 'fry', 'Three spines stand on its back.'),
	pair(
		'retropinna',
		'galaxias',
		'fry',
		'Scales and a small second fin on the back are the smelt’s; the galaxias is bare.'
	),
	pair('cicadidae', 'cicadellidae', 'terrestrial', 'As long as a finger joint, or as a grain of rice.'),
	pair('noctuidae', 'lepidoptera', 'terrestrial', 'One has wings, the other is a grub.'),
	pair('vespidae', 'apidae', 'terrestrial', 'A bare waist and bands against a furry body.'),
	pair(
		'pontania',
		'lepidoptera',
		'terrestrial',
		'Under 5 mm and out of a gall of a willow leaf is the willow grub.'
	),
	pair('aphididae', 'cicadellidae', 'terrestrial', 'Soft and slow, or hard and jumping.'),
	pair(
		'gryllidae',
		'acrididae',
		'terrestrial',
		'Antennae: longer than the body in the cricket, short in the hopper.'
	),
	pair(
		'pyronota',
		'coleoptera',
		'terrestrial',
		'Bright green with a line along the back is the manuka beetle.'
	),
	pair('scarabaeidae', 'coleoptera', 'terrestrial', 'Brown with fan-shaped antennae, at dusk: the chafer.'),
	pair('araneae', 'formicidae', 'terrestrial', 'Eight legs and no antennae are a spider’s.'),
	pair(
		'lasius',
		'myrmica',
		['terrestrial', 'adult'],
		'Colour and waist: dark with one bump, or red-brown with two.'
	),
	pair('lasius', 'camponotus', ['terrestrial', 'adult'], 'Size: a winged carpenter ant is over 9 mm.'),
	pair(
		'formicidae',
		'lasius',
		['terrestrial', 'adult'],
		'The black ant is one of them: small, dark, one bump at the waist.'
	),
	pair(
		'formicidae',
		'myrmica',
		['terrestrial', 'adult'],
		'The red ant is one of them: red-brown, two bumps at the waist.'
	),
	pair('formicidae', 'camponotus', ['terrestrial', 'adult'], 'The carpenter ant is one of them: the largest.')
];
