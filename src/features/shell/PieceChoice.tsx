'use client';
import type { ReactNode } from 'react';
import { findOne } from '../../core/base/list';
import type { Piece } from '../../core/model/types';
import { placeOnWall } from '../../core/room/place';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { useRoom } from './room/RoomContext';

/** Which of several seats or beds is shown; one that is alone needs no choice. */
export function PieceChoice({
  label,
  pieces,
  shownId,
}: {
  label: string;
  pieces: readonly Piece[];
  shownId: string;
}): ReactNode {
  const { plan, pick, setWall } = useRoom();
  if (pieces.length < 2) return null;
  const choose = (id: string) => {
    pick(id);
    const chosen = findOne(pieces, (p) => p.id === id);
    setWall(placeOnWall(chosen, plan.walls).wallId);
  };
  return (
    <ToggleGroup
      label={label}
      variant="names"
      value={shownId}
      options={pieces.map((p) => ({ value: p.id, label: p.name }))}
      onChange={choose}
      className="mb-3"
    />
  );
}
