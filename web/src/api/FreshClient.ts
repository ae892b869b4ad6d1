import {
  QueryClient,
  type InvalidateOptions,
  type InvalidateQueryFilters,
  type QueryKey,
} from '@tanstack/react-query'
import { Problem } from './client'

/** The server is on this machine: it is there where the network is not. */
const networkMode = 'always'

/**
 * Reads anew after a write even where the first reading is still under way: that one began before the write,
 * so that its answer may not know of it. Left to itself, the library would take it for the newest.
 */
export class FreshClient extends QueryClient {
  /**
   * @param retry - how often a reading that failed is tried again
   * @param staleTime - milliseconds for which what was read is not read anew
   */
  constructor({ retry = 1, staleTime = 5_000 } = {}) {
    super({
      defaultOptions: {
        queries: {
          retry: (failed, error) => failed < retry && !(error instanceof Problem && error.refused),
          staleTime,
          networkMode,
        },
        mutations: { networkMode },
      },
    })
  }

  override async invalidateQueries<K extends QueryKey = QueryKey>(
    filters?: InvalidateQueryFilters<K>,
    options?: InvalidateOptions,
  ): Promise<void> {
    await this.cancelQueries({
      ...filters,
      predicate: (query) =>
        query.state.data === undefined &&
        query.getObserversCount() > 0 &&
        (filters?.predicate?.(query as never) ?? true),
    } as InvalidateQueryFilters<K>)
    return super.invalidateQueries(filters, options)
  }
}
