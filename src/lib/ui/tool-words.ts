import type { Tool, ToolSort } from '$lib/core/tools/tools';
import { toolWidthMm } from '$lib/core/tools/tools';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, formatSpacing, trimmed } from '$lib/core/units/format-length';
import { hookName } from './stitch-words';

export const toolNames: Readonly<Record<ToolSort, string>> = {
	loom: 'peg loom',
	frame: 'nail frame',
	hook: 'crochet hook',
	'sharp-scissors': 'scissors',
	'blunt-scissors': 'blunt scissors',
	'rolling-blade': 'rolling blade and board',
	winder: 'winder',
	spindle: 'hand spindle',
	scale: 'scale',
	crate: 'crate'
};

/** What a tool measures, in a line; empty for what is only counted. */
export function toolWords(tool: Tool, system: LengthSystem): string {
	switch (tool.sort) {
		case 'loom':
			return `${tool.pegs} pegs, ${formatSpacing(tool.pitchMm, system)} apart, ${formatLength(tool.pegToPegMm, system, 'mat')} from peg to peg; a mat about ${formatLength(toolWidthMm(tool), system, 'mat')} wide${tool.hasRods ? '' : ', no side rods'}`;
		case 'frame':
			return `${tool.nails} nails, ${formatSpacing(tool.pitchMm, system)} apart, ${formatLength(tool.lengthMm, system, 'mat')} long; a panel about ${formatLength(toolWidthMm(tool), system, 'mat')} wide, rods held by ${tool.rods === 'eyes' ? 'eyes' : 'bare nails'}`;
		case 'hook':
			return hookName(tool.mm) || `${trimmed(tool.mm, 1)} mm`;
		default:
			return '';
	}
}
