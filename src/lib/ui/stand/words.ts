import { words } from '$lib/core/message';

export default words('stand', {
	'in-section':
		'In section: the fish {depth} down, its window {window} across, and from where on each way to stand is not noticed.',
	'in-section-stands':
		'In section: the fish {depth} down, its window {window} across; the chosen stance {distance} off, and from where on each way to stand is not noticed.',
	'in-plan':
		'In plan: {lanes, plural, one {one lane} other {# lanes}}, {width} across; the fish {fish} from the left bank. The stances are listed below.',
	'stance-number': 'Stance {number}',
	'hidden-or-seen': 'Hidden or seen',
	'how-deep-it-lies': 'How deep it lies',
	'bank-above-water': 'The bank above the water',
	wading: 'Wading',
	'water-you-wade': 'Water you would wade',
	'its-current': 'Its current',
	'not-wading': 'Not wading',
	'right-bank': 'Right bank',
	'left-bank': 'left bank',
	'looking-upstream': 'looking upstream',
	'seen-standing': 'seen standing within {distance}',
	'seen-kneeling': 'kneeling within {distance}',
	'silt-drifts': 'silt from your feet',
	'wind-fills': 'wind fills this bank, {wind}',
	'from-where': 'From where',
	stands:
		'{distance}, {posture, select, standing {standing} kneeling {kneeling} crouching {crouching} other {wading}} · {cast}',
	drifts: '{drift} s, {way}; needs {needs}',
	'drifts-past': 'over {drift} s, {way}; needs {needs}',
	'where-to-look': 'Where to look',
	'best-lanes': 'Of the lanes, {first} and {second} bring a fish most for its effort.',
	'float-test': 'Time floats',
	paced: 'Paced along the bank',
	'float-in': 'Float starts',
	'float-out': 'Float is there',
	'floats-none':
		'Tap as a float passes your first mark, and as it passes the second; {of} make a good middle.',
	floats: '{count} of {of}: {speed} in the middle.',
	'floats-again': 'Begin again',
	'kind-of-reach': 'What this reach is',
	'flows-to': 'It flows to the',
	lanes: 'Lanes of current',
	'lanes-from-left': 'From the left bank, as you look downstream; under each number its speed.',
	'which-lane': 'Lane',
	'lane-is': 'Lane {lane}: {width} wide, {depth} deep, {speed}',
	'one-lane-fewer': 'One lane fewer',
	'one-lane-more': 'One lane more',
	'width-of-lane': 'Lane {lane}: width',
	'depth-of-lane': 'Lane {lane}: depth',
	'speed-of-lane': 'Lane {lane}: speed',
	'height-of': '{side, select, left {Left} other {Right}} bank: height',
	'trees-of': '{side, select, left {Left} other {Right}} bank: trees or cliff on it',
	'keep-sketch': 'Keep this sketch'
});
