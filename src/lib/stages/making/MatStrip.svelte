<script lang="ts">
	// A mat as far as it is made: to scale, in the colours of its plan, the rest of it dashed.
	import { MatStrip as say } from '$lib/words/making';
	import { nextRow } from '$lib/core/making/mat-rows';
	import type { MatInHand } from './mat-view';
	import { lacksSoon } from './mat-view';
	import { matFarWords } from './mat-words';

	interface Props {
		mat: Pick<MatInHand, 'look' | 'rows' | 'made' | 'share'> &
			Partial<Pick<MatInHand, 'lacks' | 'course'>>;
		/** All of it is drawn as if it were made: how it would look. */
		isWhole?: boolean;
		/** Low, for a list: as long as it is, its rows one after the other whichever way they lie. */
		isLow?: boolean;
		/** The longest mat that is drawn to this scale, mm. */
		longestMm: number;
	}
	const { mat, longestMm, isWhole = false, isLow = false }: Props = $props();
	const uid = $props.id();
	/** Millimetres of a mat to a unit of film's patterns. */
	const grain = 7;
	const own = $derived(
		mat.look ?? {
			kind: 'crochet' as const,
			widthMm: 850,
			lengthMm: 1850,
			isLengthwise: false,
			rowM: 0,
			bagsPerM: 0,
			ballM: 0,
			stitch: null,
			loom: null,
			stripes: []
		}
	);
	const look = $derived(isLow ? { ...own, widthMm: 190 } : own);
	/** It grows across its width where rows run along it, or bands lie beside each other. */
	const isAcross = $derived(!isLow && (look.isLengthwise || look.kind === 'finger-bands'));
	const total = $derived(mat.rows?.total ?? 1);
	const shareOf = (rows: number) => Math.min(1, rows / total);
	/** Bands that are done, and the one in work as far as it is. */
	const band = $derived(
		!isLow && look.kind === 'finger-bands' && mat.rows
			? nextRow(mat.rows, Math.min(mat.made.near, total - 1))
			: null
	);
	const all = $derived(look.stripes.reduce((sum, { rows }) => sum + rows, 0));
	const stripes = $derived.by(() => {
		let from = 0;
		return (look.stripes.length > 0 ? look.stripes : [{ colour: 'mixed' as const, rows: 1 }]).map(
			({ colour, rows }) => {
				const begin = from;
				from += rows / (all || 1);
				return { colour, from: begin, to: from };
			}
		);
	});
	/** Of each colour all its stripes in one: a mat of many is drawn by few. */
	const fills = $derived.by(() => {
		const short = (mm: number) => Math.round((mm / grain) * 10) / 10;
		const length = isAcross ? look.widthMm : look.lengthMm;
		const stripeOf = (from: number, to: number) => {
			const [at, size] = [short(from * length), short((to - from) * length + 1)];
			return isAcross
				? `M0 ${at}h${short(look.lengthMm)}v${size}H0z`
				: `M${at} 0h${size}v${short(look.widthMm)}h${-size}z`;
		};
		return [...new Set(stripes.map(({ colour }) => colour))].map((colour) => ({
			colour,
			d: stripes
				.filter((stripe) => stripe.colour === colour)
				.map(({ from, to }) => stripeOf(from, to))
				.join('')
		}));
	});
	/** Where colours lack: from the row that cannot be made whole to the end of its stripe. */
	const gaps = $derived(
		mat.made.far > 0
			? []
			: lacksSoon({ lacks: mat.lacks ?? [], made: mat.made, rows: mat.rows }).flatMap(({ row }) => {
					const stripe = stripes.find(({ to }) => row <= to * total + 1e-6);
					return stripe ? [{ from: shareOf(row - 1), to: stripe.to }] : [];
				})
	);
	/** The edge that leaves the straight, from the row since which it does. */
	const bent = $derived(
		mat.course && mat.course.verdict !== 'straight' && !isAcross
			? {
					from: shareOf(mat.course.sinceRow),
					by: Math.min(
						0.25,
						(Math.abs(mat.course.slopeMm) * (mat.made.near - mat.course.sinceRow)) / look.widthMm
					)
				}
			: null
	);
	const near = $derived(shareOf(isWhole ? total : mat.made.near));
	const far = $derived(mat.rows?.ends === 2 ? shareOf(mat.made.far) : 0);
	const { widthMm, lengthMm } = $derived(look);
