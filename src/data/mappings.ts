/** Rows to the model's nouns and back; the one place that knows both spellings. */
import type { OwnRule } from '../core/rules/book';
import type {
  Clear,
  Dressing,
  Fitting,
  Found,
  FramedPrint,
  Hanging,
  HangingGroup,
  Home,
  Irritation,
  Item,
  Look,
  Opening,
  Piece,
  Placement,
  Room,
  StoragePlace,
  Task,
} from '../core/model/types';
import type { Row, Value } from './rows';

const json = (value: unknown): string => JSON.stringify(value);
const fromJson = <T>(value: Value): T => JSON.parse(value as string) as T;
const bit = (value: boolean): number => (value ? 1 : 0);
const text = <T extends string>(value: Value): T => value as T;
const num = (value: Value): number => value as number;
const numOrNull = (value: Value): number | null => value as number | null;
const textOrNull = <T extends string>(value: Value): T | null => value as T | null;

export const ruleToRow = (r: OwnRule): Row => ({
  rule_id: r.ruleId,
  value_json: r.value === undefined ? null : json(r.value),
  school: r.school ?? null,
});
export const rowToRule = (r: Row): OwnRule => ({
  ruleId: text(r.rule_id!),
  ...(r.value_json === null ? {} : { value: fromJson<number | number[]>(r.value_json!) }),
  ...(r.school === null ? {} : { school: text(r.school!) }),
});

export const homeToRow = ({ id, name, flags: f }: Home): Row => ({
  id,
  name,
  children_ages_json: json(f.childrenAges),
  pets: bit(f.pets),
  feather_free: bit(f.featherFree),
  wool_free: bit(f.woolFree),
  scent_free: bit(f.scentFree),
  rented: bit(f.rented),
  wheelchair: bit(f.wheelchair),
});
export const rowToHome = (r: Row): Home => ({
  id: text(r.id!),
  name: text(r.name!),
  flags: {
    childrenAges: fromJson(r.children_ages_json!),
    pets: r.pets === 1,
    featherFree: r.feather_free === 1,
    woolFree: r.wool_free === 1,
    scentFree: r.scent_free === 1,
    rented: r.rented === 1,
    wheelchair: r.wheelchair === 1,
  },
});

const jsonOrNull = (value: unknown): string | null => (value === null ? null : json(value));
const fromJsonOrNull = <T>(value: Value): T | null => (value === null ? null : fromJson<T>(value));

export const placeToRow = (p: StoragePlace): Row => ({
  id: p.id,
  name: p.name,
  kind: p.kind,
  room_id: p.roomId,
  width_mm: p.widthMm,
  depth_mm: p.depthMm,
  height_mm: p.heightMm,
  note: p.note,
});
export const rowToPlace = (r: Row): StoragePlace => ({
  id: text(r.id!),
  name: text(r.name!),
  kind: text(r.kind!),
  roomId: textOrNull(r.room_id!),
  widthMm: num(r.width_mm!),
  depthMm: num(r.depth_mm!),
  heightMm: num(r.height_mm!),
  note: text(r.note!),
});

