/**
 * A zone is what people finish in one go: the furniture on the floor, a wall with its windows, or one piece, mantel or
 * shelf with all that is on it.
 */
export type Zone = { of: 'floor' } | { of: 'wall' | 'host'; id: string };

const PREFIX = { wall: 'wall:', host: 'on:' } as const;

/** The name by which the approval of a zone is kept. */
export const nameOfZone = (zone: Zone): string =>
  zone.of === 'floor' ? 'floor' : `${PREFIX[zone.of]}${zone.id}`;

export function zoneNamed(name: string): Zone {
  if (name.startsWith(PREFIX.wall)) return { of: 'wall', id: name.slice(PREFIX.wall.length) };
  return name.startsWith(PREFIX.host) ? { of: 'host', id: name.slice(PREFIX.host.length) } : { of: 'floor' };
}
