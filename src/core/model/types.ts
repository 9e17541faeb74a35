/** Types of every noun, taken from the schemas; screens import these and never the schema library. */
import type { z } from 'zod';
import type * as s from './schema';

export type RoomFile = z.infer<typeof s.roomFileSchema>;
export type StudioFile = z.infer<typeof s.studioFileSchema>;
export type Home = z.infer<typeof s.homeSchema>;
export type HomeFlags = z.infer<typeof s.flagsSchema>;
export type Room = z.infer<typeof s.roomSchema>;
export type WallCorner = z.infer<typeof s.wallSchema>;
export type Opening = z.infer<typeof s.openingSchema>;
export type Fitting = z.infer<typeof s.fittingSchema>;
export type Piece = z.infer<typeof s.pieceSchema>;
export type Seat = NonNullable<Piece['seat']>;
export type Item = z.infer<typeof s.itemSchema>;
export type Look = z.infer<typeof s.lookSchema>;
export type Dressing = z.infer<typeof s.dressingSchema>;
export type Hanging = z.infer<typeof s.hangingSchema>;
export type Hanger = z.infer<typeof s.hangerSchema>;
export type Placement = z.infer<typeof s.placementSchema>;
export type Swatch = Room['wallFinish']['colours'][number];
export type Pattern = Room['wallFinish']['pattern'];
export type Heading = Dressing['heading'];
export type Landing = Dressing['landing'];
export type RouteKind = NonNullable<Dressing['route']>['kind'];