export const itemToRow = (i: Item): Row => ({
  id: i.id,
  name: i.name,
  kind: i.kind,
  count: i.count,
  set_of: i.setOf,
  width_mm: i.widthMm,
  height_mm: i.heightMm,
  depth_mm: i.depthMm,
  colours_json: json(i.colours),
  pattern_kind: i.pattern.kind,
  pattern_repeat_mm: i.pattern.repeatMm,
  texture: i.texture,
  back_json: jsonOrNull(i.back),
  sheen: i.sheen,
  fibre: i.fibre,
  cloth_gsm: i.clothGsm,
  mass_g: i.massG,
  fill: i.fill,
  glazed: bit(i.glazed),
  washable: bit(i.washable),
  care_json: json(i.care),
  defects: i.defects,
  defects_lit: i.defectsLit,
  poisonous: bit(i.poisonous),
  scented: bit(i.scented),
  state: i.state,
  price: i.price,
  source: i.source,
  bought_on: i.boughtOn,
  due_on: i.dueOn,
  return_by: i.returnBy,
  tags_on: bit(i.tagsOn),
  season_json: json(i.season),
  seasons_served: i.seasonsServed,
  place_id: i.placeId,
  room_id: i.roomId,
  whereabouts: i.whereabouts,
  photo_id: i.photoId,
  colour_from: i.colourFrom,
  seen: bit(i.seen),
  raw_colours_json: jsonOrNull(i.rawColours),
  relied_json: jsonOrNull(i.relied),
  spectrum_json: jsonOrNull(i.spectrum),
  note: i.note,
});
export const rowToItem = (r: Row): Item => ({
  id: text(r.id!),
  name: text(r.name!),
  kind: text(r.kind!),
  count: num(r.count!),
  setOf: num(r.set_of!),
  widthMm: num(r.width_mm!),
  heightMm: num(r.height_mm!),
  depthMm: num(r.depth_mm!),
  colours: fromJson(r.colours_json!),
  pattern: { kind: text(r.pattern_kind!), repeatMm: num(r.pattern_repeat_mm!) },
  texture: text(r.texture!),
  back: fromJsonOrNull(r.back_json!),
  sheen: text(r.sheen!),
  fibre: text(r.fibre!),
  clothGsm: num(r.cloth_gsm!),
  massG: num(r.mass_g!),
  fill: text(r.fill!),
  glazed: r.glazed === 1,
  washable: r.washable === 1,
  care: fromJson(r.care_json!),
  defects: text(r.defects!),
  defectsLit: text(r.defects_lit!),
  poisonous: r.poisonous === 1,
  scented: r.scented === 1,
  state: text(r.state!),
  price: num(r.price!),
  source: text(r.source!),
  boughtOn: textOrNull(r.bought_on!),
  dueOn: textOrNull(r.due_on!),
  returnBy: textOrNull(r.return_by!),
  tagsOn: r.tags_on === 1,
  season: fromJson(r.season_json!),
  seasonsServed: num(r.seasons_served!),
  placeId: textOrNull(r.place_id!),
  roomId: textOrNull(r.room_id!),
  whereabouts: text(r.whereabouts!),
  photoId: textOrNull(r.photo_id!),
  colourFrom: text(r.colour_from!),
  seen: r.seen === 1,
  rawColours: fromJsonOrNull(r.raw_colours_json!),
  relied: fromJsonOrNull(r.relied_json!),
  spectrum: fromJsonOrNull(r.spectrum_json!),
  note: text(r.note!),
});

/** The photos of the room as it was found belong to its clearing in the model, and to the room's row here. */
export type RoomRow = { room: Room; beforePhotos: Clear['beforePhotos'] };
export const roomToRow = ({ room: r, beforePhotos }: RoomRow, homeId: string): Row => ({
  id: r.id,
  home_id: homeId,
  name: r.name,
  unit: r.unit,
  ceiling_mm: r.ceilingMm,
  crown_mm: r.crownMm,
  walls_of: r.wallsOf,
  floor_of: r.floorOf,
  holes_json: json(r.holes),
  slopes_json: json(r.slopes),
  beams_json: json(r.beams),
  standpoints_json: json(r.standpoints),
  sees_json: json(r.seesRoomIds),
  childs_room: bit(r.childsRoom),
  wall_photos_json: json(r.wallPhotos),
  readings_json: json(r.readings),
  before_photos_json: json(beforePhotos),
  wall_finish_json: json(r.wallFinish),
  floor_finish_json: json(r.floorFinish),
  trim_finish_json: json(r.trimFinish),
  note: r.note,
});
export const rowToRoom = (r: Row, walls: Room['walls']): RoomRow => ({
  room: {
    id: text(r.id!),
    name: text(r.name!),
    unit: text(r.unit!),
    ceilingMm: num(r.ceiling_mm!),
    crownMm: num(r.crown_mm!),
    wallsOf: text(r.walls_of!),
    floorOf: text(r.floor_of!),
    holes: fromJson(r.holes_json!),
    walls,
    slopes: fromJson(r.slopes_json!),
    beams: fromJson(r.beams_json!),
    standpoints: fromJson(r.standpoints_json!),
    seesRoomIds: fromJson(r.sees_json!),
    childsRoom: r.childs_room === 1,
    wallPhotos: fromJson(r.wall_photos_json!),
    readings: fromJson(r.readings_json!),
    wallFinish: fromJson(r.wall_finish_json!),
    floorFinish: fromJson(r.floor_finish_json!),
    trimFinish: fromJson(r.trim_finish_json!),
    note: text(r.note!),
  },
  beforePhotos: fromJson(r.before_photos_json!),
});

