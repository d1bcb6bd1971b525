import { words } from '$lib/core/message';

export default words('stand.look', {
	'where-to-look': 'Where to look',
	then: 'then {next}',
	'where-to-stand': 'Where to stand'
});
