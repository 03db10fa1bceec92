import { addressOf, TOPICS, type AnswerOf, type Endpoint, type Topic, type Wish } from '@amber-ladle/contract';
import { notifyManager, QueryClient, useQuery, type Query } from '@tanstack/vue-query';
import { computed, ref, watch, type ComputedRef } from 'vue';
import { onChange } from './changes';
import { call, isFromBefore } from './client';
import { useNotice } from './notice';

/** Something that is asked of the server, and asked anew whenever what its answer rests on has changed. */
export interface Question<T> {
  /** What tells it from every other question. Where only its first part stays, what was shown stays until the answer is known. */
  readonly key: readonly unknown[];
  readonly changesWith: readonly Topic[];
  readonly ask: () => Promise<T>;
}

/** What is known of it now. */
export interface Answer<T> {
  /** Nothing before it was heard, and where nothing is asked. */
  readonly value: ComputedRef<T | undefined>;
  /** Why it is not known; nothing where it is, though nobody answers now. */
  readonly fault: ComputedRef<Error | undefined>;
  /** Asks anew. @throws whatever the asking throws */
  readonly again: () => Promise<void>;
  /** Something newer is known than whatever was asked until now: what is still to come of it is dropped. */
  readonly know: (next: T) => void;
}

/** All that was asked. It is asked again because something changed, and for no other reason. */
export const questions = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      // Whether anybody answers is asked by `reach`, and once they do everything is asked anew.
      retry: false,
      networkMode: 'always',
    },
  },
});
// Whoever waits for an answer finds it there; Vue draws once, however often it is told.
notifyManager.setScheduler((tell) => {
  tell();
});

/** When something newer was known than what was asked, by question: counted, since a clock has no two moments in a millisecond. */
const known = new WeakMap<Query, number>();
/** How often it was told that a question has changed since it was last known. */
const tellings = new WeakMap<Query, number>();
let moment = 0;
const queryOf = (key: readonly unknown[]): Query | undefined =>
  questions.getQueryCache().find({ queryKey: key, exact: true });
const nowOf = (key: readonly unknown[]): unknown => questions.getQueryData(key);

/** What is answered, or what is known by then: an answer that was overtaken is no news, nor is one that was kept from before. */
async function newest<T>({ key, ask }: Question<T>): Promise<T> {
  follow();
  const began = ++moment;
  const answer = await ask();
  const query = queryOf(key);
  const isOvertaken = query !== undefined && (known.get(query) ?? 0) > began;
  const now = nowOf(key) as T | undefined;
  if (query && !isOvertaken) tellings.delete(query);
  return now !== undefined && (isOvertaken || isKept(answer)) ? now : answer;
}

/** Kept from before, it or one of the answers that it is put together from. */
const isKept = (answer: unknown): boolean =>
  isFromBefore(answer) || (typeof answer === 'object' && answer !== null && Object.values(answer).some(isFromBefore));

let told = new Set<Topic>();
let isFollowing = false;
/** Hears of changes; what is told at once is looked at once. */
function follow(): void {
  if (isFollowing) return;
  isFollowing = true;
  for (const topic of TOPICS)
    onChange(topic, () => {
      if (told.size === 0) queueMicrotask(lookAgain);
      told.add(topic);
    });
}

function lookAgain(): void {
  const changed = told;
  told = new Set();
  for (const query of questions.getQueryCache().getAll()) {
    const rests = (query.meta?.['changesWith'] ?? []) as readonly Topic[];
    if (!rests.some((topic) => changed.has(topic))) continue;
    // What nobody looks at is not asked, and not shown as it was when somebody looks again.
    if (!query.isActive()) questions.getQueryCache().remove(query);
    else void askAgain(query);
  }
}
/** What is asked for the first time is awaited: it may have been answered before the change. */
async function askAgain(query: Query): Promise<void> {
  tellings.set(query, (tellings.get(query) ?? 0) + 1);
  if (query.state.data === undefined) await query.promise?.catch(() => undefined);
  await questions.refetchQueries({ queryKey: query.queryKey, exact: true }).catch(() => undefined);
}

