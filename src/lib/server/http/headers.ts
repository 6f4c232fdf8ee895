/** Data and pictures need nothing of a page. Pages get their own policy from the framework in place of this one. */
export const DATA_POLICY = "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'";

/** Headers of every answer: pages, data, assets, and the framework's own refusals. */
export const SECURITY_HEADERS: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
};
