import 'server-only';

/** Words for an SVG's text, with what would end it written out. */
export const svgText = (words: string): string =>
  words
    .replace(/[&<>"']/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c]!)
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, '');
