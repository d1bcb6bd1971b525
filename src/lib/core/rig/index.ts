export * from './hook';
export * from './tippet';
export * from './leader';
