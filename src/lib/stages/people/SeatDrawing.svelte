<script lang="ts">
	// A seat by what lies on it.
	import type { SeatName } from './seats';

	const { seat }: { seat: SeatName } = $props();
	const drawings: Readonly<Record<SeatName, string>> = {
		flatten: 'M8 34h32M8 29h32M8 24h32M12 18h24l4 2H8z',
		'cut-blunt':
			'M14 12l16 20M34 12L18 32M12 36a4 4 0 1 0 8 0a4 4 0 1 0-8 0M28 36a4 4 0 1 0 8 0a4 4 0 1 0-8 0M11 10a3 3 0 0 1 5 2M37 10a3 3 0 0 0-5 2',
		'cut-sharp':
			'M12 8l18 24M36 8L18 32M12 36a4 4 0 1 0 8 0a4 4 0 1 0-8 0M28 36a4 4 0 1 0 8 0a4 4 0 1 0-8 0',
		'cut-blade': 'M8 38h32M10 20a10 10 0 1 0 20 0a10 10 0 1 0-20 0M28 26l12 6M20 20h.1',
		join: 'M6 24c0-9 16-9 18 0s18 9 18 0s-16-9-18 0s-18 9-18 0',
		ball: 'M10 24a14 14 0 1 0 28 0a14 14 0 1 0-28 0M12 18q12-8 24 0M10 24q14-8 28 0M12 31q12-8 24 0',
		load: 'M8 8h32M8 40h32M12 8v32M20 8v32M28 8v20M36 8v8',
		weave: 'M8 8v32M16 8v32M24 8v32M32 8v32M40 8v32M6 34h36M6 28h36M6 22h36',
		crochet: 'M10 38L34 12q5-4 4 3q-1 4-5 1M8 28q5-6 10 0t10 0',
		twine: 'M14 6v36M24 6v36M34 6v36M8 30q5-6 10 0t10 0t10 0M8 30q5 6 10 0t10 0t10 0',
		bands: 'M12 8l20 32M20 8l20 32M32 8L12 40M40 8L20 40',
		finish: 'M8 30h32M14 30v-6q0-8 8-8t8 8M30 24q0 12-8 12',
		check: 'M8 24l10 11L40 11',
		pillows: 'M10 14q14-5 28 0q5 10 0 20q-14 5-28 0q-5-10 0-20'
	};
</script>

<svg width="48" height="48" viewBox="0 0 48 48" aria-hidden="true">
	<path
		d={drawings[seat]}
		fill="none"
		class="stroke-current"
		stroke-width="2.5"
		stroke-linecap="round"
		stroke-linejoin="round"
	/>
</svg>
