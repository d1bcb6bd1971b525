import { hexOf } from '../figure';
import { CARD, cardShapes } from './card';

/** The measuring card as an SVG document that prints at true scale. */
export function cardSvg(): string {
	const shapes = cardShapes().map((s) =>
		s.shape === 'disc'
			? `<circle cx="${s.xMm}" cy="${s.yMm}" r="${s.rMm}" fill="${hexOf(s.lab)}"/>`
			: s.shape === 'rect'
				? `<rect x="${s.xMm}" y="${s.yMm}" width="${s.widthMm}" height="${s.heightMm}" fill="${hexOf(s.lab)}"/>`
				: `<text x="${s.xMm}" y="${s.yMm}" font-size="${s.sizeMm}" font-family="sans-serif" fill="#333">${s.text}</text>`
	);
	const { widthMm, heightMm } = CARD;
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}"><rect width="${widthMm}" height="${heightMm}" fill="#fff" stroke="#999" stroke-width="0.1"/>${shapes.join('')}</svg>`;
}
