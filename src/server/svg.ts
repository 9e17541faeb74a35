import 'server-only';

const WRITTEN_OUT: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Words for an SVG's text, with what would end it written out. */
export const svgText = (words: string): string =>
  words
    .replace(/[&<>"']/g, (sign) => WRITTEN_OUT[sign] ?? '')
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, '');
