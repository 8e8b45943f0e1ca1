import { newAccount as say } from '$lib/words/house';
import { APIError } from 'better-auth';
import { z } from 'zod';
import { auth } from './auth';
import { passphraseProblem } from './passphrase';

/** What an account is made of, as it is typed. */
export interface AccountTyped {
	readonly name: string;
	readonly email: string;
	readonly passphrase: string;
}

export const emailShape = z.email().max(320);

/** Reads what was typed of an account. */
export const accountTyped = (form: FormData): AccountTyped => {
	const text = (name: string, most: number) => String(form.get(name) ?? '').slice(0, most);
	return {
		name: text('name', 200).replace(/\s+/g, ' ').trim(),
		email: text('email', 400).trim().toLowerCase(),
		passphrase: text('passphrase', 1000)
	};
};

/** What is wrong with it, by its field. */
export async function accountProblems({
	name,
	email,
	passphrase
}: AccountTyped): Promise<Partial<Record<keyof AccountTyped, string>>> {
	const problem = await passphraseProblem(passphrase, [name, email]);
	return {
		...(name === '' ? { name: say.typeYourName() } : {}),
		...([...name].length > 120 ? { name: say.atMost120Characters() } : {}),
		...(emailShape.safeParse(email).success ? {} : { email: say.writeItAsNamePlace() }),
		...(problem === null ? {} : { passphrase: problem })
	};
}

/** Makes an account and signs in with it; null where none could be made, as where there is one. */
export async function makeAccount(
	{ name, email, passphrase }: AccountTyped,
	headers: Headers
): Promise<string | null> {
	try {
		const { user } = await auth().api.signUpEmail({
			body: { name, email, password: passphrase },
			headers
		});
		return user.id;
	} catch (problem) {
		if (problem instanceof APIError) return null;
		throw problem;
	}
}
