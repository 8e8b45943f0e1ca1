/**
 * What a service worker answers with: what it asked for anew; where something lies by already, that, once nothing came in
 * so long, or nothing came at all.
 *
 * @param asked null where no answer comes
 * @param there what lies by
 */
export async function orLaidBy(
	asked: Promise<Response | null>,
	there: Response | undefined,
	patienceMs: number
): Promise<Response> {
	const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), patienceMs));
	return (await (there ? Promise.race([asked, late]) : asked)) ?? there ?? Response.error();
}
