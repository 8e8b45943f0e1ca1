<script lang="ts">
	// Bags at the door: from where, when, and how they were counted.
	import { DropOffForm as say } from '$lib/words/gather';
	import { fieldMass } from '$lib/core/units/format-mass';
	import { usualDropOff } from '$lib/core/gather/odd-count';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import { onMount, tick, untrack } from 'svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import NumberPad from '$lib/ui/NumberPad.svelte';
	import BoxWeighed from './BoxWeighed.svelte';
	import SourceSacks from './SourceSacks.svelte';
	import OnlyWhen from '$lib/entries/OnlyWhen.svelte';

	interface Props {
		sources: readonly { readonly name: string; readonly bags: number; readonly dropOffs: number }[];
		today: string;
		kinds: readonly { readonly id: string; readonly name: string }[];
		/** The stand-in for a scale is shown without being asked for. */
		isScaleShown: boolean;
		sent?: SentForm | null | undefined;
	}
	const { sources, today, kinds, isScaleShown, sent }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(
		() =>
			new TypedForm(
				'drop-off',
				{
					place: '',
					came_on: today,
					brought_by: '',
					sacks: '',
					method: 'hand',
					bags: '',
					batches: '',
					batch_size: '20',
					loose: '',
					gross: '',
					tare: '',
					handfuls: '',
					bags_each: '10',
					scale_error: fieldMass(2, outbox.readBy().system),
					kind: '',
					damp: '',
					look_again: '2',
					note: '',
					sure: ''
				},
				outbox,
				sent
			)
	);
	// The hall's day may be another than was thought, and days end.
	$effect(() => {
		const day = today;
		untrack(() => form.startWith('came_on', day));
	});
	const method = $derived(form.typed.method);
	/** A source that is not among the sacks is typed; on a phone its field folds until then. */
	let isOther = $state(false);
	let placeField = $state<HTMLInputElement>();
	/** What is asked more rarely folds on a phone until it is wanted, or wrong, or filled. */
	let isMore = $state(false);
	const rare = ['brought_by', 'sacks', 'note'] as const;
	const isMoreOpen = $derived(
		isMore || rare.some((field) => form.problems[field] || form.typed[field])
	);
	const isPlaceOpen = $derived(
		sources.length === 0 ||
			isOther ||
			Boolean(form.problems.place) ||
			!['', ...sources.map(({ name }) => name)].includes(form.typed.place ?? '')
	);
	const onPhone = (isOpen: boolean) => (isOpen ? '' : '@max-[38rem]/form:hidden');
	/** The number that the digits make. */
	const counts = $derived(method === 'batches' ? 'batches' : 'bags');
	const source = $derived(sources.find(({ name }) => name === form.typed.place));
	async function typeAnother() {
		isOther = true;
		form.typed.place = '';
		await tick();
		placeField?.focus();
	}
	// Once the digits are there, a phone opens no keyboard over them.
	let hasPad = $state(false);
	onMount(() => {
		hasPad = true;
	});
	const methods = [
		{ value: 'hand', label: say.count() },
		{ value: 'weight', label: say.weigh() },
		{ value: 'batches', label: say.batches() }
	] as const;
</script>

