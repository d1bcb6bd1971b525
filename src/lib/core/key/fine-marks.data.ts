import type { LifeStage } from '../atlas';
import type { MarkId } from './mark';

type Marks = Partial<Record<MarkId, string>>;

/** What is meant: every nymph, every winged stage, or one. */
type Wanted = LifeStage | 'winged';

/**
 * Fine marks that the anatomy of the atlas does not hold, by taxon. Mayflies after Elliott & Humpesch (2010) and
 * Bauernfeind & Soldán (2012), stoneflies after Stewart & Stark (2002), caddis larvae after Wiggins (1996), the
 * rest after Merritt, Cummins & Berg (2008).
 */
export const FINE_MARKS: Readonly<Record<string, Partial<Record<Wanted, Marks>>>> = {
	baetis: { nymph: { 'gill-shape': 'single', 'tail-look': 'short-middle' }, winged: { 'hind-wing': 'tiny' } },
	acentrella: { nymph: { 'gill-shape': 'single', 'tail-look': 'fringed' }, winged: { 'hind-wing': 'none' } },
	cloeon: {
		nymph: { 'gill-shape': 'double', 'tail-look': 'banded' },
		winged: { 'hind-wing': 'none' },
		spinner: { 'wing-marks': 'edge' }
	},
	procloeon: { nymph: { 'gill-shape': 'single', 'tail-look': 'banded' }, winged: { 'hind-wing': 'tiny' } },
	callibaetis: {
		nymph: { 'gill-shape': 'double', 'tail-look': 'fringed' },
		winged: { 'hind-wing': 'tiny', 'wing-marks': 'edge' }
	},
	ameletus: {
		nymph: { 'gill-shape': 'single', 'tail-look': 'banded' },
		winged: { 'wing-marks': 'veins' }
	},
	siphlonurus: { nymph: { 'gill-shape': 'double', 'tail-look': 'fringed', back: 'mottled' } },
	isonychia: {
		nymph: { 'gill-shape': 'plates-tufts', 'tail-look': 'fringed', forelegs: 'fringed', back: 'striped' }
	},
	rhithrogena: { nymph: { 'gill-shape': 'sucker' }, winged: { 'wing-marks': 'window' } },
	epeorus: { nymph: { 'gill-shape': 'single', 'tail-look': 'plain' } },
	ecdyonurus: {
		nymph: { 'gill-shape': 'plates-tufts', back: 'mottled' },
		winged: { 'wing-marks': 'veins' }
	},
	heptagenia: { nymph: { 'gill-shape': 'plates-tufts', back: 'banded' } },
	stenonema: { nymph: { 'gill-shape': 'plates-tufts', back: 'bold' }, winged: { 'wing-marks': 'bands' } },
	cinygmula: { nymph: { 'gill-shape': 'single' }, winged: { 'wing-marks': 'plain' } },
	oligoneuriella: { nymph: { 'gill-shape': 'single', forelegs: 'fringed' } },
	ephemera: {
		nymph: { 'gill-shape': 'feathers', back: 'bold' },
		winged: { 'wing-marks': 'spots' }
	},
	hexagenia: { nymph: { 'gill-shape': 'feathers', back: 'banded' }, winged: { 'wing-marks': 'edge' } },
	potamanthus: { nymph: { 'gill-shape': 'side', back: 'mottled' } },
	ephemerella: { nymph: { 'gill-shape': 'back', 'tail-look': 'banded' } },
	serratella: { nymph: { 'gill-shape': 'back', 'tail-look': 'banded' } },
	drunella: { nymph: { 'gill-shape': 'back', forelegs: 'toothed' } },
	paraleptophlebia: { nymph: { 'gill-shape': 'forked' } },
	leptophlebia: { nymph: { 'gill-shape': 'leaf' } },
	habrophlebia: { nymph: { 'gill-shape': 'bunch' } },
	caenis: { nymph: { 'gill-shape': 'square' }, winged: { 'hind-wing': 'none' } },
	tricorythodes: {
		nymph: { 'gill-shape': 'triangle' },
		winged: { 'hind-wing': 'none' },
		dun: { back: 'bold' },
		spinner: { back: 'bold' }
	},

	capnia: { nymph: { gills: 'none' }, winged: { wings: 'flat', 'tail-length': 'half' } },
	leuctra: { nymph: { gills: 'none' }, winged: { wings: 'rolled', 'tail-length': 'stubs' } },
	nemoura: { nymph: { gills: 'none' }, winged: { 'tail-length': 'stubs' } },
	protonemura: { nymph: { gills: 'neck' }, winged: { 'tail-length': 'stubs', 'wing-marks': 'spots' } },
	amphinemura: { nymph: { gills: 'neck', 'gill-shape': 'bunch' }, winged: { 'tail-length': 'stubs' } },
	taeniopteryx: { nymph: { gills: 'armpits', back: 'striped' }, winged: { 'tail-length': 'stubs' } },
	brachyptera: {
		nymph: { gills: 'none', back: 'banded' },
		winged: { 'tail-length': 'stubs', 'wing-marks': 'bands' }
	},
	isoperla: { nymph: { back: 'striped' }, winged: { 'tail-length': 'half', back: 'striped' } },
	siphonoperla: { nymph: { back: 'plain' }, winged: { 'tail-length': 'half', back: 'striped' } },
	alloperla: { nymph: { back: 'plain' }, winged: { 'tail-length': 'half', back: 'plain' } },
	perla: { nymph: { gills: 'armpits', back: 'bold' }, winged: { 'tail-length': 'half', back: 'bold' } },
	dinocras: { nymph: { gills: 'armpits', back: 'plain' }, winged: { 'tail-length': 'half', back: 'plain' } },
	perlodes: { nymph: { gills: 'none', back: 'bold' }, winged: { 'tail-length': 'half', back: 'striped' } },
	pteronarcys: {
		nymph: { gills: 'armpits', 'gill-shape': 'branched', back: 'plain' },
		winged: { 'tail-length': 'half' }
	},

	brachycentrus: { larva: { plates: '2', 'case-form': 'chimney', head: 'striped', forelegs: 'long' } },
	lepidostoma: { larva: { plates: '2', 'case-form': 'chimney', head: 'spotted' } },
	hydropsyche: { larva: { gills: 'abdomen', 'gill-shape': 'branched', plates: '3', head: 'spotted' } },
	cheumatopsyche: { larva: { gills: 'abdomen', 'gill-shape': 'branched', plates: '3', head: 'dark' } },
	rhyacophila: { larva: { gills: 'none', plates: '1', head: 'dark' } },
	philopotamus: { larva: { plates: '1', head: 'orange' }, winged: { 'wing-marks': 'spots' } },
	polycentropus: { larva: { plates: '1', head: 'spotted' }, winged: { 'wing-marks': 'spots' } },
	psychomyia: { larva: { plates: '1', head: 'pale' } },
	glossosoma: { larva: { plates: '1', 'case-form': 'saddle', head: 'dark' } },
	agapetus: { larva: { plates: '1', 'case-form': 'saddle', head: 'dark' } },
	sericostoma: { larva: { plates: '2', 'case-form': 'horn', head: 'dark' } },
	dicosmoecus: {
		larva: { plates: '2', 'case-form': 'rough', head: 'dark' },
		winged: { 'wing-marks': 'veins' }
	},
	limnephilus: {
		larva: { plates: '2', 'case-form': 'anyhow', head: 'striped' },
		winged: { 'wing-marks': 'window' }
	},
	phryganea: {
		larva: { plates: '1', 'case-form': 'spiral', head: 'striped' },
		winged: { 'wing-marks': 'bands' }
	},
	mystacides: {
		larva: { plates: '2', 'case-form': 'twigs', head: 'spotted' },
		winged: { antennae: 'longest' }
	},

	chironomidae: { larva: { head: 'dark', back: 'plain' }, adult: { forelegs: 'long' } },
	chironomus: { larva: { head: 'dark', gills: 'tail' }, adult: { forelegs: 'long' } },
	simuliidae: {
		larva: { head: 'dark' },
		pupa: { forelegs: 'plain' },
		adult: { antennae: 'short', back: 'plain' }
	},
	chaoborus: { larva: { head: 'pale' }, pupa: { back: 'plain' } },
	tipulidae: { larva: { head: 'tiny', gills: 'tail' }, adult: { forelegs: 'long' } },
	bibionidae: { terrestrial: { forelegs: 'trailing' } },
	zygoptera: { nymph: { 'tail-look': 'leaves', tails: '3', gills: 'tail' } },
	sialis: {
		larva: { gills: 'abdomen', 'gill-shape': 'side', head: 'dark' },
		adult: { 'wing-marks': 'veins' }
	},
	elmidae: { larva: { head: 'dark' } },
	dytiscidae: { larva: { head: 'spotted', forelegs: 'fringed' } },
	corixidae: { aquatic: { side: 'above', back: 'banded' } },
	notonectidae: { aquatic: { side: 'sides', back: 'bold' } },
	gammarus: { crustacean: { side: 'sides' } },
	asellus: { crustacean: { side: 'above' } },
	lymnaeidae: { aquatic: { side: 'spire' } },
	planorbidae: { aquatic: { side: 'coil' } },
	erpobdellidae: { aquatic: { side: 'above', head: 'tiny', back: 'plain' } },
	oligochaeta: { aquatic: { side: 'round', head: 'tiny', back: 'banded' } },
	lepidoptera: { terrestrial: { head: 'dark' } },
	phoxinus: { fry: { back: 'striped' } }
};
