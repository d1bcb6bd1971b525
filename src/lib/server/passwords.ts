import { hash, verify } from '@node-rs/argon2';
import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import { randomBytes } from 'node:crypto';
import * as v from 'valibot';
import { fault } from '$lib/core/message';
import words from './words';

export const PasswordSchema = v.pipe(
	v.string(),
	v.minLength(10, fault(words('least-characters', { least: 10 }))),
	v.maxLength(200, fault(words('most-characters', { most: 200 })))
);

/** Argon2id with the parameters of RFC 9106's second recommendation, memory halved for small servers. */
const ARGON2ID = { algorithm: 2, memoryCost: 32 * 1024, timeCost: 3, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password, ARGON2ID);

/** Whether it is the password; without a hash to compare with, the answer is no and takes as long. */
export async function isPassword(
	password: string,
	passwordHash: string | null | undefined
): Promise<boolean> {
	const right = await verify(passwordHash ?? (await nobodysHash()), password.slice(0, 200));
	return right && typeof passwordHash === 'string';
}

let nobody: Promise<string> | undefined;
const nobodysHash = (): Promise<string> => (nobody ??= hashPassword(randomBytes(24).toString('hex')));

/** Estimating is slow for long texts, and a long one is not in any list. */
const estimator = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs, maxLength: 40 });
/** Of zxcvbn's scale from 0 to 4: below, a few million guesses find it. */
const LEAST_SCORE = 2;

/**
 * Whether a password is among the first that anybody would guess: in the list of common ones, as such or with the
 * usual disguises, a walk over the keyboard, a repetition, the guide's own names.
 *
 * Source: Wheeler, D. L. (2016), zxcvbn: low-budget password strength estimation, USENIX Security 25.
 */
export function isCommonPassword(password: string, ownNames: readonly string[]): boolean {
	return estimator.check(password, [...ownNames, 'lacewing']).score < LEAST_SCORE;
}
