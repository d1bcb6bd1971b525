import { describe, expect, it } from 'vitest';
import { inRegion } from './dialect';
import { taxaNamed } from './named';
import { naturalWords, taxonName } from './natural-words';
import type { Region } from './region';
import { searchAtlas } from './search';
import { findTaxon, TAXA } from './shelf';
import { sayMessage } from '../message';

/** Names as guides of each region write them, and what they mean there: several where a name means several. */
const WRITTEN: Readonly<Record<Region, string>> = {
	'british-isles': `
		olive: baetis; olives: baetis; LDO: baetis; large dark olive: baetis; Large-Dark Olive: baetis; medium olive: baetis;
		small dark olive: baetis; pale watery: baetis; pale-watery: baetis; iron blue: nigrobaetis; iron-blue: nigrobaetis;
		ironblue: nigrobaetis; blue winged olive: serratella; BWO: serratella; bluewinged olive: serratella;
		sherry spinner: serratella; march brown: rhithrogena; March Browns: rhithrogena; olive upright: rhithrogena;
		false march brown: ecdyonurus; autumn dun: ecdyonurus; large brook dun: ecdyonurus; mayfly: ephemera;
		green drake: ephemera; grey drake: ephemera; yellow may dun: heptagenia; yellow may: heptagenia;
		dusky yellowstreak: electrogena; claret dun: leptophlebia; sepia dun: leptophlebia; turkey brown: paraleptophlebia;
		fisherman's curse: caenis; angler's curse: caenis; broadwing: caenis; caenis: caenis; pond olive: cloeon;
		lake olive: cloeon; apricot spinner: cloeon; pale evening dun: procloeon; small spurwing: centroptilum;
		yellow evening dun: ephemerella; ditch dun: habrophlebia; grannom: brachycentrus; greentail: brachycentrus;
		caperer: halesus; silver sedge: odontocerum; cinnamon sedge: limnephilus; great red sedge: phryganea;
		murragh: phryganea; welshman's button: sericostoma; black silverhorns: mystacides; brown silverhorns: athripsodes;
		grey flag: hydropsyche; small yellow sedge: psychomyia; medium sedge: goera; black sedge: silo; brown sedge: anabolia;
		sand fly: rhyacophila; yellow sally: isoperla; february red: brachyptera; needle fly: leuctra; needle flies: leuctra;
		willow fly: leuctra; early brown: nemoura|protonemura; large stonefly: perla|dinocras; creeper: perla|perlodes|dinocras;
		buzzer: chironomidae|chironomus; bloodworm: chironomus; duck fly: chironomus; duckfly: chironomus;
		reed smut: simuliidae; black gnat: bibionidae; hawthorn fly: bibionidae; hawthorn: bibionidae; heather fly: bibionidae;
		daddy-long-legs: tipulidae; daddy long legs: tipulidae; leatherjacket: tipulidae; cow dung fly: scathophagidae;
		alder: sialis; corixa: corixidae; greater boatman: notonectidae; freshwater shrimp: gammarus; hog louse: asellus;
		flying ant: formicidae; ants: formicidae; grasshopper: acrididae; cockchafer: scarabaeidae; greenfly: aphididae;
		bullhead: cottus; miller's thumb: cottus; minnow: phoxinus; stickleback: gasterosteus; damsel: zygoptera;
		pond skater: gerridae; cleg: tabanidae`,
	'western-europe': `
		olive: baetis; march brown: rhithrogena; blue-winged olive: serratella; iron blue: nigrobaetis; large mayfly: ephemera;
		yellow dun: heptagenia; yellow drake: potamanthus; white mayfly: ephoron; white evening mayfly: oligoneuriella;
		two-tailed mayfly: epeorus; grannom: brachycentrus; large springfly: perlodes; large stonefly: perla|dinocras;
		moss stone: protonemura; little yellow stonefly: siphonoperla; freshwater shrimp: gammarus; bloodworm: chironomus;
		hawthorn fly: bibionidae; minnow: phoxinus; sculpin: cottus; Baetis rhodani: baetis; Ecdyonurus sp.: ecdyonurus`,
	'northern-europe': `
		olive: baetis; iron blue: nigrobaetis; large mayfly: ephemera; lake olive: cloeon; march brown: rhithrogena;
		summer mayfly: siphlonurus; large stonefly: dinocras; lake sedge: limnephilus; heather fly: bibionidae;
		flying ants: formicidae; dung fly: scathophagidae; stickleback: gasterosteus`,
	mediterranean: `
		olive: baetis; large mayfly: ephemera; crayfish: astacidae|cambaridae; dragonfly: anisoptera; ant: formicidae`,
	'eastern-na': `
		blue-winged olive: baetis; BWO: baetis; blue winged olives: baetis; sulphur: ephemerella; sulphurs: ephemerella;
		green drake: ephemera; brown drake: ephemera; yellow drake: ephemera|anthopotamus; golden drake: anthopotamus;
		march brown: maccaffertium; slate drake: isonychia; mahogany dun: isonychia; white fly: ephoron;
		white mayfly: ephoron; trico: tricorythodes; tricos: tricorythodes; hex: hexagenia; giant lake drake: hexagenia;
		grey drake: siphlonurus; speckled dun: callibaetis; chocolate dun: eurylophella; white midge: caenis;
		early brown stonefly: strophopteryx; tiny winter black: allocapnia; little black stonefly: capnia|allocapnia;
		golden stonefly: acroneuria; golden stone: acroneuria; needle fly: leuctra; giant stonefly: pteronarcys;
		little green stonefly: alloperla|sweltsa; lime sally: sweltsa; grannom: brachycentrus; shadfly: brachycentrus;
		cinnamon sedge: hydropsyche; green sedge: rhyacophila; little black caddis: chimarra|glossosoma;
		october caddis: pycnopsyche; fall caddis: pycnopsyche; white miller: nectopsyche; autumn mottled sedge: neophylax;
		hellgrammite: corydalidae; fishfly: nigronia; cress bug: caecidotea; sow bug: caecidotea; scud: gammarus|hyalella;
		crawfish: cambaridae; crayfish: cambaridae; dace: rhinichthys; sculpin: cottus; flying ants: formicidae;
		hopper: acrididae; grasshopper: acrididae; june bug: coleoptera|scarabaeidae; inchworm: lepidoptera;
		jassid: cicadellidae; water penny: psephenidae; water strider: gerridae; yellowjacket: vespidae; gnat: chironomidae;
		snail: none; backswimmer: notonectidae; glassworm: chaoborus; no-see-um: ceratopogonidae; deer fly: tabanidae`,
	'western-na': `
		PMD: ephemerella; pale morning dun: ephemerella; pale morning duns: ephemerella; BWO: baetis; blue-winged olive: baetis;
		green drake: drunella; western green drake: drunella; small green drake: drunella; brown drake: ephemera;
		grey drake: siphlonurus; march brown: rhithrogena; western march brown: rhithrogena; mahogany dun: paraleptophlebia;
		callibaetis: callibaetis; speckled dun: callibaetis; trico: tricorythodes; hex: hexagenia; yellow drake: hexagenia;
		pale evening dun: heptagenia; little yellow mayfly: epeorus; tiny blue-winged olive: acentrella|plauditus;
		skwala: skwala; salmonfly: pteronarcys; salmon fly: pteronarcys; salmonflies: pteronarcys; giant stonefly: pteronarcys;
		golden stone: hesperoperla; golden stonefly: hesperoperla|calineuria; yellow sally: isoperla|sweltsa;
		green sally: alloperla; winter stonefly: capnia|taeniopteryx; snowfly: capnia; snow fly: chironomidae|capnia;
		mother's day caddis: brachycentrus; spotted sedge: hydropsyche; october caddis: dicosmoecus;
		giant orange sedge: dicosmoecus; green rock worm: rhyacophila; rock worm: rhyacophila; black dancer: mystacides;
		traveller sedge: phryganea; traveler sedge: none; great grey spotted sedge: arctopsyche; king caddis: arctopsyche;
		little brown stonefly: nemoura|amphinemura|zapada; mysis shrimp: mysis; scud: gammarus|hyalella; sow bug: caecidotea;
		crawdad: astacidae|cambaridae; damsel: zygoptera; bluet: zygoptera; darner: anisoptera; water boatman: corixidae;
		backswimmer: notonectidae; cranefly: tipulidae; crane fly: tipulidae; hopper: acrididae; march fly: bibionidae;
		sculpin: cottus; fish egg: salmonid-eggs; mud snail: potamopyrgus; midge: chironomidae; bloodworm: chironomus;
		black fly: simuliidae; buffalo gnat: simuliidae; short-wing stonefly: claassenia; cicada: cicadidae`,
	'new-zealand': `
		mayfly: deleatidium; deleatidium: deleatidium; spiny gilled mayfly: coloburiscus; swimming mayfly: nesameletus;
		double gilled mayfly: zephlebia; yellow dun: ameletopsis; green stonefly: stenoperla; brown stonefly: zelandoperla;
		net-spinning caddis: aoteapsyche; horn-cased caddis: pycnocentrodes; stony cased caddis: pycnocentrodes;
		horny cased caddis: olinga; free-living caddis: hydrobiosis; stick caddis: triplectides; purse-case: hydroptilidae;
		toebiter: archichauliodes; creeper: archichauliodes; dobsonfly: archichauliodes; willow grub: pontania;
		green beetle: coleoptera|pyronota; manuka beetle: pyronota; brown beetle: scarabaeidae; cicada: cicadidae;
		blowfly: calliphoridae; koura: paranephrops; bully: gobiomorphus; bullies: gobiomorphus; smelt: retropinna;
		whitebait: galaxias; mud snail: potamopyrgus; sandfly: simuliidae; damsel: zygoptera; water boatman: corixidae;
		hopper: acrididae; amphipod: paracalliope`,
	australia: `
		highland dun: atalophlebia; possum-winged dun: atalophlebia; baetid: offadens; mahogany dun: nousia;
		snowflake caenid: tasmanocoenis; caenid: tasmanocoenis; snowflake caddis: asmicridea; stick caddis: triplectides;
		mudeye: anisoptera; mudeyes: anisoptera; yabby: cherax; yabbies: cherax; yabbie: cherax; christmas beetle: scarabaeidae;
		jassid: none; leafhopper: cicadellidae; smelt: retropinna; gudgeon: gobiomorphus; galaxiid: galaxias; scud: austrochiltonia;
		grasshopper: acrididae; damsel: zygoptera; willow grub: pontania; glass shrimp: atyidae`,
	patagonia: `
		olive: andesiops; pancora: aegla; puyen: galaxias; hopper: acrididae; flying ant: formicidae; beetle: coleoptera;
		white miller: none; dragonfly: anisoptera`,
	japan: `
		river caddis: stenopsyche; ant: formicidae; dragonfly: anisoptera; midge: chironomidae; egg: salmonid-eggs;
		stenopsyche: stenopsyche; Ephemera strigata: ephemera; Epeorus latifolium: epeorus`
};

