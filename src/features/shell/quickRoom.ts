import { inches, type Mm } from '../../core/base/units';
import type { RoomFile } from '../../core/model/types';
import { newRoomFile } from './newRoomFile';

/** A plain room for a quick answer: square corners, 12 ft deep, 8 ft high. */
export function quickRoom(name: string, widthMm: Mm): RoomFile {
  const depthMm = inches(144);
  return newRoomFile({
    name,
    home: name,
    unit: 'in',
    ceilingMm: inches(96),
    lookName: name,
    corners: [
      { xMm: 0, yMm: 0 },
      { xMm: widthMm, yMm: 0 },
      { xMm: widthMm, yMm: depthMm },
      { xMm: 0, yMm: depthMm },
    ],
  });
}
