import { loadLanguage } from '$lib/languages';
import type { LayoutLoad } from './$types';

export const load: LayoutLoad = async ({ data }) => ({ ...data, writes: await loadLanguage(data.language) });