/** Where a row of a room's list stands: the room, and its place in the list. */
type Place = { room_id: string; position: number };
/** Where a row of a look's list stands. */
type LookPlace = Place & { look_id: string };

export const wallToRow = (w: Room['walls'][number], p: Place): Row => ({
  ...p,
  id: w.id,
  name: w.name,
  x_mm: w.xMm,
  y_mm: w.yMm,
});
export const rowToWall = (r: Row): Room['walls'][number] => ({
  id: text(r.id!),
  name: text(r.name!),
  xMm: num(r.x_mm!),
  yMm: num(r.y_mm!),
});

export const openingToRow = (o: Opening, p: Place): Row => ({
  ...p,
  id: o.id,
  name: o.name,
  kind: o.kind,
  wall_id: o.wallId,
  x_mm: o.xMm,
  width_mm: o.widthMm,
  sill_mm: o.sillMm,
  height_mm: o.heightMm,
  trim_mm: o.trimMm,
  opens: o.opens,
  hinge: o.hinge,
  handle_mm: o.handleMm,
  reveal_mm: o.revealMm,
  sill_depth_mm: o.sillDepthMm,
  under_mm: o.underMm,
  overlooked: bit(o.overlooked),
  hazy: bit(o.hazy),
  drop_left_mm: o.dropsMm?.left ?? null,
  drop_middle_mm: o.dropsMm?.middle ?? null,
  drop_right_mm: o.dropsMm?.right ?? null,
});
export const rowToOpening = (r: Row): Opening => ({
  id: text(r.id!),
  name: text(r.name!),
  kind: text(r.kind!),
  wallId: text(r.wall_id!),
  xMm: num(r.x_mm!),
  widthMm: num(r.width_mm!),
  sillMm: num(r.sill_mm!),
  heightMm: num(r.height_mm!),
  trimMm: num(r.trim_mm!),
  opens: text(r.opens!),
  hinge: text(r.hinge!),
  handleMm: num(r.handle_mm!),
  revealMm: num(r.reveal_mm!),
  sillDepthMm: num(r.sill_depth_mm!),
  underMm: num(r.under_mm!),
  overlooked: r.overlooked === 1,
  hazy: r.hazy === 1,
  dropsMm:
    r.drop_left_mm === null
      ? null
      : { left: num(r.drop_left_mm!), middle: num(r.drop_middle_mm!), right: num(r.drop_right_mm!) },
});

export const fittingToRow = (f: Fitting, p: Place): Row => ({
  ...p,
  id: f.id,
  name: f.name,
  kind: f.kind,
  wall_id: f.wallId,
  rises: f.rises,
  x_mm: f.xMm,
  width_mm: f.widthMm,
  bottom_mm: f.bottomMm,
  height_mm: f.heightMm,
  depth_mm: f.depthMm,
  mantel_width_mm: f.mantel?.widthMm ?? null,
  mantel_depth_mm: f.mantel?.depthMm ?? null,
  mantel_top_mm: f.mantel?.topMm ?? null,
  colours_json: json(f.colours),
});
export const rowToFitting = (r: Row): Fitting => ({
  id: text(r.id!),
  name: text(r.name!),
  kind: text(r.kind!),
  wallId: text(r.wall_id!),
  rises: text(r.rises!),
  xMm: num(r.x_mm!),
  widthMm: num(r.width_mm!),
  bottomMm: num(r.bottom_mm!),
  heightMm: num(r.height_mm!),
  depthMm: num(r.depth_mm!),
  mantel:
    r.mantel_width_mm === null
      ? null
      : { widthMm: num(r.mantel_width_mm!), depthMm: num(r.mantel_depth_mm!), topMm: num(r.mantel_top_mm!) },
  colours: fromJson(r.colours_json!),
});

