import { terms } from '$lib/ui/terms';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { stitchName } from '$lib/ui/stitch-words';

/** A word of the craft, and what it means; an act shows it where one does. */
export interface CraftWord {
	readonly word: string;
	readonly means: string;
}

const plain: readonly CraftWord[] = [
	{
		word: 'Ball',
		means:
			'Strand wound up, with a label that says its colour, how many bags are in it and how wide its strip is.'
	},
	{
		word: 'Band',
		means:
			'A strip of mat woven with the fingers from whole tubes; bands linked edge to edge make the mat.'
	},
	{
		word: 'Batch',
		means:
			'Bags counted and stacked together, twenty as a rule: how bags are counted and handed on.'
	},
	{ word: 'Beat', means: 'To push a row down close on the one before, with fingers or a fork.' },
	{
		word: 'Chain',
		means:
			'In crochet, loops drawn one through the next: a mat begins with one. At the table, pieces joined before they are balled.'
	},
	{
		word: 'Crimp',
		means: 'How much longer a weft is than the mat is wide, because it goes up and down.'
	},
	{
		word: 'Gauge',
		means:
			'How many stitches and rows come out on a measured square, in these hands with this hook.'
	},
	{ word: 'Gusset', means: 'The fold in each side of a bag, tucked in when it lies flat.' },
	{
		word: 'Half bag',
		means: 'A bag cut down its middle and opened into two very wide rings; nothing is trimmed.'
	},
	{
		word: 'Hook',
		means:
			'What one crochets with. Its size is its thickness in millimetres; US letters and UK numbers name the same hooks.'
	},
	{
		word: 'Joint',
		means: 'Where one piece is joined to the next: loop through loop, a knot, or slit in slit.'
	},
	{
		word: 'Loop joint',
		means: 'One ring through the next and back through itself, drawn small and snug.'
	},
	{ word: 'Panel', means: 'Part of a mat, where the frame is smaller than the mat.' },
	{ word: 'Peg', means: 'What a strand of warp is looped about, at either end of a loom.' },
	{ word: 'Pick', means: 'One passing of the weft across the warp: a row of weaving.' },
	{
		word: 'Ply',
		means: 'One of the strips that lie side by side in a strand: a ring pulled out has two.'
	},
	{ word: 'Ring', means: 'A band without an end, cut straight across a bag; also called a loop.' },
	{
		word: 'Rod',
		means: 'A straight stick along the side of a loom or a frame: it keeps the edge straight.'
	},
	{ word: 'Row', means: 'One time across the mat, in stitches or in weft.' },
	{ word: 'Scrap', means: 'What is trimmed off or too torn for strand; it stuffs pillows.' },
	{ word: 'Seat', means: 'A place at the table with one kind of work.' },
	{ word: 'Sett', means: 'How close the strands of a warp lie.' },
	{ word: 'Spindle', means: 'A stick with a weight that twists a strand as it turns.' },
	{ word: 'Spiral', means: 'A bag cut round and round into one long strip.' },
	{ word: 'Spoiled', means: 'Film that tore or was cut wrong in the work.' },
	{ word: 'Strip', means: 'Film cut to a width, before it is joined.' },
	{ word: 'Swatch', means: 'A small piece made and measured, so that the sums fit these hands.' },
	{ word: 'Table day', means: 'A day on which the table meets.' },
	{ word: 'Tail', means: 'The end that stands out of a knot; it is laid under stitches.' },
	{ word: 'Tally', means: 'What a plan comes to: bags, strand, balls, joints, hours, weight.' },
	{ word: 'Turning chain', means: 'The chains that lift the work to the height of its next row.' },
	{
		word: 'Twine',
		means:
			'To lead a pair of strands across so that they twist about each other between one end of warp and the next.'
	},
	{ word: 'Warp', means: 'The strands that run the length of a loom or a frame.' },
	{ word: 'Weft', means: 'The strand that goes across, over and under the warp.' },
	{ word: 'Whole tube', means: 'A bag with its bottom off: one very wide ring.' },
	{ word: 'Working strand', means: 'The strand between the hook and the ball.' }
];

const stitchMeans = {
	sc: 'the shortest stitch: a dense mat',
	hdc: 'the middle stitch',
	dc: 'the tall stitch: quick, and open'
} as const;

/** The stitches, by the names of both countries; the group's own first. */
const stitchWords = (own: StitchTerms): CraftWord[] =>
	(['sc', 'hdc', 'dc'] as const).map((stitch) => {
		const [first, second] = own === 'us' ? (['us', 'uk'] as const) : (['uk', 'us'] as const);
		const name = stitchName(stitch, first);
		return {
			word: name.charAt(0).toUpperCase() + name.slice(1),
			means: `As your group says it, ${first.toUpperCase()} words: ${stitchMeans[stitch]}. In ${second.toUpperCase()} words it is ${stitchName(stitch, second)}: the same words mean different stitches, so say which are in use.`
		};
	});

/** Every word of the craft, in the order of the alphabet, with the stitches as the group says them. */
export const glossaryOf = (own: StitchTerms): CraftWord[] =>
	[
		...plain,
		...Object.values(terms).map(({ word, means }) => ({ word, means })),
		...stitchWords(own)
	].toSorted((one, other) => one.word.localeCompare(other.word, 'en'));