const names = Object.entries(WRITTEN).flatMap(([region, list]) =>
	list
		.split(';')
		.map((entry) => entry.split(':'))
		.map(([name = '', means = '']) => ({
			region: region as Region,
			name: name.trim().replaceAll(/\s+/g, ' '),
			means: means.trim().split('|')
		}))
);

describe('names as guides write them', () => {
	it('are three hundred', () => {
		expect(names.length).toBeGreaterThanOrEqual(300);
	});

	it('each find their insect in a search of the region, the one or all of those that they mean', () => {
		const lost = names.flatMap(({ region, name, means }) => {
			if (means[0] === 'none') return [];
			const found = searchAtlas({ words: name, region })
				.slice(0, 6)
				.map(({ id }) => id);
			const missing = means.filter((id) => !found.includes(id));
			return missing.length > 0 ? [`${name} (${region}): ${missing.join()} not in ${found.join()}`] : [];
		});
		expect(lost).toEqual([]);
	});

	it('stand for it where a table of a guide is taken in, and for several where they mean several there', () => {
		const wrong = names.flatMap(({ region, name, means }) => {
			if (means[0] === 'none') return [];
			const meant = taxaNamed(name, undefined, region).map(({ id }) => id);
			return means.every((id) => meant.includes(id))
				? []
				: [`${name} (${region}): ${meant.join()}, not ${means.join()}`];
		});
		expect(wrong.length / names.length, wrong.join('\n')).toBeLessThan(0.02);
	});

	it('derive from no dressing, and the wrong ones are gone', () => {
		const all = TAXA.flatMap(({ commonName, localNames = [] }) => [
			commonName,
			...localNames.map(([name]) => name)
		]);
		expect(all.filter((name) => /\bquill\b|leadwing|\btype$/.test(name))).toEqual([]);
		const meant = (name: string) => taxaNamed(name, undefined, 'british-isles').map(({ id }) => id);
		expect(meant('caperer')).toEqual(['halesus']);
		expect(meant('silver sedge')).toEqual(['odontocerum']);
	});
});

