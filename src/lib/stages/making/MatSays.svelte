<script lang="ts">
	// What a mat says of itself once it is measured: how long it gets, whether it narrows, what that costs.
	import { MatSays as msg } from '$lib/words/making';
	import { heightSoFar } from '$lib/core/making/height-so-far';
	import { formatLength, type LengthSystem } from '$lib/core/units/format-length';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { stripesText } from '$lib/entries/types/mat-course';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { figure, fixed, smallNumber } from '$lib/ui/number-words';
	import { untrack } from 'svelte';
	import { addAndSay } from '$lib/entries/add-and-say';
	import type { MatInHand } from './mat-view';
	import { courseWords } from './mat-words';

	interface Props {
		mat: MatInHand;
		system: LengthSystem;
		sent?: SentForm | null | undefined;
	}
	const { mat, system, sent }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(
		() =>
			new TypedForm(
				'mat-size',
				{
					mat: mat.code,
					row: String(mat.made.near + mat.made.far),
					length: '',
					width: '',
					sure: ''
				},
				outbox,
				sent
			)
	);
	const lengthWords = (mm: number) => formatLength(mm, system, 'mat');
	const measured = $derived(mat.said.sizes.findLast(({ lengthMm }) => lengthMm !== null));
	const height = $derived.by(() => {
		const { look, rows } = mat;
		if (!look || !rows || rows.parts > 1 || !measured?.lengthMm) return null;
		const target = look.isLengthwise ? look.widthMm : look.lengthMm;
		const planned = { rows: rows.total, lengthMm: target, rowM: look.rowM };
		return heightSoFar(measured.row, measured.lengthMm, planned);
	});
	/** The rows of the mat, so many more or fewer at its end, in the colour they end with. */
	const stripes = $derived.by(() => {
		const own = mat.look?.stripes ?? [];
		let more = height?.moreRows ?? 0;
		const last = own.at(-1);
		if (!last) return [];
		if (more >= 0) return [...own.slice(0, -1), { ...last, rows: last.rows + more }];
		const kept = own.toReversed().flatMap((stripe) => {
			const off = Math.min(stripe.rows, -more);
			more += off;
			return stripe.rows > off ? [{ ...stripe, rows: stripe.rows - off }] : [];
		});
		return kept.toReversed();
	});
	/** By how many days those rows move the day it is ready, at the pace it has. */
	const daysMore = $derived.by(() => {
		const left = (mat.rows?.total ?? 0) - mat.made.near - mat.made.far;
		if (!height || !mat.ready.middle || left <= 0) return null;
		const days = (Date.parse(mat.ready.middle) - Date.parse(outbox.readBy().today)) / 86_400_000;
		return Math.max(0, Math.round((days * Math.abs(height.moreRows)) / left));
	});
	let said = $state('');
	async function goOn(): Promise<void> {
		const typed = { mat: mat.code, stripes: stripesText(stripes) };
		const act = { type: 'stripes', typed, words: msg.howGoesOn({ code: mat.code }) };
		said = await addAndSay(outbox, act, msg.saved());
	}
	const rowsWords = (count: number) => msg.rows({ count, said: smallNumber(count) });
</script>

<EntryForm
	{form}
	title={msg.measureIt()}
	act={msg.saveSize()}
	stays={['mat', 'row']}
	isMain={false}
>
	<h3 class="sr-only" id="course" tabindex="-1">{msg.result()}</h3>
	{#if mat.course}
		<p class={mat.course.verdict === 'straight' ? '' : 'font-semibold'} data-course>
			{msg.it({ course: courseWords(mat.course) })}
			{#if mat.course.verdict === 'narrows'}{msg.theLastStitchOfA({
					rows: rowsWords(mat.course.stitches),
					sinceRow: mat.course.sinceRow
				})}{:else if mat.course.verdict === 'widens'}{msg.oneStitchTooManyAt()}{/if}
		</p>
	{/if}
	{#if height}
		<p data-height>
			{msg.atRowItIsIts({
				row: measured?.row ?? '',
				length: lengthWords(measured?.lengthMm ?? 0),
				rowMm: fixed(height.rowMm, 1),
				part:
					Math.abs(height.drift - 1) < 0.005
						? msg.asPlanned()
						: msg.isdriftSelectYesOtherThan({
								abs: figure(Math.abs(height.drift - 1) * 100),
								isDrift: height.drift > 1 ? 'yes' : 'no'
							}),
				length2: lengthWords(height.reachesMm)
			})}
			{#if height.moreRows !== 0}
				{msg.itTakesIsmorerowsSelectYes({
					rows: rowsWords(Math.abs(height.moreRows)),
					isMoreRows: height.moreRows > 0 ? 'yes' : 'no',
					abs: figure(Math.abs(height.moreM)),
					abs2: figure(Math.abs(height.moreM) * (mat.look?.bagsPerM ?? 0))
				})}{#if daysMore !== null}{msg.andAboutDaysmore2PluralOne({
						daysMore: smallNumber(daysMore),
						daysMore2: daysMore
					})}{/if}
				{height.moreRows > 0 ? msg.more() : msg.less()}.
			{/if}
		</p>
		{#if height.moreRows !== 0}
			<button type="button" class="btn h-auto min-h-11" onclick={() => void goOn()}
				>{msg.makeItRows({ rows: height.rows })}</button
			>
			<p class="quiet" role="status">{said}</p>
		{/if}
	{/if}
	<input type="hidden" name="mat" value={mat.code} />
	<EntryField {form} field="row" label={msg.atRow()} inputmode="numeric" />
	<EntryField {form} field="length" label={msg.lengthSoFar()} inputmode="decimal" />
	<EntryField {form} field="width" label={msg.widthThere()} inputmode="decimal" />
</EntryForm>