export const pieceToRow = (x: Piece, p: Place): Row => ({
  ...p,
  id: x.id,
  name: x.name,
  kind: x.kind,
  x_mm: x.xMm,
  y_mm: x.yMm,
  turn_deg: x.turnDeg,
  width_mm: x.widthMm,
  depth_mm: x.depthMm,
  height_mm: x.heightMm,
  bottom_mm: x.bottomMm,
  seat_width_mm: x.seat?.widthMm ?? null,
  seat_height_mm: x.seat?.heightMm ?? null,
  seat_depth_mm: x.seat?.depthMm ?? null,
  seats: x.seat?.seats ?? null,
  wanted_sitters: x.seat?.wantedSitters ?? null,
  arm_height_mm: x.seat?.armHeightMm ?? 0,
  loose_cushions: x.seat?.looseCushions ?? 0,
  mattress_mm: x.bed?.mattressMm ?? null,
  headboard_mm: x.bed?.headboardMm ?? null,
  footboard_mm: x.bed?.footboardMm ?? null,
  shelves_json: json(x.shelvesMm),
  chairs: x.chairs,
  colours_json: json(x.colours),
  pattern_kind: x.pattern.kind,
  pattern_repeat_mm: x.pattern.repeatMm,
});
export const rowToPiece = (r: Row): Piece => ({
  id: text(r.id!),
  name: text(r.name!),
  kind: text(r.kind!),
  xMm: num(r.x_mm!),
  yMm: num(r.y_mm!),
  turnDeg: num(r.turn_deg!),
  widthMm: num(r.width_mm!),
  depthMm: num(r.depth_mm!),
  heightMm: num(r.height_mm!),
  bottomMm: num(r.bottom_mm!),
  seat:
    r.seat_width_mm === null
      ? null
      : {
          widthMm: num(r.seat_width_mm!),
          heightMm: num(r.seat_height_mm!),
          depthMm: num(r.seat_depth_mm!),
          seats: num(r.seats!),
          wantedSitters: num(r.wanted_sitters!),
          armHeightMm: num(r.arm_height_mm!),
          looseCushions: num(r.loose_cushions!),
        },
  bed:
    r.mattress_mm === null
      ? null
      : {
          mattressMm: num(r.mattress_mm!),
          headboardMm: num(r.headboard_mm!),
          footboardMm: num(r.footboard_mm!),
        },
  shelvesMm: fromJson(r.shelves_json!),
  chairs: num(r.chairs!),
  colours: fromJson(r.colours_json!),
  pattern: { kind: text(r.pattern_kind!), repeatMm: num(r.pattern_repeat_mm!) },
});

export const lookToRow = (l: Look, p: Place): Row => ({
  ...p,
  id: l.id,
  name: l.name,
  season: l.season,
  tab_order: l.order,
  sheet_taken: l.sheetTaken,
  approved_json: json(l.approvedWallIds),
  rod_line_mm: l.rodLineMm,
  planned_shares_json: l.plannedShares && json(l.plannedShares),
});
export const rowToLook = (
  r: Row,
  lists: Pick<Look, 'dressings' | 'hangings' | 'groups' | 'placements'>,
): Look => ({
  id: text(r.id!),
  name: text(r.name!),
  season: textOrNull(r.season!),
  order: num(r.tab_order!),
  sheetTaken: textOrNull(r.sheet_taken!),
  approvedWallIds: fromJson(r.approved_json!),
  rodLineMm: numOrNull(r.rod_line_mm!),
  plannedShares: r.planned_shares_json === null ? null : fromJson(r.planned_shares_json!),
  ...lists,
});

