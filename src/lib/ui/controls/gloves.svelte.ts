import { writeSetting } from '../store/bench.svelte.ts';
import { PressGuard } from './press-guard.ts';

/** Milliseconds in which a gloved finger may bounce. */
const PAUSE = 300;

/** Whether the hand is gloved: targets of 56 px, and a guard against double presses. Remembered on this device. */
export class Gloves {
  isOn = $state(false);
  #guard = new PressGuard(PAUSE);

  /** Takes over what the page was painted with, and guards presses from now on; gives what ends that. */
  adopt(): () => void {
    this.isOn = document.documentElement.dataset['hands'] === 'gloves';
    const guard = (event: MouseEvent): void => {
      // A press by keyboard or by script has no place on the screen, and is meant.
      if (!this.isOn || event.detail === 0 || this.#guard.takes(event.timeStamp)) return;
      event.preventDefault();
      event.stopPropagation();
    };
    addEventListener('click', guard, true);
    return () => removeEventListener('click', guard, true);
  }

  toggle(): void {
    this.isOn = !this.isOn;
    document.documentElement.dataset['hands'] = this.isOn ? 'gloves' : 'bare';
    writeSetting('porthole-hands', this.isOn ? 'gloves' : 'bare');
  }
}

export const gloves = new Gloves();