<div class="@container/form">
	<EntryForm
		{form}
		title={say.bagsCameIn()}
		isTitled={false}
		act={say.save()}
		next={{ href: '/gather/sort', label: say.sortThem() }}
		stays={['came_on', 'method', 'tare', 'bags_each', 'scale_error']}
	>
		<SourceSacks
			{sources}
			chosen={form.typed.place ?? ''}
			{isOther}
			onchoose={(name) => {
				isOther = false;
				form.typed.place = name;
				form.beginNext();
			}}
			onother={() => void typeAnother()}
		/>
		<div
			class="grid grid-cols-[minmax(0,1fr)] items-start gap-x-6 gap-y-3 @min-[38rem]/form:grid-cols-2"
		>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
				<fieldset class="flex flex-wrap gap-2">
					<legend class="sr-only">{say.counted()}</legend>
					{#each methods as { value, label } (value)}
						<label
							class="grid min-h-11 cursor-pointer place-items-center rounded-lg bg-base-200 px-4 font-semibold has-checked:bg-neutral has-checked:text-neutral-content has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary"
						>
							<input
								class="sr-only"
								type="radio"
								name="method"
								{value}
								checked={method === value}
								onchange={() => (form.typed.method = value)}
							/>{label}</label
						>
					{/each}
				</fieldset>
				<OnlyWhen is={method === 'hand'}>
					<div class="number">
						<EntryField
							{form}
							field="bags"
							label={say.bags()}
							placeholder={say.bags()}
							inputmode={hasPad ? 'none' : 'numeric'}
						/>
					</div>
				</OnlyWhen>
				<OnlyWhen is={method === 'batches'}>
					<div class="grid grid-cols-3 items-end gap-3">
						<EntryField
							{form}
							field="batches"
							label={say.howManyBatches()}
							inputmode={hasPad ? 'none' : 'numeric'}
						/>
						<EntryField {form} field="batch_size" label={say.inEach()} inputmode="numeric" />
						<EntryField {form} field="loose" label={say.loose()} inputmode="numeric" />
					</div>
				</OnlyWhen>
				{#if source && source.dropOffs > 0 && method !== 'weight'}
					<p class="quiet text-[0.9375rem]">
						{say.usually({ bags: wholeNumber(usualDropOff(source)) })}
					</p>
				{/if}
				{#if method !== 'weight'}
					<NumberPad
						label={counts === 'bags' ? say.digitsOfBags() : say.digitsOfBatches()}
						text={form.typed[counts] ?? ''}
						onchange={(text) => {
							form.typed[counts] = text;
							form.beginNext();
						}}
					/>
				{/if}
				<OnlyWhen is={method === 'weight'}>
					<BoxWeighed {form} {kinds} {isScaleShown} isChosen={method === 'weight'} />
				</OnlyWhen>
			</div>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
				<div class={onPhone(isPlaceOpen)} data-folds>
					<EntryField
						{form}
						field="place"
						label={say.from()}
						offers={sources.map(({ name }) => name)}
						bind:element={placeField}
					/>
				</div>
				<div class="grid grid-cols-2 items-end gap-3">
					<label
						class="flex min-h-11 cursor-pointer items-center justify-center gap-2 rounded-lg border-2 border-base-300 px-3 py-1 leading-tight font-semibold has-checked:border-primary has-checked:bg-primary/10 has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary"
					>
						<input
							class="sr-only"
							type="checkbox"
							name="damp"
							value="yes"
							checked={form.typed.damp === 'yes'}
							onchange={(event) => (form.typed.damp = event.currentTarget.checked ? 'yes' : '')}
						/>
						<svg viewBox="0 0 16 20" class="h-5 shrink-0" aria-hidden="true"
							><path
								d="M8 1c5 7 7 9 7 12a7 6 0 0 1-14 0c0-3 2-5 7-12Z"
								class={form.typed.damp === 'yes' ? 'fill-primary' : 'fill-none stroke-current'}
								stroke-width="2"
							/></svg
						>
						<span>{say.allOfItIsDamp()}</span>
					</label>
					<EntryField {form} field="came_on" label={say.on()} type="date" />
				</div>
				{#if form.problems.damp}<p class="text-[0.9375rem] font-semibold text-error">
						{form.problems.damp}
					</p>{/if}
				<OnlyWhen is={form.typed.damp === 'yes'}>
					<EntryField
						{form}
						field="look_again"
						label={say.lookAgainInHours()}
						inputmode="numeric"
					/>
				</OnlyWhen>
			</div>
		</div>
		{#snippet after()}
			{#if !isMoreOpen}<button
					type="button"
					class="needs-scripts btn justify-self-start btn-ghost font-normal @min-[38rem]/form:hidden"
					onclick={() => (isMore = true)}>{say.whoSacksNote()}</button
				>{/if}
			<div
				class="grid gap-3 @min-[38rem]/form:grid-cols-[2fr_1fr_3fr] {onPhone(isMoreOpen)}"
				data-folds
			>
				<EntryField {form} field="brought_by" label={say.broughtByOptional()} />
				<EntryField {form} field="sacks" label={say.sacks()} inputmode="numeric" />
				<EntryField {form} field="note" label={say.note()} />
			</div>
			<Caution>
				{say.glovesOrWashedHandsFor()}
			</Caution>
		{/snippet}
	</EntryForm>
</div>

<style>
	/* The number stands as large as what is counted matters. */
	.number :global(.field) {
		min-height: 3.5rem;
		font-family: var(--font-figure);
		font-size: 2rem;
		font-weight: 700;
		text-align: center;
	}
	@container form (max-width: 38rem) {
		.number :global(label) {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
	}
</style>
