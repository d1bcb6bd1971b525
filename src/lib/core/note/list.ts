import * as v from 'valibot';
import { fault } from '../message';
import faults from './fault-words';

/**
 * A list whose length is looked at before its items: of a million wrong items, none is.
 */
export function listOf<const T extends v.GenericSchema>(item: T, most: number) {
	const said = fault(faults('many', { most }));
	const items = v.array(item, fault(faults('list')));
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
