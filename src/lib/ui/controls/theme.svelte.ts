import { writeSetting } from '../store/bench.svelte.ts';

export type ThemeName = 'daylight' | 'crawlspace';

/** The theme of this device: daylight, or dark for crawl spaces. app.html puts it on before the first paint. */
export class Theme {
  name = $state<ThemeName>('daylight');

  /** Takes over what the page was painted with. */
  adopt(): void {
    this.name = document.documentElement.dataset['theme'] === 'crawlspace' ? 'crawlspace' : 'daylight';
  }

  toggle(): void {
    this.name = this.name === 'daylight' ? 'crawlspace' : 'daylight';
    document.documentElement.dataset['theme'] = this.name;
    writeSetting('porthole-theme', this.name);
  }
}

export const theme = new Theme();
