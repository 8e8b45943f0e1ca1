<script lang="ts">
	// Nothing is kept yet: what this is, in a sentence, and three ways in.
	import { FirstVisit as say } from '$lib/words/today';
	import { linkTo } from '$lib/ui/offered';

	const ways = [
		{ href: '/plan', title: say.planAMat(), about: say.howManyBags() },
		{ href: '/gather', title: say.bagsCameIn(), about: say.countThemIn() },
		{ href: '/backup#archive', title: say.bringInAnArchive(), about: say.fromAnotherComputer() }
	];
</script>

<p class="max-w-prose text-lg">{say.whatThisIs()}</p>
<ul class="mt-3 grid grid-cols-[minmax(0,1fr)] gap-3 @min-[48rem]:grid-cols-3">
	{#each ways as { href, title, about }, nth (href)}
		<li hidden={linkTo(href).hidden}>
			<a
				class="grid min-h-20 content-center rounded-(--radius-box) border border-base-300 px-4 py-3 {nth ===
				0
					? 'bg-accent text-accent-content'
					: 'bg-base-100'}"
				{href}
			>
				<strong class="figure text-xl">{title}</strong>
				<span>{about}</span>
			</a>
		</li>
	{/each}
</ul>
