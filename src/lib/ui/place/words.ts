import { words } from '$lib/core/message';

export default words('place', {
	'latitude-n': 'Latitude, °N',
	'longitude-e': 'Longitude, °E',
	'map-tap-where-it': '{label}: map; tap where it is, or type the position below',
	'tap-where-it-is': 'Tap where it is.',
	'this-device-does-not': 'This device does not give its position. Tap the map instead.',
	'type-the-position-instead': 'Type the position instead',
	'use-this-devices-position': "Use this device's position"
});
