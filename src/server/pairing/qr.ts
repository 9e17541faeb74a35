import 'server-only';
import QRCode from 'qrcode';

/** A QR code as one SVG path of unit squares; the side in modules with the blank edge that readers need. */
export type QrPicture = { side: number; path: string };

/** Blank modules on every side (ISO/IEC 18004, 9.1: four). */
const QUIET_ZONE = 4;

/** The QR code of a text, with a seventh of it to spare (level M). */
export function qrPicture(text: string): QrPicture {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  let path = '';
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column)) path += `M${column + QUIET_ZONE} ${row + QUIET_ZONE}h1v1h-1z`;
  return { side: modules.size + 2 * QUIET_ZONE, path };
}
