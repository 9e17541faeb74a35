/** One codec a table: the schema says most, and what it does not is listed here. */
import { LOOK_LISTS, NOUN_NAMES, type LookHead, type NounName, type Nouns } from '../core/model/nouns';
import * as s from '../core/model/schema';
import type { FramedPrint, Home, Item, Room, StoragePlace, WallCorner } from '../core/model/types';
import type { OwnRule } from '../core/rules/book';
import { codecOf, jsonField, plainField, type Codec, type Exceptions, type Field } from './codec';
import { NOUN_TABLES, TABLES } from './tables';

const PATTERN = { prefix: 'pattern_' };

/** The print in a frame: its item in a column of its own, so that the stash is found by it. */
const PRINT_JSON = jsonField('print_json', s.printSchema, { orNull: true, orLeftOut: false });
const PRINT_ITEM = plainField('print_item_id', s.printSchema.shape.itemId.unwrap(), {
  orNull: true,
  orLeftOut: false,
});
const printField: Field = {
  columns: [...PRINT_ITEM.columns, ...PRINT_JSON.columns],
  write: (value) => {
    const print = value as FramedPrint | null;
    return {
      ...PRINT_ITEM.write(print?.itemId ?? null),
      ...PRINT_JSON.write(print && { ...print, itemId: null }),
    };
  },
  read: (row, table) => {
    const print = PRINT_JSON.read(row, table) as FramedPrint | null;
    const itemId = PRINT_ITEM.read(row, table);
    return print && { ...print, itemId };
  },
};

/** What a noun's columns are beside its fields; most need nothing. */
const NOUN_EXCEPTIONS: Partial<Record<NounName, Exceptions>> = {
  opening: {
    parts: {
      dropsMm: {
        prefix: 'drop_',
        columns: { left: 'drop_left_mm', middle: 'drop_middle_mm', right: 'drop_right_mm' },
      },
    },
  },
  fitting: { json: ['colours'], parts: { mantel: { prefix: 'mantel_' } } },
  piece: {
    columns: { shelvesMm: 'shelves_json' },
    json: ['shelvesMm', 'colours'],
    parts: {
      pattern: PATTERN,
      seat: {
        prefix: 'seat_',
        columns: {
          seats: 'seats',
          wantedSitters: 'wanted_sitters',
          armHeightMm: 'arm_height_mm',
          looseCushions: 'loose_cushions',
        },
        absent: { arm_height_mm: 0, loose_cushions: 0 },
      },
      bed: { prefix: '' },
    },
  },
  dressing: {
    json: ['rodBefore'],
    parts: {
      rod: { prefix: 'rod_' },
      route: { prefix: 'route_' },
      making: { prefix: '' },
      sheer: { prefix: 'sheer_' },
    },
  },
  hanging: { json: ['hanger'], parts: { groupAt: { prefix: 'group_' } }, own: { print: printField } },
  group: { json: ['zone'] },
  placement: { parts: { spot: { prefix: 'spot_' } } },
  work: { columns: { on: 'worked_on', of: 'of_id' }, json: ['after', 'strip', 'pulls'] },
};

const nounCodec = <N extends NounName>(noun: N): Codec<Nouns[N]> =>
  codecOf<Nouns[N]>(NOUN_TABLES[noun], s.NOUN_SCHEMAS[noun], NOUN_EXCEPTIONS[noun]);

/** The codec of each noun of a room file. */
export const NOUN_ROWS = Object.fromEntries(NOUN_NAMES.map((noun) => [noun, nounCodec(noun)])) as {
  [N in NounName]: Codec<Nouns[N]>;
};

export const RULE_ROWS = codecOf<OwnRule>(TABLES.ownRule, s.ownRuleSchema, { json: ['value'] });
export const HOME_ROWS = codecOf<Home>(TABLES.home, s.homeSchema, { parts: { flags: { prefix: '' } } });
export const PLACE_ROWS = codecOf<StoragePlace>(TABLES.storagePlace, s.placeSchema);
export const ITEM_ROWS = codecOf<Item>(TABLES.item, s.itemSchema, {
  json: ['colours', 'back', 'care', 'season', 'rawColours', 'relied', 'spectrum', 'wish', 'cloth'],
  parts: { pattern: PATTERN },
});
export const WALL_ROWS = codecOf<WallCorner>(TABLES.wall, s.wallSchema, { json: ['finish'] });
export const LOOK_ROWS = codecOf<LookHead>(TABLES.look, s.lookSchema, {
  columns: { order: 'tab_order', approvedWallIds: 'approved_json', approvedZones: 'approved_zones_json' },
  json: ['approvedWallIds', 'approvedZones', 'plannedShares', 'brief', 'cushionsOut', 'night'],
  elsewhere: LOOK_LISTS,
});

/** A room's own row: its walls are rows of their own. */
export const ROOM_ROWS = codecOf<Omit<Room, 'walls'>>(TABLES.room, s.roomSchema, {
  columns: { seesRoomIds: 'sees_json' },
  json: [
    'holes',
    'slopes',
    'beams',
    'standpoints',
    'seesRoomIds',
    'wallPhotos',
    'readings',
    'wallFinish',
    'floorFinish',
    'trimFinish',
  ],
  elsewhere: ['walls'],
});

/** Photos of the room as it was found: part of its clearing in the model, of the room's row here. */
export const BEFORE_PHOTOS = jsonField('before_photos_json', s.clearSchema.shape.beforePhotos, {
  orNull: false,
  orLeftOut: false,
});
