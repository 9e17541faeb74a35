import type { Piece } from '../../../core/model/types';
import type { Usual } from './usual';

/**
 * Width, depth, height; for seats the seat's width, height and depth with how many sit, the arms' height; for
 * beds mattress, head and foot board.
 */
export type UsualPiece = {
  name: string;
  w: Usual;
  d: Usual;
  h: Usual;
  seat?: readonly [Usual, Usual, Usual, number, Usual];
  cushions?: number;
  bed?: readonly [Usual, Usual, Usual];
  shelves?: readonly Usual[];
  round?: boolean;
  chairs?: number;
  at?: Usual;
};

/** The usual sizes of each kind, the first for a new one. All can be changed. */
export const SIZES: Record<Piece['kind'], readonly UsualPiece[]> = {
  sofa: [
    {
      name: 'three',
      w: [84, 210],
      d: [36, 90],
      h: [34, 86],
      seat: [[70, 175], [18, 45], [22, 55], 3, [25, 63]],
      cushions: 3,
    },
    {
      name: 'two',
      w: [64, 160],
      d: [36, 90],
      h: [34, 86],
      seat: [[50, 125], [18, 45], [22, 55], 2, [25, 63]],
      cushions: 2,
    },
    {
      name: 'long',
      w: [100, 250],
      d: [40, 100],
      h: [34, 86],
      seat: [[86, 215], [18, 45], [24, 60], 4, [25, 63]],
      cushions: 4,
    },
  ],
  armchair: [
    {
      name: 'usual',
      w: [32, 80],
      d: [34, 85],
      h: [34, 86],
      seat: [[22, 55], [18, 45], [22, 55], 1, [24, 60]],
      cushions: 1,
    },
    {
      name: 'slim',
      w: [27, 68],
      d: [29, 74],
      h: [32, 80],
      seat: [[20, 50], [17, 43], [20, 50], 1, [23, 58]],
    },
  ],
  wingChair: [
    {
      name: 'usual',
      w: [32, 80],
      d: [34, 85],
      h: [42, 107],
      seat: [[21, 53], [19, 48], [21, 53], 1, [25, 63]],
      cushions: 1,
    },
  ],
  windowSeat: [
    {
      name: 'usual',
      w: [54, 140],
      d: [20, 50],
      h: [18, 45],
      seat: [[54, 140], [18, 45], [20, 50], 2, [0, 0]],
    },
  ],
  bench: [
    {
      name: 'usual',
      w: [48, 120],
      d: [16, 40],
      h: [18, 45],
      seat: [[48, 120], [18, 45], [16, 40], 2, [0, 0]],
    },
  ],
  ottoman: [
    { name: 'usual', w: [24, 60], d: [24, 60], h: [17, 43], seat: [[24, 60], [17, 43], [24, 60], 1, [0, 0]] },
    { name: 'large', w: [36, 90], d: [36, 90], h: [17, 43], seat: [[36, 90], [17, 43], [36, 90], 2, [0, 0]] },
    {
      name: 'floorCushion',
      w: [26, 65],
      d: [26, 65],
      h: [8, 20],
      seat: [[26, 65], [8, 20], [26, 65], 1, [0, 0]],
    },
  ],
  bed: [
    {
      name: 'queen',
      w: [62, 165],
      d: [84, 210],
      h: [48, 120],
      seat: [[60, 160], [24, 60], [80, 200], 2, [0, 0]],
      bed: [
        [24, 60],
        [48, 120],
        [24, 0],
      ],
    },
    {
      name: 'single',
      w: [40, 95],
      d: [80, 210],
      h: [44, 110],
      seat: [[38, 90], [24, 55], [75, 200], 1, [0, 0]],
      bed: [
        [24, 55],
        [44, 110],
        [0, 0],
      ],
    },
    {
      name: 'double',
      w: [56, 145],
      d: [80, 210],
      h: [46, 115],
      seat: [[54, 140], [24, 60], [75, 200], 2, [0, 0]],
      bed: [
        [24, 60],
        [46, 115],
        [0, 0],
      ],
    },
    {
      name: 'king',
      w: [78, 185],
      d: [84, 210],
      h: [50, 125],
      seat: [[76, 180], [25, 62], [80, 200], 2, [0, 0]],
      bed: [
        [25, 62],
        [50, 125],
        [0, 0],
      ],
    },
  ],
  cot: [
    {
      name: 'usual',
      w: [30, 66],
      d: [54, 126],
      h: [38, 95],
      bed: [
        [20, 40],
        [38, 95],
        [38, 95],
      ],
    },
  ],
  bedside: [{ name: 'usual', w: [20, 50], d: [16, 40], h: [26, 60] }],
  table: [{ name: 'usual', w: [44, 110], d: [24, 60], h: [18, 45] }],
  coffeeTable: [
    { name: 'usual', w: [48, 120], d: [24, 60], h: [17, 42] },
    { name: 'square', w: [36, 90], d: [36, 90], h: [16, 40] },
    { name: 'round', w: [36, 90], d: [36, 90], h: [17, 42], round: true },
  ],
  sideTable: [
    { name: 'usual', w: [20, 50], d: [20, 50], h: [24, 60] },
    { name: 'small', w: [12, 30], d: [12, 30], h: [22, 55] },
    { name: 'round', w: [20, 50], d: [20, 50], h: [24, 60], round: true },
  ],
  console: [{ name: 'usual', w: [54, 135], d: [14, 35], h: [32, 80] }],
  chest: [
    { name: 'usual', w: [48, 120], d: [18, 45], h: [32, 80] },
    { name: 'tall', w: [36, 90], d: [18, 45], h: [48, 120] },
  ],
  bookcase: [
    {
      name: 'usual',
      w: [36, 90],
      d: [12, 30],
      h: [72, 180],
      shelves: [
        [4, 8],
        [17, 42],
        [30, 76],
        [43, 110],
        [56, 144],
      ],
    },
    {
      name: 'low',
      w: [48, 120],
      d: [12, 30],
      h: [36, 90],
      shelves: [
        [4, 8],
        [19, 48],
      ],
    },
  ],
  desk: [{ name: 'usual', w: [48, 120], d: [24, 60], h: [29, 74], chairs: 1 }],
  diningTable: [
    { name: 'six', w: [72, 180], d: [36, 90], h: [30, 75], chairs: 6 },
    { name: 'four', w: [48, 120], d: [32, 80], h: [30, 75], chairs: 4 },
    { name: 'eight', w: [96, 240], d: [40, 100], h: [30, 75], chairs: 8 },
    { name: 'roundFour', w: [48, 120], d: [48, 120], h: [30, 75], round: true, chairs: 4 },
    { name: 'roundSix', w: [60, 150], d: [60, 150], h: [30, 75], round: true, chairs: 6 },
  ],
  diningChair: [{ name: 'usual', w: [18, 45], d: [20, 50], h: [34, 86] }],
  lamp: [{ name: 'usual', w: [16, 40], d: [16, 40], h: [60, 150] }],
  floorLamp: [{ name: 'usual', w: [16, 40], d: [16, 40], h: [60, 152] }],
  tableLamp: [{ name: 'usual', w: [14, 35], d: [14, 35], h: [25, 63], at: [26, 60] }],
  rug: [
    { name: 'usual', w: [96, 240], d: [60, 150], h: [0.5, 1] },
    { name: 'large', w: [120, 300], d: [96, 240], h: [0.5, 1] },
    { name: 'round', w: [72, 180], d: [72, 180], h: [0.5, 1], round: true },
    { name: 'runner', w: [96, 240], d: [30, 75], h: [0.375, 1] },
  ],
  plant: [
    { name: 'usual', w: [20, 50], d: [20, 50], h: [36, 90] },
    { name: 'tree', w: [32, 80], d: [32, 80], h: [72, 180] },
  ],
  island: [{ name: 'usual', w: [48, 120], d: [30, 75], h: [36, 90] }],
  dressingTable: [{ name: 'usual', w: [40, 100], d: [18, 45], h: [30, 75], chairs: 1 }],
  standingScreen: [{ name: 'usual', w: [54, 135], d: [12, 30], h: [68, 172] }],
  ladder: [{ name: 'usual', w: [18, 45], d: [10, 25], h: [66, 168] }],
  basketStand: [{ name: 'usual', w: [16, 40], d: [16, 40], h: [20, 50] }],
  plantStand: [{ name: 'usual', w: [12, 30], d: [12, 30], h: [24, 60] }],
  mirror: [{ name: 'leaning', w: [28, 70], d: [6, 15], h: [66, 170] }],
};
