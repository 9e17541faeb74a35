'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import type { Change } from '../../../core/model/change';
import type { Piece } from '../../../core/model/types';
import { Button } from '../../../ui/Button';
import { LengthField, NumberField, TAKEN, type Answer } from '../../../ui/Field';
import { Findings } from '../../shell/Findings';
import { LayerSelect } from '../../shell/LayerSelect';
import { useRoom } from '../../shell/room/RoomContext';
import { SheetTitle } from '../../shell/Workspace';
import { useFurniture } from './useFurniture';

/** How the look arranges the furniture: the picked piece, or everything that it moves, takes out and brings in. */
export function ArrangeSheet(): ReactNode {
  const { arranged, picked } = useRoom();
  const piece = arranged.pieces.find((p) => p.id === picked);
  return piece ? <PieceSheet key={piece.id} piece={piece} /> : <Differences />;
}

function PieceSheet({ piece: p }: { piece: Piece }): ReactNode {
  const t = useTranslations();
  const { file, look, change, pick } = useRoom();
  const { put, remove, takes } = useFurniture('look');
  const { unit, walls } = file.room;
  const [west, north] = [Math.min(...walls.map((w) => w.xMm)), Math.min(...walls.map((w) => w.yMm))];
  const key = (field: string) => `${look.id}-${p.id}-${field}`;
  const set = (patch: Partial<Piece>): Answer => {
    const next = { ...p, ...patch };
    if (!takes(next)) return { took: false, message: t('arrange.pastWall') };
    change([put(next)]);
    return TAKEN;
  };
  const brought = look.brought.find((row) => row.id === p.id);
  const isBrought = brought !== undefined;
  const measured = file.pieces.find((own) => own.id === p.id);
  const isMoved = look.moved.some((m) => m.id === p.id);
  const count = look.placements.filter((x) => x.spot.of === p.id).length;
  const removeIt = () => {
    change([remove(p)]);
    pick(null);
  };
  return (
    <>
      <SheetTitle detail={t(`measure.kinds.${p.kind}`)}>{p.name}</SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField
          label={t('measure.fromWest')}
          draftKey={key('x')}
          valueMm={p.xMm - west}
          unit={unit}
          onCommit={(mm) => set({ xMm: mm + west })}
        />
        <LengthField
          label={t('measure.fromNorth')}
          draftKey={key('y')}
          valueMm={p.yMm - north}
          unit={unit}
          onCommit={(mm) => set({ yMm: mm + north })}
        />
        <NumberField
          label={t('measure.turn')}
          suffix="°"
          draftKey={key('turn')}
          value={p.turnDeg}
          range={[-360, 360]}
          onCommit={(turnDeg) => set({ turnDeg })}
        />
      </div>
      {brought && (
        <div className="mt-2.5">
          <LayerSelect
            layer={brought.layer}
            onChange={(layer) =>
              change([{ do: 'putBrought', lookId: look.id, brought: { ...brought, layer } }])
            }
          />
        </div>
      )}
      {isMoved && measured && (
        <p className="mt-3 text-[14px] text-soft">
          {t('arrange.own', {
            west: formatLength(measured.xMm - west, unit),
            north: formatLength(measured.yMm - north, unit),
          })}
        </p>
      )}
      <Findings findings={useFindingsAbout(p.id)} />
      <div className="mt-5 flex flex-wrap items-center gap-2 border-t border-line pt-3">
        <Button small onClick={() => pick(null)}>
          {t('measure.back')}
        </Button>
        {isMoved && (
          <Button small onClick={() => change([{ do: 'removeMoved', lookId: look.id, id: p.id }])}>
            {t('arrange.putBack')}
          </Button>
        )}
        <Button small onClick={removeIt}>
          {t(isBrought ? 'arrange.putAway' : 'arrange.takeOut')}
        </Button>
        {isBrought && <p className="text-[13px] text-soft">{t('arrange.carried', { count })}</p>}
      </div>
    </>
  );
}

function useFindingsAbout(id: string) {
  const { plan } = useRoom();
  return plan.findings.filter((f) => f.stage === 'measure' && f.about.includes(id));
}

type Line = { id: string; name: string; act: 'moved' | 'out' | 'in'; undo: Change; undoLabel: string };

function Differences(): ReactNode {
  const t = useTranslations('arrange');
  const { file, arranged, look, plan, change, pick } = useRoom();
  const names = new Map([...file.pieces, ...arranged.pieces].map((p) => [p.id, p.name]));
  const lookId = look.id;
  const lines: Line[] = [
    ...look.moved.map(({ id, isOut }): Line => ({
      id,
      name: names.get(id) ?? '',
      act: isOut ? 'out' : 'moved',
      undo: { do: 'removeMoved', lookId, id },
      undoLabel: t(isOut ? 'bringBack' : 'putBack'),
    })),
    ...look.brought.map(({ id, itemId }): Line => ({
      id,
      name: names.get(id) ?? file.items.find((i) => i.id === itemId)?.name ?? '',
      act: 'in',
      undo: { do: 'removeBrought', lookId, id },
      undoLabel: t('putAway'),
    })),
  ];
  return (
    <>
      <SheetTitle detail={file.room.name}>{t('title', { look: look.name })}</SheetTitle>
      <p className="text-[14px] text-soft">
        {lines.length === 0 ? t('asMeasured') : t('differs', { count: lines.length })}
      </p>
      <ul className="mt-2">
        {lines.map((line) => (
          <li key={line.id} className="flex items-baseline gap-2 border-b border-line py-1.5 text-[15px]">
            <span className="min-w-0 flex-1">
              {line.act === 'out' ? (
                line.name
              ) : (
                <button
                  type="button"
                  className="text-left underline-offset-4 hover:underline"
                  onClick={() => pick(line.id)}
                >
                  {line.name}
                </button>
              )}{' '}
              <span className="text-[13px] text-soft">{t(line.act)}</span>
            </span>
            <Button small aria-label={`${line.undoLabel}: ${line.name}`} onClick={() => change([line.undo])}>
              {line.undoLabel}
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-4">
        <Findings findings={plan.findings.filter((f) => f.stage === 'measure')} />
      </div>
    </>
  );
}
