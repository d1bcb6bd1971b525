import { words } from '$lib/core/message';

export default words('page.settings.hooks', {
	'sizes-smaller': '{by} sizes smaller than the table',
	'sizes-larger': '{by} sizes larger than the table',
	'as-the-table': 'as the table',
	'customs-of-size': 'Customs of size',
	'curved-hooks': 'Curved hooks',
	'dressed-body-of-that': 'Dressed body of that fly',
	'dries-over-as-well': 'Dry flies over {lengthMm} as well: they land softer and are refused less',
	'dry-fly-hooks': 'Dry-fly hooks',
	'hook-size': 'Hook size',
	'how-my-hooks-run': 'How my hooks run',
	'lay-a-fly-of': 'Lay a fly of yours on the',
	'makers-vary-by-about': 'Makers vary by about a size',
	'measuring-card': 'measuring card',
	'mine-run': 'Mine run {runs}',
	'nymph-hooks-2x-long': 'Nymph hooks, 2X long',
	'nymphs-over-are-dressed': 'Nymphs over {lengthMm} are dressed shorter than life',
	'pupae-of-still-water':
		'Pupae of still water, larger than life: found sooner among thousands, refused more by fish that look closely',
	'sizes-up': '{up, plural, =0 {As life} one {# size up} other {# sizes up}}',
	'read-the-length-of':
		', read the length of its dressed body, and enter it. The table shifts for all hooks of that kind; so it does for a region that calls sizes otherwise.',
	run: 'run {runs}',
	'saved-the-shortlist-reckons': 'Saved. The shortlist reckons with your hooks from now on.',
	settings: 'Settings',
	'that-cant-be': 'That can’t be',
	'that-could-not-be': 'That could not be saved: no connection. Try again when there is signal.'
});
