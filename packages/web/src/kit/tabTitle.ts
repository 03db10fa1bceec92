import type { RouteMeta } from 'vue-router';

/** What the tab of a page is called. */
export const tabTitle = ({ meta: { title } }: { readonly meta: RouteMeta }): string =>
  typeof title === 'string' ? `${title} · Amber Ladle` : 'Amber Ladle';
