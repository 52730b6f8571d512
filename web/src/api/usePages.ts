import { keepPreviousData, useInfiniteQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'

/** A long list, page by page: the first page at once, the next ones when they are asked for. */
export const usePages = <P extends { total: number }>(
  key: Ref<readonly unknown[]>,
  ask: (page: number) => Promise<P>,
  rowsOf: (page: P) => readonly unknown[],
  again: (first: P | undefined) => number | false = () => false,
) => {
  const query = useInfiniteQuery({
    queryKey: key,
    queryFn: ({ pageParam }) => ask(pageParam),
    initialPageParam: 0,
    getNextPageParam: (_last, pages) =>
      pages.reduce((rows, page) => rows + rowsOf(page).length, 0) < (pages[0]?.total ?? 0)
        ? pages.length
        : undefined,
    staleTime: 0,
    placeholderData: keepPreviousData,
    refetchInterval: (state) => again(state.state.data?.pages[0]),
  })
  return {
    pages: computed(() => query.data.value?.pages ?? []),
    first: computed(() => query.data.value?.pages[0]),
    error: query.error,
    loading: query.isLoading,
    hasMore: query.hasNextPage,
    more: () => void query.fetchNextPage(),
    fetchingMore: query.isFetchingNextPage,
  }
}
