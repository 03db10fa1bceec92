import { parentPort, Worker } from 'node:worker_threads';

/** A thread that has had nothing to do for so long ends, and its memory is given back; milliseconds. */
const IDLE_MILLISECONDS = 20_000;
/** A household's file is held there as a whole; megabytes. */
const MOST_MEGABYTES = 4096;

/** What a thread is asked: which of its works, with what. */
interface Asked {
  readonly what: string;
  readonly given: unknown;
}
type Said = { readonly done: unknown } | { readonly failed: { readonly message: string; readonly code?: string } };

interface Idle {
  readonly worker: Worker;
  readonly end: NodeJS.Timeout;
}

/**
 * Long work beside everybody else: what takes more than a moment is done on a thread of its own, and nobody waits for it here.
 * A thread that is free is taken, or one more begun; one that stays free ends.
 */
export class SideThreads {
  private idle: Idle[] = [];

  /** @param program the file that a thread runs; it calls {@link answerAsked}. Without one there is nobody to ask */
  constructor(private readonly program?: string | URL) {}

  /**
   * Has one piece of work done.
   * @param handed what is given away with it instead of copied
   * @returns what the work returns
   * @throws Error with the message and the `code` of what the work threw; Error for a thread that ended without a word
   */
  async ask<T>(what: string, given: unknown, handed: readonly ArrayBuffer[] = []): Promise<T> {
    const worker = this.taken();
    return await new Promise<T>((resolve, reject) => {
      const ended = (reason: unknown): void => {
        reject(reason instanceof Error ? reason : new Error('The thread beside ended without a word.'));
      };
      worker.once('error', ended);
      worker.once('exit', ended);
      worker.once('message', (said: Said) => {
        worker.off('error', ended).off('exit', ended);
        this.free(worker);
        if ('done' in said) resolve(said.done as T);
        else reject(Object.assign(new Error(said.failed.message), said.failed));
      });
      worker.postMessage({ what, given } satisfies Asked, handed);
    });
  }

  /** Ends the threads that have nothing to do. */
  async close(): Promise<void> {
    const { idle } = this;
    this.idle = [];
    for (const { end } of idle) clearTimeout(end);
    await Promise.all(idle.map(({ worker }) => worker.terminate()));
  }

  private taken(): Worker {
    const free = this.idle.pop();
    if (!free) {
      if (this.program === undefined) throw new Error('There are no threads beside this one.');
      return new Worker(this.program, { resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES } });
    }
    clearTimeout(free.end);
    free.worker.ref();
    return free.worker;
  }

  private free(worker: Worker): void {
    const end = setTimeout(() => {
      this.idle = this.idle.filter((one) => one.worker !== worker);
      void worker.terminate();
    }, IDLE_MILLISECONDS);
    end.unref();
    // Whoever wants to end does not wait for a thread without work.
    worker.unref();
    this.idle.push({ worker, end });
  }
}

/** Any piece of work: it is given something that can be sent, and returns such. */
export type Work = (given: never) => unknown;

/** The other side: a thread's program answers with these works, one after the other. */
export function answerAsked(works: Readonly<Record<string, Work>>): void {
  parentPort?.on('message', ({ what, given }: Asked) => {
    void answer(works[what], given).then((said) => parentPort?.postMessage(said));
  });
}

async function answer(work: Work | undefined, given: unknown): Promise<Said> {
  try {
    if (!work) throw new Error('Nobody here knows this work.');
    return { done: await (work as (given: unknown) => unknown)(given) };
  } catch (error) {
    const { message, code } = error as { message: string; code?: string };
    return { failed: { message, ...(code === undefined ? {} : { code }) } };
  }
}
