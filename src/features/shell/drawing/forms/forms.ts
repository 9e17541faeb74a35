import type { Form } from '../../../../core/room/shape';
import { curtain, rod } from './curtain';
import type { DrawForm } from './drawn';
import { box, foliage, lampBase, leg, shade, vase } from './furniture';
import { picture } from './picture';
import { fire, frame, pane, radiator, skirting, socket, stairs, wall } from './shell';
import { cushion, pillow, throwOver } from './soft';

/** How each form is drawn. */
export const FORMS: Record<Form, DrawForm> = {
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
  cushion,
  box,
  leg,
  shade,
  lampBase,
  foliage,
  vase,
  picture,
};
