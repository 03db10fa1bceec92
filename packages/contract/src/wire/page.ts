import { number, object } from 'yup';

/** A page of a list, newest first. */
export interface Page<T> {
  items: T[];
  total: number;
  offset: number;
}

export const MOST_PER_PAGE = 100;

export const pageQuerySchema = object({
  offset: number().integer().min(0).max(1_000_000).default(0),
  limit: number().integer().min(1).max(MOST_PER_PAGE).default(20),
});
