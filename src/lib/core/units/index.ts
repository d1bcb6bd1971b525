export * from './convert';
export * from './phrase';
export * from './local-time';
