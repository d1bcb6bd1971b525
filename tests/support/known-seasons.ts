import type { Place, WaterKind } from '../../src/lib/core/atlas';

/** A season and its hours as guides of a region know them, written down without the tables of the atlas at hand. */
export interface KnownSeason {
	taxonId: string;
	what: 'emerging' | 'flying';
	place: Place;
	/** The heart of it, first and last day, as `MM-DD`. */
	days: readonly [from: string, to: string];
	/** Hours of the sun's time, where they are agreed on. */
	hours?: readonly [from: number, to: number];
}

type Row = readonly [
	what: string,
	from: string,
	to: string,
	hours?: readonly [number, number] | undefined,
	at?: Partial<Place>
];

/** Rows of a region: "taxon" emerges, "taxon spent" flies. */
function rows(place: Place, ...list: readonly Row[]): KnownSeason[] {
	return list.map(([what, from, to, hours, at]) => {
		const [taxonId = '', flies] = what.split(' ');
		return {
			taxonId,
			what: flies ? 'flying' : 'emerging',
			place: { ...place, ...at },
			days: [from, to],
			...(hours && { hours })
		};
	});
}

const at = (latitude: number, longitude: number, elevationM: number, water: WaterKind): Place => ({
	latitude,
	longitude,
	elevationM,
	water
});

/**
 * Common knowledge of each region's guides: when their hatches are, in ordinary years, and at which hours. Compiled
 * from hatch calendars as clubs and guides hand them out, not from the works that the atlas cites.
 */
