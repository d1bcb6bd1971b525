import {
	converter,
	differenceCiede2000,
	formatHex,
	modeLab65,
	modeLrgb,
	modeRgb,
	modeXyz65,
	useMode
} from 'culori/fn';

// The few spaces that are used here: the library brings thirty otherwise.
for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65]) useMode(mode as Parameters<typeof useMode>[0]);

interface Lab {
	l: number;
	a: number;
	b: number;
}
const ciede2000 = differenceCiede2000();
const asLinearRgb = converter('lrgb');
const asLab = converter('lab65');

/** How a screen shows a colour of CIELAB under D65: `#rrggbb`, cut to what it can show. */
export const hexOfLab = (lab: Lab): string => formatHex({ mode: 'lab65', ...lab });

/** A colour of CIELAB under D65 as linear light; outside of 0 to 1 where no screen can show it. */
export function linearRgbOf(lab: Lab): { r: number; g: number; b: number } {
	const { r, g, b } = asLinearRgb({ mode: 'lab65', ...lab });
	return { r, g, b };
}

/** Linear light from 0 to 1 as CIELAB under D65. */
export function labOfLinear(linear: { r: number; g: number; b: number }): Lab {
	const { l, a, b } = asLab({ mode: 'lrgb', ...linear });
	return { l, a, b };
}

/** CIEDE2000 of two colours of CIELAB. Source: Sharma, Wu & Dalal (2005), Color Res. Appl. 30(1), 21–30. */
export const ciede2000Of = (one: Lab, other: Lab): number =>
	ciede2000({ mode: 'lab65', ...one }, { mode: 'lab65', ...other });
