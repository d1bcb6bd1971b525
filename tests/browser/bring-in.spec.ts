import { expect } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { guideAt, test } from './guide';

const NOTEBOOK = `Date,Bug,Stage,Number,Start,River,Beat,Water temp (F),Remarks
12/05/2025,olive,dun,23,12:10,Ovrane,Alder Bend,49,kept in a notebook
13/05/2025,zyxw,dun,few,12:00,Ovrane,Alder Bend,,
14/05/2025,grannom,adult,few,6 pm,Ovrane,Alder Bend,50,kept in a notebook
`;
const file = (name: string, text: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });

test('a notebook’s table is looked at, mapped, and its good rows kept', async ({ browser }) => {
	const guide = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await guide.goto('/log');
	await guide.getByRole('link', { name: 'Bring in a file' }).click();
	await guide.getByLabel('File').setInputFiles(file('notebook.csv', NOTEBOOK));
	await expect(guide.getByLabel('What “Bug” holds')).toHaveValue('taxon_id');
	await expect(guide.getByLabel('What “Beat” holds')).toHaveValue('reach');
	await expect(guide.getByLabel('Temperatures are in')).toHaveValue('F');
	const rows = guide.getByRole('region', { name: 'The first rows as records' });
	await expect(rows.getByRole('listitem').first()).toContainText('Olive dun, many, 2025-05-12 12:10');
	await expect(rows).toContainText('no insect of the atlas is called “zyxw”');

	await guide.getByRole('button', { name: 'Look through it' }).click();
	const told = guide.getByRole('status').filter({ hasText: /^(Looked through|Saved)/ });
	await expect(told).toContainText('Looked through; nothing is saved yet.');
	await expect(told).toContainText('3 rows, 2 of them new here');
	await expect(told.getByRole('row').nth(1)).toContainText('Insect');
	await guide.getByRole('button', { name: 'Save what is new and right' }).click();
	await expect(told).toContainText('Saved.');
	await guide.getByRole('link', { name: 'To the log' }).click();
	await guide.getByLabel('Any name, water or words').fill('kept in a notebook');
	await guide.getByRole('button', { name: 'Look', exact: true }).click();
	await expect(guide).toHaveURL(/q=kept/);
	const kept = guide.getByRole('region', { name: 'Records' }).getByRole('rowheader');
	await expect(kept).toHaveCount(2);
	await guide.getByRole('link', { name: 'What', exact: true }).click();
	await expect(kept).toHaveText([/Grannom/, /Olive dun/]);
	await guide.getByRole('link', { name: 'Calendar', exact: true }).click();
	await guide.goto('/log?view=calendar&page=2025-05');
	await expect(guide.getByRole('table', { name: 'Outings of May 2025' })).toContainText('Olive dun, many');
	await guide.getByRole('link', { name: 'Outings', exact: true }).click();
	await expect(guide.getByRole('row').filter({ hasText: 'Mon 12 May 2025' })).toContainText('olive dun');

	// The same file again finds nothing new.
	await guide.goto('/log/bring-in');
	await guide.getByLabel('File').setInputFiles(file('notebook.csv', NOTEBOOK));
	await guide.getByRole('button', { name: 'Look through it' }).click();
	await expect(guide.getByRole('button', { name: 'Nothing new in it' })).toBeDisabled();
});

test('a file that is chosen before the page’s script has come is looked at all the same', async ({
	browser
}) => {
	const guide = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	let letGo = () => {};
	const held = new Promise<void>((resolve) => (letGo = resolve));
	await guide.route('**/*.js', (route) => held.then(() => route.continue()));
	await guide.goto('/log/bring-in', { waitUntil: 'commit' });
	await guide.getByLabel('File').setInputFiles(file('notes.docx', 'x'));
	letGo();
	await expect(guide.getByRole('alert')).toContainText('“notes.docx” is none of .csv');
	await guide.unroute('**/*.js');
});

test('a reach drawn in a map file can be fished, and a file that is none is refused', async ({ browser }) => {
	const guide = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await guide.goto('/log/bring-in');
	await guide.getByLabel('File').setInputFiles(file('notes.docx', 'x'));
	await expect(guide.getByRole('alert')).toContainText('“notes.docx” is none of .csv');
	await guide
		.getByLabel('File')
		.setInputFiles(
			file(
				'run.gpx',
				'<gpx><trk><name>Heron run</name><trkseg><trkpt lat="47.1" lon="-20.3"/></trkseg></trk></gpx>'
			)
		);
	await guide.getByLabel('Basin').fill('Heron basin');
	await guide.getByLabel('Water', { exact: true }).fill('Heron water');
	await guide.getByRole('button', { name: 'Look through it' }).click();
	await expect(guide.getByRole('status')).toContainText('1 reaches, 1 of them new here');
	await guide.getByRole('button', { name: 'Save what is new and right' }).click();
	await guide.getByRole('link', { name: 'Begin an outing there' }).click();
	await expect(guide.getByText('Heron run').first()).toBeVisible();

	await guide.goto('/log/bring-in');
	await guide
		.getByLabel('File')
		.setInputFiles(file('broken.geojson', '{"type":"FeatureCollection","features":[{'));
	await guide.getByLabel('Basin').fill('Heron basin');
	await guide.getByLabel('Water', { exact: true }).fill('Heron water');
	await guide.getByRole('button', { name: 'Look through it' }).click();
	await expect(guide.getByRole('alert')).toContainText('The file ends within feature 1');
});

test('a long file shows how far it is, and leaves nothing when it is cancelled', async ({ browser }) => {
	const guide = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await guide.goto('/log/bring-in');
	const [head = '', row = ''] = NOTEBOOK.split('\n');
	const rows = Array.from({ length: 60_000 }, (_, i) => row.replace('kept in a notebook', `long file ${i}`));
	await guide.getByLabel('File').setInputFiles(file('long.csv', [head, ...rows].join('\n')));
	// Twelve, five: the table alone cannot say which of the two is the month.
	await expect(guide.getByRole('button', { name: 'Look through it' })).toBeDisabled();
	await guide.getByLabel('Days are written').selectOption('dmy');
	const basin = guide.getByLabel('Basin');
	if (await basin.isVisible()) await basin.fill('Ovrane basin');
	await guide.getByRole('button', { name: 'Look through it' }).click();
	await expect(guide.getByRole('progressbar', { name: 'Read so far' })).toBeVisible();
	await guide.getByRole('button', { name: 'Cancel' }).click();
	await expect(guide.getByRole('alert')).toHaveText('Cancelled. Nothing was taken in.');
	await guide.goto('/log?q=long+file');
	await expect(guide.getByText('No record of yours fits that.')).toBeVisible();
});
