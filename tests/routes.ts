import { readdirSync } from 'node:fs';
import path from 'node:path';
import { permissions, reads } from '../src/lib/server/auth/permissions';

/** The path of a route with something in its places. */
export const pathOfRoute = (route: string, uuid: string): string =>
	route
		.replace('[id=uuid]', uuid)
		.replace('[id]', uuid)
		.replace('[list]', 'store')
		.replace('[sheet]', 'loom')
		.replace('[station]', 'cut')
		.replace('[code]', '22222')
		.replace('[act]', 'spiral')
		.replace('[address]', 'A'.repeat(64))
		.replace('[...rest]', 'nothing');

/** Routes that have a page, but for those that are measured beside it. */
export const pageRoutes = readdirSync('src/routes', { recursive: true, encoding: 'utf8' })
	.filter((file) => file.endsWith('+page.svelte') && !/(^|\/)bare\//.test(file))
	.map((file) => `/${path.dirname(file)}`.replace(/\/\.$/, '/'));

/** Acts that would end the sign-in they are tried by. */
export const endingActs = ['/account out', '/account elsewhere'];

/** Every route there is. */
export const allRoutes = Object.keys(reads);
/** Every act with its route; one that has no name goes to the route as it is. */
export const namedActs = Object.keys(permissions)
	.filter((act) => !endingActs.includes(act))
	.map((act) => {
		const [route = '', name = ''] = act.split(' ');
		return { route, name: ['POST', 'default'].includes(name) ? '' : name };
	});
/** The names of all acts. */
export const actNames = [...new Set(namedActs.map(({ name }) => name))].filter(Boolean);
