import { parse } from 'devalue';
import { beforeEach, expect, test } from 'vitest';
import { planLook } from '../../src/core/plan/planLook';
import type { RoomPage } from '../../src/server/roomPage';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';
import { demoStudio } from '../helpers/rooms';

ownStudio('roomPage');
const { roomPage } = await import('../../src/server/roomPage');
const { openRoom } = await import('../../src/server/rooms');

beforeEach(async () => {
  await restoreStudio(demoStudio());
});

const opened = (look: string | null, path = '/rooms/long-room/walls', id = 'long-room'): RoomPage =>
  parse(roomPage(id, { look, path })!) as RoomPage;
const looksOf = (page: RoomPage) => page.plans.map((plan) => plan.lookId);

test('a room’s page brings its file and the plan of the look that is asked for', () => {
  const page = opened('early-summer-blue');
  expect(page.opened).toEqual(openRoom('long-room'));
  expect(page.plans).toEqual([
    { ...planLook(page.opened.file, { lookId: 'early-summer-blue' }), memories: new Map() },
  ]);
});

test('without a look, or with one that is not there, it opens one that is dressed, not the record', () => {
  expect(looksOf(opened(null))).toEqual(['early-summer']);
  expect(looksOf(opened('of-another-room'))).toEqual(['early-summer']);
  expect(looksOf(opened('as-found'))).toEqual(['as-found']);
});

test('Clear also brings the room as it was found, once', () => {
  expect(looksOf(opened('early-summer', '/rooms/long-room/clear'))).toEqual(['early-summer', 'as-found']);
  expect(looksOf(opened('as-found', '/rooms/long-room/clear'))).toEqual(['as-found']);
});

test('a room that is not there has no page', () => {
  expect(roomPage('nowhere', { look: null, path: '/rooms/nowhere/walls' })).toBeUndefined();
});
