const ENTITIES: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}

/** Text made safe for HTML and XML, in content and in quoted attributes; characters XML forbids are dropped. */
export function escapeMarkup(text: string): string {
  // eslint-disable-next-line no-control-regex -- these are the very characters XML 1.0 section 2.2 rules out
  const allowed = text.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff\p{Surrogate}]/gu, '')
  return allowed.replace(/[&<>"']/g, (sign) => ENTITIES[sign])
}
