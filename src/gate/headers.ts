/** What every answer tells the browser to keep to. */

const always: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(self), geolocation=(), microphone=(), payment=(), usb=()',
}

/** An answer that runs nothing of its own loads nothing. */
const bare = "default-src 'none'; style-src 'self'; img-src 'self'; frame-ancestors 'none'"

/** What a page adds to the hashes of its scripts and style sheets. */
const pageOnly = "style-src-attr 'unsafe-inline'; frame-ancestors 'none'"

/** Adds them. Scripts and style sheets of a page stay bound to their hashes; geometry in style attributes is let through. */
export function guarded(response: Response): Response {
  const { headers } = response
  for (const [name, value] of Object.entries(always)) headers.set(name, value)
  const policy = headers.get('content-security-policy')
  // A page shown in the place of another has been through here already.
  if (!policy?.endsWith(pageOnly))
    headers.set('content-security-policy', policy ? `${policy.replace(/;\s*$/, '')}; ${pageOnly}` : bare)
  if (!headers.has('cache-control')) headers.set('cache-control', 'no-store')
  return response
}