export const KNOWN_SEASONS: readonly KnownSeason[] = [
	// The British Isles: rain-fed northern rivers, chalk streams of the south, western lakes.
	...rows(
		at(54, -2.5, 150, 'freestone'),
		['baetis', '03-10', '05-05', [11, 15]],
		['baetis', '09-15', '11-05', [11, 15]],
		['rhithrogena', '03-25', '05-10', [11, 15]],
		['nigrobaetis', '05-01', '06-10', [10, 16]],
		['ecdyonurus', '05-15', '09-10'],
		['electrogena', '05-15', '08-20'],
		['heptagenia', '05-10', '07-05'],
		['brachyptera flies', '02-20', '04-15', [10, 16]],
		['protonemura flies', '03-15', '05-31'],
		['leuctra flies', '08-20', '10-31'],
		['isoperla flies', '05-10', '07-20'],
		['perla flies', '05-10', '06-25'],
		['hydropsyche', '06-01', '08-31', [17, 22]],
		['bibionidae flies', '04-20', '05-20', [9, 18]],
		['bibionidae flies', '08-01', '09-05', [9, 18]],
		['tipulidae flies', '08-15', '10-05'],
		['formicidae flies', '07-10', '08-31', [11, 18]]
	),
	...rows(
		at(51.2, -1.6, 60, 'spring-creek'),
		['ephemera', '05-12', '06-12', [11, 18]],
		['ephemera spent', '05-12', '06-12', [17, 21.5]],
		['serratella', '06-20', '09-20', [17.5, 21.5]],
		['centroptilum', '05-10', '09-15'],
		['procloeon', '07-01', '08-31', [16.5, 21]],
		['brachycentrus', '04-10', '05-10', [10, 16]],
		['agapetus', '05-10', '06-30'],
		['sericostoma', '05-25', '07-10'],
		['halesus flies', '08-25', '10-10', [16, 21]],
		['odontocerum flies', '06-15', '08-31', [17, 22]],
		['silo', '05-20', '07-10']
	),
	...rows(
		at(53.5, -9.2, 20, 'lake'),
		['chironomus', '03-20', '05-05'],
		['leptophlebia', '05-01', '06-15', [10, 16]],
		['sialis flies', '04-25', '06-10', [9, 18]],
		['cloeon', '05-10', '06-20'],
		['caenis', '06-01', '08-10'],
		['phryganea', '05-25', '07-20', [17, 22]],
		['mystacides flies', '06-10', '08-15']
	),
	// Western and central Europe: rivers of the northern foot of the Alps, and a high valley.
	...rows(
		at(47.6, 11.5, 650, 'freestone'),
		['baetis', '03-15', '05-20', [11, 15]],
		['rhithrogena', '04-05', '05-25', [11, 15.5]],
		['habroleptoides', '04-15', '05-31'],
		['perlodes flies', '03-25', '05-15'],
		['perla flies', '05-15', '07-05'],
		['dinocras flies', '05-20', '07-10'],
		['ecdyonurus', '06-10', '08-20', [17, 21.5]],
		['serratella', '07-01', '09-05', [17, 21.5]],
		['epeorus', '05-20', '07-20'],
		['allogamus', '09-15', '10-31', [14, 20]],
		['leuctra flies', '08-25', '10-31'],
		['hydropsyche', '06-05', '08-25', [17, 22]]
	),
	...rows(
		at(47.8, 3.5, 180, 'freestone'),
		['oligoneuriella', '07-25', '08-31', [18, 21.5]],
		['ephoron', '08-01', '09-05', [18.5, 21.8]],
		['potamanthus', '06-10', '07-25', [17.5, 21.5]]
	),
	...rows(
		at(46.5, 10, 1800, 'freestone'),
		['rhithrogena', '05-20', '07-10'],
		['ecdyonurus', '06-25', '09-05'],
		['allogamus', '08-20', '10-05']
	),
	// Northern Europe, to 68° N.
	...rows(
		at(61, 12, 300, 'freestone'),
		['baetis', '05-01', '06-10'],
		['capnia flies', '03-20', '05-10'],
		['heptagenia', '06-05', '07-25'],
		['ephemera', '06-05', '07-10'],
		['hydropsyche', '06-20', '08-31', [18, 22.5]],
		['leuctra flies', '08-15', '10-05'],
		['formicidae flies', '07-05', '08-25']
	),
	...rows(
		at(61, 12, 300, 'lake'),
		['leptophlebia', '05-20', '06-25'],
		['siphlonurus', '06-20', '07-31'],
		['phryganea', '06-15', '08-10', [18, 23]]
	),
	...rows(
		at(67.8, 21, 350, 'freestone'),
		['baetis', '06-05', '07-15'],
		['ephemerella', '06-25', '08-05'],
		['hydropsyche', '07-01', '08-20', [18, 23]]
	),
	// The Mediterranean.
	...rows(
		at(41.5, -2, 700, 'freestone'),
		['baetis', '03-01', '05-10', [11, 16]],
		['rhithrogena', '03-20', '05-15'],
		['oligoneuriella', '07-15', '08-25', [18, 21.5]],
		['ephoron', '07-25', '09-05', [18.5, 21.8]],
		['choroterpes', '06-10', '08-15'],
		['perla flies', '05-05', '06-25'],
		['hydropsyche', '05-15', '08-31', [17, 22]],
		['ephemera', '05-05', '06-20']
	),
	// Eastern North America: the mid-latitudes, the southern mountains, a lake of the north.
	...rows(
		at(41.8, -75, 350, 'freestone'),
		['baetis', '04-05', '05-10', [11, 15]],
		['baetis', '09-15', '10-31', [11, 15]],
		['paraleptophlebia', '04-15', '06-05', [9, 15]],
		['epeorus', '04-15', '05-15', [12, 16]],
		['ephemerella', '04-18', '05-10', [12, 16]],
		['maccaffertium', '05-15', '06-30'],
		['stenacron', '05-20', '07-05', [16.5, 21.5]],
		['drunella', '05-25', '06-25'],
		['ephemera', '05-25', '06-20'],
		['isonychia', '05-25', '07-10', [16.5, 21.5]],
		['isonychia', '09-01', '10-10'],
		['anthopotamus', '06-20', '07-25', [18.5, 21.8]],
		['ephoron', '08-05', '09-05', [18, 21.5]],
		['leptophlebia', '04-20', '05-31', undefined, { water: 'lake' }],
		['eurylophella', '05-10', '06-15'],
		['taeniopteryx flies', '02-20', '04-10', [11, 15]],
		['allocapnia flies', '01-20', '03-25', [11, 15]],
		['strophopteryx flies', '03-10', '04-25', [11, 15]],
		['acroneuria flies', '06-01', '07-20', [18, 22]],
		['brachycentrus', '04-20', '05-20', [11, 17]],
		['chimarra flies', '04-20', '06-05'],
		['pycnopsyche flies', '09-05', '10-15', [16, 21]],
		['neophylax flies', '09-15', '10-31'],
		['formicidae flies', '08-01', '09-20', [11, 18]],
		['acrididae flies', '07-20', '09-30', [9, 18]]
	),
	...rows(
		at(41.8, -75, 350, 'tailwater'),
		['ephemerella', '05-15', '06-25', [16.5, 21]],
		['tricorythodes spent', '07-20', '09-20', [6, 10.5]]
	),
	...rows(at(35.4, -83.3, 800, 'freestone'), ['epeorus', '03-25', '05-05'], ['isonychia', '05-10', '07-05']),
	...rows(at(45.2, -84.5, 300, 'lake'), ['hexagenia', '06-15', '07-20', [20, 24]]),
	// Western North America: valleys, high basins, the coast, interior lakes.
	...rows(
		at(46.5, -114, 1050, 'freestone'),
		['skwala flies', '03-10', '04-25', [11.5, 17.5]],
		['rhithrogena', '03-20', '05-05', [11, 16]],
		['baetis', '03-25', '05-15', [11, 15]],
		['baetis', '09-15', '11-01', [11, 15]],
		['brachycentrus', '04-25', '05-25'],
		['pteronarcys flies', '05-25', '06-30'],
		['hesperoperla flies', '06-10', '07-25'],
		['isoperla flies', '06-10', '07-31'],
		['claassenia flies', '07-20', '09-10'],
		['acrididae flies', '07-20', '09-20', [10, 19]],
		['dicosmoecus flies', '09-10', '10-20', [15, 20]]
	),
	...rows(
		at(44.4, -111.4, 1870, 'spring-creek'),
		['ephemerella', '06-15', '08-10', [9, 15]],
		['drunella', '06-15', '07-12', [9.5, 15]],
		['ephemera', '06-15', '07-12', [17.5, 22]],
		['callibaetis', '06-15', '08-31', [9.5, 14.5]],
		['tricorythodes spent', '07-25', '09-20', [6, 11]],
		['paraleptophlebia', '08-31', '10-10', [10, 15]]
	),
	...rows(
		at(45, -111.5, 1500, 'freestone'),
		['epeorus', '06-25', '08-20'],
		['cinygmula', '05-25', '07-31'],
		['pteronarcys flies', '06-05', '07-10'],
		['hydropsyche', '06-20', '08-31', [17.5, 22]],
		['sweltsa flies', '06-05', '08-05'],
		['capnia flies', '02-10', '04-15']
	),
	...rows(
		at(44.3, -122.8, 150, 'freestone'),
		['rhithrogena', '02-20', '04-30', [11, 16]],
		['brachycentrus', '03-25', '05-05'],
		['pteronarcys flies', '05-01', '06-10']
	),
	...rows(
		at(50.7, -120.3, 1150, 'lake'),
		['chironomus', '05-01', '06-20'],
		['callibaetis', '05-25', '07-10'],
		['phryganea', '06-10', '07-25', [17, 22]],
		['zygoptera flies', '06-05', '07-20']
	),
	...rows(at(41.2, -121.5, 1350, 'lake'), ['hexagenia', '06-10', '07-20', [19.5, 24]]),
	// The high country: creeks and lakes under the last trees.
	...rows(
		at(39.6, -105.9, 2700, 'freestone'),
		['drunella', '07-05', '08-15', [9.5, 16]],
		['ephemerella', '07-05', '08-20', [9.5, 16]],
		['baetis', '08-25', '10-15', [10.5, 16]],
		['isoperla flies', '06-25', '08-15'],
		['acrididae flies', '08-01', '09-15', [10, 18]],
		['formicidae flies', '07-10', '08-25', [11, 18]]
	),
	...rows(at(38.1, -107.6, 2700, 'lake'), ['callibaetis', '06-20', '08-31', [10, 15.5]]),
	...rows(
		at(40.9, -109.4, 1700, 'tailwater'),
		['baetis', '04-01', '05-20'],
		['baetis', '11-20', '03-10', [11, 15.5]],
		['chironomidae', '12-01', '03-31', [10, 16]],
		['ephemerella', '07-10', '09-25', [9.5, 15.5]],
		['cicadidae flies', '05-15', '06-25']
	),
	// New Zealand.
	...rows(
		at(-44.5, 169, 350, 'freestone'),
		['deleatidium', '10-10', '12-31'],
		['coloburiscus', '11-05', '01-31', [17, 22]],
		['nesameletus', '11-01', '02-10', [17, 22]],
		['aoteapsyche', '11-10', '02-28', [17.5, 22]],
		['hydrobiosis', '10-15', '02-28'],
		['stenoperla flies', '11-01', '02-05'],
		['archichauliodes flies', '11-10', '02-05'],
		['cicadidae flies', '01-10', '03-15', [9, 19]],
		['pyronota flies', '11-15', '01-10', [9, 19]],
		['acrididae flies', '01-15', '03-31', [9, 19]],
		['pontania flies', '01-05', '03-20']
	),
	...rows(
		at(-38.8, 176, 380, 'lake'),
		['zygoptera flies', '11-10', '01-31'],
		['triplectides', '11-25', '02-28', [18, 22.5]],
		['pyronota flies', '11-05', '12-31']
	),
	// South-east Australia: the mountains of the mainland, and lakes of the island at 1,000 m.
	...rows(
		at(-36.5, 148, 900, 'freestone'),
		['coloburiscoides', '11-10', '01-20', [16.5, 22]],
		['offadens', '09-20', '11-30'],
		['dinotoperla flies', '09-15', '12-10'],
		['acrididae flies', '01-10', '03-31'],
		['cicadidae flies', '12-01', '02-10'],
		['formicidae flies', '12-15', '02-28']
	),
	...rows(
		at(-42, 146.7, 1000, 'lake'),
		['atalophlebia', '11-10', '02-20', [10.5, 17.5]],
		['tasmanocoenis spent', '12-01', '02-20', [5, 10.5]],
		['coleoptera flies', '12-01', '02-20', [9, 18]]
	),
	// Patagonia, to 54° S.
	...rows(
		at(-40.2, -71.2, 750, 'freestone'),
		['andesiops', '10-01', '11-30'],
		['meridialaris', '11-10', '01-31', [16, 21.5]],
		['nousia', '10-10', '12-10'],
		['klapopteryx flies', '11-01', '12-31'],
		['smicridea', '12-01', '01-31', [17.5, 22]],
		['coleoptera flies', '12-01', '02-10'],
		['acrididae flies', '01-10', '03-20']
	),
	...rows(
		at(-53.8, -67.8, 100, 'freestone'),
		['andesiops', '11-01', '01-20'],
		['penaphlebia', '11-15', '01-31']
	),
	// Japan.
	...rows(
		at(36.8, 139, 550, 'freestone'),
		['ephemera', '04-25', '06-05', [17, 21.5]],
		['epeorus', '04-05', '05-20'],
		['cincticostella', '04-05', '05-15'],
		['rhithrogena', '04-01', '05-20'],
		['stenopsyche', '05-05', '06-20', [17.5, 22]],
		['stenopsyche', '08-20', '09-30'],
		['kamimuria flies', '05-10', '07-05'],
		['baetis', '03-25', '05-15'],
		['isonychia', '05-20', '07-15', [16.5, 21.5]],
		['ephoron', '08-05', '09-15', [17.5, 21.5]],
		['formicidae flies', '06-20', '09-05']
	)
];
