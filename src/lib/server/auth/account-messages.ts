import { house } from '../db/db';

/**
 * Leaves a message to an account for whoever runs the machine to pass on: nothing is sent from here.
 * The application can write them and read none, as they carry ways in.
 */
export async function leaveMessage(email: string, subject: string, words: string): Promise<void> {
	await house.execute('insert into account_message (email, subject, words) values ($1, $2, $3)', [
		email,
		subject,
		words
	]);
}
