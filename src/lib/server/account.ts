import { settingsFrom, type Settings } from './settings';

export interface Account {
	id: string;
	handle: string;
	name: string;
	settings: Settings;
}

export interface AccountRow {
	id: string;
	handle: string;
	name: string;
	settings: unknown;
}

export const accountOf = ({ id, handle, name, settings }: AccountRow): Account => ({
	id,
	handle,
	name,
	settings: settingsFrom(settings)
});
