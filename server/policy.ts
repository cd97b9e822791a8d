import { createHash } from 'node:crypto'

/** What of a page a browser may load and run: everything from here alone. */

const inline =
  /<script(?![^>]*\bsrc=)(?![^>]*\btype="application\/json")[^>]*>([\s\S]*?)<\/script>/giu

/** The scripts that stand in a page itself, by what they are: none but these may run. */
export const inlineHashes = (html: string): string[] => [
  ...new Set(
    [...html.matchAll(inline)].map(
      ([, script]) => `'sha256-${createHash('sha256').update(script!).digest('base64')}'`,
    ),
  ),
]

/**
 * The content security policy of a page. Wasm reads photos and codes; photos and labels are data
 * and blobs of the page itself; the interface's library sets styles on elements.
 */
export const policyOf = (html: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'wasm-unsafe-eval' ${inlineHashes(html).join(' ')}`.trim(),
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "connect-src 'self' data: blob:",
    "media-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join('; ')

/**
 * The page with its policy within it, so that it holds as well where a service worker or a file
 * server hands the page out. Once only.
 */
export function withPolicy(html: string): string {
  if (html.includes('http-equiv="Content-Security-Policy"')) return html
  const policy = policyOf(html).replaceAll('"', '&quot;')
  return html.replace(
    '<meta charset="utf-8">',
    `<meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="${policy}">`,
  )
}

/** For every answer of the server, whatever it is. The camera finds codes; nothing else is asked for. */
export const safeHeaders: Readonly<Record<string, string>> = {
  'content-security-policy': "frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'permissions-policy':
    'camera=(self), microphone=(), geolocation=(), payment=(), usb=(), interest-cohort=()',
  'cross-origin-opener-policy': 'same-origin',
}
