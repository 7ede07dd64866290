import {
  QueryClient,
  type InvalidateOptions,
  type InvalidateQueryFilters,
  type QueryKey,
} from '@tanstack/react-query';

/**
 * Holds what was fetched. What is fetched for the first time while it changes was asked before the change: it is asked anew, as what is
 * there already is; else the state before the change would stay on the screen.
 */
export class FreshClient extends QueryClient {
  override invalidateQueries<K extends QueryKey = QueryKey>(
    filters?: InvalidateQueryFilters<K>,
    options?: InvalidateOptions,
  ): Promise<void> {
    this.getQueryCache()
      .findAll({ ...filters, type: 'active', fetchStatus: 'fetching' })
      .filter((query) => query.state.data === undefined)
      .forEach((query) => void query.cancel({ silent: true }));
    return super.invalidateQueries(filters, options);
  }
}
