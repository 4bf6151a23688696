<script lang="ts">
	/** The pages of a long list, newest first. Nothing is shown while one page holds it all. */
	import Left from '@lucide/svelte/icons/chevron-left';
	import Right from '@lucide/svelte/icons/chevron-right';
	import { Pagination } from '@skeletonlabs/skeleton-svelte';

	type Props = {
		label: string;
		count: number;
		/** Lines on a page. */ size: number;
		page: number;
		onpage: (page: number) => void;
	};
	const { label, count, size, page, onpage }: Props = $props();
</script>

{#if count > size}
	<Pagination {count} pageSize={size} {page} onPageChange={(change) => onpage(change.page)} siblingCount={1} aria-label={label}>
		<Pagination.PrevTrigger aria-label="Previous page"><Left size={15} aria-hidden="true" /></Pagination.PrevTrigger>
		<Pagination.Context>
			{#snippet children(pagination)}
				{#each pagination().pages as one, index (index)}
					{#if one.type === 'page'}<Pagination.Item {...one}>{one.value}</Pagination.Item>
					{:else}<Pagination.Ellipsis {index}>…</Pagination.Ellipsis>{/if}
				{/each}
			{/snippet}
		</Pagination.Context>
		<Pagination.NextTrigger aria-label="Next page"><Right size={15} aria-hidden="true" /></Pagination.NextTrigger>
	</Pagination>
{/if}
