export * from './convert';
export * from './phrase';
export * from './compass';
export * from './local-time';
export * from './typed';
export * from './position';
