/** What opens over the board. Loaded right behind it, so that the board itself is there sooner. */
export { default as ConditionsForm } from '../notes/ConditionsForm.svelte';
export { default as HatchForm } from '../notes/HatchForm.svelte';
export { default as LookedForm } from '../notes/LookedForm.svelte';
export { default as SuspicionForm } from '../notes/SuspicionForm.svelte';
export { default as UnnamedForm } from '../notes/UnnamedForm.svelte';
export { default as RemarkForm } from '../notes/RemarkForm.svelte';
export { default as RisePad } from '../notes/RisePad.svelte';
export { default as SightingForm } from '../notes/SightingForm.svelte';
export { default as NoteSheet } from './NoteSheet.svelte';
export { default as WhySheet } from './WhySheet.svelte';
export { tellBuild } from './tell-build';
