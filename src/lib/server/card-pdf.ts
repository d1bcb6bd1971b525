import { PDFDocument, PageSizes, rgb, StandardFonts } from 'pdf-lib';
import { srgbByteOf } from '$lib/core/math';
import { CARD, cardShapes, linearOf } from '$lib/core/specimen';

const POINTS_PER_MM = 72 / 25.4;
const MARGIN_MM = 25;

/** The measuring card on a page, at true scale. */
export async function cardPdf(paper: 'a4' | 'letter'): Promise<Uint8Array<ArrayBuffer>> {
	const document = await PDFDocument.create();
	document.setTitle('Lacewing measuring card');
	const page = document.addPage(paper === 'letter' ? PageSizes.Letter : PageSizes.A4);
	const font = await document.embedFont(StandardFonts.Helvetica);
	const x = (mm: number) => (MARGIN_MM + mm) * POINTS_PER_MM;
	const y = (mm: number) => page.getHeight() - (MARGIN_MM + mm) * POINTS_PER_MM;
	const size = (mm: number) => mm * POINTS_PER_MM;
	const ink = (lab: Parameters<typeof linearOf>[0]) => {
		const [r, g, b] = linearOf(lab).map((c) => srgbByteOf(c) / 255);
		return rgb(r ?? 0, g ?? 0, b ?? 0);
	};
	page.drawRectangle({
		x: x(0),
		y: y(CARD.heightMm),
		width: size(CARD.widthMm),
		height: size(CARD.heightMm),
		borderColor: rgb(0.6, 0.6, 0.6),
		borderWidth: 0.3
	});
	for (const s of cardShapes()) {
		if (s.shape === 'disc') {
			// Paper shows through where the card is white: printers put no ink there.
			const color = s.lab.l > 90 ? rgb(1, 1, 1) : ink(s.lab);
			page.drawCircle({ x: x(s.xMm), y: y(s.yMm), size: size(s.rMm), color });
		} else if (s.shape === 'rect')
			page.drawRectangle({
				x: x(s.xMm),
				y: y(s.yMm + s.heightMm),
				width: size(s.widthMm),
				height: size(s.heightMm),
				color: ink(s.lab)
			});
		else page.drawText(s.text, { x: x(s.xMm), y: y(s.yMm), size: size(s.sizeMm), font });
	}
	page.drawText(
		'Print at 100 %, on white matt paper. The card must measure 120 mm across; cut along the line.',
		{
			x: x(0),
			y: y(CARD.heightMm + 8),
			size: 9,
			font
		}
	);
	return new Uint8Array(await document.save());
}
