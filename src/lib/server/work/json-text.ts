/** JSON as text, on its way between the database and an answer without being built in between. */
export class JsonText {
  readonly text: string;

  constructor(text: string) {
    this.text = text;
  }

  static of(value: unknown): JsonText {
    return new JsonText(JSON.stringify(value));
  }

  /** A list of texts. */
  static list(items: readonly JsonText[]): JsonText {
    return new JsonText(`[${items.map(({ text }) => text).join(',')}]`);
  }

  /** An object whose fields are texts, or plain values. */
  static object(fields: Readonly<Record<string, unknown>>): JsonText {
    const written = Object.entries(fields).map(([key, value]) => `${JSON.stringify(key)}:${write(value)}`);
    return new JsonText(`{${written.join(',')}}`);
  }

  /** What it says; for whoever has the time to build it. */
  read<Value>(): Value {
    return JSON.parse(this.text) as Value;
  }
}

const write = (value: unknown): string => (value instanceof JsonText ? value.text : JSON.stringify(value));
