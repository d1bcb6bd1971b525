/**
 * By which a page says whose it is when it asks the server for something. Where another guide has signed in since,
 * the server answers 401: nothing of one guide is done as another.
 */
export const ACCOUNT_HEADER = 'lacewing-account';
