/** What a key does on Lay out, wherever on the page it is pressed. */
export type KeyAct = 'undo' | 'redo' | 'let-go' | 'keys' | 'field' | 'turn' | 'nearer' | 'farther' | 'whole';

const PLAIN: Readonly<Partial<Record<string, KeyAct>>> = {
  '?': 'keys',
  Escape: 'let-go',
  m: 'field',
  t: 'turn',
  '+': 'nearer',
  '-': 'farther',
  '0': 'whole',
};

/** Reads a key: letters and figures typed into a field are the field's, and a dialog keeps every key. */
export function readKey({ target, key, ctrlKey, metaKey, shiftKey }: KeyboardEvent): KeyAct | null {
  const isTyping = target instanceof HTMLInputElement || target instanceof HTMLSelectElement;
  const withControl = ctrlKey || metaKey;
  if (isTyping && !withControl && key !== 'Escape' && key !== '?') return null;
  if (document.querySelector('dialog[open]')) return null;
  if (!withControl) return PLAIN[key] ?? null;
  if (key.toLowerCase() === 'z') return shiftKey ? 'redo' : 'undo';
  if (key.toLowerCase() === 'y') return 'redo';
  return null;
}
