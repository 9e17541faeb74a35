/**
 * How many of each there may be. The schema of files, changes and the studio's own lists are all held to these, so
 * that nothing is accepted that a backup would be refused for.
 */
export const LIMITS = {
  room: {
    walls: 60,
    holes: 600,
    slopes: 60,
    beams: 40,
    standpoints: 40,
    seesRoomIds: 40,
    wallPhotos: 60,
    readings: 4000,
    openings: 200,
    fittings: 400,
    pieces: 400,
    looks: 60,
  },
  clear: { found: 600, irritations: 300, tasks: 300, beforePhotos: 60 },
  look: {
    approvedWallIds: 60,
    approvedZones: 400,
    cushionsOut: 100,
    night: 100,
    moved: 400,
    brought: 200,
    dressings: 60,
    hangings: 300,
    groups: 100,
    placements: 600,
    works: 200,
  },
  cloth: { motifs: 60, flaws: 40, covers: 40 },
  studio: { rules: 500, homes: 2000, places: 2000, items: 50_000, rooms: 5000, photos: 20_000 },
} as const;