describe('what an insect is called in a region', () => {
	const called = (id: string, region?: Region, stage?: Parameters<typeof naturalWords>[1]) =>
		sayMessage(stage ? naturalWords(id, stage) : taxonName(id), { language: inRegion(region) });

	it('comes first there: alone, before a stage, and as the name of its dun', () => {
		expect(called('baetis', 'western-na')).toBe('blue-winged olive');
		expect(called('baetis', 'british-isles')).toBe('olive');
		expect(called('ephemerella', 'western-na', 'dun')).toBe('pale morning dun');
		expect(called('ephemerella', 'western-na', 'spinner')).toBe('pale morning spinner');
		expect(called('ephemerella', 'eastern-na', 'emerger')).toBe('sulphur emerger');
		expect(called('serratella', 'british-isles', 'dun')).toBe('blue-winged olive dun');
	});

	it('is its general name where no region is known, or it has none there', () => {
		expect(called('ephemerella')).toBe('sulphur mayfly');
		expect(called('chiloporter', 'patagonia')).toBe('large southern swimmer');
	});

	it('is found by the id of an earlier release', () => {
		expect(findTaxon('stenonema')?.id).toBe('maccaffertium');
		expect(called('stenonema', 'eastern-na')).toBe('march brown');
		expect(taxaNamed('stenonema').map(({ id }) => id)).toEqual(['maccaffertium']);
	});
});
