import { nanoid } from 'nanoid';
import type { LengthUnit, Mm } from '../../core/base/units';
import { emptyLists } from '../../core/model/nouns';
import { ROOM_FILE_VERSION } from '../../core/model/version';
import { BRIEF, CLEAR, FLAGS, ROOM } from '../../core/model/defaults';
import type { Point } from '../../core/geometry/plane';
import type { RoomFile, Swatch } from '../../core/model/types';

const swatch = (l: number, a: number, b: number): Swatch[] => [{ l, a, b, share: 1 }];
const plain = { kind: 'solid', repeatMm: 0 } as const;

/** A bare room with one look, ready to be begun: pale walls, wood floor, white trim, until they are set. */
export function newRoomFile(given: {
  name: string;
  home: { id: string; name: string } | string;
  unit: LengthUnit;
  corners: readonly Point[];
  ceilingMm: Mm;
  lookName: string;
  /** Whether that look shows how the room was found. */
  isRecord?: boolean;
}): RoomFile {
  const home = typeof given.home === 'string' ? { id: nanoid(10), name: given.home } : given.home;
  return {
    rideau: ROOM_FILE_VERSION,
    rules: [],
    home: { ...home, flags: FLAGS },
    room: {
      ...ROOM,
      id: nanoid(10),
      name: given.name,
      unit: given.unit,
      ceilingMm: given.ceilingMm,
      walls: given.corners.map((c) => ({ id: nanoid(8), name: '', ...c })),
      wallFinish: { colours: swatch(88, 0, 5), pattern: plain },
      floorFinish: { colours: swatch(60, 6, 20), pattern: plain },
      trimFinish: { colours: swatch(96, 0, 1), pattern: plain },
      note: '',
    },
    openings: [],
    fittings: [],
    pieces: [],
    clear: CLEAR,
    places: [],
    items: [],
    looks: [
      {
        id: nanoid(8),
        name: given.lookName,
        season: null,
        order: 0,
        ...(given.isRecord ? { isRecord: true } : {}),
        sheetTaken: null,
        approvedWallIds: [],
        approvedZones: [],
        cushionsOut: [],
        night: [],
        rodLineMm: null,
        plannedShares: null,
        brief: BRIEF,
        ...emptyLists(),
      },
    ],
  };
}