export const dressingToRow = (d: Dressing, p: LookPlace): Row => ({
  ...p,
  id: d.id,
  opening_id: d.openingId,
  item_id: d.itemId,
  heading: d.heading,
  landing: d.landing,
  rod_height_mm: d.rodHeightMm,
  extension_left_mm: d.extensionLeftMm,
  extension_right_mm: d.extensionRightMm,
  fullness: d.fullness,
  panels: d.panels,
  route_kind: d.route?.kind ?? null,
  route_stock_mm: d.route?.stockMm ?? null,
  drawn: d.drawn,
  mount: d.mount,
  hem_at: d.hemAt,
  rod_make: d.rod.make,
  rod_outer_mm: d.rod.outerMm,
  pin_mm: d.pinMm,
  joins_next: bit(d.joinsNext),
  cloth_width_mm: d.making.clothWidthMm,
  repeat_mm: d.making.repeatMm,
  half_drop: bit(d.making.halfDrop),
  lining: d.making.lining,
  light_share: d.lightShare,
  sheer_heading: d.sheer?.heading ?? null,
  sheer_item_id: d.sheer?.itemId ?? null,
  sheer_landing: d.sheer?.landing ?? null,
  sheer_fullness: d.sheer?.fullness ?? null,
  sheer_panels: d.sheer?.panels ?? null,
  sheer_drawn: d.sheer?.drawn ?? null,
});
export const rowToDressing = (r: Row): Dressing => ({
  id: text(r.id!),
  openingId: text(r.opening_id!),
  itemId: textOrNull(r.item_id!),
  heading: text(r.heading!),
  landing: text(r.landing!),
  rodHeightMm: numOrNull(r.rod_height_mm!),
  extensionLeftMm: numOrNull(r.extension_left_mm!),
  extensionRightMm: numOrNull(r.extension_right_mm!),
  fullness: numOrNull(r.fullness!),
  panels: numOrNull(r.panels!),
  route: r.route_kind === null ? null : { kind: text(r.route_kind!), stockMm: numOrNull(r.route_stock_mm!) },
  drawn: text(r.drawn!),
  mount: text(r.mount!),
  hemAt: text(r.hem_at!),
  rod: { make: text(r.rod_make!), outerMm: numOrNull(r.rod_outer_mm!) },
  pinMm: numOrNull(r.pin_mm!),
  joinsNext: r.joins_next === 1,
  making: {
    clothWidthMm: numOrNull(r.cloth_width_mm!),
    repeatMm: numOrNull(r.repeat_mm!),
    halfDrop: r.half_drop === 1,
    lining: text(r.lining!),
  },
  lightShare: numOrNull(r.light_share!),
  sheer:
    r.sheer_heading === null
      ? null
      : {
          heading: text(r.sheer_heading!),
          itemId: textOrNull(r.sheer_item_id!),
          landing: text(r.sheer_landing!),
          fullness: numOrNull(r.sheer_fullness!),
          panels: numOrNull(r.sheer_panels!),
          drawn: text(r.sheer_drawn!),
        },
});

export const hangingToRow = (h: Hanging, p: LookPlace): Row => ({
  ...p,
  id: h.id,
  item_id: h.itemId,
  wall_id: h.wallId,
  over_piece_id: h.overPieceId,
  x_mm: h.xMm,
  centre_mm: h.centreMm,
  gap_mm: h.gapMm,
  hanger_json: json(h.hanger),
  group_id: h.groupId,
  group_dx_mm: h.groupAt?.dxMm ?? null,
  group_dy_mm: h.groupAt?.dyMm ?? null,
  pinned: bit(h.pinned),
  leans: bit(h.leans),
  print_item_id: h.print?.itemId ?? null,
  print_json: jsonOrNull(h.print && { ...h.print, itemId: null }),
});
export const rowToHanging = (r: Row): Hanging => ({
  id: text(r.id!),
  itemId: text(r.item_id!),
  wallId: text(r.wall_id!),
  overPieceId: textOrNull(r.over_piece_id!),
  xMm: numOrNull(r.x_mm!),
  centreMm: numOrNull(r.centre_mm!),
  gapMm: numOrNull(r.gap_mm!),
  hanger: fromJson(r.hanger_json!),
  groupId: textOrNull(r.group_id!),
  groupAt: r.group_dx_mm === null ? null : { dxMm: num(r.group_dx_mm!), dyMm: num(r.group_dy_mm!) },
  pinned: r.pinned === 1,
  leans: r.leans === 1,
  print:
    r.print_json === null
      ? null
      : { ...fromJson<FramedPrint>(r.print_json!), itemId: textOrNull(r.print_item_id!) },
});

