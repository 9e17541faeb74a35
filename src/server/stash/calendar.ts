import 'server-only';
import { createEvents, type EventAttributes } from 'ics';
import { loadRoom, loadRoomIds } from '../../data/roomRepository';
import { studioDatabase } from '../studio';
import { returnsOf } from './stash';

const dayOf = (day: string): [number, number, number] =>
  day.split('-').map(Number) as [number, number, number];
const momentOf = (iso: string): [number, number, number, number, number] => {
  const d = new Date(iso);
  return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate(), d.getUTCHours(), d.getUTCMinutes()];
};

/**
 * Returns and waiting times as a calendar (RFC 5545): the last day of each return, with warnings ahead, and
 * the end of each wait that has begun.
 */
export function calendar(warnDays: readonly number[]): string {
  const db = studioDatabase();
  const events: EventAttributes[] = [
    ...returnsOf().map((i): EventAttributes => ({
      uid: `return-${i.id}@rideau`,
      title: `Return by today: ${i.name}`,
      start: dayOf(i.returnBy!),
      duration: { days: 1 },
      description: [i.source, 'The tags are still on.'].filter(Boolean).join('. '),
      alarms: warnDays.map((days) => ({
        action: 'display',
        description: `${i.name}: ${days} days left to return it`,
        trigger: { days, before: true },
      })),
    })),
    ...loadRoomIds(db).flatMap((id) => {
      const room = loadRoom(db, id)!;
      return room.clear.tasks
        .filter((t) => !t.done && t.startedAt !== null && t.waitMinutes > 0)
        .map((t): EventAttributes => ({
          uid: `wait-${id}-${t.id}@rideau`,
          title: `${t.text}: the wait is over`,
          start: momentOf(new Date(Date.parse(t.startedAt!) + t.waitMinutes * 60_000).toISOString()),
          startInputType: 'utc',
          duration: { minutes: 15 },
          description: room.room.name,
        }));
    }),
  ];
  if (events.length === 0) return 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:rideau\r\nEND:VCALENDAR\r\n';
  const made = createEvents(events, { productId: 'rideau', calName: 'Rideau' });
  if (made.error) throw made.error;
  return made.value!;
}