/** How something is asked. */
export interface Asking {
  /** Nobody is told that it could not be answered. */
  readonly isQuiet?: boolean;
  /** Asked only from when it is; what is known by then is known. */
  readonly isWanted?: () => boolean;
}

/**
 * Asks something for as long as whoever asks is there.
 * @param question nothing where nothing is to be asked yet
 */
export function useAnswer<T>(
  question: () => Question<T> | undefined,
  { isQuiet = false, isWanted = () => true }: Asking = {},
): Answer<T> {
  const notice = useNotice();
  const asked = computed(question);
  const { data, error, refetch } = useQuery(
    computed(() => {
      const one = asked.value;
      return {
        queryKey: one?.key ?? [],
        queryFn: (): Promise<unknown> => (one ? newest(one) : Promise.reject(new RangeError('Nothing is asked.'))),
        enabled: one !== undefined && isWanted(),
        meta: { changesWith: one?.changesWith ?? [] },
        placeholderData: (before: unknown, of?: { readonly queryKey: readonly unknown[] }) =>
          one && one.key.length > 1 && of?.queryKey[0] === one.key[0] ? before : undefined,
        shallow: true,
      };
    }),
    questions,
  );
  const value = computed(() => (asked.value ? (data.value as T | undefined) : undefined));
  const fault = computed(() => (value.value === undefined ? (error.value ?? undefined) : undefined));
  watch(fault, (now) => {
    if (now && !isQuiet) notice.fail(now);
  });
  return {
    value,
    fault,
    again: async () => {
      if (asked.value) await refetch({ throwOnError: true });
    },
    know: (next) => {
      const one = asked.value;
      if (!one) return;
      const query = queryOf(one.key);
      if (query) known.set(query, ++moment);
      questions.setQueryData(one.key, next);
      // Its own change is told as well. Told of more, somebody else did something after it, and what was to come of that is dropped.
      if (query && (tellings.get(query) ?? 0) > 1) void askAgain(query);
      else if (query) tellings.delete(query);
    },
  };
}

/** The question that an endpoint answers, which says itself what that changes with. */
export function reading<P, Q, A>(
  endpoint: Endpoint<P, Q, undefined, A>,
  ...[wish]: object extends Wish<P, Q, undefined> ? [wish?: Wish<P, Q, undefined>] : [wish: Wish<P, Q, undefined>]
): Question<AnswerOf<A>> {
  const { params, query } = (wish ?? {}) as { params?: Record<string, string>; query?: Record<string, unknown> };
  return {
    key: [addressOf(endpoint, params, query)],
    changesWith: endpoint.changesWith,
    ask: () => call(endpoint, (wish ?? {}) as never),
  };
}

/**
 * Asks an endpoint, for as long as whoever asks is there.
 * @param wish named steps of the address and query; nothing where they are not known yet
 * @example useRead(api.notes.ofBowl, () => ({ params: { id } }))
 */
export const useRead = <P, Q, A>(
  endpoint: Endpoint<P, Q, undefined, A>,
  wish: () => Wish<P, Q, undefined> | undefined,
  options?: Asking,
): Answer<AnswerOf<A>> =>
  useAnswer(() => {
    const said = wish();
    return said && reading(endpoint, said);
  }, options);

/** An answer that is asked for from when somebody loads it first, for whoever keeps it for the whole page. */
export interface Loaded<T> extends Answer<T> {
  /** Asks, where it is not known yet. @throws whatever the asking throws */
  readonly load: () => Promise<void>;
}
/**
 * Asks something for the whole page, from when it is loaded first; what fails is told by whoever loads it.
 * @example const heads = useLoaded(reading(api.heads.list)); await heads.load();
 */
export function useLoaded<T>(question: Question<T>): Loaded<T> {
  const isWanted = ref(false);
  const answer = useAnswer(() => question, { isQuiet: true, isWanted: () => isWanted.value });
  return {
    ...answer,
    load: async () => {
      isWanted.value = true;
      if (answer.value.value === undefined) await answer.again();
    },
  };
}
