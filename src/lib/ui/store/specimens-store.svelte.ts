import { toWait } from './waits.ts';
import { threads } from '../threads.ts';
import { makeSpecimen, type Specimen, type SpecimenInput } from '#core/identify';
import type { Refusal } from '#words/refusals.ts';
import { askServer, isPassing } from './ask-server.ts';
import { readAnswer } from './load-module.ts';
import { openDeviceDatabase } from './device-database.ts';

/** Milliseconds after which what could not be sent is tried again. */
const AGAIN = toWait(5000);

/** A specimen in the list, and whether the server has it. */
export interface ListedSpecimen {
  readonly specimen: Specimen;
  readonly where: 'window' | 'device' | 'server';
}

/** The specimens of a job: those the server has, and those kept on this device until it answers. */
export class SpecimensStore {
  readonly job: string;
  trouble = $state.raw<Refusal | null>(null);
  asking = $state(true);
  /** Whether this device refused what was last asked of it. */
  refused = $state(false);
  #server = $state.raw<readonly Specimen[]>([]);
  #device = $state.raw<readonly SpecimenInput[]>([]);
  /** Those the device has not taken: they are in this window until the server has them. */
  #inWindow = $state.raw<readonly string[]>([]);
  /** How many are neither on this device nor on the server. */
  unkept = $derived(this.#device.filter(({ id }) => this.#inWindow.includes(id)).length);
  #timer: ReturnType<typeof setTimeout> | undefined;
  #isSending = false;

  list = $derived.by((): ListedSpecimen[] => {
    const isKnown = (id: string) => this.#server.some((specimen) => specimen.id === id);
    return [
      ...this.#server.map((specimen) => ({ specimen, where: 'server' as const })),
      ...this.#device
        .filter(({ id }) => !isKnown(id))
        .map((input) => ({
          specimen: makeSpecimen(threads, input),
          where: this.#inWindow.includes(input.id) ? ('window' as const) : ('device' as const),
        })),
    ];
  });

  constructor(job: string) {
    this.job = job;
  }

  async open(): Promise<void> {
    try {
      const kept = await (await openDeviceDatabase()).getAllFromIndex('specimens', 'job', this.job);
      this.#device = kept.map(({ input }) => input);
    } catch {
      this.refused = true;
    }
    await this.#read();
    await this.#send();
  }

  close(): void {
    clearTimeout(this.#timer);
  }

  /** Keeps a specimen: in this window at once, on this device if it takes it, on the server as soon as it answers. */
  async keep(input: SpecimenInput): Promise<void> {
    this.#inWindow = [...this.#inWindow, input.id];
    this.#device = [...this.#device, input];
    await this.#putOnDevice();
    void this.#send();
  }

  async #putOnDevice(): Promise<void> {
    try {
      for (const input of this.#device) {
        if (!this.#inWindow.includes(input.id)) continue;
        await (await openDeviceDatabase()).put('specimens', { id: input.id, job: this.job, input });
        this.#inWindow = this.#inWindow.filter((id) => id !== input.id);
      }
      this.refused = false;
    } catch {
      this.refused = true;
      this.#tryAgain();
    }
  }

  async #read(): Promise<void> {
    this.asking = true;
    const answer = await askServer('GET', `/api/jobs/${this.job}/specimens`);
    const read = await readAnswer(
      answer,
      () => import('./read-specimens.ts'),
      (reader, value) => reader.readSpecimensAnswer(value),
    );
    this.asking = false;
    this.trouble = read.ok ? null : read.refusal;
    if (read.ok) this.#server = read.value;
    else if (isPassing(read.refusal)) this.#tryAgain();
  }

  /** Sends what waits, one after another; what is kept meanwhile goes after it. */
  async #send(): Promise<void> {
    if (this.#isSending || this.#device.length === 0) return;
    this.#isSending = true;
    const sent: string[] = [];
    let next = this.#device[0];
    while (next) {
      const answer = await askServer('POST', `/api/jobs/${this.job}/specimens`, next);
      if (!answer.ok) {
        this.#isSending = false;
        this.trouble = answer.refusal;
        if (isPassing(answer.refusal)) this.#tryAgain();
        return;
      }
      sent.push(next.id);
      this.#inWindow = this.#inWindow.filter((id) => id !== next?.id);
      await this.#forget(next.id);
      next = this.#device.find(({ id }) => !sent.includes(id));
    }
    this.#isSending = false;
    await this.#read();
    this.#device = this.#device.filter(({ id }) => !this.#server.some((specimen) => specimen.id === id));
  }

  async #forget(id: string): Promise<void> {
    try {
      await (await openDeviceDatabase()).delete('specimens', id);
    } catch {
      // Sent again later it changes nothing: the server keeps it once.
    }
  }

  #tryAgain(): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => {
      if (this.#inWindow.length > 0) void this.#putOnDevice();
      void this.#read().then(() => this.#send());
    }, AGAIN);
  }
}
