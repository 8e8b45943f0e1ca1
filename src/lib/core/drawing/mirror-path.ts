/** How the numbers of a command alternate: x and y in turn, or as they are named. */
const axes: Readonly<Record<string, string>> = {
	m: 'xy',
	l: 'xy',
	h: 'x',
	v: 'y',
	c: 'xyxyxy',
	q: 'xyxy',
	a: '..rfsxy',
	z: ''
};

/**
 * A path seen in a mirror that stands upright: left is right.
 *
 * @param path commands m, l, h, v, c, q, a and z, of either case
 * @param width what lies at 0 comes to lie there
 * @example mirrorPath('M1 2h3a2 2 0 1 0 4 0z', 10) // 'M9 2h-3a2 2 0 1 1 -4 0z'
 */
export function mirrorPath(path: string, width: number): string {
	return path.replace(/([a-zA-Z])([^a-zA-Z]*)/g, (whole, command: string, rest: string) => {
		const roles = axes[command.toLowerCase()];
		if (!roles) return whole;
		const isRelative = command === command.toLowerCase();
		const numbers = rest.match(/-?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/g) ?? [];
		const turned = numbers.map((text, at) => {
			const value = Number(text);
			switch (roles[at % roles.length]) {
				case 'x':
					return isRelative ? -value || 0 : width - value;
				// An arc goes round the other way, and leans the other way.
				case 's':
					return 1 - value;
				case 'r':
					return -value || 0;
				default:
					return value;
			}
		});
		return command + turned.join(' ');
	});
}
