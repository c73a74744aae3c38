import { useEffect } from "react";

/**
 * A list that the server gives page by page, as a query asks for it. The first page's place is null, which is kept on the
 * device as it is: an undefined one would come back as another.
 * @param ask gives the page after a place; the first where none is named
 */
export const paged = <Page extends { readonly next: string | null }>(
  queryKey: readonly string[],
  ask: (after?: string) => Promise<Page>,
) => ({
  queryKey,
  queryFn: ({ pageParam }: { readonly pageParam: string | null }) => ask(pageParam ?? undefined),
  initialPageParam: null as string | null,
  getNextPageParam: ({ next }: Page) => next ?? undefined,
});

/** A list that is fetched page by page. */
export interface HasMore {
  readonly hasNextPage: boolean;
  readonly isFetchingNextPage: boolean;
  fetchNextPage(): Promise<unknown>;
}

/** Fetches page after page of a list that is of use only as a whole. */
export function useEveryPage({ hasNextPage, isFetchingNextPage, fetchNextPage }: HasMore): void {
  useEffect(() => {
    if (hasNextPage && !isFetchingNextPage) void fetchNextPage();
  }, [hasNextPage, isFetchingNextPage, fetchNextPage]);
}

/** Fetches the next page of a list, where there is one and it is not on its way. */
export const moreOf = (query: HasMore) => () => {
  if (query.hasNextPage && !query.isFetchingNextPage) void query.fetchNextPage();
};