export const groupToRow = (g: HangingGroup, p: LookPlace): Row => ({
  ...p,
  id: g.id,
  name: g.name,
  wall_id: g.wallId,
  kind: g.kind,
  hinge: g.hinge,
  over_piece_id: g.overPieceId,
  axis_id: g.axisId,
  x_mm: g.xMm,
  centre_mm: g.centreMm,
  above_mm: g.aboveMm,
  gap_mm: g.gapMm,
  apart_mm: g.apartMm,
  columns: g.columns,
  pitch_deg: g.pitchDeg,
  zone_json: jsonOrNull(g.zone),
  ratio: g.ratio,
  seed: g.seed,
  reuse_holes: bit(g.reuseHoles),
});
export const rowToGroup = (r: Row): HangingGroup => ({
  id: text(r.id!),
  name: text(r.name!),
  wallId: text(r.wall_id!),
  kind: text(r.kind!),
  hinge: text(r.hinge!),
  overPieceId: textOrNull(r.over_piece_id!),
  axisId: textOrNull(r.axis_id!),
  xMm: numOrNull(r.x_mm!),
  centreMm: numOrNull(r.centre_mm!),
  aboveMm: numOrNull(r.above_mm!),
  gapMm: numOrNull(r.gap_mm!),
  apartMm: numOrNull(r.apart_mm!),
  columns: numOrNull(r.columns!),
  pitchDeg: numOrNull(r.pitch_deg!),
  zone: fromJsonOrNull(r.zone_json!),
  ratio: numOrNull(r.ratio!),
  seed: num(r.seed!),
  reuseHoles: r.reuse_holes === 1,
});

export const placementToRow = (x: Placement, p: LookPlace): Row => ({
  ...p,
  id: x.id,
  item_id: x.itemId,
  piece_id: x.pieceId,
  placed_as: x.as,
  x_mm: x.xMm,
  layer: x.layer,
  fill: x.fill,
  turned: bit(x.turned),
});
export const rowToPlacement = (r: Row): Placement => ({
  id: text(r.id!),
  itemId: text(r.item_id!),
  pieceId: text(r.piece_id!),
  as: text(r.placed_as!),
  xMm: num(r.x_mm!),
  layer: num(r.layer!),
  fill: text(r.fill!),
  turned: r.turned === 1,
});

export const foundToRow = (f: Found, p: Place): Row => ({
  ...p,
  id: f.id,
  item_id: f.itemId,
  wall_id: f.wallId,
  verdict: f.verdict,
  to_room_id: f.toRoomId,
  place_id: f.placeId,
});
export const rowToFound = (r: Row): Found => ({
  id: text(r.id!),
  itemId: text(r.item_id!),
  wallId: textOrNull(r.wall_id!),
  verdict: textOrNull(r.verdict!),
  toRoomId: textOrNull(r.to_room_id!),
  placeId: textOrNull(r.place_id!),
});
export const irritationToRow = (i: Irritation, p: Place): Row => ({
  ...p,
  id: i.id,
  wall_id: i.wallId,
  text: i.text,
  done_in: i.doneIn,
});
export const rowToIrritation = (r: Row): Irritation => ({
  id: text(r.id!),
  wallId: textOrNull(r.wall_id!),
  text: text(r.text!),
  doneIn: textOrNull(r.done_in!),
});
export const taskToRow = (t: Task, p: Place): Row => ({
  ...p,
  id: t.id,
  kind: t.kind,
  text: t.text,
  item_id: t.itemId,
  wait_minutes: t.waitMinutes,
  started_at: t.startedAt,
  done: bit(t.done),
});
export const rowToTask = (r: Row): Task => ({
  id: text(r.id!),
  kind: text(r.kind!),
  text: text(r.text!),
  itemId: textOrNull(r.item_id!),
  waitMinutes: num(r.wait_minutes!),
  startedAt: textOrNull(r.started_at!),
  done: r.done === 1,
});