</script>

<svg
	viewBox="-10 {isLow ? -20 : -40} {longestMm + 20} {widthMm + (isLow ? 40 : 80)}"
	class="block h-auto w-full"
	role="img"
	aria-label={say.theMatAsFarAs({ matFar: matFarWords(mat) })}
>
	<defs>
		<clipPath id="{uid}-made">
			{#if band && mat.rows}
				<rect width={lengthMm} height={((band.part - 1) / mat.rows.parts) * widthMm} />
				<rect
					y={((band.part - 1) / mat.rows.parts) * widthMm}
					width={((band.row - 1) / mat.rows.each) * lengthMm}
					height={widthMm / mat.rows.parts}
				/>
				{#if mat.share >= 1}<rect width={lengthMm} height={widthMm} />{/if}
			{:else if isAcross}
				<rect width={lengthMm} height={near * widthMm} />
			{:else}
				<rect width={near * lengthMm} height={widthMm} />
				<rect x={lengthMm * (1 - far)} width={far * lengthMm} height={widthMm} />
			{/if}
		</clipPath>
	</defs>
	<g clip-path="url(#{uid}-made)">
		<!-- Film's patterns are made for a screen: drawn coarser, they show at this scale. -->
		<g transform="scale({grain})">
			{#each fills as { colour, d } (colour)}<path {d} fill="url(#film-{colour})" />{/each}
		</g>
	</g>
	{#if look.kind === 'peg-loom' || look.kind === 'twined'}
		<path
			d={Array.from(
				{ length: 12 },
				(_, at) => `M${near * lengthMm} ${((at + 0.5) / 12) * widthMm}H${lengthMm * (1 - far)}`
			).join('')}
			class="fill-none stroke-base-content/40"
			stroke-width="5"
		/>
	{/if}
	<rect
		width={lengthMm}
		height={widthMm}
		class="fill-none stroke-base-content/60"
		stroke-width="7"
		stroke-dasharray="24 18"
		rx="10"
	/>
	{#each gaps as { from, to } (from)}
		<rect
			x={isAcross ? 0 : from * lengthMm}
			y={isAcross ? from * widthMm : 0}
			width={isAcross ? lengthMm : (to - from) * lengthMm}
			height={isAcross ? (to - from) * widthMm : widthMm}
			class="fill-none stroke-warning"
			stroke-width="12"
			stroke-dasharray="30 16"
		/>
	{/each}
	{#if bent && mat.course}
		<path
			d="M{bent.from * lengthMm} {widthMm}L{near * lengthMm} {widthMm *
				(1 + (mat.course.verdict === 'narrows' ? -bent.by : bent.by))}"
			class="fill-none stroke-warning"
			stroke-width="22"
		/>
	{/if}
	{#if mat.share > 0 && mat.share < 1 && !band && !isWhole}
		{#if isAcross}
			<path
				d="M-10 {near * widthMm}H{lengthMm + 10}"
				class="stroke-base-content"
				stroke-width="14"
			/>
		{:else}
			<path
				d="M{near * lengthMm} -40V{widthMm + 40}"
				class="stroke-base-content"
				stroke-width="14"
			/>
			{#if far > 0}
				<path
					d="M{lengthMm * (1 - far)} -40V{widthMm + 40}"
					class="stroke-base-content"
					stroke-width="14"
				/>
			{/if}
		{/if}
	{/if}
</svg>
