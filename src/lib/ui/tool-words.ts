import { toolWords as say } from '$lib/words/common';
import type { Tool, ToolSort } from '$lib/core/tools/tools';
import { toolWidthMm } from '$lib/core/tools/tools';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, formatSpacing, trimmed } from '$lib/core/units/format-length';
import { hookName } from './stitch-words';

export const toolNames: Readonly<Record<ToolSort, string>> = {
	loom: say.pegLoom(),
	frame: say.nailFrame(),
	hook: say.crochetHook(),
	'sharp-scissors': say.scissors(),
	'blunt-scissors': say.bluntScissors(),
	'rolling-blade': say.rollingBladeAndBoard(),
	winder: say.winder(),
	spindle: say.handSpindle(),
	scale: say.scale(),
	crate: say.box()
};

/** What a tool measures, in a line; empty for what is only counted. */
export function toolWords(tool: Tool, system: LengthSystem): string {
	switch (tool.sort) {
		case 'loom':
			return say.pegsApartFromPegTo({
				pegs: tool.pegs,
				formatSpacing: formatSpacing(tool.pitchMm, system),
				formatLength: formatLength(tool.pegToPegMm, system, 'mat'),
				formatLength2: formatLength(toolWidthMm(tool), system, 'mat'),
				isHasRods: tool.hasRods ? 'yes' : 'no'
			});
		case 'frame':
			return say.nailsApartLongAPanel({
				nails: tool.nails,
				formatSpacing: formatSpacing(tool.pitchMm, system),
				formatLength: formatLength(tool.lengthMm, system, 'mat'),
				formatLength2: formatLength(toolWidthMm(tool), system, 'mat'),
				isRods: tool.rods === 'eyes' ? 'yes' : 'no'
			});
		case 'hook':
			return hookName(tool.mm) || `${trimmed(tool.mm, 1)} mm`;
		default:
			return '';
	}
}
