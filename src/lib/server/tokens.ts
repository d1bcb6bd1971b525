import { createHash, randomBytes } from 'node:crypto';

/** A token that cannot be guessed, for cookies and links; what is stored is its hash. */
export const newToken = (): string => randomBytes(24).toString('base64url');

/** SHA-256, for tokens that are random enough to need no salt. */
export const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();
