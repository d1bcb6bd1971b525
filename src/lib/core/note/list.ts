import * as v from 'valibot';

/**
 * A list whose length is looked at before its items: of a million wrong items, none is.
 *
 * @param holds what one of them is called in the plural, for the sentence that says there are too many
 */
export function listOf<const T extends v.GenericSchema>(item: T, most: number, holds: string) {
	const said = `holds over ${most} ${holds}`;
	const items = v.array(item, 'must be a list');
	const tooLong = v.custom<never>(() => false, said);
	const looked: typeof items = {
		...items,
		'~run': (dataset, config) =>
			Array.isArray(dataset.value) && dataset.value.length > most
				? tooLong['~run'](dataset, config)
				: items['~run'](dataset, config)
	};
	// Said a second time for the description of the interface, which is made from the schemas.
	return v.pipe(looked, v.maxLength(most, said));
}
