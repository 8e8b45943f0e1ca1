/** A message by the name that the table of routes gives it. */
export function saidOfRoute(
	messages: Readonly<Record<string, () => string>>,
	name: string
): string {
	const message = messages[name];
	if (!message) throw new Error(`no message is called ${name}`);
	return message();
}
