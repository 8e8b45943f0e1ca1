<script lang="ts" generics="Value extends string">
	interface Props {
		legend: string;
		name: string;
		value: Value;
		choices: readonly { value: Value; label: string; note?: string }[];
		onchoose?: (value: Value) => void;
		problem?: string | null;
	}
	let { legend, name, value = $bindable(), choices, onchoose, problem = null }: Props = $props();
</script>

<fieldset aria-describedby={problem ? `${name}-problem` : undefined}>
	<legend class="mb-1 text-[15px]">{legend}</legend>
	<div class="flex flex-wrap gap-2">
		{#each choices as choice (choice.value)}
			<label
				class="flex min-h-11 flex-1 cursor-pointer items-center justify-center rounded-lg border border-base-content/55 px-3 py-1 text-center leading-tight has-checked:border-base-content has-checked:bg-neutral has-checked:text-neutral-content has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary"
			>
				<input
					class="sr-only"
					type="radio"
					{name}
					value={choice.value}
					bind:group={value}
					onchange={() => onchoose?.(choice.value)}
				/>
				<span>
					{choice.label}
					{#if choice.note}<span class="block text-sm">{choice.note}</span>{/if}
				</span>
			</label>
		{/each}
	</div>
	{#if problem}
		<p class="mt-1 text-[15px] font-semibold text-error" id="{name}-problem">{problem}</p>
	{/if}
</fieldset>
