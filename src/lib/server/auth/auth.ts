import { auth as msg } from '$lib/words/house';
import { hash, verify } from '@node-rs/argon2';
import { passkey } from '@better-auth/passkey';
import { betterAuth } from 'better-auth';
import { sveltekitCookies } from 'better-auth/svelte-kit';
import type pg from 'pg';
import { getRequestEvent } from '$app/server';
import { writers } from '../db/pool';
import { leaveMessage } from './account-messages';

/** So long a sign-in lasts that is not used, s, and how often its time is begun anew. */
const signInSeconds = 14 * 24 * 3600;
const renewedSeconds = 24 * 3600;
/** So long a way back after a forgotten passphrase is open, s. */
const recoverySeconds = 30 * 60;
/** A passphrase, by its length in characters. */
export const passphraseLength = { least: 12, most: 128 };

const times = { createdAt: 'created_at', updatedAt: 'updated_at' };

/** What signs in, on the connections of one pool. */
function over(database: pg.Pool) {
	const { ORIGIN: origin = 'http://127.0.0.1', NEST_ROW_SECRET: secret } = process.env;
	if (!secret) throw new Error('sign-in is on, and NEST_ROW_SECRET is not set');
	return betterAuth({
		appName: msg.nestRow(),
		baseURL: origin,
		basePath: '/api/auth',
		secret,
		database,
		// Its own lines could tell what was sent; ours say what happened.
		logger: { disabled: true },
		telemetry: { enabled: false },
		user: { modelName: 'account', fields: { ...times, emailVerified: 'email_verified' } },
		session: {
			modelName: 'sign_in',
			fields: {
				...times,
				userId: 'account_id',
				expiresAt: 'expires_at',
				ipAddress: 'ip_address',
				userAgent: 'user_agent'
			},
			expiresIn: signInSeconds,
			updateAge: renewedSeconds,
			// Asked of the database each time: a sign-in that was ended is over at once.
			cookieCache: { enabled: false }
		},
		account: {
			modelName: 'credential',
			fields: {
				...times,
				userId: 'account_id',
				accountId: 'provider_account_id',
				providerId: 'provider_id',
				accessToken: 'access_token',
				refreshToken: 'refresh_token',
				idToken: 'id_token',
				accessTokenExpiresAt: 'access_token_expires_at',
				refreshTokenExpiresAt: 'refresh_token_expires_at'
			}
		},
		verification: {
			modelName: 'verification',
			fields: { ...times, expiresAt: 'expires_at' },
			storeIdentifier: 'hashed'
		},
		emailAndPassword: {
			enabled: true,
			minPasswordLength: passphraseLength.least,
			maxPasswordLength: passphraseLength.most,
			// Argon2id at the cost the package recommends, on threads of its own.
			password: {
				hash: (password) => hash(password),
				verify: ({ hash: kept, password }) => verify(kept, password)
			},
			resetPasswordTokenExpiresIn: recoverySeconds,
			revokeSessionsOnPasswordReset: true,
			sendResetPassword: ({ user, token }) =>
				leaveMessage(
					user.email,
					msg.aNewPassphraseForNest(),
					msg.someoneAskedForANew({ origin, token })
				)
		},
		// How often is counted by ours, for forms as well, in the database.
		rateLimit: { enabled: false },
		advanced: {
			cookiePrefix: 'nest-row',
			useSecureCookies: origin.startsWith('https:'),
			database: { generateId: 'uuid' },
			ipAddress: { disableIpTracking: true }
		},
		plugins: [
			passkey({
				rpID: new URL(origin).hostname,
				rpName: msg.nestRow(),
				origin,
				schema: {
					passkey: {
						modelName: 'passkey',
						fields: {
							userId: 'account_id',
							publicKey: 'public_key',
							credentialID: 'credential_id',
							deviceType: 'device_type',
							backedUp: 'backed_up',
							createdAt: 'created_at'
						}
					}
				}
			}),
			// The last: it lays what the others set into the answer.
			sveltekitCookies(getRequestEvent)
		]
	});
}

type Auth = ReturnType<typeof over>;
let made: { pool: pg.Pool; auth: Auth } | null = null;

/** What signs in and knows who is signed in, on the process's connections. */
export function auth(): Auth {
	const pool = writers();
	if (made?.pool !== pool) made = { pool, auth: over(pool) };
	return made.auth;
}
