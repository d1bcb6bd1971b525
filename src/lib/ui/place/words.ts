import { words } from '$lib/core/message';

export default words('place', {
	'add-where-i-stand': 'Add where I stand',
	'it-flows-the-other-way': 'It flows the other way',
	'latitude-n': 'Latitude, °N',
	'longitude-e': 'Longitude, °E',
	'map-tap-where-it': '{label}: map; tap where it is, or type the position below',
	'line-told': '{points, plural, other {# points}}, {length} long; its middle flows to the {towards}.',
	'map-tap-along-it': '{label}: map; tap along the reach as it flows, or type the points below',
	'one-point':
		'One point: where it is. Tap on downstream to draw how it runs, so that its banks have their bearing.',
	'points-one-to-a-row': 'Points from upstream to downstream, one to a row: latitude, longitude',
	'row-holds-no-point': 'Row {row} is not a latitude and a longitude.',
	'points-at-most': '{most} points are the most that a reach has.',
	'shore-told': '{points, plural, one {One point} other {# points}}, {length} of shore.',
	'tap-along-shore': 'Tap along the shore where you fish. One tap is enough to say where it is.',
	'take-back-a-point': 'Take back a point',
	'tap-along-it': 'Tap along the reach, from upstream to downstream. One tap is enough to say where it is.',
	'tap-where-it-is': 'Tap where it is.',
	'this-device-does-not': 'This device does not give its position. Tap the map instead.',
	'type-the-points-instead': 'Type the points instead',
	'type-the-position-instead': 'Type the position instead',
	'use-this-devices-position': "Use this device's position"
});
