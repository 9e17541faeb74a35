import { useTranslations } from 'next-intl';
import { memo, useState, type ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import type { LengthUnit, Mm } from '../../../core/base/units';
import type { Shape } from '../../../core/room/shape';
import { useRoom, useRoomAtRest } from '../room/RoomContext';

type Shapes = readonly Shape[];

/** What is on a drawing as a list, for who does not see it. While something is dragged the list waits. */
export function ThingsOnWall({ shapes }: { shapes: Shapes }): ReactNode {
  const { plan, file } = useRoom();
  const isDragged = plan !== useRoomAtRest().plan;
  const [listed, setListed] = useState(shapes);
  if (!isDragged && listed !== shapes) setListed(shapes);
  return <List shapes={isDragged ? listed : shapes} unit={file.room.unit} />;
}

const List = memo(function List({ shapes, unit }: { shapes: Shapes; unit: LengthUnit }): ReactNode {
  const t = useTranslations('shell');
  return (
    <figcaption className="sr-only">
      {t('onThisWall')}
      <ul>
        {listOf(shapes).map((l) => (
          <li key={l.about}>
            {t('thingOnWall', {
              name: l.name,
              from: formatLength(l.leftMm, unit),
              width: formatLength(l.rightMm - l.leftMm, unit),
              bottom: formatLength(l.bottomMm, unit),
              top: formatLength(l.topMm, unit),
            })}
          </li>
        ))}
      </ul>
    </figcaption>
  );
});

type Extent = { about: string; name: string; leftMm: Mm; rightMm: Mm; bottomMm: Mm; topMm: Mm };

/** Things with their extents, parts taken together, left to right. */
function listOf(shapes: Shapes): Extent[] {
  const things = new Map<string, Extent>();
  for (const { about, name, box } of shapes) {
    if (!name) continue;
    const [right, top] = [box.xMm + box.widthMm, box.yMm + box.heightMm];
    const known = things.get(about);
    things.set(about, {
      about,
      name: known?.name ?? name,
      leftMm: Math.min(known?.leftMm ?? box.xMm, box.xMm),
      rightMm: Math.max(known?.rightMm ?? right, right),
      bottomMm: Math.min(known?.bottomMm ?? box.yMm, box.yMm),
      topMm: Math.max(known?.topMm ?? top, top),
    });
  }
  return [...things.values()].sort((a, b) => a.leftMm - b.leftMm);
}
