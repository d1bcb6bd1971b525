import type { Message } from '../message';

/** Regions in which a name is used, as wide as the books state them. */
export const REGIONS = {
	britain: 'British Isles',
	alps: 'Alps and central Europe',
	scandinavia: 'Scandinavia',
	'eastern-na': 'eastern North America',
	'western-na': 'western North America',
	southern: 'southern hemisphere'
} as const;
export type Region = keyof typeof REGIONS;

/** The name of a region, within a sentence. */
export const regionName = (region: Region): Message => ({ id: `region.${region}`, text: REGIONS[region] });

/** One name, the taxa it is used for, and where: many to many. */
export interface LocalName {
	name: string;
	taxonId: string;
	regions: readonly Region[];
}

const names = (taxonId: string, ...rows: readonly (readonly [string, ...Region[]])[]): LocalName[] =>
	rows.map(([name, ...regions]) => ({ name, taxonId, regions }));

/**
 * General common names of insects and where they are used, gathered from the books of `sources.ts` (Elliott &
 * Humpesch 2010; Bauernfeind & Soldán 2012; Merritt, Cummins & Berg 2008; Stewart & Stark 2002).
 */
export const LOCAL_NAMES: readonly LocalName[] = [
	...names(
		'baetis',
		['blue-winged olive', 'eastern-na', 'western-na'],
		['large dark olive', 'britain'],
		['iron-blue', 'britain'],
		['medium olive', 'britain'],
		['olive dun', 'alps']
	),
	...names('serratella', ['blue-winged olive', 'britain', 'alps'], ['sherry spinner', 'britain']),
	...names(
		'drunella',
		['green drake', 'western-na'],
		['small green drake', 'western-na'],
		['blue-winged olive', 'western-na']
	),
	...names(
		'ephemera',
		['green drake', 'eastern-na', 'britain'],
		['grey drake', 'britain'],
		['brown drake', 'eastern-na', 'western-na'],
		['the mayfly', 'britain', 'alps']
	),
	...names(
		'siphlonurus',
		['grey drake', 'eastern-na', 'western-na'],
		['summer mayfly', 'britain', 'scandinavia']
	),
	...names('hexagenia', ['giant lake drake', 'eastern-na', 'western-na'], ['yellow drake', 'western-na']),
	...names('potamanthus', ['yellow drake', 'eastern-na', 'alps'], ['golden drake', 'eastern-na']),
	...names('rhithrogena', ['march brown', 'britain', 'alps', 'western-na'], ['olive upright', 'britain']),
	...names('stenonema', ['march brown', 'eastern-na'], ['pale evening dun', 'eastern-na']),
	...names(
		'ecdyonurus',
		['false march brown', 'britain'],
		['autumn dun', 'britain', 'alps'],
		['late march brown', 'britain']
	),
	...names(
		'heptagenia',
		['yellow may dun', 'britain'],
		['dusky yellowstreak', 'britain'],
		['yellow dun', 'alps']
	),
	...names('epeorus', ['quill mayfly', 'eastern-na'], ['little yellow mayfly', 'western-na']),
	...names('cinygmula', ['dark quill mayfly', 'western-na']),
	...names(
		'ephemerella',
		['sulphur', 'eastern-na'],
		['pale morning dun', 'western-na'],
		['yellow evening dun', 'britain']
	),
	...names(
		'paraleptophlebia',
		['mahogany dun', 'western-na'],
		['blue quill', 'eastern-na'],
		['turkey brown', 'britain'],
		['slate-wing mahogany', 'eastern-na']
	),
	...names(
		'leptophlebia',
		['claret dun', 'britain'],
		['sepia dun', 'britain'],
		['black quill', 'eastern-na']
	),
	...names('habrophlebia', ['ditch dun', 'britain']),
	...names(
		'caenis',
		['fisherman’s curse', 'britain'],
		['broadwing', 'britain'],
		['white midge', 'eastern-na']
	),
	...names(
		'tricorythodes',
		['fisherman’s curse', 'eastern-na'],
		['white-winged black', 'eastern-na', 'western-na'],
		['dawn spinner', 'western-na']
	),
	...names(
		'cloeon',
		['pond olive', 'britain', 'alps'],
		['lake olive', 'britain', 'alps', 'scandinavia'],
		['apricot spinner', 'britain']
	),
	...names('procloeon', ['pale evening dun', 'britain'], ['pale watery', 'britain']),
	...names(
		'acentrella',
		['tiny blue-winged olive', 'eastern-na', 'western-na'],
		['small dark olive', 'britain']
	),
	...names('callibaetis', ['speckled dun', 'western-na', 'eastern-na'], ['speckle-wing quill', 'western-na']),
	...names('ameletus', ['brown dun', 'western-na'], ['upland summer mayfly', 'britain', 'scandinavia']),
	...names(
		'isonychia',
		['slate drake', 'eastern-na'],
		['leadwing', 'eastern-na'],
		['mahogany dun', 'eastern-na']
	),
	...names('oligoneuriella', ['white evening mayfly', 'alps']),
	...names(
		'capnia',
		['winter stonefly', 'western-na', 'eastern-na'],
		['little black stonefly', 'eastern-na', 'western-na'],
		['slender early black', 'britain']
	),
	...names(
		'leuctra',
		['needle fly', 'britain', 'eastern-na'],
		['rolled-wing stonefly', 'eastern-na', 'western-na'],
		['willow fly', 'britain']
	),
	...names('nemoura', ['early brown', 'britain'], ['little brown stonefly', 'western-na', 'eastern-na']),
	...names('protonemura', ['early brown', 'britain'], ['moss stone', 'alps']),
	...names('amphinemura', ['small brown', 'britain'], ['little brown stonefly', 'western-na']),
	...names('taeniopteryx', ['early black stonefly', 'eastern-na'], ['winter stonefly', 'western-na']),
	...names('brachyptera', ['february red', 'britain'], ['early brown stonefly', 'eastern-na']),
	...names(
		'isoperla',
		['yellow sally', 'britain', 'western-na'],
		['little yellow stonefly', 'eastern-na', 'western-na'],
		['stripetail', 'western-na']
	),
	...names('siphonoperla', ['small yellow sally', 'britain'], ['little yellow stonefly', 'alps']),
	...names('alloperla', ['green sally', 'western-na'], ['little green stonefly', 'eastern-na', 'western-na']),
	...names(
		'perla',
		['large stonefly', 'britain', 'alps'],
		['golden stonefly', 'western-na', 'eastern-na'],
		['creeper', 'britain']
	),
	...names('dinocras', ['large stonefly', 'britain', 'alps', 'scandinavia'], ['creeper', 'britain']),
	...names(
		'perlodes',
		['large springfly', 'alps'],
		['early springfly', 'western-na'],
		['creeper', 'britain']
	),
	...names(
		'pteronarcys',
		['giant stonefly', 'western-na', 'eastern-na'],
		['salmonfly', 'western-na'],
		['willow fly', 'western-na']
	),
	...names(
		'brachycentrus',
		['grannom', 'britain', 'alps', 'eastern-na'],
		['greentail', 'britain'],
		['shadfly', 'eastern-na']
	),
	...names(
		'hydropsyche',
		['grey flag', 'britain'],
		['spotted sedge', 'western-na'],
		['cinnamon sedge', 'eastern-na', 'western-na']
	),
	...names('cheumatopsyche', ['little olive sedge', 'eastern-na', 'western-na']),
	...names(
		'limnephilus',
		['cinnamon sedge', 'britain'],
		['caperer', 'britain'],
		['lake sedge', 'western-na', 'scandinavia']
	),
	...names(
		'rhyacophila',
		['sand fly sedge', 'britain'],
		['green rock worm', 'western-na'],
		['green sedge', 'western-na', 'eastern-na']
	),
	...names(
		'glossosoma',
		['little black caddis', 'western-na', 'eastern-na'],
		['turtle-case caddis', 'western-na']
	),
	...names('agapetus', ['little black caddis', 'britain', 'western-na'], ['tiny sedge', 'britain']),
	...names('philopotamus', ['yellow-spotted sedge', 'britain'], ['little black caddis', 'eastern-na']),
	...names('polycentropus', ['dark-spotted sedge', 'britain'], ['trumpet-net sedge', 'western-na']),
	...names('psychomyia', ['small yellow sedge', 'britain'], ['dinky purple-breasted sedge', 'western-na']),
	...names(
		'lepidostoma',
		['silver sedge', 'britain'],
		['little plain brown sedge', 'western-na', 'eastern-na']
	),
	...names('sericostoma', ['bushtailed caddis', 'western-na']),
	...names('dicosmoecus', ['october caddis', 'western-na'], ['giant orange sedge', 'western-na']),
	...names('mystacides', ['black silverhorns', 'britain'], ['black dancer', 'western-na', 'eastern-na']),
	...names(
		'phryganea',
		['great red sedge', 'britain'],
		['murragh', 'britain'],
		['traveller sedge', 'western-na']
	),
	...names(
		'chironomidae',
		['buzzer', 'britain'],
		['gnat', 'britain', 'eastern-na'],
		['snow fly', 'western-na'],
		['bloodworm', 'britain', 'western-na', 'alps']
	),
	...names(
		'chironomus',
		['buzzer', 'britain'],
		['duck fly', 'britain'],
		['bloodworm', 'britain', 'western-na']
	),
	...names(
		'simuliidae',
		['reed smut', 'britain'],
		['black gnat', 'eastern-na'],
		['buffalo gnat', 'western-na', 'eastern-na']
	),
	...names('chaoborus', ['phantom larva', 'britain'], ['glassworm', 'western-na', 'eastern-na']),
	...names(
		'tipulidae',
		['daddy-long-legs', 'britain'],
		['cranefly', 'britain', 'western-na', 'eastern-na'],
		['leatherjacket', 'britain']
	),
	...names(
		'bibionidae',
		['hawthorn fly', 'britain', 'alps'],
		['black gnat', 'britain'],
		['heather fly', 'britain', 'scandinavia'],
		['march fly', 'eastern-na', 'western-na']
	),
	...names('formicidae', [
		'flying ant',
		'britain',
		'eastern-na',
		'western-na',
		'alps',
		'scandinavia',
		'southern'
	]),
	...names('anisoptera', ['darner', 'western-na', 'eastern-na'], ['mudeye', 'southern']),
	...names(
		'zygoptera',
		['bluet', 'western-na', 'eastern-na'],
		['mudeye', 'southern'],
		['demoiselle', 'britain']
	),
	...names('sialis', ['alder', 'britain', 'western-na', 'eastern-na']),
	...names(
		'corixidae',
		['corixa', 'britain'],
		['lesser boatman', 'britain'],
		['water boatman', 'western-na', 'eastern-na', 'southern']
	),
	...names(
		'notonectidae',
		['water boatman', 'britain'],
		['greater boatman', 'britain'],
		['backswimmer', 'western-na', 'eastern-na', 'southern']
	),
	...names(
		'gammarus',
		['freshwater shrimp', 'britain', 'alps'],
		['scud', 'western-na', 'eastern-na'],
		['sideswimmer', 'eastern-na']
	),
	...names('asellus', ['hog louse', 'britain'], ['cress bug', 'eastern-na'], ['sow bug', 'western-na']),
	...names('daphnia', ['water flea', 'britain', 'western-na', 'eastern-na'], ['cladoceran', 'alps']),
	...names('astacidae', ['crawfish', 'eastern-na'], ['crawdad', 'western-na'], ['yabby', 'southern']),
	...names('acrididae', ['grasshopper', 'britain', 'western-na', 'eastern-na', 'southern']),
	...names('coleoptera', ['green beetle', 'southern'], ['june bug', 'eastern-na']),
	...names('lepidoptera', ['inchworm', 'eastern-na'], ['oak worm', 'eastern-na']),
	...names('cicadellidae', ['jassid', 'eastern-na', 'southern'], ['froghopper', 'britain']),
	...names('phoxinus', ['minnow', 'britain', 'alps'], ['pin fry', 'britain']),
	...names('elmidae', ['riffle beetle', 'western-na', 'eastern-na']),
	...names('dytiscidae', ['water tiger', 'britain', 'eastern-na']),
	...names('lymnaeidae', ['wandering snail', 'britain']),
	...names('planorbidae', ['ramshorn', 'britain', 'eastern-na']),
	...names('oligochaeta', ['tubifex', 'britain'], ['aquatic earthworm', 'western-na'])
];
