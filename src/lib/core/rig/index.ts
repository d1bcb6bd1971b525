export * from './hook';
export * from './tippet';
