/** A message by its name, where what is said is named by a table or worked out. */
export function messageNamed(
	messages: Readonly<Record<string, () => string>>,
	name: string
): string {
	const message = messages[name];
	if (!message) throw new Error(`no message is called ${name}`);
	return message();
}
