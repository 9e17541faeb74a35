import type { Form } from '../../core/room/shape';
import { curtain, rod } from './curtain';
import type { DrawForm } from './drawn';
import { box, foliage, lampBase, leg, shade, vase } from './furniture';
import type { ObjectFormName } from './objects';
import { picture } from './picture';
import { fire, frame, pane, radiator, skirting, socket, stairs, wall } from './shell';
import { across, cushion, pillow, spread, throwOver, tossed } from './soft';

/** How each form is drawn, but for those of things on surfaces, which are loaded when they are needed. */
export const FORMS: Record<Exclude<Form, ObjectFormName>, DrawForm> & Partial<Record<Form, DrawForm>> = {
  wall,
  skirting,
  frame,
  door: frame,
  pane,
  stairs,
  radiator,
  socket,
  fire,
  curtain,
  rod,
  pillow,
  throw: throwOver,
  tossed,
  across,
  spread,
  cushion,
  box,
  leg,
  shade,
  lampBase,
  foliage,
  vase,
  picture,
};
