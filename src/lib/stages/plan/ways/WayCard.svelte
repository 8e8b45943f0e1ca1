<script lang="ts">
	// One way of working: what it is asked and what it comes to, side by side, as it is typed.
	import { OtherWays as say } from '$lib/words/plan';
	import type { Bag } from '$lib/core/bag/measure-bag';
	import { DomainError } from '$lib/core/domain-error';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { fieldLength } from '$lib/core/units/format-length';
	import { fieldMass } from '$lib/core/units/format-mass';
	import { countOf, lengthOf, massOf } from '$lib/ui/typed-values';
	import { untrack } from 'svelte';
	import type { AskedField, Calculator, Worked } from './calculators';

	interface Props {
		way: Calculator;
		bag: Bag;
		system: LengthSystem;
		isOpen: boolean;
	}
	const { way, bag, system, isOpen }: Props = $props();
	const uid = $props.id();
	const firstOf = ({ asked }: AskedField): string => {
		switch (asked.of) {
			case 'length':
				return fieldLength(asked.mm, system, asked.scale);
			case 'mass':
				return fieldMass(asked.value, system);
			case 'count':
				return String(asked.value);
			case 'word':
				return asked.value;
		}
	};
	let typed = $state<Record<string, string>>(
		untrack(() => Object.fromEntries(way.fields.map((field) => [field.name, firstOf(field)])))
	);
	/** A figure as it was meant; null where it was not understood. */
	const numberIn = ({ name, asked }: AskedField): number | null => {
		const text = typed[name] ?? '';
		if (asked.of === 'length') return lengthOf(text, system, asked.scale).mm ?? null;
		if (asked.of === 'mass') return massOf(text, system).g ?? null;
		return asked.of === 'count' ? (countOf(text).value ?? null) : 0;
	};
	const problems = $derived(
		new Set(way.fields.filter((field) => (numberIn(field) ?? -1) < 0).map(({ name }) => name))
	);
	const worked = $derived.by((): Worked | { readonly refused: string } | null => {
		if (problems.size > 0) return null;
		const numbers = new Map(way.fields.map((field) => [field.name, numberIn(field) ?? NaN]));
		try {
			return way.work({
				number: (name) => numbers.get(name) ?? NaN,
				word: (name) => typed[name] ?? '',
				bag,
				system
			});
		} catch (error) {
			if (!(error instanceof DomainError)) throw error;
			return { refused: error.parameter };
		}
	});
</script>

<details class="sheet px-4 py-1 open:pb-4" data-way={way.id} open={isOpen}>
	<summary class="min-h-11 cursor-pointer py-2"
		><h2 class="inline text-lg">{way.title}</h2>
		<span class="quiet block text-[0.9375rem]">{way.why}</span></summary
	>
	<div class="mt-2 grid grid-cols-[minmax(0,1fr)] gap-4 @min-[48rem]:grid-cols-2">
		<div class="grid content-start gap-3 @min-[30rem]:grid-cols-2">
			{#each way.fields as { name, label, asked } (name)}
				<label class="grid content-start gap-1 text-[0.9375rem]">
					{label}
					{#if asked.of === 'word'}
						<select class="field" bind:value={typed[name]} data-field={name}>
							{#each Object.entries(asked.words) as [value, words] (value)}<option {value}
									>{words}</option
								>{/each}
						</select>
					{:else}
						<input
							class="field"
							inputmode={asked.of === 'count' ? 'numeric' : 'decimal'}
							bind:value={typed[name]}
							data-field={name}
							aria-invalid={problems.has(name) ? 'true' : undefined}
							aria-describedby={problems.has(name) ? `${uid}-${name}` : undefined}
						/>
						{#if problems.has(name)}<span class="font-semibold text-error" id="{uid}-{name}"
								>{say.notUnderstood()}</span
							>{/if}
					{/if}
				</label>
			{/each}
		</div>
		<div aria-live="polite">
			{#if worked && 'refused' in worked}
				<p class="font-semibold text-error" data-refused={worked.refused}>{say.cannotBeMade()}</p>
			{:else if worked}
				<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1">
					{#each worked.figures as [label, value] (label)}
						<dt>{label}</dt>
						<dd class="figure text-right font-semibold" data-figure={label}>{value}</dd>
					{/each}
				</dl>
				{#each worked.calls as call (call)}<p class="mt-2 text-[0.9375rem]">{call}</p>{/each}
			{/if}
		</div>
	</div>
</details>
