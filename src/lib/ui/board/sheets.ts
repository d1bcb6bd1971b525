/** What opens over the board. Loaded right behind it, so that the board itself is there sooner. */
export { default as NoteForms } from './NoteForms.svelte';
export { default as Shortcuts } from './Shortcuts.svelte';
export { default as NoteSheet } from './NoteSheet.svelte';
export { default as WhySheet } from './WhySheet.svelte';
export { default as LookWhere } from '../stand/LookWhere.svelte';
export { compareSchools } from '$lib/core/match';
export { tellBuild } from './tell-build';
