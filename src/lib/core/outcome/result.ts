/** What a function that may refuse gives back. A refusal is data ({ code, …numbers }); its sentence lives in words. */
export type Result<Value, Refusal> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly refusal: Refusal };

/** The value of what was not refused. */
export const accept = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({
  ok: true,
  value,
});

/** Why something was refused, as data: words make a sentence of it. */
export const refuse = <Refusal>(refusal: Refusal): { readonly ok: false; readonly refusal: Refusal } => ({
  ok: false,
  refusal,
});
