export * from './hook';
export * from './tippet';
export * from './leader';
export * from './seen';
export * from './still-water';
