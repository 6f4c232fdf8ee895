import type { TransitionAnswer } from '#core/transitions';
import { beginTransitionThread } from './transition-thread.ts';
import type { TransitionAsked, TransitionTold } from './transition-message.ts';

/** Looks for chains in a thread of its own; a new question stops the one before. */
export class TransitionSearch {
  #worker: Worker | null = null;
  #asked = 0;
  answer = $state.raw<TransitionAnswer | null>(null);
  isLooking = $state(false);
  /** The thread could not be had, or did not understand. */
  isBroken = $state(false);

  ask(question: Omit<TransitionAsked, 'id'>): void {
    const id = ++this.#asked;
    // What is still being looked for is given up with its thread; a thread at rest keeps what it knows.
    if (this.isLooking) this.stop();
    this.isLooking = true;
    this.isBroken = false;
    this.#worker ??= this.#begin();
    this.#worker.postMessage({ id, ...question } satisfies TransitionAsked);
  }

  #begin(): Worker {
    const worker = beginTransitionThread();
    worker.onmessage = ({ data }: MessageEvent<TransitionTold>) => {
      if (data.id !== this.#asked) return;
      this.isLooking = false;
      this.isBroken = 'unreadable' in data;
      this.answer = 'unreadable' in data ? null : data.answer;
    };
    worker.onerror = () => {
      this.isLooking = false;
      this.isBroken = true;
    };
    return worker;
  }

  stop(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.isLooking = false;
  }
}
