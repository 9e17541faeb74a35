import 'server-only';
import { stringify } from 'devalue';
import { lookAsFound, lookToOpen } from '../core/model/records';
import { planLook, type Plan } from '../core/plan/planLook';
import { openRoom, type OpenRoom } from './rooms';

/** A room with the plans that its page shows first, so that it is drawn before the planner has come to the browser. */
export type RoomPage = { opened: OpenRoom; plans: readonly Plan[] };

/** What the browser keeps of earlier plans to reuse begins empty there. */
const withoutMemories = (plan: Plan): Plan => ({ ...plan, memories: new Map() });

/**
 * The page of a room as one text: a long value goes to the page several times as fast as one that React walks through. What
 * the file and the plans share is in it once, and is shared again where it is read. Undefined where there is no such room.
 */
export function roomPage(roomId: string, asked: { look: string | null; path: string }): string | undefined {
  const opened = openRoom(roomId);
  if (!opened) return undefined;
  const { file } = opened;
  const shown = new Set([lookToOpen(file, asked.look).id]);
  // Clear draws the room as it was found, whatever look is worked on
  if (asked.path.endsWith('/clear')) shown.add(lookAsFound(file).id);
  const plans = [...shown].map((lookId) => withoutMemories(planLook(file, { lookId })));
  return stringify({ opened, plans } satisfies RoomPage);
}
